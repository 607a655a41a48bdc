using System.Globalization;
using System.Xml;
using Rimrock.Core.Circuits;
using Rimrock.Core.Quantities;

namespace Rimrock.Formats;

/// <summary>
/// Reads a speed trace from GPX 1.1: track points with latitude, longitude and time become distance and speed. Distances are great circles on a sphere of
/// 6371.0088 km (haversine; mean earth radius of IUGG, both from memory), within 0.6 % of the ellipsoid.
/// </summary>
public static class Gpx
{
    /// <summary>Largest file, bytes.</summary>
    public const int MostBytes = 8_000_000;

    private const string Namespace = "http://www.topografix.com/GPX/1/1";
    private const double EarthM = 6371008.8;
    private const double FastestMS = 140;

    /// <summary>Reads the first track.</summary>
    /// <param name="text">The file.</param>
    /// <param name="mended">Where given, speeds that no car can have driven are mended and told here; else they are faults.</param>
    /// <exception cref="InputFaultException">What is no GPX 1.1, or a point that cannot be, by its line.</exception>
    public static SpeedRecording Read(string text, ICollection<MendedSample>? mended = null)
    {
        ArgumentNullException.ThrowIfNull(text);
        if (System.Text.Encoding.UTF8.GetByteCount(text) > MostBytes)
        {
            throw CsvTable.Refused("file", $"{text.Length / 1_000_000} MB", $"at most {MostBytes / 1_000_000} MB", "The file is too large for a track.");
        }

        var points = Points(text);
        if (points.Count < 3)
        {
            throw CsvTable.Refused("file", $"{points.Count} track points with a time", "3 or more", "There is no track with times in this file.");
        }

        var time = new List<double> { 0 };
        var speed = new List<double>();
        var faults = new List<InputFault>();
        for (var i = 1; i < points.Count && faults.Count < CsvTable.MostFaults; i++)
        {
            var seconds = (points[i].Time - points[i - 1].Time).TotalSeconds;
            var metres = DistanceM(points[i - 1].Latitude, points[i - 1].Longitude, points[i].Latitude, points[i].Longitude);
            if (!(seconds > 0) || metres / seconds > FastestMS)
            {
                faults.Add(new InputFault($"line {points[i].Line}", seconds > 0 ? $"{metres:0} m in {seconds:0.0} s"
                    : points[i].Time.ToString("o", CultureInfo.InvariantCulture), seconds > 0 ? "at most 500 km/h" : "a later time than the point before",
                    seconds > 0 ? "This point lies too far from the one before." : "Time stands still or runs backwards here."));
                continue;
            }

            time.Add(time[^1] + seconds);
            speed.Add(Speed.ToKmh(metres / seconds));
        }

        if (faults.Count == 0)
        {
            // Speeds belong to the middle of each leg: at a point stands the mean of the legs beside it.
            double[] atPoints = [speed[0], .. speed.Zip(speed.Skip(1), (a, b) => 0.5 * (a + b)), speed[^1]];
            return RecordingText.Checked(time, atPoints, i => $"line {points[i].Line}", mended);
        }

        throw new InputFaultException(faults);
    }

    /// <summary>Great-circle distance, m (haversine).</summary>
    public static double DistanceM(double latitude1, double longitude1, double latitude2, double longitude2)
    {
        static double Radians(double degrees) => degrees * Math.PI / 180;
        var half = Math.Pow(Math.Sin(Radians(latitude2 - latitude1) / 2), 2)
            + (Math.Cos(Radians(latitude1)) * Math.Cos(Radians(latitude2)) * Math.Pow(Math.Sin(Radians(longitude2 - longitude1) / 2), 2));
        return 2 * EarthM * Math.Asin(Math.Min(1, Math.Sqrt(half)));
    }

    private static List<(double Latitude, double Longitude, DateTimeOffset Time, int Line)> Points(string text)
    {
        var points = new List<(double, double, DateTimeOffset, int)>();
        using var reader = XmlReader.Create(new StringReader(text), new XmlReaderSettings
        {
            DtdProcessing = DtdProcessing.Prohibit,
            XmlResolver = null,
            MaxCharactersInDocument = MostBytes
        });
        try
        {
            reader.MoveToContent();
            if (reader.LocalName != "gpx" || reader.NamespaceURI != Namespace)
            {
                throw CsvTable.Refused("line 1", reader.Name.Length > 40 ? reader.Name[..40] : reader.Name, "gpx of version 1.1",
                    "The file does not say that it is GPX 1.1.");
            }

            while (reader.Read())
            {
                if (reader.NodeType == XmlNodeType.Element && reader.LocalName == "trkpt" && reader.NamespaceURI == Namespace)
                {
                    Point(reader, points);
                }
            }
        }
        catch (XmlException error)
        {
            throw CsvTable.Refused($"line {error.LineNumber}", "unreadable", "XML", "The file is no XML that can be read.");
        }

        return points;
    }

    private static void Point(XmlReader reader, List<(double, double, DateTimeOffset, int)> points)
    {
        var line = (reader as IXmlLineInfo)?.LineNumber ?? 0;
        var (latitude, longitude) = (Degrees(reader, "lat", 90, line), Degrees(reader, "lon", 180, line));
        using var inside = reader.ReadSubtree();
        while (inside.Read())
        {
            if (inside.NodeType == XmlNodeType.Element && inside.LocalName == "time")
            {
                var said = inside.ReadElementContentAsString();
                if (!DateTimeOffset.TryParse(said, CultureInfo.InvariantCulture, DateTimeStyles.AssumeUniversal, out var time))
                {
                    throw CsvTable.Refused($"line {line}", said.Length > 40 ? said[..40] : said, "a time by ISO 8601", "This point's time cannot be read.");
                }

                points.Add((latitude, longitude, time, line));
                break;
            }
        }
    }

    private static double Degrees(XmlReader reader, string name, double most, int line)
    {
        var said = reader.GetAttribute(name) ?? "";
        return double.TryParse(said, NumberStyles.Float, CultureInfo.InvariantCulture, out var degrees) && Math.Abs(degrees) <= most ? degrees
            : throw CsvTable.Refused($"line {line}", said.Length > 40 ? said[..40] : said, $"-{most} to {most} degrees in {name}", "This point has no place.");
    }
}
