namespace Rimrock.Core.Judgement;

/// <summary>Every figure that a verdict turns on (our rule, engineering judgement). All are about joint chances on a day like the plan's.</summary>
public static class Thresholds
{
    /// <summary>A day holds where the upper bound of its danger is below this.</summary>
    public const double MostDanger = 0.02;

    /// <summary>And its damage below this.</summary>
    public const double MostDamage = 0.10;

    /// <summary>Standard deviations to the one-sided upper bound of nine tenths.</summary>
    public const double UpperBoundSigmas = Numerics.Spread.EdgeSigmas;

    /// <summary>No verdict is given by fewer members than this.</summary>
    public const int MembersForAWord = Beliefs.Population.Size;

    /// <summary>More members are run where the danger lies between this</summary>
    public const double SettleFrom = 0.005;

    /// <summary>and this.</summary>
    public const double SettleTo = 0.10;

    /// <summary>Log-odds within which two chances count as equal in a ranking.</summary>
    public const double EqualLogOdds = 0.3;

    /// <summary>Log-odds by which a chance is surely smaller than another: odds some three times as long.</summary>
    public const double SurelyLogOdds = 1;

    /// <summary>Standard deviations of their paired difference within which they do, too.</summary>
    public const double EqualPairedSigmas = 2;

    /// <summary>Where pads fade on more days than not, "nothing needed" is not said, though nobody is hurt yet and nothing is ruined.</summary>
    public const double LikelyNuisance = 0.5;

    /// <summary>A chance whose upper bound is below this is told as less than it.</summary>
    public const double Rare = 0.01;

    /// <summary>A limit whose chance is less is not listed among what may give, by how bad it is.</summary>
    public static double WorthTelling(Limits.Harm harm) => harm switch { Limits.Harm.Danger => SettleFrom, Limits.Harm.Damage => 0.02, _ => 0.05 };
}
