using Rimrock.Core.Driving;
using Rimrock.Core.Fitting;
using Rimrock.Core.Fluids;
using Rimrock.Core.Runs;
using Rimrock.Core.Vehicles;
using Rimrock.Storage;

namespace Rimrock.Scenario.Tests;

/// <summary>The plan that a setting stands for, and the figures that can be read from it.</summary>
internal static class ScenarioDay
{
    private static readonly Lazy<ShelfContent> Shelf = new(() =>
    {
        var store = new ShelfStore(new Database(Path.Combine(Path.GetTempPath(), $"rimrock-scenarios-{Environment.ProcessId}.db")));
        store.LoadDemo();
        return store.Read();
    });

    public static Offer Offer => OfferOf(Shelf.Value);

    public static Rimrock.Core.Circuits.Circuit Circuit(string id) => Find(Shelf.Value.Circuits, id);

    public static Rimrock.Core.Friction.Pad Pad(string id) => Find(Shelf.Value.Pads, id);

    public static Rimrock.Core.Rotors.Rotor Rotor(string id) => Find(Shelf.Value.Rotors, id);

    public static BrakeFluid Fluid(string id) => Find(Shelf.Value.Fluids, id);

    public static PredictionPlan PlanOf(Setting day)
    {
        var shelf = Shelf.Value;
        var entry = Find(shelf.Cars, day.Car ?? "harrow");
        var car = entry.Car with { MassKg = day.MassKg ?? entry.Car.MassKg };
        var duct = day.Duct is { } kit && kit != "none" ? Find(shelf.Ducts, kit).Duct : new WheelDuct();
        return new PredictionPlan(
            car, Find(shelf.Circuits, day.Circuit ?? "gullmouth"), day.Pace ?? "advanced", new StintPlan(day.Sessions ?? 1, day.Minutes ?? 20, 40),
            new Weather(24),
            Find(shelf.Pads, day.FrontPad ?? entry.FrontPad), Find(shelf.Pads, day.RearPad ?? entry.RearPad),
            day.FrontRotor is { } rotor ? Find(shelf.Rotors, rotor) : entry.FrontRotor, entry.RearRotor,
            Find(shelf.Fluids, day.Fluid ?? entry.Fluid), new FluidState(day.FluidMonths ?? 7, Climate.Humid, ReservoirWaterPercent: day.WaterPercent),
            FrontDuct: day.Shield is { } shield ? duct with { Shield = Enum.Parse<Shield>(shield, ignoreCase: true) } : duct,
            RoadPercent: day.RoadPercent ?? 80, BatteryFull: day.BatteryFull ?? false,
            Days: day.RoadPercent >= 100 ? [new("weekday", 200)] : [new(DayKind.TrackDay, 5), new("weekday", 200)]);
    }

    public static double Read(string figure, Setting day)
    {
        var parts = figure.Split('.');
        var plan = PlanOf(day);
        if (parts[0] == "suggest")
        {
            var answer = Matcher.Match(plan, OfferOf(Shelf.Value), new Wishes());
            return parts[1] == "steps" ? answer.Steps.Count : parts[1] == "damage" ? answer.Fitted.Damage.Share : answer.Fitted.Danger.Share;
        }

        var result = Predictor.Predict(plan);
        return parts switch
        {
            ["limit", var code, "margin"] => result.Limits.Single(limit => limit.Code == code).Margin!.Value,
            ["limit", var code, "gives"] => result.Limits.Single(limit => limit.Code == code).Gives ? 1 : 0,
            ["peak", var part] => result.Ranges.Single(row => row.Part == Enum.Parse<BrakePart>(part, ignoreCase: true)).PeakC.Max(),
            ["cold", var kmh, var c, "metres"] => ColdOf(result, kmh, c).Metres.P50,
            ["cold", var kmh, var c, "longer"] => ColdOf(result, kmh, c).Metres.P50 - ColdOf(result, kmh, c).OriginalMetres,
            ["fluid", "vapour"] => result.Fluid.VapourC,
            ["front", "megajoule"] => result.Phases.Sum(phase => phase.FrontMJ),
            _ => throw new ArgumentException($"No figure is called {figure}."),
        };
    }

    public static HardStop? StopOf(string part, string place, Setting day)
    {
        var plan = PlanOf(day);
        var wishes = new Wishes(RoadApprovalMust: false);
        var shelf = Shelf.Value;
        return place switch
        {
            "frontPad" => HardStops.Of(Find(shelf.Pads, part), plan.FrontRotor, wishes),
            "rearPad" => HardStops.Of(Find(shelf.Pads, part), plan.RearRotor, wishes),
            "rotor" => HardStops.Of(Find(shelf.Rotors, part), plan, wishes),
            "fluid" => HardStops.Of(Find(shelf.Fluids, part), plan),
            "duct" => HardStops.Of(Find(shelf.Ducts, part), plan, wishes),
            _ => throw new ArgumentException($"No place is called {place}."),
        };
    }

    private static ColdStopResult ColdOf(PredictionResult result, string kmh, string celsius) =>
        result.ColdStops.Single(stop => stop.SpeedKmh == int.Parse(kmh, System.Globalization.CultureInfo.InvariantCulture)
            && stop.StartC == int.Parse(celsius, System.Globalization.CultureInfo.InvariantCulture));

    private static Offer OfferOf(ShelfContent shelf)
    {
        static IReadOnlyList<Part<T>> Parts<T>(IReadOnlyList<ShelfItem<T>> items)
            where T : class => [.. items.Select(item => new Part<T>(item.Id, item.Body))];
        return new Offer(Parts(shelf.Pads), Parts(shelf.Rotors), Parts(shelf.Ducts), Parts(shelf.Fluids), Parts(shelf.Lines),
            Parts(shelf.Calipers));
    }

    private static T Find<T>(IReadOnlyList<ShelfItem<T>> items, string id)
        where T : class => items.Single(item => item.Id == id).Body;
}
