using System.Runtime.Intrinsics;
using Rimrock.Core.Materials;
using Rimrock.Core.Numerics;
using Lane = System.Runtime.Intrinsics.Vector256<double>;

namespace Rimrock.Core.Heat;

/// <summary>
/// Heat in one wheel's brake for four members side by side. A chain runs from the fluid behind the inner pistons through
/// piston, plate, pad, cheek, vanes, cheek, pad, plate, piston to the outer fluid; caliper, hat and hub hang on it and
/// move once a step, since they are slow. Heat is born at the rubbing interface and shared by contact conductance and
/// both bodies' conduction. Equations and choices: docs/models/wheel-heat.md. Allocates in the constructor only.
/// </summary>
public sealed partial class WheelNetwork
{
    /// <summary>Cells through a pad's thickness.</summary>
    public const int PadCells = 6;

    /// <summary>Cells through a cheek's thickness.</summary>
    public const int CheekCells = 6;

    /// <summary>Number of nodes in the chain.</summary>
    public const int Nodes = 6 + (2 * PadCells) + (2 * CheekCells) + 1;

    internal const int FluidIn = 0;
    internal const int PistonIn = 1;
    internal const int PlateIn = 2;
    internal const int PadInFace = PlateIn + PadCells;
    internal const int FaceIn = PadInFace + 1;
    internal const int VaneNode = FaceIn + CheekCells;
    internal const int FaceOut = VaneNode + CheekCells;
    internal const int PadOutFace = FaceOut + 1;
    internal const int PlateOut = PadOutFace + PadCells;
    internal const int PistonOut = PlateOut + 1;
    internal const int FluidOut = PistonOut + 1;

    private const double CaliperViewFactor = 0.3;
    private const double CaliperLossAt100KmhWK = 5;
    private const double CaliperLossParkedWK = 1;
    private const double ReferenceMS = 100 / 3.6;
    private const double HatToHubWK = 3;
    private const double HubCapacityJK = 1500;
    private const double HubLossWK = 2;
    /// <summary>A solid disc has no vanes: its middle node keeps a gram, far below anything that matters.</summary>
    private const double LeastVaneKg = 1e-3;

    private const double PlateCoefficientShare = 0.5;

    private readonly ChainSolver chain;
    private readonly WheelAir air;
    private readonly WheelParts parts;
    private readonly Lane[] before = new Lane[Nodes];
    private readonly Lane rimShare;
    private readonly Lane contact;
    private readonly Lane resting;
    private readonly Lane gap;
    private readonly Lane emissivity;
    private readonly Lane wellRise;
    private readonly Lane caliperFactor;
    private readonly Lane drag;
    private readonly Lane padFaceHalf;
    private readonly Lane toFluidIn;
    private readonly Lane toFluidOut;
    private readonly Lane fluidToBody;
    private readonly double pistonOutToBody;
    private readonly double ambientC;
    private readonly double cellM;
    private readonly double faceM2;
    private readonly double exposedM2;
    private readonly double inboardShare;
    private readonly double cellMassKg;
    private readonly double vaneMassKg;
    private readonly double ringToHatWK;
    private readonly double hatAreaM2;
    private readonly double hatCapacityJK;
    private readonly double caliperCapacityJK;
    private readonly double caliperViewM2;
    private readonly double plateOpenM2;
    private readonly bool slidingCaliper;
    private double previousStepS = 1;
    private Lane faceFluxIn;
    private Lane faceFluxOut;
    private Lane passages;
    private Lane plateToAir;

