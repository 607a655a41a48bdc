using Rimrock.Core.Quantities;

namespace Rimrock.Formats;

/// <summary>A JPEG without what it knows of place, time and camera (ISO/IEC 10918-1 markers, from memory).</summary>
public static class JpegPhoto
{
    private const byte Marker = 0xFF, StartOfImage = 0xD8, StartOfScan = 0xDA, Comment = 0xFE, FirstApplication = 0xE1, LastApplication = 0xEF;

    /// <summary>The same picture without its application segments (but for the JFIF header) and comments.</summary>
    /// <param name="bytes">The file.</param>
    /// <param name="mostBytes">Largest file.</param>
    /// <exception cref="InputFaultException">Too large, or no JPEG.</exception>
    public static byte[] Stripped(byte[] bytes, int mostBytes)
    {
        ArgumentNullException.ThrowIfNull(bytes);
        if (bytes.Length > mostBytes)
        {
            throw CsvTable.Refused("photo", $"{bytes.Length / 1e6:0.0} MB", $"at most {mostBytes / 1e6:0.#} MB", "The photo is too large.");
        }

        if (bytes.Length < 4 || bytes[0] != Marker || bytes[1] != StartOfImage)
        {
            throw CsvTable.Refused("photo", "another form", "JPEG", "That is no JPEG.");
        }

        using var kept = new MemoryStream(bytes.Length);
        kept.Write(bytes, 0, 2);
        var at = 2;
        while (at + 4 <= bytes.Length && bytes[at] == Marker && bytes[at + 1] != StartOfScan)
        {
            var length = 2 + (bytes[at + 2] << 8) + bytes[at + 3];
            if (length < 4 || at + length > bytes.Length)
            {
                throw CsvTable.Refused("photo", "broken", "JPEG", "That JPEG is broken.");
            }

            if (bytes[at + 1] is not (Comment or (>= FirstApplication and <= LastApplication)))
            {
                kept.Write(bytes, at, length);
            }

            at += length;
        }

        if (at + 2 > bytes.Length || bytes[at] != Marker || bytes[at + 1] != StartOfScan)
        {
            throw CsvTable.Refused("photo", "broken", "JPEG", "That JPEG has no picture in it.");
        }

        kept.Write(bytes, at, bytes.Length - at);
        return kept.ToArray();
    }
}
