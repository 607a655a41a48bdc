using System.Globalization;
using System.Reflection;

namespace Rimrock.Web.Hosting;

/// <summary>What stands on the command line.</summary>
public static class StartOptions
{
    /// <summary>Version of this Rimrock.</summary>
    public static string Version { get; } =
        typeof(StartOptions).Assembly.GetCustomAttribute<AssemblyInformationalVersionAttribute>()!.InformationalVersion.Split('+')[0];

    /// <summary>How it is called.</summary>
    public static string Usage { get; } = $"""
        Rimrock {Version}
        usage: Rimrock.Web [--port N] [--database FILE] [--demo true]
          --port N         1 to 65535; 5217 where nothing is said
          --database FILE  the database; its folder must be there
          --demo true      puts the made-up demo on the shelf
          --version        says the version
        """;

    // What the host itself understands and its tests use.
    private static readonly string[] OfTheHost = ["environment", "contentRoot", "applicationName", "urls", "webroot"];

    /// <summary>Looks at them before anything starts.</summary>
    /// <param name="args">The words.</param>
    /// <returns>What to print and the exit code; null to start.</returns>
    public static (string Said, int ExitCode)? Answer(IReadOnlyList<string> args)
    {
        ArgumentNullException.ThrowIfNull(args);
        for (var i = 0; i < args.Count; i++)
        {
            if (args[i] is "--version")
            {
                return (Version, 0);
            }

            if (args[i] is "--help" or "-h")
            {
                return (Usage, 0);
            }

            var (name, value) = args[i].Split('=', 2) is [var before, var after] ? (before, after) : (args[i], i + 1 < args.Count ? args[++i] : null);
            if (!name.StartsWith("--", StringComparison.Ordinal) || Wrong(name[2..], value) is { } wrong
                && !OfTheHost.Contains(name[2..], StringComparer.OrdinalIgnoreCase))
            {
                return ($"{name}: {(name.StartsWith("--", StringComparison.Ordinal) ? Wrong(name[2..], value) : "there is no such option.")}\n{Usage}", 2);
            }
        }

        return null;
    }

    private static string? Wrong(string name, string? value) => name switch
    {
        _ when value is null || value.StartsWith("--", StringComparison.Ordinal) => "a value is missing.",
        "port" => int.TryParse(value, NumberStyles.None, CultureInfo.InvariantCulture, out var port) && port is >= 1 and <= 65535
            ? null : $"{Short(value)} is no port; 1 to 65535.",
        "database" => value.Length > 0 ? null : "a file is missing.",
        "demo" => value is "true" or "false" ? null : $"{Short(value)} is neither true nor false.",
        "database-pages" => int.TryParse(value, NumberStyles.None, CultureInfo.InvariantCulture, out var pages) && pages >= 1
            ? null : $"{Short(value)} is no number of pages.",
        _ => "there is no such option.",
    };

    private static string Short(string text) => text.Length > 40 ? text[..40] : text;
}
