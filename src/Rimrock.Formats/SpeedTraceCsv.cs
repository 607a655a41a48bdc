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

    private const string TimeColumn = "time_s";
    private const string SpeedColumn = "speed_kmh";

    /// <summary>Reads a trace.</summary>
    /// <param name="text">The file's text.</param>
    /// <param name="mended">Where given, samples that no car can have driven are mended and told here; else they are faults.</param>
    /// <exception cref="InputFaultException">Every fault with its line, up to twenty.</exception>
    public static SpeedRecording Read(string text, ICollection<MendedSample>? mended = null)
    {
        using var table = CsvTable.Open(text, MostBytes, $"a speed trace ({TimeColumn}, {SpeedColumn})");
        var (timeAt, speedAt) = (table.Column(TimeColumn), table.Column(SpeedColumn));
        if (timeAt < 0 || speedAt < 0)
        {
            throw CsvTable.Refused("line 1", table.ShownHeader(), $"a header with {TimeColumn} and {SpeedColumn}", UnitHint(table.ShownHeader()));
        }

        var time = new List<double>();
        var speed = new List<double>();
        var lines = new List<int>();
        var faults = new List<InputFault>();
        while (faults.Count < CsvTable.MostFaults && table.Next())
        {
            if (table.Number(timeAt, TimeColumn, faults) is { } t && table.Number(speedAt, SpeedColumn, faults) is { } v)
            {
                time.Add(t);
                speed.Add(v);
                lines.Add(table.Line);
            }
        }

        if (faults.Count == 0)
        {
            return RecordingText.Checked(time, speed, i => $"line {lines[i]}", mended);
        }

        throw new InputFaultException(faults);
    }

    private static string UnitHint(string header) =>
        header.Contains("speed", StringComparison.OrdinalIgnoreCase)
            ? $"The speed column must be called {SpeedColumn} and hold km/h, so that units cannot be mistaken."
            : $"The header needs the columns {TimeColumn} and {SpeedColumn}.";
}
