using Rimrock.Core.Beliefs;
using Rimrock.Core.Driving;
using Rimrock.Core.Judgement;

namespace Rimrock.Core.Fitting;

/// <summary>Why a part is not in the first row.</summary>
public sealed partial class Matcher
{
    /// <summary>Judges the best setup that the search found with a part, and says what it loses against the first row.</summary>
    /// <param name="kind">Kind of part, as in <see cref="WhyNot"/>.</param>
    /// <param name="id">Its id.</param>
    /// <param name="cancel">Stops between runs.</param>
    /// <returns>The answer, or null where the shelf has no such part that was weighed.</returns>
    public WhyNot? Why(string kind, string id, CancellationToken cancel = default)
    {
        // Against the list that was shown last.
        var answer = Answer(deepest, null, cancel);
        var asked = answer.WhyNot.FirstOrDefault(one => one.Kind == kind && one.Part.Id == id);
        if (asked?.Key is not { } key || answer.Shortlist is not [var best, ..] || Selection.OfKey(key, plan, offer) is not { } setup
            || Selection.OfKey(best.Key, plan, offer) is not { } first)
        {
            return asked;
        }

        // The best that the search found with it, and the first row with it in its place; with every fluid, where it is not the fluid that is asked about.
        var placed = kind switch
        {
            "frontPad" => first with { FrontPad = setup.FrontPad },
            "rearPad" => first with { RearPad = setup.RearPad },
            "rotor" => first with { FrontRotor = setup.FrontRotor },
            "duct" => first with { Duct = setup.Duct },
            "rearRotor" => first.RearKit is null ? first with { RearRotor = setup.RearRotor } : setup,
            "rearDuct" => first with { RearDuct = setup.RearDuct },
            "fluid" => first with { Fluid = setup.Fluid },
            "caliper" => setup,
            _ => first with { Lines = setup.Lines },
        };
        List<Selection> asks = kind is "fluid" or "lines" ? [setup, placed] : [.. Fillings(setup), .. Fillings(placed)];
        lock (known)
        {
            var drawn = asks.Where(one => HardStops.Of(one.FrontPad.Body, one.FrontRotor.Body, wishes) is null || one.FrontPad.Id == Selection.FittedId)
                .DistinctBy(one => one.Key()).Select(judge.Known).OfType<DrawnSetup>().ToList();
            Count(drawn, sketch: false, settle: false, null, cancel);
            if (Ranked(drawn.Where(one => Has(one, sketch: false)), one => Of(one, sketch: false)) is not [var with, ..])
            {
                return asked;
            }

            var row = judge.Draw(first);
            Count([with, row], sketch: false, settle: true, null, cancel);
            return MatchWords.Against(asked with { Key = with.Key }, Weigh(with), Weigh(row), wishes);
        }
    }

    // Of carbon discs: from how many events on iron rings of their size pay.
    private IEnumerable<Said> IronInstead(Suggestion asItStands)
    {
        if (plan.FrontRotor.Material == Rotors.RingMaterial.Iron)
        {
            return [];
        }

        var setups = offer.Rotors.Where(rotor => rotor.Body.Material == Rotors.RingMaterial.Iron && HardStops.Of(rotor.Body, plan, wishes) is null)
            .Select(rotor => found.BestWith.TryGetValue(("rotor", rotor.Id), out var held) ? Selection.OfKey(held.Selection.Key(), plan, offer) : null)
            .OfType<Selection>().Select(judge.Known).OfType<DrawnSetup>();
        if (setups.MinBy(one => one.Bare.Value.Cost.PerEvent ?? double.MaxValue) is not { } iron)
        {
            return [Said.Of("use-remarks.iron-rings-exist", Units.Mm(plan.FrontRotor.OuterDiameterMm), Units.Mm(plan.FrontRotor.ThicknessMm))];
        }

        var (carbon, rings) = (asItStands.Cost, iron.Bare.Value.Cost);
        var name = iron.Selection.FrontRotor.Body.Name;
        return [UseRemarks.BreakEvenEvents(carbon, rings) is { } events
            ? Said.Of("use-remarks.iron-rings-pay-after", name, events, carbon.PerEvent!.Value, rings.PerEvent!.Value, rings.BuyNow!.Value)
            : Said.Of("use-remarks.iron-rings-never-pay", name)];
    }

