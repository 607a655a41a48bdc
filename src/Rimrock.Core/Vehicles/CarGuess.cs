using Rimrock.Core.Rotors;

namespace Rimrock.Core.Vehicles;

/// <summary>
/// A whole car from three answers, so that a newcomer gets a verdict before looking anything up. Every figure is a
/// typical value (engineering judgement, +-15 % unless said) and can be replaced by the real one.
/// </summary>
/// <param name="Car">The car with every field filled.</param>
/// <param name="FrontRotor">A typical front rotor: ring of 0.5 kg for each 100 kg of a car of 90 W/kg, more with more power (common practice, x1.2).</param>
/// <param name="RearRotor">A typical rear rotor: 0.55 of the front ring's mass (engineering judgement).</param>
public sealed record CarGuess(Car Car, Rotor FrontRotor, Rotor RearRotor)
{
    private const double RingKgPerCarKg = 0.005;
    private const double RearRingShare = 0.55;
    private const double VentedAboveRingKg = 4.2;
    private const double MostRingKg = 20;
    private const double UsualKwPerKg = 0.09;
    private const double PowerExponent = 0.6;
    private const double WarmC = 100;

    // Hydraulic front share of the usual car, whose front wheels carry 0.58 standing still; makers follow the weight (common practice).
    private const double UsualHydraulicShare = 0.69;
    private const double MostRearRingShare = 0.9;

    // What an electric drive takes when the pedal is lifted (common practice, x1.5).
    private const double RegenerationMS2 = 1.5;
    private const double WarmPedalN = 200;

    // The car that typical drums are told of.
    private const double DrumCarKg = 1050;

    /// <summary>Fills a car in.</summary>
    /// <param name="name">Its name.</param>
    /// <param name="massKg">Mass with driver and fuel, kg.</param>
    /// <param name="powerKw">Power, kW.</param>
    /// <param name="tyre">Tyre code.</param>
    /// <param name="layout">Where its engine sits and what it drives.</param>
    /// <param name="body">How high it is built.</param>
    /// <param name="rotorMm">Diameter stamped on a front rotor, mm; null where nobody looked.</param>
    /// <exception cref="InputFaultException">Any answer out of range.</exception>
    public static CarGuess From(string name, double massKg, double powerKw, string tyre, CarLayout layout = CarLayout.Unknown, CarBody body = CarBody.Unknown,
        double? rotorMm = null)
    {
        CheckAnswers(name, massKg, powerKw, tyre, Car.MassRange, rotorMm);

        // Linear sizes follow the cube root of mass, areas its two-thirds power; 1560 kg is the reference.
        var length = Math.Cbrt(massKg / 1560);
        var area = length * length;
        var fixedCaliper = powerKw / massKg > 0.16;
        var front = new AxleBrake(
            fixedCaliper ? CaliperKind.Fixed : CaliperKind.Sliding,
            fixedCaliper ? [Round(42 * length), Round(38 * length)] : [Round(57 * length)],
            PadAreaCm2: Round((fixedCaliper ? 75 : 56) * area), PadHeightMm: Round(50 * length),
            CaliperMassKg: Round(4.5 * length * area), AluminiumCaliper: fixedCaliper);
        var share = UsualHydraulicShare + WeightByLayout.FrontShare(layout) - WeightByLayout.FrontShare(CarLayout.Unknown);
        var rearOfFront = (1 - share) / share / ((1 - UsualHydraulicShare) / UsualHydraulicShare);
        var rear = new AxleBrake(CaliperKind.Sliding, [Round(38 * length * Math.Sqrt(rearOfFront))],
            PadAreaCm2: Round(36 * area), PadHeightMm: Round(42 * length), PadNewMm: 10, CaliperMassKg: Math.Max(1, Round(3.2 * length * area)));
        var car = new Car(name, massKg, powerKw, tyre, front, rear, new Hydraulics(),
            WheelbaseM: Math.Round(Math.Clamp(2.70 * length, 1.9, 3.6), 2), TyreRadiusM: Math.Round(Math.Clamp(0.315 * Math.Sqrt(length), 0.27, 0.36), 3),
            DragAreaM2: Math.Round(Math.Clamp(0.68 * area, 0.4, 1.2), 2), OriginalPadFamily: "organic",
            StaticFrontShare: WeightByLayout.FrontShare(layout), CgHeightM: WeightByLayout.CgHeightM(body));
        if (WeightByLayout.IsElectric(layout))
        {
            car = car with
            {
                EngineBrakingMS2 = 0,
                RegenerationMS2 = RegenerationMS2,
                Charged = true,
                RegeneratesAt = layout == CarLayout.ElectricFront ? RegeneratingAxle.Front : RegeneratingAxle.Both,
            };
        }

        var ringKg = Math.Min(MostRingKg, RingKgPerCarKg * massKg * Math.Clamp(Math.Pow(powerKw / massKg / UsualKwPerKg, PowerExponent), 0.8, 1.6));
        var (frontRotor, rearRotor) = (Ring("typical-front", ringKg), Ring("typical-rear", Math.Min(MostRearRingShare, RearRingShare * rearOfFront) * ringKg));
        if (rotorMm is { } stamped)
        {
            frontRotor = frontRotor.OfDiameter(stamped);
            car = car with { Front = car.Front with { RotorMm = stamped, PadHeightMm = Math.Min(car.Front.PadHeightMm, HeightOn(frontRotor)) } };
        }

        return new CarGuess(car with { Hydraulics = Pedal(car, frontRotor, rearRotor) }, frontRotor, rearRotor);
    }

