using System.Text.RegularExpressions;
using Rimrock.Core.Logbook;

namespace Rimrock.Telling;

/// <summary>Words that speak of something, whether they can be denied, and what they are not about.</summary>
/// <param name="Of">What they speak of.</param>
/// <param name="Words">The words.</param>
/// <param name="IsDeniable">False for what is a denial itself.</param>
/// <param name="Except">What is taken out of a note before; null for nothing.</param>
internal sealed record NoteLine(Spoken Of, Regex Words, bool IsDeniable, Regex? Except = null);

/// <summary>The words that drivers use for what they see, feel, hear and smell (common practice).</summary>
internal static partial class NoteTable
{
    private const RegexOptions Any = RegexOptions.IgnoreCase | RegexOptions.CultureInvariant | RegexOptions.NonBacktracking;

    private const string Parts = "(bolts?|nuts?|wheels?|calipers?|pads?|brackets?|pins?|clips?|springs?|hoses?|lines?|discs?|rotors?|rings?|hats?"
        + "|bobbins?|boots?|pistons?|screws?|brakes?|nipples?|bleeders?|unions?|banjos?|studs?|threads?|plates?)";

    private const string Near = @"\b[\w' ]{0,20}\b";

    /// <summary>All rows.</summary>
    public static IReadOnlyList<NoteLine> All => field ??= [.. Felt(), .. Seen()];

