using Rimrock.Core.Circuits;
using Rimrock.Core.Friction;
using Rimrock.Core.Heat;
using Rimrock.Core.Materials;
using Rimrock.Core.Numerics;
using Rimrock.Core.Quantities;
using Rimrock.Core.Rotors;
using Rimrock.Core.Vehicles;

namespace Rimrock.Reference.Tests;

/// <summary>Parts against figures from outside: handbook tables, textbook moments, facts of the trade.</summary>
public class PartsTests
{
    /// <summary>A 370 x 33 mm vented iron ring weighs about 10 kg; a larger carbon-ceramic disc under half the iron assembly (common practice).</summary>
    [Fact]
    public void Rings_weigh_what_the_trade_says()
    {
        var iron = new Rotor("iron", 370, 250, 33, 31, VaneKind.Straight, 11, 40, 6);
        iron.MassKg().ShouldBe(10, 1.2);
        var ceramic = new Rotor("ceramic", 390, 240, 36, 35.5, VaneKind.Straight, 12, 40, 6, RotorConstruction.TwoPiece, Material: RingMaterial.CarbonCeramic);
        ceramic.MassKg().ShouldBeLessThan(0.5 * iron.MassKg());
        new Rotor("drum", 228, 100, 7, 5, Construction: RotorConstruction.Drum, DrumWidthMm: 42).MassKg().ShouldBeInRange(1.5, 5);
    }

    /// <summary>C/SiC: 700/1150/1300 J/kgK at 20/500/900 C; iron 440 + 0.38 T to 650 C, near 1000 at 750, 700 from 850 up (from memory).</summary>
    [Theory]
    [InlineData(20, 700, 447.6)]
    [InlineData(500, 1150, 630)]
    [InlineData(900, 1300, 700)]
    public void Specific_heats_are_those_of_the_tables(double celsius, double ceramic, double iron)
    {
        RotorMaterial.CarbonCeramic.SpecificHeatJKgK(celsius).ShouldBe(ceramic, 1e-6);
        RotorMaterial.GreyIron.SpecificHeatJKgK(celsius).ShouldBe(iron, 1e-6);
        foreach (var material in new[] { RotorMaterial.CarbonCeramic, RotorMaterial.CarbonCarbon, RotorMaterial.GreyIron })
        {
            var sum = Enumerable.Range(0, 4000).Sum(i => material.SpecificHeatJKgK((i + 0.5) * celsius / 4000)) * celsius / 4000;
            (material.EnthalpyJKg(celsius) - material.EnthalpyJKg(0)).ShouldBe(sum, 1e-5 * sum);
            material.SpecificHeatJKgK(Lanes.Create(celsius))[3].ShouldBe(material.SpecificHeatJKgK(celsius), 1e-9);
            material.EnthalpyJKg(Lanes.Create(celsius))[3].ShouldBe(material.EnthalpyJKg(celsius), 1e-6);
        }
    }

    /// <summary>Most rings stay where neither peak nor flat end is: the short form gives the very same figures there, and is not used beyond.</summary>
    [Fact]
    public void Below_the_peak_the_short_form_is_the_whole_one()
    {
        RotorMaterial.GreyIron.SmoothBelowC.ShouldBe(650);
        foreach (var material in new[] { RotorMaterial.CarbonCeramic, RotorMaterial.CarbonCarbon, RotorMaterial.GreyIron, RotorMaterial.BetterIron })
        {
            for (var celsius = -100.0; celsius <= Math.Min(1300, material.SmoothBelowC); celsius += 12.5)
            {
                var lanes = Lanes.Create(celsius);
                material.SmoothSpecificHeatJKgK(lanes)[0].ShouldBe(material.SpecificHeatJKgK(lanes)[0]);
                material.SmoothEnthalpyJKg(lanes)[0].ShouldBe(material.EnthalpyJKg(lanes)[0]);
            }
        }
    }

    /// <summary>A leading and a trailing shoe together: about 2.0 at friction 0.38 (Limpert 2011, chapter 2, from memory).</summary>
    [Fact]
    public void A_drums_gain_is_the_textbooks()
    {
        DrumGain.Of(0.38).ShouldBe(2.0, 0.1);
        DrumGain.Of(0).ShouldBe(0);
        (DrumGain.Of(0.42) / DrumGain.Of(0.38)).ShouldBeGreaterThan(0.42 / 0.38, "the leading shoe pulls itself on");
        DrumGain.DiscMu(Lanes.Create(0.3))[5].ShouldBe(0.5 * DrumGain.Of(0.3), 1e-12);
    }

