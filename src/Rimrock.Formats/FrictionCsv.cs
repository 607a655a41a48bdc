using Rimrock.Core.Friction;
using Rimrock.Core.Quantities;

namespace Rimrock.Formats;

/// <summary>What a friction file holds.</summary>
/// <param name="Points">The curve: as it stands, or fitted through stops.</param>
/// <param name="Stops">Stops of a dynamometer; null for a curve.</param>
/// <param name="ScatterMu">Standard deviation of a stop about the fit; null for a curve.</param>
public sealed record FrictionFile(IReadOnlyList<CurvePoint> Points, IReadOnlyList<DynamometerStop>? Stops = null, double? ScatterMu = null);

/// <summary>
/// Reads friction from CSV. A curve has <c>temperature_c</c> (or <c>temperature_f</c>) and <c>mu</c>; a dynamometer's result has
/// <c>initial_temperature_c</c> (or <c>_f</c>) and <c>mean_mu</c>, one stop a line, and gets a fit.
/// </summary>
public static class FrictionCsv
{
    /// <summary>Largest file, bytes.</summary>
    public const int MostBytes = 1_000_000;

    private const string Header = "temperature_c and mu, or initial_temperature_c and mean_mu";

    /// <summary>Reads a file.</summary>
    /// <param name="text">Its text.</param>
    /// <exception cref="InputFaultException">Every fault with its line, up to twenty.</exception>
    public static FrictionFile Read(string text)
    {
        using var table = CsvTable.Open(text, MostBytes, $"a friction curve ({Header})");
        var stops = table.Column("mean_mu") >= 0;
        var (muName, name) = stops ? ("mean_mu", "initial_temperature") : ("mu", "temperature");
        var mu = table.Column(muName);
        var fahrenheit = table.Column($"{name}_f") >= 0;
        var temperature = table.Column(fahrenheit ? $"{name}_f" : $"{name}_c");
        if (mu < 0 || temperature < 0)
        {
            throw CsvTable.Refused("line 1", table.ShownHeader(), $"a header with {Header}; _f for Fahrenheit",
                "The header must say what the columns hold and in which unit.");
        }

        if (fahrenheit && table.Column($"{name}_c") >= 0)
        {
            throw CsvTable.Refused("line 1", table.ShownHeader(), "Celsius or Fahrenheit, not both",
                "Two temperature columns: it is not clear which one counts.");
        }

        var rows = new List<(double C, double Mu, int Line)>();
        var faults = new List<InputFault>();
        while (faults.Count < CsvTable.MostFaults && table.Next())
        {
            if (table.Number(temperature, name, faults) is { } degrees && table.Number(mu, muName, faults) is { } value)
            {
                rows.Add((Math.Round(fahrenheit ? (degrees - 32) / 1.8 : degrees, 2), value, table.Line));
            }
        }

        InputFaultException.ThrowIfAny(faults);
        string LineOf(int i) => $"line {rows[i].Line}";
        if (stops)
        {
            var fit = DynamometerFit.Of([.. rows.Select(row => new DynamometerStop(row.C, row.Mu))], LineOf);
            return new FrictionFile(fit.Points, fit.Stops, fit.ScatterMu);
        }

        var points = rows.Select(row => new CurvePoint(row.C, row.Mu)).ToList();
        FrictionCurve.Check(points, "curve", faults, LineOf);
        InputFaultException.ThrowIfAny(faults);
        return new FrictionFile(points);
    }
}
