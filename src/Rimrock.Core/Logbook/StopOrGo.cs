using Rimrock.Core.Driving;
using Rimrock.Core.Entries;
using Rimrock.Core.Fluids;
using Rimrock.Core.Runs;

namespace Rimrock.Core.Logbook;

/// <summary>
/// Stop or go, by the rules of the trade (common practice where not named). The car maker's service limits come first: they overrule every figure here.
/// </summary>
public static partial class StopOrGo
{
    /// <summary>A pad this far above its limit is watched, mm (common practice).</summary>
    public const double WatchPadMm = 2;

    /// <summary>A wedge or a difference of inner and outer pad beyond this tells of something stuck, mm (common practice).</summary>
    public const double WedgeMm = 1.5;

    /// <summary>A heat check longer than this is no hairline, mm (common practice, makers say 5 to 10).</summary>
    public const double LongCrackMm = 8;

    /// <summary>Water beyond which street fluid is changed, % in the reservoir (common practice: testers turn red at 3).</summary>
    public const double WetPercent = 3;

    private static readonly Said Trade = Finding.Trade;
    private static readonly Said Maker = Said.Of("stop-or-go.common-practice-your-car");

    /// <summary>The findings of an inspection, worst first.</summary>
    public static IReadOnlyList<Finding> Of(Inspection inspection, PredictionPlan plan)
    {
        ArgumentNullException.ThrowIfNull(inspection);
        ArgumentNullException.ThrowIfNull(plan);
        var findings = inspection.Corners.SelectMany(look => Corner(look, plan)).Concat(Sides(inspection)).Concat(Fluid(inspection, plan))
            .Concat(Unread(inspection.Note)).ToList();
        if (findings.Count == 0)
        {
            findings.Add(Finding.NotJudged(Said.Of("stop-or-go.car"), Said.Of("stop-or-go.nothing-looked")));
        }

        return [.. findings.OrderByDescending(finding => finding.Verdict)];
    }

