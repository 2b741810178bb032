'use client';

import Box from '@mui/material/Box';
import InputBase from '@mui/material/InputBase';
import { emptyBook } from '@cobbet/core/book/book';
import type { Trial } from '@cobbet/core/book/trial';
import type { Dip } from '@cobbet/core/dip/dip';
import { bookDocuments } from '@cobbet/core/find/bookDocuments';
import { readQuery } from '@cobbet/core/find/readQuery';
import { SearchIndex } from '@cobbet/core/find/searchIndex';
import { useSearchParams } from 'next/navigation';
import { useEffect, useMemo, useState } from 'react';
import { filterWords } from '@/components/filterWords';
import { replaceAddress } from '@/components/replaceAddress';
import { today } from '@/store/today';
import { useKitchen } from '@/store/useKitchen';
import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';

/** Typing rests this long before the address takes it up. */
const addressRestMs = 400;

/** A field that narrows a dip's trials to those something is true of: `too salty`, `in May`, a word of a note. */
export function NarrowTrials({
  dip,
  trials,
  onNarrow,
}: {
  dip: Dip;
  trials: readonly Trial[];
  /** The trials that are left, by id; null for all of them. */
  onNarrow: (left: ReadonlySet<string> | null) => void;
}) {
  const { larder } = useKitchen();
  const asked = useSearchParams().get('only') ?? '';
  const [text, setText] = useState(asked);
  const index = useMemo(() => {
    const made = new SearchIndex();
    const own = new Map(trials.map((one) => [one.id, one]));
    const book = { ...emptyBook(), dips: new Map([[dip.id, dip]]), trials: own };
    made.put(bookDocuments(book, { larder, bodyOf: () => null }));
    return made;
  }, [dip, trials, larder]);
  const query = useMemo(() => readQuery(text, today()), [text]);
  useEffect(() => {
    if (text.trim() === '') return onNarrow(null);
    const filters = query.filters.map(({ filter }) => filter);
    const found = index
      .search(query.words, [...filters, { is: 'kind', kind: 'trial' }])
      .filter(({ some }) => !some);
    return onNarrow(new Set(found.map(({ key }) => key.replace(/^trial /, ''))));
  }, [index, query, text, onNarrow]);
  useEffect(() => {
    if (text === asked) return undefined;
    const rest = setTimeout(() => {
      const only = text === '' ? '' : `&only=${encodeURIComponent(text)}`;
      replaceAddress(`/trials?dip=${encodeURIComponent(dip.id)}${only}`);
    }, addressRestMs);
    return () => clearTimeout(rest);
  }, [text, asked, dip.id]);
  return (
    <Box sx={{ display: 'flex', flexWrap: 'wrap', alignItems: 'center', gap: 1.5, mb: 1.5 }}>
      <InputBase
        type="search"
        value={text}
        placeholder="only those … too salty, in May, a word of a note"
        onChange={(event) => setText(event.target.value)}
        inputProps={{ 'aria-label': 'Only trials', maxLength: 200 }}
        sx={{
          ...{ flex: '1 1 260px', maxWidth: 460, minHeight: 44, px: 1.5 },
          ...{ bgcolor: colour.board, borderRadius: 1 },
          '& input::-webkit-search-cancel-button': { filter: 'grayscale(1)' },
        }}
      />
      <Box sx={{ fontSize: typeScale.note, color: colour.muted }}>
        {query.filters.map(({ filter }) => filterWords(filter)).join(', ')}
      </Box>
    </Box>
  );
}
