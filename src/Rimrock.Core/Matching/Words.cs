using System.Globalization;
using System.Runtime.CompilerServices;

namespace Rimrock.Core.Matching;

/// <summary>A sentence that is only put together where somebody will read it: hundreds of members are judged by their figures alone.</summary>
[InterpolatedStringHandler]
internal ref struct Words
{
    private DefaultInterpolatedStringHandler text;

    /// <summary>Called by the compiler for the text's parts.</summary>
    public Words(int literalLength, int formattedCount, bool wanted, out bool append)
    {
        append = wanted;
        text = wanted ? new DefaultInterpolatedStringHandler(literalLength, formattedCount, CultureInfo.InvariantCulture) : default;
    }

    /// <summary>The sentence where it is wanted, else nothing.</summary>
    public static string When(bool wanted, [InterpolatedStringHandlerArgument(nameof(wanted))] Words words) => wanted ? words.text.ToStringAndClear() : "";

    /// <summary>Called by the compiler for each piece of plain text.</summary>
    public void AppendLiteral(string literal) => text.AppendLiteral(literal);

    /// <summary>Called by the compiler for each value.</summary>
    public void AppendFormatted<TValue>(TValue value, string? format = null) => text.AppendFormatted(value, format);
}
