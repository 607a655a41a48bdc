using Rimrock.Core.Driving;

namespace Rimrock.Core.Entries;

/// <summary>A work order that was finished: what is on the car since.</summary>
/// <param name="Day">The day.</param>
/// <param name="After">The plan with what was fitted.</param>
/// <param name="FrontPads">True where a new set of front pads went on.</param>
/// <param name="RearPads">The same at the rear.</param>
/// <param name="Fluid">True where the fluid was changed.</param>
public sealed record FinishedWork(DateOnly Day, PredictionPlan After, bool FrontPads = false, bool RearPads = false, bool Fluid = false);

/// <summary>Ticks of a work order.</summary>
/// <param name="Done">Codes of the steps that are done.</param>
/// <param name="Changes">What the order was about.</param>
/// <param name="Finished">What is on the car since it was finished; null while it is not.</param>
public sealed record WorkTicks(IReadOnlyList<string> Done, IReadOnlyList<string> Changes, FinishedWork? Finished = null)
{
    private const int Most = 200;
    private const int Longest = 200;

    /// <summary>Lists what is wrong.</summary>
    public IReadOnlyList<InputFault> Faults()
    {
        var faults = new List<InputFault>();
        if (Done.Count + Changes.Count > Most)
        {
            faults.Add(new InputFault("done", $"{Done.Count + Changes.Count}", Said.Of("work-ticks.most", Most), Said.Of("work-ticks.work-order-fewer-steps")));
        }

        foreach (var (field, texts) in new[] { ("done", Done), ("changes", Changes) })
        {
            for (var i = 0; i < texts.Count && faults.Count < 20; i++)
            {
                if (texts[i].Length > Longest || !Names.WellFormed(texts[i]))
                {
                    faults.Add(new InputFault($"{field}[{i}]", Said.Of("work-ticks.characters", texts[i].Length),
                        Said.Of("work-ticks.most-printable-characters", Longest),
                        Said.Of("work-ticks.text-cannot-kept")));
                }
            }
        }

        if (Finished is { } finished)
        {
            Days.Check(finished.Day, "finished.day", faults);
            faults.AddRange(finished.After.Faults());
        }

        return faults;
    }
}
