namespace Rimrock.Core.Heat;

/// <summary>
/// What is guessed about one wheel: a member of an ensemble is one set of these. Medians as in docs/models/priors.md.
/// </summary>
/// <param name="Cooling">On all forced convection.</param>
/// <param name="OwnCooling">The same of this axle alone; spray on a wet track goes with it.</param>
/// <param name="VaneFlow">On the vane flow.</param>
/// <param name="WheelAirRiseK">Wheel-well air above ambient with a rotor 400 K hotter, K.</param>
/// <param name="ContactWM2K">Contact conductance pad to rotor while braking, W/m2K.</param>
/// <param name="RestingWM2K">The same with the pad at rest on the rotor, W/m2K.</param>
/// <param name="GapWM2K">Conductance of the air gap off the brake, W/m2K.</param>
/// <param name="RubbedShare">Share of the face that rubs.</param>
/// <param name="PadConductivity">On the family's conductivity.</param>
/// <param name="PlateToPistonWM2K">Backing plate to piston rim, W/m2K.</param>
/// <param name="PistonToFluidWM2K">Piston to fluid, W/m2K.</param>
/// <param name="CaliperHeat">On the caliper's loss and its view of the rotor.</param>
/// <param name="EmissivityShift">Added to the emissivity of the rotor's material.</param>
/// <param name="DragNM">Drag torque of a wheel off the brake, Nm.</param>
/// <param name="Duct">On what a duct adds.</param>
/// <param name="Hand">Added to the flow factor of vanes that turn the wrong way.</param>
/// <param name="Side">Braking energy of this wheel over the mean of its axle.</param>
/// <param name="AirShiftK">The day's air above what was said of it, K.</param>
public sealed record WheelFactors(
    double Cooling = 1,
    double OwnCooling = 1,
    double VaneFlow = 1,
    double WheelAirRiseK = 15,
    double ContactWM2K = 100_000,
    double RestingWM2K = 300,
    double GapWM2K = 400,
    double RubbedShare = 0.8,
    double PadConductivity = 1,
    double PlateToPistonWM2K = 1500,
    double PistonToFluidWM2K = 300,
    double CaliperHeat = 1,
    double EmissivityShift = 0,
    double DragNM = 2,
    double Duct = 1,
    double Hand = 0,
    double Side = 1,
    double AirShiftK = 0)
{
    /// <summary>Every factor at its median.</summary>
    public static WheelFactors Median { get; } = new();

    /// <summary>Spray on forced cooling in rain (own judgement, x1.2).</summary>
    public const double SprayInRain = 1.3;

    /// <summary>All that works on forced convection: the common part, the axle's own, and the spray with a spread that adds to the own one's.</summary>
    /// <param name="rain">True on a wet track.</param>
    public double ForcedCooling(bool rain) => Cooling * (rain ? SprayInRain * Math.Pow(OwnCooling, OwnAndSpray) : OwnCooling);

    // Two independent log-normal factors are one: the squares of their logarithms add.
    private static readonly double OwnAndSpray = Math.Sqrt(1 + Math.Pow(Math.Log(Priors.PriorSpread.Spray) / Math.Log(Priors.PriorSpread.OwnCooling), 2));
}
