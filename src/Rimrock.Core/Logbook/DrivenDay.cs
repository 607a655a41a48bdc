using Rimrock.Core.Beliefs;
using Rimrock.Core.Circuits;
using Rimrock.Core.Driving;
using Rimrock.Core.Numerics;
using Rimrock.Core.Runs;

namespace Rimrock.Core.Logbook;

/// <summary>What a logger wrote down while driving.</summary>
/// <param name="Trace">Speed over time, from 0.</param>
/// <param name="RotorC">A front rotor's face at these times, C; not a number where the sensor dropped out; null where none was recorded.</param>
/// <param name="Lap">Number of the lap at these times; null where laps are told by distance.</param>
public sealed record DrivenRecording(SpeedRecording Trace, IReadOnlyList<double>? RotorC = null, IReadOnlyList<int>? Lap = null);

/// <summary>A lap of a recording.</summary>
/// <param name="Lap">Its number.</param>
/// <param name="DurationS">Lap time, s.</param>
/// <param name="TopKmh">Highest speed, km/h.</param>
/// <param name="PredictedC">Hottest front face of the lap as predicted for this very driving, C.</param>
/// <param name="MeasuredC">Hottest that the sensor saw, C; null without a sensor.</param>
public sealed record DrivenLap(int Lap, double DurationS, double TopKmh, Spread PredictedC, double? MeasuredC)
{
    /// <summary>True where what was measured lies in the band; null without a sensor.</summary>
    public bool? InBand => MeasuredC is { } seen ? seen >= PredictedC.P10 && seen <= PredictedC.P90 : null;
}

