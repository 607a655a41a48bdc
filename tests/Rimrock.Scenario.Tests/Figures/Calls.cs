using System.Collections;
using System.Reflection;
using System.Runtime.Intrinsics;
using Rimrock.Core.Quantities;

namespace Rimrock.Scenario.Tests.Figures;

/// <summary>Calls what the core offers with things that were met and with figures from everywhere, the same ones in every run.</summary>
/// <param name="met">Things by their type.</param>
internal sealed class Calls(IReadOnlyDictionary<Type, List<object>> met)
{
    private const BindingFlags Own = BindingFlags.Public | BindingFlags.NonPublic | BindingFlags.Static | BindingFlags.Instance | BindingFlags.DeclaredOnly;
    private static readonly double[] Figures = [0.05, 0.31, 0.9, 1, 1.7, 3.4, 8, 14.5, 33, 62, 95, 140, 230, 285, 420, 610, 760, 930, 1250];

    // Figures as large as their unit lets expect, by the end of an argument's name; the first that fits.
    private static readonly (string End, double[] Figures)[] ByUnit =
    [
        ("MS2", [1.5, 4, 9.5]), ("Kmh", [12, 48, 90, 135, 180, 240]), ("Mm", [0.4, 2, 5.5, 11, 24, 38, 120, 310]), ("Percent", [0.4, 1.5, 3.1, 40, 80]),
        ("Share", [0.05, 0.3, 0.6, 0.95]), ("Months", [0.5, 7, 26]), ("Minutes", [3, 12, 20, 45]), ("Kg", [0.9, 4, 9, 210, 900, 1650]), ("Bar", [6, 40, 95]),
        ("C", [-5, 22, 95, 210, 380, 560, 790, 930]),
        ("S", [0.4, 3, 25, 110, 900]), ("M", [3, 40, 350, 2400]), ("G", [0.2, 0.6, 1.1]), ("W", [300, 40_000, 250_000]), ("J", [2e3, 4e5, 2e6]),
    ];

    private static readonly int[] Wholes = [0, 1, 2, 3, 5, 8, 20];
    private uint state;

    /// <summary>What stands in tables: every property of a type itself that is not private.</summary>
    public static IEnumerable<PropertyInfo> Tables() => typeof(Said).Assembly.GetTypes()
        .Where(type => type.Namespace?.StartsWith("Rimrock", StringComparison.Ordinal) == true && !type.Name.Contains('<') && !type.ContainsGenericParameters)
        .SelectMany(type => type.GetProperties(BindingFlags.Public | BindingFlags.NonPublic | BindingFlags.Static | BindingFlags.DeclaredOnly))
        .Where(table => table.GetMethod is { IsPrivate: false } && !table.PropertyType.IsByRefLike)
        .OrderBy(table => $"{table.DeclaringType!.FullName}.{table.Name}", StringComparer.Ordinal);

    /// <summary>Every function that is not private and whose arguments can be had.</summary>
    public static IEnumerable<MethodBase> All() => typeof(Said).Assembly.GetTypes()
        .Where(type => type.Namespace?.StartsWith("Rimrock", StringComparison.Ordinal) == true && !type.Name.Contains('<') && !type.ContainsGenericParameters
            && !type.IsEnum && !type.IsByRefLike && !typeof(Delegate).IsAssignableFrom(type))
        .OrderBy(type => type.FullName, StringComparer.Ordinal)
        .SelectMany(type => type.GetMethods(Own).Where(method => !method.IsSpecialName && !method.ContainsGenericParameters
                && method.ReturnType != typeof(void) && (method.IsStatic || IsValue(type)) && method.GetBaseDefinition().DeclaringType == type)
            .Concat<MethodBase>(!IsValue(type) || type.IsAbstract ? []
                : type.GetConstructors(Own).Where(made => !made.IsStatic && made.GetParameters().Length > 1)))
        .Where(method => !method.IsPrivate && !method.Name.Contains('<') && method.Name is not ("PrintMembers" or "Deconstruct" or "Equals" or "ToString")
            && !method.GetParameters().Any(asked => asked.ParameterType.IsByRef || asked.ParameterType.IsByRefLike))
        .OrderBy(NameOf, StringComparer.Ordinal);

    /// <summary>A function's name with the number of its arguments.</summary>
    public static string NameOf(MethodBase method) =>
        $"{method.DeclaringType!.FullName!["Rimrock.Core.".Length..]}.{(method.IsConstructor ? "new" : method.Name)}/{method.GetParameters().Length}";

