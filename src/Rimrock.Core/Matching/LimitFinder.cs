using System.Globalization;
using Rimrock.Core.Prediction;

namespace Rimrock.Core.Matching;

/// <summary>
/// Finds what gives and sorts it: first what gives, in the order of the day (worse harm first at the same moment), then
/// what holds, by how little of its capacity is left.
/// </summary>
public static class LimitFinder
{
    /// <summary>A pad counts as too hot in a lap when this share of the lap's energy is spent above its band.</summary>
    public const double HotShare = 0.1;

    /// <summary>A first stop may be this much longer than with the original pads (engineering judgement).</summary>
    public const double ColdAllowance = 0.15;

    /// <summary>A hot ring may stand so far out of flat at its edge, micrometres (engineering judgement, +-100).</summary>
    public const double ConeLimitUm = 250;

    /// <summary>All limits of a day with the band of their demand, from the middle, the cool and the hot member; sorted.</summary>
    public static IReadOnlyList<Limit> FindWithBand(PredictionPlan plan, DayRun run, FluidToday fluid, IReadOnlyList<ColdStopResult> coldStops, (int Middle, int Cool, int Hot) members)
    {
        var cool = Find(plan, run, fluid, coldStops, members.Cool).ToDictionary(limit => limit.Code);
        var hot = Find(plan, run, fluid, coldStops, members.Hot).ToDictionary(limit => limit.Code);
        return Sorted(Find(plan, run, fluid, coldStops, members.Middle).Select(limit => limit with
        {
            DemandLow = Least(cool[limit.Code].Demand, hot[limit.Code].Demand),
            DemandHigh = Most(cool[limit.Code].Demand, hot[limit.Code].Demand),
            MayGive = !limit.Gives && (cool[limit.Code].Gives || hot[limit.Code].Gives),
        }));

        static double? Least(double? a, double? b) => a is { } x && b is { } y ? Math.Min(x, y) : null;
        static double? Most(double? a, double? b) => a is { } x && b is { } y ? Math.Max(x, y) : null;
    }

    /// <summary>All limits of a day for one member.</summary>
    public static IReadOnlyList<Limit> Find(PredictionPlan plan, DayRun run, FluidToday fluid, IReadOnlyList<ColdStopResult> coldStops, int member)
    {
        ArgumentNullException.ThrowIfNull(plan);
        ArgumentNullException.ThrowIfNull(run);
        ArgumentNullException.ThrowIfNull(fluid);
        var limits = new List<Limit>
        {
            PadHot("front-pad-hot", "Front pads fade", plan.FrontPad, run, phase => phase.FrontEnergy, member),
            PadHot("rear-pad-hot", "Rear pads fade", plan.RearPad, run, phase => phase.RearEnergy, member),
            PadCold(plan, run, member),
            StreetCold(coldStops),
            FluidLimit("front-fluid", "Front fluid boils", plan, run, BrakePart.FrontFluid, fluid, member),
            FluidLimit("rear-fluid", "Rear fluid boils", plan, run, BrakePart.RearFluid, fluid, member),
            Part("front-seals", "Front seals harden", run, BrakePart.FrontSeals, Strata.SealLimitC, Harm.Danger, "The piston seals reach",
                "Titanium pistons or shims keep heat from the seals; a cool-down lap helps at no cost.",
                "Seal = mean of piston and caliper; limit of EPDM rubber, from memory, +-15 K.", member),
            Face("front-face", "Front rotors overheat", plan.FrontRotor, run, BrakePart.FrontFace, member),
            Face("rear-face", plan.RearRotor.Construction == Rotors.RotorConstruction.Drum ? "Rear drums overheat" : "Rear rotors overheat", plan.RearRotor, run, BrakePart.RearFace, member),
            Cone(plan, run, member),
            Wear("front-wear", "Front pads wear through", plan.FrontPadMm ?? plan.Car.Front.PadNewMm, plan.Car.Front, run, phase => phase.FrontWornMm3, member),
            Wear("rear-wear", "Rear pads wear through", plan.RearPadMm ?? plan.Car.Rear.PadNewMm, plan.Car.Rear, run, phase => phase.RearWornMm3, member),
        };
        if (plan.OutsideHeat is { Place: Heat.HeatedPlace.Line } source)
        {
            limits.Add(Line(source, plan, fluid));
        }

        return Sorted(limits);
    }

