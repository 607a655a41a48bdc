using System.Globalization;
using Rimrock.Core.Quantities;

namespace Rimrock.Telling;

/// <summary>
/// Words with holes: <c>{0:0.0} at the thinnest</c>, where a hole names its term and how many decimals are shown of it, and <c>from {=50 km/h}</c> or
/// <c>{=0..20 mm}</c>, a figure that never changes.
/// </summary>
internal sealed class Template
{
    private Template(IReadOnlyList<Hole> parts) => Parts = parts;

    /// <summary>Words and holes in their order.</summary>
    public IReadOnlyList<Hole> Parts { get; }

    /// <summary>How many terms it takes.</summary>
    public int Terms => Parts.Where(part => part.Words is null && part.Constant is null).Select(part => part.Term + 1).DefaultIfEmpty(0).Max();

    /// <summary>Reads one.</summary>
    /// <exception cref="FormatException">A hole that is no hole.</exception>
    public static Template Of(string text)
    {
        var parts = new List<Hole>();
        var from = 0;
        while (text.IndexOf('{', from) is >= 0 and var open)
        {
            if (open > from)
            {
                parts.Add(new Hole(text[from..open], 0, 0, 0));
            }

            var close = text.IndexOf('}', open);
            parts.Add(Hole.Of(text[(open + 1)..close]));
            from = close + 1;
        }

        if (from < text.Length)
        {
            parts.Add(new Hole(text[from..], 0, 0, 0));
        }

        return new Template(parts);
    }

    /// <summary>Words, or a hole.</summary>
    /// <param name="Words">The words; null for a hole.</param>
    /// <param name="Term">Which term it takes.</param>
    /// <param name="LeastDigits">Decimals that are always shown.</param>
    /// <param name="MostDigits">Decimals that are shown where they are not zero.</param>
    /// <param name="Constant">The figure that never changes; null for a term.</param>
    internal readonly record struct Hole(string? Words, int Term, int LeastDigits, int MostDigits, Figure? Constant = null)
    {
        private const int AllDigits = 6;

        /// <summary>A hole that shows a figure as far as it goes.</summary>
        public static Hole Bare { get; } = new(null, 0, 0, AllDigits);

        /// <summary>Decimals of a value.</summary>
        public int DigitsOf(double value)
        {
            var digits = MostDigits;
            while (digits > LeastDigits && Math.Round(value, digits) == Math.Round(value, digits - 1))
            {
                digits--;
            }

            return digits;
        }

        public static Hole Of(string inside)
        {
            if (inside.StartsWith('='))
            {
                return Always(inside[1..]);
            }

            var colon = inside.IndexOf(':', StringComparison.Ordinal);
            var term = int.Parse(colon < 0 ? inside : inside[..colon], CultureInfo.InvariantCulture);
            if (colon < 0)
            {
                return new Hole(null, term, 0, AllDigits);
            }

            var point = inside.IndexOf('.', StringComparison.Ordinal);
            var decimals = point < 0 ? "" : inside[(point + 1)..];
            return new Hole(null, term, decimals.Count(digit => digit == '0'), decimals.Length);
        }

        private static Hole Always(string figure)
        {
            static double Read(string text) => double.Parse(text, CultureInfo.InvariantCulture);
            static int Decimals(string text) => text.Contains('.', StringComparison.Ordinal) ? text.Length - text.LastIndexOf('.') - 1 : 0;
            var (value, unit) = (figure[..figure.IndexOf(' ', StringComparison.Ordinal)], figure[(figure.IndexOf(' ', StringComparison.Ordinal) + 1)..]);
            var edges = value.Split("..");
            var constant = edges.Length == 2 ? Figure.Range(Read(edges[0]), Read(edges[1]), unit) : new Figure(Read(value), unit);
            return new Hole(null, 0, edges.Max(Decimals), edges.Max(Decimals), constant);
        }
    }
}
