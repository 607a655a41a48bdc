using Rimrock.Core.Driving;
using Rimrock.Core.Fluids;
using Rimrock.Core.Friction;
using Rimrock.Core.Judgement;
using Rimrock.Core.Limits;
using Rimrock.Core.Priors;
using Rimrock.Core.Quantities;
using Rimrock.Core.Rotors;
using Rimrock.Core.Runs;
using Rimrock.Core.Vehicles;

namespace Rimrock.Core.Fitting;

/// <summary>A fluid with lines, as far as the search needs them.</summary>
internal sealed record Filling(Part<BrakeFluid> Fluid, Part<LineKit>? Lines, double VapourC, double SigmaK, double CostPerHour, double EffortHours, double Buy)
{
    /// <summary>About the chance that vapour shows at neither axle.</summary>
    public double Holds(double frontC, double frontSigma, double rearC, double rearSigma) =>
        (1 - ScreenChance.Exceeds(frontC, VapourC, Math.Sqrt((frontSigma * frontSigma) + (SigmaK * SigmaK))))
            * (1 - ScreenChance.Exceeds(rearC, VapourC, Math.Sqrt((rearSigma * rearSigma) + (SigmaK * SigmaK))));
}

/// <summary>What a search found before anything was looked at closely.</summary>
/// <param name="Front">The Pareto set.</param>
/// <param name="BestWith">The best setup that has a part, by kind and id.</param>
/// <param name="Examined">Setups weighed.</param>
/// <param name="Fillings">Fluids with lines that no other beats in everything.</param>
internal sealed record SearchResult(IReadOnlyList<(Objectives Objectives, Setup Setup)> Front, IReadOnlyDictionary<(string Kind, string Id),
    (Objectives Objectives, Setup Setup)> BestWith, long Examined, IReadOnlyList<Filling> Fillings);

/// <summary>
/// Weighs every front pad with every rear pad, rotor, duct, fluid and lines. The heat of a pair of pads is read from one run
/// for each rotor and duct (<see cref="HeatCell"/>), limits are taken as normal about it and as independent: it only nominates what <see cref="Judge"/> then
/// judges. Fluids with lines that boil no
/// later, vary no more, cost no more and are no more work than another are left out beforehand, which loses nothing. Same input, same answer.
/// </summary>
internal sealed class SetupSearch(PredictionPlan plan, Offer offer, Wishes wishes, Day day)
{
    /// <summary>More pads than this are not weighed against each other in one answer: their pairs grow with the square.</summary>
    internal const int MostPads = 260;

    /// <summary>Rotors with ducts that are run in one answer.</summary>
    internal const int MostCells = 240;

    /// <summary>Pairs of pads times rotors with ducts that are weighed in one answer: some five seconds on two cores.</summary>
    private const long MostWork = 4_000_000;

    private const double ShareReach = 0.16;
    private const double ShareStep = 0.02;
    private static readonly int Buckets = (int)Math.Round(2 * ShareReach / ShareStep) + 1;

    private readonly Part<Pad>[] pads = [new(Setup.FittedId, plan.FrontPad), .. offer.Pads.Where(pad => HardStops.OfPad(pad.Body, wishes) is null)];
    private readonly Part<Pad>[] rearPads =
        [new(Setup.FittedId, plan.RearPad), .. offer.Pads.Where(pad => HardStops.Of(pad.Body, plan.RearRotor, wishes) is null)];
    private readonly Part<Rotor>[] rotors =
        [new(Setup.FittedId, plan.FrontRotor), .. offer.Rotors.Where(rotor => HardStops.Of(rotor.Body, plan, wishes) is null)];
    private readonly Part<DuctKit>?[] ducts = [null, .. offer.Ducts.Where(duct => HardStops.Of(duct.Body, wishes) is null)];
    private readonly double seasonHours = RunningCost.SeasonHours(plan, wishes);
    private readonly double originalShare = EqualPadShare(plan);
    private readonly double everydayPedalN = ColdStop.EverydayPedalN(plan);
    private readonly Dictionary<(string Rotor, string Duct), HeatCell> cells = [];
    private readonly double legTorque = LegTorque(plan, day);

