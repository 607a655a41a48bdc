using Microsoft.AspNetCore.Hosting;
using Microsoft.AspNetCore.Mvc.Testing;

namespace Rimrock.Web.Tests;

/// <summary>The whole server in memory on a database of its own with the demo on the shelf.</summary>
public sealed class RimrockHost : WebApplicationFactory<Program>
{
    private readonly string folder = Directory.CreateTempSubdirectory("rimrock").FullName;

    protected override void ConfigureWebHost(IWebHostBuilder builder)
    {
        // What ships: no error that only a developer would see.
        builder.UseEnvironment("Production");
        builder.UseSetting("database", Path.Combine(folder, "web.db"));
        builder.UseSetting("demo", "true");
    }

    protected override void Dispose(bool disposing)
    {
        base.Dispose(disposing);
        Microsoft.Data.Sqlite.SqliteConnection.ClearAllPools();
        if (Directory.Exists(folder))
        {
            Directory.Delete(folder, recursive: true);
        }
    }
}
