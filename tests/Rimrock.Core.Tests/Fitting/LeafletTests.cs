using Rimrock.Core.Driving;
using Rimrock.Core.Fitting;
using Rimrock.Core.Fluids;
using Rimrock.Core.Quantities;
using Rimrock.Core.Vehicles;

namespace Rimrock.Core.Tests.Fitting;

/// <summary>A leaflet's word is about the car that it goes on, not about the pad alone: common practice of a workshop.</summary>
public class LeafletTests
{
    // A family car's year: nothing in it asks much of the brakes.
    private static readonly PredictionPlan Road = SampleParts.Plan() with { Days = [new PlannedDay("weekday", 200)], FluidState = new FluidState(6) };

    [Fact]
    public void A_leaflet_is_no_fit_while_something_is_due_or_stops_the_car()
    {
        LeafletAnswer Held(PredictionPlan plan, BrakeFluid? fluid = null) => Leaflet.Of(plan, plan.FrontPad with { Name = "leaflet" }, Axle.Front, fluid, new Wishes());
        Held(Road).Outcome.ShouldBe(LeafletOutcome.Fits);
        void Nearly(PredictionPlan plan, string with)
        {
            var held = Held(plan);
            (held.Outcome, held.With.Single().What.Code).ShouldBe((LeafletOutcome.Nearly, with));
        }

        var old = Road with { FluidState = new FluidState(30) };
        Nearly(old, "leaflet.with-fresh-fluid");
        Nearly(Road with { Lines = BrakeLine.AgedRubber }, "leaflet.with-new-hoses");
        Nearly(old with { Lines = BrakeLine.AgedRubber }, "leaflet.with-what-is-due");
        Nearly(Road with { Open = [new OpenSign(new DateOnly(2026, 3, 1), Trouble.Leak)] }, "leaflet.with-a-bleed");

        // A bottle beside it is a flush.
        Held(old, old.Fluid with { Name = "bottle" }).Outcome.ShouldBe(LeafletOutcome.Fits);
    }
}
