using Rimrock.Core.Driving;
using Rimrock.Core.Limits;
using Rimrock.Core.Numerics;
using Rimrock.Core.Runs;

namespace Rimrock.Core.Fitting;

/// <summary>Lap figures that everything else follows from.</summary>
/// <param name="LapS">Hot lap, s.</param>
/// <param name="LapM">Its length, m.</param>
/// <param name="TopKmh">Highest speed, km/h.</param>
/// <param name="HotLaps">Hot laps in each session.</param>
/// <param name="BrakingMJ">Energy into the friction brakes in a hot lap, MJ.</param>
/// <param name="FrontWheelKw">Mean braking power at one front wheel over a hot lap, kW.</param>
/// <param name="FrontShare">Energy-weighted front share over the day, with its band.</param>
/// <param name="IdealFrontShare">Ideal front share at the hardest stop's deceleration.</param>
public sealed record LapSummary(double LapS, double LapM, double TopKmh, int HotLaps, Spread BrakingMJ, Spread FrontWheelKw, Spread FrontShare,
    double IdealFrontShare);

/// <summary>One part through the stretches of the day.</summary>
/// <param name="Part">The part.</param>
/// <param name="PeakC">Highest temperature in each stretch, C.</param>
/// <param name="LeastC">Lowest temperature in each stretch, C.</param>
public sealed record PartRanges(BrakePart Part, double[] PeakC, double[] LeastC);

/// <summary>One stretch of the day: a lap or a rest.</summary>
/// <param name="Session">Session from 1.</param>
/// <param name="Kind">What it is.</param>
/// <param name="Lap">Lap in its session, 0 for the out lap.</param>
/// <param name="StartS">Start in the day, s.</param>
/// <param name="EndS">End in the day, s.</param>
/// <param name="FrontMJ">Braking energy of the front axle, MJ.</param>
/// <param name="RearMJ">Braking energy of the rear axle, MJ.</param>
/// <param name="LostS">Time that moved brake points cost, s.</param>
/// <param name="CameIn">True where the driver comes in at its end, since too little is left at the pedal.</param>
/// <param name="Pace">On its speed: 1 as laid out, less while cooling down early, 0 when parked early.</param>
public sealed record PhaseSummary(int Session, PhaseKind Kind, int Lap, double StartS, double EndS, double FrontMJ, double RearMJ, double LostS, bool CameIn,
    double Pace);

/// <summary>The peak of a part after the car was parked.</summary>
/// <param name="Session">Session before the rest.</param>
/// <param name="Part">The part.</param>
/// <param name="PeakC">Highest temperature while parked, C.</param>
/// <param name="MinutesAfter">Minutes after stopping.</param>
/// <param name="RiseK">Rise above the temperature on stopping, K.</param>
public sealed record ParkedPeak(int Session, BrakePart Part, double PeakC, double MinutesAfter, double RiseK);

/// <summary>One stop and what the driver's foot had to do.</summary>
/// <param name="Session">Session from 1.</param>
/// <param name="Lap">Lap in its session.</param>
/// <param name="AtS">Start in the day, s.</param>
/// <param name="EntryKmh">Speed before, km/h.</param>
/// <param name="ExitKmh">Speed after, km/h.</param>
/// <param name="MeanG">Mean deceleration, g.</param>
/// <param name="FrontC">Front chart temperature at its end, C.</param>
/// <param name="RearC">Rear chart temperature at its end, C.</param>
/// <param name="FrontMu">Mean front friction.</param>
/// <param name="RearMu">Mean rear friction.</param>
/// <param name="FrontShare">Front share of the energy.</param>
/// <param name="PressureBar">Line pressure, bar.</param>
/// <param name="PedalN">Pedal force, N.</param>
/// <param name="Effort">Pedal force over that for the same stop with both pads at their best; a band from the cool and hot corner and the scatter of
/// friction.</param>
/// <param name="Place">Its place in the lap from 1.</param>
/// <param name="OverKmh">How much too fast at its planned end with all that a leg gives, km/h; 0 where it is made.</param>
/// <param name="MissingM">How many metres more it takes.</param>
/// <param name="EarlierM">How much earlier than laid out the brakes go on, m.</param>
public sealed record StopSummary(int Session, int Lap, double AtS, double EntryKmh, double ExitKmh, double MeanG, double FrontC, double RearC,
    double FrontMu, double RearMu, double FrontShare, double PressureBar, double PedalN, Spread Effort, int Place, double OverKmh, double MissingM,
    double EarlierM);

