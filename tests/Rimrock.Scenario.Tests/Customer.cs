using System.Text.Json;
using System.Text.Json.Serialization;
using Rimrock.Core.Driving;
using Rimrock.Core.Fitting;
using Rimrock.Core.Fluids;
using Rimrock.Core.Rotors;
using Rimrock.Core.Vehicles;

namespace Rimrock.Scenario.Tests;

/// <summary>A customer as a file: the car from what a driver knows of it, the use, and what a good technician must and must not say.</summary>
/// <param name="Who">The customer in words.</param>
/// <param name="Source">Where the advice stands: a published source, or common practice.</param>
/// <param name="Car">The car.</param>
/// <param name="Use">What it is used for.</param>
/// <param name="Must">What must come of it, see <see cref="Advice"/>.</param>
/// <param name="MustNot">What must not.</param>
/// <param name="Wishes">What matters to the driver; null for nothing in particular.</param>
/// <param name="InLongForm">True where it is asked in the long form only (RIMROCK_LONG=1).</param>
public sealed record Customer(string Who, string Source, CustomerCar Car, CustomerUse Use, IReadOnlyList<string> Must, IReadOnlyList<string> MustNot,
    Wishes? Wishes = null, bool InLongForm = false)
{
    private static readonly JsonSerializerOptions Json = new(JsonSerializerDefaults.Web)
    {
        UnmappedMemberHandling = JsonUnmappedMemberHandling.Disallow,
        RespectRequiredConstructorParameters = true,
        Converters = { new JsonStringEnumConverter(JsonNamingPolicy.CamelCase) },
    };

    private static string Folder => Path.Combine(AppContext.BaseDirectory, "Customers");

    public static IEnumerable<string> Files() => Directory.EnumerateFiles(Folder, "*.json").Select(file => Path.GetFileName(file)!).Order()
        .Where(file => !Read(file).InLongForm || Environment.GetEnvironmentVariable("RIMROCK_LONG") == "1");

    public static Customer Read(string file) => JsonSerializer.Deserialize<Customer>(File.ReadAllText(Path.Combine(Folder, file)), Json)!;

    /// <summary>The plan, as somebody makes it who knows no more of the car.</summary>
    public PredictionPlan Plan()
    {
        var guess = Car.Guess();
        return new PredictionPlan(guess.Car, ScenarioDay.Circuit(Use.Circuit), Use.Pace, Use.Stint ?? new StintPlan(), new Weather(Use.AmbientC),
            ScenarioDay.Pad(Car.FrontPad), ScenarioDay.Pad(Car.RearPad), guess.FrontRotor, guess.RearRotor, ScenarioDay.Fluid(Car.Fluid),
            new FluidState(Car.FluidMonths, Climate.Temperate), Days: Use.Days);
    }
}

/// <summary>What a driver knows of a car; the rest is guessed as for a newcomer.</summary>
public sealed record CustomerCar(double MassKg, double PowerKw, string Tyre, string FrontPad, string RearPad, string Fluid = "cairn-4", double FluidMonths = 6,
    bool Motorcycle = false, CarLayout Layout = CarLayout.Unknown, double? FrontMm = null, double? FrontThickMm = null, IReadOnlyList<double>? PistonsMm = null,
    bool RearDrums = false, double? RegenerationG = null, bool CarbonCeramic = false)
{
    public CarGuess Guess()
    {
        var guess = Motorcycle ? CarGuess.Motorcycle("customer", MassKg, PowerKw, Tyre) : CarGuess.From("customer", MassKg, PowerKw, Tyre, Layout);
        var (car, front, rear) = (guess.Car, guess.FrontRotor, guess.RearRotor);
        if (FrontMm is { } diameter)
        {
            front = new Rotor("own", diameter, Math.Round(diameter - (2 * (car.Front.PadHeightMm + 4))), FrontThickMm ?? 22, (FrontThickMm ?? 22) - 2, VaneKind.Straight,
                Math.Round((FrontThickMm ?? 22) * 0.32, 1), 36, 5.5);
        }

        if (PistonsMm is { } pistons)
        {
            car = car with { Front = car.Front with { PistonsMm = pistons } };
        }

        if (RearDrums)
        {
            (rear, car) = (new Rotor("drum", 228, 100, 7, 5, Construction: RotorConstruction.Drum),
                car with { Rear = new AxleBrake(CaliperKind.Drum, [20], 90, 40, 5, 1.5) });
        }

        if (RegenerationG is { } g)
        {
            car = car with { RegenerationMS2 = 9.80665 * g, Charged = true, EngineBrakingMS2 = 0 };
        }

        if (CarbonCeramic)
        {
            front = ScenarioDay.Rotor("clint-360c");
        }

        return new CarGuess(car, front, rear);
    }
}

/// <summary>What the car is used for.</summary>
public sealed record CustomerUse(string Pace, IReadOnlyList<PlannedDay> Days, string Circuit = "gullmouth", StintPlan? Stint = null, double AmbientC = 24);
