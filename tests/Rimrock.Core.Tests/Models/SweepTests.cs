using System.Globalization;
using System.Runtime.CompilerServices;
using System.Text;
using Rimrock.Core.Driving;
using Rimrock.Core.Friction;
using Rimrock.Core.Runs;
using Rimrock.Core.Vehicles;

namespace Rimrock.Core.Tests.Models;

/// <summary>Forty inputs on three cars: every sign that a brake engineer would name beforehand. scripts/sweeps.sh draws them.</summary>
public class SweepTests
{
    private static readonly (string Name, PredictionPlan Plan)[] Cars =
    [
        ("estate 1560 kg 125 kW", SampleParts.Plan("track-sport", "track-sport")),
        ("roadster 980 kg 95 kW", Guessed(980, 95, CarLayout.RearDrive, CarBody.Roadster)),
        ("saloon 1900 kg 330 kW", Guessed(1900, 330, CarLayout.AllWheel, CarBody.Saloon)),
    ];

    public static TheoryData<string> Inputs => [.. Sweep.All.Select(sweep => sweep.Input)];

    private static PredictionPlan Guessed(double massKg, double powerKw, CarLayout layout, CarBody body)
    {
        var guess = CarGuess.From("car", massKg, powerKw, "sport", layout, body);
        return SampleParts.Plan("track-sport", "track-sport") with { Car = guess.Car, FrontRotor = guess.FrontRotor, RearRotor = guess.RearRotor };
    }

    [Theory]
    [MemberData(nameof(Inputs))]
    public void More_of_an_input_moves_face_and_fluid_the_way_it_must(string input)
    {
        var sweep = Sweep.All.Single(one => one.Input == input);
        foreach (var (name, plan) in Cars)
        {
            var (least, most) = (Sweep.Peaks(sweep.Set(plan, sweep.Values[0])), Sweep.Peaks(sweep.Set(plan, sweep.Values[^1])));
            Moves(sweep.Face, most.FaceC - least.FaceC, $"face, {name}");
            Moves(sweep.Fluid, most.FluidC - least.FluidC, $"fluid, {name}");
        }

        static void Moves(int sign, double byK, string what)
        {
            if (sign != 0)
            {
                (sign * byK).ShouldBeGreaterThan(0.05, what);
            }
        }
    }

    [Fact]
    public void There_are_forty_of_them() => Sweep.All.Select(sweep => sweep.Input).Distinct().Count().ShouldBeGreaterThanOrEqualTo(40);

    /// <summary>The drawings in docs/models/sweeps and the table of guessed constants are written where RIMROCK_WRITE_SWEEPS is set, else looked for.</summary>
    [Fact]
    public void The_drawings_and_the_table_of_constants_are_there()
    {
        var folder = Path.Combine(Root(), "docs", "models", "sweeps");
        if (Environment.GetEnvironmentVariable("RIMROCK_WRITE_SWEEPS") is null)
        {
            foreach (var file in new[] { "front-face.svg", "front-fluid.svg" })
            {
                var drawn = File.ReadAllText(Path.Combine(folder, file));
                Sweep.All.ShouldAllBe(sweep => drawn.Contains($">{sweep.Input}<", StringComparison.Ordinal), $"{file}: scripts/sweeps.sh draws anew");
            }

            var table = File.ReadAllText(Path.Combine(folder, "constants.md"));
            PriorFactor.All.ShouldAllBe(factor => table.Contains($"| {factor.Code} |", StringComparison.Ordinal), "constants.md: scripts/sweeps.sh writes anew");
            return;
        }

        Directory.CreateDirectory(folder);
        var peaks = Sweep.All.Select(sweep => Cars.Select(car => sweep.Values.Select(value => Sweep.Peaks(sweep.Set(car.Plan, value))).ToArray()).ToArray()).ToList();
        File.WriteAllText(Path.Combine(folder, "front-face.svg"), Draw("front face at its hottest, °C", peaks, peak => peak.FaceC));
        File.WriteAllText(Path.Combine(folder, "front-fluid.svg"), Draw("front fluid at its hottest, °C", peaks, peak => peak.FluidC));
        File.WriteAllText(Path.Combine(folder, "constants.md"), Constants());
    }

