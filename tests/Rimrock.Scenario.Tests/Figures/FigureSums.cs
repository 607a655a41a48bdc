using System.Globalization;
using System.Runtime.CompilerServices;

namespace Rimrock.Scenario.Tests.Figures;

/// <summary>Sums of figures by name: small enough to be kept in a file, and no figure among them moves without its sum.</summary>
internal sealed class FigureSums
{
    /// <summary>Processors differ by less than this share of what was added up, and what is read from an answer by more.</summary>
    private const double Moved = 1e-8;

    private readonly SortedDictionary<string, (int Count, double Sum, double Size)> sums = new(StringComparer.Ordinal);

    /// <summary>Adds a figure: large and small ones weigh alike, and each place in the order by its own weight.</summary>
    public void Add(string name, double value)
    {
        var was = sums.GetValueOrDefault(name);
        var size = double.IsFinite(value) ? Math.Log(1 + (1000 * Math.Abs(value))) : double.IsNaN(value) ? 77 : 99;
        var weight = 1 + ((was.Count + 1) * 0.6180339887498949 % 1);
        sums[name] = (was.Count + 1, was.Sum + (weight * (value < 0 ? -size : size)), was.Size + (weight * size));
    }

    /// <summary>What differs from what was kept, by name; nothing where it stands. Writes what is kept anew where that is asked.</summary>
    /// <param name="file">Name of the file.</param>
    /// <param name="isPart">True where only some of it was asked for.</param>
    public IReadOnlyList<string> Moves(string file, bool isPart = false)
    {
        if (!isPart && Environment.GetEnvironmentVariable("RIMROCK_WRITE_GOLDEN") is not null)
        {
            File.WriteAllLines(Path.Combine(Folder(), "Kept", file),
                sums.Select(row => string.Create(CultureInfo.InvariantCulture, $"{row.Key};{row.Value.Count};{row.Value.Sum:0.########}")));
            return [];
        }

        var kept = File.ReadLines(Path.Combine(AppContext.BaseDirectory, "Figures", "Kept", file)).Select(line => line.Split(';'))
            .ToDictionary(cells => cells[0], cells => (Count: int.Parse(cells[1], CultureInfo.InvariantCulture),
                Sum: double.Parse(cells[2], CultureInfo.InvariantCulture)));
        return
        [
            .. kept.Keys.Where(name => !isPart && !sums.ContainsKey(name)).Select(name => $"{name}: gone"),
            .. sums.Select(row => !kept.TryGetValue(row.Key, out var was) ? $"{row.Key}: new"
                : was.Count != row.Value.Count ? $"{row.Key}: {was.Count} figures then, {row.Value.Count} now"
                : Math.Abs(was.Sum - row.Value.Sum) > (Moved * row.Value.Size) + 1e-7
                    ? string.Create(CultureInfo.InvariantCulture, $"{row.Key}: {was.Sum:0.######} then, {row.Value.Sum:0.######} now") : null).OfType<string>(),
        ];
    }

    private static string Folder([CallerFilePath] string file = "") => Path.GetDirectoryName(file)!;
}
