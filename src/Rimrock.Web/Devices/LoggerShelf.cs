using System.Globalization;
using Rimrock.Devices;

namespace Rimrock.Web.Devices;

/// <summary>The last few loggers that were started; older ones are put away.</summary>
public sealed class LoggerShelf
{
    private const int Most = 8;
    private readonly Lock gate = new();
    private readonly Queue<(string Id, SimulatedLogger Logger)> loggers = new();
    private int started;

    /// <summary>Keeps a logger.</summary>
    public LoggerReady Add(SimulatedLogger logger)
    {
        ArgumentNullException.ThrowIfNull(logger);
        lock (gate)
        {
            var id = (++started).ToString(CultureInfo.InvariantCulture);
            loggers.Enqueue((id, logger));
            while (loggers.Count > Most)
            {
                loggers.Dequeue();
            }

            return new LoggerReady(id, logger.Frames.Count, logger.Frames[^1].TimeS);
        }
    }

    /// <summary>A logger by its id, or null.</summary>
    public SimulatedLogger? Find(string id)
    {
        lock (gate)
        {
            return loggers.FirstOrDefault(held => held.Id == id).Logger;
        }
    }
}
