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

    /// <summary>What is trailered to its events needs no road approval, whoever asks: leaflet, reasons and cautions alike.</summary>
    [Fact]
    public void Road_approval_is_asked_of_what_drives_on_the_road_alone()
    {
        var track = SampleParts.Plan() with { Days = [new PlannedDay(DayKind.TrackDay, 6)] };
        var pad = new Core.Friction.Pad("leaflet", "track-sport", RoadApproved: false);
        string? Stop(string tyre) => Leaflet.Of(track with { Car = track.Car with { Tyre = tyre } }, pad, Axle.Front, null, new Wishes()).Stop?.Code;
        Stop("sport").ShouldBe("road-approval");
        Stop("slick").ShouldBeNull();
        bool Warns(string tyre) => Cautions.Of(track with { FrontPad = pad, Car = track.Car with { Tyre = tyre } })
            .Any(caution => caution.Code == "predictor.pad-without-road-approval");
        (Warns("sport"), Warns("slick")).ShouldBe((true, false));
    }
}
