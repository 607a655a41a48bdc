using Rimrock.Core.Driving;
using Rimrock.Core.Quantities;

namespace Rimrock.Core.Tests.Quantities;

public class FieldRangeTests
{
    private static readonly FieldRange Mass = new("car.massKg", "kg", 350, 4000);

    [Theory]
    [InlineData(350, 0)]
    [InlineData(4000, 0)]
    [InlineData(349.999, 1)]
    [InlineData(4000.001, 1)]
    [InlineData(double.NaN, 1)]
    [InlineData(double.NegativeInfinity, 1)]
    public void The_edges_are_allowed_and_nothing_beyond_them(double value, int faults)
    {
        var found = new List<InputFault>();
        Mass.Check(value, found);
        found.Count.ShouldBe(faults);
    }

    [Fact]
    public void A_fault_says_field_value_and_range()
    {
        var found = new List<InputFault>();
        Mass.Check(12.5, found, "other.field");
        var allowed = Said.Of("field-range.to", Figure.Range(350, 4000, "kg"));
        found.Single().ShouldBe(new InputFault("other.field", "12.5", allowed, Said.Of("field-range.must", Said.Of("car.massKg"), allowed)));
    }

    [Fact]
    public void Every_range_is_open_named_and_stands_once()
    {
        PredictionPlan.Ranges.Select(range => range.Field).ShouldBeUnique();
        foreach (var range in PredictionPlan.Ranges)
        {
            range.Max.ShouldBeGreaterThan(range.Min, range.Field);
            range.Label.Code.ShouldNotBeNullOrWhiteSpace(range.Field);
        }
    }

    [Theory]
    [InlineData("Päds & <b>bold</b>", 0)]
    [InlineData("", 1)]
    [InlineData("   ", 1)]
    [InlineData("two\nlines", 1)]
    [InlineData(null, 1)]
    public void Names_are_printable_and_not_empty(string? name, int faults)
    {
        var found = new List<InputFault>();
        Names.Check(name, "name", found);
        found.Count.ShouldBe(faults);
    }

    [Fact]
    public void A_name_of_ten_thousand_characters_is_refused_without_being_repeated()
    {
        var found = new List<InputFault>();
        Names.Check(new string('x', 10_000), "name", found);
        found.Single().Value.Terms.ShouldBe([10_000]);
    }

    [Fact]
    public void Speeds_convert_both_ways()
    {
        Speed.FromKmh(36).ShouldBe(10, 1e-12);
        Speed.ToKmh(Speed.FromKmh(123.4)).ShouldBe(123.4, 1e-12);
    }
}
