using Rimrock.Core.Driving;
using Rimrock.Core.Entries;
using Rimrock.Core.Fluids;
using Rimrock.Core.Runs;

namespace Rimrock.Core.Logbook;

/// <summary>
/// Stop or go, by the rules of the trade (common practice where not named). The car maker's service limits come first: they overrule every figure here.
/// </summary>
public static partial class StopOrGo
{
    /// <summary>A pad this far above its limit is watched, mm (common practice).</summary>
    public const double WatchPadMm = 2;

    /// <summary>A wedge or a difference of inner and outer pad beyond this tells of something stuck, mm (common practice).</summary>
    public const double WedgeMm = 1.5;

    /// <summary>A heat check longer than this is no hairline, mm (common practice, makers say 5 to 10).</summary>
    public const double LongCrackMm = 8;

    /// <summary>Water beyond which street fluid is changed, % in the reservoir (common practice: testers turn red at 3).</summary>
    public const double WetPercent = 3;

    private const string Trade = Finding.Trade;
    private const string Maker = "common practice; your car maker's service limit overrules it";

    /// <summary>The findings of an inspection, worst first.</summary>
    public static IReadOnlyList<Finding> Of(Inspection inspection, PredictionPlan plan)
    {
        ArgumentNullException.ThrowIfNull(inspection);
        ArgumentNullException.ThrowIfNull(plan);
        var findings = inspection.Corners.SelectMany(look => Corner(look, plan)).Concat(Sides(inspection)).Concat(Fluid(inspection, plan))
            .Concat(Unread(inspection.Note)).ToList();
        if (findings.Count == 0)
        {
            findings.Add(Finding.NotJudged("The car", "Nothing was looked at."));
        }

        return [.. findings.OrderByDescending(finding => finding.Verdict)];
    }