    private static IReadOnlyList<Limit> Sorted(IEnumerable<Limit> limits) =>
        [.. limits.OrderBy(limit => limit.Gives ? 0 : limit.MayGive ? 1 : 2).ThenBy(Order).ThenByDescending(limit => limit.Harm)];

    private static double Order(Limit limit) => limit is { Gives: true, When: { } when }
        ? (when.Session * 10000) + (when.Lap * 100) + when.Minutes
        : (limit.Margin ?? double.MaxValue) / Math.Max(1, Math.Abs(limit.Capacity));

    private static Limit PadHot(string code, string title, Friction.Pad pad, DayRun run, Func<PhaseRecord, EnergyHistogram> energy, int member)
    {
        var band = Friction.PadTables.Of(pad).Band;
        var laps = run.Phases.Where(phase => phase.Phase.Kind == PhaseKind.HotLap && energy(phase).Total(member) > 0).ToList();
        if (laps.Count == 0)
        {
            return Holds(code, title, band.ToC, "No hot lap in this plan.", Harm.Warning);
        }

        var demand = laps.Max(lap => energy(lap).Quantile(1 - HotShare, member));
        var first = laps.FirstOrDefault(lap => energy(lap).ShareAbove(band.ToC, member) >= HotShare);
        var worst = laps.Max(lap => energy(lap).ShareAbove(band.ToC, member));
        var margin = band.ToC - demand;
        var sentence = first is null
            ? Text($"{pad.Name} works to {band.ToC:0} °C; nine tenths of the hottest lap's braking stays below {demand:0} °C.")
            : Text($"{pad.Name} works to {band.ToC:0} °C; in the hottest lap {100 * worst:0} % of the braking is done hotter than that.");
        return new Limit(code, title, "C", demand, band.ToC, margin, first is not null, first is null ? null : MomentOf(first, first.StartS), Harm.Warning, sentence,
            first is null ? null : Text($"A pad that works to {Math.Ceiling((demand + 20) / 10) * 10:0} °C would hold in the middle of the band; look at its hot edge too."),
            "Demand: temperature that a tenth of the hottest lap's braking energy exceeds, read at the chart's basis. Capacity: upper edge of the working band (0.9 of the plateau, or as stated).");
    }

    private static Limit PadCold(PredictionPlan plan, DayRun run, int member)
    {
        const string code = "front-pad-cold";
        const string title = "Front pads too cold on the out lap";
        var band = Friction.PadTables.Of(plan.FrontPad).Band;
        var outLap = run.Phases.FindIndex(phase => phase.Phase.Kind == PhaseKind.OutLap);
        var first = run.Stops.FirstOrDefault(stop => stop.PhaseIndex == outLap);
        if (first is null)
        {
            return Holds(code, title, band.FromC, "No braking on the out lap.", Harm.Warning);
        }

        var atC = first.FrontEndC[member];
        var mu = first.FrontMu[member];
        var margin = atC - band.FromC;
        var gives = mu < Friction.WorkingBand.EdgeShare * band.PlateauMu && margin < 0;
        return new Limit(code, title, "C", atC, band.FromC, margin, gives, gives ? MomentOf(run.Phases[outLap], first.AtS) : null, Harm.Warning,
            Text($"The first stop ends at {atC:0} °C with friction {mu:0.00}; {plan.FrontPad.Name} is at its best from {band.FromC:0} °C."),
            gives ? "Brake early on the out lap; two or three firm stops bring the pad in." : null,
            "Friction of the chart over the first stop of the out lap, energy-weighted. Capacity: lower edge of the working band.");
    }

