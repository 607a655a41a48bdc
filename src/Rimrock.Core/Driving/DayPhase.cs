namespace Rimrock.Core.Driving;

/// <summary>What a stretch of the day is.</summary>
public enum PhaseKind
{
    /// <summary>Out lap.</summary>
    OutLap,

    /// <summary>Hot lap.</summary>
    HotLap,

    /// <summary>Cool-down lap.</summary>
    CoolDownLap,

    /// <summary>Parked.</summary>
    Parked,

    /// <summary>On the road.</summary>
    Road,
}

/// <summary>A stretch of the day to be simulated.</summary>
/// <param name="Session">Session number from 1; 0 for the road.</param>
/// <param name="Kind">What it is.</param>
/// <param name="Lap">Number of the lap in its session from 0, the out lap.</param>
/// <param name="Schedule">Its steps.</param>
public sealed record DayPhase(int Session, PhaseKind Kind, int Lap, DrivingSchedule Schedule);