    private static string Constants()
    {
        var (plan, text) = (Cars[0].Plan, new StringBuilder());
        text.Append("# What is guessed, and what it moves\n\nWritten by `scripts/sweeps.sh`, not by hand: the estate of the tests, 20 minutes and the rest after ")
            .Append("them as laid out, each guessed factor\none standard deviation down and up; front face and front fluid at their hottest, K. Spreads and sources: ")
            .Append("[priors.md](../priors.md).\nFactors of capacity move no temperature; they move what it is held against.\n\n")
            .Append("| factor | face -1 | face +1 | fluid -1 | fluid +1 |\n|---|---|---|---|---|\n");
        var (face, fluid) = Peaks(null, 0);
        for (var i = 0; i < PriorFactor.All.Count; i++)
        {
            var (down, up) = (Peaks(i, -1), Peaks(i, 1));
            text.Append(CultureInfo.InvariantCulture, $"| {PriorFactor.All[i].Code} | {down.FaceC - face:+0;-0;0} | {up.FaceC - face:+0;-0;0} | ")
                .Append(CultureInfo.InvariantCulture, $"{down.FluidC - fluid:+0;-0;0} | {up.FluidC - fluid:+0;-0;0} |\n");
        }

        return text.ToString();

        (double FaceC, double FluidC) Peaks(int? factor, double z)
        {
            var scores = new double[PriorFactor.All.Count];
            if (factor is { } place)
            {
                scores[place] = z;
            }

            var run = new DayRun(plan, [PriorFactor.CarOf(scores)], demands: false, by: DrivenBy.Plan);
            foreach (var phase in new Day(plan).Phases)
            {
                run.Run(phase);
            }

            double Peak(BrakePart part) => run.Phases.Max(phase => phase.Peak[(int)part][0]);
            return (Peak(BrakePart.FrontFace), Peak(BrakePart.FrontFluid));
        }
    }

    private static string Draw(string title, List<(double FaceC, double FluidC)[][]> peaks, Func<(double FaceC, double FluidC), double> of)
    {
        const int columns = 6, wide = 190, high = 130, plotWide = 150, plotHigh = 62, left = 30, top = 34, head = 56;
        string[] strokes = ["#a83812", "#2f5d7c", "#5b6b3a"];
        string[] dashes = ["", "5 3", "2 2"];
        var rows = (Sweep.All.Count + columns - 1) / columns;
        var svg = new StringBuilder();
        void Add(FormattableString text) => svg.Append(text.ToString(CultureInfo.InvariantCulture)).Append('\n');
        Add($"<svg xmlns=\"http://www.w3.org/2000/svg\" viewBox=\"0 0 {columns * wide} {head + (rows * high)}\" font-family=\"sans-serif\" font-size=\"10\" fill=\"#1f262b\">");
        Add($"<rect width=\"100%\" height=\"100%\" fill=\"#fbf8f2\"/><text x=\"10\" y=\"20\" font-size=\"15\">{title}</text>");
        for (var car = 0; car < Cars.Length; car++)
        {
            var x = 10 + (car * 190);
            Add($"<line x1=\"{x}\" x2=\"{x + 24}\" y1=\"38\" y2=\"38\" stroke=\"{strokes[car]}\" stroke-width=\"1.6\" stroke-dasharray=\"{dashes[car]}\"/>");
            Add($"<text x=\"{x + 30}\" y=\"41\">{Cars[car].Name}</text>");
        }

        for (var i = 0; i < Sweep.All.Count; i++)
        {
            var sweep = Sweep.All[i];
            var (x0, y0) = ((i % columns * wide) + left, head + (i / columns * high));
            var all = peaks[i].SelectMany(car => car.Select(of)).ToList();
            var (low, highest) = (Math.Floor(all.Min() / 50) * 50, Math.Ceiling((all.Max() + 1) / 50) * 50);
            double X(int at) => x0 + (plotWide * (double)at / (sweep.Values.Length - 1));
            double Y(double c) => y0 + top + plotHigh - (plotHigh * (c - low) / (highest - low));
            Add($"<text x=\"{x0}\" y=\"{y0 + 22}\" font-weight=\"bold\">{sweep.Input}</text>");
            Add($"<path d=\"M{x0} {y0 + top}v{plotHigh}h{plotWide}\" fill=\"none\" stroke=\"#8d8473\"/>");
            Add($"<text x=\"{x0 - 4}\" y=\"{y0 + top + 8}\" text-anchor=\"end\">{highest:0}</text>");
            Add($"<text x=\"{x0 - 4}\" y=\"{y0 + top + plotHigh}\" text-anchor=\"end\">{low:0}</text>");
            Add($"<text x=\"{x0}\" y=\"{y0 + top + plotHigh + 12}\">{sweep.Values[0]:0.###}</text>");
            Add($"<text x=\"{x0 + plotWide}\" y=\"{y0 + top + plotHigh + 12}\" text-anchor=\"end\">{sweep.Values[^1]:0.###} {sweep.Unit}</text>");
            for (var car = 0; car < Cars.Length; car++)
            {
                var points = string.Join(' ', peaks[i][car].Select((peak, at) => FormattableString.Invariant($"{X(at):0.0},{Y(of(peak)):0.0}")));
                Add($"<polyline points=\"{points}\" fill=\"none\" stroke=\"{strokes[car]}\" stroke-width=\"1.6\" stroke-dasharray=\"{dashes[car]}\"/>");
            }
        }

        return svg.Append("</svg>\n").ToString();
    }

    private static string Root([CallerFilePath] string file = "") => Path.GetFullPath(Path.Combine(Path.GetDirectoryName(file)!, "..", "..", ".."));
}