    private static IEnumerable<Finding> Corner(CornerLook look, PredictionPlan plan)
    {
        var name = NameOf(look.Corner);
        var (brake, rotor) = (plan.At(look.AxleOf()).Brake, plan.At(look.AxleOf()).Rotors.Rotor);
        if (look.ThinnestMm() is { } thinnest)
        {
            yield return thinnest <= 0.5
                ? new Finding(Said.Of("stop-or-go.pads", name), Verdict.StopNow, Said.Of("stop-or-go.backing-plate-steel-iron"),
                    Said.Of("stop-or-go.pad-plate-stops-driving"),
                    Trade, "pads-thin")
                : thinnest < brake.PadLimitMm
                    ? new Finding(Said.Of("stop-or-go.pads", name), Verdict.ChangeBefore,
                        Said.Of("stop-or-go.thinnest-limit-change-before", Units.Mm(thinnest), Units.Mm(brake.PadLimitMm)),
                        Said.Of("stop-or-go.below-limit-changed"), Maker, "pads-thin")
                    : thinnest < brake.PadLimitMm + WatchPadMm
                        ? new Finding(Said.Of("stop-or-go.pads", name), Verdict.Watch,
                            Said.Of("stop-or-go.thinnest-above-limit-next", Units.Mm(thinnest), Units.Mm(thinnest - brake.PadLimitMm)),
                        Said.Of("stop-or-go.within-2-mm-limit"), Trade, "pads-thin")
                        : new Finding(Said.Of("stop-or-go.pads", name), Verdict.Fine,
                            Said.Of("stop-or-go.thinnest-go", Units.Mm(thinnest), Units.Mm(thinnest - brake.PadLimitMm)),
                            Said.Of("stop-or-go.well-above-limit"), Trade);
        }

        if (look is { InnerMm: { } inner, OuterMm: { } outer } && Math.Abs(inner - outer) > WedgeMm)
        {
            var (side, why) = inner < outer
                ? (Said.Of("stop-or-go.inner"), Said.Of("stop-or-go.inner-side-cooled-worse"))
                    : (Said.Of("stop-or-go.outer"), Said.Of("stop-or-go.piston-slider-sticks"));
            yield return new Finding(Said.Of("stop-or-go.caliper", name), Verdict.Watch,
                Said.Of("stop-or-go.pad-thinner", side, Units.Mm(Math.Abs(inner - outer)), why),
                Said.Of("stop-or-go.pads-one-caliper-wear"), Trade, "one-sided");
        }

        if (look is { LeadingMm: { } leading, TrailingMm: { } trailing } && Math.Abs(leading - trailing) > WedgeMm)
        {
            yield return new Finding(Said.Of("stop-or-go.pads", name), Verdict.Watch,
                Said.Of("stop-or-go.wedge-sliders-caliper-flexes", Units.Mm(Math.Abs(leading - trailing))), Said.Of("stop-or-go.wedge-beyond-1-5"), Trade,
                "wedge");
        }

        if (look.RotorMm is { } mm)
        {
            yield return mm < rotor.MinThicknessMm
                ? new Finding(Said.Of("stop-or-go.rotor", name), Verdict.StopNow,
                    Said.Of("stop-or-go.service-limit-discard-both", Units.Mm(mm), Units.Mm(rotor.MinThicknessMm)),
                    Said.Of("stop-or-go.below-service-limit-discarded"), Maker)
                : mm < rotor.MinThicknessMm + 0.3
                    ? new Finding(Said.Of("stop-or-go.rotor", name), Verdict.Watch,
                        Said.Of("stop-or-go.above-service-limit-order", Units.Mm(mm), Units.Mm(mm - rotor.MinThicknessMm)),
                    Said.Of("stop-or-go.within-0-3-mm"), Trade)
                    : new Finding(Said.Of("stop-or-go.rotor", name), Verdict.Fine,
                        Said.Of("stop-or-go.service-limit", Units.Mm(mm), Units.Mm(rotor.MinThicknessMm)), Said.Of("stop-or-go.above-service-limit"),
                        Maker);
        }

        if (look.RotorKg is { } kg && rotor.Finish?.MinRingMassKg is { } least)
        {
            yield return kg < least
                ? new Finding(Said.Of("stop-or-go.rotor", name), Verdict.StopNow,
                    Said.Of("stop-or-go.least-oxidised-away-carbon", Units.Kg(kg), Units.Kg(least)),
                    Said.Of("stop-or-go.below-least-mass-discarded"), Maker)
                : new Finding(Said.Of("stop-or-go.rotor", name), Verdict.Fine, Said.Of("stop-or-go.least", Units.Kg(kg), Units.Kg(least)),
                    Said.Of("stop-or-go.above-least-mass"), Maker);
        }

        if (look.Reach != CrackReach.None)
        {
            yield return new Finding(Said.Of("stop-or-go.rotor", name), Verdict.StopNow,
                Said.Of("stop-or-go.crack-reaches-discard-before", look.CrackMm is { } reached ? Said.Of("stop-or-go.of", Units.Mm(reached)) : Said.Nothing,
                    look.Reach == CrackReach.Edge ? Said.Of("stop-or-go.edge") : look.Reach == CrackReach.Hole
                    ? Said.Of("stop-or-go.hole") : Said.Of("stop-or-go.end-slot")), Said.Of("stop-or-go.crack-hole-slot-end"), Trade, "long-crack");
        }
        else if (look.CrackMm is { } crack && crack > 0)
        {
            yield return crack > LongCrackMm
                ? new Finding(Said.Of("stop-or-go.rotor", name), Verdict.ChangeBefore, Said.Of("stop-or-go.crack-reaches-nothing-yet", Units.Mm(crack)),
                    Said.Of("stop-or-go.cracks-beyond-8-mm"), Maker, "long-crack")
                : new Finding(Said.Of("stop-or-go.rotor", name), Verdict.Fine, Said.Of("stop-or-go.hairlines-normal-track-rotor", Units.Mm(crack)),
                    Said.Of("stop-or-go.heat-checks-normal-while"), Trade);
        }

        if (look.Film is Film.Patchy or Film.Spots or Film.Overheated)
        {
            yield return new Finding(Said.Of("stop-or-go.rotor", name), Verdict.Watch, look.Film switch
            {
                Film.Patchy => Said.Of("stop-or-go.patchy-film-bed-again"),
                Film.Spots => Said.Of("stop-or-go.spots-four-firm-stops"),
                _ => Said.Of("stop-or-go.deep-blue-all-over"),
            }, Said.Of("stop-or-go.uneven-film-judder-come"), Trade);
        }

        if (look.Film == Film.Even)
        {
            yield return new Finding(Said.Of("stop-or-go.rotor", name), Verdict.Fine, Said.Of("stop-or-go.even-film"), Said.Of("stop-or-go.even-film-should"),
                Trade);
        }

        if (look is { RotorKg: { } weighed } && rotor.Finish?.MinRingMassKg is null)
        {
            yield return Finding.NotJudged(Said.Of("stop-or-go.rotor", name), Said.Of("stop-or-go.least-mass-not-known", Units.Kg(weighed)));
        }

        if (look.BootTorn)
        {
            yield return new Finding(Said.Of("stop-or-go.caliper", name), Verdict.ChangeBefore,
                Said.Of("stop-or-go.torn-burnt-dust-boot"),
                Said.Of("stop-or-go.torn-boots-changed"), Trade);
        }
    }

