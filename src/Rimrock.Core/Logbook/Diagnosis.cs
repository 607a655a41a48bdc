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
public sealed record RankedCause(Cause Cause, double Share, IReadOnlyList<string> Evidence);

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

    /// <summary>The causes of a symptom, likeliest first.</summary>
    /// <param name="symptom">Code of a symptom.</param>
    /// <param name="clues">What the log says, see <see cref="CluesOf"/>.</param>
    /// <exception cref="Quantities.InputFaultException">An unknown symptom.</exception>
    public static IReadOnlyList<RankedCause> Of(string symptom, IReadOnlyList<Clue> clues)
    {
        ArgumentNullException.ThrowIfNull(clues);
        var causes = Cause.All.Where(cause => cause.Symptom == symptom).ToList();
        if (causes.Count == 0)
        {
            throw new Quantities.InputFaultException([new Quantities.InputFault("symptom", symptom.Length > 40 ? symptom[..40] : symptom,
                string.Join(", ", Symptom.All.Select(row => row.Code)), "No such symptom.")]);
        }

        var weighed = causes.Select(cause =>
        {
            var evidence = clues.Where(clue => cause.Clues.Contains(clue.Code)).ToList();
            return (Cause: cause, Weight: cause.Weight * Math.Pow(ClueFactor, evidence.Count), Evidence: evidence.Select(clue => clue.Sentence).ToList());
        }).ToList();
        var whole = weighed.Sum(one => one.Weight);
        return [.. weighed.OrderByDescending(one => one.Weight).Select(one => new RankedCause(one.Cause, Math.Round(one.Weight / whole, 2), one.Evidence))];
    }

    /// <summary>What a plan's prediction, the last inspection and the last session say about this car.</summary>
    public static IReadOnlyList<Clue> CluesOf(PredictionPlan plan, PredictionResult result, Inspection? inspection, LogSession? session)
    {
        ArgumentNullException.ThrowIfNull(plan);
        ArgumentNullException.ThrowIfNull(result);
        return [.. OfPlan(plan, result), .. OfInspection(inspection, plan), .. OfSession(session)];
    }

    private static IEnumerable<Clue> OfPlan(PredictionPlan plan, PredictionResult result)
    {
        Limit LimitOf(string code) => result.Limits.Single(limit => limit.Code == code);
        if (LimitOf(LimitCode.FrontFluid).Margin is { } margin && margin < NearVapourK)
        {
            yield return new Clue("fluid-near-vapour", Text($"The prediction leaves the fluid {margin:0} K to its vapour point."));
        }

        if (plan.FluidState.AgeMonths >= OldMonths)
        {
            yield return new Clue("fluid-old", Text($"The fluid is {plan.FluidState.AgeMonths:0} months old, about {result.Fluid.WaterPercent:0.0} % water."));
        }

        if (plan.FluidState.AgeMonths <= FreshMonths)
        {
            yield return new Clue("fluid-fresh", "The fluid was changed within the month: air may have stayed.");
        }

        if (plan.Lines == BrakeLine.AgedRubber)
        {
            yield return new Clue("old-lines", "The rubber lines are old.");
        }

        if (result.Course is { Stops.Count: > 0 } course && course.Stops.Max(stop => stop.Effort.P50) > 1.5)
        {
            yield return new Clue("high-effort", "The prediction needs half as much pedal again as with pads at their best.");
        }

        if (plan.Car.Rear.Caliper == CaliperKind.Drum)
        {
            yield return new Clue("drums", "Drums at the rear.");
        }

        if (LimitOf(LimitCode.FrontPadHot).Gives || LimitOf(LimitCode.RearPadHot).Gives)
        {
            yield return new Clue("pads-beyond", "The prediction takes the pads beyond their working band.");
        }

        if (LimitOf(LimitCode.FrontPadCold).Gives || LimitOf(LimitCode.StreetCold).Gives)
        {
            yield return new Clue("pads-cold", "These pads are weak when cold.");
        }

        if (!plan.Bedded)
        {
            yield return new Clue("unbedded", "The pads are new and not bedded.");
        }

        if (result.Ranges.Single(range => range.Part == BrakePart.FrontFace).PeakC.Max() is var face && face > HotFaceC)
        {
            yield return new Clue("face-hot", Text($"The prediction brings the front face to {face:0} °C."));
        }

        if (plan.FrontPad.NoiseIndex() >= 6)
        {
            yield return new Clue("noisy-pad", $"{plan.FrontPad.Name} is known for noise.");
        }

        if (plan.FrontPad.Family != plan.RearPad.Family)
        {
            yield return new Clue("mixed-pads", "Front and rear pads are of different families.");
        }

        if (plan.StabilityControlPercent > 0)
        {
            yield return new Clue("stability", "Stability control brakes in the plan.");
        }

        if (result.Faces.DifferenceK.P50 > 15)
        {
            yield return new Clue("inner-hotter", Text($"The inner face runs {result.Faces.DifferenceK.P50:0} K hotter in the prediction."));
        }

        if (plan.Stint.CoolDownLaps == 0)
        {
            yield return new Clue("no-cool-down", "The plan has no cool-down lap.");
        }

        if (SideLoad.Asymmetry(plan.Circuit) > 0.03)
        {
            yield return new Clue("one-way", "The circuit turns one way more than the other.");
        }

        if (result.Summary.FrontShare > result.Summary.IdealFrontShare + 0.02)
        {
            yield return new Clue("front-share", "The front does more than its ideal share.");
        }
    }

    private static IEnumerable<Clue> OfInspection(Inspection? inspection, PredictionPlan plan)
    {
        foreach (var finding in inspection is null ? [] : StopOrGo.Of(inspection, plan).Where(finding => finding.Verdict > Verdict.NotJudged))
        {
            if (finding.Clue is { } clue)
            {
                yield return new Clue(clue, clue == "wet-reading" ? finding.Sentence : $"{finding.Part}: {finding.Sentence}");
            }
        }

        foreach (var look in inspection?.Corners ?? [])
        {
            if (look.Film is Film.Spots or Film.Patchy)
            {
                yield return new Clue(look.Film == Film.Spots ? "spots" : "patchy",
                    $"{StopOrGo.NameOf(look.Corner)}: {(look.Film == Film.Spots ? "spots" : "a patchy film")} on the stands.");
            }
        }
    }

    private static IEnumerable<Clue> OfSession(LogSession? session)
    {
        if (session?.Signs?.Contains(Sign.Leak) == true)
        {
            yield return new Clue("leak", "A leak was noted on the last day.");
        }
    }
}
