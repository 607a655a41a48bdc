using System.Globalization;
using System.Text.Json;
using Dapper;
using Rimrock.Contract;
using Rimrock.Core.Logbook;
using Rimrock.Core.Runs;

namespace Rimrock.Storage;

/// <summary>Keeps what was believed of each day on the evening before, so that a later model or a later entry cannot make it wiser than it was.</summary>
/// <param name="database">The database.</param>
/// <param name="clock">The clock.</param>
public sealed class ForecastStore(Database database, TimeProvider clock)
{
    /// <summary>What was said of an entry's day: what is kept of it, or, the first time, what is said now, which is kept from then on.</summary>
    /// <param name="entry">The entry of the log.</param>
    /// <param name="now">What is said now.</param>
    public EveningForecast Keep(string entry, EveningForecast now)
    {
        ArgumentNullException.ThrowIfNull(now);
        using var connection = database.Open();
        connection.Execute("INSERT OR IGNORE INTO forecast (entry, model, said, body) SELECT id, @model, @said, @body FROM log_entry WHERE id = @entry",
            new
            {
                entry,
                model = PriorFactor.Model,
                said = clock.GetUtcNow().ToString("yyyy-MM-ddTHH:mm:ssZ", CultureInfo.InvariantCulture),
                body = JsonSerializer.Serialize(now, JsonRules.Strict),
            });
        var kept = connection.ExecuteScalar<string?>("SELECT body FROM forecast WHERE entry = @entry", new { entry });
        try
        {
            return kept is null ? now : JsonSerializer.Deserialize<EveningForecast>(kept, JsonRules.Strict) ?? now;
        }
        catch (JsonException)
        {
            // Written by a newer Rimrock: what is said now stands in, and what is kept stays.
            return now;
        }
    }
}
