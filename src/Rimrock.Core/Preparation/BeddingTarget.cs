using Rimrock.Core.Friction;

namespace Rimrock.Core.Preparation;

/// <summary>What a pad family wants while its film forms: face temperatures and the stops that get there (common practice; edges +-50 K, engineering judgement).</summary>
/// <param name="LowC">Lower edge, C.</param>
/// <param name="HighC">Upper edge, C.</param>
/// <param name="Stop">Gentlest stop to begin with: from and to, km/h, and deceleration, g.</param>
/// <param name="FastestKmh">Fastest that the stops may begin, km/h.</param>
internal sealed record BeddingTarget(double LowC, double HighC, (double FromKmh, double ToKmh, double G) Stop, double FastestKmh)
{
    private static readonly (double FromKmh, double ToKmh, double G) Light = (70, 20, 0.3);
    private static readonly (double FromKmh, double ToKmh, double G) Firm = (100, 15, 0.5);
    private static readonly (double FromKmh, double ToKmh, double G) Hard = (130, 25, 0.6);

    private static readonly Dictionary<string, BeddingTarget> ByFamily = new(StringComparer.Ordinal)
    {
        ["organic"] = new(140, 240, Light, 90),
        ["ceramic"] = new(140, 240, Light, 90),
        ["semi-metallic"] = new(180, 300, Firm, 120),
        ["street-performance"] = new(220, 340, Firm, 130),
        ["track-sport"] = new(330, 420, Firm, 160),
        ["race-sintered"] = new(420, 560, Hard, 190),
        ["race-carbon-metallic"] = new(420, 560, Hard, 190),
        ["carbon-ceramic-disc"] = new(350, 520, Hard, 190),
    };

    public double MiddleC => 0.5 * (LowC + HighC);

    /// <summary>True for pads that may be bedded gently on the way.</summary>
    public static bool Street(Pad pad) => pad.Family is "organic" or "ceramic" or "semi-metallic" or "street-performance";

    public static BeddingTarget Of(Pad pad, BeddingPlace place)
    {
        var target = ByFamily[pad.Family];
        return place == BeddingPlace.GentleStreet ? target with { LowC = 100, HighC = Math.Min(200, target.HighC), Stop = Light, FastestKmh = 70 } : target;
    }
}

/// <summary>What a first hard stop from speed would do to cold new rotors, against what bedding asks of them.</summary>
/// <param name="HardStopK">Face over the section's mean in a stop from 190 km/h at 0.9 g on cold rotors, K.</param>
/// <param name="LimitK">Where iron begins to yield at the face, K (elastic bound of about 1.9 MPa/K; engineering judgement, +-30 K).</param>
/// <param name="Sentence">What it means.</param>
public sealed record ThermalShock(double HardStopK, double LimitK, string Sentence)
{
    /// <summary>Face over section mean beyond which iron yields at the face, K.</summary>
    public const double IronLimitK = 150;

    private const double HardFromKmh = 190;
    private const double HardToKmh = 40;
    private const double HardG = 0.9;

    /// <summary>Runs the stop on cold rotors.</summary>
    public static ThermalShock Of(Prediction.PredictionPlan plan)
    {
        ArgumentNullException.ThrowIfNull(plan);
        var lap = Circuits.BrakingZoneTable.Lap([new Circuits.BrakingZone(HardFromKmh, HardToKmh, 20)], HardG * Quantities.Speed.StandardGravityMS2);
        var density = Materials.Air.DensityKgM3(plan.Weather.AmbientC + Quantities.Temperature.ZeroCelsiusInKelvin, Materials.Air.PressurePa(plan.Circuit.AltitudeM));
        var run = new Prediction.DayRun(plan, [Prediction.CarFactors.Median], demands: false);
        run.Run(new Prediction.DayPhase(1, Prediction.PhaseKind.HotLap, 1, Circuits.DrivingSchedule.Of(lap, plan.DrivenCar(), density)));
        var over = Math.Round(run.Phases[0].Shape.FaceOverMeanK[0]);
        return new ThermalShock(over, IronLimitK, over > IronLimitK
            ? FormattableString.Invariant($"A first hard stop from {HardFromKmh:0} km/h would put the face {over:0} K above the ring's mean: beyond the {IronLimitK:0} K at which iron yields, and where new cold rotors crack. Build up.")
            : FormattableString.Invariant($"Even a first hard stop from {HardFromKmh:0} km/h puts the face only {over:0} K above the ring's mean, below the {IronLimitK:0} K at which iron yields; build up all the same, for the film."));
    }
}
