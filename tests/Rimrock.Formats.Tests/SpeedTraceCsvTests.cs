using System.Globalization;
using System.Text;
using Rimrock.Core.Quantities;

namespace Rimrock.Formats.Tests;

public class SpeedTraceCsvTests
{
    private static string Trace(string separator, bool decimalComma, string header)
    {
        var text = new StringBuilder(header).Append('\n');
        for (var i = 0; i <= 120; i++)
        {
            var speed = (100 + (i % 7 * 0.5)).ToString(CultureInfo.InvariantCulture);
            var time = (i * 0.1).ToString("0.0", CultureInfo.InvariantCulture);
            var row = string.Join(separator, header.Split(separator).Select(name => name.Trim(' ', '\uFEFF').ToLowerInvariant() switch
            {
                "time_s" => decimalComma ? time.Replace('.', ',') : time,
                "speed_kmh" => decimalComma ? speed.Replace('.', ',') : speed,
                _ => "x",
            }));
            text.Append(row).Append("\r\n");
        }

        return text.ToString();
    }

    [Theory]
    [InlineData(",", false, "time_s,speed_kmh")]
    [InlineData(";", true, "speed_kmh;lap;time_s")]
    [InlineData("\t", true, "note\tTIME_S\tSpeed_kmh")]
    [InlineData(";", false, "\uFEFFtime_s;speed_kmh")]
    public void Separators_decimal_commas_and_column_order_are_free(string separator, bool comma, string header)
    {
        var recording = SpeedTraceCsv.Read(Trace(separator, comma, header));
        recording.TimeS.Count.ShouldBe(121);
        recording.TimeS[^1].ShouldBe(12.0, 1e-9);
        recording.SpeedKmh[3].ShouldBe(101.5, 1e-9);
    }

    [Theory]
    [InlineData("", "line 1")]
    [InlineData("time,speed\n1,2", "line 1")]
    [InlineData("time_s,speed_mph\n1,2", "line 1")]
    [InlineData("time_s,speed_kmh\n0,50\nx,50", "line 3")]
    [InlineData("time_s,speed_kmh\n0,50\n1,NaN", "line 3")]
    [InlineData("time_s,speed_kmh\n0,50\n1", "line 3")]
    [InlineData("time_s,speed_kmh\n0,50\n1,50\n0.5,50\n12,50", "line 4")]
    [InlineData("time_s,speed_kmh\n0,50\n1,50\n9,50\n12,50", "line 4")]
    [InlineData("time_s,speed_kmh\n0,50\n1,800\n2,50\n12,50", "line 3")]
    public void What_is_wrong_is_named_by_line(string text, string line)
    {
        var faults = Should.Throw<InputFaultException>(() => SpeedTraceCsv.Read(text)).Faults;
        faults.ShouldContain(fault => fault.Field == line);
        faults.ShouldAllBe(fault => !fault.Allowed.IsNothing);
    }

    [Fact]
    public void Mixed_units_are_pointed_out() =>
        Should.Throw<InputFaultException>(() => SpeedTraceCsv.Read("time_s,speed_mph\n0,50\n")).Message.ShouldContain("speed_kmh");

    [Fact]
    public void Ten_megabytes_of_garbage_are_refused_in_words()
    {
        var garbage = string.Create(10_000_000, 7, (span, seed) =>
        {
            var random = new Random(seed);
            for (var i = 0; i < span.Length; i++)
            {
                span[i] = (char)random.Next(9, 127);
            }
        });
        Should.Throw<InputFaultException>(() => SpeedTraceCsv.Read(garbage)).Faults[0].Allowed.ShouldBe("at most 8 MB");
        Should.Throw<InputFaultException>(() => SpeedTraceCsv.Read(garbage[..2_000_000])).Faults[0].Field.ShouldStartWith("line");
        Should.Throw<InputFaultException>(() => SpeedTraceCsv.Read("time_s,speed_kmh\n" + garbage[..1_000_000])).Faults.Count.ShouldBeLessThanOrEqualTo(20);
    }

    [Fact]
    public void A_stray_sample_is_refused_by_its_line_or_mended_and_told()
    {
        var rows = Enumerable.Range(0, 200).Select(i => FormattableString.Invariant($"{i * 0.1:0.0},{(i == 100 ? 0 : 150)}"));
        var text = "time_s,speed_kmh\n" + string.Join('\n', rows);
        Should.Throw<InputFaultException>(() => SpeedTraceCsv.Read(text)).Faults.Single().Field.ShouldBe("line 102");
        var mended = new List<Core.Circuits.MendedSample>();
        SpeedTraceCsv.Read(text, mended).SpeedKmh.ShouldAllBe(kmh => kmh == 150);
        mended.Single().ShouldBe(new Core.Circuits.MendedSample("line 102", 0, 150));
    }
}
