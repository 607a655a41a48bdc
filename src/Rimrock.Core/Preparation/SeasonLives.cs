using Rimrock.Core.Driving;
using Rimrock.Core.Judgement;
using Rimrock.Core.Limits;
using Rimrock.Core.Numerics;
using Rimrock.Core.Priors;
using Rimrock.Core.Rotors;
using Rimrock.Core.Vehicles;

namespace Rimrock.Core.Preparation;

/// <summary>What a season uses of a life that is no thickness: cracks, seals, carbon that burns, hoses that grow old.</summary>
/// <param name="Part">Which.</param>
/// <param name="UsedPercent">Used after each event since today, % of the life; eight of ten lie in the band.</param>
/// <param name="RunsOutAt">First event, from 1, by which it may be used up: by the cautious edge of the band; null where even that lasts.</param>
/// <param name="OrderBy">Day by which a new one should be ordered; null where none is needed.</param>
public sealed record LifeSeason(Said Part, IReadOnlyList<Spread> UsedPercent, int? RunsOutAt, DateOnly? OrderBy);

/// <summary>Adds up what each event takes of them.</summary>
internal static class SeasonLives
{
    /// <summary>Days that a part takes to come (engineering judgement).</summary>
    public const int DeliveryDays = 14;

    // Less than this by the last event is not told, %.
    private const double LeastTold = 10;
    private const double DaysAYear = 365.25;

    private static readonly (string Code, Said Part, Func<Rotor, double> Life, Func<Rotor, double> Sigma)[] Table =
    [
        (LimitCode.FrontCracks, Said.Of("season-plan.crack-life"), _ => 1, CrackLife.SpreadFactor),
        (LimitCode.FrontSeals, Said.Of("season-plan.seal-life"), _ => 1, _ => PriorSpread.SealLife),
        (LimitCode.FrontBurning, Said.Of("season-plan.burning"), LimitEdges.BurnShareLeft, _ => PriorSpread.Burning),
    ];

    /// <summary>What a day uses, in the middle of the band, % of each life.</summary>
    public static IReadOnlyDictionary<string, double> UsedBy(JudgedDay day) => Table.Where(row => day.Rows.Any(of => of.Code == row.Code))
        .ToDictionary(row => row.Code, row => (day.Demand(row.Code)?.P50 ?? 0) / row.Life(day.Plan.FrontRotor));

    /// <summary>The lives that a season uses enough of to be told.</summary>
    /// <param name="plan">The car as it is today.</param>
    /// <param name="events">The events.</param>
    /// <param name="used">What each of them uses.</param>
    /// <param name="today">Today.</param>
    public static List<LifeSeason> Of(PredictionPlan plan, IReadOnlyList<SeasonEvent> events, IReadOnlyList<IReadOnlyDictionary<string, double>> used,
        DateOnly today)
    {
        var lives = Table.Select(row =>
        {
            var (sum, sigma) = (0.0, row.Sigma(plan.FrontRotor));
            return LifeOf(row.Part, events, [.. used.Select(day => Spread.Times(sum += day.GetValueOrDefault(row.Code), sigma, 1))]);
        });
        return [.. lives.Concat(Hoses(plan, events, today)).Where(life => life.UsedPercent[^1].P50 >= LeastTold || life.RunsOutAt is not null)];
    }

    // Hoses that are due already are told as due.
    private static IEnumerable<LifeSeason> Hoses(PredictionPlan plan, IReadOnlyList<SeasonEvent> events, DateOnly today)
    {
        if (plan.HoseYears is { } years && years < BrakeLines.RenewYears)
        {
            double Used(SeasonEvent item) =>
                Math.Round(100 * (years + ((item.Date.DayNumber - today.DayNumber) / DaysAYear)) / BrakeLines.RenewYears, 1);
            var life = LifeOf(Said.Of("season-plan.hoses"), events, [.. events.Select(Used).Select(at => new Spread(at, at, at))]);
            if (life.RunsOutAt is not null)
            {
                yield return life;
            }
        }
    }

    private static LifeSeason LifeOf(Said part, IReadOnlyList<SeasonEvent> events, List<Spread> used) =>
        used.FindIndex(after => after.P90 >= 100) is >= 0 and var at ? new LifeSeason(part, used, at + 1, events[at].Date.AddDays(-DeliveryDays))
            : new LifeSeason(part, used, null, null);
}
