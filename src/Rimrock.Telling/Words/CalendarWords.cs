namespace Rimrock.Telling.Words;

/// <summary>What a season's calendar says.</summary>
internal static class CalendarWords
{
    internal static readonly (string Code, string Words)[] Rows =
    [
        ("calendar.day", "{0}: fluid shows vapour from {1:0}, gets to {2:0}; {3:0} in hand."),
        ("calendar.bleed", "Bleed the {0}"),
        ("calendar.fresh", "Fresh fluid before the next event. Bottles are opened on the day."),
        ("calendar.order", "Order {0} for the {1}"),
        ("calendar.runs-out", "They may not last through event {0}."),
    ];
}
