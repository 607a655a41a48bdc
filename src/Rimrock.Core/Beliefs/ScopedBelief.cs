using Rimrock.Core.Driving;
using Rimrock.Core.Numerics;
using Rimrock.Core.Priors;
using Rimrock.Core.Runs;

namespace Rimrock.Core.Beliefs;

/// <summary>
/// What is believed of a car with all the parts and courses that it was seen with. A row holds the factors of the newest of them, then those of each
/// older part and driver that evidence told of, and last what parts take.
/// </summary>
/// <param name="Rows">One row a member, of scores.</param>
/// <param name="Weights">One weight a member; they sum to 1.</param>
/// <param name="Keys">For each scope of <see cref="FactorScope"/> what evidence told of, the newest first.</param>
public sealed record ScopedBelief(double[][] Rows, double[] Weights, IReadOnlyList<IReadOnlyList<string>> Keys)
{
    private static readonly FactorScope[] Scopes = Enum.GetValues<FactorScope>();
    private static readonly int[][] Columns = [.. Scopes.Select(scope => Enumerable.Range(0, PriorFactor.Learnable)
        .Where(column => PriorFactor.All[column].Scope == scope).ToArray())];

    /// <summary>Nothing learnt.</summary>
    public static ScopedBelief Nothing { get; } = new(Population.Prior.Scores, Population.Prior.Weights, []);

    /// <summary>True where keys, rows and weights fit each other and today's factors; of what was kept elsewhere nobody knows.</summary>
    public bool Fits() => Keys.Count == Scopes.Length && Keys.All(keys => keys.Count > 0) && Rows.Length == Weights.Length
        && Rows.All(row => row.Length == Moved + PriorFactor.All.Count - PriorFactor.Learnable);

    /// <summary>Scores that evidence can move, the first of each row.</summary>
    internal int Moved => PriorFactor.Learnable + Scopes.Sum(scope => Columns[(int)scope].Length * (Keys[(int)scope].Count - 1));

    /// <summary>The prior of all that some days tell of.</summary>
    /// <param name="plans">Their plans, oldest first; at least one.</param>
    internal static ScopedBelief PriorOf(IReadOnlyList<PredictionPlan> plans)
    {
        IReadOnlyList<string>[] keys = [.. Scopes.Select(scope => plans.Reverse().Select(plan => KeyOf(plan, scope)).Distinct().ToList())];
        var prior = Population.Prior.Scores;

        // What was there first keeps its column of the prior, and what came later its own order of it, whatever comes after: a day's members stay the same.
        double At(int row, int column, int age) => age == 0 ? prior[row][column] : Shuffled(row, column, (age * PriorFactor.Learnable) + column);
        (int Column, int Age)[] newest = [.. Enumerable.Range(0, PriorFactor.Learnable)
            .Select(column => (column, keys[(int)PriorFactor.All[column].Scope].Count - 1))];
        (int Column, int Age)[] older = [.. Scopes.SelectMany(scope => Enumerable.Range(0, keys[(int)scope].Count - 1).Reverse()
            .SelectMany(age => Columns[(int)scope].Select(column => (column, age))))];
        double[] Row(int row) => [.. newest.Concat(older).Select(one => At(row, one.Column, one.Age)), .. prior[row].Skip(PriorFactor.Learnable)];
        return new ScopedBelief([.. Enumerable.Range(0, prior.Length).Select(Row)], Population.Prior.Weights, keys);
    }

    /// <summary>
    /// What is believed of a plan: each factor as learnt of its own parts, its own driver on its own circuit; as before anything was seen where nothing was.
    /// Members are of one weight, and those of one place go together whatever the plan: what was learnt of the car is the same in all.
    /// </summary>
    public Population Of(PredictionPlan plan)
    {
        if (Keys.Count == 0)
        {
            return Population.Prior;
        }

        var places = PlacesOf(plan);

        // What nothing was seen of is as wide as before: it is dealt anew to members of one weight.
        var made = new Population([.. Rows.Select(row => With(row, places))], Weights).Resampled();
        for (var i = 0; i < made.Scores.Length && Array.Exists(places, place => place < 0); i++)
        {
            made.Scores[i] = [.. made.Scores[i]];
            foreach (var column in places.SelectMany((place, scope) => place < 0 ? Columns[scope] : []))
            {
                made.Scores[i][column] = Shuffled(i, column, column);
            }
        }

        return made;
    }

