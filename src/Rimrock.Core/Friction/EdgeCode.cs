namespace Rimrock.Core.Friction;

/// <summary>
/// The two letters on a pad's edge by SAE J866 (from memory): normal friction, the mean of four readings between 93 and 204 C, then
/// hot friction, the mean of ten up to 343 C, of a 25 mm square rubbed on a drum. It says nothing above 343 C, nothing about a pad's
/// bite, fade or wear, and two pads of one code can be far apart.
/// </summary>
/// <param name="Normal">Range of the normal friction.</param>
/// <param name="Hot">Range of the hot friction.</param>
public sealed record EdgeCode(EdgeCode.Letter Normal, EdgeCode.Letter Hot)
{
    /// <summary>The hottest that the test gets, C.</summary>
    public const double HottestTestedC = 343;

    /// <summary>One letter and the friction it stands for.</summary>
    /// <param name="Code">The letter.</param>
    /// <param name="Above">Friction above this, or null for no bound.</param>
    /// <param name="UpTo">Friction up to this, or null for no bound.</param>
    public sealed record Letter(char Code, double? Above, double? UpTo);

    /// <summary>All letters, low friction first.</summary>
    public static IReadOnlyList<Letter> Letters { get; } =
    [
        new('C', null, 0.15), new('D', 0.15, 0.25), new('E', 0.25, 0.35), new('F', 0.35, 0.45), new('G', 0.45, 0.55), new('H', 0.55, null),
        new('Z', null, null),
    ];

    /// <summary>The letter of a friction coefficient.</summary>
    public static char Of(double mu) => Letters.First(letter => letter.Code != 'Z' && mu <= (letter.UpTo ?? double.PositiveInfinity)).Code;

    /// <summary>Reads two letters; null where they are no edge code.</summary>
    public static EdgeCode? Read(string text)
    {
        ArgumentNullException.ThrowIfNull(text);
        var found = text.Trim().ToUpperInvariant().Select(code => Letters.FirstOrDefault(letter => letter.Code == code)).ToList();
        return found is [{ } normal, { } hot] ? new EdgeCode(normal, hot) : null;
    }

    /// <summary>In words, for a driver.</summary>
    public Said Words() =>
        Said.Of("edge-code.friction-93-204-c", Normal.Code, Hot.Code, Range(Normal), Range(Hot));

    private static Said Range(Letter letter) => letter switch
    {
        { Code: 'Z' } => Said.Of("edge-code.not-classed"),
        { Above: null, UpTo: { } most } => Said.Of("edge-code.up", most),
        { Above: { } least, UpTo: null } => Said.Of("edge-code.above", least),
        _ => Said.Of("edge-code.to", letter.Above!.Value, letter.UpTo!.Value),
    };
}
