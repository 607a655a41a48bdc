// @vitest-environment jsdom
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { cleanup, fireEvent, render, screen, waitFor, within } from '@testing-library/react';
import type { ReactNode } from 'react';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import type { PredictionPlan } from '../api/client';
import * as log from '../api/log';
import type { Finding, LearningPage, PaintKit } from '../api/log';
import type { BeddingPlan, SeasonPlan } from '../api/ready';
import { BeddingChart } from '../charts/BeddingChart';
import { Promises } from '../charts/Promises';
import { SeasonChart } from '../charts/SeasonChart';
import { Taught } from '../charts/Taught';
import { Diagnose } from '../rooms/log/Diagnose';
import { Findings } from '../rooms/log/Findings';
import { KitRow } from '../rooms/log/KitRow';
import { Traces } from '../rooms/log/Traces';
import { Wear } from '../rooms/log/Wear';
import { firstPaints, firstStickers } from '../rooms/log/words';
import { HandTrainer } from '../rooms/ready/HandTrainer';
import { UnitProvider } from '../units/UnitContext';
import { say } from './say';

const plan = { car: { name: 'Sample' } } as unknown as PredictionPlan;
const counted = {
  share: 0.01,
  samplingError: 0.004,
  upperBound: 0.02,
  told: { edge: 'none' as const, percent: 1, digits: 1, errorPoints: 0.4, errorDigits: 1 },
};
const spread = (p10: number, p50: number, p90: number) => ({ p10, p50, p90 });

function show(element: ReactNode) {
  const queries = new QueryClient({ defaultOptions: { queries: { retry: false } } });
  return render(
    <QueryClientProvider client={queries}>
      <UnitProvider>{element}</UnitProvider>
    </QueryClientProvider>,
  );
}

beforeEach(() => localStorage.clear());
afterEach(() => {
  cleanup();
  vi.restoreAllMocks();
});

describe('rotor-hand trainer', () => {
  // A left rotor's vanes lean clockwise on their way out, seen from the wheel side (common practice: they sweep back as it rolls forward).
  it.each([
    [0.1, 'Vanes lean clockwise on their way out', 'Left', 'Right.'],
    [0.1, 'Vanes lean clockwise on their way out', 'Right', 'No: it is a left one.'],
    [0.9, 'Vanes lean anticlockwise on their way out', 'Right', 'Right.'],
    [0.9, 'Vanes lean anticlockwise on their way out', 'Left', 'No: it is a right one.'],
  ])('explains: drawn %f, %s, said %s', (drawn, drawing, said, verdict) => {
    vi.spyOn(Math, 'random').mockReturnValue(drawn);
    show(<HandTrainer />);
    expect(screen.getByRole('img', { name: drawing })).toBeDefined();
    fireEvent.click(screen.getByRole('button', { name: said }));
    expect(screen.getByRole('status').textContent).toContain(verdict);
    expect(screen.getByRole('button', { name: said })).toHaveProperty('disabled', true);
    fireEvent.click(screen.getByRole('button', { name: 'Another' }));
    expect(screen.getByRole('status').textContent).toBe('');
  });
});

describe('bedding chart', () => {
  it('says in words what it draws, in the units chosen', () => {
    localStorage.setItem('rimrock.units', 'imperial');
    const bed = {
      stops: [
        { number: 1, atS: 0, faceC: spread(60, 70, 80), rearFaceC: spread(40, 50, 60) },
        { number: 2, atS: 30, faceC: spread(180, 200, 220), rearFaceC: spread(90, 100, 110) },
      ],
      targetC: spread(180, 200, 240),
      coolMinutes: spread(4, 5, 7),
      timeS: [0, 30, 60, 400],
      faceC: [20, 150, 200, 80],
      lowC: [20, 140, 180, 70],
      highC: [20, 160, 220, 95],
    } as unknown as BeddingPlan;
    show(<BeddingChart plan={bed} />);
    expect(screen.getByRole('img').getAttribute('aria-label')).toBe(
      'Front face over the bedding: after the last stop 392 °F, then cooling for 5 minutes',
    );
    expect(screen.getByText('the film forms, 356 to 464 °F')).toBeDefined();
  });
});