    // What is seen, heard and smelt.
    private static NoteLine[] Seen() =>
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
            Except = WordsOf([@"(fuel|petrol|diesel) leak\w*"]),
        },
        Row(Spoken.Leak, @"fluid\b[\w' ]{0,14}\b(spray\w*|squirt\w*|pour\w*|running|ran|gush\w*|everywhere|all over|com(es|ing) out|came out|escap\w*)",
            @"fluid\b[\w' ]{0,16}\b(on|over|inside|down|under)\b[\w' ]{0,14}\b(struts?|shocks?|dampers?|arms?|hubs?|uprights?|liners?|drive"
                + @"|driveway|tarmac|engine|bulkhead|carpets?|axle|spokes?|boots?)",
            @"(wet|damp|oily) (on |at )?(the )?inside (of )?(the |my |a )?(\w+ ){0,2}(wheel|rim|tyre|tire)s?",
            @"(inside|back) of (the |a |my )?(\w+ ){0,2}(wheel|rim|tyre|tire)s?\b[\w' ]{0,8}\b(is|was|are|were|looks?|looked) (all |a bit "
                + @"|quite )?(wet|damp|oily)",
            "hydraulics? (lost|losing|leak\\w*)") with
        {
            Except = WordsOf([@"(washer|screen ?wash|wiper|lighter|power steering) fluid"]),
        },
        Row(Spoken.Leak, @"(calipers?|cylinders?|hoses?|unions?)\b[\w' ]{0,10}\bsweat\w*", @"stains?\b[\w' ]{0,20}\b(calipers?|hoses?|cylinders?)",
            @"(servo|booster)\b[\w' ]{0,10}\bfull of\b[\w' ]{0,10}\bfluid", @"lost \d+ ?(mm|ml|cc)( of)?( brake)? fluid"),
        Row(Spoken.Leak, @"drops?( of fluid)? (on|at|from|under|below)\b[\w' ]{0,14}\b(bleed\w*|nipples?|calipers?|hoses?|unions?|banjos?"
                + @"|wheels?|cylinders?)"),
        Row(Spoken.Leak, @"seals?\b[\w' ]{0,8}\b(pushed|popped|came|blown|blew|hanging) out"),
        Row(Spoken.WrongFluid, @"(power steering|mineral|engine|gear|gearbox|hydraulic|atf)( oil| fluid)?\b[\w' ]{0,30}\b(brakes?|reservoir"
                + @"|by (mistake|accident)|instead of)",
            @"(reservoir|brakes?)\b[\w' ]{0,20}\b(with|of|up with) (power steering|mineral|engine|gear|gearbox|hydraulic) (oil|fluid)",
            @"(mixed|mixing|added|put|topped up with) (in )?(some )?silicone", @"silicone\b[\w' ]{0,16}\b(mixed|on top of|into|with the old|with glycol)",
            "dot ?5 (into|with|on top of|over) (the )?(old|glycol|dot)"),
        Row(Spoken.Fire, @"(caught (fire|light|alight)|flames?|flaming)", Parts + Near + "on fire",
            @"fire (at|in|from|under|around|inside)\b[\w' ]{0,14}\b(wheels?|brakes?|calipers?|discs?|rotors?|arch)"),
        Row(Spoken.Fire, @"(used|emptied|needed|let off|discharged)\b[\w' ]{0,14}\bextinguisher", @"extinguisher\b[\w' ]{0,10}\b(used|emptied|needed|let off)"),
        Row(Spoken.Cracked, @"(cracks?|cracked|fractured?|sheared|shattered|exploded)",
            Parts + Near + "(cracking|split|snapped|broke (off|up|apart)|broken (off|up)|bent|deformed|distorted)",
            "(split|snapped|broken) " + Parts),
        Row(Spoken.Cracked, @"craz(ed|ing)", @"fissur\w*", @"heat check\w*",
            @"(chip(ped|s)?|chunks?|pieces?)\b[\w' ]{0,14}\b(missing|off|out of|from)?\b[\w' ]{0,10}\b(discs?|rotors?|rings?)",
            @"(discs?|rotors?|rings?)\b[\w' ]{0,12}\b(chipped|chunk\w*|in (two|half|pieces))",
            @"(bent|twisted|deformed|distorted) (backing )?(plates?|calipers?|brackets?|pins?|bolts?|discs?|rotors?)"),
        Row(Spoken.WheelPlay, @"(front|rear|left|right|road) wheels?\b[\w' ]{0,12}\b(wobbl\w*|play|loose)", @"play in\b[\w' ]{0,16}\b(wheels?"
                + @"|bearings?|hubs?)",
            @"(bearings?|hubs?)\b[\w' ]{0,12}\b(growl\w*|hum\w*|rumbl\w*|nois\w*|movement|moves)",
            @"(growl|humm?|rumbl|nois)\w*\b[\w' ]{0,14}\bbearings?", "wheel came (loose|off)",
            @"(wheel|lug) ?nuts?\b[\w' ]{0,10}\b(undone|finger tight)", @"wheels?\b[\w' ]{0,8}\b(wobbl\w*|rocks?)\b[\w' ]{0,16}\b(jack\w*|hand"
                + @"|stands|lifted)",
            @"wheel bearings?\b[\w' ]{0,12}\b(play|noisy|loose|worn|gone)", @"wheel nuts?\b[\w' ]{0,12}\b(loose|missing|off)", "loose wheel nuts?"),
        Flat(Spoken.WheelPlay, @"(wheel|lug) ?nuts?\b[\w' ]{0,10}\b(not|n't|weren't|wasn't|never) (tight|torqued|done up)"),
        Row(Spoken.WheelPlay, @"(wheel|lug) ?(nuts?|bolts?|studs?)\b[\w' ]{0,14}\b(back(ed|ing) off|came undone|undone|unscrewed|lost|fell off"
                + @"|hand tight|finger tight|sheared|snapped|stretched|loose|missing)",
            @"lost (a|one|two|three) wheel (nut|bolt|stud)s?", @"wheels?\b[\w' ]{0,10}\b(nearly |almost )?(came|coming|fell) off"),
        Flat(Spoken.WheelPlay, @"(forgot|didn't|did not|never)\b[\w' ]{0,6}\b(torque|tighten)(ed)? (the |my |our )?(\w+ )?(wheels?|nuts?|lugs?)",
            @"wheels? (not|never) torqued"),
        Row(Spoken.WheelPlay, @"nuts?\b[\w' ]{0,6}\b(spun|span|worked) (off|loose)"),
        Row(Spoken.WheelPlay, @"play (at|between) (12|6|9|3|twelve|six|nine|three)\b", @"(hubs?|wheel bearings?)\b[\w' ]{0,10}\bgrumbl\w*",
            @"(a|one|two|three) (wheel )?(studs?|nuts?|bolts?) (short|down|less|missing)"),
        Flat(Spoken.Loose,
            @"(forgot|forgotten|didn't|did not|never)\b[\w' ]{0,4}\b(put|fit|install|refit)(ted)? (the |a |my |all )?(\w+ ){0,2}"
                + "(pins?|clips?|bolts?|springs?|screws?)"),
        Row(Spoken.WheelPlay, @"(wheel bearings?|hubs?)\b[\w' ]{0,14}\b(rough|hot|dry|gritty|grinding|crunchy|smok\w*)",
            @"grease\b[\w' ]{0,22}\b(hubs?|bearings?|grease cap)"),
        Row(Spoken.Loose, Parts + Near + @"(loose\w*|missing|play|came off|fell off|fell out|backed out)", @"(loose|missing)" + Near + Parts, @"play in",
            @"lost (a|the|one|two) (\w+ )?(bolts?|nuts?|pins?|clips?|pads?|springs?|screws?)"),
        Row(Spoken.Loose, @"(stripped|rounded|cross-?threaded)\b[\w' ]{0,14}\b(bolts?|nuts?|threads?|screws?|nipples?|bleed\w*|studs?)",
            @"(bolts?|nuts?|threads?|screws?|nipples?|studs?)\b[\w' ]{0,14}\b(stripped|rounded|cross-?threaded|finger tight|hand tight|undone"
                + @"|unscrewed|back(ed|ing) off|sheared)",
            @"(back(ed|ing) off|undone|unscrewed)\b[\w' ]{0,10}\b(bolts?|nuts?|pins?|screws?)",
            @"lost\b[\w' ]{0,14}\b(bolts?|pins?|clips?|bobbins?|springs?)"),
        Flat(Spoken.Loose, @"(bolts?|nuts?|calipers?|brackets?|pins?)\b[\w' ]{0,10}\b(not|never|n't|weren't|wasn't) (tight|tightened|torqued|done up|locked)",
            @"(forgot|never)\b[\w' ]{0,6}\b(torque|tighten)(ed)? (the |my |our )?(\w+ )?(bolts?|calipers?|brackets?|pins?)"),
        Row(Spoken.Loose, @"(clips?|pins?|circlips?|keepers?|split pins?)\b[\w' ]{0,14}\b(gone|lost|fell out|sheared|forgotten)",
            @"forgot\b[\w' ]{0,10}\b(pins?|clips?|bolts?|nuts?|springs?|lock ?wire)"),
        Row(Spoken.Loose, @"(nuts?|bolts?)\b[\w', ]{0,24}\bloose",
            @"(calipers?|brackets?|pads?) (moves|moved|rocks|rocked|wobbles)( by hand| about)?"),
        Row(Spoken.BadHose, @"(hoses?|lines?)\b[\w' ]{0,20}\b(bulg\w*|swollen|swell\w*|chaf\w*|perished|rubb(ed|ing)|rubs|worn|melted|kinked)",
            @"(hoses?|(brake|braided) lines?)\b[\w' ]{0,12}\b(fray\w*|cut (through|open|by|into)|nick\w*|split|touch\w*)",
            @"(cut|nick|split|crack) in (the |a |one )?(\w+ )?(hoses?|brake lines?|braided lines?)",
            @"(tyre|tire|wheel)s?\b[\w' ]{0,10}\b(touch\w*|rub\w*|caught)\b[\w' ]{0,16}\b(hoses?|brake lines?)",
            @"(bulging|swollen|chafed|perished|melted|kinked)\b[\w' ]{0,12}\b(hoses?|lines?)"),
        Row(Spoken.BadHose, @"flexis?\b[\w' ]{0,14}\b(bulg\w*|swell\w*|swollen|chaf\w*|rub\w*|crack\w*|split|perished)"),
        Row(Spoken.BadHose, @"(hoses?|brake (lines?|pipes?))\b[\w' ]{0,14}\b(balloon\w*|blister\w*|burst|blew|blown|twisted|stretched|trapped"
                + @"|pinched|corroded|rust\w*|crack\w*|old and hard|brittle)",
            @"(ballooning|burst|pinched|trapped|corroded|rusty|twisted) (brake )?(hoses?|lines?|pipes?)"),
        Row(Spoken.Grinding, @"(grind(s|ing)?|ground metal|metal (on|to) metal)", @"(to|on) the (metal|backing plates?)",
            @"backing plates? (touch\w*|show\w*)", @"scrap(es?|ing)\b[\w' ]{0,16}\b(front|rear|left|right|brakes?|wheels?|discs?|rotors?)",
            @"scraping (noise|sound)") with
        {
            Except = WordsOf(["pedal to the metal"]),
        },
        Row(Spoken.Grinding, @"(shields?|back ?plates?)\b[\w' ]{0,10}\b(touch\w*|rub\w*|scrap\w*|catch\w*)\b[\w' ]{0,10}\b(discs?|rotors?)"),
        Row(Spoken.Grinding, @"sparks?\b[\w' ]{0,16}\b(wheels?|brakes?|calipers?|discs?|rotors?|pads?)",
            @"(pads?|rivets?|plates?)\b[\w' ]{0,12}\b(digging|scoring|cutting|gouging|touching) \b[\w' ]{0,10}\b(discs?|rotors?)"),
        Row(Spoken.Grinding, @"(wheels?|weights?|spokes?|rims?)\b[\w' ]{0,10}\b(touch\w*|rub\w*|hit\w*|foul\w*|scrap\w*|catch\w*)\b[\w' ]{0,10}\bcalipers?",
            @"calipers?\b[\w' ]{0,10}\b(touch\w*|rub\w*|hit\w*|foul\w*|scrap\w*|catch\w*)\b[\w' ]{0,10}\b(wheels?|weights?|spokes?|rims?)"),
        Row(Spoken.Stuck, @"(wheels?|discs?|rotors?|calipers?|corner|side)\b[\w' ]{0,16}\bhotter than\b[\w' ]{0,6}\b(others?|rest|left|right)",
            Parts + Near + @"(stuck|sticking|sticks|seized|binding|binds|dragging|drags)",
            "(stuck|seized|sticking|binding|dragging)" + Near + Parts),
        Flat(Spoken.Stuck, "(would not|won't|wouldn't|does not|doesn't|will not) (release|let go|roll freely|spin freely|turn freely)",
            @"pistons?\b[\w' ]{0,10}\b(won't|doesn't|does not|don't|do not|will not|would not) (go back|retract|move|push back)"),
        Row(Spoken.Stuck, @"(left|forgot|drove with|with) (the |my )?(hand ?brake|parking brake)( still)?( on)?( and| all)",
            @"(hand ?brake|parking brake)\b[\w' ]{0,8}\b(still on|left on|stuck|was on|stays on)",
            @"(wheels?|brakes?|calipers?|corner)\b[\w' ]{0,14}\b(locked (on|solid|up solid)|jammed|hang(s|ing)? (on|up)|rubbing all the time"
                + @"|won't turn|hard to turn)"),
        Row(Spoken.Stuck, @"(hammer|beat|bash|kick|prise|lever)(ed)?\b[\w' ]{0,10}\b(wheel|disc|rotor|drum)s?\b[\w' ]{0,10}\b(free|off|loose)",
            @"brakes?\b[\w' ]{0,8}\b(stayed|stays|stay|remain\w*|hung|hang\w*) on",
            @"wheels?\b[\w' ]{0,10}\b(hot|warm) (to (the )?touch|after (the )?(drive|motorway|cool))"),
        Row(Spoken.Stuck, @"brakes?\b[\w' ]{0,6}\bbinds?"),
        Flat(Spoken.Stuck, @"wheel\b[\w' ]{0,8}\bhot\b[\w', ]{0,24}\bnot the others?"),
        Flat(Spoken.Stuck, "(does not|doesn't|did not|didn't|won't|would not|wouldn't) come free"),
        Row(Spoken.Stuck, @"(one|left|right) (caliper|wheel|disc|rotor|corner|brake)\b[\w' ]{0,6}\b(cold|cooler|cool)\b[\w', ]{0,14}\b(others?|rest|hot)"),
        Flat(Spoken.Stuck, @"(would not|wouldn't|won't|will not|refused to) (roll|rotate|move)",
            @"(pedal|lever|pistons?)\b[\w' ]{0,10}\b(not|didn't|doesn't|won't) (return|(come|spring|go) (back|up))"),
        Row(Spoken.Smoke, @"(smoke|smokes|smoking|smoky)") with
        {
            Except = WordsOf([@"smok\w*\b[\w' ]{0,14}\b(bbq|barbecue|grill|exhausts?|tailpipe|tyres?|tires?|hatchback|ahead|in front)",
                "(tyre|tire|exhaust|bbq) smoke"]),
        },
        Row(Spoken.Smoke, @"steam\b[\w' ]{0,14}\b(wheels?|brakes?|calipers?|discs?|rotors?)",
            @"(brakes?|pads?|calipers?)\b[\w' ]{0,10}\b(burning|smoulder\w*|sizzl\w*)"),
        Row(Spoken.Oiled, @"(oil|oily|grease|greasy|coolant)\b[\w' ]{0,6}\bon\b[\w' ]{0,12}\b(pads?|discs?|rotors?|faces?|linings?|brakes?|calipers?)",
            @"(contaminated|oiled|oily|greasy)\b[\w' ]{0,8}\b(pads?|discs?|rotors?|linings?)",
            @"(pads?|discs?|rotors?|linings?)\b[\w' ]{0,10}\b(contaminated|oiled)"),
        Row(Spoken.Oiled, @"(oil|grease|coolant|fluid) from\b[\w' ]{0,20}\bon\b[\w' ]{0,20}\b(pads?|discs?|rotors?|drums?|linings?)",
            @"(oil|oily|grease|greasy)\b[\w' ]{0,8}\b(pads?|linings?|shoes?)"),
        Row(Spoken.WornRotor, @"(rotors?|discs?|rings?|thickness)\b[\w' ]{0,16}\b(below|under|past|thinner than)\b[\w' ]{0,10}\bmin\w*"),
        Row(Spoken.WornRotor, @"(under|below|past) (the )?(min\w*|wear|service) (thickness|limit)",
            @"(rotors?|discs?|rings?)\b[\w' ]{0,14}\b(worn (out|through|down)|at (the )?min\w*|at (the )?limit|too thin|very thin|paper thin|finished|done)"),
        Row(Spoken.WornRotor, @"(discs?|rotors?|rings?)\b[\w' ]{0,10}\b(below|under) \d+([.,]\d+)? ?(mm|millimet\w*)",
            @"(discs?|rotors?|rings?)\b[\w' ]{0,10}\b\d+([.,]\d+)? ?(mm|millimet\w*) (under|below|too thin)"),
        Row(Spoken.WetFluid, @"water in\b[\w' ]{0,8}\bfluid", @"tester\b[\w' ]{0,12}\bred",
            @"(tester|fluid|water|moisture)\b[\w' ]{0,16}\b([3-9]([.,]\d)?) ?(%|percent|per cent)"),
        Row(Spoken.WetFluid, @"water\b[\w' ]{0,12}\b(got )?(in|into|inside) (the )?(brake )?(reservoir|fluid|system|master)"),
        Row(Spoken.BurntBoot, @"(boots?|seals?|bellows)\b[\w' ]{0,12}\b(melted|melting|burnt|burned|charred|cooked|torn)",
            @"(melted|burnt|charred|torn)\b[\w' ]{0,12}\b(boots?|seals?|bellows)"),
        Row(Spoken.BurntBoot, @"(boots?|seals?|bellows)\b[\w' ]{0,12}\b(split|perished|ripped|came off|gone|hard and brittle|swollen)"),
        Flat(Spoken.WeakHandbrake, @"(hand ?brake|parking brake|park brake)\b[\w' ]{0,16}\b(not|n't|won't|doesn't|didn't|no longer|cannot|can't) hold\w*",
            @"(hand ?brake|parking brake|park brake)\b[\w' ]{0,12}\b(slips|slipping|weak|useless|does nothing|snapped|broke\w*|failed)", "rolled away"),
        Row(Spoken.Smell, @"(smell\w*|smelt|stink\w*|stank)") with
        {
            Except = WordsOf([@"(smell\w*|smelt|stink\w*|stank) (of )?(petrol|fuel|diesel|the barbecue)"]),
        },
        Row(Spoken.Squeal, @"(squeal\w*|squeak\w*|screech\w*)"),
        Row(Spoken.WornOut, @"(pads?|shoes?|linings?)\b[\w' ]{0,14}\b(worn (out|through|away|down|to)|paper thin|finished|shot|gone|toast)",
            @"(no|hardly any|almost no|barely any|next to no|little) ((brake )?pads?|(friction )?material|meat|lining) left", "out of (brake )?pads",
            @"(pads?|shoes?|linings?|material)\b[\w' ]{0,14}\b(at|down to|under|below) ([01]([.,]\d)?|2([.,]0)?) ?(mm|millimet\w*)",
            "(down|worn|through) to the (metal|steel|rivets|plates?|backing plates?)",
            @"(pads?|shoes?|linings?|(friction )?material)\b[\w' ]{0,16}\b"
                + @"(crumbl\w*|delaminat\w*|separat\w*|debond\w*|came (off|away)|coming off|f(ell|alling) apart)",
            @"(chunks?|pieces?|bits?) (of|off|out of) (the |a )?(brake )?(pads?|shoes?|linings?)") with
        {
            Except = WordsOf(["(pad|brake) dust", "(driving|race|racing|running) shoes?"]),
        },
        Row(Spoken.WornOut,
            @"(pads?|shoes?|linings?)\b[\w' ]{0,14}\b(down|worn|on|to|reached|touch\w*)\b[\w' ]{0,8}\b(the )?(wear )?(indicators?|squealers?|limit)",
            @"(pads?|shoes?|linings?)\b[\w' ]{0,12}\b(only |just |about |still |have |has |got |maybe )*([01]([.,]\d)?|2([.,]0)?) ?(mm|millimet\w*)",
            @"([01]([.,]\d)?|2([.,]0)?) ?(mm|millimet\w*) (of )?(brake )?(pads?|friction|material|meat|lining)",
            @"(pads?|shoes?|linings?)\b[\w' ]{0,10}\b(nearly|almost|all but|as good as) (gone|finished|worn|done|through)",
            @"(no|little|hardly any) meat (left )?on (the |my )?pads?") with
        {
            Except = WordsOf([@"(wore|worn|lost|less|down by|used)\b[\w' ]{0,10}\b\d([.,]\d)? ?(mm|millimet\w*)"]),
        },
        Row(Spoken.WornOut, @"(metal|steel|backing|plates?)\b[\w' ]{0,10}\b(showing|visible|exposed|through)",
            @"(see|saw|seeing) (the )?(bare )?(metal|steel|plates?|rivets)\b",
            @"friction (surface|material|lining)\b[\w' ]{0,14}\b(fall\w*|fell|com\w*|gone|lost|loose)",
            @"(pieces?|bits?|chunks?|lumps?) of friction", @"(pad|lining) thickness\b[\w' ]{0,6}\b([01]([.,]\d)?|2([.,]0)?)( ?mm)?",
            @"([01]([.,]\d)?) ?(mm|millimet\w*) left"),
        Row(Spoken.WornOut, @"pads?\b[\w' ]{0,10}\b(at|on|to) the (plates?|backing|metal)", @"pads?\b[\w' ]{0,8}\bchunk\w*",
            @"edges? of (the |a |my )?pads?\b[\w' ]{0,8}\b(gone|missing|broken)"),
        Row(Spoken.WornOut, "only (the )?(backing|metal|steel)( plates?)? left"),
        Row(Spoken.WarningLight,
            @"(warning|dash\w*|handbrake|fluid|level|pad wear|wear) (light|lamp)s?\b[\w' ]{0,16}\b(on|came|lit|flash\w*)",
            @"brakes? (light|lamp)s? (came on|lit up|flash\w*)", @"red (light|lamp)s?\b[\w' ]{0,24}\b(brak\w*|dash\w*)",
            "brake warning", "red brakes? (light|lamp)",
            "hand ?brake (warning|light|lamp)", @"brakes? (light|lamp)s? (on|in) the dash\w*", @"(wear|pad) sensors?\b[\w' ]{0,10}\b(on|lit|came|tripped)"),
        Row(Spoken.WarningLight, @"brake (system )?(fault|failure|malfunction|error)( message| warning)?",
            @"(dash\w*|display|message|screen)\b[\w' ]{0,14}\bbrak(e|es|ing)\b[\w' ]{0,10}\b(fault|fail\w*|service|check|stop|error)"),
        Row(Spoken.WarningLight, @"brakes? (light|lamp)s? (on|in) (the )?dash\w*"),
        Row(Spoken.AbsLight, @"(abs|esp|esc|stability|traction)\b[\w' ]{0,12}\b(light|lamp|warning|fault|error|off line|failed|dead)"),
        Row(Spoken.AbsLight, @"(wheel )?(speed )?sensors?\b[\w' ]{0,10}\b(cable |wire |lead )?(burnt|melted|broken|damaged|torn|cut|chafed)",
            @"abs\b[\w' ]{0,8}\b(died|stopped|dropped out|gone)"),
        Row(Spoken.AbsLight, @"(ebd|ebs|brake assist)\b[\w' ]{0,10}\b(fault|error|warning|failed|light|lamp)"),
        Flat(Spoken.AbsLight, @"abs\b[\w' ]{0,8}\b(did not|didn't|does not|doesn't|won't|not) (work\w*|come in|react\w*)"),
        Row(Spoken.Glowed, @"(rotors?|discs?|disks?|brakes?|rings?)\b[\w' ]{0,14}\b(glow\w*|red hot|cherry red)",
            @"(rotors?|discs?|disks?|rings?)\b[\w' ]{0,14}\b(orange|blue|blued|purple)",
            @"glow\w*\b[\w' ]{0,12}\b(rotors?|discs?|disks?|brakes?|rings?)", "blue(d)? (rotors?|discs?|disks?)"),
        Row(Spoken.Glowed, @"(cherry|bright|dull|glowing) red\b[\w' ]{0,10}\b(rotors?|discs?|brakes?|rings?|wheels?)",
            @"(red|orange|cherry) (glow|hot)\b[\w' ]{0,20}\b(rotors?|discs?|brakes?|rings?|wheels?|spokes?)",
            @"glow\w*\b[\w' ]{0,16}\b(wheels?|spokes?|arch\w*)",
            @"melted\b[\w' ]{0,12}\b(wheel|centre|center|hub|valve)\b[\w' ]{0,8}\b(caps?|weights?|stems?)?"),
        Row(Spoken.Glowed, @"glow(ed|ing) (like|red|orange|cherry|bright\w*)"),
        Row(Spoken.CaliperBurnt, @"(strips?|stickers?|labels?)\b[\w' ]{0,6}\ball (black|gone|turned)"),
        Row(Spoken.Glowed, @"brakes?\b[\w', ]{0,20}\bglow\w*"),
        Row(Spoken.BurntBoot, @"(seals?|boots?)\b[\w' ]{0,8}\b(crisp\w*|charred|cooked|brittle)"),
        Row(Spoken.WornRotor, @"(discs?|rotors?)\b[\w' ]{0,10}\b(minimum|limit) (thickness )?reached",
            @"(discs?|rotors?)\b[\w' ]{0,10}\breached (the |its )?(minimum|limit)"),
        Row(Spoken.CaliperBurnt, @"(paint|lacquer) (on|of) (the |a |my )?(\w+ )?calipers?\b[\w' ]{0,10}\b(bubbl\w*|blister\w*|brown\w*|flak\w*|burnt)"),
        Row(Spoken.WeakHandbrake, @"(hand ?brake|parking brake)\b[\w' ]{0,14}\b(all the way up|to the top|\d+ clicks)"),
        Row(Spoken.CaliperBurnt, @"caliper('s)?\b[\w' ]{0,16}\b(brown|burnt|burned|blister\w*|discolou?red)",
            @"(brown|burnt|burned|blistered|discolou?red)\b[\w' ]{0,12}\bcalipers?"),
        Row(Spoken.LowLevel, "add(ed|ing)? (some |more |brake )*fluid",
            @"((fluid|brake) level|reservoir)\b[\w' ]{0,16}\b(dropped|drops|dropping|fell|falling|low|lower|empty|down|minimum|min)",
            @"top(ped|ping)? (it |the \w+ |the \w+ \w+ |\w+ )?up\b[\w' ]{0,14}\b(fluid|reservoir|brakes?)",
            @"top(ped|ping)? up (the )?(brake )?(fluid|reservoir)",
            @"low (on )?(brake )?fluid", "low fluid level"),
        Row(Spoken.LowLevel, @"top(ped|ping)? up \d+ ?(ml|cc|cl)",
            @"(fluid|level|reservoir)\b[\w' ]{0,14}\b(below|under|at|near|close to) (the )?(min\w*|low mark|lower mark)",
            @"(fluid|level)\b[\w' ]{0,10}\b(gone|went|going|goes) down") with
        {
            Except = WordsOf([@"(fuel|oil|water|coolant|petrol|washer|tank)\b[\w' ]{0,24}"]),
        },
        Row(Spoken.LowLevel, @"fluid (is |was |very |quite |too |a bit |getting )*(low|down|short)",
            @"level (sank|fell|dropped|went down|is down|down)( by)? \d", @"(reservoir|fluid)\b[\w' ]{0,10}\b(cap|lid) (off|missing|gone|lost|open)",
            @"(cap|lid) (off|missing from|lost from) (the )?(brake )?reservoir"),
        Row(Spoken.DarkFluid, @"fluid\b[\w' ]{0,14}\b(black|dark|brown|cloudy|murky|dirty)", "(black|dark|brown|cloudy|murky|dirty) (brake )?fluid"),
        Row(Spoken.DarkFluid, @"fluid\b[\w' ]{0,16}\b(coffee|cola|coke|tea|mud\w*|tar|rust\w*|sludge|smelt burnt|burnt)",
            @"(rust|sludge|flakes|particles|dirt)\b[\w' ]{0,8}\bin\b[\w' ]{0,14}\b(fluid|reservoir)"),
    ];

    /// <summary>Something that is wrong with what stops the car, in words that no row above knows.</summary>
    public static IReadOnlyList<NoteLine> Worries { get; } =
    [
        Row(Spoken.Unclear, Stops + Near + "(" + Wrong
                + @"|(felt|feels|feel) different|blew|spread\w*|flex\w*|backwards|upside down|stay(s|ed)? on|lights? (out|dead))",
            "(" + Wrong + "|hit|bad|confidence|pushed)" + @"\b[\w' ]{0,30}\b" + Stops, "trailer pushe(d|s)"),
        Flat(Spoken.Unclear, Stops + " (is|are|was|were)(n't| not) what (it|they) (was|were|used to be)",
            Stops + Near + "(not|doesn't|didn't|don't|won't|isn't|aren't|wasn't) (work\\w*|come on|go on|right|release|return"
                + "|feel right|centre|move|light)"),
    ];

    // What a worry has to be about.
    private const string Stops = "(brak(e|es|ing)|stopping|pedal|lever|discs?|rotors?|calipers?|pads?|fluid|dot ?[345]\\S*|hoses?|reservoir|hand ?brake"
                + "|abs|servo|booster|bearings?|hubs?|master|bias( bar| adjuster)?|split pins?|studs?|cylinders?|shoes?|drums?"
        + "|pistons?|trailer|brake lights?)";

    private const string Wrong = @"wrong|strange|weird|odd|worse|horrible|noises?|nervous|bypass\w*|cocked|bits in|not what|locks? one"
                + @"|locked one|funny|unusual|unsafe|dangerous|problems?|trouble|issues?|fail\w*|broke|broken"
                + @"|damag\w*|jam(s|med|ming)?|burst"
        + @"|tor(e|n)|ripped|scary|scared|frighten\w*|worr(y|ied|ying)|mixed|groov\w*|scor(ed|ing)|lip|taper\w*|melt\w*|iffy|sus|wedge\w*|dished"
                + @"|coned|uneven\w*|corroded|foam\w*|chatter\w*|a step|worn (much|more|twice|at an)|thinner|fault\w*|burnt|took over|runs all|unequal\w*"
                + @"|no confidence|lost|dodgy|suspect|concern\w*|disintegrat\w*|pitted";

    private static NoteLine Row(Spoken of, params string[] words) => new(of, WordsOf(words), true);

    // What is a denial itself.
    private static NoteLine Flat(Spoken of, params string[] words) => new(of, WordsOf(words), false);

    private static Regex WordsOf(string[] words) => new($@"\b({string.Join('|', words)})\b", Any);
}
