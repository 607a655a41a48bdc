using Rimrock.Core.Driving;
using Rimrock.Core.Fitting;
using Rimrock.Core.Fluids;
using Rimrock.Core.Friction;
using Rimrock.Core.Quantities;
using Rimrock.Core.Rotors;
using Rimrock.Core.Vehicles;

namespace Rimrock.Core.Tests.Fitting;

/// <summary>What a counter can be asked for, where the shelf is empty: ranges of the trade, no product.</summary>
public class TypicalShelfTests
{
    private static readonly Offer Empty = new([], [], [], [], []);
    private static readonly PredictionPlan Plan = SampleParts.Plan();
    private static readonly Wishes Free = new(RoadApprovalMust: false);

    [Fact]
    public void An_empty_shelf_has_a_pad_of_each_family_fluids_of_each_school_and_rings_of_the_cars_own_size()
    {
        var offer = Of(Plan, Empty);
        offer.Pads.Select(pad => pad.Body.Family).ShouldBe(PadFamilies.All.Select(family => family.Code).Where(code => code != PadFamilies.CarbonCeramicCode));
        offer.Pads.ShouldAllBe(pad => TypicalShelf.Has(pad.Id) && pad.Body.Curve == null && pad.Body.PriceAxleSet == null);
        offer.Fluids.Select(fluid => fluid.Body).ShouldAllBe(fluid => fluid.DryC >= fluid.ClassOf()!.DryC && fluid.WetC >= fluid.ClassOf()!.WetC);
        offer.Fluids.MaxBy(fluid => fluid.Body.WetC)!.Body.DryC.ShouldBeLessThan(offer.Fluids.MaxBy(fluid => fluid.Body.DryC)!.Body.DryC,
            "highest dry and highest wet are two schools");
        offer.Rotors.ShouldAllBe(rotor => rotor.Body.OuterDiameterMm == Plan.FrontRotor.OuterDiameterMm
            && rotor.Body.ThicknessMm == Plan.FrontRotor.ThicknessMm);
        offer.Rotors.ShouldContain(rotor => rotor.Body.Construction == RotorConstruction.TwoPiece);
        offer.Lines.Select(lines => lines.Body.Kind).ShouldBe([BrakeLine.Rubber, BrakeLine.Braided]);
        offer.Ducts.Count.ShouldBe(1);
    }

    [Fact]
    public void Everything_typical_passes_the_gate_of_the_car_that_it_is_offered_for()
    {
        foreach (var plan in new[] { Plan, Motorcycle() })
        {
            var offer = Of(plan, Empty);
            offer.Pads.ShouldAllBe(pad => HardStops.Of(pad.Body, Axle.Front, plan.FrontRotor, plan, Free) == null);
            offer.Rotors.ShouldAllBe(rotor => Axles.Both.Any(axle => HardStops.Of(rotor.Body, plan, Free, axle) == null));
            offer.Lines.ShouldAllBe(lines => HardStops.Of(lines.Body, plan.Car, Free) == null);
            offer.Ducts.ShouldAllBe(duct => HardStops.Of(duct.Body, plan, Free) == null);
            offer.Kits!.ShouldAllBe(kit => HardStops.Of(kit.Body, plan, Free) == null);
            offer.Kits!.Count.ShouldBe(plan.Car.Kind == VehicleKind.Car ? 1 : 0);
        }
    }

    /// <summary>Piston area near the original keeps pedal and balance, more pad area takes less energy for each of it (common practice).</summary>
    [Theory]
    [InlineData(980, 95)]
    [InlineData(1480, 210)]
    [InlineData(2300, 200)]
    public void A_typical_kit_goes_on_the_car_that_it_is_made_for(double massKg, double powerKw)
    {
        var guess = CarGuess.From("any", massKg, powerKw, "sport");
        var plan = Plan with { Car = guess.Car, FrontRotor = guess.FrontRotor, RearRotor = guess.RearRotor, FrontPadMm = null, RearPadMm = null };
        var kit = Of(plan, Empty).Kits!.Single().Body;
        HardStops.Of(kit, plan, Free).ShouldBeNull();
        kit.AreaRatio(plan.Car.Front).ShouldBe(1, 0.06);
        kit.Brake.PadAreaCm2.ShouldBeGreaterThan(plan.Car.Front.PadAreaCm2);
        kit.Rotor.GeometricMassKg().ShouldBeGreaterThan(plan.FrontRotor.GeometricMassKg());
        var faults = new List<InputFault>();
        kit.Check("kit", faults);
        faults.ShouldBeEmpty();
        (Selection.Fitted(plan).With(new Part<CaliperKit>("typical:kit", kit)).On(plan, Free) with { FrontPadMm = null }).Faults().ShouldBeEmpty();
    }

