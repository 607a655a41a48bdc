import { emptyPort } from '../playwright.config';
import { expect, test } from './page';
import type { Page } from '@playwright/test';

test.use({ actionTimeout: 15_000 });

/** What a walk costs a person: common figures of keystroke-level reckoning (Card, Moran and Newell, CACM 23 (1980) 396-410; from memory), reading at 4 words a second. */
const cost = { press: 1.1, key: 0.28, decision: 1.35, wordsASecond: 4 };
const most = { actions: 20, seconds: 120 };

interface Customer {
  who: string;
  mass: number;
  power: number;
  tyres?: string;
  pace?: string;
  circuit?: string;
  pads?: string;
  months?: number;
  /** Buttons to press: kinds of day to add or to take off, layout, brakes, class. */
  press?: string[];
  trailer?: number;
  must: RegExp[];
  mustNot?: RegExp[];
  /** What the card must and must not say. */
  card?: { must: RegExp[]; mustNot?: RegExp[] };
}

const customers: Customer[] = [
  { who: 'roadster', mass: 980, power: 95, pace: 'regular', months: 60, must: [/fluid/i], mustNot: [/nothing needed|caliper/i], card: { must: [/pad shape/] } },
  { who: 'hatch', mass: 1480, power: 210, pace: 'advanced', circuit: 'typical fast national circuit', must: [/danger|Not this day|ruined/i], mustNot: [/nothing needed/i] },
  { who: 'family car', mass: 1450, power: 110, months: 10, press: ['track day'], must: [/nothing needed/i], mustNot: [/lap /] },
  { who: 'autocross', mass: 1300, power: 140, months: 6, press: ['track day', 'autocross', 'rotors', 'calipers'], mustNot: [/duct/i], must: [/hold|fade|bite|nothing/i] },
  { who: 'trailer', mass: 2300, power: 150, months: 12, press: ['track day', 'mountain descent'], trailer: 1900, must: [/descent|gear|fluid|trailer/i], mustNot: [/\blaps?\b/i] },
  { who: 'motorcycle', mass: 210, power: 90, press: ['It is a motorcycle'], pads: 'race-sintered', months: 6, must: [/fluid|pad/], mustNot: [/duct|ring of your size|pedal/i], card: { must: [/for iron rotors/], mustNot: [/duct/i] } },
  { who: 'electric', mass: 1850, power: 350, months: 12, press: ['electric'], must: [/What (helps most|would hold)/], mustNot: [/nothing needed/i] },
  { who: 'drums', mass: 1050, power: 80, pace: 'novice', months: 20, press: ['drums at the rear'], must: [/pad [^;]*in front/], mustNot: [/ring of your size/i] },
  { who: 'carbon', mass: 1700, power: 330, pace: 'advanced', months: 6, press: ['carbon-ceramic discs'], must: [/fluid/], mustNot: [/nothing needed/i], card: { must: [/listed for carbon-ceramic discs/] } },
  { who: 'one lap', mass: 1250, power: 400, tyres: 'slick', months: 2, press: ['track day', 'one flying lap', 'commute and country road'], mustNot: [/duct/i], must: [/pads? /] },
];

/** Counts what a person does. */
class Reckoned {
  actions = 0;
  seconds = 0;
  constructor(private readonly page: Page) {}
  press() {
    this.actions++;
    this.seconds += cost.press + cost.decision;
  }
  type(text: string) {
    this.actions++;
    this.seconds += cost.press + cost.decision + text.length * cost.key;
  }
  async read(words: string) {
    this.seconds += words.split(/\s+/).length / cost.wordsASecond;
    await this.page.waitForTimeout(0);
  }
}

/** In every run those who ask for different things; all ten in the long form (RIMROCK_LONG=1). */
const always = ['roadster', 'family car', 'trailer', 'motorcycle'];
const walked = process.env.RIMROCK_LONG === '1' ? customers : customers.filter((one) => always.includes(one.who));

for (const customer of walked) {
  test(`from nothing: ${customer.who} gets a verdict and a card in two minutes`, async ({ page }) => {
    test.setTimeout(90_000);
    const person = new Reckoned(page);
    await page.goto(`http://127.0.0.1:${emptyPort}/new`);
    for (const name of customer.press ?? []) {
      await page.getByRole('button', { name, exact: true }).click();
      person.press();
    }
    for (const [label, value] of [
      ['Mass with driver', customer.mass],
      ['Power', customer.power],
      ['Age of the fluid', customer.months],
      ['Trailer', customer.trailer],
    ] as const) {
      if (value === undefined) continue;
      await page.getByLabel(label).fill(String(value));
      person.type(String(value));
    }
    for (const [label, value] of [
      ['Tyres', customer.tyres],
      ['Pace', customer.pace],
      ['Pads', customer.pads],
    ] as const) {
      if (value === undefined) continue;
      await page.getByLabel(label, { exact: true }).selectOption(value);
      person.press();
    }
    if (customer.circuit) {
      await page.getByLabel('Circuit').selectOption({ label: `a ${customer.circuit}` });
      person.press();
    }
    // What a closed list does not show nobody reads.
    await person.read(
      await page.locator('form').evaluate((form) => {
        const shown = form.cloneNode(true) as HTMLElement;
        shown.querySelectorAll('select').forEach((list) => [...list.options].slice(1).forEach((option) => option.remove()));
        return [...shown.querySelectorAll('*')].map((one) => [...one.childNodes].filter((node) => node.nodeType === 3).map((node) => node.textContent).join(' ')).join(' ').replace(/\s+/g, ' ');
      }),
    );
    await page.getByRole('button', { name: 'Show me what gives first' }).click();
    person.press();
    const first = page.getByRole('region', { name: 'What to do' });
    await expect(first).toContainText('likely days', { timeout: 40_000 });
    await expect(first.getByRole('link', { name: 'what to ask for' }).or(first.getByText('nothing needed')).first()).toBeVisible({ timeout: 40_000 });
    const said = await first.innerText();
    // What is there for a screen reader alone stands on the screen a second time.
    const heard = (await first.locator('.visually-hidden').allInnerTexts()).join(' ');
    await person.read(heard ? said.replace(heard, '') : said);
    for (const word of customer.must) expect(said, customer.who).toMatch(word);
    for (const word of customer.mustNot ?? []) expect(said, customer.who).not.toMatch(word);
    const link = first.getByRole('link', { name: 'what to ask for' });
    if (await link.isVisible()) {
      await link.click();
      person.press();
      const card = page.getByRole('article');
      await expect(card).toContainText('A pad for the front', { timeout: 60_000 });
      const asked = await card.innerText();
      await person.read(asked);
      for (const word of [/at least 0\.\d\d from \d+ to \d+ °C/, /dry \d+ °C or more/, ...(customer.card?.must ?? [])]) expect(asked, customer.who).toMatch(word);
      for (const word of customer.card?.mustNot ?? []) expect(asked, customer.who).not.toMatch(word);
    }
    expect(person.actions, customer.who).toBeLessThan(most.actions);
    expect(person.seconds, customer.who).toBeLessThan(most.seconds);
  });
}
