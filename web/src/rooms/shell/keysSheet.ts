import { create } from 'zustand';

/** Whether the sheet of keys is open. */
export const useKeysSheet = create<{ open: boolean }>()(() => ({ open: false }));

export function showKeys(open: boolean): void {
  useKeysSheet.setState({ open });
}
