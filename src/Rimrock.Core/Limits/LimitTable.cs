using Rimrock.Core.Driving;
using Rimrock.Core.Priors;
using Rimrock.Core.Rotors;
using Rimrock.Core.Runs;

namespace Rimrock.Core.Limits;

/// <summary>One limit: everything that the rooms need to know of it.</summary>
/// <param name="Code">Stable code.</param>
/// <param name="Part">The part whose day it is about.</param>
/// <param name="Unit">Unit of demand and capacity.</param>
/// <param name="Moves">What moves it.</param>
/// <param name="HarmOf">How bad it is on this car.</param>
/// <param name="Read">Demand and capacity on a member's day.</param>
/// <param name="Tell">The same in words.</param>
/// <param name="OfPlan">False for days that do not have it.</param>
/// <param name="OfTrackDay">False where it is about a cold morning or the out lap: told, and no part of what the day does to the car.</param>
public sealed record LimitRow(string Code, BrakePart Part, string Unit, Lever Moves, Func<PredictionPlan, Harm> HarmOf, Func<MemberDay, Reading> Read,
    Func<MemberDay, Reading, LimitWords> Tell,
    Func<PredictionPlan, bool>? OfPlan = null, bool OfTrackDay = true);

/// <summary>
/// The table of limits. Capacities that are not sure carry a spread here; a member brings its own deviation (<see cref="MemberCapacities"/>), in standard
/// deviations.
/// </summary>
public static class LimitTable
{
    private const Lever Heat = Lever.FrontAir | Lever.FrontRotor | Lever.Driving;
    private const Lever RearHeat = Lever.RearAir | Lever.RearRotor | Lever.Driving;

