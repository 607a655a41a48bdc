using System.Collections.Concurrent;
using System.Text;
using Rimrock.Core.Quantities;
using Rimrock.Formats;
using Rimrock.Storage;
using Rimrock.Web.Hosting;

namespace Rimrock.Web.Shelf;

/// <summary>What an import does, or has done.</summary>
/// <param name="Changes">Each row.</param>
/// <param name="Ticket">Takes it back; null for a preview.</param>
/// <param name="Misfits">Rows that do not go on the car that was named; null where none was.</param>
public sealed record CatalogueImport(IReadOnlyList<ShelfChange> Changes, string? Ticket = null, IReadOnlyList<CatalogueMisfit>? Misfits = null);

/// <summary>A row that is no use on a car.</summary>
/// <param name="Kind">What it is.</param>
/// <param name="Id">Its id.</param>
/// <param name="Reason">Why it does not go on.</param>
public sealed record CatalogueMisfit(string Kind, string Id, Said Reason);

/// <summary>Remembers the last imports so that they can be taken back while the server runs.</summary>
public sealed class ImportMemory
{
    private const int Most = 16;
    private readonly ConcurrentDictionary<string, IReadOnlyList<ShelfBefore>> kept = new();
    private readonly ConcurrentQueue<string> order = new();

    /// <summary>Keeps what stood there before an import.</summary>
    /// <returns>A ticket.</returns>
    public string Keep(IReadOnlyList<ShelfBefore> befores)
    {
        var ticket = Guid.NewGuid().ToString("n");
        kept[ticket] = befores;
        order.Enqueue(ticket);
        while (order.Count > Most && order.TryDequeue(out var oldest))
        {
            kept.TryRemove(oldest, out _);
        }

        return ticket;
    }

    /// <summary>What a ticket stands for, once; null where it is gone.</summary>
    public IReadOnlyList<ShelfBefore>? Find(string ticket) => kept.GetValueOrDefault(ticket);

    /// <summary>Forgets a ticket that has been used.</summary>
    public void Forget(string ticket) => kept.TryRemove(ticket, out _);
}

/// <summary>The shelf's parts as a file, out and in.</summary>
public static class CatalogueEndpoints
{
    /// <summary>Maps them.</summary>
    public static void MapCatalogue(this RouteGroupBuilder group)
    {
        group.MapGet("/", (ShelfStore store) => TypedResults.Text(CatalogueJson.Write(CatalogueOf(store.Read())), "application/json", Encoding.UTF8))
            .WithName("exportCatalogue")
            .WithSummary("Every part on the shelf as one file.")
            .Produces<string>(contentType: "application/json");
        group.MapPost("/", async (HttpRequest request, ShelfStore store, ImportMemory memory, CancellationToken cancel, bool preview = false,
            string? car = null) =>
            {
                var puts = PutsOf(CatalogueJson.Read(await RequestText.Of(request, CatalogueJson.MostBytes, "a catalogue", cancel)));
                var changes = store.Preview(puts);
                var entry = car is null ? null : store.Read().Cars.FirstOrDefault(item => item.Id == car)?.Body;
                var misfits = entry is null ? null : puts.Select(put => PartGate.Of(put.Body, entry) is { } stop
                    ? new CatalogueMisfit(put.Kind, put.Id, stop.Sentence) : null).OfType<CatalogueMisfit>().ToList();
                return TypedResults.Ok(new CatalogueImport(changes, preview ? null : memory.Keep(store.Import(puts)), misfits));
            })
            .Accepts<string>("application/json")
            .WithName("importCatalogue")
            .WithSummary("Reads a catalogue: with preview, says what it would do; without, puts every row on the shelf or none. With a car, " +
                "marks what does not go on it.")
            .ProducesProblem(StatusCodes.Status400BadRequest);
        group.MapPost("/undo/{ticket}", (string ticket, ShelfStore store, ImportMemory memory) =>
            {
                if (memory.Find(ticket) is not { } befores)
                {
                    return (IResult)TypedResults.Problem(Problems.Of(StatusCodes.Status404NotFound, "There is nothing to take back.",
                        new InputFault("ticket", ticket, "the ticket of an import",
                        "That import was taken back already, or Rimrock was started again since.")));
                }

                store.Undo(befores);
                memory.Forget(ticket);
                return TypedResults.NoContent();
            })
            .WithName("undoImport")
            .WithSummary("Takes an import back.")
            .Produces(StatusCodes.Status204NoContent)
            .ProducesProblem(StatusCodes.Status404NotFound)
            .ProducesProblem(StatusCodes.Status409Conflict);
    }

    private static Catalogue CatalogueOf(ShelfContent shelf)
    {
        static List<CatalogueRow<T>> Rows<T>(IReadOnlyList<ShelfItem<T>> items)
            where T : class => [.. items.Where(item => !item.Archived).Select(item => new CatalogueRow<T>(item.Id, item.Body))];
        return new Catalogue(Rows(shelf.Pads), Rows(shelf.Rotors), Rows(shelf.Fluids), Rows(shelf.Lines), Rows(shelf.Ducts),
            Rows(shelf.Calipers), Rows(shelf.Cylinders), Rows(shelf.Brackets));
    }

    private static List<ShelfPut> PutsOf(Catalogue catalogue) =>
    [
        .. catalogue.Pads.Select(row => new ShelfPut("pads", row.Id, row.Body.Name, row.Body)),
        .. catalogue.Rotors.Select(row => new ShelfPut("rotors", row.Id, row.Body.Name, row.Body)),
        .. catalogue.Fluids.Select(row => new ShelfPut("fluids", row.Id, row.Body.Name, row.Body)),
        .. catalogue.Lines.Select(row => new ShelfPut("lines", row.Id, row.Body.Name, row.Body)),
        .. catalogue.Ducts.Select(row => new ShelfPut("ducts", row.Id, row.Body.Name, row.Body)),
        .. catalogue.Calipers.Select(row => new ShelfPut("calipers", row.Id, row.Body.Name, row.Body)),
        .. catalogue.Cylinders.Select(row => new ShelfPut("cylinders", row.Id, row.Body.Name, row.Body)),
        .. catalogue.Brackets.Select(row => new ShelfPut("brackets", row.Id, row.Body.Name, row.Body)),
    ];
}
