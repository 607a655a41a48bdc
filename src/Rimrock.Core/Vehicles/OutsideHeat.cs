using Rimrock.Core.Materials;
using Rimrock.Core.Quantities;

namespace Rimrock.Core.Vehicles;

/// <summary>What the outside source shines on.</summary>
public enum HeatedPlace
{
    /// <summary>A brake line or hose.</summary>
    Line,

    /// <summary>The caliper.</summary>
    Caliper,
}

/// <summary>
/// Something hot beside a line or caliper: an exhaust, a catalyst. Radiation from a long hot cylinder, view factor
/// from a small parallel line (Incropera, table 13.1, parallel cylinders far apart, from memory), emissivity 0.8 on both
/// (from memory, +-0.15).
/// </summary>
/// <param name="Place">What it shines on.</param>
/// <param name="SourceC">Surface temperature of the source, C.</param>
/// <param name="DistanceMm">Clear distance, mm.</param>
/// <param name="SourceDiameterMm">Its diameter, mm.</param>
/// <param name="Axle">Whose line or caliper it is.</param>
/// <param name="KmAYear">How far the car is driven a year, km: while it is, fluid beside the source ages faster.</param>
public sealed record OutsideHeat(HeatedPlace Place = HeatedPlace.Line, double SourceC = 450, double DistanceMm = 60, double SourceDiameterMm = 60,
    Axle Axle = Axle.Front, double KmAYear = 12000)
{
    // Uptake and ageing double per so much above so much, while driving (engineering judgement, x1.5).
    private const double DoublingK = 15;
    private const double QuickFromC = 40;

    // Town and country together (typical).
    private const double UsualKmh = 60;
    private const double HoursAYear = 8766;

    private const double Emissivity = 0.8;
    private const double AirWM2K = 12;
    private static readonly FieldRange Source = new("outsideHeat.sourceC", "C", 50, 950);
    private static readonly FieldRange Distance = new("outsideHeat.distanceMm", "mm", 5, 500);
    private static readonly FieldRange Driven = new("outsideHeat.kmAYear", "km", 0, 100000);
    private static readonly FieldRange Diameter = new("outsideHeat.sourceDiameterMm", "mm", 10, 300);

    /// <summary>Ranges of the fields, for forms.</summary>
    public static IReadOnlyList<FieldRange> Ranges { get; } = [Source, Distance, Diameter, Driven];

    /// <summary>Share of what a surface facing the source sees that is the source: half the angle it fills.</summary>
    public double ViewFactor()
    {
        var radius = SourceDiameterMm / 2;
        return Math.Asin(radius / (radius + DistanceMm)) / Math.PI * 2;
    }

    /// <summary>Power on a facing area that stays near a temperature, W.</summary>
    /// <param name="areaM2">Area that faces the source, m2.</param>
    /// <param name="targetC">Its temperature, C.</param>
    public double PowerW(double areaM2, double targetC)
    {
        double hot = SourceC + Temperature.ZeroCelsiusInKelvin, cold = targetC + Temperature.ZeroCelsiusInKelvin;
        return Emissivity * Emissivity * GreyBody.StefanBoltzmannWM2K4 * ViewFactor() * areaM2 * ((hot * hot * hot * hot) - (cold * cold * cold * cold));
    }

    /// <summary>
    /// Temperature that fluid at rest in a line beside the source settles at, C: half its skin faces the source, all of it
    /// is cooled by slow air at 12 W/m2K (engineering judgement, x1.5). Found by bisection to 0.01 K.
    /// </summary>
    public double LineC(double airC)
    {
        double low = airC, high = Math.Max(airC, SourceC);
        while (high - low > 0.01)
        {
            var middle = 0.5 * (low + high);
            if (PowerW(0.5, middle) > AirWM2K * (middle - airC))
            {
                low = middle;
            }
            else
            {
                high = middle;
            }
        }

        return 0.5 * (low + high);
    }

    /// <summary>How much faster fluid in the line takes up water and ages than elsewhere; 1 where it shines on the caliper, whose fluid moves little.</summary>
    /// <param name="airC">Air beside the line, C.</param>
    public double Uptake(double airC)
    {
        var share = Math.Min(1, KmAYear / UsualKmh / HoursAYear);
        return Place == HeatedPlace.Line ? 1 + (share * (Math.Pow(2, Math.Max(0, LineC(airC) - QuickFromC) / DoublingK) - 1)) : 1;
    }

    /// <summary>Lists what is wrong.</summary>
    public void Check(string field, ICollection<InputFault> faults)
    {
        Source.Check(SourceC, faults, $"{field}.sourceC");
        Distance.Check(DistanceMm, faults, $"{field}.distanceMm");
        Driven.Check(KmAYear, faults, $"{field}.kmAYear");
        Diameter.Check(SourceDiameterMm, faults, $"{field}.sourceDiameterMm");
    }
}
