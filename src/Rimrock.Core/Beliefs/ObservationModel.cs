using Rimrock.Core.Driving;
using Rimrock.Core.Priors;
using Rimrock.Core.Runs;

namespace Rimrock.Core.Beliefs;

/// <summary>
/// How likely an observation is for one member of an ensemble. Every log-likelihood is 0 for a perfect match, so that the
/// best member's says whether the model can explain what was seen at all.
/// </summary>
public static class ObservationModel
{
    /// <summary>A pedal goes soft for other reasons, or is not noticed, in so many cases (engineering judgement).</summary>
    internal const double OtherCauses = 0.05;

    /// <summary>What a member predicts for an observation, in its unit: C, mm, %; for the pedal the fluid less its vapour point in the worst lap, K.</summary>
    /// <param name="observation">The observation.</param>
    /// <param name="plan">The day's plan.</param>
    /// <param name="run">The day's run.</param>
    /// <param name="lane">Member in the run.</param>
    /// <param name="car">The member's factors.</param>
    public static double Predicted(Observation observation, PredictionPlan plan, DayRun run, int lane, CarFactors car)
    {
        ArgumentNullException.ThrowIfNull(observation);
        ArgumentNullException.ThrowIfNull(plan);
        ArgumentNullException.ThrowIfNull(run);
        ArgumentNullException.ThrowIfNull(car);
        var offset = observation.Rear ? 1 : 0;
        return observation.Kind switch
        {
            ObservationKind.RotorPaint => Peak(observation, run, BrakePart.FrontRotor + offset, lane),
            ObservationKind.RotorPeak => Peak(observation, run, BrakePart.FrontFace + offset, lane),
            ObservationKind.CaliperSticker or ObservationKind.CaliperPeak => Peak(observation, run, BrakePart.FrontCaliper + offset, lane),
            ObservationKind.RotorReading => Reading(observation, run, lane),
            ObservationKind.Moisture => plan.Fluid.ClassOf() is { Silicone: true } ? 0 : plan.FluidState.WaterByAgePercent(car.WaterRate),
            ObservationKind.PadWear => WornMm(observation, plan, run, lane),
            _ => Laps(observation, run).Max(phase => Over(phase, plan, lane, car, offset)),
        };
    }

    /// <summary>Log-likelihood of an observation for a member.</summary>
    /// <param name="observation">The observation.</param>
    /// <param name="plan">The day's plan.</param>
    /// <param name="run">The day's run.</param>
    /// <param name="lane">Member in the run.</param>
    /// <param name="car">The member's factors.</param>
    public static double LogLikelihood(Observation observation, PredictionPlan plan, DayRun run, int lane, CarFactors car)
    {
        ArgumentNullException.ThrowIfNull(observation);
        if (observation.Kind == ObservationKind.PedalSoft)
        {
            return Math.Log(Math.Max(1e-12, PedalProbability(observation, plan, run, lane, car)));
        }

        var predicted = Predicted(observation, plan, run, lane, car);
        var sigma = EvidenceError.Of(observation).Total;
        if (observation.IsInterval())
        {
            var above = observation.AboveC is { } low ? Numerics.NormalDistribution.Below((predicted - low) / sigma) : 1;
            var below = observation.BelowC is { } high ? Numerics.NormalDistribution.Below((high - predicted) / sigma) : 1;
            return Math.Log(Math.Max(1e-300, above * below));
        }

        var off = (predicted + EvidenceError.Of(observation).Bias - (observation.Value ?? (predicted + EvidenceError.Of(observation).Bias))) / sigma;
        return -0.5 * off * off;
    }

    /// <summary>
    /// Vapour forms in a lap with the probability of a logistic step 6 K wide at the vapour point, which differs from stop to stop and is no trait of the car;
    /// the first such lap makes the pedal soft.
    /// </summary>
    private static double PedalProbability(Observation observation, PredictionPlan plan, DayRun run, int lane, CarFactors car)
    {
        var firm = 1.0;
        foreach (var phase in Laps(observation, run))
        {
            var vapour = 1 / (1 + Math.Exp(-Over(phase, plan, lane, car, observation.Rear ? 1 : 0) / PriorSpread.VapourK));
            if (phase.Phase.Lap == observation.Lap && phase.Phase.Kind != PhaseKind.OutLap)
            {
                return (firm * vapour * (1 - OtherCauses)) + OtherCauses;
            }

            firm *= 1 - vapour;
        }

        return (firm * (1 - OtherCauses)) + OtherCauses;
    }

    /// <summary>Chance of vapour first in the lap of a soft pedal, from a member's log-likelihood of it.</summary>
    internal static double VapourFirst(double log) => Math.Max(0, (Math.Exp(log) - OtherCauses) / (1 - OtherCauses));

    private static double Over(PhaseRecord phase, PredictionPlan plan, int lane, CarFactors car, int offset) =>
        phase.Peak[(int)BrakePart.FrontFluid + offset][lane] - FluidToday.Of(plan, car with { Capacities = MemberCapacities.Middle }).VapourC;

    private static IEnumerable<PhaseRecord> Laps(Observation observation, DayRun run) =>
        run.Phases.Where(phase => phase.Phase.Kind is not PhaseKind.Parked && (observation.Session is null || phase.Phase.Session == observation.Session));

    private static double Peak(Observation observation, DayRun run, BrakePart part, int lane) =>
        run.Phases.Where(phase => (observation.Session is null || phase.Phase.Session == observation.Session)
            && (observation.Lap is null || (phase.Phase.Kind != PhaseKind.Parked && phase.Phase.Lap <= observation.Lap)))
                .Max(phase => phase.Peak[(int)part][lane]);

    private static double Reading(Observation observation, DayRun run, int lane)
    {
        var parked = run.Phases.Last(phase =>
            phase.Phase.Kind == PhaseKind.Parked && (observation.Session is null || phase.Phase.Session == observation.Session));
        return run.SampledC(observation.Rear ? BrakePart.RearFace : BrakePart.FrontFace, parked.StartS + ((observation.MinutesAfterStop ?? 0) * 60), lane);
    }

    private static double WornMm(Observation observation, PredictionPlan plan, DayRun run, int lane)
    {
        var last = run.Phases[^1];
        var brake = observation.Rear ? plan.Car.Rear : plan.Car.Front;
        return brake.WornMm((observation.Rear ? last.RearWornMm3 : last.FrontWornMm3)[lane]);
    }
}