    /// <summary>A booster with which the original pads, warm, reach 1 g at 200 N (common practice, x1.3); its assistance grows with its gain.</summary>
    private static Hydraulics Pedal(Car car, Rotor front, Rotor rear)
    {
        var usual = car.Hydraulics;
        var family = Friction.PadFamilies.Find(car.OriginalPadFamily);
        var mu = new Friction.FrictionCurve(family.Curve, family.ColdSlopePerK).Assumed(WarmC);
        var perPascal = (usual.AxleTorquePerPascal(car.Front, car.Front.EffectiveRadiusM(front)) * car.Front.DiscMu(mu))
            + (usual.AxleTorquePerPascal(car.Rear, car.Rear.EffectiveRadiusM(rear)) * car.Rear.DiscMu(mu));
        var bar = usual.LineBar(car.EffectiveMassKg() * Speed.StandardGravityMS2 * car.TyreRadiusM / perPascal);
        var gain = Math.Round(Math.Clamp(usual.BoosterGain * bar / (usual with { BoosterKneeN = double.MaxValue }).PressureBar(WarmPedalN), 1.5, 12), 2);
        var knee = Math.Round(Math.Min(9000, usual.BoosterKneeN * (gain - 1) / (usual.BoosterGain - 1)));
        return usual with { BoosterGain = gain, BoosterKneeN = knee, Guessed = true };
    }

    /// <summary>
    /// Fills a motorcycle in: two floating front discs, one rear disc, a lever for each, no booster (typical of a sports motorcycle, common practice).
    /// </summary>
    /// <param name="name">Its name.</param>
    /// <param name="massKg">Mass with rider and fuel, kg.</param>
    /// <param name="powerKw">Power, kW.</param>
    /// <param name="tyre">Tyre code.</param>
    /// <exception cref="InputFaultException">Any answer out of range.</exception>
    /// <param name="rotorMm">Diameter stamped on a front disc, mm; null where nobody looked.</param>
    public static CarGuess Motorcycle(string name, double massKg, double powerKw, string tyre, double? rotorMm = null)
    {
        CheckAnswers(name, massKg, powerKw, tyre, Car.MotorcycleMassRange, rotorMm);
        var front = new AxleBrake(CaliperKind.OnePiece, [32, 32], PadAreaCm2: 22, PadHeightMm: 28, PadNewMm: 5, PadLimitMm: 1.5, CaliperMassKg: 1.0,
            AluminiumCaliper: true);
        var rear = new AxleBrake(CaliperKind.Sliding, [34], PadAreaCm2: 16, PadHeightMm: 26, PadNewMm: 5, PadLimitMm: 1.5, CaliperMassKg: 0.9,
            AluminiumCaliper: true, Discs: 1);
        var motorcycle = new Car(name, massKg, powerKw, tyre, front, rear,
            new Hydraulics(MasterCylinderMm: 18, PedalRatio: 6, BoosterGain: 1, BoosterKneeN: 0, Guessed: true), OriginalPadFamily: "race-sintered",
            StaticFrontShare: 0.5, CgHeightM: 0.62, WheelbaseM: 1.42, TyreRadiusM: 0.30, DragAreaM2: 0.38, RollingResistance: 0.018,
            RotatingMassFactor: 1.06, EngineBrakingMS2: 0.8, Kind: VehicleKind.Motorcycle);
        var disc = new Rotor("typical-front", 320, 256, 5, 4.5, Construction: RotorConstruction.TwoPiece);
        return new CarGuess(motorcycle, rotorMm is { } stamped ? disc.OfDiameter(stamped) : disc,
            new Rotor("typical-rear", 220, 160, 5, 4.5));
    }

