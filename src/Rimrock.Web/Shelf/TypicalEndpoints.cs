using Rimrock.Core.Driving;
using Rimrock.Core.Fitting;
using Rimrock.Core.Fluids;
using Rimrock.Core.Friction;
using Rimrock.Core.Quantities;
using Rimrock.Core.Rotors;
using Rimrock.Core.Vehicles;
using Rimrock.Telling;

namespace Rimrock.Web.Shelf;

/// <summary>Parts as they usually are, for one car: to be copied, and then the driver's own.</summary>
/// <param name="Pads">One of each family that goes with the car's rotors.</param>
/// <param name="Rotors">Of the car's own size.</param>
/// <param name="Fluids">By class, and as good ones usually are.</param>
/// <param name="Lines">Hoses.</param>
/// <param name="Ducts">Ducts.</param>
/// <param name="Calipers">Caliper kits.</param>
public sealed record TypicalParts(IReadOnlyList<Pad> Pads, IReadOnlyList<Rotor> Rotors, IReadOnlyList<BrakeFluid> Fluids, IReadOnlyList<LineKit> Lines,
    IReadOnlyList<DuctKit> Ducts, IReadOnlyList<CaliperKit> Calipers);

/// <summary>Typical parts, to be looked at and copied.</summary>
public static class TypicalEndpoints
{
    private static readonly Offer Nothing = new([], [], [], [], []);

    /// <summary>Maps them.</summary>
    public static void MapTypical(this RouteGroupBuilder group) =>
        group.MapPost("/", (PredictionPlan plan) =>
            {
                InputFaultException.ThrowIfAny(plan.Faults());
                var offer = TypicalShelf.With(plan, Nothing, new Wishes(), said => Teller.Text(said));
                static IReadOnlyList<T> Bodies<T>(IReadOnlyList<Part<T>>? parts)
                    where T : class => [.. (parts ?? []).Select(part => part.Body)];
                return TypedResults.Ok(new TypicalParts(Bodies(offer.Pads), Bodies(offer.Rotors), Bodies(offer.Fluids), Bodies(offer.Lines),
                    Bodies(offer.Ducts), Bodies(offer.Kits)));
            })
            .WithName("typicalParts")
            .WithSummary("Parts as they usually are for a plan's car, with wide bands: no product's, to be copied and edited.")
            .ProducesProblem(StatusCodes.Status400BadRequest);
}
