using Rimrock.Core.Fluids;
using Rimrock.Core.Judgement;
using Rimrock.Core.Numerics;

namespace Rimrock.Core.Preparation;

/// <summary>How often the fluid is changed.</summary>
public enum FluidPolicy
{
    /// <summary>Left in as it is.</summary>
    LeftIn,

    /// <summary>Once a year, before the first event.</summary>
    Yearly,

    /// <summary>Before the first event and in the middle of the season.</summary>
    TwiceASeason,

    /// <summary>Before each event.</summary>
    EachEvent,
}

/// <summary>One event's day, judged.</summary>
/// <param name="Date">The day.</param>
/// <param name="Name">The event.</param>
/// <param name="FluidState">The fluid as it is then: with it the plan of the day is the one that was judged.</param>
/// <param name="VapourC">Where vapour shows.</param>
/// <param name="DemandC">Hottest fluid of the day.</param>
/// <param name="MarginK">What is left in the middle of the bands, K.</param>
/// <param name="Boils">Chance that vapour shows somewhere, counted over members.</param>
/// <param name="Danger">Chance that anything dangerous happens on that day.</param>
/// <param name="Damage">Chance that a part is ruined.</param>
public sealed record SeasonDay(DateOnly Date, string Name, FluidState FluidState, Spread VapourC, Spread DemandC, double MarginK, Chance Boils, Chance Danger,
    Chance Damage);

/// <summary>A point of the boiling line through the season.</summary>
/// <param name="Date">The day.</param>
/// <param name="VapourC">Where vapour shows in the middle of the band, C.</param>
public sealed record BoilingPointAt(DateOnly Date, double VapourC);

/// <summary>One policy through the season.</summary>
/// <param name="Policy">The policy.</param>
/// <param name="Flushes">Days of the bleeding, two days before an event.</param>
/// <param name="Cost">Fluid for them in whole bottles, in the driver's currency; null where the price is unknown.</param>
/// <param name="Hours">Work, h.</param>
/// <param name="Days">The fluid on each event.</param>
/// <param name="Line">The boiling line, month by month and at each bleeding.</param>
/// <param name="WorstMarginK">Smallest margin, K.</param>
/// <param name="Holds">True where on every event the fluid is no danger by the one threshold.</param>
/// <param name="YearBoils">Chance that vapour shows on at least one event, counted over members carried through them all: told beside it, held against
/// nothing.</param>
public sealed record PolicySeason(FluidPolicy Policy, IReadOnlyList<DateOnly> Flushes, double? Cost, double Hours, IReadOnlyList<SeasonDay> Days,
    IReadOnlyList<BoilingPointAt> Line, double WorstMarginK, bool Holds, Chance YearBoils);

/// <summary>How a part wears through the season.</summary>
/// <param name="Part">front pads, rear pads or front rotors.</param>
/// <param name="LeftMm">What is left after each event; eight of ten lie in the band.</param>
/// <param name="LimitMm">Where it is changed.</param>
/// <param name="RunsOutAt">First event, from 1, that it may not last through: by the cautious edge of the band; null where even that lasts.</param>
/// <param name="OrderBy">Day by which a new set should be ordered; null where none is needed.</param>
public sealed record PartSeason(Said Part, IReadOnlyList<Spread> LeftMm, double LimitMm, int? RunsOutAt, DateOnly? OrderBy);
