using Rimrock.Core.Circuits;
using Rimrock.Core.Quantities;

namespace Rimrock.Formats;

/// <summary>A recording as people's devices write it: GPX where the text begins as XML does, CSV otherwise.</summary>
public static class RecordingText
{
    /// <summary>Reads a recording.</summary>
    /// <param name="text">The file's text.</param>
    /// <param name="mended">Where given, samples that no car can have driven are mended and told here; else they are faults.</param>
    /// <exception cref="InputFaultException">Every fault with its line.</exception>
    public static SpeedRecording Read(string text, ICollection<MendedSample>? mended = null)
    {
        ArgumentNullException.ThrowIfNull(text);
        var begun = text.TrimStart('\uFEFF', ' ', '\t', '\r', '\n');
        return begun.StartsWith('<') ? Gpx.Read(begun, mended) : SpeedTraceCsv.Read(text, mended);
    }

    /// <summary>A recording once its samples are mended where that was asked for, and checked.</summary>
    internal static SpeedRecording Checked(List<double> time, IReadOnlyList<double> speed, Func<int, string> lineOf, ICollection<MendedSample>? mended)
    {
        var faults = new List<InputFault>();
        var kept = mended is null ? speed : StraySamples.Mend(time, speed, lineOf, mended);
        RecordedTrace.Check(time, kept, lineOf, faults);
        InputFaultException.ThrowIfAny(faults);
        return new SpeedRecording(time, kept);
    }
}
