using Rimrock.Core.Numerics;

namespace Rimrock.Core.Tests.Numerics;

public class MemberLanesTests
{
    [Fact]
    public void Lanes_without_a_member_repeat_the_last()
    {
        var lanes = MemberLanes.Each([1.0, 2.0, 7.0], value => value);
        Enumerable.Range(0, Lane.Count).Select(i => lanes[i]).ShouldBe([1, 2, 7, 7, 7, 7, 7, 7]);
    }

    [Fact]
    public void No_member_and_too_many_members_are_refused()
    {
        Should.Throw<ArgumentOutOfRangeException>(() => MemberLanes.Each(Array.Empty<double>(), value => value));
        Should.Throw<ArgumentOutOfRangeException>(() => MemberLanes.Each(new double[Lane.Count + 1], value => value));
    }

    [Fact]
    public void An_inverse_is_the_quotient_as_near_as_doubles_go()
    {
        foreach (var value in new[] { 1e-6, 0.3, 7, 459.2, 1e9, -459.2 })
        {
            (MemberLanes.Inverse(Lanes.Create(value))[3] * value).ShouldBe(1, 1e-15);
        }
    }

    [Fact]
    public void Rows_of_a_buffer_do_not_touch()
    {
        var buffer = new LaneBuffer(3, 5);
        buffer.Row(1).Fill(Lane.One);
        buffer.Row(0).ToArray().ShouldAllBe(lane => lane == Lane.Zero);
        buffer.Row(2).ToArray().ShouldAllBe(lane => lane == Lane.Zero);
        buffer.Row(1).Length.ShouldBe(5);
        buffer.First(1).ShouldBe(Lane.One);

    }
}
