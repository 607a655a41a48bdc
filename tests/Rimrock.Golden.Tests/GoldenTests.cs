using System.Runtime.CompilerServices;
using System.Text.Json;

namespace Rimrock.Golden.Tests;

/// <summary>
/// Frozen answers: what moves here moves on purpose. scripts/golden.sh writes the files anew; a renewal says why, and how far each figure moved, in
/// docs/models/renewals.md.
/// </summary>
public class GoldenTests
{
    /// <summary>The same on every processor: the vector of eight or two of four, with a fused multiply and add or without.</summary>
    private const double TemperatureK = 1e-6;

    private const double FigureK = 0.01;
    private const double OneMember = 1.0 / 256;

    /// <summary>Figures that an answer gives rounded may fall on the other side of a rounding.</summary>
    private const double RoundedTo = 0.1;

    public static TheoryData<string> Names => [.. GoldenCase.Names()];

    [Theory]
    [MemberData(nameof(Names))]
    public void An_answer_stays_what_it_was(string name)
    {
        var now = GoldenRun.Of(GoldenCase.Read(name));
        if (Environment.GetEnvironmentVariable("RIMROCK_WRITE_GOLDEN") is not null)
        {
            File.WriteAllText(Path.Combine(Folder(), "Answers", name + ".json"), JsonSerializer.Serialize(now, GoldenCase.Json) + "\n");
            return;
        }

        var then = JsonSerializer.Deserialize<GoldenAnswer>(File.ReadAllText(Path.Combine(AppContext.BaseDirectory, "Answers", name + ".json")),
            GoldenCase.Json)!;
        var moved = new List<string>();
        foreach (var (part, celsius) in then.Temperatures)
        {
            Compare(part, celsius, now.Temperatures.GetValueOrDefault(part, []), TemperatureK);
        }

        foreach (var (part, celsius) in then.Bands)
        {
            Compare("band " + part, celsius, now.Bands.GetValueOrDefault(part, []), RoundedTo + FigureK);
        }

        foreach (var (figure, value) in then.Figures)
        {
            Compare(figure, [value], now.Figures.TryGetValue(figure, out var found) ? [found] : [],
                (1e-4 * Math.Abs(value)) + (figure.EndsWith("demand", StringComparison.Ordinal) || figure.Contains(" mm", StringComparison.Ordinal)
                ? RoundedTo + FigureK : FigureK));
        }

        foreach (var (limit, chance) in then.Chances)
        {
            Compare("chance " + limit, [chance], now.Chances.TryGetValue(limit, out var found) ? [found] : [], OneMember + 1e-9);
        }

        moved.ShouldBeEmpty();
        now.Temperatures.Keys.ShouldBe(then.Temperatures.Keys);
        now.Figures.Keys.ShouldBe(then.Figures.Keys);
        now.Chances.Keys.ShouldBe(then.Chances.Keys);
        now.Limits.ShouldBe(then.Limits);
        now.Shortlist.ShouldBe(then.Shortlist);
        now.Refused.ShouldBe(then.Refused);

        void Compare(string what, double[] before, double[] after, double tolerance)
        {
            if (before.Length != after.Length)
            {
                moved.Add($"{what}: {before.Length} figures then, {after.Length} now");
                return;
            }

            var worst = before.Zip(after, (a, b) => Math.Abs(a - b)).DefaultIfEmpty().Max();
            if (!(worst <= tolerance))
            {
                moved.Add(FormattableString.Invariant($"{what}: moved by {worst:0.########}"));
            }
        }
    }

    [Fact]
    public void The_cases_cover_what_Rimrock_is_asked()
    {
        var cases = GoldenCase.Names().Select(GoldenCase.Read).ToList();
        cases.Count.ShouldBeGreaterThanOrEqualTo(25);
        cases.SelectMany(asked => asked.Plan.Planned()).Select(day => day.Kind).Distinct().Count().ShouldBe(Core.Driving.DayKind.All.Count);
        cases.Select(asked => asked.Plan.Car.Kind).Distinct().Count().ShouldBe(Enum.GetValues<Core.Vehicles.VehicleKind>().Length);
        cases.Select(asked => asked.Plan.Pace).Distinct().Count().ShouldBe(Core.Driving.Pace.All.Count);
        cases.SelectMany(asked => asked.Seen ?? []).Select(seen => seen.Kind).Distinct().Count()
            .ShouldBe(Enum.GetValues<Core.Beliefs.ObservationKind>().Length);
    }

    private static string Folder([CallerFilePath] string file = "") => Path.GetDirectoryName(file)!;
}
