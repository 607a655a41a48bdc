using Rimrock.Core.Driving;
using Rimrock.Core.Fluids;
using Rimrock.Core.Friction;
using Rimrock.Core.Rotors;
using Rimrock.Core.Vehicles;

namespace Rimrock.Core.Fitting;

/// <summary>
/// Parts as they usually are, for what a driver's own shelf lacks: a pad for each family, fluids at each class's minimum and as good ones usually are,
/// rotors of the car's own size, hoses, ducts, a caliper kit (<see cref="TypicalKit"/>). They stand for what a counter can be asked
/// for, never for a product: only the family is known of a pad, so that its band is wide (<see cref="Priors.PriorSpread.FamilyEdgeK"/>). Prices are
/// multiples of a plain street set (engineering judgement, within a factor of 1.5), and money only once a price of the driver's own gives them a scale.
/// </summary>
public static class TypicalShelf
{
    /// <summary>Ids of typical parts begin so.</summary>
    public const string Mark = "typical:";

    private const double DuctHoseMm = 63;

    // Of pads for track days some have road approval: that is the one to ask for (common practice).
    private const string SoldWithApproval = "track-sport";

    // With a sensible fluid and a spare, a shelf of one's own has a choice.
    private const int EnoughFluids = 2;

    private static readonly (string Family, double Multiple, bool Motorcycle)[] Pads =
    [
        ("organic", 1, true), ("ceramic", 1.3, false), ("semi-metallic", 1.3, true), ("street-performance", 2, false), ("track-sport", 3, false),
        ("race-sintered", 4.5, true), ("race-carbon-metallic", 5, false), (PadFamilies.CarbonCeramicCode, 6, false),
    ];

    // Dry and wet, C: the classes' own minima, and what good ones usually reach (typical, +-10): highest dry for a flush before every event, highest wet for
    // a season.
    private static readonly (string Code, string Class, double? DryC, double? WetC, double Multiple, Said? School)[] Fluids =
    [
        ("dot3", "dot3", null, null, 0.2, null), ("dot4", "dot4", null, null, 0.25, null), ("dot5.1", "dot5.1", null, null, 0.4, null),
        ("dot4-good", "dot4", 270, 170, 0.4, Said.Of("typical-shelf.good")), ("dot51-good", "dot5.1", 270, 185, 0.6, Said.Of("typical-shelf.good")),
        ("dot4-dry", "dot4", 315, 195, 1.2, Said.Of("typical-shelf.high-dry")), ("dot4-wet", "dot4", 290, 210, 1, Said.Of("typical-shelf.high-wet")),
    ];

    // Street sets that a pair of rotors, a set of lines, a pair of ducts, a kit for both sides usually cost (engineering judgement, x2).
    private static readonly Dictionary<string, double> Others = new()
    {
        ["plain"] = PlainPair,
        ["rear-plain"] = PlainPair,
        ["slotted"] = 3,
        ["high-carbon"] = 2.5,
        ["two-piece"] = 10,
        ["rubber"] = 1.5,
        ["braided"] = 2,
        ["duct"] = 2,
        ["kit"] = 25,
    };

    // Rings that are this much lighter than their size makes them have lost it, kg (common practice: makers' tolerances).
    private const double LightKg = 0.5;

    // A pair of plain rotors as they came with the car (engineering judgement, x2).
    private const double PlainPair = 2;

    /// <summary>True for the id of a typical part.</summary>
    public static bool Has(string id)
    {
        ArgumentNullException.ThrowIfNull(id);
        return id.StartsWith(Mark, StringComparison.Ordinal);
    }

