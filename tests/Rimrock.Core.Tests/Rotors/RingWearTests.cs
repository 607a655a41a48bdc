using Rimrock.Core.Fitting;
using Rimrock.Core.Friction;
using Rimrock.Core.Rotors;

namespace Rimrock.Core.Tests.Rotors;

public class RingWearTests
{
    private static readonly Pad Sport = new("sport", "track-sport");

    // pi/4 (32^2 - 20^2) = 490.09 cm2 a face.
    private static readonly Rotor Ring = new("ring", 320, 200, 28, 26, VaneKind.Straight, 8, 36);

    [Fact]
    public void Depth_is_energy_over_the_face_times_the_pads_index()
    {
        // 36 MJ (10 kW for an hour) on 490.09 cm2 under an index of 6: 0.07 x 6 x 36 / 490.09 = 0.03085 mm.
        Sport.RotorWearIndex().ShouldBe(6);
        RingWear.WornMm(Ring, Sport, 36e6).ShouldBe(0.03085, 1e-5);
        RingWear.WornMm(Ring with { OuterDiameterMm = 360, InnerDiameterMm = 254.64 }, Sport, 36e6).ShouldBe(0.07 * 6 * 36 / 508.6, 2e-5);
        RingWear.WornMm(Ring, new Pad("street", "organic"), 36e6).ShouldBe(0.03085 / 6, 1e-5);
    }

    [Fact]
    public void Mass_is_depth_times_face_times_density()
    {
        // Grey iron of 7200 kg/m3: 0.03085 mm off 0.049009 m2 are 10.9 g.
        RingWear.WornKg(Ring, Sport, 36e6).ShouldBe(0.03085e-3 * 0.049009 * Ring.MaterialOf().DensityKgM3, 1e-6);
        RingWear.WornKg(Ring with { Material = RingMaterial.CarbonCeramic }, Sport, 36e6).ShouldBeLessThan(0.2 * RingWear.WornKg(Ring, Sport, 36e6));
    }

    [Fact]
    public void The_constant_agrees_with_the_order_of_specific_wear_of_grey_iron()
    {
        // Mild to hard sliding wear of grey iron against brake linings lies between 1e-6 and 1e-4 mm3/(N m) (order of magnitude from memory);
        // energy is friction coefficient times force times way, and both faces share it.
        var mm3 = RingWear.WornMm(Ring, Sport, 1e6) * Ring.FaceAreaM2() * 1e6;
        var perNewtonMetre = mm3 / 1e6 * 0.45;
        perNewtonMetre.ShouldBeInRange(1e-6, 1e-4);
    }

    [Theory]
    [InlineData(36e6, 0, 64.8)]
    [InlineData(72e6, 0, 32.4)]
    [InlineData(36e6, 300, 25)]
    public void A_ring_lasts_until_it_is_thin_or_cracked(double joulesPerHour, double overMeanK, double hours) =>
        RunningCost.RingHours(Ring, Sport, joulesPerHour, overMeanK).ShouldBe(hours, 0.1);

    [Fact]
    public void A_weighed_ring_lasts_until_it_is_too_light()
    {
        var carbon = Ring with { Material = RingMaterial.CarbonCeramic, MinThicknessMm = 20, RingMassKg = 5, Finish = new RotorFinish(MinRingMassKg: 4.98) };
        RunningCost.RingHours(carbon, Sport, 36e6, 0).ShouldBe(0.02 / RingWear.WornKg(carbon, Sport, 36e6), 1e-6);
    }
}
