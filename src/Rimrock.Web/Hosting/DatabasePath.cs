namespace Rimrock.Web.Hosting;

/// <summary>Where the database lies.</summary>
public static class DatabasePath
{
    /// <summary>The path given by <c>--database</c>, else the user's own file in the data folder of the account.</summary>
    public static string From(IConfiguration configuration)
    {
        ArgumentNullException.ThrowIfNull(configuration);
        return configuration["database"] is { Length: > 0 } path
            ? path
            : Path.Combine(Environment.GetFolderPath(Environment.SpecialFolder.LocalApplicationData, Environment.SpecialFolderOption.Create), "rimrock", "rimrock.db");
    }
}