describe('season chart', () => {
  it('draws each policy and each event, and tells margins to those who cannot see', () => {
    const policy = (name: string, cost: number) => ({
      policy: name,
      flushes: [],
      cost,
      hours: { p10: 0.7, p50: 1, p90: 1.5 },
      days: [
        {
          date: '2026-05-01',
          name: 'Gullmouth',
          vapourC: spread(220, 230, 240),
          demandC: spread(120, 150, 190),
          marginK: 80,
          boils: counted,
          danger: counted,
          damage: counted,
        },
      ],
      line: [
        { date: '2026-04-01', vapourC: 250 },
        { date: '2026-05-01', vapourC: 230 },
      ],
      worstMarginK: 80,
      holds: true,
    });
    const season = { policies: [policy('leftIn', 0), policy('yearly', 29), policy('eachEvent', 58)] } as unknown as SeasonPlan;
    const { container } = show(<SeasonChart plan={season} policy="yearly" />);
    expect(container.querySelectorAll('path.season-line')).toHaveLength(3);
    expect(container.querySelector('path.season-yearly.current')).not.toBeNull();
    expect(screen.getByText('once a year, 29')).toBeDefined();
    expect(screen.getByText('Gullmouth: 80 °C in hand')).toBeDefined();
  });
});

describe('kits', () => {
  const row = (kit: PaintKit, gone: number | null) => {
    const onChange = vi.fn();
    show(<KitRow kit={kit} label="Paints" gone={gone} onChange={onChange} />);
    return onChange;
  };

  it('take one press: not looked, none, or up to a mark', () => {
    const onChange = row(firstPaints, null);
    expect(screen.getByRole('button', { name: 'not looked' }).getAttribute('aria-pressed')).toBe('true');
    fireEvent.click(screen.getByRole('button', { name: 'none gone' }));
    expect(onChange).toHaveBeenLastCalledWith(0);
    fireEvent.click(screen.getByRole('button', { name: /orange 560 °C gone/ }));
    expect(onChange).toHaveBeenLastCalledWith(2);
  });

  it('speak of stickers as turned, without saying a number twice', () => {
    row(firstStickers, 1);
    expect(screen.getByRole('button', { name: '132 °C turned' }).getAttribute('aria-pressed')).toBe('true');
  });
});

describe('findings', () => {
  const finding = (verdict: Finding['verdict']): Finding => ({
    part: say(`Part ${verdict}`),
    verdict,
    sentence: [...say('The face had '), { words: null, figure: { value: 300, unit: 'C', digits: 0 } }, ...say('.')],
    rule: say('A rule.'),
    source: say('common practice'),
  });

  it('carry verdicts in words and shapes, with rule and source', () => {
    show(<Findings findings={[finding('stopNow'), finding('changeBefore'), finding('watch'), finding('fine')]} />);
    const items = screen.getAllByRole('listitem');
    expect(items.map((item) => item.querySelector('.finding-verdict')!.textContent)).toEqual([
      '■ stop: do not drive',
      '▲ change before the next session',
      '◔ watch',
      '✓ fine',
    ]);
    expect(items[0]!.textContent).toContain('Rule: A rule. (common practice)');
  });

  it('speak in the units chosen', () => {
    localStorage.setItem('rimrock.units', 'imperial');
    show(<Findings findings={[finding('watch')]} />);
    expect(screen.getByText(/The face had 572 °F/)).toBeDefined();
  });
});

const page = {
  before: spread(400, 500, 620),
  after: spread(440, 465, 490),
  fluidBefore: spread(80, 110, 160),
  fluidAfter: spread(80, 95, 115),
  statement: 'Explained by 84 of 256.',
  contradicted: false,
  promises: [
    { date: '2026-05-01', said: spread(400, 500, 620), aboveC: 430, belowC: 560, kept: true },
    { date: '2026-06-01', said: spread(400, 420, 440), aboveC: 560, belowC: null, kept: false },
    { date: '2026-07-01', said: spread(400, 450, 500), aboveC: null, belowC: null, kept: null },
  ],
  keptCount: 1,
  moved: [],
  seen: [],
  next: '',
} as unknown as LearningPage;

describe('what the car taught', () => {
  it('draws believed, seen and believed now, and says them', () => {
    const { container } = show(<Taught page={page} />);
    expect(screen.getByRole('img').getAttribute('aria-label')).toContain('believed 8 in 10: 400 to 620 °C, now 8 in 10: 440 to 490 °C');
    expect(screen.getByText('2026-05-01: over 430 °C, under 560 °C')).toBeDefined();
    expect(screen.getByText('2026-06-01: over 560 °C')).toBeDefined();
    expect(container.querySelectorAll('.seen-span')).toHaveLength(2);
  });

  it('marks a broken promise by shape and leaves an untold one open', () => {
    const { container } = show(<Promises page={page} />);
    expect(screen.getByRole('img').getAttribute('aria-label')).toBe('1 of 2 promises kept');
    expect(container.querySelectorAll('.seen-post')).toHaveLength(2);
    expect(container.querySelectorAll('.seen-post.broken')).toHaveLength(1);
    expect(container.querySelectorAll('.season-demand')).toHaveLength(3);
  });
});

