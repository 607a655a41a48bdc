using Rimrock.Core.Driving;
using Rimrock.Core.Entries;
using Rimrock.Core.Fluids;
using Rimrock.Core.Friction;
using Rimrock.Core.Numerics;
using Rimrock.Core.Priors;
using Rimrock.Core.Rotors;

namespace Rimrock.Core.Garage;

/// <summary>
/// Reads what is on a car off all that was written down of it: the newest word on each part holds, a measurement stands until laps were driven on it, and what
/// was taken off is remembered with what it had left. The order in which entries arrived does not matter, nor what was deleted.
/// </summary>
public static class GarageRecord
{
    // A set that grew by more than this is another one, mm.
    private const double GrewMm = 1;

    // A disc that is thicker than it was by more than a gauge and its place differ is another one, mm (engineering judgement).
    private const double OtherRotorMm = 0.3;

    // So much more than a new pad has nobody measures, mm.
    private const double ThickerMm = 0.5;

    // Of one fill ages that were written down on different days differ by rounding; a fluid this much younger is another fill.
    private const double OtherFillDays = 30;

    /// <summary>What is on the car; null where nothing was ever said.</summary>
    /// <param name="said">All that was written down, in any order.</param>
    /// <param name="today">Today.</param>
    /// <param name="wornOf">What a hot lap of a plan takes of the pads, in the middle of what is believed.</param>
    /// <param name="wear">How much faster an axle's pads wear than that, by what was measured; null where nothing was.</param>
    public static CarInGarage? Of(IEnumerable<Statement> said, DateOnly today, Func<PredictionPlan, Axles<LapUse>> wornOf, Func<Axle, Pad, Spread>? wear = null)
    {
        ArgumentNullException.ThrowIfNull(said);
        ArgumentNullException.ThrowIfNull(wornOf);
        var ordered = said.OrderBy(one => one.Day ?? DateOnly.MinValue).ThenBy(one => one.By).ThenBy(one => one.Key, StringComparer.Ordinal).ToList();
        if (ordered.Count == 0)
        {
            return null;
        }

        var car = new OnCar();
        foreach (var statement in ordered.Where(one => one.Day is null || one.Day <= today))
        {
            car.Hear(statement, wornOf);
        }

        return car.IsKnown ? car.Told(today, wear ?? ((_, _) => Usual)) : null;
    }

    private static Spread Usual => Spread.Times(1, PriorSpread.Wear, 3);

    private sealed class OnCar
    {
        private readonly Dictionary<(Axle Axle, string Name), KnownSet> sets = [];
        private readonly Dictionary<Axle, KnownSet> on = [];
        private readonly Dictionary<Axle, RotorsOnCar> rotors = [];
        private readonly List<Contradiction> contradictions = [];
        private readonly OpenSigns signs = new();
        private readonly Bottles bottles = new();
        private readonly Dictionary<Corner, double> rotorMm = [];
        private Fitment? last;
        private FluidOnCar? fluid;
        private readonly Axles<List<RotorsOnCar>> pastRotors = Axles.Of(_ => new List<RotorsOnCar>());
        private readonly List<FluidOnCar> pastFluids = [];
        private DateOnly? linesSince;
        private DateOnly? tyreSince;
        private Axles<DateOnly?> ductsSince;
        private DateOnly? hosesMade;
        private double? undatedHoseYears;

        public bool IsKnown => last is not null;

        public void Hear(Statement said, Func<PredictionPlan, Axles<LapUse>> wornOf)
        {
            foreach (var axle in Axles.Both)
            {
                HearPads(axle, said, wornOf);
                HearRotors(axle, said, wornOf);
            }

            HearFluid(said);
            signs.Hear(said, RenewedBy(said));
            HearHoses(said);
            linesSince = last is { } before && (before.Lines != said.Fitment.Lines || AreNewHoses(said)) ? said.Day : linesSince;
            ductsSince = Axles.Of(axle => last is { } was && was.Ducts[axle] != said.Fitment.Ducts[axle] ? said.Day : ductsSince[axle]);
            tyreSince = last is { Tyre: { } was } && said.Fitment.Tyre is { } tyre && was != tyre ? said.Day : tyreSince;
            last = said.Fitment with { Tyre = said.Fitment.Tyre ?? last?.Tyre };
        }

