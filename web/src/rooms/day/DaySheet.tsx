import Box from '@mui/material/Box';
import type { Plan } from '@cobbet/core/day/plan';
import type { DayNeeds } from '@cobbet/core/day/dayNeeds';
import { madeFirst } from './madeFirst';
import type { DayPlan, Task } from '@cobbet/core/day/task';
import { printGrams } from '@cobbet/core/amounts/printAmount';
import { allergenWord } from '@cobbet/core/larder/allergenWord';
import { lengthText } from '@/components/lengthText';
import { clockAt, dayAt } from './clock';

const cell = { borderTop: '1px solid #999', py: '2.5pt', pr: '8pt', verticalAlign: 'top' } as const;

function usesText({ uses }: Task): string {
  return Object.entries(uses)
    .map(([name, how]) => (typeof how === 'object' ? `${name} ${how.tempC} °C` : name))
    .join(', ');
}

/** The day on paper: what to do by the clock with a box to tick, what each dip comes to, what to mind. */
export function DaySheet({
  plan,
  tasks,
  planned,
  needs,
}: {
  plan: Plan;
  tasks: readonly Task[];
  planned: DayPlan;
  needs: DayNeeds;
}) {
  const byId = new Map(tasks.map((task) => [task.id, task]));
  const ordered = [...planned.tasks].sort((a, b) => a.start - b.start);
  const cautions = [...new Set(needs.preps.flatMap(({ preparation }) => preparation.cautions))];
  return (
    <Box
      component="section"
      aria-label="Day sheet"
      sx={{
        display: 'none',
        '@media print': { display: 'block' },
        color: '#000',
        fontSize: '10.5pt',
        lineHeight: 1.25,
      }}
    >
      <Box sx={{ display: 'flex', borderBottom: '2px solid #000', pb: '4pt', gap: '12pt' }}>
        <Box sx={{ fontSize: '17pt', fontWeight: 700, mr: 'auto' }}>{plan.name}</Box>
        <Box sx={{ textAlign: 'right' }}>
          begin {dayAt(plan, planned.startAt)} {clockAt(plan, planned.startAt)}
          <br />
          <strong>
            on the table {dayAt(plan, 0)} {clockAt(plan, 0)}
          </strong>
        </Box>
      </Box>
      <Box component="table" sx={{ width: '100%', borderCollapse: 'collapse', mt: '6pt' }}>
        <thead>
          <tr>
            {['', 'from', 'what', 'hands', 'until', 'in use'].map((head) => (
              <Box component="th" key={head} sx={{ textAlign: 'left', pr: '8pt' }}>
                {head}
              </Box>
            ))}
          </tr>
        </thead>
        <tbody>
          {ordered.map(({ id, start, end }, i) => {
            const task = byId.get(id);
            if (!task) return null;
            const day = dayAt(plan, start);
            const before = ordered[i - 1];
            const begins = before !== undefined && dayAt(plan, before.start) !== day;
            return (
              <Box component="tr" key={id} sx={{ breakInside: 'avoid' }}>
                <Box component="td" sx={cell}>
                  {plan.done.includes(id) ? '☑' : '☐'}
                </Box>
                <Box component="td" sx={{ ...cell, fontWeight: 700, whiteSpace: 'nowrap' }}>
                  {begins && `${day} `}
                  {clockAt(plan, start)}
                </Box>
                <Box component="td" sx={cell}>
                  {task.label}
                </Box>
                <Box component="td" sx={{ ...cell, whiteSpace: 'nowrap' }}>
                  {lengthText(task.handsOnMin)}
                </Box>
                <Box component="td" sx={{ ...cell, whiteSpace: 'nowrap' }}>
                  {task.waitMin > 0 ? clockAt(plan, end) : ''}
                </Box>
                <Box component="td" sx={cell}>
                  {usesText(task)}
                </Box>
              </Box>
            );
          })}
        </tbody>
      </Box>
      <Box sx={{ breakInside: 'avoid', mt: '10pt' }}>
        <strong>What it comes to</strong>
        {needs.dips.map(({ dip, massG, allergens }) => (
          <Box key={dip.id}>
            {dip.name}: {printGrams(massG)}
            {allergens.length > 0 && `, holds ${allergens.map(allergenWord).join(', ')}`}
          </Box>
        ))}
      </Box>
      <Box sx={{ breakInside: 'avoid', mt: '10pt' }}>
        <strong>Make ready</strong>
        {madeFirst(needs).map(({ key, words }) => (
          <Box key={key}>{words}</Box>
        ))}
        {needs.preps.map(({ key, route, rawG, readyG }) => (
          <Box key={key}>
            {printGrams(rawG)} {route.raw} for {printGrams(readyG)}
          </Box>
        ))}
      </Box>
      {cautions.length > 0 && (
        <Box sx={{ breakInside: 'avoid', mt: '10pt', border: '1px solid #000', p: '6pt' }}>
          <strong>Mind</strong>
          {cautions.map((caution) => (
            <Box key={caution}>{caution}</Box>
          ))}
          <Box>
            Usual guidance; follow local codes and, where one applies, your licensed process.
          </Box>
        </Box>
      )}
    </Box>
  );
}
