/** One value as a device tells it. */
export interface DeviceReading {
  /** g for a scale, °C for a thermometer. */
  value: number;
  /** ms on a clock that only goes forward. */
  atMs: number;
}

/** What a scale or a thermometer is to the rest: it tells what it reads, and lets go. */
export interface Device {
  name: string;
  /** Tells every reading; returns how to stop listening. */
  listen(onReading: (reading: DeviceReading) => void): () => void;
  /** Lets go of the device. */
  close(): void;
}

/** A scale can also be set to nothing. */
export interface Scale extends Device {
  tare(): void;
}
