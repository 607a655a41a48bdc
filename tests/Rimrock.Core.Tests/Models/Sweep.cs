using Rimrock.Core.Driving;
using Rimrock.Core.Rotors;
using Rimrock.Core.Runs;
using Rimrock.Core.Vehicles;

namespace Rimrock.Core.Tests.Models;

/// <summary>One input swept from its least to its most, all else as it is.</summary>
/// <param name="Input">What is swept.</param>
/// <param name="Unit">Its unit; empty for steps of a kind.</param>
/// <param name="Values">Its values.</param>
/// <param name="Set">The plan with a value.</param>
/// <param name="Face">1 where more of it heats the front face, -1 where it cools it, 0 where nobody can say beforehand: electronics
/// hand an axle what it can hold whatever its pistons, a thicker ring swings less and lies
/// further from its vanes.</param>
/// <param name="Fluid">The same for the front fluid.</param>
internal sealed record Sweep(string Input, string Unit, double[] Values, Func<PredictionPlan, double, PredictionPlan> Set, int Face, int Fluid)
{
    private static readonly string[] Tyres = ["summer", "sport", "semi-slick"];
    private static readonly string[] Paces = ["novice", "regular", "advanced"];

    /// <summary>All of them; signs are facts of the trade and of the heat balance (common practice), never read off the model.</summary>
    public static IReadOnlyList<Sweep> All { get; } =
    [
        Car("mass", "x", [0.8, 0.9, 1, 1.1, 1.2], (car, by) => car with { MassKg = car.MassKg * by }, 1, 1),
        Car("power", "x", [0.7, 0.85, 1, 1.15, 1.3], (car, by) => car with { PowerKw = car.PowerKw * by }, 1, 1),
        Of("tyre", "", [0, 1, 2], (plan, i) => plan with { Car = plan.Car with { Tyre = Tyres[(int)i] } }, 1, 0),
        Of("pace", "", [0, 1, 2], (plan, i) => plan with { Pace = Paces[(int)i] }, 1, 1),
        Car("drag area", "m2", [0.5, 0.6, 0.7, 0.8, 0.9], (car, to) => car with { DragAreaM2 = to }, -1, 0),
        Car("rolling resistance", "", [0.008, 0.012, 0.016, 0.02], (car, to) => car with { RollingResistance = to }, -1, -1),
        Car("engine braking", "m/s2", [0, 0.3, 0.6, 0.9], (car, to) => car with { EngineBrakingMS2 = to }, -1, -1),
        Car("recuperation", "m/s2", [0, 0.7, 1.4, 2.1], (car, to) => car with { RegenerationMS2 = to }, -1, -1),
        Car("rotating mass factor", "", [1, 1.04, 1.08, 1.12], (car, to) => car with { RotatingMassFactor = to }, 0, 0),
        Car("drive efficiency", "", [0.75, 0.82, 0.89, 0.96], (car, to) => car with { DriveEfficiency = to }, 1, 1),
        Car("front static share", "", [0.45, 0.5, 0.55, 0.6], (car, to) => car with { StaticFrontShare = to }, 0, 0),
        Car("height of the centre of gravity", "m", [0.45, 0.52, 0.59, 0.66], (car, to) => car with { CgHeightM = to }, 0, 0),
        Car("wheelbase", "m", [2.4, 2.6, 2.8, 3], (car, to) => car with { WheelbaseM = to }, 0, 0),
        Car("tyre radius", "m", [0.29, 0.31, 0.33, 0.35], (car, to) => car with { TyreRadiusM = to }, 1, 0),
        Car("downforce area", "m2", [0, 0.7, 1.4, 2.1], (car, to) => car with { DownforceAreaM2 = to }, 0, 0),
        Front("front pistons", "x", [0.9, 0.95, 1, 1.05, 1.1], (front, by) => front with { PistonsMm = [.. front.PistonsMm.Select(mm => mm * by)] }, 0, 0),
        Car("rear pistons", "x", [0.9, 0.95, 1, 1.05, 1.1], (car, by) =>
            car with { Rear = car.Rear with { PistonsMm = [.. car.Rear.PistonsMm.Select(mm => mm * by)] } }, -1, -1),
        Front("front pad area", "x", [0.8, 0.9, 1, 1.1, 1.2], (front, by) => front with { PadAreaCm2 = front.PadAreaCm2 * by }, 0, 0),
        Of("front pad left", "mm", [4, 6, 8, 10], (plan, mm) => plan with { FrontPadMm = mm }, 0, -1),
        Front("front caliper's mass", "x", [0.7, 0.85, 1, 1.15, 1.3], (front, by) => front with { CaliperMassKg = front.CaliperMassKg * by }, 0, -1),
        Front("front pistons of titanium", "", [0, 1], (front, on) => front with { Pistons = on > 0 ? PistonMaterial.Titanium : PistonMaterial.Metal }, 0, -1),
        Front("front shims of titanium", "", [0, 1], (front, on) => front with { Shim = on > 0 ? Shim.Titanium : Shim.None }, 0, -1),
        Ring("front rotor's diameter", "x", [0.96, 0.98, 1, 1.02, 1.04], (ring, by) => ring with { OuterDiameterMm = ring.OuterDiameterMm * by }, -1, 0),
        Ring("front rotor's inner diameter", "x", [0.96, 0.98, 1, 1.02], (ring, by) => ring with { InnerDiameterMm = ring.InnerDiameterMm * by }, 1, 0),
        Ring("front rotor's thickness", "x", [0.9, 0.95, 1, 1.05, 1.1], (ring, by) => ring with { ThicknessMm = ring.ThicknessMm * by }, 0, 0),
        Ring("front rotor's vanes", "", [24, 30, 36, 42], (ring, to) => ring with { VaneCount = (int)to }, 0, 0),
        Of("front duct's hose", "mm", [0, 51, 63, 76, 102], (plan, mm) =>
            plan with { FrontDuct = new WheelDuct(mm, mm > 0 ? Shield.Trimmed : Shield.Closed) }, -1, -1),
        Of("front shield cut away", "", [0, 1, 2], (plan, i) => plan with { FrontDuct = new WheelDuct(Shield: (Shield)(int)i) }, -1, -1),
        Of("front rotors on the wrong side", "", [0, 1], (plan, on) =>
            plan with { FrontWrongSide = on > 0, FrontRotor = plan.FrontRotor with { Vanes = VaneKind.Curved } }, 1, 1),
        Of("air", "C", [0, 10, 20, 30, 40], (plan, to) => plan with { Weather = plan.Weather with { AmbientC = to } }, 1, 1),
        Of("rain", "", [0, 1], (plan, on) => plan with { Weather = plan.Weather with { Rain = on > 0 } }, -1, -1),
        Of("altitude, charged engine", "m", [0, 700, 1400, 2100], (plan, to) =>
            plan with { Car = plan.Car with { Charged = true }, Circuit = plan.Circuit with { AltitudeM = to } }, 1, 1),
        Of("minutes in a session", "min", [8, 14, 20, 26], (plan, to) => plan with { Stint = plan.Stint with { MinutesEach = to } }, 1, 1),
        Of("rest between two sessions", "min", [10, 20, 40, 80], (plan, to) =>
            plan with { Stint = plan.Stint with { Sessions = 2, RestMinutes = to } }, 0, -1),
        Of("out-lap pace", "", [0.6, 0.7, 0.8, 0.9], (plan, to) => plan with { Stint = plan.Stint with { OutLapPace = to } }, 0, 0),
        Of("cool-down laps", "", [0, 1, 2, 3], (plan, to) => plan with { Stint = plan.Stint with { CoolDownLaps = (int)to } }, 0, -1),
        Of("stability control at work", "%", [0, 25, 50, 100], (plan, to) => plan with { StabilityControlPercent = to }, 1, 1),
        Down("descent's height", "m", [300, 600, 900, 1200], (day, to) => day with { DropM = to }, 1, 1),
        Down("descent's slope", "%", [5, 7, 9, 11], (day, to) => day with { SlopePercent = to }, 1, 1),
        Down("trailer on a descent", "kg", [0, 400, 800, 1200], (day, to) => day with { TrailerKg = to }, 1, 1),
        Down("lower gear on a descent", "", [0, 1, 2], (day, i) => day with { Gear = (DescentGear)(int)i }, -1, -1),
    ];