/// <summary>Temperatures over one session and the rest after it.</summary>
/// <param name="Session">Session from 1.</param>
/// <param name="StartS">Start in the day, s.</param>
/// <param name="ParkedS">When the car stopped, s in the day.</param>
/// <param name="TimeS">Times, s in the day.</param>
/// <param name="Parts">A temperature for each time, C.</param>
/// <param name="Cooling">How a front wheel lost its heat, at times of its own.</param>
public sealed record SessionSeries(int Session, double StartS, double ParkedS, double[] TimeS, IReadOnlyList<PartSeries> Parts, CoolingSeries Cooling);

/// <summary>How a front wheel loses heat over time, as whole percent of what leaves; less than nothing counts as nothing.</summary>
/// <param name="TimeS">Times, s in the day.</param>
/// <param name="Kw">All that leaves, kW.</param>
/// <param name="Vanes">Through the vanes, %.</param>
/// <param name="Faces">From the faces, %.</param>
/// <param name="Radiation">Radiated, %.</param>
/// <param name="Conduction">Through hat and hub, and from caliper and pads, %.</param>
public sealed record CoolingSeries(double[] TimeS, double[] Kw, int[] Vanes, int[] Faces, int[] Radiation, int[] Conduction);

/// <summary>One part's temperatures.</summary>
/// <param name="Part">The part.</param>
/// <param name="Celsius">Temperatures in whole degrees, C.</param>
/// <param name="LowC">Lower edge of the band (8 in 10), C.</param>
/// <param name="HighC">Upper edge, C.</param>
public sealed record PartSeries(BrakePart Part, int[] Celsius, int[] LowC, int[] HighC);

/// <summary>Where the heat of one wheel went over the day, MJ and shares of what left.</summary>
/// <param name="Wheel">Front or rear.</param>
/// <param name="InMJ">Heat put in, MJ.</param>
/// <param name="FacesShare">Share that left by the faces' convection.</param>
/// <param name="VanesShare">Share that left by the vanes.</param>
/// <param name="RadiationShare">Share that was radiated.</param>
/// <param name="HubShare">Share that left through hat and hub.</param>
/// <param name="CaliperShare">Share that left from caliper and pads.</param>
/// <param name="BalanceError">In minus out minus stored, over in: the simulation's own error.</param>
public sealed record WheelCooling(string Wheel, Spread InMJ, double FacesShare, double VanesShare, double RadiationShare, double HubShare, double CaliperShare,
    double BalanceError);

/// <summary>What the two faces and the two sides of the front axle do differently.</summary>
/// <param name="InnerPeakC">Inboard face at its hottest, C.</param>
/// <param name="OuterPeakC">Outboard face at its hottest, C.</param>
/// <param name="DifferenceK">Largest inboard less outboard, K, with its band.</param>
/// <param name="ConeDegrees">Largest angle of the ring against its flat shape, degrees, with its band.</param>
/// <param name="EdgeMm">How far its edge then stands off, mm, with its band.</param>
/// <param name="HotBandsK">How far hot bands rise above the mean face in the hardest stop, K; not in any other figure.</param>
/// <param name="InnerWornMm">Worn off the inner pad over the day, mm, with its band.</param>
/// <param name="OuterWornMm">Worn off the outer pad, mm, with its band.</param>
/// <param name="QuieterSidePeakC">Face of the quieter front wheel at its hottest, C, with the band of what it does of its axle's work; all else is about the
/// busier one.</param>
public sealed record FaceReport(double InnerPeakC, double OuterPeakC, Spread DifferenceK, Spread ConeDegrees, Spread EdgeMm, Spread HotBandsK,
    Spread InnerWornMm, Spread OuterWornMm, Spread QuieterSidePeakC);

