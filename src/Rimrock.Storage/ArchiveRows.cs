using System.Text.Json;
using System.Text.Json.Serialization;

namespace Rimrock.Storage;

/// <summary>A body as it stands in a file: its bytes, read only when it is needed.</summary>
/// <param name="Utf8">The text.</param>
[JsonConverter(typeof(RawBodyConverter))]
public sealed record RawBody(ReadOnlyMemory<byte> Utf8);

/// <summary>Keeps a body's bytes as they stand.</summary>
internal sealed class RawBodyConverter : JsonConverter<RawBody>
{
    /// <inheritdoc/>
    public override RawBody Read(ref Utf8JsonReader reader, Type typeToConvert, JsonSerializerOptions options)
    {
        using var body = JsonDocument.ParseValue(ref reader);
        return new RawBody(System.Text.Encoding.UTF8.GetBytes(body.RootElement.GetRawText()));
    }

    /// <inheritdoc/>
    public override void Write(Utf8JsonWriter writer, RawBody value, JsonSerializerOptions options) => writer.WriteRawValue(value.Utf8.Span);
}

/// <summary>A row of the shelf as it stands.</summary>
/// <param name="Kind">Its kind.</param>
/// <param name="Id">Its id.</param>
/// <param name="Name">Its name.</param>
/// <param name="Origin">demo or own.</param>
/// <param name="Revision">Its revision.</param>
/// <param name="Archived">1 where archived.</param>
/// <param name="Body">Its content.</param>
/// <param name="Version">The form of its body.</param>
public sealed record ArchivedItem(string Kind, string Id, string Name, string Origin, long Revision, long Archived, RawBody Body, int Version = 1);

/// <summary>A row of the log as it stands.</summary>
/// <param name="Id">Its id.</param>
/// <param name="Car">Its car.</param>
/// <param name="Kind">Its kind.</param>
/// <param name="Day">Its day.</param>
/// <param name="Revision">Its revision.</param>
/// <param name="Body">Its content.</param>
/// <param name="Version">The form of its body.</param>
public sealed record ArchivedEntry(string Id, string Car, string Kind, string Day, long Revision, RawBody Body, int Version = 1);

/// <summary>A photo: in an archive of form 1 its bytes, from form 2 on a file beside the document.</summary>
/// <param name="Id">Its id.</param>
/// <param name="Entry">Its entry.</param>
/// <param name="Name">Its file's name.</param>
/// <param name="Bytes">Its bytes, base 64; form 1 only.</param>
/// <param name="File">Name of its file in the archive; from form 2 on.</param>
/// <param name="Length">Length of that file, bytes.</param>
/// <param name="Sha256">Its SHA-256 (FIPS 180-4), hexadecimal.</param>
public sealed record ArchivedPhoto(string Id, string Entry, string Name, byte[]? Bytes = null, string? File = null, long? Length = null, string? Sha256 = null);

/// <summary>Everything that is the user's, as one document; docs/archive.schema.json describes it.</summary>
/// <param name="Rimrock">The word archive.</param>
/// <param name="Version">Version of the form.</param>
/// <param name="Shelf">The shelf.</param>
/// <param name="Log">The log.</param>
/// <param name="Photos">Photos.</param>
/// <param name="Program">Version of the Rimrock that wrote it.</param>
public sealed record ArchiveDocument(string Rimrock, int Version, IReadOnlyList<ArchivedItem> Shelf, IReadOnlyList<ArchivedEntry> Log,
    IReadOnlyList<ArchivedPhoto> Photos, string? Program = null)
{
    /// <summary>The word that says what the file is.</summary>
    public const string Word = "archive";

    /// <summary>The version that is written.</summary>
    public const int Newest = 2;

    /// <summary>Name of the document inside the file.</summary>
    public const string FileName = "rimrock.json";
}

/// <summary>What a restore would do.</summary>
/// <param name="Shelf">Parts, cars and circuits in the archive.</param>
/// <param name="Log">Entries in the archive.</param>
/// <param name="Photos">Photos in the archive.</param>
/// <param name="NewShelf">Of them new here.</param>
/// <param name="NewLog">Of them new here.</param>
/// <param name="Gone">What is here and not in the archive; a restore takes it away.</param>
public sealed record RestorePreview(int Shelf, int Log, int Photos, int NewShelf, int NewLog, int Gone);
