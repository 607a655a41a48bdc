using Rimrock.Core.Driving;
using Rimrock.Core.Judgement;
using Rimrock.Core.Limits;
using Rimrock.Core.Rotors;
using Rimrock.Core.Vehicles;

namespace Rimrock.Core.Fitting;

/// <summary>
/// The second stage of a search at the rear axle: other rotors and led air, on top of what the first stage finds best. Asked for where the rear gives, and
/// where its rotors must not be driven on: elsewhere the front does most of the work, and nothing there is worth its money (common practice).
/// </summary>
internal sealed class RearSearch
{
    /// <summary>The best so many of the first stage are tried with other rear parts.</summary>
    private const int Best = 3;

    private const int MostRotors = 4;
    private readonly PredictionPlan plan;
    private readonly Wishes wishes;
    private readonly int stops;
    private readonly IReadOnlyList<Part<Rotor>> rotors;
    private readonly IReadOnlyList<Part<DuctKit>> ducts;

    /// <summary>What could go on the rear of a car.</summary>
    /// <param name="plan">The plan with what is fitted.</param>
    /// <param name="offer">Everything on offer.</param>
    /// <param name="wishes">What matters.</param>
    public RearSearch(PredictionPlan plan, Offer offer, Wishes wishes)
    {
        (this.plan, this.wishes) = (plan, wishes);
        stops = HardStops.LeftOf(plan);

        // Discs of the same stuff alone: others want other pads at one axle only. The cheapest, and of those of no price the heaviest, which take most heat.
        rotors = [.. offer.Rotors.Where(rotor => rotor.Body.Material == plan.RearRotor.Material && HardStops.Of(rotor.Body, plan, wishes, Axle.Rear) is null)
            .OrderBy(rotor => rotor.Body.Price ?? double.MaxValue).ThenByDescending(rotor => rotor.Body.MassKg())
            .ThenBy(rotor => rotor.Id, StringComparer.Ordinal).Take(MostRotors)];
        ducts = !plan.Car.Rear.Brake().RubsBothFaces ? []
            : [.. offer.Ducts.Where(duct => HardStops.Of(duct.Body, plan, wishes) is null).Take(1)];
    }

    /// <summary>Rear rotors without which the car must not be driven on; null alone where those on it may stay, or nothing mends them.</summary>
    public IReadOnlyList<Part<Rotor>?> Musts()
    {
        List<Part<Rotor>?> mending = [.. rotors.Where(Mends)];
        return mending.Count > 0 ? mending : [null];

        bool Mends(Part<Rotor> rotor) =>
            HardStops.LeftOf((Selection.Fitted(plan) with { RearRotor = rotor }).On(plan, wishes)) < stops;
    }

    /// <summary>True where a judged setup's rear gives: beyond what danger and damage may be, or by pads that fade on more days than not.</summary>
    public static bool Gives(JudgedLife life)
    {
        bool OfRear(LimitRow row, Harm harm) => row.Moves.HasFlag(Lever.RearAir) && row.HarmOf(life.Plan) == harm;
        return life.Together(row => OfRear(row, Harm.Danger)).Share >= Thresholds.MostDanger
            || life.Together(row => OfRear(row, Harm.Damage)).Share >= Thresholds.MostDamage
            || life.Together(row => LimitTable.IsPastRange(row, Axle.Rear)).Share > Thresholds.LikelyNuisance;
    }

    /// <summary>The best of the first stage with every other rear part.</summary>
    /// <param name="found">What was found, best first.</param>
    public IEnumerable<Selection> Nominees(IEnumerable<Selection> found) => found.Take(Best).SelectMany(one =>
    {
        // Hoses of one kind on both axles.
        var led = one.Duct is { } ahead ? ducts.Where(duct => duct.Id == ahead.Id) : ducts;
        return rotors.Append(one.RearRotor).Distinct().SelectMany(rotor => led.Append(null).Select(duct => one with { RearRotor = rotor, RearDuct = duct }))
            .Where(other => other != one && (other.RearRotor is not { } rotor || HardStops.Of(other.RearPad.Body, rotor.Body, wishes) is null));
    });
}
