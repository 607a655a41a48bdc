using Rimrock.Contract;
using Rimrock.Core.Beliefs;
using Rimrock.Core.Circuits;
using Rimrock.Core.Driving;
using Rimrock.Core.Fitting;
using Rimrock.Core.Fluids;
using Rimrock.Core.Friction;
using Rimrock.Core.Quantities;
using Rimrock.Core.Rotors;
using Rimrock.Core.Vehicles;
using Rimrock.Storage;

namespace Rimrock.Web.Shelf;

/// <summary>Everything a page needs to offer choices: the shelf, the tables of kinds, and the range of every field.</summary>
/// <param name="Content">The shelf.</param>
/// <param name="Tyres">Kinds of tyre.</param>
/// <param name="Paces">Paces.</param>
/// <param name="PadFamilies">Pad families.</param>
/// <param name="FluidClasses">Fluid classes.</param>
/// <param name="RoadDuties">What a car does away from the track.</param>
/// <param name="ProvingGround">Places that need no map.</param>
/// <param name="Ranges">Range of every numeric field of a plan.</param>
/// <param name="ThinEnoughForAbsMm2S">Viscosity in frost that the valves of electronics stand, mm2/s.</param>
public sealed record ShelfAnswer(
    ShelfContent Content,
    IReadOnlyList<Tyre> Tyres,
    IReadOnlyList<Pace> Paces,
    IReadOnlyList<PadFamily> PadFamilies,
    IReadOnlyList<FluidClass> FluidClasses,
    IReadOnlyList<DutyChoice> RoadDuties,
    IReadOnlyList<Circuit> ProvingGround,
    IReadOnlyList<FieldRange> Ranges,
    double ThinEnoughForAbsMm2S);

/// <summary>A road duty to choose.</summary>
/// <param name="Code">Stable code.</param>
/// <param name="Name">What a driver calls it.</param>
public sealed record DutyChoice(string Code, Said Name);

/// <summary>What a save returns.</summary>
/// <param name="Id">The item.</param>
/// <param name="Revision">Its new revision.</param>
public sealed record Saved(string Id, int Revision);

/// <summary>The Shelf room's endpoints.</summary>
public static class ShelfEndpoints
{
    /// <summary>Maps them.</summary>
    public static void MapShelf(this RouteGroupBuilder group)
    {
        group.MapGet("/", (ShelfStore store) => TypedResults.Ok(new ShelfAnswer(
                store.Read(), Tyre.All, Pace.All, PadFamilies.All, FluidClass.All,
                [.. RoadDuty.All.Select(duty => new DutyChoice(duty.Code, duty.Name))], [.. ProvingGround.All.Select(PartNames.Told)],
                [.. PredictionPlan.Ranges, .. Observation.Ranges, .. Wishes.Ranges, .. Pad.Ranges, .. BrakeFluid.Ranges, .. LineKit.Ranges,
                    .. DuctKit.Ranges], BrakeFluid.ThinEnoughForAbsMm2S)))
            .WithName("readShelf")
            .WithSummary("Everything on the shelf, the tables of kinds and the range of every field.");
        group.MapGet("/cars/guess", (string name, double massKg, double powerKw, string tyre, bool motorcycle = false) =>
                TypedResults.Ok(PartNames.Told(motorcycle ? CarGuess.Motorcycle(name, massKg, powerKw, tyre) : CarGuess.From(name, massKg, powerKw, tyre))))
            .WithName("guessCar")
            .WithSummary("A whole car or motorcycle from name, mass, power and tyre.")
            .ProducesProblem(StatusCodes.Status400BadRequest);
        MapPart<CarEntry>(group, "car");
        MapPart<Circuit>(group, "circuit");
        MapPart<Pad>(group, "pad");
        MapPart<Rotor>(group, "rotor");
        MapPart<BrakeFluid>(group, "fluid");
        MapPart<LineKit>(group, "line");
        MapPart<DuctKit>(group, "duct");
        group.MapPost("/{kind}/{id}/archive", (string kind, string id, int revision, bool archived, ShelfStore store) =>
            {
                if (!ShelfStore.Kinds.Contains(kind))
                {
                    throw new InputFaultException([new InputFault("kind", kind.Length > 20 ? kind[..20] : kind, string.Join(", ", ShelfStore.Kinds),
                        "No such kind of thing on the shelf.")]);
                }

                return TypedResults.Ok(new Saved(id, store.Archive(kind, CheckId(id), archived, revision)));
            })
            .WithName("archivePart")
            .WithSummary("Takes something off what is offered, or puts it back; what refers to it still finds it.")
            .ProducesProblem(StatusCodes.Status400BadRequest)
            .ProducesProblem(StatusCodes.Status409Conflict);
    }

    private static void MapPart<T>(RouteGroupBuilder group, string word)
        where T : class
    {
        var kind = BodyKind.Of<T>();
        group.MapPut($"/{kind.Code}/{{id}}", (string id, int revision, T body, ShelfStore store) =>
            {
                InputFaultException.ThrowIfAny(kind.FaultsOf(body));
                return TypedResults.Ok(new Saved(id, store.Save(kind.Code, CheckId(id), kind.NameOf(body), body, revision)));
            })
            .WithName($"save{char.ToUpperInvariant(word[0])}{word[1..]}")
            .WithSummary($"Stores an own {word}; revision is the one the edit started from, 0 for a new one.")
            .ProducesProblem(StatusCodes.Status400BadRequest)
            .ProducesProblem(StatusCodes.Status409Conflict);
    }

    private static string CheckId(string id)
    {
        var faults = new List<InputFault>();
        Names.Check(id, "id", faults);
        InputFaultException.ThrowIfAny(faults);
        return id;
    }
}
