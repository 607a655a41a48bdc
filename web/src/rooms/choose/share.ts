import { predict, type MatchAnswer, type PredictionPlan, type Suggestion, type Wishes } from '../../api/client';
import { planWithDays } from '../../plan/upgrade';
import { wishesOf } from './wishes';
import { percentOf } from '../../shared/chance';
import { show, told, type UnitSystem } from '../../units/units';
import { firstToGive, money, padsOf, restOf, signedIn } from './words';

const cell = (text: string) => text.replace(/[|\\`*_<>[\]]/g, (char) => `\\${char}`).replace(/\s+/g, ' ');

/** The comparison as Markdown: what a friend needs to see, nothing that cannot be pasted. */
export function asMarkdown(plan: PredictionPlan, answer: MatchAnswer, setups: Suggestion[], system: UnitSystem): string {
  const rows = [answer.fitted, ...setups].map((setup, i) =>
    [
      i === 0 ? 'as it stands' : padsOf(setup),
      restOf(setup),
      percentOf(setup.danger),
      percentOf(setup.damage),
      firstToGive(setup),
      signedIn(setup.street.extraMetres, 'm', system),
      money(setup.cost.perSeason),
      money(setup.cost.buyNow),
    ]
      .map(cell)
      .join(' | '),
  );
  return [
    `**${cell(plan.car.name)}**, ${cell(plan.pace)} pace, ${plan.stint.sessions} x ${plan.stint.minutesEach} min at ${cell(plan.circuit.name)}, ${show(plan.weather.ambientC, 'C', system)}`,
    '',
    told(answer.verdict, system),
    '',
    '| pads | rest | danger on a day like this | damage | first to give | cold stop | a season | to buy |',
    '|---|---|---|---|---|---|---|---|',
    ...rows.map((row) => `| ${row} |`),
    '',
    'Estimates with wide bands; the makers’ limits, road law and a licensed technician come first.',
  ].join('\n');
}

/** The question as JSON, to be opened again. */
export const asJson = (plan: PredictionPlan, wishes: Wishes, answer: MatchAnswer, setups: Suggestion[]): string =>
  JSON.stringify({ rimrock: 'comparison', version: 2, plan, wishes, verdict: answer.verdict, setups: [answer.fitted, ...setups] }, null, 2);

const mostBytes = 2_000_000;

/** The question of a saved comparison, checked by the engine before anything is changed. */
export async function readComparison(file: File): Promise<{ plan: PredictionPlan; wishes: Wishes }> {
  if (file.size > mostBytes)
    throw new Error(`${file.name.slice(0, 60)} has ${(file.size / 1e6).toFixed(1)} MB; a comparison has at most 2 MB.`);
  let read: { rimrock?: unknown; version?: unknown; plan?: PredictionPlan; wishes?: Wishes };
  try {
    read = JSON.parse(await file.text()) as typeof read;
  } catch {
    throw new Error(`${file.name.slice(0, 60)} is no JSON.`);
  }
  if (read?.rimrock !== 'comparison' || (read.version !== 1 && read.version !== 2) || !read.plan || !read.wishes)
    throw new Error(`${file.name.slice(0, 60)} does not say that it is a comparison of version 1 or 2.`);
  const plan = read.version === 1 ? planWithDays(read.plan) : read.plan;
  await predict(plan);
  return { plan, wishes: wishesOf(read.wishes) };
}
