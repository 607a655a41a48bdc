using System.Globalization;
using System.Text;
using Rimrock.Core.Quantities;

namespace Rimrock.Web.Shelf;

/// <summary>The text of a file that a page sends.</summary>
internal static class RequestText
{
    /// <summary>Reads it.</summary>
    /// <param name="request">The request.</param>
    /// <param name="mostBytes">Largest file, bytes.</param>
    /// <param name="what">What the file should be.</param>
    /// <param name="cancel">Stops reading.</param>
    /// <exception cref="InputFaultException">A file that says it is larger.</exception>
    public static async Task<string> Of(HttpRequest request, int mostBytes, string what, CancellationToken cancel)
    {
        if (request.ContentLength > mostBytes)
        {
            throw new InputFaultException([new InputFault("file", string.Create(CultureInfo.InvariantCulture, $"{request.ContentLength / 1e6:0.0} MB"),
                string.Create(CultureInfo.InvariantCulture, $"at most {mostBytes / 1e6:0.#} MB"), $"The file is too large for {what}.")]);
        }

        using var reader = new StreamReader(request.Body, Encoding.UTF8);
        return await reader.ReadToEndAsync(cancel);
    }
}