    /// <summary>The same car with drums behind, as light cars have them (common practice: 228 mm on 1050 kg, growing with the root of the mass).</summary>
    public CarGuess WithRearDrums()
    {
        var length = Math.Cbrt(Car.MassKg / DrumCarKg);
        var drum = new Rotor("typical-drum", Math.Clamp(Round(228 * Math.Sqrt(Car.MassKg / DrumCarKg)), 180, 320), 100, 7, 5,
            Construction: RotorConstruction.Drum);
        var car = Car with { Rear = new AxleBrake(CaliperKind.Drum, [Round(20 * length)], Round(90 * length * length), 40, 5, 1.5) };
        return new CarGuess(car with { Hydraulics = Pedal(car, FrontRotor, drum) }, FrontRotor, drum);
    }

    /// <summary>The same car with carbon-ceramic discs, which are a tenth larger for their heat (common practice, +-5 %), and pads made for them.</summary>
    public CarGuess WithCarbonDiscs()
    {
        static Rotor Of(Rotor iron, string name) => iron.OfDiameter(Math.Min(420, Round(iron.OuterDiameterMm * 1.1))) with
        {
            Name = name,
            Material = RingMaterial.CarbonCeramic,
            Construction = RotorConstruction.TwoPiece,
            Vanes = VaneKind.Straight,
            ThicknessMm = Math.Max(28, iron.ThicknessMm),
            MinThicknessMm = Math.Max(28, iron.ThicknessMm) - 0.6,
            VaneGapMm = 10,
            VaneCount = 60,
            VaneThicknessMm = 6,
        };
        var (front, rear) = (Of(FrontRotor, "typical-front"), Of(RearRotor, "typical-rear"));
        var car = Car with { OriginalPadFamily = Friction.PadFamilies.CarbonCeramicCode };
        return new CarGuess(car with { Hydraulics = Pedal(car, front, rear) }, front, rear);
    }

    private static void CheckAnswers(string name, double massKg, double powerKw, string tyre, FieldRange mass, double? rotorMm)
    {
        var faults = new List<InputFault>();
        if (rotorMm is { } stamped)
        {
            Rotor.OuterRange.Check(stamped, faults);
        }

        Names.Check(name, "car.name", faults);
        mass.Check(massKg, faults);
        Car.PowerRange.Check(powerKw, faults);
        if (Tyre.All.All(row => row.Code != tyre))
        {
            faults.Add(Tyre.UnknownFault(tyre));
        }

        InputFaultException.ThrowIfAny(faults);
    }

    // A pad stays within its ring.
    private static double HeightOn(Rotor rotor) => Math.Floor((rotor.OuterDiameterMm - rotor.InnerDiameterMm) / 2);

    private static Rotor Ring(string name, double massKg)
    {
        var vented = massKg > VentedAboveRingKg;
        var reference = vented
            ? new Rotor(name, 320, 216, 28, 26, VaneKind.Straight, 9, 36, 5.5)
            : new Rotor(name, 290, 200, 12, 10);
        var scale = Math.Cbrt(massKg / reference.GeometricMassKg());
        return reference with
        {
            OuterDiameterMm = Math.Clamp(Round(reference.OuterDiameterMm * scale), 180, 440),
            InnerDiameterMm = Math.Clamp(Round(reference.InnerDiameterMm * scale), 90, 380),
            ThicknessMm = Round(reference.ThicknessMm * scale),
            MinThicknessMm = Round(reference.MinThicknessMm * scale),
            VaneGapMm = Round(reference.VaneGapMm * scale),
            RingMassKg = Math.Round(massKg, 2),
        };
    }

    private static double Round(double value) => Math.Round(value, 1);
}
