using Rimrock.Core.Matching;
using Rimrock.Core.Numerics;
using Rimrock.Core.Prediction;

namespace Rimrock.Core.Logbook;

/// <summary>What one kind of part has cost.</summary>
/// <param name="What">Which.</param>
/// <param name="Spent">Price of what was worn off, in the driver's currency.</param>
/// <param name="PerHour">For each track hour behind it.</param>
/// <param name="Planned">What the plan reckoned for each track hour.</param>
public sealed record SpentOn(string What, double Spent, double PerHour, Spread Planned);

/// <summary>What driving has cost so far, by what was measured.</summary>
/// <param name="Lines">By kind of part; only where measured twice and its price is known.</param>
/// <param name="PerHour">Sum, for each track hour.</param>
/// <param name="Planned">The same by the plan; edges added, as if all were wrong the same way.</param>
public sealed record CostSoFar(IReadOnlyList<SpentOn> Lines, double PerHour, Spread Planned);

/// <summary>Wear of a car.</summary>
/// <param name="Parts">Each part with a thickness in the log.</param>
/// <param name="LevelFallMm">How far the fluid level should have fallen by worn pads, mm; null where no pads were measured twice.</param>
/// <param name="Cost">What it has cost; null where nothing was measured twice.</param>
public sealed record WearPage(IReadOnlyList<WearForecast> Parts, double? LevelFallMm, CostSoFar? Cost)
{
    /// <summary>A thickness that grew by more than this is a new set of pads, mm.</summary>
    private const double NewPadsMm = 1;

    /// <summary>A thickness that grew by more than this is a new rotor, mm.</summary>
    private const double NewRotorMm = 0.15;

    private static readonly Track[] Tracks =
    [
        new("front pads", WearForecast.Kind.Pads, NewPadsMm, Padded(true), plan => plan.FrontPad.Name, plan => plan.Car.Front.PadNewMm, plan => plan.Car.Front.PadLimitMm, plan => plan.FrontPad.PriceAxleSet, worn => worn.FrontMm),
        new("rear pads", WearForecast.Kind.Pads, NewPadsMm, Padded(false), plan => plan.RearPad.Name, plan => plan.Car.Rear.PadNewMm, plan => plan.Car.Rear.PadLimitMm, plan => plan.RearPad.PriceAxleSet, worn => worn.RearMm),
        new("front rotors", WearForecast.Kind.Rotors, NewRotorMm, Turned(true), plan => plan.FrontRotor.Name, plan => plan.FrontRotor.ThicknessMm, plan => plan.FrontRotor.MinThicknessMm, plan => 2 * (plan.FrontRotor.Finish?.RingPrice ?? plan.FrontRotor.Price), worn => worn.FrontRotorMm),
        new("rear rotors", WearForecast.Kind.Rotors, NewRotorMm, Turned(false), plan => plan.RearRotor.Name, plan => plan.RearRotor.ThicknessMm, plan => plan.RearRotor.MinThicknessMm, plan => 2 * (plan.RearRotor.Finish?.RingPrice ?? plan.RearRotor.Price), worn => worn.RearRotorMm),
    ];

    /// <summary>Reads a car's inspections.</summary>
    /// <param name="notes">Inspections in order of their days.</param>
    /// <param name="wornOf">Predicted wear of a hot lap by a plan.</param>
    public static WearPage Of(IReadOnlyList<InspectionNote> notes, Func<PredictionPlan, WornPerLap> wornOf)
    {
        ArgumentNullException.ThrowIfNull(notes);
        ArgumentNullException.ThrowIfNull(wornOf);
        var followed = Tracks.Select(track => Follow(track, notes, wornOf)).OfType<Followed>().ToList();
        var lines = followed.Select(one => one.Spent).OfType<SpentOn>().ToList();
        double Fallen(string part) => followed.FirstOrDefault(one => one.Forecast.Part == part)?.WornMm ?? 0;
        var pads = followed.Any(one => one.Forecast is { Readings: > 0 } forecast && forecast.Part.EndsWith("pads", StringComparison.Ordinal));
        return new WearPage([.. followed.Select(one => one.Forecast)],
            pads ? Math.Round(WearForecast.LevelFallMm(notes[^1].Plan.Car, Fallen("front pads"), Fallen("rear pads")), 1) : null,
            lines.Count == 0 ? null : new CostSoFar(lines, Math.Round(lines.Sum(line => line.PerHour), 1), new Spread(Sum(planned => planned.P10), Sum(planned => planned.P50), Sum(planned => planned.P90))));

        double Sum(Func<Spread, double> edge) => Math.Round(lines.Sum(line => edge(line.Planned)), 1);
    }

