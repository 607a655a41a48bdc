using Rimrock.Web.Hosting;

namespace Rimrock.Web.Tests;

public class StartOptionsTests
{
    [Theory]
    [InlineData("--port", "nine")]
    [InlineData("--port", "0")]
    [InlineData("--port", "70000")]
    [InlineData("--port")]
    [InlineData("--database")]
    [InlineData("--database", "--port")]
    [InlineData("--demo", "maybe")]
    [InlineData("--frobnicate", "1")]
    [InlineData("words")]
    public void What_cannot_be_meant_gets_the_usage(params string[] args)
    {
        var (said, code) = StartOptions.Answer(args)!.Value;
        code.ShouldBe(2);
        said.ShouldContain("usage:");
        said.Split('\n')[0].ShouldStartWith(args[0]);
    }

    [Theory]
    [InlineData("--port", "5217", "--demo", "true")]
    [InlineData("--port=5217", "--database=x.db")]
    [InlineData("--environment=Production", "--contentRoot=here")]
    public void What_can_be_meant_starts(params string[] args) => StartOptions.Answer(args).ShouldBeNull();

    [Fact]
    public void The_version_is_said_everywhere_alike()
    {
        StartOptions.Answer(["--version"])!.Value.ShouldBe((StartOptions.Version, 0));
        StartOptions.Usage.ShouldContain(StartOptions.Version);
        File.ReadAllText(Path.Combine(Repository.Root, "CHANGELOG.md")).ShouldContain($"## {StartOptions.Version},");
    }
}