    private static IEnumerable<Finding> Corner(CornerLook look, PredictionPlan plan)
    {
        var name = NameOf(look.Corner);
        var brake = look.Front ? plan.Car.Front : plan.Car.Rear;
        var rotor = look.Front ? plan.FrontRotor : plan.RearRotor;
        if (look.ThinnestMm() is { } thinnest)
        {
            yield return thinnest <= 0.5
                ? new Finding($"{name} pads", Verdict.StopNow, "At the backing plate: steel on iron. Do not drive.", "A pad at its plate stops the driving.",
                    Trade, "pads-thin")
                : thinnest < brake.PadLimitMm
                    ? new Finding($"{name} pads", Verdict.ChangeBefore,
                        Text($"{thinnest:0.0} mm at the thinnest, limit {brake.PadLimitMm:0.0} mm: change before the next session; a thin pad passes far " +
                            $"more heat to the fluid."), "Below the limit is changed.", Maker, "pads-thin")
                    : thinnest < brake.PadLimitMm + WatchPadMm
                        ? new Finding($"{name} pads", Verdict.Watch,
                            Text($"{thinnest:0.0} mm at the thinnest, {thinnest - brake.PadLimitMm:0.0} mm above the limit: have the next set ready."),
                        "Within 2 mm of the limit is watched.", Trade, "pads-thin")
                        : new Finding($"{name} pads", Verdict.Fine, Text($"{thinnest:0.0} mm at the thinnest, {thinnest - brake.PadLimitMm:0.0} mm to go."),
                            "Well above the limit.", Trade);
        }

        if (look is { InnerMm: { } inner, OuterMm: { } outer } && Math.Abs(inner - outer) > WedgeMm)
        {
            var (side, why) = inner < outer
                ? ("Inner", "the inner side is cooled worse behind its shield, or a slider sticks") : ("Outer", "a piston or a slider sticks");
            yield return new Finding($"{name} caliper", Verdict.Watch, Text($"{side} pad {Math.Abs(inner - outer):0.0} mm thinner: {why}."),
                "Pads of one caliper wear alike within 1.5 mm.", Trade, "one-sided");
        }

        if (look is { LeadingMm: { } leading, TrailingMm: { } trailing } && Math.Abs(leading - trailing) > WedgeMm)
        {
            yield return new Finding($"{name} pads", Verdict.Watch,
                Text($"Wedge of {Math.Abs(leading - trailing):0.0} mm: sliders, or a caliper that flexes; staggered pistons work against it. It makes the " +
                    $"pedal long."), "A wedge beyond 1.5 mm is looked into.", Trade, "wedge");
        }

        if (look.RotorMm is { } mm)
        {
            yield return mm < rotor.MinThicknessMm
                ? new Finding($"{name} rotor", Verdict.StopNow, Text($"{mm:0.0} mm, service limit {rotor.MinThicknessMm:0.0} mm: discard both of the axle."),
                    "Below the service limit is discarded.", Maker)
                : mm < rotor.MinThicknessMm + 0.3
                    ? new Finding($"{name} rotor", Verdict.Watch,
                        Text($"{mm:0.0} mm, {mm - rotor.MinThicknessMm:0.0} mm above the service limit: order the next pair."),
                    "Within 0.3 mm of the limit is watched.", Trade)
                    : new Finding($"{name} rotor", Verdict.Fine, Text($"{mm:0.0} mm, service limit {rotor.MinThicknessMm:0.0} mm."), "Above the service limit.",
                        Maker);
        }

        if (look.RotorKg is { } kg && rotor.Finish?.MinRingMassKg is { } least)
        {
            yield return kg < least
                ? new Finding($"{name} rotor", Verdict.StopNow, Text($"{kg:0.00} kg, least {least:0.00} kg: oxidised away; carbon wears by weight. Discard."),
                    "Below the least mass is discarded.", Maker)
                : new Finding($"{name} rotor", Verdict.Fine, Text($"{kg:0.00} kg, least {least:0.00} kg."), "Above the least mass.", Maker);
        }

        if (look.Reach != CrackReach.None)
        {
            yield return new Finding($"{name} rotor", Verdict.StopNow,
                Text($"A crack{(look.CrackMm is { } reached ? Text($" of {reached:0} mm") : "")} that reaches " +
                    $"{(look.Reach == CrackReach.Edge ? "the edge" : look.Reach == CrackReach.Hole ? "a hole" : "the end of a slot")}: discard before you " +
                    $"drive."), "A crack to a hole, a slot end or the edge is discarded.", Trade, "long-crack");
        }
        else if (look.CrackMm is { } crack && crack > 0)
        {
            yield return crack > LongCrackMm
                ? new Finding($"{name} rotor", Verdict.ChangeBefore, Text($"A crack of {crack:0} mm that reaches nothing yet: change before the next session."),
                    "Cracks beyond 8 mm are no hairlines.", Maker, "long-crack")
                : new Finding($"{name} rotor", Verdict.Fine, Text($"Hairlines to {crack:0} mm: normal on a track rotor. Watch where they go."),
                    "Heat checks are normal while they reach nothing.", Trade);
        }

        if (look.Film is Film.Patchy or Film.Spots or Film.Overheated)
        {
            yield return new Finding($"{name} rotor", Verdict.Watch, look.Film switch
            {
                Film.Patchy => "Patchy film: bed again, four stops after full cooling.",
                Film.Spots => "Spots: four firm stops; if they stay and are hard, turn or discard. They come from gentle dragging or parking hot.",
                _ => "Deep blue all over: it has been hotter than its film. Compare with the paints, and look for cracks.",
            }, "Uneven film is judder to come.", Trade);
        }

        if (look.Film == Film.Even)
        {
            yield return new Finding($"{name} rotor", Verdict.Fine, "An even film.", "An even film is as it should be.", Trade);
        }

        if (look is { RotorKg: { } weighed } && rotor.Finish?.MinRingMassKg is null)
        {
            yield return Finding.NotJudged($"{name} rotor", Text($"{weighed:0.00} kg: its least mass is not known here; it is stamped on the disc."));
        }

        if (look.BootTorn)
        {
            yield return new Finding($"{name} caliper", Verdict.ChangeBefore,
                "A torn or burnt dust boot lets grit to the piston: new boots before the next event, and ask how hot the caliper got.",
                "Torn boots are changed.", Trade);
        }
    }

    private static IEnumerable<Finding> Sides(Inspection inspection)
    {
        foreach (var front in new[] { true, false })
        {
            var looks = inspection.Corners.Where(look => look.Front == front && look.ThinnestMm() is not null).ToList();
            if (looks is [var one, var two] && Math.Abs(one.ThinnestMm()!.Value - two.ThinnestMm()!.Value) is var difference && difference > WedgeMm)
            {
                var thinner = one.ThinnestMm() < two.ThinnestMm() ? one : two;
                yield return new Finding(front ? "Front axle" : "Rear axle", Verdict.Watch,
                    Text($"{NameOf(thinner.Corner)} is {difference:0.0} mm thinner than the other side: the circuit's turns, a dragging caliper, or " +
                        $"stability control at work."), "Both sides wear alike within 1.5 mm.", Trade, "one-sided");
            }
        }
    }

