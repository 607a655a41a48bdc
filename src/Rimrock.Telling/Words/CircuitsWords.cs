namespace Rimrock.Telling.Words;

/// <summary>What the engine's room Circuits says.</summary>
internal static class CircuitsWords
{
    internal static readonly (string Code, string Words)[] Rows =
    [
        ("braking-zone-table.1-zones", "1 to {0} zones"),
        ("braking-zone-table.lap-1-braking-zones", "A lap has 1 to {0} braking zones."),
        ("braking-zone-table.most", "at most {0:0.#}"),
        ("braking-zone-table.braking-zone-ends-least", "A braking zone ends at least {=5 km/h} slower than it begins."),
        ("braking-zone-table.figure", "{0:0.#}"),
        ("braking-zone-table.least", "at least {0:0.#}"),
        ("braking-zone-table.zone-ends-zone-begins", "Zone {0} ends at {1:0.#} and zone {2} begins at {3:0.#}: this car cannot do that in {4:0.#}."),
        ("braking-zone-table.braking-zone-table", "braking-zone table"),
        ("circuit.forms", "{0} forms"),
        ("circuit.exactly-one-segments-zones", "exactly one of segments, zones, recording"),
        ("circuit.circuit-given-segments-braking", "A circuit is given by segments, by braking zones or by a recording."),
        ("circuit.2-segments", "2 to {0} segments"),
        ("circuit.lap-least-one-straight", "A lap has at least one straight and one corner."),
        ("circuit.no-corner", "no corner"),
        ("circuit.least-one-corner", "at least one corner"),
        ("circuit.lap-without-corner-no", "A lap without a corner has no speed limit and no braking."),
        ("recorded-trace.times-speeds", "{0} times, {1} speeds"),
        ("recorded-trace.many-speeds-times", "as many speeds as times"),
        ("recorded-trace.each-time-recording-one", "Each time of a recording has one speed."),
        ("recorded-trace.figure", "{0:0.#}"),
        ("recorded-trace.to", "{0:0.####} to {1:0.####}"),
        ("recorded-trace.recording-lasts-between-ten", "A recording lasts between ten seconds and two hours."),
        ("recorded-trace.figure-2", "{0}"),
        ("recorded-trace.0", "0 to {0:0.####}"),
        ("recorded-trace.speed-out-range", "Speed out of range."),
        ("recorded-trace.figure-3", "{0:0.###}"),
        ("recorded-trace.after", "after {0:0.###}"),
        ("recorded-trace.time-runs-backwards-stands", "Time runs backwards or stands still."),
        ("recorded-trace.gap", "gap of {0:0.##}"),
        ("recorded-trace.most", "at most {0:0.####}"),
        ("recorded-trace.recording-gap", "The recording has a gap."),
        ("stray-samples.beside-apart", "{0:0.#} beside {1:0.#}, {2:0.###} apart"),
        ("stray-samples.change-most-braking-drive", "a change of at most {0:0} of braking or {1:0} of drive"),
        ("stray-samples.no-car-does-stray",
            "No car does that: a stray sample. Let the line between its neighbours stand in its place, or take it out of the file."),
        ("stray-samples.no-car-does-samples", "No car does that, and the samples after it agree: the recording jumps here. Cut it there."),
    ];
}
