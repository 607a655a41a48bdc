using Rimrock.Core.Fluids;
using Rimrock.Core.Vehicles;

namespace Rimrock.Core.Fitting;

/// <summary>A fluid with lines, as far as the search needs them.</summary>
internal sealed record Filling(Part<BrakeFluid> Fluid, Part<LineKit>? Lines, double VapourC, double SigmaK, double CostPerHour, double EffortHours, double Buy,
    double Swell = 0)
{
    /// <summary>About the chance that vapour shows at neither axle.</summary>
    public double Holds(double frontC, double frontSigma, double rearC, double rearSigma) =>
        (1 - ScreenChance.Exceeds(frontC, VapourC, Math.Sqrt((frontSigma * frontSigma) + (SigmaK * SigmaK))))
            * (1 - ScreenChance.Exceeds(rearC, VapourC, Math.Sqrt((rearSigma * rearSigma) + (SigmaK * SigmaK))));
}

/// <summary>What a search found before anything was looked at closely.</summary>
/// <param name="Front">The Pareto set.</param>
/// <param name="BestWith">The best setup that has a part, by kind and id.</param>
/// <param name="Examined">Setups weighed.</param>
/// <param name="Fillings">Fluids with lines that no other beats in everything.</param>
internal sealed record SearchResult(IReadOnlyList<(Objectives Objectives, Selection Selection)> Front, IReadOnlyDictionary<(string Kind, string Id),
    (Objectives Objectives, Selection Selection)> BestWith, long Examined, IReadOnlyList<Filling> Fillings);
