using Rimrock.Core.Friction;
using Rimrock.Core.Numerics;
using Rimrock.Core.Prediction;
using Rimrock.Core.Rotors;
using Rimrock.Core.Vehicles;

namespace Rimrock.Core.Matching;

/// <summary>The limits of a day for one member: each demand against its capacity, with where and when, and with words where they are wanted.</summary>
internal sealed class MemberLimits(PredictionPlan plan, DayRun run, FluidToday fluid, int member, bool words)
{
    /// <summary>All of them.</summary>
    public List<Limit> All(IReadOnlyList<ColdStopResult> coldStops)
    {
        var limits = new List<Limit>
        {
            PadHot("front-pad-hot", "Front pads fade", plan.FrontPad, phase => phase.FrontEnergy),
            PadHot("rear-pad-hot", "Rear pads fade", plan.RearPad, phase => phase.RearEnergy),
            PadCold(),
            StreetCold(coldStops),
            FluidLimit("front-fluid", "Front fluid boils", BrakePart.FrontFluid),
            FluidLimit("rear-fluid", "Rear fluid boils", BrakePart.RearFluid),
            Part("front-seals", "Front seals harden", BrakePart.FrontSeals, Strata.SealLimitC, Harm.Danger, "The piston seals reach",
                "Titanium pistons or shims keep heat from the seals; a cool-down lap helps at no cost.",
                "Seal = mean of piston and caliper; limit of EPDM rubber, from memory, +-15 K."),
            Face("front-face", "Front rotors overheat", plan.FrontRotor, BrakePart.FrontFace),
            Face("rear-face", plan.RearRotor.Construction == RotorConstruction.Drum ? "Rear drums overheat" : "Rear rotors overheat", plan.RearRotor, BrakePart.RearFace),
            Cone(),
            Wear("front-wear", "Front pads wear through", plan.FrontPadMm ?? plan.Car.Front.PadNewMm, plan.Car.Front, phase => phase.FrontWornMm3),
            Wear("rear-wear", "Rear pads wear through", plan.RearPadMm ?? plan.Car.Rear.PadNewMm, plan.Car.Rear, phase => phase.RearWornMm3),
        };
        if (plan.OutsideHeat is { Place: Heat.HeatedPlace.Line } source)
        {
            limits.Add(Line(source));
        }

        return limits;
    }

    private Limit PadHot(string code, string title, Pad pad, Func<PhaseRecord, EnergyHistogram> energy)
    {
        var band = PadTables.Of(pad).Band;
        double demand = double.NegativeInfinity, worst = 0;
        PhaseRecord? first = null;
        foreach (var phase in run.Phases)
        {
            if (phase.Phase.Kind != PhaseKind.HotLap || energy(phase) is not { } spent || !(spent.Total(member) > 0))
            {
                continue;
            }

            demand = Math.Max(demand, spent.Quantile(1 - LimitFinder.HotShare, member));
            var beyond = spent.ShareAbove(band.ToC, member);
            worst = Math.Max(worst, beyond);
            first ??= beyond >= LimitFinder.HotShare ? phase : null;
        }

        if (double.IsNegativeInfinity(demand))
        {
            return Holds(code, title, band.ToC, "No hot lap in this plan.", Harm.Warning);
        }

        var sentence = first is null
            ? Words.When(words, $"{pad.Name} works to {band.ToC:0} °C; nine tenths of the hottest lap's braking stays below {demand:0} °C.")
            : Words.When(words, $"{pad.Name} works to {band.ToC:0} °C; in the hottest lap {100 * worst:0} % of the braking is done hotter than that.");
        return new Limit(code, title, "C", demand, band.ToC, band.ToC - demand, first is not null, first is null ? null : MomentOf(first, first.StartS), Harm.Warning, sentence,
            first is null ? null : Words.When(words, $"A pad that works to {Math.Ceiling((demand + 20) / 10) * 10:0} °C would hold in the middle of the band; look at its hot edge too."),
            "Demand: temperature that a tenth of the hottest lap's braking energy exceeds, read at the chart's basis. Capacity: upper edge of the working band (0.9 of the plateau, or as stated).");
    }

