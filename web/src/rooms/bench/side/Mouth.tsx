'use client';

import { Panel } from '@/components/Panel';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { type CSSProperties, Fragment, memo, useState } from 'react';
import type { Figures } from '@cobbet/core/mix/figures';
import type { Per100g } from '@cobbet/core/mix/per100g';
import type { Analysis } from '@cobbet/core/dip/analyse';
import type { Dip } from '@cobbet/core/dip/dip';
import type { Band, TargetName } from '@cobbet/core/mix/targets';
import { garlicWord } from '@cobbet/core/mix/families';
import type { HouseRange } from '@cobbet/core/taste/houseTaste';
import { BandSlider } from '@/components/BandSlider';
import { against } from '@/components/SeasoningMark';
import { WhyMark } from '@/components/why/WhyMark';
import { useHouse } from '@/store/useHouse';
import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';

type SeasoningName = 'saltG' | 'acidG' | 'garlicG';

const scales: Record<SeasoningName, { name: string; most: number }> = {
  saltG: { name: 'Salt', most: 2.4 },
  acidG: { name: 'Sour', most: 1.4 },
  garlicG: { name: 'Garlic', most: 4 },
};

const standing = { short: 'short', right: 'right', over: 'over' } as const;

// styles of the elements themselves: figures that move with every key would be worked out as classes each time
const lying = {
  head: { display: 'flex', alignItems: 'center', gap: 6, minHeight: 24, marginBottom: 5 },
  figure: { marginLeft: 'auto', fontSize: typeScale.small },
  // drawn by fills, which a system’s own colours would take away
  bar: { position: 'relative', height: 26, forcedColorAdjust: 'none' },
  track: {
    ...{ position: 'absolute', left: 0, right: 0, top: 11, height: 4 },
    ...{ borderRadius: 12, background: colour.line },
  },
  band: { position: 'absolute', top: 5, height: 16 },
  over: { position: 'absolute', inset: 0 },
  dot: {
    ...{ position: 'absolute', top: 7, pointerEvents: 'none', width: 12, height: 12 },
    ...{ marginLeft: -6, borderRadius: '50%' },
  },
  foot: {
    ...{ display: 'flex', alignItems: 'center' },
    ...{ fontSize: typeScale.small, color: colour.muted },
  },
} satisfies Record<string, CSSProperties>;
const clear = { ml: 'auto', p: 0, minWidth: 0, fontSize: typeScale.small, lineHeight: 1.3 };

/** One seasoning against its target, or the usual range where there is none. */
function SeasoningBar({
  name,
  value,
  preview,
  target,
  usual,
  empty,
  onBand,
  onWhy,
}: {
  name: SeasoningName;
  /** Nothing is in the bowl, so there is nothing to judge. */
  empty: boolean;
  value: number;
  preview: number | null;
  target: Band | undefined;
  usual: HouseRange;
  onBand: (band: Band | null) => void;
  onWhy: () => void;
}) {
  const { name: label, most: usualMost } = scales[name];
  const most = Math.max(usualMost, value * 1.15);
  const band = target ?? usual;
  const percent = (x: number) => `${(Math.min(x, most) / most) * 100}%`;
  const low = band.low ?? 0;
  const high = band.high ?? most;
  const place = against(value, band);
  const judged = name === 'garlicG' ? garlicWord(value) : standing[place];
  const word = empty ? 'nothing in yet' : judged;
  const wrong = place !== 'right' && !empty;
  return (
    <div style={{ marginBottom: 9 }}>
      <div style={lying.head}>
        <div style={{ fontWeight: 600 }}>{label}</div>
        {!empty && <WhyMark of={`the ${label.toLowerCase()}`} onAsk={onWhy} />}
        <div style={{ color: wrong ? colour.caution : colour.muted, fontSize: typeScale.small }}>
          {word}
        </div>
        <div style={lying.figure}>{value.toFixed(2)} g</div>
      </div>
      <div style={lying.bar}>
        <div style={lying.track} />
        <div
          style={{
            ...lying.band,
            left: percent(low),
            width: `calc(${percent(high)} - ${percent(low)})`,
            background: target ? colour.band : 'transparent',
            borderInline: `1.5px ${target ? 'solid' : 'dashed'} ${colour.bandEdge}`,
          }}
        />
        {target && (
          <div style={lying.over}>
            <BandSlider
              name={`Target ${label.toLowerCase()}`}
              band={target}
              from={0}
              to={most}
              step={0.01}
              onChange={onBand}
            />
          </div>
        )}
        {preview !== null && (
          <div
            style={{
              ...lying.dot,
              left: percent(preview),
              border: `2px dashed ${colour.bandEdge}`,
              background: colour.paper,
            }}
          />
        )}
        <div
          style={{
            ...lying.dot,
            left: percent(value),
            background: wrong ? colour.paper : colour.ink,
            border: `2.5px solid ${wrong ? colour.caution : colour.ink}`,
            opacity: empty ? 0 : 1,
          }}
        />
      </div>
      <div style={lying.foot}>
        {target ? 'target' : usual.n > 0 ? `usual here (n ${usual.n})` : 'usual'} {low.toFixed(2)}–
        {high.toFixed(2)}
        <Button
          size="small"
          aria-label={
            target
              ? `Take away the target for ${label.toLowerCase()}`
              : `Make the usual ${label.toLowerCase()} the target`
          }
          sx={clear}
          onClick={() => onBand(target ? null : { low: usual.low, high: usual.high })}
        >
          {target ? 'clear' : 'aim for it'}
        </Button>
      </div>
    </div>
  );
}

