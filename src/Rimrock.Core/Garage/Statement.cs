using Rimrock.Core.Driving;
using Rimrock.Core.Entries;
using Rimrock.Core.Fitting;
using Rimrock.Core.Limits;

namespace Rimrock.Core.Garage;

/// <summary>How something about the car is known; of one day the later word holds.</summary>
public enum KnownBy
{
    /// <summary>Guessed: nobody said.</summary>
    Guessed,

    /// <summary>The car was described so.</summary>
    Described,

    /// <summary>Read off the plan of a day in the paddock.</summary>
    Driven,

    /// <summary>Measured on the stands.</summary>
    Measured,

    /// <summary>Fitted by a work order that was finished.</summary>
    Fitted,

    /// <summary>Reckoned from a measurement, or a new part, by the laps since.</summary>
    Reckoned,
}

/// <summary>What an entry says of the car on its day.</summary>
/// <param name="Day">The day; null for a description of which nobody knows when it was made: the oldest word.</param>
/// <param name="By">What kind of entry it is.</param>
/// <param name="Key">The entry's own text, which puts entries of one day and kind in order.</param>
/// <param name="Fitment">What it says is fitted.</param>
/// <param name="Driven">The plan that was driven; null where nothing was.</param>
/// <param name="HotLaps">Hot laps that were driven.</param>
/// <param name="Found">What was measured; null where nothing was.</param>
/// <param name="NewPads">True for an axle that got a new set of pads.</param>
/// <param name="NewFluid">True where the fluid was changed.</param>
/// <param name="Burnt">True for an axle whose iron rotors were so hot that they are discarded.</param>
/// <param name="Noticed">What a driver noticed that stops the car; null for nothing.</param>
/// <param name="IsFirm">True where the pedal stayed firm all day.</param>
/// <param name="Wheels">Corners that there are to look at: a motorcycle has two front discs and one behind.</param>
/// <param name="Litres">What a change of fluid took, l.</param>
public sealed record Statement(DateOnly? Day, KnownBy By, string Key, Fitment Fitment, PredictionPlan? Driven = null, int HotLaps = 0,
    Inspection? Found = null, Axles<bool>? NewPads = null, bool NewFluid = false, Axles<bool>? Burnt = null,
    IReadOnlyList<TroubleAt>? Noticed = null, bool IsFirm = false, int Wheels = 4, double Litres = 0)
{
    /// <summary>Of a day in the paddock.</summary>
    /// <param name="key">The entry's own text.</param>
    /// <param name="session">The day.</param>
    /// <param name="also">What else it tells that stops the car; null for nothing.</param>
    public static Statement Of(string key, LogSession session, IReadOnlyList<TroubleAt>? also = null)
    {
        ArgumentNullException.ThrowIfNull(session);
        return new Statement(session.Date, KnownBy.Driven, key, Fitment.Of(session.Plan), session.DrivenPlan(), session.Laps,
            Burnt: Axles.Of(axle => LimitEdges.IsDiscarded(session.Plan.At(axle).Rotors.Rotor, session.HottestRotorC(axle))),
            Noticed: [.. Troubles(session).Select(trouble => new TroubleAt(trouble)).Concat(also ?? []).Distinct()], IsFirm: session.Felt() == PedalFeel.Firm);
    }

    private static IEnumerable<Trouble> Troubles(LogSession session)
    {
        Trouble? pedal = session.Felt() switch
        {
            PedalFeel.SoftHot => Trouble.SoftPedal,
            PedalFeel.Sinks => Trouble.SinkingPedal,
            PedalFeel.FirmNoStop => Trouble.NoStop,
            _ => null,
        };
        var signs = (session.Signs ?? []).Select(sign => sign switch
        {
            Sign.Leak => Trouble.Leak,
            Sign.Grinding => Trouble.Grinding,
            Sign.WarningLight => Trouble.WarningLight,
            _ => (Trouble?)null,
        });
        var seals = Axles.Both.Any(axle => session.HottestCaliperC(axle) >= LimitEdges.SealGoneC) ? Trouble.BurntSeals : (Trouble?)null;
        return signs.Prepend(pedal).Append(seals).OfType<Trouble>();
    }

    /// <summary>Of an inspection.</summary>
    /// <param name="key">The entry's own text.</param>
    /// <param name="note">The inspection.</param>
    /// <param name="also">What else it tells that stops the car; null for nothing.</param>
    public static Statement Of(string key, InspectionNote note, IReadOnlyList<TroubleAt>? also = null)
    {
        ArgumentNullException.ThrowIfNull(note);
        return new Statement(note.Inspection.Date, KnownBy.Measured, key, Fitment.Of(note.Plan), Found: note.Inspection, Noticed: also,
            Wheels: note.Plan.Car.Kind == Vehicles.VehicleKind.Motorcycle ? 3 : 4);
    }

    /// <summary>Of a work order; null where it was not finished.</summary>
    public static Statement? Of(string key, WorkTicks work)
    {
        ArgumentNullException.ThrowIfNull(work);
        return work.Finished is not { } done ? null
            : new Statement(done.Day, KnownBy.Fitted, key, Fitment.Of(done.After), NewPads: new(done.FrontPads, done.RearPads), NewFluid: done.Fluid,
                Litres: RunningCost.FlushLitres(done.After.Car));
    }
}
