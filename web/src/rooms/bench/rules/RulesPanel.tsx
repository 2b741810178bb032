'use client';

import Close from '@mui/icons-material/Close';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import IconButton from '@mui/material/IconButton';
import { printGrams } from '@cobbet/core/amounts/printAmount';
import { mostRules } from '@cobbet/core/dip/dip';
import { type RuleState, ruleStates } from '@cobbet/core/dip/ruleStates';
import { righted } from '@cobbet/core/landing/putRight';
import { readRule } from '@cobbet/core/lines/readRule';
import type { Rule } from '@cobbet/core/mix/rule';
import type { Proposal } from '@cobbet/core/proposal/proposal';
import { useMemo, useState } from 'react';
import { capital } from '@/components/bodyText';
import { LabelledField } from '@/components/LabelledField';
import { ruleWords } from '@/components/ruleWords';
import { firstNamesIn } from '@/components/shortName';
import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';
import { PanelHead } from '../PanelHead';
import type { Bench } from '../useBench';
import { ruleRows } from './ruleRows';

function standing({ rule, over, left, right, off, kept }: RuleState): string {
  if (!over) return 'rests: one side of it is not in the dip';
  if (kept) return 'holds';
  const unit = (value: number) =>
    rule.by === 'weight' ? printGrams(value) : `${value.toFixed(0)} ml`;
  return `${off > 0 ? 'too much' : 'too little'}: ${unit(left)}, not ${unit(right)}`;
}

/** One rule as it stands, with the ways to put it right. */
function RuleItem({
  state,
  bench,
  nameOf,
  onLook,
  onTake,
  onBy,
  onRemove,
}: {
  state: RuleState;
  bench: Bench;
  nameOf: (rowId: string) => string;
  onLook: (proposal: Proposal | null) => void;
  onTake: (proposal: Proposal) => void;
  onBy: (by: Rule['by']) => void;
  onRemove: () => void;
}) {
  const { rule, kept, over } = state;
  const { dip, rows, kitchen } = bench;
  const ways = useMemo(() => righted(dip, rows, state, kitchen), [dip, rows, state, kitchen]);
  const words = ruleWords(rule, nameOf);
  const said = words.toLowerCase() === rule.said.toLowerCase();
  const other = rule.by === 'weight' ? 'measure' : 'weight';
  return (
    <Box component="li" sx={{ borderTop: `1px solid ${colour.line}`, py: 0.75 }}>
      <Box sx={{ display: 'flex', alignItems: 'flex-start' }}>
        <Box
          sx={{ flex: 1, minWidth: 0, fontWeight: 600, overflowWrap: 'anywhere', lineHeight: 1.3 }}
        >
          {rule.said}
        </Box>
        <IconButton size="small" aria-label={`Drop the rule ${rule.said}`} onClick={onRemove}>
          <Close sx={{ fontSize: typeScale.text }} />
        </IconButton>
      </Box>
      <Box sx={{ fontSize: typeScale.small, color: colour.muted, lineHeight: 1.4 }}>
        {!said && capital(words)}
        {!('whole' in rule.to) && (
          <>
            {said ? '' : ', '}
            <Button
              size="small"
              title={`Count it by ${other}`}
              onClick={() => onBy(other)}
              sx={{
                p: 0,
                minWidth: 0,
                minHeight: 0,
                verticalAlign: 'baseline',
                fontSize: 'inherit',
              }}
            >
              by {rule.by}
            </Button>
          </>
        )}
      </Box>
      <Box
        sx={{
          fontSize: typeScale.note,
          fontWeight: kept && over ? 400 : 700,
          color: kept ? colour.muted : colour.caution,
        }}
      >
        {standing(state)}
      </Box>
      {ways.length > 0 && (
        <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 0.75, mt: 0.25 }}>
          {ways.map(({ proposal, moved }) => {
            const words = moved
              .map(({ rowId, amount }) => `${nameOf(rowId)} to ${amount}`)
              .join(', ');
            return (
              <Button
                key={words}
                size="small"
                variant="outlined"
                onMouseEnter={() => onLook(proposal)}
                onMouseLeave={() => onLook(null)}
                onFocus={() => onLook(proposal)}
                onBlur={() => onLook(null)}
                onClick={() => onTake(proposal)}
              >
                {capital(words)}
              </Button>
            );
          })}
        </Box>
      )}
    </Box>
  );
}

