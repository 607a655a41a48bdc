namespace Rimrock.Core.Fitting;

/// <summary>A pair of pads in a cell, before any fluid.</summary>
internal readonly record struct Pair(Objectives Basic, Survival Survival, double FrontFluidC, double FrontFluidSigma, double RearFluidC,
    double RearFluidSigma);

/// <summary>That nothing dangerous, nothing ruinous, no nuisance happens, taken as independent.</summary>
internal readonly record struct Survival(double Danger, double Damage, double Nuisance)
{
    public Survival And(Survival other) => new(Danger * other.Danger, Damage * other.Damage, Nuisance * other.Nuisance);
}

/// <summary>A pad in a cell at one split between the axles.</summary>
internal readonly record struct PadState(Survival Survival, double FluidC, double FluidSigma, double HotC, double HotSigma, double CostPerHour);

/// <summary>A pad in a cell over all splits.</summary>
internal sealed record PadCell(PadState[] States, double DiscMu, double EffortHours)
{
    /// <summary>Splits between the axles that are kept lie so far about the original one.</summary>
    public const double ShareReach = 0.16;

    /// <summary>So far apart.</summary>
    public const double ShareStep = 0.02;

    /// <summary>So many.</summary>
    public static readonly int Buckets = (int)Math.Round(2 * ShareReach / ShareStep) + 1;

    /// <summary>The pad at a split, between those that are kept.</summary>
    public PadState At(double shift)
    {
        var place = Math.Clamp((shift + ShareReach) / ShareStep, 0, Buckets - 1.0);
        var i = Math.Min(Buckets - 2, (int)place);
        var (a, b, t) = (States[i], States[i + 1], place - i);
        double Between(double x, double y) => x + ((y - x) * t);
        return new PadState(new Survival(Between(a.Survival.Danger, b.Survival.Danger), Between(a.Survival.Damage, b.Survival.Damage),
            Between(a.Survival.Nuisance, b.Survival.Nuisance)), Between(a.FluidC, b.FluidC), a.FluidSigma, Between(a.HotC, b.HotC), a.HotSigma,
            Between(a.CostPerHour, b.CostPerHour));
    }
}
