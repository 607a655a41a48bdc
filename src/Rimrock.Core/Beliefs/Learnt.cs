using Rimrock.Core.Driving;
using Rimrock.Core.Numerics;

namespace Rimrock.Core.Beliefs;

/// <summary>What is believed after looking at the evidence.</summary>
/// <param name="Scoped">Members and weights, for all parts and courses that evidence told of; the prior where the evidence contradicts the model.</param>
/// <param name="EffectiveMembers">How many equally weighted members stand behind the belief.</param>
/// <param name="Rounds">How often members were drawn anew, 1 for never.</param>
/// <param name="Contradicted">True where not even the best member explains what was seen.</param>
/// <param name="Seen">Each observation with what was believed before and after.</param>
/// <param name="EveningBefore">Front rotor's peak at its rim on each day, over the sessions that its observations ask about, as believed on the evening
/// before: by the prior's members, weighted by what the days before had shown. No new members are drawn for such a look back.</param>
/// <param name="EveningWeights">Weights of the prior's members on each of these evenings; none before anything was seen.</param>
public sealed record Learnt(ScopedBelief Scoped, double EffectiveMembers, int Rounds, bool Contradicted, IReadOnlyList<SeenAndBelieved> Seen,
    IReadOnlyList<Spread> EveningBefore, IReadOnlyList<double[]> EveningWeights)
{
    private const double Few = 25;

    /// <summary>What is believed of the car as it was on the last day.</summary>
    public Population Belief { get; } = Scoped.Newest();

    /// <summary>What is believed of a plan: what was learnt of other pads, another fluid or another circuit is not carried over.</summary>
    public Population Of(PredictionPlan plan) => Scoped.Of(plan);

    /// <summary>What was believed of a day on the evening before.</summary>
    /// <param name="day">Its place.</param>
    /// <param name="days">All days of the evidence.</param>
    public Population EveningOf(int day, IReadOnlyList<EvidenceDay> days)
    {
        ArgumentNullException.ThrowIfNull(days);
        return EveningWeights[day].Length == 0 ? Population.Prior
            : (ScopedBelief.PriorOf([.. days.Select(one => one.Plan)]) with { Weights = EveningWeights[day] }).Of(days[day].Plan);
    }

    /// <summary>What stands behind it, in one or two sentences.</summary>
    public Said Statement()
    {
        if (Contradicted)
        {
            return Said.Of("learnt.nothing-car-could-explains");
        }

        var backed = Said.Of("learnt.seen-explained-about-ways", EffectiveMembers, Population.MembersIn(Rounds));
        return EffectiveMembers < Few
            ? Said.Of("learnt.few-so-take-band", backed)
            : Rounds > 1 ? Said.Of("learnt.after-looking-closer", backed, Rounds == 2 ? Said.Of("learnt.once") : Rounds == 3
                ? Said.Of("learnt.twice") : Said.Of("learnt.times", Rounds - 1)) : Said.Of("learnt.backed", backed);
    }
}

/// <summary>An observation beside what was believed of it, in its unit: C, mm, or for the pedal the fluid less its vapour point, K.</summary>
/// <param name="Observation">What was seen.</param>
/// <param name="Before">P10, P50, P90 before.</param>
/// <param name="After">P10, P50, P90 after.</param>
/// <param name="Unexplained">True where nothing believable comes near it, or boiling explains less than a tenth of a soft pedal.</param>
/// <param name="Boiling">Share of a soft pedal that boiling explains, 0 to 1; null for all else.</param>
public sealed record SeenAndBelieved(Observation Observation, Spread Before, Spread After, bool Unexplained, double? Boiling = null);
