using System.Globalization;
using System.Text;
using System.Xml.Linq;
using System.Xml.Schema;
using Rimrock.Core.Quantities;

namespace Rimrock.Formats.Tests;

public class GpxTests
{
    private static string Track(Func<int, (double Latitude, double Longitude)> at, int points = 60, int stepS = 1, Func<int, int>? second = null)
    {
        var text = new StringBuilder("""<?xml version="1.0"?><gpx version="1.1" creator="test" xmlns="http://www.topografix.com/GPX/1/1"><trk><trkseg>""")
            .Append('\n');
        for (var i = 0; i < points; i++)
        {
            var (latitude, longitude) = at(i);
            text.Append(CultureInfo.InvariantCulture,
                $"<trkpt lat=\"{latitude:0.0000000}\" " +
                $"lon=\"{longitude:0.0000000}\"><ele>12</ele><time>{new DateTime(2026, 5, 1, 10, 0, 0, DateTimeKind.Utc).AddSeconds(second?.Invoke(i) ?? (i * stepS)):yyyy-MM-ddTHH:mm:ssZ}</time></trkpt>\n");
        }

        return text.Append("</trkseg></trk></gpx>").ToString();
    }

    private static IReadOnlyList<InputFault> Faults(string text) => Should.Throw<InputFaultException>(() => Gpx.Read(text)).Faults;

    [Theory]
    // Great circles on the mean sphere by hand: a degree of latitude is 6371.0088 km x pi / 180 = 111.195 km everywhere, a degree of longitude that times the
    // cosine of the latitude.
    [InlineData(0, 0, 1, 0, 111195)]
    [InlineData(60, 10, 61, 10, 111195)]
    [InlineData(0, 0, 0, 1, 111195)]
    [InlineData(60, 10, 60, 10.001, 55.597)]
    public void Distances_are_great_circles(double latitude1, double longitude1, double latitude2, double longitude2, double metres) =>
        Gpx.DistanceM(latitude1, longitude1, latitude2, longitude2).ShouldBe(metres, 1e-3 * metres);

    [Fact]
    public void Distances_are_those_of_a_geodesy_package()
    {
        // great-circles.csv comes from a geodesy package of general use (spherical, and Vincenty on WGS 84); a test of the front end asks the package again.
        var rows = File.ReadLines("great-circles.csv").Skip(1).Select(line =>
            line.Split(',').Select(field => double.Parse(field, CultureInfo.InvariantCulture)).ToArray()).ToList();
        rows.Count.ShouldBe(30);
        foreach (var row in rows)
        {
            var metres = Gpx.DistanceM(row[0], row[1], row[2], row[3]);
            metres.ShouldBe(row[4], 0.001 + (1e-7 * row[4]));
            metres.ShouldBe(row[5], 0.006 * row[5]);
        }
    }

    [Fact]
    public void What_the_schema_allows_is_read_whatever_else_stands_in_it()
    {
        var schemas = new XmlSchemaSet();
        schemas.Add("http://www.topografix.com/GPX/1/1", "gpx-track.xsd");
        List<string> Against(string text)
        {
            var said = new List<string>();
            XDocument.Parse(text).Validate(schemas, (_, fault) => said.Add(fault.Message));
            return said;
        }

        var plain = Track(i => (50 + (0.0003 * i), 7));
        var rich = plain.Replace("<trk>", """<metadata><name>a day</name><time>2026-05-01T09:00:00Z</time></metadata><trk><name>first</name><type>car</type>""",
            StringComparison.Ordinal)
            .Replace("</time></trkpt>", """</time><sat>9</sat><hdop>0.8</hdop><extensions><x:heat xmlns:x="urn:other">300</x:heat></extensions></trkpt>""",
                StringComparison.Ordinal);
        Against(plain).ShouldBeEmpty();
        Against(rich).ShouldBeEmpty();
        Gpx.Read(rich).SpeedKmh.ShouldBe(Gpx.Read(plain).SpeedKmh);

        // What the schema refuses in a point, the reader refuses too.
        foreach (var broken in new[] { plain.Replace("lat=\"50.0000000\"", "lat=\"95\"", StringComparison.Ordinal),
            plain.Replace("lon=\"7.0000000\"", "", StringComparison.Ordinal), plain.Replace("2026-05-01T10:00:07Z", "noon", StringComparison.Ordinal) })
        {
            Against(broken).ShouldNotBeEmpty();
            Faults(broken).ShouldNotBeEmpty();
        }
    }

    [Fact]
    public void A_steady_drive_north_reads_its_speed()
    {
        // 0.0003 degrees of latitude a second: 33.36 m/s, 120.1 km/h.
        var recording = Gpx.Read(Track(i => (50 + (0.0003 * i), 7)));
        recording.SpeedKmh.ShouldAllBe(kmh => Math.Abs(kmh - 120.09) < 0.3);
        recording.TimeS[^1].ShouldBe(59);
    }

    [Fact]
    public void A_recording_is_told_by_how_it_begins()
    {
        RecordingText.Read("\uFEFF\n" + Track(i => (50 + (0.0003 * i), 7))).SpeedKmh.Count.ShouldBe(60);
        Should.Throw<InputFaultException>(() => RecordingText.Read("time,speed\n1,2")).Faults[0].Field.ShouldBe("line 1");
    }

    [Fact]
    public void Time_that_stands_still_and_points_that_jump_are_refused_by_line()
    {
        Faults(Track(i => (50 + (0.0003 * i), 7), second: i => i == 30 ? 29 : i))[0].Field.ShouldBe("line 32");
        Faults(Track(i => (i == 20 ? 51 : 50 + (0.0003 * i), 7)))[0].Message.ToString().ShouldContain("too far");
    }

    [Theory]
    [InlineData("no xml")]
    [InlineData("<gpx/>")]
    [InlineData("""<gpx xmlns="http://www.topografix.com/GPX/1/0"/>""")]
    [InlineData("""<!DOCTYPE gpx [<!ENTITY x "y">]><gpx xmlns="http://www.topografix.com/GPX/1/1">&x;</gpx>""")]
    [InlineData("""<gpx xmlns="http://www.topografix.com/GPX/1/1"><trk/></gpx>""")]
    [InlineData("""<gpx xmlns="http://www.topografix.com/GPX/1/1"><trk><trkseg><trkpt lat="95" lon="0"><time>2026-05-01T10:00:00Z</time></trkpt></trkseg></trk></gpx>""")]
    public void What_is_no_track_is_refused(string text) => Faults(text).ShouldNotBeEmpty();
}
