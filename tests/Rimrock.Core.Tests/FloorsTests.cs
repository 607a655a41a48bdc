using Mono.Cecil;

namespace Rimrock.Core.Tests;

/// <summary>
/// The floors of the house, read off the compiled types: a room uses lower floors, and its own only where that is said here; no two files hold each other.
/// What the compiler writes into a type by itself (constants, closures) is the type's own.
/// </summary>
public sealed class FloorsTests
{
    private const string House = "Rimrock.Core";

    private static readonly string[][] Floors =
    [
        ["Quantities", "Numerics"],
        ["Priors"],
        ["Materials", "Friction", "Fluids", "Rotors"],
        ["Vehicles", "Circuits"],
        ["Heat", "Driving"],
        ["Runs"],
        ["Limits"],
        ["Beliefs"],
        ["Judgement"],
        ["Fitting"],
        ["Entries"],
        ["Garage"],
        ["Preparation", "Logbook"],
    ];

    private static readonly (string User, string Used)[] SameFloor = [("Rotors", "Friction"), ("Circuits", "Vehicles")];

    private static readonly Dictionary<TypeDefinition, HashSet<TypeDefinition>> Uses = Read();

    [Fact]
    public void Every_type_stands_in_a_room_of_the_house()
    {
        Uses.Keys.ShouldAllBe(type => Floors.Any(floor => floor.Contains(RoomOf(type))));
        Uses.Keys.Select(RoomOf).Distinct().Count().ShouldBeGreaterThan(15);
    }

    [Fact]
    public void A_room_uses_lower_floors_and_its_own_only_where_it_is_said()
    {
        var wrong = Uses.SelectMany(use => use.Value.Select(used => (User: use.Key, Used: used)))
            .Where(use => RoomOf(use.User) != RoomOf(use.Used) && FloorOf(use.Used) >= FloorOf(use.User)
                && !SameFloor.Contains((RoomOf(use.User), RoomOf(use.Used))));
        wrong.Select(use => $"{use.User.FullName} uses {use.Used.FullName}").ShouldBeEmpty();
    }

    [Fact]
    public void A_room_is_a_folder_and_no_two_files_hold_each_other()
    {
        var source = Path.Combine(SourceRoot(), "src", House);
        var fileOf = new Dictionary<string, string>();
        foreach (var file in Directory.EnumerateDirectories(source).Where(room => Floors.Any(floor => floor.Contains(Path.GetFileName(room))))
            .SelectMany(room => Directory.EnumerateFiles(room, "*.cs")))
        {
            var room = Path.GetFileName(Path.GetDirectoryName(file))!;
            var text = File.ReadAllText(file);
            text.ShouldContain($"namespace {House}.{room};", Case.Sensitive, file);
            foreach (var type in Uses.Keys.Where(type => RoomOf(type) == room && Declares(text, type)))
            {
                // Parts of one type count as the first of them.
                fileOf.TryAdd(type.FullName, file);
            }
        }

        Uses.Keys.Where(type => !fileOf.ContainsKey(type.FullName)).Select(type => type.FullName).ShouldBeEmpty();
        var arrows = Uses.SelectMany(use => use.Value.Select(used => (From: fileOf[use.Key.FullName], To: fileOf[used.FullName])))
            .Where(arrow => arrow.From != arrow.To)
            .GroupBy(arrow => arrow.From).ToDictionary(from => from.Key, from => from.Select(arrow => arrow.To).ToHashSet());
        Circles(arrows).Select(circle => string.Join(", ", circle.Select(file => Path.GetRelativePath(source, file)))).ShouldBeEmpty();
    }

    private static bool Declares(string text, TypeDefinition type)
    {
        var name = type.Name.Split('`')[0];
        return System.Text.RegularExpressions.Regex.IsMatch(text, $@"^(public|internal)[\w ]* (class|struct|interface|enum|record|delegate [^(]*) ?{name}\b",
            System.Text.RegularExpressions.RegexOptions.Multiline);
    }