/** A word that can be asked about, in a line of them. */
const askedWord = {
  ...{ border: 0, p: 0, minHeight: 24, bgcolor: 'transparent', font: 'inherit', color: 'inherit' },
  ...{ cursor: 'pointer', textDecoration: 'underline dotted', textUnderlineOffset: '3px' },
  '&:hover, &:focus-visible': { color: colour.accent },
} as const;

/** What else there is to say of a mouthful, and the figure that can be asked about where there is one. */
function minorFigures(per100g: Per100g): { name: TargetName | null; text: string }[] {
  const { fatG, sesameG, sugarsG, heat, bitter, savoury } = per100g;
  return [
    { name: 'fatG', text: `fat ${fatG.toFixed(0)} %` },
    ...(sesameG > 0.05 ? [{ name: null, text: `sesame ${sesameG.toFixed(0)} g` }] : []),
    { name: 'sugarsG', text: `sugars ${sugarsG.toFixed(1)} g` },
    ...(heat > 0.005
      ? [
          {
            name: 'heat' as const,
            text: `heat ${heat < 0.05 ? 'a touch' : heat < 0.2 ? 'warm' : 'hot'}`,
          },
        ]
      : []),
    { name: 'bitter', text: `bitter ${bitter < 0.6 ? 'faint' : bitter < 1.5 ? 'some' : 'clear'}` },
    ...(savoury > 0.6
      ? [{ name: 'savoury' as const, text: `savour ${savoury < 1.5 ? 'some' : 'clear'}` }]
      : []),
  ];
}

/** How the dip tastes by the figures, per 100 g. */
export const Mouth = memo(function Mouth({
  dip,
  analysis,
  preview,
  onTarget,
  onWhy,
}: {
  dip: Dip;
  analysis: Analysis;
  preview: Figures | null;
  onTarget: (name: SeasoningName, band: Band | null) => void;
  /** A figure is asked about. */
  onWhy: (figure: TargetName) => void;
}) {
  const [nowMs] = useState(Date.now);
  const { usual } = useHouse(dip.family, null, nowMs);
  const { per100g } = analysis;
  const minor = minorFigures(per100g);
  return (
    <Panel title="In the mouth" aside="per 100 g">
      {(['saltG', 'acidG', 'garlicG'] as const).map((name) => (
        <SeasoningBar
          key={name}
          name={name}
          value={per100g[name]}
          empty={analysis.massG === 0}
          preview={preview ? preview.per100g[name] : null}
          target={dip.targets[name]}
          usual={usual[name]}
          onBand={(band) => onTarget(name, band)}
          onWhy={() => onWhy(name)}
        />
      ))}
      <Box sx={{ fontSize: typeScale.small, color: colour.muted, lineHeight: 1.45 }}>
        {analysis.massG > 0 &&
          minor.map(({ name, text }, i) => (
            <Fragment key={text}>
              {i > 0 && ' · '}
              {name === null ? (
                text
              ) : (
                <Box
                  component="button"
                  type="button"
                  aria-label={`What is ${text}, and why?`}
                  title={`What is ${text}, and why?`}
                  onClick={() => onWhy(name)}
                  sx={askedWord}
                >
                  {text}
                </Box>
              )}
            </Fragment>
          ))}
      </Box>
    </Panel>
  );
});