    /// <summary>How much faster a plan's pads wear than in the middle of what was believed before anything was seen; eight of ten lie in the band.</summary>
    public Spread WearOf(PredictionPlan plan)
    {
        if (Keys.Count == 0)
        {
            return Spread.Times(1, PriorSpread.Wear, 6);
        }

        var (slow, middle, fast) = Quantiles.Band(Of(plan).Cars().Select(car => (float)car.Wear).ToArray());
        return new Spread(slow, middle, fast);
    }

    /// <summary>The newest of all.</summary>
    public Population Newest() => Keys.Count == 0 ? Population.Prior : new Population([.. Rows.Select(row => With(row, new int[Scopes.Length]))], Weights);

    /// <summary>Rows of scores in the order of <see cref="PriorFactor.All"/> for the parts, the driver and the circuit of a plan.</summary>
    internal double[][] RowsOf(double[][] rows, PredictionPlan plan)
    {
        var places = PlacesOf(plan);
        return [.. rows.Select(row => With(row, places))];
    }

    // A column of the prior in another order of its rows: an odd stride meets each of the 256 once.
    private static double Shuffled(int row, int column, int place)
    {
        var prior = Population.Prior.Scores;
        return prior[((row * ((2 * place) + 37)) + (11 * place) + 5) % prior.Length][column];
    }

    /// <summary>Tells plans apart of which something else is believed: equal texts, equal beliefs.</summary>
    public string KeyOf(PredictionPlan plan) => Keys.Count == 0 ? "" : string.Join(' ', PlacesOf(plan));

    /// <summary>The same of what heats: plans that differ in fluid alone have the same members, see <see cref="HeatRows"/>.</summary>
    internal string HeatKeyOf(PredictionPlan plan) => Keys.Count == 0 ? ""
        : string.Join(' ', PlacesOf(plan).Where((_, scope) => (FactorScope)scope != FactorScope.Fluid));

    /// <summary>Tells apart the members that a prior gives a plan: as many things of each scope came before its own.</summary>
    internal string AgesOf(PredictionPlan plan) => string.Join(' ', PlacesOf(plan).Select((place, scope) => Keys[scope].Count - 1 - place));

    private int[] PlacesOf(PredictionPlan plan) => [.. Scopes.Select(scope => Keys[(int)scope].ToList().IndexOf(KeyOf(plan, scope)))];

    // A place below 0 stands for what nothing was seen of.
    private double[] With(double[] row, int[] places)
    {
        double[] made = [.. row.Take(PriorFactor.Learnable), .. row.Skip(Moved)];
        var older = PriorFactor.Learnable;
        for (var scope = 0; scope < places.Length; scope++)
        {
            var columns = Columns[scope];
            for (var i = 0; i < columns.Length; i++)
            {
                made[columns[i]] = places[scope] <= 0 ? row[columns[i]] : row[older + ((places[scope] - 1) * columns.Length) + i];
            }

            older += columns.Length * (Keys[scope].Count - 1);
        }

        return made;
    }

    // Parts are told by their names, a driver by name, circuit and pace.
    private static string KeyOf(PredictionPlan plan, FactorScope scope) => scope switch
    {
        FactorScope.FrontPad => plan.FrontPad.Name,
        FactorScope.RearPad => plan.RearPad.Name,
        FactorScope.Fluid => plan.Fluid.Name,
        FactorScope.Driver when plan.Driver is { } driver => $"{driver}, {plan.Circuit.Name}, {plan.Pace}",
        FactorScope.Driver => $"{plan.Circuit.Name}, {plan.Pace}",
        _ => "",
    };
}
