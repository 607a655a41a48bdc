using Rimrock.Core.Driving;
using Rimrock.Core.Rotors;
using Rimrock.Core.Vehicles;

namespace Rimrock.Core.Fitting;

/// <summary>What a driver is to mind whatever the figures say: on the Bench and on a printed order.</summary>
public static class Cautions
{
    /// <summary>All that a plan calls for.</summary>
    public static IReadOnlyList<Said> Of(PredictionPlan plan)
    {
        ArgumentNullException.ThrowIfNull(plan);
        var cautions = new List<Said>
        {
            Said.Of("predictor.these-estimates-your-car"),
        };
        if (plan.IsOnRoad() && (!plan.FrontPad.RoadApproved || !plan.RearPad.RoadApproved))
        {
            cautions.Add(Said.Of("predictor.pad-without-road-approval"));
        }

        if (plan.FrontRotor.ReplacesCarbonCeramic || plan.RearRotor.ReplacesCarbonCeramic)
        {
            cautions.Add(Said.Of("predictor.iron-ring-carbon-ceramic"));
        }

        if (!plan.Bedded)
        {
            cautions.Add(Said.Of("predictor.new-pads-brake-about"));
        }

        if (IsDrilled(plan))
        {
            cautions.Add(Said.Of("predictor.drilled-rotors-look-at-holes"));
        }

        if (plan.FrontWrongSide || plan.RearWrongSide)
        {
            cautions.Add(Said.Of("predictor.handed-rotors-wrong-side"));
        }

        if (plan.Fluid.ClassOf() is { Silicone: true })
        {
            cautions.Add(plan.Car.Electronics
                ? Said.Of("predictor.silicone-fluid-not-car")
                : Said.Of("predictor.silicone-fluid-never-mixes"));
        }

        if (Due.IsHoses(plan))
        {
            cautions.Add(Said.Of("predictor.aged-hoses-swell-and-burst"));
        }
        else if (plan.HoseYears is >= BrakeLines.LookYears and var years)
        {
            cautions.Add(Said.Of("predictor.hoses-to-look-at", years));
        }

        return cautions;
    }

    /// <summary>What is on the car and has to be known before any figure is read (common practice).</summary>
    public static IReadOnlyList<Said> First(PredictionPlan plan)
    {
        ArgumentNullException.ThrowIfNull(plan);
        return [.. IsDrilled(plan) ? [Said.Of("predictor.drilled-first")] : Array.Empty<Said>(),
            .. plan.FrontWrongSide || plan.RearWrongSide ? [Said.Of("predictor.wrong-side-first")] : Array.Empty<Said>()];
    }

    private static bool IsDrilled(PredictionPlan plan) =>
        Axles.Both.Any(axle => plan.At(axle).Rotors.Rotor.Finish is { Face: RotorFace.Drilled or RotorFace.FactoryDrilled });
}
