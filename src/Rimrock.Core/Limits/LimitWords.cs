using Rimrock.Core.Driving;
using Rimrock.Core.Friction;
using Rimrock.Core.Rotors;
using Rimrock.Core.Runs;

namespace Rimrock.Core.Limits;

/// <summary>A limit in words.</summary>
/// <param name="Title">What happens, in a few words.</param>
/// <param name="Sentence">Why, in one plain sentence.</param>
/// <param name="Change">What moves it, where it gives.</param>
/// <param name="Basis">How the figures came about.</param>
public sealed record LimitWords(Said Title, Said Sentence, Said Change, Said Basis)
{
    /// <summary>No pad works hotter on iron, C (common practice).</summary>
    public const double HottestIronPadC = 850;

    /// <summary>Nor on a carbon ring, C (engineering judgement).</summary>
    public const double HottestCarbonPadC = 950;

    // A pad asked for has this much in hand, and is named in round figures.
    private const double InHandK = 20;

    internal static LimitWords PadHot(Said title, MemberDay day, Reading reading, Pad pad, Rotor rotor, Func<PhaseRecord, EnergyHistogram> energy)
    {
        var basis = Said.Of("limit-words.demand-temperature-tenth-hottest");
        if (double.IsNaN(reading.Demand))
        {
            return new LimitWords(title, Said.Of("limit-words.no-hot-lap-plan"), "", basis);
        }

        var conflict = pad.RangeConflict() is { } stated
            ? Said.Of("limit-words.maker-says-own-chart", Units.C(stated.FromC), Units.C(stated.ToC)) : Said.Nothing;
        var sentence = reading.Gives
            ? Said.Of("limit-words.works-hottest-lap-braking", pad.Name, Units.C(reading.Capacity),
                Units.Percent(100 * day.WorstShareAbove(reading.Capacity, energy)))
            : Said.Of("limit-words.works-nine-tenths-hottest", pad.Name, Units.C(reading.Capacity), Units.C(reading.Demand));
        var asked = Math.Ceiling((reading.Demand + InHandK) / 10) * 10;
        var most = rotor.Material == RingMaterial.Iron ? HottestIronPadC : HottestCarbonPadC;
        if (asked <= most && day.Run.Stops.Exists(stop => stop.EarlierM[day.Lane] > 0))
        {
            return new LimitWords(title, sentence + conflict, Said.Of("limit-words.pad-works-well-above", Units.C(asked)), basis);
        }

        return new LimitWords(title, sentence + conflict, asked <= most
            ? Said.Of("limit-words.pad-works-would-hold", Units.C(asked))
            : Said.Of("limit-words.no-pad-works-disc", Units.C(asked), Units.K(asked - most), LessHeat.WithAir(day.Plan)), basis);
    }

    internal static LimitWords PadCold(MemberDay day, Reading reading)
    {
        var basis = Said.Of("limit-words.friction-chart-over-first");
        return new LimitWords(Said.Of("limit-words.front-pads-too-cold"), day.FirstStop() is var (stop, _)
            ? Said.Of("limit-words.first-stop-ends-friction", Units.C(reading.Demand), stop.FrontMu[day.Lane], day.Plan.FrontPad.Name,
                Units.C(reading.Capacity))
            : Said.Of("limit-words.no-braking-out-lap"), Said.Of("limit-words.brake-early-out-lap"), basis);
    }

    internal static LimitWords StreetCold(MemberDay day, Reading reading)
    {
        var stop = day.ColdMorning();
        var more = reading.Demand - stop.OriginalMetres;
        return new LimitWords(Said.Of("limit-words.first-stop-cold-morning"),
            stop.ReachesAbs ? Said.Of("limit-words.both-pads-reach-tyres")
                : Said.Of("limit-words.50-km-h-5", Units.M(reading.Demand), Units.M(Math.Abs(more)), more >= 0
                    ? Said.Of("limit-words.longer") : Said.Of("limit-words.shorter")),
            Said.Of("limit-words.pad-grips-cold-drive"),
            Said.Of("limit-words.stop-integrated-pad-warming"));
    }

