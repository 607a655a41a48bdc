using Rimrock.Core.Driving;
using Rimrock.Core.Rotors;

namespace Rimrock.Core.Fitting;

/// <summary>Hours of work to change over, for a practised amateur with stands (common practice, x1.5). Choose and Ready count by the same.</summary>
public static class Effort
{
    private const double Pads = 0.8;
    private const double Rotors = 0.6;
    private const double OtherDiameter = 2;
    private const double Fluid = 1;
    private const double Lines = 1;
    private const double Ducts = 3;
    private const double Calipers = 2.5;
    private const double Cylinder = 1.5;
    private const double Chemistry = 8;

    /// <summary>Hours for a setup against what is fitted.</summary>
    /// <param name="setup">The setup.</param>
    /// <param name="plan">The plan with what is fitted.</param>
    public static double Hours(Selection setup, PredictionPlan plan)
    {
        ArgumentNullException.ThrowIfNull(setup);
        ArgumentNullException.ThrowIfNull(plan);
        static bool Changed(string? id) => id is not null && id != Selection.FittedId;
        return Hours(new Axles<bool>(Changed(setup.FrontPad.Id), Changed(setup.RearPad.Id)),
            RotorHours(setup.FrontRotor, plan.FrontRotor) + (setup.RearRotor is { } rear ? RotorHours(rear, plan.RearRotor) : 0),
            Changed(setup.Fluid.Id) || Changed(setup.Lines?.Id), Changed(setup.Lines?.Id), new(setup.Duct is not null, setup.RearDuct is not null))
            + OfKit(setup.Kit is not null) + OfKit(setup.RearKit is not null);
    }

    /// <summary>Hours for what is changed.</summary>
    /// <param name="pads">Pads, by axle.</param>
    /// <param name="rotorHours">Hours for rotors, see <see cref="OfRotors"/>.</param>
    /// <param name="opened">True where the hydraulics are opened.</param>
    /// <param name="lines">True for lines.</param>
    /// <param name="ducts">Ducts, by axle.</param>
    public static double Hours(Axles<bool> pads, double rotorHours, bool opened, bool lines, Axles<bool> ducts)
    {
        double Each(Axles<bool> changed, double hours) => (changed.Front ? hours : 0) + (changed.Rear ? hours : 0);
        return Each(pads, Pads) + rotorHours + (opened ? Fluid : 0) + (lines ? Lines : 0) + Each(ducts, Ducts);
    }

    /// <summary>Hours for calipers and their brackets, whose rotors are counted as others of that size.</summary>
    public static double OfKit(bool kit) => kit ? Calipers : 0;

    /// <summary>Hours for a master cylinder, filled on the bench and its push rod set.</summary>
    public static double OfCylinder(bool changed) => changed ? Cylinder : 0;

    /// <summary>Hours for stripping, drying and sealing anew everything that a fluid of the other chemistry has wetted.</summary>
    public static double OfChemistry(bool changed) => changed ? Chemistry : 0;

    /// <summary>Hours for an axle's rotors.</summary>
    public static double RotorHours(Part<Rotor> rotor, Rotor fitted)
    {
        ArgumentNullException.ThrowIfNull(rotor);
        return rotor.Id == Selection.FittedId ? 0 : OfRotors(rotor.Body, fitted);
    }

    /// <summary>Hours for an axle's rotors in the place of others; brackets, on or off, are tried on and shimmed.</summary>
    public static double OfRotors(Rotor rotor, Rotor fitted)
    {
        ArgumentNullException.ThrowIfNull(rotor);
        ArgumentNullException.ThrowIfNull(fitted);
        return Rotors + (rotor.BracketForMm != fitted.BracketForMm || Math.Abs(rotor.OuterDiameterMm - fitted.OuterDiameterMm) > FitRules.SameDiameterMm
            ? OtherDiameter : 0);
    }
}
