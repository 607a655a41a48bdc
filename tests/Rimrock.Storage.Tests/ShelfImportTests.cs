using Rimrock.Core.Fluids;

namespace Rimrock.Storage.Tests;

public sealed class ShelfImportTests : IDisposable
{
    private readonly string folder = Directory.CreateTempSubdirectory("rimrock").FullName;
    private readonly ShelfStore store;

    public ShelfImportTests()
    {
        store = new ShelfStore(new Database(Path.Combine(folder, "import.db")));
        store.LoadDemo();
    }

    private static ShelfPut Fluid(string id, double dryC) => new("fluids", id, id, new BrakeFluid(id, "dot4", dryC, 170));

    public void Dispose()
    {
        Microsoft.Data.Sqlite.SqliteConnection.ClearAllPools();
        Directory.Delete(folder, recursive: true);
    }

    [Fact]
    public void A_preview_tells_new_same_and_replaced_and_changes_nothing()
    {
        store.Import([Fluid("mine", 250)]);
        var changes = store.Preview([Fluid("mine", 250), Fluid("other", 260), Fluid("cairn-4", 300)]);
        changes.Select(change => change.Change).ShouldBe(["same", "new", "replaces"]);
        store.Read().Fluids.ShouldNotContain(item => item.Id == "other");
    }

    [Fact]
    public void An_import_is_taken_back_to_the_letter()
    {
        var before = store.Read().Fluids;
        var kept = store.Import([Fluid("other", 260), Fluid("cairn-4", 300)]);
        store.Read().Fluids.Single(item => item.Id == "cairn-4").Body.DryC.ShouldBe(300);
        store.Undo(kept);
        store.Read().Fluids.Select(item => (item.Id, item.Body, item.Origin, item.Archived))
            .ShouldBe(before.Select(item => (item.Id, item.Body, item.Origin, item.Archived)));
    }

    [Fact]
    public void What_was_changed_since_is_not_taken_back()
    {
        var kept = store.Import([Fluid("other", 260)]);
        store.Save("fluids", "other", "other", new BrakeFluid("other", "dot4", 270, 170), 1);
        Should.Throw<RevisionConflictException>(() => store.Undo(kept));
        store.Read().Fluids.Single(item => item.Id == "other").Body.DryC.ShouldBe(270);
    }

    [Fact]
    public void An_archived_part_stays_for_what_refers_to_it_and_comes_back()
    {
        store.Archive("pads", "fell-3", true, 1).ShouldBe(2);
        store.Read().Pads.Single(item => item.Id == "fell-3").Archived.ShouldBeTrue();
        Should.Throw<RevisionConflictException>(() => store.Archive("pads", "fell-3", false, 1));
        store.Archive("pads", "fell-3", false, 2);
        store.Read().Pads.Single(item => item.Id == "fell-3").Archived.ShouldBeFalse();
    }
}
