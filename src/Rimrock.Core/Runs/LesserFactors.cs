using Rimrock.Core.Driving;
using Rimrock.Core.Priors;

namespace Rimrock.Core.Runs;

/// <summary>
/// What is guessed beside the factors that decide, in standard deviations: known to a few per cent, or felt at few places, so that no evidence of a day
/// tells of it.
/// </summary>
/// <param name="Mass">The car with all that is in it.</param>
/// <param name="Slip">Braking work that goes into the tyres.</param>
/// <param name="Trailer">What a braked trailer's own brakes leave to the car.</param>
/// <param name="Height">Height of the centre of gravity.</param>
/// <param name="SpeedLaw">How friction falls with speed.</param>
/// <param name="PressureLaw">How friction falls with pressure.</param>
/// <param name="Valve">Where the rear valve's knee lies.</param>
/// <param name="BeyondChart">Friction beyond the end of a pad's chart.</param>
/// <param name="CaliperWater">How much wetter the fluid is behind the piston.</param>
/// <param name="Air">How much warmer the day is than was said.</param>
/// <param name="Grip">What the tyres hold.</param>
public readonly record struct LesserFactors(double Mass = 0, double Slip = 0, double Trailer = 0, double Height = 0, double SpeedLaw = 0,
    double PressureLaw = 0, double Valve = 0, double BeyondChart = 0, double CaliperWater = 0, double Air = 0,
    double Grip = 0)
{
    /// <summary>Mass that the brakes stop over what is stated, on a plan's leading day.</summary>
    /// <param name="plan">The plan.</param>
    public double HeavierFactor(PredictionPlan plan)
    {
        ArgumentNullException.ThrowIfNull(plan);
        return (1 + (PriorSpread.MassShare * Mass)) * plan.Leading().TrailerFactor(plan.Car, Trailer);
    }

    /// <summary>Heat in the brakes over the heat with the usual slip.</summary>
    public double SlipFactor() => (1 - Circuits.BrakingWork.TyreSlipShare - (PriorSpread.SlipShare * Slip)) / (1 - Circuits.BrakingWork.TyreSlipShare);

    /// <summary>The day's air above what was said of it, K: what is forecast is known better than what is expected of a season.</summary>
    /// <param name="plan">The plan.</param>
    public double WarmerK(PredictionPlan plan)
    {
        ArgumentNullException.ThrowIfNull(plan);
        return Air * (plan.IsFarAhead ? PriorSpread.SeasonAirK : PriorSpread.AirK);
    }

    /// <summary>
    /// On the braking work of a lap: more grip makes corners and brakes faster. What was driven, and what no tyre limits, is as it is.
    /// </summary>
    /// <param name="plan">The plan.</param>
    public double GripFactor(PredictionPlan plan)
    {
        ArgumentNullException.ThrowIfNull(plan);
        return plan.Circuit.Segments is null || !plan.Leading().KindOf().IsTimed ? 1 : 1 + (PriorSpread.GripPower * Grip);
    }

    /// <summary>Centre of gravity above the stated height, m.</summary>
    public double HigherM() => PriorSpread.HeightM * Height;

    /// <summary>On the fall of friction with speed.</summary>
    public double SpeedLawFactor() => Math.Max(0, 1 + (PriorSpread.FrictionLaws * SpeedLaw));

    /// <summary>On the exponent of the fall with pressure.</summary>
    public double PressureLawFactor() => Math.Max(0, 1 + (PriorSpread.FrictionLaws * PressureLaw));

    /// <summary>On the pressure at the rear valve's knee.</summary>
    public double ValveFactor() => Math.Max(0.1, 1 + (PriorSpread.ValveKnee * Valve));
}
