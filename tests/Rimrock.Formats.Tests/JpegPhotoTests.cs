using Rimrock.Core.Quantities;

namespace Rimrock.Formats.Tests;

public class JpegPhotoTests
{
    private static byte[] Segment(byte marker, params byte[] content) =>
        [0xFF, marker, (byte)((content.Length + 2) >> 8), (byte)(content.Length + 2), .. content];

    private static readonly byte[] Picture =
    [
        0xFF, 0xD8, .. Segment(0xE0, [.. "JFIF\0"u8]), .. Segment(0xE1, [.. "Exif\0\0somewhere"u8]), .. Segment(0xFE, [.. "a comment"u8]),
        .. Segment(0xDB, 1, 2, 3),
        .. Segment(0xDA, 1), 9, 8, 7, 0xFF, 0xD9,
    ];

    [Fact]
    public void Place_and_comment_go_and_the_picture_stays()
    {
        var kept = JpegPhoto.Stripped(Picture, 1000);
        var text = System.Text.Encoding.Latin1.GetString(kept);
        text.ShouldContain("JFIF");
        text.ShouldNotContain("Exif");
        text.ShouldNotContain("comment");
        kept[^5..].ShouldBe([9, 8, 7, 0xFF, 0xD9]);
    }

    [Fact]
    public void What_is_no_picture_or_too_large_is_refused()
    {
        Should.Throw<InputFaultException>(() => JpegPhoto.Stripped([1, 2, 3, 4], 1000));
        Should.Throw<InputFaultException>(() => JpegPhoto.Stripped(Picture[..12], 1000));
        Should.Throw<InputFaultException>(() => JpegPhoto.Stripped([0xFF, 0xD8, 0xFF, 0xE1, 0xFF, 0xFF, 1], 1000));
        Should.Throw<InputFaultException>(() => JpegPhoto.Stripped(Picture, 10)).Faults.Single().Allowed.ToString().ShouldContain("MB");
    }
}
