using Rimrock.Core.Fitting;

namespace Rimrock.Scenario.Tests;

public class CustomerTests
{
    public static TheoryData<string> Files => [.. Customer.Files()];

    [Theory]
    [MemberData(nameof(Files))]
    public void A_technician_would_sign_the_advice(string file)
    {
        var customer = Customer.Read(file);
        customer.Source.ShouldNotBeNullOrWhiteSpace();
        customer.Must.ShouldNotBeEmpty();
        var advice = new Advice(customer);
        var wrong = customer.Must.Where(one => !advice.Says(one)).Select(one => $"must: {one}")
            .Concat(customer.MustNot.Where(advice.Says).Select(one => $"must not: {one}")).ToList();
        wrong.ShouldBeEmpty($"{customer.Who}\n{advice}");
    }
}
