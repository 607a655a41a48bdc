namespace Rimrock.Core.Circuits;

/// <summary>A circuit as its kind usually is: straights and corners of our own, a map of no place.</summary>
/// <param name="Code">Stable code.</param>
/// <param name="Name">What such a circuit is called.</param>
/// <param name="Circuit">Its lap; its name is the code.</param>
public sealed record TypicalCircuit(string Code, Said Name, Circuit Circuit)
{
    /// <summary>
    /// Eight kinds (common practice: lengths, radii and longest straights of such places as one finds them; our own laps). Pace and power act on all of them.
    /// </summary>
    public static IReadOnlyList<TypicalCircuit> All { get; } =
    [
        Of("tight-club", Said.Of("typical-circuit.tight-club"),
            [(310, 0), (70, 32), (120, 0), (60, 24), (170, 0), (90, 48), (95, 0), (55, 22), (210, 0), (80, 40), (110, 0), (65, 28), (140, 0), (85, 55)]),
        Of("flowing-club", Said.Of("typical-circuit.flowing-club"),
            [(620, 0), (150, 110), (260, 0), (210, 170), (180, 0), (90, 60), (420, 0), (170, 130), (150, 0), (240, 220), (200, 0), (80, 50),
                (230, 0), (190, 150)]),
        Of("fast-national", Said.Of("typical-circuit.fast-national"),
            [(980, 0), (160, 120), (420, 0), (300, 300), (520, 0), (120, 85), (260, 0), (280, 240), (640, 0), (190, 160), (210, 0), (350, 420), (380, 0),
                (110, 70)]),
        Of("airfield", Said.Of("typical-circuit.airfield"),
            [(640, 0), (45, 26), (520, 0), (55, 34), (380, 0), (40, 22), (700, 0), (60, 40), (300, 0), (50, 28)]),
        Of("hill-climb", Said.Of("typical-circuit.hill-climb"),
            [(260, 0), (45, 20), (180, 0), (90, 60), (140, 0), (40, 16), (320, 0), (110, 90), (120, 0), (42, 18), (210, 0), (80, 45), (160, 0), (38, 15),
                (280, 0), (120, 110)], 0.07),
        Of("street-sprint", Said.Of("typical-circuit.street-sprint"),
            [(430, 0), (24, 15), (180, 0), (22, 14), (260, 0), (26, 17), (150, 0), (60, 45), (340, 0), (24, 15), (120, 0), (28, 18), (220, 0), (40, 26)]),
        Of("mountain-ring", Said.Of("typical-circuit.mountain-ring"), [.. Enumerable.Range(0, 6).SelectMany(Valley)]),
        Of("kart-like", Said.Of("typical-circuit.kart-like"),
            [(120, 0), (30, 14), (70, 0), (36, 22), (60, 0), (24, 11), (95, 0), (40, 26), (55, 0), (26, 12), (80, 0), (44, 30), (65, 0), (28, 13)]),
    ];

    // Down one flank and up the next, no two alike; in all as far down as up.
    private static IEnumerable<CircuitSegment> Valley(int place)
    {
        var (slope, stretch) = (place % 2 == 0 ? -0.055 : 0.055, 1 + (0.12 * (place % 3)));
        (double LengthM, double RadiusM)[] lap =
            [(520, 0), (160, 140), (210, 0), (95, 55), (340, 0), (240, 260), (180, 0), (70, 36), (460, 0), (190, 180), (150, 0), (110, 75)];
        return lap.Select(segment => new CircuitSegment(Math.Round(segment.LengthM * stretch), Math.Round(segment.RadiusM * stretch), slope));
    }

    private static TypicalCircuit Of(string code, Said name, (double LengthM, double RadiusM)[] lap, double slope = 0) =>
        Of(code, name, [.. lap.Select(segment => new CircuitSegment(segment.LengthM, segment.RadiusM, slope))]);

    private static TypicalCircuit Of(string code, Said name, IReadOnlyList<CircuitSegment> lap) => new(code, name, new Circuit(code, lap));
}
