using System.Globalization;
using System.Text.Json;
using CsvHelper;
using Rimrock.Formats;

namespace Rimrock.Formats.Tests;

public class FlatCsvTests
{
    [Fact]
    public void Rows_of_different_fields_are_read_back_by_a_csv_library()
    {
        static FlatRow Row(string id, string json) => new([new("id", CsvText.Quoted(id))], JsonDocument.Parse(json).RootElement);
        var text = FlatCsv.Write(
        [
            Row("a", """{"name":"first, \"quoted\"","mass":-1.5,"front":{"padNewMm":11},"curve":[{"c":0,"mu":0.3}],"gone":null}"""),
            Row("b", """{"name":"=1+1","road":true,"front":{"padLimitMm":3}}"""),
        ]);
        using var csv = new CsvReader(new StringReader(text), CultureInfo.InvariantCulture);
        csv.Read();
        csv.ReadHeader();
        csv.HeaderRecord.ShouldBe(["id", "name", "mass", "front.padNewMm", "curve", "road", "front.padLimitMm"]);
        csv.Read();
        csv["name"].ShouldBe("first, \"quoted\"");
        csv["mass"].ShouldBe("-1.5");
        csv["front.padNewMm"].ShouldBe("11");
        JsonDocument.Parse(csv["curve"]!).RootElement[0].GetProperty("mu").GetDouble().ShouldBe(0.3);
        csv["road"].ShouldBe("");
        csv.Read();
        csv["name"].ShouldBe("'=1+1");
        csv["road"].ShouldBe("true");
        csv["front.padLimitMm"].ShouldBe("3");
        csv.Read().ShouldBeFalse();
        text.ShouldEndWith("\r\n");
    }
}
