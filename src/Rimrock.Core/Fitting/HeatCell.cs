using Rimrock.Core.Driving;
using Rimrock.Core.Friction;
using Rimrock.Core.Limits;
using Rimrock.Core.Rotors;
using Rimrock.Core.Runs;
using Rimrock.Core.Vehicles;

namespace Rimrock.Core.Fitting;

/// <summary>
/// One rotor with one duct: a single run of the first session with reference pads, seven members side by side, from which
/// the heat of any pair of pads is read. The reduction rests on this: pads change the heat mainly through the split between
/// the axles and through their own conductivity. What later sessions add is taken from the fitted car's whole day.
/// </summary>
internal sealed class HeatCell
{
    private const int CoarseBins = 4;
    private static readonly Pad Reference = new("reference", "track-sport", Basis: ChartBasis.InStopEmbedded);

    private HeatCell(Axles<AxleHeat> axles, HeatResponse seals, HeatResponse cone, double faceOverMeanK, double referenceShare, Axles<double> torque,
        double hours)
    {
        Axles = axles;
        Seals = seals;
        Cone = cone;
        FaceOverMeanK = faceOverMeanK;
        Torque = torque;
        ReferenceShare = referenceShare;
        SessionHours = hours;
    }

    public Axles<AxleHeat> Axles { get; }

    public HeatResponse Seals { get; }

    public HeatResponse Cone { get; }

    /// <summary>Front face over its section's mean, K.</summary>
    public double FaceOverMeanK { get; }

    /// <summary>Hydraulic front share of the reference pads.</summary>
    public double ReferenceShare { get; }

    /// <summary>Torque of each axle for each pascal at a friction of 1, Nm/Pa.</summary>
    public Axles<double> Torque { get; }

    /// <summary>Hours driven in the session.</summary>
    public double SessionHours { get; }

    /// <summary>Braking energy of one front disc in a track hour, J.</summary>
    public double FrontDiscJPerHour => Axles.Front.Energy.Sum(bin => bin.Joules) / (Axles.Front.Brake.Discs * SessionHours);

    /// <summary>Figures of a run that later sessions add to: by part, the day's peak over the first session's.</summary>
    public static Func<BrakePart, double> Later(PredictionPlan plan, Day day)
    {
        var run = Run(WithReference(plan), day.Phases, [CarFactors.Median]);
        double Peak(BrakePart part, Func<PhaseRecord, bool> which) => run.Phases.Where(which).Max(phase => phase.Peak[(int)part][0]);
        return part => Peak(part, _ => true) - Peak(part, phase => phase.Phase.Session == 1);
    }

    /// <summary>Runs a cell.</summary>
    /// <param name="plan">The plan with the cell's rotor and duct.</param>
    /// <param name="day">The day.</param>
    /// <param name="later">What later sessions add, by part, K.</param>
    public static HeatCell Of(PredictionPlan plan, Day day, Func<BrakePart, double> later)
    {
        DayPhase[] phases = [.. day.Phases.Where(phase => phase.Session == 1)];
        var reference = WithReference(plan);
        var run = Run(reference, phases, HeatResponse.Design);
        var hours = phases.Where(phase => phase.Kind != PhaseKind.Parked).Sum(phase => phase.Schedule.TotalS()) / 3600;
        var perPascal = ColdStop.TorquePerPascal(plan);
        var front = Axle(run, run.Front, plan.Car.Front, BrakePart.FrontFace, phase =>
            phase.FrontEnergy, (plan, LimitCode.FrontFace, LimitCode.FrontPadHot, plan.FrontRotor), plan.FrontPadMm, plan.Weather.AmbientC, later);
        var rear = Axle(run, run.Rear, plan.Car.Rear, BrakePart.RearFace, phase =>
            phase.RearEnergy, (plan, LimitCode.RearFace, LimitCode.RearPadHot, plan.RearRotor), plan.RearPadMm, plan.Weather.AmbientC, later);
        double Peak(BrakePart part, int member) => run.Phases.Max(phase => phase.Peak[(int)part][member]);
        var cell = new HeatCell(new(front, rear),
            HeatResponse.Read(member => Peak(BrakePart.FrontSeals, member), later(BrakePart.FrontSeals)),
            HeatResponse.Read(member => run.Phases.Max(phase => 1000 * RingShape.EdgeMm(plan.FrontRotor, phase.Shape.ConeRad[member]))),
            run.Phases.Max(phase => phase.Shape.FaceOverMeanK[0]),
            BrakeBalance.HydraulicFrontShare(perPascal.Front, perPascal.Rear, plan.Car.Front.DiscMu(front.MeanMu(Reference)),
                plan.Car.Rear.DiscMu(rear.MeanMu(Reference))),
            perPascal, hours);
        return cell;
    }

