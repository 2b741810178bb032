'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import { joinBooks } from '@cobbet/core/book/joinBooks';
import type { JoinChoice, JoinConflict } from '@cobbet/core/book/joinTables';
import type { StampedBook } from '@cobbet/core/book/stamp';
import { useMemo, useState } from 'react';
import { firstNamesIn } from '@/components/shortName';
import { keepPictures } from '@/store/bookFiles';
import type { FileBook } from '@/store/readBookHere';
import { useBook } from '@/store/bookStore';
import type { CopyLineage } from '@/store/stamping';
import { useKitchen } from '@/store/useKitchen';
import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';
import { fieldWords, recordWords, valueWords } from './joinWords';

const choices: readonly { value: JoinChoice; name: string }[] = [
  { value: 'first', name: 'this book’s' },
  { value: 'second', name: 'the other’s' },
  { value: 'both', name: 'both' },
];

/** What is kept of a record where nobody has chosen: what is still there over what was thrown away, else this book's. */
const usualChoice = (of: readonly JoinConflict[]): JoinChoice =>
  of.some(({ field, first }) => field === 'gone' && first === true) ? 'second' : 'first';

const thrownAwayWords = (here: boolean) =>
  here
    ? 'Thrown away here; changed in the other since.'
    : 'Changed here; thrown away in the other.';

/** Fields of one record that differ, and which of them is kept. */
function Differing({
  of,
  title,
  named,
  choice,
  nameOf,
  onChoose,
}: {
  of: readonly JoinConflict[];
  title: string;
  /** It has a name of its own, so that both can be kept. */
  named: boolean;
  choice: JoinChoice;
  nameOf: (id: string) => string;
  onChoose: (choice: JoinChoice) => void;
}) {
  return (
    <Box component="li" sx={{ borderTop: `1px solid ${colour.line}`, py: 1 }}>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1, alignItems: 'center' }}>
        <Box sx={{ fontWeight: 700, flex: '1 1 200px', minWidth: 0, overflowWrap: 'anywhere' }}>
          {title}
        </Box>
        <ToggleButtonGroup
          exclusive
          size="small"
          value={choice}
          aria-label={`Which ${title}`}
          onChange={(_, next: JoinChoice | null) => next && onChoose(next)}
        >
          {choices
            .filter(({ value }) => named || value !== 'both')
            .map(({ value, name }) => (
              <ToggleButton key={value} value={value} sx={{ minHeight: 40, px: 1.25 }}>
                {name}
              </ToggleButton>
            ))}
        </ToggleButtonGroup>
      </Box>
      {of.map(({ field, first, second }) => (
        <Box key={field} sx={{ fontSize: typeScale.note, overflowWrap: 'anywhere' }}>
          {field === 'gone'
            ? thrownAwayWords(first === true)
            : `${fieldWords(field)}: here ${valueWords(first, nameOf)}, there ${valueWords(second, nameOf)}`}
        </Box>
      ))}
    </Box>
  );
}

/** Records named under a heading; nothing where there are none. */
function RecordList({ title, records }: { title: string; records: readonly string[] }) {
  const shown = records.slice(0, 30);
  if (shown.length === 0) return null;
  return (
    <Box component="section" sx={{ mb: 1 }}>
      <Box component="h3" sx={{ m: 0, fontSize: typeScale.text, fontWeight: 700 }}>
        {title}
      </Box>
      <Box sx={{ overflowWrap: 'anywhere' }}>
        {shown.join('; ')}
        {records.length > shown.length && ` and ${records.length - shown.length} more`}
      </Box>
    </Box>
  );
}

/** This browser's book. */
export interface OwnBook extends StampedBook {
  lineage: CopyLineage;
}

/** Another book joined to this one: what is new, what is alike, and what both have otherwise, chosen record by record. */
export function JoinBook({
  name,
  own,
  other,
  onDone,
  onClose,
}: {
  /** Of the file. */
  name: string;
  own: OwnBook;
  other: FileBook;
  onDone: (words: string) => void;
  onClose: () => void;
}) {
  const { larder } = useKitchen();
  const [chosen, setChosen] = useState<ReadonlyMap<string, JoinChoice>>(new Map());
  const [nowMs] = useState(Date.now);
  const [busy, setBusy] = useState(false);
  const joined = useMemo(
    () =>
      joinBooks(own, other, (table, id) => chosen.get(`${table} ${id}`) ?? null, {
        copy: own.lineage.copy,
        nowMs,
      }),
    [own, other, chosen, nowMs],
  );
  const records = new Map<string, JoinConflict[]>();
  for (const one of joined.conflicts) {
    const key = `${one.table} ${one.id}`;
    if (one.table !== 'settings') records.set(key, [...(records.get(key) ?? []), one]);
  }
  const called = ({ table, id }: Pick<JoinConflict, 'table' | 'id'>) =>
    recordWords(table, id, own.book[table].has(id) ? own.book : other.book, larder);
  const join = async () => {
    setBusy(true);
    const done = await keepPictures({ ...other, book: joined.book })
      .then(() => useBook.getState().replaceBook(`Join ${name}`, { ...joined, isOther: false }))
      .catch(() => false);
    setBusy(false);
    onDone(
      done
        ? `${name} is joined: ${joined.added} new, ${joined.taken} taken over. One undo brings this book back as it was.`
        : '',
    );
  };
  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="md" aria-labelledby="join-title">
      <DialogTitle id="join-title">Join {name} to this book</DialogTitle>
      <DialogContent tabIndex={0}>
        <Box role="status" sx={{ mb: 1 }}>
          <strong>{joined.added} new</strong>, {joined.same} alike, {joined.kept} later here,{' '}
          {joined.taken} later there, <strong>{records.size} changed in both</strong>.
          {joined.conflicts.some(({ table }) => table === 'settings') &&
            ' The settings, changed in both, stay as they are here; machines only the other knows are added.'}
        </Box>
        <RecordList
          title="Thrown away in the other, and so here"
          records={joined.gone.map(called)}
        />
        <RecordList
          title="Thrown away in one, and back since something needs it"
          records={joined.broughtBack.map(called)}
        />
        {records.size > 0 && (
          <Box
            component="ul"
            aria-label="What both have changed"
            sx={{ m: 0, p: 0, listStyle: 'none' }}
          >
            {[...records].map(([key, of]) => {
              const [first] = of;
              if (!first) return null;
              const record = (other.book[first.table] as ReadonlyMap<string, object>).get(first.id);
              return (
                <Differing
                  key={key}
                  of={of}
                  title={called(first)}
                  named={
                    record !== undefined &&
                    'name' in record &&
                    !of.some((one) => one.field === 'gone')
                  }
                  nameOf={firstNamesIn(larder)}
                  choice={chosen.get(key) ?? usualChoice(of)}
                  onChoose={(choice) => setChosen(new Map(chosen).set(key, choice))}
                />
              );
            })}
          </Box>
        )}
      </DialogContent>
      <DialogActions>
        <Button onClick={onClose}>Leave it</Button>
        <Button variant="contained" disabled={busy} onClick={() => void join()}>
          Join them
        </Button>
      </DialogActions>
    </Dialog>
  );
}
