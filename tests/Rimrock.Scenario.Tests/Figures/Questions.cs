using Rimrock.Core.Beliefs;
using Rimrock.Core.Driving;
using Rimrock.Core.Entries;
using Rimrock.Core.Fitting;
using Rimrock.Core.Garage;
using Rimrock.Core.Logbook;
using Rimrock.Core.Preparation;
using Rimrock.Core.Quantities;
using Rimrock.Golden.Tests;
using Rimrock.Storage;

namespace Rimrock.Scenario.Tests.Figures;

/// <summary>What the rooms ask the core, once each.</summary>
internal static class Questions
{
    private static readonly DateOnly Today = new(2026, 7, 1);
    private static readonly Lazy<LogStore> Demo = new(() =>
    {
        var database = new Database(Path.Combine(Path.GetTempPath(), $"rimrock-figures-{Environment.ProcessId}.db"));
        var (shelf, log) = (new ShelfStore(database), new LogStore(database));
        shelf.LoadDemo();
        log.LoadDemo(shelf.Read(), Today);
        return log;
    });

    public static IReadOnlyDictionary<string, Func<object?>> All { get; } = new Dictionary<string, Func<object?>>
    {
        ["days"] = () => GoldenCase.Names().Select(name => Predictor.Predict(GoldenCase.Read(name).Plan)),
        ["bands"] = () => Plans("01", "08", "10", "12", "13", "27").Select(plan => Ensemble.Run(plan)),
        ["learning"] = () => GoldenCase.Names().Select(GoldenCase.Read).Where(one => one.Seen is not null)
            .Select(one => Learning.From([new EvidenceDay(one.Plan, one.Seen!)])),
        ["choose"] = () => Matches().ToList(),
        ["ready"] = () => Ready().ToList(),
        ["season"] = () => SeasonPlan.Of(Plan("01"), [.. Read<SeasonEvent>("event").OrderBy(one => one.Date)], Today),
        ["log"] = () => Log().ToList(),
        ["stands"] = () => Stands().ToList(),
        ["paddock"] = () => Paddock().ToList(),
        ["signs"] = () => Signs().ToList(),
        ["guess"] = () => Guesses().ToList(),
    };

    /// <summary>What is asked about: plans, the shelf, the log.</summary>
    public static IEnumerable<object?> Subjects() =>
    [
        GoldenCase.Names().Select(GoldenCase.Read), ScenarioDay.Offer, Read<LogSession>("session"), Read<InspectionNote>("inspection"),
        Read<SeasonEvent>("event"), new Wishes(), Laps(4), Laps(5),
    ];

    private static PredictionPlan Plan(string number) =>
        GoldenCase.Read(GoldenCase.Names().Single(name => name.StartsWith(number, StringComparison.Ordinal))).Plan;

    private static IEnumerable<PredictionPlan> Plans(params string[] numbers) => numbers.Select(Plan);

    private static List<T> Read<T>(string kind)
        where T : class => [.. Demo.Value.Read<T>("harrow", kind).Items.Select(item => item.Body)];

    private static IEnumerable<object?> Matches()
    {
        foreach (var (number, stage, offer) in ((string, MatchStage, Offer)[])
            [("01", MatchStage.First, ScenarioDay.Offer), ("11", MatchStage.Whole, new Offer([], [], [], [], []))])
        {
            var wishes = new Wishes();
            var plan = Plan(number);
            var whole = TypicalShelf.With(plan, offer, wishes, said => said.Code);
            yield return whole;
            var matcher = Matcher.Search(plan, whole, wishes);
            yield return matcher.Answer(stage);
            yield return AskCards.Of(plan, wishes);
            yield return DecidingGuesses.Of(plan);
        }
    }

