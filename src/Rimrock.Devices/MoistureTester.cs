namespace Rimrock.Devices;

/// <summary>
/// Stands in for a conductivity tester held into the reservoir: reads the hidden water content in steps, scattered as cheap testers are (0.3 % one sigma,
/// half-percent lamps; engineering judgement). The same seed reads the same.
/// </summary>
public static class MoistureTester
{
    /// <summary>A tester's lamp step, %.</summary>
    public const double StepPercent = 0.5;

    private const double ScatterPercent = 0.3;

    /// <summary>A reading.</summary>
    /// <param name="hiddenPercent">Water in the reservoir, %.</param>
    /// <param name="seed">Which reading.</param>
    public static double Read(double hiddenPercent, int seed)
    {
        var random = new Random(seed);
        var normal = Math.Sqrt(-2 * Math.Log(1 - random.NextDouble())) * Math.Cos(2 * Math.PI * random.NextDouble());
        return Math.Clamp(Math.Round((hiddenPercent + (ScatterPercent * normal)) / StepPercent) * StepPercent, 0, 7);
    }
}