    /// <summary>The driver's own shelf, with typical parts for what it lacks.</summary>
    /// <param name="plan">The car.</param>
    /// <param name="own">The driver's own shelf.</param>
    /// <param name="wishes">What the driver wishes: what may not be fitted is lacking too.</param>
    /// <param name="name">Tells a part's name.</param>
    public static Offer With(PredictionPlan plan, Offer own, Wishes wishes, Func<Said, string> name)
    {
        ArgumentNullException.ThrowIfNull(plan);
        ArgumentNullException.ThrowIfNull(own);
        ArgumentNullException.ThrowIfNull(name);
        wishes = (wishes ?? throw new ArgumentNullException(nameof(wishes))).For(plan);
        var scale = StreetSetPrice(plan, own);
        return own with
        {
            Pads = [.. own.Pads, .. PadsFor(plan, own, wishes, scale, name)],
            Fluids = own.Fluids.Count(fluid => HardStops.Of(fluid.Body, plan, wishes) is null) >= EnoughFluids ? own.Fluids
                : [.. own.Fluids, .. Fluids.Select(row => FluidOf(row, scale, name))],
            Rotors = [.. own.Rotors, .. HasFor(Axle.Front) ? [] : RotorsFor(plan, scale, name), .. HasFor(Axle.Rear) ? [] : RearRotorsFor(plan, scale, name)],
            Lines = own.Lines.Any(lines => HardStops.Of(lines.Body, plan.Car, wishes) is null) ? own.Lines
                : [.. own.Lines, .. LinesFor(plan.Car, scale, name)],
            Ducts = own.Ducts.Count > 0 || plan.Car.Kind == VehicleKind.Motorcycle ? own.Ducts
                : [.. own.Ducts, new(Mark + "duct", new DuctKit(name(Said.Of("typical-shelf.duct")), new WheelDuct(DuctHoseMm, Shield.Trimmed),
                    Round(Others["duct"] * scale)))],
            Kits = own.Kits?.Any(kit => HardStops.Of(kit.Body, plan, wishes) is null) == true ? own.Kits : [.. own.Kits ?? [], .. KitsFor(plan, scale, name)],
        };

        bool HasFor(Axle axle) => own.Rotors.Any(rotor => HardStops.Of(rotor.Body, plan, wishes, axle) is null);
    }

    /// <summary>Price of a plain street set, by what the driver's own prices say; null where there is none.</summary>
    private static double? StreetSetPrice(PredictionPlan plan, Offer own)
    {
        double[] known = [.. own.Pads.Select(part => part.Body).Append(plan.FrontPad).Append(plan.RearPad)
            .Where(pad => pad.PriceAxleSet is > 0).Select(pad => pad.PriceAxleSet!.Value / Pads.First(row => row.Family == pad.Family).Multiple).Order()];
        return known.Length == 0 ? null : known[known.Length / 2];
    }

    /// <summary>Street sets that a typical part costs, of rotors for one; null for what is none.</summary>
    /// <param name="id">Its id.</param>
    internal static double? StreetSets(string id)
    {
        if (!Has(id))
        {
            return null;
        }

        var code = id[Mark.Length..];
        return Pads.Any(row => row.Family == code) ? PadSets(code) : Fluids.FirstOrDefault(row => row.Code == code) is { Code: not null } fluid ? fluid.Multiple
            : !Others.TryGetValue(code, out var sets) ? null : code is "plain" or "rear-plain" or "slotted" or "high-carbon" or "two-piece" ? sets / 2 : sets;
    }

    /// <summary>Street sets that a set of pads of a family costs.</summary>
    /// <param name="family">Code of the family.</param>
    internal static double PadSets(string family) => Pads.First(row => row.Family == family).Multiple;

    /// <summary>Street sets that a plain rotor costs.</summary>
    internal static double PlainRotorSets => PlainPair / 2;

    /// <summary>Street sets that a litre of fluid of a class costs at its plainest.</summary>
    /// <param name="code">Code of the class.</param>
    internal static double LitreSets(string code) =>
        Fluids.Where(row => row.Class == code).Select(row => row.Multiple).DefaultIfEmpty(Fluids[1].Multiple).Min();

    private static IEnumerable<Part<Pad>> PadsFor(PredictionPlan plan, Offer own, Wishes wishes, double? scale, Func<Said, string> name)
    {
        var (motorcycle, carbon) = (plan.Car.Kind == VehicleKind.Motorcycle, plan.FrontRotor.Material == RingMaterial.CarbonCeramic);
        foreach (var (family, multiple, rides) in Pads)
        {
            var isMine = own.Pads.Any(pad => pad.Body.Family == family && HardStops.Of(pad.Body, Axle.Front, plan.FrontRotor, plan, wishes) is null);
            if (isMine || (motorcycle && !rides) || carbon != (family == PadFamilies.CarbonCeramicCode))
            {
                continue;
            }

            var row = PadFamilies.Find(family);
            yield return new(Mark + family, new Pad(name(Said.Of("typical-shelf.pad", row.Name, Price(multiple, scale))), family,
                PriceAxleSet: Round(multiple * scale), RoadApproved: row.Street || family == SoldWithApproval, ForMotorcycle: motorcycle));
        }
    }

    private static Part<BrakeFluid> FluidOf((string Code, string Class, double? DryC, double? WetC, double Multiple, Said? School) row, double? scale,
        Func<Said, string> name)
    {
        var minima = FluidClass.Find(row.Class)!;
        var told = row.School is { } school ? Said.Of("typical-shelf.fluid-of-school", minima.Name, school) : Said.Of("typical-shelf.fluid", minima.Name);
        return new(Mark + row.Code, new BrakeFluid(name(told), row.Class, row.DryC ?? minima.DryC, row.WetC ?? minima.WetC, Round(row.Multiple * scale)));
    }

