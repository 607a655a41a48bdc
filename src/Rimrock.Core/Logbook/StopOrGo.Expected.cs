using Rimrock.Core.Beliefs;
using Rimrock.Core.Driving;
using Rimrock.Core.Entries;
using Rimrock.Core.Runs;
using Rimrock.Core.Vehicles;

namespace Rimrock.Core.Logbook;

/// <content>What was seen on a day against the prediction for that very day.</content>
public static partial class StopOrGo
{
    // The middle of the band, and its cool and its hot edge.
    private static readonly CarFactors[] Edges = [CarFactors.Corners[0], CarFactors.Corners[1], CarFactors.Corners[2]];

    /// <summary>
    /// What was seen against what the day explains: hotter than the upper edge of eight tenths by more than it is read to, or worn more, it tells of more than
    /// the day; and a pedal that went soft where the fluid had far to go was not the fluid's (common practice: then air, knock-back, a hose).
    /// </summary>
    private static IEnumerable<Finding> AgainstPrediction(LogSession session)
    {
        var plan = session.DrivenPlan();
        var seen = (session.Evidence()?.Observations ?? []).Where(one => one.Kind is not (ObservationKind.PedalSoft or ObservationKind.Moisture)
            && (one.AboveC ?? one.Value) is not null).ToList();
        if (seen.Count > 0)
        {
            var run = new DayRun(plan, Edges);
            foreach (var phase in new Day(plan).Phases)
            {
                run.Run(phase);
            }

            foreach (var one in seen)
            {
                double High(Observation seen) => Enumerable.Range(0, Edges.Length)
                    .Max(lane => ObservationModel.Predicted(seen, plan, run, lane, Edges[lane]));
                var (found, high, error) = ((one.AboveC ?? one.Value)!.Value, High(one), EvidenceError.Of(one));
                if (found - error.Bias > high + error.Total)
                {
                    yield return MoreThanTheDay(one, found, high, plan);
                }
            }
        }

        if (session.Felt() == PedalFeel.SoftHot && ExpectedDay.Of(session.ToPredict())?.FluidC is { } fluid
            && FluidToday.Of(session.Plan).VapourC is var vapour && vapour - fluid > NearVapourK)
        {
            yield return new Finding(Said.Of("part.pedal"), Verdict.Watch, Said.Of("stop-or-go.boiling-does-not-explain-it", Units.C(fluid), Units.C(vapour)),
                Said.Of("stop-or-go.soft-is-bled-and-looked-into"), Trade);
        }
    }

    private static Finding MoreThanTheDay(Observation one, double found, double high, PredictionPlan plan)
    {
        Finding Of(Said part, Said sentence) => new(part, Verdict.Watch, sentence, Said.Of("stop-or-go.more-than-the-day-explains"), Trade);
        return one.Kind switch
        {
            ObservationKind.PadWear => Of(one.Rear ? Said.Of("stop-or-go.rear-pads") : Said.Of("stop-or-go.front-pads"),
                Said.Of("stop-or-go.wore-more-than-predicted", Units.Mm(found), Units.Mm(high))),
            ObservationKind.CaliperSticker or ObservationKind.CaliperPeak => one.Rear
                ? Of(Said.Of("stop-or-go.rear-calipers"), plan.Car.ParkingBrake is ParkingBrake.InCaliper or ParkingBrake.Electric
                    ? Said.Of("stop-or-go.rear-caliper-hotter-than-predicted", Units.C(found), Units.C(high))
                    : Said.Of("stop-or-go.caliper-hotter-than-predicted", Units.C(found), Units.C(high)))
                : Of(Said.Of("stop-or-go.front-calipers"), Said.Of("stop-or-go.caliper-hotter-than-predicted", Units.C(found), Units.C(high))),
            _ => Of(one.Rear ? Said.Of("stop-or-go.rear-rotors") : Said.Of("stop-or-go.front-rotors"),
                Said.Of("stop-or-go.hotter-than-predicted", Units.C(found), Units.C(high))),
        };
    }

    // What wore or was read besides, judged like what an inspection finds.
    private static IEnumerable<Finding> Besides(LogSession session, IReadOnlyList<AheadDay> ahead)
    {
        foreach (var water in (session.Seen ?? []).Where(one => one.Kind == ObservationKind.Moisture).Select(one => one.Value).OfType<double>())
        {
            if (Water(water, session.Plan, ExpectedDay.Of(session.ToPredict())) is { } finding)
            {
                yield return finding;
            }

            if (session.Plan.Fluid.ClassOf() is not { Silicone: true } && AheadDay.Of(water, session.Plan, session.Date, ahead) is { } later)
            {
                yield return later;
            }
        }

        foreach (var axle in Axles.Both)
        {
            foreach (var worn in session.Read(ObservationKind.PadWear, axle))
            {
                var part = axle == Axle.Front ? Said.Of("stop-or-go.front-pads") : Said.Of("stop-or-go.rear-pads");
                yield return Pads(part, session.Plan.At(axle).PadMm - worn, axle, session.Plan, ExpectedDay.Of(session.ToPredict()));
            }
        }
    }
}
