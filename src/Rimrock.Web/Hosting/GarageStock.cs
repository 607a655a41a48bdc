using Rimrock.Core.Fluids;
using Rimrock.Core.Garage;
using Rimrock.Core.Preparation;
using Rimrock.Core.Quantities;

namespace Rimrock.Web.Hosting;

/// <summary>What lies in a garage, as rooms are told of it.</summary>
internal static class GarageStock
{
    /// <summary>What is wrong with it.</summary>
    public static IEnumerable<InputFault> Faults(IReadOnlyList<StockSet>? sets, IReadOnlyList<OpenedBottle>? bottles, DateOnly? today)
    {
        var faults = new List<InputFault>();
        if (sets is { Count: > StockSet.Most })
        {
            faults.Add(new InputFault("stock", $"{sets.Count}", $"at most {StockSet.Most}", "More sets of pads than anybody keeps."));
        }

        if (bottles is { Count: > OpenedBottle.Most })
        {
            faults.Add(new InputFault("bottles", $"{bottles.Count}", $"at most {OpenedBottle.Most}", "More opened bottles than anybody keeps."));
        }

        for (var i = 0; i < (bottles?.Count ?? 0); i++)
        {
            FluidState.AgeRange.Check(bottles![i].MonthsOpen, faults, $"bottles[{i}].monthsOpen");
        }

        if (today is { } day)
        {
            Days.Check(day, "today", faults);
        }

        return faults;
    }

    /// <summary>The same, once it is known to be sound.</summary>
    public static Stock Of(IReadOnlyList<StockSet>? sets, IReadOnlyList<OpenedBottle>? bottles, DateOnly? today) => new(sets ?? [], bottles ?? [], today);
}