    private static IEnumerable<Finding> Fluid(Inspection inspection, PredictionPlan plan)
    {
        if (inspection.MoisturePercent is { } water && plan.Fluid.ClassOf() is not { Silicone: true })
        {
            var fluid = FluidToday.Of(plan with { FluidState = plan.FluidState with { ReservoirWaterPercent = water } });
            yield return water >= WetPercent
                ? new Finding("Fluid", Verdict.ChangeBefore,
                    Text($"{water:0.0} % water in the reservoir, more at the caliper: vapour from {fluid.VapourC:0} °C. Flush before the next event."),
                "From 3 % in the reservoir glycol fluid is changed.", Trade, "wet-reading")
                : new Finding("Fluid", Verdict.Fine, Text($"{water:0.0} % water: vapour from {fluid.VapourC:0} °C."), "Below 3 %.", Trade, "wet-reading");
        }

        if (inspection.FluidLevelMm is { } level)
        {
            yield return Level(level, plan, inspection);
        }
    }

    private static IEnumerable<Finding> Unread(string? note)
    {
        if (!string.IsNullOrWhiteSpace(note))
        {
            yield return Finding.NotJudged("Your note", "What you wrote is kept, and no rule here reads it.");
        }
    }

    /// <summary>
    /// A level that has fallen further than worn pads explain is a leak until shown otherwise (common practice): 30 % and 3 mm beyond it where the pads are
    /// known, else more than half-worn pads hold.
    /// </summary>
    private static Finding Level(double levelMm, PredictionPlan plan, Inspection? inspection)
    {
        double? Worn(bool front)
        {
            var brake = front ? plan.Car.Front : plan.Car.Rear;
            var seen = inspection?.Corners.Where(look => look.Front == front).SelectMany(look => new[] { look.InnerMm, look.OuterMm }).OfType<double>()
                .ToList() ?? [];
            var left = seen.Count > 0 ? seen.Average() : front ? plan.FrontPadMm : plan.RearPadMm;
            return left is { } mm ? Math.Max(0, brake.PadNewMm - mm) : null;
        }

        var (frontWorn, rearWorn) = (Worn(true), Worn(false));
        var half = WearForecast.LevelFallMm(plan.Car, (plan.Car.Front.PadNewMm - plan.Car.Front.PadLimitMm) / 2,
            (plan.Car.Rear.PadNewMm - plan.Car.Rear.PadLimitMm) / 2);
        if (frontWorn is null && rearWorn is null)
        {
            return levelMm <= half
                ? new Finding("Fluid level", Verdict.Fine,
                    Text($"{levelMm:0} mm below the mark. Worn pads hold that fluid: do not top up without a leak, or it runs over at the next pad change."),
                "The level is a rough pad gauge.", Trade)
                : new Finding("Fluid level", Verdict.ChangeBefore,
                    Text($"{levelMm:0} mm below the mark, more than half-worn pads would hold ({half:0} mm): measure the pads before the next session. If " +
                        $"they do not explain it, it is a leak until shown otherwise."), "A low level is explained or it is a leak.", Trade);
        }

        var explained = WearForecast.LevelFallMm(plan.Car, frontWorn ?? 0, rearWorn ?? 0);
        return levelMm > (1.3 * explained) + 3
            ? new Finding("Fluid level", Verdict.StopNow,
                Text($"{levelMm:0} mm below the mark, and the pads' wear explains {explained:0} mm: a leak until shown otherwise. Find it before the car " +
                    $"moves."), "A level out of step with the pads is a leak until shown otherwise.", Trade)
            : new Finding("Fluid level", Verdict.Fine,
                Text($"{levelMm:0} mm below the mark; the pads' wear explains {explained:0} mm. Do not top up without a leak, or it runs over at the next " +
                    $"pad change."), "The level follows the pads.", Trade);
    }

    internal static string NameOf(Corner corner) => corner switch
    {
        Entries.Corner.LeftFront => "Left front",
        Entries.Corner.RightFront => "Right front",
        Entries.Corner.LeftRear => "Left rear",
        _ => "Right rear",
    };
}
