using Rimrock.Core.Driving;
using Rimrock.Core.Fluids;
using Rimrock.Core.Friction;
using Rimrock.Core.Limits;
using Rimrock.Core.Priors;
using Rimrock.Core.Rotors;
using Rimrock.Core.Runs;
using Rimrock.Core.Vehicles;

namespace Rimrock.Core.Fitting;

/// <summary>How pads do in one heat, as the search reckons it.</summary>
internal sealed partial class SetupSearch
{
    /// <summary>Torque of the hardest stop for each pascal that a leg gives, Nm/Pa; nought where no pedal is pressed.</summary>
    private static double LegTorque(PredictionPlan plan, Day day)
    {
        if (plan.Car.Kind == VehicleKind.Motorcycle)
        {
            return 0;
        }

        var bar = plan.Car.Hydraulics.PressureBar(LegForce.GreatestIn(plan.Car.Hydraulics));
        return day.Phases.SelectMany(phase => phase.Schedule.Stops).Distinct()
            .Select(stop => plan.StopTorqueNM(stop) / SpeedAndPressure.Factor(stop.MeanKmh, bar)).DefaultIfEmpty()
            .Max() / plan.Car.Hydraulics.EffectivePascal(bar);
    }

    /// <summary>About the chance that the hardest stop takes more than a leg gives, with both pads as hot as in the hottest lap.</summary>
    private double TooHardToPress(HeatCell cell, Pad front, Pad rear, PadState ahead, PadState behind)
    {
        double Torque(double sigmas) => (cell.Torque.Front * plan.Car.Front.DiscMu(PadTables.Of(front).Mu.At(ahead.HotC + (sigmas * ahead.HotSigma))))
            + (cell.Torque.Rear * plan.Car.Rear.DiscMu(PadTables.Of(rear).Mu.At(behind.HotC + (sigmas * behind.HotSigma))));
        var (middle, hot) = (Torque(0), Torque(1));
        var spread = Math.Log(PriorSpread.Leg);
        var fade = Math.Max(Math.Log(PriorSpread.Friction), Math.Log(middle / hot));
        return legTorque <= 0 ? 0 : ScreenChance.Exceeds(Math.Log(legTorque / middle), 0, Math.Sqrt((spread * spread) + (fade * fade)));
    }

