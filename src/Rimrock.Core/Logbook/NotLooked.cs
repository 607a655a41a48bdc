using Rimrock.Core.Beliefs;
using Rimrock.Core.Driving;
using Rimrock.Core.Entries;
using Rimrock.Core.Vehicles;

namespace Rimrock.Core.Logbook;

/// <summary>What nobody looked at: said last, so that "fine" is read of nothing else.</summary>
internal static class NotLooked
{
    /// <summary>Of an inspection.</summary>
    public static IEnumerable<Finding> Of(Inspection inspection, PredictionPlan plan)
    {
        var corners = Enum.GetValues<Corner>().Where(corner => plan.Car.Kind == VehicleKind.Car || corner != Corner.LeftRear).ToList();
        List<Said> left =
        [
            .. corners.Where(corner => inspection.Corners.All(look => look.Corner != corner)).Select(CornerNames.Of),
            .. inspection.Corners.SelectMany(Of),
            .. inspection.FluidLevelMm is null ? [Said.Of("not-looked.level")] : (Said[])[],
            .. inspection.MoisturePercent is null ? [Said.Of("not-looked.water")] : (Said[])[],
        ];
        return Told(left);
    }

    /// <summary>Of a day.</summary>
    public static IEnumerable<Finding> Of(LogSession session) => Told(
    [
        .. session.Felt() == PedalFeel.Unsaid ? [Said.Of("not-looked.pedal")] : (Said[])[],
        .. Axles.Both.Any(axle => session.Paints(axle).Any() || session.Read(ObservationKind.RotorReading, axle).Any()
            || session.Read(ObservationKind.RotorPeak, axle).Any()) ? (Said[])[] : [Said.Of("not-looked.rotors-heat")],
        .. Axles.Both.Any(axle => session.Stickers(axle).Any() || session.Read(ObservationKind.CaliperPeak, axle).Any()) ? (Said[])[]
            : [Said.Of("not-looked.calipers-heat")],
        .. session.FluidLevelMm is null ? [Said.Of("not-looked.level")] : (Said[])[],
        Said.Of("not-looked.pads-and-cracks"),
    ]);

    private static IEnumerable<Said> Of(CornerLook look)
    {
        var name = CornerNames.Of(look.Corner);
        var marks = look.Marks ?? [];
        if (look.InnerMm is null || look.OuterMm is null)
        {
            yield return look.InnerMm is null && look.OuterMm is null ? Said.Of("not-looked.pads", name)
                : look.InnerMm is null ? Said.Of("not-looked.inner-pad", name) : Said.Of("not-looked.outer-pad", name);
        }

        if (look.RotorMm is null && look.RotorKg is null)
        {
            yield return Said.Of("not-looked.rotor", name);
        }

        if (look is { CrackMm: null, Reach: CrackReach.None } && !marks.Contains(CornerMark.FacesSound))
        {
            yield return Said.Of("not-looked.faces", name);
        }

        if (!marks.Any(mark => mark is CornerMark.HoseSound or CornerMark.HoseBad))
        {
            yield return Said.Of("not-looked.hose", name);
        }

        if (!marks.Any(mark => mark is CornerMark.WheelFirm or CornerMark.WheelPlay))
        {
            yield return Said.Of("not-looked.wheel", name);
        }
    }

    private static IEnumerable<Finding> Told(List<Said> left) => left.Count == 0 ? []
        : [new Finding(Said.Of("not-looked.part"), Verdict.NotJudged,
            Said.Of("not-looked.sentence", Said.Joined(Said.Listed, left.Select((one, i) => i == 0 ? one : Said.Of(Said.Within, one)))),
            Said.Of("not-looked.rule"), Finding.Trade)];
}
