using Rimrock.Core.Driving;

namespace Rimrock.Core.Runs;

/// <summary>What one stretch of the day did to the brakes.</summary>
public sealed class PhaseRecord
{
    internal PhaseRecord(DayPhase phase, double startS, Lane[] startC, int members)
    {
        (FrontEnergy, RearEnergy) = (new EnergyHistogram(members), new EnergyHistogram(members));
        StartC = startC;
        Phase = phase;
        StartS = startS;
        Peak = [.. startC];
        Least = [.. startC];
        PeakAtS = new Lane[Parts];
        Array.Fill(PeakAtS, Lanes.Create(startS));
    }

    /// <summary>Number of parts followed.</summary>
    public static int Parts { get; } = Enum.GetValues<BrakePart>().Length;

    /// <summary>The stretch.</summary>
    public DayPhase Phase { get; }

    /// <summary>Start in the day, s.</summary>
    public double StartS { get; }

    /// <summary>Temperature of each part at the start, C.</summary>
    public Lane[] StartC { get; }

    /// <summary>End in the day, s.</summary>
    public double EndS { get; private set; }

    /// <summary>Highest temperature of each part, its first moment included, C.</summary>
    public Lane[] Peak { get; }

    /// <summary>When it was reached, s in the day.</summary>
    public Lane[] PeakAtS { get; }

    /// <summary>Lowest temperature of each part, its first moment included, C; kept only where a run keeps its demands.</summary>
    public Lane[] Least { get; }

    /// <summary>Front pad volume worn off since the morning if every pad wore as the worst, mm3.</summary>
    public Lane FrontWornMm3 { get; private set; }

    /// <summary>The same at the rear, mm3.</summary>
    public Lane RearWornMm3 { get; private set; }

    /// <summary>Share of the front seals' life used up since the morning.</summary>
    public Lane FrontSealLife { get; private set; }

    /// <summary>Share of a carbon front ring's mass burnt since the morning.</summary>
    public Lane FrontBurnt { get; private set; }

    /// <summary>Time that moved brake points cost in this stretch, s.</summary>
    public Lane LostS { get; internal set; }

    /// <summary>1 where the member came in at its end, since no pads were left to drive on with.</summary>
    public Lane CameIn { get; internal set; }

    /// <summary>On the speed of the stretch: 1 as laid out, less while cooling down early, 0 when parked early.</summary>
    public Lane Pace { get; internal set; } = Lane.One;

    /// <summary>How the front ring bent in this stretch.</summary>
    public RingShape Shape { get; } = new();

    /// <summary>Braking energy against chart temperature, front axle.</summary>
    public EnergyHistogram FrontEnergy { get; }

    /// <summary>The same, rear axle.</summary>
    public EnergyHistogram RearEnergy { get; }

    internal void Close(double endS, AxleRun front, AxleRun rear)
    {
        EndS = endS;
        FrontWornMm3 = front.WornMm3;
        RearWornMm3 = rear.WornMm3;
        FrontSealLife = front.SealLifeUsed;
        FrontBurnt = front.BurntShare;
        FrontEnergy.Close();
        RearEnergy.Close();
    }
}
