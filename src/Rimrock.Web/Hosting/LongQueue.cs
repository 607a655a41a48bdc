namespace Rimrock.Web.Hosting;

/// <summary>
/// Runs long work piece by piece, on as many lanes as there are processors, and keeps a lane free while a short answer is being computed: the piece that is
/// under way is finished, the next
/// one waits in the queue. Nobody sleeps, and one lane always goes on. What waits for its pieces holds no lane.
/// </summary>
/// <param name="processors">Lanes while nobody asks for a short answer.</param>
public sealed class LongQueue(int processors) : TaskScheduler
{
    private readonly LinkedList<Task> waiting = [];
    private readonly Lock gate = new();
    [ThreadStatic]
    private static bool onLane;
    private int lanes;
    private int shortAnswers;

    /// <inheritdoc/>
    public override int MaximumConcurrencyLevel => processors;

    /// <summary>Runs long work: it waits on a thread of its own while its pieces are run.</summary>
    /// <typeparam name="T">What comes of it.</typeparam>
    /// <param name="work">The work.</param>
    public Task<T> RunAsync<T>(Func<Task<T>> work) =>
        Task.Factory.StartNew(work, CancellationToken.None, TaskCreationOptions.LongRunning | TaskCreationOptions.DenyChildAttach, this).Unwrap();

    /// <summary>Keeps a lane free until disposed of.</summary>
    public IDisposable ShortAnswer()
    {
        lock (gate)
        {
            shortAnswers++;
        }

        return new Way(this);
    }

    /// <inheritdoc/>
    protected override void QueueTask(Task task)
    {
        ArgumentNullException.ThrowIfNull(task);
        if (task.CreationOptions.HasFlag(TaskCreationOptions.LongRunning))
        {
            new Thread(() => TryExecuteTask(task)) { IsBackground = true, Name = "long work" }.Start();
            return;
        }

        lock (gate)
        {
            waiting.AddLast(task);
        }

        Open();
    }

    /// <inheritdoc/>
    protected override bool TryExecuteTaskInline(Task task, bool taskWasPreviouslyQueued)
    {
        if (onLane && taskWasPreviouslyQueued)
        {
            // A piece that waits for others leaves its lane to them, and goes on without one.
            Leave();
            return false;
        }

        return onLane && TryExecuteTask(task);
    }

    /// <inheritdoc/>
    protected override bool TryDequeue(Task task)
    {
        lock (gate)
        {
            return waiting.Remove(task);
        }
    }

    /// <inheritdoc/>
    protected override IEnumerable<Task> GetScheduledTasks()
    {
        lock (gate)
        {
            return [.. waiting];
        }
    }

    private void Open()
    {
        while (true)
        {
            lock (gate)
            {
                if (waiting.Count == 0 || lanes >= (shortAnswers > 0 ? Math.Max(1, processors - 1) : processors))
                {
                    return;
                }

                lanes++;
            }

            ThreadPool.UnsafeQueueUserWorkItem(static queue => queue.Piece(), this, preferLocal: false);
        }
    }

    private void Piece()
    {
        Task? next;
        lock (gate)
        {
            next = waiting.First?.Value;
            if (next is not null)
            {
                waiting.RemoveFirst();
            }
        }

        onLane = true;
        try
        {
            _ = next is not null && TryExecuteTask(next);
        }
        finally
        {
            if (onLane)
            {
                Leave();
            }
        }
    }

    private void Leave()
    {
        onLane = false;
        lock (gate)
        {
            lanes--;
        }

        Open();
    }

    private sealed class Way(LongQueue queue) : IDisposable
    {
        private int given;

        public void Dispose()
        {
            if (Interlocked.Exchange(ref given, 1) != 0)
            {
                return;
            }

            lock (queue.gate)
            {
                queue.shortAnswers--;
            }

            queue.Open();
        }
    }
}
