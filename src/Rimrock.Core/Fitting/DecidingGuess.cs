using Rimrock.Core.Driving;
using Rimrock.Core.Limits;
using Rimrock.Core.Rotors;
using Rimrock.Core.Runs;
using Rimrock.Core.Vehicles;

namespace Rimrock.Core.Fitting;

/// <summary>A figure of the car that nobody looked up, and what looking it up would change.</summary>
/// <param name="Code">Stable code.</param>
/// <param name="Name">The figure.</param>
/// <param name="How">Where it is read off.</param>
/// <param name="FaceK">So much the hottest front face moves with one standard deviation of the guess, K.</param>
/// <param name="FluidK">The same for the hottest front fluid, K.</param>
public sealed record DecidingGuess(string Code, Said Name, Said How, double FaceK, double FluidK);

/// <summary>
/// Which guessed figures of a car decide. A figure counts as guessed where it is the very one that <see cref="CarGuess"/> fills in; it is moved by one standard
/// deviation either way, with everything that follows from it, and the middle of the band predicted anew.
/// </summary>
public static class DecidingGuesses
{
    // A ring's mass is guessed to x1.2, its diameter with the cube root of that.
    private const double DiameterFactor = 1.063;

    // As CarGuess has it of every figure of which it says nothing else.
    private const double UsualFactor = 1.15;

    // As WeightByLayout has them.
    private const double HeightM = 0.03;
    private const double FrontShare = 0.03;

    // What moves less decides nothing, K (engineering judgement).
    private const double LeastFaceK = 3;
    private const double LeastFluidK = 1;

    // A band of the fluid is a third as wide as one of the face, so that a kelvin there says so much more (engineering judgement).
    private const double FluidWeight = 3;

    /// <summary>Of a plan, the weightiest first; none where everything was looked up or the day leads beyond the model.</summary>
    /// <param name="plan">A plan.</param>
    /// <exception cref="InputFaultException">What is wrong with the plan.</exception>
    public static IReadOnlyList<DecidingGuess> Of(PredictionPlan plan)
    {
        ArgumentNullException.ThrowIfNull(plan);
        InputFaultException.ThrowIfAny(plan.Faults());
        var found = Moves(plan).Select(one => Weigh(one.Code, one.Name, one.How, one.Moved)).OfType<DecidingGuess>();
        return [.. found.Where(one => one.FaceK >= LeastFaceK || one.FluidK >= LeastFluidK)
            .OrderByDescending(one => one.FaceK + (FluidWeight * one.FluidK))];
    }

    private static DecidingGuess? Weigh(string code, Said name, Said how, Func<double, PredictionPlan> moved)
    {
        var (less, more) = (Hottest(moved(-1)), Hottest(moved(1)));
        return less is null || more is null ? null : new DecidingGuess(code, name, how, Math.Round(Math.Abs(more.Value.Face - less.Value.Face) / 2, 1),
            Math.Round(Math.Abs(more.Value.Fluid - less.Value.Fluid) / 2, 1));
    }

    private static (double Face, double Fluid)? Hottest(PredictionPlan plan)
    {
        try
        {
            var result = Predictor.Predict(plan);
            double? Of(string code) => result.Limits.Concat(result.OtherLimits).Where(limit => limit.Code == code).Max(limit => limit.Demand);
            return Of(LimitCode.FrontFace) is { } face && Of(LimitCode.FrontFluid) is { } fluid ? (face, fluid) : null;
        }
        catch (BeyondModelException)
        {
            return null;
        }
    }

    private static IEnumerable<(string Code, Said Name, Said How, Func<double, PredictionPlan> Moved)> Moves(PredictionPlan plan)
    {
        var car = plan.Car;
        var guess = GuessOf(car);
        if (guess is null)
        {
            yield break;
        }

        if (plan.FrontKit is null && IsSame(plan.FrontRotor, guess.FrontRotor))
        {
            yield return ("rotor-diameter", Said.Of("deciding-guess.rotor-diameter"), Said.Of("deciding-guess.stamped-on-disc"), sigmas =>
            {
                var rotor = plan.FrontRotor.OfDiameter(Math.Round(plan.FrontRotor.OuterDiameterMm * Math.Pow(DiameterFactor, sigmas)));
                var height = Math.Min(car.Front.PadHeightMm, Math.Floor((rotor.OuterDiameterMm - rotor.InnerDiameterMm) / 2));
                return plan with { FrontRotor = rotor, Car = car with { Front = car.Front with { PadHeightMm = height } } };
            }
            );
        }

        if (plan.FrontKit is null && car.Front.PadAreaCm2 == guess.Car.Front.PadAreaCm2)
        {
            yield return ("pad-area", Said.Of("deciding-guess.pad-area"), Said.Of("deciding-guess.lay-old-pad-on-paper"), sigmas => plan with
            {
                Car = car with { Front = car.Front with { PadAreaCm2 = Math.Round(car.Front.PadAreaCm2 * Math.Pow(UsualFactor, sigmas), 1) } },
            });
        }

        if (car.StaticFrontShare == WeightByLayout.FrontShare(CarLayout.Unknown) && car.Kind == VehicleKind.Car)
        {
            yield return ("layout", Said.Of("deciding-guess.layout"), Said.Of("deciding-guess.where-engine-sits"), sigmas => plan with
            {
                Car = car with { StaticFrontShare = car.StaticFrontShare + (sigmas * FrontShare) },
            });
        }

        if (car.CgHeightM == WeightByLayout.CgHeightM(CarBody.Unknown) && car.Kind == VehicleKind.Car)
        {
            yield return ("height", Said.Of("deciding-guess.height"), Said.Of("deciding-guess.what-body"), sigmas => plan with
            {
                Car = car with { CgHeightM = car.CgHeightM + (sigmas * HeightM) },
            });
        }
    }

    private static CarGuess? GuessOf(Car car)
    {
        try
        {
            return car.Kind == VehicleKind.Motorcycle ? CarGuess.Motorcycle(car.Name, car.MassKg, car.PowerKw, car.Tyre)
                : CarGuess.From(car.Name, car.MassKg, car.PowerKw, car.Tyre);
        }
        catch (InputFaultException)
        {
            return null;
        }
    }

    private static bool IsSame(Rotor rotor, Rotor guessed) => rotor.OuterDiameterMm == guessed.OuterDiameterMm
        && rotor.InnerDiameterMm == guessed.InnerDiameterMm && rotor.ThicknessMm == guessed.ThicknessMm && rotor.RingMassKg == guessed.RingMassKg;
}
