using System.Numerics;

namespace Rimrock.Core.Numerics;

/// <summary>
/// Points of Sobol's sequence (Sobol', USSR Comp. Math. 7 (1967) 86-112; from memory), each coordinate under its own nested uniform scramble (Owen 1995, by a
/// hash of the bits
/// above: Laine and Karras, EGSR 2011; both from memory). Of the first 2^m points each coordinate holds exactly one in every 2^-m of the unit interval, so that
/// the first 64 are a
/// sample of their own inside the first 256, and these inside the first 1024. Primitive polynomials are found here, in order of their degree; the initial
/// direction numbers and the scramble come from a fixed
/// mixing function (ours): no random number, the same points every time.
/// </summary>
public static class ScrambledSobol
{
    /// <summary>Most dimensions.</summary>
    public const int MostDimensions = 64;

    private const int Bits = 32;
    private static readonly uint[][] Directions = [.. Polynomials().Take(MostDimensions - 1).Select(DirectionsOf).Prepend(VanDerCorput())];

    /// <summary>Points from the beginning of the sequence.</summary>
    /// <param name="count">How many, at least 1; powers of two keep the margins even.</param>
    /// <param name="dimensions">Dimensions, 1 to 64.</param>
    /// <returns><paramref name="count"/> arrays of coordinates, each above 0 and below 1.</returns>
    public static double[][] Points(int count, int dimensions)
    {
        ArgumentOutOfRangeException.ThrowIfLessThan(count, 1);
        ArgumentOutOfRangeException.ThrowIfLessThan(dimensions, 1);
        ArgumentOutOfRangeException.ThrowIfGreaterThan(dimensions, MostDimensions);
        return [.. Enumerable.Range(0, count).Select(n => Enumerable.Range(0, dimensions)
            .Select(j => (Scrambled(Plain((uint)n, Directions[j]), Mixed((uint)j + 1)) + 0.5) / 4294967296.0).ToArray())];
    }

    private static uint Plain(uint n, uint[] directions)
    {
        var sum = 0u;
        for (var bit = 0; n > 0; bit++, n >>= 1)
        {
            sum ^= (n & 1) == 1 ? directions[bit] : 0;
        }

        return sum;
    }

    /// <summary>Every bit is turned over or not by a hash of the bits above it.</summary>
    private static uint Scrambled(uint x, uint seed)
    {
        // In reversed order a product carries only from the bits above to those below.
        var v = Reversed(x) + seed;
        v ^= v * 0x6c50b47cu;
        v ^= v * 0xb82f1e52u;
        v ^= v * 0xc7afe638u;
        v ^= v * 0x8d22f6e6u;
        return Reversed(v);
    }

    private static uint Reversed(uint x)
    {
        var y = 0u;
        for (var bit = 0; bit < Bits; bit++, x >>= 1)
        {
            y = (y << 1) | (x & 1);
        }

        return y;
    }

    private static uint Mixed(uint x)
    {
        x = (x ^ (x >> 16)) * 0x7feb352du;
        x = (x ^ (x >> 15)) * 0x846ca68bu;
        return x ^ (x >> 16);
    }

    private static uint[] VanDerCorput() => [.. Enumerable.Range(0, Bits).Select(bit => 1u << (Bits - 1 - bit))];

    /// <summary>Direction numbers v_i = m_i 2^(32-i) by the polynomial's recurrence, from odd initial m_i below 2^i.</summary>
    private static uint[] DirectionsOf(uint polynomial)
    {
        var degree = BitOperations.Log2(polynomial);
        var m = new ulong[Bits];
        for (var i = 0; i < Bits; i++)
        {
            if (i < degree)
            {
                m[i] = (Mixed((polynomial * 64) + (uint)i) & ((1u << i) - 1) << 1) | 1;
                continue;
            }

            m[i] = m[i - degree] ^ (m[i - degree] << degree);
            for (var k = 1; k < degree; k++)
            {
                m[i] ^= ((polynomial >> (degree - k)) & 1) * (m[i - k] << k);
            }
        }

        return [.. m.Select((value, i) => (uint)(value << (Bits - 1 - i)))];
    }

    /// <summary>Primitive polynomials over the field of two, as bits, in order of their degree and size.</summary>
    private static IEnumerable<uint> Polynomials()
    {
        for (var polynomial = 3u; ; polynomial += 2)
        {
            if (IsPrimitive(polynomial))
            {
                yield return polynomial;
            }
        }
    }

    /// <summary>True where the powers of x run through all remainders before they come back to 1.</summary>
    private static bool IsPrimitive(uint polynomial)
    {
        var degree = BitOperations.Log2(polynomial);
        var power = 1u;
        for (var i = 1; ; i++)
        {
            power <<= 1;
            power ^= (power >> degree) * polynomial;
            if (power == 1)
            {
                return i == (1 << degree) - 1;
            }
        }
    }
}
