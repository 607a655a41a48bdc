using Rimrock.Core.Beliefs;
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
    // The second of three paints is marginal, the third is over (common practice): what stayed below lies this near to the limit.
    private const double MarginalFaceK = 50;
    private const double MarginalCaliperK = 15;

    // What a ring loses on the way in and in the first minutes of the paddock (common practice: 100 to 200 K).
    private const double CooledSinceK = 150;

    private static IEnumerable<Finding> Heat(LogSession session) => Axles.Both.SelectMany(axle =>
    {
        var (plan, isFront) = (session.Plan, axle == Axle.Front);
        var (rotor, pad) = (plan.At(axle).Rotors.Rotor, plan.At(axle).Pads.Pad);
        var rotors = isFront ? Said.Of("stop-or-go.front-rotors") : Said.Of("stop-or-go.rear-rotors");
        var calipers = isFront ? Said.Of("stop-or-go.front-calipers") : Said.Of("stop-or-go.rear-calipers");
        return session.Paints(axle).SelectMany(paint => OfRotor(rotors, paint, rotor)
                .Concat(OfPads(isFront ? Said.Of("stop-or-go.front-pads") : Said.Of("stop-or-go.rear-pads"), paint, pad, rotor)))
            .Concat(session.Stickers(axle).SelectMany(sticker => OfCaliper(calipers, sticker, plan)))
            .Concat(session.Read(ObservationKind.RotorReading, axle).Select(celsius => OfReading(rotors, celsius, rotor)))
            .Concat(session.Read(ObservationKind.RotorPeak, axle).Select(celsius => OfPeak(rotors, celsius, rotor)))
            .Concat(session.Read(ObservationKind.CaliperPeak, axle).Select(celsius => OfCaliperPeak(calipers, celsius, plan)));
    });

    // What a sensor saw is the peak itself.
    private static Finding OfPeak(Said part, double celsius, Rotor rotor) => Hot(part, celsius, rotor, Said.Of("stop-or-go.logger-saw"))
        ?? (celsius > LimitEdges.FaceLimitC(rotor) - MarginalFaceK
            ? new Finding(part, Verdict.Watch, Said.Of("stop-or-go.peak-close-to-limit", Units.C(celsius), Units.C(LimitEdges.FaceLimitC(rotor))),
                Said.Of("stop-or-go.second-paint-is-marginal"), Trade)
            : new Finding(part, Verdict.Fine, Said.Of("stop-or-go.peak-below-limit", Units.C(celsius), Units.C(LimitEdges.FaceLimitC(rotor))),
                Said.Of("stop-or-go.below-rings-limit"), Trade));

    private static Finding OfCaliperPeak(Said part, double celsius, PredictionPlan plan)
    {
        var limit = Math.Min(LimitEdges.SealLimitC, FluidToday.Of(plan).VapourC);
        return celsius >= limit ? OfCaliper(part, new PaintEdges(celsius), plan).First()
            : celsius > limit - MarginalCaliperK
            ? new Finding(part, Verdict.Watch, Said.Of("stop-or-go.peak-close-to-limit", Units.C(celsius), Units.C(limit)),
                Said.Of("stop-or-go.second-paint-is-marginal"), Trade)
            : new Finding(part, Verdict.Fine, Said.Of("stop-or-go.peak-below-limit", Units.C(celsius), Units.C(limit)), Said.Of("stop-or-go.below-seals-limit"),
                Trade);
    }

    // A rim is so much cooler than the face in hard stops, K (engineering judgement; face over bulk is some 150 K at the most).
    private const double FaceOverRimK = 100;

    /// <summary>
    /// The disc's paint against what the pads on it work to: past that they fade, glaze and crumble on iron, and smear a carbon disc (common practice). The
    /// rim is cooler than the face that they rub on: what stayed below says nothing where it lies above their edge.
    /// </summary>
    private static IEnumerable<Finding> OfPads(Said part, PaintEdges paint, Pad pad, Rotor rotor)
    {
        if ((paint.AboveC ?? paint.BelowC) is null || !rotor.Brake().RubsBothFaces)
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

    private static IEnumerable<Finding> OfRotor(Said part, PaintEdges paint, Rotor rotor)
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
        return LimitEdges.IsDiscarded(rotor, celsius)
            ? new Finding(part, Verdict.StopNow,
                Said.Of("stop-or-go.iron-changes-structure-ring", Units.C(celsius), how), Said.Of("stop-or-go.iron-beyond-900-c"), Trade)
            : celsius >= limit
                ? new Finding(part, Verdict.ChangeBefore,
                    Said.Of("stop-or-go.above-rings-limit-look", Units.C(celsius), how, Units.C(limit)), Said.Of("stop-or-go.above-parts-limit-next"), Trade)
                : null;
    }

    private static IEnumerable<Finding> OfCaliper(Said part, PaintEdges sticker, PredictionPlan plan)
    {
        var vapour = FluidToday.Of(plan).VapourC;
        var limit = Math.Min(LimitEdges.SealLimitC, vapour);
        if (sticker is { AboveC: { } above })
        {
            yield return above >= LimitEdges.SealGoneC
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

    private static Finding OfReading(Said part, double celsius, Rotor rotor) =>
        Hot(part, celsius, rotor, Said.Of("stop-or-go.read-paddock-hotter-while"))
            ?? (celsius > LimitEdges.FaceLimitC(rotor) - CooledSinceK ? new Finding(part, Verdict.Watch,
                    Said.Of("stop-or-go.paddock-close-to-limit", Units.C(celsius), Units.C(LimitEdges.FaceLimitC(rotor))),
                    Said.Of("stop-or-go.paddock-reads-low"), Trade)
                : new Finding(part, Verdict.Fine,
                    Said.Of("stop-or-go.paddock-rings-limit-hotter", Units.C(celsius), Units.C(LimitEdges.FaceLimitC(rotor))),
                    Said.Of("stop-or-go.below-rings-limit-where"), Trade));
}
