using System.Globalization;

namespace Rimrock.Core.Quantities;

/// <summary>The allowed range of one numeric input: what a person may type, with its unit.</summary>
/// <param name="Field">Path of the field in a plan, such as <c>car.massKg</c>.</param>
/// <param name="Unit">SI or customary unit of the stored value; empty for a bare ratio.</param>
/// <param name="Min">Smallest allowed value, inclusive.</param>
/// <param name="Max">Largest allowed value, inclusive.</param>
/// <param name="Called">Code of what it is called, where several ranges stand at one path.</param>
public sealed record FieldRange(string Field, string Unit, double Min, double Max, string? Called = null)
{
    /// <summary>What a driver calls it: told by its code, or its path.</summary>
    public Said Label => Said.Of(Called ?? Field);

    /// <summary>The range in words, such as <c>400 to 4000 kg</c>.</summary>
    public Said Allowed => Said.Of("field-range.to", Figure.Range(Min, Max, Unit));

    /// <summary>Adds a fault to <paramref name="faults"/> when the value is no number or out of range.</summary>
    /// <param name="value">The value typed.</param>
    /// <param name="faults">Receives the fault.</param>
    /// <param name="field">The path to report when the same range serves several fields (a list's entries).</param>
    public void Check(double value, ICollection<InputFault> faults, string? field = null)
    {
        ArgumentNullException.ThrowIfNull(faults);
        if (!(value >= Min && value <= Max))
        {
            faults.Add(new InputFault(field ?? Field, value.ToString("0.######", CultureInfo.InvariantCulture), Allowed,
                Said.Of("field-range.must", Label, Allowed)));
        }
    }
}

/// <summary>One thing wrong with an input: which field or line, what stood there, what is allowed.</summary>
/// <param name="Field">The field's path or the line, such as <c>line 14</c>.</param>
/// <param name="Value">What was given.</param>
/// <param name="Allowed">The allowed range or form.</param>
/// <param name="Message">A sentence for the person who typed it.</param>
public sealed record InputFault(string Field, Said Value, Said Allowed, Said Message);

/// <summary>Raised when an input is refused; carries every fault found, not just the first.</summary>
public sealed class InputFaultException : Exception
{
    /// <summary>Makes the exception from the faults found.</summary>
    public InputFaultException(IReadOnlyList<InputFault> faults)
        : base(string.Join(" ", faults.Select(fault => Text($"{fault.Field}: {fault.Message}"))))
    {
        Faults = faults;
    }

    /// <summary>All faults, in the order found.</summary>
    public IReadOnlyList<InputFault> Faults { get; }

    /// <summary>Raises when there is any fault.</summary>
    public static void ThrowIfAny(IReadOnlyList<InputFault> faults)
    {
        ArgumentNullException.ThrowIfNull(faults);
        if (faults.Count > 0)
        {
            throw new InputFaultException(faults);
        }
    }
}