describe('diagnosis', () => {
  it('asks the engine and shows causes in its order, with this car’s evidence and who must not drive', async () => {
    vi.spyOn(log, 'readTables').mockResolvedValue({ symptoms: [{ code: 'soft-hot', name: say('pedal soft when hot') }], ranges: [] });
    const ask = vi.spyOn(log, 'diagnose').mockResolvedValue([
      {
        cause: { code: 'boiled', name: say('boiled fluid'), test: say('Firm again when cold.'), cure: say('Bleed.'), stop: true },
        share: 0.7,
        evidence: [say('The fluid is 30 months old.')],
      },
      {
        cause: { code: 'air', name: say('air in the lines'), test: say('Soft when cold too.'), cure: say('Bleed again.'), stop: false },
        share: 0.3,
        evidence: [],
      },
    ] as unknown as log.RankedCause[]);
    show(<Diagnose car="car" plan={plan} />);
    await screen.findByRole('option', { name: 'pedal soft when hot' });
    fireEvent.change(screen.getByRole('combobox'), { target: { value: 'soft-hot' } });
    const causes = await screen.findAllByRole('listitem');
    expect(ask).toHaveBeenCalledWith('car', 'soft-hot', plan);
    expect(causes[0]!.textContent).toContain('Your car: The fluid is 30 months old.');
    expect(within(causes[0]!).getByText(/Do not drive/)).toBeDefined();
    expect(within(causes[1]!).queryByText(/Do not drive/)).toBeNull();
  });
});

describe('wear', () => {
  it('tells laps left and the factor with their bands, and when it is still a guess', async () => {
    vi.spyOn(log, 'forecastWear').mockResolvedValue({
      parts: [
        { part: say('front pads'), factor: spread(0.7, 0.9, 1.2), readings: 2, left: 6.3, unit: 'mm', lapsLeft: spread(90, 120, 160) },
        { part: say('rear pads'), factor: spread(0.5, 1, 2), readings: 0, left: 6, unit: 'mm', lapsLeft: spread(100, 200, 400) },
      ],
      levelFallMm: { p10: 2.8, p50: 4, p90: 5.2 },
    } as unknown as log.WearPage);
    show(<Wear car="car" plan={plan} />);
    await waitFor(() => expect(screen.getByText('front pads')).toBeDefined());
    const text = screen.getByRole('region', { name: 'Wear' }).textContent;
    expect(text).toContain('About 120 hot laps left (90 to 160)');
    expect(text).toContain('×0.90 (0.70 to 1.20)');
    expect(text).toContain('still a guess');
    expect(text).toContain('4 mm (3 to 5 mm)');
  });

  it('says what to do where nothing was measured', async () => {
    vi.spyOn(log, 'forecastWear').mockResolvedValue({ parts: [], levelFallMm: null } as unknown as log.WearPage);
    show(<Wear car="car" plan={plan} />);
    expect(await screen.findByText(/Measure the pads on the stands/)).toBeDefined();
  });
});

describe('two recordings', () => {
  it('are compared once both are there, and a zone of one only is told', async () => {
    const compare = vi.spyOn(log, 'compareTraces').mockResolvedValue({
      zones: [
        { atM: 520, entryFirstKmh: 180, entrySecondKmh: 181, firstG: 0.8, secondG: 0.9, firstM: 131.2, secondM: 116.7, gainedS: 0.12 },
      ],
      unpaired: 1,
    });
    show(<Traces />);
    const button = screen.getByRole('button', { name: 'Compare' });
    expect(button).toHaveProperty('disabled', true);
    const file = (text: string) => Object.assign(new File([text], 'trace.csv'), { text: () => Promise.resolve(text) });
    fireEvent.change(screen.getByLabelText('Before'), { target: { files: [file('one')] } });
    fireEvent.change(screen.getByLabelText('After'), { target: { files: [file('two')] } });
    fireEvent.click(button);
    expect(await screen.findByText('131.2 m → 116.7 m')).toBeDefined();
    expect(compare).toHaveBeenCalledWith('one', 'two', false);
    expect(screen.getByText('+0.12 s')).toBeDefined();
    expect(screen.getByText(/1 zones stand in one recording only/)).toBeDefined();
  });
});
