import { normal } from '../../statistics/random';

/** A probe in a bowl, as a model. */
export interface ProbeState {
  /** °C of the probe itself. */
  probeC: number;
  /** °C of what it stands in. */
  bowlC: number;
}

/** A probe takes a few seconds to be as warm as what it stands in (judgement). */
const lagS = 3;
const noiseC = 0.08;
const shownC = 0.1;
/** A mix loses a twentieth of what it is warmer than the room in five minutes (judgement). */
const coolingS = 6000;
const roomC = 21;

/** The probe a little later. @param seconds since the last state, > 0 */
export function probeAfter({ probeC, bowlC }: ProbeState, seconds: number): ProbeState {
  const cooled = roomC + (bowlC - roomC) * Math.exp(-seconds / coolingS);
  return { bowlC: cooled, probeC: probeC + (cooled - probeC) * (1 - Math.exp(-seconds / lagS)) };
}

/** What the thermometer shows, °C, in tenths. */
export function probeShows({ probeC }: ProbeState, random: () => number): number {
  return Math.round((probeC + noiseC * normal(random)) / shownC) * shownC;
}
