namespace Rimrock.Core.Driving;

/// <summary>What stops a car until something is done about it.</summary>
public enum Trouble
{
    /// <summary>A pedal that went soft.</summary>
    SoftPedal,

    /// <summary>A pedal that sinks.</summary>
    SinkingPedal,

    /// <summary>Fluid outside.</summary>
    Leak,

    /// <summary>A firm pedal, and the car did not stop.</summary>
    NoStop,

    /// <summary>Grinding or knocking.</summary>
    Grinding,

    /// <summary>A wheel with play.</summary>
    WheelPlay,

    /// <summary>A hose that is cracked, chafed or swollen.</summary>
    BadHose,

    /// <summary>Friction material loose on its plate.</summary>
    LoosePad,

    /// <summary>A crack that ends a rotor's life, or a chipped edge.</summary>
    CrackedRotor,

    /// <summary>A bolt, nut, clip or bobbin that is loose or missing.</summary>
    LooseHardware,

    /// <summary>Iron that was so hot that it has changed its structure.</summary>
    BurntRotor,

    /// <summary>Calipers so hot that their seals no longer seal.</summary>
    BurntSeals,

    /// <summary>Pads that were said to be worn out.</summary>
    WornPads,

    /// <summary>The brakes' warning light.</summary>
    WarningLight,

    /// <summary>Oil or grease where pads rub.</summary>
    OiledFace,

    /// <summary>A rotor below its limit.</summary>
    ThinRotor,

    /// <summary>No help of a booster.</summary>
    NoAssist,

    /// <summary>Fluid of another kind in the hydraulics.</summary>
    WrongFluid,
}

/// <summary>What stops a car, and where.</summary>
/// <param name="Trouble">What.</param>
/// <param name="Axle">Where; null where nobody said, or for the whole car.</param>
public sealed record TroubleAt(Trouble Trouble, Axle? Axle = null);

/// <summary>What is new on a car, as far as it can answer a sign.</summary>
/// <param name="Bled">True where the hydraulics were filled or bled.</param>
/// <param name="Hoses">True where other hoses went on.</param>
/// <param name="Pads">True for an axle with other pads.</param>
/// <param name="Rotors">True for an axle with other rotors.</param>
public sealed record Renewed(bool Bled, bool Hoses, Axles<bool> Pads, Axles<bool> Rotors);

/// <summary>
/// Something that a driver wrote down, that stops the car, and that nothing written down since has answered. A car with one of these never holds, however
/// good its figures (common practice).
/// </summary>
/// <param name="Since">The day on which it was written down first.</param>
/// <param name="Trouble">What it was.</param>
/// <param name="Axle">Where; null for the whole car, or where nobody said: then both axles are to be answered for.</param>
public sealed record OpenSign(DateOnly Since, Trouble Trouble, Axle? Axle = null)
{
    /// <summary>More than so many a plan does not carry.</summary>
    public const int Most = 12;

    /// <summary>True for what air, vapour or a leak in the hydraulics does: only bleeding answers it, whatever explains it.</summary>
    public bool IsOfHydraulics => IsOfTheHydraulics(Trouble);

    /// <summary>The same of a trouble.</summary>
    public static bool IsOfTheHydraulics(Trouble trouble) => trouble is Trouble.SoftPedal or Trouble.SinkingPedal or Trouble.Leak
        or Trouble.BurntSeals or Trouble.WrongFluid;

    /// <summary>True of a trouble that sits at a wheel: it is looked for there.</summary>
    public static bool IsAtAWheel(Trouble trouble) => trouble is Trouble.WheelPlay or Trouble.BadHose || IsOfParts(trouble);

    /// <summary>True of a trouble of pads or rotors.</summary>
    public static bool IsOfParts(Trouble trouble) => IsOfPads(trouble) || IsOfRotors(trouble);

    private static bool IsOfPads(Trouble trouble) => trouble is Trouble.LoosePad or Trouble.WornPads or Trouble.OiledFace;

    private static bool IsOfRotors(Trouble trouble) =>
        trouble is Trouble.CrackedRotor or Trouble.BurntRotor or Trouble.LooseHardware or Trouble.ThinRotor;

    /// <summary>So many axles want something done.</summary>
    public int AxlesLeft => Axle is null && IsOfParts(Trouble) ? 2 : 1;

    /// <summary>
    /// What is left of it once parts were renewed; null for nothing. Play and grinding are answered by a look alone, a booster by a pedal that is firm again;
    /// what may be at either axle is left at the one whose parts stayed.
    /// </summary>
    public OpenSign? After(Renewed renewed)
    {
        ArgumentNullException.ThrowIfNull(renewed);
        return Trouble switch
        {
            _ when IsOfPads(Trouble) => Without(renewed.Pads),
            _ when IsOfRotors(Trouble) => Without(renewed.Rotors),
            _ when IsOfHydraulics => renewed.Bled ? null : this,
            Trouble.NoStop => renewed.Pads.Front ? null : this,
            Trouble.BadHose => renewed.Hoses ? null : this,
            Trouble.WarningLight => renewed.Bled ? null : this,
            _ => this,
        };
    }

    /// <summary>What is left of it once all is well at an axle; null for nothing.</summary>
    /// <param name="well">True for an axle where all is well.</param>
    public OpenSign? Without(Axles<bool> well) => (Axle, well.Front, well.Rear) switch
    {
        (null, true, true) => null,
        (null, true, false) => this with { Axle = Quantities.Axle.Rear },
        (null, false, true) => this with { Axle = Quantities.Axle.Front },
        ({ } axle, _, _) when well[axle] => null,
        _ => this,
    };

    /// <summary>What is left of some signs after a renewal; null where nothing is.</summary>
    /// <param name="open">The signs; null for none.</param>
    /// <param name="renewed">What is new.</param>
    public static IReadOnlyList<OpenSign>? LeftOf(IReadOnlyList<OpenSign>? open, Renewed renewed) =>
        open?.Select(sign => sign.After(renewed)).OfType<OpenSign>().ToList() is { Count: > 0 } left ? left : null;

    /// <summary>Lists what is wrong.</summary>
    /// <param name="open">The signs; null for none.</param>
    /// <param name="faults">Where faults go.</param>
    public static void Check(IReadOnlyList<OpenSign>? open, ICollection<InputFault> faults)
    {
        ArgumentNullException.ThrowIfNull(faults);
        if (open is { Count: > Most })
        {
            faults.Add(new InputFault("open", $"{open.Count}", Said.Of("open-sign.at-most", Most), Said.Of("open-sign.too-many")));
        }

        for (var i = 0; i < Math.Min(Most, open?.Count ?? 0); i++)
        {
            Days.Check(open![i].Since, $"open[{i}].since", faults);
        }
    }
}
