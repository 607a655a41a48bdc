using System.Globalization;
using System.Runtime.CompilerServices;

namespace Rimrock.Core.Quantities;

/// <summary>Text with figures that look the same on every machine.</summary>
public static class Invariant
{
    /// <summary>The text, its figures by the invariant culture.</summary>
    public static string Text(InvariantText text) => text.ToText();
}

/// <summary>Builds such a text where it is written: an interpolated string, or several in a row.</summary>
[InterpolatedStringHandler]
public ref struct InvariantText
{
    private DefaultInterpolatedStringHandler inner;

    /// <summary>Makes room.</summary>
    /// <param name="literalLength">Characters between the figures.</param>
    /// <param name="formattedCount">Figures.</param>
    public InvariantText(int literalLength, int formattedCount) =>
        inner = new DefaultInterpolatedStringHandler(literalLength, formattedCount, CultureInfo.InvariantCulture);

    /// <summary>Takes what stands between figures.</summary>
    public void AppendLiteral(string value) => inner.AppendLiteral(value);

    /// <summary>Takes a figure.</summary>
    public void AppendFormatted<T>(T value) => inner.AppendFormatted(value);

    /// <summary>Takes a figure in a format.</summary>
    public void AppendFormatted<T>(T value, string? format) => inner.AppendFormatted(value, format);

    internal string ToText() => inner.ToStringAndClear();
}
