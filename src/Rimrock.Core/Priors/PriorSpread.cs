namespace Rimrock.Core.Priors;

/// <summary>
/// One standard deviation of everything that is guessed: factors where a value is multiplied, else in its unit (docs/models/priors.md has medians and reasons).
/// Each stands here and
/// nowhere else. All from memory or engineering judgement.
/// </summary>
public static class PriorSpread
{
    /// <summary>Forced cooling, common to both axles, factor: correlations differ fourfold.</summary>
    public const double Cooling = 1.30;

    /// <summary>Each axle's own cooling, factor: they are not in the same air.</summary>
    public const double OwnCooling = 1.15;

    /// <summary>Spray on a wet track, factor.</summary>
    public const double Spray = 1.2;

    /// <summary>Energy against the limit lap, factor.</summary>
    public const double Energy = 1.15;

    /// <summary>Vane flow, factor.</summary>
    public const double VaneFlow = 1.3;

    /// <summary>Pad conductivity, factor.</summary>
    public const double PadConductivity = 1.4;

    /// <summary>Backing plate to piston, factor.</summary>
    public const double PlateToPiston = 1.5;

    /// <summary>Piston to fluid, factor.</summary>
    public const double PistonToFluid = 1.5;

    /// <summary>The caliper's own loss and view, factor.</summary>
    public const double Caliper = 1.5;

    /// <summary>Emissivity.</summary>
    public const double Emissivity = 0.12;

    /// <summary>Wheel-well air, K.</summary>
    public const double WheelAirK = 8;

    /// <summary>Rubbed share of the face, factor.</summary>
    public const double RubbedShare = 1.2;

    /// <summary>Contact conductance while braking, factor: sparse data.</summary>
    public const double Contact = 1.5;

    /// <summary>Contact of a pad at rest on its rotor, factor.</summary>
    public const double Resting = 2;

    /// <summary>Conductance of the air gap off the brake, factor.</summary>
    public const double Gap = 1.5;

    /// <summary>Off-brake drag, factor.</summary>
    public const double Drag = 2;

    /// <summary>Front share of the electronics.</summary>
    public const double FrontShare = 0.03;

    /// <summary>Friction of a batch, factor.</summary>
    public const double Friction = 1.08;

    /// <summary>Level of friction of a pad that has no chart of its own.</summary>
    public const double FrictionLevel = 0.04;

    /// <summary>Hot edge of a pad by a dynamometer's chart, K.</summary>
    public const double DynamometerEdgeK = 10;

    /// <summary>The same by a chart traced from paper, K.</summary>
    public const double TracedEdgeK = 25;

    /// <summary>The same where only the family is known, K: what its chart's temperature means is part of it.</summary>
    public const double FamilyEdgeK = 60;

    /// <summary>What the temperature of a chart of unknown basis means, K.</summary>
    public const double ChartBasisK = 40;

    /// <summary>Pad wear, factor: dynamometer against car.</summary>
    public const double Wear = 1.7;

    /// <summary>Ring wear by rubbing, factor.</summary>
    public const double RingWear = 2;

    /// <summary>Crack life of a ring, factor.</summary>
    public const double CrackLife = 3;

    /// <summary>Water uptake, factor.</summary>
    public const double Water = 1.7;

    /// <summary>The a of the boiling curve, factor: chemistry.</summary>
    public const double BoilingDecay = 1.25;

    /// <summary>What a duct brings, factor.</summary>
    public const double Duct = 1.6;

    /// <summary>Flow of vanes that turn the wrong way.</summary>
    public const double Hand = 0.1;

    /// <summary>One front wheel against the axle's mean.</summary>
    public const double Side = 0.04;

    /// <summary>Vapour below the boiling point, K.</summary>
    public const double VapourK = 6;

    /// <summary>Fall of the vapour point with altitude, K per 1000 m.</summary>
    public const double VapourPerThousandMetresK = 1;

    /// <summary>Face limit of an iron ring, K.</summary>
    public const double IronFaceK = 40;

    /// <summary>Face limit of a carbon ring, K.</summary>
    public const double CarbonFaceK = 100;

    /// <summary>Limit of a drum, K.</summary>
    public const double DrumK = 50;

    /// <summary>Where piston seals let go, K.</summary>
    public const double SealK = 20;

    /// <summary>Life of piston seals, factor.</summary>
    public const double SealLife = 2;

    /// <summary>What a wheel bearing's grease takes, K.</summary>
    public const double GreaseK = 15;

    /// <summary>What dust boots take, K.</summary>
    public const double BootK = 20;

    /// <summary>How fast a carbon ring burns, factor.</summary>
    public const double Burning = 3;

    /// <summary>Line pressure for a pedal force where pedal, booster and cylinders are guessed, factor.</summary>
    public const double HydraulicsGuessed = 1.3;

    /// <summary>The same where they were typed in, factor.</summary>
    public const double HydraulicsTyped = 1.05;

    /// <summary>Assistance at the booster's knee, factor.</summary>
    public const double Knee = 1.15;

    /// <summary>How much too fast at the planned end of a stop is a missed stop, km/h.</summary>
    public const double MissedKmh = 3;

    /// <summary>Braking work of a table of zones that was typed in, factor.</summary>
    public const double EnergyOfZones = 1.10;

    /// <summary>Braking work of a day to come by a recording, factor.</summary>
    public const double EnergyOfRecording = 1.07;

    /// <summary>Braking work of the very day of a recording, factor.</summary>
    public const double EnergyAsDriven = 1.03;

    /// <summary>A car's mass with all that is in it, share.</summary>
    public const double MassShare = 0.03;

    /// <summary>Share of the braking work that goes into the tyres.</summary>
    public const double SlipShare = 0.02;

    /// <summary>Share of a braked trailer that its own brakes leave to the car.</summary>
    public const double TrailerShare = 0.15;

    /// <summary>Height of the centre of gravity, m.</summary>
    public const double HeightM = 0.03;

    /// <summary>How friction falls with speed and with pressure, share of each.</summary>
    public const double FrictionLaws = 0.5;

    /// <summary>Knee of a rear valve, share.</summary>
    public const double ValveKnee = 0.3;

    /// <summary>Friction far beyond a chart's end.</summary>
    public const double BeyondChart = 0.05;

    /// <summary>How much wetter the fluid is behind the piston than in the reservoir, %.</summary>
    public const double CaliperWaterPercent = 0.3;

    /// <summary>The day's air by a forecast, K.</summary>
    public const double AirK = 3;

    /// <summary>The day's air where only the season is known, K.</summary>
    public const double SeasonAirK = 6;

    /// <summary>Tyre grip against the table, g: compound and wear.</summary>
    public const double GripG = 0.05;

    /// <summary>What that grip moves of a lap's braking power, share (our own laps on typical circuits, 0 to 5 %).</summary>
    public const double GripPower = 0.02;

    /// <summary>Life of alloyed iron over plain iron's, factor.</summary>
    public const double AlloyedLife = 2;

    /// <summary>What a leg gives, factor.</summary>
    public const double Leg = 1.25;

    /// <summary>Mass of a ring against its measures, factor: castings differ.</summary>
    public const double Casting = 1.04;

    /// <summary>By how much holes and slots raise the strain.</summary>
    public const double StressRaiser = 0.23;

    /// <summary>Hours of work in a home garage, factor.</summary>
    public const double Work = 1.37;

    /// <summary>A ring out of flat, micrometres.</summary>
    public const double ConeUm = 50;
}