    private PadCell PadInCell(HeatCell cell, Axle axle, Part<Pad> pad, double padWearFactor)
    {
        var heat = cell.Axles[axle];
        var band = PadTables.Of(pad.Body).Band;
        var log = HeatCell.LogConductivity(pad.Body);
        var ambient = plan.Weather.AmbientC;
        var basis = heat.BasisShiftK(pad.Body.Basis);
        var basisSigma = pad.Body.Basis == ChartBasis.Unknown ? PriorSpread.ChartBasisK : 0;
        var referenceAxleShare = axle == Axle.Rear ? 1 - cell.ReferenceShare : cell.ReferenceShare;
        var usable = RunningCost.UsableMm3(heat.Brake);
        var perMm = usable / Math.Max(0.1, heat.Brake.PadNewMm - heat.Brake.PadLimitMm);
        var start = pad.Id == Selection.FittedId ? heat.StartMm : pad.LeftMm ?? heat.Brake.PadNewMm;
        var changed = axle == Axle.Rear ? Selection.Fitted(plan) with { RearPad = pad } : Selection.Fitted(plan) with { FrontPad = pad };
        var outlay = Outlay(changed);
        var states = new PadState[PadCell.Buckets];
        for (var i = 0; i < PadCell.Buckets; i++)
        {
            var shift = -PadCell.ShareReach + (i * PadCell.ShareStep);
            var hot = heat.Hot.At(shift, log) + basis;
            var face = heat.Face.At(shift, log);
            var fades = ScreenChance.Exceeds(hot, band.ToC, Math.Sqrt((heat.Hot.Sigma * heat.Hot.Sigma) + (basisSigma * basisSigma)));
            var energyFactor = Math.Max(0.05, (referenceAxleShare + (axle == Axle.Rear ? -shift : shift)) / referenceAxleShare);
            var worn = heat.WornMm3(pad.Body, (face - ambient) / Math.Max(1, heat.Face.Middle - ambient), ambient, energyFactor) * padWearFactor;
            var through = ScreenChance.WearsThrough(worn * plan.Stint.Sessions / perMm, start - heat.Brake.PadLimitMm);
            var faceSigma = Math.Sqrt((heat.Face.Sigma * heat.Face.Sigma) + (heat.FaceLimitSigmaK * heat.FaceLimitSigmaK));
            var overheats = ScreenChance.Exceeds(face, heat.FaceLimitC, faceSigma);
            var gone = ScreenChance.WearsThrough(worn * plan.Stint.Sessions / perMm, start);
            var survival = new Survival(1 - gone, (1 - through) * (heat.FaceRuins ? 1 - overheats : 1) * (heat.FadeRuins ? 1 - fades : 1),
                (heat.FadeRuins ? 1 : 1 - fades) * (heat.FaceRuins ? 1 : 1 - overheats));
            if (axle == Axle.Front)
            {
                double Seals(double limitC) => ScreenChance.Exceeds(cell.Seals.At(shift, log), limitC,
                    Math.Sqrt((cell.Seals.Sigma * cell.Seals.Sigma) + (PriorSpread.SealK * PriorSpread.SealK)));
                survival = survival.And(new Survival(1 - Seals(LimitEdges.SealGoneC), 1 - Seals(LimitEdges.SealLimitC),
                    1 - ScreenChance.Exceeds(cell.Cone.At(shift, log), LimitEdges.ConeLimitUm,
                    Math.Sqrt((cell.Cone.Sigma * cell.Cone.Sigma) + (PriorSpread.ConeUm * PriorSpread.ConeUm)))));
            }

            states[i] = new PadState(survival, heat.Fluid.At(shift, log), heat.Fluid.Sigma, hot, heat.Hot.Sigma,
                ((pad.Body.PriceAxleSet ?? 0) * worn / cell.SessionHours / usable) + outlay);
        }

        var discMu = heat.Brake.DiscMu(heat.MeanMu(pad.Body));
        return new PadCell(states, discMu, Effort.Hours(changed, plan));
    }

    private List<InputFault> TooMuch()
    {
        var faults = new List<InputFault>();
        var (most, cellCount) = (Math.Max(pads.Length, rearPads.Length) - 1, rotors.Length * ducts.Length);
        if (most > MostPads)
        {
            faults.Add(new InputFault("shelf.pads", Said.Of("setup-search.could-fitted", most), Said.Of("setup-search.most-once", MostPads),
                Said.Of("setup-search.more-pads-can-weighed")));
        }

        if (cellCount > MostCells)
        {
            faults.Add(new InputFault("shelf.rotors", Said.Of("setup-search.rotors-ways-cooling", rotors.Length, ducts.Length),
                Said.Of("setup-search.most-both-together", MostCells),
                Said.Of("setup-search.more-rotors-ducts-can")));
        }

        if (faults.Count == 0 && (long)pads.Length * rearPads.Length * cellCount > MostWork)
        {
            faults.Add(new InputFault("shelf", Said.Of("setup-search.pads-rotors-ways-cooling", pads.Length, rotors.Length, ducts.Length),
                Said.Of("setup-search.fewer-one-them"),
                Said.Of("setup-search.more-setups-can-weighed")));
        }

        return faults;
    }

    private StreetManners[][] StreetTable(CancellationToken cancel)
    {
        var table = new StreetManners[pads.Length][];
        for (var front = 0; front < pads.Length; front++)
        {
            cancel.ThrowIfCancellationRequested();
            var pad = pads[front].Body;
            table[front] = [.. rearPads.Select(rear =>
                StreetManners.Of(StreetManners.QuickExtraMetres(plan, pad, rear.Body, everydayPedalN), pad, rear.Body, wishes, plan.RoadShare()))];
        }

        return table;
    }
}
