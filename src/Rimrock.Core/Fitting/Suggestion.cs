using Rimrock.Core.Fluids;
using Rimrock.Core.Judgement;
using Rimrock.Core.Limits;
using Rimrock.Core.Numerics;
using Rimrock.Core.Rotors;
using Rimrock.Core.Runs;

namespace Rimrock.Core.Fitting;

/// <summary>A limit of a setup with its chance.</summary>
/// <param name="Limit">The limit, with its band.</param>
/// <param name="Chance">Chance that it gives on a day like this, counted over members.</param>
/// <param name="WorthTelling">True where it is listed among what may give.</param>
public sealed record LimitChance(Limit Limit, Chance Chance, bool WorthTelling);

/// <summary>A setup's parts by id and name.</summary>
/// <param name="FrontPad">Front pads.</param>
/// <param name="RearPad">Rear pads.</param>
/// <param name="Rotor">Front rotors.</param>
/// <param name="Duct">Ducts; null for the car's own.</param>
/// <param name="Fluid">Fluid.</param>
/// <param name="Lines">Lines; null for the car's own.</param>
/// <param name="RearRotor">Rear rotors; null for the car's own.</param>
/// <param name="RearDuct">Rear ducts; null for the car's own.</param>
public sealed record SetupNames(PartName FrontPad, PartName RearPad, PartName Rotor, PartName? Duct, PartName Fluid, PartName? Lines,
    PartName? RearRotor = null, PartName? RearDuct = null)
{
    /// <summary>The names of a setup.</summary>
    public static SetupNames Of(Selection setup)
    {
        ArgumentNullException.ThrowIfNull(setup);
        return new SetupNames(new(setup.FrontPad.Id, setup.FrontPad.Body.Name), new(setup.RearPad.Id, setup.RearPad.Body.Name),
            new(setup.FrontRotor.Id, setup.FrontRotor.Body.Name),
            setup.Duct is { } duct ? new(duct.Id, duct.Body.Name) : null, new(setup.Fluid.Id, setup.Fluid.Body.Name), setup.Lines is { } lines
                ? new(lines.Id, lines.Body.Name) : null,
            setup.RearRotor is { } rearRotor ? new(rearRotor.Id, rearRotor.Body.Name) : null,
            setup.RearDuct is { } rearDuct ? new(rearDuct.Id, rearDuct.Body.Name) : null);
    }
}

/// <summary>A part by id and name.</summary>
/// <param name="Id">Id on the shelf, or <see cref="Selection.FittedId"/>.</param>
/// <param name="Name">Name.</param>
public sealed record PartName(string Id, string Name);

/// <summary>A setup looked at closely: the whole day run with it.</summary>
/// <param name="Key">Ids of its parts, joined.</param>
/// <param name="Parts">Its parts.</param>
/// <param name="Members">Members that judged it; by fewer than 256 nothing is said in words.</param>
/// <param name="Danger">Chance that something dangerous happens on a day like this.</param>
/// <param name="Damage">Chance that a part is ruined.</param>
/// <param name="Holds">True where the day holds by both; null where too few members were run for a word, or more are still to be.</param>
/// <param name="EffortHours">Work to change over, h.</param>
/// <param name="Limits">Every limit with its chance, danger first, likeliest first.</param>
/// <param name="Layers">Demand over capacity, for the little strata: front and rear pads, front fluid.</param>
/// <param name="ColdStops">First stops from 50 and 100 km/h at 5 C at the everyday pedal force, and a panic stop from 100 km/h at 500 N.</param>
/// <param name="Street">Manners on the road.</param>
/// <param name="Season">The fluid on the day of each event, and the chance that it boils then.</param>
/// <param name="Cost">What it costs.</param>
/// <param name="FrontShare">Front share of equal deceleration by the hydraulics with the pads warm.</param>
/// <param name="EqualPadShare">The same with equal pads on the fitted rotors.</param>
/// <param name="EnergyInBand">Share of the front pads' braking energy inside, below and above their working band.</param>
/// <param name="CrackIndex">Strain at the front ring's worst spot over a plain ring's at 150 K, with the band in which life differs.</param>
/// <param name="UnsprungKg">Mass of all rotors over the fitted ones, kg.</param>
/// <param name="Bite">How firmly front and rear pads take hold, 0 to 10; null where unknown.</param>
/// <param name="Reasons">Why it stands where it does.</param>
/// <param name="YearDanger">Chance that something dangerous happens at one of the year's events, counted over members carried through them all; null where they
/// were not judged.</param>
/// <param name="BuySets">What has to be bought as a multiple of a plain street set of pads, where nobody entered any price; null where some are.</param>
public sealed record Suggestion(
    string Key, SetupNames Parts, int Members, Chance Danger, Chance Damage, bool? Holds, double EffortHours, IReadOnlyList<LimitChance> Limits,
    IReadOnlyList<StrataLayer> Layers, IReadOnlyList<ColdStopResult> ColdStops, StreetManners Street,
    IReadOnlyList<EventDay> Season, RunningCost Cost, double FrontShare, double EqualPadShare, EnergyShares EnergyInBand, Spread CrackIndex, double UnsprungKg,
    AxleFigures Bite, IReadOnlyList<Reason> Reasons, Chance? YearDanger = null, double? BuySets = null);

/// <summary>A figure of front and rear, where it is known.</summary>
/// <param name="Front">Front.</param>
/// <param name="Rear">Rear.</param>
public sealed record AxleFigures(double? Front, double? Rear);

/// <summary>A fluid on an event's day against the day's demand.</summary>
/// <param name="Fluid">The fluid.</param>
/// <param name="DemandC">Hottest fluid of the day, C.</param>
/// <param name="MarginK">What is left in the middle of the band, K.</param>
/// <param name="Boils">Chance that vapour shows at either axle, counted over members; null where it was not judged yet.</param>
public sealed record EventDay(FluidDay Fluid, Spread DemandC, double MarginK, Chance? Boils);

/// <summary>Where a pad spends its braking energy.</summary>
/// <param name="Inside">Inside its working band.</param>
/// <param name="Below">Below it.</param>
/// <param name="Above">Above it.</param>
/// <param name="MeanMu">Energy-weighted mean friction over the track stops.</param>
/// <param name="MuSpread">Its standard deviation from stop to stop: consistency.</param>
public sealed record EnergyShares(double Inside, double Below, double Above, double MeanMu, double MuSpread);
