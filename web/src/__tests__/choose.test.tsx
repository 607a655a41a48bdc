// @vitest-environment jsdom
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { cleanup, fireEvent, render, screen, within } from '@testing-library/react';
import type { ReactNode } from 'react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { TradeOff } from '../charts/TradeOff';
import { asJson, asMarkdown } from '../rooms/choose/share';
import { Shortlist } from '../rooms/choose/Shortlist';
import { SideBySide } from '../rooms/choose/SideBySide';
import { SpendOrder } from '../rooms/choose/SpendOrder';
import { Why, WhyNotThat } from '../rooms/choose/Why';
import { firstWishes, schoolValue, wishesOf, withSchool } from '../rooms/choose/wishes';
import { firstToGive, money, padsOf, restOf, signed } from '../rooms/choose/words';
import { UnitProvider } from '../units/UnitContext';
import { percentOf, withError } from '../shared/chance';
import { answer, counted, fittedSetup, plan, suggestion } from './sampleMatch';
import { say } from './say';

afterEach(cleanup);
const inUnits = (element: ReactNode) => render(<UnitProvider>{element}</UnitProvider>);

describe('words of a setup', () => {
  it('names pads and the rest, kept or new', () => {
    expect(padsOf(fittedSetup)).toBe('Old kept');
    expect(padsOf(suggestion('x', 'Fell', 'Fell', 0.1))).toBe('Fell front and rear');
    expect(padsOf(suggestion('x', 'Scarp', 'Fell', 0.1))).toBe('Scarp front, Fell rear');
    expect(restOf(fittedSetup)).toBe('rotors kept · fluid kept');
  });

  it('says a chance by the figures that came with it', () => {
    const told = { edge: 'none', percent: 2, digits: 1, errorPoints: 0.4, errorDigits: 1 } as const;
    expect([percentOf({ told }), withError({ told })]).toEqual(['2.0 %', '2.0 % (±\u00a00.4)']);
    expect(withError({ told: { ...told, edge: 'below', percent: 1, digits: 0 } })).toBe('< 1 %');
    expect(percentOf({ told: { ...told, edge: 'above', percent: 99, digits: 0 } })).toBe('> 99 %');
    expect([1.3, -1.3, 0, -0.04].map((value) => signed(value))).toEqual(['+1.3', '−1.3', '±0.0', '±0.0']);
  });

  it('says what gives first, or that nothing does', () => {
    expect(firstToGive(suggestion('x', 'Fell', 'Fell', 0.4))).toBe('front pads fade, 40 %');
    expect(firstToGive({ ...suggestion('x', 'Fell', 'Fell', 0.4), limits: [] })).toBe('nothing gives');
  });
});

describe('money', () => {
  it('is unknown where a price is missing, never nought', () => {
    expect([214, 0, null, undefined].map(money)).toEqual(['214', '0', 'unknown', 'unknown']);
  });
});

describe('wishes', () => {
  it('of an older link lose the bound that is no more', () => {
    expect(wishesOf({ mostRisk: 0.3 } as never)).toEqual(firstWishes);
  });

  it('start from the first ones, and null takes a bound away', () => {
    expect(wishesOf(undefined)).toEqual(firstWishes);
    expect(wishesOf({ mostToBuy: null } as never).mostToBuy).toBeUndefined();
    expect(wishesOf({ cost: 3 }).cost).toBe(3);
  });

  it('read and write every school', () => {
    expect(schoolValue(firstWishes, 'rotors')).toBe('either');
    expect(withSchool('rotors', 'twoPiece')).toEqual({ rotors: 'twoPiece' });
    expect(withSchool('freshFluidEachEvent', 'true')).toEqual({ freshFluidEachEvent: true });
    expect(withSchool('classForbidsDucts', 'false')).toEqual({ classForbidsDucts: false });
  });
});

describe('share', () => {
  it('writes a table that no name can break', () => {
    const text = asMarkdown(plan, answer, answer.shortlist, 'metric');
    expect(text).toContain('**Sample \\| car**');
    expect(text.split('\n').filter((line) => line.startsWith('| ') && line.includes('Fell'))).toHaveLength(2);
    expect(text).toContain('as it stands');
    expect(text).toContain('98 %');
  });

  it('writes JSON that says what it is', () => {
    const read = JSON.parse(asJson(plan, firstWishes, answer, answer.shortlist)) as Record<string, unknown>;
    expect(read.rimrock).toBe('comparison');
    expect(read.version).toBe(2);
    expect((read.setups as unknown[]).length).toBe(3);
  });
});

describe('short list', () => {
  const list = (pins: string[] = []) => {
    const told = { onCurrent: vi.fn(), onPin: vi.fn(), onFit: vi.fn() };
    inUnits(<Shortlist setups={answer.shortlist} road={null} mostColdMetres={2} current="a" pins={pins} {...told} />);
    return told;
  };

  it('gives every setup its figures with units and what gives first', () => {
    list();
    const first = screen.getAllByRole('listitem')[0]!;
    expect(first.textContent).toContain('20 %');
    expect(first.textContent).toContain('+0.4 m');
    expect(first.textContent).toContain('1.6 h');
    expect(first.textContent).toContain('First to give: front pads fade, 20 %');
    expect(first.textContent).toContain('More dust and noise');
  });

  it('fits, pins and previews', () => {
    const told = list();
    const second = screen.getAllByRole('listitem')[1]!;
    fireEvent.focus(within(second).getByRole('button', { name: 'Fit this' }));
    expect(told.onCurrent).toHaveBeenCalledWith('b');
    fireEvent.click(within(second).getByRole('button', { name: 'Fit this' }));
    expect(told.onFit).toHaveBeenCalledWith(answer.shortlist[1]);
    fireEvent.click(within(second).getByRole('button', { name: 'Pin side by side' }));
    expect(told.onPin).toHaveBeenCalledWith('b');
  });

  it('takes no fifth pin', () => {
    list(['p', 'q', 'r', 's']);
    expect(screen.getAllByRole('button', { name: 'Pin side by side' })[0]).toHaveProperty('disabled', true);
  });
});