    private static Limit StreetCold(IReadOnlyList<ColdStopResult> coldStops)
    {
        var stop = coldStops.First(result => result is { SpeedKmh: 50, StartC: 5 });
        var allowed = stop.OriginalMetres * (1 + ColdAllowance);
        var metres = stop.Metres.P50;
        var margin = allowed - metres;
        var more = metres - stop.OriginalMetres;
        return new Limit("street-cold", "First stop on a cold morning is long", "m", metres, allowed, margin, margin < 0,
            margin < 0 ? new Moment(0, PhaseKind.Road, 0, 0) : null, Harm.Danger,
            stop.ReachesAbs ? "Both pads reach the tyre's grip; there is no difference."
                : Text($"From 50 km/h at 5 °C it stops in {metres:0.0} m, {Math.Abs(more):0.0} m {(more >= 0 ? "longer" : "shorter")} than the original pad at the same pedal force."),
            margin < 0 ? "A pad that grips from cold, or drive to the track on the old pads." : null,
            "Stop integrated with the pad warming, at the pedal force that gives 0.6 g on the warm original pad. Capacity: the original pad's distance plus 15 % (engineering judgement).");
    }

    private static Limit FluidLimit(string code, string title, PredictionPlan plan, DayRun run, BrakePart part, FluidToday fluid, int member)
    {
        var limit = Part(code, title, run, part, fluid.VapourC, Harm.Danger, "the fluid reaches",
            "", "Boiling point from dry, wet and water; vapour shows 8 K (+-6) below it and 3 K lower for each 1000 m. Fluid at the piston from the heat network.", member);
        var fresh = fluid.DryC - fluid.BoilsC;
        return limit with
        {
            Sentence = Text($"{plan.Fluid.Name} shows vapour from {fluid.VapourC:0} °C today ({fluid.WaterPercent:0.0} % water); {limit.Sentence}"),
            Change = !limit.Gives ? null : fresh > 5
                ? Text($"Flush with the same fluid, new: it boils {fresh:0} K higher.")
                : "A fluid with a higher dry boiling point, or titanium pistons or shims.",
        };
    }

    private static Limit Part(string code, string title, DayRun run, BrakePart part, double capacityC, Harm harm, string what, string change, string basis, int member)
    {
        var hottest = run.Phases.MaxBy(phase => phase.Peak[(int)part][member])!;
        var demand = hottest.Peak[(int)part][member];
        var first = run.Phases.FirstOrDefault(phase => phase.Peak[(int)part][member] >= capacityC);
        var margin = capacityC - demand;
        var where = hottest.Phase.Kind == PhaseKind.Parked
            ? Text($"{(hottest.PeakAtS[(int)part][member] - hottest.StartS) / 60:0} min after parking")
            : Text($"in session {hottest.Phase.Session}");
        return new Limit(code, title, "C", demand, capacityC, margin, first is not null,
            first is null ? null : MomentOf(first, first.PeakAtS[(int)part][member]), harm,
            Text($"{what} {demand:0} °C {where}."), first is null ? null : change, basis);
    }

    private static Limit Face(string code, string title, Rotors.Rotor rotor, DayRun run, BrakePart part, int member)
    {
        var drum = rotor.Construction == Rotors.RotorConstruction.Drum;
        return Part(code, title, run, part, Strata.FaceLimitC(rotor), drum ? Harm.Warning : Harm.Danger, "The rubbing face reaches",
            drum ? "Longer gaps between hard stops; a drum sheds little heat." : "Shorter stints or air to the rotor's eye; a heavier rotor if that is not enough.",
            "Face = parabola through the outer cells with the flux as slope; limit by the ring's material, from memory, +-30 K for iron, +-100 K for carbon, +-50 K for drums.", member);
    }

