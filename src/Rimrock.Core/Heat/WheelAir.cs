using System.Runtime.CompilerServices;
using Rimrock.Core.Materials;
using Rimrock.Core.Numerics;
using Rimrock.Core.Rotors;

namespace Rimrock.Core.Heat;

/// <summary>
/// Heat transfer from a rotor to the air for each member: road wind on the faces (<see cref="RoadDisc"/>), pumped air in the vanes (<see cref="VaneFlow"/>),
/// joined with still air as the fourth root of the sum of fourth powers (the rule for mixed convection, exponent 3 to 4,
/// Incropera section 9.9, from memory), so that standing, rolling and flying need no cases. Air properties at the film
/// temperature; the air warms along the vanes (1 - exp(-NTU)).
/// </summary>
public sealed class WheelAir
{
    /// <summary>
    /// What rotation (turning channels, swirl at the inlet) adds to heat transfer in the vanes over a straight channel at
    /// rest. Ours: set once so that a 7.5 kg vented ring of 320 mm behind a closed shield cools from 400 to 200 C with a
    /// time constant of 230 s at 100 km/h (common practice); part of the cooling prior of x1.35.
    /// </summary>
    public const double VaneRotation = 2.5;

    private const double StillFaceWM2K = 5;
    private const double StillVaneWM2K = 3;
    private const double HatShareOfFace = 0.6;
    private const double ColdestFilmC = -60;
    private const double HottestFilmC = 760;
    private static readonly SmoothFit Conductivity = new(ColdestFilmC, HottestFilmC, c => Air.ConductivityWMK(Lanes.Create(c))[0]);
    private static readonly UniformTable FaceNusseltByRootRe = new(0, 1600, 801, root => RoadDisc.Nusselt(root * root));
    private static readonly UniformTable NoVanes = new(0, 1, 2, _ => 0);
    private static readonly ConditionalWeakTable<Rotor, UniformTable> VaneTables = [];
    private readonly UniformTable vaneNusseltByRootRe;
    private readonly Lane faceFactor;
    private readonly Lane vaneFactor;
    private readonly Lane vaneFlow;
    private readonly double radiusM;
    private readonly double inletM;
    private readonly double hydraulicM;
    private readonly double vaneAreaM2;
    private readonly double openAreaM2;
    private readonly double pressurePa;
    private readonly SmoothFit perRootViscosity;
    private readonly Lane rootVaneFlow;
    private readonly bool vented;

    /// <summary>Prepares the correlations for a rotor.</summary>
    /// <param name="parts">The wheel's parts.</param>
    /// <param name="cooling">Members' factor on forced convection, the duct's gain included.</param>
    /// <param name="vaneFlow">Members' factor on the vane flow.</param>
    /// <param name="pressurePa">Air pressure, Pa.</param>
    public WheelAir(WheelParts parts, Lane cooling, Lane vaneFlow, double pressurePa)
    {
        ArgumentNullException.ThrowIfNull(parts);
        var rotor = parts.Rotor;
        radiusM = rotor.OuterRadiusM();
        vented = rotor.Vanes != VaneKind.Solid;
        faceFactor = cooling * parts.Duct.WindShare();
        vaneFactor = cooling * VaneRotation;
        this.vaneFlow = vaneFlow * (VaneFlow.FlowShare * VaneFlow.KindFactor(rotor.Vanes));
        this.pressurePa = pressurePa;
        perRootViscosity = new SmoothFit(ColdestFilmC, HottestFilmC, c => 1 / Math.Sqrt(Air.KinematicViscosityM2S(Lanes.Create(c), pressurePa)[0]));
        rootVaneFlow = Lanes.Sqrt(this.vaneFlow);
        if (vented)
        {
            var gap = rotor.VaneGapMm / 1000;
            hydraulicM = VaneFlow.HydraulicDiameterM(rotor);
            inletM = VaneFlow.IdealInletMetres(rotor.OuterRadiusM(), rotor.InnerRadiusM());
            var length = rotor.VaneLengthM();
            vaneAreaM2 = (2 * rotor.FaceAreaM2() * (1 - rotor.VaneFill())) + (2 * rotor.VaneCount * gap * length);
            vaneNusseltByRootRe = VaneTables.GetValue(rotor, made =>
                new UniformTable(0, 260, 401, root => VaneFlow.Nusselt(root * root, VaneFlow.HydraulicDiameterM(made) / made.VaneLengthM())));
            openAreaM2 = 2 * Math.PI * rotor.InnerRadiusM() * gap * (1 - rotor.VaneFill());
        }
        else
        {
            vaneNusseltByRootRe = NoVanes;
        }
    }

