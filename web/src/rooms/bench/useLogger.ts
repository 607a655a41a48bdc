import { base } from '../../api/base';
import { useCallback, useEffect, useRef, useState } from 'react';
import { startLogger, type LoggerFrame, type PredictionPlan } from '../../api/client';

export interface LiveLog {
  state: 'off' | 'starting' | 'playing' | 'ended' | 'failed';
  frames: LoggerFrame[];
  /** Address of the whole log as CSV. */
  file: string | null;
  start: (plan: PredictionPlan, seed: number) => void;
  stop: () => void;
}

/** Times as fast as the day. */
const speed = 120;

/** Plays a simulated logger over server-sent events and keeps what has come so far. */
export function useLogger(): LiveLog {
  const [state, setState] = useState<LiveLog['state']>('off');
  const [frames, setFrames] = useState<LoggerFrame[]>([]);
  const [file, setFile] = useState<string | null>(null);
  const source = useRef<EventSource | null>(null);

  const stop = useCallback(() => {
    source.current?.close();
    source.current = null;
    setState('off');
    setFrames([]);
    setFile(null);
  }, []);

  const start = useCallback(
    (plan: PredictionPlan, seed: number) => {
      stop();
      setState('starting');
      startLogger(plan, seed)
        .then(({ id }) => {
          const stream = new EventSource(`${base}/api/devices/loggers/${id}/stream?speed=${speed}`);
          source.current = stream;
          setFile(`${base}/api/devices/loggers/${id}/log`);
          setState('playing');
          stream.addEventListener('frames', (event) => {
            const come = JSON.parse((event as MessageEvent<string>).data) as LoggerFrame[];
            setFrames((old) => [...old, ...come]);
          });
          stream.addEventListener('end', () => {
            stream.close();
            setState('ended');
          });
          stream.onerror = () => {
            stream.close();
            setState('failed');
          };
        })
        .catch(() => setState('failed'));
    },
    [stop],
  );

  useEffect(() => () => source.current?.close(), []);
  return { state, frames, file, start, stop };
}
