namespace Rimrock.Core.Driving;

/// <summary>How each member drives one stop of a lap, against how it is laid out.</summary>
/// <param name="EntryMS">Speed at its start, m/s.</param>
/// <param name="Metres">Its length, m.</param>
/// <param name="ForceFactor">On the force of the brakes along it.</param>
/// <param name="EnergyFactor">On its energy.</param>
/// <param name="TimeFactor">On its duration.</param>
/// <param name="SpeedFactor">On its mean speed.</param>
/// <param name="StraightFactor">On the time of the straight before it.</param>
/// <param name="LostS">Time lost by moving its brake point, s.</param>
/// <param name="EarlierM">How much earlier its brakes go on, m.</param>
public readonly record struct DrivenStop(Lane EntryMS, Lane Metres, Lane ForceFactor, Lane EnergyFactor, Lane TimeFactor, Lane SpeedFactor,
    Lane StraightFactor, Lane LostS, Lane EarlierM)
{
    /// <summary>As laid out.</summary>
    public static DrivenStop AsLaid(in LaidStop stop) => new(Lanes.Create(stop.EntryMS), Lanes.Create(stop.Metres), Lane.One, Lane.One, Lane.One, Lane.One,
        Lane.One, Lane.Zero, Lane.Zero);
}

/// <summary>
/// What a driver makes of brakes that give less (common practice): through a session nobody presses harder than is comfortable; a stop that takes more is
/// braked with all that a leg has, and from the next lap on its brake point moves to where 0.95 of what was there will do, coming back by a third of the
/// difference a lap. Where less than half of what the pace asks is left, or less than 0.4 g, the driver comes in. Corner speeds stay; what is lost is the end
/// of the straight. All in the distance domain; no member's lap is shorter or longer than another's in metres.
/// </summary>
public static class Driver
{
    /// <summary>Share of what was available last lap that a driver counts on.</summary>
    public const double CountedOn = 0.95;

    /// <summary>Share of what the pace asks below which the session is over.</summary>
    public const double LeastShare = 0.5;

    /// <summary>Deceleration below which it is over, g.</summary>
    public const double LeastG = 0.4;

    /// <summary>How much too fast at the planned end is a missed stop, km/h, +-3 (engineering judgement).</summary>
    public const double MissedKmh = 10;

    private const double ComesBack = 1.0 / 3;
    private const double MostOfStraight = 0.8;
    private const double LeastStraight = 0.05;

