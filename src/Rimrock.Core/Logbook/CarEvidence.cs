using Rimrock.Core.Beliefs;
using Rimrock.Core.Driving;
using Rimrock.Core.Entries;

namespace Rimrock.Core.Logbook;

/// <summary>A day of the log that tells of the car.</summary>
/// <param name="Date">The day.</param>
/// <param name="Evidence">What was seen on it.</param>
/// <param name="Session">Place of the day among those written down in the paddock; null where only the pads were measured afterwards.</param>
public sealed record EvidencedDay(DateOnly Date, EvidenceDay Evidence, int? Session);

/// <summary>
/// What a car's log tells of it: what was seen on its days, what two measurements of the same pads say was worn off between them, and how much water a
/// tester found. Every room that asks what the log has taught asks here.
/// </summary>
public static class CarEvidence
{
    /// <summary>Days with evidence that are looked at, the last ones.</summary>
    public const int MostDays = 6;

    // A set that grew by more than this is another one, mm.
    private const double NewPadsMm = 1;

    /// <summary>The last days that tell of the car, oldest first.</summary>
    /// <param name="sessions">Days written down in the paddock, oldest first.</param>
    /// <param name="inspections">Inspections, oldest first.</param>
    public static IReadOnlyList<EvidencedDay> Of(IReadOnlyList<LogSession> sessions, IReadOnlyList<InspectionNote> inspections)
    {
        ArgumentNullException.ThrowIfNull(sessions);
        ArgumentNullException.ThrowIfNull(inspections);
        var worn = Worn(inspections).Concat<Later>(Read(inspections)).Select(one => (Wear: one, Session: Driven(sessions, one))).ToList();
        var days = sessions.Select((session, i) =>
        {
            Observation[] wear = [.. worn.Where(one => one.Session == i).Select(one => one.Wear.On(session.DrivenPlan())).OfType<Observation>()];
            var seen = session.Evidence();
            return seen is null && wear.Length == 0 ? null
                : new EvidencedDay(session.Date, new EvidenceDay(session.DrivenPlan(), [.. seen?.Observations ?? [], .. wear]), i);
        }).OfType<EvidencedDay>();

        // Pads that were measured without a day in the paddock tell of the usual day of their plan; of water so read only the last word counts.
        var lastRead = worn.LastOrDefault(one => one.Session is null && one.Wear is WaterRead).Wear;
        var alone = worn.Where(one => one.Session is null && (one.Wear is not WaterRead || one.Wear == lastRead)).GroupBy(one => one.Wear.Until).Select(same =>
        {
            var plan = same.First().Wear.Plan.OnLeading();
            Observation[] seen = [.. same.Select(one => one.Wear.On(plan)).OfType<Observation>()];
            return seen.Length == 0 ? null : new EvidencedDay(same.Key, new EvidenceDay(plan, seen), null);
        }).OfType<EvidencedDay>();
        return [.. days.Concat(alone).OrderBy(day => day.Date).TakeLast(MostDays)];
    }

    /// <summary>The last day before an inspection that what it found tells of; null where none was written down.</summary>
    private static int? Driven(IReadOnlyList<LogSession> sessions, Later found)
    {
        for (var i = sessions.Count - 1; i >= 0; i--)
        {
            if (sessions[i].Date > found.Since && sessions[i].Date <= found.Until && found.IsOf(sessions[i].Plan))
            {
                return i;
            }
        }

        return null;
    }

    private static IEnumerable<WornOff> Worn(IReadOnlyList<InspectionNote> notes)
    {
        foreach (var axle in new[] { Axle.Front, Axle.Rear })
        {
            var measured = notes.Select(note => (Note: note, Mm: Thinnest(note.Inspection, axle))).Where(one => one.Mm is not null).ToList();
            foreach (var (before, after) in measured.Zip(measured.Skip(1)))
            {
                var same = before.Note.Plan.At(axle).Pads.Pad.Name == after.Note.Plan.At(axle).Pads.Pad.Name;
                if (same && after.Note.Inspection.HotLapsSince is { } laps and > 0 && before.Mm - after.Mm is { } lost and > -NewPadsMm)
                {
                    yield return new WornOff(axle, before.Note.Inspection.Date, after.Note.Inspection.Date, after.Note.Plan, Math.Max(0, lost), laps);
                }
            }
        }
    }

    /// <summary>The thinnest that an inspection measured on an axle, mm; null where it measured none.</summary>
    /// <param name="inspection">The inspection.</param>
    /// <param name="axle">The axle.</param>
    public static double? Thinnest(Inspection inspection, Axle axle)
    {
        ArgumentNullException.ThrowIfNull(inspection);
        return inspection.Corners.Where(look => look.AxleOf() == axle).Min(look => look.ThinnestMm());
    }

    private static IEnumerable<WaterRead> Read(IReadOnlyList<InspectionNote> notes) => notes
        .Where(note => note.Inspection.MoisturePercent is not null && note.Plan.FluidState is { AgeMonths: > 0 }
            && note.Plan.Fluid.ClassOf() is not { Silicone: true })
        .Select(note => new WaterRead(note.Inspection.Date, note.Plan, note.Inspection.MoisturePercent!.Value));

    /// <summary>What an inspection found that tells of a day before it.</summary>
    private abstract record Later(DateOnly Since, DateOnly Until, PredictionPlan Plan)
    {
        public abstract bool IsOf(PredictionPlan plan);

        public abstract Observation? On(PredictionPlan plan);
    }

    /// <summary>Water in the reservoir: on a day before it was as much less as the fluid was younger.</summary>
    private sealed record WaterRead(DateOnly Until, PredictionPlan Plan, double Percent)
        : Later(Until.AddDays(-(int)(Plan.FluidState.AgeMonths * Days.AMonth)), Until, Plan)
    {
        public override bool IsOf(PredictionPlan plan) => plan.Fluid.Name == Plan.Fluid.Name && plan.FluidState.AgeMonths > 0;

        public override Observation? On(PredictionPlan plan)
        {
            var share = Math.Min(1, plan.FluidState.WaterByAgePercent() / Plan.FluidState.WaterByAgePercent());
            return new Observation(ObservationKind.Moisture, Value: Math.Round(Math.Min(7, Percent * share), 2));
        }
    }

    private sealed record WornOff(Axle Axle, DateOnly Since, DateOnly Until, PredictionPlan Plan, double Mm, int Laps) : Later(Since, Until, Plan)
    {
        public override bool IsOf(PredictionPlan plan) => plan.At(Axle).Pads.Pad.Name == Plan.At(Axle).Pads.Pad.Name;

        /// <summary>What a day would have worn at that rate: both gauge readings are off, and days differ.</summary>
        public override Observation? On(PredictionPlan plan)
        {
            // A day lays out the laps of one session.
            var laps = new Day(plan).HotLaps * (plan.Leading().KindOf().IsTimed ? plan.Stint.Sessions : 1);
            var share = (double)laps / Laps;
            var error = Math.Sqrt((2 * Square(WearForecast.GaugeMm * share)) + Square(WearForecast.DayToDay * Mm * share));
            return laps == 0 ? null
                : new Observation(ObservationKind.PadWear, Axle == Axle.Rear, Value: Math.Round(Mm * share, 3), Error: Math.Max(0.01, Math.Round(error, 3)));

            static double Square(double value) => value * value;
        }
    }
}
