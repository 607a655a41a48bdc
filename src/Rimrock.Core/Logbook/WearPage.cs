using Rimrock.Core.Driving;
using Rimrock.Core.Entries;
using Rimrock.Core.Friction;
using Rimrock.Core.Numerics;
using Rimrock.Core.Rotors;
using Rimrock.Core.Vehicles;

namespace Rimrock.Core.Logbook;

/// <summary>Wear of a car.</summary>
/// <param name="Parts">Each part with a thickness in the log.</param>
/// <param name="LevelFallMm">How far the fluid level should have fallen by worn pads, mm; null where no pads were measured twice.</param>
/// <param name="Cost">What it has cost; null where nothing was measured twice.</param>
public sealed record WearPage(IReadOnlyList<WearForecast> Parts, Spread? LevelFallMm, CostSoFar? Cost)
{
    private static readonly Said FrontPads = Said.Of("wear-page.front-pads");
    private static readonly Said RearPads = Said.Of("wear-page.rear-pads");
    private static readonly Said FrontRotors = Said.Of("wear-page.front-rotors");
    private static readonly Said RearRotors = Said.Of("wear-page.rear-rotors");

    /// <summary>A thickness that grew by more than this is a new set of pads, mm.</summary>
    private const double NewPadsMm = 1;

    /// <summary>A thickness that grew by more than this is a new rotor, mm.</summary>
    private const double NewRotorMm = 0.15;

    /// <summary>A ring that gained more than this is a new one, kg.</summary>
    private const double NewRotorKg = 0.03;

    private static readonly Thickness[] Tracks =
    [
        Pads(FrontPads, Axle.Front),
        Pads(RearPads, Axle.Rear),
        Rotors(FrontRotors, Axle.Front),
        Rotors(RearRotors, Axle.Rear),
        Rings(Said.Of("wear-page.front-rotors-mass"), FrontRotors, Axle.Front),
        Rings(Said.Of("wear-page.rear-rotors-mass"), RearRotors, Axle.Rear),
    ];

    /// <summary>Reads a car's inspections.</summary>
    /// <param name="notes">Inspections in order of their days.</param>
    /// <param name="wornOf">Predicted wear of a hot lap by a plan.</param>
    public static WearPage Of(IReadOnlyList<InspectionNote> notes, Func<PredictionPlan, WornPerLap> wornOf)
    {
        ArgumentNullException.ThrowIfNull(notes);
        ArgumentNullException.ThrowIfNull(wornOf);
        var followed = Tracks.Select(track => Follow(track, notes, wornOf)).OfType<Followed>().ToList();
        // A ring that was both measured and weighed is paid for once, by what its maker goes by.
        var lines = followed.Where(one => !followed.Any(other => other.Spent is not null && other.Track.InPlaceOf == one.Forecast.Part))
            .Select(one => one.Spent).OfType<SpentOn>().ToList();
        if (CostSoFar.Fluid(notes, notes.Skip(1).Sum(note => wornOf(note.Plan).Hours * (note.Inspection.HotLapsSince ?? 0))) is { } fluid)
        {
            lines.Add(fluid);
        }

        double Fallen(Said part) => followed.FirstOrDefault(one => one.Forecast.Part == part)?.Worn ?? 0;
        var pads = followed.Any(one => one.Forecast is { Readings: > 0 } forecast && (forecast.Part == FrontPads || forecast.Part == RearPads));
        return new WearPage([.. followed.Select(one => one.Forecast)],
            pads ? Reckoned(WearForecast.LevelFallMm(notes[^1].Plan.Car, Fallen(FrontPads), Fallen(RearPads))) : null, CostSoFar.Of(lines));

        static Spread Reckoned(double fallMm) =>
            new(fallMm * (1 - WearForecast.LevelFallSpread), fallMm, fallMm * (1 + WearForecast.LevelFallSpread));
    }