    /// <summary>Puts a wheel together, everything at ambient temperature.</summary>
    /// <param name="parts">The parts.</param>
    /// <param name="members">Exactly four members.</param>
    /// <param name="ambientC">Air temperature, C.</param>
    /// <param name="pressurePa">Air pressure, Pa.</param>
    public WheelNetwork(WheelParts parts, IReadOnlyList<WheelFactors> members, double ambientC, double pressurePa)
    {
        ArgumentNullException.ThrowIfNull(parts);
        ArgumentNullException.ThrowIfNull(members);
        ArgumentOutOfRangeException.ThrowIfNotEqual(members.Count, 4);
        this.parts = parts;
        this.ambientC = ambientC;
        chain = new ChainSolver(Nodes, ambientC);
        Array.Fill(before, Vector256.Create(ambientC));
        CaliperC = HatC = HubC = Vector256.Create(ambientC);
        Lane Each(Func<WheelFactors, double> of) => Vector256.Create(of(members[0]), of(members[1]), of(members[2]), of(members[3]));

        slidingCaliper = parts.Brake.Caliper == Vehicles.CaliperKind.Sliding;
        faceM2 = parts.Rotor.FaceAreaM2();
        cellM = parts.CheekM() / CheekCells;
        cellMassKg = parts.RingDensityKgM3() * faceM2 * cellM;
        vaneMassKg = parts.RingDensityKgM3() * faceM2 * parts.Rotor.VaneGapMm / 1000 * parts.Rotor.VaneFill();
        inboardShare = parts.Duct.InboardShare();
        ringToHatWK = parts.RingToHatWK();
        hatAreaM2 = parts.HatAreaM2();
        hatCapacityJK = parts.HatCapacityJK();
        caliperCapacityJK = parts.CaliperCapacityJK();
        caliperViewM2 = parts.CaliperViewM2();
        plateOpenM2 = parts.PlateOpenM2();
        var rimM2 = 2 * Math.PI * parts.Rotor.OuterRadiusM() * parts.Rotor.ThicknessMm / 1000;
        exposedM2 = (faceM2 * (1 - parts.CoveredShare())) + (rimM2 / 2);
        var ductGain = parts.Duct.Gain();
        air = new WheelAir(parts, Each(m => m.Cooling * (1 + (ductGain * m.Duct))), Each(m => m.VaneFlow), pressurePa);
        rimShare = Each(m => m.RubbedShare);
        contact = Each(m => 2 * m.ContactWM2K * parts.PadAreaM2());
        resting = Each(m => 2 * m.RestingWM2K * parts.PadAreaM2());
        gap = Each(m => 2 * m.GapWM2K * parts.PadAreaM2());
        emissivity = Each(m => m.Emissivity);
        wellRise = Each(m => m.WheelAirRiseK);
        caliperFactor = Each(m => m.CaliperHeat);
        drag = Each(m => m.DragNM);
        toFluidIn = Each(m => parts.PistonToFluidWK(m.PistonToFluidWM2K));
        toFluidOut = slidingCaliper ? Lane.Zero : toFluidIn;
        fluidToBody = Each(m => parts.FluidToBodyWK(m.PistonToFluidWM2K));

        var padCellM = parts.PadMm / 1000 / PadCells;
        var padLink = Each(m => parts.Pad.ConductivityWMK * m.PadConductivity * parts.PadAreaM2() / padCellM);
        padFaceHalf = padLink * 2;
        var fingers = Each(m => parts.PlateToFingersWK(m.PlateToPistonWM2K));
        var toPiston = Each(m => parts.PlateToPistonWK(m.PlateToPistonWM2K));
        pistonOutToBody = slidingCaliper ? 4 * parts.PistonToBodyWK() : parts.PistonToBodyWK();
        SetConstantLinks(padLink, toPiston, slidingCaliper ? fingers : toPiston, padCellM);
    }

    /// <summary>Where the heat went.</summary>
    public HeatPaths Paths { get; } = new();

    /// <summary>Caliper body, C.</summary>
    public Lane CaliperC { get; private set; }

    /// <summary>Hat, C.</summary>
    public Lane HatC { get; private set; }

    /// <summary>Hub, C.</summary>
    public Lane HubC { get; private set; }

