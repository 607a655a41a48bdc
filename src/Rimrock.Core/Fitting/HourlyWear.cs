using Rimrock.Core.Numerics;
using Rimrock.Core.Priors;

namespace Rimrock.Core.Fitting;

/// <summary>What a track hour does to the brakes, as far as their cost needs it.</summary>
/// <param name="FrontPadMm3">Front pad volume worn if every pad wore as the worst, mm3/h.</param>
/// <param name="RearPadMm3">The same at the rear, mm3/h.</param>
/// <param name="FrontDiscJ">Braking energy of one front disc, J/h.</param>
/// <param name="FaceOverMeanK">Front ring's largest rise of the face over its section, K.</param>
/// <param name="FrontBurnt">Share of a carbon front ring's mass that burns away, 1/h.</param>
/// <param name="RearDiscJ">Braking energy of one rear disc, J/h.</param>
/// <param name="RearBurnt">Share of a carbon rear ring's mass that burns away, 1/h.</param>
public sealed record HourlyWear(double FrontPadMm3, double RearPadMm3, double FrontDiscJ, double FaceOverMeanK, double FrontBurnt = 0, double RearDiscJ = 0,
    double RearBurnt = 0)
{
    /// <summary>How much faster the pads wear than that, by what is believed.</summary>
    public Spread Learnt { get; init; } = Spread.Times(1, PriorSpread.Wear, 6);
}

/// <summary>What a year's other kinds of day wear, beside those that an hour's cost is of.</summary>
/// <param name="FrontPadMm3">Front pad volume worn if every pad wore as the worst, mm3 a year.</param>
/// <param name="RearPadMm3">The same at the rear, mm3 a year.</param>
/// <param name="FrontDiscJ">Braking energy of one front disc, J a year.</param>
/// <param name="RearDiscJ">The same of a rear one.</param>
public sealed record YearlyWear(double FrontPadMm3, double RearPadMm3, double FrontDiscJ, double RearDiscJ = 0);
