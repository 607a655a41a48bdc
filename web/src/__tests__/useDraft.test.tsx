// @vitest-environment jsdom
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { act, cleanup, renderHook } from '@testing-library/react';
import type { ReactNode } from 'react';
import { BrowserRouter, useNavigate, useSearchParams } from 'react-router';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import * as api from '../api/client';
import type { PredictionResult } from '../api/client';
import { decodeDraft } from '../plan/address';
import type { Draft } from '../plan/draft';
import { resolveOnce } from '../plan/resolveOnce';
import { useDraft } from '../plan/useDraft';
import { sampleShelf as shelf } from './sampleShelf';

let hook: { result: { current: ReturnType<typeof useDraft> } };
const now = () => hook.result.current;

const inAddress = () => decodeDraft(new URLSearchParams(window.location.search).get('p') ?? '')?.weather.ambientC;
const warmer = (ambientC: number) => (old: Draft) => ({ ...old, weather: { ...old.weather, ambientC } });
const air = () => now().draft!.weather.ambientC;
let answer: (result: PredictionResult) => void;
let client: QueryClient;

beforeEach(() => {
  vi.useFakeTimers();
  window.history.replaceState(null, '', '/bench');
  vi.spyOn(api, 'predict').mockImplementation(() => new Promise((resolve) => (answer = resolve)));
  client = new QueryClient();
  hook = renderHook(() => useDraft(shelf), {
    wrapper: ({ children }: { children: ReactNode }) => (
      <QueryClientProvider client={client}>
        <BrowserRouter>{children}</BrowserRouter>
      </QueryClientProvider>
    ),
  });
});
afterEach(() => {
  cleanup();
  vi.useRealTimers();
  vi.restoreAllMocks();
});

/** Answers what is asked, and waits until the address has been written. */
const settle = () =>
  act(async () => {
    answer({} as PredictionResult);
    await vi.advanceTimersByTimeAsync(1000);
  });

describe('a change of the plan', () => {
  it('shows and asks at once, and moves into the address once it has been answered', async () => {
    act(() => now().change(warmer(31)));
    expect(air()).toBe(31);
    expect(api.predict).toHaveBeenCalledTimes(1);
    expect(inAddress()).toBeUndefined();
    await act(() => vi.advanceTimersByTimeAsync(5000));
    expect(inAddress()).toBeUndefined();
    await settle();
    expect(inAddress()).toBe(31);
    expect(air()).toBe(31);
  });

  it('takes nothing out of the address that was opened while it waited', async () => {
    const params = renderHook(() => ({ draft: useDraft(shelf), params: useSearchParams() }), {
      wrapper: ({ children }: { children: ReactNode }) => (
        <QueryClientProvider client={client}>
          <BrowserRouter>{children}</BrowserRouter>
        </QueryClientProvider>
      ),
    });
    act(() => params.result.current.draft.change(warmer(31)));
    act(() => params.result.current.params[1]({ write: 'day' }));
    await settle();
    expect(new URLSearchParams(window.location.search).get('write')).toBe('day');
    expect(inAddress()).toBe(31);
    expect(params.result.current.draft.draft!.weather.ambientC).toBe(31);
  });

  it('leaves whoever went to another room there, though it was asked for in the first', async () => {
    const rooms = renderHook(() => ({ draft: useDraft(shelf), go: useNavigate() }), {
      wrapper: ({ children }: { children: ReactNode }) => (
        <QueryClientProvider client={client}>
          <BrowserRouter>{children}</BrowserRouter>
        </QueryClientProvider>
      ),
    });
    const { change } = rooms.result.current.draft;
    act(() => void rooms.result.current.go('/ready'));
    act(() => change(warmer(31)));
    await settle();
    expect(window.location.pathname).toBe('/ready');
    expect(inAddress()).toBe(31);
  });

  it('is in the links to other rooms before it is in the address', async () => {
    act(() => now().change(warmer(28)));
    expect(decodeDraft(new URLSearchParams(now().search).get('p')!)?.weather.ambientC).toBe(28);
    await settle();
    expect(decodeDraft(new URLSearchParams(now().search).get('p')!)?.weather.ambientC).toBe(28);
  });

  it('builds on the one before it within a tick, and both are one step back', async () => {
    act(() => {
      now().change(warmer(30));
      now().change((old) => ({ ...old, pace: 'novice' }));
    });
    expect([now().draft!.weather.ambientC, now().draft!.pace]).toEqual([30, 'novice']);
    await settle();
    const back = vi.spyOn(window.history, 'back').mockReturnValue();
    act(() => now().undo());
    expect(back).toHaveBeenCalledTimes(1);
  });

  it('is undone for good once the address has gone back to where it was made', async () => {
    const before = air();
    act(() => now().change(warmer(34)));
    await settle();
    expect(inAddress()).toBe(34);
    await act(async () => {
      window.history.replaceState(window.history.state, '', '/bench');
      window.dispatchEvent(new PopStateEvent('popstate', { state: window.history.state as unknown }));
      await vi.advanceTimersByTimeAsync(100);
    });
    expect(air()).toBe(before);
  });

  it('is taken back in place where the address does not hold it yet', async () => {
    const before = air();
    act(() => now().change(warmer(33)));
    expect(air()).toBe(33);
    act(() => now().undo());
    expect(air()).toBe(before);
    await settle();
    expect(inAddress()).toBeUndefined();
  });

  it('is written before the page is left', () => {
    act(() => now().change(warmer(29)));
    act(() => void window.dispatchEvent(new Event('beforeunload')));
    expect(inAddress()).toBe(29);
  });

  it('leaves questions about the plan running where what was added does not change it, and stops them where it does', () => {
    const { plan } = resolveOnce(now().draft!, shelf) as { plan: object };
    let asked: AbortSignal | undefined;
    const wait = client.fetchQuery({
      queryKey: ['band', plan],
      queryFn: ({ signal }) => {
        asked = signal;
        return new Promise(() => {});
      },
    });
    wait.catch(() => {});
    act(() => now().change((old) => ({ ...old, seen: [{ kind: 'pedalSoft', lap: 3 }] as Draft['seen'] })));
    expect(asked!.aborted).toBe(false);
    act(() => now().change(warmer(33)));
    expect(asked!.aborted).toBe(true);
  });

  it('gives way to another address', async () => {
    act(() => now().change(warmer(27)));
    const { draft } = now();
    act(() => now().start({ ...draft!, weather: { ...draft!.weather, ambientC: 12 } }));
    await settle();
    expect(air()).toBe(12);
    expect(inAddress()).toBe(12);
  });
});
