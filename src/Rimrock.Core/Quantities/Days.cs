using System.Globalization;

namespace Rimrock.Core.Quantities;

/// <summary>Days that people write down.</summary>
public static class Days
{
    /// <summary>The first day that can be meant.</summary>
    public static DateOnly First { get; } = new(1950, 1, 1);

    /// <summary>The last day that can be meant.</summary>
    public static DateOnly Last { get; } = new(2199, 12, 31);

    /// <summary>Days of a month, on average.</summary>
    public const double AMonth = 365.25 / 12;

    /// <summary>Adds a fault for a day that nobody means.</summary>
    public static void Check(DateOnly day, string field, ICollection<InputFault> faults)
    {
        ArgumentNullException.ThrowIfNull(faults);
        if (day < First || day > Last)
        {
            faults.Add(new InputFault(field, Iso(day), Said.Of("days.to", Iso(First), Iso(Last)), Said.Of("days.day-lies-too-far")));
        }
    }

    /// <summary>A day as ISO 8601 writes it.</summary>
    public static string Iso(DateOnly day) => day.ToString("yyyy-MM-dd", CultureInfo.InvariantCulture);
}
