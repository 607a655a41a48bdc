using Rimrock.Core.Driving;
using Rimrock.Core.Entries;
using Rimrock.Core.Fluids;
using Rimrock.Core.Runs;

namespace Rimrock.Core.Logbook;

/// <summary>What a day at the track tells.</summary>
public static partial class StopOrGo
{
    /// <summary>The findings of a day at the track, worst first, and last what nobody looked at.</summary>
    /// <param name="session">The day.</param>
    /// <param name="spoken">What its note speaks of; null where nobody read it.</param>
    /// <param name="ahead">Events that lie ahead: water is held against them too; null for none.</param>
    public static IReadOnlyList<Finding> Of(LogSession session, IReadOnlyList<Spoken>? spoken = null, IReadOnlyList<AheadDay>? ahead = null)
    {
        ArgumentNullException.ThrowIfNull(session);
        var findings = new List<Finding>();
        var signs = session.Signs ?? [];
        var pedal = session.Felt();
        if (pedal == PedalFeel.Sinks)
        {
            findings.Add(new Finding(Said.Of("part.pedal"), Verdict.StopNow, Said.Of("stop-or-go.pedal-sinks-creeps-car"),
                Said.Of("stop-or-go.sinking-pedal-stops-driving"), Trade));
        }

        if (pedal == PedalFeel.SoftHot)
        {
            findings.Add(new Finding(Said.Of("part.fluid"), Verdict.StopNow,
                Said.Of("stop-or-go.soft-long-when-hot"),
                Said.Of("stop-or-go.after-soft-hot-pedal"), Trade, "wet-reading"));
        }

        if (pedal == PedalFeel.FirmNoStop)
        {
            findings.Add(new Finding(Said.Of("stop-or-go.front-pads"), Verdict.StopNow,
                Said.Of("stop-or-go.firm-pedal-no-stop"),
                Said.Of("stop-or-go.firm-no-stop-ends"), Trade));
        }

        if (pedal == PedalFeel.LongThenFine)
        {
            findings.Add(new Finding(Said.Of("part.pedal"), Verdict.Watch, Said.Of("stop-or-go.long-first-fine-knock"),
                Said.Of("stop-or-go.first-long-pedal-looked"), Trade));
        }

        // What was ticked and what was written do not go together: the worse of the two holds.
        if (pedal == PedalFeel.Firm && !(spoken ?? []).Any(word => word is Spoken.NoBrakes or Spoken.SoftPedal or Spoken.SinkingPedal))
        {
            findings.Add(new Finding(Said.Of("part.pedal"), Verdict.Fine, Said.Of("stop-or-go.firm-all-day"), Said.Of("stop-or-go.firm-pedal-stops-car"),
                Trade));
        }

        findings.AddRange(signs.Distinct().Select(SignRule.Of));
        findings.AddRange(Heat(session));
        findings.AddRange(AgainstPrediction(session));
        findings.AddRange(Besides(session, ahead ?? []));
        if (session.FluidLevelMm is { } level)
        {
            findings.Add(Level(level, session.Plan, null));
        }

        if (session.PressureBar is { } bar)
        {
            findings.Add(Finding.NotJudged(Said.Of("stop-or-go.line-pressure"), Said.Of("stop-or-go.no-rule-here-judges", Units.Bar(bar))));
        }

        findings.AddRange(Written(session.Note, spoken ?? [], signs));
        if (findings.Count == 0)
        {
            findings.Add(Finding.NotJudged(Said.Of("stop-or-go.day"), Said.Of("stop-or-go.nothing-looked-pads-rotors")));
        }

        findings.AddRange(Misfits(session.Plan).Concat(Overdue(session.Plan)));
        return [.. findings.OrderByDescending(finding => finding.Verdict), .. NotLooked.Of(session)];
    }
}
