// Breaks random lines of the core, one at a time, and asks whether Core, Reference and Scenario tests find it. Long: not part of ./test.sh.
//   node scripts/mutate.mjs [COUNT] [SEED] [FOLDER] [PART/PARTS]
// several processes, each in a folder of its own, share the draws of one seed as 1/2 and 2/2: COUNT is then that of each;
// works on a copy of the committed tree in FOLDER (made and built there), prints a line for each, then the share found and the survivors.
import { execFileSync, spawnSync } from 'node:child_process';
import { copyFileSync, existsSync, readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join, relative } from 'node:path';

const [count, seed] = [Number(process.argv[2] ?? 120), Number(process.argv[3] ?? 1)];
const folder = process.argv[4] ?? join(tmpdir(), 'rimrock-mutate');
const [part, parts] = (process.argv[5] ?? '1/1').split('/').map(Number);
const root = new URL('..', import.meta.url).pathname;
const run = (command, args, seconds = 1800, extra = {}) =>
  spawnSync(command, args, { cwd: folder, encoding: 'utf8', timeout: seconds * 1000, killSignal: 'SIGKILL', env: { ...process.env, DOTNET_NOLOGO: '1', ...extra } });

// A number between 0 and 1, the same for the same seed (mulberry32).
let state = seed >>> 0;
const random = () => {
  state = (state + 0x6d2b79f5) >>> 0;
  let t = Math.imul(state ^ (state >>> 15), 1 | state);
  t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t;
  return ((t ^ (t >>> 14)) >>> 0) / 2 ** 32;
};
const any = (list) => list[Math.floor(random() * list.length)];

if (!existsSync(folder)) {
  execFileSync('git', ['clone', '-q', root, folder]);
  for (const name of ['Core', 'Reference', 'Scenario'])
    execFileSync('dotnet', ['build', `tests/Rimrock.${name}.Tests`, '-c', 'Release', '-v', 'quiet', '-p:RunAnalyzers=false'], { cwd: folder, stdio: 'inherit' });
}
execFileSync('git', ['checkout', '-q', '--', 'src'], { cwd: folder });

