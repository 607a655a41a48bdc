import type { PredictionPlan } from '../../api/client';
import type { Entry, LogSession, PaintKit } from '../../api/log';
import { newId, today } from '../../plan/carKey';

/** How many marks of a kit are gone; null where nobody looked. */
export type Gone = number | null;

/** A day as it is being written down. */
export interface DayDraft {
  id: string;
  /** The revision that it started from, 0 for a new day. */
  revision: number;
  day: string;
  sessions: number;
  laps: number;
  pace: string;
  weather: PredictionPlan['weather'];
  frontPaint: Gone;
  rearPaint: Gone;
  frontSticker: Gone;
  pedal: LogSession['pedal'];
  pedalLap?: number;
  signs: NonNullable<LogSession['signs']>;
  fluidLevelMm?: number;
  pressureBar?: number;
  readingC?: number;
  readingMinutes?: number;
  note: string;
  /** What was measured besides: passes through as it is. */
  seen: LogSession['seen'];
}

const after = (kit: PaintKit, gone: Gone) =>
  gone === null
    ? undefined
    : { aboveC: gone > 0 ? kit.marks[gone - 1]!.celsius : null, belowC: gone < kit.marks.length ? kit.marks[gone]!.celsius : null };
const goneOf = (kit: PaintKit, seen: LogSession['frontPaint']): Gone =>
  !seen ? null : seen.aboveC == null ? 0 : kit.marks.findIndex((mark) => mark.celsius === seen.aboveC) + 1 || null;

/** A new day of a plan, or an old one to be corrected. */
export function dayOf(entry: Entry<LogSession> | undefined, plan: PredictionPlan, paints: PaintKit, stickers: PaintKit): DayDraft {
  const old = entry?.body;
  return {
    id: entry?.id ?? newId(),
    revision: entry?.revision ?? 0,
    day: entry?.day ?? today(),
    sessions: old?.sessions ?? plan.stint.sessions ?? 1,
    laps: old?.laps ?? 0,
    pace: (old?.plan ?? plan).pace,
    weather: (old?.plan ?? plan).weather,
    frontPaint: goneOf(paints, old?.frontPaint),
    rearPaint: goneOf(paints, old?.rearPaint),
    frontSticker: goneOf(stickers, old?.frontSticker),
    pedal: old?.pedal ?? 'unsaid',
    pedalLap: old?.pedalLap ?? undefined,
    signs: old?.signs ?? [],
    fluidLevelMm: old?.fluidLevelMm ?? undefined,
    pressureBar: old?.pressureBar ?? undefined,
    readingC: old?.readingC ?? undefined,
    readingMinutes: old?.readingMinutes ?? undefined,
    note: old?.note ?? '',
    seen: old?.seen,
  };
}

/** The day as the log keeps it. */
export const sessionOf = (draft: DayDraft, plan: PredictionPlan, paints: PaintKit, stickers: PaintKit): LogSession => ({
  date: draft.day,
  sessions: draft.sessions,
  laps: draft.laps,
  plan: { ...plan, pace: draft.pace, weather: draft.weather },
  frontPaint: after(paints, draft.frontPaint),
  rearPaint: after(paints, draft.rearPaint),
  frontSticker: after(stickers, draft.frontSticker),
  pedal: draft.pedal,
  pedalLap: draft.pedal === 'softHot' ? draft.pedalLap : undefined,
  signs: draft.signs,
  fluidLevelMm: draft.fluidLevelMm,
  pressureBar: draft.pressureBar,
  readingC: draft.readingC,
  readingMinutes: draft.readingMinutes,
  note: draft.note || undefined,
  seen: draft.seen,
});

const words: Partial<Record<keyof DayDraft, string>> = {
  day: 'its day',
  sessions: 'sessions',
  laps: 'hot laps',
  pace: 'pace',
  weather: 'the air',
  frontPaint: 'front paints',
  rearPaint: 'rear paints',
  frontSticker: 'stickers',
  pedal: 'the pedal',
  pedalLap: 'the lap of the soft pedal',
  signs: 'what was noticed',
  fluidLevelMm: 'fluid level',
  pressureBar: 'line pressure',
  readingC: 'the reading',
  readingMinutes: 'its minutes',
  note: 'the note',
  seen: 'what was measured besides',
};

/** What stands differently in two drafts of a day, in words. */
export const dayDiffers = (mine: DayDraft, theirs: DayDraft): string[] =>
  Object.entries(words)
    .filter(([key]) => JSON.stringify(mine[key as keyof DayDraft]) !== JSON.stringify(theirs[key as keyof DayDraft]))
    .map(([, word]) => word);
