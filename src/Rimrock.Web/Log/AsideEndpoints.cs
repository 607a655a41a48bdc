using System.Text;
using Rimrock.Core.Quantities;
using Rimrock.Storage;
using Rimrock.Web.Hosting;

namespace Rimrock.Web.Log;

/// <summary>Rows that cannot be read.</summary>
public static class AsideEndpoints
{
    /// <summary>Maps them.</summary>
    public static void MapAside(this RouteGroupBuilder group)
    {
        group.MapGet("/aside", (SetAside aside) => TypedResults.Ok(aside.Find())).WithName("listAside")
            .WithSummary("Rows of shelf and log that cannot be read, and why; the rest answers without them.");
        group.MapGet("/aside/{table}/{kind}/{id}", (string table, string kind, string id, SetAside aside) =>
                aside.BodyOf(table, kind, EntryId.Checked(id, "id")) is { } body
                    ? TypedResults.File(Encoding.UTF8.GetBytes(body), "application/json", "set-aside.json") : (IResult)None(id))
            .WithName("readAside")
            .WithSummary("A row as it stands.")
            .Produces<byte[]>(contentType: "application/json")
            .ProducesProblem(StatusCodes.Status404NotFound);
        group.MapDelete("/aside/{table}/{kind}/{id}", (string table, string kind, string id, SetAside aside) =>
            aside.Delete(table, kind, EntryId.Checked(id, "id")) ? TypedResults.NoContent() : (IResult)None(id))
            .WithName("deleteAside")
            .WithSummary("Deletes a row that cannot be read.")
            .Produces(StatusCodes.Status204NoContent)
            .ProducesProblem(StatusCodes.Status404NotFound);
    }

    private static Microsoft.AspNetCore.Http.HttpResults.ProblemHttpResult None(string id) =>
        TypedResults.Problem(Problems.Of(StatusCodes.Status404NotFound, "There is no such row.",
            new InputFault("id", id, "a row that is set aside", "No such row is set aside.")));
}
