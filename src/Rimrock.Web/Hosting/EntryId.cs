using Rimrock.Core.Quantities;

namespace Rimrock.Web.Hosting;

/// <summary>Ids of cars, entries and photos as they come in an address.</summary>
internal static class EntryId
{
    /// <summary>The id itself, or a fault that names its field.</summary>
    public static string Checked(string id, string field)
    {
        var faults = new List<InputFault>();
        Names.Check(id, field, faults);
        InputFaultException.ThrowIfAny(faults);
        return id;
    }
}
