using Rimrock.Core.Circuits;
using Rimrock.Core.Driving;
using Rimrock.Core.Entries;
using Rimrock.Core.Fluids;
using Rimrock.Core.Preparation;
using Rimrock.Core.Vehicles;

namespace Rimrock.Storage;

/// <summary>
/// The demo car's season: four days behind it, four ahead, pads measured three times. All invented; days lie about today so that the season never grows old.
/// </summary>
internal static class DemoLog
{
    private const string Car = "harrow";

    // Days ago, circuit, sessions, laps, air, hottest paint gone, coolest left.
    private static readonly (int Ago, string Circuit, int Sessions, int Laps, double AirC, double? AboveC, double? BelowC)[] Past =
    [
        (212, "gullmouth", 2, 18, 14, null, 430), (155, "gullmouth", 3, 27, 21, 430, 560), (96, "gullmouth", 3, 26, 27, 430, 560),
        (41, "gullmouth", 3, 27, 17, 430, 560),
    ];

    private static readonly (int Ago, double FrontInner, double FrontOuter, double RearInner, double FrontRotor, int Laps)[] Stands =
        [(214, 10.8, 10.9, 9.7, 27.96, 0), (98, 9.9, 10.1, 9.5, 27.90, 45), (38, 9.3, 9.6, 9.3, 27.83, 53)];

    private static readonly int[] Filled = [330, 122];

    private static readonly (int In, string Circuit, double AirC)[] Ahead =
        [(24, "gullmouth", 16), (66, "gullmouth", 20), (109, "gullmouth", 28), (163, "gullmouth", 24)];

    public static void Load(LogStore log, ShelfContent shelf, DateOnly today)
    {
        // Once only: what a person deletes stays deleted.
        if (!log.FirstTime("demo-season") || log.Read<LogSession>(Car, "session", take: 1).Total > 0 || log.Read<SeasonEvent>(Car, "event", take: 1).Total > 0)
        {
            return;
        }

        var entry = shelf.Cars.Single(item => item.Id == Car).Body;
        var sport = shelf.Pads.Single(item => item.Id == "fell-3").Body;
        var fluid = shelf.Fluids.Single(item => item.Id == "cairn-5").Body;
        double FluidMonths(int ago) => Math.Round((Filled.Where(day => day >= ago).Min() - ago) / 30.44, 1);
        PredictionPlan On(string circuit, int sessions, double airC, int ago) =>
            new(entry.Car, shelf.Circuits.Single(item => item.Id == circuit).Body, "advanced", new StintPlan(sessions, 20, 40), new Weather(airC),
            sport, sport, entry.FrontRotor, entry.RearRotor, fluid, new FluidState(FluidMonths(ago), Climate.Humid), RoadPercent: 80,
                Days: [new(DayKind.TrackDay, 5), new("weekday", 200)]);
        foreach (var (ago, circuit, sessions, laps, airC, above, below) in Past)
        {
            var date = today.AddDays(-ago);
            log.Save(Car, "session", $"demo-day-{ago}", date, new LogSession(date, sessions, laps, On(circuit, sessions, airC, ago),
                FrontPaint: new PaintEdges(above, below), Pedal: PedalFeel.Firm, Signs: []), 0);
        }

        foreach (var (ago, inner, outer, rear, rotor, laps) in Stands)
        {
            var date = today.AddDays(-ago);
            var looks = new[] { Corner.LeftFront, Corner.RightFront }.Select(corner =>
                new CornerLook(corner, inner + (corner == Corner.RightFront ? 0.2 : 0), outer, RotorMm: rotor, Film: Film.Even))
                .Concat([new CornerLook(Corner.LeftRear, rear, rear + 0.1), new CornerLook(Corner.RightRear, rear, rear + 0.1)]).ToList();
            log.Save(Car, "inspection", $"demo-stands-{ago}", date, new InspectionNote(new Inspection(date, looks, MoisturePercent: 0.5, FluidLevelMm: ago < 100
                ? 3 : 1, HotLapsSince: laps), On("gullmouth", 3, 22, ago)), 0);
        }

        foreach (var (ahead, circuit, airC) in Ahead)
        {
            var place = shelf.Circuits.Single(item => item.Id == circuit).Body;
            log.Save(Car, "event", $"demo-event-{ahead}", today.AddDays(ahead), new SeasonEvent(today.AddDays(ahead), place.Name, airC, place), 0);
        }
    }
}
