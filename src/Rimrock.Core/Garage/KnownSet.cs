using Rimrock.Core.Entries;
using Rimrock.Core.Friction;
using Rimrock.Core.Numerics;
using Rimrock.Core.Vehicles;

namespace Rimrock.Core.Garage;

/// <summary>A set of pads while its story is read.</summary>
internal sealed class KnownSet(Pad pad, Axle axle, DateOnly? since, double startMm, KnownBy by)
{
    private readonly Dictionary<Corner, (double Mm, double Lost)> corners = [];
    private double lostInAll;
    private double startLost;
    private double hours;
    private double megajoules;

    public Pad Pad { get; set; } = pad;

    public Axle Axle { get; } = axle;

    public DateOnly? Since { get; set; } = since;

    public DateOnly? Off { get; set; }

    public DateOnly? MeasuredOn { get; set; }

    public double? MeasuredMm { get; set; }

    public int HotLaps { get; set; }

    public bool Bedded { get; set; }

    public AxleBrake? From { get; set; }

    public void Forget() => corners.Clear();

    public void ComeOff(DateOnly? day) => Off = day ?? DateOnly.MinValue;

    public void Anchor(double mm, KnownBy how) => (startMm, startLost, by) = (mm, lostInAll, how);

    public double? MeasuredAt(Corner corner) => corners.TryGetValue(corner, out var known) ? known.Mm : null;

    public void Look(IEnumerable<CornerLook> looks)
    {
        foreach (var look in looks)
        {
            corners[look.Corner] = (look.ThinnestMm()!.Value, lostInAll);
        }
    }

    public void Drive(int laps, LapUse use)
    {
        HotLaps += laps;
        lostInAll += laps * use.PadMm;
        hours += laps * use.Hours;
        megajoules += laps * use.Megajoules;
        Bedded = true;
    }

    public PadSet Told(Spread wear)
    {
        double At((double Mm, double Lost) corner, double factor) => corner.Mm - ((lostInAll - corner.Lost) * factor);
        double Left(double factor) =>
            Math.Round(Math.Max(0, corners.Count > 0 ? corners.Values.Min(one => At(one, factor)) : At((startMm, startLost), factor)), 2);
        var how = corners.Count > 0 ? corners.Values.All(one => one.Lost.Equals(lostInAll)) ? KnownBy.Measured : KnownBy.Reckoned
            : lostInAll > startLost ? KnownBy.Reckoned : by;
        return new PadSet(Pad, Axle, Since, Off, new Spread(Left(wear.P90), Left(wear.P50), Left(wear.P10)), how, MeasuredOn, MeasuredMm, HotLaps, Bedded,
            [.. corners.OrderBy(one => one.Key).Select(one => new CornerLeft(one.Key, Math.Round(Math.Max(0, At(one.Value, wear.P50)), 2)))],
            Math.Round(hours, 1), Math.Round(megajoules), From);
    }
}
