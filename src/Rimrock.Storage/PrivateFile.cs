namespace Rimrock.Storage;

/// <summary>Files beside the database that only its owner may read.</summary>
public static class PrivateFile
{
    private const string Spool = ".spool-";
    private const UnixFileMode Owner = UnixFileMode.UserRead | UnixFileMode.UserWrite;

    /// <summary>Creates one, mode 0600, for reading and writing.</summary>
    /// <param name="path">Where; nothing may lie there.</param>
    /// <param name="options">How it is used.</param>
    public static FileStream Create(string path, FileOptions options = FileOptions.None)
    {
        var wanted = new FileStreamOptions
        {
            Mode = FileMode.CreateNew,
            Access = FileAccess.ReadWrite,
            Share = FileShare.Read | FileShare.Delete,
            Options = options
        };
        if (!OperatingSystem.IsWindows())
        {
            wanted.UnixCreateMode = Owner;
        }

        return new FileStream(path, wanted);
    }

    /// <summary>A file for what passes through, which goes with its stream; what a killed server leaves is swept at the next start.</summary>
    public static FileStream Spooled(Database database, string what)
    {
        ArgumentNullException.ThrowIfNull(database);
        return Create($"{database.Path}{Spool}{what}-{Guid.NewGuid():n}", FileOptions.Asynchronous | FileOptions.DeleteOnClose);
    }

    /// <summary>Takes away what was left of files that passed through.</summary>
    public static void Sweep(string databasePath)
    {
        ArgumentNullException.ThrowIfNull(databasePath);
        var (folder, name) = (Path.GetDirectoryName(databasePath)!, Path.GetFileName(databasePath));
        foreach (var left in Directory.EnumerateFiles(folder, name + Spool + "*").Concat(Directory.EnumerateFiles(folder, name + ".*.part")))
        {
            File.Delete(left);
        }
    }
}
