using Rimrock.Core.Heat;
using Rimrock.Core.Priors;

namespace Rimrock.Core.Runs;

/// <summary>
/// One thing that is guessed: how it moves a member by a number of standard deviations, and what a driver could do to know
/// it better. Medians and spreads as in docs/models/priors.md.
/// </summary>
/// <param name="Code">Stable code.</param>
/// <param name="Name">What a driver calls it.</param>
/// <param name="Spread">The spread in words.</param>
/// <param name="Measure">What to measure to narrow it.</param>
/// <param name="Move">The member moved by so many standard deviations.</param>
/// <param name="OfCapacity">True for what a part can take: no observation of a day's heat tells of it, so that it is neither learnt nor shown as
/// taught.</param>
public sealed record PriorFactor(string Code, string Name, string Spread, string Measure, Func<CarFactors, double, CarFactors> Move, bool OfCapacity = false)
{
    /// <summary>All factors; their order is the order of the sequence's dimensions.</summary>
    public static IReadOnlyList<PriorFactor> All { get; } =
    [
        Wheel("cooling", "cooling air", PriorSpread.Cooling, "a rotor paint between the band's edges", (wheel, by) =>
            wheel with { Cooling = wheel.Cooling * by }),
        Car("energy", "how late and hard you brake", PriorSpread.Energy, "a recorded speed trace of one lap", (car, by) =>
            car with { Energy = car.Energy * by }),
        Wheel("vane-flow", "flow through the vanes", PriorSpread.VaneFlow, "a rotor paint between the band's edges", (wheel, by) =>
            wheel with { VaneFlow = wheel.VaneFlow * by }),
        Wheel("pad-conductivity", "heat that the pad lets through", PriorSpread.PadConductivity, "a sticker on the caliper", (wheel, by) =>
            wheel with { PadConductivity = wheel.PadConductivity * by }),
        Wheel("plate-to-piston", "heat from plate to piston", PriorSpread.PlateToPiston, "a sticker on the caliper", (wheel, by) =>
            wheel with { PlateToPistonWM2K = wheel.PlateToPistonWM2K * by }),
        Wheel("piston-to-fluid", "heat from piston to fluid", PriorSpread.PistonToFluid, "a sticker on the caliper", (wheel, by) =>
            wheel with { PistonToFluidWM2K = wheel.PistonToFluidWM2K * by }),
        Wheel("caliper", "the caliper's own cooling", PriorSpread.Caliper, "a sticker on the caliper", (wheel, by) =>
            wheel with { CaliperHeat = wheel.CaliperHeat * by }),
        WheelShift("emissivity", "how well the rotor radiates", (PriorSpread.Emissivity, ""), "a rotor paint between the band's edges", (wheel, by) =>
            wheel with { EmissivityShift = wheel.EmissivityShift + by }),
        WheelShift("wheel-air", "warm air in the wheel", (PriorSpread.WheelAirK, " K"), "a rotor paint between the band's edges", (wheel, by) =>
            wheel with { WheelAirRiseK = Math.Max(0, wheel.WheelAirRiseK + by) }),
        Wheel("rubbed-share", "share of the face that rubs", PriorSpread.RubbedShare, "a look at the rubbed band", (wheel, by) =>
            wheel with { RubbedShare = Math.Min(1, wheel.RubbedShare * by) }),
        Wheel("contact", "contact of pad and rotor", PriorSpread.Contact, "a look at the rubbed band", (wheel, by) =>
            wheel with { ContactWM2K = wheel.ContactWM2K * by, RestingWM2K = wheel.RestingWM2K * by, GapWM2K = wheel.GapWM2K * by }),
        Wheel("drag", "pads that drag", PriorSpread.Drag, "how freely the wheel turns on the stand", (wheel, by) => wheel with { DragNM = wheel.DragNM * by }),
        CarShift("front-share", "the electronics' front share", (PriorSpread.FrontShare, ""), "front and rear rotor paints together", (car, by) =>
            car with { FrontShareShift = car.FrontShareShift + by }),
        Car("front-friction", "scatter of the front pad's friction", PriorSpread.Friction, "its batch's dynamometer sheet", (car, by) =>
            car with { FrontFriction = car.FrontFriction * by }),
        Car("rear-friction", "scatter of the rear pad's friction", PriorSpread.Friction, "its batch's dynamometer sheet", (car, by) =>
            car with { RearFriction = car.RearFriction * by }),
        CarShift("chart-basis", "what the pad chart's temperature means", (PriorSpread.ChartBasisK, " K"), "the chart's basis, from its maker", (car, by) =>
            car with { ChartShiftK = car.ChartShiftK + by }),
        Car("wear", "pad wear", PriorSpread.Wear, "pad thickness before and after a day", (car, by) => car with { Wear = car.Wear * by }),
        Car("water", "water that the fluid took up", PriorSpread.Water, "a moisture reading", (car, by) => car with { WaterRate = car.WaterRate * by }),
        Wheel("duct", "what the duct really brings", PriorSpread.Duct, "a rotor paint with and without the duct", (wheel, by) =>
            wheel with { Duct = wheel.Duct * by }),
        WheelShift("hand", "vanes that turn the wrong way", (PriorSpread.Hand, ""), "a rotor paint between the band's edges", (wheel, by) =>
            wheel with { Hand = wheel.Hand + by }),
        new("side", "left and right front wheel", Text($"+-{PriorSpread.Side}"), "rotor paints on both sides", (car, z) =>
            car with { Front = car.Front with { Side = car.Front.Side * (1 + (PriorSpread.Side * Math.Clamp(z, -3, 3))) } }),
        Car("boiling-curve", "the fluid's chemistry", PriorSpread.BoilingDecay, "a boiling-point test", (car, by) =>
            car with { BoilingDecay = car.BoilingDecay * by }),
        Capacity("vapour", "where vapour shows below boiling", Text($"+-{PriorSpread.VapourK} K"), "a boiling-point test", (takes, z) =>
            takes with { Vapour = takes.Vapour + z }),
        Capacity("front-face-limit", "what the front rotors take", FaceSpread, "the ring's alloy, from its maker", (takes, z) =>
            takes with { FrontFace = takes.FrontFace + z }),
        Capacity("rear-face-limit", "what the rear rotors take", FaceSpread, "the ring's alloy, from its maker", (takes, z) =>
            takes with { RearFace = takes.RearFace + z }),
        Capacity("seal-limit", "what the piston seals take", Text($"+-{PriorSpread.SealK} K"), "the seals' rubber, from the caliper's maker", (takes, z) =>
            takes with { Seals = takes.Seals + z }),
        Capacity("cone-limit", "how far out of flat a ring may stand", Text($"+-{PriorSpread.ConeUm} µm"), "a dial gauge on the hot ring", (takes, z) =>
            takes with { Cone = takes.Cone + z }),
        Capacity("leg", "what your leg gives", Text($"x{PriorSpread.Leg}"), "a scale under the foot", (takes, z) => takes with { Leg = takes.Leg + z }),
    ];

