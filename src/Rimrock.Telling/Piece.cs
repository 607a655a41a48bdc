namespace Rimrock.Telling;

/// <summary>A piece of told text: words, or a figure that is joined to them in the shown unit.</summary>
/// <param name="Words">The words; null for a figure.</param>
/// <param name="Figure">The figure; null for words.</param>
public sealed record Piece(string? Words, ToldFigure? Figure);

/// <summary>A figure in told text, in its kept unit.</summary>
/// <param name="Value">The value; null for a range, which has edges only.</param>
/// <param name="Unit">Its kept unit.</param>
/// <param name="Digits">Decimals in that unit.</param>
/// <param name="Low">Lower edge of its band, where it has one.</param>
/// <param name="High">Upper edge of its band.</param>
public sealed record ToldFigure(double? Value, string Unit, int Digits, double? Low = null, double? High = null);
