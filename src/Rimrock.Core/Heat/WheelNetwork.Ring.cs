using Rimrock.Core.Numerics;
using Rimrock.Core.Rotors;

namespace Rimrock.Core.Heat;

/// <summary>The ring and what it holds.</summary>
public sealed partial class WheelNetwork
{
    private void SetRing(Lane ahead)
    {
        var now = chain.Temperature;
        var before = history.Row(Before);
        var capacity = chain.Capacity;
        var hottest = Lane.Zero;
        for (var i = FaceIn; i <= FaceOut; i++)
        {
            var celsius = now[i] + ((now[i] - before[i]) * ahead);
            hottest = Lanes.MaxNative(hottest, celsius);
            capacity[i] = ring.SmoothSpecificHeatJKgK(celsius) * cellMassKg;
        }

        if (Lanes.GreaterThanAny(hottest, smoothBelow))
        {
            for (var i = FaceIn; i <= FaceOut; i++)
            {
                capacity[i] = ring.SpecificHeatJKgK(now[i] + ((now[i] - before[i]) * ahead)) * cellMassKg;
            }
        }

        capacity[VaneNode] *= vaneNodeKg / cellMassKg;

        var kIn = ring.ConductivityWMK(Ahead(FaceIn + (CheekCells / 2), ahead)) * (faceM2 / cellM);
        var kOut = ring.ConductivityWMK(Ahead(FaceOut - (CheekCells / 2), ahead)) * (faceM2 / cellM);
        chain.Link.Slice(FaceIn, CheekCells).Fill(kIn);
        chain.Link.Slice(VaneNode, CheekCells).Fill(kOut);
        var kVane = ring.ConductivityWMK(now[VaneNode]);
        var toVane = kVane * (2 * faceM2 / cellM);
        if (parts.Rotor.VaneGapMm > 0)
        {
            toVane = Series(toVane, kVane * (2 * faceM2 * vaneFill / (parts.Rotor.VaneGapMm / 1000)));
        }

        chain.Link[VaneNode - 1] = chain.Link[VaneNode] = toVane;
    }

    /// <summary>
    /// The step used one specific heat for each cell; this moves each cell to the temperature at which it holds exactly
    /// the heat it was given (one Newton step on the enthalpy). What the cell should hold is kept, so that the rest of one
    /// correction is made good by the next and the energy balance does not drift.
    /// </summary>
    private void KeepRingEnthalpy()
    {
        var now = chain.Temperature;
        var before = history.Row(Before);
        var enthalpy = history.Row(Enthalpy);
        var capacity = chain.Capacity;
        capacity[VaneNode] *= cellMassKg / vaneNodeKg;
        var hottest = Lane.Zero;
        for (var i = FaceIn; i <= FaceOut; i++)
        {
            hottest = Lanes.MaxNative(hottest, now[i]);
        }

        var smooth = Lanes.LessThanOrEqualAll(hottest, smoothBelow);
        for (var i = FaceIn; i <= FaceOut; i++)
        {
            var specificHeat = capacity[i] * perCellKg;
            var due = Lanes.MultiplyAddEstimate(specificHeat, now[i] - before[i], enthalpy[i]);
            enthalpy[i] = due;
            var held = smooth ? ring.SmoothEnthalpyJKg(now[i]) : ring.EnthalpyJKg(now[i]);
            now[i] -= (held - due) * MemberLanes.Inverse(specificHeat);
        }
    }

    private Lane Ahead(int node, Lane share)
    {
        var now = chain.Temperature[node];
        return now + ((now - history.Row(Before)[node]) * share);
    }
}
