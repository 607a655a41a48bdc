using Rimrock.Core.Beliefs;
using Rimrock.Core.Driving;
using Rimrock.Core.Fluids;
using Rimrock.Core.Friction;
using Rimrock.Core.Judgement;
using Rimrock.Core.Limits;
using Rimrock.Core.Runs;

namespace Rimrock.Core.Fitting;

/// <summary>What a pad must do.</summary>
/// <param name="LeastMu">Least friction from <paramref name="FromC"/> to the hot end, for the planned stops at a comfortable force.</param>
/// <param name="ColdMu">Least friction below it, for the first stop of a cold morning.</param>
/// <param name="FromC">Where the working range begins, C.</param>
/// <param name="ToFaceC">Where it ends by a chart drawn at the rubbing face, C.</param>
/// <param name="ToEmbeddedC">The same by a chart drawn half a millimetre under it, C.</param>
/// <param name="TakeOutK">How much the day must be cooler before any pad does, K; null where one can.</param>
public sealed record PadAsk(double LeastMu, double ColdMu, double FromC, double ToFaceC, double ToEmbeddedC, double? TakeOutK);

/// <summary>What to ask for at the counter, whatever the maker: a part that just meets it holds.</summary>
/// <param name="Pads">Pads of each axle.</param>
/// <param name="DryC">Dry boiling point if the fluid is changed before every event, C.</param>
/// <param name="WetC">Wet boiling point if it stays in for the season, C.</param>
/// <param name="Just">The plan with parts that just meet it.</param>
/// <param name="Danger">Its danger; null where the day would pass beyond the model on any pads.</param>
/// <param name="Damage">Its damage; null likewise.</param>
/// <param name="Holds">True where it holds with the rotors and calipers that are on the car.</param>
/// <param name="StillGives">Code of the limit that still gives where it does not: pads and fluid alone are not enough.</param>
/// <param name="Members">Members that it was judged by.</param>
/// <param name="Cure">What else the day needs where it does not hold; null where it does.</param>
/// <param name="IsRareBottle">True where hardly a bottle states so high a dry boiling point.</param>
/// <param name="LessHeat">What takes heat out of its most dangerous day.</param>
/// <param name="ForRoad">True where the car is driven on the road too.</param>
public sealed record AskCard(Axles<PadAsk> Pads, double DryC, double WetC, PredictionPlan Just, Chance? Danger, Chance? Damage, bool Holds, string? StillGives,
    int Members, Said? Cure = null, bool IsRareBottle = false, Said? LessHeat = null, bool ForRoad = true);

/// <summary>
/// The inverse of matching. What members ask of a pad that never binds and is driven as laid out is the start: nine in ten of the temperatures that a tenth of
/// the hottest lap's braking exceeds, 98 in 100 of the fluid's peaks, the friction that the hardest planned stop takes at a comfortable force. Then all lines
/// are tightened together until the one judgement says that parts which just meet them hold.
/// </summary>
public static class AskCards
{
    /// <summary>No pad for iron does beyond this, C (common practice).</summary>
    public const double HottestPadC = 850;

    /// <summary>Hardly a bottle states a higher dry boiling point, C (typical).</summary>
    public const double RarestDryC = 330;

    // From cold to what a commute warms pads to (common practice).
    private const double WarmC = 60;

    // A pad made for the track alone may begin there.
    private const double TrackWarmC = 100;

    // The first stop of a cold morning may be so much longer.
    private const double ColdLonger = 1.15;

    // The span in which pads for road and track are graded (common practice: nothing sold bites less warm, hardly anything more).
    private const double EasiestMu = 0.30;
    private const double StrongestMu = 0.55;

    private const double HottestLapShare = 0.1;
    private const double PadShare = 0.9;
    private const double FluidShare = 0.98;
    private const int Rounds = 7;

    // How far lines move at a time: a part of what charts differ by among themselves (engineering judgement).
    private const double StepC = 25;
    private const double StepMu = 0.02;
    private const double StepFluidC = 16;
    private const double DriestC = 345;
    private const double WettestC = 250;