    internal static LimitWords Fluid(Said title, MemberDay day, Reading reading, BrakePart part)
    {
        var fluid = day.Fluid;
        var missing = reading.Demand - (fluid.VapourC + fluid.DryC - fluid.BoilsC);
        return new LimitWords(title,
            Said.Of("limit-words.shows-vapour-today-water", day.Plan.Fluid.Name, Units.C(fluid.VapourC), Units.Percent(fluid.WaterPercent),
                Units.C(reading.Demand), Where(day, part)),
            fluid.DryC - fluid.BoilsC <= 5 ? Said.Of("limit-words.fluid-higher-dry-boiling")
                : missing > 0 ? Said.Of("limit-words.same-fluid-new-shows", Units.K(fluid.DryC - fluid.BoilsC), Units.K(missing))
                : Said.Of("limit-words.flush-same-fluid-new", Units.K(fluid.DryC - fluid.BoilsC)),
            Said.Of("limit-words.boiling-point-dry-wet"));
    }

    internal static LimitWords MissedStop(MemberDay day, Reading reading)
    {
        var worst = day.WorstStop();
        var (_, greatest) = Vehicles.LegForce.Of(day.Plan.Car);
        return new(Said.Of("limit-words.a-stop-is-missed"),
            worst is null ? Said.Of("limit-words.no-stop-plan")
                : reading.Demand <= 0 ? Said.Of("limit-words.every-stop-is-made", Units.N(greatest.Front))
                : !day.Plan.Leading().KindOf().IsTimed ? Said.Of("limit-words.road-stop-ends-too-fast", new Figure(reading.Demand, "km/h"),
                    Units.M(worst.MissingM[day.Lane]))
                : Said.Of("limit-words.stop-ends-too-fast", worst.Place + 1, day.Run.Phases[worst.PhaseIndex].Phase.Lap, new Figure(reading.Demand, "km/h"),
                    Units.M(worst.MissingM[day.Lane])),
            Said.Of("limit-words.pads-hold-friction-heat", LessHeat.Of(day.Plan)),
            Said.Of("limit-words.missed-stop-basis"));
    }

    internal static LimitWords OverEarly(MemberDay day, Reading reading) => new(Said.Of("limit-words.session-is-over-early"),
        reading.When is { } when ? Said.Of("limit-words.over-in-lap", when.Lap, when.Lap + reading.Demand)
            : Said.Of("limit-words.all-laps-driven"),
        Said.Of("limit-words.pads-hold-friction-heat", LessHeat.Of(day.Plan)),
        Said.Of("limit-words.comes-in-basis"));

    internal static LimitWords PaceLost(MemberDay day, Reading reading) => new(Said.Of("limit-words.pace-is-lost"),
        reading.Demand < 0.05 ? Said.Of("limit-words.brake-points-stay")
            : Said.Of("limit-words.brake-points-move", Units.M(day.Run.Stops.Max(stop => stop.EarlierM[day.Lane])), new Figure(reading.Demand, "s")),
        Said.Of("limit-words.pads-hold-friction-heat", LessHeat.Of(day.Plan)),
        Said.Of("limit-words.brake-points-basis"));

    internal static LimitWords Seals(Said title, MemberDay day, Reading reading) =>
        new(title, Said.Of("limit-words.piston-seals-reach", Units.C(reading.Demand), Where(day, BrakePart.FrontSeals)),
        Said.Of("limit-words.titanium-pistons-shims-keep"),
        Said.Of("limit-words.seal-mean-piston-caliper"));

    internal static LimitWords SealLife(MemberDay day, Reading reading) =>
        new(Said.Of("limit-table.front-seals-harden"), Said.Of("limit-words.piston-seals-use-life", Units.Percent(reading.Demand),
            Units.C(day.Peak(day.Hottest(BrakePart.FrontSeals), BrakePart.FrontSeals)), Where(day, BrakePart.FrontSeals)),
        Said.Of("limit-words.titanium-pistons-shims-keep"),
        Said.Of("limit-words.seal-life-halves"));

    internal static LimitWords Reaches(string title, string sentence, string basis, MemberDay day, Reading reading, BrakePart part) =>
        new(Said.Of(title), Said.Of(sentence, Units.C(reading.Demand), Where(day, part)),
            Said.Of("limit-words.less-heat-first", LessHeat.WithAir(day.Plan)), Said.Of(basis));

