using Rimrock.Core.Driving;
using Rimrock.Core.Entries;

namespace Rimrock.Core.Logbook;

/// <summary>
/// What an entry leaves open beside its ticks: what its note speaks of, and a level that no wear explains, which is a leak until shown otherwise (common
/// practice).
/// </summary>
public static class LeftOpen
{
    /// <summary>Of a day.</summary>
    /// <param name="session">The day.</param>
    /// <param name="spoken">What its note speaks of.</param>
    public static IReadOnlyList<Trouble> Of(LogSession session, IReadOnlyList<Spoken> spoken)
    {
        ArgumentNullException.ThrowIfNull(session);
        return [.. By(spoken, StopOrGo.IsLeak(session))];
    }

    /// <summary>Of an inspection: the hydraulics are answered where it ends with a bleed.</summary>
    /// <param name="note">The inspection.</param>
    /// <param name="spoken">What its note speaks of.</param>
    public static IReadOnlyList<Trouble> Of(InspectionNote note, IReadOnlyList<Spoken> spoken)
    {
        ArgumentNullException.ThrowIfNull(note);
        return [.. By(spoken, StopOrGo.IsLeak(note)).Where(trouble => !note.Inspection.Bled || !OpenSign.IsOfTheHydraulics(trouble))
            .Where(trouble => trouble != Trouble.CrackedRotor || !AreMeasured(note.Inspection))];
    }

    // Hairlines that were measured are judged by their measure.
    private static bool AreMeasured(Inspection inspection) =>
        inspection.Corners.Any(look => look.CrackMm is not null) && !inspection.Corners.Any(look => look.IsDiscarded());

    private static IEnumerable<Trouble> By(IReadOnlyList<Spoken> spoken, bool isLeak) =>
        NoteRule.All.Where(rule => spoken.Contains(rule.Of)).Select(rule => rule.Leaves).Append(isLeak ? Trouble.Leak : null).OfType<Trouble>().Distinct();
}
