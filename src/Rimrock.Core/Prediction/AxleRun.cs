using System.Runtime.Intrinsics;
using Rimrock.Core.Friction;
using Rimrock.Core.Heat;
using Rimrock.Core.Numerics;
using Lane = System.Runtime.Intrinsics.Vector256<double>;

namespace Rimrock.Core.Prediction;

/// <summary>One axle during a run: a wheel's heat, the pad's curve, and the wear so far.</summary>
public sealed class AxleRun
{
    private const double TableFromC = -60;
    private const double TableToC = 1240;
    private const int TableSteps = 521;
    private readonly UniformTable mu;
    private readonly UniformTable wear;
    private readonly ChartBasis basis;
    private readonly Lane frictionFactor;
    private readonly Lane wearFactor;
    private readonly Lane unknownBasisK;
    private Lane initialC;

    /// <summary>Makes an axle cold.</summary>
    /// <param name="parts">One wheel's parts.</param>
    /// <param name="pad">The pad.</param>
    /// <param name="members">Four members' heat factors.</param>
    /// <param name="padFactors">Four members' factors on friction and wear, and their shift of an unknown chart basis, K.</param>
    /// <param name="ambientC">Air temperature, C.</param>
    /// <param name="pressurePa">Air pressure, Pa.</param>
    public AxleRun(WheelParts parts, Pad pad, IReadOnlyList<WheelFactors> members, (Lane Friction, Lane Wear, Lane ChartShiftK) padFactors, double ambientC, double pressurePa)
    {
        ArgumentNullException.ThrowIfNull(pad);
        Wheel = new WheelNetwork(parts, members, ambientC, pressurePa);
        var curve = pad.FrictionCurveOf();
        var family = pad.FamilyOf();
        mu = new UniformTable(TableFromC, TableToC, TableSteps, curve.Assumed);
        wear = new UniformTable(TableFromC, TableToC, TableSteps, family.WearMm3PerMJ);
        basis = pad.Basis;
        frictionFactor = padFactors.Friction;
        wearFactor = padFactors.Wear;
        unknownBasisK = Vector256.Create(ChartTemperature.UnknownBasisK) + padFactors.ChartShiftK;
        initialC = Vector256.Create(ambientC);
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

    /// <summary>Pad volume worn off the axle, mm3.</summary>
    public Lane WornMm3 { get; private set; }

    /// <summary>Braking energy of the axle so far, J.</summary>
    public Lane EnergyJ { get; private set; }

    /// <summary>Remembers the temperature at which a stop begins.</summary>
    public void BeginStop() => initialC = Wheel.EmbeddedC;

    /// <summary>Moves the axle on.</summary>
    /// <param name="seconds">Step, s.</param>
    /// <param name="speedMS">Road speed, m/s.</param>
    /// <param name="axleJ">Energy into the axle's brakes in the step, J.</param>
    /// <param name="braking">True on the brakes.</param>
    public void Step(double seconds, double speedMS, Lane axleJ, bool braking)
    {
        Wheel.Step(seconds, speedMS, axleJ * (0.5 / seconds), braking);
        if (braking)
        {
            WornMm3 += axleJ * 1e-6 * wear.At(FaceC) * wearFactor;
            EnergyJ += axleJ;
        }

        Update();
    }

    private void Update()
    {
        FaceC = Wheel.FaceC;
        var embedded = Wheel.EmbeddedC;
        ChartC = basis switch
        {
            ChartBasis.InitialEmbedded => initialC,
            ChartBasis.InStopEmbedded => embedded,
            ChartBasis.Rubbing => FaceC,
            _ => Vector256.Min(Vector256.Max(FaceC, embedded), embedded + unknownBasisK),
        };
        Mu = mu.At(ChartC) * frictionFactor;
    }
}
