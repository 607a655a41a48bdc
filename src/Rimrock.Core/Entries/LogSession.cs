using Rimrock.Core.Beliefs;
using Rimrock.Core.Driving;

namespace Rimrock.Core.Entries;

/// <summary>How the pedal felt.</summary>
public enum PedalFeel
{
    /// <summary>Nobody said.</summary>
    Unsaid,

    /// <summary>Firm all day.</summary>
    Firm,

    /// <summary>Soft and long when hot.</summary>
    SoftHot,

    /// <summary>Sinks to the floor, or creeps under the foot.</summary>
    Sinks,

    /// <summary>Long at first, then fine.</summary>
    LongThenFine,

    /// <summary>Firm, and the car does not stop.</summary>
    FirmNoStop,
}

/// <summary>What else a driver noticed; each has a name of the trade.</summary>
public enum Sign
{
    /// <summary>A hot, sharp smell.</summary>
    Smell,

    /// <summary>Smoke.</summary>
    Smoke,

    /// <summary>Shaking under braking.</summary>
    Judder,

    /// <summary>Squeal.</summary>
    Squeal,

    /// <summary>Pulls to one side.</summary>
    Pull,

    /// <summary>Balance wanders front to rear.</summary>
    BalanceWanders,

    /// <summary>ABS comes in early.</summary>
    AbsEarly,

    /// <summary>Fluid outside where none belongs.</summary>
    Leak,

    /// <summary>Far more dust than usual, at one wheel or all.</summary>
    HeavyDust,

    /// <summary>A wheel that stuck or dragged after standing.</summary>
    StuckAfterStanding,

    /// <summary>A wheel, hub or pad that knocks or grinds.</summary>
    Grinding,

    /// <summary>The brakes' warning light.</summary>
    WarningLight,

    /// <summary>The light of the ABS.</summary>
    AbsLight,

    /// <summary>Rotors that glowed.</summary>
    Glow,

    /// <summary>Fluid that has turned dark.</summary>
    DarkFluid,
}

/// <summary>Paints or stickers of one kit on one axle: the hottest that went and the coolest that stayed.</summary>
/// <param name="AboveC">Hottest threshold that was passed, C; null where none was.</param>
/// <param name="BelowC">Coolest threshold that was not, C; null where all were.</param>
public sealed record PaintEdges(double? AboveC = null, double? BelowC = null);

