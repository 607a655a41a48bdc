using System.Text;
using System.Text.Json;

namespace Rimrock.Formats;

/// <summary>A row of a table: what leads it, and a body whose fields become columns.</summary>
/// <param name="Lead">Columns of its own, by name, in order.</param>
/// <param name="Body">An object; objects within it become columns with a point in their name, lists are kept as JSON.</param>
public sealed record FlatRow(IReadOnlyList<KeyValuePair<string, string>> Lead, JsonElement Body);

/// <summary>Documents as one table of CSV (RFC 4180): a column for every field that any row has, in the order of first appearance.</summary>
public static class FlatCsv
{
    /// <summary>Writes it; a table without rows has the one column id.</summary>
    /// <param name="rows">The rows.</param>
    public static string Write(IReadOnlyList<FlatRow> rows)
    {
        ArgumentNullException.ThrowIfNull(rows);
        var columns = new List<string>();
        var known = new HashSet<string>(StringComparer.Ordinal);
        var flat = new List<Dictionary<string, string>>(rows.Count);
        foreach (var row in rows)
        {
            var fields = new Dictionary<string, string>(StringComparer.Ordinal);
            foreach (var (name, value) in row.Lead)
            {
                Add(name, value);
            }

            Flatten("", row.Body);
            flat.Add(fields);

            void Add(string name, string value)
            {
                if (known.Add(name))
                {
                    columns.Add(name);
                }

                fields[name] = value;
            }

            void Flatten(string prefix, JsonElement element)
            {
                switch (element.ValueKind)
                {
                    case JsonValueKind.Object:
                        foreach (var property in element.EnumerateObject())
                        {
                            Flatten(prefix.Length == 0 ? property.Name : $"{prefix}.{property.Name}", property.Value);
                        }

                        break;
                    case JsonValueKind.Number:
                        // A number stays a number: a leading minus is no formula.
                        Add(prefix, element.GetRawText());
                        break;
                    case JsonValueKind.String:
                        Add(prefix, CsvText.Quoted(element.GetString()!));
                        break;
                    case JsonValueKind.Null or JsonValueKind.Undefined:
                        break;
                    default:
                        Add(prefix, CsvText.Quoted(element.GetRawText()));
                        break;
                }
            }
        }

        if (columns.Count == 0)
        {
            columns.Add("id");
        }

        var text = new StringBuilder();
        text.AppendJoin(',', columns.Select(CsvText.Quoted)).Append("\r\n");
        foreach (var fields in flat)
        {
            text.AppendJoin(',', columns.Select(column => fields.GetValueOrDefault(column, ""))).Append("\r\n");
        }

        return text.ToString();
    }
}
