'use client';

import { tastingOf } from '@cobbet/core/dip/dip';
import type { Run } from '@cobbet/core/book/run';
import { type Gate, withGate } from '@cobbet/core/book/trial';
import { GateForm } from '@/components/GateForm';
import { beginTimer } from '@/store/timerCommands';
import type { RunControl } from './useRun';

/** Cold is tasted, and read, after two hours. */
const coldAfterMin = 120;

/** The taste before the bowl is emptied and, unless the dip is tasted once only, the one cold. */
export function Gates({ run, control }: { run: Run; control: RunControl }) {
  const gates = run.gates ?? [];
  const { dip } = control;
  const cold = tastingOf(dip) !== 'end';
  const pass = (gate: Gate) => {
    void control.note(gate.when === 'machine' ? 'Tasted at the gate' : 'Tasted cold', (one) =>
      withGate(one, gate),
    );
    if (gate.when === 'machine' && cold) {
      void beginTimer(`Taste ${dip.name} again, cold, and read it`, coldAfterMin, `${run.id} cold`);
    }
  };
  return (
    <>
      <GateForm when="machine" family={dip.family} gates={gates} marks={run.tastes} onPass={pass} />
      {cold && gates.length > 0 && (
        <GateForm when="chilled" family={dip.family} gates={gates} onPass={pass} />
      )}
    </>
  );
}