    /// <summary>
    /// The stop that a driver drives: the energy factor moves the entry speed at the same deceleration, then the brake point moves to where the allowed
    /// deceleration will do: v^2 = v_out^2 + 2 a D meets what the straight gives, v^2 = v_in^2 - 2 b (D - d).
    /// </summary>
    /// <param name="stop">As laid out.</param>
    /// <param name="energyFactor">Members' factor on (v_in^2 - v_out^2).</param>
    /// <param name="allowedMS2">Deceleration that each allows itself, m/s2; the planned one or less.</param>
    /// <param name="moves">False where nobody has moved a brake point.</param>
    public static DrivenStop Drive(in LaidStop stop, Lane energyFactor, Lane allowedMS2, bool moves)
    {
        if (stop.Metres <= 0 || stop.MS2 <= 0)
        {
            return DrivenStop.AsLaid(stop) with { EnergyFactor = energyFactor };
        }

        var exitSquare = Lanes.Create(stop.ExitMS * stop.ExitMS);
        var usualEntry = Lanes.Sqrt(exitSquare + (energyFactor * ((stop.EntryMS * stop.EntryMS) - (stop.ExitMS * stop.ExitMS))));
        var usualM = energyFactor * stop.Metres;
        var usualS = (usualEntry - Lanes.Create(stop.ExitMS)) * ((stop.EntryMS - stop.ExitMS) is > 1e-9 and var fall ? stop.Seconds / fall : 0);
        var straightS = Lanes.Create(stop.StraightS);
        if (stop.StraightS > 0)
        {
            straightS -= (usualM - Lanes.Create(stop.Metres)) * 2 / (usualEntry + Lanes.Create(stop.EntryMS));
        }

        if (!moves)
        {
            var usual = usualS * (1 / stop.Seconds);
            return new DrivenStop(usualEntry, usualM, Lane.One, energyFactor, usual, energyFactor / usual,
                Straight(stop.StraightS, straightS), Lane.Zero, Lane.Zero);
        }

        var allowed = Lanes.MinNative(allowedMS2, Lanes.Create(stop.MS2));
        var approach = Lanes.Create(stop.ApproachMS2);
        var metres = ((usualEntry * usualEntry) - exitSquare + (approach * usualM * 2)) / ((allowed + approach) * 2);
        metres = Lanes.MinNative(metres, usualM + Lanes.Create(MostOfStraight * stop.StraightM));
        var moved = Lanes.GreaterThan(Lanes.Create(stop.MS2 * (1 - 1e-9)), allowed);
        metres = Lanes.ConditionalSelect(moved, metres, usualM);
        var entry = Lanes.ConditionalSelect(moved, Lanes.Sqrt(exitSquare + (allowed * metres * 2)), usualEntry);
        var seconds = Lanes.ConditionalSelect(moved, metres * 2 / (entry + Lanes.Create(stop.ExitMS)), usualS);
        var earlier = metres - usualM;
        var saved = earlier * 2 / (entry + usualEntry);
        var factor = seconds * (1 / stop.Seconds);

        // Resistances take their part by the metre: what is left of the loss of speed is the brakes'.
        var square = stop.EntryMS * stop.EntryMS;
        var perMetre = (((square - (stop.ExitMS * stop.ExitMS)) / (2 * stop.Metres)) - (stop.ForceG * Speed.StandardGravityMS2)) / stop.MS2;
        var kinetic = ((entry * entry) - exitSquare) * (1 / (square - (stop.ExitMS * stop.ExitMS)));
        var energy = Lanes.ConditionalSelect(moved,
            Lanes.MaxNative((kinetic - (metres * (perMetre / stop.Metres))) * (1 / (1 - perMetre)), Lanes.Create(LeastStraight)), energyFactor);
        return new DrivenStop(entry, metres, energy * stop.Metres / metres, energy, factor, metres * (1 / stop.Metres) / factor,
            Straight(stop.StraightS, straightS - saved),
            seconds - usualS - saved, earlier);
    }

    private static Lane Straight(double laidS, Lane seconds) =>
        laidS > 0 ? Lanes.MaxNative(seconds * (1 / laidS), Lanes.Create(LeastStraight)) : Lane.One;

    /// <summary>What a driver allows itself in this stop next lap, m/s2.</summary>
    /// <param name="plannedMS2">As laid out.</param>
    /// <param name="nowMS2">What it allowed itself in this lap.</param>
    /// <param name="comfortableMS2">What there was in this lap at the comfortable force.</param>
    public static Lane Next(double plannedMS2, Lane nowMS2, Lane comfortableMS2)
    {
        var next = Lanes.MinNative(Lanes.Create(plannedMS2), comfortableMS2 * CountedOn);
        return Lanes.MinNative(next, nowMS2 + (Lanes.MaxNative(next - nowMS2, Lane.Zero) * ComesBack));
    }

    /// <summary>True (all bits) where less is left than anybody drives on with.</summary>
    /// <param name="plannedMS2">As laid out, m/s2.</param>
    /// <param name="comfortableMS2">What there is at the comfortable force.</param>
    public static Lane ComesIn(double plannedMS2, Lane comfortableMS2) => Lanes.GreaterThan(
        Lanes.Create(Math.Min(plannedMS2, Math.Max(LeastShare * plannedMS2, LeastG * Speed.StandardGravityMS2))), comfortableMS2);
}
