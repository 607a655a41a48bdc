using System.Globalization;
using System.Text;
using Rimrock.Core.Fitting;
using Rimrock.Core.Friction;

namespace Rimrock.Devices;

/// <summary>
/// Stands in for a brake dynamometer with a pad nobody knows: runs a stated procedure and yields its noisy stops. The same seed gives the same pad and
/// the same stops. The hidden pad is a family's curve, stronger or weaker by 8 % and shifted by up to 40 K (one sigma 20 K); a stop scatters by 0.012 in
/// friction and 6 K in temperature (engineering judgement, typical of a test sheet).
/// </summary>
public sealed class SimulatedDynamometer
{
    private const double MuNoise = 0.012;
    private const double TemperatureNoiseK = 6;
    private readonly Random random;

    /// <summary>Puts a hidden pad on the rig.</summary>
    /// <param name="seed">Which pad and which noise.</param>
    public SimulatedDynamometer(int seed)
    {
        random = new Random(seed);
        var family = PadFamilies.All[random.Next(PadFamilies.All.Count)];
        var factor = Math.Pow(1.08, Math.Clamp(Normal(), -2, 2));
        var shift = 20 * Math.Clamp(Normal(), -2, 2);
        HiddenFamily = family.Code;
        Hidden = new FrictionCurve([.. family.Curve.Select(point =>
            new CurvePoint(point.TemperatureC + (point.TemperatureC > 150 ? shift : 0), point.Mu * factor))], family.ColdSlopePerK);
        Stops = [.. Procedure.SelectMany(part =>
            Enumerable.Range(0, part.Stops).Select(i => Stop(part.FromC + ((part.ToC - part.FromC) * i / Math.Max(1, part.Stops - 1)))))];
    }

    /// <summary>A part of the procedure: stops spread evenly from one temperature to another.</summary>
    /// <param name="Name">What it is called.</param>
    /// <param name="FromC">Temperature before its first stop, C.</param>
    /// <param name="ToC">Temperature before its last stop, C.</param>
    /// <param name="Stops">Number of stops.</param>
    public sealed record Part(string Name, double FromC, double ToC, int Stops);

    /// <summary>
    /// The procedure: 100 to 50 km/h at 0.4 g, temperature 0.5 mm under the face before each stop (ours, in the manner of common fade and recovery tests).
    /// </summary>
    public static IReadOnlyList<Part> Procedure { get; } =
    [
        new("bedded", 100, 100, 6), new("cold", 40, 40, 3), new("fade", 100, 650, 15), new("recovery", 600, 100, 12),
    ];

    /// <summary>The stops in the order they were made.</summary>
    public IReadOnlyList<DynamometerStop> Stops { get; }

    /// <summary>The hidden pad's curve, for tests.</summary>
    public FrictionCurve Hidden { get; }

    /// <summary>The hidden pad's family, for tests.</summary>
    public string HiddenFamily { get; }

    /// <summary>The result as a CSV file.</summary>
    public string Csv()
    {
        var text = new StringBuilder("stop,initial_temperature_c,mean_mu\r\n");
        for (var i = 0; i < Stops.Count; i++)
        {
            text.Append(CultureInfo.InvariantCulture, $"{i + 1},{Stops[i].InitialC:0.0},{Stops[i].MeanMu:0.000}\r\n");
        }

        return text.ToString();
    }

    private DynamometerStop Stop(double celsius) => new(
        Math.Round(Math.Max(0, celsius + (TemperatureNoiseK * Normal())), 1),
        Math.Round(Math.Clamp(Hidden.Assumed(celsius) + (MuNoise * Normal()), CurvePoint.MuRange.Min, CurvePoint.MuRange.Max), 3));

    private double Normal() => Math.Sqrt(-2 * Math.Log(1 - random.NextDouble())) * Math.Cos(2 * Math.PI * random.NextDouble());
}
