using Rimrock.Core.Beliefs;
using Rimrock.Core.Driving;
using Rimrock.Core.Fluids;
using Rimrock.Core.Judgement;
using Rimrock.Core.Limits;
using Rimrock.Core.Vehicles;

namespace Rimrock.Core.Tests.Judgement;

/// <summary>The year's events are read off the leading day's members: what is read so is what runs of their own would have said.</summary>
public class OlderFluidTests
{
    [Theory]
    [InlineData(0, 30)]
    [InlineData(24, 0)]
    [InlineData(6, 60)]
    public void A_day_with_older_fluid_is_read_off_the_same_runs(double months, double then)
    {
        var plan = SampleParts.Plan() with
        {
            Fluid = new BrakeFluid("weak", "dot3", 205, 140, 15),
            FluidState = new FluidState(months),
            OutsideHeat = new OutsideHeat(HeatedPlace.Line, 400, 30),
        };
        var older = plan with { FluidState = new FluidState(then) };
        var (belief, day) = (Population.Prior, new Day(plan));
        var now = Judge.Sharing([plan], belief, day)[0];
        var read = now.WithFluid(older);
        var run = Judge.Sharing([older], belief, day)[0];
        foreach (var row in run.Rows)
        {
            read.Of(row.Code).ShouldBe(run.Of(row.Code), row.Code);
        }

        (read.Danger, read.Damage, read.Members).ShouldBe((run.Danger, run.Damage, run.Members));
        run.Rows.ShouldContain(row => LimitTable.Boils(row) && run.Of(row.Code) != now.Of(row.Code), "age matters on this day");
        run.ShareTogether(row => row.Code.StartsWith("front", StringComparison.Ordinal))
            .ShouldBe(run.Together(row => row.Code.StartsWith("front", StringComparison.Ordinal)).Share);
    }
}