/** What holds between the rows of a dip: each rule as it stands, put right, counted otherwise or dropped, and a new one written. */
export function RulesPanel({
  bench,
  onLook,
  onTake,
  onAdd,
  onRules,
  onClose,
}: {
  bench: Bench;
  onLook: (proposal: Proposal | null) => void;
  onTake: (proposal: Proposal) => void;
  onAdd: (rule: Omit<Rule, 'id'>) => void;
  onRules: (label: string, change: (rules: readonly Rule[]) => Rule[]) => void;
  onClose: () => void;
}) {
  const { dip, rows, kitchen } = bench;
  const [text, setText] = useState('');
  const [tried, setTried] = useState(false);
  const states = useMemo(() => ruleStates(dip, rows), [dip, rows]);
  const named = useMemo(() => ruleRows(rows), [rows]);
  const nameIn = firstNamesIn(kitchen.larder);
  const nameOf = (rowId: string) => {
    const row = dip.rows.find(({ id }) => id === rowId);
    return row ? nameIn(row.ingredientId) : '';
  };
  const read = text.trim() === '' ? null : readRule(text, named);
  const problem = read
    ? read.ok
      ? null
      : read.message
    : tried && text.trim() !== ''
      ? 'Say how much of one against another: “as much tahini as lemon”, “salt 9 g a kilo”.'
      : null;
  const add = () => {
    setTried(true);
    if (read?.ok !== true) return;
    const { rule } = read;
    onAdd(rule);
    setText('');
    setTried(false);
  };
  return (
    <Box component="section" aria-label="Rules" sx={{ minWidth: 0 }}>
      <PanelHead close="Close the rules" onClose={onClose}>
        Rules
      </PanelHead>
      {states.length === 0 && (
        <Box sx={{ fontSize: typeScale.note, color: colour.muted, mb: 1 }}>
          What holds between rows, whatever is landed, swapped or sized: “as much tahini as lemon”,
          “at least as much pumpkin as pulse”, “oil to a third of the nuts”, “salt 9 g a kilo”.
        </Box>
      )}
      <Box component="ol" aria-label="Rules of this dip" sx={{ m: 0, p: 0, listStyle: 'none' }}>
        {states.map((state) => (
          <RuleItem
            key={state.rule.id}
            state={state}
            bench={bench}
            nameOf={nameOf}
            onLook={onLook}
            onTake={onTake}
            onBy={(by) =>
              onRules(`Rule by ${by}`, (now) =>
                now.map((one) => (one.id === state.rule.id ? { ...one, by } : one)),
              )
            }
            onRemove={() => {
              onLook(null);
              onRules(`Drop the rule: ${state.rule.said}`, (now) =>
                now.filter(({ id }) => id !== state.rule.id),
              );
            }}
          />
        ))}
      </Box>
      {states.length < mostRules && (
        <form
          onSubmit={(event) => {
            event.preventDefault();
            add();
          }}
        >
          <LabelledField
            label="A new rule"
            size="small"
            fullWidth
            margin="dense"
            value={text}
            placeholder="as much … as …"
            error={problem !== null}
            helperText={
              problem ??
              (read?.ok === true
                ? `${capital(ruleWords(read.rule, nameOf))}, by ${read.rule.by}`
                : ' ')
            }
            htmlInput={{ maxLength: 200 }}
            onChange={(event) => {
              setText(event.target.value);
              setTried(false);
            }}
          />
          <Button type="submit" size="small" variant="outlined">
            Hold to it
          </Button>
        </form>
      )}
    </Box>
  );
}
