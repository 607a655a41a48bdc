using Rimrock.Core.Driving;
using Rimrock.Core.Entries;

namespace Rimrock.Core.Garage;

/// <summary>
/// Reads off what was written down which signs that stop a car are still unanswered. A soft pedal, a sinking one and a leak stay until a bleed is written
/// down; a crack until another rotor is on, or the same corner was looked at again and found sound; and so on, each by its own answer. What nobody said the
/// corner of is looked for at all of them.
/// </summary>
internal sealed class OpenSigns
{
    private readonly List<Sought> open = [];

    // Corner: where it is; null where nobody said. Sound: the corners that were looked at since.
    private sealed record Sought(OpenSign Sign, Corner? Corner, IReadOnlySet<Corner> Sound);

    /// <summary>What is open now, the worst first: what stops the hydraulics, then by day.</summary>
    public IReadOnlyList<OpenSign> Told() =>
        [.. open.Select(one => one.Sign).Distinct().OrderByDescending(sign => sign.IsOfHydraulics).ThenByDescending(sign => sign.Since)
            .ThenBy(sign => sign.Trouble).ThenBy(sign => sign.Axle).Take(OpenSign.Most)];

    /// <summary>Hears a word on the car: first what it answers, then what it finds.</summary>
    /// <param name="said">The word.</param>
    /// <param name="renewed">What is new on the car by it.</param>
    public void Hear(Statement said, Renewed renewed)
    {
        var left = open.Select(one => one.Sign.After(renewed) is { } still ? Looked(one with { Sign = still }, said) : null).OfType<Sought>().ToList();
        open.Clear();
        open.AddRange(left);
        foreach (var (trouble, axle) in said.Noticed ?? [])
        {
            Add(new OpenSign(said.Day!.Value, trouble, trouble == Trouble.NoStop ? Axle.Front : axle), null);
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

    // The first day on which it was seen is told: since then nothing answered it. What is found at a corner is what was spoken of before; what is spoken of
    // again is looked for anew.
    private void Add(OpenSign sign, Corner? corner)
    {
        bool IsSame(Sought one) => one.Sign.Trouble == sign.Trouble && (one.Corner == corner || (corner is not null && one.Corner is null))
            && (one.Sign.Axle == sign.Axle || (corner is not null && one.Sign.Axle is null));
        var before = open.FindAll(IsSame);
        open.RemoveAll(IsSame);
        open.Add(new Sought(sign with { Since = before.Select(one => one.Sign.Since).Append(sign.Since).Min() }, corner, new HashSet<Corner>()));
    }

    /// <summary>What is left of a sign after a look, or a day; null for nothing.</summary>
    private static Sought? Looked(Sought one, Statement said)
    {
        if ((one.Sign.Trouble is Trouble.NoStop or Trouble.NoAssist && said.IsFirm)
            || (one.Sign.Trouble == Trouble.WarningLight && said.Found?.FluidLevelMm is not null))
        {
            return null;
        }

        var sound = one.Sound.Concat((said.Found?.Corners ?? []).Where(look => IsSound(one.Sign.Trouble, look)).Select(look => look.Corner)).ToHashSet();
        if (one.Corner is { } corner)
        {
            return sound.Contains(corner) ? null : one;
        }

        bool IsWell(Axle axle) => sound.Count(seen => CornerLook.AxleOf(seen) == axle) >= (axle == Axle.Front ? 2 : said.Wheels - 2);
        return one.Sign.Without(Axles.Of(IsWell)) is { } left ? one with { Sign = left, Sound = sound } : null;
    }

    private static bool IsSound(Trouble trouble, CornerLook look)
    {
        bool Ticked(CornerMark mark) => look.Marks?.Contains(mark) == true;
        bool IsMeasured() => look.InnerMm is not null && look.OuterMm is not null;
        return trouble switch
        {
            Trouble.WheelPlay or Trouble.Grinding => Ticked(CornerMark.WheelFirm),
            Trouble.BadHose => Ticked(CornerMark.HoseSound),
            Trouble.CrackedRotor or Trouble.OiledFace => Ticked(CornerMark.FacesSound),
            Trouble.LooseHardware => Ticked(CornerMark.HardwareFirm),
            Trouble.WornPads => IsMeasured(),
            Trouble.ThinRotor => look.RotorMm is not null || look.RotorKg is not null,
            Trouble.LoosePad => IsMeasured() && !Ticked(CornerMark.PadLoose),
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
