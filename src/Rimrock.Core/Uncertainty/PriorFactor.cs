using Rimrock.Core.Heat;
using Rimrock.Core.Prediction;

namespace Rimrock.Core.Uncertainty;

/// <summary>
/// One thing that is guessed: how it moves a member by a number of standard deviations, and what a driver could do to know
/// it better. Medians and spreads as in docs/models/priors.md.
/// </summary>
/// <param name="Code">Stable code.</param>
/// <param name="Name">What a driver calls it.</param>
/// <param name="Spread">The spread in words.</param>
/// <param name="Measure">What to measure to narrow it.</param>
/// <param name="Move">The member moved by so many standard deviations.</param>
public sealed record PriorFactor(string Code, string Name, string Spread, string Measure, Func<CarFactors, double, CarFactors> Move)
{
    /// <summary>All factors; their order is the order of the sequence's dimensions.</summary>
    public static IReadOnlyList<PriorFactor> All { get; } =
    [
        new("cooling", "cooling air", "x1.35", "a rotor paint between the band's edges", (car, z) => Wheels(car, wheel => wheel with { Cooling = wheel.Cooling * Math.Pow(1.35, z) })),
        new("energy", "how late and hard you brake", "x1.15", "a recorded speed trace of one lap", (car, z) => car with { Energy = car.Energy * Math.Pow(CarFactors.EnergySigma, z) }),
        new("vane-flow", "flow through the vanes", "x1.3", "a rotor paint between the band's edges", (car, z) => Wheels(car, wheel => wheel with { VaneFlow = wheel.VaneFlow * Math.Pow(1.3, z) })),
        new("pad-conductivity", "heat that the pad lets through", "x1.4", "a sticker on the caliper", (car, z) => Wheels(car, wheel => wheel with { PadConductivity = wheel.PadConductivity * Math.Pow(1.4, z) })),
        new("plate-to-piston", "heat from plate to piston", "x1.5", "a sticker on the caliper", (car, z) => Wheels(car, wheel => wheel with { PlateToPistonWM2K = wheel.PlateToPistonWM2K * Math.Pow(1.5, z) })),
        new("piston-to-fluid", "heat from piston to fluid", "x1.5", "a sticker on the caliper", (car, z) => Wheels(car, wheel => wheel with { PistonToFluidWM2K = wheel.PistonToFluidWM2K * Math.Pow(1.5, z) })),
        new("caliper", "the caliper's own cooling", "x1.5", "a sticker on the caliper", (car, z) => Wheels(car, wheel => wheel with { CaliperHeat = wheel.CaliperHeat * Math.Pow(1.5, z) })),
        new("emissivity", "how well the rotor radiates", "+-0.12", "a rotor paint between the band's edges", (car, z) => Wheels(car, wheel => wheel with { EmissivityShift = wheel.EmissivityShift + (0.12 * z) })),
        new("wheel-air", "warm air in the wheel", "+-8 K", "a rotor paint between the band's edges", (car, z) => Wheels(car, wheel => wheel with { WheelAirRiseK = Math.Max(0, wheel.WheelAirRiseK + (8 * z)) })),
        new("rubbed-share", "share of the face that rubs", "x1.2", "a look at the rubbed band", (car, z) => Wheels(car, wheel => wheel with { RubbedShare = Math.Min(1, wheel.RubbedShare * Math.Pow(1.2, z)) })),
        new("contact", "contact of pad and rotor", "x2", "a look at the rubbed band", (car, z) => Wheels(car, wheel => wheel with
        {
            ContactWM2K = wheel.ContactWM2K * Math.Pow(2, z), RestingWM2K = wheel.RestingWM2K * Math.Pow(2, z), GapWM2K = wheel.GapWM2K * Math.Pow(2, z),
        })),
        new("drag", "pads that drag", "x2", "how freely the wheel turns on the stand", (car, z) => Wheels(car, wheel => wheel with { DragNM = wheel.DragNM * Math.Pow(2, z) })),
        new("front-share", "the electronics' front share", "+-0.03", "front and rear rotor paints together", (car, z) => car with { FrontShareShift = car.FrontShareShift + (0.03 * z) }),
        new("front-friction", "scatter of the front pad's friction", "x1.08", "its batch's dynamometer sheet", (car, z) => car with { FrontFriction = car.FrontFriction * Math.Pow(CarFactors.FrictionSigma, z) }),
        new("rear-friction", "scatter of the rear pad's friction", "x1.08", "its batch's dynamometer sheet", (car, z) => car with { RearFriction = car.RearFriction * Math.Pow(CarFactors.FrictionSigma, z) }),
        new("chart-basis", "what the pad chart's temperature means", "+-40 K", "the chart's basis, from its maker", (car, z) => car with { ChartShiftK = car.ChartShiftK + (40 * z) }),
        new("wear", "pad wear", "x1.7", "pad thickness before and after a day", (car, z) => car with { Wear = car.Wear * Math.Pow(1.7, z) }),
        new("water", "water that the fluid took up", "x1.6", "a moisture reading", (car, z) => car with { WaterRate = car.WaterRate * Math.Pow(1.6, z) }),
        new("duct", "what the duct really brings", "x1.6", "a rotor paint with and without the duct", (car, z) => Wheels(car, wheel => wheel with { Duct = wheel.Duct * Math.Pow(1.6, z) })),
        new("hand", "vanes that turn the wrong way", "+-0.1", "a rotor paint between the band's edges", (car, z) => Wheels(car, wheel => wheel with { Hand = wheel.Hand + (0.1 * z) })),
        new("side", "left and right front wheel", "+-0.04", "rotor paints on both sides", (car, z) => car with { Front = car.Front with { Side = car.Front.Side * (1 + (0.04 * Math.Clamp(z, -3, 3))) } }),
        new("boiling-curve", "the fluid's chemistry", "x1.25", "a boiling-point test", (car, z) => car with { BoilingDecay = car.BoilingDecay * Math.Pow(1.25, z) }),
    ];

    private static CarFactors Wheels(CarFactors car, Func<WheelFactors, WheelFactors> move) => car with { Front = move(car.Front), Rear = move(car.Rear) };
}
