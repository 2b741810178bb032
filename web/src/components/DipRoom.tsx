'use client';

import type { Dip } from '@cobbet/core/dip/dip';
import type { ReactNode } from 'react';
import { useDip } from '@/store/useDip';
import { later } from './later';

const ChooseDip = later(() => import('./ChooseDip').then(({ ChooseDip }) => ChooseDip));
const NotHere = later(() => import('./NotHere').then(({ NotHere }) => NotHere));

/** A room that is about one dip: offers them all when the address names none, and says when it is gone. */
export function DipRoom({
  room,
  title,
  ask,
  above,
  children,
}: {
  room: string;
  title: string;
  ask: string;
  /** What stands over the dips offered. */
  above?: ReactNode;
  children: (dip: Dip) => ReactNode;
}) {
  const dip = useDip();
  if (dip === null) return <ChooseDip room={room} title={title} text={ask} above={above} />;
  if (dip === undefined) {
    return (
      <NotHere
        title="That dip is not in the book"
        text="It may have been deleted, or it belongs to another book. Undo brings back what you deleted."
      />
    );
  }
  return children(dip);
}
