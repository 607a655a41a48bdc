using Rimrock.Core.Driving;
using Rimrock.Core.Fluids;
using Rimrock.Core.Friction;
using Rimrock.Core.Judgement;
using Rimrock.Core.Rotors;
using Rimrock.Core.Runs;
using Rimrock.Core.Vehicles;

namespace Rimrock.Core.Fitting;

/// <summary>
/// Weighs every front pad with every rear pad, rotor, duct, fluid and lines. The heat of a pair of pads is read from one run
/// for each rotor and duct (<see cref="HeatCell"/>), limits are taken as normal about it and as independent: it only nominates what <see cref="Judge"/> then
/// judges. Fluids with lines that boil no
/// later, vary no more, cost no more and are no more work than another are left out beforehand, which loses nothing. Same input, same answer.
/// </summary>
internal sealed partial class SetupSearch(PredictionPlan plan, Offer offer, Wishes wishes, Day day)
{
    /// <summary>More pads than this are not weighed against each other in one answer: their pairs grow with the square.</summary>
    internal const int MostPads = 260;

    /// <summary>Rotors with ducts that are run in one answer.</summary>
    internal const int MostCells = 240;

    /// <summary>Pairs of pads times rotors with ducts that are weighed in one answer: some five seconds on two cores.</summary>
    private const long MostWork = 4_000_000;