    /// <summary>Runs the search.</summary>
    /// <param name="progress">Told the share done, from several threads.</param>
    /// <param name="cancel">Stops between pads.</param>
    /// <exception cref="InputFaultException">More on offer than can be weighed in one answer: says what to narrow.</exception>
    public SearchResult Run(Action<double>? progress, CancellationToken cancel)
    {
        InputFaultException.ThrowIfAny(TooMuch());
        var fillings = Fillings();
        var later = HeatCell.Later(plan, day);
        var street = StreetTable(cancel);
        var places = rotors.SelectMany((_, rotor) => ducts.Select((_, duct) => (Rotor: rotor, Duct: duct))).ToArray();
        var found = new CellResult[places.Length];
        var heats = new HeatCell[places.Length];
        var done = 0;
        Parallel.For(0, places.Length, new ParallelOptions { CancellationToken = cancel }, place =>
        {
            var (rotor, duct) = places[place];
            heats[place] = HeatCell.Of((Setup.Fitted(plan) with { FrontRotor = rotors[rotor], Duct = ducts[duct] }).On(plan, wishes), day, later);
            found[place] = SearchCell(heats[place], rotor, duct, fillings, street, cancel);
            progress?.Invoke((double)Interlocked.Increment(ref done) / places.Length);
        });
        for (var place = 0; place < places.Length; place++)
        {
            cells[(rotors[places[place].Rotor].Id, ducts[places[place].Duct]?.Id ?? Setup.FittedId)] = heats[place];
        }

        var front = new ParetoSet(wishes);
        var bestWith = new Dictionary<(string Kind, string Id), Scored>();
        foreach (var cell in found)
        {
            foreach (var (_, exact, index) in cell.Front.Kept.OrderBy(kept => kept.Exact.Score(wishes)))
            {
                front.Offer(exact, index);
            }

            foreach (var (part, candidate) in cell.BestWith(index => SetupAt(index, fillings)))
            {
                if (!bestWith.TryGetValue(part, out var held) || candidate.Score < held.Score)
                {
                    bestWith[part] = candidate;
                }
            }
        }

        return new SearchResult(
            [.. front.Kept.Select(one => (one.Exact, Setup: SetupAt(one.Setup, fillings))).OrderBy(one => one.Exact.Score(wishes))
                .ThenBy(one => one.Setup.Key(), StringComparer.Ordinal)],
            bestWith.ToDictionary(pair => pair.Key, pair => (pair.Value.Objectives, SetupAt(pair.Value.Index, fillings))),
            found.Sum(cell => cell.Examined), fillings);
    }

    /// <summary>Front share of equal pads on the fitted rotors.</summary>
    internal static double EqualPadShare(PredictionPlan plan)
    {
        var perPascal = ColdStop.TorquePerPascal(plan);
        return BrakeBalance.HydraulicFrontShare(perPascal.Front, perPascal.Rear, plan.Car.Front.DiscMu(0.4), plan.Car.Rear.DiscMu(0.4));
    }

    /// <summary>How poorly a pair of pads bites and lets go, 0 to 1.</summary>
    internal static double Roughness(Pad front, Pad rear)
    {
        const int unknown = 5;
        static double Of(Pad pad) => (pad.Traits?.Bite ?? unknown) + (pad.Traits?.Release ?? unknown);
        return 1 - ((Of(front) + Of(rear)) / 40);
    }

    private Setup SetupAt(SetupIndex index, Filling[] fillings) =>
        new(pads[index.FrontPad], rearPads[index.RearPad], rotors[index.Rotor], ducts[index.Duct], fillings[index.Fluid].Fluid, fillings[index.Fluid].Lines);

