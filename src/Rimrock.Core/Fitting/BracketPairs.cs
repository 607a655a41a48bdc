using Rimrock.Core.Driving;
using Rimrock.Core.Rotors;

namespace Rimrock.Core.Fitting;

/// <summary>Brackets of the shelf with the rotors that go under them: larger rotors under the car's own calipers, as one thing that can be chosen.</summary>
public static class BracketPairs
{
    private const string And = "+";

    /// <summary>What is on offer with every rotor of a bracket's size on it, for the calipers that are on the car.</summary>
    /// <param name="offer">What can be bought.</param>
    /// <param name="brackets">Brackets of the shelf.</param>
    /// <param name="plan">The plan with what is fitted.</param>
    /// <param name="name">What a rotor and its brackets are called.</param>
    public static Offer Offered(Offer offer, IReadOnlyList<Part<Bracket>> brackets, PredictionPlan plan, Func<Said, string> name)
    {
        ArgumentNullException.ThrowIfNull(offer);
        ArgumentNullException.ThrowIfNull(brackets);
        ArgumentNullException.ThrowIfNull(plan);
        ArgumentNullException.ThrowIfNull(name);
        return brackets.Count == 0 ? offer : offer with
        {
            Rotors = [.. offer.Rotors, .. brackets.Where(pair => Axles.Both.Any(axle => FitRules.Of(pair.Body, plan, axle) is null)).SelectMany(Under)],
        };

        IEnumerable<Part<Rotor>> Under(Part<Bracket> pair) => offer.Rotors
            .Where(rotor => rotor.Body.BracketForMm is null && Math.Abs(rotor.Body.OuterDiameterMm - pair.Body.ToMm) <= FitRules.SameDiameterMm)
            .Select(rotor => new Part<Rotor>(rotor.Id + And + pair.Id, rotor.Body with
            {
                Name = Called(rotor.Body.Name, pair.Body.Name),
                BracketForMm = pair.Body.FromMm,
                Bracket = pair.Body,
            }));

        // As long as a name may be.
        string Called(string rotor, string pair) => name(Said.Of("bracket.rotor-with", rotor, pair)) is var both && both.Length > Names.MostCharacters
            ? both[..Names.MostCharacters].TrimEnd() : both;
    }
}
