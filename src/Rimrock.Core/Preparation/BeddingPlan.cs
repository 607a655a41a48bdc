using Rimrock.Core.Circuits;
using Rimrock.Core.Driving;
using Rimrock.Core.Friction;
using Rimrock.Core.Numerics;
using Rimrock.Core.Runs;
using Rimrock.Core.Vehicles;

namespace Rimrock.Core.Preparation;

/// <summary>One stop of a bedding.</summary>
/// <param name="Number">From 1.</param>
/// <param name="AtS">Start, s.</param>
/// <param name="FaceC">Front face at its end, C.</param>
/// <param name="RearFaceC">Rear face at its end, C.</param>
public sealed record BeddingStop(int Number, double AtS, Spread FaceC, Spread RearFaceC);

/// <summary>A bedding for this car, these pads and these rotors, computed by the engine.</summary>
/// <param name="Place">Where.</param>
/// <param name="Stops">The stops.</param>
/// <param name="FromKmh">Speed before each, km/h.</param>
/// <param name="ToKmh">Speed after each, km/h: never to standstill.</param>
/// <param name="G">Deceleration, g.</param>
/// <param name="SpacingS">From start to start, s.</param>
/// <param name="TargetC">Face temperature at which the film forms, C: lower and upper edge.</param>
/// <param name="CoolMinutes">Rolling until the face is below the parking temperature, min.</param>
/// <param name="CoolKm">The same in kilometres.</param>
/// <param name="TimeS">Times of the drawing, s.</param>
/// <param name="FaceC">Front face in the middle of the band.</param>
/// <param name="LowC">Lower edge.</param>
/// <param name="HighC">Upper edge.</param>
/// <param name="Shock">First-stop thermal shock of iron rings; null for carbon ones, which do not yield.</param>
/// <param name="Reached">False where this car cannot heat these parts into the target within the most stops.</param>
/// <param name="Notes">What to look for and what to do when it does not come.</param>
public sealed record BeddingPlan(
    BeddingPlace Place, IReadOnlyList<BeddingStop> Stops, double FromKmh, double ToKmh, double G, double SpacingS, Spread TargetC, Spread CoolMinutes,
    double CoolKm,
    double[] TimeS, int[] FaceC, int[] LowC, int[] HighC, ThermalShock? Shock, bool Reached, IReadOnlyList<Said> Notes)
{
    /// <summary>Parked only below this face temperature, C (common practice: a hand can be held near it).</summary>
    public const double ParkBelowC = 90;

    private const double CoolKmh = 70;
    private const double LongestCoolS = 2400;
    private const double SpeedStepKmh = 10;
    private static readonly double[] Spacings = [60, 50, 40, 32, 26, 22, 18];

    /// <summary>Makes a plan.</summary>
    /// <param name="plan">Car and parts; where it is driven does not matter.</param>
    /// <param name="place">Where.</param>
    /// <exception cref="InputFaultException">Faults of the plan, or race pads on the street.</exception>
    public static BeddingPlan Of(PredictionPlan plan, BeddingPlace place)
    {
        ArgumentNullException.ThrowIfNull(plan);
        InputFaultException.ThrowIfAny(plan.Faults());

        // Driven on its own, whatever the car's year is: without a trailer.
        plan = plan with { Days = null };
        InputFaultException.ThrowIfAny([.. Fitting.HardStops.OfFitted(plan).Where(stop => stop.Code is "pad-discs" or "rotor-worn")
            .Select(stop => new InputFault(stop.Code == "rotor-worn" ? "rotors" : "pads", plan.FrontPad.Name, Said.Of("bedding-plan.pads-rotors-go-together"),
            Said.Of("bedding-plan.nothing-bedded-here", stop.Sentence)))]);
        var target = BeddingTarget.Of(plan.FrontPad, place, plan.Car.Kind);
        var stops = BeddingTarget.Stops(place);
        if (place == BeddingPlace.GentleStreet && !plan.FrontPad.FamilyOf().Street)
        {
            throw new InputFaultException([new InputFault("place", "gentleStreet", Said.Of("bedding-plan.closedcourse-prebedded"),
                Said.Of("bedding-plan.pads-cannot-bedded-traffic", plan.FrontPad.FamilyOf().Name))]);
        }

        var fresh = plan with { FrontPadMm = null, RearPadMm = null, Bedded = false };
        var shock = ThermalShock.Of(fresh);
        if (place == BeddingPlace.PreBedded)
        {
            return new BeddingPlan(place, [], 0, 0, 0, 0, new Spread(target.LowC, target.MiddleC, target.HighC), new Spread(0, 0, 0), 0, [], [], [], [], shock,
                true, NotesFor(plan, place, true));
        }

        var (fromKmh, toKmh, g) = (target.FromKmh, target.ToKmh, target.G);
        Trial? best = null;
        // From the gentlest on: longer gaps first, then faster stops, until the film forms within the stops that anyone would do.
        for (var kmh = fromKmh; kmh <= target.FastestKmh && best is not { Reached: true }; kmh += SpeedStepKmh)
        {
            foreach (var spacing in Spacings)
            {
                var trial = Trial.Drive(fresh, kmh, toKmh, g, spacing, target, stops);
                best = best is null || trial.Stops.Count > 0 && Math.Abs(trial.LastC - target.MiddleC) < Math.Abs(best.LastC - target.MiddleC) ? trial : best;
                if (trial.Reached)
                {
                    best = trial;
                    break;
                }
            }
        }

        ModelEnds.ThrowIfPassed(fresh, best!.Day, 0);
        return best.Plan(place, target, shock, NotesFor(plan, place, best.Reached));
    }

    private static List<Said> NotesFor(PredictionPlan plan, BeddingPlace place, bool reached)
    {
        var notes = new List<Said>
        {
            place == BeddingPlace.PreBedded
                ? Said.Of("bedding-plan.they-come-bedded-three")
                : Said.Of("bedding-plan.never-standstill-hot-pads"),
            plan.FrontRotor.Material == Rotors.RingMaterial.Iron ? Said.Of("bedding-plan.look-even-grey-blue") : Said.Of("bedding-plan.look-even-film-carbon"),
        };
        if (place == BeddingPlace.ManyGentle)
        {
            notes.Add(Said.Of("bedding-plan.many-gentle-school"));
        }
        else if (place == BeddingPlace.ClosedCourse)
        {
            notes.Add(Said.Of("bedding-plan.few-hard-school"));
        }

        if (!reached)
        {
            notes.Add(Said.Of("bedding-plan.car-hardly-heats-these"));
        }

        if (plan.FrontRotor.Material != Rotors.RingMaterial.Iron)
        {
            notes.Add(Said.Of("bedding-plan.carbon-discs-own-procedure"));
        }

        return notes;
    }

    private sealed record Trial(PredictionPlan Car, double FromKmh, double ToKmh, double G, double SpacingS, List<BeddingStop> Stops, double LastC,
        bool Reached, DayRun Day)
    {
        public static Trial Drive(PredictionPlan plan, double fromKmh, double toKmh, double g, double spacingS, BeddingWindow target,
            (int Fewest, int Most) count)
        {
            var run = new DayRun(plan, CarFactors.Corners, demands: false);
            var phase = Round(plan, fromKmh, toKmh, g, spacingS);
            var stops = new List<BeddingStop>();
            var reached = false;
            while (stops.Count < count.Most && !reached)
            {
                run.Run(phase);
                if (run.Stops.Count <= stops.Count)
                {
                    break;
                }

                var record = run.Stops[stops.Count];
                stops.Add(new BeddingStop(stops.Count + 1, Math.Round(record.AtS), Banded(member => Face(run, BrakePart.FrontFace, record, member)),
                    Banded(member => Face(run, BrakePart.RearFace, record, member))));
                reached = stops.Count >= count.Fewest && stops[^1].FaceC.P50 >= target.MiddleC && stops[^1].FaceC.P50 <= target.HighC;
                if (stops[^1].FaceC.P50 > target.HighC)
                {
                    break;
                }
            }

            return new Trial(plan, fromKmh, toKmh, g, spacingS, stops, stops.Count == 0 ? 0 : stops[^1].FaceC.P50, reached, run);
        }

        public BeddingPlan Plan(BeddingPlace place, BeddingWindow target, ThermalShock? shock, IReadOnlyList<Said> notes)
        {
            var endedS = Day.Phases[^1].EndS;
            var cruise = new DayPhase(1, PhaseKind.CoolDownLap, 1, DrivingSchedule.Of(new LapTrace([0, 30], [Speed.FromKmh(CoolKmh), Speed.FromKmh(CoolKmh)],
                [], "rolling"), Car.DrivenCar(), AirDensity(Car)));
            double?[] cool = new double?[3];
            while (Day.Phases[^1].EndS - endedS < LongestCoolS && cool.Any(time => time is null))
            {
                Day.Run(cruise);
                for (var member = 0; member < 3; member++)
                {
                    if (cool[member] is null && Day.SampledC(BrakePart.FrontFace, Day.Phases[^1].EndS, member) < ParkBelowC)
                    {
                        cool[member] = (Day.Phases[^1].EndS - endedS) / 60;
                    }
                }
            }

            double Cool(int member) => cool[member] ?? LongestCoolS / 60;
            var times = Enumerable.Range(0, Day.SampleTimesS.Count).ToArray();
            int[] Course(int member) => [.. times.Select(i => (int)Math.Round(Day.Sample(i, 0)[member]))];
            return new BeddingPlan(place, Stops, FromKmh, ToKmh, G, SpacingS, new Spread(target.LowC, target.MiddleC, target.HighC),
                new Spread(Math.Round(Math.Min(Cool(1), Cool(2))), Math.Round(Cool(0)), Math.Round(Math.Max(Cool(1), Cool(2)))),
                Math.Round(Math.Max(Cool(0), Cool(2)) / 60 * CoolKmh, 0),
                [.. times.Select(i => Math.Round(Day.SampleTimesS[i], 1))], Course(0), Course(1), Course(2), shock, Reached, notes);
        }

        private static DayPhase Round(PredictionPlan plan, double fromKmh, double toKmh, double g, double spacingS)
        {
            var decel = g * Speed.StandardGravityMS2;
            var stopS = Speed.FromKmh(fromKmh - toKmh) / decel;
            var lap = BrakingZoneTable.Lap([new BrakingZone(fromKmh, toKmh, Math.Max(3, spacingS - stopS))], decel);
            return new DayPhase(1, PhaseKind.HotLap, 1, DrivingSchedule.Of(lap, plan.DrivenCar(), AirDensity(plan)));
        }

        private static double AirDensity(PredictionPlan plan) =>
            Materials.Air.DensityKgM3(plan.Weather.AmbientC + Temperature.ZeroCelsiusInKelvin, Materials.Air.PressurePa(plan.Circuit.AltitudeM));

        private static double Face(DayRun run, BrakePart part, StopRecord record, int member) => run.SampledC(part, record.AtS + record.Stop.DurationS, member);

        private static Spread Banded(Func<int, double> of) => new(Math.Round(Math.Min(of(1), of(2))), Math.Round(of(0)), Math.Round(Math.Max(of(1), of(2))));
    }
}
