namespace Rimrock.Core.Entries;

/// <summary>What a look or a hand finds at a corner: each has a rule, and what is not ticked counts as not looked at.</summary>
public enum CornerMark
{
    /// <summary>A wheel that has play when it is rocked.</summary>
    WheelPlay,

    /// <summary>Fluid at caliper, hose or the inside of the tyre.</summary>
    Wet,

    /// <summary>A hose that is cracked, chafed or swollen.</summary>
    HoseBad,

    /// <summary>Friction material loose on its plate, cracked through or crumbling.</summary>
    PadLoose,

    /// <summary>A bolt, nut, clip or bobbin that is loose or missing.</summary>
    HardwareLoose,

    /// <summary>The edge of a carbon disc chipped.</summary>
    CarbonChipped,

    /// <summary>A backing plate that is bent or blue.</summary>
    PlateHot,

    /// <summary>A piston that does not move by hand.</summary>
    PistonStuck,

    /// <summary>A slider that does not move by hand.</summary>
    SliderStuck,

    /// <summary>A wheel that turns hard by hand.</summary>
    Drags,

    /// <summary>Pads rusted to the rotor after standing.</summary>
    RustedOn,

    /// <summary>The inner face scored or eaten by rust.</summary>
    InnerFaceBad,

    /// <summary>Holes in the hat, or bobbins, worn oval.</summary>
    HatWorn,

    /// <summary>Holes of the rotor plugged with dust.</summary>
    HolesPlugged,

    /// <summary>Pads with a glassy face.</summary>
    Glazed,

    /// <summary>A caliper gone brown or blistered.</summary>
    CaliperBrown,

    /// <summary>Hose looked at over its whole length, and sound.</summary>
    HoseSound,

    /// <summary>Wheel rocked, and without play.</summary>
    WheelFirm,

    /// <summary>Both faces looked at, and sound.</summary>
    FacesSound,

    /// <summary>Every bolt, nut, clip and bobbin of the rotor looked at, and firm.</summary>
    HardwareFirm,
}
