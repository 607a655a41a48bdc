
namespace Rimrock.Core.Entries;

/// <summary>Ticks of a work order.</summary>
/// <param name="Done">Codes of the steps that are done.</param>
/// <param name="Changes">What the order was about.</param>
public sealed record WorkTicks(IReadOnlyList<string> Done, IReadOnlyList<string> Changes)
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

        return faults;
    }
}
