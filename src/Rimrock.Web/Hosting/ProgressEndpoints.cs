using System.Globalization;
using System.Runtime.CompilerServices;

namespace Rimrock.Web.Hosting;

/// <summary>Progress of long answers.</summary>
public static class ProgressEndpoints
{
    private static readonly TimeSpan BetweenReports = TimeSpan.FromMilliseconds(100);

    /// <summary>Maps them.</summary>
    public static void MapProgress(this RouteGroupBuilder group) =>
        group.MapGet("/{ticket}", (string ticket, RunProgress progress, CancellationToken cancel) =>
            TypedResults.ServerSentEvents(Shares(ticket, progress, cancel)))
            .WithName("readProgress")
            .WithSummary("The share done of a long answer, 0 to 1, as server-sent events; the ticket is the one that it was asked with.");

    private static async IAsyncEnumerable<string> Shares(string ticket, RunProgress progress, [EnumeratorCancellation] CancellationToken cancel)
    {
        while (progress.ShareOf(ticket) is { } share && share < 1)
        {
            yield return share.ToString("0.00", CultureInfo.InvariantCulture);
            await Task.Delay(BetweenReports, cancel);
        }

        yield return "1";
    }
}
