using Rimrock.Core.Beliefs;
using Rimrock.Core.Driving;
using Rimrock.Core.Judgement;
using Rimrock.Core.Numerics;
using Rimrock.Core.Runs;

namespace Rimrock.Core.Fitting;

/// <summary>
/// The honest answer: the same plan for 256 members of what is believed (low-discrepancy, the same every time). Bands over time are of one day; chances
/// are of the year, each limit on the kind of day where it is likeliest. Bands are
/// P10, P50, P90 over members; chances are the judgement's (<see cref="Judge"/>) on the same runs;
/// contributions are squared rank correlations between a factor and a margin.
/// </summary>
public static class Ensemble
{
    // The layers, and behind the front face what passes its heat on.
    private static readonly BrakePart[] Banded =
        [.. Strata.LayerParts, BrakePart.FrontPadCore, BrakePart.FrontPlate, BrakePart.FrontBoots, BrakePart.FrontCaliper];

    /// <summary>Runs an ensemble.</summary>
    /// <param name="plan">The plan.</param>
    /// <param name="belief">What is believed about the car; null for the prior.</param>
    /// <param name="laid">The plan's days where they have been laid out already; parts do not change them.</param>
    /// <param name="settle">False to leave out the further members that a small danger asks for: the answer says that it is unsettled.</param>
    /// <param name="drawn">Place in the plan of the day that is drawn; null for the leading one.</param>
    /// <param name="cancel">Stops between stretches of the day.</param>
    /// <exception cref="InputFaultException">Everything that is wrong with the plan.</exception>
    /// <exception cref="BeyondModelException">The band would lie out of the model's range.</exception>
    public static BandResult Run(PredictionPlan plan, Population? belief = null, Year? laid = null, bool settle = true, int? drawn = null,
        CancellationToken cancel = default)
    {
        ArgumentNullException.ThrowIfNull(plan);
        InputFaultException.ThrowIfAny(plan.Faults());
        var year = laid ?? new Year(plan);
        var place = plan.PlaceOf(drawn);
        var (on, day) = (plan.EachDay()[place], year.Days[place]);
        var population = belief ?? Population.Prior;
        var scores = population.Scores;
        var reader = new LimitReader([on], [scores]);
        var layers = Banded.ToDictionary(part => part, _ => new float[scores.Length]);
        var courses = new CourseBands(scores.Length);
        var ends = new ModelEnds.Tally(on);
        var days = new JudgedDay[year.Days.Count];
        int[] order = [place, .. Enumerable.Range(0, days.Length).Where(i => i != place)];
        MemberRuns.SideBySide(days.Length, at => days[order[at]] = at == 0 ? Drawn()
            : Judge.Sharing([plan.EachDay()[order[at]]], population, year.Days[order[at]], cancel)[0], cancel);
        var edges = ends.Edges();
        var judged = new JudgedLife(days);
        judged = settle ? Judge.Settled(judged, year, cancel) : judged;

        // What is drawn is drawn by members of one weight.
        var picks = population.EqualWeights ? null : population.Picks();
        var ranks = new FactorRanks(picks is null ? scores : [.. picks.Select(member => scores[member])]);
        var codes = judged.Days.SelectMany(one => one.Rows).Select(row => row.Code).Distinct().ToList();
        var limitBands = new LimitBand[codes.Count];
        Parallel.For(0, limitBands.Length, i =>
        {
            limitBands[i] = LimitBandOf(judged.Most(one => one.Of(codes[i])), codes[i], ranks, picks);
        });
        var named = FittedVerdict.Names(judged);
        return new BandResult(judged.Members, Math.Round(judged.EffectiveMembers, 1), courses.TimesS,
            [.. DayRun.Sampled.Select((_, part) => courses.Of(part, picks))],
            [.. layers.Select(layer => PeakBandOf(layer.Key, Picked(layer.Value, picks)))],
            [.. limitBands.OrderByDescending(limit => limit.Harm).ThenByDescending(limit => limit.Chance.Share)
                .ThenBy(limit => limit.Code, StringComparer.Ordinal)], edges,
            judged.Danger, judged.Damage, FittedVerdict.Of(judged), named?.Limit, FittedVerdict.LookedAt, !settle && judged.Unsettled,
            named?.On.Plan.Leading().Kind, on.Leading().Kind,
            [.. judged.Days.Select(one => new DayChance(one.Plan.Leading().Kind, one.Plan.Leading().DaysAYear, one.Danger, one.Damage))],
            WaterOf(on, population));

        JudgedDay Drawn()
        {
            MemberRuns.Each(day.Phases, on, scores, (run, places, _) =>
            {
                ends.Add(run, [.. places.Select(same => same.Sum(member => population.Weights[member]))]);
                reader.Read(run, places);
                foreach (var (part, peaks) in layers)
                {
                    var place = (int)Strata.PeakPart(part);
                    var peak = run.Phases.Aggregate(Lanes.Create(double.NegativeInfinity), (so, phase) => Lanes.MaxNative(so, phase.Peak[place]));
                    for (var lane = 0; lane < places.Length; lane++)
                    {
                        foreach (var member in places[lane])
                        {
                            peaks[member] = (float)peak[lane];
                        }
                    }
                }

                courses.Add(run, places);
            }, cancel);
            ends.Edges();
            return reader.Judged([population])[0];
        }
    }

    private static Spread WaterOf(PredictionPlan on, Population population) => Quantiles.Weighted(
        [.. population.Cars().Select(car => (float)FluidToday.Of(on, car).WaterPercent)], population.Weights, 1);

    private static float[] Picked(float[] values, int[]? picks) => picks is null ? values : [.. picks.Select(member => values[member])];

    private static PeakBand PeakBandOf(BrakePart part, float[] peaks)
    {
        var band = Quantiles.Band(peaks);
        return new PeakBand(part, Math.Round(band.P10, 1), Math.Round(band.P50, 1), Math.Round(band.P90, 1));
    }

    private static LimitBand LimitBandOf(JudgedDay judged, string code, FactorRanks ranks, int[]? picks)
    {
        var place = judged.PlaceOf(code);
        var row = judged.Rows[place];
        var chance = judged.Of(row.Code)!;
        var demand = judged.Demand(row.Code);
        var margins = judged.Course(place).Margins;
        return new LimitBand(row.Code, row.HarmOf(judged.Plan), chance, chance.WorthTelling(row.HarmOf(judged.Plan)), demand?.P10, demand?.P50, demand?.P90,
            judged.When(row.Code),
            demand is null ? [] : ranks.Contributions(picks is null ? margins : [.. picks.Select(member => margins[member])]),
            judged.Plan.Leading().Kind);
    }
}
