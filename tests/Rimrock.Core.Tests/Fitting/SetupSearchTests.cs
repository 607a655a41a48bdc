using Rimrock.Core.Driving;
using Rimrock.Core.Fitting;
using Rimrock.Core.Friction;

namespace Rimrock.Core.Tests.Fitting;

public class SetupSearchTests
{
    private static readonly PredictionPlan Plan = SampleParts.Plan() with { Stint = new Core.Driving.StintPlan(1, 20, 20) };
    private static readonly Day Day = new(Plan);
    private static readonly Wishes Free = new(RoadApprovalMust: false);

    [Fact]
    public void The_search_finds_what_weighing_every_setup_finds()
    {
        var search = new SetupSearch(Plan, ShelfSamples.Small, Free, Day);
        var found = search.Run(null, default);
        var all = ShelfSamples.All(Plan, ShelfSamples.Small, Free).Select(setup => (Selection: setup, Objectives: search.Quick(setup))).ToList();
        // Of the ten fluids with lines four are beaten in everything by another and are left out beforehand.
        found.Fillings.Count.ShouldBe(6);
        found.Examined.ShouldBe(all.Count / 10 * found.Fillings.Count, "nothing is passed over uncounted");

        // The oracle: in steps that nobody would tell apart, what no other setup beats in everything.
        var steps = all.Where(one => IsUsual(one.Selection)).Select(one => one.Objectives.Rounded(Free)).Distinct().ToList();
        var best = steps.Where(one => !steps.Any(other => other.Dominates(one))).ToHashSet();
        found.Front.Select(one => one.Objectives.Rounded(Free)).ToHashSet().SetEquals(best).ShouldBeTrue();
        foreach (var (objectives, setup) in found.Front)
        {
            search.Quick(setup).Chances.Danger.ShouldBe(objectives.Chances.Danger, 1e-9);
        }
    }

    // The rear has the same compound or a milder one (common practice).
    private static bool IsUsual(Selection setup) => PadPair.IsUsual(setup.FrontPad.Body, setup.RearPad);

    [Fact]
    public void No_rear_pad_is_bought_for_more_heat_than_the_front_one()
    {
        var (street, race) = (new Pad("street", "street-performance"), new Pad("race", "race-sintered"));
        PadPair.IsUsual(race, new("street", street)).ShouldBeTrue("a milder one at the rear");
        PadPair.IsUsual(street, new("street-2", street with { Name = "street 2" })).ShouldBeTrue("the same");
        PadPair.IsUsual(street, new("race", race)).ShouldBeFalse();
        PadPair.IsUsual(street, new(Selection.FittedId, race)).ShouldBeTrue("what is on the car stays");
        var found = new SetupSearch(Plan, ShelfSamples.Small, Free, Day).Run(null, default);
        found.Front.ShouldAllBe(one => IsUsual(one.Selection));
    }

    [Fact]
    public void The_best_setup_with_a_part_is_the_best_of_all_that_have_it()
    {
        var search = new SetupSearch(Plan, ShelfSamples.Small, Free, Day);
        var found = search.Run(null, default);
        var all = ShelfSamples.All(Plan, ShelfSamples.Small, Free).Where(IsUsual).Select(setup => (Selection: setup, Score: search.Quick(setup).Score(Free))).ToList();
        foreach (var pad in ShelfSamples.Small.Pads)
        {
            found.BestWith[("frontPad", pad.Id)].Objectives.Score(Free)
                .ShouldBe(all.Where(one => one.Selection.FrontPad.Id == pad.Id).Min(one => one.Score), 1e-6, pad.Id);
        }
    }

    [Fact]
    public void What_the_search_reckons_the_whole_day_confirms()
    {
        // The reduction: one run for each rotor and duct, pads read from it. Held against running the day with every part: cost within a tenth or 60 a season,
        // manners within 0.6. Its chances only nominate; how far they
        // miss is measured in ScreeningTests.
        var (plan, offer) = ReckonedPrices.Of(Plan, ShelfSamples.Small);
        var search = new SetupSearch(plan, offer, Free, Day);
        search.Run(null, default);
        var judge = new SetupJudge(Plan, ShelfSamples.Small, Free, new Core.Driving.Year(Day), Core.Beliefs.ScopedBelief.Nothing);
        var setups = ShelfSamples.All(Plan, ShelfSamples.Small, Free).Where((_, i) => i % 37 == 0).ToList();
        setups.Count.ShouldBeGreaterThan(10);
        foreach (var setup in setups)
        {
            var quick = search.Quick(Selection.OfKey(setup.Key(), plan, offer)!);
            var whole = judge.Draw(setup).Scaled;
            quick.Street.ShouldBe(whole.Street, 0.6, setup.Key());
            quick.CostPerSeason.ShouldBe(whole.CostPerSeason, 60 + (0.12 * whole.CostPerSeason), setup.Key());
            quick.EffortHours.ShouldBe(whole.EffortHours, 1e-9, setup.Key());
        }
    }

    [Fact]
    public void The_same_question_gets_the_same_answer_and_progress_ends_at_one()
    {
        var told = new List<double>();
        void Tell(double share)
        {
            lock (told)
            {
                told.Add(share);
            }
        }

        MatchAnswer Ask() => Matcher.Search(Plan, ShelfSamples.Small, Free, Tell).Answer(MatchStage.Sketch, Tell);
        var (first, second) = (Ask(), Ask());
        second.Shortlist.Select(setup => setup.Key).ShouldBe(first.Shortlist.Select(setup => setup.Key));
        second.Steps.Select(step => step.What).ShouldBe(first.Steps.Select(step => step.What));
        told.Max().ShouldBe(1);
        told.ShouldAllBe(share => share >= 0 && share <= 1);
    }

    [Fact]
    public void A_search_that_is_stopped_stops()
    {
        using var stop = new CancellationTokenSource();
        stop.Cancel();
        Should.Throw<OperationCanceledException>(() => Matcher.Match(Plan, ShelfSamples.Small, Free, cancel: stop.Token));
    }
}
