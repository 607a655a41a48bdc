using Rimrock.Core.Heat;
using static Rimrock.Reference.Tests.HandFormulas;

namespace Rimrock.Reference.Tests;

/// <summary>The core's solver and face reconstruction against closed forms of Carslaw and Jaeger, Conduction of Heat in Solids (1959).</summary>
public class ConductionTests
{
    // One stop from 200 to 80 km/h at 9 m/s2: flux of one of four faces, falling with speed.
    private const double PeakFlux = 2.8070e6;
    private const double WholeStopS = 6.173;
    private const double StopS = 3.704;
    private const double CheekM = 0.008;

    private static double Falling(double t) => PeakFlux * (1 - (t / WholeStopS));

    [Fact]
    public void The_worked_stops_flux_follows_from_mass_speed_and_area()
    {
        var area = Math.PI * ((0.165 * 0.165) - (0.110 * 0.110));
        area.ShouldBe(0.047517, 1e-6);
        (1560 * 9 * (200 / 3.6) * 0.72 / 4 * 0.95 / area).ShouldBe(PeakFlux, 1e3);
    }

    [Fact]
    public void A_falling_flux_heats_a_half_space_as_the_closed_form_says()
    {
        HalfSpaceFallingFlux(PeakFlux, WholeStopS, WholeStopS / 2).ShouldBe(282.2, 0.1);
        HalfSpaceFallingFlux(PeakFlux, WholeStopS, StopS).ShouldBe(278.2, 0.1);
        var deep = new SlabChain(0.06, 121);
        var peak = 0.0;
        deep.Run(StopS, 0.02, Falling, _ => peak = Math.Max(peak, deep.FaceC));
        peak.ShouldBe(282.2, 0.5);
        deep.FaceC.ShouldBe(278.2, 0.5);
    }

    [Fact]
    public void A_falling_flux_heats_a_cheek_as_the_closed_form_says_with_the_cells_and_steps_of_the_product()
    {
        SlabFallingFlux(PeakFlux, WholeStopS, CheekM, StopS).ShouldBe(323.1, 0.2);
        var cheek = new SlabChain(CheekM, 6);
        cheek.Run(StopS, 0.0926, Falling);
        cheek.FaceC.ShouldBe(323.1, 1.0);
        cheek.MeanC.ShouldBe(252.7, 0.1);
    }

    [Theory]
    [InlineData(0.5)]
    [InlineData(2)]
    [InlineData(8)]
    public void A_constant_flux_heats_a_slab_as_the_series_says(double seconds)
    {
        var slab = new SlabChain(CheekM, 24);
        slab.Run(seconds, 0.005, _ => 1e6);
        slab.FaceC.ShouldBe(SlabConstantFlux(1e6, CheekM, seconds), 0.4);
    }

    [Fact]
    public void A_constant_flux_heats_a_half_space_with_the_root_of_time()
    {
        var deep = new SlabChain(0.08, 161);
        deep.Run(3, 0.01, _ => 1e6);
        deep.FaceC.ShouldBe(HalfSpaceConstantFlux(1e6, 3), 0.5);
    }

    [Theory]
    [InlineData(0)]
    [InlineData(0.0005)]
    [InlineData(0.001)]
    public void The_face_of_a_parabola_is_found_exactly_from_two_cell_means(double depthM)
    {
        // T = 500 - 4e4 x + 6e6 x^2; means over the cells 0..h and h..2h by its integral.
        const double h = 0.0013;
        static double Integral(double x) => (500 * x) - (2e4 * x * x) + (2e6 * x * x * x);
        var first = Integral(h) / h;
        var second = (Integral(2 * h) - Integral(h)) / h;
        var face = FaceTemperature.Under(Lanes.Create(first), Lanes.Create(second), Lanes.Create(4e4 * KWMK), Lanes.Create(KWMK), h);
        face.AtDepth(depthM)[0].ShouldBe(500 - (4e4 * depthM) + (6e6 * depthM * depthM), 1e-9);
    }

    [Fact]
    public void A_slab_in_quasi_steady_heating_has_the_known_profile()
    {
        const double q = 1e6;
        var slab = new SlabChain(CheekM, 12);
        slab.Run(30, 0.05, _ => q);
        (slab.FaceC - slab.MeanC).ShouldBe(q * CheekM / (3 * KWMK), 0.5);

        // The last cell's mean lies q dx / 6 k above the insulated face of a parabola with dx = L / 12.
        var back = slab.BackC - (q / (2 * KWMK * CheekM) * (CheekM / 12) * (CheekM / 12) / 3);
        (slab.FaceC - back).ShouldBe(q * CheekM / (2 * KWMK), 0.5);
    }

    [Fact]
    public void Halving_the_step_divides_the_error_by_four()
    {
        double After(double step)
        {
            var slab = new SlabChain(CheekM, 12);
            slab.Run(2, step, t => 1e6 * Math.Sin(t));
            return slab.MeanC + slab.BackC;
        }

        var exact = After(0.0005);
        var order = Math.Log2(Math.Abs(After(0.1) - exact) / Math.Abs(After(0.05) - exact));
        order.ShouldBeInRange(1.8, 2.3);
    }

    [Fact]
    public void Refining_the_grid_divides_the_face_error_by_four()
    {
        double Face(int cells)
        {
            var slab = new SlabChain(CheekM, cells);
            slab.Run(3, 0.002, _ => 1e6);
            return slab.FaceC;
        }

        var exact = SlabConstantFlux(1e6, CheekM, 3);
        var order = Math.Log2(Math.Abs(Face(4) - exact) / Math.Abs(Face(8) - exact));
        order.ShouldBeGreaterThan(1.7);
    }
}
