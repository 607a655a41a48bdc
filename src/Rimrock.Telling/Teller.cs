using System.Globalization;
using System.Text;
using Rimrock.Core.Quantities;

namespace Rimrock.Telling;

/// <summary>Puts what the engine says into words.</summary>
public static class Teller
{
    /// <summary>The pieces of what is said: words joined as far as no figure with a unit stands between them.</summary>
    public static IReadOnlyList<Piece> Pieces(Said said)
    {
        ArgumentNullException.ThrowIfNull(said);
        var pieces = new List<Piece>();
        Tell(said, pieces);
        return pieces;
    }

    /// <summary>What is said, as one text in a system of units.</summary>
    public static string Text(Said said, UnitSystem system = UnitSystem.Metric)
    {
        var text = new StringBuilder();
        foreach (var piece in Pieces(said))
        {
            text.Append(piece.Words).Append(piece.Figure is { } figure ? Shown(figure, system) : "");
        }

        return text.ToString();
    }

    /// <summary>A figure with its unit's sign in a system.</summary>
    public static string Shown(ToldFigure figure, UnitSystem system)
    {
        ArgumentNullException.ThrowIfNull(figure);
        var unit = ShownUnit.Of(figure.Unit);
        var digits = unit.Digits(system, figure.Digits);
        string One(double value) => Plain(unit.In(system, value), digits);
        var sign = unit.Sign(system).Length == 0 ? "" : $" {unit.Sign(system)}";
        return (figure.Value, figure.Low, figure.High) switch
        {
            (null, { } low, { } high) => $"{One(low)} to {One(high)}{sign}",
            ({ } value, { } low, { } high) => $"{One(value)}{sign} ({One(low)} to {One(high)})",
            _ => $"{One(figure.Value!.Value)}{sign}",
        };
    }

    private static string Plain(double value, int digits) => value.ToString("F" + digits.ToString(CultureInfo.InvariantCulture), CultureInfo.InvariantCulture);

    private static void Tell(Said said, List<Piece> pieces)
    {
        if (Vocabulary.Joiners.TryGetValue(said.Code, out var between))
        {
            Join(said, between, pieces);
        }
        else if (said.Code == Said.Within)
        {
            Within(said.Terms[0].Part!, pieces);
        }
        else
        {
            foreach (var part in Vocabulary.Find(said.Code).Parts)
            {
                if (part.Words is { } words)
                {
                    Add(pieces, words);
                }
                else if (part.Constant is { } constant)
                {
                    Put(constant, part, pieces);
                }
                else
                {
                    Fill(said.Terms[part.Term], part, pieces);
                }
            }
        }
    }

    private static void Join(Said said, string between, List<Piece> pieces)
    {
        for (var i = 0; i < said.Terms.Count; i++)
        {
            if (i > 0)
            {
                Add(pieces, between);
            }

            Fill(said.Terms[i], Template.Hole.Bare, pieces);
        }
    }

    /// <summary>A title in the middle of a sentence begins small.</summary>
    private static void Within(Said said, List<Piece> pieces)
    {
        var inner = new List<Piece>();
        Tell(said, inner);
        foreach (var piece in inner)
        {
            if (piece.Words is { Length: > 0 } words && ReferenceEquals(piece, inner[0]))
            {
                Add(pieces, char.ToLowerInvariant(words[0]) + words[1..]);
            }
            else if (piece.Words is { } later)
            {
                Add(pieces, later);
            }
            else
            {
                pieces.Add(piece);
            }
        }
    }

    private static void Fill(Term term, Template.Hole hole, List<Piece> pieces)
    {
        if (term.Part is { } part)
        {
            Tell(part, pieces);
        }
        else if (term.Name is { } name)
        {
            Add(pieces, name);
        }
        else if (term.Figure is { } figure)
        {
            Put(figure, hole, pieces);
        }
    }

    private static void Put(Figure figure, Template.Hole hole, List<Piece> pieces)
    {
        double? value = double.IsNaN(figure.Value) ? null : figure.Value;
        var digits = figure.Digits ?? new[] { value, figure.Low, figure.High }.OfType<double>().Max(hole.DigitsOf);
        var told = new ToldFigure(Kept(value, digits), figure.Unit, digits, Kept(figure.Low, digits), Kept(figure.High, digits));
        if (figure.Unit.Length == 0)
        {
            Add(pieces, Shown(told, UnitSystem.Metric));
        }
        else
        {
            pieces.Add(new Piece(null, told));
        }
    }

    // Three digits beyond what is shown are enough for any unit.
    private static double? Kept(double? value, int digits) => value is { } known ? Math.Round(known, Math.Min(12, digits + 3)) : null;

    private static void Add(List<Piece> pieces, string words)
    {
        if (words.Length == 0)
        {
            return;
        }

        if (pieces is [.., { Words: { } before }])
        {
            pieces[^1] = new Piece(before + words, null);
        }
        else
        {
            pieces.Add(new Piece(words, null));
        }
    }
}
