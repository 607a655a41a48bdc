using Rimrock.Core.Logbook;

namespace Rimrock.Telling;

/// <content>What is seen and smelt of fluid, fire and lamps.</content>
internal static partial class NoteTable
{
    private static NoteLine[] OfFluid() =>
    [
        Row(Spoken.Leak, @"(leak\w*|drip\w*|weeping|weeps?|seep\w*|puddle\w*)",
            @"fluid\b[\w' ]{0,24}\b(on|inside|over|under|down)\b[\w' ]{0,16}\b(wheels?|rims?|tyres?|tires?|calipers?|floor|ground|hoses?|pads?|rotors?|car)",
            @"(wet|damp|oily)\b[\w' ]{0,10}\b(patch|spot|stain)(es|s)?\b[\w' ]{0,24}\b(wheels?|tyres?|tires?|calipers?|hoses?|car)",
            @"(wet|damp|moist|oily)\b[\w' ]{0,12}\b(around|at|near|below|under)\b[\w' ]{0,12}\b"
                + "(banjos?|bleed\\w*|nipples?|calipers?|unions?|hoses?|lines?|seals?)",
            @"(calipers?|hoses?|bleed\w*|nipples?)\b[\w' ]{0,6}\b(is|was|are|were|looks?|looked) (all |a bit |quite )?(wet|damp|oily)",
            @"fluid in (the |my )?(footwell|cabin)", "(smell|smells|smelt|stinks?) of (brake )?fluid",
            @"wet (with fluid|calipers?|wheels?|rims?|hoses?)", @"(lost|losing|loses) (some |brake |a lot of )*fluid") with
        {
            Except = WordsOf([@"(fuel|petrol|diesel|coolant|water|radiator|engine|gearbox|sump|diff|fork|power steering|steering rack|washer|clutch)( oil"
                    + @"| fluid)? leak\w*",
                @"oil leak\w*\b[\w' ]{0,8}\b(gearbox|engine|sump|diff\w*|fork|shock|damper)"]),
        },
        Row(Spoken.Leak, @"fluid\b[\w' ]{0,14}\b(spray\w*|squirt\w*|pour\w*|running|ran|gush\w*|everywhere|all over|com(es|ing) out|came out|escap\w*)",
            @"fluid\b[\w' ]{0,16}\b(on|over|inside|down|under)\b[\w' ]{0,14}\b(struts?|shocks?|dampers?|arms?|hubs?|uprights?|liners?|drive"
                + @"|driveway|tarmac|engine|bulkhead|carpets?|axle|spokes?|boots?)",
            @"(wet|damp|oily) (on |at )?(the )?inside (of )?(the |my |a )?(\w+ ){0,2}(wheel|rim|tyre|tire)s?",
            @"(inside|back) of (the |a |my )?(\w+ ){0,2}(wheel|rim|tyre|tire)s?\b[\w' ]{0,8}\b(is|was|are|were|looks?|looked) (all |a bit "
                + @"|quite )?(wet|damp|oily)",
            "hydraulics? (lost|losing|leak\\w*)") with
        {
            Except = WordsOf([@"fluid (ran|runs|came|comes)( out)? clear", @"(washer|screen ?wash|wiper|lighter|power steering) fluid"]),
        },
        Row(Spoken.Leak, @"(tyre|wheel|rim)s?\b[\w' ]{0,14}\b(shiny|slick|slippery) with", @"seals?\b[\w' ]{0,6}\bhangs? out"),
        Row(Spoken.Leak, "fluid (residue|traces?|film|stains?|marks)", @"cylinders?\b[\w' ]{0,6}\b(wet|damp|oily)",
            "(wet|damp|oily) (round|around|at|near|by|behind) (the |a |my |both )?(\\w+ )?(pistons?|seals?|boots?|nipples?|banjos?|calipers?|unions?)"),
        Row(Spoken.Leak, @"(calipers?|cylinders?|hoses?|unions?)\b[\w' ]{0,10}\bsweat\w*", @"stains?\b[\w' ]{0,20}\b(calipers?|hoses?|cylinders?)",
            @"(servo|booster)\b[\w' ]{0,10}\bfull of\b[\w' ]{0,10}\bfluid", @"lost \d+ ?(mm|ml|cc)( of)?( brake)? fluid"),
        Row(Spoken.Leak, @"drops?( of fluid)? (on|at|from|under|below)\b[\w' ]{0,30}\b(bleed\w*|nipples?|calipers?|hoses?|unions?|banjos?"
                + @"|wheels?|cylinders?)"),
        Row(Spoken.Leak, @"seals?\b[\w' ]{0,8}\b(pushed|popped|came|blown|blew|hanging) out"),
        Row(Spoken.Leak, "full of (brake )?fluid", @"drums?\b[\w' ]{0,6}\b(wet|damp|oily) inside"),
        Row(Spoken.Leak, @"(pipes?|tubes?|joints?|halves|crossover)\b[\w' ]{0,8}\b(wet|damp|oily)"),
        Row(Spoken.Leak, @"fluid (behind|trail|tracks?|marks?|spots?)",
            @"(wet|wetness|damp\w*)\b[\w' ]{0,8}\bbehind (the |a |my )?(\w+ )?(wheel|seal|boot|caliper)s?",
            @"(wheel|inner|rim) (inner )?(barrel|side|well)\b[\w' ]{0,8}\b(wet|damp|oily)"),
        Row(Spoken.Leak, @"(wet|damp|soaked|covered)\b[\w' ]{0,6}\b(with|in|from) (the |some )?(brake )?fluid",
            @"(carpets?|mats?|footwell)\b[\w' ]{0,8}\b(wet|damp|oily)",
            @"(reservoir|cap|lid)\b[\w' ]{0,8}\b(wet|damp)"),
        Row(Spoken.WrongFluid, @"(power steering|mineral|engine|gear|gearbox|hydraulic|atf)( oil| fluid)?\b[\w' ]{0,30}\b(brakes?|reservoir"
                + @"|by (mistake|accident)|instead of)",
            @"(reservoir|brakes?)\b[\w' ]{0,20}\b(with|of|up with) (power steering|mineral|engine|gear|gearbox|hydraulic) (oil|fluid)",
            @"(mixed|mixing|added|put|topped up with) (in )?(some )?silicone", @"silicone\b[\w' ]{0,16}\b(mixed|on top of|into|with the old|with glycol)",
            "dot ?5 (into|with|on top of|over) (the )?(old|glycol|dot)", @"dot ?5( in| silicone)?\b[\w' ]{0,10}\b(mistake|accident)",
            @"(filled|topped|bled|flushed)\b[\w' ]{0,8}\bwith (power steering|mineral|engine|gear|gearbox|hydraulic|atf|silicone)( oil| fluid)?",
            @"mineral oil\b[\w' ]{0,10}\bin\b[\w' ]{0,8}\b(it|reservoir|system|brakes?)"),
        Row(Spoken.Fire, @"(caught (fire|light|alight)|flames?|flaming)", Parts + Near + "on fire",
            @"fire (at|in|from|under|around|inside)\b[\w' ]{0,14}\b(wheels?|brakes?|calipers?|discs?|rotors?|arch)"),
        Row(Spoken.Fire, "(small|little|brief|short|brake|wheel|caliper) fires?", @"fires? (at|in|on|from) (the |my )?(front|rear|left|right|back)"),
        Row(Spoken.Fire, @"(used|emptied|needed|let off|discharged)\b[\w' ]{0,14}\bextinguisher",
            @"extinguisher\b[\w' ]{0,10}\b(used|emptied|needed|let off)"),
        Row(Spoken.Smoke, @"smok(e|es|ed|ing|y)") with
        {
            Except = WordsOf([@"smok\w*\b[\w' ]{0,14}\b(diesel|lorry|bbq|barbecue|grill|exhausts?|tailpipe|tyres?|tires?|hatchback|ahead|in front)",
                "(tyre|tire|exhaust|bbq) smoke", "smoked (a|the|him|them|everyone|ham|my)"]),
        },
        Row(Spoken.Smoke, @"(steam|hiss\w*)\b[\w' ]{0,16}\b(front|rear|left|right)"),
        Row(Spoken.Smoke, @"steam\b[\w' ]{0,14}\b(wheels?|brakes?|calipers?|discs?|rotors?)",
            @"(brakes?|pads?|calipers?)\b[\w' ]{0,10}\b(burning|smoulder\w*|sizzl\w*)"),
        Row(Spoken.WetFluid, @"water in\b[\w' ]{0,8}\bfluid", @"(tester|meter|gauge|pen)\b[\w' ]{0,12}\bred",
            @"fluid\b[\w' ]{0,6}\btest(er|ed)?\b[\w' ]{0,8}\b(red|bad|fail\w*|wet)",
            @"(tester|fluid|water|moisture)\b[\w' ]{0,16}\b([3-9]([.,]\d)?) ?(%|percent|per cent)"),
        Row(Spoken.WetFluid, @"fluid\b[\w' ]{0,10}\b([3-9]|\d\d|three|four|five|six|ten) years? old", @"fluid\b[\w' ]{0,6}\bopen(ed)? since",
            @"(used|filled|bled|topped)\b[\w' ]{0,14}\b(old|open|opened|leftover) (open |opened )?bottle"),
        Row(Spoken.WetFluid, @"([3-9]([.,]\d)?) ?(%|percent|per cent) (of )?(water|moisture)",
            @"(boil\w* points?|boils?|tested|tester)\b[\w' ]{0,14}\b1[0-7]\d\b"),
        Flat(Spoken.WetFluid, @"fluid\b[\w' ]{0,6}\b(not|never|hasn't been|wasn't) (been )?changed\b[\w' ]{0,12}\b(years?|ages|since|long)",
            @"(don't know|do not know|no idea|not sure|nobody knows|unknown)\b[\w' ]{0,10}\bfluid\b[\w' ]{0,8}\b(changed|age|old|bled"
                + @"|last)",
            @"fluid (age |of )?(unknown|of unknown age)", @"water content\b[\w' ]{0,6}\b[3-9]([.,]\d)?"),
        Row(Spoken.WetFluid, @"bottle\b[\w' ]{0,14}\bopen(ed)?\b[\w' ]{0,12}\b(years?|months|last|winter|season|since)"),
        Row(Spoken.WrongFluid, "(put|poured|filled|used|got|had) (in )?the wrong (bottle|fluid|stuff|oil)", "wrong (brake )?fluid"),
        Row(Spoken.WetFluid, @"water\b[\w' ]{0,12}\b(got )?(in|into|inside) (the )?(brake )?(reservoir|fluid|system|master)"),
        Row(Spoken.Smell, @"(smell\w*|smelt|stink\w*|stank)") with
        {
            Except = WordsOf(["(smell\\w*|smelt) new", "(fuel|petrol|exhaust|diesel) smells?",
            @"(smell\w*|smelt|stink\w*|stank) (of )?(petrol|fuel|diesel|the barbecue)"]),
        },
        Row(Spoken.WarningLight,
            @"(warning|dash\w*|handbrake|fluid|level|pad wear|wear) (light|lamp)s?\b[\w' ]{0,16}\b(on|came|lit|flash\w*)",
            @"brakes? (light|lamp)s? (came on|lit up|flash\w*)", @"red (light|lamp)s?\b[\w' ]{0,24}\b(brak\w*|dash\w*)",
            "brake warning", "brakes? (light|lamp) warning", "(fluid|brakes?|pad|wear) warning", "(brake|pad) wear (light|indicator|message)",
            "check (the )?brakes? (message|warning|light|came)", "red brakes? (light|lamp)",
            "hand ?brake (warning|light|lamp)", @"brakes? (light|lamp)s? (on|in) the dash\w*",
            @"(wear|pad) sensors?\b[\w' ]{0,10}\b(on|lit|came|tripped|touch\w*)"),
        Row(Spoken.WarningLight, @"brake (system )?(fault|failure|malfunction|error)( message| warning)?",
            @"(dash\w*|display|message|screen)\b[\w' ]{0,14}\bbrak(e|es|ing)\b[\w' ]{0,10}\b(fault|fail\w*|service|check|stop|error)"),
        Row(Spoken.WarningLight, @"(dash\w*|display|screen|message|computer)\b[\w' ]{0,14}\bcheck (the )?brakes?",
            @"(message|warning|triangle)\b[\w' ]{0,24}\bbrakes?"),
        Row(Spoken.AbsLight, @"brake\b[\w' ]{0,16}\bsensors?\b[\w' ]{0,6}\b(error|fault)", @"abs\b[\w', ]{0,24}\bcode", @"(fault |error )?codes? [cup]\d{4}"),
        Row(Spoken.WarningLight, "(fluid )?level (light|lamp|warning)"),
        Row(Spoken.WarningLight, @"brakes? (light|lamp)s? (on|in) (the )?dash\w*"),
        Row(Spoken.AbsLight, @"(abs|esp|esc|stability|traction)\b[\w' ]{0,12}\b(light|lamp|warning|fault|error|off line|failed|dead)"),
        Row(Spoken.AbsLight, @"(wheel )?(speed )?sensors?\b[\w' ]{0,10}\b(cable |wire |lead )?(burnt|melted|broken|damaged|torn|cut|chafed)",
            @"abs\b[\w' ]{0,8}\b(died|stopped|dropped out|fell out|cut out|gone)"),
        Row(Spoken.AbsLight, @"(ebd|ebs|epb|brake assist)\b[\w' ]{0,10}\b(fault|error|warning|failed|light|lamp)"),
        Flat(Spoken.AbsLight, @"abs\b[\w' ]{0,8}\b(did not|didn't|does not|doesn't|won't|not) (work\w*|come in|react\w*)"),
        Row(Spoken.LowLevel, "add(ed|ing)? (some |more |brake )*fluid",
            @"((fluid|brake) level|reservoir)\b[\w' ]{0,16}\b(dropped|drops|dropping|fell|falling|low|lower|empty|down"
                + "|(at|to|under|below|near) (the )?min(imum)?)",
            @"top(ped|ping)? (it |the \w+ |the \w+ \w+ |\w+ )?up\b[\w' ]{0,14}\b(fluid|reservoir|brakes?)",
            @"top(ped|ping)? up (the )?(brake )?(fluid|reservoir)", @"(had|have|needed) to top (it )?up (once|twice|again|three times|every \w+)",
            @"low (on )?(brake )?fluid", "low fluid level") with
        {
            Except = WordsOf(["(washer|power steering|clutch|hydraulic|wiper) (fluid|reservoir)"]),
        },
        Row(Spoken.LowLevel, @"top(ped|ping)? up \d+ ?(ml|cc|cl)",
            @"(fluid|level|reservoir)\b[\w' ]{0,14}\b(below|under|at|near|close to) (the )?(min\w*|low mark|lower mark)",
            @"(fluid|level)\b[\w' ]{0,10}\b(gone|went|going|goes) down") with
        {
            Except = WordsOf([@"(fuel|oil|water|coolant|petrol|washer|tank)\b[\w' ]{0,24}"]),
        },
        Row(Spoken.LowLevel, @"(fluid |brake )?level (sank|sinks|fell|falls|drops?|dropped|keeps (dropping|falling|sinking))( down)? "
                + "(a|an|by|every|each|again|half|one|two)",
            "top(ped|ping)? up again"),
        Row(Spoken.LowLevel, "level (is |was |has |gone |now )*(down|lower)( a| by| an| half| than)",
            @"(add|adding|added|fill|filled) (another |about |some )?\d+ ?(ml|cc)") with
        {
            Except = WordsOf([@"(fuel|oil|water|coolant|petrol|washer|tank|noise|sound)\b[\w' ]{0,24}", @"\d+ ?ml (of )?(oil|coolant|fuel|water)"]),
        },
        Row(Spoken.LowLevel, @"(level|fluid|reservoir)\b[\w' ]{0,8}\b\d+ ?(mm|cm) (lower|below|down|less)", "top(ped|ping)? up with dot"),
        Row(Spoken.LowLevel, @"fluid (is |was )?(lost|lower|down|fell|dropped|sank)( by| about)? \d+ ?(mm|cm)"),
        Row(Spoken.LowLevel, "level (falls|fell|drops|dropped|sinks|sank|goes down|went down)", @"\d+ ?(ml|cc) to (fill|top|reach)") with
        {
            Except = WordsOf([@"(fuel|oil|water|coolant|petrol|washer|tank|noise|sound)\b[\w' ]{0,24}"]),
        },
        Flat(Spoken.LowLevel, @"no (brake )?fluid (in|left|at all|visible|to be seen)",
            @"(fluid tank|reservoir|expansion bottle)\b[\w' ]{0,10}\b(dry|bone dry|empty)"),
        Row(Spoken.LowLevel, @"fluid (is |was |very |quite |too |a bit |getting )*(low|down|short)",
            @"level (sank|fell|dropped|went down|is down|down)( by)? \d", @"(reservoir|fluid)\b[\w' ]{0,10}\b(cap|lid) (off|missing|gone|lost|open)",
            @"(cap|lid) (off|missing from|lost from) (the )?(brake )?reservoir"),
        Row(Spoken.DarkFluid, @"fluid\b[\w' ]{0,14}\b(black|dark|brown|cloudy|murky|dirty)", "(black|dark|brown|cloudy|murky|dirty) (brake )?fluid"),
        Row(Spoken.DarkFluid, @"fluid\b[\w' ]{0,10}\b(green|purple|pink|orange|milky|grey)"),
        Row(Spoken.DarkFluid, @"fluid\b[\w' ]{0,16}\b(coffee|cola|coke|tea|mud\w*|tar|rust\w*|sludge|smelt burnt|burnt)",
            @"(rust|sludge|flakes|particles|dirt)\b[\w' ]{0,8}\bin\b[\w' ]{0,14}\b(fluid|reservoir)"),
    ];
}
