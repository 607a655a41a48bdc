using Rimrock.Core.Fluids;

namespace Rimrock.Core.Garage;

/// <summary>What is left of a bottle that a finished order opened.</summary>
/// <param name="Fluid">Name of the fluid.</param>
/// <param name="Opened">The day on which it was opened.</param>
/// <param name="MonthsOpen">Months since.</param>
/// <param name="Litres">What is left, l.</param>
/// <param name="UseBy">The day by which it is used up; null for one that keeps.</param>
public sealed record OpenedBottle(string Fluid, DateOnly Opened, double MonthsOpen, double Litres, DateOnly? UseBy)
{
    /// <summary>More than so many nobody keeps.</summary>
    public const int Most = 20;

    // What is left of less is poured away, l.
    internal const double LeastLitres = 0.1;

    /// <summary>Whether a filling is drawn from it on a day.</summary>
    /// <param name="fluid">Name of the fluid that is wanted.</param>
    /// <param name="litres">How much, l.</param>
    /// <param name="day">The day.</param>
    public bool Serves(string fluid, double litres, DateOnly day) => Fluid == fluid && Litres >= litres - 1e-9 && (UseBy is null || day <= UseBy);
}

/// <summary>The opened bottles while their story is read: a filling is drawn from one that serves, else new ones are opened and the rest is kept.</summary>
internal sealed class Bottles
{
    private readonly List<OpenedBottle> open = [];

    /// <summary>Draws a filling, and says how many months its fluid was open before it.</summary>
    public double Fill(BrakeFluid fluid, double litres, DateOnly day, Climate climate)
    {
        if (open.FindIndex(one => one.Serves(fluid.Name, litres, day)) is >= 0 and var at)
        {
            var taken = open[at];
            open.RemoveAt(at);
            Keep(taken with { Litres = taken.Litres - litres });
            return (day.DayNumber - taken.Opened.DayNumber) / Days.AMonth;
        }

        var bought = Math.Ceiling((litres - 1e-9) / fluid.BottleLitres) * fluid.BottleLitres;
        Keep(new OpenedBottle(fluid.Name, day, 0, bought - litres, BottleLife.UseBy(fluid, day, climate)));
        return 0;
    }

    /// <summary>What is open on a day, the oldest first.</summary>
    public IReadOnlyList<OpenedBottle> Told(DateOnly today) =>
        [.. open.Select(one => one with { MonthsOpen = Math.Round((today.DayNumber - one.Opened.DayNumber) / Days.AMonth, 1) }).TakeLast(OpenedBottle.Most)];

    private void Keep(OpenedBottle bottle)
    {
        if (bottle.Litres >= OpenedBottle.LeastLitres - 1e-9)
        {
            open.Add(bottle with { Litres = Math.Round(bottle.Litres, 2) });
        }
    }
}
