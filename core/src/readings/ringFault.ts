import { type RingTest, standsBelow } from './ringTest';

/** What can't be right about a ring test, and which of its figures. */
export interface RingFault {
  figure: 'diameterMm' | 'heightMm';
  message: string;
}

/** What can't be right about a ring test as measured, before it is read; null when it can be read. */
export function ringFault(test: RingTest): RingFault | null {
  const { diameterMm, heightMm, ringMm, ringHeightMm } = test;
  if (diameterMm < ringMm) {
    return { figure: 'diameterMm', message: 'It can’t have spread to less than the ring.' };
  }
  if (heightMm !== undefined && heightMm > ringHeightMm) {
    return { figure: 'heightMm', message: 'It can’t stand taller than the ring.' };
  }
  if (heightMm === undefined && diameterMm < standsBelow * ringMm) {
    return {
      figure: 'heightMm',
      message: `Below ${standsBelow * ringMm} mm of spread the height left standing is needed.`,
    };
  }
  return null;
}
