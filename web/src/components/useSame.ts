import { useState } from 'react';

/**
 * The same object for as long as what comes says the same, so that what is asked about it is not asked again.
 *
 * @param value plain data, such as a question to a worker
 */
export function useSame<T>(value: T): T {
  const [kept, setKept] = useState(value);
  if (kept === value || JSON.stringify(kept) === JSON.stringify(value)) return kept;
  setKept(value);
  return value;
}
