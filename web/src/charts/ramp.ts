import { scaleLinear } from 'd3-scale';
import { interpolateLab } from 'd3-interpolate';

/** The one temperature ramp: lightness falls evenly from cool slate mist to dark ember; used for nothing else. */
const stops = ['#a9bcc6', '#b9a176', '#bf6a37', '#9c3417', '#5d1711'];

export const temperatureRamp = (fromC: number, toC: number) =>
  scaleLinear<string>()
    .domain(stops.map((_, i) => fromC + ((toC - fromC) * i) / (stops.length - 1)))
    .range(stops)
    .interpolate(interpolateLab)
    .clamp(true);
