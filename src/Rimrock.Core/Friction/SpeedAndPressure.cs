namespace Rimrock.Core.Friction;

/// <summary>
/// How friction falls with rubbing speed and line pressure: mu (1 - 0.0006 (v - 80 km/h)) (p / 30 bar)^-0.05.
/// Engineering judgement, +-50 % on both effects. Valid 0-300 km/h, 1-200 bar.
/// </summary>
public static class SpeedAndPressure
{
    private const double PerKmh = 0.0006;
    private const double ReferenceKmh = 80;
    private const double ReferenceBar = 30;
    private const double PressureExponent = -0.05;

    /// <summary>Factor on the chart's friction.</summary>
    /// <param name="speedKmh">Road speed, km/h.</param>
    /// <param name="pressureBar">Line pressure, bar; below 1 bar the value at 1 bar holds, since the law has no meaning there.</param>
    public static double Factor(double speedKmh, double pressureBar) => OfSpeed(speedKmh) * OfPressure(pressureBar);

    /// <summary>The part of it that goes with the speed.</summary>
    public static double OfSpeed(double speedKmh) => 1 - (PerKmh * (speedKmh - ReferenceKmh));

    /// <summary>The same of members.</summary>
    /// <param name="speedKmh">Road speed, km/h.</param>
    /// <param name="law">Members' factor on the effect.</param>
    public static Lane OfSpeed(double speedKmh, Lane law) => Lane.One - (law * (PerKmh * (speedKmh - ReferenceKmh)));

    /// <summary>The part of it that goes with the pressure.</summary>
    /// <param name="pressureBar">Line pressure, bar.</param>
    /// <param name="law">A member's factor on the effect.</param>
    public static double OfPressure(double pressureBar, double law = 1) => Math.Pow(Math.Max(1, pressureBar) / ReferenceBar, PressureExponent * law);
}