    /// <summary>Moves the wheel on by one step.</summary>
    /// <param name="seconds">Step, s.</param>
    /// <param name="speedMS">Road speed, m/s; 0 parks the wheel with its pads resting on the rotor.</param>
    /// <param name="brakingW">Braking power at this wheel, W.</param>
    /// <param name="braking">True while the brake is on.</param>
    public void Step(double seconds, double speedMS, Lane brakingW, bool braking)
    {
        var omega = speedMS / parts.TyreRadiusM;
        var heatW = braking ? brakingW : drag * omega;
        var t = chain.Temperature;
        var ahead = 0.5 * Math.Min(1, seconds / previousStepS);
        var midIn = Ahead(FaceIn, ahead);
        var midOut = Ahead(FaceOut, ahead);
        var midVane = Ahead(VaneNode, ahead);
        var excess = Vector256.Max(t[VaneNode] - Vector256.Create(ambientC), Lane.Zero);
        var airC = Vector256.Create(ambientC) + (wellRise * 1.25 * excess / (excess + Vector256.Create(100.0)));
        air.Update(speedMS, omega, (midIn + midOut) * 0.5, midVane, airC);

        SetRing(ahead);
        var surface = braking ? contact : speedMS > 0 ? gap : resting;
        var (intoIn, intoOut) = SetInterfaces(surface, heatW * 0.5);
        var (radiationIn, radiationOut, caliperIn, caliperOut) = SetSurroundings(midIn, midOut, airC);
        var caliperLoss = caliperFactor * (CaliperLossParkedWK + ((CaliperLossAt100KmhWK - CaliperLossParkedWK) * Math.Pow(speedMS / ReferenceMS, 0.8)));

        for (var i = 0; i < Nodes; i++)
        {
            before[i] = t[i];
        }

        chain.Step(seconds);
        previousStepS = seconds;
        KeepRingEnthalpy();
        Account(seconds, heatW, airC, (radiationIn, radiationOut), (caliperIn, caliperOut), caliperLoss);
        faceFluxIn = FluxIntoFace(PadInFace, FaceIn, intoIn);
        faceFluxOut = FluxIntoFace(PadOutFace, FaceOut, intoOut);
    }

    private static Lane Series(Lane a, Lane b) => a * b / (a + b);

    private void SetConstantLinks(Lane padLink, Lane toPistonIn, Lane toPistonOut, double padCellM)
    {
        var padCapacity = Vector256.Create(parts.Pad.DensityKgM3 * parts.Pad.SpecificHeatJKgK * parts.PadAreaM2() * padCellM);
        for (var i = 0; i < PadCells; i++)
        {
            chain.Capacity[PadInFace - i] = chain.Capacity[PadOutFace + i] = padCapacity;
            chain.Link[PadInFace - i - 1] = chain.Link[PadOutFace + i] = padLink;
        }

        chain.Link[PlateIn] = chain.Link[PlateOut - 1] = padLink * 2;
        chain.Capacity[PlateIn] = chain.Capacity[PlateOut] = Vector256.Create(parts.PlateCapacityJK());
        chain.Capacity[PistonIn] = chain.Capacity[PistonOut] = Vector256.Create(parts.PistonCapacityJK());
        chain.Capacity[FluidIn] = chain.Capacity[FluidOut] = Vector256.Create(parts.FluidCapacityJK());
        chain.Link[PistonIn] = toPistonIn;
        chain.Link[PlateOut] = toPistonOut;
        chain.Link[FluidIn] = toFluidIn;
        chain.Link[PistonOut] = toFluidOut;
        chain.Sink[PistonIn] = Vector256.Create(parts.PistonToBodyWK());
        chain.Sink[PistonOut] = Vector256.Create(pistonOutToBody);
        chain.Sink[FluidIn] = fluidToBody;
        chain.Sink[FluidOut] = slidingCaliper ? Lane.Zero : fluidToBody;
    }

    private void SetRing(double ahead)
    {
        var kIn = GreyIron.ConductivityWMK(Ahead(FaceIn + (CheekCells / 2), ahead));
        var kOut = GreyIron.ConductivityWMK(Ahead(FaceOut - (CheekCells / 2), ahead));
        var kVane = GreyIron.ConductivityWMK(chain.Temperature[VaneNode]);
        for (var i = 0; i < CheekCells; i++)
        {
            chain.Capacity[FaceIn + i] = GreyIron.SpecificHeatJKgK(Ahead(FaceIn + i, ahead)) * cellMassKg;
            chain.Capacity[FaceOut - i] = GreyIron.SpecificHeatJKgK(Ahead(FaceOut - i, ahead)) * cellMassKg;
            chain.Link[FaceIn + i] = kIn * (faceM2 / cellM);
            chain.Link[FaceOut - i - 1] = kOut * (faceM2 / cellM);
        }

        chain.Capacity[VaneNode] = GreyIron.SpecificHeatJKgK(Ahead(VaneNode, ahead)) * RingCellKg(VaneNode);
        var toVane = kVane * (2 * faceM2 / cellM);
        if (parts.Rotor.VaneGapMm > 0)
        {
            toVane = Series(toVane, kVane * (2 * faceM2 * parts.Rotor.VaneFill() / (parts.Rotor.VaneGapMm / 1000)));
        }

        chain.Link[VaneNode - 1] = chain.Link[VaneNode] = toVane;
    }

