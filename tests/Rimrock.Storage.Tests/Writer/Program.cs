using Rimrock.Core.Preparation;
using Rimrock.Storage;

// Writes entry after entry and says each one's number once it is confirmed, until it is killed.
var log = new LogStore(new Database(args[0]));
for (var number = int.Parse(args[1], System.Globalization.CultureInfo.InvariantCulture); ; number++)
{
    log.Save("car", "event", $"e{number}", new DateOnly(2026, 5, 1), new SeasonEvent(new DateOnly(2026, 5, 1), new string('x', 60), 20), 0);
    Console.Out.WriteLine(number);
    Console.Out.Flush();
}
