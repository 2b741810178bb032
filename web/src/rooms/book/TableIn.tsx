'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import NativeSelect from '@mui/material/NativeSelect';
import type { Book } from '@cobbet/core/book/book';
import type { TableKind } from '@cobbet/core/carry/bookTable';
import { tableKinds } from '@cobbet/core/carry/bookTable';
import { readTable, type TableFile, type TableFault } from '@cobbet/core/carry/readTable';
import { likelyKind, matchColumns, tableFields } from '@cobbet/core/carry/tableColumns';
import { useMemo, useState } from 'react';
import { useBook } from '@/store/bookStore';
import { newId } from '@/store/newId';
import { today } from '@/store/today';
import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';
import { tableNames } from './tableNames';

const mostShown = 200;
const mostSeen = 3;

/** Lines that can't be taken, each with its reason. */
function Faults({ faults }: { faults: readonly TableFault[] }) {
  if (faults.length === 0) return null;
  return (
    <Box component="section" sx={{ mt: 2 }}>
      <Box component="h3" sx={{ m: 0, fontSize: typeScale.text }}>
        Left out, line by line
      </Box>
      <Box
        component="ul"
        aria-label="Lines left out"
        sx={{ m: 0, pl: 2.5, color: colour.caution, overflowWrap: 'anywhere' }}
      >
        {faults.slice(0, mostShown).map(({ line, says }) => (
          <li key={`${line} ${says}`}>
            Line {line}: {says}
          </li>
        ))}
      </Box>
      {faults.length > mostShown && <div>and {faults.length - mostShown} more</div>}
    </Box>
  );
}

/** What stands in a column of a file, a few cells of it. */
const seenIn = ({ lines }: TableFile, at: number | null): string =>
  at === null
    ? ''
    : lines
        .flatMap(({ cells: own }) => own[at] || [])
        .slice(0, mostSeen)
        .map((one) => (one.length > 40 ? `${one.slice(0, 39)}…` : one))
        .join(' · ');

const cells = { color: colour.muted, overflowWrap: 'anywhere' } as const;
/** Where it is narrow, a column's cells stand under its name. */
const onlyWide = { display: { xs: 'none', sm: 'table-cell' } } as const;

/** A table out of a file, before anything of it is taken: which table it is, which column is which, and what can't be taken. */
export function TableIn({
  name,
  file,
  book,
  onDone,
  onClose,
}: {
  /** Of the file. */
  name: string;
  file: TableFile;
  book: Book;
  onDone: (words: string) => void;
  onClose: () => void;
}) {
  const [kind, setKind] = useState<TableKind>(() => likelyKind(file.headers) ?? 'stock');
  const [chosen, setChosen] = useState<Readonly<Record<string, number | null>>>({});
  const [busy, setBusy] = useState(false);
  const columns = useMemo(
    () => ({ ...matchColumns(file.headers, kind), ...chosen }),
    [file.headers, kind, chosen],
  );
  const read = useMemo(
    () => readTable(book, kind, file, columns, { newId, today: today() }),
    [book, kind, file, columns],
  );
  const take = async () => {
    setBusy(true);
    const saved = await useBook
      .getState()
      .act(`Take ${name}`, () => [...read.changes], { whole: true });
    const left = read.faults.length === 0 ? '' : ` ${read.faults.length} left out.`;
    onDone(
      saved ? `${read.taken} ${read.taken === 1 ? 'line' : 'lines'} of ${name} taken.${left}` : '',
    );
  };
  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="md" aria-labelledby="table-in-title">
      <DialogTitle id="table-in-title" sx={{ overflowWrap: 'anywhere' }}>
        Take {name}
      </DialogTitle>
      <DialogContent tabIndex={0}>
        <Box
          component="label"
          sx={{ display: 'flex', flexWrap: 'wrap', gap: 1, alignItems: 'baseline', mb: 1 }}
        >
          It is a table of
          <NativeSelect
            value={kind}
            inputProps={{ 'aria-label': 'It is a table of' }}
            onChange={(event) => {
              setKind(event.target.value as TableKind);
              setChosen({});
            }}
          >
            {tableKinds.map((one) => (
              <option key={one} value={one}>
                {tableNames[one].toLowerCase()}
              </option>
            ))}
          </NativeSelect>
        </Box>
        <Box role="status" sx={{ fontSize: typeScale.lead, mb: 1.5 }}>
          <strong>{read.taken} to take</strong>, {read.same} already so, {read.faults.length} left
          out
        </Box>
        <Box component="table" sx={{ borderCollapse: 'collapse', width: '100%' }}>
          <Box component="thead" sx={{ textAlign: 'left', fontSize: typeScale.note }}>
            <tr>
              <th scope="col">here</th>
              <th scope="col">column of the file</th>
              <Box component="th" scope="col" sx={onlyWide}>
                what stands in it
              </Box>
            </tr>
          </Box>
          <tbody>
            {tableFields[kind].map((field) => {
              const at = columns[field.name] ?? null;
              const seen = seenIn(file, at);
              return (
                <Box
                  component="tr"
                  key={field.name}
                  sx={{ '& > *': { borderTop: `1px solid ${colour.line}`, py: 0.25, pr: 1 } }}
                >
                  <Box
                    component="th"
                    scope="row"
                    sx={{ textAlign: 'left', fontWeight: field.needed ? 700 : 400 }}
                  >
                    {field.name}
                    {field.needed && at === null && (
                      <Box component="span" sx={{ color: colour.caution, fontWeight: 400 }}>
                        {' '}
                        needed
                      </Box>
                    )}
                  </Box>
                  <td>
                    <NativeSelect
                      value={at === null ? '' : String(at)}
                      inputProps={{ 'aria-label': `Column for ${field.name}` }}
                      sx={{ width: { xs: '100%', sm: 'auto' }, maxWidth: 240 }}
                      onChange={({ target }) =>
                        setChosen({
                          ...chosen,
                          [field.name]: target.value === '' ? null : Number(target.value),
                        })
                      }
                    >
                      <option value="">none</option>
                      {file.headers.map((head, i) => (
                        <option key={i} value={i}>
                          {head === '' ? `column ${i + 1}` : head}
                        </option>
                      ))}
                    </NativeSelect>
                    <Box sx={{ ...cells, display: { sm: 'none' }, fontSize: typeScale.note }}>
                      {seen}
                    </Box>
                  </td>
                  <Box component="td" sx={{ ...cells, ...onlyWide }}>
                    {seen}
                  </Box>
                </Box>
              );
            })}
          </tbody>
        </Box>
        <Faults faults={read.faults} />
      </DialogContent>
      <DialogActions>
        <Button onClick={onClose}>Leave it</Button>
        <Button variant="contained" disabled={busy || read.taken === 0} onClick={() => void take()}>
          {read.taken === 0 ? 'Nothing to take' : `Take ${read.taken}`}
        </Button>
      </DialogActions>
    </Dialog>
  );
}
