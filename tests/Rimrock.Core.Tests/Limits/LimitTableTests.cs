using Rimrock.Core.Driving;
using Rimrock.Core.Fitting;
using Rimrock.Core.Fluids;
using Rimrock.Core.Limits;
using Rimrock.Core.Rotors;
using Rimrock.Core.Runs;
using Rimrock.Core.Vehicles;

namespace Rimrock.Core.Tests.Limits;

public class LimitTableTests
{
    private static readonly PredictionPlan Plan = SampleParts.Plan("track-sport", "street-performance");

    [Fact]
    public void Every_row_stands_once_and_says_what_moves_it()
    {
        LimitTable.All.Select(row => row.Code).ShouldBeUnique();
        LimitTable.All.ShouldAllBe(row => row.Moves != Lever.None && row.Unit.Length > 0);
        LimitTable.All.ShouldAllBe(row => LimitTable.Find(row.Code) == row);
    }

    /// <summary>Who is hurt, what is ruined and what is a nuisance: common practice.</summary>
    [Theory]
    [InlineData(LimitCode.FrontFluid, Harm.Danger)]
    [InlineData(LimitCode.RearFluid, Harm.Danger)]
    [InlineData(LimitCode.FrontWornThrough, Harm.Danger)]
    [InlineData(LimitCode.FrontSealsGone, Harm.Danger)]
    [InlineData(LimitCode.FrontSeals, Harm.Damage)]
    [InlineData(LimitCode.FrontFace, Harm.Damage)]
    [InlineData(LimitCode.FrontWear, Harm.Damage)]
    [InlineData(LimitCode.FrontPadHot, Harm.Nuisance)]
    [InlineData(LimitCode.StreetCold, Harm.Nuisance)]
    public void Harm_belongs_to_the_limit(string code, Harm harm) => LimitTable.Find(code).HarmOf(Plan).ShouldBe(harm);

    [Fact]
    public void An_overheated_pad_is_a_nuisance_on_iron_and_ruins_a_carbon_ceramic_disc()
    {
        var row = LimitTable.Find(LimitCode.FrontPadHot);
        row.HarmOf(Plan).ShouldBe(Harm.Nuisance);
        row.HarmOf(Plan with { FrontRotor = Plan.FrontRotor with { Material = RingMaterial.CarbonCeramic } }).ShouldBe(Harm.Damage);
    }

    [Fact]
    public void A_member_brings_its_own_capacities_and_the_median_run_stays_as_it_was()
    {
        var run = new DayRun(Plan, [CarFactors.Median]);
        foreach (var phase in new Day(Plan).Phases)
        {
            run.Run(phase);
        }

        var cold = ColdStop.ComparedAtEverydayPedal(Plan);
        var strong = CarFactors.Median with { Capacities = new MemberCapacities(1, 1, 1, 1, 1), FrontFriction = 1.08 };
        Reading Of(string code, CarFactors car) => LimitTable.Find(code).Read(MemberDay.Of(Plan, run, 0, car, cold));
        double Gained(string code) => Of(code, strong).Capacity - Of(code, CarFactors.Median).Capacity;
        Gained(LimitCode.FrontFace).ShouldBe(40, 1e-9);
        Gained(LimitCode.FrontFluid).ShouldBe(6, 1e-9);
        Gained(LimitCode.FrontSealsGone).ShouldBe(20, 1e-9);
        Gained(LimitCode.FrontSeals).ShouldBe(100, 1e-9, "twice the life");
        Gained(LimitCode.FrontCone).ShouldBe(50, 1e-9);
        Of(LimitCode.StreetCold, strong).Demand.ShouldBeLessThan(Of(LimitCode.StreetCold, CarFactors.Median).Demand);
        var told = LimitFinder.Find(MemberDay.Of(Plan, run, 0, CarFactors.Median, cold)).ToDictionary(limit => limit.Code);
        told[LimitCode.FrontFace].Demand.ShouldBe(run.Phases.Max(phase => phase.Peak[(int)BrakePart.FrontFace][0]));
        told[LimitCode.FrontPadHot].Sentence.Terms.ShouldContain(Core.Quantities.Units.C(told[LimitCode.FrontPadHot].Capacity));
        told.Values.ShouldAllBe(limit => !limit.Sentence.IsNothing);
    }

    /// <summary>No pad works to more than some 850 C on iron (common practice): such a one is not asked for; how much heat must go first is.</summary>
    [Fact]
    public void A_pad_that_cannot_exist_is_not_wished_for()
    {
        var hot = Plan with { Car = Plan.Car with { MassKg = 2300, PowerKw = 400 }, FrontPad = new("organic", "organic") };
        var fade = Predictor.PredictUnguarded(hot).Limits.Single(limit => limit.Code == LimitCode.FrontPadHot);
        fade.Demand!.Value.ShouldBeGreaterThan(850);
        fade.Change.ShouldNotBeNull();
        fade.Change!.Code.ShouldBe("limit-words.no-pad-works-disc");
    }

    [Fact]
    public void New_fluid_that_would_not_do_is_not_called_a_cure()
    {
        var old = Plan with
        {
            FluidState = new Core.Fluids.FluidState(40),
            Fluid = Plan.Fluid with { DryC = 240, WetC = 160 },
            Car = Plan.Car with { MassKg = 2000 },
            FrontPadMm = 4
        };
        var boils = Predictor.PredictUnguarded(old).Limits.Single(limit => limit.Code == LimitCode.FrontFluid);
        boils.Gives.ShouldBeTrue();
        (boils.Change!.Code == "limit-words.same-fluid-new-shows").ShouldBe(boils.Demand > 240 - 8);
    }
}
