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
public sealed record LimitWords(string Title, string Sentence, string Change, string Basis)
{
    /// <summary>No pad works hotter on iron, C (common practice).</summary>
    public const double HottestIronPadC = 850;

    /// <summary>Nor on a carbon ring, C (engineering judgement).</summary>
    public const double HottestCarbonPadC = 950;

    // A pad asked for has this much in hand, and is named in round figures.
    private const double InHandK = 20;

    internal static LimitWords PadHot(string title, MemberDay day, Reading reading, Pad pad, Rotor rotor, Func<PhaseRecord, EnergyHistogram> energy)
    {
        const string basis = "Demand: temperature that a tenth of the hottest lap's braking energy exceeds, read at the chart's basis. Capacity: upper edge " +
            "of the working band (0.9 of the plateau, or as stated, whichever is narrower).";
        if (double.IsNaN(reading.Demand))
        {
            return new LimitWords(title, "No hot lap in this plan.", "", basis);
        }

        var conflict = pad.RangeConflict() is { } stated
            ? Text($" Its maker says {stated.FromC:0} to {stated.ToC:0} °C; its own chart does not bear that out, and the narrower edge counts.") : "";
        var sentence = reading.Gives
            ? Text($"{pad.Name} works to {reading.Capacity:0} °C; in the hottest lap {100 * day.WorstShareAbove(reading.Capacity, energy):0} % of the " +
                $"braking is done hotter than that.")
            : Text($"{pad.Name} works to {reading.Capacity:0} °C; nine tenths of the hottest lap's braking stays below {reading.Demand:0} °C.");
        var asked = Math.Ceiling((reading.Demand + InHandK) / 10) * 10;
        var most = rotor.Material == RingMaterial.Iron ? HottestIronPadC : HottestCarbonPadC;
        return new LimitWords(title, sentence + conflict, asked <= most
            ? Text($"A pad that works to {asked:0} °C would hold in the middle of the band; look at its hot edge too.")
            : Text($"No pad works to {asked:0} °C on this disc: take {asked - most:0} K out first, with air to the rotors, larger rotors, fewer laps in a " +
                $"row or a slower pace."), basis);
    }

    internal static LimitWords PadCold(MemberDay day, Reading reading)
    {
        const string basis = "Friction of the chart over the first stop of the out lap, energy-weighted. Capacity: lower edge of the working band.";
        return new LimitWords("Front pads too cold on the out lap", day.FirstStop() is var (stop, _)
            ? Text($"The first stop ends at {reading.Demand:0} °C with friction {stop.FrontMu[day.Lane]:0.00}; {day.Plan.FrontPad.Name} is at its best from " +
                $"{reading.Capacity:0} °C.")
            : "No braking on the out lap.", "Brake early on the out lap; two or three firm stops bring the pad in.", basis);
    }

    internal static LimitWords StreetCold(MemberDay day, Reading reading)
    {
        var stop = day.ColdMorning();
        var more = reading.Demand - stop.OriginalMetres;
        return new LimitWords("First stop on a cold morning is long",
            stop.ReachesAbs ? "Both pads reach the tyre's grip; there is no difference."
                : Text($"From 50 km/h at 5 °C it stops in {reading.Demand:0.0} m, {Math.Abs(more):0.0} m {(more >= 0 ? "longer" : "shorter")} than the " +
                    $"original pad at the same pedal force."),
            "A pad that grips from cold, or drive to the track on the old pads.",
            "Stop integrated with the pad warming, at the pedal force that gives 0.6 g on the warm original pad. Capacity: the original pad's distance plus " +
            "15 % (engineering judgement).");
    }

    internal static LimitWords Fluid(string title, MemberDay day, Reading reading, BrakePart part)
    {
        var fluid = day.Fluid;
        var missing = reading.Demand - (fluid.VapourC + fluid.DryC - fluid.BoilsC);
        return new LimitWords(title,
            Text($"{day.Plan.Fluid.Name} shows vapour from {fluid.VapourC:0} °C today ({fluid.WaterPercent:0.0} % water); the fluid reaches " +
                $"{reading.Demand:0} °C {Where(day, part)}."),
            fluid.DryC - fluid.BoilsC <= 5 ? "A fluid with a higher dry boiling point, or titanium pistons or shims."
                : missing > 0 ? Text($"The same fluid new shows vapour {fluid.DryC - fluid.BoilsC:0} K higher and would still be {missing:0} K short: a " +
                    $"fluid with a higher dry boiling point, and less heat.")
                : Text($"Flush with the same fluid, new: it boils {fluid.DryC - fluid.BoilsC:0} K higher."),
            "Boiling point from dry, wet and water; vapour shows 8 K (+-6) below it and 3 K lower for each 1000 m. Fluid at the piston from the heat network.");
    }

