using System.Threading.RateLimiting;
using Microsoft.AspNetCore.RateLimiting;
using Rimrock.Core.Quantities;

namespace Rimrock.Web.Hosting;

/// <summary>Answers that take a whole machine for a while wait their turn, so that a few never starve all others.</summary>
public static class HeavyWork
{
    /// <summary>Name of the policy.</summary>
    public const string Policy = "heavy";

    private const int AtOnce = 2;
    private const int Waiting = 48;

    /// <summary>Adds the queue.</summary>
    public static void AddHeavyWork(this IServiceCollection services) =>
        services.AddSingleton(new LongQueue(Environment.ProcessorCount)).AddRateLimiter(options =>
    {
        options.RejectionStatusCode = StatusCodes.Status503ServiceUnavailable;
        options.AddConcurrencyLimiter(Policy, limiter =>
        {
            limiter.PermitLimit = AtOnce;
            limiter.QueueLimit = Waiting;
            limiter.QueueProcessingOrder = QueueProcessingOrder.OldestFirst;
        });
        options.OnRejected = async (rejected, _) => await Problems.Write(rejected.HttpContext,
            Problems.Of(StatusCodes.Status503ServiceUnavailable, "Rimrock is busy.",
                new InputFault("request", $"{AtOnce + Waiting} before it", "a moment later",
                "So many long answers are being computed already that this one would wait too long. Ask again in a moment.")));
    });

    /// <summary>Lets an endpoint wait its turn, and runs it piece by piece.</summary>
    public static RouteHandlerBuilder Heavy(this RouteHandlerBuilder endpoint) => endpoint
        .AddEndpointFilter((context, next) =>
            new ValueTask<object?>(context.HttpContext.RequestServices.GetRequiredService<LongQueue>().RunAsync(() => next(context).AsTask())))
        .RequireRateLimiting(Policy).ProducesProblem(StatusCodes.Status422UnprocessableEntity).ProducesProblem(StatusCodes.Status503ServiceUnavailable);
}
