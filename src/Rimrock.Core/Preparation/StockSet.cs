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
}

/// <summary>What lies in the garage on the day of an order.</summary>
/// <param name="Sets">Sets of pads that were taken off with something left.</param>
/// <param name="Bottles">Opened bottles.</param>
/// <param name="Today">The day; null where nobody said: then no bottle is drawn from, and no date is told.</param>
public sealed record Stock(IReadOnlyList<StockSet> Sets, IReadOnlyList<OpenedBottle> Bottles, DateOnly? Today)
{
    /// <summary>Nothing.</summary>
    public static Stock None { get; } = new([], [], null);
}
