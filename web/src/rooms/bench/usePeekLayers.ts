import { useQuery } from '@tanstack/react-query';
import { useMemo } from 'react';
import { readPad, type StrataLayer } from '../../api/client';
import { usePeek } from '../../plan/PeekContext';

/** The capacity of a pad that is looked at, as an outline for its layer; undefined while none is. */
export function usePeekLayers(): StrataLayer[] | undefined {
  const { peek } = usePeek();
  const reading = useQuery({
    queryKey: ['reading', peek?.pad],
    queryFn: ({ signal }) => readPad(peek!.pad, signal),
    enabled: peek !== null,
    retry: false,
    staleTime: Infinity,
  }).data;
  return useMemo(
    () =>
      peek && reading
        ? [
            {
              part: peek.axle === 'front' ? 'frontFace' : 'rearFace',
              track: null,
              road: null,
              overlap: null,
              capacity: {
                name: peek.pad.name,
                curve: reading.drawn,
                bandFromC: reading.band.fromC,
                bandToC: reading.band.toC,
                lastC: null,
                marks: [],
              },
            },
          ]
        : undefined,
    [peek, reading],
  );
}
