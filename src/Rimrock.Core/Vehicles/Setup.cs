using Rimrock.Core.Fluids;
using Rimrock.Core.Friction;
using Rimrock.Core.Rotors;

namespace Rimrock.Core.Vehicles;

/// <summary>Pads of an axle.</summary>
/// <param name="Pad">What they are.</param>
/// <param name="LeftMm">Friction material of the left wheel's, mm; null for new ones.</param>
/// <param name="RightMm">The same of the right wheel's.</param>
/// <param name="Bedded">False for new pads that still outgas.</param>
public sealed record FittedPads(Pad Pad, double? LeftMm = null, double? RightMm = null, bool Bedded = true)
{
    /// <summary>The thinner of both sides, mm; null for new ones.</summary>
    public double? ThinnestMm => LeftMm is { } left && RightMm is { } right ? Math.Min(left, right) : LeftMm ?? RightMm;
}

/// <summary>Rotors of an axle.</summary>
/// <param name="Rotor">What they are.</param>
/// <param name="ThicknessMm">Measured thickness, mm; null where nobody measured.</param>
/// <param name="RingKg">Weighed mass of a ring, kg; null where nobody weighed.</param>
/// <param name="Marks">Codes of what was seen on them.</param>
/// <param name="WrongSide">True where handed rotors sit on each other's side.</param>
public sealed record FittedRotors(Rotor Rotor, double? ThicknessMm = null, double? RingKg = null, IReadOnlyList<string>? Marks = null, bool WrongSide = false);

/// <summary>Everything that is fitted at an axle.</summary>
/// <param name="Brake">Caliper and pad sizes, the car's own or a kit's.</param>
/// <param name="Pads">Pads.</param>
/// <param name="Rotors">Rotors.</param>
/// <param name="Duct">Cooling air; null for none.</param>
/// <param name="CaliperKit">Name of a caliper kit; null for the car's own calipers.</param>
/// <param name="BracketMm">How much further out a bracket carries the caliper, mm.</param>
/// <param name="PressureShare">Pressure of its line over the front's.</param>
public sealed record AxleSetup(AxleBrake Brake, FittedPads Pads, FittedRotors Rotors, WheelDuct? Duct = null, string? CaliperKit = null, double BracketMm = 0,
    double PressureShare = 1)
{
    /// <summary>Friction material that the axle starts with, mm: the thinner side's.</summary>
    public double PadMm => Pads.ThinnestMm ?? Brake.PadNewMm;

    /// <summary>Torque of the axle for each pascal in the front line at a friction of 1, Nm/Pa.</summary>
    public double TorquePerPascal(Hydraulics hydraulics)
    {
        ArgumentNullException.ThrowIfNull(hydraulics);
        return PressureShare * hydraulics.AxleTorquePerPascal(Brake, Brake.EffectiveRadiusM(Rotors.Rotor));
    }
}

/// <summary>Flexible lines.</summary>
/// <param name="Kind">What they are.</param>
/// <param name="AgeYears">Their age, years; null where nobody knows.</param>
public sealed record FittedHoses(BrakeLine Kind, double? AgeYears = null);

/// <summary>The fluid in the lines.</summary>
/// <param name="Fluid">What it is, with the bottle that it came from.</param>
/// <param name="State">Its age or a reading.</param>
public sealed record FilledFluid(BrakeFluid Fluid, FluidState State);

/// <summary>What is fitted to a car: a value with a slot for all that a driver can change about the brakes.</summary>
/// <param name="Axles">Front and rear.</param>
/// <param name="Fluid">The fluid.</param>
/// <param name="Hoses">The flexible lines.</param>
/// <param name="MasterCylinderMm">Bore of the master cylinder, mm.</param>
/// <param name="BalanceBarFrontShare">Share of the pedal force that a balance bar gives the front, 0 to 1; null for none.</param>
public sealed record Setup(Axles<AxleSetup> Axles, FilledFluid Fluid, FittedHoses Hoses, double MasterCylinderMm, double? BalanceBarFrontShare = null);
