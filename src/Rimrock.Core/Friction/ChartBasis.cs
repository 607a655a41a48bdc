namespace Rimrock.Core.Friction;

/// <summary>At what temperature a friction chart was drawn; makers rarely say.</summary>
public enum ChartBasis
{
    /// <summary>Not stated: read half-way between the embedded and the rubbing temperature (see <see cref="ChartTemperature"/>).</summary>
    Unknown,

    /// <summary>A thermocouple under the face, read before the stop.</summary>
    InitialEmbedded,

    /// <summary>A thermocouple about 0.5 mm under the face, read in the stop.</summary>
    InStopEmbedded,

    /// <summary>The rubbing face itself.</summary>
    Rubbing,
}

/// <summary>Which predicted temperature a chart of a given basis is read at.</summary>
public static class ChartTemperature
{
    /// <summary>Depth of the embedded thermocouple, m (common practice on dynamometers).</summary>
    public const double EmbeddedDepthM = 0.5e-3;

    /// <summary>What an unstated basis adds to the embedded temperature, K; spread +-40 K (engineering judgement).</summary>
    public const double UnknownBasisK = 30;

    /// <summary>The temperature to read the chart at, C.</summary>
    /// <param name="basis">The chart's basis.</param>
    /// <param name="initialC">Near-face temperature when the stop began, C.</param>
    /// <param name="embeddedC">Temperature 0.5 mm under the face now, C.</param>
    /// <param name="faceC">Rubbing-face temperature now, C.</param>
    /// <param name="unknownK">What an unstated basis adds to the embedded temperature, K; never above the face.</param>
    public static Lane Read(ChartBasis basis, Lane initialC, Lane embeddedC, Lane faceC, Lane unknownK) => basis switch
    {
        ChartBasis.InitialEmbedded => initialC,
        ChartBasis.InStopEmbedded => embeddedC,
        ChartBasis.Rubbing => faceC,
        _ => Lanes.MinNative(Lanes.MaxNative(faceC, embeddedC), embeddedC + unknownK),
    };
}
