using Rimrock.Core.Circuits;
using Rimrock.Core.Entries;
using Rimrock.Core.Fluids;
using Rimrock.Core.Friction;
using Rimrock.Core.Preparation;
using Rimrock.Core.Quantities;
using Rimrock.Core.Rotors;
using Rimrock.Core.Vehicles;

namespace Rimrock.Contract;

/// <summary>A kind of thing that is kept: its type, and the faults that saving it is checked by. Restoring and reading ask the same.</summary>
/// <param name="Code">The table's word.</param>
/// <param name="OfLog">True for an entry of the log, false for a thing on the shelf.</param>
/// <param name="Type">Its type.</param>
/// <param name="FaultsOf">What is wrong with one.</param>
/// <param name="NameOf">Its name for lists.</param>
/// <param name="DayOf">The day that stands in its body; null where none does.</param>
public sealed record BodyKind(string Code, bool OfLog, Type Type, Func<object, IReadOnlyList<InputFault>> FaultsOf, Func<object, string> NameOf, Func<object,
    DateOnly?> DayOf)
{
    /// <summary>All of them.</summary>
    public static IReadOnlyList<BodyKind> All { get; } =
    [
        Shelf<CarEntry>("cars", (entry, faults) => entry.Faults().ToList().ForEach(faults.Add), entry => entry.Car.Name),
        Shelf<Circuit>("circuits", (circuit, faults) => circuit.Check(faults), circuit => circuit.Name),
        Shelf<Pad>("pads", (pad, faults) => pad.Check("pad", faults), pad => pad.Name),
        Shelf<Rotor>("rotors", (rotor, faults) => rotor.Check("rotor", faults), rotor => rotor.Name),
        Shelf<BrakeFluid>("fluids", (fluid, faults) => fluid.Check("fluid", faults), fluid => fluid.Name),
        Shelf<LineKit>("lines", (lines, faults) => lines.Check("line", faults), lines => lines.Name),
        Shelf<DuctKit>("ducts", (duct, faults) => duct.Check("duct", faults), duct => duct.Name),
        Shelf<CaliperKit>("calipers", (kit, faults) => kit.Check("caliper", faults), kit => kit.Name),
        Shelf<MasterCylinder>("cylinders", (cylinder, faults) => cylinder.Check("cylinder", faults), cylinder => cylinder.Name),
        Shelf<Bracket>("brackets", (pair, faults) => pair.Check("bracket", faults), pair => pair.Name),
        Log<LogSession>("session", session => session.Faults(), session => session.Plan.Circuit.Name, session => session.Date),
        Log<InspectionNote>("inspection", note => [.. note.Inspection.Faults(), .. note.Plan.Faults()], _ => "inspection", note => note.Inspection.Date),
        Log<SeasonEvent>("event", item => item.Faults(), item => item.Name, item => item.Date),
        Log<PaintKit>("kit", kit => kit.Faults(), kit => kit.Name, _ => null),
        Log<WorkTicks>("work", ticks => ticks.Faults(), _ => "work order", _ => null),
    ];

    /// <summary>The kind of a type.</summary>
    public static BodyKind Of<T>() => All.Single(kind => kind.Type == typeof(T));

    /// <summary>The kind of a table's word, or null.</summary>
    public static BodyKind? Find(string code, bool ofLog) => All.FirstOrDefault(kind => kind.Code == code && kind.OfLog == ofLog);

    private static BodyKind Shelf<T>(string code, Action<T, ICollection<InputFault>> check, Func<T, string> nameOf)
        where T : class => new(code, false, typeof(T), body =>
        {
            var faults = new List<InputFault>();
            check((T)body, faults);
            return faults;
        }, body => nameOf((T)body), _ => null);

    private static BodyKind Log<T>(string code, Func<T, IReadOnlyList<InputFault>> faultsOf, Func<T, string> nameOf, Func<T, DateOnly?> dayOf)
        where T : class => new(code, true, typeof(T), body => faultsOf((T)body), body => nameOf((T)body), body => dayOf((T)body));
}