    private static string SourceRoot([System.Runtime.CompilerServices.CallerFilePath] string file = "") =>
        Path.GetFullPath(Path.Combine(Path.GetDirectoryName(file)!, "..", ".."));

    private static string RoomOf(TypeDefinition type) =>
        type.Namespace.StartsWith(House + ".", StringComparison.Ordinal) ? type.Namespace[(House.Length + 1)..] : type.Namespace;

    private static int FloorOf(TypeDefinition type) => Array.FindIndex(Floors, floor => floor.Contains(RoomOf(type)));

    private static Dictionary<TypeDefinition, HashSet<TypeDefinition>> Read()
    {
        var module = AssemblyDefinition.ReadAssembly(typeof(Core.Quantities.Temperature).Assembly.Location).MainModule;
        return module.Types.Where(Ours).ToDictionary(type => type, type =>
        {
            var found = new HashSet<TypeDefinition>();
            Visit(type, used => found.UnionWith(Resolved(used, module).Where(other => other != type)));
            return found;
        });
    }

    private static bool Ours(TypeDefinition type) => type.Namespace.StartsWith(House, StringComparison.Ordinal) && !type.Name.Contains('<');

    /// <summary>The outermost types of the house that a reference leads to.</summary>
    private static IEnumerable<TypeDefinition> Resolved(TypeReference? type, ModuleDefinition module)
    {
        switch (type)
        {
            case null or GenericParameter:
                return [];
            case GenericInstanceType generic:
                return generic.GenericArguments.SelectMany(one => Resolved(one, module)).Concat(Resolved(generic.ElementType, module));
            case TypeSpecification specific:
                return Resolved(specific.ElementType, module);
            case { DeclaringType: { } outer }:
                return Resolved(outer, module);
            default:
                return type.Scope == module && type.Resolve() is { } own && Ours(own) ? [own] : [];
        }
    }

    private static void Visit(TypeDefinition type, Action<TypeReference?> use)
    {
        use(type.BaseType);
        type.Interfaces.ToList().ForEach(one => use(one.InterfaceType));
        type.Fields.ToList().ForEach(field => use(field.FieldType));
        foreach (var method in type.Methods)
        {
            Visit(method, use);
            if (method.HasBody)
            {
                method.Body.Variables.ToList().ForEach(variable => use(variable.VariableType));
                foreach (var operand in method.Body.Instructions.Select(instruction => instruction.Operand))
                {
                    switch (operand)
                    {
                        case MethodReference called: Visit(called, use); break;
                        case FieldReference field: use(field.DeclaringType); use(field.FieldType); break;
                        case TypeReference named: use(named); break;
                    }
                }
            }
        }

        type.NestedTypes.ToList().ForEach(nested => Visit(nested, use));
    }

    private static void Visit(MethodReference method, Action<TypeReference?> use)
    {
        use(method.DeclaringType);
        use(method.ReturnType);
        method.Parameters.ToList().ForEach(parameter => use(parameter.ParameterType));
        (method as GenericInstanceMethod)?.GenericArguments.ToList().ForEach(use);
    }

    /// <summary>Sets of files that reach each other.</summary>
    private static IEnumerable<IReadOnlyList<string>> Circles(Dictionary<string, HashSet<string>> arrows)
    {
        HashSet<string> From(string start)
        {
            var (reached, next) = (new HashSet<string>(), new Queue<string>([start]));
            while (next.TryDequeue(out var at))
            {
                foreach (var to in arrows.GetValueOrDefault(at, []).Where(reached.Add))
                {
                    next.Enqueue(to);
                }
            }

            return reached;
        }

        var reach = arrows.Keys.ToDictionary(file => file, From);
        return reach.Keys.Where(file => reach[file].Contains(file)).GroupBy(file =>
            string.Join('|', reach[file].Where(other => reach.GetValueOrDefault(other, []).Contains(file)).Order()))
            .Select(circle => (IReadOnlyList<string>)[.. circle.Order()]);
    }
}
