namespace Rimrock.Core.Runs;

/// <summary>Who drives a run.</summary>
public enum DrivenBy
{
    /// <summary>A driver who presses no harder than a leg can and brakes earlier as the pads give less (<see cref="Driving.Driver"/>).</summary>
    Driver,

    /// <summary>Nobody whom brakes could hold up: every stop is made as it is laid out, whatever force it takes.</summary>
    Plan,

    /// <summary>The recording of that very day: what was driven was driven.</summary>
    Recording,
}
