using System.Collections.Concurrent;

namespace Rimrock.Web.Hosting;

/// <summary>How far the long answers that are being computed have got, by the caller's ticket.</summary>
public sealed class RunProgress
{
    private const int LongestTicket = 64;
    private readonly ConcurrentDictionary<string, double> shares = new();

    /// <summary>Share done of a ticket, 0 to 1; null for one that is not running.</summary>
    public double? ShareOf(string ticket) => shares.TryGetValue(ticket, out var share) ? share : null;

    /// <summary>Begins one; disposing ends it.</summary>
    /// <param name="ticket">The caller's ticket; null or overlong ones are not followed.</param>
    public Report Begin(string? ticket) => new(this, ticket is { Length: > 0 and <= LongestTicket } ? ticket : null);

    /// <summary>One long answer.</summary>
    public sealed class Report : IDisposable
    {
        private readonly RunProgress owner;
        private readonly string? ticket;

        internal Report(RunProgress owner, string? ticket)
        {
            this.owner = owner;
            this.ticket = ticket;
            Tell(0);
        }

        /// <summary>Tells the share done.</summary>
        public void Tell(double share)
        {
            if (ticket is not null)
            {
                owner.shares[ticket] = share;
            }
        }

        /// <inheritdoc/>
        public void Dispose()
        {
            if (ticket is not null)
            {
                owner.shares.TryRemove(ticket, out _);
            }
        }
    }
}
