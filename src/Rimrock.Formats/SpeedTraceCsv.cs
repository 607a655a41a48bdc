using System.Globalization;
using System.Text;
using CsvHelper;
using CsvHelper.Configuration;
using Rimrock.Core.Circuits;
using Rimrock.Core.Quantities;

namespace Rimrock.Formats;

/// <summary>
/// Reads a speed trace from CSV: a header with <c>time_s</c> and <c>speed_kmh</c> in any order among other columns; comma,
/// semicolon or tab between fields; decimal point, or decimal comma where the separator is not a comma.
/// </summary>
public static class SpeedTraceCsv
{
    /// <summary>Largest file, bytes.</summary>
    public const int MostBytes = 8_000_000;

    private const int MostFaults = 20;
    private const string TimeColumn = "time_s";
    private const string SpeedColumn = "speed_kmh";

    /// <summary>Reads a trace.</summary>
    /// <param name="text">The file's text.</param>
    /// <exception cref="InputFaultException">Every fault with its line, up to twenty.</exception>
    public static SpeedRecording Read(string text)
    {
        ArgumentNullException.ThrowIfNull(text);
        if (Encoding.UTF8.GetByteCount(text) > MostBytes)
        {
            throw Refused("file", $"{Encoding.UTF8.GetByteCount(text) / 1e6:0.0} MB", $"at most {MostBytes / 1e6:0} MB", "The file is too large for a speed trace.");
        }

        var firstLine = text.AsSpan(0, Math.Max(0, text.IndexOf('\n') is var end && end >= 0 ? end : text.Length)).ToString().Trim('\uFEFF', '\r');
        var separator = new[] { ';', '\t', ',' }.MaxBy(candidate => firstLine.Count(c => c == candidate));
        var configuration = new CsvConfiguration(CultureInfo.InvariantCulture)
        {
            Delimiter = separator.ToString(),
            PrepareHeaderForMatch = args => args.Header.Trim().Trim('\uFEFF').ToLowerInvariant(),
            MissingFieldFound = null,
            BadDataFound = null,
            TrimOptions = TrimOptions.Trim,
            MaxFieldSize = 10_000,
        };
        using var csv = new CsvReader(new StringReader(text), configuration);
        try
        {
            return ReadRows(csv, separator);
        }
        catch (CsvHelperException error)
        {
            throw Refused($"line {csv.Parser.RawRow}", error.GetType().Name, "plain CSV", "This line cannot be read as CSV.");
        }
    }

    private static SpeedRecording ReadRows(CsvReader csv, char separator)
    {
        if (!csv.Read() || !csv.ReadHeader())
        {
            throw Refused("line 1", "nothing", $"a header with {TimeColumn} and {SpeedColumn}", "The file is empty.");
        }

        var timeAt = csv.GetFieldIndex(TimeColumn, isTryGet: true);
        var speedAt = csv.GetFieldIndex(SpeedColumn, isTryGet: true);
        if (timeAt < 0 || speedAt < 0)
        {
            var found = string.Join(", ", (csv.HeaderRecord ?? []).Take(8));
            throw Refused("line 1", found.Length > 120 ? found[..120] : found, $"a header with {TimeColumn} and {SpeedColumn}", UnitHint(found));
        }

        var time = new List<double>();
        var speed = new List<double>();
        var lines = new List<int>();
        var faults = new List<InputFault>();
        while (faults.Count < MostFaults && csv.Read())
        {
            var line = csv.Parser.RawRow;
            if (Number(csv, timeAt, separator, line, TimeColumn, faults) is { } t && Number(csv, speedAt, separator, line, SpeedColumn, faults) is { } v)
            {
                time.Add(t);
                speed.Add(v);
                lines.Add(line);
            }
        }

        if (faults.Count == 0)
        {
            RecordedTrace.Check(time, speed, i => $"line {lines[i]}", faults);
        }

        InputFaultException.ThrowIfAny(faults);
        return new SpeedRecording(time, speed);
    }

    private static double? Number(CsvReader csv, int column, char separator, int line, string name, List<InputFault> faults)
    {
        var raw = csv.TryGetField<string>(column, out var field) ? field ?? "" : "";
        var text = separator == ',' ? raw : raw.Replace(',', '.');
        if (double.TryParse(text, NumberStyles.Float, CultureInfo.InvariantCulture, out var value) && double.IsFinite(value))
        {
            return value;
        }

        faults.Add(new InputFault($"line {line}", raw.Length > 40 ? raw[..40] : raw, $"a number in {name}", $"{name} holds no number here."));
        return null;
    }

    private static string UnitHint(string header) =>
        header.Contains("speed", StringComparison.OrdinalIgnoreCase)
            ? $"The speed column must be called {SpeedColumn} and hold km/h, so that units cannot be mistaken."
            : $"The header needs the columns {TimeColumn} and {SpeedColumn}.";

    private static InputFaultException Refused(string field, string value, string allowed, string message) =>
        new([new InputFault(field, value, allowed, message)]);
}
