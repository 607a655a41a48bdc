using Rimrock.Core.Numerics;
using Rimrock.Core.Rotors;

namespace Rimrock.Core.Tests.Rotors;

public class RotorReadingTests
{
    [Fact]
    public void A_solid_ring_weighs_what_a_cylinder_weighs()
    {
        // pi (0.151^2 - 0.103^2) 0.012 m3 of iron at 7200 kg/m3, by hand: 3.309 kg.
        var ring = RotorReading.Of(SampleParts.RearRing).RingKg;
        ring.P50.ShouldBe(Math.PI * ((0.151 * 0.151) - (0.103 * 0.103)) * 0.012 * 7200, 0.01);
        ((ring.P90 / ring.P10) - 1).ShouldBe(0.105, 0.01, "castings differ by some 5 % either way: common practice");
    }

    [Fact]
    public void Curved_vanes_are_handed_and_say_so()
    {
        var curved = RotorReading.Of(SampleParts.FrontRing with { Vanes = VaneKind.Curved });
        curved.Handed.ShouldBeTrue();
        curved.Notes.ShouldContain(note => note.Code.StartsWith("rotor-reading.handed"));
        RotorReading.Of(SampleParts.FrontRing).Handed.ShouldBeFalse();
    }

    [Fact]
    public void A_stated_mass_that_the_measures_contradict_is_told()
    {
        var off = RotorReading.Of(SampleParts.FrontRing with { RingMassKg = 12 });
        off.RingKg.ShouldBe(new Spread(12, 12, 12), "what was weighed is not guessed");
        off.Notes.ShouldContain(note => note.ToString().Contains("rotor-reading.above"));
    }
}
