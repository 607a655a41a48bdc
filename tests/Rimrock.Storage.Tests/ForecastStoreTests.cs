using Dapper;
using Rimrock.Core.Judgement;
using Rimrock.Core.Limits;
using Rimrock.Core.Logbook;
using Rimrock.Core.Numerics;
using Rimrock.Core.Preparation;

namespace Rimrock.Storage.Tests;

/// <summary>What was said on the evening before stays said.</summary>
public sealed class ForecastStoreTests : IDisposable
{
    private readonly string folder = Directory.CreateTempSubdirectory("rimrock").FullName;
    private readonly Database database;
    private readonly ForecastStore forecasts;

    public ForecastStoreTests()
    {
        database = new Database(Path.Combine(folder, "log.db"));
        forecasts = new ForecastStore(database, TimeProvider.System);
        new LogStore(database).Save("car", "event", "day", new DateOnly(2026, 5, 1), new SeasonEvent(new DateOnly(2026, 5, 1), "here", 20), 0);
    }

    public void Dispose()
    {
        Microsoft.Data.Sqlite.SqliteConnection.ClearAllPools();
        Directory.Delete(folder, recursive: true);
    }

    private static EveningForecast Said(double share) => new(new Spread(400, 450, 500), new Chance(share, 0.01, share + 0.02), new Chance(0, 0, 0.01),
        [new SaidLimit(LimitCode.FrontFluid, Harm.Danger, new Chance(share, 0.01, share + 0.02))]);

    [Fact]
    public void What_was_said_first_is_told_whatever_is_said_later()
    {
        forecasts.Keep("day", Said(0.2)).Danger.Share.ShouldBe(0.2);
        var kept = forecasts.Keep("day", Said(0.9));
        kept.Danger.ShouldBe(Said(0.2).Danger);
        kept.Limits.ShouldBe(Said(0.2).Limits);
        new ForecastStore(new Database(Path.Combine(folder, "log.db")), TimeProvider.System).Keep("day", Said(0.7)).Danger.Share.ShouldBe(0.2, "and after a restart");
    }

    [Fact]
    public void It_goes_with_its_day_and_nothing_is_kept_of_a_day_that_is_not_there()
    {
        forecasts.Keep("nobody", Said(0.3)).Danger.Share.ShouldBe(0.3);
        forecasts.Keep("day", Said(0.2));
        new LogStore(database).Delete("day", 1);
        using var connection = database.Open();
        connection.ExecuteScalar<int>("SELECT count(*) FROM forecast").ShouldBe(0);
    }

    [Fact]
    public void A_promise_is_held_against_what_was_said_then()
    {
        var promise = new KeptPromise(new DateOnly(2026, 5, 1), new Spread(500, 550, 600), 430, 480, false, Said(0).Danger, Said(0).Damage, []);
        promise.With(Said(0.2)).Kept.ShouldBe(true);
        promise.With(promise.AsSaid()).Kept.ShouldBe(false);
    }
}
