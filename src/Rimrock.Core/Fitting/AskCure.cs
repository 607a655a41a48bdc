using Rimrock.Core.Driving;
using Rimrock.Core.Limits;

namespace Rimrock.Core.Fitting;

/// <summary>What else a day needs where pads and fluid alone are not enough, by the limit that still gives (common practice).</summary>
internal static class AskCure
{
    /// <summary>Of a limit; nothing where there is nothing to say.</summary>
    /// <param name="limit">Its code.</param>
    /// <param name="isRareBottle">True where a better bottle is hardly sold.</param>
    /// <param name="on">The plan of the day it gives on.</param>
    public static Said? Of(string? limit, bool isRareBottle, PredictionPlan on) => limit switch
    {
        LimitCode.FrontFluid or LimitCode.RearFluid when !isRareBottle => null,
        LimitCode.FrontFace => Said.Of("ask-cure.front-face", LessHeat.WithAir(on)),
        LimitCode.RearFace => Said.Of("ask-cure.rear-face"),
        LimitCode.FrontCracks => Said.Of("ask-cure.front-cracks", LessHeat.WithAir(on)),
        LimitCode.FrontCracksThrough => Said.Of("ask-cure.front-cracks-through"),
        LimitCode.FrontBoots => Said.Of("ask-cure.front-boots", LessHeat.WithAir(on)),
        LimitCode.FrontSealsGone => Said.Of("ask-cure.front-seals-gone", LessHeat.WithAir(on)),
        LimitCode.FrontWear => Said.Of("ask-cure.front-wear"),
        LimitCode.FrontWornThrough => Said.Of("ask-cure.front-worn-through"),
        LimitCode.RearWear => Said.Of("ask-cure.rear-wear"),
        LimitCode.RearWornThrough => Said.Of("ask-cure.rear-worn-through"),
        LimitCode.RearLocksFirst => Said.Of("ask-cure.rear-locks-first"),
        LimitCode.LineFluid => Said.Of("ask-cure.line-fluid"),
        LimitCode.FrontBurning => Said.Of("ask-cure.front-burning"),
        LimitCode.FrontSeals => Said.Of("ask-cure.front-seals", LessHeat.WithAir(on)),
        LimitCode.FrontCone => Said.Of("ask-cure.front-cone"),
        LimitCode.FrontGrease => Said.Of("ask-cure.front-grease", LessHeat.WithAir(on)),
        LimitCode.MissedStop => Said.Of("ask-cure.missed-stop", LessHeat.Of(on)),
        LimitCode.FrontFluid => Said.Of("ask-cure.front-fluid", LessHeat.WithAir(on)),
        LimitCode.RearFluid => Said.Of("ask-cure.rear-fluid"),
        _ => null,
    };
}
