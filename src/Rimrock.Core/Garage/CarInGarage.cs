using Rimrock.Core.Driving;
using Rimrock.Core.Fluids;
using Rimrock.Core.Numerics;
using Rimrock.Core.Rotors;
using Rimrock.Core.Vehicles;

namespace Rimrock.Core.Garage;

/// <summary>Rotors of an axle.</summary>
/// <param name="Rotor">What they are.</param>
/// <param name="Since">When they went on; null for before the log.</param>
/// <param name="By">How that is known.</param>
/// <param name="MeasuredOn">When one was measured last; null for never.</param>
/// <param name="ThicknessMm">The thinnest then, mm.</param>
/// <param name="RingKg">The lightest ring then, kg.</param>
/// <param name="CrackMm">The longest heat check then, mm.</param>
/// <param name="HotLaps">Hot laps driven on them.</param>
/// <param name="Hours">Track hours.</param>
/// <param name="Megajoules">Heat through the axle, MJ.</param>
/// <param name="Off">When they came off; null while they are on the car.</param>
public sealed record RotorsOnCar(Rotor Rotor, DateOnly? Since, KnownBy By, DateOnly? MeasuredOn, double? ThicknessMm, double? RingKg, double? CrackMm,
    int HotLaps = 0, double Hours = 0, double Megajoules = 0, DateOnly? Off = null);

/// <summary>The fluid in the car.</summary>
/// <param name="Fluid">What it is.</param>
/// <param name="Filled">When it was filled, by the last word on its age; null where that is not dated.</param>
/// <param name="By">How that is known.</param>
/// <param name="State">Its age today.</param>
/// <param name="ReadOn">When its water was read last; null for never.</param>
/// <param name="ReadPercent">What the tester said then, %: evidence, which replaces nothing.</param>
/// <param name="HotLaps">Hot laps driven on it.</param>
/// <param name="Off">When another was filled in; null while it is in the car.</param>
public sealed record FluidOnCar(BrakeFluid Fluid, DateOnly? Filled, KnownBy By, FluidState State, DateOnly? ReadOn, double? ReadPercent, int HotLaps = 0,
    DateOnly? Off = null);

/// <summary>Something that the log says twice, each time otherwise.</summary>
/// <param name="Day">The day of the later word.</param>
/// <param name="Sentence">What does not go together.</param>
public sealed record Contradiction(DateOnly Day, Said Sentence);

/// <summary>
/// What is on the car today: a function of what was written down, whatever the order in which it was. Each value says how it is known. Parts that were taken
/// off stay known as stock.
/// </summary>
/// <param name="Brakes">Caliper and pad sizes of each axle.</param>
/// <param name="Pads">Pads on each axle.</param>
/// <param name="Rotors">Rotors on each axle.</param>
/// <param name="Fluid">The fluid.</param>
/// <param name="Lines">Flexible lines.</param>
/// <param name="LinesSince">When they went on; null for before the log.</param>
/// <param name="Ducts">Cooling air to each axle.</param>
/// <param name="FrontKit">Caliper kit in front; null for none.</param>
/// <param name="Stock">Sets of pads that were taken off with something left, the last taken off first.</param>
/// <param name="Contradictions">What does not go together, the newest first.</param>
/// <param name="Open">What stops the car and was not answered since, the hydraulics first.</param>
/// <param name="Tyre">Code of its tyres; null where nothing was said of them.</param>
/// <param name="TyreSince">Since when; null for before the log.</param>
/// <param name="PastRotors">Rotors that came off, the last first.</param>
/// <param name="HoseYears">Age of its flexible lines, years; null where nobody said.</param>
/// <param name="PastFluids">Fills that were changed, the last first.</param>
/// <param name="Bottles">What is left of bottles that finished orders opened, the oldest first.</param>
/// <param name="RearKit">Caliper kit at the rear; null for none.</param>
/// <param name="Cylinder">Master cylinder that was fitted; null for the car's own.</param>
/// <param name="DuctsSince">When the cooling air of each axle was led as it is; null for before the log.</param>
public sealed record CarInGarage(Axles<AxleBrake> Brakes, Axles<PadSet> Pads, Axles<RotorsOnCar> Rotors, FluidOnCar Fluid, BrakeLine Lines,
    DateOnly? LinesSince, Axles<WheelDuct?> Ducts, CaliperKit? FrontKit, IReadOnlyList<PadSet> Stock, IReadOnlyList<Contradiction> Contradictions,
    IReadOnlyList<OpenSign> Open, string? Tyre = null, DateOnly? TyreSince = null, Axles<IReadOnlyList<RotorsOnCar>>? PastRotors = null,
    IReadOnlyList<FluidOnCar>? PastFluids = null, double? HoseYears = null, IReadOnlyList<OpenedBottle>? Bottles = null,
    CaliperKit? RearKit = null, MasterCylinder? Cylinder = null, Axles<DateOnly?>? DuctsSince = null)
{
    private const double LeastMm = 1;

    /// <summary>A plan with the car as it stands: its parts, and what stops it.</summary>
    public PredictionPlan On(PredictionPlan plan) => Fitment().On(plan) with { Open = Open is [] ? null : Open };

    /// <summary>
    /// The parts as a plan has them. Pads of which nothing was measured and nothing driven are taken as the plan's new ones; none is thinner than a plan
    /// can say.
    /// </summary>
    public Fitment Fitment()
    {
        static double? Left(PadSet set) => set.By is KnownBy.Measured or KnownBy.Reckoned or KnownBy.Driven
            ? Math.Max(LeastMm, Math.Round(set.LeftMm.P50, 1)) : null;
        return new Fitment(Brakes, new(Pads.Front.Pad, Pads.Rear.Pad), new(Rotors.Front.Rotor, Rotors.Rear.Rotor), Fluid.Fluid, Fluid.State, Ducts, Lines,
            FrontKit, new(Left(Pads.Front), Left(Pads.Rear)), Pads.Front.Bedded && Pads.Rear.Bedded, Tyre, HoseYears, RearKit, Cylinder);
    }
}
