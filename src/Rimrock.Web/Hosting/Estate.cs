using Rimrock.Storage;

namespace Rimrock.Web.Hosting;

/// <summary>
/// The invented estate, to try Rimrock with: a database of its own, made when it is first asked for and thrown away when the server stops. What is asked
/// below <c>/estate</c> is answered from it, so that nothing of it ever stands beside what a person keeps.
/// </summary>
/// <param name="own">The person's own database.</param>
/// <param name="shelf">The shelf of whichever database answers.</param>
/// <param name="log">The log likewise.</param>
/// <param name="clock">The clock.</param>
public sealed class Estate(Database own, ShelfStore shelf, LogStore log, TimeProvider clock) : IDisposable
{
    /// <summary>Where its page and its answers live.</summary>
    public const string Path = "/estate";

    private readonly Lock making = new();
    private DirectoryInfo? folder;
    private Database? made;

    /// <summary>Answers from the estate until what is returned is disposed of.</summary>
    public IDisposable Enter()
    {
        lock (making)
        {
            if (made is null)
            {
                folder ??= Directory.CreateTempSubdirectory("rimrock-estate-");
                var database = new Database(System.IO.Path.Combine(folder.FullName, "estate.db"));
                using (own.StandIn(database))
                {
                    shelf.LoadDemo();
                    log.LoadDemo(shelf.Read(), DateOnly.FromDateTime(clock.GetLocalNow().Date));
                }

                made = database;
            }
        }

        return own.StandIn(made);
    }

    /// <inheritdoc/>
    public void Dispose()
    {
        if (folder is not null)
        {
            Microsoft.Data.Sqlite.SqliteConnection.ClearAllPools();
            folder.Delete(recursive: true);
        }
    }
}
