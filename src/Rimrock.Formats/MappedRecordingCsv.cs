using Rimrock.Core.Circuits;
using Rimrock.Core.Logbook;
using Rimrock.Core.Quantities;
using Rimrock.Core.Rotors;

namespace Rimrock.Formats;

/// <summary>Unit of a column of speeds.</summary>
public enum SpeedUnit
{
    /// <summary>Kilometres an hour.</summary>
    Kmh,

    /// <summary>Metres a second.</summary>
    MetresPerSecond,

    /// <summary>Miles an hour.</summary>
    Mph,
}

/// <summary>Unit of a column of temperatures.</summary>
public enum HeatUnit
{
    /// <summary>Celsius.</summary>
    Celsius,

    /// <summary>Fahrenheit.</summary>
    Fahrenheit,
}

/// <summary>Which column of a recording holds what.</summary>
/// <param name="Time">Times, s.</param>
/// <param name="Speed">Speeds.</param>
/// <param name="SpeedUnit">Their unit.</param>
/// <param name="Rotor">A front rotor's face by infrared; null where none was recorded.</param>
/// <param name="RotorUnit">Its unit.</param>
/// <param name="Lap">Number of the lap; null where laps are told by distance.</param>
public sealed record RecordingColumns(string Time, string Speed, SpeedUnit SpeedUnit = SpeedUnit.Kmh, string? Rotor = null,
    HeatUnit RotorUnit = HeatUnit.Celsius, string? Lap = null);

/// <summary>What a file holds, before anything is read from it.</summary>
/// <param name="Columns">Names of its columns.</param>
/// <param name="FirstRows">Its first rows, as they stand.</param>
/// <param name="Guess">Which column is likely what; null where no guess is good enough.</param>
public sealed record ColumnsPreview(IReadOnlyList<string> Columns, IReadOnlyList<IReadOnlyList<string>> FirstRows, RecordingColumns? Guess);

/// <summary>Reads a recording from CSV with columns of any names, once somebody has said which is which.</summary>
public static class MappedRecordingCsv
{
    private const int ShownRows = 4;
    private const string What = "a recording";
    private static readonly FieldRange Heat = new("recording.rotorC", "C", -40, 1400);

    /// <summary>Shows a file's columns and first rows, and guesses which is which from their names.</summary>
    /// <param name="text">The file's text.</param>
    /// <exception cref="InputFaultException">A file that is empty, too large or no CSV.</exception>
    public static ColumnsPreview Preview(string text)
    {
        using var table = CsvTable.Open(text, SpeedTraceCsv.MostBytes, What);
        var rows = new List<IReadOnlyList<string>>();
        while (rows.Count < ShownRows && table.Next())
        {
            rows.Add([.. Enumerable.Range(0, table.Header.Count).Select(table.Text)]);
        }

        string? Named(params string[] words) =>
            words.Select(word => table.Header.FirstOrDefault(name => name.Contains(word, StringComparison.Ordinal))).FirstOrDefault(name => name is not null);
        var (time, speed, rotor) =
            (Named("time_s", "time", "sec"), Named("speed_kmh", "speed", "velocity", "km/h", "mph"), Named("rotor", "disc", "brake temp"));
        var guess = time is null || speed is null || time == speed
            ? null
            : new RecordingColumns(time, speed, speed.Contains("mph", StringComparison.Ordinal)
                ? SpeedUnit.Mph : speed.Contains("m/s", StringComparison.Ordinal) ? SpeedUnit.MetresPerSecond : SpeedUnit.Kmh,
                rotor, rotor is not null && (rotor.EndsWith("_f", StringComparison.Ordinal) || rotor.Contains("°f", StringComparison.Ordinal))
                    ? HeatUnit.Fahrenheit : HeatUnit.Celsius, table.Header.FirstOrDefault(name => name.StartsWith("lap", StringComparison.Ordinal)
                    || name.Contains(" lap", StringComparison.Ordinal)));
        return new ColumnsPreview(table.Header, rows, guess);
    }

    /// <summary>Reads it.</summary>
    /// <param name="text">The file's text.</param>
    /// <param name="columns">Which column is which.</param>
    /// <param name="mended">Where given, samples that no car can have driven are mended and told here; else they are faults.</param>
    /// <exception cref="InputFaultException">A column that is not there, and every fault with its line, up to twenty.</exception>
    public static DrivenRecording Read(string text, RecordingColumns columns, ICollection<MendedSample>? mended = null)
    {
        ArgumentNullException.ThrowIfNull(columns);
        using var table = CsvTable.Open(text, SpeedTraceCsv.MostBytes, What);
        var faults = new List<InputFault>();
        var (timeAt, speedAt, rotorAt, lapAt) = (At(columns.Time), At(columns.Speed), At(columns.Rotor), At(columns.Lap));
        InputFaultException.ThrowIfAny(faults);
        var metric = columns.SpeedUnit switch { SpeedUnit.MetresPerSecond => 3.6, SpeedUnit.Mph => 1.609344, _ => 1 };
        List<double> time = [], speed = [], rotor = [];
        List<int> laps = [], lines = [];
        while (faults.Count < CsvTable.MostFaults && table.Next())
        {
            // Where the logger dropped out there is no sample; too long a gap is a fault of its own.
            if (table.Text(timeAt).Length == 0 || table.Text(speedAt).Length == 0)
            {
                continue;
            }

            if (table.Number(timeAt, columns.Time, faults) is not { } t || table.Number(speedAt, columns.Speed, faults) is not { } v)
            {
                continue;
            }

            time.Add(t);
            speed.Add(v * metric);
            lines.Add(table.Line);
            if (rotorAt >= 0)
            {
                rotor.Add(RotorC(rotorAt));
            }

            if (lapAt >= 0)
            {
                laps.Add((int)(table.Number(lapAt, columns.Lap!, faults) ?? 0));
            }
        }

        InputFaultException.ThrowIfAny(faults);
        var trace = RecordingText.Checked(time, speed, i => $"line {lines[i]}", mended);
        return new DrivenRecording(trace with { TimeS = [.. time.Select(t => t - time[0])] }, rotorAt >= 0 ? rotor : null, lapAt >= 0 ? laps : null);

        int At(string? name)
        {
            if (name is null)
            {
                return -1;
            }

            var at = table.Column(name);
            if (at < 0)
            {
                faults.Add(new InputFault("columns", name.Length > 40 ? name[..40] : name, table.ShownHeader(), "The file has no such column."));
            }

            return at;
        }

        // A sensor that dropped out leaves an empty field: no reading, and no fault.
        double RotorC(int column)
        {
            if (table.Text(column).Length == 0 || table.Number(column, columns.Rotor!, faults) is not { } read)
            {
                return double.NaN;
            }

            var celsius = columns.RotorUnit == HeatUnit.Fahrenheit ? (read - 32) / 1.8 : read;
            Heat.Check(celsius, faults, $"line {table.Line}");
            return celsius;
        }
    }
}