    /// <summary>All rows, in the order in which a car is looked over.</summary>
    public static IReadOnlyList<LimitRow> All { get; } =
    [
        new(LimitCode.FrontPadHot, BrakePart.FrontChart, "C", Lever.FrontPad | Heat, plan =>
            PadHarm(plan.FrontRotor), day => day.PadHot(Axle.Front, phase => phase.FrontEnergy),
            (day, reading) => LimitWords.PadHot(Said.Of("limit-table.front-pads-fade"), day, reading, day.Plan.FrontPad, day.Plan.FrontRotor, phase =>
                phase.FrontEnergy)),
        new(LimitCode.RearPadHot, BrakePart.RearChart, "C", Lever.RearPad | RearHeat, plan =>
            PadHarm(plan.RearRotor), day => day.PadHot(Axle.Rear, phase => phase.RearEnergy),
            (day, reading) => LimitWords.PadHot(Said.Of("limit-table.rear-pads-fade"), day, reading, day.Plan.RearPad, day.Plan.RearRotor, phase =>
                phase.RearEnergy)),
        new(LimitCode.FrontPadCold, BrakePart.FrontChart, "C", Lever.FrontPad, _ => Harm.Nuisance, day => day.PadCold(), LimitWords.PadCold, IsTimed,
            OfTrackDay: false),
        new(LimitCode.StreetCold, BrakePart.FrontChart, "m", Lever.FrontPad | Lever.RearPad, _ =>
            Harm.Nuisance, day => day.StreetCold(), LimitWords.StreetCold, plan => !IsTimed(plan), OfTrackDay: false),
        new(LimitCode.FrontFluid, BrakePart.FrontFluid, "C", Lever.Fluid | Lever.FrontPad | Lever.Pistons | Heat, _ =>
            Harm.Danger, day => day.Heat(BrakePart.FrontFluid, day.Fluid.VapourC),
            (day, reading) => LimitWords.Fluid(Said.Of("limit-table.front-fluid-boils"), day, reading, BrakePart.FrontFluid)),
        new(LimitCode.RearFluid, BrakePart.RearFluid, "C", Lever.Fluid | Lever.RearPad | Lever.Pistons | RearHeat, _ =>
            Harm.Danger, day => day.Heat(BrakePart.RearFluid, day.Fluid.VapourC),
            (day, reading) => LimitWords.Fluid(Said.Of("limit-table.rear-fluid-boils"), day, reading, BrakePart.RearFluid)),
        new(LimitCode.LineFluid, BrakePart.FrontFluid, "C", Lever.Shield | Lever.Fluid, _ =>
            Harm.Danger, day => day.Line(day.Plan.OutsideHeat!), LimitWords.Line,
            plan => plan.OutsideHeat is { Place: Core.Vehicles.HeatedPlace.Line }),
        new(LimitCode.MissedStop, BrakePart.FrontChart, "km/h", Lever.FrontPad | Lever.RearPad | Heat, _ =>
            Harm.Danger, day => day.MissedStop(), LimitWords.MissedStop),
        new(LimitCode.RearLocksFirst, BrakePart.RearChart, "m/s2", Lever.FrontPad | Lever.RearPad, _ =>
            Harm.Danger, day => day.RearLocks(), LimitWords.RearLocks, plan => !plan.Car.Electronics && plan.Car.Kind == Vehicles.VehicleKind.Car),
        new(LimitCode.OverEarly, BrakePart.FrontChart, "laps", Lever.FrontPad | Lever.RearPad | Heat, _ =>
            Harm.Nuisance, day => day.OverEarly(), LimitWords.OverEarly, IsLaps),
        new(LimitCode.PaceLost, BrakePart.FrontChart, "s", Lever.FrontPad | Lever.RearPad | Heat, _ =>
            Harm.Nuisance, day => day.PaceLost(), LimitWords.PaceLost, IsTimed),
        new(LimitCode.FrontSealsGone, BrakePart.FrontSeals, "C", Lever.Pistons | Lever.FrontPad | Heat, _ =>
            Harm.Danger, day => day.Heat(BrakePart.FrontSeals, LimitEdges.SealGoneC + (PriorSpread.SealK * day.Car.Capacities.Seals)),
            (day, reading) => LimitWords.Seals(Said.Of("limit-table.front-seals-let-go"), day, reading)),
        new(LimitCode.FrontSeals, BrakePart.FrontSeals, "%", Lever.Pistons | Lever.FrontPad | Heat, _ =>
            Harm.Damage, day => day.Used(phase => phase.FrontSealLife, Math.Pow(PriorSpread.SealLife, day.Car.Capacities.Seals)), LimitWords.SealLife),
        new(LimitCode.FrontBoots, BrakePart.FrontBoots, "C", Lever.Pistons | Lever.FrontPad | Heat, _ =>
            Harm.Damage, day => day.Heat(BrakePart.FrontBoots, LimitEdges.BootC + (PriorSpread.BootK * day.Car.Capacities.Boots)),
            (day, reading) => LimitWords.Reaches("limit-table.front-boots-scorch", "limit-words.dust-boots-reach", "limit-words.boots-rubber", day, reading,
                BrakePart.FrontBoots), HasBoots),
        new(LimitCode.FrontGrease, BrakePart.FrontHub, "C", Heat, _ =>
            Harm.Damage, day => day.Heat(BrakePart.FrontHub, LimitEdges.GreaseC + (PriorSpread.GreaseK * day.Car.Capacities.Grease)),
            (day, reading) => LimitWords.Reaches("limit-table.front-grease-runs-out", "limit-words.front-hubs-reach", "limit-words.hub-behind-hat", day,
                reading, BrakePart.FrontHub)),
        new(LimitCode.FrontCracksThrough, BrakePart.FrontFace, "%", Heat, _ =>
            Harm.Danger, day => day.Cracks(LimitEdges.DangerousCrackLives), (day, reading) =>
                LimitWords.Cracks("limit-table.front-rings-may-part", day, reading), Cracks),
        new(LimitCode.FrontCracks, BrakePart.FrontFace, "%", Heat, _ =>
            Harm.Damage, day => day.Cracks(1), (day, reading) => LimitWords.Cracks("limit-table.front-rings-crack", day, reading), Cracks),
        new(LimitCode.FrontBurning, BrakePart.FrontFace, "%", Heat, _ =>
            Harm.Damage, day => day.Burning(), LimitWords.Burning, plan => plan.FrontRotor.Material != RingMaterial.Iron),
        new(LimitCode.FrontFace, BrakePart.FrontFace, "C", Heat, plan =>
            FaceHarm(plan.FrontRotor), day => day.Heat(BrakePart.FrontFace, LimitEdges.FaceLimitC(day.Plan.FrontRotor, day.Car.Capacities.FrontFace)),
            (day, reading) => LimitWords.Face(Said.Of("limit-table.front-rotors-overheat"), day, reading, day.Plan.FrontRotor, BrakePart.FrontFace)),
        new(LimitCode.RearFace, BrakePart.RearFace, "C", RearHeat, plan =>
            FaceHarm(plan.RearRotor), day => day.Heat(BrakePart.RearFace, LimitEdges.FaceLimitC(day.Plan.RearRotor, day.Car.Capacities.RearFace)),
            (day, reading) => LimitWords.Face(day.Plan.RearRotor.Brake().RubsBothFaces
                ? Said.Of("limit-table.rear-rotors-overheat") : Said.Of("limit-table.rear-drums-overheat"), day, reading, day.Plan.RearRotor,
                BrakePart.RearFace)),
        new(LimitCode.FrontCone, BrakePart.FrontRotor, "µm", Heat, _ => Harm.Nuisance, day => day.Cone(), LimitWords.Cone),
        new(LimitCode.FrontWornThrough, BrakePart.FrontPadCore, "mm", Lever.FrontPad | Heat, _ =>
            Harm.Danger, day => day.Wear(day.Plan.At(Axle.Front).PadMm, day.Plan.Car.Front, phase => phase.FrontWornMm3, 0),
            (day, reading) => LimitWords.WornThrough(Said.Of("limit-table.front-pads-wear-metal"), day.Plan.At(Axle.Front).PadMm, reading)),
        new(LimitCode.RearWornThrough, BrakePart.RearPadCore, "mm", Lever.RearPad | RearHeat, _ =>
            Harm.Danger, day => day.Wear(day.Plan.At(Axle.Rear).PadMm, day.Plan.Car.Rear, phase => phase.RearWornMm3, 0),
            (day, reading) => LimitWords.WornThrough(Said.Of("limit-table.rear-pads-wear-metal"), day.Plan.At(Axle.Rear).PadMm, reading)),
        new(LimitCode.FrontWear, BrakePart.FrontPadCore, "mm", Lever.FrontPad | Heat, _ =>
            Harm.Damage, day => day.Wear(day.Plan.At(Axle.Front).PadMm, day.Plan.Car.Front, phase => phase.FrontWornMm3, day.Plan.Car.Front.PadLimitMm),
            (day, reading) => LimitWords.Wear(Said.Of("limit-table.front-pads-wear-through"), day.Plan.At(Axle.Front).PadMm, reading)),
        new(LimitCode.RearWear, BrakePart.RearPadCore, "mm", Lever.RearPad | RearHeat, _ =>
            Harm.Damage, day => day.Wear(day.Plan.At(Axle.Rear).PadMm, day.Plan.Car.Rear, phase => phase.RearWornMm3, day.Plan.Car.Rear.PadLimitMm),
            (day, reading) => LimitWords.Wear(Said.Of("limit-table.rear-pads-wear-through"), day.Plan.At(Axle.Rear).PadMm, reading)),
    ];