    // Good fluids lose so much from dry to wet (typical).
    private const double DryOverWetC = 90;

    /// <summary>Solves for a car, its days and its wishes.</summary>
    /// <param name="plan">The plan with what is on the car.</param>
    /// <param name="wishes">What the driver wishes: how often the fluid is changed.</param>
    /// <param name="belief">What is believed of the car; null for the prior.</param>
    /// <param name="laid">The plan's days where they have been laid out already.</param>
    /// <param name="cancel">Stops between runs.</param>
    public static AskCard Of(PredictionPlan plan, Wishes wishes, ScopedBelief? belief = null, Year? laid = null, CancellationToken cancel = default)
    {
        ArgumentNullException.ThrowIfNull(plan);
        ArgumentNullException.ThrowIfNull(wishes);
        InputFaultException.ThrowIfAny(plan.Faults());
        var year = laid ?? new Year(plan);
        var known = belief ?? ScopedBelief.Nothing;
        var mu = Math.Clamp(MuAtComfort(plan, year), EasiestMu, StrongestMu);
        var cold = ColdMu(plan, mu);
        Asked Of(ChartBasis basis) => Ask(Fitted(plan, Never(mu, basis), Never(mu, basis)), known.Of(plan).Sketched(), year, cancel);
        var (face, embedded) = (Of(ChartBasis.Rubbing), Of(ChartBasis.InStopEmbedded));
        var warmC = plan.RoadShare() > 0 ? WarmC : TrackWarmC;
        var over = Axles.Of(axle => Math.Max(0, face.PadC[axle] - embedded.PadC[axle]));
        var lines = new AskedLines(Axles.Of(axle => Math.Max(face.PadC[axle], warmC + StepC)), new(mu, mu), cold, warmC,
            face.FluidC + VapourPoint.BelowBoilingK + (VapourPoint.PerThousandMetresK * plan.Circuit.AltitudeM / 1000));
        var (just, life) = Judged(plan, lines, wishes, known, year, cancel);
        for (var round = 0; round < Rounds && life is { Holds: not true } && lines.Tighter(life) is { } tighter && tighter != lines; round++)
        {
            lines = tighter;
            (just, life) = Judged(plan, lines, wishes, known, year, cancel);
        }

        PadAsk Told(Axle axle) => new(Hundredth(lines.Mu[axle]), Hundredth(lines.ColdMu), lines.WarmC, Ten(lines.ToC[axle]),
            Ten(lines.ToC[axle] - over[axle]), lines.ToC[axle] > HottestPadC ? Ten(lines.ToC[axle] - HottestPadC) : null);
        var isRare = just.Fluid.DryC >= RarestDryC;
        var gives = life?.Holds == true ? null : life is null ? LimitCode.FrontFace : FittedVerdict.Names(life)?.Limit;
        var worst = life?.Plan ?? plan;
        return new AskCard(new(Told(Axle.Front), Told(Axle.Rear)), Math.Ceiling(just.Fluid.DryC),
            Math.Ceiling(Math.Max(Minimum(plan).WetC, WetFor(lines.BoilsC, plan))), just,
            life?.Danger, life?.Damage, life?.Holds == true, gives, life?.Members ?? 0, AskCure.Of(gives, isRare, worst),
            isRare, LessHeat.WithAir(worst), plan.RoadShare() > 0);
    }

    /// <summary>A pad that just meets a line: flat to its end, then falling.</summary>
    /// <param name="mu">Friction of the working range.</param>
    /// <param name="coldMu">Friction of a cold pad.</param>
    /// <param name="fromC">Where the range begins, C.</param>
    /// <param name="toC">Where it ends at the face, C.</param>
    public static Pad JustMeets(double mu, double coldMu, double fromC, double toC) => new("just-meets", "track-sport",
        [new(0, Math.Min(coldMu, mu)), new(fromC, mu), new(toC, mu), new(toC + 60, 0.86 * mu), new(toC + 200, 0.5 * mu)], ChartBasis.Rubbing);

    private static Pad Never(double mu, ChartBasis basis) => new("never-binds", "track-sport", [new(0, mu), new(1000, mu)], basis);

