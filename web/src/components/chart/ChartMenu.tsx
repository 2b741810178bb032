'use client';

import Menu from '@mui/material/Menu';
import MenuItem from '@mui/material/MenuItem';
import { download, fileName } from '@/store/download';
import { chartPng } from './chartPng';
import { type ChartPage, chartSvg } from './chartSvg';

/** As what a chart is taken along. */
export function ChartMenu({
  anchor,
  svg,
  page,
  onWrong,
  onClose,
}: {
  anchor: HTMLElement;
  svg: SVGSVGElement;
  /** What goes with it. */
  page: Pick<ChartPage, 'title' | 'labels' | 'ticks'>;
  /** Says why it could not be. */
  onWrong: (words: string) => void;
  onClose: () => void;
}) {
  const save = async (kind: 'svg' | 'png') => {
    onClose();
    try {
      const { color, backgroundColor, fontFamily } = getComputedStyle(document.body);
      const chart = chartSvg(svg, {
        ...{ ...page, ink: color, paper: backgroundColor, face: fontFamily },
      });
      const name = fileName(page.title);
      if (kind === 'svg') return download(`${name}.svg`, chart.text, 'image/svg+xml');
      download(`${name}.png`, await chartPng(chart), 'image/png');
    } catch (error) {
      onWrong(error instanceof Error ? error.message : String(error));
    }
  };
  return (
    <Menu anchorEl={anchor} open onClose={onClose}>
      <MenuItem onClick={() => void save('svg')}>SVG, lines that stay sharp</MenuItem>
      <MenuItem onClick={() => void save('png')}>PNG, to send and to paste</MenuItem>
    </Menu>
  );
}