    private readonly Part<Pad>[] pads = [new(Selection.FittedId, plan.FrontPad),
        .. offer.Pads.Where(pad => pad.IsFor(Axle.Front) && !wishes.IsKept(ClassPart.Pads) && HardStops.OfPad(pad.Body, wishes) is null
        && FitRules.Of(pad.Body, Axle.Front, plan.Car) is null)];
    private readonly Part<Pad>[] rearPads =
        [new(Selection.FittedId, plan.RearPad), .. offer.Pads.Where(pad => pad.IsFor(Axle.Rear)
            && HardStops.Of(pad.Body, Axle.Rear, plan.RearRotor, plan, wishes) is null)];
    private readonly Part<Rotor>[] rotors =
        [new(Selection.FittedId, plan.FrontRotor), .. offer.Rotors.Where(rotor => HardStops.Of(rotor.Body, plan, wishes) is null)];
    private readonly Part<DuctKit>?[] ducts = [null, .. offer.Ducts.Where(duct => HardStops.Of(duct.Body, plan, wishes) is null)];
    private readonly double seasonHours = RunningCost.SeasonHours(plan);
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
            heats[place] = HeatCell.Of((Selection.Fitted(plan) with { FrontRotor = rotors[rotor], Duct = ducts[duct] }).On(plan, wishes), day, later);
            found[place] = SearchCell(heats[place], rotor, duct, fillings, street, cancel);
            progress?.Invoke((double)Interlocked.Increment(ref done) / places.Length);
        });
        for (var place = 0; place < places.Length; place++)
        {
            cells[(rotors[places[place].Rotor].Id, ducts[places[place].Duct]?.Id ?? Selection.FittedId)] = heats[place];
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
            [.. front.Kept.Select(one => (one.Exact, Selection: SetupAt(one.Selection, fillings))).OrderBy(one => one.Exact.Score(wishes))
                .ThenBy(one => one.Selection.Key(), StringComparer.Ordinal)],
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
    /// <param name="front">Front pad.</param>
    /// <param name="rear">Rear pad.</param>
    /// <param name="points">What the front rotors' slots do for it, in points of ten.</param>
    internal static double Roughness(Pad front, Pad rear, double points = 0)
    {
        const int unknown = 5;
        static double Of(Pad pad) => (pad.Traits?.Bite ?? unknown) + (pad.Traits?.Release ?? unknown);
        return 1 - ((Of(front) + points + Of(rear)) / 40);
    }

    private Selection SetupAt(SetupIndex index, Filling[] fillings) =>
        new(pads[index.FrontPad], rearPads[index.RearPad], rotors[index.Rotor], ducts[index.Duct], fillings[index.Fluid].Fluid, fillings[index.Fluid].Lines);

    private Filling[] Fillings()
    {
        // The same anew is on offer already where it lies in an opened bottle.
        var fresh = Selection.SameFluid(Selection.FreshId, plan, offer);
        Part<BrakeFluid>[] fluids =
        [
            Selection.SameFluid(Selection.FittedId, plan, offer),
            .. offer.Fluids.Concat(fresh.LeftLitres is null ? [fresh] : []).Where(fluid => HardStops.Of(fluid.Body, plan, wishes) is null),
        ];
        Part<LineKit>?[] lines = [null, .. offer.Lines.Where(kit => HardStops.Of(kit.Body, plan.Car, wishes) is null)];
        var all = fluids.SelectMany(fluid => lines.Select(kit => FillingOf(fluid, kit))).ToArray();
        return [.. all.Where((one, i) => !all.Where((other, j) => i != j && Beats(other, one, j < i)).Any())];

        static bool Beats(Filling other, Filling one, bool earlier) =>
            other.VapourC >= one.VapourC && other.SigmaK <= one.SigmaK && other.CostPerHour <= one.CostPerHour && other.EffortHours <= one.EffortHours
            && other.Swell <= one.Swell && (earlier || other.VapourC > one.VapourC || other.SigmaK < one.SigmaK || other.CostPerHour < one.CostPerHour
                || other.EffortHours < one.EffortHours || other.Swell < one.Swell);
    }

    private Filling FillingOf(Part<BrakeFluid> fluid, Part<LineKit>? kit)
    {
        var setup = Selection.Fitted(plan) with { Fluid = fluid, Lines = kit };
        var on = setup.On(plan, wishes);
        var vapour = FluidSeason.Vapour(on.Fluid, on.FluidState, plan.Circuit.AltitudeM, plan.FluidUptake());
        var flushes = wishes.FreshFluidEachEvent ? plan.EventsAYear() : 1;
        var running = ((flushes * RunningCost.FlushLitres(plan.Car) * (fluid.Body.PriceLitre ?? 0))
            + ((kit?.Body.Price ?? 0) / RunningCost.WriteOffYears)) / seasonHours;
        return new Filling(fluid, kit, vapour.P50, (vapour.P90 - vapour.P10) / ScreenChance.EightTenthsWidth, running + Outlay(setup),
            Effort.Hours(setup, plan), RunningCost.BuyNowOf(setup, plan) ?? 0,
            PedalTravel.SwellShare(plan.Car, on.Hoses()));
    }

    private CellResult SearchCell(HeatCell cell, int rotorIndex, int ductIndex, Filling[] fillings, StreetManners[][] street, CancellationToken cancel)
    {
        var rotor = rotors[rotorIndex];
        var duct = ducts[ductIndex];
        var setup = Selection.Fitted(plan) with { FrontRotor = rotor, Duct = duct };
        var result = new CellResult(wishes, pads.Length, rearPads.Length, fillings.Length);
        var front = pads.Select(pad => HardStops.Of(pad.Body, rotor.Body, wishes) is null || (pad.Id == Selection.FittedId && rotor.Id == Selection.FittedId)
            ? PadInCell(cell, Axle.Front, pad, rotor.Body.Finish?.PadWearFactor() ?? 1) : null).ToArray();
        var rear = rearPads.Select(pad => PadInCell(cell, Axle.Rear, pad, 1)).ToArray();
        var effort = Effort.Hours(setup, plan);
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
                if (!PadPair.IsUsual(pads[f].Body, rearPads[r]))
                {
                    result.Pass(fillings.Length);
                    continue;
                }

                var budget = (wishes.MostToBuy ?? double.MaxValue)
                    - (RunningCost.BuyNowOf(setup with { FrontPad = pads[f], RearPad = rearPads[r] }, plan)
                    ?? 0);
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
    public Objectives Quick(Selection setup)
    {
        var cell = cells[(setup.FrontRotor.Id, setup.Duct?.Id ?? Selection.FittedId)];
        var ahead = PadInCell(cell, Axle.Front, setup.FrontPad, setup.FrontRotor.Body.Finish?.PadWearFactor() ?? 1);
        var behind = PadInCell(cell, Axle.Rear, setup.RearPad, 1);
        var street = StreetManners.Of(StreetManners.QuickExtraMetres(plan, setup.FrontPad.Body, setup.RearPad.Body, everydayPedalN), setup.FrontPad.Body,
            setup.RearPad.Body, wishes, plan.RoadShare());
        var filling = FillingOf(setup.Fluid, setup.Lines);
        var pair = Weigh(cell, ahead, behind, setup.FrontPad.Body, setup.RearPad.Body, street.Penalty,
            RotorCostPerHour(setup.FrontRotor, setup.Duct, setup.FrontPad.Body, cell),
            Effort.Hours(Selection.Fitted(plan) with { FrontRotor = setup.FrontRotor, Duct = setup.Duct }, plan));
        return With(pair, filling, filling.Holds(pair.FrontFluidC, pair.FrontFluidSigma, pair.RearFluidC, pair.RearFluidSigma));
    }

    private Objectives With(Pair pair, Filling filling, double holds) => pair.Basic with
    {
        Chances = new Screened(1 - (pair.Survival.Danger * holds), 1 - pair.Survival.Damage, 1 - pair.Survival.Nuisance),
        CostPerSeason = pair.Basic.CostPerSeason + (seasonHours * filling.CostPerHour),
        EffortHours = pair.Basic.EffortHours + filling.EffortHours,
        Swell = filling.Swell,
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

    /// <summary>Rings, hats and ducts for each track hour, and what of them has to be bought.</summary>
    private double RotorCostPerHour(Part<Rotor> rotor, Part<DuctKit>? duct, Pad pad, HeatCell cell)
    {
        var rings = 2 * (rotor.Body.Finish?.RingPrice ?? rotor.Body.Price ?? 0)
            / RunningCost.RingHours(rotor.Body, pad, cell.FrontDiscJPerHour, cell.FaceOverMeanK);
        var hats = rotor.Id != Selection.FittedId && !rotor.Body.HatsStay(plan.FrontRotor) && rotor.Body.Finish?.RingPrice is { } ring
            ? 2 * ((rotor.Body.Price ?? ring) - ring) / RunningCost.WriteOffYears / seasonHours : 0;
        var ducting = (duct?.Body.Price ?? 0) / RunningCost.WriteOffYears / seasonHours;
        return rings + hats + ducting + Outlay(Selection.Fitted(plan) with { FrontRotor = rotor, Duct = duct });
    }

    /// <summary>What has to be bought, for each hour of two seasons.</summary>
    private double Outlay(Selection setup) => (RunningCost.BuyNowOf(setup, plan) ?? 0) / (Objectives.OutlaySeasons * seasonHours);
}