    /// <summary>Factors that evidence can move: the first of <see cref="All"/>.</summary>
    public static int Learnable { get; } = All.TakeWhile(factor => !factor.OfCapacity).Count();

    /// <summary>The car of a row of scores.</summary>
    public static CarFactors CarOf(double[] scores)
    {
        ArgumentNullException.ThrowIfNull(scores);
        var car = CarFactors.Median;
        for (var i = 0; i < scores.Length; i++)
        {
            car = All[i].Move(car, scores[i]);
        }

        return car;
    }

    private static string FaceSpread =>
        Text($"+-{PriorSpread.IronFaceK} K on iron, +-{PriorSpread.CarbonFaceK} K on carbon, +-{PriorSpread.DrumK} K in a drum");

    private static PriorFactor Car(string code, string name, double factor, string measure, Func<CarFactors, double, CarFactors> move) =>
        new(code, name, Text($"x{factor}"), measure, (car, z) => move(car, Math.Pow(factor, z)));

    private static PriorFactor CarShift(string code, string name, (double One, string Unit) spread, string measure, Func<CarFactors, double,
        CarFactors> move) =>
        new(code, name, Text($"+-{spread.One}{spread.Unit}"), measure, (car, z) => move(car, spread.One * z));

    private static PriorFactor Wheel(string code, string name, double factor, string measure, Func<WheelFactors, double, WheelFactors> move) =>
        Car(code, name, factor, measure, (car, by) => Wheels(car, wheel => move(wheel, by)));

    private static PriorFactor WheelShift(string code, string name, (double One, string Unit) spread, string measure, Func<WheelFactors, double,
        WheelFactors> move) =>
        CarShift(code, name, spread, measure, (car, by) => Wheels(car, wheel => move(wheel, by)));

    private static PriorFactor Capacity(string code, string name, string spread, string measure, Func<MemberCapacities, double, MemberCapacities> move) =>
        new(code, name, spread, measure, (car, z) => car with { Capacities = move(car.Capacities, z) }, OfCapacity: true);

    private static CarFactors Wheels(CarFactors car, Func<WheelFactors, WheelFactors> move) => car with { Front = move(car.Front), Rear = move(car.Rear) };
}