    /// <summary>
    /// Rings of the car's own size, as thick as new: plain where those on it are worn or are none, slotted, of high-carbon iron, and a floating ring on a hat.
    /// </summary>
    private static IEnumerable<Part<Rotor>> RotorsFor(PredictionPlan plan, double? scale, Func<Said, string> name)
    {
        var own = plan.FrontRotor;
        if (Plain(own, plan.Car.Front) is not { } plain)
        {
            yield break;
        }

        Part<Rotor> Of(string code, Said told, Rotor rotor) => RotorOf(code, told, rotor, scale, name);
        if (IsRenewedBy(plain, plan, Axle.Front))
        {
            yield return Of("plain", Said.Of("typical-shelf.plain"), plain);
        }

        yield return Of("slotted", Said.Of("typical-shelf.slotted"), plain with { Finish = new RotorFinish(RotorFace.Slotted) });
        yield return Of("high-carbon", Said.Of("typical-shelf.high-carbon"), plain with { Grade = IronGrade.HighCarbon });
        if (plan.Car.Kind == VehicleKind.Car && own.Construction == RotorConstruction.OnePiece)
        {
            yield return Of("two-piece", Said.Of("typical-shelf.two-piece"),
                plain with { Construction = RotorConstruction.TwoPiece, Grade = IronGrade.HighCarbon });
        }
    }

    /// <summary>Plain rear rings of the car's own size, where those on it are worn or are none.</summary>
    private static IEnumerable<Part<Rotor>> RearRotorsFor(PredictionPlan plan, double? scale, Func<Said, string> name) =>
        Plain(plan.RearRotor, plan.Car.Rear) is { } plain && IsRenewedBy(plain, plan, Axle.Rear)
            ? [RotorOf("rear-plain", Said.Of("typical-shelf.rear-plain"), plain, scale, name)] : [];

    private static Part<Rotor> RotorOf(string code, Said told, Rotor rotor, double? scale, Func<Said, string> name) => new(Mark + code,
        rotor with { Name = name(Said.Of("typical-shelf.rotor", told, Price(Others[code], scale))), Price = Round(Others[code] * scale / 2) });

    // As it once came with the car; null for drums and what is not of iron.
    private static Rotor? Plain(Rotor own, AxleBrake brake) => own.Material != RingMaterial.Iron || own.Construction == RotorConstruction.Drum ? null
        : own with
        {
            RingMassKg = null,
            Finish = null,
            Grade = IronGrade.Plain,
            BracketForMm = null,
            ThicknessMm = own.ThicknessMm < FitRules.MadeMm(brake, own) - FitRules.ThickerMm ? FitRules.MadeMm(brake, own) : own.ThicknessMm,
        };

    // Worn, of another kind, light, or with a sign that only other rotors answer.
    private static bool IsRenewedBy(Rotor plain, PredictionPlan plan, Axle axle)
    {
        var own = plan.At(axle).Rotors.Rotor;
        var others = new Renewed(false, false, new(false, false), new(axle == Axle.Front, axle == Axle.Rear));
        return own.ThicknessMm < plain.ThicknessMm || (own.Finish?.Face ?? RotorFace.Plain) != RotorFace.Plain || own.RingMassKg < plain.MassKg() - LightKg
            || plan.Open?.Any(sign => sign.After(others) != sign) == true;
    }

    private static IEnumerable<Part<CaliperKit>> KitsFor(PredictionPlan plan, double? scale, Func<Said, string> name) =>
        TypicalKit.For(plan, name(Said.Of("typical-shelf.kit", Price(Others["kit"], scale))), Round(Others["kit"] * scale)) is { } kit
            ? [new(Mark + "kit", kit)] : [];

    private static IEnumerable<Part<LineKit>> LinesFor(Car car, double? scale, Func<Said, string> name)
    {
        var motorcycle = car.Kind == VehicleKind.Motorcycle;
        yield return new(Mark + "rubber",
            new LineKit(name(Said.Of("typical-shelf.rubber-lines")), BrakeLine.Rubber, true, Round(Others["rubber"] * scale), motorcycle));
        yield return new(Mark + "braided",
            new LineKit(name(Said.Of("typical-shelf.braided-lines")), BrakeLine.Braided, true, Round(Others["braided"] * scale), motorcycle));
    }

    // Money where there is a scale; else the name says how many street sets it costs.
    private static Said Price(double multiple, double? scale) => scale is null ? Said.Of("typical-shelf.street-sets", multiple) : Said.Nothing;

    private static double? Round(double? price) => price is { } known ? Math.Round(known) : null;
}
