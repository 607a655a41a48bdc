using System.Runtime.CompilerServices;
using Rimrock.Core.Numerics;
using Rimrock.Core.Rotors;

namespace Rimrock.Core.Heat;

/// <summary>
/// Heat in one wheel's brake for several members side by side. A chain runs from the fluid behind the inner pistons through
/// piston, plate, pad, cheek, vanes, cheek, pad, plate, piston to the outer fluid; caliper, hat and hub hang on it and are
/// solved with it, so that no part is too light for a step. Heat is born at the rubbing interface and shared by contact conductance and
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

    // Hub, upright and the wheel bolted to it: a quarter of a square metre at some 25 W/m2K (engineering judgement, +-50 %).
    private const double HubLossWK = 6;

    /// <summary>A solid disc has no vanes: its middle node keeps a gram, far below anything that matters.</summary>
    private const double LeastVaneKg = 1e-3;

    private const double PlateCoefficientShare = 0.5;

    // Half a caliper's side facing a hot pipe, and the temperature at which it is taken to radiate back (engineering judgement).
    private const double CaliperFacingM2 = 0.01;
    private const double CaliperNearC = 120;

    private const int Before = 0;
    private const int Enthalpy = 1;

    /// <summary>Wind on a caliper against that at 100 km/h.</summary>
    private static readonly UniformTable Wind = new(0, 150, 1201, speedMS => Math.Pow(speedMS / ReferenceMS, 0.8));

    private readonly ChainSolver chain;
    private readonly WheelAir air;
    private readonly WheelParts parts;
    private readonly RotorMaterial ring;
    private readonly Lane smoothBelow;
    private readonly LaneBuffer history = new(2, Nodes);
    private readonly Lane rimShare;
    private readonly Lane contact;
    private readonly Lane resting;
    private readonly Lane gap;
    private readonly Lane emissivity;
    private readonly Lane side;
    private readonly Lane fluxShare;
    private readonly Lane caliperSourceW;
    private readonly Lane wellRise;
    private readonly Lane caliperFactor;
    private readonly Lane drag;
    private readonly Lane padFaceHalf;
    private readonly Lane toFluidIn;
    private readonly Lane toFluidOut;
    private readonly Lane fluidToBody;
    private readonly double pistonOutToBody;
    // Where the day begins, and what is around it.
    private readonly Lane ambient;
    private readonly double cellM;
    private readonly double faceM2;
    private readonly double exposedM2;
    private readonly double innerFaceShare;
    private readonly Lane innerDuct;
    private readonly double wellRiseShare;
    private readonly double cellMassKg;
    private readonly double vaneMassKg;
    private readonly double vaneNodeKg;
    private readonly double perCellKg;
    private readonly double vaneFill;
    private readonly double hatAreaM2;
    private readonly double caliperViewM2;
    private readonly double plateOpenM2;
    private readonly bool oneSidedCaliper;
    private readonly bool bothFaces;
    private Lane previousStepS = Lane.One;
    private Lane passages;
    private Lane hatLoss;
    private Lane plateToAir;

    /// <summary>Puts a wheel together, everything at ambient temperature.</summary>
    /// <param name="parts">The parts.</param>
    /// <param name="members">One to eight members.</param>
    /// <param name="ambientC">Air temperature, C.</param>
    /// <param name="pressurePa">Air pressure, Pa.</param>
    public WheelNetwork(WheelParts parts, IReadOnlyList<WheelFactors> members, double ambientC, double pressurePa)
    {
        ArgumentNullException.ThrowIfNull(parts);
        ArgumentNullException.ThrowIfNull(members);
        this.parts = parts;
        ring = parts.Rotor.MaterialOf();
        smoothBelow = Lanes.Create(ring.SmoothBelowC);
        Lane Each(Func<WheelFactors, double> of) => MemberLanes.Each(members, of);

        ambient = Lanes.Create(ambientC) + Each(m => m.AirShiftK);
        chain = new ChainSolver(Nodes, ambient);
        history.Row(Before).Fill(ambient);
        history.Row(Enthalpy).Fill(ring.EnthalpyJKg(ambient));
        bothFaces = parts.Kind.RubsBothFaces;
        oneSidedCaliper = !bothFaces || parts.Brake.Caliper == Vehicles.CaliperKind.Sliding;
        faceM2 = parts.Rotor.FaceAreaM2();
        cellM = parts.CheekM() / CheekCells;
        cellMassKg = parts.RingDensityKgM3() * faceM2 * cellM;
        vaneFill = parts.Rotor.VaneFill();
        vaneMassKg = parts.RingDensityKgM3() * faceM2 * parts.Rotor.VaneGapMm / 1000 * vaneFill;
        vaneNodeKg = Math.Max(vaneMassKg, LeastVaneKg);
        perCellKg = 1 / cellMassKg;
        innerFaceShare = parts.InnerFaceShare();
        wellRiseShare = parts.Duct.WellRiseShare();
        hatAreaM2 = parts.HatAreaM2();
        caliperViewM2 = parts.CaliperViewM2();
        plateOpenM2 = parts.PlateOpenM2();
        var rimM2 = 2 * Math.PI * parts.Rotor.OuterRadiusM() * parts.Rotor.ThicknessMm / 1000;
        exposedM2 = (faceM2 * (1 - parts.CoveredShare())) + (rimM2 / 2);
        var (eyeGain, faceGain) = (parts.Duct.EyeGain(), parts.Duct.FaceGain());
        var hand = parts.HandFactor();
        air = new WheelAir(parts, Each(m => m.ForcedCooling(parts.Rain) * (1 + (eyeGain * m.Duct))),
            Each(m => m.VaneFlow * Math.Clamp(hand < 1 ? hand + m.Hand : 1, 0.3, 1)),
            pressurePa);
        innerDuct = Each(m => 1 + (faceGain * m.Duct));
        rimShare = Each(m => Math.Min(1, m.RubbedShare * parts.Brake.RubbedPercent / Vehicles.AxleBrake.UsualRubbedPercent));
        contact = Each(m => 2 * m.ContactWM2K * parts.PadAreaM2());
        resting = Each(m => 2 * m.RestingWM2K * parts.PadAreaM2());
        gap = Each(m => 2 * m.GapWM2K * parts.PadAreaM2());
        emissivity = Each(m => Math.Clamp(ring.Emissivity + m.EmissivityShift, 0.2, 0.98));
        side = Each(m => m.Side);
        fluxShare = Lane.One / (rimShare * faceM2);
        caliperSourceW = Lanes.Create(parts.CaliperSource?.PowerW(CaliperFacingM2, CaliperNearC) ?? 0);
        wellRise = Each(m => m.WheelAirRiseK);
        caliperFactor = Each(m => m.CaliperHeat);
        drag = Each(m => m.DragNM);
        toFluidIn = Each(m => parts.PistonToFluidWK(m.PistonToFluidWM2K));
        toFluidOut = oneSidedCaliper ? Lane.Zero : toFluidIn;
        fluidToBody = Each(m => parts.FluidToBodyWK(m.PistonToFluidWM2K));

        var padCellM = parts.PadMm / 1000 / PadCells;
        var padLink = Each(m => parts.Pad.ConductivityWMK * m.PadConductivity * parts.PadAreaM2() / padCellM);
        padFaceHalf = padLink * 2;
        var fingers = Each(m => parts.PlateToFingersWK(m.PlateToPistonWM2K));
        var toPiston = Each(m => parts.PlateToPistonWK(m.PlateToPistonWM2K));
        pistonOutToBody = !bothFaces ? 0 : oneSidedCaliper ? 4 * parts.PistonToBodyWK() : parts.PistonToBodyWK();
        HangCaliperAndHat();
        SetConstantLinks(padLink, toPiston, !bothFaces ? Lane.Zero : oneSidedCaliper ? fingers : toPiston, padCellM);
        ReadFaces(Lane.Zero, Lane.Zero);
    }

    /// <summary>Braking energy of this wheel over the mean of its axle.</summary>
    public Lane Side => side;

    /// <summary>Where the heat went.</summary>
    public HeatPaths Paths { get; } = new();

    /// <summary>Caliper body, C.</summary>
    public Lane CaliperC => chain.Common.Temperature;

    /// <summary>Hat, C.</summary>
    public Lane HatC => chain.Near.Temperature;

    /// <summary>Hub, C.</summary>
    public Lane HubC => chain.Far.Temperature;

    /// <summary>Moves the wheel on by one step.</summary>
    /// <param name="seconds">Step, s.</param>
    /// <param name="speedMS">Road speed, m/s; 0 parks the wheel with its pads resting on the rotor.</param>
    /// <param name="brakingW">Braking power at the mean wheel of the axle, W.</param>
    /// <param name="braking">True while the brake is on.</param>
    /// <param name="extraW">What systems brake at this wheel without the driver, W.</param>
    public void Step(double seconds, double speedMS, Lane brakingW, bool braking, Lane extraW = default) =>
        Step(Lanes.Create(seconds), Lanes.Create(speedMS), brakingW, braking, extraW);

    /// <summary>Moves each member's wheel on by a step of its own; one whose speed is 0 is parked.</summary>
    /// <param name="seconds">Steps, s.</param>
    /// <param name="speedMS">Road speeds, m/s.</param>
    /// <param name="brakingW">Braking power at the mean wheel of the axle, W.</param>
    /// <param name="braking">True while the brakes of those who drive are on.</param>
    /// <param name="extraW">What systems brake at this wheel without the driver, W.</param>
    public void Step(Lane seconds, Lane speedMS, Lane brakingW, bool braking, Lane extraW = default)
    {
        var omega = speedMS * (1 / parts.TyreRadiusM);
        var heatW = (braking ? brakingW * side : drag * omega) + extraW;
        var ahead = Lanes.MinNative(Lane.One, seconds / previousStepS) * 0.5;
        var vaneC = chain.Temperature[VaneNode];
        var excess = Lanes.MaxNative(vaneC - ambient, Lane.Zero);
        var airC = ambient + (wellRise * (1.25 * wellRiseShare) * excess / (excess + Lanes.Create(100.0)));
        var midIn = Ahead(FaceIn, ahead);
        var midOut = Ahead(FaceOut, ahead);
        air.Update(speedMS, omega, (midIn + midOut) * 0.5, Ahead(VaneNode, ahead), airC);

        SetRing(ahead);
        var surface = Lanes.ConditionalSelect(Lanes.GreaterThan(speedMS, Lane.Zero), braking ? contact : gap, resting);
        var (intoIn, intoOut) = SetInterfaces(surface, heatW);
        var paths = SetSurroundings(midIn, midOut, airC, CaliperLossWK(speedMS));
        chain.Temperature[FaceIn..(FaceOut + 1)].CopyTo(history.Row(Before)[FaceIn..]);
        chain.Step(seconds);
        previousStepS = seconds;
        Account(seconds, heatW, airC, paths);
        KeepRingEnthalpy();
        ReadFaces(FluxIntoFace(PadInFace, FaceIn, intoIn), FluxIntoFace(PadOutFace, FaceOut, intoOut));
    }

    [MethodImpl(MethodImplOptions.AggressiveInlining)]
    private static Lane Series(Lane a, Lane b) => a * b / (a + b);

    private void HangCaliperAndHat()
    {
        chain.Common.Capacity = Lanes.Create(parts.CaliperCapacityJK());
        chain.BranchNode = HatNode();
        chain.NearLink = Lanes.Create(parts.RingToHatWK());
        chain.FarLink = Lanes.Create(HatToHubWK);
        chain.Near.Capacity = Lanes.Create(parts.HatCapacityJK());
        chain.Far.Capacity = Lanes.Create(HubCapacityJK);
        chain.Far.Sink = Lanes.Create(HubLossWK);
        chain.Far.Source = ambient * HubLossWK;
    }

    private void SetConstantLinks(Lane padLink, Lane toPistonIn, Lane toPistonOut, double padCellM)
    {
        var padCapacity = Lanes.Create(parts.Pad.DensityKgM3 * parts.Pad.SpecificHeatJKgK * parts.PadAreaM2() * padCellM);
        for (var i = 0; i < PadCells; i++)
        {
            chain.Capacity[PadInFace - i] = chain.Capacity[PadOutFace + i] = padCapacity;
            chain.Link[PadInFace - i - 1] = chain.Link[PadOutFace + i] = padLink;
        }

        chain.Link[PlateIn] = chain.Link[PlateOut - 1] = padLink * 2;
        chain.Capacity[PlateIn] = chain.Capacity[PlateOut] = Lanes.Create(parts.PlateCapacityJK());
        chain.Capacity[PistonIn] = chain.Capacity[PistonOut] = Lanes.Create(parts.PistonCapacityJK());
        chain.Capacity[FluidIn] = chain.Capacity[FluidOut] = Lanes.Create(parts.FluidCapacityJK());
        chain.Link[PistonIn] = toPistonIn;
        chain.Link[PlateOut] = toPistonOut;
        chain.Link[FluidIn] = toFluidIn;
        chain.Link[PistonOut] = toFluidOut;
        chain.Join[PistonIn] = Lanes.Create(parts.PistonToBodyWK());
        chain.Join[PistonOut] = Lanes.Create(pistonOutToBody);
        chain.Join[FluidIn] = fluidToBody;
        chain.Join[FluidOut] = oneSidedCaliper ? Lane.Zero : fluidToBody;
        chain.Join[PlateIn] = chain.Join[PlateOut] = Lanes.Create(WheelParts.PlateToCarrierWK());
    }
}
