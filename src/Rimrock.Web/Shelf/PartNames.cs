using Rimrock.Core.Circuits;
using Rimrock.Core.Quantities;
using Rimrock.Core.Rotors;
using Rimrock.Core.Vehicles;
using Rimrock.Telling;

namespace Rimrock.Web.Shelf;

/// <summary>Gives what ships without a maker a name that a person reads; from then on it is theirs to change.</summary>
internal static class PartNames
{
    public static CarGuess Told(CarGuess guess) => guess with { FrontRotor = Told(guess.FrontRotor), RearRotor = Told(guess.RearRotor) };

    public static Circuit Told(Circuit circuit) => circuit with { Name = Teller.Text(Said.Of(circuit.Name)) };

    public static Circuit Told(TypicalCircuit typical) => typical.Circuit with { Name = Teller.Text(typical.Name) };

    private static Rotor Told(Rotor rotor) => rotor with { Name = Teller.Text(Said.Of(rotor.Name)) };
}
