import NativeSelect from '@mui/material/NativeSelect';
import { writtenId } from '@cobbet/core/book/writtenTrial';
import type { Trial } from '@cobbet/core/book/trial';
import { useMemo } from 'react';
import { shortDay } from '@/components/day';
import { useBook } from '@/store/bookStore';

/** Adds a trial of any dip, or any dip as it is written. */
export function AddTrial({ ids, onAdd }: { ids: readonly string[]; onAdd: (id: string) => void }) {
  const trials = useBook((state) => state.book.trials);
  const dips = useBook((state) => state.book.dips);
  const byDip = useMemo(() => {
    const groups = new Map<string, Trial[]>();
    for (const trial of trials.values()) {
      groups.set(trial.dipId, [...(groups.get(trial.dipId) ?? []), trial]);
    }
    return groups;
  }, [trials]);
  return (
    <NativeSelect
      value=""
      inputProps={{ 'aria-label': 'Add a trial or a dip' }}
      onChange={(event) => event.target.value !== '' && onAdd(event.target.value)}
      sx={{ maxWidth: 220 }}
    >
      <option value="">Add a trial or a dip…</option>
      <optgroup label="Dips as they are written">
        {[...dips.values()]
          .filter(({ id }) => !ids.includes(writtenId(id)))
          .map(({ id, name }) => (
            <option key={id} value={writtenId(id)}>
              {name}
            </option>
          ))}
      </optgroup>
      {[...byDip].map(([dipId, own]) => (
        <optgroup key={dipId} label={dips.get(dipId)?.name ?? dipId}>
          {own
            .filter(({ id }) => !ids.includes(id))
            .map(({ id, number, madeAt }) => (
              <option key={id} value={id}>
                trial {number}, {shortDay(madeAt)}
              </option>
            ))}
        </optgroup>
      ))}
    </NativeSelect>
  );
}