    /// <summary>True where a function is given a whole plan.</summary>
    public static bool IsLong(MethodBase method) => method.GetParameters().Any(asked => asked.ParameterType == typeof(Core.Driving.PredictionPlan));

    /// <summary>Calls a function so many times.</summary>
    /// <param name="method">The function.</param>
    /// <param name="times">How many times.</param>
    /// <param name="came">Told what came of each call.</param>
    public void Call(MethodBase method, int times, Action<object?> came)
    {
        state = (uint)FigureWalk.Of(NameOf(method));
        for (var time = 0; time < times; time++)
        {
            var owner = method.IsStatic || method.IsConstructor ? null : Some(method.DeclaringType!);
            var arguments = method.GetParameters()
                .Select(asked => asked.HasDefaultValue && Next(3) == 0 ? asked.DefaultValue : Some(asked.ParameterType, asked.Name!)).ToArray();
            if (owner is Type || arguments.Contains(typeof(void)))
            {
                return;
            }

            came(FigureWalk.Asked(() => method is ConstructorInfo maker ? maker.Invoke(arguments) : method.Invoke(owner, arguments)));
            foreach (var list in arguments.OfType<List<InputFault>>())
            {
                came(list);
            }
        }
    }

    // Nothing that changes while it is asked.
    private static bool IsValue(Type type) => type.IsValueType || type.GetMethod("<Clone>$") is not null;

    // typeof(void) where nothing of the kind was met.
    private object? Some(Type kind, string name = "")
    {
        if (Nullable.GetUnderlyingType(kind) is { } inner)
        {
            return Next(4) == 0 ? null : Some(inner, name);
        }

        if (kind == typeof(double))
        {
            var figures = ByUnit.FirstOrDefault(unit => name.EndsWith(unit.End, StringComparison.Ordinal)
                || name.Equals(unit.End, StringComparison.OrdinalIgnoreCase)).Figures ?? Figures;
            return figures[Next(figures.Length)];
        }

        if (kind == typeof(int)) { return Wholes[Next(Wholes.Length)]; }
        if (kind == typeof(bool)) { return Next(2) == 0; }
        if (kind == typeof(DateOnly)) { return new DateOnly(2026, 3, 1).AddDays(17 * Next(30)); }
        if (kind == typeof(CancellationToken)) { return CancellationToken.None; }
        if (kind == typeof(Vector512<double>)) { return Vector512.Create(Enumerable.Range(0, 8).Select(_ => Figures[Next(Figures.Length)]).ToArray()); }
        if (kind.IsEnum) { return Enum.GetValues(kind).GetValue(Next(Enum.GetValues(kind).Length)); }
        if (kind == typeof(ICollection<InputFault>) || kind == typeof(List<InputFault>)) { return new List<InputFault>(); }
        if (kind.IsArray || (kind.IsGenericType && kind.GetGenericArguments() is [_] && typeof(IEnumerable).IsAssignableFrom(kind)))
        {
            return Several(kind) ?? (object)typeof(void);
        }

        if (typeof(Delegate).IsAssignableFrom(kind)) { return kind == typeof(Action<double>) ? new Action<double>(_ => { }) : typeof(void); }
        return met.TryGetValue(kind, out var list) ? list[Next(list.Count)]
            : met.Where(row => kind.IsAssignableFrom(row.Key) && kind != typeof(object)).OrderBy(row => row.Key.FullName, StringComparer.Ordinal)
                .Select(row => row.Value[0]).FirstOrDefault() ?? typeof(void);
    }

    private Array? Several(Type kind)
    {
        var inner = kind.IsArray ? kind.GetElementType()! : kind.GetGenericArguments()[0];
        var several = Enumerable.Range(0, Wholes[Next(5)]).Select(_ => Some(inner)).ToList();
        if (several.Contains(typeof(void)) || (!kind.IsArray && !kind.IsAssignableFrom(inner.MakeArrayType())))
        {
            return null;
        }

        var array = Array.CreateInstance(inner, several.Count);
        for (var i = 0; i < several.Count; i++)
        {
            array.SetValue(several[i], i);
        }

        return array;
    }

    private int Next(int below)
    {
        state = (state * 1664525) + 1013904223;
        return (int)((state >> 8) % (uint)below);
    }
}
