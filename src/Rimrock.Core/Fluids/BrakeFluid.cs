
namespace Rimrock.Core.Fluids;

/// <summary>A brake fluid by the figures on its bottle.</summary>
/// <param name="Name">Name in the plan sentence.</param>
/// <param name="Class">Class code, see <see cref="FluidClass"/>.</param>
/// <param name="DryC">Dry boiling point, C.</param>
/// <param name="WetC">Wet boiling point, C.</param>
/// <param name="PriceLitre">Price of a litre in the driver's currency; null where unknown.</param>
/// <param name="ViscosityMm2S">Kinematic viscosity at -40 C, mm2/s; null where unknown.</param>
/// <param name="BottleLitres">Size of a bottle, l.</param>
/// <param name="OpenedMonths">Months since the bottle was opened; null for a sealed one.</param>
/// <param name="OpenedOn">The day on which it was opened, which tells the months of any day; null where only the months are known.</param>
public sealed record BrakeFluid(string Name, string Class, double DryC, double WetC, double? PriceLitre = null, double? ViscosityMm2S = null,
    double BottleLitres = 1, double? OpenedMonths = null, DateOnly? OpenedOn = null)
{
    /// <summary>
    /// What ABS and stability control want at -40 C, mm2/s: their valves are tested with the low-viscosity classes (ISO 4925 classes 6 and 7, from memory).
    /// </summary>
    public const double ThinEnoughForAbsMm2S = 750;

    private static readonly FieldRange Viscosity = new("fluid.viscosityMm2S", "mm2/s", 100, 3000);
    private static readonly FieldRange Bottle = new("fluid.bottleLitres", "l", 0.1, 25);
    private static readonly FieldRange Opened = new("fluid.openedMonths", "months", 0, 120);
    private static readonly FieldRange Dry = new("fluid.dryC", "C", 190, 360);
    private static readonly FieldRange Wet = new("fluid.wetC", "C", 130, 260);
    private static readonly FieldRange Price = new("fluid.priceLitre", "", 0, 2000);

    /// <summary>Ranges of the fields, for forms.</summary>
    public static IReadOnlyList<FieldRange> Ranges { get; } = [Viscosity, Bottle, Opened, Dry, Wet, Price];

    /// <summary>The fluid's class, or null for an unknown code.</summary>
    public FluidClass? ClassOf() => FluidClass.Find(Class);

    /// <summary>The same bottle on a day: as many months open as lie between.</summary>
    public BrakeFluid AsOf(DateOnly today) => OpenedOn is { } day
        ? this with { OpenedMonths = Math.Round(Math.Clamp((today.DayNumber - day.DayNumber) / Days.AMonth, Opened.Min, Opened.Max), 1) } : this;

    /// <summary>The boiling point at sea level with this much water at the caliper; silicone keeps its dry point.</summary>
    public Temperature BoilingWith(double waterPercent, double decayFactor = 1) => ClassOf() is { Silicone: true }
        ? new Temperature(DryC)
        : BoilingPoint.At(new Temperature(DryC), new Temperature(WetC), waterPercent, BoilingPoint.DecayPercent * decayFactor);

    /// <summary>Lists what is wrong with the fluid; figures below its class's minima are named too.</summary>
    public void Check(string field, ICollection<InputFault> faults)
    {
        ArgumentNullException.ThrowIfNull(faults);
        Names.Check(Name, $"{field}.name", faults);
        Dry.Check(DryC, faults, $"{field}.dryC");
        Wet.Check(WetC, faults, $"{field}.wetC");
        if (PriceLitre is { } price)
        {
            Price.Check(price, faults, $"{field}.priceLitre");
        }

        Bottle.Check(BottleLitres, faults, $"{field}.bottleLitres");
        if (OpenedMonths is { } opened)
        {
            Opened.Check(opened, faults, $"{field}.openedMonths");
        }

        if (OpenedOn is { } day)
        {
            Days.Check(day, $"{field}.openedOn", faults);
        }

        if (ViscosityMm2S is { } viscosity)
        {
            Viscosity.Check(viscosity, faults, $"{field}.viscosityMm2S");
            if (ClassOf() is { } row && viscosity > row.ViscosityMm2S)
            {
                faults.Add(new InputFault($"{field}.viscosityMm2S", $"{viscosity:0}", Said.Of("brake-fluid.most", Units.Mm2S(row.ViscosityMm2S)),
                    Said.Of("brake-fluid.fluid-claims-thinner-40", row.Name, row.Source)));
            }
        }

        if (WetC >= DryC)
        {
            faults.Add(new InputFault($"{field}.wetC", $"{WetC:0}", Said.Of("brake-fluid.below-dry-point", Units.C(DryC)),
                Said.Of("brake-fluid.wet-boiling-point-lies")));
        }

        if (ClassOf() is not { } fluidClass)
        {
            faults.Add(new InputFault($"{field}.class", Class, string.Join(", ", FluidClass.All.Select(row => row.Code)),
                Said.Of("brake-fluid.no-such-fluid-class")));
        }
        else if (DryC < fluidClass.DryC || WetC < fluidClass.WetC)
        {
            faults.Add(new InputFault($"{field}.class", Said.Of("brake-fluid.figure", Units.C(DryC), Units.C(WetC)),
                Said.Of("brake-fluid.more", Units.C(fluidClass.DryC), Units.C(fluidClass.WetC)),
                Said.Of("brake-fluid.fluid-claims-boils-dry", fluidClass.Name, Units.C(fluidClass.DryC), Units.C(fluidClass.WetC), fluidClass.Source)));
        }
    }
}

/// <summary>The fluid as it is in the car today.</summary>
/// <param name="AgeMonths">Months since it was changed, 0 to 120.</param>
/// <param name="Climate">Where the car lives.</param>
/// <param name="TightHoses">True for new rubber or braided lines.</param>
/// <param name="ReservoirWaterPercent">A moisture reading in the reservoir, % by mass; replaces the estimate from age.</param>
public sealed record FluidState(double AgeMonths, Climate Climate = Climate.Temperate, bool TightHoses = false, double? ReservoirWaterPercent = null)
{
    /// <summary>Allowed ages.</summary>
    public static FieldRange AgeRange { get; } = new("fluidState.ageMonths", "months", 0, 120);

    /// <summary>Allowed readings of water.</summary>
    public static FieldRange WaterRange { get; } = new("fluidState.reservoirWaterPercent", "%", 0, 7);

    /// <summary>Ranges of the fields, for forms.</summary>
    public static IReadOnlyList<FieldRange> Ranges { get; } = [AgeRange, WaterRange];

    /// <summary>Water at the caliper, % by mass.</summary>
    public double WaterAtCaliperPercent(double rateFactor = 1, double excessSigmas = 0) => ReservoirWaterPercent is { } reading
        ? MoistureUptake.FromReservoirReading(reading, excessSigmas)
        : MoistureUptake.AtCaliperPercent(AgeMonths, Climate, TightHoses, rateFactor, excessSigmas);

    /// <summary>Water in the reservoir by its age alone, % by mass.</summary>
    /// <param name="rateFactor">A member's factor on the rate.</param>
    public double WaterByAgePercent(double rateFactor = 1) => MoistureUptake.InReservoirPercent(AgeMonths, Climate, TightHoses, rateFactor);

    /// <summary>Lists what is wrong.</summary>
    public void Check(ICollection<InputFault> faults)
    {
        AgeRange.Check(AgeMonths, faults);
        if (ReservoirWaterPercent is { } reading)
        {
            WaterRange.Check(reading, faults);
        }
    }
}
