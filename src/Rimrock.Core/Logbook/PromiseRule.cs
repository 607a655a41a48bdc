using Rimrock.Core.Driving;
using Rimrock.Core.Entries;
using Rimrock.Core.Limits;
using Rimrock.Core.Rotors;

namespace Rimrock.Core.Logbook;

/// <summary>What a day in the paddock is asked afterwards: whether something that had a chance came.</summary>
/// <param name="Day">The day.</param>
/// <param name="Next">The first look at the car on that day or after it, before the next day in the paddock; null where nobody looked.</param>
public sealed record DayAfter(LogSession Day, InspectionNote? Next);

/// <summary>
/// How a log tells whether a limit gave. What it does not tell counts neither as kept nor as broken. Rows (common practice): a pedal that stayed firm has had
/// no vapour and missed no stop; pads measured afterwards tell whether they went below their limit; rotors looked at tell of cracks.
/// </summary>
/// <param name="Code">Stable code.</param>
/// <param name="Title">What came or did not.</param>
/// <param name="Limits">Codes of the limits that stand for it: the likeliest of them is its chance, since they have their ignorance in common.</param>
/// <param name="Came">Whether it came; null where the log does not tell.</param>
public sealed record PromiseRule(string Code, Said Title, IReadOnlyList<string> Limits, Func<DayAfter, bool?> Came)
{
    /// <summary>All rows.</summary>
    public static IReadOnlyList<PromiseRule> All { get; } =
    [
        new("boils", Said.Of("promise-rule.fluid-boils"), [LimitCode.FrontFluid, LimitCode.RearFluid, LimitCode.LineFluid], after => after.Day.Felt() switch
        {
            PedalFeel.SoftHot => true,
            PedalFeel.Firm or PedalFeel.LongThenFine => false,
            _ => null,
        }),
        new("missed", Said.Of("promise-rule.stop-missed"), [LimitCode.MissedStop], after => after.Day.Felt() switch
        {
            PedalFeel.FirmNoStop => true,
            PedalFeel.Firm or PedalFeel.LongThenFine => false,
            _ => null,
        }),
        new("seals", Said.Of("promise-rule.front-seals"), [LimitCode.FrontSeals], after =>
            after.Day.Stickers(Axle.Front).Any(sticker => sticker.AboveC >= LimitEdges.SealLimitC) ? true
            : after.Day.Stickers(Axle.Front).Any(sticker => sticker.BelowC <= LimitEdges.SealLimitC) ? false : null),
        new("worn-front", Said.Of("promise-rule.front-worn"), [LimitCode.FrontWear], after => WornBelow(after, Axle.Front)),
        new("worn-rear", Said.Of("promise-rule.rear-worn"), [LimitCode.RearWear], after => WornBelow(after, Axle.Rear)),
        new("cracks", Said.Of("promise-rule.front-cracked"), [LimitCode.FrontCracks], Cracked),
    ];

    private static bool? WornBelow(DayAfter after, Axle axle) =>
        after.Next is { } next && next.Plan.At(axle).Pads.Pad.Name == after.Day.Plan.At(axle).Pads.Pad.Name
            && CarEvidence.Thinnest(next.Inspection, axle) is { } left
            ? left < after.Day.Plan.At(axle).Brake.PadLimitMm ? true : BothLookedAt(after, axle, look => look.ThinnestMm() is not null) ? false : null
            : null;

    // That nothing came is said of both sides alone.
    private static bool BothLookedAt(DayAfter after, Axle axle, Func<CornerLook, bool> looked) =>
        after.Next?.Inspection.Corners.Count(look => look.AxleOf() == axle && looked(look)) >= (after.Day.Plan.Car.Kind == Vehicles.VehicleKind.Car ? 2 : 1);

    private static bool? Cracked(DayAfter after)
    {
        var looks = after.Next?.Inspection.Corners.Where(look => look.AxleOf() == Axle.Front).ToList() ?? [];
        return looks.Exists(look => look.IsDiscarded()) ? true
            : BothLookedAt(after, Axle.Front, look => look.CrackMm is not null || look.Marks?.Contains(CornerMark.FacesSound) == true) ? false : null;
    }
}
