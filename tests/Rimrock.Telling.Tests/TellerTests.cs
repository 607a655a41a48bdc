using Rimrock.Core.Quantities;

namespace Rimrock.Telling.Tests;

public sealed class TellerTests
{
    private static readonly Said Watched = Said.Of("stop-or-go.thinnest-above-limit-next", Units.Mm(4.256), Units.Mm(1.256));

    [Fact]
    public void Told_text_is_words_and_figures_in_kept_units() => Teller.Pieces(Watched).ShouldBe(
    [
        new Piece(null, new ToldFigure(4.256, "mm", 1)), new Piece(" at the thinnest, ", null), new Piece(null, new ToldFigure(1.256, "mm", 1)),
        new Piece(" above the limit: have the next set ready.", null),
    ]);

    [Fact]
    public void The_shown_unit_follows_the_switch_with_the_fineness_of_the_kept_one()
    {
        Teller.Text(Watched).ShouldStartWith("4.3 mm at the thinnest, 1.3 mm above");
        Teller.Text(Watched, UnitSystem.Imperial).ShouldStartWith("0.168 in at the thinnest, 0.049 in above");
    }

    /// <summary>A difference has no zero to be moved: 8 K are 14.4 F, never 46 (NIST SP 811, 2008, 4.2.1.1).</summary>
    [Fact]
    public void A_difference_is_no_temperature()
    {
        var said = Said.Of("limit-words.boiling-point-dry-wet");
        Teller.Text(said).ShouldContain("8 °C (+-6 °C) below it and 3 °C lower for each 1000 m.");
        Teller.Text(said, UnitSystem.Imperial).ShouldContain("14 °F (+-11 °F) below it and 5 °F lower for each 3281 ft.");
    }

    [Theory]
    [InlineData("C", 100, 212)]
    [InlineData("mm", 25.4, 1)]
    [InlineData("m", 0.3048, 1)]
    [InlineData("km/h", 1.609344, 1)]
    [InlineData("kg", 0.45359237, 1)]
    [InlineData("N", 4.4482216152605, 1)]
    [InlineData("bar", 0.0689475729, 1)]
    [InlineData("kW", 0.74569987158, 1)]
    [InlineData("MJ", 0.00105505585, 1)]
    [InlineData("cm2", 6.4516, 1)]
    [InlineData("W/m2K", 5.678263, 1)]
    [InlineData("kJ/K", 1.899100534, 1)]
    [InlineData("l", 0.946352946, 1)]
    public void Counterparts_are_those_of_the_handbook(string unit, double kept, double shown) =>
        ShownUnit.Of(unit).In(UnitSystem.Imperial, kept).ShouldBe(shown, 1e-6 * shown); // NIST SP 811 (2008), appendix B.8.

    [Fact]
    public void A_range_has_one_unit() =>
        Teller.Text(Said.Of("field-range.must", Said.Of("car.massKg"), Said.Of("field-range.to", Figure.Range(350, 4000, "kg"))))
            .ShouldBe("Mass with driver must be 350 to 4000 kg.");

    [Fact]
    public void Lists_clauses_and_titles_are_joined()
    {
        Said[] axles = [Said.Of("axle.front"), Said.Nothing, Said.Of("axle.rear")];
        Teller.Text(Said.Joined(Said.Listed, axles)).ShouldBe("front, rear");
        Teller.Text(Said.Joined(Said.Clauses, axles)).ShouldBe("front; rear");
        Teller.Text(Said.Joined(Said.And, axles)).ShouldBe("front and rear");
        Teller.Text(Said.Of(Said.Within, Said.Of("stop-or-go.front-axle"))).ShouldBe("front axle");
        Teller.Text("Päds {0}").ShouldBe("Päds {0}");
        Teller.Pieces(Said.Nothing).ShouldBeEmpty();
    }

    [Fact]
    public void A_band_stands_behind_its_figure() =>
        Teller.Shown(new ToldFigure(400, "C", 0, 380, 430), UnitSystem.Imperial).ShouldBe("752 °F (716 to 806)");

    [Fact]
    public void What_has_no_words_is_refused_by_its_code() =>
        Should.Throw<ArgumentException>(() => Teller.Text(Said.Of("no.such"))).Message.ShouldContain("no.such");
}
