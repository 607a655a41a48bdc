namespace Rimrock.Core.Heat;

/// <content>What can be read off a wheel at any moment.</content>
public sealed partial class WheelNetwork
{
    /// <summary>Rubbing face, inboard, C; of a drum the only one.</summary>
    public Lane FaceInC { get; private set; }

    /// <summary>Rubbing face, outboard, C; of a drum its outside.</summary>
    public Lane FaceOutC { get; private set; }

    /// <summary>Mean of the rubbing faces, C: what the pads rub on.</summary>
    public Lane FaceC { get; private set; }

    /// <summary>The hotter rubbing face, C.</summary>
    public Lane HotterFaceC => bothFaces ? Lanes.MaxNative(FaceInC, FaceOutC) : FaceInC;

    /// <summary>Mean of the rubbing sides 0.5 mm under the face, C.</summary>
    public Lane EmbeddedC { get; private set; }

    /// <summary>The air around the wheel, C.</summary>
    public Lane AmbientC => ambient;

    /// <summary>Middles of the two cheeks, inboard less outboard, K: what bends a ring.</summary>
    public Lane CheekDifferenceK => chain.Temperature[FaceIn + (CheekCells / 2)] - chain.Temperature[FaceOut - (CheekCells / 2)];

    /// <summary>Mass mean of the ring, C.</summary>
    public Lane BulkC { get; private set; }

    /// <summary>Middle of the hotter pad, C.</summary>
    public Lane PadCoreC => Lanes.MaxNative(
        (chain.Temperature[PadInFace - (PadCells / 2)] + chain.Temperature[PadInFace - (PadCells / 2) + 1]) * 0.5,
        (chain.Temperature[PadOutFace + (PadCells / 2)] + chain.Temperature[PadOutFace + (PadCells / 2) - 1]) * 0.5);

    /// <summary>The hotter backing plate, C.</summary>
    public Lane PlateC => Lanes.MaxNative(chain.Temperature[PlateIn], chain.Temperature[PlateOut]);

    /// <summary>Fluid at the piston, the hotter side, C.</summary>
    public Lane FluidC => oneSidedCaliper ? chain.Temperature[FluidIn] : Lanes.MaxNative(chain.Temperature[FluidIn], chain.Temperature[FluidOut]);

    /// <summary>Piston seals: between piston and bore, C.</summary>
    public Lane SealC
    {
        get
        {
            var inner = (chain.Temperature[PistonIn] + CaliperC) * 0.5;
            return oneSidedCaliper ? inner : Lanes.MaxNative(inner, (chain.Temperature[PistonOut] + CaliperC) * 0.5);
        }
    }

    /// <summary>The hotter piston, C: what its dust boot sits on.</summary>
    public Lane PistonC => oneSidedCaliper ? chain.Temperature[PistonIn] : Lanes.MaxNative(chain.Temperature[PistonIn], chain.Temperature[PistonOut]);

    /// <summary>Surface of the hotter pad, C: its first cell and what flows into it across half of that cell.</summary>
    public Lane PadSurfaceC
    {
        get
        {
            Lane At(int pad, int face, Lane source) =>
                chain.Temperature[pad] + (((chain.Link[Math.Min(pad, face)] * (chain.Temperature[face] - chain.Temperature[pad])) + source) / padFaceHalf);
            var inner = At(PadInFace, FaceIn, chain.Source[PadInFace]);
            return bothFaces ? Lanes.MaxNative(inner, At(PadOutFace, FaceOut, chain.Source[PadOutFace])) : inner;
        }
    }

    /// <summary>Heat stored above 0 C in everything, J.</summary>
    public Lane StoredJ()
    {
        var sum = (CaliperC * chain.Common.Capacity) + (HatC * chain.Near.Capacity) + (HubC * HubCapacityJK);
        for (var i = 0; i < Nodes; i++)
        {
            if (i is >= FaceIn and <= FaceOut)
            {
                sum += ring.EnthalpyJKg(chain.Temperature[i]) * (i == VaneNode ? vaneNodeKg : cellMassKg);
            }
            else
            {
                sum += chain.Temperature[i] * chain.Capacity[i];
            }
        }

        return sum;
    }

    private void ReadFaces(Lane fluxIn, Lane fluxOut)
    {
        var inner = Under(FaceIn, FaceIn + 1, fluxIn);
        var outer = Under(FaceOut, FaceOut - 1, fluxOut);
        FaceInC = inner.SurfaceC;
        FaceOutC = outer.SurfaceC;
        var innerEmbedded = inner.AtDepth(Friction.ChartTemperature.EmbeddedDepthM);
        FaceC = bothFaces ? (FaceInC + FaceOutC) * 0.5 : FaceInC;
        EmbeddedC = bothFaces ? (innerEmbedded + outer.AtDepth(Friction.ChartTemperature.EmbeddedDepthM)) * 0.5 : innerEmbedded;
        BulkC = Bulk();
    }

    private Lane Bulk()
    {
        var t = chain.Temperature;
        var sum = Lane.Zero;
        for (var i = 0; i < CheekCells; i++)
        {
            sum += t[FaceIn + i] + t[FaceOut - i];
        }

        return ((sum * cellMassKg) + (t[VaneNode] * vaneMassKg)) * (1 / ((2 * CheekCells * cellMassKg) + vaneMassKg));
    }

    private FaceTemperature Under(int first, int second, Lane flux)
    {
        var t = chain.Temperature;
        return FaceTemperature.Under(t[first], t[second], flux, ring.ConductivityWMK(t[first]), cellM);
    }
}
