using Microsoft.Data.Sqlite;
using Rimrock.Storage;

namespace Rimrock.Web.Hosting;

/// <summary>Makes the day's copy of the database by itself, soon after the start and whenever a day has passed.</summary>
public sealed class DailyCopy(Copies copies, TimeProvider clock, ILogger<DailyCopy> log) : BackgroundService
{
    private static readonly TimeSpan Soon = TimeSpan.FromSeconds(30);
    private static readonly TimeSpan Between = TimeSpan.FromHours(1);

    private static readonly Action<ILogger, Exception?> LogFailed = LoggerMessage.Define(LogLevel.Warning, new EventId(2, "DailyCopy"),
        "The day's copy of the database could not be made");

    /// <inheritdoc/>
    protected override async Task ExecuteAsync(CancellationToken stoppingToken)
    {
        for (var wait = Soon; ; wait = Between)
        {
            await Task.Delay(wait, clock, stoppingToken);
            try
            {
                copies.Daily(DateOnly.FromDateTime(clock.GetLocalNow().Date));
            }
            catch (Exception error) when (error is SqliteException or IOException or UnauthorizedAccessException)
            {
                LogFailed(log, error);
            }
        }
    }
}
