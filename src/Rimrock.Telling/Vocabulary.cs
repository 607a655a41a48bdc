using System.Collections.Frozen;
using Rimrock.Core.Quantities;
using Rimrock.Telling.Words;

namespace Rimrock.Telling;

/// <summary>The words of every code.</summary>
internal static class Vocabulary
{
    /// <summary>What stands between things that are told together.</summary>
    public static readonly FrozenDictionary<string, string> Joiners = new Dictionary<string, string>
    {
        [Said.AsIs] = "",
        [Said.InRow] = "",
        [Said.Sentences] = " ",
        [Said.And] = " and ",
        [Said.Listed] = ", ",
        [Said.Clauses] = "; ",
        [Said.Nothing.Code] = "",
    }.ToFrozenDictionary();

    private static readonly FrozenDictionary<string, Template> Templates = All().ToFrozenDictionary(row => row.Code, row => Template.Of(row.Words));

    /// <summary>Every code that has words.</summary>
    public static IEnumerable<string> Codes => Templates.Keys;

    /// <summary>The words of a code.</summary>
    /// <exception cref="ArgumentException">It has none.</exception>
    public static Template Find(string code) =>
        Templates.TryGetValue(code, out var template) ? template : throw new ArgumentException($"\"{code}\" has no words.", nameof(code));

    private static (string Code, string Words)[] All() =>
    [
        .. CalendarWords.Rows, .. BeliefsWords.Rows, .. CircuitsWords.Rows, .. DrivingWords.Rows, .. EntriesWords.Rows, .. GarageWords.Rows,
        .. FittingWords.Rows, .. FluidsWords.Rows, .. FrictionWords.Rows, .. JudgementWords.Rows,
        .. LabelWords.Rows, .. LimitsWords.Rows, .. HydraulicsWords.Rows, .. LogbookWords.Rows, .. NoteWords.Rows, .. PreparationWords.Rows,
        .. QuantitiesWords.Rows, .. RotorsWords.Rows, .. RunsWords.Rows, .. AskWords.Rows, .. PromiseWords.Rows, .. SymptomWords.Rows,
        .. VehiclesWords.Rows,
    ];
}
