namespace Rimrock.Core.Friction;

/// <summary>
/// New pads outgas: their friction is about 15 % lower the first times they pass 300 C, gone after three such stops
/// (common practice; the 15 % is engineering judgement, +-8 points). Bedding does this on purpose.
/// </summary>
public static class GreenFade
{
    /// <summary>Temperature above which a new pad outgases, C.</summary>
    public const double FromC = 300;

    /// <summary>Stops above it after which the pad has done with it.</summary>
    public const int Stops = 3;

    /// <summary>Share of the friction that is left meanwhile.</summary>
    public const double Left = 0.85;

    /// <summary>1 for each member whose stop was hot enough to count, else 0.</summary>
    public static Lane Counted(Lane hottestC) => Lanes.ConditionalSelect(Lanes.GreaterThan(hottestC, Lanes.Create(FromC)), Lane.One, Lane.Zero);

    /// <summary>Factor on the friction at a temperature after so many hot stops.</summary>
    public static Lane Factor(Lane celsius, Lane hotStops) => Lanes.ConditionalSelect(
        Lanes.GreaterThan(celsius, Lanes.Create(FromC)) & Lanes.LessThan(hotStops, Lanes.Create((double)Stops)), Lanes.Create(Left), Lane.One);
}
