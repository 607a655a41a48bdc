using Rimrock.Core.Quantities;
using Rimrock.Core.Rotors;
using Rimrock.Formats;

namespace Rimrock.Formats.Tests;

public class MappedRecordingCsvTests
{
    private static string File(string header, Func<int, string> row, int rows = 60) =>
        header + "\r\n" + string.Join("\r\n", Enumerable.Range(0, rows).Select(row));

    [Fact]
    public void Columns_are_shown_and_guessed_by_their_names()
    {
        var preview = MappedRecordingCsv.Preview(File("Lap No;Elapsed Time (s);GPS Speed (mph);Front rotor °F;Gear", i => $"1;{i * 0.5};60,5;{400 + i};4"));
        preview.Columns.ShouldBe(["lap no", "elapsed time (s)", "gps speed (mph)", "front rotor °f", "gear"]);
        preview.FirstRows.Count.ShouldBe(4);
        preview.FirstRows[0].ShouldBe(["1", "0", "60,5", "400", "4"]);
        preview.Guess.ShouldBe(new RecordingColumns("elapsed time (s)", "gps speed (mph)", SpeedUnit.Mph, "front rotor °f", HeatUnit.Fahrenheit, "lap no"));
        MappedRecordingCsv.Preview("a,b\n1,2").Guess.ShouldBeNull();
        MappedRecordingCsv.Preview("Elapsed time,Velocity m/s\n1,2").Guess.ShouldBe(new RecordingColumns("elapsed time", "velocity m/s",
            SpeedUnit.MetresPerSecond));
    }

    [Fact]
    public void Units_become_ours_by_their_definitions()
    {
        // International mile 1609.344 m (definition); 212 F is 100 C (definition).
        var text = File("t,v,heat", i => $"{10 + (i * 0.5)},100,212");
        var imperial = MappedRecordingCsv.Read(text, new RecordingColumns("t", "v", SpeedUnit.Mph, "heat", HeatUnit.Fahrenheit));
        imperial.Trace.SpeedKmh[0].ShouldBe(160.9344, 1e-9);
        imperial.Trace.TimeS[0].ShouldBe(0);
        imperial.RotorC![0].ShouldBe(100, 1e-9);
        imperial.Lap.ShouldBeNull();
        MappedRecordingCsv.Read(text, new RecordingColumns("t", "v", SpeedUnit.MetresPerSecond)).Trace.SpeedKmh[5].ShouldBe(360, 1e-9);
    }

    [Fact]
    public void Drop_outs_are_left_out_and_a_silent_sensor_is_no_reading()
    {
        var text = File("t,v,heat,lap", i => $"{i * 0.5},{(i == 7 ? "" : "90")},{(i == 9 ? "" : "300")},{i / 30}");
        var recording = MappedRecordingCsv.Read(text, new RecordingColumns("t", "v", Rotor: "heat", Lap: "lap"));
        recording.Trace.TimeS.Count.ShouldBe(59);
        double.IsNaN(recording.RotorC![8]).ShouldBeTrue();
        recording.Lap![^1].ShouldBe(1);
    }

    [Theory]
    [InlineData("speed", "heat", "0,90,300", "columns")]
    [InlineData("v", "warmth", "0,90,300", "columns")]
    [InlineData("v", "heat", "0,fast,300", "line 2")]
    [InlineData("v", "heat", "0,90,hot", "line 2")]
    [InlineData("v", "heat", "0,90,5000", "line 2")]
    [InlineData("v", "heat", "0,900,300", "line 2")]
    public void What_is_wrong_is_refused_by_column_or_line(string speed, string heat, string first, string field)
    {
        var text = File("t,v,heat", i => i == 0 ? first : $"{i * 0.5},90,300");
        var faults = Should.Throw<InputFaultException>(() => MappedRecordingCsv.Read(text, new RecordingColumns("t", speed, Rotor: heat))).Faults;
        faults[0].Field.ShouldBe(field);
        faults.ShouldAllBe(fault => !fault.Allowed.IsNothing && !fault.Value.IsNothing);
    }
}
