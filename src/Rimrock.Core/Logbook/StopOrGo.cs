using Rimrock.Core.Driving;
using Rimrock.Core.Entries;
using Rimrock.Core.Fitting;
using Rimrock.Core.Fluids;
using Rimrock.Core.Runs;

namespace Rimrock.Core.Logbook;

/// <summary>
/// Stop or go, by the rules of the trade (common practice where not named). The car maker's service limits come first: they overrule every figure here.
/// </summary>
public static partial class StopOrGo
{
    /// <summary>A pad this far above its limit is watched, mm (common practice).</summary>
    public const double WatchPadMm = Vehicles.AxleBrake.WatchPadMm;

    /// <summary>A wedge or a difference of inner and outer pad beyond this tells of something stuck, mm (common practice).</summary>
    public const double WedgeMm = 1.5;

    /// <summary>Water beyond which street fluid is changed, % in the reservoir (common practice: testers turn red at 3).</summary>
    public const double WetPercent = 3;

    /// <summary>Vapour this near to what the day asks is watched, K (common practice).</summary>
    public const double NearVapourK = 20;

    /// <summary>What nobody reads off a reservoir, mm (common practice).</summary>
    private const double LevelMm = 3;

    private static readonly Said Trade = Finding.Trade;
    private static readonly Said Maker = Said.Of("stop-or-go.common-practice-your-car");

    /// <summary>The findings of an inspection, worst first, and last what nobody looked at.</summary>
    /// <param name="inspection">The inspection.</param>
    /// <param name="plan">The plan that its limits come from.</param>
    /// <param name="ahead">Events that lie ahead: what is found is held against them too; null for none.</param>
    /// <param name="spoken">What its note speaks of; null where nobody read it.</param>
    public static IReadOnlyList<Finding> Of(Inspection inspection, PredictionPlan plan, IReadOnlyList<AheadDay>? ahead = null,
        IReadOnlyList<Spoken>? spoken = null)
    {
        ArgumentNullException.ThrowIfNull(inspection);
        ArgumentNullException.ThrowIfNull(plan);
        var expected = ExpectedDay.Of(plan);
        var findings = inspection.Corners.SelectMany(look => Corner(look, plan, expected)).Concat(Sides(inspection)).Concat(Fluid(inspection, plan, expected))
            .Concat(FluidAhead(inspection, plan, ahead ?? []))
            .Concat(Written(inspection.Note, spoken ?? [], [])).ToList();
        if (findings.Count == 0)
        {
            findings.Add(Finding.NotJudged(Said.Of("stop-or-go.car"), Said.Of("stop-or-go.nothing-looked")));
        }

        return [.. findings.Concat(Bled(inspection)).Concat(Misfits(inspection.Bled ? plan with { Open = OpenSign.LeftOf(plan.Open, BledAlone) } : plan))
            .Concat(Overdue(plan)).OrderByDescending(finding => finding.Verdict), .. NotLooked.Of(inspection, plan)];
    }

    private static readonly Renewed BledAlone = new(true, false, Axles.Of(_ => false), Axles.Of(_ => false));

    private static IEnumerable<Finding> Bled(Inspection inspection) => !inspection.Bled ? []
        : [new Finding(Said.Of("part.pedal"), Verdict.Fine, Said.Of("stop-or-go.bled-and-firm"), Said.Of("stop-or-go.pump-before-you-drive"), Trade)];

    // What is due by its age is due however it looks.
    private static IEnumerable<Finding> Overdue(PredictionPlan plan) => Due.Of(plan).Select(due => new Finding(Said.Of("stop-or-go.what-is-fitted"),
        Verdict.ChangeBefore, due.Sentence, Said.Of("stop-or-go.due-by-age"), Trade));

    // What does not go together is never fine, however it looks; what was measured is judged by its measure.
    private static IEnumerable<Finding> Misfits(PredictionPlan plan) => HardStops.OfFitted(plan).Where(stop => stop.Code is not ("pad-worn" or "rotor-worn"))
        .Select(stop => new Finding(Said.Of("stop-or-go.what-is-fitted"), Verdict.StopNow, stop.Sentence, Said.Of("stop-or-go.misfit-stops"), Trade));

