using Rimrock.Core.Driving;
using Rimrock.Core.Fluids;
using Rimrock.Core.Friction;
using Rimrock.Core.Rotors;
using Rimrock.Core.Vehicles;

namespace Rimrock.Core.Fitting;

/// <summary>Something that could be fitted.</summary>
/// <typeparam name="T">What it is.</typeparam>
/// <param name="Id">Its id on the shelf, or <see cref="Selection.FittedId"/>.</param>
/// <param name="Body">The thing itself.</param>
/// <param name="LeftMm">What is left of pads that lie in the garage, paid for long ago, mm; null for what is bought.</param>
/// <param name="At">The axle that those are of; null for what is bought, which goes on either.</param>
/// <param name="LeftLitres">What is left of an opened bottle of it, paid for long ago and enough for a filling, l; null where bottles are bought.</param>
public sealed record Part<T>(string Id, T Body, double? LeftMm = null, Axle? At = null, double? LeftLitres = null)
    where T : class
{
    /// <summary>True where it may go on an axle.</summary>
    public bool IsFor(Axle axle) => At is null || At == axle;
}

/// <summary>Everything that is on offer.</summary>
/// <param name="Pads">Pads, for either axle.</param>
/// <param name="Rotors">Rotors, for either axle.</param>
/// <param name="Ducts">Ducts, for either axle.</param>
/// <param name="Fluids">Fluids.</param>
/// <param name="Lines">Flexible lines.</param>
/// <param name="Kits">Caliper kits for the front; null for none.</param>
public sealed record Offer(IReadOnlyList<Part<Pad>> Pads, IReadOnlyList<Part<Rotor>> Rotors, IReadOnlyList<Part<DuctKit>> Ducts,
    IReadOnlyList<Part<BrakeFluid>> Fluids, IReadOnlyList<Part<LineKit>> Lines, IReadOnlyList<Part<CaliperKit>>? Kits = null);

