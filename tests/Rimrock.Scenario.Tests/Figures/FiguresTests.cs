namespace Rimrock.Scenario.Tests.Figures;

/// <summary>
/// What the core answers stands where it stood, figure by figure: what moves here moves on purpose. scripts/golden.sh writes the files anew, and
/// docs/models/renewals.md says why.
/// </summary>
public class FiguresTests
{
    /// <summary>Calls of a function that drives whole days, and of any other.</summary>
    private static readonly (int Long, int Short) Times = (16, 24);

    public static TheoryData<string> Names => [.. Questions.All.Keys];

    [Theory]
    [MemberData(nameof(Names))]
    public void What_a_room_is_told_stays_what_it_was(string question)
    {
        var (sums, walk) = (new FigureSums(), new FigureWalk());
        walk.Walk(Questions.All[question](), sums.Add);
        sums.Moves(question + ".csv").ShouldBeEmpty();
    }

    /// <summary>With RIMROCK_ASK_ROOM the functions of one room alone: a sixth of the time, for who changes one line after another.</summary>
    [Fact]
    public void What_can_be_asked_of_the_core_is_answered_as_it_was()
    {
        var (sums, walk) = (new FigureSums(), new FigureWalk());
        foreach (var subject in Questions.Subjects())
        {
            walk.Walk(subject, (field, figure) => sums.Add($"of {field}", figure));
        }

        foreach (var table in Calls.Tables())
        {
            walk.Walk(table.GetValue(null), (_, figure) => sums.Add($"in {table.DeclaringType!.Name}.{table.Name}", figure));
        }

        var (calls, room) = (new Calls(walk.Met), Environment.GetEnvironmentVariable("RIMROCK_ASK_ROOM"));
        foreach (var method in Calls.All().Where(method => room is null || method.DeclaringType!.Namespace!.EndsWith($".{room}", StringComparison.Ordinal)))
        {
            void Keep(object? came) => new FigureWalk().Walk(came, (_, figure) => sums.Add(Calls.NameOf(method), figure));
            calls.Call(method, Calls.IsLong(method) ? Times.Long : Times.Short, Keep);
        }

        sums.Moves("asked.csv", isPart: room is not null).ShouldBeEmpty();
    }
}
