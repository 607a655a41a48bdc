using Rimrock.Core.Preparation;
using Rimrock.Core.Quantities;

namespace Rimrock.Core.Tests.Preparation;

public class BeddingPlanTests
{
    private static BeddingPlan Of(string family, BeddingPlace place = BeddingPlace.ClosedCourse) => BeddingPlan.Of(SampleParts.Plan(family, family), place);

    [Theory]
    [InlineData("organic")]
    [InlineData("street-performance")]
    [InlineData("track-sport")]
    [InlineData("race-carbon-metallic")]
    public void The_last_stop_reaches_the_target_and_no_stop_comes_to_rest(string family)
    {
        var bed = Of(family);
        bed.Reached.ShouldBeTrue();
        bed.Stops.Count.ShouldBeInRange(6, 16);
        bed.Stops[^1].FaceC.P50.ShouldBeInRange(bed.TargetC.P50, bed.TargetC.P90);
        bed.ToKmh.ShouldBeGreaterThan(10);
        bed.Stops.ShouldAllBe(stop => stop.FaceC.P10 <= stop.FaceC.P50 && stop.FaceC.P50 <= stop.FaceC.P90);
    }

    [Fact]
    public void It_builds_up_gradually()
    {
        // Common practice: rotor and pad are brought up by repeated stops.
        var faces = Of("track-sport").Stops.Select(stop => stop.FaceC.P50).ToList();
        faces.ShouldBe(faces.Order());
        faces[0].ShouldBeLessThan(0.5 * faces[^1]);
    }

    [Fact]
    public void Street_pads_need_less_heat_than_race_pads() => Of("organic").TargetC.P50.ShouldBeLessThan(Of("race-carbon-metallic").TargetC.P50 - 150);

    [Fact]
    public void Race_pads_are_not_bedded_in_traffic_and_street_pads_gently()
    {
        Should.Throw<InputFaultException>(() => Of("race-sintered", BeddingPlace.GentleStreet)).Faults.Single().Field.ShouldBe("place");
        var gentle = Of("organic", BeddingPlace.GentleStreet);
        gentle.G.ShouldBeLessThanOrEqualTo(0.3);
        gentle.FromKmh.ShouldBeLessThanOrEqualTo(70);
    }

    [Fact]
    public void Pre_bedded_pads_only_cool_and_are_looked_at()
    {
        var bed = Of("track-sport", BeddingPlace.PreBedded);
        bed.Stops.ShouldBeEmpty();
        bed.Notes.ShouldNotBeEmpty();
    }

    [Fact]
    public void It_cools_to_the_parking_temperature_in_minutes()
    {
        var bed = Of("track-sport");
        bed.CoolMinutes.P50.ShouldBeInRange(3, 25);
        bed.FaceC[^1].ShouldBeLessThan(120);
        bed.TimeS.Length.ShouldBe(bed.FaceC.Length);
    }

    [Fact]
    public void A_hard_first_stop_shocks_cold_rotors_more_than_a_bedding_stop()
    {
        // Face over section mean of a slab under constant flux is q L / 3 k (derived; reference cases): a stop at 0.9 g from 190 km/h puts some 100 to 200 K
        // there.
        Of("track-sport").Shock!.HardStopK.ShouldBeInRange(80, 260);
    }

    /// <summary>Two schools (common practice): few hard stops, or twice as many at half the force.</summary>
    [Fact]
    public void Many_gentle_stops_reach_the_same_film_by_less_force_each()
    {
        var (few, many) = (Of("street-performance"), Of("street-performance", BeddingPlace.ManyGentle));
        many.Reached.ShouldBeTrue();
        many.G.ShouldBeLessThan(few.G);
        many.Stops.Count.ShouldBeGreaterThan(few.Stops.Count);
        many.TargetC.ShouldBe(few.TargetC);
        (many.Stops[0].FaceC.P50 - 24).ShouldBeLessThan(few.Stops[0].FaceC.P50 - 24);
    }

    [Fact]
    public void A_motorcycle_beds_from_its_own_speeds()
    {
        var guess = Core.Vehicles.CarGuess.Motorcycle("motorcycle", 210, 90, "sport");
        var plan = SampleParts.Plan("race-sintered", "race-sintered") with { Car = guess.Car, FrontRotor = guess.FrontRotor, RearRotor = guess.RearRotor };
        BeddingPlan.Of(plan, BeddingPlace.ClosedCourse).FromKmh.ShouldBeInRange(60, 150);
        Of("race-sintered").FromKmh.ShouldBeGreaterThanOrEqualTo(130);
    }

    [Fact]
    public void A_carbon_disc_is_never_told_of_irons_yield()
    {
        var plan = SampleParts.Plan("carbon-ceramic-disc") with
        {
            FrontRotor = SampleParts.FrontRing with { Material = Core.Rotors.RingMaterial.CarbonCeramic, RingMassKg = 5.5 },
        };
        var bed = BeddingPlan.Of(plan, BeddingPlace.ClosedCourse);
        bed.Shock.ShouldBeNull();
        bed.Notes.Select(note => note.Code).ShouldNotContain("bedding-plan.look-even-grey-blue");
    }
}
