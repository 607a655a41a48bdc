
namespace Rimrock.Core.Friction;

/// <summary>The table of pad families: typical values from memory, common practice; see <see cref="PadFamily"/>.</summary>
public static class PadFamilies
{
    /// <summary>Code of the family made for carbon-ceramic discs.</summary>
    public const string CarbonCeramicCode = "carbon-ceramic-disc";

    private static readonly double[] ChartC = [0, 50, 100, 200, 300, 400, 500, 600, 700, 800];

    private static readonly WearJump CooksAbove400 = new(400, Above: true, 3);
    private static readonly WearJump NoFilmBelow120 = new(120, Above: false, 2.5);

    /// <summary>All families, street first.</summary>
    public static IReadOnlyList<PadFamily> All { get; } =
    [
        Row("organic", Said.Of("pad-families.organic"), [.34, .36, .38, .38, .33, .25, .17, .12], 25, 75, CooksAbove400, 0.9, 2100, 1050, 2, 1, 1,
            Light(140, 240), true),
        Row("ceramic", Said.Of("pad-families.ceramic"), [.35, .37, .39, .40, .37, .31, .24, .17], 22, 85, CooksAbove400, 1.3, 2400, 1000, 1, 1, 2,
            Light(140, 240), true),
        Row("semi-metallic", Said.Of("pad-families.semi-metallic"), [.33, .36, .39, .41, .41, .38, .33, .25, .18], 35, 95, null, 3, 2800, 850, 6, 4, 5,
            Firm(180, 300, 120), true),
        Row("street-performance", Said.Of("pad-families.street-performance"), [.34, .38, .41, .43, .43, .41, .37, .30, .22], 45, 105, null, 2, 2600, 900, 6, 4,
            4,
            Firm(220, 340, 130), true),
        Row("track-sport", Said.Of("pad-families.track-day-sport"), [.30, .36, .42, .46, .47, .47, .45, .41, .34, .25], 60, 130, null, 3, 2700, 880, 7, 6, 6,
            Firm(330, 420, 160),
            false),
        Row("race-sintered", Said.Of("pad-families.race-sintered"), [.26, .30, .35, .40, .43, .45, .46, .46, .44, .40], 50, 260, NoFilmBelow120, 18, 4800, 560,
            8, 8, 8,
            Hard(420, 560), false),
        Row("race-carbon-metallic", Said.Of("pad-families.race-carbon-metallic"), [.24, .30, .38, .47, .52, .54, .54, .52, .48, .42], 80, 220, NoFilmBelow120,
            5, 2900, 800, 9, 8, 8,
            Hard(420, 560), false),
        Row(CarbonCeramicCode, Said.Of("pad-families.carbon-ceramic-discs"), [.30, .34, .38, .42, .44, .45, .45, .44, .42, .38], 30, 220, null, 3, 2850, 850, 2,
            4, 1,
            Hard(350, 520), false),
    ];

    /// <summary>The family of a code.</summary>
    /// <exception cref="InputFaultException">An unknown code.</exception>
    public static PadFamily Find(string code) =>
        All.FirstOrDefault(family => family.Code == code)
        ?? throw new InputFaultException([new InputFault("pad.family", code, string.Join(", ", All.Select(family => family.Code)),
            Said.Of("pad-families.no-such-pad-family"))]);

    private static PadFamily Row(string code, Said name, double[] mu, double wear, double doublingK, WearJump? jump,
        double conductivity, double density, double heat, int dust, int noise, int rotorWear, BeddingWindow bedding, bool street) =>
        new(code, name, [.. mu.Select((value, i) => new CurvePoint(ChartC[i], value))], wear, doublingK, jump,
            conductivity, density, heat, dust, noise, rotorWear, bedding, street);

    private static BeddingWindow Light(double lowC, double highC) => new(lowC, highC, 70, 20, 0.3, 90);

    private static BeddingWindow Firm(double lowC, double highC, double fastestKmh) => new(lowC, highC, 100, 15, 0.5, fastestKmh);

    private static BeddingWindow Hard(double lowC, double highC) => new(lowC, highC, 130, 25, 0.6, 190);
}