    private static Limit Cone(PredictionPlan plan, DayRun run, int member)
    {
        const string code = "front-cone";
        const string title = "Front rotors cone";
        if (plan.FrontRotor.Construction == Rotors.RotorConstruction.Drum || run.Phases.Count == 0)
        {
            return Holds(code, title, ConeLimitUm, "No ring that could cone.", Harm.Warning);
        }

        double Edge(PhaseRecord phase) => 1000 * RingShape.EdgeMm(plan.FrontRotor, phase.Shape.ConeRad[member]);
        var most = run.Phases.Max(Edge);
        var first = run.Phases.FirstOrDefault(phase => Edge(phase) >= ConeLimitUm);
        return new Limit(code, title, "µm", most, ConeLimitUm, ConeLimitUm - most, first is not null, first is null ? null : MomentOf(first, first.StartS), Harm.Warning,
            Text($"The hot ring's edge stands {most / 1000:0.00} mm out of flat; pads wear in a wedge and the pedal gets longer."),
            first is null ? null : plan.FrontRotor.Construction == Rotors.RotorConstruction.OnePiece ? "A two-piece rotor's ring is free to grow and keeps flat." : "More even air on both faces: open the shield.",
            "Thermal bending of the two cheeks, and the hat's hold on a one-piece ring (0.10 of ring less hat, x1.7). Limit 0.25 mm, engineering judgement, +-0.1.");
    }

    private static Limit Line(Heat.OutsideHeat source, PredictionPlan plan, FluidToday fluid)
    {
        var lineC = source.LineC(plan.Weather.AmbientC + Heat.WheelFactors.Median.WheelAirRiseK);
        var gives = lineC >= fluid.VapourC;
        return new Limit("line-fluid", "Fluid boils in a line", "C", lineC, fluid.VapourC, fluid.VapourC - lineC, gives, gives ? new Moment(1, PhaseKind.Parked, 0, 0) : null, Harm.Danger,
            Text($"A line {source.DistanceMm:0} mm from a surface at {source.SourceC:0} °C settles at {lineC:0} °C."),
            gives ? "Move the line or put a bright shield between; fresh fluid alone only buys degrees." : null,
            "Radiation from a hot cylinder on a small line against slow air at 12 W/m2K (x1.5); fluid at rest, so it holds for a standing car.");
    }

    private static Limit Wear(string code, string title, double startMm, Vehicles.AxleBrake brake, DayRun run, Func<PhaseRecord, Lane> worn, int member)
    {
        var perMm = 2 * brake.Discs * brake.PadAreaCm2 * 100;
        var left = startMm - (worn(run.Phases[^1])[member] / perMm);
        var first = run.Phases.FirstOrDefault(phase => startMm - (worn(phase)[member] / perMm) < brake.PadLimitMm);
        var shown = Math.Max(0, left);
        return new Limit(code, title, "mm", shown, brake.PadLimitMm, shown - brake.PadLimitMm, first is not null,
            first is null ? null : MomentOf(first, first.EndS), left <= 0 ? Harm.Danger : Harm.Damage,
            left <= 0 ? Text($"They start at {startMm:0.0} mm and are gone before the day ends: metal on metal.")
                : Text($"They start at {startMm:0.0} mm and end the day at {left:0.0} mm."),
            first is null ? null : "A pad whose band covers the heat wears far less; else take a second set.",
            "Wear k150 x 2^((T - 150)/D) per MJ at the face temperature, by family (x1.7). Every pad counted as the worst of them, inner or outer, on the busier wheel.");
    }

    private static Limit Holds(string code, string title, double capacity, string sentence, Harm harm) =>
        new(code, title, "C", null, capacity, null, false, null, harm, sentence, null, sentence);

    private static Moment MomentOf(PhaseRecord phase, double atS) =>
        new(phase.Phase.Session, phase.Phase.Kind, phase.Phase.Lap, Math.Round((atS - phase.StartS) / 60, 1));

    private static string Text(FormattableString text) => text.ToString(CultureInfo.InvariantCulture);
}