/// <summary>A recording against the prediction for the very same driving, lap by lap: the driver and the day drop out, the brakes are left.</summary>
/// <param name="DurationS">Whole duration, s.</param>
/// <param name="LengthM">Distance, m.</param>
/// <param name="TopKmh">Highest speed, km/h.</param>
/// <param name="Zones">Braking zones of its fastest whole lap.</param>
/// <param name="Circuit">The circuit that its fastest whole lap makes; not stored.</param>
/// <param name="Laps">Its laps.</param>
/// <param name="Verdict">What the comparison says, in one sentence.</param>
/// <param name="Mended">Stray samples that were mended before.</param>
public sealed record DrivenDay(double DurationS, double LengthM, double TopKmh, IReadOnlyList<FoundZone> Zones, Circuit Circuit, IReadOnlyList<DrivenLap> Laps,
    Said Verdict, IReadOnlyList<MendedSample>? Mended = null)
{
    /// <summary>Most laps of a recording.</summary>
    public const int MostLaps = 120;

    /// <summary>A piece shorter than this belongs to the lap before, s.</summary>
    private const double ShortestLapS = 15;

    /// <summary>Sets a recording against its prediction. Brakes are as cold as the air at its first sample.</summary>
    /// <param name="plan">Car, parts and weather of that day.</param>
    /// <param name="recording">The recording.</param>
    /// <param name="name">A name for the circuit.</param>
    /// <param name="cancel">Stops between laps.</param>
    /// <exception cref="InputFaultException">Faults of the plan or the recording.</exception>
    public static DrivenDay Of(PredictionPlan plan, DrivenRecording recording, string name, CancellationToken cancel = default)
    {
        ArgumentNullException.ThrowIfNull(plan);
        ArgumentNullException.ThrowIfNull(recording);
        InputFaultException.ThrowIfAny(plan.Faults());
        var whole = RecordedTrace.Lap(recording.Trace.TimeS, recording.Trace.SpeedKmh);
        var day = new Day(plan);
        var cuts = Cuts(whole, recording, day);
        if (cuts.Count - 1 > MostLaps)
        {
            throw new InputFaultException([new InputFault("lap", Said.Of("driven-day.laps", cuts.Count - 1), Said.Of("driven-day.most", MostLaps),
                Said.Of("driven-day.recording-more-laps-day"))]);
        }

        var pieces = cuts.Zip(cuts.Skip(1), (from, to) => Piece(whole, from, to)).ToList();
        var phases = pieces.Select((piece, i) => new DayPhase(1, PhaseKind.HotLap, i + 1, DrivingSchedule.Of(piece, plan.DrivenCar(), day.AirDensityKgM3)))
            .ToList();
        var belief = Population.Prior.Sketched();
        var peaks = pieces.Select(_ => new float[belief.Scores.Length]).ToArray();
        var ends = new ModelEnds.Tally(plan);
        MemberRuns.Each(phases, plan, belief.Scores, (run, places, _) =>
        {
            ends.Add(run, [.. places.Select(same => same.Sum(member => belief.Weights[member]))]);
            for (var lane = 0; lane < places.Length; lane++)
            {
                for (var lap = 0; lap < peaks.Length; lap++)
                {
                    var peak = (float)run.Phases[lap].Peak[(int)BrakePart.FrontFace][lane];
                    foreach (var member in places[lane])
                    {
                        peaks[lap][member] = peak;
                    }
                }
            }
        }, cancel, DrivenBy.Recording);
        ends.Edges();
        var laps = pieces.Select((piece, i) =>
        {
            var band = Quantiles.Weighted(peaks[i], belief.Weights);
            return new DrivenLap(recording.Lap is null ? i + 1 : LapAt(recording, cuts[i]), Math.Round(piece.DurationS, 1),
                Math.Round(Speed.ToKmh(piece.SpeedMS.Max()), 1),
                new Spread(Math.Round(band.P10), Math.Round(band.P50), Math.Round(band.P90)), HottestSeen(recording, cuts[i], cuts[i + 1]));
        }).ToList();
        var best = FastestWhole(pieces);
        var circuit = new Circuit(name, Recording: new SpeedRecording([.. best.TimeS.Select(t => Math.Round(t, 2))],
            [.. best.SpeedMS.Select(v => Math.Round(Speed.ToKmh(v), 2))]));
        return new DrivenDay(Math.Round(whole.DurationS, 1), Math.Round(whole.LengthM()), Math.Round(Speed.ToKmh(whole.SpeedMS.Max()), 1),
            [.. ZoneDetection.Find(best).Select(Rounded)], circuit, laps, Say(laps));
    }

    /// <summary>Times at which laps begin and the last ends: by the lap column, or by the length of the plan's circuit.</summary>
    private static List<double> Cuts(LapTrace whole, DrivenRecording recording, Day day)
    {
        var cuts = new List<double> { 0 };
        if (recording.Lap is { } laps)
        {
            for (var i = 1; i < laps.Count; i++)
            {
                if (laps[i] != laps[i - 1])
                {
                    cuts.Add(recording.Trace.TimeS[i] - recording.Trace.TimeS[0]);
                }
            }
        }
        else
        {
            var (lapM, metres) = (day.HotLap.LengthM(), 0.0);
            for (var i = 1; i < whole.TimeS.Length; i++)
            {
                var before = Math.Floor(metres / lapM);
                metres += 0.5 * (whole.SpeedMS[i] + whole.SpeedMS[i - 1]) * (whole.TimeS[i] - whole.TimeS[i - 1]);
                if (Math.Floor(metres / lapM) > before)
                {
                    cuts.Add(whole.TimeS[i]);
                }
            }
        }

        cuts.Add(whole.DurationS);
        for (var i = cuts.Count - 2; i > 0; i--)
        {
            if (cuts[i + 1] - cuts[i] < ShortestLapS || cuts[i] < ShortestLapS)
            {
                cuts.RemoveAt(i);
            }
        }

        return cuts;
    }

    private static FoundZone Rounded(FoundZone zone) => new(
        Math.Round(zone.AtM), Math.Round(zone.Metres), Math.Round(zone.Seconds, 2), Math.Round(zone.EntryKmh, 1), Math.Round(zone.ExitKmh, 1),
        Math.Round(zone.SecondsToNext, 1));

    private static LapTrace Piece(LapTrace whole, double fromS, double toS)
    {
        var places = Enumerable.Range(0, whole.TimeS.Length).Where(i => whole.TimeS[i] >= fromS - 1e-9 && whole.TimeS[i] <= toS + 1e-9).ToArray();
        return new LapTrace([.. places.Select(i => whole.TimeS[i] - whole.TimeS[places[0]])], [.. places.Select(i => whole.SpeedMS[i])], [], whole.Origin);
    }

    /// <summary>The quickest lap among those of usual length: neither the way out nor the way in.</summary>
    private static LapTrace FastestWhole(List<LapTrace> pieces)
    {
        var usual = pieces.Select(piece => piece.LengthM()).Order().ElementAt(pieces.Count / 2);
        return pieces.Where(piece => Math.Abs(piece.LengthM() - usual) <= 0.1 * usual).MinBy(piece => piece.DurationS)!;
    }

    private static int LapAt(DrivenRecording recording, double atS)
    {
        var i = 0;
        while (i < recording.Trace.TimeS.Count - 1 && recording.Trace.TimeS[i] - recording.Trace.TimeS[0] < atS - 1e-9)
        {
            i++;
        }

        return recording.Lap![i];
    }

    /// <summary>Hottest reading, each the middle of three so that one stray sample is no peak.</summary>
    private static double? HottestSeen(DrivenRecording recording, double fromS, double toS)
    {
        if (recording.RotorC is not { } rotor)
        {
            return null;
        }

        var read = Enumerable.Range(0, rotor.Count).Where(i => recording.Trace.TimeS[i] - recording.Trace.TimeS[0] is var t && t >= fromS && t <= toS
            && !double.IsNaN(rotor[i])).Select(i => rotor[i]).ToList();
        return read.Count < 3 ? null : Math.Round(Enumerable.Range(1, read.Count - 2)
            .Max(i => new[] { read[i - 1], read[i], read[i + 1] }.Order().ElementAt(1)));
    }

    private static Said Say(List<DrivenLap> laps)
    {
        var seen = laps.Where(lap => lap.MeasuredC is not null).ToList();
        if (seen.Count == 0)
        {
            return Said.Of("driven-day.no-rotor-temperature-recorded");
        }

        var held = seen.Count(lap => lap.InBand == true);
        var off = seen.Average(lap => lap.MeasuredC!.Value - lap.PredictedC.P50);
        return Said.Of("driven-day.laps-hottest-front-face", held, seen.Count, Units.K(Math.Abs(off)), off >= 0
            ? Said.Of("driven-day.hotter") : Said.Of("driven-day.cooler"));
    }
}
