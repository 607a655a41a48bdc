using Rimrock.Core.Logbook;

namespace Rimrock.Telling.Tests;

/// <summary>What drivers write in a note, in the words of the trade (common practice).</summary>
public sealed class NoteReaderTests
{
    [Theory]
    [InlineData("Brake fluid dripping from the left front caliper", Spoken.Leak)]
    [InlineData("found fluid on the inside of the wheel", Spoken.Leak)]
    [InlineData("The reservoir lost some fluid since Friday", Spoken.Leak)]
    [InlineData("pedal went to the floor at turn 4, came back after", Spoken.SinkingPedal)]
    [InlineData("lever comes to the bar when hot", Spoken.SinkingPedal)]
    [InlineData("Pedal got spongy after lap five.", Spoken.SoftPedal)]
    [InlineData("fluid boiled I think", Spoken.SoftPedal)]
    [InlineData("had to pump the pedal twice", Spoken.SoftPedal)]
    [InlineData("no brakes into the hairpin!", Spoken.NoBrakes)]
    [InlineData("hard pedal but it did not stop", Spoken.NoBrakes)]
    [InlineData("massive fade from lap 3", Spoken.Faded)]
    [InlineData("rotor is cracked to the edge", Spoken.Cracked)]
    [InlineData("caliper bolt was loose", Spoken.Loose)]
    [InlineData("hose is chafed where it passes the arm", Spoken.BadHose)]
    [InlineData("grinding noise from the rear", Spoken.Grinding)]
    [InlineData("worn down to the backing plate", Spoken.Grinding)]
    [InlineData("clunk when braking", Spoken.Knock)]
    [InlineData("piston stuck on one side", Spoken.Stuck)]
    [InlineData("smoke from the front left in the paddock", Spoken.Smoke)]
    [InlineData("pulls to the left", Spoken.Pull)]
    [InlineData("rear locks first", Spoken.RearLocks)]
    [InlineData("smelt hot", Spoken.Smell)]
    [InlineData("steering wheel vibrates under braking", Spoken.Judder)]
    [InlineData("squeals when cold", Spoken.Squeal)]
    [InlineData("wheel caught fire", Spoken.Fire)]
    [InlineData("not sure whether it leaks", Spoken.Leak)]
    [InlineData("pedal didn't hold and sank to the floor", Spoken.SinkingPedal)]
    [InlineData("it would not stop", Spoken.NoBrakes)]
    [InlineData("it didn’t stop", Spoken.NoBrakes)]
    [InlineData("Bolt missing from the bracket", Spoken.Loose)]
    [InlineData("the left wheel wobbles", Spoken.WheelPlay)]
    [InlineData("brakes on fire", Spoken.Fire)]
    [InlineData("boiled the brakes", Spoken.SoftPedal)]
    [InlineData("no smoke, but it leaks", Spoken.Leak)]
    public void A_sign_in_a_drivers_own_words_is_read(string note, Spoken of) => Assert.Contains(of, NoteReader.Read(note));

    [Theory]
    [InlineData("Sunny, 24 degrees, new tyres, best lap 1:58.3")]
    [InlineData("no leaks, no smell")]
    [InlineData("did not smoke. pads from the spare set")]
    [InlineData("swapped front pads, torqued the wheels")]
    [InlineData("three sessions, 21 laps, instructor on board")]
    [InlineData("no fade at all, pedal stayed firm")]
    [InlineData("fade-free all day")]
    [InlineData("the brakes never faded and the pedal did not go soft")]
    [InlineData("brakes lasted all day long")]
    [InlineData("rear felt loose in the fast corner")]
    [InlineData("best split ever, broke my record, cracking day")]
    [InlineData("boiling hot in the paddock, stuck in traffic twice")]
    [InlineData("flat to the floor on the straight, came off the track once")]
    [InlineData("no brake problems")]
    [InlineData("pads are bedded, one spare set left")]
    [InlineData("")]
    [InlineData(null)]
    public void What_is_none_is_not_read_into_it(string? note) => Assert.Empty(NoteReader.Read(note));

    [Fact]
    public async Task A_long_note_is_read_in_no_time()
    {
        var note = string.Concat(Enumerable.Repeat("fluid fluid pedal the the hose ", 20_000)) + "and it leaks";
        Assert.Contains(Spoken.Leak, await Task.Run(() => NoteReader.Read(note)).WaitAsync(TimeSpan.FromSeconds(25)));
    }
}
