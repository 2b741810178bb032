'use client';

import { createContext, type CSSProperties, useContext } from 'react';

/** Where the bowl stands after each row, in words; the line shows it to those who see. */
export const AfterRows = createContext<readonly string[]>([]);

const unseen: CSSProperties = {
  position: 'absolute',
  width: 1,
  height: 1,
  overflow: 'hidden',
  clipPath: 'inset(50%)',
};

/** A row's own words of where the bowl stands after it, for those who can't see the line. */
export function After({ index }: { index: number }) {
  const words = useContext(AfterRows)[index] ?? '';
  // plain: every row has one, and all that follow the one that is typed in change with each key
  return <span style={unseen}>{words}</span>;
}