    /// <summary>The rows that a plan's leading day has.</summary>
    public static IReadOnlyList<LimitRow> Of(PredictionPlan plan) => [.. All.Where(row => row.OfPlan?.Invoke(plan) ?? true)];

    /// <summary>The row of a code.</summary>
    public static LimitRow Find(string code) => All.First(row => row.Code == code);

    /// <summary>True for the limits at which fluid boils, wherever it does.</summary>
    public static bool Boils(LimitRow row)
    {
        ArgumentNullException.ThrowIfNull(row);
        return row.Code is LimitCode.FrontFluid or LimitCode.RearFluid or LimitCode.LineFluid;
    }

    /// <summary>True for the limits at which pads are of no use to the driver: too hot, or too cold to stop with on the street.</summary>
    public static bool Disappoints(LimitRow row)
    {
        ArgumentNullException.ThrowIfNull(row);
        return row.Code is LimitCode.FrontPadHot or LimitCode.RearPadHot or LimitCode.StreetCold;
    }

    /// <summary>True for the limit at which an axle's pads fade: hotter than their range.</summary>
    public static bool IsPastRange(LimitRow row, Axle axle)
    {
        ArgumentNullException.ThrowIfNull(row);
        return row.Code == (axle == Axle.Front ? LimitCode.FrontPadHot : LimitCode.RearPadHot);
    }

    private static bool IsTimed(PredictionPlan plan) => plan.Leading().KindOf().IsTimed;

    // A motorcycle's pistons have dust seals in the bore, and no rubber that stands out beside the pads (common practice).
    private static bool HasBoots(PredictionPlan plan) => plan.Car.Kind != Vehicles.VehicleKind.Motorcycle;

    private static bool IsLaps(PredictionPlan plan) => plan.Leading().KindOf().Shape == DayShape.Laps;

    private static bool Cracks(PredictionPlan plan) => plan.FrontRotor.Material == RingMaterial.Iron && plan.FrontRotor.Brake().RubsBothFaces;

    // An overheated pad smears a carbon disc for good; a hot drum loses its grip and its adjustment, and comes back.
    private static Harm PadHarm(Rotor rotor) => rotor.Material == RingMaterial.Iron ? Harm.Nuisance : Harm.Damage;

    private static Harm FaceHarm(Rotor rotor) => rotor.Brake().OverheatingRuins ? Harm.Damage : Harm.Nuisance;
}