    private static IEnumerable<object?> Ready()
    {
        foreach (var plan in Plans("01", "05", "10", "11", "13", "14"))
        {
            foreach (var other in Plans("01", "02", "07", "10", "12", "14"))
            {
                var after = plan with { FrontPad = other.FrontPad, FrontRotor = other.FrontRotor, Fluid = other.Fluid, FrontDuct = other.FrontDuct };
                yield return WorkOrder.Of(plan, after, freshFluid: plan != other, ["second car"], Enum.GetValues<BleedWay>()[(int)other.Weather.AmbientC % 3]);
            }

            foreach (var place in Enum.GetValues<BeddingPlace>())
            {
                yield return FigureWalk.Asked(() => typeof(BeddingPlan).GetMethod("Of")!.Invoke(null, [plan, place]));
            }
        }
    }

    private static IEnumerable<object?> Log()
    {
        var (sessions, notes) = (Read<LogSession>("session"), Read<InspectionNote>("inspection"));
        sessions.Reverse();
        notes.Reverse();
        var days = CarEvidence.Of(sessions, notes);
        yield return LearningPage.Of(Plan("01"), sessions, days, evidence => Learning.From(evidence), notes);
        yield return WearPage.Of(notes, WornPerLap.Of);
        yield return GarageRecord.Of(
            [
                new Statement(null, KnownBy.Described, "", Fitment.Of(Plan("01"))), .. sessions.Select((one, at) => Statement.Of($"day-{at}", one)),
                .. notes.Select((one, at) => Statement.Of($"stands-{at}", one)),
            ], Today, plan => WornPerLap.Of(plan) is var worn ? worn.Axles.Map(axle => new LapUse(axle.PadMm, worn.Hours, axle.Megajoules)) : default!);
        yield return TraceComparison.Of(Laps(4), Laps(5));
        var result = Predictor.Predict(Plan("02"));
        yield return Diagnosis.CluesOf(Plan("02"), result, notes[^1].Inspection, sessions[^1]) is var clues
            ? Symptom.All.Select(symptom => Diagnosis.Of(symptom.Code, clues, Plan("02"))).ToList() : null;
    }

    // Every reading of a corner, near and far from its limit, on four kinds of vehicle.
    private static IEnumerable<object?> Stands()
    {
        // The last one is beyond what can be predicted: its readings are judged all the same.
        foreach (var plan in Plans("01", "10", "11", "13").Append(Plan("26") with { FrontRotor = Plan("26").FrontRotor with { RingMassKg = 0.6 } }))
        {
            foreach (var share in (double[])[0, 0.25, 0.5, 0.75, 1])
            {
                CornerLook[] looks =
                [
                    .. Enum.GetValues<Corner>().Select((corner, at) => new CornerLook(corner, 1.2 + (10 * share), 1.8 + (9 * share) + at, 1.9 + (8 * share),
                        2.1 + (10 * share), plan.At(CornerLook.AxleOf(corner)).Rotors.Rotor.MinThicknessMm + (3 * share) - 0.4, 3 + (5 * share), 14 * share,
                        Enum.GetValues<CrackReach>()[(int)(3 * share)], Enum.GetValues<Film>()[(int)(4 * share)], share > 0.8,
                        [Enum.GetValues<CornerMark>()[(int)(15 * share) + at]])),
                ];
                var inspection = new Inspection(Today, looks, 4 * share, 20 * (1 - share), (int)(80 * share), Bled: share is 0.25);
                yield return StopOrGo.Of(inspection, plan, [new AheadDay(Today.AddDays(20), "next", plan)]);
                yield return LeftOpen.Of(new InspectionNote(inspection, plan), []);
                yield return StopOrGo.Of(new Inspection(Today, [looks[(int)(3 * share)]]), plan);
            }
        }
    }