    /// <summary>Front share over the reference pads' for two frictions.</summary>
    public double ShareShift(double frontDiscMu, double rearDiscMu) =>
        BrakeBalance.HydraulicFrontShare(Torque.Front, Torque.Rear, frontDiscMu, rearDiscMu) - ReferenceShare;

    /// <summary>Logarithm of a pad's conductivity over the reference's.</summary>
    public static double LogConductivity(Pad pad) => Math.Log(pad.FamilyOf().ConductivityWMK / Reference.FamilyOf().ConductivityWMK);

    private static PredictionPlan WithReference(PredictionPlan plan) => plan with { FrontPad = Reference, RearPad = Reference, Bedded = true };

    private static DayRun Run(PredictionPlan plan, IEnumerable<DayPhase> phases, IReadOnlyList<CarFactors> members)
    {
        var run = new DayRun(plan, members, demands: false, by: DrivenBy.Plan);
        foreach (var phase in phases)
        {
            run.Run(phase);
        }

        return run;
    }

    private static AxleHeat Axle(DayRun run, AxleRun axle, AxleBrake brake, BrakePart face, Func<PhaseRecord, EnergyHistogram> energyOf,
        (PredictionPlan Plan, string Face, string Pad, Rotors.Rotor Rotor) limits, double? startMm, double ambientC, Func<BrakePart, double> later)
    {
        // The parts come in pairs, front then rear, in the order of BrakePart.
        var offset = (int)face - (int)BrakePart.FrontFace;
        var chart = BrakePart.FrontChart + offset;
        var fluid = BrakePart.FrontFluid + offset;
        double Peak(BrakePart part, int member) => run.Phases.Max(phase => phase.Peak[(int)part][member]);
        var laps = run.Phases.Where(phase => phase.Phase.Kind == PhaseKind.HotLap).ToList();
        double Hot(int member) => laps.Count == 0 ? Peak(chart, member) : laps.Max(lap => energyOf(lap).Quantile(1 - LimitEdges.HotShare, member));
        var hot = HeatResponse.Read(Hot, later(chart));
        var energy = Coarse(run, energyOf);
        var heat = new AxleHeat(hot, HeatResponse.Read(member => Peak(face, member), later(face)),
            HeatResponse.Read(member => Peak(fluid, member), later(fluid)),
            Math.Max(0, Peak(face, 0) - Peak(chart, 0)), Math.Max(0, Peak(chart, 0) - Peak(BrakePart.FrontRotor + offset, 0)), energy, 1,
            LimitEdges.FaceLimitC(limits.Rotor), LimitEdges.FaceLimitC(limits.Rotor, 1) - LimitEdges.FaceLimitC(limits.Rotor),
            LimitTable.Find(limits.Face).HarmOf(limits.Plan) == Harm.Damage, LimitTable.Find(limits.Pad).HarmOf(limits.Plan) == Harm.Damage, brake,
            startMm ?? brake.PadNewMm);
        var plain = heat.WornMm3(Reference, 1, ambientC, 1);
        return heat with { WearFactor = plain > 0 ? axle.WornMm3[0] / plain : 1 };
    }

    private static (double Celsius, double Joules)[] Coarse(DayRun run, Func<PhaseRecord, EnergyHistogram> energyOf)
    {
        var sum = new EnergyHistogram();
        foreach (var phase in run.Phases)
        {
            sum.Add(energyOf(phase));
        }

        return [.. Enumerable.Range(0, EnergyHistogram.Bins / CoarseBins)
            .Select(group => (Celsius: EnergyHistogram.StartC + (EnergyHistogram.BinK * CoarseBins * (group + 0.5)),
                Joules: Enumerable.Range(group * CoarseBins, CoarseBins).Sum(bin => sum.Weight(bin, 0))))
            .Where(bin => bin.Joules > 0)];
    }
}
