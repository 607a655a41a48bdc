using System.Text.Json;
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
/// <param name="DayKinds">Kinds of day that a car may see.</param>
/// <param name="ProvingGround">Places that need no map.</param>
/// <param name="TypicalCircuits">Circuits as their kinds usually are, of straights and corners.</param>
/// <param name="Ranges">Range of every numeric field of a plan.</param>
/// <param name="ThinEnoughForAbsMm2S">Viscosity in frost that the valves of electronics stand, mm2/s.</param>
public sealed record ShelfAnswer(
    ShelfContent Content,
    IReadOnlyList<Tyre> Tyres,
    IReadOnlyList<Pace> Paces,
    IReadOnlyList<PadFamily> PadFamilies,
    IReadOnlyList<FluidClass> FluidClasses,
    IReadOnlyList<DayChoice> DayKinds,
    IReadOnlyList<Circuit> ProvingGround,
    IReadOnlyList<Circuit> TypicalCircuits,
    IReadOnlyList<FieldRange> Ranges,
    double ThinEnoughForAbsMm2S);

/// <summary>A kind of day to choose, and what may be said of it.</summary>
/// <param name="Code">Its code.</param>
/// <param name="Name">What a driver calls it.</param>
/// <param name="Many">What a driver calls several of them.</param>
/// <param name="Shape">Laps, runs or road.</param>
/// <param name="UsualDays">How often a year where it is taken up.</param>
/// <param name="UsualStint">Its sessions or runs where the day does not say its own; null where it has none of its own.</param>
/// <param name="OwnStint">True where its sessions or runs may be said.</param>
/// <param name="Place">True where it may be driven at the plan's circuit instead of the usual course.</param>
/// <param name="Haul">True where the speed of its hauls may be said.</param>
/// <param name="Trailer">True where a trailer may be said.</param>
/// <param name="Slope">True where height, slope and gear may be said.</param>
public sealed record DayChoice(string Code, Said Name, Said Many, DayShape Shape, double UsualDays, StintPlan? UsualStint, bool OwnStint, bool Place, bool Haul,
    bool Trailer, bool Slope)
{
    /// <summary>The choice of a kind.</summary>
    public static DayChoice Of(DayKind kind)
    {
        ArgumentNullException.ThrowIfNull(kind);
        bool Asks(DayFields field) => kind.Asks.HasFlag(field);
        return new DayChoice(kind.Code, kind.Name, kind.Many, kind.Shape, kind.UsualDays, kind.UsualStint, Asks(DayFields.Stint), Asks(DayFields.Place),
            Asks(DayFields.Haul), Asks(DayFields.Trailer), Asks(DayFields.Slope));
    }
}

/// <summary>What a save returns.</summary>
/// <param name="Id">The item.</param>
/// <param name="Revision">Its new revision.</param>
public sealed record Saved(string Id, int Revision);

/// <summary>The Shelf room's endpoints.</summary>
public static class ShelfEndpoints
{
    // Names as bodies have them, with a small first letter: an address is bound by no such rule of its own.
    private static T Named<T>(string text, string field)
        where T : struct, Enum => Enum.GetValues<T>().Where(one => JsonNamingPolicy.CamelCase.ConvertName($"{one}") == text).Select(one => (T?)one)
            .FirstOrDefault() ?? throw new InputFaultException([new InputFault(field, text.Length > 40 ? text[..40] : text,
                string.Join(", ", Enum.GetNames<T>().Select(JsonNamingPolicy.CamelCase.ConvertName)), "No such kind.")]);

    /// <summary>Maps them.</summary>
    public static void MapShelf(this RouteGroupBuilder group)
    {
        group.MapGet("/", (ShelfStore store) => TypedResults.Ok(new ShelfAnswer(
                store.Read(), Tyre.All, Pace.All, PadFamilies.All, FluidClass.All,
                [.. DayKind.All.Select(DayChoice.Of)], [.. ProvingGround.All.Select(PartNames.Told)], [.. TypicalCircuit.All.Select(PartNames.Told)],
                [.. PredictionPlan.Ranges, .. Observation.Ranges, .. Wishes.Ranges, .. Pad.Ranges, .. BrakeFluid.Ranges, .. LineKit.Ranges,
                    .. DuctKit.Ranges, .. CaliperKit.Ranges, .. MasterCylinder.Ranges, .. Bracket.Ranges], BrakeFluid.ThinEnoughForAbsMm2S)))
            .WithName("readShelf")
            .WithSummary("Everything on the shelf, the tables of kinds and the range of every field.");
        group.MapGet("/cars/guess", (string name, double massKg, double powerKw, string tyre, bool motorcycle = false,
                string layout = "unknown", string body = "unknown", double? rotorMm = null, bool rearDrums = false, bool carbonDiscs = false) =>
            {
                var (known, built) = (Named<CarLayout>(layout, "layout"), Named<CarBody>(body, "body"));
                var guess = motorcycle ? CarGuess.Motorcycle(name, massKg, powerKw, tyre, rotorMm)
                    : CarGuess.From(name, massKg, powerKw, tyre, known, built, rotorMm);
                guess = carbonDiscs && !motorcycle ? guess.WithCarbonDiscs() : guess;
                return TypedResults.Ok(PartNames.Told(rearDrums && !motorcycle ? guess.WithRearDrums() : guess));
            })
            .WithName("guessCar")
            .WithSummary("A whole car or motorcycle from name, mass, power and tyre; a car more closely from its layout and its body.")
            .ProducesProblem(StatusCodes.Status400BadRequest);
        MapPart<CarEntry>(group, "car");
        MapPart<Circuit>(group, "circuit");
        MapPart<Pad>(group, "pad");
        MapPart<Rotor>(group, "rotor");
        MapPart<BrakeFluid>(group, "fluid");
        MapPart<LineKit>(group, "line");
        MapPart<DuctKit>(group, "duct");
        MapPart<CaliperKit>(group, "caliper");
        MapPart<MasterCylinder>(group, "cylinder");
        MapPart<Bracket>(group, "bracket");
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
