using Rimrock.Core.Driving;
using Rimrock.Core.Entries;

namespace Rimrock.Core.Garage;

/// <summary>
/// Reads off what was written down which signs that stop a car are still unanswered. A soft pedal, a sinking one and a leak stay until a bleed is written
/// down; a crack until another rotor is on, or the same corner was looked at again and found sound; and so on, each by its own answer.
/// </summary>
internal sealed class OpenSigns
{
    private readonly List<(OpenSign Sign, Corner? Corner)> open = [];

    /// <summary>What is open now, the worst first: what stops the hydraulics, then by day.</summary>
    public IReadOnlyList<OpenSign> Told() =>
        [.. open.Select(one => one.Sign).Distinct().OrderByDescending(sign => sign.IsOfHydraulics).ThenByDescending(sign => sign.Since)
            .ThenBy(sign => sign.Trouble).ThenBy(sign => sign.Axle).Take(OpenSign.Most)];

    /// <summary>Hears a word on the car: first what it answers, then what it finds.</summary>
    /// <param name="said">The word.</param>
    /// <param name="renewed">What is new on the car by it.</param>
    public void Hear(Statement said, Renewed renewed)
    {
        open.RemoveAll(one => one.Sign.IsAnsweredBy(renewed) || IsAnsweredBy(one.Sign, one.Corner, said));
        foreach (var trouble in said.Noticed ?? [])
        {
            Add(new OpenSign(said.Day!.Value, trouble, trouble == Trouble.NoStop ? Axle.Front : null), null);
        }

        foreach (var axle in Axles.Both.Where(axle => said.Burnt?[axle] == true))
        {
            Add(new OpenSign(said.Day!.Value, Trouble.BurntRotor, axle), null);
        }

        foreach (var look in said.Found?.Corners ?? [])
        {
            foreach (var trouble in FoundAt(look))
            {
                Add(new OpenSign(said.Day!.Value, trouble, look.AxleOf()), look.Corner);
            }
        }
    }

    // The first day on which it was seen is told: since then nothing answered it.
    private void Add(OpenSign sign, Corner? corner)
    {
        if (!open.Exists(one => one.Sign.Trouble == sign.Trouble && one.Sign.Axle == sign.Axle && one.Corner == corner))
        {
            open.Add((sign, corner));
        }
    }

    private static bool IsAnsweredBy(OpenSign sign, Corner? corner, Statement said)
    {
        bool Looked(Func<CornerLook, bool> sound) => said.Found?.Corners.Any(look => (corner is null || look.Corner == corner) && sound(look)) == true;
        static bool Ticked(CornerLook look, CornerMark mark) => look.Marks?.Contains(mark) == true;
        return sign.Trouble switch
        {
            Trouble.NoStop or Trouble.NoAssist => said.IsFirm,
            Trouble.WheelPlay => Looked(look => Ticked(look, CornerMark.WheelFirm)),
            // Nobody knows which wheel it was: all of them are rocked.
            Trouble.Grinding => said.Found?.Corners.Where(look => Ticked(look, CornerMark.WheelFirm)).DistinctBy(look => look.Corner).Count() >= said.Wheels,
            Trouble.BadHose => Looked(look => Ticked(look, CornerMark.HoseSound)),
            Trouble.CrackedRotor => Looked(look => Ticked(look, CornerMark.FacesSound)),
            Trouble.LooseHardware => Looked(look => Ticked(look, CornerMark.HardwareFirm)),
            Trouble.WornPads => Looked(look => look.InnerMm is not null && look.OuterMm is not null),
            Trouble.OiledFace => Looked(look => Ticked(look, CornerMark.FacesSound)),
            Trouble.ThinRotor => Looked(look => look.RotorMm is not null || look.RotorKg is not null),
            Trouble.WarningLight => said.Found?.FluidLevelMm is not null,
            Trouble.LoosePad => Looked(look => look.InnerMm is not null && look.OuterMm is not null && !Ticked(look, CornerMark.PadLoose)),
            _ => false,
        };
    }

    private static IEnumerable<Trouble> FoundAt(CornerLook look)
    {
        if (look.IsDiscarded())
        {
            yield return Trouble.CrackedRotor;
        }

        foreach (var mark in look.Marks ?? [])
        {
            Trouble? trouble = mark switch
            {
                CornerMark.Wet => Trouble.Leak,
                CornerMark.WheelPlay => Trouble.WheelPlay,
                CornerMark.HoseBad => Trouble.BadHose,
                CornerMark.PadLoose => Trouble.LoosePad,
                CornerMark.HardwareLoose => Trouble.LooseHardware,
                CornerMark.CarbonChipped => Trouble.CrackedRotor,
                _ => null,
            };
            if (trouble is { } found)
            {
                yield return found;
            }
        }
    }
}
