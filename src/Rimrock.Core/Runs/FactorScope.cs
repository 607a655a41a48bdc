namespace Rimrock.Core.Runs;

/// <summary>What a guess belongs to: what is learnt of it holds there and nowhere else.</summary>
public enum FactorScope
{
    /// <summary>The car: its air, its calipers, its electronics.</summary>
    Car,

    /// <summary>The front pads: their friction, their wear, their chart, what heat they let through.</summary>
    FrontPad,

    /// <summary>The rear pads.</summary>
    RearPad,

    /// <summary>The fluid's chemistry.</summary>
    Fluid,

    /// <summary>A driver on a circuit.</summary>
    Driver,
}
