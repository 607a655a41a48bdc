namespace Rimrock.Core.Rotors;

/// <summary>What a rotor's measures say.</summary>
/// <param name="RingKg">Mass of the ring that counts, kg.</param>
/// <param name="GeometryKg">Mass of the ring from its measures, kg (+-5 %, castings differ).</param>
/// <param name="KilojoulePerK">Heat for each kelvin at 200 C, kJ/K.</param>
/// <param name="WearMm">Thickness that may be worn, mm.</param>
/// <param name="StressRaiser">By how much holes or slots raise the stress at the face.</param>
/// <param name="Handed">True where left and right rotors differ.</param>
/// <param name="Notes">What a driver should know before buying, in sentences.</param>
public sealed record RotorReading(double RingKg, double GeometryKg, double KilojoulePerK, double WearMm, double StressRaiser, bool Handed,
    IReadOnlyList<string> Notes)
{
    private const double ReferenceC = 200;

    /// <summary>Reads a rotor without faults.</summary>
    public static RotorReading Of(Rotor rotor)
    {
        ArgumentNullException.ThrowIfNull(rotor);
        var finish = rotor.Finish ?? new RotorFinish();
        return new RotorReading(Math.Round(rotor.MassKg(), 2), Math.Round(rotor.GeometricMassKg(), 2),
            Math.Round(rotor.MassKg() * rotor.MaterialOf().SpecificHeatJKgK(ReferenceC) / 1000, 2),
            Math.Round(rotor.ThicknessMm - rotor.MinThicknessMm, 2), finish.StressRaiser(), rotor.Vanes == VaneKind.Curved, [.. NotesOf(rotor, finish)]);
    }

    private static IEnumerable<string> NotesOf(Rotor rotor, RotorFinish finish)
    {
        if (rotor.Vanes == VaneKind.Curved)
        {
            yield return "Handed: the vanes sweep back from the hub as the wheel rolls forward. On the wrong side it pumps 10 to 30 % less air. Slots tell " +
                "nothing about the side.";
        }

        yield return rotor.Construction switch
        {
            RotorConstruction.TwoPiece =>
                "Two-piece: the ring is free to grow and keeps flat; only the ring is replaced. It wants its own bolts and one-time nuts.",
            RotorConstruction.Drum => "A drum sheds heat poorly, and its adjuster falls behind.",
            _ => "One-piece: cheap, but the hat holds one cheek only, so it cones when hot and feeds heat to the bearing.",
        };
        if (finish.Face == RotorFace.Drilled)
        {
            yield return "Drilled after casting: cracks start at the holes, and holes clog with pad.";
        }
        else if (finish.Face == RotorFace.FactoryDrilled)
        {
            yield return "Holes cast or chamfered by its maker last longer than drilled ones; look at them between sessions.";
        }
        else if (finish.SlotsReachEdge)
        {
            yield return "Slots run out through the edge: a crack's way out. Slots should stop short of it.";
        }

        if (rotor.MassOverGeometry() is { } ratio && Math.Abs(ratio - 1) > 0.1)
        {
            yield return Text($"The stated mass is {100 * Math.Abs(ratio - 1):0} % {(ratio > 1 ? "above" : "below")} what the measures give: check both. " +
                $"The stated mass counts.");
        }

        if (rotor.Material == RingMaterial.CarbonCeramic)
        {
            yield return "Carbon-ceramic: only its own pads, worn by weight and not by thickness, brittle at the edge.";
        }
    }
}
