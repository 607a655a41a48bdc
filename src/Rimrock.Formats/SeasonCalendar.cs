using System.Globalization;
using System.Text;
using Ical.Net.CalendarComponents;
using Ical.Net.DataTypes;
using Ical.Net.Serialization;
using Rimrock.Core.Preparation;
using Rimrock.Core.Quantities;
using Rimrock.Telling;
using Calendar = Ical.Net.Calendar;

namespace Rimrock.Formats;

/// <summary>A season as a calendar (iCalendar, RFC 5545) and as a table (CSV, RFC 4180).</summary>
public static class SeasonCalendar
{
    /// <summary>
    /// The calendar: events, bleed dates of one policy, days to order by; all-day entries with ids that stay the same from one writing to the next.
    /// </summary>
    /// <param name="plan">The season.</param>
    /// <param name="policy">Whose bleed dates.</param>
    /// <param name="car">Name of the car.</param>
    /// <param name="units">In which its figures are shown.</param>
    public static string Calendar(SeasonPlan plan, FluidPolicy policy, string car, UnitSystem units = UnitSystem.Metric)
    {
        ArgumentNullException.ThrowIfNull(plan);
        var season = plan.Policies.Single(one => one.Policy == policy);
        var calendar = new Calendar { ProductId = "-//Rimrock//Season//EN" };
        foreach (var day in season.Days)
        {
            Add(calendar, day.Date, day.Name, Told("calendar.day", car, Units.C(day.VapourC.P50), Units.C(day.DemandC.P50), Units.K(day.MarginK)), "event");
        }

        foreach (var flush in season.Flushes)
        {
            Add(calendar, flush, Told("calendar.bleed", car), Told("calendar.fresh"), "bleed");
        }

        foreach (var part in plan.Parts.Where(part => part.OrderBy is not null))
        {
            Add(calendar, part.OrderBy!.Value, Told("calendar.order", part.Part, car), Told("calendar.runs-out", part.RunsOutAt!.Value), "order");
        }

        foreach (var life in plan.Lives.Where(life => life.OrderBy is not null))
        {
            Add(calendar, life.OrderBy!.Value, Told("calendar.order", life.Part, car), Told("calendar.runs-out", life.RunsOutAt!.Value), "order");
        }

        return new CalendarSerializer().SerializeToString(calendar)!;

        string Told(string code, params ReadOnlySpan<Term> terms) => Teller.Text(Said.Of(code, terms), units);
    }

    /// <summary>The table: one line an event and policy; its head names the units.</summary>
    /// <param name="plan">The season.</param>
    /// <param name="units">In which its figures are shown.</param>
    public static string Csv(SeasonPlan plan, UnitSystem units = UnitSystem.Metric)
    {
        ArgumentNullException.ThrowIfNull(plan);
        var (degrees, kelvin) = (ShownUnit.Of("C"), ShownUnit.Of("K"));
        var text = new StringBuilder(units == UnitSystem.Metric ? "date,event,policy,vapour_c,fluid_peak_c,margin_k,chance_of_vapour\r\n"
            : "date,event,policy,vapour_f,fluid_peak_f,margin_f,chance_of_vapour\r\n");
        foreach (var policy in plan.Policies)
        {
            foreach (var day in policy.Days)
            {
                text.Append(CultureInfo.InvariantCulture,
                    $"{day.Date:yyyy-MM-dd},{CsvText.Quoted(day.Name)},{policy.Policy}," +
                    $"{degrees.In(units, day.VapourC.P50):0.0},{degrees.In(units, day.DemandC.P50):0.0},{kelvin.In(units, day.MarginK):0.0}," +
                    $"{day.Boils.Share:0.000}\r\n");
            }
        }

        return text.ToString();
    }

    private static void Add(Calendar calendar, DateOnly day, string summary, string description, string kind) => calendar.Events.Add(new CalendarEvent
    {
        Uid = $"{day:yyyyMMdd}-{kind}-{Math.Abs(StableHash(summary)):x}@rimrock",
        Summary = summary,
        Description = description,
        Start = new CalDateTime(day),
        End = new CalDateTime(day.AddDays(1)),
        DtStamp = new CalDateTime(day.ToDateTime(TimeOnly.MinValue), "UTC"),
    });

    private static int StableHash(string text)
    {
        // FNV-1a (Fowler, Noll, Vo; from memory): the same from one run to the next, as .NET's own is not.
        unchecked
        {
            var hash = (int)2166136261;
            foreach (var c in text)
            {
                hash = (hash ^ c) * 16777619;
            }

            return hash & int.MaxValue;
        }
    }
}
