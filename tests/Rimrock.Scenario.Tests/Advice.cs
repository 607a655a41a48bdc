using System.Globalization;
using System.Text;
using Rimrock.Core.Driving;
using Rimrock.Core.Fitting;
using Rimrock.Core.Preparation;
using Rimrock.Core.Quantities;
using Rimrock.Telling;

namespace Rimrock.Scenario.Tests;

/// <summary>What is said to a customer, and what can be asked of it.</summary>
/// <remarks>
/// outcome CODE; steps N; buys KIND (fluid, frontPad, rearPad, rotor, duct, lines, caliper: what the last step has); first KIND (what the first step
/// changes); front FAMILY (of the front pad then); orders WORDS (in a line of the order); gives CODE (a limit worth telling on what is fitted); told WORDS (in the sentences as they are read);
/// below PERCENT (danger of the first row).
/// </remarks>
internal sealed class Advice
{
    private readonly PredictionPlan plan;
    private readonly Wishes wishes;
    private readonly Offer offer = ScenarioDay.Offer;
    private readonly MatchAnswer answer;
    private readonly WorkOrder? order;
    private readonly Selection? first;
    private readonly string told;

    public Advice(Customer customer)
    {
        plan = customer.Plan();
        wishes = customer.Wishes ?? new Wishes();
        answer = Matcher.Match(plan, offer, wishes);
        first = answer.Steps is [.., var last] ? Selection.OfKey(last.Setup.Key, plan, offer) : null;
        order = first is null ? null : WorkOrder.Of(plan, first.On(plan, wishes), wishes.FreshFluidEachEvent);
        told = Read(answer) + (order is null ? "" : Read(order));
    }

    /// <summary>States of the car on the way that cannot be driven: pads on discs that they ruin.</summary>
    public IEnumerable<string> Impossible() => answer.Steps.Select(step => Selection.OfKey(step.Setup.Key, plan, offer)!)
        .Where(setup => (setup.FrontPad.Id, setup.FrontRotor.Id) != (Selection.FittedId, Selection.FittedId)
            && HardStops.Of(setup.FrontPad.Body, setup.FrontRotor.Body, wishes.For(plan)) is not null).Select(setup => setup.Key());

    public bool Says(string what)
    {
        var (verb, rest) = what.Split(' ', 2) is [var head, var tail] ? (head, tail) : (what, "");
        double Figure() => double.Parse(rest, CultureInfo.InvariantCulture);
        return verb switch
        {
            "outcome" => answer.Outcome.ToString() == rest,
            "steps" => answer.Steps.Count == (int)Figure(),
            "buys" => first is { } setup && Changes(setup, null).Contains(rest),
            "first" => answer.Steps is [var step, ..] && Changes(answer, step).Contains(rest),
            "front" => first is { } last && last.FrontPad.Body.Family == rest,
            "gives" => answer.Fitted.Limits.Any(limit => limit.Limit.Code == rest && limit.WorthTelling),
            "orders" => order?.Order.Any(item => $"{Teller.Text(item.Unit)} {Teller.Text(item.What)}".Contains(rest, StringComparison.OrdinalIgnoreCase)) == true,
            "below" => answer.Shortlist is [var row, ..] && 100 * row.Danger.Share < Figure(),
            "told" => told.Contains(rest, StringComparison.OrdinalIgnoreCase),
            _ => throw new ArgumentException($"Nobody can be asked to {verb}."),
        };
    }

    public override string ToString() => $"{answer.Outcome}; steps: {string.Join(", then ", answer.Steps.Select(step => step.Setup.Key))}; rows: "
        + string.Join(", ", answer.Shortlist.Select(row => $"{row.Key} {row.Danger.Share:P1} {row.Damage.Share:P0}"))
        + $"\nfitted {answer.Fitted.Danger.Share:P1} {answer.Fitted.Damage.Share:P0}: "
        + string.Join(", ", answer.Fitted.Limits.Where(limit => limit.WorthTelling).Select(limit => $"{limit.Limit.Code} {limit.Limit.Day} {limit.Chance.Share:P1}"))
        + "\nfirst row: " + (answer.Shortlist is [var best, ..]
            ? string.Join(", ", best.Limits.Where(limit => limit.WorthTelling).Select(limit => $"{limit.Limit.Code} {limit.Limit.Day} {limit.Chance.Share:P1}")) : "none")
        + "\npeaks: " + string.Join(", ", Predictor.Predict(plan).Ranges.Select(row => $"{row.Part} {row.PeakC.Max():0}"))
        + $"\n{told}";

    private static IEnumerable<string> Changes(Selection to, Selection? from)
    {
        (string Kind, string Now, string? Before)[] slots =
        [
            ("frontPad", to.FrontPad.Id, from?.FrontPad.Id), ("rearPad", to.RearPad.Id, from?.RearPad.Id),
            (to.Kit is null ? "rotor" : "caliper", to.FrontRotor.Id, from?.FrontRotor.Id),
            ("duct", to.Duct?.Id ?? Selection.FittedId, from is null ? null : from.Duct?.Id ?? Selection.FittedId), ("fluid", to.Fluid.Id, from?.Fluid.Id),
            ("lines", to.Lines?.Id ?? Selection.FittedId, from is null ? null : from.Lines?.Id ?? Selection.FittedId),
        ];
        return slots.Where(slot => slot.Now != (slot.Before ?? Selection.FittedId)).Select(slot => slot.Kind);
    }

    private static IEnumerable<string> Changes(MatchAnswer answer, SpendStep step) =>
        ((string[])["frontPad", "rearPad", "rotor", "duct", "fluid", "lines"]).Zip(step.Setup.Key.Split('|'))
            .Where(pair => pair.Second != Selection.FittedId).Select(pair => pair.First);

    /// <summary>Every sentence of an answer, as it is read.</summary>
    private static string Read(object? from)
    {
        var words = new StringBuilder();
        var seen = new HashSet<object>(ReferenceEqualityComparer.Instance);
        Walk(from);
        return words.ToString();

        void Walk(object? one)
        {
            if (one is null or string || one.GetType().IsPrimitive || one.GetType().IsEnum || (!one.GetType().IsValueType && !seen.Add(one)))
            {
                return;
            }

            if (one is Said said)
            {
                words.AppendLine(Teller.Text(said));
            }
            else if (one is System.Collections.IEnumerable all)
            {
                foreach (var each in all)
                {
                    Walk(each);
                }
            }
            else if (one.GetType().Namespace?.StartsWith("Rimrock", StringComparison.Ordinal) == true)
            {
                foreach (var property in one.GetType().GetProperties().Where(property => property.GetIndexParameters().Length == 0 && property.CanRead
                    && property.GetMethod is { IsPublic: true, IsStatic: false }))
                {
                    Walk(property.GetValue(one));
                }
            }
        }
    }
}
