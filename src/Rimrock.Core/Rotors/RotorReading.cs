using Rimrock.Core.Numerics;
using Rimrock.Core.Priors;

namespace Rimrock.Core.Rotors;

/// <summary>What a rotor's measures say.</summary>
/// <param name="RingKg">Mass of the ring that counts, kg: as stated, or by its measures with its band.</param>
/// <param name="KilojoulePerK">Heat for each kelvin at 200 C, kJ/K.</param>
/// <param name="WearMm">Thickness that may be worn, mm.</param>
/// <param name="StressRaiser">By how much holes or slots raise the stress at the face; 1 without.</param>
/// <param name="Handed">True where left and right rotors differ.</param>
/// <param name="Notes">What a driver should know before buying, in sentences.</param>
public sealed record RotorReading(Spread RingKg, double KilojoulePerK, double WearMm, Spread StressRaiser, bool Handed,
    IReadOnlyList<Said> Notes)
{
    private const double ReferenceC = 200;

    /// <summary>Reads a rotor without faults.</summary>
    public static RotorReading Of(Rotor rotor)
    {
        ArgumentNullException.ThrowIfNull(rotor);
        var finish = rotor.Finish ?? new RotorFinish();
        var raiser = finish.StressRaiser();
        return new RotorReading(Spread.Times(rotor.MassKg(), rotor.RingMassKg is null ? PriorSpread.Casting : 1, 2),
            Math.Round(rotor.MassKg() * rotor.MaterialOf().SpecificHeatJKgK(ReferenceC) / 1000, 2),
            Math.Round(rotor.ThicknessMm - rotor.MinThicknessMm, 2), Spread.Normal(raiser, raiser > 1 ? PriorSpread.StressRaiser : 0, 1),
            rotor.Vanes == VaneKind.Curved, [.. NotesOf(rotor, finish)]);
    }

    private static IEnumerable<Said> NotesOf(Rotor rotor, RotorFinish finish)
    {
        if (rotor.Vanes == VaneKind.Curved)
        {
            yield return Said.Of("rotor-reading.handed-vanes-sweep-back");
        }

        yield return rotor.Construction switch
        {
            RotorConstruction.TwoPiece =>
                Said.Of("rotor-reading.two-piece-ring-free"),
            RotorConstruction.Drum => Said.Of("rotor-reading.drum-sheds-heat-poorly"),
            _ => Said.Of("rotor-reading.one-piece-cheap-but"),
        };
        if (finish.Face == RotorFace.Drilled)
        {
            yield return Said.Of("rotor-reading.drilled-after-casting-cracks");
        }
        else if (finish.Face == RotorFace.FactoryDrilled)
        {
            yield return Said.Of("rotor-reading.holes-cast-chamfered-maker");
        }
        else if (finish.SlotsReachEdge)
        {
            yield return Said.Of("rotor-reading.slots-run-out-through");
        }

        if (finish.Treatment == RotorTreatment.Frozen)
        {
            yield return Said.Of("rotor-reading.frozen-not-worth");
        }

        if (rotor.MassOverGeometry() is { } ratio && Math.Abs(ratio - 1) > 0.1)
        {
            yield return Said.Of("rotor-reading.stated-mass-measures-give", Units.Percent(100 * Math.Abs(ratio - 1)), ratio > 1
                ? Said.Of("rotor-reading.above") : Said.Of("rotor-reading.below"));
        }

        if (rotor.Material == RingMaterial.CarbonCeramic)
        {
            yield return Said.Of("rotor-reading.carbon-ceramic-only-own");
        }
    }
}