    private Limit PadCold()
    {
        const string code = "front-pad-cold";
        const string title = "Front pads too cold on the out lap";
        var band = PadTables.Of(plan.FrontPad).Band;
        var outLap = run.Phases.FindIndex(phase => phase.Phase.Kind == PhaseKind.OutLap);
        var first = run.Stops.Find(stop => stop.PhaseIndex == outLap);
        if (first is null)
        {
            return Holds(code, title, band.FromC, "No braking on the out lap.", Harm.Warning);
        }

        var atC = first.FrontEndC[member];
        var mu = first.FrontMu[member];
        var margin = atC - band.FromC;
        var gives = mu < WorkingBand.EdgeShare * band.PlateauMu && margin < 0;
        return new Limit(code, title, "C", atC, band.FromC, margin, gives, gives ? MomentOf(run.Phases[outLap], first.AtS) : null, Harm.Warning,
            Words.When(words, $"The first stop ends at {atC:0} °C with friction {mu:0.00}; {plan.FrontPad.Name} is at its best from {band.FromC:0} °C."),
            gives ? "Brake early on the out lap; two or three firm stops bring the pad in." : null,
            "Friction of the chart over the first stop of the out lap, energy-weighted. Capacity: lower edge of the working band.");
    }

    private Limit StreetCold(IReadOnlyList<ColdStopResult> coldStops)
    {
        var stop = coldStops.First(result => result is { SpeedKmh: 50, StartC: 5 });
        var allowed = stop.OriginalMetres * (1 + LimitFinder.ColdAllowance);
        var metres = stop.Metres.P50;
        var margin = allowed - metres;
        var more = metres - stop.OriginalMetres;
        return new Limit("street-cold", "First stop on a cold morning is long", "m", metres, allowed, margin, margin < 0,
            margin < 0 ? new Moment(0, PhaseKind.Road, 0, 0) : null, Harm.Danger,
            stop.ReachesAbs ? "Both pads reach the tyre's grip; there is no difference."
                : Words.When(words, $"From 50 km/h at 5 °C it stops in {metres:0.0} m, {Math.Abs(more):0.0} m {(more >= 0 ? "longer" : "shorter")} than the original pad at the same pedal force."),
            margin < 0 ? "A pad that grips from cold, or drive to the track on the old pads." : null,
            "Stop integrated with the pad warming, at the pedal force that gives 0.6 g on the warm original pad. Capacity: the original pad's distance plus 15 % (engineering judgement).");
    }

    private Limit FluidLimit(string code, string title, BrakePart part)
    {
        var limit = Part(code, title, part, fluid.VapourC, Harm.Danger, "the fluid reaches",
            "", "Boiling point from dry, wet and water; vapour shows 8 K (+-6) below it and 3 K lower for each 1000 m. Fluid at the piston from the heat network.");
        var fresh = fluid.DryC - fluid.BoilsC;
        return limit with
        {
            Sentence = Words.When(words, $"{plan.Fluid.Name} shows vapour from {fluid.VapourC:0} °C today ({fluid.WaterPercent:0.0} % water); {limit.Sentence}"),
            Change = !limit.Gives ? null : fresh > 5
                ? Words.When(words, $"Flush with the same fluid, new: it boils {fresh:0} K higher.")
                : "A fluid with a higher dry boiling point, or titanium pistons or shims.",
        };
    }

    private Limit Part(string code, string title, BrakePart part, double capacityC, Harm harm, string what, string change, string basis)
    {
        var hottest = run.Phases[0];
        PhaseRecord? first = null;
        foreach (var phase in run.Phases)
        {
            var peak = Peak(phase);
            hottest = peak > Peak(hottest) ? phase : hottest;
            first ??= peak >= capacityC ? phase : null;
        }

        var demand = Peak(hottest);
        var where = hottest.Phase.Kind == PhaseKind.Parked
            ? Words.When(words, $"{(hottest.PeakAtS[(int)part][member] - hottest.StartS) / 60:0} min after parking")
            : Words.When(words, $"in session {hottest.Phase.Session}");
        return new Limit(code, title, "C", demand, capacityC, capacityC - demand, first is not null,
            first is null ? null : MomentOf(first, first.PeakAtS[(int)part][member]), harm,
            Words.When(words, $"{what} {demand:0} °C {where}."), first is null ? null : change, basis);

        double Peak(PhaseRecord phase) => MemberLanes.At(in phase.Peak[(int)part], member);
    }

