using Rimrock.Core.Driving;
using Rimrock.Core.Judgement;
using Rimrock.Core.Limits;
using Rimrock.Core.Quantities;

namespace Rimrock.Core.Fitting;

/// <summary>The way from what is fitted to a setup.</summary>
/// <param name="Steps">Its steps.</param>
/// <param name="End">Why it does not end there; null where it does.</param>
internal sealed record WalkedSteps(IReadOnlyList<SpendStep> Steps, Said? End);

/// <summary>
/// Walks from what is fitted to the first row: fluid and hoses that are due by their age first, then pads that fade, then the change that takes most danger,
/// then most damage, away for its money and work; whatever comes within a quarter of the best goes in the trade's order: fluid, pads, rotors, air (common
/// practice). Every state is judged by the same members; a change that would raise the danger is done in one go with the next.
/// </summary>
/// <param name="plan">The plan.</param>
/// <param name="wishes">What matters to the driver.</param>
/// <param name="judge">Draws what is on the way.</param>
/// <param name="buy">What has to be bought for a setup, unknown prices reckoned.</param>
/// <param name="of">What was judged of it.</param>
/// <param name="count">Judges it; true where it is told.</param>
internal sealed class StepWalk(PredictionPlan plan, Wishes wishes, SetupJudge judge, Func<Selection, double> buy, Func<DrawnSetup, CountedSetup> of,
    Action<DrawnSetup, bool> count)
{
    private const double HourWorth = 20;
    private const double NearBestGain = 0.25;

    private bool IsDue => Due.IsFluid(plan) || Due.IsHoses(plan);

    /// <summary>Walks.</summary>
    /// <param name="fitted">What is on the car.</param>
    /// <param name="asItStands">The same, told.</param>
    /// <param name="target">The first row.</param>
    /// <param name="until">What is done on the way before other calipers come; null for nothing.</param>
    /// <param name="alone">Where all that is needed ends; null where it is the first row.</param>
    public WalkedSteps To(DrawnSetup fitted, Suggestion asItStands, DrawnSetup target, DrawnSetup? until = null, DrawnSetup? alone = null)
    {
        if (alone is not null && alone.Key != target.Key)
        {
            return To(fitted, asItStands, alone) with { End = Said.Of("step-walk.rest-is-taste") };
        }

        var path = new List<Waypoint> { new(fitted.Selection, asItStands, of(fitted).Life, []) };
        if (until is not null)
        {
            Walk(path, asItStands, until);
        }

        if (until is not null && path[^1].At.Key() != until.Key)
        {
            path.RemoveRange(1, path.Count - 1);
        }

        Walk(path, asItStands, target);
        var aim = of(target);
        var steps = path.Zip(path.Skip(1), (before, after) => new SpendStep(Said.Joined(Said.And, after.Words), after.Told,
            Buy(fitted.Selection, before, after), before.Told.Danger, after.Told.Danger, before.Told.Damage, after.Told.Damage)).ToList();
        return new WalkedSteps(steps, path[^1].At.Key() == target.Key ? null : EndOf(steps.Count == 0, path[^1].Life, aim.Life));
    }

    // With other calipers the pads and the fluid that were bought until then are bought anew.
    private double? Buy(Selection fitted, Waypoint before, Waypoint after) => IsSameCalipers(after.At, before.At)
        ? after.Told.Cost.BuyNow - before.Told.Cost.BuyNow
        : after.Told.Cost.BuyNow - RunningCost.BuyNowOf(before.At with
        {
            FrontPad = after.At.Kit is null ? before.At.FrontPad : fitted.FrontPad,
            RearPad = after.At.RearKit is null ? before.At.RearPad : fitted.RearPad,
            Fluid = fitted.Fluid,
        }, plan);

    private static bool IsSameCalipers(Selection one, Selection other) => one.Kit == other.Kit && one.RearKit == other.RearKit;

    private void Walk(List<Waypoint> path, Suggestion asItStands, DrawnSetup target)
    {
        var begin = path.Count - 1;
        var from = path[^1].At;
        var changes = Changes(from, target.Selection, IsDue,
                path[^1].Life.Danger.Share >= Thresholds.MostDanger && !Fades(path[^1].Life, Axle.Rear)).ToList();
        var together = new List<Said>();
        while (changes.Count > 0)
        {
            var next = Next(changes, from, path[^1].Life);
            changes.Remove(next);
            from = next.Apply(from);
            together.Add(next.What);
            if (After(from, target, isTold: true) is { } after && !Raises(path[^1].Life, of(after).Life))
            {
                path.Add(new(after.Selection, SetupJudge.Told(after, of(after), asItStands), of(after).Life, [.. together]));
                together.Clear();
            }
        }

        // What raises the danger after the other steps is done in one go with them, as many of them as it takes.
        var aim = of(target);
        if (together.Count > 0 && path.FindLastIndex(stop => !Raises(stop.Life, aim.Life)) is var back && back >= begin)
        {
            together.InsertRange(0, path.Skip(back + 1).SelectMany(stop => stop.Words));
            path.RemoveRange(back + 1, path.Count - back - 1);
            path.Add(new(target.Selection, SetupJudge.Told(target, aim, asItStands), aim.Life, together));
        }
    }

    // A state of the car on the way, and what was changed to come to it.
    private sealed record Waypoint(Selection At, Suggestion Told, JudgedLife Life, IReadOnlyList<Said> Words);

    /// <summary>Why the steps do not end at the first row: what is left of the way raises the danger, or it would be a step.</summary>
    private static Said EndOf(bool none, JudgedLife here, JudgedLife there)
    {
        var head = none ? Said.Of("step-walk.no-step-told") : Said.Of("step-walk.steps-end-before-first");
        var gain = there.Damage.Share < here.Damage.Share && !Ranking.Equal(here, there, Limits.Harm.Damage)
            ? Said.Of("step-walk.brings-damage", ChanceWords.Percent(here.Damage), ChanceWords.Percent(there.Damage))
                : Said.Of("step-walk.suits-better-you-asked");
        return Said.Of("step-walk.first-row-but-danger", head, gain, ChanceWords.Percent(there.Danger), ChanceWords.Percent(here.Danger));
    }

    /// <summary>True where a state is more dangerous than the one before it: in what is told of it, or surely so on the members both have in common.</summary>
    private static bool Raises(JudgedLife before, JudgedLife after)
    {
        var (difference, error) = after.Against(before, Harm.Danger);
        return after.Danger.Share > before.Danger.Share || difference > Thresholds.EqualPairedSigmas * error;
    }

    private (Said What, Func<Selection, Selection> Apply) Next(List<(Said What, Func<Selection, Selection> Apply)> changes, Selection now, JudgedLife before)
    {
        if (changes.Count == 1)
        {
            return changes[0];
        }

        // What must not be driven on is changed first.
        int Stops(Selection at) => HardStops.LeftOf(at.On(plan, wishes));
        if (Stops(now) is > 0 and var stops && changes.FindIndex(change => Stops(change.Apply(now)) < stops) is >= 0 and var must)
        {
            return changes[must];
        }

        // No rear pads of more heat than the front ones have, not even for a week.
        var usual = changes.FindAll(change => change.Apply(now) is var then
            && (then.RearPad.Id == now.RearPad.Id || PadPair.IsUsual(then.FrontPad.Body, then.RearPad)));
        if (usual.Count > 0 && usual.Count < changes.Count)
        {
            return Next(usual, now, before);
        }

        // Old fluid and old hoses are the first thing to mend, whatever else takes more away (common practice).
        if (IsDue
            && changes.FindIndex(change => change.Apply(now) is var then && (then.Fluid.Id, then.Lines?.Id) != (now.Fluid.Id, now.Lines?.Id)
                && IsSameCalipers(then, now)) is >= 0 and var fluid)
        {
            return changes[fluid];
        }

        // Pads that fade come before what cools them (common practice).
        bool Mends(Selection then) => IsSameCalipers(then, now) && ((then.FrontPad.Id != now.FrontPad.Id && Fades(before, Axle.Front))
            || (then.RearPad.Id != now.RearPad.Id && Fades(before, Axle.Rear)));
        if (changes.FindIndex(change => Mends(change.Apply(now))) is >= 0 and var pads && After(changes[pads].Apply(now), null, isTold: false) is { } mended
            && !Raises(before, of(mended).Life))
        {
            return changes[pads];
        }

        double Outlay(Selection setup) => buy(setup) + (HourWorth * Effort.Hours(setup, plan));
        var gains = changes.Select(change =>
        {
            var after = After(change.Apply(now), null, isTold: false);
            return after is null ? double.NegativeInfinity : (Safer(before, of(after).Life) + 1e-9) / (1 + Math.Max(0, Outlay(after.Selection) - Outlay(now)));
        }).ToList();
        return changes[Enumerable.Range(0, changes.Count).First(i => gains[i] >= Math.Min(gains.Max(), NearBestGain * gains.Max()))];
    }

    private static bool Fades(JudgedLife life, Axle axle) => life.Together(row => LimitTable.IsPastRange(row, axle)).Share > Thresholds.LikelyNuisance;

    /// <summary>Danger taken away, and a little for damage: what holds, as a logarithm, so that a change's gain is its own whatever else still gives.</summary>
    private static double Safer(JudgedLife before, JudgedLife after)
    {
        static double Held(Chance chance) => Math.Log(Math.Max(1e-3, 1 - chance.Share));
        return Held(after.Danger) - Held(before.Danger) + (0.3 * (Held(after.Damage) - Held(before.Damage)));
    }

    private DrawnSetup? After(Selection setup, DrawnSetup? target, bool isTold)
    {
        var drawn = target?.Key == setup.Key() ? target : judge.Known(setup);
        if (drawn is not null)
        {
            count(drawn, isTold);
        }

        return drawn;
    }

    private IEnumerable<(Said What, Func<Selection, Selection> Apply)> Changes(Selection before, Selection to, bool isDue, bool rearWaits)
    {
        var target = to;
        if (to.HasKit)
        {
            // Other calipers come last, with their own pads, and new fluid, since the lines are opened; fluid that is due does not wait for them.
            var asIs = isDue ? before : to;
            to = to.Kit is null ? to : to with { FrontPad = before.FrontPad, FrontRotor = before.FrontRotor };
            to = to.RearKit is null ? to : to with { RearPad = before.RearPad, RearRotor = before.RearRotor };
            before = before with { Fluid = asIs.Fluid, Lines = asIs.Lines };
        }

        if (to.Fluid.Id != before.Fluid.Id || to.Lines?.Id != before.Lines?.Id)
        {
            var flush = to.Fluid.Id == Selection.FittedId ? Said.Of("step-walk.bleed")
                : to.Fluid.LeftLitres is not null ? Said.Of("step-walk.flush-opened", to.Fluid.Body.Name) : to.Fluid.Id == Selection.FreshId
                ? Said.Of("step-walk.flush-fresh", to.Fluid.Body.Name) : Said.Of("step-walk.flush", to.Fluid.Body.Name);
            yield return (to.Lines is { } lines ? Said.Of("step-walk.with", flush, lines.Body.Name) : flush, setup =>
                setup with { Fluid = to.Fluid, Lines = to.Lines });
        }

        var pads = PadsOf(before, to);
        var isOther = to.FrontRotor.Id != before.FrontRotor.Id;
        if (pads is { } both && isOther && !GoApart(before, to))
        {
            // Iron rings want iron's pads, and a carbon disc its own: in one go.
            yield return (Said.Of("step-walk.with", both.What, to.FrontRotor.Body.Name), setup => both.Apply(setup) with { FrontRotor = to.FrontRotor });
        }
        else
        {
            // Where danger is to be taken away the rear waits if it does not fade: the front does most of it (common practice).
            var frontFirst = to with { RearPad = before.RearPad };
            if (rearWaits && pads is not null && PadsOf(before, frontFirst) is { } ahead && PadsOf(frontFirst, to) is { } behind)
            {
                yield return ahead;
                yield return behind;
            }
            else if (pads is { } alone)
            {
                yield return alone;
            }

            if (isOther)
            {
                yield return (Said.Of("step-walk.front", to.FrontRotor.Body.Name), setup => setup with { FrontRotor = to.FrontRotor });
            }
        }

        if (to.Duct is { } duct && duct.Id != before.Duct?.Id)
        {
            yield return (duct.Body.Name, setup => setup with { Duct = duct });
        }

        if (to.RearRotor is { } rings && rings.Id != before.RearRotor?.Id)
        {
            yield return (Said.Of("step-walk.rear", rings.Body.Name), setup => setup with { RearRotor = rings });
        }

        if (to.RearDuct is { } led && led.Id != before.RearDuct?.Id)
        {
            yield return (Said.Of("step-walk.rear", led.Body.Name), setup => setup with { RearDuct = led });
        }

        if (target.Kit is { } kit)
        {
            yield return (Said.Of("step-walk.kit", kit.Body.Name, target.FrontPad.Body.Name, target.Fluid.Body.Name), setup => setup with
            {
                Kit = target.Kit,
                FrontRotor = target.FrontRotor,
                FrontPad = target.FrontPad,
                Fluid = target.Fluid,
                Lines = target.Lines,
            });
        }

        if (target.RearKit is { } rearKit)
        {
            yield return (Said.Of("step-walk.kit-rear", rearKit.Body.Name, target.RearPad.Body.Name, target.Fluid.Body.Name), setup => setup with
            {
                RearKit = target.RearKit,
                RearRotor = target.RearRotor,
                RearPad = target.RearPad,
                Fluid = target.Fluid,
                Lines = target.Lines,
            });
        }
    }

    private bool GoApart(Selection before, Selection to) => HardStops.Of(to.FrontPad.Body, before.FrontRotor.Body, wishes) is null
        && HardStops.Of(before.FrontPad.Body, to.FrontRotor.Body, wishes) is null;

    // Both axles in one go where both fade, as it is done on the stands (common practice).
    private static (Said What, Func<Selection, Selection> Apply)? PadsOf(Selection before, Selection to)
    {
        var (front, rear) = (to.FrontPad.Id != before.FrontPad.Id, to.RearPad.Id != before.RearPad.Id);
        static Said Name(Part<Friction.Pad> pad) => pad.LeftMm is null ? pad.Body.Name : Said.Of("step-walk.from-stock", pad.Body.Name);
        var isSame = to.FrontPad.Body == to.RearPad.Body && to.FrontPad.LeftMm is null == to.RearPad.LeftMm is null;
        Said? what = front && rear && isSame ? Said.Of("step-walk.front-rear", Name(to.FrontPad))
            : front && rear ? Said.Of("step-walk.front-rear-2", Name(to.FrontPad), Name(to.RearPad))
            : front ? Said.Of("step-walk.front", Name(to.FrontPad)) : rear ? Said.Of("step-walk.rear", Name(to.RearPad)) : null;
        return what is null ? null : (what, setup => setup with
        {
            FrontPad = front ? to.FrontPad : setup.FrontPad,
            RearPad = rear ? to.RearPad : setup.RearPad,
        });
    }
}
