using Rimrock.Core.Circuits;

namespace Rimrock.Formats;

/// <summary>A recording as people's devices write it: GPX where the text begins as XML does, CSV otherwise.</summary>
public static class RecordingText
{
    /// <summary>Reads a recording.</summary>
    /// <param name="text">The file's text.</param>
    /// <exception cref="Core.Quantities.InputFaultException">Every fault with its line.</exception>
    public static SpeedRecording Read(string text)
    {
        ArgumentNullException.ThrowIfNull(text);
        var begun = text.TrimStart('\uFEFF', ' ', '\t', '\r', '\n');
        return begun.StartsWith('<') ? Gpx.Read(begun) : SpeedTraceCsv.Read(text);
    }
}
