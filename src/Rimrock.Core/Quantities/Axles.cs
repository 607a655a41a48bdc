namespace Rimrock.Core.Quantities;

/// <summary>An axle.</summary>
public enum Axle
{
    /// <summary>In front.</summary>
    Front,

    /// <summary>Behind.</summary>
    Rear,
}

/// <summary>Front and rear of one thing.</summary>
/// <typeparam name="T">What it is.</typeparam>
/// <param name="Front">In front.</param>
/// <param name="Rear">Behind.</param>
public readonly record struct Axles<T>(T Front, T Rear)
{
    /// <summary>That of an axle.</summary>
    public T this[Axle axle] => axle == Axle.Front ? Front : Rear;

    /// <summary>Something of each.</summary>
    public Axles<TResult> Map<TResult>(Func<T, TResult> of)
    {
        ArgumentNullException.ThrowIfNull(of);
        return new Axles<TResult>(of(Front), of(Rear));
    }
}

/// <summary>Makes pairs of axles.</summary>
public static class Axles
{
    /// <summary>Both, front first.</summary>
    public static IReadOnlyList<Axle> Both { get; } = [Axle.Front, Axle.Rear];

    /// <summary>Something of each axle.</summary>
    public static Axles<T> Of<T>(Func<Axle, T> of)
    {
        ArgumentNullException.ThrowIfNull(of);
        return new Axles<T>(of(Axle.Front), of(Axle.Rear));
    }
}
