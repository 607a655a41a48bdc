using Rimrock.Core.Materials;
using Rimrock.Core.Numerics;

namespace Rimrock.Core.Heat;

/// <content>What the wheel exchanges at its faces and with everything around, and the ledger of it.</content>
public sealed partial class WheelNetwork
{
    /// <summary>Shares the heat born at each interface and links pad to rotor; returns the heat each cheek gets at once, W.</summary>
    private (Lane IntoIn, Lane IntoOut) SetInterfaces(Lane surface, Lane heatW)
    {
        var padSide = Series(padFaceHalf, surface);
        var rotorIn = Series(chain.Link[FaceIn] * 2, surface);
        var heatIn = drum ? heatW : heatW * 0.5;
        chain.Link[PadInFace] = Series(padSide, rotorIn);
        var intoIn = heatIn * rotorIn / (rotorIn + padSide);
        chain.Source[FaceIn] = intoIn;
        chain.Source[PadInFace] = heatIn - intoIn;
        if (drum)
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

    private FacePaths SetSurroundings(double seconds, Lane midIn, Lane midOut, Lane airC)
    {
        var ambient = Lanes.Create(ambientC);
        var convectionOut = air.FaceWM2K * exposedM2;
        var convectionIn = convectionOut * innerFaceShare * innerDuct;
        passages = air.VanesWK * (1.0 / 3);
        var radiationIn = GreyBody.CoefficientWM2K(midIn, ambient, emissivity) * (drum ? 0 : exposedM2);
        var radiationOut = GreyBody.CoefficientWM2K(midOut, ambient, emissivity) * exposedM2;
        var view = CaliperViewFactor * 0.5 * caliperViewM2;
        var caliperIn = GreyBody.CoefficientWM2K(midIn, CaliperC, emissivity) * caliperFactor * view;
        var caliperOut = GreyBody.CoefficientWM2K(midOut, CaliperC, emissivity) * caliperFactor * view;
        SetFaceSink(FaceIn, convectionIn, radiationIn, caliperIn, airC);
        SetFaceSink(FaceOut, convectionOut, radiationOut, caliperOut, airC);
        for (var node = VaneNode - 1; node <= VaneNode + 1; node++)
        {
            chain.Sink[node] = passages;
            chain.Source[node] = passages * airC;
        }

        var hatNode = HatNode();
        var toHat = Lanes.Create(ringToHatWK);
        hatLoss = air.HatWM2K * hatAreaM2;

        // A small hat follows its ring within seconds: where it will be at the step's end stands for it all through the step.
        var held = Lanes.Create(hatCapacityJK / seconds);
        hatAhead = ((held * HatC) + (toHat * chain.Temperature[hatNode]) + (HubC * HatToHubWK) + (hatLoss * airC)) / (held + toHat + hatLoss + Lanes.Create(HatToHubWK));
        chain.Sink[hatNode] += toHat;
        chain.Source[hatNode] += toHat * hatAhead;
        plateToAir = air.HatWM2K * (PlateCoefficientShare * plateOpenM2);
        var plateSource = (plateToAir * airC) + (CaliperC * WheelParts.PlateToCarrierWK());
        chain.Sink[PlateIn] = chain.Sink[PlateOut] = plateToAir + Lanes.Create(WheelParts.PlateToCarrierWK());
        chain.Source[PlateIn] = chain.Source[PlateOut] = plateSource;
        chain.Source[PistonIn] = chain.Sink[PistonIn] * CaliperC;
        chain.Source[PistonOut] = chain.Sink[PistonOut] * CaliperC;
        chain.Source[FluidIn] = chain.Sink[FluidIn] * CaliperC;
        chain.Source[FluidOut] = chain.Sink[FluidOut] * CaliperC;
        return new FacePaths(convectionIn, convectionOut, radiationIn, radiationOut, caliperIn, caliperOut);
    }

    private Lane CaliperLossWK(double speedMS)
    {
        return caliperFactor * (CaliperLossParkedWK + ((CaliperLossAt100KmhWK - CaliperLossParkedWK) * Wind.At(speedMS)));
    }

    private void SetFaceSink(int node, Lane convection, Lane radiation, Lane toCaliper, Lane airC)
    {
        chain.Sink[node] = convection + radiation + toCaliper;
        chain.Source[node] += (convection * airC) + (radiation * ambientC) + (toCaliper * CaliperC);
    }

    private void Account(double seconds, Lane heatW, Lane airC, in FacePaths faces, Lane caliperLoss)
    {
        var mean = chain.Mean;
        var sink = chain.Sink;
        var ambient = Lanes.Create(ambientC);
        var toHat = (mean[HatNode()] - hatAhead) * ringToHatWK;
        var toHub = (hatAhead - HubC) * HatToHubWK;
        var hatOut = (hatAhead - airC) * hatLoss;
        var hubOut = (HubC - ambient) * HubLossWK;
        var intoCaliper = (faces.CaliperIn * (mean[FaceIn] - CaliperC)) + (faces.CaliperOut * (mean[FaceOut] - CaliperC))
            + (sink[PistonIn] * (mean[PistonIn] - CaliperC)) + (sink[PistonOut] * (mean[PistonOut] - CaliperC))
            + (sink[FluidIn] * (mean[FluidIn] - CaliperC)) + (sink[FluidOut] * (mean[FluidOut] - CaliperC))
            + ((mean[PlateIn] + mean[PlateOut] - (CaliperC * 2)) * WheelParts.PlateToCarrierWK());
        var platesOut = (mean[PlateIn] + mean[PlateOut] - (airC * 2)) * plateToAir;
        var caliperOut = (CaliperC - ambient) * caliperLoss;

        Paths.Add(
            seconds,
            heatW + caliperSourceW,
            (faces.ConvectionIn * (mean[FaceIn] - airC)) + (faces.ConvectionOut * (mean[FaceOut] - airC)),
            (mean[VaneNode] + mean[VaneNode - 1] + mean[VaneNode + 1] - (airC * 3)) * passages,
            (faces.RadiationIn * (mean[FaceIn] - ambient)) + (faces.RadiationOut * (mean[FaceOut] - ambient)),
            hatOut + hubOut,
            caliperOut + platesOut);
        HatC += (toHat - toHub - hatOut) * (seconds / hatCapacityJK);
        HubC += (toHub - hubOut) * (seconds / HubCapacityJK);
        CaliperC += (intoCaliper + caliperSourceW - caliperOut) * (seconds / caliperCapacityJK);
    }

    /// <summary>The ring's node that the hat hangs on: the outboard cheek of a one-piece rotor, the middle of a floating ring.</summary>
    private int HatNode() => parts.Rotor.Construction == Rotors.RotorConstruction.OnePiece ? VaneNode + 1 : VaneNode;

    private Lane FluxIntoFace(int padNode, int faceNode, Lane sourceW)
    {
        var link = chain.Link[Math.Min(padNode, faceNode)];
        return Lanes.MultiplyAddEstimate(link, chain.Temperature[padNode] - chain.Temperature[faceNode], sourceW) * fluxShare;
    }

    /// <summary>Conductances of the two faces during one step, W/K.</summary>
    private readonly record struct FacePaths(Lane ConvectionIn, Lane ConvectionOut, Lane RadiationIn, Lane RadiationOut, Lane CaliperIn, Lane CaliperOut);
}
