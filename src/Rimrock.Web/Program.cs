using Rimrock.Storage;
using Rimrock.Web.Bench;
using Rimrock.Web.Choose;
using Rimrock.Web.Devices;
using Rimrock.Web.Hosting;
using Rimrock.Web.Log;
using Rimrock.Web.Ready;
using Rimrock.Web.Shelf;

var builder = WebApplication.CreateBuilder(args);
builder.WebHost.UseSetting(WebHostDefaults.ServerUrlsKey, $"http://127.0.0.1:{builder.Configuration.GetValue("port", 5217)}");
builder.WebHost.ConfigureKestrel(kestrel =>
{
    kestrel.AddServerHeader = false;
    kestrel.Limits.MaxRequestBodySize = RequestLimits.MostBytes;
});
builder.Configuration["AllowedHosts"] = "localhost;127.0.0.1;[::1]";
builder.Logging.AddFilter("Microsoft.AspNetCore", LogLevel.Warning);
builder.Services.ConfigureHttpJsonOptions(options => JsonContract.Configure(options.SerializerOptions));
builder.Services.AddProblemDetails();
builder.Services.AddExceptionHandler<ProblemHandler>();
builder.Services.AddOpenApi("v1", JsonContract.Describe);
builder.Services.AddSingleton(_ => new Database(DatabasePath.From(builder.Configuration), builder.Configuration.GetValue<int?>("database-pages")));
builder.Services.AddSingleton<ShelfStore>();
builder.Services.AddSingleton<LogStore>();
builder.Services.AddSingleton<Archive>();
builder.Services.AddSingleton<AnswerCache>();
builder.Services.AddSingleton<LoggerShelf>();
builder.Services.AddSingleton<RunProgress>();
builder.Services.AddSingleton<ImportMemory>();
builder.Services.AddHostedService<WarmUp>();

var app = builder.Build();
if (builder.Configuration.GetValue("demo", false))
{
    var shelf = app.Services.GetRequiredService<ShelfStore>();
    shelf.LoadDemo();
    app.Services.GetRequiredService<LogStore>().LoadDemo(shelf.Read(), DateOnly.FromDateTime(TimeProvider.System.GetLocalNow().Date));
}

app.UseExceptionHandler();
app.UseStatusCodePages();
app.UseMiddleware<OriginGuard>();
app.UseDefaultFiles();
app.UseStaticFiles(StaticFileCaching.Options);
app.MapOpenApi();
var api = app.MapGroup("/api");
api.MapGroup("/predictions").MapPredictions();
api.MapGroup("/matches").MapMatches();
api.MapGroup("/progress").MapProgress();
api.MapGroup("/shelf").MapShelf();
api.MapGroup("/shelf/catalogue").MapCatalogue();
api.MapGroup("/readings").MapReadings();
api.MapGroup("/devices/loggers").MapLoggers();
api.MapGroup("/devices/dynamometers").MapDynamometers();
api.MapGroup("/recordings").MapRecordings();
api.MapGroup("/ready").MapReady();
api.MapGroup("/log").MapLog();
api.MapGroup("/log/recorded").MapRecorded();
api.MapGroup("/archive").MapArchive();
api.MapFallback(() => Results.Problem(statusCode: StatusCodes.Status404NotFound, title: "There is nothing at this address."));
app.MapFallbackToFile("index.html");
app.Run();

/// <summary>Entry point, visible to the tests' host.</summary>
public partial class Program;
