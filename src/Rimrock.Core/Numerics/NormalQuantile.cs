namespace Rimrock.Core.Numerics;

/// <summary>
/// Inverse of the standard normal distribution by Acklam's rational approximation (2003, from memory): relative error
/// below 1.2e-9 for probabilities between 1e-300 and 1 - 1e-16.
/// </summary>
public static class NormalQuantile
{
    private const double Low = 0.02425;
    private static readonly double[] A =
        [-3.969683028665376e+01, 2.209460984245205e+02, -2.759285104469687e+02, 1.383577518672690e+02, -3.066479806614716e+01, 2.506628277459239e+00];
    private static readonly double[] B =
        [-5.447609879822406e+01, 1.615858368580409e+02, -1.556989798598866e+02, 6.680131188771972e+01, -1.328068155288572e+01, 1];
    private static readonly double[] C =
        [-7.784894002430293e-03, -3.223964580411365e-01, -2.400758277161838e+00, -2.549732539343734e+00, 4.374664141464968e+00, 2.938163982698783e+00];
    private static readonly double[] D = [7.784695709041462e-03, 3.224671290700398e-01, 2.445134137142996e+00, 3.754408661907416e+00, 1];

    /// <summary>The value below which a share of the distribution lies.</summary>
    /// <param name="probability">Above 0 and below 1.</param>
    public static double At(double probability)
    {
        ArgumentOutOfRangeException.ThrowIfLessThanOrEqual(probability, 0);
        ArgumentOutOfRangeException.ThrowIfGreaterThanOrEqual(probability, 1);
        if (probability < Low)
        {
            return Tail(Math.Sqrt(-2 * Math.Log(probability)));
        }

        if (probability > 1 - Low)
        {
            return -Tail(Math.Sqrt(-2 * Math.Log(1 - probability)));
        }

        var q = probability - 0.5;
        var r = q * q;
        return Polynomial(A, r) * q / Polynomial(B, r);
    }

    private static double Tail(double q) => Polynomial(C, q) / Polynomial(D, q);

    private static double Polynomial(double[] coefficients, double x)
    {
        var sum = 0.0;
        foreach (var coefficient in coefficients)
        {
            sum = (sum * x) + coefficient;
        }

        return sum;
    }
}
