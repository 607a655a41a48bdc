using Rimrock.Core.Circuits;
using Rimrock.Core.Driving;
using Rimrock.Core.Fitting;
using Rimrock.Core.Fluids;
using Rimrock.Core.Friction;
using Rimrock.Core.Heat;
using Rimrock.Core.Limits;
using Rimrock.Core.Rotors;
using Rimrock.Core.Vehicles;

namespace Rimrock.Core.Tests;

/// <summary>Parts that several tests start from; figures typical of the trade, nobody's data.</summary>
internal static class SampleParts
{
    public static readonly Rotor FrontRing = new("front", 320, 210, 28, 26, VaneKind.Straight, 8, 37, 5.5);
    public static readonly Rotor RearRing = new("rear", 302, 206, 12, 10);
    public static readonly AxleBrake FrontBrake = new(CaliperKind.Sliding, [57], 58, 50, 11, 3, 5.2);
    public static readonly AxleBrake RearBrake = new(CaliperKind.Sliding, [38], 38, 42, 10, 3, 3.2);

    public static readonly Car Estate = new("estate", 1560, 125, "sport", FrontBrake, RearBrake, new Hydraulics(), CgHeightM: 0.56);

    public static readonly Circuit Coastal = new("coastal", Segments:
    [
        new(900), new(190, 185), new(320), new(360, 320), new(540), new(130, 112), new(300), new(280, 250),
        new(680), new(210, 180), new(180), new(420, 380), new(330), new(180, 165), new(200), new(260, 230),
    ]);

    public static PredictionPlan Plan(string front = "organic", string rear = "organic") => new(
        Estate, Coastal, "advanced", new StintPlan(1, 20, 30), new Weather(24), new Pad("front pad", front), new Pad("rear pad", rear),
        FrontRing, RearRing, new BrakeFluid("fluid", "dot4", 246, 168), new FluidState(7, Climate.Humid));

    public static WheelParts Wheel(Rotor? rotor = null, double padMm = 11, string pad = "track-sport", WheelDuct? duct = null) =>
        new(rotor ?? FrontRing, FrontBrake, PadFamilies.Find(pad), padMm, duct ?? new WheelDuct(), 0.315);

    public static WheelNetwork Network(WheelParts parts, double ambientC = 20) =>
        new(parts, [.. Enumerable.Repeat(WheelFactors.Median, 4)], ambientC, Core.Materials.Air.SeaLevelPressurePa);

    public static Limits LimitsOf(PredictionPlan plan) => new(Predictor.Predict(plan).Limits);

    internal sealed class Limits(IReadOnlyList<Limit> all)
    {
        public Limit this[string code] => all.Single(limit => limit.Code == code);
    }
}
