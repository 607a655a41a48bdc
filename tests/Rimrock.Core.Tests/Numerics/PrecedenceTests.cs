using System.Diagnostics;
using Rimrock.Core.Numerics;

namespace Rimrock.Core.Tests.Numerics;

public class PrecedenceTests
{
    [Fact]
    public void A_long_run_stands_back_while_a_short_answer_is_computed_but_not_for_ever()
    {
        var watch = Stopwatch.StartNew();
        using (var held = Precedence.Take())
        {
            Precedence.StandBack();
            watch.ElapsedMilliseconds.ShouldBeGreaterThan(50);
            held.Dispose();
        }

        // Given back twice counts once, and nobody waits now: a wait each would take hours.
        using var other = Precedence.Take();
        other.Dispose();
        for (var i = 0; i < 200_000; i++)
        {
            Precedence.StandBack();
        }
    }
}
