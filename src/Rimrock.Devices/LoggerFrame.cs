namespace Rimrock.Devices;

/// <summary>One line of an on-car logger; a channel that dropped out is null.</summary>
/// <param name="TimeS">The logger's own clock, s; it jumps now and then.</param>
/// <param name="SpeedKmh">Road speed, km/h.</param>
/// <param name="PressureBar">Line pressure, bar.</param>
/// <param name="RotorC">Infrared sensor on the front rotor, C.</param>
/// <param name="CaliperC">Thermocouple on the front caliper, C.</param>
public sealed record LoggerFrame(double TimeS, double? SpeedKmh, double? PressureBar, double? RotorC, double? CaliperC);
