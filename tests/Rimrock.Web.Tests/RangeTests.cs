using System.Net;
using System.Net.Http.Json;
using System.Text.Json.Nodes;

namespace Rimrock.Web.Tests;

/// <summary>Every numeric field that a form can show refuses both sides of its stated range, by name, over the wire.</summary>
public sealed class RangeTests(RimrockHost host) : IClassFixture<RimrockHost>
{
    private readonly HttpClient client = host.CreateClient();

    public static TheoryData<string, string> Fields => new()
    {
        { "car.massKg", "car/massKg" }, { "car.powerKw", "car/powerKw" }, { "car.staticFrontShare", "car/staticFrontShare" },
        { "car.cgHeightM", "car/cgHeightM" }, { "car.wheelbaseM", "car/wheelbaseM" }, { "car.tyreRadiusM", "car/tyreRadiusM" },
        { "car.dragAreaM2", "car/dragAreaM2" }, { "car.rollingResistance", "car/rollingResistance" },
        { "car.rotatingMassFactor", "car/rotatingMassFactor" }, { "car.driveEfficiency", "car/driveEfficiency" },
        { "car.engineBrakingMS2", "car/engineBrakingMS2" }, { "car.regenerationMS2", "car/regenerationMS2" },
        { "car.hydraulics.masterCylinderMm", "car/hydraulics/masterCylinderMm" }, { "car.hydraulics.pedalRatio", "car/hydraulics/pedalRatio" },
        { "car.hydraulics.boosterGain", "car/hydraulics/boosterGain" }, { "car.hydraulics.boosterKneeN", "car/hydraulics/boosterKneeN" },
        { "car.hydraulics.thresholdBar", "car/hydraulics/thresholdBar" }, { "car.hydraulics.efficiency", "car/hydraulics/efficiency" },
        { "axle.padAreaCm2", "car/front/padAreaCm2" }, { "axle.padHeightMm", "car/rear/padHeightMm" }, { "axle.padNewMm", "car/front/padNewMm" },
        { "axle.padLimitMm", "car/rear/padLimitMm" }, { "axle.caliperMassKg", "car/front/caliperMassKg" },
        { "rotor.outerDiameterMm", "frontRotor/outerDiameterMm" }, { "rotor.innerDiameterMm", "rearRotor/innerDiameterMm" },
        { "rotor.thicknessMm", "frontRotor/thicknessMm" }, { "rotor.minThicknessMm", "rearRotor/minThicknessMm" },
        { "rotor.vaneThicknessMm", "frontRotor/vaneThicknessMm" }, { "rotor.ringMassKg", "frontRotor/ringMassKg" },
        { "stint.minutesEach", "stint/minutesEach" }, { "stint.restMinutes", "stint/restMinutes" }, { "stint.outLapPace", "stint/outLapPace" },
        { "stint.coolDownPace", "stint/coolDownPace" }, { "weather.ambientC", "weather/ambientC" }, { "fluidState.ageMonths", "fluidState/ageMonths" },
        { "fluidState.reservoirWaterPercent", "fluidState/reservoirWaterPercent" }, { "circuit.altitudeM", "circuit/altitudeM" },
        { "frontPadMm", "frontPadMm" }, { "roadPercent", "roadPercent" },
    };

    [Theory]
    [MemberData(nameof(Fields))]
    public async Task Both_sides_of_a_range_are_refused_by_name(string range, string path)
    {
        ArgumentNullException.ThrowIfNull(path);
        var shelf = (await client.GetFromJsonAsync<JsonObject>("/api/shelf"))!;
        var stated = shelf["ranges"]!.AsArray().Single(row => (string)row!["field"]! == range)!;
        double min = (double)stated["min"]!, max = (double)stated["max"]!;
        foreach (var value in new[] { min - (0.01 * (max - min)), max + (0.01 * (max - min)) })
        {
            var plan = await Plans.DemoAsync(client);
            var keys = path.Split('/');
            var parent = keys[..^1].Aggregate((JsonNode)plan, (node, key) => node[key]!);
            parent[keys[^1]] = value;
            var answer = await client.PostAsJsonAsync("/api/predictions", plan);
            answer.StatusCode.ShouldBe(HttpStatusCode.BadRequest, $"{path} = {value}");
            var faults = (await answer.Content.ReadFromJsonAsync<JsonObject>())!["faults"]!.AsArray();
            faults.ShouldContain(fault => ((string)fault!["field"]!).EndsWith(path.Replace('/', '.'), StringComparison.Ordinal)
                && (string)fault["allowed"]! == ToldJson.Text(stated["allowed"]), path);
        }
    }
}
