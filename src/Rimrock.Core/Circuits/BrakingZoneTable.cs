using System.Globalization;

namespace Rimrock.Core.Circuits;

/// <summary>
/// A lap from a table of braking zones: a constant deceleration inside each zone, and between zones the speed rises
/// as at constant power (v squared linear in time). Speeds are taken as driven: pace does not change them.
/// </summary>
public static class BrakingZoneTable
{
    private const double StepS = 0.05;
    private const double TrueShare = 0.96;
    private const int MostZones = 60;
    private const int MostFaults = 20;
    private const double MostPower = 2;
    private const double MostGrip = 1.3;
    private const double CoastingMS2 = 4;

    /// <summary>Lists what is wrong with a table.</summary>
    public static void Check(IReadOnlyList<BrakingZone> zones, ICollection<InputFault> faults)
    {
        ArgumentNullException.ThrowIfNull(zones);
        ArgumentNullException.ThrowIfNull(faults);
        if (zones.Count is < 1 or > MostZones)
        {
            faults.Add(new InputFault("circuit.zones", zones.Count.ToString(CultureInfo.InvariantCulture), Said.Of("braking-zone-table.1-zones", MostZones),
                Said.Of("braking-zone-table.lap-1-braking-zones", MostZones)));
        }

        for (var i = 0; i < zones.Count; i++)
        {
            BrakingZone.EntryRange.Check(zones[i].EntryKmh, faults, $"circuit.zones[{i}].entryKmh");
            BrakingZone.ExitRange.Check(zones[i].ExitKmh, faults, $"circuit.zones[{i}].exitKmh");
            BrakingZone.NextRange.Check(zones[i].SecondsToNext, faults, $"circuit.zones[{i}].secondsToNext");
            if (zones[i].ExitKmh > zones[i].EntryKmh - 5)
            {
                faults.Add(new InputFault($"circuit.zones[{i}].exitKmh", zones[i].ExitKmh.ToString("0.#", CultureInfo.InvariantCulture),
                    Said.Of("braking-zone-table.most", Units.Kmh(zones[i].EntryKmh - 5)), Said.Of("braking-zone-table.braking-zone-ends-least")));
            }
        }
    }

    /// <summary>
    /// Lists the zones that a car cannot reach from the ones before: more than twice its power or 1.3 of its tyres' grip would be asked between them, or it
    /// would lose speed
    /// faster than drag and engine take it. Wide (engineering judgement), since speedometers and stopwatches err and roads slope.
    /// </summary>
    public static void CheckReach(IReadOnlyList<BrakingZone> zones, Vehicles.Car car, ICollection<InputFault> faults, string before = "")
    {
        ArgumentNullException.ThrowIfNull(zones);
        ArgumentNullException.ThrowIfNull(car);
        ArgumentNullException.ThrowIfNull(faults);
        var (powerW, gripG) = (car.PowerKw * 1000, Vehicles.Tyre.Find(car.Tyre).Grip);
        for (var i = 0; i < zones.Count && faults.Count < MostFaults; i++)
        {
            var to = (i + 1) % zones.Count;
            var (exit, next, seconds) = (Speed.FromKmh(zones[i].ExitKmh), Speed.FromKmh(zones[to].EntryKmh), zones[i].SecondsToNext);
            var least = next >= exit
                ? Math.Max(0.5 * car.MassKg * ((next * next) - (exit * exit)) / (MostPower * powerW),
                    (next - exit) / (MostGrip * gripG * Speed.StandardGravityMS2))
                : (exit - next) / CoastingMS2;
            if (seconds < least)
            {
                faults.Add(new InputFault($"{before}circuit.zones[{i}].secondsToNext", Said.Of("braking-zone-table.figure", Units.S(seconds)),
                    Said.Of("braking-zone-table.least", Units.S(Math.Ceiling(10 * least) / 10)),
                    Said.Of("braking-zone-table.zone-ends-zone-begins", i + 1, Units.Kmh(zones[i].ExitKmh), to + 1, Units.Kmh(zones[to].EntryKmh),
                        Units.S(seconds))));
            }
        }
    }

    /// <summary>Zones as driven, of zones read off a speedometer: it may show no less than the speed, and shows some 4 % more (UN R39, from memory).</summary>
    private static IReadOnlyList<BrakingZone> AsDriven(IReadOnlyList<BrakingZone> zones) =>
        [.. zones.Select(zone => zone with { EntryKmh = TrueShare * zone.EntryKmh, ExitKmh = TrueShare * zone.ExitKmh })];

    /// <summary>The lap of a table.</summary>
    /// <param name="zones">1 to 60 zones.</param>
    /// <param name="decelerationMS2">Deceleration inside the zones, m/s2.</param>
    /// <param name="bySpeedometer">True where speeds were read off a speedometer.</param>
    /// <exception cref="InputFaultException">Any zone out of range, by its number.</exception>
    public static LapTrace Lap(IReadOnlyList<BrakingZone> zones, double decelerationMS2, bool bySpeedometer = false)
    {
        var faults = new List<InputFault>();
        Check(zones, faults);
        InputFaultException.ThrowIfAny(faults);
        zones = bySpeedometer ? AsDriven(zones) : zones;
        var time = new List<double> { 0 };
        var speed = new List<double> { Speed.FromKmh(zones[0].EntryKmh) };
        for (var i = 0; i < zones.Count; i++)
        {
            var entry = Speed.FromKmh(zones[i].EntryKmh);
            var exit = Speed.FromKmh(zones[i].ExitKmh);
            var next = Speed.FromKmh(zones[(i + 1) % zones.Count].EntryKmh);
            Append(time, speed, (entry - exit) / decelerationMS2, share => entry + ((exit - entry) * share));
            Append(time, speed, zones[i].SecondsToNext, share => Math.Sqrt((exit * exit) + (((next * next) - (exit * exit)) * share)));
        }

        return new LapTrace([.. time], [.. speed], [], Said.Of("braking-zone-table.braking-zone-table"));
    }

    private static void Append(List<double> time, List<double> speed, double durationS, Func<double, double> speedAt)
    {
        var steps = Math.Max(1, (int)Math.Ceiling(durationS / StepS));
        var start = time[^1];
        for (var i = 1; i <= steps; i++)
        {
            time.Add(start + (durationS * i / steps));
            speed.Add(speedAt((double)i / steps));
        }
    }
}
