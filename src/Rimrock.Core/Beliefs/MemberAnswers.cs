namespace Rimrock.Core.Beliefs;

/// <summary>What members did: for each day the front rotor's peak at its rim, for each observation what is predicted and how likely it is.</summary>
/// <param name="days">Days.</param>
/// <param name="observations">Observations of all days.</param>
/// <param name="members">Members.</param>
internal sealed class MemberAnswers(int days, int observations, int members)
{
    /// <summary>These and others, one after the other.</summary>
    public MemberAnswers And(MemberAnswers others)
    {
        var both = new MemberAnswers(RimC.Length, Log.Length, 0);
        static void Join<T>(T[][] into, T[][] first, T[][] then) => first.Zip(then).Select((pair, i) => (pair, i)).ToList()
            .ForEach(one => into[one.i] = [.. one.pair.First, .. one.pair.Second]);
        Join(both.RimC, RimC, others.RimC);
        Join(both.Log, Log, others.Log);
        Join(both.Predicted, Predicted, others.Predicted);
        return both;
    }

    /// <summary>What others did, for the members that are the same: each at its own place in both.</summary>
    public void Copy(MemberAnswers? others, int[] same)
    {
        static void Into<T>(T[][] into, T[][] from, int[] places)
        {
            foreach (var (to, known) in into.Zip(from))
            {
                Array.ForEach(places, place => to[place] = known[place]);
            }
        }

        if (others is not null)
        {
            Into(RimC, others.RimC, same);
            Into(Log, others.Log, same);
            Into(Predicted, others.Predicted, same);
        }
    }

    /// <summary>What they did on a day.</summary>
    public DayAnswers Of(int day, int from, int count) => new(RimC[day], Log[from..(from + count)], Predicted[from..(from + count)]);

    /// <summary>Puts in what was known of a day.</summary>
    public void Take(int day, int from, DayAnswers known)
    {
        RimC[day] = known.RimC;
        known.Log.CopyTo(Log, from);
        known.Predicted.CopyTo(Predicted, from);
    }

    public float[][] RimC { get; } = [.. Enumerable.Range(0, days).Select(_ => new float[members])];

    public double[][] Log { get; } = [.. Enumerable.Range(0, observations).Select(_ => new double[members])];

    public float[][] Predicted { get; } = [.. Enumerable.Range(0, observations).Select(_ => new float[members])];
}
