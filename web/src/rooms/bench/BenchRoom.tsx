import { keepPreviousData, useQuery, useQueryClient } from '@tanstack/react-query';
import { useEffect, useMemo, useRef, useState } from 'react';
import { predictBand, predictCourse, type BandAnswer, type Observation, type PredictionResult } from '../../api/client';
import { bandOf, predictionOf } from '../../plan/asking';
import { usePlan } from '../../plan/PlanContext';
import { useBelief } from '../../plan/useBelief';
import { NoCarYet } from '../../shared/NoCarYet';
import { ProblemNote } from '../../shared/ProblemNote';
import { Verdict, type Asked, type Told } from './BenchVerdict';
import { useInView } from './useInView';

/** Answers that follow each other faster than this come from a value being dragged, ms. */
const draggedMs = 600;
/** How long the page then rests on an answer before its story or its band is asked for, ms. */
const restMs = 60;
const hiddenPauseMs = 200;
/** Waits for the frame at hand to be drawn and some time more; in a hidden tab, where none is drawn, just a little. */
const drawn = (signal: AbortSignal, moreMs: number) =>
  new Promise<void>((resume) => {
    setTimeout(resume, hiddenPauseMs);
    requestAnimationFrame(() => setTimeout(resume, moreMs));
  }).then(() => signal.throwIfAborted());
const nothingSeen: Observation[] = [];

/** A band and what it answers. */
interface Held {
  answer: BandAnswer;
  asked: Asked;
}

export default function BenchRoom() {
  const { shelf, plan, missing, draft } = usePlan();
  const seen = draft?.seen ?? nothingSeen;
  const belief = useBelief();
  const learns = seen.length > 0 || belief.car !== undefined;
  const [day, setDay] = useState<number>();
  const drawnDay = day !== undefined && day < (plan?.days?.length ?? 0) ? day : undefined;
  // What is asked: the plan, and which of its days is drawn.
  const asked = useMemo(() => plan && { plan, day: drawnDay }, [plan, drawnDay]);
  const query = useQuery({ ...predictionOf(plan!, drawnDay), enabled: plan !== null, placeholderData: keepPreviousData });
  const ready = plan !== null && query.isSuccess && !query.isPlaceholderData;
  const client = useQueryClient();
  const answered = useRef({ at: 0, since: Infinity });
  useEffect(() => {
    if (ready) answered.current = { at: performance.now(), since: performance.now() - answered.current.at };
  }, [ready, asked, query.dataUpdatedAt]);
  const prior = useQuery({
    queryKey: ['prior', plan, drawnDay],
    queryFn: async ({ signal }) => {
      // Where a value is dragged it waits like the story; else the server begins as soon as the verdict leaves it time to.
      if (performance.now() - answered.current.at < draggedMs) {
        await client.ensureQueryData(predictionOf(plan!, drawnDay));
        await drawn(signal, restMs);
      }
      return predictBand(plan!, nothingSeen, signal, false, drawnDay);
    },
    enabled: plan !== null,
    staleTime: Infinity,
    retry: false,
  });
  // Where the story is out of sight, what is in sight comes first: it then waits for the band, and is drawn once, with it.
  const [storyInView, watchStory] = useInView();
  const course = useQuery({
    queryKey: ['course', plan, drawnDay],
    queryFn: async ({ signal }) => {
      await drawn(signal, answered.current.since < draggedMs ? restMs : 0);
      return predictCourse(plan!, signal, drawnDay);
    },
    enabled: ready && (storyInView || !prior.isFetching),
    staleTime: Infinity,
    retry: false,
  });
  // A small danger is counted over more members once the band stands.
  const settled = useQuery({
    queryKey: ['settled', plan, drawnDay],
    queryFn: ({ signal }) => predictBand(plan!, nothingSeen, signal, true, drawnDay),
    enabled: ready && !learns && prior.data?.prior.settling === true,
    staleTime: Infinity,
    retry: false,
  });
  // What was seen is weighed once the band without it stands.
  const band = useQuery({
    ...bandOf(plan!, seen, belief, drawnDay),
    enabled: ready && learns && !prior.isPending,
    // What counted something that is forgotten since is not held beside what is asked now.
    placeholderData: (before, query) =>
      query?.queryKey[1] === plan && (query?.queryKey[2] as typeof seen).every((one) => seen.includes(one)) ? before : undefined,
  });
  // A band that was refused before its verdict says no more than the verdict will.
  const slower = ready ? [course, prior, settled, band].find((item) => item.error) : undefined;
  // A plan that is refused keeps the last good answer on the page, under the reason.
  const [last, setLast] = useState<{ result: PredictionResult; asked: Asked } | null>(null);
  if (asked && query.data && query.data !== last?.result) setLast({ result: query.data, asked });
  // The story keeps to its own plan's answer and band: all change together, even where the band above is the next plan's already.
  const [told, setTold] = useState<Told | null>(null);
  if (ready && asked && course.data && course.data !== told?.course)
    setTold({ result: query.data, course: course.data, asked, at: course.dataUpdatedAt });
  // The band stays beside its own plan's answer until the next answer is there: nothing is redrawn for a keystroke alone.
  const [held, setHeld] = useState<Held | null>(null);
  const [heldBefore, setHeldBefore] = useState<Held | null>(null);
  const answer = (learns ? band.data : undefined) ?? (prior.data?.prior.settling ? settled.data : undefined) ?? prior.data;
  if (asked && answer && answer !== held?.answer) {
    if (held?.asked !== asked) setHeldBefore(held);
    setHeld({ answer, asked });
  }
  if (!plan) {
    return (
      <NoCarYet title={missing ? `This link names a ${missing} that is not on your shelf.` : undefined}>
        <p>Five answers are enough for a first verdict: mass, power, tyres, where you drive, what is fitted.</p>
      </NoCarYet>
    );
  }
  return (
    <div aria-busy={query.isFetching} data-redrawn={query.dataUpdatedAt} data-banded={prior.dataUpdatedAt}>
      {slower?.error && <ProblemNote error={slower.error} retry={() => void slower.refetch()} />}
      {query.error && <ProblemNote error={query.error} retry={() => void query.refetch()} />}
      {last ? (
        <Verdict
          result={last.result}
          plan={last.asked.plan}
          onDraw={setDay}
          told={told}
          answer={held?.asked === last.asked ? held.answer : undefined}
          toldAnswer={[held, heldBefore].find((one) => one && one.asked === told?.asked)?.answer}
          watchStory={watchStory}
          belief={belief}
          waiting={learns && (prior.isPending || band.isFetching)}
          shelf={shelf}
        />
      ) : (
        !query.error && <p className="loading">Heating the brakes…</p>
      )}
    </div>
  );
}