describe('side by side', () => {
  it('shows only what differs, with bands, and names what is the same', () => {
    inUnits(<SideBySide fitted={fittedSetup} setups={[answer.shortlist[0]!]} onUnpin={vi.fn()} />);
    const table = screen.getByRole('region', { name: 'Side by side' });
    expect(table.textContent).toContain('session 2, lap 4 (98 %)');
    expect(table.textContent).toContain('20 %');
    expect(table.textContent).not.toContain('holds');
    expect(within(table).queryByRole('rowheader', { name: 'A track hour' })).toBeNull();
    expect(table.textContent).toContain('The same in all:');
    expect(table.textContent).toContain('first stop, 5 °C, 50 km/h 22.0 m (19.8 to 24.2 m)');
  });

  it('unpins by key', () => {
    const onUnpin = vi.fn();
    inUnits(<SideBySide fitted={fittedSetup} setups={answer.shortlist} onUnpin={onUnpin} />);
    fireEvent.click(screen.getAllByRole('button', { name: /unpin/i })[1]!);
    expect(onUnpin).toHaveBeenCalledWith('b');
  });
});

describe('reasons', () => {
  it('say what is fixed, what it costs and what still gives', () => {
    inUnits(<Why setup={answer.shortlist[0]!} />);
    expect(screen.getByRole('heading', { name: 'What it fixes' })).toBeDefined();
    expect(screen.getByText('214 to buy.')).toBeDefined();
    expect(screen.queryByRole('heading', { name: 'Worth knowing' })).toBeNull();
  });

  const askWhy = (ask = vi.fn()) => {
    render(
      <QueryClientProvider client={new QueryClient()}>
        <UnitProvider>
          <WhyNotThat all={answer.whyNot} ask={ask} />
        </UnitProvider>
      </QueryClientProvider>,
    );
    return ask;
  };

  it('judge another part when it is asked about', async () => {
    const ask = askWhy(vi.fn().mockResolvedValue({ ...answer.whyNot[1]!, sentence: say('With Wet 5, the danger is 9 % against 2 %.') }));
    fireEvent.change(screen.getByRole('searchbox'), { target: { value: 'wet' } });
    fireEvent.click(screen.getByRole('button', { name: 'judge it' }));
    expect(await screen.findByText(/9 % against 2 %/)).toBeDefined();
    expect(ask).toHaveBeenCalledWith('fluid', 'wet', expect.anything());
  });

  it('answer why not, by part and place', () => {
    askWhy();
    const box = screen.getByRole('searchbox');
    expect(screen.queryByText(/no road approval/)).toBeNull();
    fireEvent.change(box, { target: { value: 'race front' } });
    expect(screen.getByText(/no road approval/)).toBeDefined();
    fireEvent.change(box, { target: { value: 'wet front' } });
    expect(screen.queryByText(/boils no later/)).toBeNull();
  });

  it('say when nothing is needed, and when nothing helps', () => {
    const { rerender } = render(
      <UnitProvider>
        <SpendOrder answer={{ ...answer, outcome: 'nothingNeeded' }} />
      </UnitProvider>,
    );
    expect(screen.getByText(/Nothing needed/)).toBeDefined();
    rerender(
      <UnitProvider>
        <SpendOrder answer={{ ...answer, outcome: 'nothingHelpsEnough' }} />
      </UnitProvider>,
    );
    expect(screen.getByText(/No step on the shelf/)).toBeDefined();
    const step = {
      what: say('flush'),
      buy: 33,
      dangerBefore: counted(0.5),
      dangerAfter: counted(0.1),
      damageBefore: counted(0.4),
      damageAfter: counted(0.2),
      setup: fittedSetup,
    };
    rerender(
      <UnitProvider>
        <SpendOrder answer={{ ...answer, steps: [step] }} />
      </UnitProvider>,
    );
    expect(screen.getByText('danger 50 % to 10 %, damage 40 % to 20 %')).toBeDefined();
    expect(screen.getByText(/33 in all/)).toBeDefined();
  });
});

describe('trade-off', () => {
  it('walks along the short list by arrow keys and stops at its ends', () => {
    const onCurrent = vi.fn();
    const points = answer.shortlist.map((setup, i) => ({
      key: setup.key,
      mark: String(i + 1),
      name: padsOf(setup),
      danger: setup.danger,
      extraMetres: 0.4,
      buyNow: 200,
    }));
    inUnits(<TradeOff fitted={{ danger: counted(0.98), extraMetres: 0, buyNow: 0 }} points={points} current="b" onCurrent={onCurrent} />);
    const plot = screen.getByRole('slider');
    expect(plot.getAttribute('aria-valuetext')).toContain('Scarp front, Fell rear: danger 60 %');
    fireEvent.keyDown(plot, { key: 'ArrowRight' });
    expect(onCurrent).toHaveBeenLastCalledWith('b');
    fireEvent.keyDown(plot, { key: 'ArrowLeft' });
    expect(onCurrent).toHaveBeenLastCalledWith('a');
  });
});
