import type { Device, DeviceReading, Scale } from '@cobbet/core/kitchen/devices/device';
import type { DeviceOrder, DeviceTold } from '@/workers/devices.worker';

/** A practice scale, whose bowl the cook fills by a button. */
export interface PracticeScale extends Scale {
  /** Begins to pour, g a second; 0 stops. */
  pour(gramsASecond: number): void;
  /** A little at once, g. */
  drop(massG: number): void;
}

interface Kitchen {
  scale: PracticeScale;
  /** Its probe takes on what the bowl is told to be. */
  probe: Device & { bowl(tempC: number): void };
}

/** A scale and a thermometer that stand in for real ones, simulated in a worker of their own. */
export function simulatedKitchen(): Kitchen {
  const worker = new Worker(new URL('../workers/devices.worker.ts', import.meta.url), {
    type: 'module',
  });
  const order = (what: DeviceOrder) => worker.postMessage(what);
  const listenTo =
    (value: (told: DeviceTold) => number) => (onReading: (reading: DeviceReading) => void) => {
      const hear = ({ data }: MessageEvent<DeviceTold>) =>
        onReading({ value: value(data), atMs: data.atMs });
      worker.addEventListener('message', hear);
      return () => worker.removeEventListener('message', hear);
    };
  const close = () => worker.terminate();
  return {
    scale: {
      name: 'practice scale',
      listen: listenTo(({ scaleG }) => scaleG),
      tare: () => order({ tare: true }),
      pour: (gramsASecond) => order({ pour: gramsASecond }),
      drop: (massG) => order({ drop: massG }),
      close,
    },
    probe: {
      name: 'practice thermometer',
      listen: listenTo(({ probeC }) => probeC),
      bowl: (bowlC) => order({ bowlC }),
      close,
    },
  };
}
