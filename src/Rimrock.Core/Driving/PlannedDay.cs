using Rimrock.Core.Circuits;
using Rimrock.Core.Vehicles;

namespace Rimrock.Core.Driving;

/// <summary>The gear that holds a car back on a descent.</summary>
public enum DescentGear
{
    /// <summary>The gear that it is cruised in.</summary>
    Top,

    /// <summary>Third.</summary>
    Third,

    /// <summary>Second.</summary>
    Second,
}

/// <summary>A kind of day that the plan states, and how often a year.</summary>
/// <param name="Kind">Code of its kind, see <see cref="DayKind"/>.</param>
/// <param name="DaysAYear">Days like this in a year.</param>
/// <param name="Stint">Its own sessions or runs; null for the kind's usual ones, on a track day for the plan's.</param>
/// <param name="AtCircuit">True where it is driven at the plan's circuit instead of the kind's usual course.</param>
/// <param name="FromKmh">Strip: speed at the end of each haul, km/h; null for what the car reaches over a quarter mile.</param>
/// <param name="DropM">Descent: height from top to foot, m.</param>
/// <param name="SlopePercent">Descent: slope, %.</param>
/// <param name="Gear">Descent: the gear that it is driven in.</param>
/// <param name="TrailerKg">Trailer towed on the road, kg.</param>
/// <param name="TrailerBraked">True where the trailer has brakes.</param>
public sealed record PlannedDay(string Kind, double DaysAYear, StintPlan? Stint = null, bool AtCircuit = false, double? FromKmh = null, double DropM = 1000,
    double SlopePercent = 9, DescentGear Gear = DescentGear.Top, double TrailerKg = 0, bool TrailerBraked = false)
{
    /// <summary>Share of a braked trailer's mass that its own brakes leave to the car (engineering judgement, +-0.15).</summary>
    public const double BrakedTrailerShare = 0.3;

    // Drag of a shut engine goes with the overall ratio: about 0.8 in the cruising gear, 1.4 in third, 2.1 in second of usual gearboxes (common practice,
    // engineering judgement +-25 %).
    private static readonly Dictionary<DescentGear, double> EngineDrag = new()
    {
        [DescentGear.Top] = 1,
        [DescentGear.Third] = 1.75,
        [DescentGear.Second] = 2.6,
    };

    private static readonly FieldRange Often = new("days.daysAYear", "", 0.1, 366);
    private static readonly FieldRange From = new("days.fromKmh", "km/h", 60, 350);
    private static readonly FieldRange Drop = new("days.dropM", "m", 50, 2500);
    private static readonly FieldRange Slope = new("days.slopePercent", "%", 2, 20);
    private static readonly FieldRange Trailer = new("days.trailerKg", "kg", 0, 3500);

    /// <summary>Ranges of the fields, for forms.</summary>
    public static IReadOnlyList<FieldRange> Ranges { get; } = [Often, From, Drop, Slope, Trailer];

    /// <summary>Its kind.</summary>
    /// <exception cref="InputFaultException">An unknown code.</exception>
    public DayKind KindOf() => DayKind.Find(Kind);

    /// <summary>Lists what is wrong.</summary>
    /// <param name="faults">Receives the faults.</param>
    /// <param name="field">Path of this day.</param>
    public void Check(ICollection<InputFault> faults, string field)
    {
        ArgumentNullException.ThrowIfNull(faults);
        if (DayKind.All.All(kind => kind.Code != Kind))
        {
            faults.Add(DayKind.UnknownFault(Kind, $"{field}.kind"));
        }

        Often.Check(DaysAYear, faults, $"{field}.daysAYear");
        Drop.Check(DropM, faults, $"{field}.dropM");
        Slope.Check(SlopePercent, faults, $"{field}.slopePercent");
        Trailer.Check(TrailerKg, faults, $"{field}.trailerKg");
        if (FromKmh is { } speed)
        {
            From.Check(speed, faults, $"{field}.fromKmh");
        }

        Stint?.Check(faults, $"{field}.stint");
    }

    /// <summary>Where it is driven: the plan's circuit, or the kind's own course at the same height above the sea; on the road no circuit at all.</summary>
    /// <param name="circuit">The plan's circuit.</param>
    public Circuit Place(Circuit circuit)
    {
        ArgumentNullException.ThrowIfNull(circuit);
        var kind = KindOf();
        return kind.Shape == DayShape.Laps || (AtCircuit && kind.Course is not null) ? circuit
            : (kind.Course ?? new Circuit(kind.Code)) with { AltitudeM = circuit.AltitudeM };
    }

    /// <summary>Mass to be braked over that of <see cref="Loaded"/>, where a braked trailer leaves the car more or less than usual.</summary>
    /// <param name="car">The car.</param>
    /// <param name="sigmas">How much more, standard deviations.</param>
    public double TrailerFactor(Car car, double sigmas)
    {
        ArgumentNullException.ThrowIfNull(car);
        var more = TrailerBraked && KindOf().Shape == DayShape.Road ? TrailerKg * Math.Max(-BrakedTrailerShare, Priors.PriorSpread.TrailerShare * sigmas) : 0;
        return 1 + (more / (car.MassKg + (TrailerKg * BrakedTrailerShare)));
    }

    /// <summary>
    /// The car with what it tows, and in its gear: the trailer's brakes take their share, and the engine holds back the whole train.
    /// </summary>
    /// <param name="car">The car.</param>
    public Car Loaded(Car car)
    {
        ArgumentNullException.ThrowIfNull(car);
        var kind = KindOf();
        if (kind.Shape != DayShape.Road)
        {
            return car;
        }

        var massKg = car.MassKg + (TrailerKg * (TrailerBraked ? BrakedTrailerShare : 1));
        var gear = kind.Code == DayKind.Descent ? EngineDrag[Gear] : 1;
        return car with
        {
            MassKg = massKg,
            EngineBrakingMS2 = car.EngineBrakingMS2 * gear * car.MassKg / massKg,
            RegenerationMS2 = car.RegenerationMS2 * car.MassKg / massKg,
        };
    }
}
