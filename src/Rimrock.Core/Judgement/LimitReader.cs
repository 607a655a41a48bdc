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
    private readonly IReadOnlyList<double[][]> scores;
    private readonly IReadOnlyList<LimitRow> rows;
    private readonly int[] boiling;
    private readonly Lazy<ColdStopResult[]> coldStops;
    private readonly Reading[][][] readings;

    /// <summary>Makes room.</summary>
    /// <param name="plans">Plans whose heat is the same.</param>
    /// <param name="scores">The scores of each plan's members; at one place they heat alike, see <see cref="HeatRows"/>.</param>
    public LimitReader(IReadOnlyList<PredictionPlan> plans, IReadOnlyList<double[][]> scores)
    {
        (this.plans, this.scores) = (plans, scores);
        rows = LimitTable.Of(plans[0]);
        boiling = [.. Enumerable.Range(0, rows.Count).Where(place => LimitTable.Boils(rows[place]))];
        coldStops = new Lazy<ColdStopResult[]>(() => [ColdStop.ColdMorning(plans[0])]);
        readings = [.. scores.Select(members => new Reading[members.Length][])];
    }

    /// <summary>Reads a run.</summary>
    /// <param name="run">The run.</param>
    /// <param name="places">Members that its lanes carry, one array a lane.</param>
    public void Read(DayRun run, int[][] places)
    {
        for (var lane = 0; lane < places.Length; lane++)
        {
            // What fluid does not move is read once for all plans.
            Reading[]? heat = null;
            for (var plan = 0; plan < plans.Count; plan++)
            {
                foreach (var same in places[lane].GroupBy(member => scores[plan][member]))
                {
                    var day = MemberDay.Of(plans[plan], run, lane, MemberRuns.CarOf(same.Key), coldStops.Value);
                    Reading[] found = heat is null ? [.. rows.Select(row => row.Read(day))] : [.. heat];
                    foreach (var place in heat is null ? [] : boiling)
                    {
                        found[place] = rows[place].Read(day);
                    }

                    heat ??= found;
                    foreach (var member in same)
                    {
                        readings[plan][member] = found;
                    }
                }
            }
        }
    }

    /// <summary>The readings of a plan's members.</summary>
    public Reading[][] Of(int plan) => readings[plan];

    /// <summary>The days, judged.</summary>
    /// <param name="beliefs">The belief of each plan whose members were run.</param>
    /// <param name="picks">Its members' places among those that were run; null for all.</param>
    public IReadOnlyList<JudgedDay> Judged(IReadOnlyList<Population> beliefs, int[]? picks = null) =>
        [.. plans.Select((plan, i) => new JudgedDay(plan, rows, beliefs[i], picks is null ? readings[i] : [.. picks.Select(member => readings[i][member])],
            beliefs[i].Scores, beliefs[i].Weights))];
}
