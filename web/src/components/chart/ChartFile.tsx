'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { type ReactNode, useRef, useState } from 'react';
import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';
import { later } from '../later';
import type { ChartLabel, ChartTick } from './chartSvg';

const ChartMenu = later(() => import('./ChartMenu').then(({ ChartMenu }) => ChartMenu));

/** Takes a chart along as a picture, as it is shown, under its title. */
export function ChartFileButton({
  title,
  words = 'As a picture',
  find,
  labels,
  ticks,
}: {
  title: string;
  /** What the button says. */
  words?: string;
  /** The drawing on the page. */
  find: () => Element | null | undefined;
  /** Names of rows that stand beside the drawing on the screen. */
  labels?: readonly ChartLabel[];
  /** Words that stand over it on the screen. */
  ticks?: readonly ChartTick[];
}) {
  const [open, setOpen] = useState<{ anchor: HTMLElement; svg: SVGSVGElement } | null>(null);
  const [wrong, setWrong] = useState<string | null>(null);
  const choose = (anchor: HTMLElement) => {
    const svg = find();
    setWrong(null);
    if (svg instanceof SVGSVGElement) setOpen({ anchor, svg });
  };
  return (
    <Box sx={{ textAlign: 'right', '@media print': { display: 'none' } }}>
      {wrong !== null && (
        <Box component="span" role="alert" sx={{ color: colour.caution, mr: 1 }}>
          {wrong}
        </Box>
      )}
      <Button
        size="small"
        aria-haspopup="menu"
        aria-label={`${title} as a picture`}
        onClick={(event) => choose(event.currentTarget)}
        sx={{ color: colour.muted, fontSize: typeScale.small, fontWeight: 400 }}
      >
        {words}
      </Button>
      {open && (
        <ChartMenu
          {...open}
          page={{ title, ...(labels ? { labels } : {}), ...(ticks ? { ticks } : {}) }}
          onWrong={setWrong}
          onClose={() => setOpen(null)}
        />
      )}
    </Box>
  );
}

/** A chart with the way to take it along as a picture: under it, or beside what stands over it. */
export function ChartFile({
  title,
  head,
  children,
}: {
  title: string;
  /** What stands over the chart. */
  head?: ReactNode;
  children: ReactNode;
}) {
  const frame = useRef<HTMLDivElement>(null);
  const button = <ChartFileButton title={title} find={() => frame.current?.querySelector('svg')} />;
  return (
    <Box ref={frame} sx={{ minWidth: 0 }}>
      {head !== undefined && (
        <Box sx={{ display: 'flex', alignItems: 'baseline', columnGap: 1 }}>
          <Box sx={{ flex: 1, minWidth: 0 }}>{head}</Box>
          {button}
        </Box>
      )}
      {children}
      {head === undefined && button}
    </Box>
  );
}
