using Rimrock.Core.Driving;

namespace Rimrock.Core.Runs;

/// <summary>What a stop has done so far.</summary>
internal sealed class StopSum
{
    private Lane joules, frontMu, rearMu, share;

    public double AtS { get; init; }

    public void Add(Lane energyJ, AxleRun front, AxleRun rear, Lane frontShare)
    {
        joules += energyJ;
        frontMu += energyJ * front.MidMu;
        rearMu += energyJ * rear.MidMu;
        share += energyJ * frontShare;
    }

    public StopRecord Close(int phaseIndex, BrakeStop stop, DriverLoop loop, int place, Lane frontEndC, Lane rearEndC)
    {
        var weight = Lanes.MaxNative(joules, Lanes.Create(1e-9));
        return new StopRecord(phaseIndex, place, stop, AtS, frontMu / weight, rearMu / weight, share / weight, loop.Driven(place).ForceFactor, loop.OverKmh,
            loop.MissingM, loop.Driven(place).TimeFactor, loop.Driven(place).EarlierM, loop.Driven(place).EntryMS, frontEndC, rearEndC);
    }
}
