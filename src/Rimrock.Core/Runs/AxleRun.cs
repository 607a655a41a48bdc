using Rimrock.Core.Friction;
using Rimrock.Core.Heat;
using Rimrock.Core.Numerics;
using Rimrock.Core.Vehicles;

namespace Rimrock.Core.Runs;

/// <summary>One axle during a run: a wheel's heat, the pad's curve, and the wear so far.</summary>
public sealed class AxleRun
{
    private readonly UniformTable mu;
    private readonly UniformTable wear;
    private readonly ChartBasis basis;
    private readonly Lane frictionFactor;
    private readonly Lane wearFactor;
    private readonly Lane unknownBasisK;
    private readonly Rotors.IFoundationBrake kind;
    private readonly double discs;
    private readonly bool green;
    private Lane initialC;
    private Lane stopHottestC;
    private Lane hotStops;
    private Lane discMuBefore;

    /// <summary>Makes an axle cold.</summary>
    /// <param name="parts">One wheel's parts.</param>
    /// <param name="pads">The pads, new ones that still outgas (<see cref="GreenFade"/>) or bedded.</param>
    /// <param name="members">Members' heat factors.</param>
    /// <param name="padFactors">Members' factors on friction and wear, and their shift of an unknown chart basis, K.</param>
    /// <param name="ambientC">Air temperature, C.</param>
    /// <param name="pressurePa">Air pressure, Pa.</param>
    public AxleRun(WheelParts parts, FittedPads pads, IReadOnlyList<WheelFactors> members, (Lane Friction, Lane Wear, Lane ChartShiftK) padFactors,
        double ambientC, double pressurePa)
    {
        ArgumentNullException.ThrowIfNull(parts);
        ArgumentNullException.ThrowIfNull(pads);
        Wheel = new WheelNetwork(parts, members, ambientC, pressurePa);
        var tables = PadTables.Of(pads.Pad);
        mu = tables.Mu;
        wear = tables.WearMm3PerMJ;
        basis = pads.Pad.Basis;
        kind = parts.Kind;
        discs = parts.Brake.Discs;
        green = !pads.Bedded;
        frictionFactor = padFactors.Friction;
        wearFactor = padFactors.Wear;
        unknownBasisK = Lanes.Create(ChartTemperature.UnknownBasisK) + padFactors.ChartShiftK;
        initialC = Lanes.Create(ambientC);
        ColdStoredJ = Wheel.StoredJ();
        Update();
    }

    /// <summary>Pad factors that change nothing.</summary>
    public static (Lane Friction, Lane Wear, Lane ChartShiftK) NoFactors { get; } = (Lane.One, Lane.One, Lane.Zero);

    /// <summary>Heat stored before anything moved, J.</summary>
    public Lane ColdStoredJ { get; }

    /// <summary>The wheel.</summary>
    public WheelNetwork Wheel { get; }

    /// <summary>Mean rubbing-face temperature, C.</summary>
    public Lane FaceC { get; private set; }

    /// <summary>Temperature the chart is read at, C.</summary>
    public Lane ChartC { get; private set; }

    /// <summary>Friction by the chart now.</summary>
    public Lane Mu { get; private set; }

    /// <summary>The chart's temperature before the last step, C: between there and now its energy was turned to heat.</summary>
    public Lane ChartBeforeC { get; private set; }

    /// <summary>Friction in the middle of the last step.</summary>
    public Lane MidMu { get; private set; }

    /// <summary>The friction at which a disc with the same pistons would brake as hard: the friction itself but for a drum.</summary>
    public Lane DiscMu { get; private set; }

    /// <summary>The same half a step ahead, so that the split between the axles does not lag behind the heat.</summary>
    public Lane DiscMuAhead => DiscMu + ((DiscMu - discMuBefore) * 0.5);

    /// <summary>Volume worn off each inner pad, mm3.</summary>
    public Lane WornInMm3 { get; private set; }

    /// <summary>Volume worn off each outer pad, mm3; a drum's shoes wear alike.</summary>
    public Lane WornOutMm3 { get; private set; }

    /// <summary>Pad volume worn off the axle if every pad wore as the worst one, mm3.</summary>
    public Lane WornMm3 => Lanes.MaxNative(WornInMm3, WornOutMm3) * (2 * discs);

    /// <summary>Braking energy of the axle so far, J.</summary>
    public Lane EnergyJ { get; private set; }

    /// <summary>Remembers the temperature at which a stop begins.</summary>
    public void BeginStop()
    {
        initialC = Wheel.EmbeddedC;
        if (green)
        {
            hotStops += GreenFade.Counted(stopHottestC);
            stopHottestC = Lane.Zero;
        }

        // A chart read at the temperature before a stop jumps here: the stop's first step must not average over that.
        Update();
        discMuBefore = DiscMu;
    }

    /// <summary>Moves the axle on.</summary>
    /// <param name="seconds">Step, s.</param>
    /// <param name="speedMS">Road speed, m/s.</param>
    /// <param name="axleJ">Energy into the axle's brakes in the step, J.</param>
    /// <param name="braking">True on the brakes.</param>
    /// <param name="extraW">What systems brake at this wheel without the driver, W.</param>
    public void Step(double seconds, double speedMS, Lane axleJ, bool braking, Lane extraW = default)
    {
        var (inBefore, outBefore) = (Wheel.FaceInC, Wheel.FaceOutC);
        Wheel.Step(seconds, speedMS, axleJ * (1 / (seconds * discs)), braking, extraW);
        if (braking || extraW != Lane.Zero)
        {
            var perPad = ((braking ? axleJ * Wheel.Side * (1 / discs) : Lane.Zero) + (extraW * seconds)) * wearFactor * 0.5e-6;

            // Wear grows steeply with heat: it is read at the mean of the face before and after the step.
            var wornIn = perPad * wear.At((inBefore + Wheel.FaceInC) * 0.5);
            WornInMm3 += wornIn;
            WornOutMm3 += kind.RubsBothFaces ? perPad * wear.At((outBefore + Wheel.FaceOutC) * 0.5) : wornIn;
            EnergyJ += braking ? axleJ : Lane.Zero;
        }

        discMuBefore = DiscMu;
        ChartBeforeC = ChartC;
        var muBefore = Mu;
        Update();
        MidMu = (muBefore + Mu) * 0.5;
    }

    private void Update()
    {
        FaceC = Wheel.FaceC;
        ChartC = ChartTemperature.Read(basis, initialC, Wheel.EmbeddedC, FaceC, unknownBasisK);
        Mu = mu.At(ChartC) * frictionFactor;
        if (green)
        {
            stopHottestC = Lanes.MaxNative(stopHottestC, ChartC);
            Mu *= GreenFade.Factor(ChartC, hotStops);
        }

        DiscMu = kind.DiscMu(Mu);
    }
}
