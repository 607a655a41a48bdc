namespace Rimrock.Formats;

/// <summary>Text as a field of CSV.</summary>
public static class CsvText
{
    /// <summary>
    /// Quoted where RFC 4180 wants it; what a spreadsheet would take for a formula is led by an apostrophe, so that opening a file runs nothing.
    /// </summary>
    public static string Quoted(string text)
    {
        ArgumentNullException.ThrowIfNull(text);
        var safe = text.Length > 0 && "=+-@\t\r".Contains(text[0]) ? $"'{text}" : text;
        return safe.AsSpan().IndexOfAny(",\"\r\n") >= 0 ? $"\"{safe.Replace("\"", "\"\"", StringComparison.Ordinal)}\"" : safe;
    }
}