    private Limit Face(string code, string title, Rotor rotor, BrakePart part)
    {
        var drum = rotor.Construction == RotorConstruction.Drum;
        return Part(code, title, part, Strata.FaceLimitC(rotor), drum ? Harm.Warning : Harm.Danger, "The rubbing face reaches",
            drum ? "Longer gaps between hard stops; a drum sheds little heat." : "Shorter stints or air to the rotor's eye; a heavier rotor if that is not enough.",
            "Face = parabola through the outer cells with the flux as slope; limit by the ring's material, from memory, +-30 K for iron, +-100 K for carbon, +-50 K for drums.");
    }

    private Limit Cone()
    {
        const string code = "front-cone";
        const string title = "Front rotors cone";
        if (plan.FrontRotor.Construction == RotorConstruction.Drum || run.Phases.Count == 0)
        {
            return Holds(code, title, LimitFinder.ConeLimitUm, "No ring that could cone.", Harm.Warning);
        }

        double Edge(PhaseRecord phase) => 1000 * RingShape.EdgeMm(plan.FrontRotor, phase.Shape.ConeRad[member]);
        var most = run.Phases.Max(Edge);
        var first = run.Phases.FirstOrDefault(phase => Edge(phase) >= LimitFinder.ConeLimitUm);
        return new Limit(code, title, "µm", most, LimitFinder.ConeLimitUm, LimitFinder.ConeLimitUm - most, first is not null, first is null ? null : MomentOf(first, first.StartS), Harm.Warning,
            Words.When(words, $"The hot ring's edge stands {most / 1000:0.00} mm out of flat; pads wear in a wedge and the pedal gets longer."),
            first is null ? null : plan.FrontRotor.Construction == RotorConstruction.OnePiece ? "A two-piece rotor's ring is free to grow and keeps flat." : "More even air on both faces: open the shield.",
            "Thermal bending of the two cheeks, and the hat's hold on a one-piece ring (0.10 of ring less hat, x1.7). Limit 0.25 mm, engineering judgement, +-0.1.");
    }

    private Limit Line(Heat.OutsideHeat source)
    {
        var lineC = source.LineC(plan.Weather.AmbientC + Heat.WheelFactors.Median.WheelAirRiseK);
        var gives = lineC >= fluid.VapourC;
        return new Limit("line-fluid", "Fluid boils in a line", "C", lineC, fluid.VapourC, fluid.VapourC - lineC, gives, gives ? new Moment(1, PhaseKind.Parked, 0, 0) : null, Harm.Danger,
            Words.When(words, $"A line {source.DistanceMm:0} mm from a surface at {source.SourceC:0} °C settles at {lineC:0} °C."),
            gives ? "Move the line or put a bright shield between; fresh fluid alone only buys degrees." : null,
            "Radiation from a hot cylinder on a small line against slow air at 12 W/m2K (x1.5); fluid at rest, so it holds for a standing car.");
    }

    private Limit Wear(string code, string title, double startMm, AxleBrake brake, Func<PhaseRecord, Lane> worn)
    {
        var perMm = 2 * brake.Discs * brake.PadAreaCm2 * 100;
        var left = startMm - (worn(run.Phases[^1])[member] / perMm);
        var first = run.Phases.FirstOrDefault(phase => startMm - (worn(phase)[member] / perMm) < brake.PadLimitMm);
        var shown = Math.Max(0, left);
        return new Limit(code, title, "mm", shown, brake.PadLimitMm, shown - brake.PadLimitMm, first is not null,
            first is null ? null : MomentOf(first, first.EndS), left <= 0 ? Harm.Danger : Harm.Damage,
            left <= 0 ? Words.When(words, $"They start at {startMm:0.0} mm and are gone before the day ends: metal on metal.")
                : Words.When(words, $"They start at {startMm:0.0} mm and end the day at {left:0.0} mm."),
            first is null ? null : "A pad whose band covers the heat wears far less; else take a second set.",
            "Wear k150 x 2^((T - 150)/D) per MJ at the face temperature, by family (x1.7). Every pad counted as the worst of them, inner or outer, on the busier wheel.");
    }

    private static Limit Holds(string code, string title, double capacity, string sentence, Harm harm) =>
        new(code, title, "C", null, capacity, null, false, null, harm, sentence, null, sentence);

    private static Moment MomentOf(PhaseRecord phase, double atS) =>
        new(phase.Phase.Session, phase.Phase.Kind, phase.Phase.Lap, Math.Round((atS - phase.StartS) / 60, 1));
}
