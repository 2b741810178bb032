'use client';

import {
  rowOfPart,
  withAdditions,
  withRowMoved,
  withRowRead,
  withRules,
  withTarget,
} from '@cobbet/core/book/dipEdits';
import type { Dip, OpenRole, Row } from '@cobbet/core/dip/dip';
import { withoutRow, withRow } from '@cobbet/core/dip/dipRows';
import type { Nudge } from '@cobbet/core/dip/nudges';
import type { ReadPart } from '@cobbet/core/lines/lineReading';
import type { Rule } from '@cobbet/core/mix/rule';
import type { Band, TargetName } from '@cobbet/core/mix/targets';
import { applyEdits } from '@cobbet/core/proposal/edit';
import { nudgeEdit } from '@cobbet/core/proposal/nudgeEdit';
import type { Proposal } from '@cobbet/core/proposal/proposal';
import { useMemo } from 'react';
import { editDip } from '@/store/dipCommands';
import { newId } from '@/store/newId';
import { takeProposal } from '@/store/takeProposal';

/** Of a line that was read, what a row takes. */
type Addition = Parameters<typeof rowOfPart>[0] & Pick<ReadPart, 'text'>;

/** Everything the bench does to its dip, each a command with a name; the same functions for the life of the room. */
export function useBenchEdits(dipId: string) {
  return useMemo(() => {
    const edit = (label: string, change: (dip: Dip) => Dip, mergeKey?: string) =>
      void editDip(dipId, label, change, mergeKey);
    return {
      edit,
      setTarget: (name: TargetName, band: Band | null) =>
        edit(band ? 'Target' : 'Remove a target', (dip) => withTarget(dip, name, band)),
      editRow: (
        rowId: string,
        label: string,
        change: (row: Row) => Row,
        /** What is typed: one step of undo for all of it. */
        field?: string,
      ) =>
        edit(
          label,
          (dip) => withRow(dip, rowId, change),
          field === undefined ? undefined : `${field} ${rowId}`,
        ),
      /** Leaves a row open to several fillings, or with null settles it. */
      openRole: (rowId: string, open: OpenRole | null) =>
        edit(open ? `Left open: ${open.said}`.slice(0, 120) : 'Settled', (dip) =>
          withRow(dip, rowId, ({ open: _open, ...row }) => (open ? { ...row, open } : row)),
        ),
      /** What holds between the rows. */
      rules: (label: string, change: (rules: readonly Rule[]) => Rule[]) =>
        edit(label.slice(0, 120), (dip) => withRules(dip, change(dip.rules ?? []))),
      addRule: (rule: Omit<Rule, 'id'>) =>
        edit(`Rule: ${rule.said}`.slice(0, 120), (dip) =>
          withRules(dip, [...(dip.rules ?? []), { ...rule, id: newId() }]),
        ),
      /** What was read of a typed line, as one step of undo. */
      add: (parts: readonly Addition[], mergeKey?: string) => {
        const rows = parts.map((part) => rowOfPart(part, newId()));
        edit(
          `Add ${parts.map(({ text }) => text).join(', ')}`.slice(0, 120),
          (dip) => withAdditions(dip, rows),
          mergeKey,
        );
      },
      /** What was read of a line in the place of a row, as one step of undo. */
      retype: (rowId: string, parts: readonly ReadPart[], mergeKey?: string) => {
        const ids = parts.slice(1).map(newId);
        const text = parts.map((part) => part.text).join(', ');
        edit(
          `Write anew ${text}`.slice(0, 120),
          (dip) => withRowRead(dip, rowId, parts, ids),
          mergeKey,
        );
      },
      move: (from: number, to: number) => edit('Order', (dip) => withRowMoved(dip, from, to)),
      /** Takes whatever was proposed, as one step of undo. */
      take: (proposal: Pick<Proposal, 'label' | 'edits'>) => void takeProposal(dipId, proposal),
      /** One spoon or piece more of a thing, on the dip as it is by then: two taps are two spoons. */
      nudge: (nudge: Nudge) =>
        edit(`Add ${nudge.amount}`, (dip) => applyEdits(dip, [nudgeEdit(dip, nudge, newId())])),
      sure: (rowId: string, amount: string) =>
        edit('It is right', (dip) => withRow(dip, rowId, (row) => ({ ...row, sure: amount }))),
      takeOut: (rowId: string) => edit('Remove a row', (dip) => withoutRow(dip, rowId)),
    };
  }, [dipId]);
}

export type BenchEdits = ReturnType<typeof useBenchEdits>;
