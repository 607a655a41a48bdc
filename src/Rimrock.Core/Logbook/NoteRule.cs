using Rimrock.Core.Driving;
using Rimrock.Core.Entries;

namespace Rimrock.Core.Logbook;

/// <summary>What a driver's own words speak of.</summary>
public enum Spoken
{
    /// <summary>Fluid outside.</summary>
    Leak,

    /// <summary>Flames.</summary>
    Fire,

    /// <summary>A car that did not stop.</summary>
    NoBrakes,

    /// <summary>Brakes that faded.</summary>
    Faded,

    /// <summary>A pedal or lever that went to its end.</summary>
    SinkingPedal,

    /// <summary>A soft or long pedal or lever, or fluid that boiled.</summary>
    SoftPedal,

    /// <summary>A crack, or something broken.</summary>
    Cracked,

    /// <summary>Play in a wheel, its bearing or its nuts.</summary>
    WheelPlay,

    /// <summary>Something loose, or lost.</summary>
    Loose,

    /// <summary>A hose that swells or chafes.</summary>
    BadHose,

    /// <summary>Metal on metal.</summary>
    Grinding,

    /// <summary>A knock that nobody has found.</summary>
    Knock,

    /// <summary>A wheel or a part that sticks.</summary>
    Stuck,

    /// <summary>Smoke.</summary>
    Smoke,

    /// <summary>A pull to one side.</summary>
    Pull,

    /// <summary>A rear that locks.</summary>
    RearLocks,

    /// <summary>A smell.</summary>
    Smell,

    /// <summary>Shaking.</summary>
    Judder,

    /// <summary>Squeal.</summary>
    Squeal,

    /// <summary>Pads without material.</summary>
    WornOut,

    /// <summary>The brakes' warning light.</summary>
    WarningLight,

    /// <summary>The light of ABS or stability control.</summary>
    AbsLight,

    /// <summary>Rotors that glowed, or went blue.</summary>
    Glowed,

    /// <summary>A fluid level that fell, or was topped up.</summary>
    LowLevel,

    /// <summary>Fluid that has darkened.</summary>
    DarkFluid,

    /// <summary>A booster that helps no more.</summary>
    NoAssist,

    /// <summary>Boots or seals that melted or tore.</summary>
    BurntBoot,

    /// <summary>A parking brake that does not hold.</summary>
    WeakHandbrake,

    /// <summary>ABS that comes in early.</summary>
    AbsEarly,

    /// <summary>A caliper whose paint browned or blistered.</summary>
    CaliperBurnt,

    /// <summary>Oil or grease where pads rub.</summary>
    Oiled,

    /// <summary>A rotor below its limit.</summary>
    WornRotor,

    /// <summary>Water in the fluid.</summary>
    WetFluid,

    /// <summary>Another kind of fluid in the brakes.</summary>
    WrongFluid,

    /// <summary>Something that is wrong with what stops the car, in words that no rule knows.</summary>
    Unclear,

    /// <summary>The brakes, in words of which nobody knows whether they speak of anything wrong.</summary>
    Unread,

    /// <summary>A paint, a sticker or a measurement that stands in words alone.</summary>
    InWords,
}

/// <summary>What a note speaks of, and where.</summary>
/// <param name="Of">What.</param>
/// <param name="Axle">At which axle; null where it does not say.</param>
/// <param name="OfDrums">True where it speaks of drums or shoes.</param>
public sealed record Heard(Spoken Of, Axle? Axle = null, bool OfDrums = false);

