using System.IO.Compression;
using System.Text;
using System.Text.Json.Nodes;
using CsCheck;
using Dapper;
using Rimrock.Core.Preparation;
using Rimrock.Core.Quantities;

namespace Rimrock.Storage.Tests;

/// <summary>Copies, previews, and the way back.</summary>
public sealed partial class ArchiveTests
{
    [Fact]
    public async Task What_a_restore_replaced_comes_back_with_one_call()
    {
        Save("old", "old");
        log.AddPhoto("old", "p", "photo", [1]);
        var before = Everything();
        copies.State().BeforeRestore.ShouldBeNull();
        copies.BringBack().ShouldBeFalse();
        copies.KeepBeforeRestore();
        await RestoreAsync("""{"rimrock": "archive", "version": 1, "shelf": [], "log": [], "photos": []}"""u8.ToArray());
        log.Read<SeasonEvent>("car", "event").Total.ShouldBe(0);
        copies.State().BeforeRestore.ShouldNotBeNull();
        copies.BringBack().ShouldBeTrue();
        Everything().ShouldBe(before);
        copies.State().BeforeRestore.ShouldBeNull();
    }

    [Fact]
    public async Task A_preview_counts_what_is_new_and_what_would_go()
    {
        Save("old", "old");
        using var file = new MemoryStream(await WrittenAsync());
        Save("newer", "newer");
        log.Delete("old", 1);
        await using var reader = await ArchiveReader.OpenAsync(file, database, _ => null);
        var preview = archive.Preview(reader.Document);
        (preview.Log, preview.NewLog, preview.Gone).ShouldBe((1, 1, 1));
    }

    [Fact]
    public void A_copy_made_while_the_database_is_in_use_is_whole_and_its_owners_only()
    {
        Save("e", "copied");
        using var busy = database.Open();
        using var transaction = busy.BeginTransaction();
        busy.Execute("DELETE FROM log_entry", transaction: transaction);
        var path = Path.Combine(folder, "copy.db");
        Copies.Make(database, path);
        transaction.Rollback();
        (OperatingSystem.IsWindows() || File.GetUnixFileMode(path) == (UnixFileMode.UserRead | UnixFileMode.UserWrite)).ShouldBeTrue();
        var copy = new Database(path);
        using var connection = copy.Open();
        connection.ExecuteScalar<string>("PRAGMA integrity_check").ShouldBe("ok");
        new LogStore(copy).Read<SeasonEvent>("car", "event").Items.Single().Body.Name.ShouldBe("copied");
    }

    [Fact]
    public void A_copy_a_day_is_made_and_five_are_kept()
    {
        for (var day = 1; day <= 8; day++)
        {
            copies.Daily(new DateOnly(2026, 5, day));
            copies.Daily(new DateOnly(2026, 5, day));
        }

        copies.State().Daily.ShouldBe([.. Enumerable.Range(4, 5).Reverse().Select(day => new DateOnly(2026, 5, day))]);
        copies.State().SavedOutside.ShouldBeNull();
        copies.NoteSaved(new DateTimeOffset(2026, 5, 8, 12, 0, 0, TimeSpan.Zero));
        copies.State().SavedOutside.ShouldBe(new DateTimeOffset(2026, 5, 8, 12, 0, 0, TimeSpan.Zero));
    }
}