    internal static LimitWords Cracks(string title, MemberDay day, Reading reading) =>
        new(Said.Of(title), Said.Of("limit-words.day-uses-crack-life", Units.Percent(reading.Demand),
            Units.K(day.Run.Phases.Max(phase => phase.Shape.FaceOverMeanK[day.Lane]))),
        Said.Of("limit-words.less-heat-first", LessHeat.WithAir(day.Plan)),
        Said.Of("limit-words.crack-life-strain-squared"));

    internal static LimitWords Burning(MemberDay day, Reading reading) =>
        new(Said.Of("limit-table.front-rings-burn"), Said.Of("limit-words.day-burns-ring", Units.Percent(reading.Demand), Units.Percent(reading.Capacity)),
        Said.Of("limit-words.weigh-discs-cool"), Said.Of("limit-words.carbon-oxidation"));

    internal static LimitWords Face(Said title, MemberDay day, Reading reading, Rotor rotor, BrakePart part) =>
        new(title, Said.Of("limit-words.rubbing-face-reaches", Units.C(reading.Demand), Where(day, part)),
        rotor.Brake().Open
            ? Said.Of("limit-words.less-heat-first", LessHeat.WithAir(day.Plan)) : Said.Of("limit-words.longer-gaps-adjust-drums"),
        Said.Of("limit-words.face-parabola-through-outer"));

    internal static LimitWords RearLocks(MemberDay day, Reading reading) => new(Said.Of("limit-table.rear-locks-first"),
        reading.Gives ? Said.Of("limit-words.rear-locks-from", reading.Capacity / Speed.StandardGravityMS2, reading.Demand / Speed.StandardGravityMS2)
            : Said.Of("limit-words.front-locks-first"),
        Said.Of("limit-words.milder-rear-stronger-front"),
        Said.Of("limit-words.shares-of-hydraulics-and-tyres"));

    internal static LimitWords Cone(MemberDay day, Reading reading) => new(Said.Of("limit-words.front-rotors-cone"),
        double.IsNaN(reading.Demand) ? Said.Of("limit-words.no-ring-could-cone")
            : Said.Of("limit-words.hot-rings-edge-stands", Units.Mm(reading.Demand / 1000)),
        day.Plan.FrontRotor.Construction == RotorConstruction.OnePiece
            ? Said.Of("limit-words.two-piece-rotors-ring") : Said.Of("limit-words.more-even-air-both"),
        Said.Of("limit-words.thermal-bending-two-cheeks"));

    internal static LimitWords Line(MemberDay day, Reading reading)
    {
        var source = day.Plan.OutsideHeat!;
        return new LimitWords(Said.Of("limit-words.fluid-boils-line"),
            Said.Of("limit-words.line-surface-settles", Units.Mm(source.DistanceMm), Units.C(source.SourceC), Units.C(reading.Demand)),
            Said.Of("limit-words.move-line-put-bright"),
            Said.Of("limit-words.radiation-hot-cylinder-small"));
    }

    internal static LimitWords Wear(Said title, double startMm, Reading reading) => new(title,
        reading.Demand <= 0 ? Said.Of("limit-words.they-start-gone-before", Units.Mm(startMm))
            : Said.Of("limit-words.they-start-end-day", Units.Mm(startMm), Units.Mm(reading.Demand)),
        Said.Of("limit-words.pad-whose-band-covers"), WearBasis);

    internal static LimitWords WornThrough(Said title, double startMm, Reading reading) => new(title,
        reading.Gives ? Said.Of("limit-words.they-start-gone-before-day", Units.Mm(startMm))
            : Said.Of("limit-words.they-start-left-end", Units.Mm(startMm), Units.Mm(reading.Demand)),
        Said.Of("limit-words.new-pads-before-day"), WearBasis);

    private static readonly Said WearBasis =
        Said.Of("limit-words.wear-k150-x-2");

    private static Said Where(MemberDay day, BrakePart part)
    {
        var hottest = day.Hottest(part);
        return hottest.Phase.Kind == PhaseKind.Parked
            ? Said.Of("limit-words.after-parking", Units.Min((hottest.PeakAtS[(int)part][day.Lane] - hottest.StartS) / 60))
            : hottest.Phase.Kind == PhaseKind.Road ? Said.Of("limit-words.on-the-road") : Said.Of("limit-words.session", hottest.Phase.Session);
    }
}
