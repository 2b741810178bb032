import type { RoomName } from './RoomMark';

/** The rooms in the order of the work; some are about one dip and take it along. */
export const rooms: readonly { path: string; name: RoomName; withDip: boolean }[] = [
  { path: '/', name: 'Book', withDip: false },
  { path: '/bench', name: 'Bench', withDip: true },
  { path: '/make', name: 'Make', withDip: true },
  { path: '/trials', name: 'Trials', withDip: true },
  { path: '/day', name: 'Day', withDip: false },
  { path: '/larder', name: 'Larder', withDip: false },
  { path: '/kit', name: 'Kit', withDip: false },
];
