'use client';

import { Panel } from '@/components/Panel';
import Add from '@mui/icons-material/Add';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { type Machine, machines as shipped } from '@cobbet/core/kitchen/machines';
import { bodyWord } from '@cobbet/core/mix/bodyWords';
import { kitMachines } from '@cobbet/core/kitchen/kit';
import { later } from '@/components/later';
import { useState } from 'react';
import { bodyFigure, capital } from '@/components/bodyText';
import { newId } from '@/store/newId';
import { changeSettings } from '@/store/settingsCommands';
import { useSettings } from '@/store/useKitchen';
import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';

const MachineDialog = later(() =>
  import('./MachineDialog').then(({ MachineDialog }) => MachineDialog),
);

const shippedIds = new Set(shipped.map(({ id }) => id));

/** Where a machine gives up, on the axis from pours to shapes. */
function StallMark({ stallBody }: { stallBody: number | null }) {
  const width = 132;
  const x = (body: number) => ((body - 1.5) / 10.5) * (width - 8) + 4;
  return (
    <svg width={width} height={22} aria-hidden>
      <line
        x1={4}
        x2={stallBody === null ? width - 4 : x(Math.min(12, stallBody))}
        y1={11}
        y2={11}
        stroke={colour.accent}
        strokeWidth={6}
        strokeLinecap="round"
        opacity={0.35}
      />
      {stallBody !== null && (
        <line
          x1={x(Math.min(12, stallBody))}
          x2={x(Math.min(12, stallBody))}
          y1={2}
          y2={20}
          stroke={colour.caution}
          strokeWidth={2.4}
          strokeDasharray="4 3"
        />
      )}
    </svg>
  );
}

const stallText = ({ stallBody }: Machine) =>
  stallBody === null
    ? 'never stalls'
    : `stalls at ${bodyFigure(stallBody)}, where it ${bodyWord(stallBody)}`;

const newMachine = (): Machine => ({
  id: newId(),
  name: '',
  stallBody: 9,
  leastMl: 200,
  mostMl: 1000,
  streams: false,
  worksCrumbs: false,
});

/** Machines and hand tools: what each gives up on, how much it takes. */
export function Machines() {
  const { kit } = useSettings();
  const [open, setOpen] = useState<Machine | null>(null);
  const all = kitMachines(kit);
  const own = new Set(kit.machines.map(({ id }) => id));
  const put = (label: string, machines: Machine[]) =>
    void changeSettings(label, { kit: { ...kit, machines } });
  const others = (id: string) => kit.machines.filter((one) => one.id !== id);
  return (
    <Panel
      title="Machines and tools"
      actions={
        <Button size="small" startIcon={<Add />} onClick={() => setOpen(newMachine())}>
          Another
        </Button>
      }
    >
      <Box component="ul" sx={{ m: 0, p: 0, listStyle: 'none' }}>
        {all.map((machine) => (
          <Box
            component="li"
            key={machine.id}
            sx={{
              display: 'grid',
              gridTemplateColumns: 'minmax(0, 1fr) 132px auto',
              columnGap: 1.5,
              alignItems: 'center',
              borderTop: `1px solid ${colour.line}`,
              py: 0.6,
            }}
          >
            <Box sx={{ minWidth: 0, lineHeight: 1.25 }}>
              <Box sx={{ fontWeight: 700, overflowWrap: 'anywhere' }}>
                {capital(machine.name)}
                {own.has(machine.id) && (
                  <Box
                    component="span"
                    sx={{ fontWeight: 400, color: colour.accent, fontSize: typeScale.small }}
                  >
                    {' '}
                    {shippedIds.has(machine.id) ? 'corrected' : 'yours'}
                  </Box>
                )}
              </Box>
              <Box sx={{ fontSize: typeScale.small, color: colour.muted }}>
                {stallText(machine)} · {machine.leastMl}–{machine.mostMl} ml
                {machine.streams ? ' · streams' : ''}
                {machine.worksCrumbs ? ' · works crumbs' : ''}
              </Box>
            </Box>
            <StallMark stallBody={machine.stallBody} />
            <Button
              size="small"
              aria-label={`Change the ${machine.name}`}
              onClick={() => setOpen(machine)}
            >
              Change
            </Button>
          </Box>
        ))}
      </Box>
      {open && (
        <MachineDialog
          machine={open}
          isNew={!all.some(({ id }) => id === open.id)}
          takeBack={
            own.has(open.id) ? (shippedIds.has(open.id) ? 'As it shipped' : 'Take it out') : null
          }
          onSave={(machine) => {
            put(`Machine ${machine.name}`, [...others(machine.id), machine]);
            setOpen(null);
          }}
          onTakeBack={() => {
            put(`Machine ${open.name}`, others(open.id));
            setOpen(null);
          }}
          onClose={() => setOpen(null)}
        />
      )}
    </Panel>
  );
}