    /// <summary>
    /// The step used one specific heat for each cell; this moves each cell to the temperature at which it holds exactly
    /// the heat it was given (one Newton step on the enthalpy), so that the energy balance does not drift.
    /// </summary>
    private void KeepRingEnthalpy()
    {
        for (var i = FaceIn; i <= FaceOut; i++)
        {
            var now = chain.Temperature[i];
            var given = chain.Capacity[i] * (now - before[i]) * (1 / RingCellKg(i));
            var held = GreyIron.EnthalpyJKg(now) - GreyIron.EnthalpyJKg(before[i]);
            chain.Temperature[i] = now - ((held - given) / GreyIron.SpecificHeatJKgK(now));
        }
    }

    private double RingCellKg(int node) => node == VaneNode ? Math.Max(vaneMassKg, LeastVaneKg) : cellMassKg;

    /// <summary>Shares the heat born at each interface and links pad to rotor; returns the heat each cheek gets at once, W.</summary>
    private (Lane IntoIn, Lane IntoOut) SetInterfaces(Lane surface, Lane heatPerSideW)
    {
        var padSide = Series(padFaceHalf, surface);
        var rotorIn = Series(chain.Link[FaceIn] * 2, surface);
        var rotorOut = Series(chain.Link[FaceOut - 1] * 2, surface);
        chain.Link[PadInFace] = Series(padSide, rotorIn);
        chain.Link[FaceOut] = Series(padSide, rotorOut);
        var intoIn = heatPerSideW * rotorIn / (rotorIn + padSide);
        var intoOut = heatPerSideW * rotorOut / (rotorOut + padSide);
        chain.Source[FaceIn] = intoIn;
        chain.Source[FaceOut] = intoOut;
        chain.Source[PadInFace] = heatPerSideW - intoIn;
        chain.Source[PadOutFace] = heatPerSideW - intoOut;
        return (intoIn, intoOut);
    }

    private (Lane RadiationIn, Lane RadiationOut, Lane CaliperIn, Lane CaliperOut) SetSurroundings(Lane midIn, Lane midOut, Lane airC)
    {
        var faceConvection = air.FaceWM2K * exposedM2;
        passages = air.VanesWK * (1.0 / 3);
        var radiationIn = GreyBody.CoefficientWM2K(midIn, Vector256.Create(ambientC), emissivity) * exposedM2;
        var radiationOut = GreyBody.CoefficientWM2K(midOut, Vector256.Create(ambientC), emissivity) * exposedM2;
        var view = CaliperViewFactor * 0.5 * caliperViewM2;
        var caliperIn = GreyBody.CoefficientWM2K(midIn, CaliperC, emissivity) * caliperFactor * view;
        var caliperOut = GreyBody.CoefficientWM2K(midOut, CaliperC, emissivity) * caliperFactor * view;
        SetFaceSink(FaceIn, faceConvection * inboardShare, radiationIn, caliperIn, airC);
        SetFaceSink(FaceOut, faceConvection, radiationOut, caliperOut, airC);
        for (var node = VaneNode - 1; node <= VaneNode + 1; node++)
        {
            chain.Sink[node] = passages;
            chain.Source[node] = passages * airC;
        }

        var hatNode = HatNode();
        var toHat = Vector256.Create(ringToHatWK);
        chain.Sink[hatNode] += toHat;
        chain.Source[hatNode] += toHat * HatC;
        plateToAir = air.HatWM2K * (PlateCoefficientShare * plateOpenM2);
        var plateSource = (plateToAir * airC) + (CaliperC * WheelParts.PlateToCarrierWK());
        chain.Sink[PlateIn] = chain.Sink[PlateOut] = plateToAir + Vector256.Create(WheelParts.PlateToCarrierWK());
        chain.Source[PlateIn] = chain.Source[PlateOut] = plateSource;
        chain.Source[PistonIn] = chain.Sink[PistonIn] * CaliperC;
        chain.Source[PistonOut] = chain.Sink[PistonOut] * CaliperC;
        chain.Source[FluidIn] = chain.Sink[FluidIn] * CaliperC;
        chain.Source[FluidOut] = chain.Sink[FluidOut] * CaliperC;
        return (radiationIn, radiationOut, caliperIn, caliperOut);
    }