    private static Followed? Follow(Thickness track, IReadOnlyList<InspectionNote> notes, Func<PredictionPlan, WornPerLap> wornOf)
    {
        var rows = notes.Where(note => track.Measured(note.Inspection) is not null && track.Limit(note.Plan) is not null)
            .Select(note => new Row(note.Plan, note.Inspection.Date, track.Measured(note.Inspection)!.Value, track.Limit(note.Plan)!.Value, wornOf(note.Plan),
                note.Inspection.HotLapsSince ?? 0)).ToList();
        if (rows.Count == 0)
        {
            return null;
        }

        // Another name, or a part that grew, is a new set: counting begins there, and what was left of the old one is spent.
        var begin = 0;
        var (spentPrice, plannedPrice, hours) = (0.0, 0.0, 0.0);
        for (var i = 1; i < rows.Count; i++)
        {
            var (old, now) = (rows[i - 1], rows[i]);
            var usable = Math.Max(track.Kind.Gauge / 2, track.New(old.Plan) - old.Limit);
            var renewed = now.Measured > old.Measured + track.Renewed || track.NameOf(now.Plan) != track.NameOf(old.Plan);
            begin = renewed ? i : begin;
            // Each set at its own price; one unknown price leaves the whole unknown.
            var price = track.Price(old.Plan) ?? double.NaN;
            spentPrice += price * Math.Max(0, old.Measured - (renewed ? old.Limit : now.Measured)) / usable;
            plannedPrice += renewed ? 0 : price * track.Loss(now.Worn) * now.Laps / usable;
            hours += renewed ? 0 : now.Worn.Hours * now.Laps;
        }

        var last = rows[^1];
        var forecast = WearForecast.Of(track.Part, [.. rows.Skip(begin)
            .Select(row => new Measured(row.Date, row.Measured, track.Loss(row.Worn) * row.Laps, row.Laps))], last.Limit, track.Loss(last.Worn), track.Kind);
        var spent = !double.IsNaN(spentPrice) && hours > 0
            ? new SpentOn(track.Part, Math.Round(spentPrice, 1), Math.Round(spentPrice / hours, 1),
                Spread.Times(plannedPrice / hours, track.Kind.PriorSigma, 1))
            : null;
        return new Followed(track, forecast, rows[begin].Measured - last.Measured, spent);
    }

    private static Thickness Pads(Said part, Axle axle) =>
        new(part, WearForecast.Kind.Pads, NewPadsMm, Thinnest(axle, look => look.ThinnestMm()), plan => plan.At(axle).Pads.Pad.Name,
            plan => plan.At(axle).Brake.PadNewMm, plan => plan.At(axle).Brake.PadLimitMm, plan => plan.At(axle).Pads.Pad.PriceAxleSet,
            lap => lap.Axles[axle].PadMm);

    private static Thickness Rotors(Said part, Axle axle) =>
        new(part, WearForecast.Kind.Rotors, NewRotorMm, Thinnest(axle, look => look.RotorMm), plan => RotorOf(plan, axle).Name,
            plan => RotorOf(plan, axle).ThicknessMm, plan => RotorOf(plan, axle).MinThicknessMm, plan => PriceOfTwo(RotorOf(plan, axle)),
            lap => lap.Axles[axle].RotorMm);

    private static Thickness Rings(Said part, Said measured, Axle axle) =>
        new(part, WearForecast.Kind.RingsByMass, NewRotorKg, Thinnest(axle, look => look.RotorKg), plan => RotorOf(plan, axle).Name,
            plan => RotorOf(plan, axle).MassKg(), plan => RotorOf(plan, axle).Finish?.MinRingMassKg, plan => PriceOfTwo(RotorOf(plan, axle)),
            lap => lap.Axles[axle].RotorKg, measured);

    private static Rotor RotorOf(PredictionPlan plan, Axle axle) => plan.At(axle).Rotors.Rotor;

    private static double? PriceOfTwo(Rotor rotor) => 2 * (rotor.Finish?.RingPrice ?? rotor.Price);

    private static Func<Inspection, double?> Thinnest(Axle axle, Func<CornerLook, double?> of) =>
        inspection => inspection.Corners.Where(look => look.AxleOf() == axle).Min(of);

    private sealed record Row(PredictionPlan Plan, DateOnly Date, double Measured, double Limit, WornPerLap Worn, int Laps);

    private sealed record Followed(Thickness Track, WearForecast Forecast, double Worn, SpentOn? Spent);

    /// <summary>A part that is followed through the inspections; measures in its kind's unit.</summary>
    private sealed record Thickness(
        Said Part, WearForecast.Kind Kind, double Renewed, Func<Inspection, double?> Measured, Func<PredictionPlan, string> NameOf, Func<PredictionPlan,
        double> New,
        Func<PredictionPlan, double?> Limit, Func<PredictionPlan, double?> Price, Func<WornPerLap, double> Loss, Said? InPlaceOf = null);
}