/// <summary>One choice of everything that can be changed; null or <see cref="FittedId"/> keeps what is on the car.</summary>
/// <param name="FrontPad">Front pads.</param>
/// <param name="RearPad">Rear pads.</param>
/// <param name="FrontRotor">Front rotors.</param>
/// <param name="Duct">Front ducts; null for the car's own.</param>
/// <param name="Fluid">Fluid.</param>
/// <param name="Lines">Lines; null for the car's own.</param>
/// <param name="Kit">A caliper kit, whose rotors the front rotors are then; null for the calipers that are on the car.</param>
/// <param name="RearRotor">Rear rotors; null for the car's own.</param>
/// <param name="RearDuct">Rear ducts; null for the car's own.</param>
/// <param name="RearKit">A caliper kit for the rear, whose rotors the rear rotors are then; null for the calipers that are on the car.</param>
public sealed record Selection(Part<Pad> FrontPad, Part<Pad> RearPad, Part<Rotor> FrontRotor, Part<DuctKit>? Duct, Part<BrakeFluid> Fluid, Part<LineKit>? Lines,
    Part<CaliperKit>? Kit = null, Part<Rotor>? RearRotor = null, Part<DuctKit>? RearDuct = null, Part<CaliperKit>? RearKit = null)
{
    /// <summary>Ids of rotors that come with calipers begin so.</summary>
    internal const string KitMark = "kit:";

    /// <summary>Id of what is on the car now.</summary>
    public const string FittedId = "fitted";

    /// <summary>Id of what is on the car now, new: the same fluid out of a fresh bottle.</summary>
    public const string FreshId = "fresh";

    /// <summary>What is on the car now.</summary>
    public static Selection Fitted(PredictionPlan plan)
    {
        ArgumentNullException.ThrowIfNull(plan);
        return new Selection(new(FittedId, plan.FrontPad), new(FittedId, plan.RearPad), new(FittedId, plan.FrontRotor), null, new(FittedId, plan.Fluid), null);
    }

    /// <summary>The fluid that is on the car: as it is, or the same anew; out of an opened bottle of it where one lies in the garage.</summary>
    /// <param name="id"><see cref="FittedId"/> or <see cref="FreshId"/>.</param>
    /// <param name="plan">The plan with what is fitted.</param>
    /// <param name="offer">What is on offer.</param>
    internal static Part<BrakeFluid> SameFluid(string id, PredictionPlan plan, Offer offer)
    {
        var open = offer.Fluids.FirstOrDefault(part => part.LeftLitres is not null && part.Body.Name == plan.Fluid.Name);
        return new Part<BrakeFluid>(id, open is null || id == FittedId ? plan.Fluid : open.Body, LeftLitres: open?.LeftLitres);
    }

    /// <summary>True where calipers of either axle are others than are on the car.</summary>
    public bool HasKit => Kit is not null || RearKit is not null;

    /// <summary>This with a caliper kit and the rotors that come with it.</summary>
    public Selection With(Part<CaliperKit> kit)
    {
        ArgumentNullException.ThrowIfNull(kit);
        var rotor = new Part<Rotor>(KitMark + kit.Id, kit.Body.Rotor);
        return kit.Body.Rear ? this with { RearKit = kit, RearRotor = rotor } : this with { Kit = kit, FrontRotor = rotor };
    }

    /// <summary>
    /// The same day with this fitted: new pads are new and bedded, new fluid is as old as the wishes' policy makes it by the last event, and what comes out of
    /// an opened bottle brings its months with it. The one owner of this
    /// transformation: what is judged is what is fitted.
    /// </summary>
    public PredictionPlan On(PredictionPlan plan, Wishes wishes)
    {
        ArgumentNullException.ThrowIfNull(plan);
        ArgumentNullException.ThrowIfNull(wishes);
        var lines = Lines?.Body.Kind ?? plan.Lines;
        var state = plan.FluidState with { TightHoses = plan.FluidState.TightHoses || Lines is not null };
        var renewed = new Renewed(Fluid.Id != FittedId, Lines is not null, new(FrontPad.Id != FittedId, RearPad.Id != FittedId),
            new(FrontRotor.Id != FittedId, RearRotor is not null));
        return plan with
        {
            Open = OpenSign.LeftOf(plan.Open, renewed),
            Car = !HasKit ? plan.Car : plan.Car with { Front = Kit?.Body.Brake ?? plan.Car.Front, Rear = RearKit?.Body.Brake ?? plan.Car.Rear },
            FrontKit = Kit is null ? plan.FrontKit : plan.With(Kit.Body).FrontKit,
            RearKit = RearKit is null ? plan.RearKit : plan.With(RearKit.Body).RearKit,
            FrontPad = FrontPad.Body,
            RearPad = RearPad.Body,
            FrontPadMm = FrontPad.Id == FittedId ? plan.FrontPadMm : FrontPad.LeftMm,
            RearPadMm = RearPad.Id == FittedId ? plan.RearPadMm : RearPad.LeftMm,
            Bedded = plan.Bedded || FrontPad.Id != FittedId,
            FrontRotor = FrontRotor.Body,
            FrontWrongSide = FrontRotor.Id == FittedId && plan.FrontWrongSide,
            RearRotor = RearRotor is null ? plan.RearRotor : RearRotor.Body,
            RearWrongSide = RearRotor is null && plan.RearWrongSide,
            FrontDuct = Led(Duct, plan.FrontDuct),
            RearDuct = Led(RearDuct, plan.RearDuct),
            Lines = lines,
            HoseYears = Lines is null ? plan.HoseYears : 0,
            LinesPrice = Lines is null ? plan.LinesPrice : Lines.Body.Price,
            DuctPrice = Duct is null && RearDuct is null ? plan.DuctPrice : DuctsPrice(),
            // Its months of this day have gone into the age; the bottle itself is known by its day.
            Fluid = Fluid.Body.OpenedOn is null ? Fluid.Body : Fluid.Body with { OpenedMonths = null },
            FluidState = Fluid.Id == FittedId ? state : state with
            {
                AgeMonths = Math.Min(FluidState.AgeRange.Max,
                FluidSeason.OldestMonths(wishes.FreshFluidEachEvent) + (Fluid.Body.OpenedMonths ?? 0)),
                ReservoirWaterPercent = null
            },
        };
    }

    /// <summary>What the hoses of both axles cost together; null where a price of them is unknown.</summary>
    public double? DuctsPrice() => (Duct is null ? 0 : Duct.Body.Price) + (RearDuct is null ? 0 : RearDuct.Body.Price);

    /// <summary>Ids in the order front pad, rear pad, rotor, duct, fluid, lines, and where the rear has others, its rotor and duct.</summary>
    public string Key() => string.Join('|', [FrontPad.Id, RearPad.Id, FrontRotor.Id, Duct?.Id ?? FittedId, Fluid.Id, Lines?.Id ?? FittedId,
        .. RearRotor is null && RearDuct is null ? Array.Empty<string>() : [RearRotor?.Id ?? FittedId, RearDuct?.Id ?? FittedId]]);

    /// <summary>What decides how hot it gets: setups of the same key differ in fluid and hoses alone.</summary>
    public string HeatKey() => (this with { Fluid = Fluid with { Id = FittedId }, Lines = null }).Key();

    /// <summary>The setup of a key, or null where it names what is not on offer.</summary>
    public static Selection? OfKey(string key, PredictionPlan plan, Offer offer)
    {
        ArgumentNullException.ThrowIfNull(key);
        ArgumentNullException.ThrowIfNull(offer);
        var fitted = Fitted(plan);
        if (key.Split('|') is not [var front, var rear, var rotor, var duct, var fluid, var lines, .. var behind] || behind.Length is not (0 or 2))
        {
            return null;
        }

        var (rearRotor, rearDuct) = behind.Length == 0 ? (FittedId, FittedId) : (behind[0], behind[1]);

        var (kit, kitBehind) = (KitOf(rotor, isRear: false), KitOf(rearRotor, isRear: true));
        var ring = kit is null ? Of(rotor, fitted.FrontRotor, offer.Rotors) : new Part<Rotor>(rotor, kit.Body.Rotor);
        return Of(front, fitted.FrontPad, offer.Pads) is { } frontPad && Of(rear, fitted.RearPad, offer.Pads) is { } rearPad && ring is { } frontRotor
            && (fluid is FreshId or FittedId ? SameFluid(fluid, plan, offer) : Of(fluid, fitted.Fluid, offer.Fluids)) is { } filled
            && Has(duct, offer.Ducts) && Has(lines, offer.Lines) && (kitBehind is not null || Has(rearRotor, offer.Rotors)) && Has(rearDuct, offer.Ducts)
            ? new Selection(frontPad, rearPad, frontRotor, offer.Ducts.FirstOrDefault(part => part.Id == duct), filled,
                offer.Lines.FirstOrDefault(part => part.Id == lines), kit,
                kitBehind is null ? offer.Rotors.FirstOrDefault(part => part.Id == rearRotor) : new Part<Rotor>(rearRotor, kitBehind.Body.Rotor),
                offer.Ducts.FirstOrDefault(part => part.Id == rearDuct), kitBehind) : null;

        Part<CaliperKit>? KitOf(string id, bool isRear) => !id.StartsWith(KitMark, StringComparison.Ordinal) ? null
            : offer.Kits?.FirstOrDefault(part => part.Id == id[KitMark.Length..] && part.Body.Rear == isRear);

        static bool Has<T>(string id, IReadOnlyList<Part<T>> on)
            where T : class => id == FittedId || on.Any(part => part.Id == id);
        static Part<T>? Of<T>(string id, Part<T> kept, IReadOnlyList<Part<T>> on)
            where T : class => id == FittedId ? kept : on.FirstOrDefault(part => part.Id == id);
    }

    private static WheelDuct? Led(Part<DuctKit>? kit, WheelDuct? now) => kit is null ? now : kit.Body.Duct with { Wheel = now?.Wheel ?? kit.Body.Duct.Wheel };
}
