using Rimrock.Core.Quantities;

namespace Rimrock.Core.Tests.Quantities;

public class NamesTests
{
    // Half a character does not travel through a runner's own serialising: made here.
    private const char High = (char)0xD83D;
    private const char Low = (char)0xDE00;

    [Fact]
    public void Half_a_character_is_no_text()
    {
        foreach (var whole in new[] { "", "Harrow", $"a {High}{Low} b", $"{High}{Low}{High}{Low}" })
        {
            Names.WellFormed(whole).ShouldBeTrue(whole);
        }

        foreach (var half in new[] { $"{High}", $"{High} x", $"{Low}{High}", $"ab{High}{Low}{Low}", $"{Low}" })
        {
            Names.WellFormed(half).ShouldBeFalse();
        }
    }

    [Fact]
    public void A_note_ends_at_its_longest_and_holds_whole_characters()
    {
        List<InputFault> Faults(string? note)
        {
            var faults = new List<InputFault>();
            Names.CheckNote(note, "note", faults);
            return faults;
        }

        Faults(null).ShouldBeEmpty();
        Faults(new string('a', Names.LongestNote)).ShouldBeEmpty();
        Faults(new string('a', Names.LongestNote + 1)).Single().Message.Code.ShouldBe("names.note-too-long");
        Faults($"half {High}").Single().Message.Code.ShouldBe("names.note-holds-half-character");
    }

    [Theory]
    [InlineData(null)]
    [InlineData("")]
    [InlineData("   ")]
    [InlineData("a\nb")]
    public void A_name_is_printable(string? name)
    {
        var faults = new List<InputFault>();
        Names.Check(name, "pad.name", faults);
        faults.Single().Field.ShouldBe("pad.name");
    }

    [Fact]
    public void A_name_ends_at_its_longest()
    {
        var faults = new List<InputFault>();
        Names.Check(new string('a', Names.MostCharacters), "pad.name", faults);
        faults.ShouldBeEmpty();
        Names.Check(new string('a', Names.MostCharacters + 1), "pad.name", faults);
        Names.Check($"half {High}", "pad.name", faults);
        faults.Count.ShouldBe(2);
    }
}
