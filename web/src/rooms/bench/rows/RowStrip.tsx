'use client';

import DragIndicator from '@mui/icons-material/DragIndicator';
import LockOpenOutlined from '@mui/icons-material/LockOpenOutlined';
import LockOutlined from '@mui/icons-material/LockOutlined';
import Tune from '@mui/icons-material/Tune';
import Box from '@mui/material/Box';
import IconButton from '@mui/material/IconButton';
import type { ReadRow } from '@cobbet/core/dip/readRow';
import type { AmountView } from '@cobbet/core/book/book';
import { isWeighed } from '@cobbet/core/amounts/isWeighed';
import { nearestKitchenMeasure } from '@cobbet/core/amounts/kitchenMeasure';
import type { MeasureSystem } from '@cobbet/core/amounts/measureSystem';
import { printGrams } from '@cobbet/core/amounts/printAmount';
import { type CSSProperties, type KeyboardEvent, memo } from 'react';
import { placeWords } from '@/components/placeWords';
import { RoleMark } from '@/components/RoleMark';
import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';
import { AmountField } from './AmountField';
import { useBenchLayout } from '../line/benchLayout';
import { RowInHand } from './RowInHand';
import { RowWords } from './RowWords';
import { shortName } from '@/components/shortName';

/** The amount as the field shows it, and the other way of saying it beside it. */
function amountTexts(read: ReadRow, view: AmountView, measures: MeasureSystem) {
  const { row, ingredient, massG, error, toTaste } = read;
  if (error !== null || !ingredient || toTaste) return { field: row.amount, beside: '' };
  const grams = printGrams(massG);
  if (view === 'grams') return { field: grams, beside: row.amount === grams ? '' : row.amount };
  if (view === 'spoons' && isWeighed(row.amount)) {
    return { field: nearestKitchenMeasure(massG, ingredient, measures).text, beside: grams };
  }
  return {
    field: row.amount,
    beside: row.amount.replace(/\s/g, '') === grams.replace(/\s/g, '') ? '' : grams,
  };
}

/** What a row can ask of the bench, by its id. */
export interface RowActions {
  type(rowId: string, text: string): void;
  done(rowId: string): void;
  forget(rowId: string): void;
  hold(rowId: string): void;
  move(index: number, by: 1 | -1): void;
  /** One kitchen measure more or less. */
  step(rowId: string, by: 1 | -1): void;
  /** What does not fit on it. */
  details(rowId: string): void;
  /** What could go in instead. */
  swap(rowId: string): void;
}

/** What dragging lends to a row. */
export interface Grip {
  setNodeRef(element: HTMLElement | null): void;
  style: CSSProperties;
  isDragging: boolean;
  /** For the button that is taken hold of. */
  handle: Record<string, unknown>;
}

export interface RowProps {
  read: ReadRow;
  index: number;
  /** It is being typed in. */
  typing: boolean;
  view: AmountView;
  measures: MeasureSystem;
  /** Its amount is worth a second look. */
  doubtful: boolean;
  /** It raises a caution that must be minded where it is handled. */
  minded: boolean;
  actions: RowActions;
  /** What makes the row one that can be dragged; until that is loaded it moves by key. */
  grip?: Grip;
}

/** Keys of a row, with Alt: up and down moves it, left and right a measure less or more, H holds it, S swaps it. */
function onRowKey(event: KeyboardEvent, rowId: string, index: number, actions: RowActions): void {
  if (!event.altKey) return;
  const work: Record<string, () => void> = {
    arrowup: () => actions.move(index, -1),
    arrowdown: () => actions.move(index, 1),
    arrowleft: () => actions.step(rowId, -1),
    arrowright: () => actions.step(rowId, 1),
    h: () => actions.hold(rowId),
    s: () => actions.swap(rowId),
  };
  const found = work[event.key.toLowerCase()];
  if (!found) return;
  event.preventDefault();
  found();
}

/**
 * One addition: where it stands in the order, its amount, what it is and how it is prepared. Typing in one row
 * draws the line anew, not the other rows, so a row is only drawn when something of its own changes.
 */
