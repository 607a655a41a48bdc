namespace Rimrock.Telling.Words;

/// <summary>What the engine's room Beliefs says.</summary>
internal static class BeliefsWords
{
    internal static readonly (string Code, string Words)[] Rows =
    [
        ("learning.0-observations", "0 observations"),
        ("learning.least-one", "at least one"),
        ("learning.nothing-learn", "There is nothing to learn from."),
        ("learnt.nothing-car-could-explains",
            "Nothing this car could be explains what was seen: either an observation is wrong or the model is. The band stays as it was before."),
        ("learnt.seen-explained-about-ways", "What was seen is explained by about {0:0} of {1} ways this car could be"),
        ("learnt.few-so-take-band", "{0}: few, so take the band as a hint and look again."),
        ("learnt.backed", "{0}."),
        ("learnt.once", "once"),
        ("learnt.twice", "twice"),
        ("learnt.times", "{0} times"),
        ("learnt.after-looking-closer", "{0}, after looking closer {1}."),
        ("observation.1", "1 to {0}"),
        ("observation.plan-no-such-session", "The plan has no such session."),
        ("observation.threshold-passed-one-not", "a threshold passed, one not passed, or both"),
        ("observation.paint-sticker-says-least", "A paint or sticker says at least one of the two."),
        ("observation.above", "above {0:0.#}"),
        ("observation.not-passed-lies-above", "What was not passed lies above what was passed."),
    ];
}
