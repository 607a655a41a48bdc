using Rimrock.Core.Beliefs;
using Rimrock.Core.Driving;
using Rimrock.Core.Limits;
using Rimrock.Core.Runs;

namespace Rimrock.Core.Judgement;

/// <summary>
/// Reads the limits off runs as they end, for plans whose heat is the same: those that differ in fluid, hoses or price share one set of runs. May be told from
/// several threads.
/// </summary>
internal sealed class LimitReader
{
    private readonly IReadOnlyList<PredictionPlan> plans;
    private readonly IReadOnlyList<LimitRow> rows;
    private readonly int[] boiling;
    private readonly Lazy<ColdStopResult[]> coldStops;
    private readonly Reading[][][] readings;

    /// <summary>Makes room.</summary>
    /// <param name="plans">Plans whose heat is the same.</param>
    /// <param name="members">Members that will be run.</param>
    public LimitReader(IReadOnlyList<PredictionPlan> plans, int members)
    {
        this.plans = plans;
        rows = LimitTable.Of(plans[0]);
        boiling = [.. Enumerable.Range(0, rows.Count).Where(place => LimitTable.Boils(rows[place]))];
        coldStops = new Lazy<ColdStopResult[]>(() => [ColdStop.ColdMorning(plans[0])]);
        readings = [.. plans.Select(_ => new Reading[members][])];
    }

    /// <summary>Reads a run.</summary>
    /// <param name="run">The run.</param>
    /// <param name="places">Members that its lanes carry, one array a lane.</param>
    /// <param name="cars">Their factors.</param>
    public void Read(DayRun run, int[][] places, CarFactors[] cars)
    {
        for (var lane = 0; lane < places.Length; lane++)
        {
            // What fluid does not move is read once for all plans.
            Reading[] heat = [];
            for (var plan = 0; plan < plans.Count; plan++)
            {
                var day = MemberDay.Of(plans[plan], run, lane, cars[lane], coldStops.Value);
                Reading[] found = plan == 0 ? [.. rows.Select(row => row.Read(day))] : [.. heat];
                foreach (var place in plan == 0 ? [] : boiling)
                {
                    found[place] = rows[place].Read(day);
                }

                heat = plan == 0 ? found : heat;
                foreach (var member in places[lane])
                {
                    readings[plan][member] = found;
                }
            }
        }
    }

    /// <summary>The readings of a plan's members.</summary>
    public Reading[][] Of(int plan) => readings[plan];

    /// <summary>The days, judged.</summary>
    /// <param name="belief">The belief whose members were run.</param>
    /// <param name="picks">Its members' places among those that were run; null for all.</param>
    public IReadOnlyList<JudgedDay> Judged(Population belief, int[]? picks = null) =>
        [.. plans.Select((plan, i) => new JudgedDay(plan, rows, belief, picks is null ? readings[i] : [.. picks.Select(member => readings[i][member])],
            belief.Scores, belief.Weights))];
}