/// <summary>A day at the track as it was written down in the paddock.</summary>
/// <param name="Date">The day.</param>
/// <param name="Sessions">Sessions driven.</param>
/// <param name="Laps">Hot laps of all sessions.</param>
/// <param name="Plan">The plan as it stood that day, so that its prediction can be told again.</param>
/// <param name="FrontPaint">Paints on a front rotor.</param>
/// <param name="RearPaint">Paints on a rear rotor.</param>
/// <param name="FrontSticker">Stickers on a front caliper.</param>
/// <param name="RearSticker">Stickers on a rear caliper.</param>
/// <param name="Pedal">How the pedal felt.</param>
/// <param name="PedalLap">Lap of its session in which it went soft; null where unknown.</param>
/// <param name="Signs">What else was noticed.</param>
/// <param name="FluidLevelMm">Fluid level below the upper mark, mm; null where nobody looked.</param>
/// <param name="ReadingC">Front rotor read in the paddock, C.</param>
/// <param name="ReadingMinutes">Minutes after stopping.</param>
/// <param name="PressureBar">Highest line pressure seen, bar; null without a gauge.</param>
/// <param name="Note">Anything else.</param>
/// <param name="Seen">What else was measured: a logger's peaks, an instrument's readings, pads worn.</param>
public sealed record LogSession(
    DateOnly Date, int Sessions, int Laps, PredictionPlan Plan, PaintEdges? FrontPaint = null, PaintEdges? RearPaint = null, PaintEdges? FrontSticker = null,
    PaintEdges? RearSticker = null,
    PedalFeel Pedal = PedalFeel.Unsaid, int? PedalLap = null, IReadOnlyList<Sign>? Signs = null, double? FluidLevelMm = null, double? ReadingC = null,
    double? ReadingMinutes = null,
    double? PressureBar = null, string? Note = null, IReadOnlyList<Observation>? Seen = null)
{
    private const int MostSeen = 40;
    private static readonly FieldRange SessionsRange = new("session.sessions", "", 1, 30);
    private static readonly FieldRange LapsRange = new("session.laps", "", 0, 400);
    private static readonly FieldRange Level = new("session.fluidLevelMm", "mm", 0, 80);
    private static readonly FieldRange Pressure = new("session.pressureBar", "bar", 0, 250);
    private static readonly FieldRange Reading = new("session.readingC", "C", -20, 1000);
    private static readonly FieldRange ReadingAt = new("session.readingMinutes", "min", 0, 60);

    /// <summary>Ranges of the fields, for forms.</summary>
    public static IReadOnlyList<FieldRange> Ranges { get; } = [SessionsRange, LapsRange, Level, Pressure, Reading, ReadingAt];

    /// <summary>The plan of that day with as many sessions as were driven.</summary>
    public PredictionPlan DrivenPlan() => Plan.OnLeading(Sessions);

    /// <summary>The same with its circuit, driven or not: a plan of one day, to be predicted.</summary>
    public PredictionPlan ToPredict()
    {
        var driven = DrivenPlan();
        return Plan with { Stint = driven.Stint, Days = driven.Days };
    }

    /// <summary>How the pedal felt, by what was ticked and by what was entered besides: the worse of the two.</summary>
    public PedalFeel Felt()
    {
        var laps = (Seen ?? []).Where(one => one.Kind == ObservationKind.PedalSoft).Select(one => one.Lap).ToList();
        return Pedal is not (PedalFeel.Unsaid or PedalFeel.Firm) ? Pedal
            : laps.Exists(lap => lap > 0) ? PedalFeel.SoftHot : laps.Count > 0 ? PedalFeel.Firm : Pedal;
    }

    /// <summary>Paints on an axle's rotors, wherever they were entered.</summary>
    public IEnumerable<PaintEdges> Paints(Axle axle) => Edges(axle == Axle.Front ? FrontPaint : RearPaint, ObservationKind.RotorPaint, axle);

    /// <summary>Stickers on an axle's calipers, wherever they were entered.</summary>
    public IEnumerable<PaintEdges> Stickers(Axle axle) => Edges(axle == Axle.Front ? FrontSticker : RearSticker, ObservationKind.CaliperSticker, axle);

    /// <summary>What was read of an axle in numbers, in the kind's unit, wherever it was entered.</summary>
    public IEnumerable<double> Read(ObservationKind kind, Axle axle)
    {
        var read = (Seen ?? []).Where(one => one.Kind == kind && one.Rear == (axle == Axle.Rear)).Select(one => one.Value).OfType<double>();
        return kind == ObservationKind.RotorReading && axle == Axle.Front && ReadingC is { } reading ? read.Prepend(reading) : read;
    }

    /// <summary>What an axle's rotors surely reached, C; null where nothing tells.</summary>
    public double? HottestRotorC(Axle axle) => Paints(axle).Select(paint => paint.AboveC).OfType<double>()
        .Concat(Read(ObservationKind.RotorReading, axle)).Concat(Read(ObservationKind.RotorPeak, axle)).Cast<double?>().Max();

    /// <summary>What an axle's calipers surely reached, C; null where nothing tells.</summary>
    public double? HottestCaliperC(Axle axle) => Stickers(axle).Select(sticker => sticker.AboveC).OfType<double>()
        .Concat(Read(ObservationKind.CaliperPeak, axle)).Cast<double?>().Max();

    private IEnumerable<PaintEdges> Edges(PaintEdges? kit, ObservationKind kind, Axle axle) =>
        (Seen ?? []).Where(one => one.Kind == kind && one.Rear == (axle == Axle.Rear)).Select(one => new PaintEdges(one.AboveC, one.BelowC))
            .Prepend(kit).OfType<PaintEdges>();

    /// <summary>What can be learnt from the day; null where nothing was seen that tells of heat.</summary>
    public EvidenceDay? Evidence()
    {
        var seen = new List<Observation>();
        void Interval(ObservationKind kind, bool rear, PaintEdges? thresholds)
        {
            if (thresholds is { } known && (known.AboveC ?? known.BelowC) is not null)
            {
                seen.Add(new Observation(kind, rear, AboveC: known.AboveC, BelowC: known.BelowC));
            }
        }

        Interval(ObservationKind.RotorPaint, false, FrontPaint);
        Interval(ObservationKind.RotorPaint, true, RearPaint);
        Interval(ObservationKind.CaliperSticker, false, FrontSticker);
        Interval(ObservationKind.CaliperSticker, true, RearSticker);
        if (ReadingC is { } reading && ReadingMinutes is { } minutes)
        {
            seen.Add(new Observation(ObservationKind.RotorReading, Session: Sessions, Value: reading, MinutesAfterStop: minutes));
        }

        if (Pedal == PedalFeel.Firm)
        {
            seen.Add(new Observation(ObservationKind.PedalSoft, Lap: 0));
        }
        else if (Pedal == PedalFeel.SoftHot && PedalLap is { } lap)
        {
            seen.Add(new Observation(ObservationKind.PedalSoft, Lap: lap));
        }

        seen.AddRange(Seen ?? []);
        return seen.Count == 0 ? null : new EvidenceDay(DrivenPlan(), seen);
    }

    // The first that is one too many is named.
    private void CheckSeen(List<InputFault> faults)
    {
        if (Seen is { Count: > MostSeen })
        {
            faults.Add(new InputFault($"session.seen[{MostSeen}]", $"{Seen.Count}", Said.Of("log-session.at-most", MostSeen),
                Said.Of("log-session.more-than-day-shows")));
        }
    }

    /// <summary>Lists what is wrong.</summary>
    public IReadOnlyList<InputFault> Faults()
    {
        var faults = new List<InputFault>();
        Days.Check(Date, "session.date", faults);
        SessionsRange.Check(Sessions, faults);
        LapsRange.Check(Laps, faults);
        foreach (var (range, value) in new[] { (Level, FluidLevelMm), (Pressure, PressureBar), (Reading, ReadingC), (ReadingAt, ReadingMinutes) })
        {
            if (value is { } known)
            {
                range.Check(known, faults);
            }
        }

        if (ReadingC is null != ReadingMinutes is null)
        {
            faults.Add(new InputFault("session.readingMinutes", ReadingMinutes is null ? Said.Of("log-session.nothing") : Said.Of("log-session.time"),
                Said.Of("log-session.temperature-minutes-together"),
                Said.Of("log-session.reading-needs-temperature-how")));
        }

        Names.CheckNote(Note, "session.note", faults);
        CheckSeen(faults);
        faults.AddRange(Plan.Faults());
        if (faults.Count == 0 && Evidence() is { } evidence)
        {
            // What was entered besides comes after the day's own fields.
            var own = evidence.Observations.Count - (Seen?.Count ?? 0);
            for (var i = 0; i < evidence.Observations.Count; i++)
            {
                evidence.Observations[i].Check(i < own ? FieldOf(evidence.Observations[i]) : $"session.seen[{i - own}]", evidence.Plan, faults);
            }
        }

        return faults;
    }

    private static string FieldOf(Observation own) => own.Kind switch
    {
        ObservationKind.RotorPaint => own.Rear ? "session.rearPaint" : "session.frontPaint",
        ObservationKind.CaliperSticker => own.Rear ? "session.rearSticker" : "session.frontSticker",
        ObservationKind.RotorReading => "session.reading",
        _ => "session.pedal",
    };
}
