using Rimrock.Storage;

namespace Rimrock.Web.Hosting;

/// <summary>Where the database lies.</summary>
public static class DatabasePath
{
    /// <summary>The path given by <c>--database</c>, else the user's own file in the data folder of the account, which is made where it is missing.</summary>
    public static string From(IConfiguration configuration)
    {
        ArgumentNullException.ThrowIfNull(configuration);
        if (configuration["database"] is { Length: > 0 } path)
        {
            // A folder that somebody named is not made: a typing error would hide the data.
            return Directory.Exists(Path.GetDirectoryName(Path.GetFullPath(path))) ? path
                : throw new DatabaseRefusedException($"The folder {Path.GetDirectoryName(Path.GetFullPath(path))} is not there: make it, or name another " +
                    $"place with --database.");
        }

        var folder = Path.Combine(Environment.GetFolderPath(Environment.SpecialFolder.LocalApplicationData, Environment.SpecialFolderOption.Create), "rimrock");
        Directory.CreateDirectory(folder);
        return Path.Combine(folder, "rimrock.db");
    }
}
