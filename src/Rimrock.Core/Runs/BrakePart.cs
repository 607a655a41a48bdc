namespace Rimrock.Core.Runs;

/// <summary>The temperatures that a prediction follows.</summary>
public enum BrakePart
{
    /// <summary>Front rubbing face, the hotter side.</summary>
    FrontFace,

    /// <summary>Rear rubbing face, the hotter side.</summary>
    RearFace,

    /// <summary>Temperature at which the front pad's chart is read.</summary>
    FrontChart,

    /// <summary>Temperature at which the rear pad's chart is read.</summary>
    RearChart,

    /// <summary>Mass mean of the front ring.</summary>
    FrontRotor,

    /// <summary>Mass mean of the rear ring.</summary>
    RearRotor,

    /// <summary>Middle of the hotter front pad.</summary>
    FrontPadCore,

    /// <summary>Middle of the hotter rear pad.</summary>
    RearPadCore,

    /// <summary>The hotter front backing plate.</summary>
    FrontPlate,

    /// <summary>The hotter rear backing plate.</summary>
    RearPlate,

    /// <summary>Front caliper body.</summary>
    FrontCaliper,

    /// <summary>Rear caliper body.</summary>
    RearCaliper,

    /// <summary>Fluid behind the front pistons.</summary>
    FrontFluid,

    /// <summary>Fluid behind the rear pistons.</summary>
    RearFluid,

    /// <summary>Front piston seals.</summary>
    FrontSeals,

    /// <summary>Rear piston seals.</summary>
    RearSeals,

    /// <summary>Front hub: its bearing's grease.</summary>
    FrontHub,

    /// <summary>Rear hub.</summary>
    RearHub,

    /// <summary>Dust boots at the front pistons.</summary>
    FrontBoots,

    /// <summary>Dust boots at the rear pistons.</summary>
    RearBoots,
}