    private static IEnumerable<Finding> Sides(Inspection inspection)
    {
        foreach (var axle in Axles.Both)
        {
            var looks = inspection.Corners.Where(look => look.AxleOf() == axle && look.ThinnestMm() is not null).ToList();
            if (looks is [var one, var two] && Math.Abs(one.ThinnestMm()!.Value - two.ThinnestMm()!.Value) is var difference && difference > WedgeMm)
            {
                var thinner = one.ThinnestMm() < two.ThinnestMm() ? one : two;
                yield return new Finding(axle == Axle.Front ? Said.Of("stop-or-go.front-axle") : Said.Of("stop-or-go.rear-axle"), Verdict.Watch,
                    Said.Of("stop-or-go.thinner-other-side-circuits", CornerNames.Of(thinner.Corner), Units.Mm(difference)),
                    Said.Of("stop-or-go.both-sides-wear-alike"), Trade, "one-sided");
            }
        }
    }

    private static IEnumerable<Finding> Fluid(Inspection inspection, PredictionPlan plan, ExpectedDay? expected)
    {
        if (inspection.MoisturePercent is { } water && Water(water, plan, expected) is { } finding)
        {
            yield return finding;
        }

        if (inspection.FluidLevelMm is { } level)
        {
            yield return Level(level, plan, inspection);
        }
    }

    // Silicone drinks none; nothing is said of it.
    private static Finding? Water(double water, PredictionPlan plan, ExpectedDay? expected)
    {
        if (plan.Fluid.ClassOf() is { Silicone: true })
        {
            return null;
        }

        var fluid = FluidToday.Of(plan with { FluidState = plan.FluidState with { ReservoirWaterPercent = water } });
        return water >= WetPercent
                ? new Finding(Said.Of("part.fluid"), Verdict.ChangeBefore,
                    Said.Of("stop-or-go.water-reservoir-more-caliper", Units.Percent(water), Units.C(fluid.VapourC)),
                Said.Of("stop-or-go.3-reservoir-glycol-fluid"), Trade, "wet-reading")
                : expected?.FluidC is { } asks && fluid.VapourC <= asks
                    ? new Finding(Said.Of("part.fluid"), Verdict.ChangeBefore,
                        Said.Of("stop-or-go.water-boils-on-this-day", Units.Percent(water), Units.C(fluid.VapourC), Units.C(asks)),
                        Said.Of("stop-or-go.fluid-by-what-the-day-asks"), Trade, "wet-reading")
                : expected?.FluidC is { } near && fluid.VapourC < near + NearVapourK
                    ? new Finding(Said.Of("part.fluid"), Verdict.Watch,
                        Said.Of("stop-or-go.water-leaves-little", Units.Percent(water), Units.C(fluid.VapourC), Units.C(near)),
                        Said.Of("stop-or-go.fluid-by-what-the-day-asks"), Trade, "wet-reading")
                : new Finding(Said.Of("part.fluid"), Verdict.Fine, Said.Of("stop-or-go.water-vapour", Units.Percent(water), Units.C(fluid.VapourC)),
                    Said.Of("stop-or-go.below-3"), Trade, "wet-reading");
    }

    /// <summary>True where a day's level tells of a leak.</summary>
    internal static bool IsLeak(LogSession session) => session.FluidLevelMm is { } level && Level(level, session.Plan, null).Verdict == Verdict.StopNow;

    /// <summary>True where an inspection's level tells of a leak.</summary>
    internal static bool IsLeak(InspectionNote note) =>
        note.Inspection.FluidLevelMm is { } level && Level(level, note.Plan, note.Inspection).Verdict == Verdict.StopNow;

    private static IEnumerable<Finding> FluidAhead(Inspection inspection, PredictionPlan plan, IReadOnlyList<AheadDay> ahead) =>
        inspection.MoisturePercent is { } water && plan.Fluid.ClassOf() is not { Silicone: true }
            && AheadDay.Of(water, plan, inspection.Date, ahead) is { } finding ? [finding] : [];

