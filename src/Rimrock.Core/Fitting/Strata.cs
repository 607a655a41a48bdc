using Rimrock.Core.Driving;
using Rimrock.Core.Friction;
using Rimrock.Core.Limits;
using Rimrock.Core.Runs;

namespace Rimrock.Core.Fitting;

/// <summary>Sets demand against capacity, layer by layer.</summary>
public static class Strata
{
    private const double CurveStepK = 5;
    private const double LeastShare = 0.005;
    private const double SmoothingBins = 1.2;

    // Beyond eight bins the kernel is below a millionth.
    private const int KernelReach = 8;

    /// <summary>Parts that have a layer.</summary>
    public static IReadOnlyList<BrakePart> LayerParts { get; } =
        [BrakePart.FrontFace, BrakePart.RearFace, BrakePart.FrontFluid, BrakePart.RearFluid, BrakePart.FrontSeals];

    /// <summary>The part whose peak stands for a layer: a pad's layer is read at the chart's temperature.</summary>
    public static BrakePart PeakPart(BrakePart layer) =>
        layer switch { BrakePart.FrontFace => BrakePart.FrontChart, BrakePart.RearFace => BrakePart.RearChart, _ => layer };

    /// <summary>The layers from the fire to the fluid.</summary>
    public static IReadOnlyList<StrataLayer> Layers(PredictionPlan plan, DayRun track, DayRun road, FluidToday fluid, (int Middle, int Cool, int Hot) members)
    {
        ArgumentNullException.ThrowIfNull(plan);
        ArgumentNullException.ThrowIfNull(track);
        ArgumentNullException.ThrowIfNull(road);
        ArgumentNullException.ThrowIfNull(fluid);
        var front = PadCapacity(plan.FrontPad);
        var rear = PadCapacity(plan.RearPad);
        var fluidMarks = new Capacity(plan.Fluid.Name, null, null, null, null,
        [
            new("wet", Said.Of("strata.wet"), fluid.WetC), new("today", Said.Of("strata.vapour-today"), fluid.VapourC),
            new("dry", Said.Of("strata.new"), fluid.DryC),
        ]);
        var seals = new Capacity(Said.Of("strata.piston-seals"), null, null, null, null, [new("limit", Said.Of("strata.harden-above"), LimitEdges.SealLimitC)]);
        return
        [
            Layer(BrakePart.FrontFace, Sum(track, phase => phase.FrontEnergy), Sum(road, phase => phase.FrontEnergy), front, front.BandToC!.Value,
                First(track, phase => phase.FrontEnergy.ShareAbove(front.BandToC!.Value, members.Middle))),
            Layer(BrakePart.RearFace, Sum(track, phase => phase.RearEnergy), Sum(road, phase => phase.RearEnergy), rear, rear.BandToC!.Value,
                First(track, phase => phase.RearEnergy.ShareAbove(rear.BandToC!.Value, members.Middle))),
            Layer(BrakePart.FrontFluid, track.FrontFluidTime, road.FrontFluidTime, fluidMarks, fluid.VapourC, Said.Of("strata.vapour-line")),
            Layer(BrakePart.RearFluid, track.RearFluidTime, road.RearFluidTime, fluidMarks, fluid.VapourC, Said.Of("strata.vapour-line")),
            Layer(BrakePart.FrontSeals, track.FrontSealTime, road.FrontSealTime, seals, LimitEdges.SealLimitC, Said.Of("strata.hardening")),
        ];

        StrataLayer Layer(BrakePart part, EnergyHistogram onTrack, EnergyHistogram onRoad, Capacity capacity, double limitC, Said what)
        {
            var peakPart = PeakPart(part);
            var beyond = onTrack.ShareAbove(limitC, members.Middle);
            return new StrataLayer(part, DemandOf(onTrack, track, peakPart, members), DemandOf(onRoad, road, peakPart, members), capacity,
                beyond > LeastShare ? new Overlap(limitC, beyond, what) : null);
        }
    }

    /// <summary>The first hot lap with a tenth of its braking beyond capacity, in words.</summary>
    private static Said First(DayRun run, Func<PhaseRecord, double> beyond) =>
        run.Phases.FirstOrDefault(phase => phase.Phase.Kind == PhaseKind.HotLap && beyond(phase) >= LimitEdges.HotShare) is { } found
            ? Said.Of("strata.fades-lap", found.Phase.Session > 1 ? Said.Of("strata.session", found.Phase.Session) : Said.Nothing, found.Phase.Lap)
            : Said.Nothing;

    private static EnergyHistogram Sum(DayRun run, Func<PhaseRecord, EnergyHistogram> of)
    {
        var sum = new EnergyHistogram();
        foreach (var phase in run.Phases)
        {
            sum.Add(of(phase));
        }

        return sum;
    }

    private static Demand? DemandOf(EnergyHistogram histogram, DayRun run, BrakePart part, (int Middle, int Cool, int Hot) members)
    {
        var member = members.Middle;
        var total = histogram.Total(member);
        if (!(total > 0))
        {
            return null;
        }

        var last = EnergyHistogram.Bins - 1;
        while (last > 0 && histogram.Weight(last, member) <= 0)
        {
            last--;
        }

        var count = Math.Min(EnergyHistogram.Bins, last + 6);
        var raw = Enumerable.Range(0, count).Select(bin => histogram.Weight(bin, member) / total).ToArray();
        return new Demand(EnergyHistogram.StartC, EnergyHistogram.BinK, Smooth(raw),
            Math.Round(histogram.Quantile(0.1, member), 1), Math.Round(histogram.Quantile(0.5, member), 1), Math.Round(histogram.Quantile(0.9, member), 1),
            Math.Round(run.Phases.Max(phase => phase.Peak[(int)part][member]), 1),
            Math.Round(histogram.Quantile(0.1, members.Cool), 1), Math.Round(histogram.Quantile(0.9, members.Hot), 1));
    }

    /// <summary>A Gaussian kernel of 12 K takes the bin edges off the drawing; the sum is kept.</summary>
    private static double[] Smooth(double[] raw)
    {
        var smooth = new double[raw.Length];
        for (var from = 0; from < raw.Length; from++)
        {
            if (raw[from] <= 0)
            {
                continue;
            }

            var norm = 0.0;
            var (least, most) = (Math.Max(0, from - KernelReach), Math.Min(raw.Length - 1, from + KernelReach));
            for (var to = least; to <= most; to++)
            {
                norm += Kernel(to - from);
            }

            for (var to = least; to <= most; to++)
            {
                smooth[to] += raw[from] * Kernel(to - from) / norm;
            }
        }

        return [.. smooth.Select(value => Math.Round(value, 6))];
    }

    private static double Kernel(int bins) => Math.Exp(-0.5 * bins * bins / (SmoothingBins * SmoothingBins));

    private static Capacity PadCapacity(Pad pad)
    {
        var curve = pad.FrictionCurveOf();
        var band = pad.WorkingBandOf();
        var points = new List<CurvePoint>();
        for (var c = curve.FirstC; c <= curve.LastC; c += CurveStepK)
        {
            points.Add(new CurvePoint(c, Math.Round(curve.Charted(c) ?? 0, 4)));
        }

        return new Capacity(pad.Name, points, band.FromC, band.ToC, curve.LastC, []);
    }
}
