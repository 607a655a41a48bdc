using System.Runtime.Intrinsics;
using Rimrock.Core.Materials;
using Lane = System.Runtime.Intrinsics.Vector256<double>;

namespace Rimrock.Core.Heat;

/// <content>What can be read off a wheel at any moment.</content>
public sealed partial class WheelNetwork
{
    /// <summary>Rubbing face, inboard, C.</summary>
    public Lane FaceInC => FaceAt(FaceIn, FaceIn + 1, faceFluxIn, 0);

    /// <summary>Rubbing face, outboard, C.</summary>
    public Lane FaceOutC => FaceAt(FaceOut, FaceOut - 1, faceFluxOut, 0);

    /// <summary>Mean of the two faces, C: what pads on both sides rub on.</summary>
    public Lane FaceC => (FaceInC + FaceOutC) * 0.5;

    /// <summary>Mean of both sides 0.5 mm under the face, C.</summary>
    public Lane EmbeddedC =>
        (FaceAt(FaceIn, FaceIn + 1, faceFluxIn, Friction.ChartTemperature.EmbeddedDepthM)
        + FaceAt(FaceOut, FaceOut - 1, faceFluxOut, Friction.ChartTemperature.EmbeddedDepthM)) * 0.5;

    /// <summary>Mass mean of the ring, C.</summary>
    public Lane BulkC
    {
        get
        {
            var sum = chain.Temperature[VaneNode] * vaneMassKg;
            for (var i = 0; i < CheekCells; i++)
            {
                sum += (chain.Temperature[FaceIn + i] + chain.Temperature[FaceOut - i]) * cellMassKg;
            }

            return sum * (1 / ((2 * CheekCells * cellMassKg) + vaneMassKg));
        }
    }

    /// <summary>Middle of the hotter pad, C.</summary>
    public Lane PadCoreC => Vector256.Max(
        (chain.Temperature[PadInFace - (PadCells / 2)] + chain.Temperature[PadInFace - (PadCells / 2) + 1]) * 0.5,
        (chain.Temperature[PadOutFace + (PadCells / 2)] + chain.Temperature[PadOutFace + (PadCells / 2) - 1]) * 0.5);

    /// <summary>The hotter backing plate, C.</summary>
    public Lane PlateC => Vector256.Max(chain.Temperature[PlateIn], chain.Temperature[PlateOut]);

    /// <summary>Fluid at the piston, the hotter side, C.</summary>
    public Lane FluidC => slidingCaliper ? chain.Temperature[FluidIn] : Vector256.Max(chain.Temperature[FluidIn], chain.Temperature[FluidOut]);

    /// <summary>Piston seals: between piston and bore, C.</summary>
    public Lane SealC
    {
        get
        {
            var inner = (chain.Temperature[PistonIn] + CaliperC) * 0.5;
            return slidingCaliper ? inner : Vector256.Max(inner, (chain.Temperature[PistonOut] + CaliperC) * 0.5);
        }
    }

    /// <summary>Heat stored above 0 C in everything, J.</summary>
    public Lane StoredJ()
    {
        var sum = (CaliperC * caliperCapacityJK) + (HatC * hatCapacityJK) + (HubC * HubCapacityJK);
        for (var i = 0; i < Nodes; i++)
        {
            if (i is >= FaceIn and <= FaceOut)
            {
                sum += GreyIron.EnthalpyJKg(chain.Temperature[i]) * RingCellKg(i);
            }
            else
            {
                sum += chain.Temperature[i] * chain.Capacity[i];
            }
        }

        return sum;
    }

    private Lane FaceAt(int first, int second, Lane flux, double depthM)
    {
        var t = chain.Temperature;
        return FaceTemperature.At(t[first], t[second], flux, GreyIron.ConductivityWMK(t[first]), cellM, depthM);
    }
}
