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
/// <param name="OfCapacity">True for what a part can take, and for what matters less: no observation of a day's heat tells of it, so that it is neither
/// learnt nor shown as taught.</param>
/// <param name="Scope">What it belongs to.</param>
public sealed record PriorFactor(string Code, Said Name, Said Spread, Said Measure, Func<CarFactors, double, CarFactors> Move, bool OfCapacity = false,
    FactorScope Scope = FactorScope.Car)
{
    /// <summary>All factors; their order is the order of the sequence's dimensions.</summary>
    public static IReadOnlyList<PriorFactor> All { get; } =
    [
        Wheel("cooling", Said.Of("prior-factor.cooling-air"), PriorSpread.Cooling, Said.Of("prior-factor.rotor-paint-between-bands"), (wheel, by) =>
            wheel with { Cooling = wheel.Cooling * by }),
        Car("energy", Said.Of("prior-factor.how-late-hard-you"), PriorSpread.Energy, Said.Of("prior-factor.recorded-speed-trace-one"), (car, by) =>
            car with { Energy = car.Energy * by }) with
        { Scope = FactorScope.Driver },
        Wheel("vane-flow", Said.Of("prior-factor.flow-through-vanes"), PriorSpread.VaneFlow, Said.Of("prior-factor.rotor-paint-between-bands"), (wheel, by) =>
            wheel with { VaneFlow = wheel.VaneFlow * by }),
        Wheel("pad-conductivity", Said.Of("prior-factor.heat-pad-lets-through"), PriorSpread.PadConductivity, Said.Of("prior-factor.sticker-caliper"),
            (wheel, by) =>
            wheel with { PadConductivity = wheel.PadConductivity * by }) with
        { Scope = FactorScope.FrontPad },
        Wheel("plate-to-piston", Said.Of("prior-factor.heat-plate-piston"), PriorSpread.PlateToPiston, Said.Of("prior-factor.sticker-caliper"), (wheel, by) =>
            wheel with { PlateToPistonWM2K = wheel.PlateToPistonWM2K * by }),
        Wheel("piston-to-fluid", Said.Of("prior-factor.heat-piston-fluid"), PriorSpread.PistonToFluid, Said.Of("prior-factor.sticker-caliper"), (wheel, by) =>
            wheel with { PistonToFluidWM2K = wheel.PistonToFluidWM2K * by }),
        Wheel("caliper", Said.Of("prior-factor.calipers-own-cooling"), PriorSpread.Caliper, Said.Of("prior-factor.sticker-caliper"), (wheel, by) =>
            wheel with { CaliperHeat = wheel.CaliperHeat * by }),
        WheelShift("emissivity", Said.Of("prior-factor.how-well-rotor-radiates"), (PriorSpread.Emissivity, ""),
            Said.Of("prior-factor.rotor-paint-between-bands"), (wheel, by) =>
            wheel with { EmissivityShift = wheel.EmissivityShift + by }),
        WheelShift("wheel-air", Said.Of("prior-factor.warm-air-wheel"), (PriorSpread.WheelAirK, "K"), Said.Of("prior-factor.rotor-paint-between-bands"),
            (wheel, by) =>
            wheel with { WheelAirRiseK = Math.Max(0, wheel.WheelAirRiseK + by) }),
        Wheel("rubbed-share", Said.Of("prior-factor.share-face-rubs"), PriorSpread.RubbedShare, Said.Of("prior-factor.look-rubbed-band"), (wheel, by) =>
            wheel with { RubbedShare = Math.Min(1, wheel.RubbedShare * by) }),
        Wheel("contact", Said.Of("prior-factor.contact-pad-rotor"), PriorSpread.Contact, Said.Of("prior-factor.look-rubbed-band"), (wheel, by) =>
            wheel with { ContactWM2K = wheel.ContactWM2K * by }),
        Wheel("drag", Said.Of("prior-factor.pads-drag"), PriorSpread.Drag, Said.Of("prior-factor.how-freely-wheel-turns"), (wheel, by) =>
            wheel with { DragNM = wheel.DragNM * by }),
        CarShift("front-share", Said.Of("prior-factor.electronics-front-share"), (PriorSpread.FrontShare, ""), Said.Of("prior-factor.front-rear-rotor-paints"),
            (car, by) =>
            car with { FrontShareShift = car.FrontShareShift + by }),
        Car("front-friction", Said.Of("prior-factor.scatter-front-pads-friction"), PriorSpread.Friction, Said.Of("prior-factor.batchs-dynamometer-sheet"),
            (car, by) =>
            car with { FrontFriction = car.FrontFriction * by }) with
        { Scope = FactorScope.FrontPad },
        Car("rear-friction", Said.Of("prior-factor.scatter-rear-pads-friction"), PriorSpread.Friction, Said.Of("prior-factor.batchs-dynamometer-sheet"),
            (car, by) =>
            car with { RearFriction = car.RearFriction * by }) with
        { Scope = FactorScope.RearPad },
        CarShift("chart-basis", Said.Of("prior-factor.pad-charts-temperature-means"), (PriorSpread.ChartBasisK, "K"),
            Said.Of("prior-factor.charts-basis-maker"), (car, by) =>
            car with { ChartShiftK = car.ChartShiftK + by }) with
        { Scope = FactorScope.FrontPad },
        Car("wear", Said.Of("prior-factor.pad-wear"), PriorSpread.Wear, Said.Of("prior-factor.pad-thickness-before-after"), (car, by) =>
            car with { Wear = car.Wear * by }) with
        { Scope = FactorScope.FrontPad },
        Car("water", Said.Of("prior-factor.water-fluid-took-up"), PriorSpread.Water, Said.Of("prior-factor.moisture-reading"), (car, by) =>
            car with { WaterRate = car.WaterRate * by }),
        Wheel("duct", Said.Of("prior-factor.duct-really-brings"), PriorSpread.Duct, Said.Of("prior-factor.rotor-paint-without-duct"), (wheel, by) =>
            wheel with { Duct = wheel.Duct * by }),
        WheelShift("hand", Said.Of("prior-factor.vanes-turn-wrong-way"), (PriorSpread.Hand, ""), Said.Of("prior-factor.rotor-paint-between-bands"),
            (wheel, by) =>
            wheel with { Hand = wheel.Hand + by }),
        new("side", Said.Of("prior-factor.left-right-front-wheel"), Said.Of("prior-factor.figure", PriorSpread.Side),
            Said.Of("prior-factor.rotor-paints-both-sides"), (car, z) =>
            car with { Front = car.Front with { Side = car.Front.Side * (1 + (PriorSpread.Side * Math.Clamp(z, -3, 3))) } }),
        Car("boiling-curve", Said.Of("prior-factor.fluids-chemistry"), PriorSpread.BoilingDecay, Said.Of("prior-factor.boiling-point-test"), (car, by) =>
            car with { BoilingDecay = car.BoilingDecay * by }) with
        { Scope = FactorScope.Fluid },
        Car("front-cooling", Said.Of("prior-factor.front-wheels-own-air"), PriorSpread.OwnCooling, Said.Of("prior-factor.front-rear-rotor-paints"),
            (car, by) =>
            car with { Front = car.Front with { OwnCooling = car.Front.OwnCooling * by } }),
        Car("rear-cooling", Said.Of("prior-factor.rear-wheels-own-air"), PriorSpread.OwnCooling, Said.Of("prior-factor.front-rear-rotor-paints"),
            (car, by) =>
            car with { Rear = car.Rear with { OwnCooling = car.Rear.OwnCooling * by } }),
        Wheel("resting", Said.Of("prior-factor.pads-at-rest-rotor"), PriorSpread.Resting, Said.Of("prior-factor.sticker-caliper"), (wheel, by) =>
            wheel with { RestingWM2K = wheel.RestingWM2K * by }),
        Wheel("gap", Said.Of("prior-factor.air-gap-pad-rotor"), PriorSpread.Gap, Said.Of("prior-factor.sticker-caliper"), (wheel, by) =>
            wheel with { GapWM2K = wheel.GapWM2K * by }),
        Capacity("vapour", Said.Of("prior-factor.where-vapour-shows-below"), Said.Of("prior-factor.figure-2", Units.K(PriorSpread.VapourK)),
            Said.Of("prior-factor.boiling-point-test"), (takes, z) =>
            takes with { Vapour = takes.Vapour + z }),
        Capacity("front-face-limit", Said.Of("prior-factor.front-rotors-take"), FaceSpread, Said.Of("prior-factor.rings-alloy-maker"), (takes, z) =>
            takes with { FrontFace = takes.FrontFace + z }),
        Capacity("rear-face-limit", Said.Of("prior-factor.rear-rotors-take"), FaceSpread, Said.Of("prior-factor.rings-alloy-maker"), (takes, z) =>
            takes with { RearFace = takes.RearFace + z }),
        Capacity("seal-limit", Said.Of("prior-factor.piston-seals-take"), Said.Of("prior-factor.figure-2", Units.K(PriorSpread.SealK)),
            Said.Of("prior-factor.seals-rubber-calipers-maker"), (takes, z) =>
            takes with { Seals = takes.Seals + z }),
        Capacity("cone-limit", Said.Of("prior-factor.how-far-out-flat"), Said.Of("prior-factor.m", new Figure(PriorSpread.ConeUm, "µm")),
            Said.Of("prior-factor.dial-gauge-hot-ring"), (takes, z) =>
            takes with { Cone = takes.Cone + z }),
        Capacity("leg", Said.Of("prior-factor.your-leg-gives"), Said.Of("prior-factor.x", PriorSpread.Leg), Said.Of("prior-factor.scale-under-foot"),
            (takes, z) => takes with { Leg = takes.Leg + z }),
        Capacity("front-pad-edge", Said.Of("prior-factor.front-pads-hot-edge"), EdgeSpread, Said.Of("prior-factor.batchs-dynamometer-sheet"), (takes, z) =>
            takes with { FrontPadEdge = takes.FrontPadEdge + z }),
        Capacity("rear-pad-edge", Said.Of("prior-factor.rear-pads-hot-edge"), EdgeSpread, Said.Of("prior-factor.batchs-dynamometer-sheet"), (takes, z) =>
            takes with { RearPadEdge = takes.RearPadEdge + z }),
        Capacity("grease", Said.Of("prior-factor.wheel-bearings-grease-takes"),
            Said.Of("prior-factor.figure-2", Units.K(PriorSpread.GreaseK)), Said.Of("prior-factor.sticker-hub"),
            (takes, z) =>
            takes with { Grease = takes.Grease + z }),
        Capacity("boots", Said.Of("prior-factor.dust-boots-take"),
            Said.Of("prior-factor.figure-2", Units.K(PriorSpread.BootK)), Said.Of("prior-factor.look-at-boots"),
            (takes, z) =>
            takes with { Boots = takes.Boots + z }),
        Capacity("crack-life", Said.Of("prior-factor.rings-crack-life"),
            Said.Of("prior-factor.x", PriorSpread.CrackLife), Said.Of("prior-factor.look-face-cracks"),
            (takes, z) =>
            takes with { Cracks = takes.Cracks + z }),
        Capacity("burning", Said.Of("prior-factor.how-fast-carbon-burns"), Said.Of("prior-factor.x", PriorSpread.Burning), Said.Of("prior-factor.weigh-ring"),
            (takes, z) =>
            takes with { Burning = takes.Burning + z }),
        Capacity("hydraulics", Said.Of("prior-factor.pressure-for-force"), Said.Of("prior-factor.typed-guessed", PriorSpread.HydraulicsTyped,
            PriorSpread.HydraulicsGuessed), Said.Of("prior-factor.master-cylinder-and-pedal"),
            (takes, z) =>
            takes with { Hydraulics = takes.Hydraulics + z }),
        Capacity("knee", Said.Of("prior-factor.boosters-knee"), Said.Of("prior-factor.x", PriorSpread.Knee), Said.Of("prior-factor.boosters-size"),
            (takes, z) =>
            takes with { Knee = takes.Knee + z }),
        Capacity("fade-support", Said.Of("prior-factor.electronics-press-on"), Said.Of("prior-factor.yes-or-no"), Said.Of("prior-factor.owners-manual"),
            (takes, z) =>
            takes with { FadeSupport = takes.FadeSupport + z }),
        Capacity("missed", Said.Of("prior-factor.how-much-too-fast"),
            Said.Of("prior-factor.figure-2", new Figure(PriorSpread.MissedKmh, "km/h")), Said.Of("prior-factor.none-run-off"),
            (takes, z) =>
            takes with { Missed = takes.Missed + z }),
        Lesser("mass", Said.Of("prior-factor.lesser.mass"), Said.Of("prior-factor.percent", 100 * PriorSpread.MassShare),
            Said.Of("prior-factor.weighbridge"), (less, z) => less with { Mass = z }),
        Lesser("slip", Said.Of("prior-factor.lesser.slip"), Said.Of("prior-factor.percent", 100 * PriorSpread.SlipShare),
            Said.Of("prior-factor.recorded-speed-trace-one"), (less, z) => less with { Slip = z }),
        Lesser("trailer", Said.Of("prior-factor.lesser.trailer"), Said.Of("prior-factor.figure", PriorSpread.TrailerShare),
            Said.Of("prior-factor.trailers-brakes"), (less, z) => less with { Trailer = z }),
        Lesser("height", Said.Of("prior-factor.lesser.height"), Said.Of("prior-factor.figure-2", new Figure(PriorSpread.HeightM, "m")),
            Said.Of("prior-factor.weigh-axles-raised"), (less, z) => less with { Height = z }),
        Lesser("speed-law", Said.Of("prior-factor.lesser.speed-law"), Said.Of("prior-factor.percent", 100 * PriorSpread.FrictionLaws),
            Said.Of("prior-factor.batchs-dynamometer-sheet"), (less, z) => less with { SpeedLaw = z }),
        Lesser("pressure-law", Said.Of("prior-factor.lesser.pressure-law"), Said.Of("prior-factor.percent", 100 * PriorSpread.FrictionLaws),
            Said.Of("prior-factor.batchs-dynamometer-sheet"), (less, z) => less with { PressureLaw = z }),
        Lesser("valve", Said.Of("prior-factor.lesser.valve"), Said.Of("prior-factor.percent", 100 * PriorSpread.ValveKnee),
            Said.Of("prior-factor.gauges-both-lines"), (less, z) => less with { Valve = z }),
        Lesser("beyond-chart", Said.Of("prior-factor.lesser.beyond-chart"), Said.Of("prior-factor.figure", PriorSpread.BeyondChart),
            Said.Of("prior-factor.batchs-dynamometer-sheet"), (less, z) => less with { BeyondChart = z }),
        Lesser("caliper-water", Said.Of("prior-factor.lesser.caliper-water"),
            Said.Of("prior-factor.figure-2", new Figure(PriorSpread.CaliperWaterPercent, "%")),
            Said.Of("prior-factor.boiling-point-test"), (less, z) => less with { CaliperWater = z }),
        Lesser("air", Said.Of("prior-factor.lesser.air"), Said.Of("prior-factor.figure-2", Units.K(PriorSpread.AirK)),
            Said.Of("prior-factor.thermometer"), (less, z) => less with { Air = z }),
        Lesser("grip", Said.Of("prior-factor.lesser.grip"), Said.Of("prior-factor.figure-2", new Figure(PriorSpread.GripG, "g")),
            Said.Of("prior-factor.recorded-speed-trace-one"), (less, z) => less with { Grip = z }),
    ];

    /// <summary>Counts the physics and what is believed beforehand: up by one with each renewal that moves an answer.</summary>
    public const int Model = 8;

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

    private static Said EdgeSpread => Said.Of("prior-factor.dynamometer-traced-family", Units.K(PriorSpread.DynamometerEdgeK),
        Units.K(PriorSpread.TracedEdgeK), Units.K(PriorSpread.FamilyEdgeK));

    private static Said FaceSpread =>
        Said.Of("prior-factor.iron-carbon-drum", Units.K(PriorSpread.IronFaceK), Units.K(PriorSpread.CarbonFaceK), Units.K(PriorSpread.DrumK));

    private static PriorFactor Car(string code, Said name, double factor, Said measure, Func<CarFactors, double, CarFactors> move) =>
        new(code, name, Said.Of("prior-factor.x", factor), measure, (car, z) => move(car, Math.Pow(factor, z)));

    private static PriorFactor CarShift(string code, Said name, (double One, string Unit) spread, Said measure, Func<CarFactors, double,
        CarFactors> move) =>
        new(code, name, Said.Of("prior-factor.figure-3", new Figure(spread.One, spread.Unit)), measure, (car, z) => move(car, spread.One * z));

    private static PriorFactor Wheel(string code, Said name, double factor, Said measure, Func<WheelFactors, double, WheelFactors> move) =>
        Car(code, name, factor, measure, (car, by) => Wheels(car, wheel => move(wheel, by)));

    private static PriorFactor WheelShift(string code, Said name, (double One, string Unit) spread, Said measure, Func<WheelFactors, double,
        WheelFactors> move) =>
        CarShift(code, name, spread, measure, (car, by) => Wheels(car, wheel => move(wheel, by)));

    private static PriorFactor Capacity(string code, Said name, Said spread, Said measure, Func<MemberCapacities, double, MemberCapacities> move) =>
        new(code, name, spread, measure, (car, z) => car with { Capacities = move(car.Capacities, z) }, OfCapacity: true);

    private static PriorFactor Lesser(string code, Said name, Said spread, Said measure, Func<LesserFactors, double, LesserFactors> move) =>
        new(code, name, spread, measure, (car, z) => car with { Lesser = move(car.Lesser, z) }, OfCapacity: true);

    private static CarFactors Wheels(CarFactors car, Func<WheelFactors, WheelFactors> move) => car with { Front = move(car.Front), Rear = move(car.Rear) };
}
