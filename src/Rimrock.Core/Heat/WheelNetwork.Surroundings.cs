using Rimrock.Core.Materials;

namespace Rimrock.Core.Heat;

/// <content>What the wheel exchanges at its faces and with everything around, and the ledger of it.</content>
public sealed partial class WheelNetwork
{
    /// <summary>Shares the heat born at each interface and links pad to rotor; returns the heat each cheek gets at once, W.</summary>
    private (Lane IntoIn, Lane IntoOut) SetInterfaces(Lane surface, Lane heatW)
    {
        var padSide = Series(padFaceHalf, surface);
        var rotorIn = Series(chain.Link[FaceIn] * 2, surface);
        var heatIn = bothFaces ? heatW * 0.5 : heatW;
        chain.Link[PadInFace] = Series(padSide, rotorIn);
        var intoIn = heatIn * rotorIn / (rotorIn + padSide);
        chain.Source[FaceIn] = intoIn;
        chain.Source[PadInFace] = heatIn - intoIn;
        if (!bothFaces)
        {
            chain.Link[FaceOut] = Lane.Zero;
            chain.Source[FaceOut] = Lane.Zero;
            return (intoIn, Lane.Zero);
        }

        var rotorOut = Series(chain.Link[FaceOut - 1] * 2, surface);
        chain.Link[FaceOut] = Series(padSide, rotorOut);
        var intoOut = heatIn * rotorOut / (rotorOut + padSide);
        chain.Source[FaceOut] = intoOut;
        chain.Source[PadOutFace] = heatIn - intoOut;
        return (intoIn, intoOut);
    }

    private FacePaths SetSurroundings(Lane midIn, Lane midOut, Lane airC, Lane caliperLoss)
    {
        var convectionOut = air.FaceWM2K * exposedM2;
        var convectionIn = convectionOut * innerFaceShare * innerDuct;
        passages = air.VanesWK * (1.0 / 3);
        var radiationIn = GreyBody.CoefficientWM2K(midIn, ambient, emissivity) * (bothFaces ? exposedM2 : 0);
        var radiationOut = GreyBody.CoefficientWM2K(midOut, ambient, emissivity) * exposedM2;
        var view = CaliperViewFactor * 0.5 * caliperViewM2;
        var caliperIn = GreyBody.CoefficientWM2K(midIn, CaliperC, emissivity) * caliperFactor * view;
        var caliperOut = GreyBody.CoefficientWM2K(midOut, CaliperC, emissivity) * caliperFactor * view;
        SetFaceSink(FaceIn, convectionIn, radiationIn, airC);
        SetFaceSink(FaceOut, convectionOut, radiationOut, airC);
        chain.Join[FaceIn] = caliperIn;
        chain.Join[FaceOut] = caliperOut;
        for (var node = VaneNode - 1; node <= VaneNode + 1; node++)
        {
            chain.Sink[node] = passages;
            chain.Source[node] = passages * airC;
        }

        hatLoss = air.HatWM2K * hatAreaM2;
        chain.Near.Sink = hatLoss;
        chain.Near.Source = hatLoss * airC;
        plateToAir = air.HatWM2K * (PlateCoefficientShare * plateOpenM2);
        chain.Sink[PlateIn] = chain.Sink[PlateOut] = plateToAir;
        chain.Source[PlateIn] = chain.Source[PlateOut] = plateToAir * airC;
        chain.Common.Sink = caliperLoss;
        chain.Common.Source = caliperSourceW + (caliperLoss * ambient);
        return new FacePaths(convectionIn, convectionOut, radiationIn, radiationOut);
    }

    private Lane CaliperLossWK(Lane speedMS)
    {
        return caliperFactor * (Lanes.Create(CaliperLossParkedWK) + (Wind.At(speedMS) * (CaliperLossAt100KmhWK - CaliperLossParkedWK)));
    }

    private void SetFaceSink(int node, Lane convection, Lane radiation, Lane airC)
    {
        chain.Sink[node] = convection + radiation;
        chain.Source[node] += (convection * airC) + (radiation * ambient);
    }

    private void Account(Lane seconds, Lane heatW, Lane airC, in FacePaths faces)
    {
        Paths.Add(
            seconds,
            heatW + caliperSourceW,
            (faces.ConvectionIn * (chain.Mean(FaceIn) - airC)) + (faces.ConvectionOut * (chain.Mean(FaceOut) - airC)),
            (chain.Mean(VaneNode) + chain.Mean(VaneNode - 1) + chain.Mean(VaneNode + 1) - (airC * 3)) * passages,
            (faces.RadiationIn * (chain.Mean(FaceIn) - ambient)) + (faces.RadiationOut * (chain.Mean(FaceOut) - ambient)),
            ((chain.Near.Mean - airC) * hatLoss) + ((chain.Far.Mean - ambient) * HubLossWK),
            ((chain.Common.Mean - ambient) * chain.Common.Sink) + ((chain.Mean(PlateIn) + chain.Mean(PlateOut) - (airC * 2)) * plateToAir));
    }

    /// <summary>The ring's node that the hat hangs on: the outboard cheek of a one-piece rotor, the middle of a floating ring.</summary>
    private int HatNode() => parts.Rotor.Construction == Rotors.RotorConstruction.OnePiece ? VaneNode + 1 : VaneNode;

    private Lane FluxIntoFace(int padNode, int faceNode, Lane sourceW)
    {
        var link = chain.Link[Math.Min(padNode, faceNode)];
        return Lanes.MultiplyAddEstimate(link, chain.Temperature[padNode] - chain.Temperature[faceNode], sourceW) * fluxShare;
    }

    /// <summary>Conductances of the two faces during one step, W/K.</summary>
    private readonly record struct FacePaths(Lane ConvectionIn, Lane ConvectionOut, Lane RadiationIn, Lane RadiationOut);
}