    internal static LimitWords PedalForce(MemberDay day, Reading reading) => new("More pedal force than a leg has",
        double.IsNaN(reading.Demand) ? "No stop in this plan."
            : Text($"At the friction of the moment the hardest stop takes {reading.Demand:0} N at the pedal; a leg gives {reading.Capacity:0} N for a " +
                $"moment. Beyond that the car does not stop where you mean it to."),
        "Pads that hold their friction at this heat; until then fewer laps in a row, and brake early.",
        "Pedal force from the stop's torque, the chart's friction over it and the hydraulics with the booster's knee. A leg gives 600 N for a moment, 800 N " +
        "without a booster (x1.25; Limpert 2011, from memory).");

    internal static LimitWords Seals(string title, MemberDay day, Reading reading) =>
        new(title, Text($"The piston seals reach {reading.Demand:0} °C {Where(day, BrakePart.FrontSeals)}."),
        "Titanium pistons or shims keep heat from the seals; a cool-down lap helps at no cost.",
        "Seal = mean of piston and caliper; limit of EPDM rubber, from memory, +-20 K.");

    internal static LimitWords Face(string title, MemberDay day, Reading reading, Rotor rotor, BrakePart part) =>
        new(title, Text($"The rubbing face reaches {reading.Demand:0} °C {Where(day, part)}."),
        rotor.Construction == RotorConstruction.Drum
            ? "Longer gaps between hard stops; a drum sheds little heat." : "Shorter stints or air to the rotor's eye; a heavier rotor if that is not enough.",
        "Face = parabola through the outer cells with the flux as slope; limit by the ring's material, from memory, +-40 K for iron, +-100 K for carbon, " +
        "+-50 K for drums.");

    internal static LimitWords Cone(MemberDay day, Reading reading) => new("Front rotors cone",
        double.IsNaN(reading.Demand) ? "No ring that could cone."
            : Text($"The hot ring's edge stands {reading.Demand / 1000:0.00} mm out of flat; pads wear in a wedge and the pedal gets longer."),
        day.Plan.FrontRotor.Construction == RotorConstruction.OnePiece
            ? "A two-piece rotor's ring is free to grow and keeps flat." : "More even air on both faces: open the shield.",
        "Thermal bending of the two cheeks, and the hat's hold on a one-piece ring (0.10 of ring less hat, x1.7). Limit 0.25 mm, engineering judgement, " +
        "+-0.05.");

    internal static LimitWords Line(MemberDay day, Reading reading)
    {
        var source = day.Plan.OutsideHeat!;
        return new LimitWords("Fluid boils in a line",
            Text($"A line {source.DistanceMm:0} mm from a surface at {source.SourceC:0} °C settles at {reading.Demand:0} °C."),
            "Move the line or put a bright shield between; fresh fluid alone only buys degrees.",
            "Radiation from a hot cylinder on a small line against slow air at 12 W/m2K (x1.5); fluid at rest, so it holds for a standing car.");
    }

    internal static LimitWords Wear(string title, double startMm, Reading reading) => new(title,
        reading.Demand <= 0 ? Text($"They start at {startMm:0.0} mm and are gone before the day ends.")
            : Text($"They start at {startMm:0.0} mm and end the day at {reading.Demand:0.0} mm."),
        "A pad whose band covers the heat wears far less; else take a second set.", WearBasis);

    internal static LimitWords WornThrough(string title, double startMm, Reading reading) => new(title,
        reading.Gives ? Text($"They start at {startMm:0.0} mm and are gone before the day ends: metal on metal.")
            : Text($"They start at {startMm:0.0} mm; {reading.Demand:0.0} mm are left at the end of the day."),
        "New pads before the day, and look at them after each session; a pad whose band covers the heat wears far less.", WearBasis);

    private const string WearBasis =
        "Wear k150 x 2^((T - 150)/D) per MJ at the face temperature, by family (x1.7). Every pad counted as the worst of them, inner or outer, on the " +
        "busier wheel.";

    private static string Where(MemberDay day, BrakePart part)
    {
        var hottest = day.Hottest(part);
        return hottest.Phase.Kind == PhaseKind.Parked
            ? Text($"{(hottest.PeakAtS[(int)part][day.Lane] - hottest.StartS) / 60:0} min after parking") : Text($"in session {hottest.Phase.Session}");
    }
}