/// <summary>
/// What is made of a note's own words: as much as of the sign that they sound like, since a driver who writes it has seen it (common practice). They are read
/// by others; what no rule here knows stays not judged.
/// </summary>
/// <param name="Of">What it speaks of.</param>
/// <param name="Name">The same in words.</param>
/// <param name="Verdict">What to do.</param>
/// <param name="Sentence">What follows.</param>
/// <param name="Rule">The rule behind it.</param>
/// <param name="Sign">The sign that can be ticked instead; null where it is another field.</param>
/// <param name="Leaves">What stops the car in every room until it is answered; null for nothing.</param>
public sealed record NoteRule(Spoken Of, Said Name, Verdict Verdict, Said Sentence, Said Rule, Sign? Sign = null, Trouble? Leaves = null)
{
    /// <summary>All rules: every kind of words has one.</summary>
    public static IReadOnlyList<NoteRule> All { get; } =
    [
        Like(Spoken.Leak, Said.Of("note-rule.leak"), Entries.Sign.Leak, Trouble.Leak),
        new(Spoken.Fire, Said.Of("note-rule.fire"), Verdict.StopNow, Said.Of("note-rule.fire-ends-the-day"), Said.Of("note-rule.burnt-is-taken-apart"),
            Leaves: Trouble.BurntSeals),
        new(Spoken.NoBrakes, Said.Of("note-rule.no-brakes"), Verdict.StopNow, Said.Of("note-rule.no-brakes-find-out"),
            Said.Of("note-rule.car-that-does-not-stop"), Leaves: Trouble.NoStop),
        new(Spoken.Faded, Said.Of("note-rule.faded"), Verdict.StopNow, Said.Of("note-rule.faded-cool-and-look"), Said.Of("note-rule.fade-ends-the-session")),
        new(Spoken.SinkingPedal, Said.Of("note-rule.sinking-pedal"), Verdict.StopNow, Said.Of("stop-or-go.pedal-sinks-creeps-car"),
            Said.Of("stop-or-go.sinking-pedal-stops-driving"), Leaves: Trouble.SinkingPedal),
        new(Spoken.SoftPedal, Said.Of("note-rule.soft-pedal"), Verdict.StopNow, Said.Of("stop-or-go.soft-long-when-hot"),
            Said.Of("stop-or-go.after-soft-hot-pedal"), Leaves: Trouble.SoftPedal),
        new(Spoken.Cracked, Said.Of("note-rule.cracked"), Verdict.StopNow, Said.Of("note-rule.cracked-until-measured"),
            Said.Of("note-rule.cracks-are-measured"), Leaves: Trouble.CrackedRotor),
        Like(Spoken.WheelPlay, Said.Of("note-rule.wheel-play"), CornerMark.WheelPlay, Trouble.WheelPlay),
        Like(Spoken.Loose, Said.Of("note-rule.loose"), CornerMark.HardwareLoose, Trouble.LooseHardware),
        Like(Spoken.BadHose, Said.Of("note-rule.bad-hose"), CornerMark.HoseBad, Trouble.BadHose),
        Like(Spoken.Grinding, Said.Of("note-rule.grinding"), Entries.Sign.Grinding, Trouble.Grinding),
        new(Spoken.Knock, Said.Of("note-rule.knock"), Verdict.ChangeBefore, Said.Of("note-rule.knock-is-found-first"), Said.Of("mark-rule.play-stops-driving")),
        Like(Spoken.Stuck, Said.Of("note-rule.stuck"), Entries.Sign.StuckAfterStanding),
        Like(Spoken.Smoke, Said.Of("note-rule.smoke"), Entries.Sign.Smoke),
        Like(Spoken.Pull, Said.Of("note-rule.pull"), Entries.Sign.Pull),
        Like(Spoken.RearLocks, Said.Of("note-rule.rear-locks"), Entries.Sign.BalanceWanders),
        Like(Spoken.Smell, Said.Of("note-rule.smell"), Entries.Sign.Smell),
        Like(Spoken.Judder, Said.Of("note-rule.judder"), Entries.Sign.Judder),
        Like(Spoken.Squeal, Said.Of("note-rule.squeal"), Entries.Sign.Squeal),
        new(Spoken.WornOut, Said.Of("note-rule.worn-out"), Verdict.StopNow, Said.Of("note-rule.worn-out-until-measured"),
            Said.Of("stop-or-go.pad-plate-stops-driving"), Leaves: Trouble.WornPads),
        Like(Spoken.WarningLight, Said.Of("note-rule.warning-light"), Entries.Sign.WarningLight, Trouble.WarningLight),
        Like(Spoken.AbsLight, Said.Of("note-rule.abs-light"), Entries.Sign.AbsLight),
        Like(Spoken.Glowed, Said.Of("note-rule.glowed"), Entries.Sign.Glow),
        new(Spoken.LowLevel, Said.Of("note-rule.low-level"), Verdict.ChangeBefore, Said.Of("note-rule.measure-before-topping-up"),
            Said.Of("stop-or-go.low-level-explained-leak")),
        Like(Spoken.DarkFluid, Said.Of("note-rule.dark-fluid"), Entries.Sign.DarkFluid),
        new(Spoken.NoAssist, Said.Of("note-rule.no-assist"), Verdict.StopNow, Said.Of("note-rule.test-the-booster"), Said.Of("note-rule.no-booster-no-drive"),
            Leaves: Trouble.NoAssist),
        new(Spoken.WrongFluid, Said.Of("note-rule.wrong-fluid"), Verdict.StopNow, Said.Of("note-rule.drain-and-renew-seals"),
            Said.Of("note-rule.seals-know-one-fluid"), Leaves: Trouble.WrongFluid),
        new(Spoken.BurntBoot, Said.Of("note-rule.burnt-boot"), Verdict.ChangeBefore, Said.Of("stop-or-go.torn-burnt-dust-boot"),
            Said.Of("stop-or-go.torn-boots-changed")),
        new(Spoken.WeakHandbrake, Said.Of("note-rule.weak-handbrake"), Verdict.ChangeBefore, Said.Of("note-rule.chock-and-adjust"),
            Said.Of("note-rule.parked-car-stays")),
        new(Spoken.Oiled, Said.Of("note-rule.oiled"), Verdict.StopNow, Said.Of("note-rule.oiled-pads-are-thrown-away"),
            Said.Of("note-rule.oil-takes-the-friction"), Leaves: Trouble.OiledFace),
        new(Spoken.WornRotor, Said.Of("note-rule.worn-rotor"), Verdict.StopNow, Said.Of("note-rule.other-rotors-first"),
            Said.Of("stop-or-go.below-service-limit-discarded"), Leaves: Trouble.ThinRotor),
        new(Spoken.WetFluid, Said.Of("note-rule.wet-fluid"), Verdict.ChangeBefore, Said.Of("note-rule.flush-and-enter-reading"),
            Said.Of("note-rule.water-is-measured")),
        new(Spoken.Unclear, Said.Of("note-rule.unclear"), Verdict.ChangeBefore, Said.Of("note-rule.unclear-is-found-out"),
            Said.Of("note-rule.unclear-is-no-fine")),
        new(Spoken.Unread, Said.Of("note-rule.unread"), Verdict.Watch, Said.Of("note-rule.unread-is-told"), Said.Of("note-rule.unclear-is-no-fine")),
        new(Spoken.InWords, Said.Of("note-rule.in-words"), Verdict.Watch, Said.Of("note-rule.enter-what-was-measured"),
            Said.Of("note-rule.words-are-no-measurement")),
        Like(Spoken.AbsEarly, Said.Of("note-rule.abs-early"), Entries.Sign.AbsEarly),
        Like(Spoken.CaliperBurnt, Said.Of("note-rule.caliper-burnt"), CornerMark.CaliperBrown),
    ];

