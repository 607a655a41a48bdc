using System.Runtime.CompilerServices;
using System.Runtime.Intrinsics.X86;

namespace Rimrock.Core.Numerics;

/// <summary>
/// Members of an ensemble ride side by side in the lanes of one vector. The width stands in GlobalUsings.cs of each
/// project: one vector of eight doubles, which a machine without such wide registers handles as two of four.
/// </summary>
public static class MemberLanes
{
    /// <summary>Members that one run carries.</summary>
    public static int Count => Lane.Count;

    /// <summary>One value of each member; lanes without a member repeat the last.</summary>
    /// <typeparam name="T">What a member is.</typeparam>
    /// <param name="members">One to <see cref="Count"/> members.</param>
    /// <param name="value">The value wanted.</param>
    public static Lane Each<T>(IReadOnlyList<T> members, Func<T, double> value)
    {
        ArgumentNullException.ThrowIfNull(members);
        ArgumentNullException.ThrowIfNull(value);
        ArgumentOutOfRangeException.ThrowIfZero(members.Count);
        ArgumentOutOfRangeException.ThrowIfGreaterThan(members.Count, Count);
        Span<double> lanes = stackalloc double[Lane.Count];
        for (var i = 0; i < lanes.Length; i++)
        {
            lanes[i] = value(members[Math.Min(i, members.Count - 1)]);
        }

        return Lanes.Create<double>(lanes);
    }

    /// <summary>One member's value where it lies, without a copy of the others.</summary>
    [MethodImpl(MethodImplOptions.AggressiveInlining)]
    public static double At(ref readonly Lane lanes, int member)
    {
        ArgumentOutOfRangeException.ThrowIfGreaterThanOrEqual((uint)member, (uint)Lane.Count, nameof(member));
        return Unsafe.Add(ref Unsafe.As<Lane, double>(ref Unsafe.AsRef(in lanes)), member);
    }

    /// <summary>c - a b, rounded once where the processor can.</summary>
    [MethodImpl(MethodImplOptions.AggressiveInlining)]
    public static Lane Less(Lane a, Lane b, Lane c) => Avx512F.IsSupported ? Avx512F.FusedMultiplyAddNegated(a, b, c) : c - (a * b);

    /// <summary>
    /// 1 / x to within a rounding or two on every processor: its estimate (one part in 16,000, so an error e of x times it) refined by (1 + e)(1 + e^2), the
    /// first terms of 1 / (1 - e), where it has one; else the quotient.
    /// </summary>
    [MethodImpl(MethodImplOptions.AggressiveInlining)]
    public static Lane Inverse(Lane x)
    {
        if (!Avx512F.IsSupported)
        {
            return Lane.One / x;
        }

        var estimate = Avx512F.Reciprocal14(x);
        var error = Avx512F.FusedMultiplyAddNegated(x, estimate, Lane.One);
        var found = Lanes.MultiplyAddEstimate(estimate, error, estimate);
        return Lanes.MultiplyAddEstimate(found, error * error, found);
    }
}
