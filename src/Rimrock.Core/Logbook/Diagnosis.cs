using Rimrock.Core.Driving;
using Rimrock.Core.Entries;
using Rimrock.Core.Fitting;
using Rimrock.Core.Limits;
using Rimrock.Core.Runs;
using Rimrock.Core.Vehicles;

namespace Rimrock.Core.Logbook;

/// <summary>A cause that stands for what was seen, ranked.</summary>
/// <param name="Cause">The cause.</param>
/// <param name="Share">Its share among the causes of the symptom, 0 to 1: a ranking, not a measured frequency.</param>
/// <param name="Evidence">What in this car's log speaks for it.</param>
public sealed record RankedCause(Cause Cause, double Share, IReadOnlyList<Said> Evidence);

/// <summary>
/// Ranks the causes of symptoms by how often they are met and by what this car's own log, prediction and fluid say. Each clue that speaks for a cause
/// multiplies
/// its weight by three (engineering judgement): enough to bring it up one place or two, not to hide the others.
/// </summary>
public static class Diagnosis
{
    private const double ClueFactor = 3;
    private const double NearVapourK = 20;
    private const double OldMonths = 18;
    private const double FreshMonths = 1;
    private const double HotFaceC = 600;

    /// <summary>The causes of a symptom: first what is ruled out before any other, then the likeliest first; none that this car cannot have.</summary>
    /// <param name="symptom">Code of a symptom.</param>
    /// <param name="clues">What the log says, see <see cref="CluesOf"/>.</param>
    /// <param name="plan">The car with what is fitted; null for causes of any car.</param>
    /// <exception cref="Quantities.InputFaultException">An unknown symptom.</exception>
    public static IReadOnlyList<RankedCause> Of(string symptom, IReadOnlyList<Clue> clues, PredictionPlan? plan = null)
    {
        ArgumentNullException.ThrowIfNull(clues);
        var causes = Cause.All.Where(cause => cause.Symptom == symptom && Has(plan, cause.Needs)).ToList();
        if (Symptom.All.All(row => row.Code != symptom) || causes.Count == 0)
        {
            throw new Quantities.InputFaultException([new Quantities.InputFault("symptom", symptom.Length > 40 ? symptom[..40] : symptom,
                string.Join(", ", Symptom.All.Select(row => row.Code)), Said.Of("diagnosis.no-such-symptom"))]);
        }

        var weighed = causes.Select(cause =>
        {
            var evidence = clues.Where(clue => cause.Clues.Contains(clue.Code)).ToList();
            return (Cause: cause, Weight: cause.Weight * Math.Pow(ClueFactor, evidence.Count), Evidence: evidence.Select(clue => clue.Sentence).ToList());
        }).ToList();
        var whole = weighed.Sum(one => one.Weight);
        var first = Cause.All.Where(cause => cause.First && causes.All(other => other.Code != cause.Code)).Select(cause => new RankedCause(cause, 0,
            [.. clues.Where(clue => cause.Clues.Contains(clue.Code)).Select(clue => clue.Sentence)]));
        return [.. first, .. weighed.OrderByDescending(one => one.Weight)
            .Select(one => new RankedCause(one.Cause, Math.Round(one.Weight / whole, 2), one.Evidence))];
    }

    private static bool Has(PredictionPlan? plan, CarHas what) => plan is null || what switch
    {
        CarHas.Electronics => plan.Car.Electronics,
        CarHas.Drums => !plan.Car.Rear.Brake().RubsBothFaces,
        CarHas.ShoesInHat => plan.Car.ParkingBrake is ParkingBrake.InHat or ParkingBrake.Unknown && plan.Car.Rear.Brake().RubsBothFaces
            && plan.Car.Kind == VehicleKind.Car,
        CarHas.Booster => plan.Car.Hydraulics.BoosterGain > 1,
        CarHas.Holes => plan.FrontRotor.Finish?.Face is Rotors.RotorFace.Drilled or Rotors.RotorFace.FactoryDrilled,
        CarHas.HeatBeside => plan.OutsideHeat is not null,
        _ => true,
    };

    /// <summary>What a plan's prediction, the last inspection and the last session say about this car.</summary>
    public static IReadOnlyList<Clue> CluesOf(PredictionPlan plan, PredictionResult result, Inspection? inspection, LogSession? session)
    {
        ArgumentNullException.ThrowIfNull(plan);
        ArgumentNullException.ThrowIfNull(result);
        return [.. OfPlan(plan, result), .. OfInspection(inspection, plan), .. OfSession(session)];
    }