    /// <summary>Highest front face and front fluid of the leading day as it is laid out, C: nobody at the pedal, so that heat is not traded for pace.</summary>
    public static (double FaceC, double FluidC) Peaks(PredictionPlan plan)
    {
        var run = new DayRun(plan, [CarFactors.Median], demands: false, by: DrivenBy.Plan) { Guarded = false };
        foreach (var phase in new Day(plan).Phases)
        {
            run.Run(phase);
        }

        double Peak(BrakePart part) => run.Phases.Max(phase => phase.Peak[(int)part][0]);
        return (Peak(BrakePart.FrontFace), Peak(BrakePart.FrontFluid));
    }

    private static Sweep Of(string input, string unit, double[] values, Func<PredictionPlan, double, PredictionPlan> set, int face, int fluid) =>
        new(input, unit, values, set, face, fluid);

    private static Sweep Car(string input, string unit, double[] values, Func<Car, double, Car> set, int face, int fluid) =>
        Of(input, unit, values, (plan, value) => plan with { Car = set(plan.Car, value) }, face, fluid);

    private static Sweep Front(string input, string unit, double[] values, Func<AxleBrake, double, AxleBrake> set, int face, int fluid) =>
        Car(input, unit, values, (car, value) => car with { Front = set(car.Front, value) }, face, fluid);

    private static Sweep Ring(string input, string unit, double[] values, Func<Rotor, double, Rotor> set, int face, int fluid) =>
        Of(input, unit, values, (plan, value) => plan with { FrontRotor = set(plan.FrontRotor with { RingMassKg = null }, value) }, face, fluid);

    private static Sweep Down(string input, string unit, double[] values, Func<PlannedDay, double, PlannedDay> set, int face, int fluid) =>
        Of(input, unit, values, (plan, value) => plan with { Days = [set(new PlannedDay(DayKind.Descent, 4), value)] }, face, fluid);
}
