using Rimrock.Core.Driving;
using Rimrock.Core.Entries;
using Rimrock.Core.Vehicles;

namespace Rimrock.Core.Logbook;

/// <content>What a corner on the stands tells.</content>
public static partial class StopOrGo
{
    /// <summary>Friction material at which nobody drives on, mm (common practice).</summary>
    public const double LeastPadMm = 2;

    /// <summary>The same on a motorcycle, mm (common practice).</summary>
    public const double LeastMotorcyclePadMm = 1;

    private const double AtThePlateMm = 0.5;

    private static IEnumerable<Finding> Corner(CornerLook look, PredictionPlan plan, ExpectedDay? expected)
    {
        var name = CornerNames.Of(look.Corner);
        var rotor = plan.At(look.AxleOf()).Rotors.Rotor;
        if (look.ThinnestMm() is { } thinnest)
        {
            yield return Pads(Said.Of("stop-or-go.pads", CornerNames.Of(look.Corner)), thinnest, look.AxleOf(), plan, expected);
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
            yield return look.IsDiscarded()
                ? new Finding(Said.Of("stop-or-go.rotor", name), Verdict.StopNow, Said.Of("stop-or-go.crack-reaches-nothing-yet", Units.Mm(crack)),
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

        foreach (var mark in (look.Marks ?? []).Distinct())
        {
            yield return MarkRule.Of(mark, name);
        }
    }

    private static Finding Pads(Said part, double thinnest, Axle axle, PredictionPlan plan, ExpectedDay? expected)
    {
        var brake = plan.At(axle).Brake;
        var least = plan.Car.Kind == VehicleKind.Motorcycle ? LeastMotorcyclePadMm : LeastPadMm;
        var session = expected?.SessionWearMm[axle] ?? 0;
        return thinnest <= AtThePlateMm
            ? new Finding(part, Verdict.StopNow, Said.Of("stop-or-go.backing-plate-steel-iron"), Said.Of("stop-or-go.pad-plate-stops-driving"), Trade,
                "pads-thin")
            : thinnest <= least
                ? new Finding(part, Verdict.StopNow, Said.Of("stop-or-go.too-thin-to-drive", Units.Mm(thinnest), Units.Mm(least)),
                    Said.Of("stop-or-go.least-pad-stops"), Trade, "pads-thin")
            : thinnest < session + 1
                ? new Finding(part, Verdict.StopNow, Said.Of("stop-or-go.not-a-session-left", Units.Mm(thinnest), Units.Mm(session)),
                    Said.Of("stop-or-go.a-session-and-1-mm"), Trade, "pads-thin")
            : thinnest < brake.PadLimitMm
                ? new Finding(part, Verdict.ChangeBefore, Said.Of("stop-or-go.thinnest-limit-change-before", Units.Mm(thinnest), Units.Mm(brake.PadLimitMm)),
                    Said.Of("stop-or-go.below-limit-changed"), Maker, "pads-thin")
            : thinnest < brake.PadLimitMm + WatchPadMm
                ? new Finding(part, Verdict.Watch, expected?.LapWearMm is { } lap && lap[axle] > 0
                    ? Said.Of("stop-or-go.thinnest-above-limit-laps", Units.Mm(thinnest), Units.Mm(thinnest - brake.PadLimitMm),
                        Math.Floor((thinnest - brake.PadLimitMm) / lap[axle]))
                    : Said.Of("stop-or-go.thinnest-above-limit-next", Units.Mm(thinnest), Units.Mm(thinnest - brake.PadLimitMm)),
                    Said.Of("stop-or-go.within-2-mm-limit"), Trade, "pads-thin")
            : new Finding(part, Verdict.Fine, Said.Of("stop-or-go.thinnest-go", Units.Mm(thinnest), Units.Mm(thinnest - brake.PadLimitMm)),
                Said.Of("stop-or-go.well-above-limit"), Trade);
    }
}