    // What sounds like a sign is judged as one; a note is never fine.
    private static IEnumerable<Finding> Written(string? note, IReadOnlyList<Spoken> spoken, IReadOnlyList<Sign> ticked) =>
        string.IsNullOrWhiteSpace(note) ? [] : NoteRule.Findings(spoken, ticked)
            .Append(Finding.NotJudged(Said.Of("stop-or-go.your-note"), spoken.Count > 0 ? Said.Of("stop-or-go.rest-of-note-kept")
                : Said.Of("stop-or-go.you-wrote-kept-no")));

    /// <summary>
    /// A level that has fallen further than worn pads explain is a leak until shown otherwise (common practice): 30 % and 3 mm beyond it where the pads are
    /// known, else more than half-worn pads hold; less than that is fine of nothing, since nobody measured the pads.
    /// </summary>
    private static Finding Level(double levelMm, PredictionPlan plan, Inspection? inspection)
    {
        double? Worn(Axle axle)
        {
            var (brake, pads) = (plan.At(axle).Brake, plan.At(axle).Pads);
            var seen = inspection?.Corners.Where(look => look.AxleOf() == axle).SelectMany(look => new[] { look.InnerMm, look.OuterMm }).OfType<double>()
                .ToList() ?? [];
            var left = seen.Count > 0 ? seen.Average() : pads.ThinnestMm;
            return left is { } mm ? Math.Max(0, brake.PadNewMm - mm) : null;
        }

        var (frontWorn, rearWorn) = (Worn(Axle.Front), Worn(Axle.Rear));
        var half = WearForecast.LevelFallMm(plan.Car, (plan.Car.Front.PadNewMm - plan.Car.Front.PadLimitMm) / 2,
            (plan.Car.Rear.PadNewMm - plan.Car.Rear.PadLimitMm) / 2);
        if (frontWorn is null && rearWorn is null)
        {
            // More than the pads hold from new to the plate is no wear.
            var most = WearForecast.LevelFallMm(plan.Car, plan.Car.Front.PadNewMm, plan.Car.Rear.PadNewMm);
            return levelMm > ((1 + WearForecast.LevelFallSpread) * most) + LevelMm
                ? new Finding(Said.Of("stop-or-go.fluid-level"), Verdict.StopNow, Said.Of("stop-or-go.below-mark-more-than-any-wear", Units.Mm(levelMm),
                    Units.Mm(most)), Said.Of("stop-or-go.level-out-step-pads"), Trade)
                : levelMm <= half
                ? new Finding(Said.Of("stop-or-go.fluid-level"), levelMm <= LevelMm ? Verdict.Fine : Verdict.Watch,
                    levelMm <= LevelMm ? Said.Of("stop-or-go.at-the-mark", Units.Mm(levelMm)) : Said.Of("stop-or-go.below-mark-worn-pads", Units.Mm(levelMm)),
                Said.Of("stop-or-go.level-rough-pad-gauge"), Trade)
                : new Finding(Said.Of("stop-or-go.fluid-level"), Verdict.ChangeBefore,
                    Said.Of("stop-or-go.below-mark-more-half", Units.Mm(levelMm), Units.Mm(half)), Said.Of("stop-or-go.low-level-explained-leak"), Trade);
        }

        var explained = WearForecast.LevelFallMm(plan.Car, frontWorn ?? 0, rearWorn ?? 0);
        return levelMm > ((1 + WearForecast.LevelFallSpread) * explained) + LevelMm
            ? new Finding(Said.Of("stop-or-go.fluid-level"), Verdict.StopNow,
                Said.Of("stop-or-go.below-mark-pads-wear", Units.Mm(levelMm), Units.Mm(explained)), Said.Of("stop-or-go.level-out-step-pads"), Trade)
            : new Finding(Said.Of("stop-or-go.fluid-level"), Verdict.Fine,
                Said.Of("stop-or-go.below-mark-pads-wear-explains", Units.Mm(levelMm), Units.Mm(explained)), Said.Of("stop-or-go.level-follows-pads"), Trade);
    }
}