    private static PredictionPlan Fitted(PredictionPlan plan, Pad front, Pad rear) => plan with
    {
        FrontPad = front with { ForMotorcycle = plan.FrontPad.ForMotorcycle },
        RearPad = rear with { ForMotorcycle = plan.RearPad.ForMotorcycle },
        FrontPadMm = null,
        RearPadMm = null,
        Bedded = true,
    };

    private static (PredictionPlan Just, JudgedLife? Life) Judged(PredictionPlan plan, AskedLines lines, Wishes wishes, ScopedBelief belief, Year year,
        CancellationToken cancel)
    {
        Pad Of(Axle axle) => JustMeets(lines.Mu[axle], lines.ColdMu, lines.WarmC, Math.Min(lines.ToC[axle], HottestPadC));
        var state = plan.FluidState with { AgeMonths = FluidSeason.OldestMonths(wishes.FreshFluidEachEvent), ReservoirWaterPercent = null };
        var minimum = Minimum(plan);
        var dry = Math.Max(minimum.DryC, DryFor(lines.BoilsC, state, plan.FluidUptake()));
        var just = Fitted(plan, Of(Axle.Front), Of(Axle.Rear)) with
        {
            Fluid = new BrakeFluid("just-meets", minimum.Code, dry, Math.Clamp(dry - DryOverWetC, minimum.WetC, WettestC)),
            FluidState = state,
        };
        var population = belief.Of(just);
        try
        {
            return (just, Judge.Settled(new JudgedLife([.. just.EachDay().Select((on, i) => Judge.Sharing([on], population, year.Days[i], cancel)[0])]), year,
                cancel));
        }
        catch (BeyondModelException)
        {
            // Such stops, made as planned, heat the rotors beyond what the laws hold for: no pad is the answer.
            return (just, null);
        }
    }

    /// <summary>Friction that the hardest planned stop of any day takes at a comfortable force with both axles alike.</summary>
    private static double MuAtComfort(PredictionPlan plan, Year year)
    {
        var perPascal = ColdStop.TorquePerPascal(plan);
        var comfortable = Vehicles.LegForce.Of(plan.Car).ComfortableN.Front;
        var bar = plan.Car.Hydraulics.PressureBar(comfortable);
        var pascal = plan.Car.Hydraulics.EffectivePascal(bar);
        double Mu(PredictionPlan on, Core.Driving.BrakeStop stop) =>
            on.StopTorqueNM(stop) / (pascal * (perPascal.Front + perPascal.Rear) * SpeedAndPressure.Factor(stop.MeanKmh, bar));
        var all = plan.EachDay().SelectMany((on, i) => year.Days[i].Phases.SelectMany(phase => phase.Schedule.Stops).Select(stop => Mu(on, stop)));
        return all.DefaultIfEmpty(EasiestMu).Max();
    }

    // Warm, the original pads' friction makes the everyday stop; cold, it may be so much longer.
    private static double ColdMu(PredictionPlan plan, double mu)
    {
        var family = PadFamilies.Find(plan.Car.OriginalPadFamily);
        return plan.RoadShare() > 0 ? Math.Min(mu, new FrictionCurve(family.Curve, family.ColdSlopePerK).Assumed(WarmC) / ColdLonger) : mu * 0.8;
    }

