using Rimrock.Core.Quantities;
using Rimrock.Formats;
using Rimrock.Storage;
using Rimrock.Web.Hosting;
using Rimrock.Web.Shelf;

namespace Rimrock.Web.Log;

/// <summary>Photos beside an entry.</summary>
public static class PhotoEndpoints
{
    /// <summary>Maps them.</summary>
    public static void MapPhotos(this RouteGroupBuilder group)
    {
        group.MapPost("/entries/{id}/photos", async (string id, string name, HttpRequest request, LogStore store, CancellationToken cancel) =>
            {
                using var bytes = new MemoryStream();
                await request.Body.CopyToAsync(bytes, cancel);
                var photo = JpegPhoto.Stripped(bytes.ToArray(), LogStore.MostPhotoBytes);
                JpegPhoto.CheckDecodes(photo);
                EntryId.Checked(name, "name");
                var key = Guid.CreateVersion7().ToString("n");
                return store.AddPhoto(EntryId.Checked(id, "id"), key, name, photo) ? TypedResults.Ok(new Saved(key, 1))
                    : (IResult)TypedResults.Problem(Problems.Of(StatusCodes.Status409Conflict, "The photo was not kept.",
                        new InputFault("photo", "one more", $"at most {LogStore.MostPhotos}",
                        $"The entry is gone, or has {LogStore.MostPhotos} photos already.")));
            })
            .Accepts<byte[]>("image/jpeg")
            .WithName("addPhoto")
            .WithSummary("Keeps a JPEG beside an entry, without its metadata.")
            .Produces<Saved>()
            .ProducesProblem(StatusCodes.Status400BadRequest)
            .ProducesProblem(StatusCodes.Status409Conflict);
        group.MapGet("/entries/{id}/photos", (string id, LogStore store) => TypedResults.Ok(store.Photos(EntryId.Checked(id, "id")))).WithName("listPhotos")
            .WithSummary("Ids of an entry's photos.");
        group.MapGet("/photos/{id}", (string id, LogStore store) => store.Photo(EntryId.Checked(id, "id")) is { } bytes
            ? TypedResults.Bytes(bytes, "image/jpeg") : (IResult)TypedResults.Problem(Problems.Of(StatusCodes.Status404NotFound, "There is no such photo.",
            new InputFault("id", id, "a photo of the log", "There is no such photo."))))
            .WithName("readPhoto")
            .WithSummary("A photo.")
            .Produces<byte[]>(contentType: "image/jpeg");
    }
}
