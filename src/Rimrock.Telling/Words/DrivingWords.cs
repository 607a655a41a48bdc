namespace Rimrock.Telling.Words;

/// <summary>What the engine's room Driving says.</summary>
internal static class DrivingWords
{
    internal static readonly (string Code, string Words)[] Rows =
    [
        ("lap-simulation.lap-simulation", "lap simulation"),
        ("pace.limit-lap", "limit lap"),
        ("pace.no-such-pace", "No such pace."),
        ("prediction-plan.most-new-pad", "at most {0:0.##}, a new pad"),
        ("prediction-plan.pad-cannot-thicker-new", "A pad cannot be thicker than new."),
        ("prediction-plan.with", "{0} with {1}"),
        ("prediction-plan.drum-drum-brake-disc", "a drum with a drum brake, a disc with a caliper"),
        ("prediction-plan.rotor-caliper-do-not", "Rotor and caliper do not go together."),
        ("prediction-plan.most-pad-high", "at most {0:0.#} for a pad {1:0.#} high"),
        ("prediction-plan.pad-would-rub-beyond", "The pad would rub beyond the ring."),
        ("road-duty.commute-country-road", "commute and country road"),
        ("road-duty.commute-only", "commute only"),
        ("road-duty.spirited-country-road", "spirited country road"),
        ("road-duty.mountain-descent", "mountain descent"),
        ("road-duty.no-such-road-duty", "No such road duty."),
        ("pace.novice", "novice"),
        ("pace.regular", "regular"),
        ("pace.advanced", "advanced"),
    ];
}