    [Fact]
    public void What_the_driver_has_is_not_doubled_and_a_price_of_ones_own_turns_multiples_into_money()
    {
        var own = Empty with { Pads = [new("mine", new Pad("mine", "track-sport", PriceAxleSet: 210))] };
        var offer = Of(Plan, own);
        offer.Pads.Count(pad => pad.Body.Family == "track-sport").ShouldBe(1);

        // A track-day set costs some three street sets (engineering judgement): so a street set costs 70.
        offer.Pads.Single(pad => pad.Body.Family == "organic").Body.PriceAxleSet.ShouldBe(70);
        Of(Plan, Empty with { Fluids = ShelfSamples.Small.Fluids }).Fluids.ShouldBe(ShelfSamples.Small.Fluids);
    }

    [Fact]
    public void Carbon_ceramic_discs_are_offered_pads_made_for_them_and_no_iron_ring_of_their_size()
    {
        var carbon = Plan with { FrontRotor = Plan.FrontRotor with { Material = RingMaterial.CarbonCeramic } };
        Of(carbon, Empty).Pads.Select(pad => pad.Body.Family).ShouldBe([PadFamilies.CarbonCeramicCode]);
        Of(carbon, Empty).Rotors.ShouldBeEmpty();
    }

    [Fact]
    public void A_fast_day_on_street_pads_finds_its_way_from_an_empty_shelf()
    {
        var hard = Plan with { Pace = "advanced", Stint = new StintPlan(1, 15, 30), FluidState = new FluidState(20) };
        var nothing = Matcher.Search(hard, Empty, Free).Answer(MatchStage.Sketch);
        var typical = Matcher.Search(hard, Of(hard, Empty), Free).Answer(MatchStage.Sketch);
        typical.Shortlist.ShouldNotBeEmpty();
        typical.Shortlist[0].Danger.Share.ShouldBeLessThan(nothing.Fitted.Danger.Share / 2);
    }

    /// <summary>Multiples add up by hand: what typical parts cost beside a plain street set, pads by the axle, rotors by the pair, a litre of fluid.</summary>
    [Fact]
    public void What_typical_parts_cost_is_told_as_a_multiple_of_a_street_set()
    {
        var hard = Plan with
        {
            Pace = "advanced",
            Stint = new StintPlan(1, 15, 30),
            FrontPad = Plan.FrontPad with { PriceAxleSet = null },
            RearPad = Plan.RearPad with { PriceAxleSet = null },
            FrontRotor = Plan.FrontRotor with { Price = null },
            Fluid = Plan.Fluid with { PriceLitre = null },
        };
        var answer = Matcher.Search(hard, Of(hard, Empty), Free).Answer(MatchStage.Sketch);
        var rows = answer.Shortlist.Where(row => !row.Key.Contains(Selection.KitMark, StringComparison.Ordinal)).ToList();
        rows.ShouldNotBeEmpty();
        foreach (var row in rows)
        {
            var ids = row.Key.Split('|');
            double Sets(int place, int count = 1) => count * (TypicalShelf.StreetSets(ids[place]) ?? 0);
            var byHand = Sets(0) + Sets(1) + Sets(2, 2) + Sets(3) + Sets(4) + Sets(5);
            row.BuySets!.Value.ShouldBe(byHand, 0.3, row.Key);
            row.BuySets.Value.ShouldBeGreaterThan(0.9);
            row.Cost.BuyNow.ShouldBeNull("no money without a price");
        }

        // One price gives the scale, and a part of one's own has no multiple.
        var priced = hard with { FrontPad = hard.FrontPad with { PriceAxleSet = 80 } };
        Matcher.Search(priced, Of(priced, Empty), Free).Answer(MatchStage.Sketch).Shortlist.ShouldAllBe(row => row.BuySets == null);
        var own = Empty with { Pads = [new("mine", new Pad("mine", "track-sport", RoadApproved: true))] };
        Matcher.Search(hard, Of(hard, own), Free).Answer(MatchStage.Sketch).Shortlist
            .Where(row => row.Key.Contains("mine", StringComparison.Ordinal)).ShouldAllBe(row => row.BuySets == null);
    }

    private static Offer Of(PredictionPlan plan, Offer own) => TypicalShelf.With(plan, own, Free, said => said.Name);

    private static PredictionPlan Motorcycle()
    {
        var guess = CarGuess.Motorcycle("bike", 210, 90, "sport");
        return Plan with { Car = guess.Car, FrontRotor = guess.FrontRotor, RearRotor = guess.RearRotor };
    }
}
