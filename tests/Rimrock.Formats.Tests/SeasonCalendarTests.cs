using Rimrock.Core.Circuits;
using Rimrock.Core.Driving;
using Rimrock.Core.Fluids;
using Rimrock.Core.Friction;
using Rimrock.Core.Preparation;
using Rimrock.Core.Vehicles;

namespace Rimrock.Formats.Tests;

public class SeasonCalendarTests
{
    private static readonly SeasonPlan Season = Make();

    private static SeasonPlan Make()
    {
        var guess = CarGuess.From("made-up car", 1400, 120, "sport");
        var circuit = new Circuit("made-up circuit", Segments: [new(700), new(150, 60), new(500), new(200, 90), new(300), new(120, 45)]);
        var pad = new Pad("made-up pad", "track-sport");
        var plan = new PredictionPlan(guess.Car, circuit, "regular", new StintPlan(1, 10, 20), new Weather(), pad, pad, guess.FrontRotor, guess.RearRotor,
            new BrakeFluid("made-up fluid", "dot4", 280, 180, 30), new FluidState(6), FrontPadMm: 3.2);
        return SeasonPlan.Of(plan, [new(new DateOnly(2026, 5, 2), "=first, \"wet\"", 15), new(new DateOnly(2026, 7, 4), "second", 25)],
            new DateOnly(2026, 3, 1));
    }

    [Fact]
    public void A_well_known_library_reads_the_calendar_back()
    {
        // RFC 5545 through Ical.Net's parser.
        var read = Ical.Net.Calendar.Load(SeasonCalendar.Calendar(Season, FluidPolicy.EachEvent, "estate"))!;
        read.Events.Count(item => item.Summary!.StartsWith("Bleed", StringComparison.Ordinal)).ShouldBe(2);
        read.Events.Single(item => item.Summary == "second").Start!.Date.ShouldBe(new DateOnly(2026, 7, 4));
        read.Events.ShouldAllBe(item => !item.Start!.HasTime && item.Uid!.EndsWith("@rimrock", StringComparison.Ordinal));
        read.Events.Select(item => item.Uid).Distinct().Count().ShouldBe(read.Events.Count);
        read.Events.ShouldContain(item => item.Summary!.StartsWith("Order front pads", StringComparison.Ordinal));
    }

    [Fact]
    public void Writing_twice_writes_the_same() =>
        SeasonCalendar.Calendar(Season, FluidPolicy.Yearly, "estate").ShouldBe(SeasonCalendar.Calendar(Season, FluidPolicy.Yearly, "estate"));

    [Fact]
    public void The_table_is_read_back_and_runs_nothing_in_a_spreadsheet()
    {
        // RFC 4180 through CsvHelper's parser.
        using var csv = new CsvHelper.CsvReader(new StringReader(SeasonCalendar.Csv(Season)), System.Globalization.CultureInfo.InvariantCulture);
        csv.Read();
        csv.ReadHeader();
        var rows = 0;
        while (csv.Read())
        {
            rows++;
            var name = csv.GetField("event")!;
            name.ShouldBeOneOf("'=first, \"wet\"", "second");
        }

        rows.ShouldBe(4 * 2);
    }

    [Theory]
    [InlineData("plain", "plain")]
    [InlineData("a,b", "\"a,b\"")]
    [InlineData("say \"x\"", "\"say \"\"x\"\"\"")]
    [InlineData("=1+1", "'=1+1")]
    [InlineData("@SUM", "'@SUM")]
    public void Fields_are_quoted_as_rfc_4180_wants(string text, string field) => CsvText.Quoted(text).ShouldBe(field);
}
