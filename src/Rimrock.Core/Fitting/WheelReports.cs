using Rimrock.Core.Driving;
using Rimrock.Core.Heat;
using Rimrock.Core.Numerics;
using Rimrock.Core.Priors;
using Rimrock.Core.Rotors;
using Rimrock.Core.Runs;
using Rimrock.Core.Vehicles;

namespace Rimrock.Core.Fitting;

/// <summary>Reads off a run what the page shows beside the temperatures: faces, coning, hot bands, pedal travel, masses, cooling.</summary>
internal static class WheelReports
{
    /// <summary>What a leg can do: the most that the type-0 test of UN R13-H allows, N (from memory).</summary>

    /// <summary>A hose is warmed by so much of what its caliper's fluid is (engineering judgement, +-0.2).</summary>
    private const double LineShare = 0.4;

    public static FaceReport Faces(PredictionPlan plan, DayRun run, (int Middle, int Cool, int Hot, int QuietSide) members)
    {
        var shapes = run.Phases.Select(phase => phase.Shape).ToList();
        double Cone(int member) => shapes.Max(shape => Math.Abs(shape.ConeRad[member]));
        double Difference(int member) => shapes.Select(shape => shape.FaceDifferenceK[member]).MaxBy(Math.Abs);
        var cone = Ordered(Cone(members.Middle), Cone(members.Cool), Cone(members.Hot));
        var perPad = 100 * plan.Car.Front.PadAreaCm2;
        var quiet = run.Phases.Max(phase => phase.Peak[(int)BrakePart.FrontFace][members.QuietSide]);
        return new FaceReport(
            Tenth(shapes.Max(shape => shape.InnerFaceC[members.Middle])),
            Tenth(shapes.Max(shape => shape.OuterFaceC[members.Middle])),
            Each(Ordered(Difference(members.Middle), Difference(members.Cool), Difference(members.Hot)), 1),
            Each(new Spread(Degrees(cone.P10), Degrees(cone.P50), Degrees(cone.P90)), 2),
            Each(new Spread(RingShape.EdgeMm(plan.FrontRotor, cone.P10), RingShape.EdgeMm(plan.FrontRotor, cone.P50),
                RingShape.EdgeMm(plan.FrontRotor, cone.P90)), 2),
            HotBandsOf(plan, run, members.Middle),
            Spread.Times(run.Front.WornInMm3[members.Middle] / perPad, PriorSpread.Wear, 2),
            Spread.Times(run.Front.WornOutMm3[members.Middle] / perPad, PriorSpread.Wear, 2),
            Spread.Normal(quiet, PriorSpread.Side * (quiet - plan.Weather.AmbientC), 1));
    }

    public static PedalReport Pedal(PredictionPlan plan, DayRun run, IReadOnlyList<StopSummary> stops, int member)
    {
        var bar = Math.Min(plan.Car.Hydraulics.PressureBar(Vehicles.LegForce.PanicN), stops.Count == 0 ? 0 : stops.Max(stop => stop.PressureBar));
        var hottest = run.Phases.Max(phase => phase.Peak[(int)BrakePart.FrontFluid][member]);
        var ambient = plan.Weather.AmbientC;
        var line = plan.OutsideHeat is { Place: HeatedPlace.Line } source
            ? source.LineC(ambient + WheelFactors.Median.WheelAirRiseK) : ambient + (LineShare * (hottest - ambient));
        var (comfortable, greatest) = Vehicles.LegForce.Of(plan.Car);
        return new PedalReport(Math.Round(bar, 1), Banded(Travel(plan, bar, ambient, ambient)), Banded(Travel(plan, bar, hottest, line)),
            comfortable.Front, greatest.Front);
    }

    public static RingMass Mass(string axle, Rotor rotor) => new(axle, Spread.Times(rotor.GeometricMassKg(), PriorSpread.Casting, 2), rotor.RingMassKg,
        rotor.MassOverGeometry() is { } ratio ? Math.Round(100 * (ratio - 1), 1) : null);

    public static CoolingSeries Cooling(DayRun run, double fromS, double toS, int member)
    {
        var samples = run.CoolingSamples.Where(sample => sample.AtS >= fromS && sample.AtS <= toS).ToArray();
        double[] kw = new double[samples.Length];
        int[] vanes = new int[samples.Length], faces = new int[samples.Length], radiation = new int[samples.Length], conduction = new int[samples.Length];
        for (var i = 0; i < samples.Length; i++)
        {
            var now = samples[i].Front;
            double[] paths = [.. new[] { now.Vanes[member], now.Faces[member], now.Radiation[member], now.Hub[member] + now.Caliper[member] }.Select(watts =>
                Math.Max(0, watts))];
            var whole = paths.Sum();
            kw[i] = Math.Round(whole / 1000, 2);
            int Percent(int path) => whole > 0 ? (int)Math.Round(100 * paths[path] / whole) : 0;
            (vanes[i], faces[i], radiation[i], conduction[i]) = (Percent(0), Percent(1), Percent(2), Percent(3));
        }

        return new CoolingSeries([.. samples.Select(sample => Tenth(sample.AtS))], kw, vanes, faces, radiation, conduction);
    }

    private static Spread HotBandsOf(PredictionPlan plan, DayRun run, int member)
    {
        if (run.Stops.Count == 0 || !plan.FrontRotor.Brake().RubsBothFaces)
        {
            return new Spread(0, 0, 0);
        }

        var hardest = run.Stops.MaxBy(stop => stop.Stop.EnergyJ / stop.Stop.DurationS)!;
        var share = hardest.FrontShare[member] / plan.Car.Front.Discs;

        // Power falls with the speed: it is greatest where the stop begins.
        var power = hardest.Stop.EnergyJ / hardest.Stop.DurationS * share * hardest.Stop.EntryKmh / hardest.Stop.MeanKmh;
        var rise = HotBands.RiseK(plan.FrontRotor, plan.Car.Front, power, Speed.FromKmh(hardest.Stop.EntryKmh),
            plan.Car.TyreRadiusM, hardest.FrontEndC[member]);
        return Each(new Spread(rise * (1 - HotBands.SpreadShare), rise, rise * (1 + HotBands.SpreadShare)), 0);
    }

    private static Spread Banded(double mm) => Spread.Around(mm, PedalTravel.SpreadShare);

    private static Spread Ordered(double middle, double a, double b) => new(Math.Min(middle, Math.Min(a, b)), middle, Math.Max(middle, Math.Max(a, b)));

    private static Spread Each(Spread spread, int digits) =>
        new(Math.Round(spread.P10, digits), Math.Round(spread.P50, digits), Math.Round(spread.P90, digits));

    private static double Degrees(double radians) => radians * 180 / Math.PI;

    private static double Tenth(double value) => Math.Round(value, 1);

    private static double Travel(PredictionPlan plan, double bar, double fluidC, double lineC) =>
        PedalTravel.Mm(plan.Car, plan.Hoses(), bar, fluidC, lineC, plan.FrontPad.Traits?.CompressibilityUm, plan.RearPad.Traits?.CompressibilityUm);
}