// What one line may become: one operator, comparison or figure changed.
const swaps = [
  [/ \+ /g, ' - '], [/ - /g, ' + '], [/ \* /g, ' / '], [/ \/ /g, ' * '],
  [/ < /g, ' >= '], [/ > /g, ' <= '], [/ <= /g, ' > '], [/ >= /g, ' < '], [/ == /g, ' != '], [/ != /g, ' == '],
  [/ && /g, ' || '], [/ \|\| /g, ' && '], [/\btrue\b/g, 'false'], [/\bfalse\b/g, 'true'],
  [/Math\.Max\(/g, 'Math.Min('], [/Math\.Min\(/g, 'Math.Max('],
];
function changes(line) {
  const found = [];
  const put = (match, text) => found.push(line.slice(0, match.index) + text + line.slice(match.index + match[0].length));
  for (const [pattern, text] of swaps) for (const match of line.matchAll(pattern)) put(match, text);
  // A figure a tenth larger, a whole one by one: outside words and texts.
  for (const match of line.matchAll(/(?<![\w."])\d+(\.\d+)?(e-?\d+)?(?![\w."])/g))
    put(match, match[1] || match[2] ? String(Number((Number(match[0]) * 1.1 || 0.1).toPrecision(6))) : String(Number(match[0]) + 1));
  return found;
}

const files = readdirSync(join(folder, 'src/Rimrock.Core'), { recursive: true }).filter((file) => file.endsWith('.cs') && !/(^|\/)(obj|bin)\//.test(file));
const lines = files.flatMap((file) =>
  readFileSync(join(folder, 'src/Rimrock.Core', file), 'utf8')
    .split('\n')
    .map((text, at) => ({ file, at, text }))
    // Lines that compute: rows of tables (ranges, words, typical figures) are data, and are held by their own sources.
    .filter(({ text }) => !/^\s*(\/\/|using|namespace|\[|#|throw|"|\$"|new\()|FieldRange|Said\.Of|\bconst\b|ArgumentOutOfRange|operator/.test(text) && changes(text).length > 0),
);

const tests = (name) => join(folder, `tests/Rimrock.${name}.Tests/bin/Release/net10.0`);
/** True where a test fails, or never ends. */
function fails(name, filter, extra) {
  const args = ['test', join(tests(name), `Rimrock.${name}.Tests.dll`), ...(filter ? ['--filter', filter] : []), '--', 'xUnit.StopOnFail=true'];
  const { status, stdout } = run('dotnet', args, 1800, extra);
  return status !== 0 && !/No test matches/.test(stdout);
}

// Most of the time goes into these: asked last.
const slow = ['MatcherTests', 'ScreeningTests', 'RandomPlanTests', 'ExtremePlanTests', 'LearningTests', 'ChanceTests'];
/** Filters of the core's own tests in the order of who is likely to notice: those of the same room, all others, the slow ones. */
function filters(file) {
  const quick = slow.map((name) => `FullyQualifiedName!~${name}`).join('&');
  const room = `FullyQualifiedName~Core.Tests.${file.split('/')[0]}.`;
  return [`${room}&${quick}`, `${room.replace('~', '!~')}&${quick}`, slow.map((name) => `FullyQualifiedName~${name}`).join('|')];
}
const survivors = [];
let [tried, found, drawn] = [0, 0, 0];
while (tried < count) {
  const line = any(lines);
  const change = any(changes(line.text));
  if (drawn++ % parts !== part - 1) continue;
  const path = join(folder, 'src/Rimrock.Core', line.file);
  const whole = readFileSync(path, 'utf8');
  const rows = whole.split('\n');
  rows[line.at] = change;
  writeFileSync(path, rows.join('\n'));
  const built = run('dotnet', ['build', 'src/Rimrock.Core', '-c', 'Release', '--no-restore', '-v', 'quiet', '-p:RunAnalyzers=false', '-p:GenerateDocumentationFile=false']);
  if (built.status === 0) {
    for (const name of ['Core', 'Reference', 'Scenario'])
      copyFileSync(join(folder, 'src/Rimrock.Core/bin/Release/net10.0/Rimrock.Core.dll'), join(tests(name), 'Rimrock.Core.dll'));
    const begin = Date.now();
    const [own, others, slowest] = filters(line.file);
    const asked = [
      ['asked of its room', 'Scenario', 'FullyQualifiedName~What_can_be_asked', { RIMROCK_ASK_ROOM: line.file.split('/')[0] }],
      ['asked', 'Scenario', 'FullyQualifiedName~What_can_be_asked'],
      ['figures', 'Scenario', 'FullyQualifiedName~What_a_room'],
      ['its room', 'Core', own],
      ['Core', 'Core', others],
      ['Reference', 'Reference'],
      // Rarely the only ones, and ten minutes for each survivor: left out with RIMROCK_SHORT=1, which then gives a lower bound.
      ...(process.env.RIMROCK_SHORT
        ? []
        : [
            ['Scenario', 'Scenario', 'FullyQualifiedName!~Figures'],
            ['slow Core', 'Core', slowest],
          ]),
    ];
    const by = asked.find(([, project, filter, extra]) => fails(project, filter, extra))?.[0];
    tried++;
    if (by) found++;
    else survivors.push(`${relative('.', line.file)}:${line.at + 1}\n  was ${line.text.trim()}\n  now ${rows[line.at].trim()}`);
    console.log(`${tried} ${by ? `found by ${by}` : 'SURVIVED'} ${Math.round((Date.now() - begin) / 1000)} s ${line.file}:${line.at + 1} ${rows[line.at].trim()}`);
  }
  writeFileSync(path, whole);
}
console.log(`${found} of ${tried} found (${((100 * found) / tried).toFixed(1)} %), seed ${seed}, ${lines.length} lines to choose from`);
for (const survivor of survivors) console.log(survivor);
