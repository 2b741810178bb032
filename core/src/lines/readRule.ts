import { isWeighed } from '../amounts/isWeighed';
import type { Rule, RuleSide } from '../mix/rule';
import { saidRule } from './ruleShapes';
import { readSide, type RuleRow } from './ruleSides';

/** A rule as it was read, or what is not understood of it. */
export type RuleRead = { ok: true; rule: Omit<Rule, 'id'> } | { ok: false; message: string };

const plainText = (text: string) =>
  text
    .toLowerCase()
    .replace(/[“”"]/g, '')
    .replace(/\s+/g, ' ')
    .replace(/[.;]+$/, '')
    .trim();

/** `… by weight`, `the same weight of …`: what it is counted in, where it is said, and the rest. */
function measureSaid(text: string): { rest: string; by: Rule['by'] | null } {
  const tail = /[,\s]+by\s+(weight|volume|measure|the cup|cups|spoons)$/.exec(text);
  if (tail) {
    const by = tail[1] === 'weight' ? 'weight' : 'measure';
    return { rest: text.slice(0, tail.index).trim(), by };
  }
  const within = /\b(weight|volume)s?\s+of\b/.exec(text);
  if (!within) return { rest: text, by: null };
  return { rest: text, by: within[1] === 'weight' ? 'weight' : 'measure' };
}

/** Amounts that are measured and not weighed on both sides are compared so. */
function usualMeasure(sides: readonly RuleSide[], rows: readonly RuleRow[]): Rule['by'] {
  const about = sides.flatMap((side) =>
    'rows' in side ? rows.filter(({ id }) => side.rows.includes(id)) : [null],
  );
  const measured = about.every((row) => row && row.amount.trim() !== '' && !isWeighed(row.amount));
  return measured ? 'measure' : 'weight';
}

/**
 * Reads a rule between rows of a dip as a cook says it: `as much tahini as lemon`, `at least as much pumpkin as pulse`,
 * `salt 9 g a kilo`, `oil to a third of the nuts`.
 *
 * @param text one line
 * @param rows of the dip it is for
 * @returns null where the line says no rule at all; why, where it does and can't be followed
 */
export function readRule(text: string, rows: readonly RuleRow[]): RuleRead | null {
  const { rest, by } = measureSaid(plainText(text));
  const said = saidRule(rest);
  if (!said) return null;
  const of = readSide(said.of, rows);
  if (!of.ok) return of;
  const to =
    said.to === undefined
      ? { ok: true as const, side: { whole: true as const } }
      : readSide(said.to, rows);
  if (!to.ok) return to;
  if ('whole' in of.side)
    return { ok: false, message: 'A rule is about something in the dip, not all of it.' };
  if (JSON.stringify(of.side) === JSON.stringify(to.side)) {
    return { ok: false, message: 'A rule needs two different things.' };
  }
  const isWhole = 'whole' in to.side;
  if (isWhole && said.times >= 1) {
    return { ok: false, message: 'A part of a dip can’t be as much as the whole of it.' };
  }
  return {
    ok: true,
    rule: {
      said: text.replace(/\s+/g, ' ').trim().slice(0, 200),
      of: of.side,
      sense: said.sense ?? 'equal',
      times: Number(said.times.toPrecision(9)),
      to: to.side,
      by: by ?? (isWhole ? 'weight' : usualMeasure([of.side, to.side], rows)),
    },
  };
}
