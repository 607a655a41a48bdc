import { expect, it } from 'vitest';
import type { CarGuess } from '../api/client';
import { daysAYearOf, draftOfAnswers, firstAnswers, usualKind, type Answers } from '../rooms/start/answers';
import { sampleCar, sampleShelf as shelf } from './sampleShelf';

const guess = { car: sampleCar } as CarGuess;
const answers = (changes: Partial<Answers>): Answers => ({ ...firstAnswers, circuit: usualKind, ...changes });

it('has each kind of day as often a year as was said, else as often as is usual', () => {
  const asked = answers({ uses: ['track-day', 'weekday'], daysAYear: { 'track-day': 11 } });
  const { days } = draftOfAnswers(asked, guess, shelf);
  expect(days.map((one) => [one.kind, one.daysAYear])).toEqual(
    shelf.dayKinds
      .filter((kind) => asked.uses!.includes(kind.code))
      .map((kind) => [kind.code, kind.code === 'track-day' ? 11 : daysAYearOf(answers({}), kind)]),
  );
  expect(days.find((one) => one.kind === 'track-day')!.daysAYear).toBe(11);
});
