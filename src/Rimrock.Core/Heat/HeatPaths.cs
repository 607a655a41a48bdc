using Lane = System.Runtime.Intrinsics.Vector256<double>;

namespace Rimrock.Core.Heat;

/// <summary>Where the heat of one wheel went since the start, J, for four members.</summary>
public sealed class HeatPaths
{
    /// <summary>Put in by braking and by pads that drag.</summary>
    public Lane In { get; internal set; }

    /// <summary>Lost from the faces and the rim to the air.</summary>
    public Lane Faces { get; internal set; }

    /// <summary>Lost through the vanes to the air.</summary>
    public Lane Vanes { get; internal set; }

    /// <summary>Radiated from the faces to the surroundings.</summary>
    public Lane Radiation { get; internal set; }

    /// <summary>Lost through hat and hub.</summary>
    public Lane Hub { get; internal set; }

    /// <summary>Lost from caliper and pad edges to the air.</summary>
    public Lane Caliper { get; internal set; }

    /// <summary>All that left the wheel.</summary>
    public Lane Out => Faces + Vanes + Radiation + Hub + Caliper;
}
