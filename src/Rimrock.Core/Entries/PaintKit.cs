
namespace Rimrock.Core.Entries;

/// <summary>One paint or sticker of a kit.</summary>
/// <param name="Celsius">It goes, or turns, at this temperature, C.</param>
/// <param name="Name">What its owner calls it.</param>
/// <param name="Colour">Its colour as six hexadecimal digits after a hash.</param>
public sealed record Mark(double Celsius, string Name, string Colour);

/// <summary>A driver's own list of paints or stickers.</summary>
/// <param name="Name">Name of the kit.</param>
/// <param name="Stickers">True for irreversible stickers on a caliper, false for paints on a rotor.</param>
/// <param name="Marks">Thresholds, rising.</param>
public sealed record PaintKit(string Name, bool Stickers, IReadOnlyList<Mark> Marks)
{
    private static readonly FieldRange Threshold = new("kit.celsius", "C", 40, 1000);

    /// <summary>Ranges of the fields, for forms.</summary>
    public static IReadOnlyList<FieldRange> Ranges { get; } = [Threshold];

    /// <summary>Lists what is wrong.</summary>
    public IReadOnlyList<InputFault> Faults()
    {
        var faults = new List<InputFault>();
        Names.Check(Name, "kit.name", faults);
        if (Marks.Count is < 1 or > 12)
        {
            faults.Add(new InputFault("kit.marks", $"{Marks.Count}", Said.Of("paint-kit.1-12"), Said.Of("paint-kit.kit-1-12-paints")));
        }

        for (var i = 0; i < Marks.Count && i < 12; i++)
        {
            Threshold.Check(Marks[i].Celsius, faults, $"kit.marks[{i}].celsius");
            Names.Check(Marks[i].Name, $"kit.marks[{i}].name", faults);
            if (Marks[i].Colour.Length != 7 || Marks[i].Colour[0] != '#' || !Marks[i].Colour[1..].All(char.IsAsciiHexDigit))
            {
                faults.Add(new InputFault($"kit.marks[{i}].colour", Marks[i].Colour.Length > 12 ? Marks[i].Colour[..12] : Marks[i].Colour,
                    Said.Of("paint-kit.six-hexadecimal-digits"), Said.Of("paint-kit.colour-written-rrggbb")));
            }

            if (i > 0 && !(Marks[i].Celsius > Marks[i - 1].Celsius))
            {
                faults.Add(new InputFault($"kit.marks[{i}].celsius", Said.Of("paint-kit.figure", Marks[i].Celsius),
                    Said.Of("paint-kit.above", Units.C(Marks[i - 1].Celsius)),
                    Said.Of("paint-kit.thresholds-rise-one-next")));
            }
        }

        return faults;
    }

    /// <summary>What a kit says when so many of its marks, from the coolest, are gone or turned.</summary>
    public PaintEdges After(int gone) => new(gone > 0 ? Marks[gone - 1].Celsius : null, gone < Marks.Count ? Marks[gone].Celsius : null);
}
