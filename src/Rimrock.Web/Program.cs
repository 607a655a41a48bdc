using Rimrock.Storage;
using Rimrock.Web.Bench;
using Rimrock.Web.Choose;
using Rimrock.Web.Devices;
using Rimrock.Web.Hosting;
using Rimrock.Web.Log;
using Rimrock.Web.Ready;
using Rimrock.Web.Shelf;

if (StartOptions.Answer(args) is { } answer)
{
    await (answer.ExitCode == 0 ? Console.Out : Console.Error).WriteLineAsync(answer.Said);
    return answer.ExitCode;
}

var builder = WebApplication.CreateBuilder(args);
builder.WebHost.UseSetting(WebHostDefaults.ServerUrlsKey, $"http://127.0.0.1:{builder.Configuration.GetValue("port", 5217)}");
builder.WebHost.ConfigureKestrel(kestrel =>
{
    kestrel.AddServerHeader = false;
    kestrel.Limits.MaxRequestBodySize = RequestLimits.MostBytes;
});
builder.Configuration["AllowedHosts"] = "*";
builder.Logging.AddFilter("Microsoft.AspNetCore", LogLevel.Warning);

// A request that was hung up, a body that was refused: told to who asked, no news for the console.
builder.Logging.AddFilter("Microsoft.AspNetCore.Diagnostics.ExceptionHandlerMiddleware", LogLevel.None);
builder.Services.Configure<HostOptions>(options => options.ShutdownTimeout = RequestLimits.LongestShutdown);
builder.Services.Configure<RouteHandlerOptions>(options => options.ThrowOnBadRequest = true);
builder.Services.ConfigureHttpJsonOptions(options => JsonContract.Configure(options.SerializerOptions));
builder.Services.AddProblemDetails();
builder.Services.AddExceptionHandler<ProblemHandler>();
builder.Services.AddOpenApi("v1", JsonContract.Describe);
builder.Services.AddSingleton(TimeProvider.System);
builder.Services.AddSingleton(_ => new Database(DatabasePath.From(builder.Configuration), builder.Configuration.GetValue<int?>("database-pages")));
builder.Services.AddSingleton<ShelfStore>();
builder.Services.AddSingleton<LogStore>();
builder.Services.AddSingleton<ForecastStore>();
builder.Services.AddSingleton<BeliefStore>();
builder.Services.AddSingleton<LearntShelf>();
builder.Services.AddSingleton<SetAside>();
builder.Services.AddSingleton<Archive>();
builder.Services.AddSingleton<Copies>();
builder.Services.AddSingleton<Estate>();
builder.Services.AddAnswers();
builder.Services.AddHeavyWork();
builder.Services.AddSingleton<LoggerShelf>();
builder.Services.AddSingleton<RunProgress>();
builder.Services.AddSingleton<ImportMemory>();
builder.Services.AddHostedService<WarmUp>();
builder.Services.AddHostedService<DailyCopy>();

var app = builder.Build();
try
{
    // Opened and looked at before anybody is told an address.
    app.Services.GetRequiredService<Database>();
    if (builder.Configuration.GetValue("demo", false))
    {
        var shelf = app.Services.GetRequiredService<ShelfStore>();
        shelf.LoadDemo();
        app.Services.GetRequiredService<LogStore>().LoadDemo(shelf.Read(), DateOnly.FromDateTime(TimeProvider.System.GetLocalNow().Date));
    }
}
catch (DatabaseRefusedException refused)
{
    await Console.Error.WriteLineAsync(refused.Message);
    return 1;
}

app.UseMiddleware<OriginGuard>();
app.UseMiddleware<EstateDoor>();
app.UseExceptionHandler();
app.UseStatusCodePages(context => Problems.OfStatus(context.HttpContext));
app.UseDefaultFiles();
app.UseStaticFiles(StaticFileCaching.Options);
app.UseRouting();
app.UseRateLimiter();
app.MapOpenApi();
var api = app.MapGroup("/api");
api.MapGroup("/predictions").MapPredictions();
api.MapGroup("/matches").MapMatches();
api.MapGroup("/progress").MapProgress();
api.MapGroup("/shelf").MapShelf();
api.MapGroup("/shelf/typical").MapTypical();
api.MapGroup("/shelf/catalogue").MapCatalogue();
api.MapGroup("/readings").MapReadings();
api.MapGroup("/devices/loggers").MapLoggers();
api.MapGroup("/devices/dynamometers").MapDynamometers();
api.MapGroup("/recordings").MapRecordings();
api.MapGroup("/ready").MapReady();
api.MapGroup("/log").MapLog();
api.MapGroup("/log/recorded").MapRecorded();
api.MapGroup("/archive").MapArchive();

// Rooms of the page have addresses of their own; what begins with api is asked of the server, and answered by it.
app.MapFallbackToFile("{*path:nonfile:regex(^(?!api(/|$)|openapi(/|$)).*$)}", "index.html", StaticFileCaching.Options);
try
{
    await app.RunAsync();
    return 0;
}
catch (IOException taken) when (taken.InnerException is Microsoft.AspNetCore.Connections.AddressInUseException)
{
    await Console.Error.WriteLineAsync($"Port {builder.Configuration.GetValue("port", 5217)} is taken on this machine; choose another with --port N.");
    return 1;
}

/// <summary>Entry point, visible to the tests' host.</summary>
public partial class Program;