    private static IEnumerable<Clue> OfPlan(PredictionPlan plan, PredictionResult result)
    {
        Limit? LimitOf(string code) => result.Limits.FirstOrDefault(limit => limit.Code == code);
        bool Gives(string code) => LimitOf(code) is { Gives: true };
        if (LimitOf(LimitCode.FrontFluid)?.Margin is { } margin && margin < NearVapourK)
        {
            yield return new Clue("fluid-near-vapour", Said.Of("diagnosis.prediction-leaves-fluid-vapour", Units.K(margin)));
        }

        if (plan.FluidState.AgeMonths >= OldMonths)
        {
            yield return new Clue("fluid-old", Said.Of("diagnosis.fluid-months-old-about", plan.FluidState.AgeMonths,
                Units.Percent(result.Fluid.WaterPercent)));
        }

        if (plan.FluidState.AgeMonths <= FreshMonths)
        {
            yield return new Clue("fluid-fresh", Said.Of("diagnosis.fluid-changed-within-month"));
        }

        if (plan.Hoses() == BrakeLine.AgedRubber)
        {
            yield return new Clue("old-lines", Said.Of("diagnosis.rubber-lines-old"));
        }

        if (plan.OutsideHeat is not null)
        {
            yield return new Clue("heat-beside", Said.Of("diagnosis.heat-beside-a-line"));
        }

        if (result.Course is { Stops.Count: > 0 } course && course.Stops.Max(stop => stop.Effort.P50) > 1.5)
        {
            yield return new Clue("high-effort", Said.Of("diagnosis.prediction-needs-half-much"));
        }

        if (!plan.Car.Rear.Brake().RubsBothFaces)
        {
            yield return new Clue("drums", Said.Of("diagnosis.drums-rear"));
        }

        if (Gives(LimitCode.FrontPadHot) || Gives(LimitCode.RearPadHot))
        {
            yield return new Clue("pads-beyond", Said.Of("diagnosis.prediction-takes-pads-beyond"));
        }

        if (Gives(LimitCode.FrontPadCold) || Gives(LimitCode.StreetCold))
        {
            yield return new Clue("pads-cold", Said.Of("diagnosis.these-pads-weak-when"));
        }

        if (!plan.Bedded)
        {
            yield return new Clue("unbedded", Said.Of("diagnosis.pads-new-not-bedded"));
        }

        if (result.Ranges.Single(range => range.Part == BrakePart.FrontFace).PeakC.Max() is var face && face > HotFaceC)
        {
            yield return new Clue("face-hot", Said.Of("diagnosis.prediction-brings-front-face", Units.C(face)));
        }

        if (plan.FrontPad.NoiseIndex() >= 6)
        {
            yield return new Clue("noisy-pad", Said.Of("diagnosis.known-noise", plan.FrontPad.Name));
        }

        if (plan.FrontPad.Family != plan.RearPad.Family)
        {
            yield return new Clue("mixed-pads", Said.Of("diagnosis.front-rear-pads-different"));
        }

        if (plan.StabilityControlPercent > 0)
        {
            yield return new Clue("stability", Said.Of("diagnosis.stability-control-brakes-plan"));
        }

        if (result.Faces.DifferenceK.P50 > 15)
        {
            yield return new Clue("inner-hotter", Said.Of("diagnosis.inner-face-runs-hotter", Units.K(result.Faces.DifferenceK.P50)));
        }

        if (plan.OnLeading() is { Stint.CoolDownLaps: 0 } on && on.Leading().KindOf().Shape == DayShape.Laps)
        {
            yield return new Clue("no-cool-down", Said.Of("diagnosis.plan-no-cool-down"));
        }

        if (SideLoad.Asymmetry(plan.Circuit) > 0.03)
        {
            yield return new Clue("one-way", Said.Of("diagnosis.circuit-turns-one-way"));
        }

        if (result.Summary.FrontShare.P50 > result.Summary.IdealFrontShare + 0.02)
        {
            yield return new Clue("front-share", Said.Of("diagnosis.front-does-more-ideal"));
        }
    }

    private static IEnumerable<Clue> OfInspection(Inspection? inspection, PredictionPlan plan)
    {
        foreach (var finding in inspection is null ? [] : StopOrGo.Of(inspection, plan).Where(finding => finding.Verdict > Verdict.NotJudged))
        {
            if (finding.Clue is { } clue)
            {
                yield return new Clue(clue, clue == "wet-reading" ? finding.Sentence : Said.Of("diagnosis.figure", finding.Part, finding.Sentence));
            }
        }

        foreach (var look in inspection?.Corners ?? [])
        {
            if (look.Film is Film.Spots or Film.Patchy)
            {
                yield return new Clue(look.Film == Film.Spots ? "spots" : "patchy",
                    Said.Of("diagnosis.stands", CornerNames.Of(look.Corner), look.Film == Film.Spots
                        ? Said.Of("diagnosis.spots") : Said.Of("diagnosis.patchy-film")));
            }
        }
    }

    private static IEnumerable<Clue> OfSession(LogSession? session)
    {
        if (session?.Signs?.Contains(Sign.Leak) == true)
        {
            yield return new Clue("leak", Said.Of("diagnosis.leak-noted-last-day"));
        }
    }
}
