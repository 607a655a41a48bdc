using System.Runtime.InteropServices;
using Rimrock.Core.Numerics;
using Rimrock.Core.Runs;
using Columns = System.Runtime.Intrinsics.Vector512<float>;

namespace Rimrock.Core.Fitting;

/// <summary>Bands over time of the parts that a run follows: takes the members' courses as their runs end, and from several threads.</summary>
/// <param name="members">How many members there are.</param>
internal sealed class CourseBands(int members)
{
    private readonly Lock gate = new();

    // By part; of sixteen samples each member has its sixteen values together.
    private Columns[][]? courses;

    /// <summary>When the samples were taken, s in the day.</summary>
    public double[] TimesS { get; private set; } = [];

    /// <summary>Takes a run's courses.</summary>
    /// <param name="run">The run.</param>
    /// <param name="places">Members that its lanes carry, one array a lane.</param>
    public void Add(DayRun run, int[][] places)
    {
        lock (gate)
        {
            TimesS = [.. run.SampleTimesS];
            courses ??= [.. DayRun.Sampled.Select(_ => new Columns[Blocks * members])];
        }

        Span<float> course = stackalloc float[SortedColumns.Count];
        for (var part = 0; part < DayRun.Sampled.Length; part++)
        {
            for (var block = 0; block < Blocks; block++)
            {
                for (var lane = 0; lane < places.Length; lane++)
                {
                    run.Course(part, lane, block * SortedColumns.Count, course);
                    var values = Lanes.Create<float>(course);
                    foreach (var member in places[lane])
                    {
                        courses[part][(block * members) + member] = values;
                    }
                }
            }
        }
    }

    /// <summary>The band of a part.</summary>
    /// <param name="part">Place in <see cref="DayRun.Sampled"/>.</param>
    /// <param name="picks">Members of one weight that stand for all; null for all.</param>
    public PartBand Of(int part, int[]? picks)
    {
        int[] low = new int[TimesS.Length], middle = new int[TimesS.Length], high = new int[TimesS.Length];
        Parallel.For(0, Blocks, () => new LaneBuffer(1, picks?.Length ?? members), (block, _, room) =>
        {
            var all = courses![part].AsSpan(block * members, members);
            var rows = MemoryMarshal.Cast<Lane, Columns>(room.Row(0));
            for (var i = 0; i < rows.Length; i++)
            {
                rows[i] = all[picks?[i] ?? i];
            }

            SortedColumns.Sort(rows);
            for (int column = 0, at = block * SortedColumns.Count; column < SortedColumns.Count && at < low.Length; column++, at++)
            {
                low[at] = Whole(rows, column, 0.1);
                middle[at] = Whole(rows, column, 0.5);
                high[at] = Whole(rows, column, 0.9);
            }

            return room;
        }, _ => { });
        return new PartBand(DayRun.Sampled[part], low, middle, high);
    }

    // Whole degrees: finer than any drawing shows.
    private static int Whole(ReadOnlySpan<Columns> rows, int column, double share) => (int)Math.Round(SortedColumns.Of(rows, column, share));

    private int Blocks => (TimesS.Length + SortedColumns.Count - 1) / SortedColumns.Count;
}
