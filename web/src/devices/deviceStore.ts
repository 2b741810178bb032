import type { Device, Scale } from '@cobbet/core/kitchen/devices/device';
import {
  nothingWatched,
  probeStillness,
  scaleStillness,
  type Watch,
  watched,
} from '@cobbet/core/kitchen/devices/stable';
import { nextWeighed, type WeighedIn, weighedIn } from '@cobbet/core/kitchen/devices/weighedIn';
import { create } from 'zustand';
import { serialScale } from './serialScale';
import { type PracticeScale, simulatedKitchen } from './simulatedDevices';

interface Devices {
  scale: Scale | null;
  /** The same scale where it is the one to practise with. */
  practice: PracticeScale | null;
  probe: Device | null;
  scaleWatch: Watch;
  probeWatch: Watch;
  addition: WeighedIn;
  problem: string | null;
  /** A practice scale and thermometer, in a bowl of a temperature. */
  practise(bowlC: number): void;
  /** A scale on a cable. */
  plugIn(): Promise<void>;
  /** What is in now is where the next addition begins. */
  begin(): void;
  tare(): void;
  letGo(): void;
}

const nothing = {
  scale: null,
  practice: null,
  probe: null,
  scaleWatch: nothingWatched,
  probeWatch: nothingWatched,
  addition: { fromG: null, caughtG: null },
  problem: null,
};

/** The scale and the thermometer in use, what they read and what has stood still. Not kept: a device is at hand or not. */
export const useDevices = create<Devices>()((set, get) => {
  const hearScale = (scale: Scale) =>
    scale.listen((reading) =>
      set(({ scaleWatch, addition }) => {
        const next = watched(scaleWatch, reading, scaleStillness);
        return { scaleWatch: next, addition: weighedIn(addition, next.stable) };
      }),
    );
  return {
    ...nothing,
    practise(bowlC) {
      get().letGo();
      const { scale, probe } = simulatedKitchen();
      probe.bowl(bowlC);
      set({ scale, practice: scale, probe });
      hearScale(scale);
      probe.listen((reading) =>
        set(({ probeWatch }) => ({ probeWatch: watched(probeWatch, reading, probeStillness) })),
      );
    },
    async plugIn() {
      get().letGo();
      try {
        const scale = await serialScale();
        set({ scale });
        hearScale(scale);
      } catch (error) {
        set({ problem: error instanceof Error ? error.message : String(error) });
      }
    },
    begin() {
      const { scaleWatch, practice } = get();
      practice?.pour(0);
      set({ addition: nextWeighed(scaleWatch.stable) });
    },
    tare() {
      get().scale?.tare();
      set({ addition: nothing.addition, scaleWatch: nothingWatched });
    },
    letGo() {
      get().scale?.close();
      get().probe?.close();
      set(nothing);
    },
  };
});

/** What lies on the scale of the addition in hand right now, g; null before it has stood still once. */
export function inNow({ scaleWatch, addition }: Pick<Devices, 'scaleWatch' | 'addition'>) {
  const shown = scaleWatch.recent.at(-1)?.value;
  return shown === undefined || addition.fromG === null ? null : shown - addition.fromG;
}
