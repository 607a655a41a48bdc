using Rimrock.Core.Logbook;

namespace Rimrock.Telling;

/// <content>What is felt at the pedal and in the car.</content>
internal static partial class NoteTable
{
    private static NoteLine[] Felt() =>
    [
        Flat(Spoken.NoBrakes, @"(braked|pressed|brakes?|pedal)( hard)?( and| but|,)? nothing happen\w*", @"nothing happened when i (brake|press|hit)\w*",
            @"(used|use|using|needed) the hand ?brake to (stop|slow)", "hand ?brake needed to (stop|slow)",
            @"(stopped|slowed)( it| her| him| the car)? (with|on|by) the hand ?brake"),
        Flat(Spoken.NoBrakes, @"brakes?\b[\w' ]{0,4}\b(don't|do not|didn't|did not|doesn't|does not) do (anything|much|a thing)"),
        Flat(Spoken.NoBrakes, @"brakes?\b[\w' ]{0,6}\bnon[- ]?existent",
            "(car|bike|van|she) (doesn't|does not|didn't|did not|won't|would not|wouldn't) (slow|stop)( down)?"),
        Row(Spoken.NoBrakes, @"(front|rear|one|a|second|primary|secondary) circuit\b[\w' ]{0,14}\b(lost|out|gone|dead|failed|down|dropped)",
            @"(pressure (dropped|fell|gone|lost)|lost( the)? pressure|no (brake )?pressure)\b[\w' ]{0,14}\b(circuit|brakes?|lines?|front|rear|turn|pedal)"),
        Flat(Spoken.NoBrakes, @"no stopping (for|at|in|into|until|whatever|at all|power|it|her|him)"),
        Row(Spoken.NoBrakes, @"nothing (for|at) (a |the )?(second|moment|first|split second|instant)",
            @"(pedal|brakes?|lever)\b[\w', ]{0,24}\bthen (dead|nothing|gone)"),
        Row(Spoken.NoBrakes, @"nothing left\b[\w' ]{0,10}\b(at|for|into|by|under) (the )?(end|bottom|corner|hairpin|turn|chicane|brak\w*|\w+ straight)",
            @"(foot|pedal|lever)\b[\w' ]{0,16}\b(floor|bar|carpet)\b[\w' ]{0,4}\b(and|but) nothing",
            @"only (the )?(front|rear|back|hand) ?brakes? (work\w*|left)",
            @"(twice|double|three times|half as much again) the (\w+ )?(distance|way|road) to (stop|slow)"),
        Row(Spoken.Faded, @"(pedal|lever)\b[\w' ]{0,8}\b(rock hard|hard as|like a (stone|rock|brick))", "(rock )?hard (pedal|lever)"),
        Flat(Spoken.SoftPedal, @"(pedal|lever)\b[\w' ]{0,24}\bno feel"),
        Flat(Spoken.NoBrakes, @"no brakes", @"no braking (power|force|effect)", @"lost (the |my |all |our )*(brakes|braking)",
            @"(did not|didn't|would not|wouldn't|could not|couldn't|won't|will not|barely|hardly) (really |even )?(stop|slow|brake)( down)?"),
        Flat(Spoken.NoBrakes, "(couldn't|could not|can't|cannot) get (it|her|him|the car|the bike) (stopped|slowed|to stop|to slow)",
            @"nothing\b[\w' ]{0,14}\b(pressed|hit|pushed|touched|stamped|stood)\b[\w' ]{0,10}\b(brakes?|pedal|lever)"),
        Flat(Spoken.NoBrakes, "no (pedal|lever) (left|at all|whatsoever|when|on|into|after|for|and|until|under|at)",
            @"(pedal|lever|brakes)\b[\w' ]{0,10}\b(did|does|do) nothing", @"nothing (there|happened|left|came)\b[\w' ]{0,20}\b(pedal|brakes)"),
        Row(Spoken.NoBrakes, @"brakes?\b[\w' ]{0,12}\b(gone|failed|failure|went away|gave up|stopped working)", @"brake failure",
            @"brakes\b[\w' ]{0,12}\b(gave out|died|quit|packed up|disappeared|vanished)"),
        Flat(Spoken.NoBrakes, @"no (pedal|lever)", @"no (retardation|deceleration|stopping power|braking)",
            @"(pedal|lever|brakes?)\b[\w' ]{0,18}\bnothing (happened|there|came|at all|left)", @"(pedal|lever) (was|is|were)(n't| not) there",
            @"refus\w* to (stop|slow|brake)") with
        {
            Except = WordsOf([@"no (pedal|lever|braking) (problems?|issues?|fade|feel|vibration|judder|pulsation|change|drop|drama|trouble"
                + @"|travel|kick\w*|marks?|zones?|points?|needed|required|before|until|for)"]),
        },
        Row(Spoken.NoBrakes, @"(pedal|lever)\b[\w' ]{0,12}\b(went away|gone|disappeared|vanished|went missing|died|collapsed)",
            @"(ran|running|run) out of brakes?", @"out of brakes"),
        Row(Spoken.NoBrakes, @"brakes?\b[\w' ]{0,10}\b(let go|let me down|went to nothing|went to sleep)",
            "took (my|all) brakes", "took the brakes (away|from|out)", @"ice mode",
            @"(hardly|barely) (pull\w* up|slow\w*|stopp?\w*)",
            @"(stood|stand\w*|stamp\w*|jump\w*|press\w*|push\w*|hard) on (it|the brakes?|the pedal)\b[\w' ]{0,16}\b(carried|kept|went straight|straight on)",
            @"(pedal|brak\w*|lever)\b[\w' ]{0,24}\b(keeps|kept) (on )?(rolling|going|moving|accelerating)"),
        Flat(Spoken.NoBrakes, @"brakes?\b[\w' ]{0,8}\b(not|weren't|wasn't|aren't|isn't|never) there"),
        Flat(Spoken.NoBrakes, @"no brake", @"(won't|wouldn't|would not|couldn't|did not|didn't|can't) (even )?(pull|haul) (it |her |him )?(up|down)") with
        {
            Except = WordsOf([@"no brake (problems?|issues?|fade|dust|lights?|lamps?|judder|noises?|squeal|ducts?|fluid|checks?|tests?|drama"
                + @"|trouble|changes?|lock\w*|points?|zones?|smell|smoke|wear|pads?|failures?)"]),
        },
        Row(Spoken.Faded, @"(slower and slower|longer and longer|worse and worse|later and later)\b[\w' ]{0,12}\b(stop\w*|brak\w*|slow\w*)",
            @"(brak\w*|stopp?\w*)\b[\w' ]{0,12}\b(slower and slower|longer and longer|worse and worse)",
            @"(needs?|needed|took|takes|with|using) all (of )?my (weight|strength|force)", @"(had|have|having) to stand on (it|them)",
            @"brakes?\b[\w' ]{0,8}\b(went|goes|going|dropp?\w*|fell|falls?|falling|tail\w*) (off|away)"),
        Row(Spoken.Faded, @"(brakes?|pedal|pads?)\b[\w' ]{0,14}\b(wooden|faded|fading|weak|weaker|glazed)", @"(fade|wooden pedal)",
            @"(longer|long|twice the) (stopping|braking) distances?", @"(stopping|braking) distances?\b[\w' ]{0,12}\b(longer|long|grew|growing|doubled)",
            @"brak(e|ed|ing)\b[\w' ]{0,10}\bearlier and earlier",
            @"brak(e|ed|ing)\b[\w' ]{0,8}\b\d+ ?(m|metres?|meters?|yards?|yd|ft|feet) (earlier|sooner|more|longer)",
            @"(feels?|felt|like) (like )?(someone |somebody |they |it |was |were )*(greased|oiled|buttered|soap\w*|butter|soap|ice|grease)",
            @"brak(e|ing) (point|marker)s?\b[\w' ]{0,16}\b(back|earlier|sooner)",
            @"(brak\w*|stop\w*|pedal|lever)\b[\w' ]{0,16}\b(more|extra|twice the|double the) (pedal )?(effort|force)",
            @"push\w*\b[\w' ]{0,10}\bharder\b[\w' ]{0,12}\b(pedal|brakes?|stop)", @"oversh(ot|oot|ooting)", "weak(er)? (brakes|braking)",
            "stopping (took|takes) (forever|ages)", "(twice as (long|far)|longer|ages|forever) to (stop|slow)", "lost (its |their |all |the )*bite"),
        Flat(Spoken.Faded, @"(pedal|brakes?|pads?)\b[\w' ]{0,10}\bno (bite|grip|bite left)"),
        Row(Spoken.Faded, @"(press|push|stand|step|lean|stamp)\w*\b[\w' ]{0,14}\b(brak\w*|pedal|lever)\b[\w' ]{0,14}\b(harder|with both feet)",
            @"press\w*\b[\w' ]{0,10}\bharder", @"(missed|missing) (the |my |a |every )?brak(e|ing) (point|marker|zone)",
            @"(poor|useless|rubbish|terrible|awful|hopeless|tired|marginal) (brakes|braking)",
            @"brakes\b[\w' ]{0,10}\b(poor|useless|rubbish|terrible|awful|hopeless|nonexistent|marginal|tired|cooked|finished|toast|shot"
                + @"|overheat\w*|done for|too hot|lazy|numb|dead)",
            @"(cooked|overheat\w*|killed) (the |my |our |all )*(brakes?|pads?)", @"pads?\b[\w' ]{0,12}\b(shiny|overheat\w*|cooked|glassy|smeary)",
            @"(shiny|glazed|glassy|cooked) (brake )?pads?",
            @"(went|ran|slid|sailed|shot) (off|straight on|straight|deep|long|wide)\b[\w' ]{0,24}\b(brak\w*|stop\w*|pedal)",
            @"both feet on the (pedal|brakes?)",
            @"(less|lost|losing|lack of|little|worse|weak) (stopping|braking|brake) (power|force|effect|performance)",
            @"(lack of|little|less|lost|losing|without) (the |initial |real )*bite"),
        Flat(Spoken.Faded, @"no (initial |real |cold |more |proper )?bite",
            @"(pads?|brakes?)\b[\w' ]{0,8}\b(don't|doesn't|didn't|won't|not) bit(e|ing)"),
        Row(Spoken.Faded, @"(front|rear|back|foot|hand) brakes?\b[\w' ]{0,10}\b(fades?|fading|useless|weak\w*|worse|poor|did nothing|does nothing)",
            @"brakes?\b[\w' ]{0,10}\b(worse|fades|weaker)\b[\w' ]{0,10}\b(in|after|each|every|session|lap|by|towards|again)",
            @"needs? (two|both) feet"),
        Row(Spoken.SinkingPedal, @"foot\b[\w' ]{0,6}\b(to|on|at) the floor\b[\w' ]{0,4}\b(before|until)"),
        Row(Spoken.SinkingPedal, @"pedal\b[\w' ]{0,30}\b(floor|carpet|bulkhead)", @"foot\b[\w' ]{0,14}\b(carpet|bulkhead)",
            @"lever\b[\w' ]{0,30}\b(handlebar|bar|grip|knuckles|fingers)",
            @"(pedal|lever)\b[\w' ]{0,20}\b(sinks?|sank|sinking|creeps?|dropped|drops|fell|falls|gave way|gives way)",
            @"(sinking|sinks|bottomed|bottoms)\b[\w' ]{0,16}\b(pedal|lever)") with
        {
            Except = WordsOf(["pedal to the metal (?:all|on|down|out|from|through)"]),
        },
        Row(Spoken.SinkingPedal, @"pedal\b[\w' ]{0,10}\b(on|at|to|hit|hits|hitting|touch\w*|against) (the|its) (stop|end|mat|limit)"),
        Row(Spoken.SinkingPedal,
            @"(pedal|lever)\b[\w' ]{0,16}\b(all the way (to|in)|right down|keeps going|kept going|goes down|went down|going down|to the stop)",
            @"(pedal|lever)\b[\w' ]{0,20}\bslowly (down|away)"),
        Row(Spoken.SoftPedal, @"(soft|spongy|mushy|squishy|long|low|vague)\b[\w' ]{0,12}\b(pedal|lever)", @"(soft|spongy|mushy|squishy) brakes?",
            @"(pedal|lever)\b[\w' ]{0,22}\b(soft\w*|spongy|mushy|squishy|long|longer|low|lower|vague)",
            @"brakes?\b[\w' ]{0,16}\b(soft|softer|spongy|mushy|squishy)", @"(fluid|brakes?)\b[\w' ]{0,16}\bboil\w*",
            @"boil\w*\b[\w' ]{0,10}\b(fluid|brakes?)", @"pump(ed|ing)?\b[\w' ]{0,12}\b(pedal|lever|brakes?)",
            @"air in\b[\w' ]{0,8}\b(brakes?|lines?|system|fluid)", @"bubbles?\b[\w' ]{0,24}\b(bleed\w*|bled|fluid|lines?|calipers?)",
            @"(brakes?|pedal|lever)\b[\w' ]{0,26}\bspong\w*", @"(pedal|lever)\b[\w' ]{0,24}\bpump\w*", "had to pump (it|them)",
            @"(needed|needs|took|takes|after|with) (a )?(two|three|four|several|few|couple of|\d) (pumps|pushes|stabs)",
            @"brakes?\b[\w' ]{0,6}\b(went|goes|going|got|was|were) long(er)?", @"lost (the |my |all )*(pedal|lever)",
            @"(pedal|lever) travel\b[\w' ]{0,12}\b(long\w*|increas\w*|grew|growing|more)", "more (pedal|lever) travel") with
        {
            Except = WordsOf([@"pump\w*\b[\w' ]{0,14}\bafter\b[\w' ]{0,12}\b(fitting|chang\w*|bleed\w*|pads|work)"]),
        },
        Row(Spoken.SoftPedal, @"(pedal|lever)\b[\w' ]{0,10}\bhalf ?way (down|in)", @"bit(e|ing) point\b[\w' ]{0,8}\b(low|lower|down|deep\w*|moved|far\w*)",
            @"(free play|dead travel|lost travel|slack|gap)\b[\w' ]{0,12}\b(pedal|lever)"),
        Row(Spoken.SoftPedal, @"(pedal|lever|brakes?)\b[\w' ]{0,10}\b(jelly|jello|pudding|marshmallows?)"),
        Row(Spoken.SoftPedal, @"(pedal|lever)\b[\w' ]{0,12}\b(only )?(on|at|with|after) the (second|third|next) (stroke|press|push|pump|stab|go)",
            @"vapou?r in (the |my )?(lines?|fluid|calipers?|system|brakes?)"),
        Flat(Spoken.SoftPedal, @"no (pressure|resistance)\b[\w' ]{0,16}\b(pedal|push|press|lever|brakes?)"),
        Row(Spoken.SoftPedal, @"vapou?r ?lock\w*", @"(double|triple) pump\w*", @"(need\w*|gave it|takes|took) (a )?(good |quick )?pump\w*",
            @"(mushy|spongy|squishy|squashy)",
            @"(went|got|goes|gone|turned|became|felt|feels|bit|little|very|slightly|too) soft(er)?( |$)\b[\w' ]{0,22}\b(pits?|paddock|standing"
                + @"|laps?|session|end|hot|stint|rest|stop)",
            @"soft after\b[\w' ]{0,14}\b(standing|pits?|laps?|session|rest)",
            @"(pedal|lever)\b[\w' ]{0,20}\b(woolly|wooly|bouncy|springy|elastic|limp|empty|deep|deeper|squashy|dead|inconsistent)",
            @"air\b[\w' ]{0,10}\b(came|comes|coming|come) out",
            @"(lots of |some |still |more |much )air\b[\w' ]{0,14}\b(bled|bleed\w*|calipers?|lines?|out of)", @"boiled (it|them|over)") with
        {
            Except = WordsOf([@"(tyres?|tires?|suspension|springs?|dampers?|bars?|ground|grass|gravel|compound|seats?"
                + @"|rubber|linkage)\b[\w' ]{0,14}\b(soft\w*|mushy|spongy|squashy|bouncy)", @"(soft\w*|mushy|spongy|squashy"
                + @"|bouncy)\b[\w' ]{0,14}\b(tyres?|tires?|suspension|springs?|dampers?|bars?|ground|grass|gravel|compound|seats?|rubber"
                + @"|rear end|front end|ride)"]),
        },
        Flat(Spoken.SoftPedal, @"(brakes?|lines?|calipers?|hydraulics|system) (not|never) bled( properly)?", @"forgot to bleed",
            @"(not|never|didn't|did not|hasn't been|wasn't) (bled|bleed)\b[\w' ]{0,10}\bafter\b[\w' ]{0,14}\b(hoses?|lines?|calipers?|fluid|change)"),
        Row(Spoken.NoAssist, @"(servo|booster|brake assist\w*|vacuum)\b[\w' ]{0,14}\b(dead|gone|failed|failing|broken|leak\w*|stopped|hiss\w*|lost)",
            @"lost (the |all )*(servo|booster|assistance|vacuum)"),
        Flat(Spoken.NoAssist, "no (servo|booster|assistance|vacuum)", @"(servo|booster)\b[\w' ]{0,8}\b(not|doesn't|didn't|does not) work\w*"),
        Row(Spoken.NoAssist, @"vacuum (hose|line|pipe|pump)\b[\w' ]{0,12}\b(fell|came|popped|split|off|cracked|failed|loose|leak\w*)",
            @"(pedal|lever)\b[\w' ]{0,16}\b(rock hard|like a rock|like stone|solid as)"),
        Row(Spoken.SoftPedal, @"(second|third|next) (press|push|stroke|pump|stab)\b[\w' ]{0,10}\b(higher|harder|firmer|better|good|fine)"),
        Row(Spoken.SoftPedal, @"(two|three|four|several|\d) pumps\b[\w' ]{0,14}\b(corners?|turns?|stops?|brak\w*|hairpins?)"),
        Row(Spoken.SoftPedal, @"(pedal|lever) travel\b[\w' ]{0,10}\b(twice|doubled?|too much|excessive)",
            @"(pedal|lever)\b[\w' ]{0,12}\b(further|deeper|lower) (down|away|each|every|with)",
            @"(first|1st|initial) (press|push|stab|stroke|application|touch)\b[\w' ]{0,16}\b(long|soft|nothing|low|empty|goes)",
            @"(have|has|need) to pump", @"(pad )?knock-? ?(back|off)"),
        Row(Spoken.Knock, @"(knock(s|ed|ing)?|clunk\w*|clonk\w*|rattl\w*|wobbl\w*)") with
        {
            Except = WordsOf([@"(exhaust|interior|dash\w*|doors?|windows?|bonnet|seat|tools?|helmet|boot lid)\b[\w' ]{0,8}\b"
                + @"(knock\w*|clunk\w*|clonk\w*|rattl\w*)"]),
        },
        Row(Spoken.Knock, @"click(s|ing)\b[\w' ]{0,24}\b(forward|reverse|brak\w*|direction)"),
        Row(Spoken.Knock, @"(rotors?|discs?|bobbins?|hats?|bells?)\b[\w' ]{0,8}\bclick\w*"),
        Row(Spoken.Knock, @"(loud |big |metallic )?bangs?\b[\w' ]{0,16}\b(front|rear|left|right|under|when|brak\w*)"),
        Row(Spoken.Pull, @"(pull|veer)(s|ed|ing)?\b[\w' ]{0,14}\b(left|right|one side|side)",
            @"(dart|yank|swerv|jerk|tug|dive)(s|es|ed|ing)?\b[\w' ]{0,14}\b(left|right|side)\b[\w' ]{0,20}\b(brak\w*|pedal|stand|press|stop\w*)",
            @"pull(s|ed|ing)? (when|under|while|on) (the )?(brak\w*|hard brak\w*)",
            @"(bites?|works?|brakes?|grabs?) only on (the )?(left|right|one side)",
            @"brak\w*\b[\w' ]{0,20}\b(dart|yank|swerv|jerk|tug)(s|es|ed|ing)?\b[\w' ]{0,14}\b(left|right|side)"),
        Row(Spoken.Pull, @"(right|left|one)( front| rear| side| wheel)* (does|doing|did|do) all the (work|braking)"),
        Row(Spoken.Pull, "stops? (crooked|sideways|to one side|unevenly)",
            @"(steering|car|nose|front)\b[\w' ]{0,8}\b(tug|nose|dart|yank)(s|d|ed|ged)?\b[\w' ]{0,10}\b(left|right|side)"),
        Flat(Spoken.Pull, @"(right|left|one)( front| rear| side)?\b[\w' ]{0,8}\b(doesn't|does not|won't|isn't|is not) (bit\w*|brak\w*)"),
        Row(Spoken.Pull, @"(moves?|moved|drift\w*|wander\w*|steers?|turns?|goes|went|heads?)\b[\w' ]{0,8}\b(left|right|about"
                + @"|around)\b[\w' ]{0,14}\b(brak\w*|pedal)",
            @"(tramlin|wander|squirm|snak|weav|unstabl)\w*\b[\w' ]{0,14}\bbrak\w*",
            @"brak\w*\b[\w' ]{0,14}\b(unstable|snak\w*|weav\w*|squirm\w*|uneven\w*|one-?sided|grabb\w*|grabs?|snatch\w*)",
            @"(drums?|shoes?|pads?|brakes?|left|right|rear|front)\b[\w' ]{0,10}\b(grab|snatch)(s|es|bed|ed|bing|ing|by|y)?",
            @"(left|right)( front| rear| wheel)*\b[\w' ]{0,6}\block(s|ed|ing)?( up)? (early|first|too|before|all the time|every)"),
        Row(Spoken.RearLocks, @"(rears?|rear wheels?|back|rear axle)\b[\w' ]{0,10}\block\w*", @"lock\w*[\w' ]{0,8}\b(rears?|back)",
            @"(rear|back|tail)\b[\w' ]{0,8}\b(stepp?|came|comes|kick|snapp?|slid|went|goes)\w*\b[\w' ]{0,8}\b"
                + @"(out|round|around|sideways)\b[\w' ]{0,16}\bbrak\w*",
            @"(car|bike|she|it) (turned|went|got|goes) (sideways|round|around)\b[\w' ]{0,12}\bbrak\w*",
            @"(rear|back)( end)? (light|loose|nervous|lively|unstable)\b[\w' ]{0,12}\bbrak\w*"),
        Row(Spoken.Judder, @"(hops?|hopping|tramps?|tramping)\b[\w' ]{0,10}\bbrak\w*"),
        Row(Spoken.Judder, @"steering( wheel)? (shook|shakes|shimm\w*)"),
        Row(Spoken.Judder, @"(judder\w*|warped|vibrat\w*|shak(es|ing)|shudder\w*|puls(es|ing|ation|ating))"),
        Row(Spoken.Judder, @"(pedal|lever|steering)\b[\w' ]{0,10}\b(kick\w*|flutter\w*|wobbl\w*|tremb\w*)",
            @"(hot|dark|blue|black|grey) (spots?|patches|marks)\b[\w' ]{0,14}\b(discs?|rotors?|rings?|faces?)",
            @"(discs?|rotors?|rings?|faces?)\b[\w' ]{0,14}\b(hot spots?|dark patches|smear\w*|deposits?|pick ?up|uneven|run-?out"
                + @"|thickness variation|out of true|bent)",
            @"(smear\w*|deposit\w*|pick ?up)\b[\w' ]{0,14}\b(discs?|rotors?|rings?)", @"(run-?out|thickness variation)") with
        {
            Except = WordsOf([@"run-?out\b[\w' ]{0,10}\b0?[.,]0[0-5]\d?( ?mm)?"]),
        },
        Row(Spoken.AbsEarly, @"abs\b[\w' ]{0,20}\b(early|too soon|too often|constantly)", @"abs\b[\w' ]{0,24}\b(straight|in the dry|light braking)",
            @"abs\b[\w' ]{0,14}\b(every|each) (stop|corner|turn|time)"),
    ];
}
