using Dapper;
using Rimrock.Contract;
using Rimrock.Core.Driving;
using Rimrock.Core.Fitting;
using Rimrock.Core.Friction;
using Rimrock.Core.Vehicles;

namespace Rimrock.Storage.Tests;

public sealed class ShelfStoreTests : IDisposable
{
    private readonly string folder = Directory.CreateTempSubdirectory("rimrock").FullName;

    private string File => Path.Combine(folder, "deep", "shelf.db");

    public void Dispose()
    {
        Microsoft.Data.Sqlite.SqliteConnection.ClearAllPools();
        Directory.Delete(folder, recursive: true);
    }

    [Fact]
    public void A_new_database_is_made_in_a_new_folder_and_opens_again()
    {
        new ShelfStore(new Database(File)).Read().Cars.ShouldBeEmpty();
        new ShelfStore(new Database(File)).Read().Pads.ShouldBeEmpty();
        using var connection = new Database(File).Open();
        connection.ExecuteScalar<string>("PRAGMA journal_mode").ShouldBe("wal");
        connection.ExecuteScalar<long>("PRAGMA foreign_keys").ShouldBe(1);
        connection.ExecuteScalar<long>("PRAGMA busy_timeout").ShouldBe(5000);
    }

    [Fact]
    public void The_demo_is_whole_and_every_car_can_be_predicted_everywhere()
    {
        var store = new ShelfStore(new Database(File));
        store.LoadDemo();
        store.LoadDemo();
        var shelf = store.Read();
        (shelf.Cars.Count, shelf.Circuits.Count, shelf.Pads.Count, shelf.Rotors.Count, shelf.Fluids.Count).ShouldBe((3, 2, 24, 14, 11));
        shelf.Pads.Select(item => item.Body.Family).Distinct().Count().ShouldBe(Core.Friction.PadFamilies.All.Count);
        foreach (var car in shelf.Cars)
        {
            foreach (var circuit in shelf.Circuits)
            {
                Plan(shelf, car.Id, circuit.Id).Faults().ShouldBeEmpty();
            }
        }
    }

    /// <summary>The demo's story: street pads fade in a few laps; track-day pads and air to the front rotors mend it.</summary>
    [Fact]
    public void The_demos_base_case_shows_something_to_fix_and_pads_with_a_duct_fix_it()
    {
        var store = new ShelfStore(new Database(File));
        store.LoadDemo();
        var shelf = store.Read();
        var plan = Plan(shelf, "harrow", "gullmouth");
        var fade = Predictor.Predict(plan).Limits.Single(limit => limit.Code == "front-pad-hot");
        fade.Gives.ShouldBeTrue();
        (fade.When!.Session, fade.When.Lap <= 5).ShouldBe((1, true));
        var duct = shelf.Ducts.Single(item => item.Id == "whin-duct-76").Body.Duct;
        var changed = plan with { FrontPad = Pad("fell-3"), RearPad = Pad("fell-2"), FrontDuct = duct };
        Predictor.Predict(changed).Limits.ShouldAllBe(limit => !limit.Gives);

        Core.Friction.Pad Pad(string id) => shelf.Pads.Single(item => item.Id == id).Body;
    }

    [Fact]
    public void An_edit_that_started_from_an_older_revision_is_told_and_changes_nothing()
    {
        var store = new ShelfStore(new Database(File));
        store.LoadDemo();
        var entry = store.Read().Cars[0].Body;
        store.Save("cars", "mine", "Mine", entry, 0).ShouldBe(1);
        store.Save("cars", "mine", "Mine", entry with { Car = entry.Car with { MassKg = 1400 } }, 1).ShouldBe(2);
        Should.Throw<RevisionConflictException>(() => store.Save("cars", "mine", "Mine", entry, 1)).Message.ShouldContain("another window");
        store.Read().Cars.Single(item => item.Id == "mine").Body.Car.MassKg.ShouldBe(1400);
    }

    [Fact]
    public void Own_items_survive_a_reload_of_the_demo()
    {
        var store = new ShelfStore(new Database(File));
        store.LoadDemo();
        var entry = store.Read().Cars[0].Body;
        store.Save("cars", "mine", "Mine", entry, 0);
        store.LoadDemo();
        store.Read().Cars.Single(item => item.Id == "mine").Origin.ShouldBe("own");
    }

    [Fact]
    public void What_is_stored_is_read_back_the_same()
    {
        var store = new ShelfStore(new Database(File));
        var guess = CarGuess.From("Päß <b>", 1234.5, 99.5, "slick");
        var entry = new CarEntry(guess.Car, guess.FrontRotor, guess.RearRotor, "a", "b", "c", new(3, Core.Fluids.Climate.Dry, true, 1.5),
            BrakeLine.Braided, 12, new OutsideHeat(SourceC: 600), new WheelDuct(76));
        entry.Faults().ShouldBeEmpty();
        (entry with { HoseYears = 41 }).Faults().Single().Field.ShouldBe("hoseYears");
        store.Save("cars", "id", entry.Car.Name, entry, 0);
        var back = store.Read().Cars.Single().Body;
        back.Car.Front.PistonsMm.ShouldBe(entry.Car.Front.PistonsMm);
        back.FluidState.ShouldBe(entry.FluidState);
        back.FrontRotor.ShouldBe(entry.FrontRotor);
        (back.Lines, back.HoseYears, back.OutsideHeat, back.FrontDuct, back.RearDuct)
            .ShouldBe((entry.Lines, entry.HoseYears, entry.OutsideHeat, entry.FrontDuct, null), "what is due by its age is not forgotten on the shelf");
        (back.Car with { Front = entry.Car.Front, Rear = entry.Car.Rear }).ShouldBe(entry.Car);
    }

    private static PredictionPlan Plan(ShelfContent shelf, string carId, string circuitId)
    {
        var entry = shelf.Cars.Single(item => item.Id == carId).Body;
        return new PredictionPlan(entry.Car, shelf.Circuits.Single(item => item.Id == circuitId).Body, "advanced", new(), new(24),
            shelf.Pads.Single(item => item.Id == entry.FrontPad).Body, shelf.Pads.Single(item => item.Id == entry.RearPad).Body,
            entry.FrontRotor, entry.RearRotor, shelf.Fluids.Single(item => item.Id == entry.Fluid).Body, entry.FluidState);
    }
}
