using Rimrock.Core.Judgement;

namespace Rimrock.Core.Fitting;

/// <content>What all later stages begin with: everything that was nominated, judged by a few members.</content>
public sealed partial class Matcher
{
    private (List<DrawnSetup> All, List<DrawnSetup> Listed) Sketch(Action<double>? progress, CancellationToken cancel)
    {
        var all = nominated.Value;
        progress?.Invoke(0.1);
        Count([fitted, .. all], sketch: true, settle: false, share => progress?.Invoke(0.1 + (0.3 * share)), cancel);
        var listed = SketchList(all);
        LookBehind();
        if (!Holds())
        {
            // Where nothing else makes it hold, other calipers are looked at.
            Add(withKits.Value);
            LookBehind();
            if (!Holds() && listed is [var most, ..] && RearSearch.Gives(Of(most, sketch: true)))
            {
                withRearKits ??= [.. kits.Nominees(most.Selection).Select(judge.Known).OfType<DrawnSetup>()];
                Add(withRearKits);
            }
        }

        return (all, listed);

        bool Holds() => listed is [var best, ..]
            && Of(best, sketch: true) is { Danger.Share: < Thresholds.MostDanger, Damage.Share: < Thresholds.MostDamage };

        // Where the rear gives with the best that was found, other rear parts are looked at.
        void LookBehind()
        {
            if (listed is [var first, ..] && RearSearch.Gives(Of(first, sketch: true)))
            {
                Add([.. behind.Nominees(listed.Select(one => one.Selection))
                    .Where(one => IsAffordable(one) && one.Key() is var key && !all.Exists(other => other.Key == key))
                    .Select(judge.Known).OfType<DrawnSetup>()]);
            }
        }

        void Add(List<DrawnSetup> more)
        {
            if (more.Count > 0)
            {
                all = [.. all, .. more];
                Count(more, sketch: true, settle: false, null, cancel);
                listed = SketchList(all);
            }
        }
    }

    private List<DrawnSetup> SketchList(List<DrawnSetup> all) =>
        Listed(Ranked(all.Where(one => Has(one, sketch: true)), one => Of(one, sketch: true)).Where(Wished));
}