    private void SetFaceSink(int node, Lane convection, Lane radiation, Lane toCaliper, Lane airC)
    {
        chain.Sink[node] = convection + radiation + toCaliper;
        chain.Source[node] += (convection * airC) + (radiation * ambientC) + (toCaliper * CaliperC);
    }

    private void Account(double seconds, Lane heatW, Lane airC, (Lane In, Lane Out) radiation, (Lane In, Lane Out) caliper, Lane caliperLoss)
    {
        var mean = chain.Mean;
        var ambient = Vector256.Create(ambientC);
        var toHat = (mean[HatNode()] - HatC) * ringToHatWK;
        var hatLoss = air.HatWM2K * hatAreaM2;
        var toHub = (HatC - HubC) * HatToHubWK;
        var hatOut = (HatC - airC) * hatLoss;
        var hubOut = (HubC - ambient) * HubLossWK;
        var radiated = (radiation.In * (mean[FaceIn] - ambient)) + (radiation.Out * (mean[FaceOut] - ambient));
        var convected = ((chain.Sink[FaceIn] - radiation.In - caliper.In) * (mean[FaceIn] - airC))
            + ((chain.Sink[FaceOut] - radiation.Out - caliper.Out) * (mean[FaceOut] - airC));
        var vanes = (mean[VaneNode] + mean[VaneNode - 1] + mean[VaneNode + 1] - (airC * 3)) * passages;
        var intoCaliper = (caliper.In * (mean[FaceIn] - CaliperC)) + (caliper.Out * (mean[FaceOut] - CaliperC))
            + (chain.Sink[PistonIn] * (mean[PistonIn] - CaliperC)) + (chain.Sink[PistonOut] * (mean[PistonOut] - CaliperC))
            + (chain.Sink[FluidIn] * (mean[FluidIn] - CaliperC)) + (chain.Sink[FluidOut] * (mean[FluidOut] - CaliperC))
            + ((mean[PlateIn] + mean[PlateOut] - (CaliperC * 2)) * WheelParts.PlateToCarrierWK());
        var platesOut = (mean[PlateIn] + mean[PlateOut] - (airC * 2)) * plateToAir;
        var caliperOut = (CaliperC - ambient) * caliperLoss;

        Paths.In += heatW * seconds;
        Paths.Faces += convected * seconds;
        Paths.Vanes += vanes * seconds;
        Paths.Radiation += radiated * seconds;
        Paths.Hub += (hatOut + hubOut) * seconds;
        Paths.Caliper += (caliperOut + platesOut) * seconds;
        HatC += (toHat - toHub - hatOut) * (seconds / hatCapacityJK);
        HubC += (toHub - hubOut) * (seconds / HubCapacityJK);
        CaliperC += (intoCaliper - caliperOut) * (seconds / caliperCapacityJK);
    }

    /// <summary>The ring's node that the hat hangs on: the outboard cheek of a one-piece rotor, the middle of a floating ring.</summary>
    private int HatNode() => parts.Rotor.Construction == Rotors.RotorConstruction.OnePiece ? VaneNode + 1 : VaneNode;

    private Lane FluxIntoFace(int padNode, int faceNode, Lane sourceW)
    {
        var link = chain.Link[Math.Min(padNode, faceNode)];
        var flow = sourceW + (link * (chain.Temperature[padNode] - chain.Temperature[faceNode]));
        return flow / (rimShare * faceM2);
    }

    private Lane Ahead(int node, double share) => chain.Temperature[node] + ((chain.Temperature[node] - before[node]) * share);
}
