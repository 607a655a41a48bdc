using Rimrock.Core.Driving;
using Rimrock.Core.Runs;
using Rimrock.Golden.Tests;

namespace Rimrock.Scenario.Tests;

/// <summary>
/// Who drives home from a track day asks less of every part than the day did, whether at once or after a rest: as a day of its own the road is judged
/// for all that it can do (common practice: roll home gently, and the heat of the day is gone after an hour).
/// </summary>
public class DriveHomeTests
{
    private static readonly BrakePart[] Parts =
        [BrakePart.FrontFace, BrakePart.RearFace, BrakePart.FrontFluid, BrakePart.RearFluid, BrakePart.FrontSeals, BrakePart.FrontBoots, BrakePart.FrontHub];

    [Theory]
    [InlineData("01", true)]
    [InlineData("01", false)]
    [InlineData("02", true)]
    [InlineData("06", true)]
    [InlineData("08", true)]
    [InlineData("10", true)]
    [InlineData("11", true)]
    [InlineData("13", true)]
    [InlineData("20", true)]
    [InlineData("26", true)]
    public void The_drive_home_is_hotter_in_no_part_than_the_day_was(string number, bool atOnce)
    {
        var plan = GoldenCase.Read(GoldenCase.Names().Single(name => name.StartsWith(number, StringComparison.Ordinal))).Plan;
        var phases = new Day(plan).Phases;
        var run = new DayRun(plan, [CarFactors.Median], demands: false);
        foreach (var phase in phases)
        {
            if (!atOnce || phase != phases[^1])
            {
                run.Run(phase);
            }
        }

        double Peak(BrakePart part, IEnumerable<PhaseRecord> of) => of.Max(phase => phase.Peak[(int)part][0]);
        var (there, worn) = (run.Phases.Count, run.Front.WornMm3[0]);
        foreach (var phase in new Day(plan with { Days = [new PlannedDay("weekday", 200)] }).Phases)
        {
            run.Run(phase);
        }

        // What the rest after the day itself does belongs to the day.
        var day = new DayRun(plan, [CarFactors.Median], demands: false);
        foreach (var phase in phases)
        {
            day.Run(phase);
        }

        foreach (var part in Parts)
        {
            Peak(part, run.Phases.Skip(there)).ShouldBeLessThanOrEqualTo(Peak(part, day.Phases) + 0.5, $"{part}");
        }

        (run.Front.WornMm3[0] - worn).ShouldBeLessThan(0.1 * worn);
    }
}
