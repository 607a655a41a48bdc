
namespace Rimrock.Core.Runs;

/// <summary>Raised where a day leads out of the range in which the laws of the model hold: there is no figure to show.</summary>
/// <param name="faults">Which part passes which end, and what to do.</param>
public sealed class BeyondModelException(IReadOnlyList<InputFault> faults) : Exception(string.Join(" ", faults.Select(fault => fault.Message)))
{
    /// <summary>Which part passes which end, and what to do.</summary>
    public IReadOnlyList<InputFault> Faults { get; } = faults;
}
