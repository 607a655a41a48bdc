using Rimrock.Core.Driving;
using Rimrock.Core.Entries;
using Rimrock.Core.Limits;
using Rimrock.Core.Rotors;
using Rimrock.Core.Runs;

namespace Rimrock.Core.Logbook;

/// <content>Temperatures that were seen, against what the parts of this car can take.</content>
public static partial class StopOrGo
{
    /// <summary>
    /// Iron that has been this hot has changed its structure (handbook: transformation from about 730 C on, complete before this; from memory).
    /// </summary>
    public const double TransformedIronC = 900;

    /// <summary>A caliper this hot has seals that no longer seal (common practice, +-20).</summary>
    public const double SealsGoneC = 250;

    private static IEnumerable<Finding> Heat(LogSession session)
    {
        var plan = session.Plan;
        return OfRotor("Front rotors", session.FrontPaint, plan.FrontRotor).Concat(OfRotor("Rear rotors", session.RearPaint, plan.RearRotor))
            .Concat(OfCaliper("Front calipers", session.FrontSticker, plan)).Concat(OfCaliper("Rear calipers", session.RearSticker, plan))
                .Concat(OfReading(session));
    }

    private static IEnumerable<Finding> OfRotor(string part, PaintEdges? paint, Rotor rotor)
    {
        if (paint is { AboveC: { } above })
        {
            yield return Hot(part, above, rotor, "the paint went at") ?? (paint.BelowC is { } left
                ? left > LimitEdges.FaceLimitC(rotor) ? Unbounded(part, left, LimitEdges.FaceLimitC(rotor))
                    : new Finding(part, Verdict.Fine,
                    Text($"Hotter than {above:0} °C, cooler than {left:0} °C; the ring's limit is {LimitEdges.FaceLimitC(rotor):0} °C."),
                "Below the ring's limit.", Trade)
                : Finding.NotJudged(part, Text($"Every paint is gone, the hottest at {above:0} °C: how hot it was nobody knows. Paint a hotter one.")));
        }
        else if (paint is { BelowC: { } below })
        {
            yield return below > LimitEdges.FaceLimitC(rotor) ? Unbounded(part, below, LimitEdges.FaceLimitC(rotor))
                : new Finding(part, Verdict.Fine, Text($"Cooler than {below:0} °C."), "No paint went.", Trade);
        }
    }

    /// <summary>What stayed below a threshold that lies above the part's limit says nothing of the limit.</summary>
    private static Finding Unbounded(string part, double belowC, double limitC) =>
        Finding.NotJudged(part, Text($"Cooler than {belowC:0} °C, and the limit is {limitC:0} °C: whether it was passed nobody knows. Put on one that goes " +
            $"below the limit."));

    private static Finding? Hot(string part, double celsius, Rotor rotor, string how)
    {
        var limit = LimitEdges.FaceLimitC(rotor);
        return rotor.Material == RingMaterial.Iron && celsius >= TransformedIronC
            ? new Finding(part, Verdict.StopNow,
                Text($"At {celsius:0} °C ({how} that) iron changes its structure: the ring may crack without warning. Do not drive on it; discard both of " +
                    $"the axle."), "Iron beyond 900 °C is discarded.", Trade)
            : celsius >= limit
                ? new Finding(part, Verdict.ChangeBefore,
                    Text($"{celsius:0} °C ({how} that), above the ring's limit of {limit:0} °C: look at both faces for cracks, at the pads, boots and " +
                        $"fluid, and take heat out before the next session."), "Above the part's limit the next session waits.", Trade)
                : null;
    }

    private static IEnumerable<Finding> OfCaliper(string part, PaintEdges? sticker, PredictionPlan plan)
    {
        var vapour = FluidToday.Of(plan).VapourC;
        var limit = Math.Min(LimitEdges.SealLimitC, vapour);
        if (sticker is { AboveC: { } above })
        {
            yield return above >= SealsGoneC
                ? new Finding(part, Verdict.StopNow,
                    Text($"The caliper passed {above:0} °C: seals and boots are gone hard, and the fluid has boiled. Do not drive on; new seals, then bleed."),
                "A caliper beyond 250 °C stops the driving.", Trade)
                : above >= limit
                    ? new Finding(part, Verdict.ChangeBefore,
                        Text($"The caliper passed {above:0} °C: the seals take {LimitEdges.SealLimitC:0} °C, this fluid shows vapour from {vapour:0} °C. " +
                            $"Bleed, and look at boots and pistons before the next session."), "Above the part's limit the next session waits.", Trade)
                    : sticker.BelowC is { } left
                        ? left > limit ? Unbounded(part, left, limit) : new Finding(part, Verdict.Fine,
                            Text($"Hotter than {above:0} °C, cooler than {left:0} °C; seals take {LimitEdges.SealLimitC:0} °C."), "Below the seals' limit.",
                        Trade)
                        : Finding.NotJudged(part,
                            Text($"Every sticker has turned, the hottest at {above:0} °C: how hot it was nobody knows. Put a hotter one on."));
        }
        else if (sticker is { BelowC: { } below })
        {
            yield return below > limit ? Unbounded(part, below, limit)
                : new Finding(part, Verdict.Fine, Text($"Cooler than {below:0} °C."), "No sticker turned.", Trade);
        }
    }

    private static IEnumerable<Finding> OfReading(LogSession session)
    {
        if (session.ReadingC is { } reading)
        {
            yield return Hot("Front rotors", reading, session.Plan.FrontRotor, "read in the paddock; it was hotter while driving") is { } hot ? hot
                : new Finding("Front rotors", Verdict.Fine,
                    Text($"{reading:0} °C in the paddock; the ring's limit is {LimitEdges.FaceLimitC(session.Plan.FrontRotor):0} °C, and it was hotter " +
                        $"while driving."), "Below the ring's limit where it was read.", Trade);
        }
    }
}