    private Filling[] Fillings()
    {
        Part<BrakeFluid>[] fluids =
            [new(Setup.FittedId, plan.Fluid), .. offer.Fluids.Append(new(Setup.FreshId, plan.Fluid)).Where(fluid => HardStops.Of(fluid.Body, plan) is null)];
        Part<LineKit>?[] lines = [null, .. offer.Lines.Where(kit => HardStops.Of(kit.Body, wishes) is null)];
        var all = fluids.SelectMany(fluid => lines.Select(kit => FillingOf(fluid, kit))).ToArray();
        return [.. all.Where((one, i) => !all.Where((other, j) => i != j && Beats(other, one, j < i)).Any())];

        static bool Beats(Filling other, Filling one, bool earlier) =>
            other.VapourC >= one.VapourC && other.SigmaK <= one.SigmaK && other.CostPerHour <= one.CostPerHour && other.EffortHours <= one.EffortHours
            && (earlier || other.VapourC > one.VapourC || other.SigmaK < one.SigmaK || other.CostPerHour < one.CostPerHour
                || other.EffortHours < one.EffortHours);
    }

    private Filling FillingOf(Part<BrakeFluid> fluid, Part<LineKit>? kit)
    {
        var setup = Setup.Fitted(plan) with { Fluid = fluid, Lines = kit };
        var on = setup.On(plan, wishes);
        var vapour = FluidSeason.Vapour(on.Fluid, on.FluidState, plan.Circuit.AltitudeM);
        var flushes = wishes.FreshFluidEachEvent ? wishes.EventsAYear : 1;
        var running = ((flushes * RunningCost.FlushLitres * (fluid.Body.PriceLitre ?? 0)) + ((kit?.Body.Price ?? 0) / RunningCost.WriteOffYears)) / seasonHours;
        return new Filling(fluid, kit, vapour.P50, (vapour.P90 - vapour.P10) / ScreenChance.EightTenthsWidth, running + Outlay(setup),
            Effort.Hours(setup, plan.FrontRotor), RunningCost.BuyNowOf(setup) ?? 0);
    }

