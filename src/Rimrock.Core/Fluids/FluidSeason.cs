using Rimrock.Core.Numerics;
using Rimrock.Core.Priors;

namespace Rimrock.Core.Fluids;

/// <summary>A fluid on the day of an event.</summary>
/// <param name="Event">Event of the season from 1.</param>
/// <param name="MonthsOld">Months since it was filled in.</param>
/// <param name="WaterPercent">Water at the caliper, %.</param>
/// <param name="VapourC">Vapour shows from here, C: eight of ten lie in the spread.</param>
/// <param name="ReservoirWaterPercent">A moisture reading that holds for it, %; null where none does.</param>
public sealed record FluidDay(int Event, double MonthsOld, double WaterPercent, Spread VapourC, double? ReservoirWaterPercent = null);

/// <summary>
/// A fluid through a season of track days, for the two schools: flushed before every event (a fortnight old by then), or
/// filled once and left in for seven months, spring to autumn (common practice).
/// </summary>
public static class FluidSeason
{
    private const double SeasonMonths = 7;
    private const double FreshMonths = 0.5;


    /// <summary>How old the fluid is at the last event.</summary>
    public static double OldestMonths(bool freshEachEvent) => freshEachEvent ? FreshMonths : SeasonMonths;

    /// <summary>The fluid on each event, spread evenly over the season.</summary>
    /// <param name="fluid">The fluid.</param>
    /// <param name="state">Climate and hoses; its age is the age at the start of the season.</param>
    /// <param name="freshEachEvent">True where it is flushed before every event.</param>
    /// <param name="events">Number of events, 1 or more.</param>
    /// <param name="altitudeM">Altitude, m.</param>
    /// <param name="uptake">How much faster than by months alone it takes up water, for what is hot beside a line.</param>
    public static IReadOnlyList<FluidDay> Days(BrakeFluid fluid, FluidState state, bool freshEachEvent, int events, double altitudeM, double uptake = 1)
    {
        ArgumentNullException.ThrowIfNull(fluid);
        ArgumentNullException.ThrowIfNull(state);
        ArgumentOutOfRangeException.ThrowIfLessThan(events, 1);
        return [.. Enumerable.Range(1, events).Select(number =>
        {
            var age = freshEachEvent ? FreshMonths : state.AgeMonths + (events == 1 ? SeasonMonths : SeasonMonths * (number - 1) / (events - 1));
            var then = state with { AgeMonths = age, ReservoirWaterPercent = freshEachEvent ? null : state.ReservoirWaterPercent };
            var water = fluid.ClassOf() is { Silicone: true } ? 0 : then.WaterAtCaliperPercent(uptake);
            return new FluidDay(number, Math.Round(age, 1), Math.Round(water, 2), Vapour(fluid, then, altitudeM, uptake), then.ReservoirWaterPercent);
        })];
    }

    /// <summary>Where vapour shows, with the band of water uptake, chemistry and vapour lag taken as independent (first order).</summary>
    public static Spread Vapour(BrakeFluid fluid, FluidState state, double altitudeM, double uptake = 1)
    {
        ArgumentNullException.ThrowIfNull(fluid);
        ArgumentNullException.ThrowIfNull(state);
        double At(double rate, double decay) =>
            VapourPoint.Of(fluid.BoilingWith(fluid.ClassOf() is { Silicone: true } ? 0 : state.WaterAtCaliperPercent(rate * uptake), decay), altitudeM).Celsius;
        var middle = At(1, 1);
        var sigma = Math.Sqrt(Square(At(1 / PriorSpread.Water, 1) - At(PriorSpread.Water, 1))
            + Square(At(1, 1 / PriorSpread.BoilingDecay) - At(1, PriorSpread.BoilingDecay)) + Square(2 * VapourPoint.SpreadK(altitudeM))) / 2;
        return new Spread(Math.Round(middle - (Spread.EdgeSigmas * sigma), 1), Math.Round(middle, 1), Math.Round(middle + (Spread.EdgeSigmas * sigma), 1));

        static double Square(double value) => value * value;
    }
}
