using System.Globalization;
using System.Text;
using CsvHelper;
using CsvHelper.Configuration;
using Rimrock.Core.Quantities;

namespace Rimrock.Formats;

/// <summary>
/// A CSV file with a header, as people's tools write it (RFC 4180 and its cousins): comma, semicolon or tab between fields, decimal point, or decimal comma
/// where the separator is not a comma; columns are found by name, in any order, and others are ignored.
/// </summary>
internal sealed class CsvTable : IDisposable
{
    private readonly CsvReader csv;
    private readonly char separator;

    private CsvTable(CsvReader csv, char separator)
    {
        this.csv = csv;
        this.separator = separator;
    }

    /// <summary>Most faults that are told at once.</summary>
    public const int MostFaults = 20;

    /// <summary>The line that was read last, from 1.</summary>
    public int Line => csv.Parser.RawRow;

    /// <summary>The header's names, lower case.</summary>
    public IReadOnlyList<string> Header { get; private set; } = [];

    /// <summary>Opens a file's text and reads its header.</summary>
    /// <param name="text">The text.</param>
    /// <param name="mostBytes">Largest file, bytes.</param>
    /// <param name="what">What the file should be, for the fault.</param>
    /// <exception cref="InputFaultException">Too large, or empty.</exception>
    public static CsvTable Open(string text, int mostBytes, string what)
    {
        ArgumentNullException.ThrowIfNull(text);
        if (Encoding.UTF8.GetByteCount(text) is var bytes && bytes > mostBytes)
        {
            throw Refused("file", string.Create(CultureInfo.InvariantCulture, $"{bytes / 1e6:0.0} MB"),
                string.Create(CultureInfo.InvariantCulture, $"at most {mostBytes / 1e6:0.#} MB"), $"The file is too large for {what}.");
        }

        var end = text.IndexOf('\n', StringComparison.Ordinal);
        var firstLine = (end >= 0 ? text[..end] : text).Trim('\uFEFF', '\r');
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
        var table = new CsvTable(new CsvReader(new StringReader(text), configuration), separator);
        if (!table.Next() || !table.csv.ReadHeader())
        {
            throw Refused("line 1", "nothing", $"a header of {what}", "The file is empty.");
        }

        table.Header = [.. (table.csv.HeaderRecord ?? []).Select(name => name.Trim('\uFEFF', ' ').ToLowerInvariant())];
        return table;
    }

    /// <summary>Reads the next line; false at the end.</summary>
    /// <exception cref="InputFaultException">A line that is no CSV.</exception>
    public bool Next()
    {
        try
        {
            return csv.Read();
        }
        catch (CsvHelperException error)
        {
            throw Refused($"line {Line}", error.GetType().Name, "plain CSV", "This line cannot be read as CSV.");
        }
    }

    /// <summary>Place of a column, or -1.</summary>
    public int Column(string name) => csv.GetFieldIndex(name, isTryGet: true);

    /// <summary>A column's text on the line.</summary>
    public string Text(int column) => csv.TryGetField<string>(column, out var field) ? field ?? "" : "";

    /// <summary>A column's number on the line, or null with a fault.</summary>
    public double? Number(int column, string name, ICollection<InputFault> faults)
    {
        var raw = Text(column);
        if (double.TryParse(separator == ',' ? raw : raw.Replace(',', '.'), NumberStyles.Float, CultureInfo.InvariantCulture, out var value)
            && double.IsFinite(value))
        {
            return value;
        }

        faults.Add(new InputFault($"line {Line}", raw.Length > 40 ? raw[..40] : raw, $"a number in {name}", $"{name} holds no number here."));
        return null;
    }

    /// <summary>The header as it stands, short enough to show.</summary>
    public string ShownHeader() => string.Join(", ", Header.Take(8)) is { Length: > 120 } longer ? longer[..120] : string.Join(", ", Header.Take(8));

    /// <summary>One fault as an exception.</summary>
    public static InputFaultException Refused(string field, string value, string allowed, string message) =>
        new([new InputFault(field, value, allowed, message)]);

    /// <inheritdoc/>
    public void Dispose() => csv.Dispose();
}
