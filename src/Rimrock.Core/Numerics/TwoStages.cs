namespace Rimrock.Core.Numerics;

/// <summary>Weights of the two stages in which a step is taken, see <see cref="ChainSolver"/>.</summary>
internal static class TwoStages
{
    internal const double Gamma = 0.29289321881345254;
    internal const double Ahead = (1 - Gamma) / Gamma;
}
