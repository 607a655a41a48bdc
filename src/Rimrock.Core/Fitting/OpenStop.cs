using Rimrock.Core.Driving;

namespace Rimrock.Core.Fitting;

/// <summary>What a sign that nothing has answered says: that the car stops, and what would answer it (common practice).</summary>
public static class OpenStop
{
    /// <summary>Stable code of such a stop.</summary>
    public const string Code = "open-sign";

    /// <summary>The stop of a sign.</summary>
    public static HardStop Of(OpenSign sign)
    {
        ArgumentNullException.ThrowIfNull(sign);
        var day = Days.Iso(sign.Since);
        return new HardStop(Code, Where(sign, sign.Trouble switch
        {
            Trouble.SoftPedal => Said.Of("open-stop.soft-pedal", day),
            Trouble.SinkingPedal => Said.Of("open-stop.sinking-pedal", day),
            Trouble.Leak => Said.Of("open-stop.leak", day),
            Trouble.NoStop => Said.Of("open-stop.no-stop", day),
            Trouble.Grinding => Said.Of("open-stop.grinding", day),
            Trouble.WheelPlay => Said.Of("open-stop.wheel-play", day),
            Trouble.BadHose => Said.Of("open-stop.bad-hose", day),
            Trouble.LoosePad => Said.Of("open-stop.loose-pad", day),
            Trouble.CrackedRotor => Said.Of("open-stop.cracked-rotor", day),
            Trouble.BurntRotor => Said.Of("open-stop.burnt-rotor", day),
            Trouble.WornPads => Said.Of("open-stop.worn-pads", day),
            Trouble.WarningLight => Said.Of("open-stop.warning-light", day),
            Trouble.OiledFace => Said.Of("open-stop.oiled-face", day),
            Trouble.ThinRotor => Said.Of("open-stop.thin-rotor", day),
            Trouble.WrongFluid => Said.Of("open-stop.wrong-fluid", day),
            Trouble.NoAssist => Said.Of("open-stop.no-assist", day),
            Trouble.BurntSeals => Said.Of("open-stop.burnt-seals", day),
            _ => Said.Of("open-stop.loose-hardware", day),
        }));
    }

    private static Said Where(OpenSign sign, Said sentence) => sign.Axle switch
    {
        Axle.Front => Said.Of("hard-stops.front", sentence),
        Axle.Rear => Said.Of("hard-stops.rear", sentence),
        _ when sign.AxlesLeft > 1 => Said.Of("open-stop.either-axle", sentence),
        _ => sentence,
    };
}
