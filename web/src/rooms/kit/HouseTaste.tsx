'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import {
  guestGroups,
  houseFigure,
  type HouseTaste as Taste,
  houseTastes,
  type HouseVerdict,
} from '@cobbet/core/book/houseTaste';
import { families, type Family, familyNames, usualSeasoning } from '@cobbet/core/mix/families';
import type { HouseRange, RightRange } from '@cobbet/core/taste/houseTaste';
import { useMemo, useState } from 'react';
import { ChartFile } from '@/components/chart/ChartFile';
import { CheckLine } from '@/components/CheckLine';
import { shortDay } from '@/components/day';
import { InlineSelect } from '@/components/InlineSelect';
import { Panel } from '@/components/Panel';
import { straightScale } from '@/components/scale';
import { AskMeaning } from '@/components/why/AskMeaning';
import { useBook } from '@/store/bookStore';
import { changeSettings } from '@/store/settingsCommands';
import { useHouse } from '@/store/useHouse';
import { useSettings } from '@/store/useKitchen';
import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';

const width = 300;
const height = 46;
/** Rows of the verdicts: short stands under over, as its remedy lies further right. */
const rowOf = { low: 34, right: 23, high: 12 } as const;
const mostDrawn = 120;

/** What was said at which level, the family's range dashed, what is right here filled. */
function Strip({
  taste,
  usual,
  here,
  verdicts,
}: {
  taste: Taste;
  usual: RightRange;
  here: HouseRange;
  verdicts: readonly HouseVerdict[];
}) {
  const most = 1.1 * Math.max(usual.high, here.high, ...verdicts.map(({ level }) => level));
  const x = straightScale([0, most], [4, width - 4]);
  const counts = { low: 0, right: 0, high: 0 };
  for (const { side } of verdicts) counts[side] += 1;
  return (
    <svg
      viewBox={`0 0 ${width} ${height}`}
      width="100%"
      role="img"
      aria-label={`${taste}: ${counts.low} short, ${counts.right} right, ${counts.high} over; right here ${here.low.toFixed(2)} to ${here.high.toFixed(2)}`}
      style={{ display: 'block', maxWidth: 420 }}
    >
      <line x1={4} x2={width - 4} y1={23} y2={23} stroke={colour.line} strokeWidth={3} />
      <rect
        x={x(here.low)}
        width={Math.max(2, x(here.high) - x(here.low))}
        y={4}
        height={38}
        rx={4}
        fill={colour.band}
      />
      {[usual.low, usual.high].map((end) => (
        <line
          key={end}
          x1={x(end)}
          x2={x(end)}
          y1={4}
          y2={42}
          stroke={colour.bandEdge}
          strokeDasharray="3 3"
        />
      ))}
      {verdicts.slice(0, mostDrawn).map(({ level, side, of }, i) => {
        const [cx, cy] = [x(level), rowOf[side]];
        const title = `${of}: ${{ low: 'short', right: 'right', high: 'over' }[side]} at ${level.toFixed(2)}`;
        if (side === 'right') {
          return (
            <circle key={i} cx={cx} cy={cy} r={3.5} fill={colour.bandEdge}>
              <title>{title}</title>
            </circle>
          );
        }
        const up = side === 'high' ? -4 : 4;
        return (
          <path key={i} d={`M${cx} ${cy + up}l-4 ${-1.7 * up}h8z`} fill={colour.caution}>
            <title>{title}</title>
          </path>
        );
      })}
    </svg>
  );
}

/** What is right of a taste here, and in the family. */
function TasteHead({
  taste,
  here,
  typical,
}: {
  taste: Taste;
  here: HouseRange;
  typical: RightRange;
}) {
  return (
    <Box sx={{ display: 'flex', flexWrap: 'wrap', columnGap: 1.5, alignItems: 'baseline' }}>
      <Box sx={{ fontWeight: 700, minWidth: 52 }}>
        {taste.charAt(0).toUpperCase() + taste.slice(1)}
      </Box>
      {here.n === 0 ? (
        <Box sx={{ color: colour.muted }}>nothing said yet; usual</Box>
      ) : (
        <strong>
          {here.low.toFixed(2)}–{here.high.toFixed(2)}
        </strong>
      )}
      <Box sx={{ fontSize: typeScale.note, color: colour.muted }}>
        {here.n > 0 && `${here.ideal.toFixed(2)} ± ${here.sd.toFixed(2)}, n ${here.n}; usual `}
        {typical.low.toFixed(2)}–{typical.high.toFixed(2)} g per 100 g
      </Box>
    </Box>
  );
}

/** What is right here of salt, sour and garlic, by everything that was said: with its reasons, and the way to begin afresh. */
export function HouseTaste() {
  const settings = useSettings();
  const tastings = useBook((state) => state.book.tastings);
  const [family, setFamily] = useState<Family>('pulse');
  const [guests, setGuests] = useState<string | null>(null);
  const [nowMs] = useState(Date.now);
  const groups = useMemo(() => guestGroups(tastings.values()), [tastings]);
  const { verdicts, usual } = useHouse(family, guests, nowMs);
  return (
    <Panel title="House taste">
      <Box>
        what is right in{' '}
        <InlineSelect
          label="Family"
          value={family}
          options={families.map((value) => ({ value, name: familyNames[value].toLowerCase() }))}
          onChange={setFamily}
        />{' '}
        {groups.length > 0 && (
          <>
            for{' '}
            <InlineSelect
              label="Whose taste"
              value={guests ?? ''}
              options={[
                { value: '', name: 'the house' },
                ...groups.map((value) => ({ value, name: value })),
              ]}
              onChange={(value) => setGuests(value === '' ? null : value)}
            />
          </>
        )}
        <AskMeaning about="house" of="house taste" />
      </Box>
      {houseTastes.map((taste) => {
        const name = houseFigure[taste];
        const here = usual[name];
        const typical = usualSeasoning[family][name];
        const head = <TasteHead {...{ taste, here, typical }} />;
        return (
          <Box key={taste} sx={{ mt: 1 }}>
            {here.n === 0 ? (
              head
            ) : (
              <ChartFile title={`What is right here of ${taste}`} head={head}>
                <Strip
                  taste={taste}
                  usual={typical}
                  here={here}
                  verdicts={verdicts.filter((one) => one.taste === taste)}
                />
              </ChartFile>
            )}
          </Box>
        );
      })}
      {verdicts.length > 0 && (
        <Box sx={{ mt: 0.75, fontSize: typeScale.small, color: colour.muted }}>
          ▼ short &nbsp; ● right &nbsp; ▲ over &nbsp; dashed: usual in the family
        </Box>
      )}
      <Box sx={{ display: 'flex', flexWrap: 'wrap', columnGap: 2, alignItems: 'center', mt: 1 }}>
        <CheckLine
          checked={settings.tasteFades ?? false}
          onToggle={() =>
            void changeSettings('Old verdicts fade', {
              tasteFades: !(settings.tasteFades ?? false),
            })
          }
        >
          what was said half a year ago counts half
        </CheckLine>
        <Button
          size="small"
          onClick={() =>
            void changeSettings('House taste afresh', { tasteSince: new Date().toISOString() })
          }
        >
          Begin afresh
        </Button>
        {settings.tasteSince !== undefined && (
          <Box sx={{ fontSize: typeScale.note, color: colour.muted }}>
            since {shortDay(settings.tasteSince)}
          </Box>
        )}
      </Box>
    </Panel>
  );
}