    private static Asked Ask(PredictionPlan plan, Population members, Year year, CancellationToken cancel)
    {
        var count = members.Scores.Length;
        var (front, rear, fluid) = (new double[count], new double[count], new double[count]);
        var days = plan.EachDay();
        for (var i = 0; i < days.Count; i++)
        {
            MemberRuns.Each(year.Days[i].Phases, days[i], members.Scores, (run, places, _) =>
            {
                for (var lane = 0; lane < places.Length; lane++)
                {
                    double Hottest(Func<PhaseRecord, EnergyHistogram> of) => run.Phases.Select(phase => of(phase).Quantile(1 - HottestLapShare, lane))
                        .Where(celsius => !double.IsNaN(celsius)).DefaultIfEmpty(0).Max();
                    var (f, r) = (Hottest(phase => phase.FrontEnergy), Hottest(phase => phase.RearEnergy));
                    var c = run.Phases.Max(phase => Math.Max(phase.Peak[(int)BrakePart.FrontFluid][lane], phase.Peak[(int)BrakePart.RearFluid][lane]));
                    foreach (var member in places[lane])
                    {
                        (front[member], rear[member], fluid[member]) = (Math.Max(front[member], f), Math.Max(rear[member], r), Math.Max(fluid[member], c));
                    }
                }
            }, cancel, DrivenBy.Plan);
        }

        return new Asked(new(At(front, PadShare), At(rear, PadShare)), At(fluid, FluidShare));

        static double At(double[] values, double share)
        {
            Array.Sort(values);
            return values[(int)Math.Min(values.Length - 1, Math.Floor(share * values.Length))];
        }
    }

    // Never less than the class that the car asks for; where nobody looked, what nearly every car with discs asks for (common practice).
    private static FluidClass Minimum(PredictionPlan plan) => FluidClass.Find(plan.Car.AsksFluid ?? FitRules.UsualClass)
        ?? FluidClass.Find(FitRules.UsualClass)!;

    private static double DryFor(double boilsC, FluidState state, double uptake) => Least(200, DriestC, dry =>
        BoilingPoint.At(new Temperature(dry), new Temperature(Math.Clamp(dry - DryOverWetC, 140, WettestC)),
            state.WaterAtCaliperPercent(uptake)).Celsius >= boilsC);

    // Left in for the season: the wettest member in ten has so much in it at the last event.
    private static double WetFor(double boilsC, PredictionPlan plan)
    {
        var season = plan.FluidState with { AgeMonths = FluidSeason.OldestMonths(freshEachEvent: false), ReservoirWaterPercent = null };
        var water = Math.Min(8, season.WaterAtCaliperPercent(plan.FluidUptake() * Math.Pow(Priors.PriorSpread.Water, Numerics.Spread.EdgeSigmas)));
        return Least(140, WettestC, wet => BoilingPoint.At(new Temperature(wet + DryOverWetC), new Temperature(wet), water).Celsius >= boilsC);
    }

    private static double Least(double from, double to, Func<double, bool> isEnough)
    {
        for (var value = from; value < to; value++)
        {
            if (isEnough(value))
            {
                return value;
            }
        }

        return to;
    }

    private static double Hundredth(double mu) => Math.Ceiling((mu * 100) - 1e-9) / 100;

    private static double Ten(double celsius) => Math.Ceiling(celsius / 10) * 10;

    private sealed record Asked(Axles<double> PadC, double FluidC);

    /// <summary>What parts must do.</summary>
    private sealed record AskedLines(Axles<double> ToC, Axles<double> Mu, double ColdMu, double WarmC, double BoilsC)
    {
        /// <summary>The lines of what gives a step tighter; the same where no pad and no fluid helps.</summary>
        public AskedLines Tighter(JudgedLife life)
        {
            // What the verdict names is tightened however rare it is: few members leave room for doubt that only a tighter line takes away.
            var named = FittedVerdict.Names(life)?.Limit;
            bool Gives(string code) => code == named || (life.Of(code) is { } chance && chance.Share > Thresholds.MostDanger / 2);
            var boils = Gives(LimitCode.FrontFluid) || Gives(LimitCode.RearFluid);
            var missed = Gives(LimitCode.MissedStop);
            double Further(Axle axle, string code) => Gives(code) || missed ? Math.Min(HottestPadC + StepC, ToC[axle] + StepC) : ToC[axle];
            var mu = missed ? new Axles<double>(Math.Min(StrongestMu, Mu.Front + StepMu), Math.Min(StrongestMu, Mu.Rear + StepMu)) : Mu;
            return this with
            {
                ToC = new(Further(Axle.Front, LimitCode.FrontPadHot), Further(Axle.Rear, LimitCode.RearPadHot)),
                Mu = mu,
                BoilsC = boils ? Math.Min(DriestC, BoilsC + StepFluidC) : BoilsC,
            };
        }
    }
}
