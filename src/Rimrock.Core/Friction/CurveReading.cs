using Rimrock.Core.Numerics;

namespace Rimrock.Core.Friction;

/// <summary>Friction at a temperature that drivers ask about.</summary>
/// <param name="What">What it is about.</param>
/// <param name="Celsius">The temperature, C.</param>
/// <param name="Mu">Friction; null beyond the chart.</param>
public sealed record MuAt(Said What, double Celsius, double? Mu);

/// <summary>What a pad's chart says once it is read.</summary>
/// <param name="Band">Working band.</param>
/// <param name="BandSpreadK">How far either edge may be off, K (8 in 10): what the chart's temperature means, and for a family's curve its spread.</param>
/// <param name="MuSpread">Spread of friction along the curve (8 in 10, either way).</param>
/// <param name="Typical">True where the family's typical curve stands in for the pad's own.</param>
/// <param name="Drawn">The curve as the simulation reads it.</param>
/// <param name="At">Friction where drivers ask.</param>
/// <param name="Letters">The edge code this curve would earn; null where the chart does not reach.</param>
/// <param name="EdgeCode">The pad's own edge code in words; null where none.</param>
/// <param name="EdgeCodeFits">False where the pad's own code and its curve contradict each other.</param>
public sealed record CurveReading(
    WorkingBand Band, double BandSpreadK, double MuSpread, bool Typical, IReadOnlyList<CurvePoint> Drawn, IReadOnlyList<MuAt> At, string? Letters,
    Said? EdgeCode, bool EdgeCodeFits)
{
    private const double StepK = 10;

    /// <summary>One sigma of the friction of a family's members about its typical curve (docs/models/priors.md).</summary>
    public const double FamilySigma = 0.04;

    /// <summary>One sigma of the edges of a family's band, K (engineering judgement).</summary>
    public const double FamilyEdgeSigmaK = 60;

    /// <summary>One sigma of what an unstated chart temperature means, K (docs/models/priors.md).</summary>
    public const double UnknownBasisSigmaK = 40;

    private static readonly (Said What, double Celsius)[] Asked =
    [
        (Said.Of("curve-reading.frosty-morning"), -10), (Said.Of("curve-reading.cold-morning"), 5), (Said.Of("curve-reading.warm-pad-town"), 100),
        (Said.Of("curve-reading.mountain-pass"), 250), (Said.Of("curve-reading.track-day"), 450),
        (Said.Of("curve-reading.hard-track-use"), 600),
    ];

    /// <summary>Reads a pad without faults.</summary>
    public static CurveReading Of(Pad pad)
    {
        ArgumentNullException.ThrowIfNull(pad);
        var curve = pad.FrictionCurveOf();
        var typical = pad.Curve is null;
        var edge = Math.Sqrt(Math.Pow(pad.Basis == ChartBasis.Unknown ? UnknownBasisSigmaK : 0, 2) + Math.Pow(typical ? FamilyEdgeSigmaK : 0, 2));
        var mu = typical ? FamilySigma : 0.08 * pad.WorkingBandOf().PlateauMu;
        var drawn = new List<CurvePoint>();
        for (var c = curve.FirstC; c < curve.LastC; c += StepK)
        {
            drawn.Add(new CurvePoint(Math.Round(c, 1), Math.Round(curve.Charted(c)!.Value, 4)));
        }

        drawn.Add(new CurvePoint(curve.LastC, Math.Round(curve.Charted(curve.LastC)!.Value, 4)));
        var letters = LettersOf(curve);
        var code = pad.Traits?.EdgeCode is { } text ? Friction.EdgeCode.Read(text) : null;
        return new CurveReading(pad.WorkingBandOf(), Math.Round(Spread.EdgeSigmas * edge), Math.Round(Spread.EdgeSigmas * mu, 3), typical, drawn,
            [.. Asked.Select(ask => new MuAt(ask.What, ask.Celsius, curve.Charted(ask.Celsius) is { } at ? Math.Round(at, 3) : null))],
            letters, code?.Words(), code is null || letters is null || Near(code, letters));
    }

    /// <summary>
    /// The letters of SAE J866 for a curve: the mean of four readings from 93 to 204 C, then of ten up to 343 C (from memory; the standard's sample rubs on a
    /// drum, so a letter off is no contradiction).
    /// </summary>
    private static string? LettersOf(FrictionCurve curve)
    {
        double? Mean(double from, double to, int readings)
        {
            var read = Enumerable.Range(0, readings).Select(i => curve.Charted(from + ((to - from) * i / (readings - 1)))).ToList();
            return read.Any(mu => mu is null) ? null : read.Average(mu => mu!.Value);
        }

        return Mean(93, 204, 4) is { } normal && Mean(204, Friction.EdgeCode.HottestTestedC, 10) is { } hot
            ? $"{Friction.EdgeCode.Of(normal)}{Friction.EdgeCode.Of(hot)}" : null;
    }

    private static bool Near(EdgeCode code, string letters) =>
        code.Normal.Code == 'Z' || code.Hot.Code == 'Z' || (Math.Abs(code.Normal.Code - letters[0]) <= 1 && Math.Abs(code.Hot.Code - letters[1]) <= 1);
}
