using Rimrock.Core.Driving;
using Rimrock.Core.Friction;
using Rimrock.Core.Numerics;
using Rimrock.Core.Priors;
using Rimrock.Core.Rotors;
using Rimrock.Core.Vehicles;

namespace Rimrock.Core.Fitting;

/// <summary>One thing that track hours cost.</summary>
/// <param name="What">What.</param>
/// <param name="PerHour">In the driver's currency for each track hour; null where its price is unknown.</param>
/// <param name="LowPerHour">Lower edge of eight tenths.</param>
/// <param name="HighPerHour">Upper edge.</param>
/// <param name="Why">How it came about.</param>
/// <param name="LastsHours">Track hours that one set or pair lasts; null for what does not wear.</param>
public sealed record CostLine(Said What, double? PerHour, double? LowPerHour, double? HighPerHour, Said Why, double? LastsHours = null)
{
    /// <summary>Stable code of what it is.</summary>
    public string Code => What.Name;
}

/// <summary>What a setup costs, in the driver's currency; a price that nobody entered leaves a sum unknown, never nought.</summary>
/// <param name="Lines">For each track hour, by what.</param>
/// <param name="PerHour">For each track hour; null where a price is unknown.</param>
/// <param name="PerEvent">For each event.</param>
/// <param name="PerSeason">For the year as the plan states it: its events, and what its other kinds of day wear.</param>
/// <param name="BuyNow">What has to be bought to fit it; null where a price of that is unknown.</param>
/// <param name="Unknown">What has no price.</param>
public sealed record RunningCost(IReadOnlyList<CostLine> Lines, double? PerHour, double? PerEvent, double? PerSeason, double? BuyNow,
    IReadOnlyList<Said> Unknown)
{
    /// <summary>
    /// Fluid that filling and bleeding both circuits takes, l: a car's, or the fraction that a motorcycle's two levers hold (common practice).
    /// </summary>
    public static double FlushLitres(Car car)
    {
        ArgumentNullException.ThrowIfNull(car);
        return car.Kind == VehicleKind.Motorcycle ? MotorcycleLitres : CarLitres;
    }

    /// <summary>Bottles that a filling takes.</summary>
    /// <param name="car">The car.</param>
    /// <param name="fluid">The fluid.</param>
    public static double BottlesFor(Car car, Fluids.BrakeFluid fluid)
    {
        ArgumentNullException.ThrowIfNull(fluid);
        return Math.Ceiling((FlushLitres(car) - 1e-9) / fluid.BottleLitres);
    }

    /// <summary>Ducts, lines and hats are written off over so many years (common practice).</summary>
    public const double WriteOffYears = 5;

    private const double CarLitres = 1;
    private const double MotorcycleLitres = 0.3;

    // Eight tenths of a log-normal distribution.
    /// <summary>Usable volume of an axle's new pads, mm3.</summary>
    public static double UsableMm3(AxleBrake axle)
    {
        ArgumentNullException.ThrowIfNull(axle);
        return axle.Mm3PerMm() * Math.Max(0.1, axle.PadNewMm - axle.PadLimitMm);
    }

    /// <summary>Track hours of a season; driving hours of a year where it never sees a track.</summary>
    public static double SeasonHours(PredictionPlan plan)
    {
        ArgumentNullException.ThrowIfNull(plan);
        return Math.Max(0.1, (plan.Leading().KindOf().IsTimed ? plan.EventsAYear() : plan.Leading().DaysAYear) * EventHours(plan));
    }

    /// <summary>Track hours of an event.</summary>
    public static double EventHours(PredictionPlan plan)
    {
        ArgumentNullException.ThrowIfNull(plan);
        if (!plan.Leading().KindOf().IsTimed)
        {
            return new Day(plan).DrivenHours();
        }

        var stint = plan.OnLeading().Stint;
        return stint.Sessions * stint.MinutesEach / 60;
    }

    /// <summary>Track hours that a ring lasts: until it is thin, too light where the maker weighs it, or cracked where it is iron.</summary>
    /// <param name="rotor">The rotor.</param>
    /// <param name="pad">The pad on it.</param>
    /// <param name="discJPerHour">Braking energy of one disc, J/h.</param>
    /// <param name="faceOverMeanK">Largest rise of the face over its section, K.</param>
    /// <param name="burntPerHour">Share of a carbon ring's mass that burns away, 1/h.</param>
    public static double RingHours(Rotor rotor, Pad pad, double discJPerHour, double faceOverMeanK, double burntPerHour = 0)
    {
        ArgumentNullException.ThrowIfNull(rotor);
        ArgumentNullException.ThrowIfNull(pad);
        // A session without braking wears nothing; so long as this no ring lasts.
        const double longest = 1e4;
        var thin = Math.Max(0.1, rotor.ThicknessMm - rotor.MinThicknessMm) / RingWear.WornMm(rotor, pad, discJPerHour);
        var light = rotor.Finish?.MinRingMassKg is { } least ? Math.Max(0.01, rotor.MassKg() - least) / RingWear.WornKg(rotor, pad, discJPerHour) : longest;
        var cracked = rotor.Material == RingMaterial.Iron ? CrackLife.Hours(rotor, faceOverMeanK) : longest;
        var burnt = burntPerHour > 0 ? Limits.LimitEdges.BurnShareLeft(rotor) / burntPerHour : longest;
        return Math.Min(Math.Min(longest, thin), Math.Min(Math.Min(light, burnt), cracked));
    }

    /// <summary>Counts a setup's cost.</summary>
    /// <param name="setup">The setup.</param>
    /// <param name="plan">The plan with the setup fitted.</param>
    /// <param name="wishes">Policy and events.</param>
    /// <param name="wear">What a track hour does to the brakes.</param>
    /// <param name="before">The plan with what is on the car.</param>
    /// <param name="others">What the year's other kinds of day wear; null where there are none.</param>
    public static RunningCost Of(Selection setup, PredictionPlan plan, Wishes wishes, HourlyWear wear, PredictionPlan before, YearlyWear? others = null)
    {
        ArgumentNullException.ThrowIfNull(setup);
        ArgumentNullException.ThrowIfNull(plan);
        ArgumentNullException.ThrowIfNull(wishes);
        ArgumentNullException.ThrowIfNull(wear);
        ArgumentNullException.ThrowIfNull(before);
        var hours = SeasonHours(plan);
        var rotor = setup.FrontRotor.Body;
        var ringHours = RingHours(rotor, setup.FrontPad.Body, wear.FrontDiscJ, wear.FaceOverMeanK, wear.FrontBurnt);
        var flushes = wishes.FreshFluidEachEvent ? plan.EventsAYear() : 1;
        var lines = new List<CostLine>
        {
            Pads(Said.Of("running-cost.front-pads"), setup.FrontPad.Body, plan.Car.Front, wear.FrontPadMm3, wear.Learnt),
            Pads(Said.Of("running-cost.rear-pads"), setup.RearPad.Body, plan.Car.Rear, wear.RearPadMm3, wear.Learnt),
            Banded(Said.Of("running-cost.front-rotors"), 2 * (rotor.Finish?.RingPrice ?? rotor.Price) / ringHours,
                Math.Pow(CrackLife.SpreadFactor(rotor), Spread.EdgeSigmas),
                Said.Of("running-cost.pair-lasts-about", Units.H(ringHours)))
                with { LastsHours = Math.Round(ringHours, 1) },
            Banded(Said.Of("running-cost.fluid"), flushes * FlushLitres(plan.Car) * setup.Fluid.Body.PriceLitre / hours, 1, flushes == 1
                ? Said.Of("running-cost.one-flush-season") : Said.Of("running-cost.flushes-season", flushes)),
        };

        // Rear rings that nobody changes and nobody priced cost what they did.
        var ringsBehind = RingsBehind(plan);
        if (plan.Car.Rear.Brake().RubsBothFaces && (setup.RearRotor is not null || ringsBehind is not null))
        {
            var rearHours = RingHours(plan.RearRotor, setup.RearPad.Body, wear.RearDiscJ, 0, wear.RearBurnt);
            var worn = Banded(Said.Of("running-cost.rear-rotors"), ringsBehind / rearHours, Math.Pow(PriorSpread.RingWear, Spread.EdgeSigmas),
                Said.Of("running-cost.pair-lasts-about", Units.H(rearHours)));
            lines.Add(worn with { LastsHours = Math.Round(rearHours, 1) });
        }

        if (setup.Kit is { } calipers)
        {
            Add(Said.Of("running-cost.caliper-kit"), calipers.Body.Price - (2 * (rotor.Finish?.RingPrice ?? rotor.Price ?? 0)));
        }
        else if (setup.FrontRotor.Id != Selection.FittedId && !rotor.HatsStay(before.FrontRotor) && rotor.Finish?.RingPrice is { } ring)
        {
            Add(Said.Of("running-cost.front-rotor-hats"), 2 * (rotor.Price - ring));
        }

        if (setup.RearKit is { } calipersBehind)
        {
            Add(Said.Of("running-cost.caliper-kit-rear"), calipersBehind.Body.Price - (ringsBehind ?? 0));
        }
        else if (setup.RearRotor is { } behind && !behind.Body.HatsStay(before.RearRotor) && behind.Body.Finish?.RingPrice is { } ringBehind)
        {
            Add(Said.Of("running-cost.rear-rotor-hats"), before.Car.Rear.Discs * (behind.Body.Price - ringBehind));
        }

        var brackets = (setup.FrontRotor.Id == Selection.FittedId ? 0 : rotor.BracketPrice(before.FrontRotor))
            + (setup.RearRotor?.Body.BracketPrice(before.RearRotor) ?? (setup.RearRotor is null ? 0 : null));
        if (brackets is not 0)
        {
            Add(Said.Of("running-cost.brackets"), brackets);
        }

        if (setup.Duct is not null || setup.RearDuct is not null)
        {
            Add(Said.Of("running-cost.ducts"), setup.DuctsPrice());
        }

        if (setup.Lines is { } kit)
        {
            Add(Said.Of("running-cost.lines"), kit.Body.Price);
        }

        var perHour = lines.Aggregate((double?)0, (sum, line) => sum + line.PerHour);
        return new RunningCost(lines, Rounded(perHour, 1), Rounded(perHour * EventHours(plan), 0),
            Rounded((perHour * hours) + Elsewhere(setup, plan, others, wear.Learnt.P50), 0),
            BuyNowOf(setup, before), [.. lines.Where(line => line.PerHour is null).Select(line => line.What)]);

        void Add(Said what, double? price) => lines.Add(Banded(what, price / WriteOffYears / hours, 1, Said.Of("running-cost.written-off-over-five")));
    }

    // What the rear axle's rings cost; null where nobody priced them.
    private static double? RingsBehind(PredictionPlan plan) => plan.Car.Rear.Discs * (plan.RearRotor.Finish?.RingPrice ?? plan.RearRotor.Price);

    // Pads and rings that the other kinds of day wear; fluid, ducts and hoses are the year's already.
    private static double? Elsewhere(Selection setup, PredictionPlan plan, YearlyWear? others, double learnt)
    {
        if (others is null)
        {
            return 0;
        }

        static double Worn(Rotor rotor, Pad pad, double discJ) =>
            RingWear.WornMm(rotor, pad, discJ) / Math.Max(0.1, rotor.ThicknessMm - rotor.MinThicknessMm);
        var rotor = setup.FrontRotor.Body;
        var behind = plan.Car.Rear.Brake().RubsBothFaces ? RingsBehind(plan) ?? (setup.RearRotor is null ? 0 : null) : 0;
        return (setup.FrontPad.Body.PriceAxleSet * learnt * others.FrontPadMm3 / UsableMm3(plan.Car.Front))
            + (setup.RearPad.Body.PriceAxleSet * learnt * others.RearPadMm3 / UsableMm3(plan.Car.Rear))
            + (2 * (rotor.Finish?.RingPrice ?? rotor.Price) * Worn(rotor, setup.FrontPad.Body, others.FrontDiscJ))
            + (behind * Worn(plan.RearRotor, setup.RearPad.Body, others.RearDiscJ));
    }

    /// <summary>What has to be bought: everything that is not on the car and does not lie in the garage, fluid in whole bottles, of the same where
    /// hoses or calipers open the lines; null where a price of it is unknown.</summary>
    /// <param name="setup">The setup.</param>
    /// <param name="plan">The plan with what is on the car.</param>
    public static double? BuyNowOf(Selection setup, PredictionPlan plan)
    {
        ArgumentNullException.ThrowIfNull(setup);
        ArgumentNullException.ThrowIfNull(plan);
        static double? New(string id, double? price) => id == Selection.FittedId ? 0 : price;
        static double? OnBrackets(Rotor rotor, Rotor fitted) => rotor.PairPrice(fitted) + rotor.BracketPrice(fitted);
        static double? Pads(Part<Pad> pad) => pad.LeftMm is null ? New(pad.Id, pad.Body.PriceAxleSet) : 0;
        var filling = setup.Fluid.LeftLitres is null ? BottlesFor(plan.Car, setup.Fluid.Body) * setup.Fluid.Body.BottleLitres * setup.Fluid.Body.PriceLitre : 0;
        return Pads(setup.FrontPad) + Pads(setup.RearPad)
            + (setup.Kit is { } calipers ? calipers.Body.Price : New(setup.FrontRotor.Id, OnBrackets(setup.FrontRotor.Body, plan.FrontRotor)))
            + (setup.RearKit is { } behind ? behind.Body.Price
                : setup.RearRotor is { } rear ? (rear.Body.PairPrice(plan.RearRotor) * plan.Car.Rear.Discs / 2) + rear.Body.BracketPrice(plan.RearRotor) : 0)
            + (setup.Lines is null && !setup.HasKit ? New(setup.Fluid.Id, filling) : filling)
            + setup.DuctsPrice() + (setup.Lines is { } kit ? kit.Body.Price : 0);
    }

    private static CostLine Pads(Said what, Pad pad, AxleBrake axle, double mm3PerHour, Spread learnt)
    {
        var setsPerHour = mm3PerHour * learnt.P50 / UsableMm3(axle);
        double? Priced(double factor) => Tenth(pad.PriceAxleSet * setsPerHour * factor / learnt.P50);
        return new CostLine(what, Priced(learnt.P50), Priced(learnt.P10), Priced(learnt.P90), setsPerHour > 0
            ? Said.Of("running-cost.set-lasts-about", Units.H(1 / setsPerHour)) : Said.Of("running-cost.no-wear"))
        { LastsHours = setsPerHour > 0 ? Math.Round(1 / setsPerHour, 1) : null };
    }

    private static CostLine Banded(Said what, double? perHour, double factor, Said why) =>
        new(what, Tenth(perHour), Tenth(perHour / factor), Tenth(perHour * factor), why);

    private static double? Tenth(double? value) => Rounded(value, 1);

    private static double? Rounded(double? value, int digits) => value is { } known ? Math.Round(known, digits) : null;
}
