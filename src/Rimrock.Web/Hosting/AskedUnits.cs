using Rimrock.Core.Quantities;
using Rimrock.Telling;

namespace Rimrock.Web.Hosting;

/// <summary>The units that an address asks an export in.</summary>
internal static class AskedUnits
{
    /// <summary>Metric or imperial, in small or capital letters; metric where nothing is asked, and a fault for anything else.</summary>
    public static UnitSystem Of(string? units) => units?.ToUpperInvariant() switch
    {
        null or "METRIC" => UnitSystem.Metric,
        "IMPERIAL" => UnitSystem.Imperial,
        _ => throw new InputFaultException([new InputFault("units", units, "metric, imperial", "There are no such units.")]),
    };
}
