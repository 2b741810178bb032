import type { RoomName } from './RoomMark';

export interface Room {
  path: string;
  name: RoomName;
  withDip: boolean;
  /** Not at the thumb on a phone, but under *More*. */
  oneStepAway: boolean;
  /** Other addresses that belong to it. */
  also?: readonly string[];
}

/** The rooms in the order of the work; some are about one dip and take it along. */
export const rooms: readonly Room[] = [
  { path: '/', name: 'Book', withDip: false, oneStepAway: false },
  { path: '/bench', name: 'Bench', withDip: true, oneStepAway: false },
  { path: '/make', name: 'Make', withDip: true, oneStepAway: false, also: ['/practice'] },
  {
    path: '/trials',
    name: 'Trials',
    withDip: true,
    oneStepAway: true,
    also: ['/tasting', '/design'],
  },
  { path: '/day', name: 'Day', withDip: false, oneStepAway: false },
  { path: '/larder', name: 'Larder', withDip: false, oneStepAway: true },
  { path: '/kit', name: 'Kit', withDip: false, oneStepAway: true },
];
