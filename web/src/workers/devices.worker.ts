import { seeded } from '@cobbet/core/statistics/random';
import {
  emptyScale,
  scaleAfter,
  scaleShows,
  tared,
} from '@cobbet/core/kitchen/devices/simulatedScale';
import { probeAfter, probeShows } from '@cobbet/core/kitchen/devices/simulatedThermometer';

/** What a simulated kitchen is told. */
export type DeviceOrder = { pour: number } | { drop: number } | { tare: true } | { bowlC: number };

/** What its devices tell. */
export interface DeviceTold {
  scaleG: number;
  probeC: number;
  atMs: number;
}

const tickMs = 50;
const random = seeded(Date.now());
const roomC = 21;
let scale = emptyScale;
let probe = { probeC: roomC, bowlC: roomC };
let last = performance.now();

self.onmessage = ({ data }: MessageEvent<DeviceOrder>) => {
  if ('pour' in data) scale = { ...scale, pouring: data.pour };
  else if ('drop' in data) scale = { ...scale, trueG: scale.trueG + data.drop };
  else if ('tare' in data) scale = tared(scale);
  else probe = { ...probe, bowlC: data.bowlC };
};

setInterval(() => {
  const atMs = performance.now();
  // a throttled clock may skip; the model steps by the time that really passed
  const seconds = Math.max(0.001, (atMs - last) / 1000);
  last = atMs;
  scale = scaleAfter(scale, seconds, random);
  probe = probeAfter(probe, seconds);
  const told: DeviceTold = {
    scaleG: scaleShows(scale, random),
    probeC: probeShows(probe, random),
    atMs,
  };
  self.postMessage(told);
}, tickMs);