        public CarInGarage Told(DateOnly today, Func<Axle, Pad, Spread> wear)
        {
            var state = fluid!.Filled is { } filled
                ? fluid.State with { AgeMonths = Math.Clamp(Math.Round((today.DayNumber - filled.DayNumber) / Days.AMonth, 1), 0, FluidState.AgeRange.Max) }
                : fluid.State;
            var stock = sets.Values.Where(set => set.Off is not null).OrderByDescending(set => set.Off).ThenBy(set => set.Pad.Name, StringComparer.Ordinal)
                .Select(set => set.Told(wear(set.Axle, set.Pad)));
            return new CarInGarage(last!.Brakes, Axles.Of(axle => on[axle].Told(wear(axle, on[axle].Pad))), Axles.Of(axle => Rounded(rotors[axle])),
                fluid with { State = state }, last.Lines, linesSince,
                last.Ducts, last.FrontKit, [.. stock], [.. contradictions.OrderByDescending(one => one.Day)],
                signs.Told(), last.Tyre, tyreSince, pastRotors.Map(past => (IReadOnlyList<RotorsOnCar>)[.. past.AsEnumerable().Reverse().Select(Rounded)]),
                [.. pastFluids.AsEnumerable().Reverse()],
                hosesMade is { } made ? Math.Round(Math.Max(0, today.DayNumber - made.DayNumber) / (12 * Days.AMonth), 1) : undatedHoseYears,
                bottles.Told(today), last.RearKit, last.Cylinder, ductsSince);
        }

        private static RotorsOnCar Rounded(RotorsOnCar one) => one with { Hours = Math.Round(one.Hours, 1), Megajoules = Math.Round(one.Megajoules) };

        private bool AreNewHoses(Statement said) => last is { } before && said.Fitment.Lines != Vehicles.BrakeLine.AgedRubber
            && (before.Lines != said.Fitment.Lines || (said.NewFluid && said.Fitment.HoseYears == 0 && before.HoseYears != 0));

        // An age that somebody says is of that day; new ones are born on theirs.
        private void HearHoses(Statement said)
        {
            if (said.Day is { } day && (AreNewHoses(said) || said.Fitment.HoseYears is not null))
            {
                hosesMade = day.AddDays(-(int)Math.Round((AreNewHoses(said) ? 0 : said.Fitment.HoseYears!.Value) * (12 * Days.AMonth)));
            }
            else if (said.Day is null)
            {
                undatedHoseYears = said.Fitment.HoseYears;
            }
        }

        // Of the hydraulics only what was written down as a bleed counts, not what can be concluded.
        // That hoses are called old makes no new ones of them.
        private Renewed RenewedBy(Statement said) => new(said.NewFluid || said.Found?.Bled == true,
            AreNewHoses(said),
            Axles.Of(axle => said.NewPads?[axle] == true || (last is { } was && was.Pads[axle].Name != said.Fitment.Pads[axle].Name)),
            Axles.Of(axle => last is { } was && was.Rotors[axle].Name != said.Fitment.Rotors[axle].Name));

        private void HearPads(Axle axle, Statement said, Func<PredictionPlan, Axles<LapUse>> wornOf)
        {
            var (pad, newMm) = (said.Fitment.Pads[axle], said.Fitment.Brakes[axle].PadNewMm);
            on.TryGetValue(axle, out var set);
            var isFresh = said.NewPads?[axle] == true && !(set?.Pad.Name == pad.Name && set.Since == said.Day);
            if (set is null || set.Pad.Name != pad.Name || isFresh)
            {
                var first = set is null;
                set?.ComeOff(said.Day);
                set = !isFresh && sets.TryGetValue((axle, pad.Name), out var kept) ? kept : new KnownSet(pad, axle, first ? null : said.Day, newMm,
                    isFresh ? KnownBy.Fitted : KnownBy.Guessed)
                { Bedded = said.Fitment.Bedded };
                set.Off = null;
                sets[(axle, pad.Name)] = on[axle] = set;
            }

            set.Pad = pad;
            set.From = said.Fitment.Brakes[axle];
            if (said.Fitment.PadMm?[axle] is { } stated && set.MeasuredMm is null && !isFresh)
            {
                set.Anchor(stated, said.By);
            }

            var looks = said.Found?.Corners.Where(look => look.AxleOf() == axle && look.ThinnestMm() is not null).ToList() ?? [];
            if (looks.Count > 0)
            {
                Measured(set, looks, newMm, said.Day!.Value);
            }

            if (said is { Driven: { } plan, HotLaps: > 0 })
            {
                set.Drive(said.HotLaps, wornOf(plan)[axle]);
            }
        }

