using Rimrock.Core.Driving;
using Rimrock.Core.Priors;
using Rimrock.Core.Vehicles;

namespace Rimrock.Core.Runs;

/// <content>How a step's work divides between the axles, and what it takes of the driver.</content>
public sealed partial class DayRun
{
    // How sure the braking work is: known best of the very day of a recording, worst where only the circuit and the pace are known.
    private static double EnergyExponent(PredictionPlan plan, DrivenBy by)
    {
        var spread = plan.Circuit.Recording is not null ? by == DrivenBy.Recording ? PriorSpread.EnergyAsDriven : PriorSpread.EnergyOfRecording
            : plan.Circuit.Zones is not null ? PriorSpread.EnergyOfZones : PriorSpread.Energy;
        return Math.Log(spread) / Math.Log(PriorSpread.Energy);
    }

    private Lane FrontShare(DrivingSchedule schedule, int i, Lane force)
    {
        var atTyresG = schedule.AtTyresG(i);
        var grip = GripG(schedule.SpeedMS[i]);
        var ideal = Lanes.MinNative(Lane.One, Lanes.Create(car.StaticFrontShare) + (force * schedule.TyreG[i] * transferPerG));
        if (car.Kind == VehicleKind.Motorcycle)
        {
            // Two levers: the rider, not the hydraulics, divides the work, and divides it by what each tyre carries.
            return Lanes.MinNative(Lanes.MaxNative(ideal + shareShift, Lane.Zero), Lane.One);
        }

        var wanted = Lanes.MaxNative(force * atTyresG, Lanes.Create(1e-6));
        var hydraulic = Split(Front.DiscMuAhead * torquePerPascal.Front, Rear.DiscMuAhead * torquePerPascal.Rear, wanted) + shareShift;
        if (!car.Electronics)
        {
            return Lanes.MaxNative(Lanes.MinNative(hydraulic, Lane.One), Lane.Zero);
        }

        var (least, most) = BrakeBalance.FrontShareLimits(wanted, ideal, grip, retardersG);
        return Lanes.MaxNative(Lanes.MinNative(hydraulic, most), least);
    }

    // What the step takes of the driver against what there is, at the friction in its middle.
    private void HoldAgainstForce(DrivingSchedule schedule, int i)
    {
        var grip = GripG(schedule.SpeedMS[i]);
        var front = Math.Min(1, car.StaticFrontShare + (schedule.TyreG[i] * car.CgHeightM / car.WheelbaseM));
        loop.Add(schedule.SpeedMS[i] * schedule.DurationS[i], schedule.AtTyresG(i), loop.Driven(schedule.Stop[i]).ForceFactor,
            new(Front.MidDiscMu, Rear.MidDiscMu), Speed.ToKmh(schedule.SpeedMS[i]),
            new(Math.Max(0, (grip * front) - retardersG.Front), Math.Max(0, (grip * (1 - front)) - retardersG.Rear)));
    }

    private double GripG(double speedMS) => gripG * (1 + car.AirLoadG(speedMS, airDensityKgM3));

    private Lane Split(Lane front, Lane rear, Lane atTyresG)
    {
        if (double.IsPositiveInfinity(valve.KneePa))
        {
            return front / (front + rear);
        }

        var torque = atTyresG * heavier * (car.MassKg * Speed.StandardGravityMS2 * car.TyreRadiusM);
        return front * valve.FrontPa(torque, front, rear, kneeFactor) / torque;
    }
}
