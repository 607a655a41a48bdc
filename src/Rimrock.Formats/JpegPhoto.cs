using Rimrock.Core.Quantities;
using SixLabors.ImageSharp;
using SixLabors.ImageSharp.Memory;
using SixLabors.ImageSharp.PixelFormats;

namespace Rimrock.Formats;

/// <summary>
/// A JPEG without what it knows of place, time and camera: its segments are walked from end to end, those of applications and comments are cut wherever they
/// stand, and with
/// them everything after the image (ISO/IEC 10918-1, annex B, from memory).
/// </summary>
public static class JpegPhoto
{
    private const byte Marker = 0xFF, Stuffed = 0x00, StartOfImage = 0xD8, EndOfImage = 0xD9, StartOfScan = 0xDA, FirstRestart = 0xD0, LastRestart = 0xD7;
    private const byte FirstApplication = 0xE0, LastApplication = 0xEF, Comment = 0xFE, Temporary = 0x01;

    private const long MostPoints = 60_000_000;

    private static readonly byte[] JfifName = [(byte)'J', (byte)'F', (byte)'I', (byte)'F', 0];

    /// <summary>The same picture without its application segments (but for the plain JFIF header), comments, and whatever follows the image.</summary>
    /// <param name="bytes">The file.</param>
    /// <param name="mostBytes">Largest file.</param>
    /// <exception cref="InputFaultException">Too large, or no JPEG that can be drawn.</exception>
    public static byte[] Stripped(byte[] bytes, int mostBytes)
    {
        ArgumentNullException.ThrowIfNull(bytes);
        if (bytes.Length > mostBytes)
        {
            throw CsvTable.Refused("photo", $"{bytes.Length / 1e6:0.0} MB", $"at most {mostBytes / 1e6:0.#} MB", "The photo is too large.");
        }

        using var kept = new MemoryStream(bytes.Length);
        return Walk(bytes, kept) is { } fault ? throw CsvTable.Refused("photo", "broken", "JPEG", fault) : kept.ToArray();
    }

    /// <summary>Refuses what cannot be drawn: the picture is decoded once and thrown away.</summary>
    /// <exception cref="InputFaultException">It does not decode, or has more than 60 million points.</exception>
    public static void CheckDecodes(byte[] bytes)
    {
        try
        {
            if (Image.Identify(bytes) is not { } size || (long)size.Width * size.Height > MostPoints)
            {
                throw CsvTable.Refused("photo", "broken or too many points", "a JPEG of at most 60 million points", "That JPEG cannot be drawn.");
            }

            Image.Load<L8>(bytes).Dispose();
        }
        catch (Exception error) when (error is ImageFormatException or InvalidMemoryOperationException or IndexOutOfRangeException or NotSupportedException)
        {
            throw CsvTable.Refused("photo", "broken", "JPEG", "That JPEG cannot be drawn.");
        }
    }

    /// <summary>What is wrong with a file that should be a JPEG, or null.</summary>
    public static string? Fault(byte[] bytes)
    {
        ArgumentNullException.ThrowIfNull(bytes);
        return Walk(bytes, Stream.Null);
    }

    private static string? Walk(byte[] bytes, Stream kept)
    {
        if (bytes.Length < 4 || bytes[0] != Marker || bytes[1] != StartOfImage)
        {
            return "That is no JPEG.";
        }

        kept.Write(bytes, 0, 2);
        var at = 2;
        var scan = false;
        while (at + 1 < bytes.Length)
        {
            if (bytes[at] != Marker)
            {
                return "That JPEG is broken.";
            }

            var code = bytes[at + 1];
            if (code == Marker)
            {
                at++;
                continue;
            }

            if (code == EndOfImage)
            {
                kept.Write(bytes, at, 2);
                return scan ? null : "That JPEG has no picture in it.";
            }

            if (code is Stuffed or Temporary or StartOfImage or (>= FirstRestart and <= LastRestart) || at + 4 > bytes.Length)
            {
                return "That JPEG is broken.";
            }

            var length = 2 + (bytes[at + 2] << 8) + bytes[at + 3];
            if (length < 4 || at + length > bytes.Length)
            {
                return "That JPEG is broken.";
            }

            var application = code is >= FirstApplication and <= LastApplication;
            if (code != Comment && (!application || IsPlainJfif(bytes, at, length)))
            {
                kept.Write(bytes, at, length);
            }

            at += length;
            if (code == StartOfScan)
            {
                var begin = at;
                at = EndOfScan(bytes, at);
                kept.Write(bytes, begin, at - begin);
                scan |= at > begin;
            }
        }

        return "That JPEG ends too early.";
    }

    // A thumbnail inside the header would be a picture of its own.
    private static bool IsPlainJfif(byte[] bytes, int at, int length) =>
        bytes[at + 1] == FirstApplication && length is >= 9 and <= 18 && bytes.AsSpan(at + 4, 5).SequenceEqual(JfifName);

    private static int EndOfScan(byte[] bytes, int at)
    {
        while (at + 1 < bytes.Length && !(bytes[at] == Marker && bytes[at + 1] is not (Stuffed or Marker or (>= FirstRestart and <= LastRestart))))
        {
            at++;
        }

        return at + 1 < bytes.Length ? at : bytes.Length;
    }
}
