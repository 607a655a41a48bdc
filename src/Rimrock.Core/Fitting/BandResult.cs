using Rimrock.Core.Judgement;
using Rimrock.Core.Limits;
using Rimrock.Core.Numerics;
using Rimrock.Core.Runs;

namespace Rimrock.Core.Fitting;

/// <summary>What an ensemble found.</summary>
/// <param name="Members">Number of members.</param>
/// <param name="EffectiveMembers">How many equally weighted members stand behind the belief.</param>
/// <param name="TimeS">Times of the series, s in the day.</param>
/// <param name="Parts">Bands over time.</param>
/// <param name="Peaks">Bands of the day's highest temperature in each layer of the strata, and in the front pad's core, plate, piston and caliper.</param>
/// <param name="Limits">Every limit with its chance, danger first, likeliest first.</param>
/// <param name="Beyond">Upper edges that lie beyond the model, in words.</param>
/// <param name="Danger">Chance that something dangerous happens on a day like this.</param>
/// <param name="Damage">Chance that a part is ruined.</param>
/// <param name="Outcome">What the day comes to: the one verdict of every room.</param>
/// <param name="Names">Code of the limit that the verdict names; null where it names none.</param>
/// <param name="LookedAt">What was looked at, in words.</param>
/// <param name="Settling">True where the danger asks for more members that were left out.</param>
/// <param name="NamedDay">Code of the kind of day on which the limit that the verdict names gives.</param>
/// <param name="Drawn">Code of the kind of day whose bands over time these are.</param>
/// <param name="Days">Each kind of day with its chances.</param>
/// <param name="WaterPercent">Water at the caliper, %.</param>
public sealed record BandResult(int Members, double EffectiveMembers, double[] TimeS, IReadOnlyList<PartBand> Parts, IReadOnlyList<PeakBand> Peaks,
    IReadOnlyList<LimitBand> Limits, IReadOnlyList<Said> Beyond,
    Chance Danger, Chance Damage, DayOutcome Outcome, string? Names, Said LookedAt, bool Settling, string? NamedDay, string Drawn,
    IReadOnlyList<DayChance> Days, Spread WaterPercent);

/// <summary>One kind of day in two chances.</summary>
/// <param name="Kind">Code of its kind.</param>
/// <param name="DaysAYear">Days like it in a year.</param>
/// <param name="Danger">Chance that something dangerous happens.</param>
/// <param name="Damage">Chance that a part is ruined.</param>
public sealed record DayChance(string Kind, double DaysAYear, Chance Danger, Chance Damage);

/// <summary>The day's highest temperature of one layer or part over the members.</summary>
/// <param name="Part">The part.</param>
/// <param name="P10C">A tenth of the members peak below, C.</param>
/// <param name="P50C">Half peak below, C.</param>
/// <param name="P90C">Nine tenths peak below, C.</param>
public sealed record PeakBand(BrakePart Part, double P10C, double P50C, double P90C);

/// <summary>One part's band over time.</summary>
/// <param name="Part">The part.</param>
/// <param name="P10C">A tenth of the members lies below, C.</param>
/// <param name="P50C">Half lies below, C.</param>
/// <param name="P90C">Nine tenths lie below, C.</param>
public sealed record PartBand(BrakePart Part, int[] P10C, int[] P50C, int[] P90C);

/// <summary>One limit over the members.</summary>
/// <param name="Code">The limit's code.</param>
/// <param name="Harm">How bad it is.</param>
/// <param name="Chance">Chance that it gives.</param>
/// <param name="WorthTelling">True where it is listed among what may give.</param>
/// <param name="P10">A tenth of the demands lies below.</param>
/// <param name="P50">Half lies below.</param>
/// <param name="P90">Nine tenths lie below.</param>
/// <param name="When">When it gives, in the middle of those members where it does.</param>
/// <param name="Contributions">What the margin depends on, most first.</param>
/// <param name="Day">Code of the kind of day where it is likeliest.</param>
public sealed record LimitBand(string Code, Harm Harm, Chance Chance, bool WorthTelling, double? P10, double? P50, double? P90, Moment? When,
    IReadOnlyList<Contribution> Contributions, string Day);

/// <summary>How much of a margin's spread goes with one guessed factor.</summary>
/// <param name="Factor">The factor's code.</param>
/// <param name="Name">What a driver calls it.</param>
/// <param name="Share">Squared rank correlation with the margin, 0 to 1.</param>
/// <param name="Measure">What to measure to narrow it.</param>
public sealed record Contribution(string Factor, Said Name, double Share, Said Measure);
