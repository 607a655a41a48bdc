using Rimrock.Core.Judgement;

namespace Rimrock.Core.Fitting;

/// <summary>Chances as the search reckons them: for nominating setups only, never shown.</summary>
/// <param name="Danger">That someone can be hurt.</param>
/// <param name="Damage">That a part is ruined.</param>
/// <param name="Nuisance">That the day is slower or over early.</param>
/// <param name="HowMany">How many things of that kind give on a day, in the mean; null where nobody counted.</param>
internal readonly record struct Screened(double Danger, double Damage, double Nuisance, double? HowMany = null)
{
    /// <summary>The nuisance as it weighs: where one thing cannot be mended, mending another still counts (engineering judgement).</summary>
    public double Weight => HowMany is { } many ? (0.5 * Nuisance) + (0.25 * many) : Nuisance;
}

/// <summary>What setups that are as safe as each other are weighed by.</summary>
internal enum Want
{
    /// <summary>A day that is slower or over early.</summary>
    Pace,

    /// <summary>Cold metres, dust and noise.</summary>
    Street,

    /// <summary>Money.</summary>
    Cost,

    /// <summary>Work.</summary>
    Work,

    /// <summary>Front share away from equal pads.</summary>
    Balance,

    /// <summary>How it takes hold and lets go.</summary>
    Bite,

    /// <summary>How firm the pedal is.</summary>
    Firm,
}

/// <summary>What a setup is weighed by in the search; less is better in all.</summary>
/// <param name="Chances">What may give, as reckoned.</param>
/// <param name="Street">Street penalty, 0 to 10, see <see cref="StreetManners"/>.</param>
/// <param name="CostPerSeason">Running cost of a season, and what has to be bought spread over two, in the driver's currency.</param>
/// <param name="EffortHours">Work to change over, h.</param>
/// <param name="BalanceShift">Front share away from that of equal pads on the fitted rotors.</param>
/// <param name="Roughness">0 (bites and lets go as one would wish) to 1.</param>
/// <param name="Swell">Share of the pedal's way that goes into the hoses, see <see cref="Vehicles.PedalTravel.SwellShare"/>.</param>
internal sealed record Objectives(Screened Chances, double Street, double CostPerSeason, double EffortHours, double BalanceShift, double Roughness,
    double Swell = 0)
{
    /// <summary>What has to be bought is spread over so many seasons (engineering judgement).</summary>
    public const double OutlaySeasons = 2;

    /// <summary>A loss on a scale that is worth a word (engineering judgement).</summary>
    public const double LeastTold = 0.05;

    private const double Doubt = 3;
    private const double DangerWorth = 10;
    private const double DamageWorth = 5;
    private const double NuisanceWorth = 4;
    private const double CostUnit = 600;
    private const double EffortUnit = 4;
    private const double BalanceUnit = 0.05;

    // A third of the pedal's way lost in the hoses weighs as much as the balance moved by a step (engineering judgement).
    private const double SwellUnit = 0.3;

    /// <summary>The driver's scales together: what orders setups that are as safe as each other. Units are ours; never shown.</summary>
    public double Scales(Wishes wishes) =>
        On(Want.Pace, wishes) + On(Want.Street, wishes) + On(Want.Cost, wishes) + On(Want.Work, wishes) + On(Want.Balance, wishes) + On(Want.Bite, wishes)
        + On(Want.Firm, wishes);

    /// <summary>What a setup loses on one of them.</summary>
    public double On(Want scale, Wishes wishes)
    {
        ArgumentNullException.ThrowIfNull(wishes);
        return scale switch
        {
            Want.Pace => NuisanceWorth * (1 + wishes.Consistency) * Chances.Weight,
            Want.Street => (wishes.ColdMornings + wishes.DustAndNoise) * Street / 10,
            Want.Cost => wishes.Cost * CostPerSeason / CostUnit,
            Want.Work => wishes.Convenience * EffortHours / EffortUnit,
            Want.Balance => 0.5 * wishes.Confidence * BalanceShift / BalanceUnit,
            Want.Bite => 0.5 * wishes.Confidence * Roughness,
            _ => 0.5 * wishes.Confidence * Swell / SwellUnit,
        };
    }

    /// <summary>One number for nominating: danger before damage before the scales, each by its log-odds over what counts as none.</summary>
    /// <param name="wishes">What matters.</param>
    /// <param name="doubt">What counts as none is taken so many times smaller: what is reckoned may be off by as much.</param>
    public double Score(Wishes wishes, double doubt = Doubt) => Hazard(doubt) + Scales(wishes);

    /// <summary>
    /// The four that the Pareto set is made of, in steps below which nobody would tell them apart: a tenth in log-odds of danger, 0.1, 20 and half an hour.
    /// </summary>
    internal Steps Rounded(Wishes wishes) =>
        new((int)Math.Round(Hazard(Doubt) + (NuisanceWorth * (1 + wishes.Consistency) * Chances.Nuisance)), (int)Math.Round(Street * 10),
            (int)Math.Round(CostPerSeason / 20), (int)Math.Round(EffortHours * 2));

    private double Hazard(double doubt) =>
        (DangerWorth * Over(Chances.Danger, Thresholds.MostDanger / doubt)) + (DamageWorth * Over(Chances.Damage, Thresholds.MostDamage / doubt));

    private static double Over(double chance, double none)
    {
        const double least = 0.5 / Thresholds.MembersForAWord;
        static double LogOdds(double share) => Math.Log(share / (1 - share));
        return Math.Max(0, LogOdds(Math.Clamp(chance, least, 1 - least)) - LogOdds(none));
    }

    /// <summary>Rounded objectives.</summary>
    internal readonly record struct Steps(int Hazard, int Street, int Cost, int Effort)
    {
        /// <summary>True where this is no worse in anything and better in something.</summary>
        public bool Dominates(Steps other) => NoWorse(other) && this != other;

        /// <summary>True where this is no worse in anything.</summary>
        public bool NoWorse(Steps other) => Hazard <= other.Hazard && Street <= other.Street && Cost <= other.Cost && Effort <= other.Effort;
    }
}
