using Rimrock.Core.Driving;

namespace Rimrock.Core.Beliefs;

/// <summary>What a driver can see or measure.</summary>
public enum ObservationKind
{
    /// <summary>Temperature paint on the rotor's rim: hotter than the paints that are gone, cooler than those left.</summary>
    RotorPaint,

    /// <summary>Irreversible stickers on the caliper: the same for its body.</summary>
    CaliperSticker,

    /// <summary>Rotor temperature read with an infrared or contact thermometer so many minutes after stopping.</summary>
    RotorReading,

    /// <summary>Highest rotor temperature that a logger's infrared sensor or thermocouple saw.</summary>
    RotorPeak,

    /// <summary>Highest caliper temperature that a logger saw.</summary>
    CaliperPeak,

    /// <summary>The pedal went soft in a lap; a lap of 0 says that it stayed firm.</summary>
    PedalSoft,

    /// <summary>Friction material that the thicker-worn pad lost over the day, mm.</summary>
    PadWear,

    /// <summary>Water in the reservoir by a tester, %.</summary>
    Moisture,
}

/// <summary>One observation of a day.</summary>
/// <param name="Kind">What was observed.</param>
/// <param name="Rear">True for the rear axle.</param>
/// <param name="Session">Session from 1; null for the whole day.</param>
/// <param name="AboveC">Hottest threshold that was passed, C.</param>
/// <param name="BelowC">Coolest threshold that was not, C.</param>
/// <param name="Value">A number read: C, mm or %.</param>
/// <param name="Error">Its standard error, in its unit; null for the kind's usual one.</param>
/// <param name="MinutesAfterStop">For a reading: minutes after stopping.</param>
/// <param name="Lap">For a soft pedal the lap, or 0 for none; for a peak the last lap that it covers.</param>
public sealed record Observation(
    ObservationKind Kind,
    bool Rear = false,
    int? Session = null,
    double? AboveC = null,
    double? BelowC = null,
    double? Value = null,
    double? Error = null,
    double? MinutesAfterStop = null,
    int? Lap = null)
{
    private static readonly FieldRange Threshold = new("observation.aboveC", "C", 40, 1000);
    private static readonly FieldRange Reading = new("observation.value", "C", -20, 1200);
    private static readonly FieldRange Wear = new("observation.value", "mm", 0, 20, "observation.pad-wear");
    private static readonly FieldRange Water = new("observation.value", "%", 0, 7, "observation.moisture");
    private static readonly FieldRange ErrorRange = new("observation.error", "", 0.01, 100);
    private static readonly FieldRange Minutes = new("observation.minutesAfterStop", "min", 0, 60);
    private static readonly FieldRange SessionRange = new("observation.session", "", 1, 10);
    private static readonly FieldRange LapRange = new("observation.lap", "", 0, 200);

    /// <summary>Ranges of the fields, for forms.</summary>
    public static IReadOnlyList<FieldRange> Ranges { get; } = [Threshold, Reading, Wear, Water, ErrorRange, Minutes, SessionRange, LapRange];

    /// <summary>True for what is known by an interval.</summary>
    public bool IsInterval() => Kind is ObservationKind.RotorPaint or ObservationKind.CaliperSticker;

    /// <summary>Lists what is wrong.</summary>
    public void Check(string field, PredictionPlan plan, ICollection<InputFault> faults)
    {
        ArgumentNullException.ThrowIfNull(plan);
        ArgumentNullException.ThrowIfNull(faults);
        if (Session is { } session)
        {
            SessionRange.Check(session, faults, $"{field}.session");
            var most = plan.OnLeading() is var on && on.Leading().KindOf().IsTimed ? on.Stint.Sessions : 1;
            if (session > most)
            {
                faults.Add(new InputFault($"{field}.session", $"{session}", Said.Of("observation.1", most),
                    Said.Of("observation.plan-no-such-session")));
            }
        }

        if (Error is { } error)
        {
            ErrorRange.Check(error, faults, $"{field}.error");
        }

        switch (Kind)
        {
            case ObservationKind.RotorPaint or ObservationKind.CaliperSticker:
                CheckInterval(field, faults);
                break;
            case ObservationKind.PedalSoft:
                LapRange.Check(Lap ?? double.NaN, faults, $"{field}.lap");
                break;
            case ObservationKind.PadWear:
                Wear.Check(Value ?? double.NaN, faults, $"{field}.value");
                break;
            case ObservationKind.Moisture:
                Water.Check(Value ?? double.NaN, faults, $"{field}.value");
                break;
            default:
                if (Lap is { } lap)
                {
                    LapRange.Check(lap, faults, $"{field}.lap");
                }

                Reading.Check(Value ?? double.NaN, faults, $"{field}.value");
                if (Kind == ObservationKind.RotorReading)
                {
                    Minutes.Check(MinutesAfterStop ?? double.NaN, faults, $"{field}.minutesAfterStop");
                }

                break;
        }
    }

    private void CheckInterval(string field, ICollection<InputFault> faults)
    {
        if (AboveC is null && BelowC is null)
        {
            faults.Add(new InputFault($"{field}.aboveC", "nothing", Said.Of("observation.threshold-passed-one-not"),
                Said.Of("observation.paint-sticker-says-least")));
        }

        if (AboveC is { } above)
        {
            Threshold.Check(above, faults, $"{field}.aboveC");
        }

        if (BelowC is { } below)
        {
            Threshold.Check(below, faults, $"{field}.belowC");
            if (AboveC >= below)
            {
                faults.Add(new InputFault($"{field}.belowC", Text($"{below:0.#}"), Said.Of("observation.above", Units.C(AboveC!.Value)),
                    Said.Of("observation.not-passed-lies-above")));
            }
        }
    }
}

/// <summary>What was seen on one day.</summary>
/// <param name="Plan">The day as it was: car, circuit, weather, parts.</param>
/// <param name="Observations">What was seen.</param>
public sealed record EvidenceDay(PredictionPlan Plan, IReadOnlyList<Observation> Observations);