    private List<WhyNot> Explain(List<DrawnSetup> rows)
    {
        if (rows is not [var best, ..])
        {
            return [];
        }

        var parts = best.Selection;
        var all = new List<WhyNot>();
        foreach (var pad in offer.Pads)
        {
            if (pad.IsFor(Axle.Front))
            {
                Add("frontPad", pad.Id, pad.Body.Name, parts.FrontPad.Id, HardStops.Of(pad.Body, Axle.Front, plan.FrontRotor, plan, wishes));
            }

            if (pad.IsFor(Axle.Rear))
            {
                Add("rearPad", pad.Id, pad.Body.Name, parts.RearPad.Id, HardStops.Of(pad.Body, Axle.Rear, plan.RearRotor, plan, wishes));
            }
        }

        foreach (var rotor in offer.Rotors)
        {
            // What goes on one axle alone is told of that axle.
            var (front, rear) = (HardStops.Of(rotor.Body, plan, wishes), HardStops.Of(rotor.Body, plan, wishes, Axle.Rear));
            if (front is null || rear is not null)
            {
                Add("rotor", rotor.Id, rotor.Body.Name, parts.FrontRotor.Id, front);
            }

            if (rear is null)
            {
                AddRear("rearRotor", rotor.Id, rotor.Body.Name, parts.RearRotor?.Id, best.Selection with { RearRotor = rotor });
            }
        }

        foreach (var duct in offer.Ducts)
        {
            var stop = HardStops.Of(duct.Body, plan, wishes);
            Add("duct", duct.Id, duct.Body.Name, parts.Duct?.Id ?? Selection.FittedId, stop);
            if (stop is null && plan.Car.Rear.Brake().RubsBothFaces)
            {
                AddRear("rearDuct", duct.Id, duct.Body.Name, parts.RearDuct?.Id, best.Selection with { RearDuct = duct });
            }
        }

        foreach (var fluid in offer.Fluids)
        {
            Add("fluid", fluid.Id, fluid.Body.Name, parts.Fluid.Id, HardStops.Of(fluid.Body, plan, wishes));
        }

        foreach (var lines in offer.Lines)
        {
            Add("lines", lines.Id, lines.Body.Name, parts.Lines?.Id ?? Selection.FittedId, HardStops.Of(lines.Body, plan.Car, wishes));
        }

        foreach (var kit in offer.Kits ?? [])
        {
            Add("caliper", kit.Id, kit.Body.Name, (kit.Body.Rear ? parts.RearKit : parts.Kit)?.Id ?? Selection.FittedId, HardStops.Of(kit.Body, plan, wishes));
        }

        return all;

        void AddRear(string kind, string id, string name, string? bestId, Selection with)
        {
            if (id != bestId)
            {
                all.Add(new WhyNot(kind, new PartName(id, name), null, with.Key(), null, null, Said.Of("matcher.rear-not-needed", name)));
            }
        }

        void Add(string kind, string id, string name, string bestId, HardStop? stop)
        {
            if (id != bestId)
            {
                var key = stop is not null ? null : kind == "caliper" ? KeyWith(id)
                    : found.BestWith.TryGetValue((kind, id), out var held) ? held.Selection.Key() : null;
                all.Add(new WhyNot(kind, new PartName(id, name), stop, key, null, null, stop?.Sentence ?? (key is null
                    ? kind == "caliper" ? Said.Of("matcher.kit-not-needed", name)
                        : kind == "rearPad" ? Said.Of("matcher.no-front-pad-to-match", name) : Said.Of("matcher.car-another-kind-good", name)
                    : Said.Of("matcher.weighed-first-look-others", name))));
            }
        }
    }
}
