using Rimrock.Core.Entries;

namespace Rimrock.Core.Logbook;

/// <summary>What a mark at a corner stands for (common practice).</summary>
/// <param name="Mark">The mark.</param>
/// <param name="Part">Which part it speaks of, with the corner's name.</param>
/// <param name="Verdict">What to do.</param>
/// <param name="Sentence">What follows.</param>
/// <param name="Rule">The rule behind it.</param>
/// <param name="Clue">Code of the clue that it is; null where it is none.</param>
public sealed record MarkRule(CornerMark Mark, Func<Said, Said> Part, Verdict Verdict, Said Sentence, Said Rule, string? Clue = null)
{
    private static readonly Func<Said, Said> Rotor = name => Said.Of("stop-or-go.rotor", name);
    private static readonly Func<Said, Said> Caliper = name => Said.Of("stop-or-go.caliper", name);
    private static readonly Func<Said, Said> Pads = name => Said.Of("stop-or-go.pads", name);
    private static readonly Func<Said, Said> Wheel = name => Said.Of("mark-rule.wheel", name);
    private static readonly Func<Said, Said> Hose = name => Said.Of("mark-rule.hose", name);

    /// <summary>All rules: every mark has one.</summary>
    public static IReadOnlyList<MarkRule> All { get; } =
    [
        new(CornerMark.WheelPlay, Wheel, Verdict.StopNow, Said.Of("mark-rule.play-bearing-or-nuts"), Said.Of("mark-rule.play-stops-driving"), "wheel-play"),
        new(CornerMark.Wet, Caliper, Verdict.StopNow, Said.Of("mark-rule.wet-find-leak"), Said.Of("sign-rule.leak-stops-driving"), "leak"),
        new(CornerMark.HoseBad, Hose, Verdict.StopNow, Said.Of("mark-rule.hose-bursts"), Said.Of("mark-rule.bad-hose-is-changed"), "old-lines"),
        new(CornerMark.PadLoose, Pads, Verdict.StopNow, Said.Of("mark-rule.material-comes-off"), Said.Of("mark-rule.loose-material-stops")),
        new(CornerMark.HardwareLoose, Rotor, Verdict.StopNow, Said.Of("mark-rule.hardware-carries-braking"), Said.Of("mark-rule.loose-hardware-stops")),
        new(CornerMark.CarbonChipped, Rotor, Verdict.StopNow, Said.Of("mark-rule.chip-grows"), Said.Of("mark-rule.chipped-carbon-makers-word")),
        new(CornerMark.PlateHot, Pads, Verdict.ChangeBefore, Said.Of("mark-rule.plate-bent-or-blue"), Said.Of("mark-rule.plates-stay-flat")),
        new(CornerMark.PistonStuck, Caliper, Verdict.ChangeBefore, Said.Of("mark-rule.piston-drags-or-rests"), Said.Of("mark-rule.moves-by-hand"), "one-sided"),
        new(CornerMark.SliderStuck, Caliper, Verdict.ChangeBefore, Said.Of("mark-rule.slider-wears-one-pad"), Said.Of("mark-rule.moves-by-hand"), "one-sided"),
        new(CornerMark.Drags, Wheel, Verdict.ChangeBefore, Said.Of("mark-rule.drag-heats-before-it-brakes"), Said.Of("mark-rule.wheel-turns-free"),
            "one-sided"),
        new(CornerMark.RustedOn, Pads, Verdict.ChangeBefore, Said.Of("mark-rule.rusted-on-tears-film"), Said.Of("mark-rule.after-standing-looked-at"),
            "rusted-on"),
        new(CornerMark.InnerFaceBad, Rotor, Verdict.ChangeBefore, Said.Of("mark-rule.inner-face-eaten"), Said.Of("mark-rule.both-faces-looked-at")),
        new(CornerMark.HatWorn, Rotor, Verdict.ChangeBefore, Said.Of("mark-rule.hat-holes-oval"), Said.Of("mark-rule.hats-wear-too")),
        new(CornerMark.HolesPlugged, Rotor, Verdict.Watch, Said.Of("mark-rule.plugged-holes-pulse"), Said.Of("mark-rule.holes-are-cleared"), "plugged"),
        new(CornerMark.Glazed, Pads, Verdict.Watch, Said.Of("mark-rule.glazed-scuff"), Said.Of("mark-rule.glazed-bites-less"), "glazed"),
        new(CornerMark.CaliperBrown, Caliper, Verdict.ChangeBefore, Said.Of("mark-rule.brown-was-hot"), Said.Of("mark-rule.colour-tells-heat")),
        new(CornerMark.HoseSound, Hose, Verdict.Fine, Said.Of("mark-rule.hose-sound"), Said.Of("mark-rule.bad-hose-is-changed")),
        new(CornerMark.WheelFirm, Wheel, Verdict.Fine, Said.Of("mark-rule.no-play"), Said.Of("mark-rule.play-stops-driving")),
        new(CornerMark.HardwareFirm, Rotor, Verdict.Fine, Said.Of("mark-rule.hardware-firm"), Said.Of("mark-rule.loose-hardware-stops")),
        new(CornerMark.FacesSound, Rotor, Verdict.Fine, Said.Of("mark-rule.faces-sound"), Said.Of("mark-rule.both-faces-looked-at")),
    ];

    /// <summary>The finding of a mark.</summary>
    public static Finding Of(CornerMark mark, Said corner)
    {
        var rule = All.First(row => row.Mark == mark);
        return new Finding(rule.Part(corner), rule.Verdict, rule.Sentence, rule.Rule, Finding.Trade, rule.Clue);
    }
}