    /// <summary>The findings of a note.</summary>
    /// <param name="spoken">What it speaks of.</param>
    /// <param name="ticked">Signs that were ticked: they have their own findings.</param>
    internal static IEnumerable<Finding> Findings(IReadOnlyList<Spoken> spoken, IReadOnlyList<Sign> ticked) =>
        All.Where(rule => spoken.Contains(rule.Of) && !(rule.Sign is { } sign && ticked.Contains(sign)))
            .Select(rule => new Finding(Said.Of("stop-or-go.your-note"), rule.Verdict, rule.Told(), rule.Rule, Finding.Trade));

    // What nobody understood, and what was not entered, does not count as seen; what leaves a trouble stops the car in every room.
    private Said Told() => Of is Spoken.Unread or Spoken.InWords ? Said.Of("note-rule.speaks-unread", Name, Sentence)
        : Leaves is null ? Said.Of("note-rule.speaks-of", Name, Sentence) : Said.Of("note-rule.stops-everywhere", Name, Sentence);

    private static NoteRule Like(Spoken of, Said name, Sign sign, Trouble? leaves = null)
    {
        var rule = SignRule.All.First(row => row.Sign == sign);
        return new NoteRule(of, name, rule.Verdict, rule.Sentence, rule.Rule, sign, leaves);
    }

    private static NoteRule Like(Spoken of, Said name, CornerMark mark, Trouble? leaves = null)
    {
        var rule = MarkRule.All.First(row => row.Mark == mark);
        return new NoteRule(of, name, rule.Verdict, rule.Sentence, rule.Rule, Leaves: leaves);
    }
}
