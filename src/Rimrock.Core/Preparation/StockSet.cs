using Rimrock.Core.Driving;
using Rimrock.Core.Fitting;
using Rimrock.Core.Fluids;
using Rimrock.Core.Garage;
using Rimrock.Core.Vehicles;

namespace Rimrock.Core.Preparation;

/// <summary>A set of pads that was taken off with something left.</summary>
/// <param name="Pad">Its name.</param>
/// <param name="Axle">Where it was.</param>
/// <param name="LeftMm">What is left at the thinnest, mm, in the middle of what is believed.</param>
/// <param name="From">The calipers that it came out of; null where nobody said: then it goes into no others than are on the car.</param>
public sealed record StockSet(string Pad, Axle Axle, double LeftMm, AxleBrake? From = null)
{
    /// <summary>Whether it is of the size and shape of some calipers.</summary>
    /// <param name="into">The calipers that it is to go into.</param>
    /// <param name="areOthers">True where those are others than are on the car.</param>
    public bool Fits(AxleBrake into, bool areOthers) => From is null ? !areOthers : From.TakesPadsOf(into);

    /// <summary>More than so many nobody keeps.</summary>
    public const int Most = 60;

    // Ids of what lies in the garage begin so.
    private const string Mark = "stock:";
    private const string Own = "own";

    /// <summary>True where enough is left to go on again: what is nearly worn goes on no more.</summary>
    /// <param name="into">The calipers that it is to go into.</param>
    public bool IsWorthIt(AxleBrake into)
    {
        ArgumentNullException.ThrowIfNull(into);
        return LeftMm >= into.PadLimitMm + AxleBrake.WatchPadMm;
    }

    /// <summary>
    /// What is on offer with the sets that lie in the garage, of each kind and axle the thickest: they cost nothing, and are as thick as they are. Only what is
    /// known on the shelf, and of another kind than is on the car, as an order takes it. Fluid is drawn from an opened bottle that serves before one is bought,
    /// as an order draws it, and brings its months along.
    /// </summary>
    /// <param name="offer">What can be bought.</param>
    /// <param name="plan">The plan with what is fitted.</param>
    /// <param name="stock">What lies in the garage.</param>
    public static Offer Offered(Offer offer, PredictionPlan plan, Stock stock)
    {
        ArgumentNullException.ThrowIfNull(offer);
        ArgumentNullException.ThrowIfNull(plan);
        ArgumentNullException.ThrowIfNull(stock);
        var lying = stock.Sets.Where(set => plan.At(set.Axle) is var at && at.Pads.Pad.Name != set.Pad && set.Fits(at.Brake, areOthers: false)
                && set.IsWorthIt(at.Brake))
            .GroupBy(set => (set.Pad, set.Axle)).Select(same => same.MaxBy(set => set.LeftMm)!);
        return offer with
        {
            Pads = [.. offer.Pads, .. lying.SelectMany(set => offer.Pads.Where(pad => pad.Body.Name == set.Pad).Take(1)
                .Select(pad => pad with
                {
                    Id = $"{Mark}{(set.Axle == Axle.Front ? "front" : "rear")}:{pad.Id}",
                    LeftMm = Math.Min(set.LeftMm, plan.At(set.Axle).Brake.PadNewMm),
                    At = set.Axle,
                }))],
            Fluids = [.. Fluids().Select(fluid => BottleOf(fluid) is not { } open ? fluid : fluid with
            {
                Id = Mark + fluid.Id,
                Body = fluid.Body with { OpenedMonths = open.MonthsOpen, OpenedOn = open.Opened },
                LeftLitres = open.Litres,
            })],
        };

        OpenedBottle? BottleOf(Part<BrakeFluid> fluid) => stock.BottleOf(fluid.Body.Name, plan.Car);

        // What is in the car may be on no shelf, and yet in a bottle.
        IEnumerable<Part<BrakeFluid>> Fluids() => new Part<BrakeFluid>(Own, plan.Fluid) is var own
            && (BottleOf(own) is null || offer.Fluids.Any(fluid => fluid.Body.Name == own.Body.Name)) ? offer.Fluids : offer.Fluids.Append(own);
    }
}

/// <summary>What lies in the garage on the day of an order.</summary>
/// <param name="Sets">Sets of pads that were taken off with something left.</param>
/// <param name="Bottles">Opened bottles.</param>
/// <param name="Today">The day; null where nobody said: then no bottle is drawn from, and no date is told.</param>
public sealed record Stock(IReadOnlyList<StockSet> Sets, IReadOnlyList<OpenedBottle> Bottles, DateOnly? Today)
{
    /// <summary>Nothing.</summary>
    public static Stock None { get; } = new([], [], null);

    /// <summary>The opened bottle that a filling of a car is drawn from; null where new ones are opened.</summary>
    /// <param name="fluid">Name of the fluid.</param>
    /// <param name="car">The car.</param>
    public OpenedBottle? BottleOf(string fluid, Car car) =>
        Today is { } today ? Bottles.FirstOrDefault(one => one.Serves(fluid, RunningCost.FlushLitres(car), today)) : null;
}
