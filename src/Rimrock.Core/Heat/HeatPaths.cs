namespace Rimrock.Core.Heat;

/// <summary>Where the heat of one wheel went since the start, J, and where it goes now, W, for each member.</summary>
public sealed class HeatPaths
{
    /// <summary>Put in by braking, by pads that drag and by what shines on the caliper.</summary>
    public Lane In { get; private set; }

    /// <summary>Lost from the faces and the rim to the air.</summary>
    public Lane Faces { get; private set; }

    /// <summary>Lost through the vanes to the air.</summary>
    public Lane Vanes { get; private set; }

    /// <summary>Radiated from the faces to the surroundings.</summary>
    public Lane Radiation { get; private set; }

    /// <summary>Lost through hat and hub.</summary>
    public Lane Hub { get; private set; }

    /// <summary>Lost from caliper and pad edges to the air.</summary>
    public Lane Caliper { get; private set; }

    /// <summary>All that left the wheel.</summary>
    public Lane Out => Faces + Vanes + Radiation + Hub + Caliper;

    /// <summary>The same paths during the last step, W.</summary>
    public Powers NowW { get; private set; }

    internal void Add(Lane seconds, Lane inW, Lane facesW, Lane vanesW, Lane radiationW, Lane hubW, Lane caliperW)
    {
        In += inW * seconds;
        Faces += facesW * seconds;
        Vanes += vanesW * seconds;
        Radiation += radiationW * seconds;
        Hub += hubW * seconds;
        Caliper += caliperW * seconds;
        NowW = new Powers(facesW, vanesW, radiationW, hubW, caliperW);
    }

    /// <summary>Heat leaving by each path, W.</summary>
    public readonly record struct Powers(Lane Faces, Lane Vanes, Lane Radiation, Lane Hub, Lane Caliper);
}
