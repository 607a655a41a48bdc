using Rimrock.Core.Entries;
using Rimrock.Core.Fitting;
using Rimrock.Core.Numerics;

namespace Rimrock.Core.Logbook;

/// <summary>What one kind of part has cost.</summary>
/// <param name="What">Which.</param>
/// <param name="Spent">Price of what was used up, in the driver's currency.</param>
/// <param name="PerHour">For each track hour behind it.</param>
/// <param name="Planned">What the plan reckoned for each track hour.</param>
public sealed record SpentOn(Said What, double Spent, double PerHour, Spread Planned)
{
    /// <summary>Stable code of what it is.</summary>
    public string Code => What.Name;
}

/// <summary>What driving has cost so far, by what was measured.</summary>
/// <param name="Lines">By kind of part; only where measured twice and its price is known.</param>
/// <param name="PerHour">Sum, for each track hour.</param>
/// <param name="Planned">The same by the plan; edges added, as if all were wrong the same way.</param>
public sealed record CostSoFar(IReadOnlyList<SpentOn> Lines, double PerHour, Spread Planned)
{
    /// <summary>Fluid younger than it could be without a flush, by more than a reading of its age is wrong, days (engineering judgement).</summary>
    private const double FlushedDays = 30;

    /// <summary>Adds the lines up; null where there are none.</summary>
    internal static CostSoFar? Of(IReadOnlyList<SpentOn> lines)
    {
        double Sum(Func<Spread, double> edge) => Math.Round(lines.Sum(line => edge(line.Planned)), 1);
        return lines.Count == 0 ? null
            : new CostSoFar(lines, Math.Round(lines.Sum(line => line.PerHour), 1),
                new Spread(Sum(planned => planned.P10), Sum(planned => planned.P50), Sum(planned => planned.P90)));
    }

    /// <summary>
    /// Flushes since the first inspection, told by fluid that is younger than the one before would be; against one flush a year. Null where none was seen or a
    /// price is unknown.
    /// </summary>
    /// <param name="notes">Inspections in order of their days.</param>
    /// <param name="hours">Track hours between the first and the last.</param>
    internal static SpentOn? Fluid(IReadOnlyList<InspectionNote> notes, double hours)
    {
        double FilledOn(InspectionNote note) => note.Inspection.Date.DayNumber - (note.Plan.FluidState.AgeMonths * Days.AMonth);
        double? Price(InspectionNote note) => note.Plan.Fluid.PriceLitre * RunningCost.FlushLitres(note.Plan.Car);
        var flushed = notes.Skip(1).Where((note, i) => FilledOn(note) > FilledOn(notes[i]) + FlushedDays).ToList();
        if (flushed.Count == 0 || hours <= 0 || Price(notes[^1]) is not { } now || flushed.Any(note => Price(note) is null))
        {
            return null;
        }

        var spent = flushed.Sum(Price)!.Value;
        var years = (notes[^1].Inspection.Date.DayNumber - notes[0].Inspection.Date.DayNumber) / (12 * Days.AMonth);
        return new SpentOn(Said.Of("running-cost.fluid"), Math.Round(spent, 1), Math.Round(spent / hours, 1),
            Spread.Times(now * Math.Max(1, years) / hours, 1, 1));
    }
}
