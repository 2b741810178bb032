import { create } from 'zustand';

/** Whether this device keeps the book for good: not asked yet, granted, or only as long as it has room. */
type Lasting = 'unasked' | 'kept' | 'may go';

export const useLasting = create<{ lasting: Lasting }>()(() => ({ lasting: 'unasked' }));

let asked = false;

/** Asks the browser, once a visit, to keep the book for good; what it says is shown. */
export async function askToLast(): Promise<void> {
  if (asked || typeof navigator === 'undefined' || !navigator.storage?.persist) return;
  asked = true;
  const granted = (await navigator.storage.persisted()) || (await navigator.storage.persist());
  useLasting.setState({ lasting: granted ? 'kept' : 'may go' });
}