export const RowStrip = memo(function RowStrip(props: RowProps) {
  const { read, index, typing, view, measures, doubtful, minded, actions, grip } = props;
  const { rowHeight, inHand } = useBenchLayout();
  const { row, ingredient, error } = read;
  const name = shortName(ingredient?.name ?? row.ingredientId);
  const { field, beside } = amountTexts(read, view, measures);
  const noteId = `note-${row.id}`;
  const place = placeWords[row.place];
  const doubted = doubtful && error === null;
  const said = [row.open?.said ?? '', row.prep, place].filter((text) => text !== '').join(' · ');
  const note = error ?? (doubted ? 'is this right?' : said);
  const amount = (
    <AmountField
      label={`Amount of ${name}`}
      value={typing ? row.amount : field}
      error={error !== null}
      describedBy={noteId}
      onType={(text) => actions.type(row.id, text)}
      onDone={() => actions.done(row.id)}
      onForget={() => actions.forget(row.id)}
    />
  );
  if (inHand) {
    return (
      <RowInHand
        row={row}
        name={name}
        note={note}
        noteId={noteId}
        cautious={error !== null || doubted || minded}
        onDetails={() => actions.details(row.id)}
      >
        {amount}
      </RowInHand>
    );
  }
  return (
    <Box
      ref={grip?.setNodeRef}
      component="li"
      onKeyDown={(event) => onRowKey(event, row.id, index, actions)}
      style={grip?.style}
      sx={{
        height: rowHeight,
        // what is typed in a row moves nothing outside it
        contain: 'layout style',
        display: 'grid',
        gridTemplateColumns: '24px 20px 122px 48px minmax(0, 1fr) 28px 28px',
        columnGap: '6px',
        alignItems: 'center',
        borderTop: `1px solid ${colour.line}`,
        listStyle: 'none',
        bgcolor: grip?.isDragging ? colour.board : 'transparent',
        zIndex: grip?.isDragging ? 3 : 'auto',
        position: 'relative',
        '& [data-swap]': { opacity: 0 },
        '&:hover [data-swap], & [data-swap]:focus-visible': { opacity: 1 },
        '@media (hover: none)': { '& [data-swap]': { opacity: 0.75 } },
        // on a tablet what it is matters more than its mark and its grams
        '@media (max-width: 899.95px)': {
          gridTemplateColumns: '24px 112px minmax(0, 1fr) 28px 28px',
          '& > [data-aside]': { display: 'none' },
        },
      }}
    >
      <Box
        component="button"
        type="button"
        aria-label={`Move ${name}, step ${index + 1}`}
        {...grip?.handle}
        sx={{
          border: 0,
          p: 0,
          height: 34,
          bgcolor: 'transparent',
          color: colour.muted,
          cursor: 'grab',
          touchAction: 'none',
          font: 'inherit',
          fontSize: typeScale.small,
          '& svg': { display: 'none' },
          '&:hover svg, &:focus-visible svg': { display: 'block' },
          '&:hover span, &:focus-visible span': { display: 'none' },
        }}
      >
        <span>{index + 1}</span>
        <DragIndicator fontSize="small" />
      </Box>
      <Box component="span" data-aside sx={{ display: 'grid' }}>
        {ingredient && <RoleMark role={ingredient.role} />}
      </Box>
      {amount}
      <Box
        data-aside
        sx={{
          fontSize: typeScale.small,
          color: colour.muted,
          textAlign: 'right',
          whiteSpace: 'nowrap',
          overflow: 'hidden',
          textOverflow: 'ellipsis',
        }}
      >
        {beside}
      </Box>
      <RowWords
        read={read}
        index={index}
        name={name}
        note={note}
        noteId={noteId}
        doubted={doubted}
        minded={minded}
        onSwap={actions.swap}
      />
      <IconButton
        title={row.hold ? 'Held: land it leaves this alone' : 'Hold'}
        size="small"
        aria-label={`Hold ${name}`}
        aria-pressed={row.hold}
        onClick={() => actions.hold(row.id)}
        sx={{ color: row.hold ? colour.accent : colour.muted, opacity: row.hold ? 1 : 0.65 }}
      >
        {row.hold ? <LockOutlined fontSize="small" /> : <LockOpenOutlined fontSize="small" />}
      </IconButton>
      <IconButton
        title="Details"
        size="small"
        aria-label={`Details of ${name}`}
        onClick={() => actions.details(row.id)}
        sx={{ color: colour.muted }}
      >
        <Tune fontSize="small" />
      </IconButton>
    </Box>
  );
});
