using Rimrock.Core.Heat;
using Rimrock.Core.Materials;

namespace Rimrock.Reference.Tests;

/// <summary>
/// The same wheel as a plain list of nodes and conductances, integrated by a general-purpose Runge-Kutta method of a
/// mathematics library with steps small enough for its stability: slow, obvious, and nothing shared with the fast code
/// but part sizes and correlations.
/// </summary>
public class OdeNetworkTests
{
    private const double Ambient = 20;

    [Theory]
    [InlineData(4, 50, 120e3, true)]
    [InlineData(60, 40, 0, false)]
    [InlineData(60, 0, 0, false)]
    public void The_fast_solver_and_a_library_solver_agree(double seconds, double speedMS, double powerW, bool braking)
    {
        var fast = new WheelNetwork(PlainWheel.Parts, [.. Enumerable.Repeat(WheelFactors.Median, 4)], Ambient, Air.SeaLevelPressurePa);
        var slow = new PlainWheel();
        var state = PlainWheel.Start(Ambient);

        // Both begin hot and uneven: a stop of 4 s first.
        Both(4, 50, 120e3, true);
        Both(seconds, speedMS, powerW, braking);

        fast.BulkC[0].ShouldBe(slow.Bulk(state), 0.5);
        fast.PlateC[0].ShouldBe(state[PlainWheel.Plate], 0.5);
        fast.FluidC[0].ShouldBe(state[PlainWheel.Fluid], 0.1);
        fast.CaliperC[0].ShouldBe(state[PlainWheel.Caliper], 0.1);
        fast.FaceInC[0].ShouldBe(slow.FaceNear(state, 0), 12, "the plain model reads a cell centre corrected by q dx / 2k");

        void Both(double s, double v, double p, bool on)
        {
            var steps = (int)Math.Round(s / 0.05);
            for (var i = 0; i < steps; i++)
            {
                fast.Step(s / steps, v, Lanes.Create(p), on);
            }

            state = slow.Run(state, s, v, p, on);
        }
    }
}
