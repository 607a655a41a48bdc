using System.Text.RegularExpressions;
using NetArchTest.Rules;

namespace Rimrock.Web.Tests;

/// <summary>
/// Arrows run one way: Core knows nobody, Contract only Core; storage, formats and devices know those and not each other; rooms of the page never import each
/// other.
/// </summary>
public partial class HouseRulesTests
{
    private static readonly string[] Outside =
    [
        "System.IO", "System.Net", "System.Text.Json", "System.Data", "System.Diagnostics.Stopwatch", "Microsoft", "Dapper",
        "Rimrock.Contract", "Rimrock.Storage", "Rimrock.Formats", "Rimrock.Devices", "Rimrock.Web",
    ];

    private const int MostWide = 160;

    [Fact]
    public void Core_reaches_for_no_file_net_json_or_database()
    {
        var result = Types.InAssembly(typeof(Core.Fitting.Predictor).Assembly).ShouldNot().HaveDependencyOnAny(Outside).GetResult();
        result.IsSuccessful.ShouldBeTrue(string.Join(", ", result.FailingTypeNames ?? []));
    }

    [Fact]
    public void Core_never_looks_at_a_clock_or_rolls_dice()
    {
        var core = Directory.EnumerateFiles(Path.Combine(Repository.Root, "src", "Rimrock.Core"), "*.cs", SearchOption.AllDirectories)
            .Where(file => !file.Contains("/obj/"));
        core.ShouldNotBeEmpty();
        foreach (var file in core)
        {
            Clock().IsMatch(File.ReadAllText(file)).ShouldBeFalse(file);
        }
    }

    [Theory]
    [InlineData(typeof(Contract.BodyKind), "Rimrock.Storage", "Rimrock.Formats", "Rimrock.Devices", "Rimrock.Web", "Microsoft", "Dapper")]
    [InlineData(typeof(Storage.Database), "Rimrock.Formats", "Rimrock.Web")]
    [InlineData(typeof(Formats.SpeedTraceCsv), "Rimrock.Storage", "Rimrock.Devices", "Rimrock.Web")]
    [InlineData(typeof(global::Rimrock.Devices.SimulatedLogger), "Rimrock.Storage", "Rimrock.Formats", "Rimrock.Web")]
    public void Side_rooms_know_the_core_only(Type inside, params string[] forbidden)
    {
        ArgumentNullException.ThrowIfNull(inside);
        Types.InAssembly(inside.Assembly).ShouldNot().HaveDependencyOnAny(forbidden).GetResult().IsSuccessful.ShouldBeTrue();
    }

    [Fact]
    public void Rooms_of_the_page_never_import_each_other()
    {
        var rooms = Path.Combine(Repository.Root, "web", "src", "rooms");
        var names = Directory.GetDirectories(rooms).Select(Path.GetFileName).ToArray();
        foreach (var file in Directory.EnumerateFiles(rooms, "*.ts*", SearchOption.AllDirectories))
        {
            var own = Path.GetRelativePath(rooms, file).Split('/')[0];
            foreach (Match import in Import().Matches(File.ReadAllText(file)))
            {
                var target = Path.GetFullPath(Path.Combine(Path.GetDirectoryName(file)!, import.Groups[1].Value));
                var room = names.FirstOrDefault(name => target.StartsWith(Path.Combine(rooms, name!), StringComparison.Ordinal));
                (room is null || room == own).ShouldBeTrue($"{file} imports {import.Value}");
            }
        }
    }

    [Fact]
    public void Files_stay_rooms_of_one_concept()
    {
        var sources = Directory.EnumerateFiles(Path.Combine(Repository.Root, "src"), "*.cs", SearchOption.AllDirectories)
            .Where(file => !file.Contains("/obj/") && !file.Contains("/bin/"));
        foreach (var file in sources)
        {
            File.ReadLines(file).Count().ShouldBeLessThan(300, file);
            File.ReadLines(file).Where(line => line.Length > MostWide).ShouldBeEmpty(file);
        }
    }

    [GeneratedRegex(@"\b(DateTime(Offset)?\.(Utc)?Now|TimeProvider|Stopwatch|Environment\.TickCount|new Random|Random\.Shared|Guid\.NewGuid)\b")]
    private static partial Regex Clock();

    [GeneratedRegex(@"from '(\.[^']+)'")]
    private static partial Regex Import();
}
