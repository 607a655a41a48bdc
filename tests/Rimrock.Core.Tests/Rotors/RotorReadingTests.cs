using Rimrock.Core.Rotors;

namespace Rimrock.Core.Tests.Rotors;

public class RotorReadingTests
{
    [Fact]
    public void A_solid_ring_weighs_what_a_cylinder_weighs()
    {
        // pi (0.151^2 - 0.103^2) 0.012 m3 of iron at 7200 kg/m3, by hand: 3.309 kg.
        RotorReading.Of(SampleParts.RearRing).RingKg.ShouldBe(Math.PI * ((0.151 * 0.151) - (0.103 * 0.103)) * 0.012 * 7200, 0.01);
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
        off.RingKg.ShouldBe(12);
        off.Notes.ShouldContain(note => note.ToString().Contains("rotor-reading.above"));
    }
}
