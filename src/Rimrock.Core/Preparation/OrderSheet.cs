using Rimrock.Core.Driving;
using Rimrock.Core.Fitting;
using Rimrock.Core.Limits;

namespace Rimrock.Core.Preparation;

/// <summary>What stands at the foot of an order, so that whoever signs it knows what it rests on.</summary>
/// <param name="Guesses">Guesses that decide, the weightiest first.</param>
/// <param name="Cautions">What to mind.</param>
/// <param name="Pack">What to take along to the day.</param>
public sealed record OrderSheet(IReadOnlyList<Contribution> Guesses, IReadOnlyList<Said> Cautions, IReadOnlyList<PackedThing> Pack)
{
    private const int MostGuesses = 3;
    private const double LeastShare = 0.08;

    /// <summary>Of a plan that was judged.</summary>
    /// <param name="plan">The car as it should be, with its days.</param>
    /// <param name="band">Its judgement.</param>
    public static OrderSheet Of(PredictionPlan plan, BandResult band)
    {
        ArgumentNullException.ThrowIfNull(plan);
        ArgumentNullException.ThrowIfNull(band);
        // What hurts and what ruins comes before what annoys; where nothing is worth telling, the likeliest decides.
        var told = band.Limits.Where(limit => limit.WorthTelling).OrderByDescending(limit => limit.Harm).ToList();
        var guesses = (told.Count > 0 ? told : [.. band.Limits.Take(1)])
            .SelectMany(limit => limit.Contributions.Where(one => one.Share >= LeastShare))
            .GroupBy(one => one.Factor).Select(one => one.MaxBy(guess => guess.Share)!).OrderByDescending(one => one.Share).Take(MostGuesses);
        var stops = (plan.Open ?? []).Select(sign => OpenStop.Of(sign).Sentence);
        return new OrderSheet([.. guesses], [.. stops, .. Fitting.Cautions.Of(plan), .. Due.Of(plan).Select(due => due.Sentence), .. UseRemarks.Of(plan)],
            PackedThing.Of(plan, band.Limits));
    }
}
