using System.Collections;
using System.Collections.Concurrent;
using System.Reflection;
using System.Runtime.Intrinsics;

namespace Rimrock.Scenario.Tests.Figures;

/// <summary>Reads every figure of an answer, also of what it computes on being asked, and keeps some of the things it met.</summary>
internal sealed class FigureWalk
{
    private const int MostOfAKind = 8;
    private static readonly ConcurrentDictionary<Type, PropertyInfo[]> Known = new();
    private readonly Dictionary<Type, List<object>> met = [];

    /// <summary>Things met so far by their type, in the order met, no two the same.</summary>
    public IReadOnlyDictionary<Type, List<object>> Met => met;

    /// <summary>Gives every figure of a thing with the field it stands in.</summary>
    /// <param name="thing">The thing.</param>
    /// <param name="add">Told the field and the figure.</param>
    public void Walk(object? thing, Action<string, double> add)
    {
        var seen = new HashSet<object>(ReferenceEqualityComparer.Instance);
        Step(thing, "", 0);

        void Step(object? one, string field, int depth)
        {
            switch (one)
            {
                case null: add(field, double.NegativeInfinity); return;
                case bool yes: add(field, yes ? 1 : 0); return;
                case double figure: add(field, figure); return;
                case float figure: add(field, figure); return;
                case int or long or byte: add(field, Convert.ToDouble(one)); return;
                case Enum code: add(field, Convert.ToInt64(code)); return;
                case string text: Meet(one); add(field, Of(text)); return;
                case DateOnly day: add(field, day.DayNumber); return;
                case DateTime or DateTimeOffset or TimeSpan: add(field, Of(one.ToString()!)); return;
                case Vector512<double> lanes:
                    for (var lane = 0; lane < Vector512<double>.Count; lane++)
                    {
                        add(field, lanes[lane]);
                    }

                    return;
            }

            var type = one.GetType();
            if (one is Delegate or Type or CancellationToken || depth > 14 || (!type.IsValueType && !seen.Add(one)))
            {
                return;
            }

            if (one is IEnumerable all)
            {
                var count = 0;
                foreach (var each in all)
                {
                    Step(each, field, depth + 1);
                    if (++count > 20_000)
                    {
                        break;
                    }
                }

                add(field, count);
                return;
            }

            if (type.Namespace?.StartsWith("Rimrock", StringComparison.Ordinal) == true || type.Name.StartsWith("ValueTuple", StringComparison.Ordinal)
                || type.Name.StartsWith("KeyValuePair", StringComparison.Ordinal))
            {
                Meet(one);
                foreach (var property in Known.GetOrAdd(type, PropertiesOf))
                {
                    Step(Asked(() => property.GetValue(one)), $"{type.Name}.{property.Name}", depth + 1);
                }

                foreach (var each in type.Name.StartsWith("ValueTuple", StringComparison.Ordinal) ? type.GetFields() : [])
                {
                    Step(each.GetValue(one), field, depth + 1);
                }
            }
        }
    }

    /// <summary>What comes of a question: its answer, or how it is refused.</summary>
    public static object? Asked(Func<object?> question)
    {
        try
        {
            return question();
        }
        catch (TargetInvocationException refused) when (refused.InnerException is { } why)
        {
            return why is Core.Quantities.InputFaultException faults ? faults.Faults : why.GetType().Name;
        }
    }

    /// <summary>A text as a figure: the same in every run.</summary>
    public static double Of(string text) => text.Aggregate(2166136261u, (hash, letter) => (hash ^ letter) * 16777619) % 1_000_003;

    private void Meet(object one)
    {
        var kind = one.GetType();
        if (!met.TryGetValue(kind, out var list))
        {
            met[kind] = list = [];
        }

        if (list.Count < (one is string ? 400 : MostOfAKind) && !list.Contains(one))
        {
            list.Add(one);
        }
    }

    private static PropertyInfo[] PropertiesOf(Type type) =>
        [.. type.GetProperties(BindingFlags.Public | BindingFlags.NonPublic | BindingFlags.Instance)
            .Where(property => property.GetIndexParameters().Length == 0 && property.GetMethod is { IsPrivate: false } && property.Name != "EqualityContract"
                && !property.PropertyType.IsByRefLike)
            .OrderBy(property => property.Name, StringComparer.Ordinal)];
}
