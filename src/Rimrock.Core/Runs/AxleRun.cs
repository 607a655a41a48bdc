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
    private readonly Lane edgeK;
    private readonly Lane steepness;
    private readonly double plateauC;
    private readonly double chartEndsC;
    private readonly Lane beyondMu;
    private readonly Rotors.IFoundationBrake kind;
    private readonly double discs;
    private readonly bool green;
    private readonly bool carbon;
    private Lane initialC;
    private Lane stopHottestC;
    private Lane hotStops;
    private Lane discMuBefore;

    /// <summary>Makes an axle cold.</summary>
    /// <param name="parts">One wheel's parts.</param>
    /// <param name="pads">The pads, new ones that still outgas (<see cref="GreenFade"/>) or bedded.</param>
    /// <param name="members">Members' heat factors.</param>
    /// <param name="padFactors">Members' factors on the pads.</param>
    /// <param name="ambientC">Air temperature, C.</param>
    /// <param name="pressurePa">Air pressure, Pa.</param>
    public AxleRun(WheelParts parts, FittedPads pads, IReadOnlyList<WheelFactors> members, PadFactors padFactors,
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
        carbon = parts.Rotor.Material != Rotors.RingMaterial.Iron;
        frictionFactor = padFactors.Friction;
        wearFactor = padFactors.Wear;

        // Where only the family is known, what its chart's temperature means is part of where its edge lies.
        unknownBasisK = Lanes.Create(ChartTemperature.UnknownBasisK) + (pads.Pad.Curve is null ? Lane.Zero : padFactors.ChartShiftK);
        plateauC = tables.Band.PlateauC;
        chartEndsC = tables.LastC;
        beyondMu = padFactors.BeyondChart * Priors.PriorSpread.BeyondChart;
        var flankK = Math.Max(LeastFlankK, tables.Band.ToC - plateauC);
        edgeK = Lanes.MaxNative(padFactors.EdgeK * pads.Pad.EdgeSpreadK(), Lanes.Create(LeastFlankK - flankK));
        steepness = Lanes.Create(flankK) / (Lanes.Create(flankK) + edgeK);
        initialC = Wheel.AmbientC;
        ColdStoredJ = Wheel.StoredJ();
        Update();
    }

    /// <summary>A hot flank is never steeper than over so many kelvins.</summary>
    private const double LeastFlankK = 10;

    /// <summary>Where this member's pads lie hot against their chart's edge, K.</summary>
    public Lane EdgeK => edgeK;

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

    /// <summary>The same as a disc's with the same pistons.</summary>
    public Lane MidDiscMu => kind.DiscMu(MidMu);

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

    /// <summary>Share of the seals' life used up since the morning.</summary>
    public Lane SealLifeUsed { get; private set; }

    /// <summary>Share of a carbon ring's mass burnt since the morning; none of an iron one's.</summary>
    public Lane BurntShare { get; private set; }

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
    public void Step(double seconds, double speedMS, Lane axleJ, bool braking, Lane extraW = default) =>
        Step(Lanes.Create(seconds), Lanes.Create(speedMS), axleJ, braking, extraW);

    /// <summary>Moves the axle on, each member by a step of its own.</summary>
    /// <param name="seconds">Steps, s.</param>
    /// <param name="speedMS">Road speeds, m/s; 0 parked.</param>
    /// <param name="axleJ">Energy into the axle's brakes in the step, J.</param>
    /// <param name="braking">True while the brakes of those who drive are on.</param>
    /// <param name="extraW">What systems brake at this wheel without the driver, W.</param>
    public void Step(Lane seconds, Lane speedMS, Lane axleJ, bool braking, Lane extraW = default)
    {
        var (inBefore, outBefore) = (Wheel.FaceInC, Wheel.FaceOutC);
        Wheel.Step(seconds, speedMS, axleJ / (seconds * discs), braking, extraW);
        if (braking || extraW != Lane.Zero)
        {
            var perPad = ((braking ? axleJ * Wheel.Side * (1 / discs) : Lane.Zero) + (extraW * seconds)) * wearFactor * 0.5e-6;

            // Wear grows steeply with heat: it is read at the mean of the face before and after the step.
            var wornIn = perPad * wear.At((inBefore + Wheel.FaceInC) * 0.5);
            WornInMm3 += wornIn;
            WornOutMm3 += kind.RubsBothFaces ? perPad * wear.At((outBefore + Wheel.FaceOutC) * 0.5) : wornIn;
            EnergyJ += braking ? axleJ : Lane.Zero;
        }

        SealLifeUsed += SealLife.UsedPerSecond(Wheel.SealC) * seconds;
        if (carbon)
        {
            BurntShare += Rotors.CarbonOxidation.SharePerSecond(Wheel.FaceC) * seconds;
        }

        discMuBefore = DiscMu;
        ChartBeforeC = ChartC;
        var muBefore = Mu;
        Update();
        MidMu = (muBefore + Mu) * 0.5;
    }

    // A member's edge lies elsewhere: the whole flank between plateau and edge is stretched or pressed together, what lies beyond is shifted.
    private Lane Stretched(Lane celsius)
    {
        var above = celsius - Lanes.Create(plateauC);
        var flank = above * steepness;
        var beyond = above - edgeK;
        var later = Lanes.ConditionalSelect(Lanes.GreaterThan(edgeK, Lane.Zero), Lanes.MaxNative(flank, beyond), Lanes.MinNative(flank, beyond));
        return Lanes.ConditionalSelect(Lanes.GreaterThan(above, Lane.Zero), later, above) + Lanes.Create(plateauC);
    }

    private void Update()
    {
        FaceC = Wheel.FaceC;
        ChartC = ChartTemperature.Read(basis, initialC, Wheel.EmbeddedC, FaceC, unknownBasisK);
        var readC = Stretched(ChartC);
        Mu = mu.At(readC);
        if (Lanes.GreaterThanAny(readC, Lanes.Create(chartEndsC)))
        {
            // Nobody measured it there: a member's friction is higher or lower, the more so the further beyond.
            var far = Lanes.MinNative(Lanes.MaxNative((readC - Lanes.Create(chartEndsC)) * (1 / FrictionCurve.BeyondFadeK), Lane.Zero), Lane.One);
            Mu = Lanes.MaxNative(Mu + (far * beyondMu), Lanes.Create(FrictionCurve.LeastMu));
        }

        Mu *= frictionFactor;
        if (green)
        {
            stopHottestC = Lanes.MaxNative(stopHottestC, ChartC);
            Mu *= GreenFade.Factor(ChartC, hotStops);
        }

        DiscMu = kind.DiscMu(Mu);
    }
}
