using Rimrock.Core.Driving;
using Rimrock.Core.Entries;
using Rimrock.Core.Rotors;

namespace Rimrock.Core.Logbook;

/// <summary>
/// What an entry leaves open beside its ticks: what its note speaks of, and a level that no wear explains, which is a leak until shown otherwise (common
/// practice).
/// </summary>
public static class LeftOpen
{
    /// <summary>Of a day.</summary>
    /// <param name="session">The day.</param>
    /// <param name="heard">What its note speaks of.</param>
    public static IReadOnlyList<TroubleAt> Of(LogSession session, IReadOnlyList<Heard> heard)
    {
        ArgumentNullException.ThrowIfNull(session);
        return [.. By(heard, StopOrGo.IsLeak(session), session.Plan)];
    }

    /// <summary>Of an inspection: the hydraulics are answered where it ends with a bleed.</summary>
    /// <param name="note">The inspection.</param>
    /// <param name="heard">What its note speaks of.</param>
    public static IReadOnlyList<TroubleAt> Of(InspectionNote note, IReadOnlyList<Heard> heard)
    {
        ArgumentNullException.ThrowIfNull(note);
        return [.. By(heard, StopOrGo.IsLeak(note), note.Plan).Where(one => !note.Inspection.Bled || !OpenSign.IsOfTheHydraulics(one.Trouble))
            .Where(one => one.Trouble != Trouble.CrackedRotor || !AreMeasured(note.Inspection))];
    }

    // Hairlines that were measured are judged by their measure.
    private static bool AreMeasured(Inspection inspection) =>
        inspection.Corners.Any(look => look.CrackMm is not null) && !inspection.Corners.Any(look => look.IsDiscarded());

    private static IEnumerable<TroubleAt> By(IReadOnlyList<Heard> heard, bool isLeak, PredictionPlan plan)
    {
        TroubleAt? Left(Heard one) => NoteRule.All.First(rule => rule.Of == one.Of).Leaves is { } trouble
            ? new TroubleAt(trouble, Where(one, trouble, plan)) : null;
        var left = heard.Select(Left).Append(isLeak ? new TroubleAt(Trouble.Leak) : null);
        return left.OfType<TroubleAt>().Distinct();
    }

    // As the note says it; else, of pads and discs, or of shoes and drums, the axle that alone has them.
    private static Axle? Where(Heard heard, Trouble trouble, PredictionPlan plan)
    {
        bool IsThere(Axle axle) => plan.At(axle).Rotors.Rotor.Construction == RotorConstruction.Drum == heard.OfDrums;
        return !OpenSign.IsAtAWheel(trouble) ? null
            : heard.Axle is { } said ? said
            : OpenSign.IsOfParts(trouble) && IsThere(Axle.Front) != IsThere(Axle.Rear) ? (IsThere(Axle.Front) ? Axle.Front : Axle.Rear)
            : null;
    }
}
