using Rimrock.Core.Beliefs;
using Rimrock.Core.Driving;
using Rimrock.Core.Fitting;
using Rimrock.Core.Limits;
using Rimrock.Core.Runs;

namespace Rimrock.Golden.Tests;

/// <summary>Asks a case and reads off what the golden files keep.</summary>
internal static class GoldenRun
{
    public static GoldenAnswer Of(GoldenCase asked)
    {
        var plan = asked.Plan;
        var year = new Year(plan);
        var run = new DayRun(plan, [CarFactors.Corners[0]]);
        foreach (var phase in year.Leading.Phases)
        {
            run.Run(phase);
        }

        var result = Predictor.Predict(plan, year);
        var temperatures = new SortedDictionary<string, double[]>(StringComparer.Ordinal);
        foreach (var part in Enum.GetValues<BrakePart>())
        {
            temperatures[$"{part} peak"] = [.. run.Phases.Select(phase => Round(phase.Peak[(int)part][0]))];
            temperatures[$"{part} least"] = [.. run.Phases.Select(phase => Round(phase.Least[(int)part][0]))];
        }

        var chances = new SortedDictionary<string, double>(StringComparer.Ordinal);
        var bands = new SortedDictionary<string, double[]>(StringComparer.Ordinal);
        Keep("before", Ensemble.Run(plan, laid: year));
        if (asked.Seen is { } seen)
        {
            Keep("after", Ensemble.Run(plan, Learning.From([new EvidenceDay(plan, seen)]).Belief, year));
        }

        var match = asked.Match ? Matcher.Search(plan, GoldenCase.Offer, new Wishes(), laid: year).Answer(MatchStage.First) : null;
        return new GoldenAnswer(temperatures, Figures(result), [.. result.Limits.Select(Line)], chances, bands,
            match is null ? null : [.. match.Shortlist.Select(row => row.Key)],
            match is null ? null : [.. match.WhyNot.Where(row => row.HardStop is not null).Select(row => $"{row.Kind} {row.Part.Id} {row.HardStop!.Code}")]);

        void Keep(string when, BandResult band)
        {
            foreach (var limit in band.Limits)
            {
                chances[$"{limit.Code} {when}"] = limit.Chance.Share;
            }

            foreach (var day in band.Days.Where(_ => band.Days.Count > 1))
            {
                chances[$"danger on {day.Kind} {when}"] = day.Danger.Share;
                chances[$"damage on {day.Kind} {when}"] = day.Damage.Share;
            }

            foreach (var peak in band.Peaks)
            {
                bands[$"{peak.Part} {when}"] = [peak.P10C, peak.P50C, peak.P90C];
            }
        }
    }

    private static SortedDictionary<string, double> Figures(PredictionResult result)
    {
        var figures = new SortedDictionary<string, double>(StringComparer.Ordinal)
        {
            ["lap s"] = result.Summary.LapS,
            ["lap MJ"] = result.Summary.BrakingMJ.P50,
            ["front share"] = result.Summary.FrontShare.P50,
            ["fluid boils C"] = result.Fluid.BoilsC,
            ["fluid vapour C"] = result.Fluid.VapourC,
            ["stops"] = result.Course!.Stops.Count,
            ["pedal N"] = result.Course.Stops.Max(stop => stop.PedalN),
            ["inner worn mm"] = result.Faces.InnerWornMm.P50,
            ["outer worn mm"] = result.Faces.OuterWornMm.P50,
            ["edge mm"] = result.Faces.EdgeMm.P50,
            ["travel hot mm"] = result.Pedal.HotMm.P50,
        };
        foreach (var stop in result.ColdStops)
        {
            figures[$"cold {stop.SpeedKmh} km/h {stop.StartC} C m"] = stop.Metres.P50;
        }

        foreach (var limit in result.Limits.Where(limit => limit.Demand is not null))
        {
            figures[$"{limit.Code} demand"] = limit.Demand!.Value;
            figures[$"{limit.Code} capacity"] = limit.Capacity;
        }

        return figures;
    }

    private static string Line(Limit limit) =>
        $"{limit.Code} {limit.Harm}{(limit.Gives ? " gives" : limit.MayGive ? " may give" : " holds")}" +
        FormattableString.Invariant($"{(limit.When is { } when ? $" session {when.Session} {when.Kind} {when.Lap}" : "")}") +
        (limit.Day == DayKind.TrackDay ? "" : $" on {limit.Day}");

    private static double Round(double value) => Math.Round(value, 8);
}
