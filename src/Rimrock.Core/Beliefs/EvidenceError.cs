
namespace Rimrock.Core.Beliefs;

/// <summary>
/// Standard errors of what is measured, in the observation's unit: its own, what all readings of one part on one day share (where the mark sits), and what all
/// readings with one kind of instrument share (its calibration). Rim paint 8, 15 and 15 K; stickers 4, 8 and 10 K; thermocouples 3, 5 and 10 K; a hand-held
/// infrared thermometer 8 % of the reading, which lies 5 % low on oxidised iron; pad thickness 0.2 and 0.1 mm; a moisture tester 0.1 and 0.8 %
/// (engineering judgement, x1.5). A wear that is
/// known better than to 0.2 mm, since it is a share of what was lost over many laps, carries the same share of the gauge's 0.1 mm.
/// </summary>
/// <param name="Own">Its own.</param>
/// <param name="PartAndDay">Shared by a part on a day.</param>
/// <param name="Instrument">Shared by all readings with the same kind of instrument.</param>
/// <param name="Bias">How much it reads above the truth, on average.</param>
internal readonly record struct EvidenceError(double Own, double PartAndDay, double Instrument, double Bias = 0)
{
    private const double InfraredShare = 0.08;
    private const double InfraredBias = -0.05;
    private const double LeastReadingC = 100;
    private const double MoisturePercent = 0.1;
    private const double MoistureShared = 0.8;
    private const double WearMm = 0.2;
    private const double GaugeMm = 0.1;

    /// <summary>All of it together.</summary>
    public double Total => Math.Sqrt((Own * Own) + (PartAndDay * PartAndDay) + (Instrument * Instrument));

    /// <summary>The errors of an observation; what is typed as its error stands for its own.</summary>
    public static EvidenceError Of(Observation seen) => seen.Kind switch
    {
        ObservationKind.RotorPaint => new(8, 15, 15),
        ObservationKind.CaliperSticker => new(4, 8, 10),
        ObservationKind.RotorReading when Math.Max(LeastReadingC, seen.Value ?? 0) is var c => new(seen.Error ?? (InfraredShare * c), 0, 0, InfraredBias * c),
        ObservationKind.Moisture => new(seen.Error ?? MoisturePercent, 0, MoistureShared),
        ObservationKind.PadWear => new(seen.Error ?? WearMm, 0, GaugeMm * Math.Min(1, (seen.Error ?? WearMm) / WearMm)),
        _ => new(seen.Error ?? 3, 5, 10),
    };
}
