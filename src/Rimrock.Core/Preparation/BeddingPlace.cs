namespace Rimrock.Core.Preparation;

/// <summary>Where the pads are bedded.</summary>
public enum BeddingPlace
{
    /// <summary>A closed course, by a few hard stops from high speed.</summary>
    ClosedCourse,

    /// <summary>Gently on the way, street pads only: light stops that stay in the flow of traffic.</summary>
    GentleStreet,

    /// <summary>They come bedded: only cooling and checks.</summary>
    PreBedded,

    /// <summary>A closed course, by many gentle stops.</summary>
    ManyGentle,
}
