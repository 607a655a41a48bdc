using System.Globalization;
using System.IO.Compression;
using System.Text.Json;
using Dapper;
using Rimrock.Contract;
using Rimrock.Core.Beliefs;
using Rimrock.Core.Numerics;
using Rimrock.Core.Runs;

namespace Rimrock.Storage;

/// <summary>
/// Keeps what was learnt, by the hash of the evidence and the version of the model: a start of the program learns nothing twice. What cannot be read, or was
/// learnt by another model, counts as not there; the oldest asked go first.
/// </summary>
/// <param name="database">The database.</param>
/// <param name="clock">The clock.</param>
public sealed class BeliefStore(Database database, TimeProvider clock)
{
    /// <summary>Beliefs kept, each some 150 kB.</summary>
    public const int Most = 40;

    /// <summary>What was learnt from evidence; null where nothing is kept.</summary>
    /// <param name="evidence">Hash of the evidence.</param>
    public Learnt? Find(string evidence)
    {
        using var connection = database.Open();
        var body = connection.ExecuteScalar<byte[]?>("SELECT body FROM belief WHERE evidence = @evidence AND model = @model",
            new { evidence, model = PriorFactor.Model });
        try
        {
            return body is null ? null : Read(body);
        }
        catch (Exception unreadable) when (unreadable is JsonException or InvalidDataException)
        {
            return null;
        }
    }

    /// <summary>Keeps what was learnt.</summary>
    /// <param name="evidence">Hash of the evidence.</param>
    /// <param name="learnt">What was learnt.</param>
    public void Keep(string evidence, Learnt learnt)
    {
        ArgumentNullException.ThrowIfNull(learnt);
        using var connection = database.Open();
        connection.Execute("INSERT OR REPLACE INTO belief (evidence, model, asked, body) VALUES (@evidence, @model, @asked, @body)", new
        {
            evidence,
            model = PriorFactor.Model,
            asked = clock.GetUtcNow().ToString("yyyy-MM-ddTHH:mm:ss.fffZ", CultureInfo.InvariantCulture),
            body = Written(learnt),
        });
        connection.Execute("DELETE FROM belief WHERE evidence NOT IN (SELECT evidence FROM belief ORDER BY model DESC, asked DESC LIMIT @Most)", new { Most });
    }

    private static byte[] Written(Learnt learnt)
    {
        var kept = new Kept(learnt.Scoped.Rows, learnt.Scoped.Weights, learnt.Scoped.Keys, learnt.EffectiveMembers, learnt.Rounds, learnt.Contradicted,
            learnt.Seen, learnt.EveningBefore, learnt.EveningWeights);
        using var packed = new MemoryStream();
        using (var pack = new BrotliStream(packed, CompressionLevel.Fastest, leaveOpen: true))
        {
            JsonSerializer.Serialize(pack, kept, JsonRules.Strict);
        }

        return packed.ToArray();
    }

    private static Learnt? Read(byte[] body)
    {
        using var unpack = new BrotliStream(new MemoryStream(body), CompressionMode.Decompress);
        if (JsonSerializer.Deserialize<Kept>(unpack, JsonRules.Strict) is not { } kept)
        {
            return null;
        }

        var scoped = kept.Keys.Count == 0 ? ScopedBelief.Nothing : new ScopedBelief(kept.Rows, kept.Weights, kept.Keys);
        return kept.Keys.Count == 0 || scoped.Fits() ? new Learnt(scoped, kept.EffectiveMembers, kept.Rounds, kept.Contradicted, kept.Seen,
            kept.EveningBefore, kept.EveningWeights) : null;
    }

    private sealed record Kept(double[][] Rows, double[] Weights, IReadOnlyList<IReadOnlyList<string>> Keys, double EffectiveMembers, int Rounds,
        bool Contradicted, IReadOnlyList<SeenAndBelieved> Seen, IReadOnlyList<Spread> EveningBefore, IReadOnlyList<double[]> EveningWeights);
}
