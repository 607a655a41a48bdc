using Rimrock.Core.Fluids;
using Rimrock.Core.Friction;
using Rimrock.Core.Quantities;
using Rimrock.Core.Rotors;
using Rimrock.Core.Vehicles;
using Rimrock.Telling;

namespace Rimrock.Formats.Tests;

public class CatalogueJsonTests
{
    private static readonly Catalogue Small = new(
        [new("p", new Pad("pad", "organic", [new(0, 0.3), new(300, 0.35)], ChartBasis.Rubbing, PriceAxleSet: 60,
            Traits: new PadTraits(Bite: 3, EdgeCode: "FE")))],
        [], [new("f", new BrakeFluid("fluid", "dot4", 260, 170, 20, 900))], [], [], [], [new("c", new MasterCylinder("cylinder", 23.8, 0.6))],
        [new("b", new Bracket("brackets", 290, 312, ["S"], 150))]);

    private static IReadOnlyList<InputFault> Faults(string text) => Should.Throw<InputFaultException>(() => CatalogueJson.Read(text)).Faults;

    private static string With(string rows) => $$"""{"rimrock": "catalogue", "version": 1, {{rows}}}""";

    [Fact]
    public void A_catalogue_comes_back_as_it_went_out()
    {
        var text = CatalogueJson.Write(Small);
        CatalogueJson.Write(CatalogueJson.Read(text)).ShouldBe(text);
        text.ShouldContain("\"rimrock\": \"catalogue\"");
    }

    [Theory]
    [InlineData("no json", "line 1")]
    [InlineData("[]", "file")]
    [InlineData("""{"rimrock": "other", "version": 1}""", "file")]
    [InlineData("""{"rimrock": "catalogue", "version": 2}""", "file")]
    public void What_is_no_catalogue_is_told(string text, string field) => Faults(text)[0].Field.ShouldBe(field);

    [Fact]
    public void Every_bad_row_is_named_and_good_ones_do_not_hide_it()
    {
        var faults = Faults(With("""
            "fluids": [
              {"id": "good", "body": {"name": "good", "class": "dot4", "dryC": 260, "wetC": 170}},
              {"id": "weak", "body": {"name": "weak", "class": "dot4", "dryC": 220, "wetC": 150}},
              {"id": "good", "body": {"name": "twice", "class": "dot4", "dryC": 260, "wetC": 170}},
              {"id": "odd", "body": {"name": "odd", "class": "dot4", "dryC": 260, "wetC": 170, "colour": "blue"}},
              {"id": "short"}
            ], "brakes": []
            """));
        faults.Select(fault => fault.Field).ShouldBe(["brakes", "fluids[1].class", "fluids[2].id", "fluids[3].body.colour", "fluids[4]"], ignoreOrder: true);
        Teller.Text(faults.Single(fault => fault.Field == "fluids[1].class").Message).ShouldContain("DOT 4");
    }

    [Fact]
    public void Names_that_are_too_long_are_refused_and_markup_is_only_text()
    {
        Faults(With($$$"""
            "pads": [{"id": "x", "body": {"name": "{{{new string('n', 10_000)}}}", "family": "organic"}}]
            """))[0].Field.ShouldBe("pads[0].name");
        var html = CatalogueJson.Read(With("""
            "pads": [{"id": "x", "body": {"name": "<script>alert(1)</script>", "family": "organic"}}]
            """));
        html.Pads[0].Body.Name.ShouldBe("<script>alert(1)</script>");
    }

    [Fact]
    public void Too_many_rows_are_refused()
    {
        var rows = string.Join(',', Enumerable.Range(0, 2001).Select(i => $$$"""{"id": "p{{{i}}}", "body": {"name": "p", "family": "organic"}}"""));
        Teller.Text(Faults(With($"\"pads\": [{rows}]"))[0].Allowed).ShouldContain("2000 rows");
    }
}
