using Rimrock.Contract;
using Rimrock.Core.Circuits;
using Rimrock.Core.Fluids;
using Rimrock.Core.Friction;
using Rimrock.Core.Preparation;
using Rimrock.Core.Rotors;
using Rimrock.Core.Vehicles;

namespace Rimrock.Storage;

/// <summary>One thing on the shelf.</summary>
/// <typeparam name="T">What it is.</typeparam>
/// <param name="Id">Stable id.</param>
/// <param name="Origin">demo or own.</param>
/// <param name="Revision">Counts its edits from 1; an edit must name the one it started from.</param>
/// <param name="Body">The thing itself.</param>
/// <param name="Archived">True where it is offered no longer; what refers to it still finds it.</param>
/// <param name="Saved">When it was last saved, UTC by ISO 8601; null where nobody noted it.</param>
public sealed record ShelfItem<T>(string Id, string Origin, int Revision, T Body, bool Archived = false, string? Saved = null)
    where T : class;

/// <summary>Everything on the shelf.</summary>
/// <param name="Cars">Cars.</param>
/// <param name="Circuits">Circuits.</param>
/// <param name="Pads">Pads.</param>
/// <param name="Rotors">Rotors.</param>
/// <param name="Fluids">Fluids.</param>
/// <param name="Lines">Flexible lines.</param>
/// <param name="Ducts">Front brake ducts.</param>
/// <param name="Calipers">Caliper kits.</param>
/// <param name="Cylinders">Master cylinders.</param>
/// <param name="Brackets">Brackets that carry calipers over larger rotors.</param>
public sealed record ShelfContent(
    IReadOnlyList<ShelfItem<CarEntry>> Cars,
    IReadOnlyList<ShelfItem<Circuit>> Circuits,
    IReadOnlyList<ShelfItem<Pad>> Pads,
    IReadOnlyList<ShelfItem<Rotor>> Rotors,
    IReadOnlyList<ShelfItem<BrakeFluid>> Fluids,
    IReadOnlyList<ShelfItem<LineKit>> Lines,
    IReadOnlyList<ShelfItem<DuctKit>> Ducts,
    IReadOnlyList<ShelfItem<CaliperKit>> Calipers,
    IReadOnlyList<ShelfItem<MasterCylinder>> Cylinders,
    IReadOnlyList<ShelfItem<Bracket>> Brackets);

/// <summary>An item to be put on the shelf.</summary>
/// <param name="Kind">The table's word.</param>
/// <param name="Id">Its id.</param>
/// <param name="Name">Its name for lists.</param>
/// <param name="Body">The thing itself.</param>
public sealed record ShelfPut(string Kind, string Id, string Name, object Body);

/// <summary>What an import does to one item.</summary>
/// <param name="Kind">The table's word.</param>
/// <param name="Id">Its id.</param>
/// <param name="Name">Its name.</param>
/// <param name="Change">new, replaces or same.</param>
public sealed record ShelfChange(string Kind, string Id, string Name, string Change);

/// <summary>A row as it stood.</summary>
/// <param name="Name">Name.</param>
/// <param name="Origin">demo or own.</param>
/// <param name="Revision">Revision.</param>
/// <param name="Archived">1 where archived.</param>
/// <param name="Body">Content.</param>
/// <param name="Version">The form of its content.</param>
public sealed record ShelfRow(string Name, string Origin, long Revision, long Archived, string Body, long Version);

/// <summary>What stood in an item's place before an import.</summary>
/// <param name="Kind">The table's word.</param>
/// <param name="Id">Its id.</param>
/// <param name="ImportedRevision">Revision that the import gave it.</param>
/// <param name="Was">The row before; null where there was none.</param>
public sealed record ShelfBefore(string Kind, string Id, long ImportedRevision, ShelfRow? Was);

/// <summary>Raised when an item was changed by someone else since it was read.</summary>
/// <param name="id">The item.</param>
/// <param name="expected">Revision the edit started from.</param>
/// <param name="actual">Revision in the database.</param>
public sealed class RevisionConflictException(string id, long expected, long actual)
    : Exception($"{id} was changed in another window: it is at revision {actual}, your edit started from {expected}.");

/// <summary>Raised when an id is already another car's or kind's.</summary>
/// <param name="id">The id.</param>
public sealed class IdTakenException(string id) : Exception($"{id} is already the id of an entry of another car or kind.");
