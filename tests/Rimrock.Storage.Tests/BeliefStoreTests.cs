using Dapper;
using Rimrock.Core.Beliefs;
using Rimrock.Core.Driving;
using Rimrock.Core.Numerics;
using Rimrock.Core.Runs;

namespace Rimrock.Storage.Tests;

/// <summary>What was learnt is learnt once, and by the model that asks.</summary>
public sealed class BeliefStoreTests : IDisposable
{
    private readonly string folder = Directory.CreateTempSubdirectory("rimrock").FullName;
    private readonly Database database;
    private readonly BeliefStore beliefs;

    public BeliefStoreTests()
    {
        database = new Database(Path.Combine(folder, "log.db"));
        beliefs = new BeliefStore(database, TimeProvider.System);
    }

    public void Dispose()
    {
        Microsoft.Data.Sqlite.SqliteConnection.ClearAllPools();
        Directory.Delete(folder, recursive: true);
    }

    // Two members, with two sets of front pads: four guesses more than usual.
    private static double[] Row(double first) => [first, -1.0 / 3, .. new double[PriorFactor.All.Count + 2]];

    private static Learnt Made(double weight) => new(
        new ScopedBelief([Row(0.1), Row(1e-17)], [weight, 1 - weight], [[""], ["pads", "older pads"], ["rear"], ["fluid"], ["here, fast"]]), 1.9, 2, false,
        [new SeenAndBelieved(new Observation(ObservationKind.RotorPaint, AboveC: 430), new Spread(380, 450, 520), new Spread(430, 470, 510), false)],
        [new Spread(380, 450, 520), new Spread(400, 450, 500)], [[], [0.25, 0.75]]);

    [Fact]
    public void It_comes_back_to_the_last_digit_after_a_restart()
    {
        beliefs.Keep("some days", Made(0.3));
        var kept = new BeliefStore(new Database(Path.Combine(folder, "log.db")), TimeProvider.System).Find("some days")!;
        kept.Scoped.Rows.ShouldBe(Made(0.3).Scoped.Rows);
        kept.Scoped.Weights.ShouldBe(Made(0.3).Scoped.Weights);
        kept.Scoped.Keys[1].ShouldBe(["pads", "older pads"]);
        kept.Seen.ShouldBe(Made(0.3).Seen);
        kept.EveningWeights.ShouldBe([[], [0.25, 0.75]]);
        kept.EveningBefore.ShouldBe(Made(0.3).EveningBefore);
        (kept.EffectiveMembers, kept.Rounds, kept.Contradicted).ShouldBe((1.9, 2, false));
        beliefs.Find("other days").ShouldBeNull();
    }

    [Fact]
    public void Another_model_learns_anew_and_what_cannot_be_read_is_not_there()
    {
        beliefs.Keep("some days", Made(0.3));
        beliefs.Keep("torn", Made(0.3));
        using (var connection = database.Open())
        {
            connection.Execute("UPDATE belief SET model = model - 1 WHERE evidence = 'some days'");
            connection.Execute("UPDATE belief SET body = x'00FF12' WHERE evidence = 'torn'");
        }

        beliefs.Find("some days").ShouldBeNull();
        beliefs.Find("torn").ShouldBeNull();
        var wide = Made(0.3);
        beliefs.Keep("too wide", wide with { Scoped = wide.Scoped with { Rows = [[.. Row(1), 0], [.. Row(2), 0]] } });
        beliefs.Find("too wide").ShouldBeNull("rows of another shape");
        beliefs.Keep("torn", Made(0.4));
        beliefs.Find("torn")!.Scoped.Weights[0].ShouldBe(0.4);
    }

    [Fact]
    public void What_contradicts_the_model_stays_the_prior()
    {
        beliefs.Keep("impossible", Made(0.5) with { Scoped = ScopedBelief.Nothing, Contradicted = true });
        var plan = (PredictionPlan?)null;
        beliefs.Find("impossible")!.Of(plan!).ShouldBeSameAs(Population.Prior);
    }

    [Fact]
    public void The_last_forty_are_kept()
    {
        for (var i = 0; i < BeliefStore.Most + 5; i++)
        {
            beliefs.Keep($"days {i}", Made(0.3));
        }

        using var connection = database.Open();
        connection.ExecuteScalar<int>("SELECT count(*) FROM belief").ShouldBe(BeliefStore.Most);
        beliefs.Find($"days {BeliefStore.Most + 4}").ShouldNotBeNull();
    }
}
