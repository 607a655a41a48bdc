import type { Observation } from '../api/client';

/** An observation in words. */
export function inWords(seen: Observation, show: (value: number, unit: string, digits?: number) => string): string {
  const where = seen.rear ? 'rear ' : 'front ';
  const edges = [
    seen.aboveC != null && `hotter than ${show(seen.aboveC, 'C')}`,
    seen.belowC != null && `cooler than ${show(seen.belowC, 'C')}`,
  ]
    .filter(Boolean)
    .join(', ');
  switch (seen.kind) {
    case 'rotorPaint':
      return `${where}rim ${edges}`;
    case 'caliperSticker':
      return `${where}caliper ${edges}`;
    case 'rotorReading':
      return `${where}rotor ${show(seen.value ?? 0, 'C')} after ${seen.minutesAfterStop} min`;
    case 'rotorPeak':
      return `${where}rotor up to ${show(seen.value ?? 0, 'C')}`;
    case 'caliperPeak':
      return `${where}caliper up to ${show(seen.value ?? 0, 'C')}`;
    case 'moisture':
      return `${(seen.value ?? 0).toFixed(1)} % water in the reservoir`;
    case 'pedalSoft':
      return seen.lap ? `pedal soft in lap ${seen.lap}` : 'pedal stayed firm';
    default:
      return `${where}pads worn by ${show(seen.value ?? 0, 'mm', 1)}`;
  }
}
