using System.Text.RegularExpressions;
using Mono.Cecil;
using Mono.Cecil.Cil;
using Rimrock.Core.Quantities;

namespace Rimrock.Telling.Tests;

/// <summary>Holds what the engine says and what has words against each other, by the compiled types.</summary>
public sealed partial class VocabularyTests
{
    private static readonly ModuleDefinition Core = ModuleDefinition.ReadModule(typeof(Said).Assembly.Location);

    private static readonly List<(MethodDefinition In, Instruction At, string Text)> Texts =
    [
        .. AllTypes(Core.Types).SelectMany(type => type.Methods).Where(method => method.HasBody && method.Name != "PrintMembers")
            .SelectMany(method => method.Body.Instructions
            .Where(at => at.OpCode == OpCodes.Ldstr).Select(at => (method, at, (string)at.Operand))),
    ];

    [Fact]
    public void The_engine_has_no_sentence_but_what_it_throws_at_a_programmer() =>
        Texts.Where(text => text.Text.Trim().Contains(' ') && !Thrown(text.At)).Select(text => $"{text.In.FullName}: {text.Text}").ShouldBeEmpty();

    [Fact]
    public void Nothing_said_is_made_a_text_before_it_is_told() =>
        AllTypes(Core.Types).Where(type => !Debugged.IsMatch(type.FullName)).SelectMany(type => type.Methods)
            .Where(method => method.HasBody && method.Name != "PrintMembers" && method.Body.Instructions.Any(at =>
                at.Operand is GenericInstanceMethod { Name: "AppendFormatted" or "Join" or "Concat" } made
                && made.GenericArguments.Any(type => type.Name is nameof(Said) or nameof(Term))))
            .Select(method => method.FullName).ShouldBeEmpty();

    [Fact]
    public void Everything_that_is_said_has_words()
    {
        var said = Texts.Where(text => IsSaid(text.At)).Select(text => text.Text).Distinct().ToList();
        said.Count.ShouldBeGreaterThan(500);
        said.Except(Vocabulary.Codes).Except(Vocabulary.Joiners.Keys).Except([Said.Within]).ShouldBeEmpty();
    }

    [Fact]
    public void Nothing_has_words_that_nobody_says()
    {
        var known = Texts.Select(text => text.Text).ToHashSet();
        Vocabulary.Codes.Where(code => !known.Contains(code) && !Outside().IsMatch(code)).ShouldBeEmpty();
    }

    [Fact]
    public void Words_count_their_terms_without_a_gap() => Vocabulary.Codes.Where(code =>
    {
        var words = Vocabulary.Find(code);
        return words.Parts.Where(part => part is { Words: null, Constant: null }).Select(part => part.Term).Distinct().Count() != words.Terms;
    }).ShouldBeEmpty();

    [Fact]
    public void No_words_hold_a_figure_with_a_unit_that_the_switch_would_miss() =>
        Vocabulary.Codes.SelectMany(code => Vocabulary.Find(code).Parts.Select(part => (code, part.Words)))
            .Where(one => one.Words is { } words && Metric().IsMatch(words)).ShouldBeEmpty();

    [Fact]
    public void Every_field_with_a_range_is_called_something()
    {
        string[] fields = [.. Rimrock.Core.Driving.PredictionPlan.Ranges.Select(range => range.Label.Code)];
        fields.Except(Vocabulary.Codes).ShouldBeEmpty();
        fields.Length.ShouldBeGreaterThan(40);
    }

    // For whoever looks for a fault in the program itself.
    private static readonly Regex Debugged = new("Quantities\\.(Said|Term|InputFaultException)|BeyondModelException");

    private static IEnumerable<TypeDefinition> AllTypes(IEnumerable<TypeDefinition> types) =>
        types.SelectMany(type => AllTypes(type.NestedTypes).Prepend(type));

    /// <summary>Whether a text is the code of the next thing that is said.</summary>
    private static bool IsSaid(Instruction text) => text.Next is { } next && ((string)text.Operand).Contains('.', StringComparison.Ordinal)
        && Following(text).FirstOrDefault(at => at.Operand is MethodReference { Name: "Of", DeclaringType.Name: nameof(Said) }) is not null
        && !next.OpCode.Equals(OpCodes.Newobj) && Code().IsMatch((string)text.Operand) && !Path().IsMatch((string)text.Operand);

    private static bool Thrown(Instruction text) => Following(text).Any(at => at.Operand is MethodReference called
        && called.DeclaringType.Name.EndsWith("Exception", StringComparison.Ordinal)
        && !called.DeclaringType.Namespace.StartsWith("Rimrock", StringComparison.Ordinal));

    private static IEnumerable<Instruction> Following(Instruction from)
    {
        for (var (at, left) = (from.Next, 60); at is not null && left > 0; (at, left) = (at.Next, left - 1))
        {
            yield return at;
        }
    }

    [GeneratedRegex("^[a-z0-9-]+\\.[a-z0-9-]+$")]
    private static partial Regex Code();

    // Paths of fields that have no range of their own.
    [GeneratedRegex("^(car|pad|shelf|inspection|kit|circuit|dot5)\\.[a-z0-9]+$")]
    private static partial Regex Path();

    // Fields and names that the server, the formats and the devices say.
    [GeneratedRegex("^(logger|dynamometer|recording|calendar)\\.|^(typical-|fade-procedure|strip|autocross)")]
    private static partial Regex Outside();

    [GeneratedRegex("\\d (°C|K|mm|m|km|km/h|kg|N|bar|kW|MJ|l)\\b")]
    private static partial Regex Metric();
}
