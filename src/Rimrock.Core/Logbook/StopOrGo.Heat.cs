using Rimrock.Core.Driving;
using Rimrock.Core.Entries;
using Rimrock.Core.Friction;
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

    // The second of three paints is marginal, the third is over (common practice): what stayed below lies this near to the limit.
    private const double MarginalFaceK = 50;
    private const double MarginalCaliperK = 15;

    // What a ring loses on the way in and in the first minutes of the paddock (common practice: 100 to 200 K).
    private const double CooledSinceK = 150;

    private static IEnumerable<Finding> Heat(LogSession session)
    {
        var plan = session.Plan;
        return OfRotor(Said.Of("stop-or-go.front-rotors"), session.FrontPaint, plan.FrontRotor)
            .Concat(OfRotor(Said.Of("stop-or-go.rear-rotors"), session.RearPaint, plan.RearRotor))
            .Concat(OfCaliper(Said.Of("stop-or-go.front-calipers"), session.FrontSticker, plan))
                .Concat(OfCaliper(Said.Of("stop-or-go.rear-calipers"), session.RearSticker, plan))
                .Concat(OfReading(session))
                .Concat(OfPads(Said.Of("stop-or-go.front-pads"), session.FrontPaint, plan.FrontPad, plan.FrontRotor))
                .Concat(OfPads(Said.Of("stop-or-go.rear-pads"), session.RearPaint, plan.RearPad, plan.RearRotor));
    }

    // A rim is so much cooler than the face in hard stops, K (engineering judgement; face over bulk is some 150 K at the most).
    private const double FaceOverRimK = 100;

    // A paint is read to so much (own error, and that of its kit).
    private const double PaintErrorK = 20;

    /// <summary>
    /// What was seen against the prediction for that very day: a rim is no hotter than the face, so that a paint which went above the face's band tells of more
    /// than the day; and a pedal that went soft where the fluid had far to go was not the fluid's (common practice: then air, knock-back, a hose).
    /// </summary>
    private static IEnumerable<Finding> AgainstPrediction(LogSession session)
    {
        var asks = session.Pedal == PedalFeel.SoftHot || (session.FrontPaint?.AboveC ?? session.RearPaint?.AboveC) is not null;
        if (!asks || ExpectedDay.Of(session.DrivenPlan()) is not { } expected)
        {
            yield break;
        }

        foreach (var (axle, paint) in new[] { (Axle.Front, session.FrontPaint), (Axle.Rear, session.RearPaint) })
        {
            if (paint?.AboveC is { } above && expected.FaceC[axle] is { } face && above > face + PaintErrorK)
            {
                yield return new Finding(axle == Axle.Front ? Said.Of("stop-or-go.front-rotors") : Said.Of("stop-or-go.rear-rotors"), Verdict.Watch,
                    Said.Of("stop-or-go.hotter-than-predicted", Units.C(above), Units.C(face)), Said.Of("stop-or-go.more-than-the-day-explains"), Trade);
            }
        }

        if (session.Pedal == PedalFeel.SoftHot && expected.FluidC is { } fluid
            && FluidToday.Of(session.Plan).VapourC is var vapour && vapour - fluid > NearVapourK)
        {
            yield return new Finding(Said.Of("part.pedal"), Verdict.Watch, Said.Of("stop-or-go.boiling-does-not-explain-it", Units.C(fluid), Units.C(vapour)),
                Said.Of("stop-or-go.soft-is-bled-and-looked-into"), Trade);
        }
    }

    /// <summary>
    /// The disc's paint against what the pads on it work to: past that they fade, glaze and crumble on iron, and smear a carbon disc (common practice). The
    /// rim is cooler than the face that they rub on: what stayed below says nothing where it lies above their edge.
    /// </summary>
    private static IEnumerable<Finding> OfPads(Said part, PaintEdges? paint, Pad pad, Rotor rotor)
    {
        if (paint is null || (paint.AboveC ?? paint.BelowC) is null || !rotor.Brake().RubsBothFaces)
        {
            yield break;
        }

        var to = PadTables.Of(pad).Band.ToC;
        yield return paint.AboveC is { } above && above >= to
            ? rotor.Material == RingMaterial.CarbonCeramic
                ? new Finding(part, Verdict.ChangeBefore, Said.Of("stop-or-go.pads-past-window-on-carbon", Units.C(above), pad.Name, Units.C(to)),
                    Said.Of("stop-or-go.pads-stay-in-window"), Trade, "pads-beyond")
                : new Finding(part, Verdict.Watch, Said.Of("stop-or-go.pads-past-window", Units.C(above), pad.Name, Units.C(to)),
                    Said.Of("stop-or-go.pads-stay-in-window"), Trade, "pads-beyond")
            : paint.BelowC is { } below && below + FaceOverRimK <= to
                ? new Finding(part, Verdict.Fine, Said.Of("stop-or-go.pads-within-window", Units.C(below), pad.Name, Units.C(to)),
                    Said.Of("stop-or-go.pads-stay-in-window"), Trade)
            : Finding.NotJudged(part, Said.Of("stop-or-go.pads-window-between", pad.Name, Units.C(to)));
    }

    private static IEnumerable<Finding> OfRotor(Said part, PaintEdges? paint, Rotor rotor)
    {
        if (paint is { AboveC: { } above })
        {
            yield return Hot(part, above, rotor, Said.Of("stop-or-go.paint-went")) ?? (paint.BelowC is { } left
                ? left > LimitEdges.FaceLimitC(rotor) ? Unbounded(part, left, LimitEdges.FaceLimitC(rotor))
                    : left > LimitEdges.FaceLimitC(rotor) - MarginalFaceK ? new Finding(part, Verdict.Watch,
                        Said.Of("stop-or-go.marginal-at-rotor", Units.C(above), Units.C(left), Units.C(LimitEdges.FaceLimitC(rotor))),
                        Said.Of("stop-or-go.second-paint-is-marginal"), Trade)
                    : new Finding(part, Verdict.Fine,
                    Said.Of("stop-or-go.hotter-cooler-rings-limit", Units.C(above), Units.C(left), Units.C(LimitEdges.FaceLimitC(rotor))),
                Said.Of("stop-or-go.below-rings-limit"), Trade)
                : Finding.NotJudged(part, Said.Of("stop-or-go.every-paint-gone-hottest", Units.C(above))));
        }
        else if (paint is { BelowC: { } below })
        {
            yield return below > LimitEdges.FaceLimitC(rotor) ? Unbounded(part, below, LimitEdges.FaceLimitC(rotor))
                : new Finding(part, Verdict.Fine, Said.Of("stop-or-go.cooler", Units.C(below)), Said.Of("stop-or-go.no-paint-went"), Trade);
        }
    }

    /// <summary>What stayed below a threshold that lies above the part's limit says nothing of the limit.</summary>
    private static Finding Unbounded(Said part, double belowC, double limitC) =>
        Finding.NotJudged(part, Said.Of("stop-or-go.cooler-limit-whether-passed", Units.C(belowC), Units.C(limitC)));

    private static Finding? Hot(Said part, double celsius, Rotor rotor, Said how)
    {
        var limit = LimitEdges.FaceLimitC(rotor);
        return rotor.Material == RingMaterial.Iron && celsius >= TransformedIronC
            ? new Finding(part, Verdict.StopNow,
                Said.Of("stop-or-go.iron-changes-structure-ring", Units.C(celsius), how), Said.Of("stop-or-go.iron-beyond-900-c"), Trade)
            : celsius >= limit
                ? new Finding(part, Verdict.ChangeBefore,
                    Said.Of("stop-or-go.above-rings-limit-look", Units.C(celsius), how, Units.C(limit)), Said.Of("stop-or-go.above-parts-limit-next"), Trade)
                : null;
    }

    private static IEnumerable<Finding> OfCaliper(Said part, PaintEdges? sticker, PredictionPlan plan)
    {
        var vapour = FluidToday.Of(plan).VapourC;
        var limit = Math.Min(LimitEdges.SealLimitC, vapour);
        if (sticker is { AboveC: { } above })
        {
            yield return above >= SealsGoneC
                ? new Finding(part, Verdict.StopNow,
                    Said.Of("stop-or-go.caliper-passed-seals-boots", Units.C(above)),
                Said.Of("stop-or-go.caliper-beyond-250-c"), Trade)
                : above >= limit
                    ? new Finding(part, Verdict.ChangeBefore,
                        Said.Of("stop-or-go.caliper-passed-seals-take", Units.C(above), Units.C(LimitEdges.SealLimitC), Units.C(vapour)),
                        Said.Of("stop-or-go.above-parts-limit-next"), Trade)
                    : sticker.BelowC is { } left
                        ? left > limit ? Unbounded(part, left, limit)
                        : left > limit - MarginalCaliperK ? new Finding(part, Verdict.Watch,
                            Said.Of("stop-or-go.marginal-at-caliper", Units.C(above), Units.C(left), Units.C(limit)),
                            Said.Of("stop-or-go.second-paint-is-marginal"), Trade)
                        : new Finding(part, Verdict.Fine,
                            Said.Of("stop-or-go.hotter-cooler-seals-take", Units.C(above), Units.C(left), Units.C(LimitEdges.SealLimitC)),
                            Said.Of("stop-or-go.below-seals-limit"),
                        Trade)
                        : Finding.NotJudged(part,
                            Said.Of("stop-or-go.every-sticker-turned-hottest", Units.C(above)));
        }
        else if (sticker is { BelowC: { } below })
        {
            yield return below > limit ? Unbounded(part, below, limit)
                : new Finding(part, Verdict.Fine, Said.Of("stop-or-go.cooler", Units.C(below)), Said.Of("stop-or-go.no-sticker-turned"), Trade);
        }
    }

    private static IEnumerable<Finding> OfReading(LogSession session)
    {
        if (session.ReadingC is { } reading)
        {
            yield return Hot(Said.Of("stop-or-go.front-rotors"), reading, session.Plan.FrontRotor, Said.Of("stop-or-go.read-paddock-hotter-while")) is { } hot
                ? hot
                : reading > LimitEdges.FaceLimitC(session.Plan.FrontRotor) - CooledSinceK ? new Finding(Said.Of("stop-or-go.front-rotors"), Verdict.Watch,
                    Said.Of("stop-or-go.paddock-close-to-limit", Units.C(reading), Units.C(LimitEdges.FaceLimitC(session.Plan.FrontRotor))),
                    Said.Of("stop-or-go.paddock-reads-low"), Trade)
                : new Finding(Said.Of("stop-or-go.front-rotors"), Verdict.Fine,
                    Said.Of("stop-or-go.paddock-rings-limit-hotter", Units.C(reading), Units.C(LimitEdges.FaceLimitC(session.Plan.FrontRotor))),
                    Said.Of("stop-or-go.below-rings-limit-where"), Trade);
        }
    }
}