    private static IEnumerable<Finding> Sides(Inspection inspection)
    {
        foreach (var axle in Axles.Both)
        {
            var looks = inspection.Corners.Where(look => look.AxleOf() == axle && look.ThinnestMm() is not null).ToList();
            if (looks is [var one, var two] && Math.Abs(one.ThinnestMm()!.Value - two.ThinnestMm()!.Value) is var difference && difference > WedgeMm)
            {
                var thinner = one.ThinnestMm() < two.ThinnestMm() ? one : two;
                yield return new Finding(axle == Axle.Front ? Said.Of("stop-or-go.front-axle") : Said.Of("stop-or-go.rear-axle"), Verdict.Watch,
                    Said.Of("stop-or-go.thinner-other-side-circuits", NameOf(thinner.Corner), Units.Mm(difference)),
                    Said.Of("stop-or-go.both-sides-wear-alike"), Trade, "one-sided");
            }
        }
    }

    private static IEnumerable<Finding> Fluid(Inspection inspection, PredictionPlan plan)
    {
        if (inspection.MoisturePercent is { } water && plan.Fluid.ClassOf() is not { Silicone: true })
        {
            var fluid = FluidToday.Of(plan with { FluidState = plan.FluidState with { ReservoirWaterPercent = water } });
            yield return water >= WetPercent
                ? new Finding(Said.Of("part.fluid"), Verdict.ChangeBefore,
                    Said.Of("stop-or-go.water-reservoir-more-caliper", Units.Percent(water), Units.C(fluid.VapourC)),
                Said.Of("stop-or-go.3-reservoir-glycol-fluid"), Trade, "wet-reading")
                : new Finding(Said.Of("part.fluid"), Verdict.Fine, Said.Of("stop-or-go.water-vapour", Units.Percent(water), Units.C(fluid.VapourC)),
                    Said.Of("stop-or-go.below-3"), Trade, "wet-reading");
        }

        if (inspection.FluidLevelMm is { } level)
        {
            yield return Level(level, plan, inspection);
        }
    }

    private static IEnumerable<Finding> Unread(string? note)
    {
        if (!string.IsNullOrWhiteSpace(note))
        {
            yield return Finding.NotJudged(Said.Of("stop-or-go.your-note"), Said.Of("stop-or-go.you-wrote-kept-no"));
        }
    }

    /// <summary>
    /// A level that has fallen further than worn pads explain is a leak until shown otherwise (common practice): 30 % and 3 mm beyond it where the pads are
    /// known, else more than half-worn pads hold.
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
            return levelMm <= half
                ? new Finding(Said.Of("stop-or-go.fluid-level"), Verdict.Fine,
                    Said.Of("stop-or-go.below-mark-worn-pads", Units.Mm(levelMm)),
                Said.Of("stop-or-go.level-rough-pad-gauge"), Trade)
                : new Finding(Said.Of("stop-or-go.fluid-level"), Verdict.ChangeBefore,
                    Said.Of("stop-or-go.below-mark-more-half", Units.Mm(levelMm), Units.Mm(half)), Said.Of("stop-or-go.low-level-explained-leak"), Trade);
        }

        var explained = WearForecast.LevelFallMm(plan.Car, frontWorn ?? 0, rearWorn ?? 0);
        return levelMm > ((1 + WearForecast.LevelFallSpread) * explained) + 3
            ? new Finding(Said.Of("stop-or-go.fluid-level"), Verdict.StopNow,
                Said.Of("stop-or-go.below-mark-pads-wear", Units.Mm(levelMm), Units.Mm(explained)), Said.Of("stop-or-go.level-out-step-pads"), Trade)
            : new Finding(Said.Of("stop-or-go.fluid-level"), Verdict.Fine,
                Said.Of("stop-or-go.below-mark-pads-wear-explains", Units.Mm(levelMm), Units.Mm(explained)), Said.Of("stop-or-go.level-follows-pads"), Trade);
    }

    internal static Said NameOf(Corner corner) => corner switch
    {
        Entries.Corner.LeftFront => Said.Of("stop-or-go.left-front"),
        Entries.Corner.RightFront => Said.Of("stop-or-go.right-front"),
        Entries.Corner.LeftRear => Said.Of("stop-or-go.left-rear"),
        _ => Said.Of("stop-or-go.right-rear"),
    };
}
