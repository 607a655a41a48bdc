namespace Rimrock.Core.Quantities;

/// <summary>
/// What is to be told, without words: a code and what belongs in it. The words stand in the telling project, one row a code; figures keep their unit and are
/// rounded there.
/// </summary>
public sealed class Said : IEquatable<Said>
{
    /// <summary>Code of a name or of what a person typed: told as it stands.</summary>
    public const string AsIs = "as-is";

    /// <summary>Code of several things told one after the other.</summary>
    public const string InRow = "in-row";

    /// <summary>Code of sentences one after the other.</summary>
    public const string Sentences = "sentences";

    /// <summary>Code of things done together.</summary>
    public const string And = "and";

    /// <summary>Code of a list.</summary>
    public const string Listed = "listed";

    /// <summary>Code of clauses one after the other.</summary>
    public const string Clauses = "clauses";

    /// <summary>Code of a title in the middle of a sentence.</summary>
    public const string Within = "within";

    private readonly Term[] terms;

    private Said(string code, Term[] terms) => (Code, this.terms) = (code, terms);

    /// <summary>Nothing.</summary>
    public static Said Nothing { get; } = new("nothing", []);

    /// <summary>Which words.</summary>
    public string Code { get; }

    /// <summary>Its name without its room, for whoever sorts by it.</summary>
    public string Name => Code[(Code.IndexOf('.') + 1)..];

    /// <summary>What belongs in them, in the order in which the code counts them.</summary>
    public IReadOnlyList<Term> Terms => terms;

    /// <summary>Whether there is nothing to tell.</summary>
    public bool IsNothing => ReferenceEquals(this, Nothing) || (Code == InRow && terms.All(term => term.Part is { IsNothing: true }));

    /// <summary>Says a code with what belongs in it.</summary>
    public static Said Of(string code, params ReadOnlySpan<Term> terms) => new(code, terms.ToArray());

    /// <summary>Says several things together.</summary>
    /// <param name="code">How: <see cref="Listed"/>, <see cref="Clauses"/>, <see cref="Sentences"/> or <see cref="And"/>.</param>
    /// <param name="parts">Them.</param>
    public static Said Joined(string code, IEnumerable<Said> parts) => new(code, [.. parts.Where(part => !part.IsNothing).Select(part => (Term)part)]);

    /// <summary>A name, told as it stands.</summary>
    public static implicit operator Said(string text) => FromString(text);

    /// <summary>One after the other.</summary>
    public static Said operator +(Said first, Said second) => Add(first, second);

    /// <summary>Whether both say the same.</summary>
    public static bool operator ==(Said? left, Said? right) => Equals(left, right);

    /// <summary>Whether they do not.</summary>
    public static bool operator !=(Said? left, Said? right) => !Equals(left, right);

    /// <summary>A name, told as it stands.</summary>
    public static Said FromString(string text)
    {
        ArgumentNullException.ThrowIfNull(text);
        return text.Length == 0 ? Nothing : new Said(AsIs, [text]);
    }

    /// <summary>One after the other.</summary>
    public static Said Add(Said left, Said right)
    {
        ArgumentNullException.ThrowIfNull(left);
        ArgumentNullException.ThrowIfNull(right);
        return right.IsNothing ? left : left.IsNothing ? right : new Said(InRow, [left, right]);
    }

    /// <inheritdoc/>
    public bool Equals(Said? other) => other is not null && Code == other.Code && terms.AsSpan().SequenceEqual(other.terms);

    /// <inheritdoc/>
    public override bool Equals(object? obj) => Equals(obj as Said);

    /// <inheritdoc/>
    public override int GetHashCode() => HashCode.Combine(Code, terms.Length);

    /// <summary>The code and its terms, for a person who looks for a fault.</summary>
    public override string ToString() => terms.Length == 0 ? Code : $"{Code}({string.Join(';', terms)})";
}

/// <summary>What belongs in a code: a figure, a name told as it stands, or something that is told itself.</summary>
/// <param name="Figure">The figure.</param>
/// <param name="Name">The name.</param>
/// <param name="Part">What is told itself.</param>
public readonly record struct Term(Figure? Figure, string? Name, Said? Part)
{
    /// <summary>A figure.</summary>
    public static implicit operator Term(Figure figure) => FromFigure(figure);

    /// <summary>A name.</summary>
    public static implicit operator Term(string name) => FromString(name);

    /// <summary>A bare number, such as a count.</summary>
    public static implicit operator Term(double number) => FromDouble(number);

    /// <summary>Something told itself.</summary>
    public static implicit operator Term(Said part) => FromSaid(part);

    /// <summary>A figure.</summary>
    public static Term FromFigure(Figure figure) => new(figure, null, null);

    /// <summary>A name.</summary>
    public static Term FromString(string name) => new(null, name, null);

    /// <summary>A bare number, such as a count.</summary>
    public static Term FromDouble(double number) => new(new Figure(number, ""), null, null);

    /// <summary>Something told itself.</summary>
    public static Term FromSaid(Said part) => new(null, null, part);

    /// <inheritdoc/>
    public override string ToString() => Part?.ToString() ?? Name ?? (Figure is { } figure ? Text($"{figure.Value}{figure.Unit}") : "");
}
