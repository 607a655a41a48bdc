namespace Rimrock.Core.Matching;

/// <summary>What a setup is weighed by; less is better in all.</summary>
/// <param name="Risk">Chance that something gives on the day, each weighted by its harm, taken as independent, 0 to 1.</param>
/// <param name="Street">Street penalty, 0 to 10, see <see cref="StreetManners"/>.</param>
/// <param name="CostPerHour">Running cost for each track hour, and what has to be bought spread over two seasons, in the driver's currency.</param>
/// <param name="EffortHours">Work to change over, h.</param>
/// <param name="BalanceShift">Front share away from that of equal pads on the fitted rotors.</param>
/// <param name="Roughness">0 (lets go smoothly) to 1.</param>
public sealed record Objectives(double Risk, double Street, double CostPerHour, double EffortHours, double BalanceShift, double Roughness)
{
    /// <summary>What has to be bought is spread over so many seasons (engineering judgement).</summary>
    public const double OutlaySeasons = 2;

    private const double RiskWorth = 8;
    private const double CostUnit = 60;
    private const double EffortUnit = 4;
    private const double BalanceUnit = 0.05;

    /// <summary>One number by what matters to the driver: for ranking within the Pareto set only, never shown as a verdict. Units are ours.</summary>
    public double Score(Wishes wishes)
    {
        ArgumentNullException.ThrowIfNull(wishes);
        return (RiskWorth * (1 + wishes.Consistency) * Risk) + ((wishes.ColdMornings + wishes.DustAndNoise) * Street / 10)
            + (wishes.Cost * CostPerHour / CostUnit) + (wishes.Convenience * EffortHours / EffortUnit) + (0.5 * wishes.Confidence * ((BalanceShift / BalanceUnit) + Roughness));
    }

    /// <summary>The four that the Pareto set is made of, in steps below which nobody would tell them apart: 1 %, 0.1, 1 and half an hour.</summary>
    internal Steps Rounded() => new((int)Math.Round(Risk * 100), (int)Math.Round(Street * 10), (int)Math.Round(CostPerHour), (int)Math.Round(EffortHours * 2));

    /// <summary>Rounded objectives.</summary>
    internal readonly record struct Steps(int Risk, int Street, int Cost, int Effort)
    {
        /// <summary>True where this is no worse in anything and better in something.</summary>
        public bool Dominates(Steps other) => NoWorse(other) && this != other;

        /// <summary>True where this is no worse in anything.</summary>
        public bool NoWorse(Steps other) => Risk <= other.Risk && Street <= other.Street && Cost <= other.Cost && Effort <= other.Effort;
    }
}

/// <summary>Setups of which none is beaten in everything by another; of equals the first stays.</summary>
internal sealed class ParetoSet
{
    private readonly List<(Objectives.Steps Steps, Objectives Exact, SetupIndex Setup)> kept = [];

    public IReadOnlyList<(Objectives.Steps Steps, Objectives Exact, SetupIndex Setup)> Kept => kept;

    /// <summary>True where something that is there is no worse than these objectives.</summary>
    public bool Covers(Objectives objectives)
    {
        var steps = objectives.Rounded();
        for (var i = kept.Count - 1; i >= 0; i--)
        {
            if (kept[i].Steps.NoWorse(steps))
            {
                // What has just beaten one candidate will beat the next ones like it: look at it first.
                (kept[i], kept[^1]) = (kept[^1], kept[i]);
                return true;
            }
        }

        return false;
    }

    /// <summary>Takes a setup in unless one that is there is no worse; throws out what it beats.</summary>
    public void Offer(Objectives objectives, SetupIndex setup)
    {
        if (Covers(objectives))
        {
            return;
        }

        var steps = objectives.Rounded();
        kept.RemoveAll(other => steps.Dominates(other.Steps));
        kept.Add((steps, objectives, setup));
    }
}

/// <summary>A setup by its places in the lists that were searched.</summary>
internal readonly record struct SetupIndex(short FrontPad, short RearPad, short Rotor, short Duct, short Fluid);
