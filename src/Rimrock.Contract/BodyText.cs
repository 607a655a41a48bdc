using System.Text.Json;
using System.Text.Json.Nodes;
using Rimrock.Core.Quantities;

namespace Rimrock.Contract;

/// <summary>Bodies as text, out and in; in, they are brought to the newest form, read into their type and checked by the faults that saving checks.</summary>
public static class BodyText
{
    /// <summary>A body as it is kept.</summary>
    public static string Of<T>(T body) => JsonSerializer.Serialize(body, JsonRules.Strict);

    /// <summary>A body from its text; null, with what is wrong, where it cannot be.</summary>
    /// <param name="kind">Its kind.</param>
    /// <param name="version">Its form.</param>
    /// <param name="text">The text.</param>
    /// <param name="faults">Receives what is wrong, by field.</param>
    public static object? Read(BodyKind kind, int version, string text, ICollection<InputFault> faults)
    {
        ArgumentNullException.ThrowIfNull(kind);
        ArgumentNullException.ThrowIfNull(faults);
        try
        {
            object? body;
            if (version == BodyVersion.Newest)
            {
                body = JsonSerializer.Deserialize(text, kind.Type, JsonRules.Strict);
            }
            else
            {
                var node = JsonNode.Parse(text, documentOptions: new JsonDocumentOptions { MaxDepth = 32, AllowDuplicateProperties = false });
                BodyVersion.Upgrade(kind, version, node);
                body = node.Deserialize(kind.Type, JsonRules.Strict);
            }

            if (body is null)
            {
                faults.Add(new InputFault("body", "nothing", "the form that the OpenAPI document describes", "Nothing stands there."));
                return null;
            }

            var wrong = kind.FaultsOf(body);
            foreach (var fault in wrong)
            {
                faults.Add(fault);
            }

            return wrong.Count == 0 ? body : null;
        }
        catch (JsonException error)
        {
            faults.Add(UnreadableJson(error));
        }
        catch (NewerBodyException newer)
        {
            faults.Add(new InputFault("version", $"{version}", $"1 to {BodyVersion.Newest}", newer.Message));
        }
        catch (InvalidOperationException)
        {
            // Half a surrogate pair, or a figure too large for its type, met in an older form.
            faults.Add(new InputFault("body", "unreadable", "the form that the OpenAPI document describes", "A text or figure in it cannot be read."));
        }
        catch (FormatException)
        {
            faults.Add(new InputFault("body", "unreadable", "the form that the OpenAPI document describes", "A figure in it is too large."));
        }

        return null;
    }

    /// <summary>What is wrong with JSON, by field and line, without names of our types.</summary>
    public static InputFault UnreadableJson(JsonException error)
    {
        ArgumentNullException.ThrowIfNull(error);
        var field = error.Path is { Length: > 2 } path ? path[2..] : "body";
        var line = error.LineNumber is { } number ? $" (line {number + 1})" : "";
        var said = error.Message.Split(" Path:")[0];
        var why = said switch
        {
            _ when said.Contains("could not be mapped", StringComparison.Ordinal) => "There is no such field.",
            _ when said.Contains("missing required", StringComparison.Ordinal) => "Required and missing: " + string.Join(", ", Quoted(said)) + ".",
            _ when said.Contains("could not be converted", StringComparison.Ordinal) => "What stands there is not of the kind that is wanted.",
            _ when said.Contains("doesn't allow", StringComparison.Ordinal) || said.Contains("does not allow", StringComparison.Ordinal)
                || said.Contains("null", StringComparison.Ordinal) => "Nothing may be missing there.",
            _ when said.Contains("uplicate", StringComparison.Ordinal) => "It stands there twice.",
            _ when said.Contains("maximum configured depth", StringComparison.Ordinal) => "It is nested too deeply.",
            _ when said.StartsWith("A list holds", StringComparison.Ordinal) => said,
            _ => "It is no JSON that can be read.",
        };
        return new InputFault(field, "unreadable", "the form that the OpenAPI document describes", $"{field}{line}: {why}");
    }

    // Names of fields between single quotes; the type's own name comes first and is left out.
    private static IEnumerable<string> Quoted(string said) => said.Split('\'').Where((_, i) => i % 2 == 1).Skip(1);
}
