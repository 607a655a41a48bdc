using Rimrock.Core.Driving;
using Rimrock.Core.Entries;
using Rimrock.Core.Fluids;
using Rimrock.Core.Runs;

namespace Rimrock.Core.Logbook;

/// <summary>What a day at the track tells.</summary>
public static partial class StopOrGo
{
    /// <summary>The findings of a day at the track, worst first.</summary>
    public static IReadOnlyList<Finding> Of(LogSession session)
    {
        ArgumentNullException.ThrowIfNull(session);
        var findings = new List<Finding>();
        var signs = session.Signs ?? [];
        if (session.Pedal == PedalFeel.Sinks)
        {
            findings.Add(new Finding("Pedal", Verdict.StopNow, "A pedal that sinks or creeps: the car stays until the leak or the worn cylinder is found.",
                "A sinking pedal stops the driving.", Trade));
        }

        if (session.Pedal == PedalFeel.SoftHot)
        {
            findings.Add(new Finding("Fluid", Verdict.ChangeBefore,
                "Soft and long when hot: boiled fluid or air. It may come back firm when cold, which is false comfort: bleed before the next drive.",
                "After a soft hot pedal the fluid is bled, firm again or not.", Trade, "wet-reading"));
        }

        if (session.Pedal == PedalFeel.FirmNoStop)
        {
            findings.Add(new Finding("Front pads", Verdict.StopNow,
                "Firm pedal and no stop: pads past their window, oil on them, or a booster that is gone. Do not drive on before you know which.",
                "Firm and no stop ends the session.", Trade));
        }

        if (session.Pedal == PedalFeel.LongThenFine)
        {
            findings.Add(new Finding("Pedal", Verdict.Watch, "Long at first, then fine: knock-back from a loose bearing or kerbs, or wedged pads.",
                "A first long pedal is looked into on the stands.", Trade));
        }

        if (session.Pedal == PedalFeel.Firm)
        {
            findings.Add(new Finding("Pedal", Verdict.Fine, "Firm all day.", "A firm pedal that stops the car is as it should be.", Trade));
        }

        findings.AddRange(signs.Distinct().Select(SignRule.Of));
        findings.AddRange(Heat(session));
        if (session.FluidLevelMm is { } level)
        {
            findings.Add(Level(level, session.Plan, null));
        }

        if (session.PressureBar is { } bar)
        {
            findings.Add(Finding.NotJudged("Line pressure", Text($"{bar:0} bar: no rule here judges that.")));
        }

        findings.AddRange(Unread(session.Note));
        if (findings.Count == 0)
        {
            findings.Add(Finding.NotJudged("The day", "Nothing was looked at: pads, rotors, fluid and pedal between sessions all the same."));
        }

        return [.. findings.OrderByDescending(finding => finding.Verdict)];
    }
}