    private static Followed? Follow(Track track, IReadOnlyList<InspectionNote> notes, Func<PredictionPlan, WornPerLap> wornOf)
    {
        var rows = notes.Where(note => track.MeasuredMm(note.Inspection) is not null)
            .Select(note => (note.Plan, note.Inspection.Date, Mm: track.MeasuredMm(note.Inspection)!.Value, Worn: wornOf(note.Plan), Laps: note.Inspection.HotLapsSince ?? 0)).ToList();
        if (rows.Count == 0)
        {
            return null;
        }

        // Another name, or a thickness that grew, is a new set: counting begins there, and what was left of the old one is spent.
        var begin = 0;
        var (spentPrice, plannedPrice, hours) = (0.0, 0.0, 0.0);
        for (var i = 1; i < rows.Count; i++)
        {
            var (plan, mm) = (rows[i - 1].Plan, rows[i - 1].Mm);
            var usable = Math.Max(0.1, track.NewMm(plan) - track.LimitMm(plan));
            var renewed = rows[i].Mm > mm + track.RenewedMm || track.NameOf(rows[i].Plan) != track.NameOf(plan);
            begin = renewed ? i : begin;
            // Each set at its own price; one unknown price leaves the whole unknown.
            var price = track.Price(plan) ?? double.NaN;
            spentPrice += price * (renewed ? Math.Max(0, mm - track.LimitMm(plan)) / usable : Math.Max(0, mm - rows[i].Mm) / usable);
            plannedPrice += renewed ? 0 : price * track.WornMm(rows[i].Worn) * rows[i].Laps / usable;
            hours += renewed ? 0 : rows[i].Worn.Hours * rows[i].Laps;
        }

        var now = rows[^1];
        var forecast = WearForecast.Of(track.Part, [.. rows.Skip(begin).Select(row => new Measured(row.Date, row.Mm, track.WornMm(row.Worn) * row.Laps, row.Laps))], track.LimitMm(now.Plan), track.WornMm(now.Worn), track.Kind);
        var spent = !double.IsNaN(spentPrice) && hours > 0
            ? new SpentOn(track.Part, Math.Round(spentPrice, 1), Math.Round(spentPrice / hours, 1), Spread.Times(plannedPrice / hours, track.Kind.PriorSigma, 1))
            : null;
        return new Followed(forecast, rows[begin].Mm - now.Mm, spent);
    }

    private static Func<Inspection, double?> Padded(bool front) => inspection => inspection.Corners.Where(look => look.Front == front).Min(look => look.ThinnestMm());

    private static Func<Inspection, double?> Turned(bool front) => inspection => inspection.Corners.Where(look => look.Front == front).Min(look => look.RotorMm);

    private sealed record Followed(WearForecast Forecast, double WornMm, SpentOn? Spent);

    /// <summary>A part that is followed through the inspections.</summary>
    private sealed record Track(
        string Part, WearForecast.Kind Kind, double RenewedMm, Func<Inspection, double?> MeasuredMm, Func<PredictionPlan, string> NameOf, Func<PredictionPlan, double> NewMm,
        Func<PredictionPlan, double> LimitMm, Func<PredictionPlan, double?> Price, Func<WornPerLap, double> WornMm);
}
