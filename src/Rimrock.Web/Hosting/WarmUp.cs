using Rimrock.Core.Circuits;
using Rimrock.Core.Driving;
using Rimrock.Core.Fitting;
using Rimrock.Core.Fluids;
using Rimrock.Core.Friction;
using Rimrock.Core.Vehicles;

namespace Rimrock.Web.Hosting;

/// <summary>
/// Runs a few predictions in the background after the start, so that the compiler has done its work before the first
/// person asks. The answers are thrown away.
/// </summary>
public sealed class WarmUp : BackgroundService
{
    private const int Rounds = 6;

    /// <inheritdoc/>
    protected override Task ExecuteAsync(CancellationToken stoppingToken) => Task.Run(
        () =>
        {
            var guess = CarGuess.From("warm-up", 1500, 110, Tyre.All[1].Code);
            var pad = new Pad("warm-up", PadFamilies.All[0].Code);
            var fluid = FluidClass.All[1];
            var circuit = new Circuit("warm-up", Segments: [new CircuitSegment(700), new CircuitSegment(150, 60), new CircuitSegment(500),
                new CircuitSegment(200, 90)]);
            var plan = new PredictionPlan(guess.Car, circuit, Pace.All[1].Code, new StintPlan(1, 10), new Weather(), pad, pad, guess.FrontRotor,
                guess.RearRotor,
                new BrakeFluid("warm-up", fluid.Code, fluid.DryC, fluid.WetC), new FluidState(12));
            Ensemble.Run(plan, cancel: stoppingToken);
            for (var i = 0; i < Rounds && !stoppingToken.IsCancellationRequested; i++)
            {
                Predictor.Predict(plan);
            }
        },
        stoppingToken);
}