/// <summary>Pedal travel in the hardest stop of the day.</summary>
/// <param name="Bar">Its line pressure, at most what 500 N at the pedal gives, bar.</param>
/// <param name="ColdMm">Travel with everything cold, mm.</param>
/// <param name="HotMm">Travel with the fluid at its hottest, mm, as long as nothing boils.</param>
/// <param name="ComfortableN">What a leg, or a hand at a front lever, presses through a session, N.</param>
/// <param name="GreatestN">The most for a moment, N.</param>
public sealed record PedalReport(double Bar, Spread ColdMm, Spread HotMm, double ComfortableN, double GreatestN);

/// <summary>A ring's mass, stated and from geometry.</summary>
/// <param name="Axle">Front or rear.</param>
/// <param name="GeometryKg">From geometry and material, kg, with its band.</param>
/// <param name="StatedKg">The maker's, kg; it wins where known.</param>
/// <param name="OffPercent">The maker's over the geometry's less one, %.</param>
public sealed record RingMass(string Axle, Spread GeometryKg, double? StatedKg, double? OffPercent);

/// <summary>How a day runs: two thirds of a prediction's figures.</summary>
/// <param name="Stops">Every stop of the day.</param>
/// <param name="Sessions">Temperatures over time, by session.</param>
public sealed record DayCourse(IReadOnlyList<StopSummary> Stops, IReadOnlyList<SessionSeries> Sessions);

/// <summary>A prediction: everything that the page shows.</summary>
/// <param name="Summary">Lap figures.</param>
/// <param name="Phases">Every lap and rest of the day.</param>
/// <param name="Ranges">Peak and least of every part in each of these.</param>
/// <param name="Parked">Peaks after parking.</param>
/// <param name="Course">Stops and temperatures over time; null where they were left out.</param>
/// <param name="Strata">Demand and capacity of each layer.</param>
/// <param name="Cooling">Where the heat went.</param>
/// <param name="Limits">What gives first, sorted.</param>
/// <param name="ColdStops">First stops on cold mornings.</param>
/// <param name="Fluid">The fluid today.</param>
/// <param name="Faces">Inner and outer face, coning, hot bands, the quieter side.</param>
/// <param name="Pedal">Pedal travel.</param>
/// <param name="RingMasses">Masses of the rings, stated and from geometry.</param>
/// <param name="Cautions">Cautions that apply to this result.</param>
/// <param name="HardStops">What on the car must not be driven on at all, whatever the temperatures say.</param>
/// <param name="Due">What is due by its age.</param>
/// <param name="Drawn">Code of the kind of day that is drawn.</param>
/// <param name="OtherLimits">The same limits on the other kinds of day.</param>
/// <param name="MindFirst">What is on the car and has to be known before any figure is read.</param>
public sealed record PredictionResult(
    LapSummary Summary,
    IReadOnlyList<PhaseSummary> Phases,
    IReadOnlyList<PartRanges> Ranges,
    IReadOnlyList<ParkedPeak> Parked,
    DayCourse? Course,
    IReadOnlyList<StrataLayer> Strata,
    IReadOnlyList<WheelCooling> Cooling,
    IReadOnlyList<Limit> Limits,
    IReadOnlyList<ColdStopResult> ColdStops,
    FluidToday Fluid,
    FaceReport Faces,
    PedalReport Pedal,
    IReadOnlyList<RingMass> RingMasses,
    IReadOnlyList<Said> Cautions,
    IReadOnlyList<Fitting.HardStop> HardStops,
    IReadOnlyList<Fitting.Due> Due,
    string Drawn,
    IReadOnlyList<Limit> OtherLimits,
    IReadOnlyList<Said> MindFirst);