    /// <summary>A line beside a hot pipe: what it takes in by radiation equals what slow air takes away.</summary>
    [Fact]
    public void A_line_beside_an_exhaust_settles_where_heat_in_is_heat_out()
    {
        var near = new OutsideHeat(HeatedPlace.Line, 600, 30);
        var settled = near.LineC(40);
        near.PowerW(0.5, settled).ShouldBe(12 * (settled - 40), 1);
        new OutsideHeat(HeatedPlace.Line, 600, 400).LineC(40).ShouldBeInRange(40, settled - 20);
        new OutsideHeat(HeatedPlace.Line, 50, 30).LineC(40).ShouldBeInRange(40, 50);

        // Touching a cylinder, half of all directions end on it.
        new OutsideHeat(DistanceMm: 1e-6, SourceDiameterMm: 100).ViewFactor().ShouldBe(1, 1e-3);
    }

    /// <summary>Hot bands 60 to 130 K a turn in hard stops from 200 km/h (common practice).</summary>
    [Fact]
    public void Hot_bands_rise_as_people_measure()
    {
        var rotor = new Rotor("ring", 330, 216, 28, 26, VaneKind.Straight, 9, 36, 5.5);
        var brake = new AxleBrake(CaliperKind.Fixed, [42, 38], 75, 50);
        var power = 1560 * 9 * Speed.FromKmh(200) * 0.72 / 2;
        HotBands.RiseK(rotor, brake, power, Speed.FromKmh(200), 0.315, 450).ShouldBeInRange(60, 150);
        (HotBands.RiseK(rotor, brake, power, 40, 0.315, 450) / HotBands.RiseK(rotor, brake, power, 10, 0.315, 450))
            .ShouldBe(0.5, 1e-6, "one over the root of speed");
    }

    /// <summary>
    /// The fade procedure as a duty, energy by hand: 2080 kg x 1.03, 120 to 60 km/h: 0.89267 MJ a snub, 45 s apart (UN R13-H type I, from memory).
    /// </summary>
    [Fact]
    public void The_fade_procedure_asks_for_the_energy_worked_out_by_hand()
    {
        var lap = BrakingZoneTable.Lap(ProvingGround.FadeProcedure.Zones!, ProvingGround.FadeProcedure.ZoneG!.Value * Speed.StandardGravityMS2);
        lap.DurationS.ShouldBe(45, 1e-6);
        ZoneDetection.Find(lap).Count.ShouldBe(1);
        var bare = CarGuess.From("bare", 2080, 120, "summer").Car with
        {
            RotatingMassFactor = 1.03,
            DragAreaM2 = 0,
            RollingResistance = 0,
            EngineBrakingMS2 = 0
        };
        BrakingWork.LapJoules(lap, bare, 1.2).ShouldBe(0.89267e6 * (1 - BrakingWork.TyreSlipShare), 200);
    }

    /// <summary>Brake load rises with the square of speed and in proportion to mass (common practice).</summary>
    [Fact]
    public void Brake_load_goes_with_speed_squared_and_mass()
    {
        Car Bare(double mass) => CarGuess.From("bare", mass, 120, "summer").Car with { DragAreaM2 = 0, RollingResistance = 0, EngineBrakingMS2 = 0 };
        BrakingWork.Joules(Bare(1200), 60, 0.01, 5, 1.2, 0).ShouldBe(4 * BrakingWork.Joules(Bare(1200), 30, 0.01, 5, 1.2, 0), 100);
        BrakingWork.Joules(Bare(2400), 30, 10, 5, 1.2, 0).ShouldBe(2 * BrakingWork.Joules(Bare(1200), 30, 10, 5, 1.2, 0), 1);
    }

    /// <summary>Organic pads fade from about 260 C, semi-metallic from 400 to 540 C, race pads far above (common practice).</summary>
    [Fact]
    public void Families_leave_their_band_where_people_say()
    {
        double Edge(string family) => new Pad("plain", family).WorkingBandOf().ToC;
        Edge("organic").ShouldBe(260, 40);
        Edge("semi-metallic").ShouldBeInRange(400, 540);
        Edge("race-sintered").ShouldBeGreaterThan(650);
        Edge("race-carbon-metallic").ShouldBeGreaterThan(600);
    }

    [Fact]
    public void The_normal_integral_agrees_with_a_general_library()
    {
        for (var x = -8.0; x <= 8; x += 0.37)
        {
            var expected = MathNet.Numerics.Distributions.Normal.CDF(0, 1, x);
            NormalDistribution.Below(x).ShouldBe(expected, 1e-9 * expected);
        }
    }

    [Fact]
    public void A_smooth_fit_follows_the_property_it_stands_for()
    {
        var fit = new SmoothFit(-60, 760, c => Air.ConductivityWMK(Lanes.Create(c))[0]);
        for (var c = -60.0; c <= 760; c += 20)
        {
            var exact = Air.ConductivityWMK(Lanes.Create(c))[0];
            fit.At(Lanes.Create(c))[1].ShouldBe(exact, 2e-4 * exact);
        }
    }
}
