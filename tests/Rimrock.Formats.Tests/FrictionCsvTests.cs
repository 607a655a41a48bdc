using System.Globalization;
using System.Text;
using Rimrock.Core.Quantities;
using Rimrock.Telling;

namespace Rimrock.Formats.Tests;

public class FrictionCsvTests
{
    private static IReadOnlyList<InputFault> Faults(string text) => Should.Throw<InputFaultException>(() => FrictionCsv.Read(text)).Faults;

    [Fact]
    public void A_curve_in_fahrenheit_is_the_same_curve()
    {
        var celsius = FrictionCsv.Read("temperature_c,mu\n0,0.30\n100,0.40\n300,0.45\n");
        var fahrenheit = FrictionCsv.Read("mu;temperature_f\n0,30;32\n0,40;212\n0,45;572\n");
        fahrenheit.Points.ShouldBe(celsius.Points);
        celsius.Stops.ShouldBeNull();
    }

    [Fact]
    public void Stops_get_a_fit_and_its_scatter()
    {
        var text = new StringBuilder("stop,initial_temperature_c,mean_mu\n");
        for (var i = 0; i < 20; i++)
        {
            text.Append(CultureInfo.InvariantCulture, $"{i},{50 + (20 * i)},{0.4 + (i % 2 == 0 ? 0.01 : -0.01):0.000}\n");
        }

        var file = FrictionCsv.Read(text.ToString());
        file.Stops!.Count.ShouldBe(20);
        file.ScatterMu!.Value.ShouldBe(0.01, 0.004);
        file.Points.ShouldAllBe(point => Math.Abs(point.Mu - 0.4) < 0.012);
    }

    [Theory]
    [InlineData("temperature,mu\n0,0.3\n", "line 1", "_f for Fahrenheit")]
    [InlineData("temperature_c,temperature_f,mu\n0,32,0.3\n", "line 1", "not both")]
    [InlineData("temperature_c,mu\n0,0.3\n50,=1+1\n", "line 3", "a number")]
    [InlineData("temperature_c,mu\n0,0.3\n50,@SUM(A1)\n", "line 3", "a number")]
    [InlineData("temperature_c,mu\n100,0.3\n100,0.4\n", "line 3", "above 100")]
    [InlineData("temperature_c,mu\n100,0.3\n50,0.4\n", "line 3", "above 100")]
    [InlineData("temperature_c,mu\n100,0.3\n200,1.5\n", "line 3", "0 to 1.2")]
    [InlineData("temperature_c,mu\n100,0.3\n", "curve", "2 to 200")]
    [InlineData("", "line 1", "temperature_c")]
    public void Bad_files_are_refused_by_line(string text, string field, string allowed)
    {
        var fault = Faults(text)[0];
        fault.Field.ShouldBe(field);
        Teller.Text(fault.Allowed).ShouldContain(allowed);
    }

    [Fact]
    public void Five_thousand_points_and_two_megabytes_are_refused()
    {
        var many = "temperature_c,mu\n" + string.Concat(Enumerable.Range(0, 5000).Select(i => FormattableString.Invariant($"{i * 0.1},0.4\n")));
        Teller.Text(Faults(many)[0].Allowed).ShouldContain("200 points");
        Faults("temperature_c,mu\n" + new string('x', 2_000_000))[0].Field.ShouldBe("file");
    }
}