    private List<InputFault> TooMuch()
    {
        var faults = new List<InputFault>();
        var (most, cellCount) = (Math.Max(pads.Length, rearPads.Length) - 1, rotors.Length * ducts.Length);
        if (most > MostPads)
        {
            faults.Add(new InputFault("shelf.pads", Text($"{most} that could be fitted"), Text($"at most {MostPads} at once"),
                "More pads than can be weighed against each other at once. Archive those you would never fit, or ask for road approval or for pads that " +
                "come bedded."));
        }

        if (cellCount > MostCells)
        {
            faults.Add(new InputFault("shelf.rotors", Text($"{rotors.Length} rotors with {ducts.Length} ways of cooling"),
                Text($"at most {MostCells} of both together"),
                "More rotors and ducts than can be run at once. Archive those you would never fit, or ask for one school of rotors."));
        }

        if (faults.Count == 0 && (long)pads.Length * rearPads.Length * cellCount > MostWork)
        {
            faults.Add(new InputFault("shelf", Text($"{pads.Length} pads, {rotors.Length} rotors, {ducts.Length} ways of cooling"), "fewer of one of them",
                "More setups than can be weighed at once. Archive pads, rotors or ducts that you would never fit."));
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
                StreetManners.Of(StreetManners.QuickExtraMetres(plan, pad, rear.Body, everydayPedalN), pad, rear.Body, wishes, plan.RoadPercent / 100))];
        }

        return table;
    }

    private CellResult SearchCell(HeatCell cell, int rotorIndex, int ductIndex, Filling[] fillings, StreetManners[][] street, CancellationToken cancel)
    {
        var rotor = rotors[rotorIndex];
        var duct = ducts[ductIndex];
        var setup = Setup.Fitted(plan) with { FrontRotor = rotor, Duct = duct };
        var result = new CellResult(wishes, pads.Length, rearPads.Length, fillings.Length);
        var front = pads.Select(pad => HardStops.Of(pad.Body, rotor.Body, wishes) is null || (pad.Id == Setup.FittedId && rotor.Id == Setup.FittedId)
            ? PadInCell(cell, cell.Front, pad, rear: false, rotor.Body.Finish?.PadWearFactor() ?? 1) : null).ToArray();
        var rear = rearPads.Select(pad => PadInCell(cell, cell.Rear, pad, rear: true, 1)).ToArray();
        var effort = Effort.Hours(setup, plan.FrontRotor);
        var least = new Filling(fillings[0].Fluid, null, 0, 0, fillings.Min(filling => filling.CostPerHour), fillings.Min(filling => filling.EffortHours), 0);
        for (var f = 0; f < front.Length; f++)
        {
            cancel.ThrowIfCancellationRequested();
            if (front[f] is not { } ahead)
            {
                continue;
            }

            var rotorCost = RotorCostPerHour(rotor, duct, pads[f].Body, cell);
            for (var r = 0; r < rear.Length; r++)
            {
                var budget = (wishes.MostToBuy ?? double.MaxValue) - (RunningCost.BuyNowOf(setup with { FrontPad = pads[f], RearPad = rearPads[r] }) ?? 0);
                if (budget < 0 || (street[f][r].ExtraMetres > wishes.MostColdMetres && (f > 0 || r > 0)))
                {
                    result.Pass(fillings.Length);
                    continue;
                }

                var pair = Weigh(cell, ahead, rear[r]!, pads[f].Body, rearPads[r].Body, street[f][r].Penalty, rotorCost, effort);
                result.Pass(fillings.Length);
                if (result.CannotGain(With(pair, least, 1), f, r))
                {
                    continue;
                }

                for (var i = 0; i < fillings.Length; i++)
                {
                    if (fillings[i].Buy > budget)
                    {
                        continue;
                    }

                    var holds = fillings[i].Holds(pair.FrontFluidC, pair.FrontFluidSigma, pair.RearFluidC, pair.RearFluidSigma);
                    result.Weigh(With(pair, fillings[i], holds), new SetupIndex((short)f, (short)r, (short)rotorIndex, (short)ductIndex, (short)i));
                }
            }
        }

        return result;
    }

    /// <summary>The quick objectives of one setup whose parts were searched.</summary>
    public Objectives Quick(Setup setup)
    {
        var cell = cells[(setup.FrontRotor.Id, setup.Duct?.Id ?? Setup.FittedId)];
        var ahead = PadInCell(cell, cell.Front, setup.FrontPad, rear: false, setup.FrontRotor.Body.Finish?.PadWearFactor() ?? 1);
        var behind = PadInCell(cell, cell.Rear, setup.RearPad, rear: true, 1);
        var street = StreetManners.Of(StreetManners.QuickExtraMetres(plan, setup.FrontPad.Body, setup.RearPad.Body, everydayPedalN), setup.FrontPad.Body,
            setup.RearPad.Body, wishes, plan.RoadPercent / 100);
        var filling = FillingOf(setup.Fluid, setup.Lines);
        var pair = Weigh(cell, ahead, behind, setup.FrontPad.Body, setup.RearPad.Body, street.Penalty,
            RotorCostPerHour(setup.FrontRotor, setup.Duct, setup.FrontPad.Body, cell),
            Effort.Hours(Setup.Fitted(plan) with { FrontRotor = setup.FrontRotor, Duct = setup.Duct }, plan.FrontRotor));
        return With(pair, filling, filling.Holds(pair.FrontFluidC, pair.FrontFluidSigma, pair.RearFluidC, pair.RearFluidSigma));
    }

    private Objectives With(Pair pair, Filling filling, double holds) => pair.Basic with
    {
        Chances = new Screened(1 - (pair.Survival.Danger * holds), 1 - pair.Survival.Damage, 1 - pair.Survival.Nuisance),
        CostPerSeason = pair.Basic.CostPerSeason + (seasonHours * filling.CostPerHour),
        EffortHours = pair.Basic.EffortHours + filling.EffortHours,
    };

    private Pair Weigh(HeatCell cell, PadCell ahead, PadCell behind, Pad front, Pad rear, double street, double rotorCost, double effort)
    {
        var shift = cell.ShareShift(ahead.DiscMu, behind.DiscMu);
        var (a, b) = (ahead.At(shift), behind.At(shift));
        var survival = a.Survival.And(b.Survival);
        survival = survival with { Danger = survival.Danger * (1 - TooHardToPress(cell, front, rear, a, b)) };
        var basic = new Objectives(default, street, seasonHours * (a.CostPerHour + b.CostPerHour + rotorCost), effort + ahead.EffortHours + behind.EffortHours,
            Math.Abs(shift + cell.ReferenceShare - originalShare), Roughness(front, rear));
        return new Pair(basic, survival, a.FluidC, a.FluidSigma, b.FluidC, b.FluidSigma);
    }

    /// <summary>Torque of the hardest stop for each pascal that a leg gives, Nm/Pa; nought where no pedal is pressed.</summary>
    private static double LegTorque(PredictionPlan plan, Day day)
    {
        if (plan.Car.Kind == VehicleKind.Motorcycle)
        {
            return 0;
        }

        var bar = plan.Car.Hydraulics.PressureBar(LegForce.GreatestIn(plan.Car.Hydraulics));
        return day.Track.SelectMany(phase => phase.Schedule.Stops).Distinct()
            .Select(stop => plan.StopTorqueNM(stop) / SpeedAndPressure.Factor(stop.MeanKmh, bar)).DefaultIfEmpty()
            .Max() / plan.Car.Hydraulics.EffectivePascal(bar);
    }

    /// <summary>About the chance that the hardest stop takes more than a leg gives, with both pads as hot as in the hottest lap.</summary>
    private double TooHardToPress(HeatCell cell, Pad front, Pad rear, PadState ahead, PadState behind)
    {
        double Torque(double sigmas) => (cell.FrontTorque * plan.Car.Front.DiscMu(PadTables.Of(front).Mu.At(ahead.HotC + (sigmas * ahead.HotSigma))))
            + (cell.RearTorque * plan.Car.Rear.DiscMu(PadTables.Of(rear).Mu.At(behind.HotC + (sigmas * behind.HotSigma))));
        var (middle, hot) = (Torque(0), Torque(1));
        var spread = Math.Log(PriorSpread.Leg);
        var fade = Math.Max(Math.Log(PriorSpread.Friction), Math.Log(middle / hot));
        return legTorque <= 0 ? 0 : ScreenChance.Exceeds(Math.Log(legTorque / middle), 0, Math.Sqrt((spread * spread) + (fade * fade)));
    }

    /// <summary>Rings, hats and ducts for each track hour, and what of them has to be bought.</summary>
    private double RotorCostPerHour(Part<Rotor> rotor, Part<DuctKit>? duct, Pad pad, HeatCell cell)
    {
        var rings = 2 * (rotor.Body.Finish?.RingPrice ?? rotor.Body.Price ?? 0)
            / RunningCost.RingHours(rotor.Body, pad, cell.FrontDiscJPerHour, cell.FaceOverMeanK);
        var hats = rotor.Id != Setup.FittedId && rotor.Body.Finish?.RingPrice is { } ring
            ? 2 * ((rotor.Body.Price ?? ring) - ring) / RunningCost.WriteOffYears / seasonHours : 0;
        var ducting = (duct?.Body.Price ?? 0) / RunningCost.WriteOffYears / seasonHours;
        return rings + hats + ducting + Outlay(Setup.Fitted(plan) with { FrontRotor = rotor, Duct = duct });
    }

    /// <summary>What has to be bought, for each hour of two seasons.</summary>
    private double Outlay(Setup setup) => (RunningCost.BuyNowOf(setup) ?? 0) / (Objectives.OutlaySeasons * seasonHours);

    private PadCell PadInCell(HeatCell cell, AxleHeat heat, Part<Pad> pad, bool rear, double padWearFactor)
    {
        var band = PadTables.Of(pad.Body).Band;
        var log = HeatCell.LogConductivity(pad.Body);
        var ambient = plan.Weather.AmbientC;
        var basis = heat.BasisShiftK(pad.Body.Basis);
        var basisSigma = pad.Body.Basis == ChartBasis.Unknown ? PriorSpread.ChartBasisK : 0;
        var referenceAxleShare = rear ? 1 - cell.ReferenceShare : cell.ReferenceShare;
        var usable = RunningCost.UsableMm3(heat.Brake);
        var perMm = usable / Math.Max(0.1, heat.Brake.PadNewMm - heat.Brake.PadLimitMm);
        var start = pad.Id == Setup.FittedId ? heat.StartMm : heat.Brake.PadNewMm;
        var changed = rear ? Setup.Fitted(plan) with { RearPad = pad } : Setup.Fitted(plan) with { FrontPad = pad };
        var outlay = Outlay(changed);
        var states = new PadState[Buckets];
        for (var i = 0; i < Buckets; i++)
        {
            var shift = -ShareReach + (i * ShareStep);
            var hot = heat.Hot.At(shift, log) + basis;
            var face = heat.Face.At(shift, log);
            var fades = ScreenChance.Exceeds(hot, band.ToC, Math.Sqrt((heat.Hot.Sigma * heat.Hot.Sigma) + (basisSigma * basisSigma)));
            var energyFactor = Math.Max(0.05, (referenceAxleShare + (rear ? -shift : shift)) / referenceAxleShare);
            var worn = heat.WornMm3(pad.Body, (face - ambient) / Math.Max(1, heat.Face.Middle - ambient), ambient, energyFactor) * padWearFactor;
            var through = ScreenChance.WearsThrough(worn * plan.Stint.Sessions / perMm, start - heat.Brake.PadLimitMm);
            var faceSigma = Math.Sqrt((heat.Face.Sigma * heat.Face.Sigma) + (heat.FaceLimitSigmaK * heat.FaceLimitSigmaK));
            var overheats = ScreenChance.Exceeds(face, heat.FaceLimitC, faceSigma);
            var gone = ScreenChance.WearsThrough(worn * plan.Stint.Sessions / perMm, start);
            var survival = new Survival(1 - gone, (1 - through) * (heat.FaceRuins ? 1 - overheats : 1) * (heat.FadeRuins ? 1 - fades : 1),
                (heat.FadeRuins ? 1 : 1 - fades) * (heat.FaceRuins ? 1 : 1 - overheats));
            if (!rear)
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
        return new PadCell(states, discMu, Effort.Hours(changed, plan.FrontRotor));
    }

    /// <summary>A pair of pads in a cell, before any fluid.</summary>
    private readonly record struct Pair(Objectives Basic, Survival Survival, double FrontFluidC, double FrontFluidSigma, double RearFluidC,
        double RearFluidSigma);

    /// <summary>That nothing dangerous, nothing ruinous, no nuisance happens, taken as independent.</summary>
    private readonly record struct Survival(double Danger, double Damage, double Nuisance)
    {
        public Survival And(Survival other) => new(Danger * other.Danger, Damage * other.Damage, Nuisance * other.Nuisance);
    }

    /// <summary>A pad in a cell at one split between the axles.</summary>
    private readonly record struct PadState(Survival Survival, double FluidC, double FluidSigma, double HotC, double HotSigma, double CostPerHour);

    /// <summary>A pad in a cell over all splits.</summary>
    private sealed record PadCell(PadState[] States, double DiscMu, double EffortHours)
    {
        public PadState At(double shift)
        {
            var place = Math.Clamp((shift + ShareReach) / ShareStep, 0, Buckets - 1.0);
            var i = Math.Min(Buckets - 2, (int)place);
            var (a, b, t) = (States[i], States[i + 1], place - i);
            double Between(double x, double y) => x + ((y - x) * t);
            return new PadState(new Survival(Between(a.Survival.Danger, b.Survival.Danger), Between(a.Survival.Damage, b.Survival.Damage),
                Between(a.Survival.Nuisance, b.Survival.Nuisance)), Between(a.FluidC, b.FluidC), a.FluidSigma, Between(a.HotC, b.HotC), a.HotSigma,
                Between(a.CostPerHour, b.CostPerHour));
        }
    }
}
