namespace Rimrock.Core.Fitting;

/// <summary>Hours of work to change over, for a practised amateur with stands (common practice, x1.5).</summary>
public static class Effort
{
    private const double Pads = 0.8;
    private const double Rotors = 0.6;
    private const double OtherDiameter = 2;
    private const double Fluid = 1;
    private const double Lines = 1;
    private const double Ducts = 3;

    /// <summary>Hours for a setup against what is fitted.</summary>
    public static double Hours(Selection setup, Rotors.Rotor fittedRotor)
    {
        ArgumentNullException.ThrowIfNull(setup);
        ArgumentNullException.ThrowIfNull(fittedRotor);
        static bool Changed(string? id) => id is not null && id != Selection.FittedId;
        return (Changed(setup.FrontPad.Id) ? Pads : 0) + (Changed(setup.RearPad.Id) ? Pads : 0) + RotorHours(setup.FrontRotor, fittedRotor)
            + (Changed(setup.Fluid.Id) || Changed(setup.Lines?.Id) ? Fluid : 0) + (Changed(setup.Lines?.Id) ? Lines : 0)
                + (Changed(setup.Duct?.Id) ? Ducts : 0);
    }

    /// <summary>Hours for front rotors.</summary>
    public static double RotorHours(Part<Rotors.Rotor> rotor, Rotors.Rotor fitted)
    {
        ArgumentNullException.ThrowIfNull(rotor);
        ArgumentNullException.ThrowIfNull(fitted);
        return rotor.Id == Selection.FittedId ? 0 : Rotors + (Math.Abs(rotor.Body.OuterDiameterMm - fitted.OuterDiameterMm) > 1 ? OtherDiameter : 0);
    }
}