    private static IEnumerable<object?> Paddock()
    {
        foreach (var plan in Plans("01", "10", "11"))
        {
            foreach (var share in (double[])[0, 0.2, 0.4, 0.6, 0.8, 1])
            {
                var session = new LogSession(Today, 3, 24, plan, new PaintEdges(300 + (400 * share), 420 + (450 * share)), new PaintEdges(200 + (500 * share)),
                    new PaintEdges(90 + (150 * share), 110 + (160 * share)), null, Enum.GetValues<PedalFeel>()[(int)(5 * share)], (int)(9 * share),
                    [Enum.GetValues<Sign>()[(int)(10 * share)]], 24 * share, 200 + (300 * share), 2 + (8 * share), 40 + (60 * share),
                    Seen: [.. GoldenCase.Names().Select(GoldenCase.Read).SelectMany(one => one.Seen ?? []).Skip((int)(5 * share)).Take(3)]);
                yield return StopOrGo.Of(session, ahead: [new AheadDay(Today.AddDays(9), "next", plan)]);
                yield return LeftOpen.Of(session, []);
            }
        }
    }

    // Everything that a note can speak of, and what is written down after it.
    private static IEnumerable<object?> Signs()
    {
        var plan = Plan("01");
        var bare = new InspectionNote(new Inspection(Today, []), plan);
        CornerMark[] sound = [CornerMark.HoseSound, CornerMark.WheelFirm, CornerMark.FacesSound, CornerMark.HardwareFirm];
        CornerLook[] looks = [.. Enum.GetValues<Corner>().Select(corner => new CornerLook(corner, 9, 9, Marks: sound))];
        Statement Looked(int after, Inspection inspection) =>
            Statement.Of($"{after}", new InspectionNote(inspection with { Date = Today.AddDays(after) }, plan));
        Inspection[] looksAfter =
            [new(Today, [looks[0] with { OuterMm = null }]), new(Today, looks[..2]), new(Today, looks, FluidLevelMm: 2), new(Today, [], Bled: true)];
        foreach (var spoken in Enum.GetValues<Spoken>())
        {
            List<Statement> said = [new Statement(null, KnownBy.Described, "", Fitment.Of(plan)), Statement.Of("note", bare, LeftOpen.Of(bare, [new Heard(spoken)]))];
            yield return Open();
            foreach (var inspection in looksAfter)
            {
                said.Add(Looked(said.Count, inspection));
                yield return Open();
            }

            var other = plan with { FrontRotor = Plan("07").FrontRotor, FrontPad = Plan("02").FrontPad };
            said.Add(Statement.Of("work", new WorkTicks([], [], new FinishedWork(Today.AddDays(30), other, FrontPads: true, Fluid: true)))!);
            yield return Open();

            object? Open() => GarageRecord.Of(said, Today.AddDays(40), _ => Core.Quantities.Axles.Of(_ => new LapUse(0.01, 0.02, 3)))?.Open;
        }
    }

    private static IEnumerable<object?> Guesses()
    {
        foreach (var layout in Enum.GetValues<Core.Vehicles.CarLayout>())
        {
            foreach (var body in Enum.GetValues<Core.Vehicles.CarBody>())
            {
                foreach (var (kg, kw, mm) in ((double, double, double?)[])[(620, 90, null), (1250, 100, 282), (1800, 350, null), (2500, 480, 400)])
                {
                    yield return Core.Vehicles.CarGuess.From("guess", kg, kw, "sport", layout, body, mm);
                }
            }
        }

        yield return Core.Vehicles.CarGuess.Motorcycle("guess", 190, 95, "sport");
        yield return Core.Vehicles.CarGuess.Motorcycle("guess", 340, 70, "sport", 300);
    }

    // A lap as a logger writes it, with a foot that lifts a little earlier.
    private static Core.Circuits.LapTrace Laps(int earlier)
    {
        var times = Enumerable.Range(0, 900).Select(at => 0.1 * at).ToList();
        double Kmh(double second) => 120 + (60 * Math.Sin((second + (0.1 * earlier)) / earlier)) + (20 * Math.Cos(second / 9));
        return Core.Circuits.RecordedTrace.Lap(times, [.. times.Select(Kmh)]);
    }
}