        private void Measured(KnownSet set, List<CornerLook> looks, double newMm, DateOnly day)
        {
            var mm = looks.Min(look => look.ThinnestMm()!.Value);
            if (mm > newMm + ThickerMm)
            {
                contradictions.Add(new Contradiction(day, Said.Of("garage.thicker-than-new", set.Pad.Name, Units.Mm(mm), Units.Mm(newMm))));
            }

            // A set that grew at a corner was changed, and nobody wrote it down.
            var grown = looks.Select(look => (Now: look.ThinnestMm()!.Value, Before: set.MeasuredAt(look.Corner)))
                .Where(one => one.Now > one.Before + GrewMm).ToList();
            if (grown.Count > 0)
            {
                contradictions.Add(new Contradiction(day, Said.Of("garage.pads-grew", set.Pad.Name, Units.Mm(grown[0].Before!.Value), Units.Mm(grown[0].Now))));
                set.Since = day;
                set.HotLaps = 0;
                set.Forget();
            }

            // A corner that nobody measured this time is as thin as it was, less what was driven since.
            set.Look(looks);
            (set.MeasuredOn, set.MeasuredMm) = (day, mm);
        }

        private void HearRotors(Axle axle, Statement said, Func<PredictionPlan, Axles<LapUse>> wornOf)
        {
            var rotor = said.Fitment.Rotors[axle];
            var now = rotors.TryGetValue(axle, out var before) && before.Rotor.Name == rotor.Name ? before with { Rotor = rotor }
                : new RotorsOnCar(rotor, before is null ? null : said.Day, said.By, null, null, null, null);
            if (!ReferenceEquals(now, before) && now.MeasuredOn is null)
            {
                ForgetRotors(axle);
            }

            if (before is not null && before.Rotor.Name != rotor.Name)
            {
                pastRotors[axle].Add(before with { Off = said.Day });
            }

            if (said is { Driven: { } plan, HotLaps: > 0 and var laps })
            {
                var use = wornOf(plan)[axle];
                now = now with { HotLaps = now.HotLaps + laps, Hours = now.Hours + (laps * use.Hours), Megajoules = now.Megajoules + (laps * use.Megajoules) };
            }

            var looks = said.Found?.Corners.Where(look => look.AxleOf() == axle).ToList() ?? [];
            if (looks.Exists(look => (look.RotorMm ?? look.RotorKg ?? look.CrackMm) is not null))
            {
                now = now with
                {
                    MeasuredOn = said.Day,
                    ThicknessMm = Thinnest(axle, looks) ?? now.ThicknessMm,
                    RingKg = looks.Min(look => look.RotorKg) ?? now.RingKg,
                    CrackMm = looks.Max(look => look.CrackMm) ?? now.CrackMm,
                };
            }

            rotors[axle] = now;
        }

        // A disc that was not measured this time is no thicker than it was; one that grew is another, and so is its neighbour.
        private double? Thinnest(Axle axle, List<CornerLook> looks)
        {
            var measured = looks.Where(look => look.RotorMm is not null).ToList();
            if (measured.Exists(look => rotorMm.TryGetValue(look.Corner, out var was) && look.RotorMm > was + OtherRotorMm))
            {
                ForgetRotors(axle);
            }

            foreach (var look in measured)
            {
                rotorMm[look.Corner] = look.RotorMm!.Value;
            }

            return rotorMm.Where(one => CornerLook.AxleOf(one.Key) == axle).Select(one => (double?)one.Value).Min();
        }

        private void ForgetRotors(Axle axle)
        {
            foreach (var corner in rotorMm.Keys.Where(corner => CornerLook.AxleOf(corner) == axle).ToList())
            {
                rotorMm.Remove(corner);
            }
        }

        private void HearFluid(Statement said)
        {
            var (poured, state) = (said.Fitment.Fluid, said.Fitment.FluidState with { ReservoirWaterPercent = null });
            // What is drawn from a bottle that was open is as old as that.
            var months = said is { NewFluid: true, Day: { } on } ? bottles.Fill(poured, said.Litres, on, state.Climate) : state.AgeMonths;
            DateOnly? filled = said.Day?.AddDays(-(int)Math.Round(months * Days.AMonth));
            var isOther = fluid is null || said.NewFluid || fluid.Fluid.Name != poured.Name || fluid.Filled is null
                || filled?.DayNumber - fluid.Filled.Value.DayNumber > OtherFillDays;
            // A description of which nobody knows the day speaks of the same fill, where the fluid is the same.
            if (isOther && fluid is { } was && (said.NewFluid || was.Filled is not null || was.Fluid.Name != poured.Name))
            {
                pastFluids.Add(was with { Off = filled > was.Filled ? filled : said.Day });
            }

            fluid = isOther ? new FluidOnCar(poured, filled, said.By, state, null, null) : fluid! with { Fluid = poured };
            fluid = fluid with { HotLaps = fluid.HotLaps + said.HotLaps };
            if ((said.Found?.MoisturePercent ?? said.Fitment.FluidState.ReservoirWaterPercent) is { } read && said.Day is { } day)
            {
                fluid = fluid with { ReadOn = day, ReadPercent = read };
            }
        }
    }
}