    /// <summary>Coefficient of a free face, W/m2K.</summary>
    public Lane FaceWM2K { get; private set; }

    /// <summary>Conductance of all vane passages to the wheel-well air, W/K.</summary>
    public Lane VanesWK { get; private set; }

    /// <summary>Coefficient of the hat, W/m2K.</summary>
    public Lane HatWM2K { get; private set; }

    /// <summary>Brings the coefficients up to date.</summary>
    /// <param name="speedMS">Road speed, m/s.</param>
    /// <param name="omegaRadS">Wheel speed, rad/s.</param>
    /// <param name="faceC">Mean temperature of the faces, C.</param>
    /// <param name="vaneC">Temperature of the vanes, C.</param>
    /// <param name="airC">Wheel-well air, C.</param>
    public void Update(Lane speedMS, Lane omegaRadS, Lane faceC, Lane vaneC, Lane airC)
    {
        var film = (faceC + airC) * 0.5;
        var root = perRootViscosity.At(film) * Lanes.Sqrt(speedMS * (2 * radiusM));
        var forced = FaceNusseltByRootRe.At(root) * Conductivity.At(film) * faceFactor * (1 / (2 * radiusM));
        FaceWM2K = Joined(forced, StillFaceWM2K);
        HatWM2K = (FaceWM2K * HatShareOfFace) + Lanes.Create((1 - HatShareOfFace) * StillFaceWM2K);
        VanesWK = vented ? Vanes(omegaRadS, (vaneC + airC) * 0.5, airC) : Lane.Zero;
    }

    [MethodImpl(MethodImplOptions.AggressiveInlining)]
    private Lane Vanes(Lane omegaRadS, Lane film, Lane airC)
    {
        var speed = vaneFlow * (omegaRadS * inletM);
        var root = rootVaneFlow * perRootViscosity.At(film) * Lanes.Sqrt(omegaRadS * (inletM * hydraulicM));
        var forced = vaneNusseltByRootRe.At(root) * Conductivity.At(film) * vaneFactor * (1 / hydraulicM);
        var conductance = Joined(forced, StillVaneWM2K) * vaneAreaM2;

        // Capacity rate of the air that flows, with the still-air exchange as a floor so that standing is no special case.
        var density = Lanes.Create(pressurePa / Air.GasConstantJKgK) / (airC + Lanes.Create(Quantities.Temperature.ZeroCelsiusInKelvin));
        var capacityRate = (speed * density * (openAreaM2 * Air.SpecificHeatJKgK)) + Lanes.Create(2 * StillVaneWM2K * vaneAreaM2);
        var ntu = conductance / capacityRate;

        // (1 - exp(-x)) / x by its Pade form (6 + x) / (6 + 4 x + x^2): within 0.7 % up to x = 1, 1.7 % at 1.5.
        var share = (ntu + Lanes.Create(6.0)) / (Lanes.Create(6.0) + (ntu * 4) + (ntu * ntu));
        return conductance * share;
    }

    [MethodImpl(MethodImplOptions.AggressiveInlining)]
    private static Lane Joined(Lane forced, double still)
    {
        var square = forced * forced;
        return Lanes.Sqrt(Lanes.Sqrt((square * square) + Lanes.Create(still * still * still * still)));
    }
}
