namespace Rimrock.Telling.Words;

/// <summary>What the engine's room Garage says.</summary>
internal static class GarageWords
{
    internal static readonly (string Code, string Words)[] Rows =
    [
        ("garage.thicker-than-new", "{0} was measured at {1:0.0}, and a new pad has {2:0.0}: measure again, or correct the car’s new thickness."),
        ("garage.pads-grew", "{0} had {1:0.0} left, and then {2:0.0}: another set went on that nobody wrote down, or one of the two was misread."),
    ];
}
