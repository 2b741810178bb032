'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import type { PicturePoint, PictureSize, Rims } from '@cobbet/core/picture/picturePoint';
import { type KeyboardEvent, type PointerEvent, useRef, useState } from 'react';
import { useWidth } from '@/components/useWidth';
import { colour } from '@/theme/colour';
import { typeScale } from '@/theme/typeScale';
import { useView, type View, within } from './useView';

/** Whose rim it is. */
export type RimName = keyof Rims;

const names: Readonly<Record<RimName, string>> = { known: 'what you know', spread: 'the spread' };
/** As far from a place as a finger takes hold of it, screen px. */
const reach = 22;
/** A finger that moves less than this has tapped, screen px. */
const leastDrag = 6;

/** A finger on the picture: on a place, or beside them. */
interface Held {
  place: { name: RimName; index: number } | null;
  from: readonly [x: number, y: number];
  /** As it was when the finger came down. */
  view: View;
  /** It has moved. */
  drawn: boolean;
}

const keySteps: Readonly<Record<string, readonly [number, number]>> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, -1],
  ArrowDown: [0, 1],
};

const pathOf = (points: readonly PicturePoint[]) =>
  points.map(({ xPx, yPx }) => `${xPx.toFixed(1)},${yPx.toFixed(1)}`).join(' ');

/** One rim: its places, and the outline through them. */
function Rim({
  name,
  points,
  outline,
  perScreen,
  onKey,
}: {
  name: RimName;
  points: readonly PicturePoint[];
  outline: readonly PicturePoint[] | undefined;
  /** Pixels of the picture for one of the screen. */
  perScreen: number;
  onKey: (index: number) => (event: KeyboardEvent) => void;
}) {
  const ink = name === 'known' ? colour.bandEdge : colour.accent;
  const line = { fill: 'none', points: outline ? pathOf(outline) : '' };
  return (
    <g>
      {outline && (
        <>
          <polygon {...line} stroke="#fff" strokeWidth={3 * perScreen} opacity={0.7} />
          <polygon
            {...line}
            stroke={ink}
            strokeWidth={2 * perScreen}
            strokeDasharray={name === 'known' ? `${6 * perScreen}` : undefined}
          />
        </>
      )}
      {points.map(({ xPx, yPx }, i) => (
        <g
          key={i}
          role="button"
          tabIndex={0}
          aria-label={`Place ${i + 1} on the rim of ${names[name]}`}
          onKeyDown={onKey(i)}
        >
          <circle cx={xPx} cy={yPx} r={reach * perScreen} fill="transparent" />
          <circle
            cx={xPx}
            cy={yPx}
            r={6 * perScreen}
            fill="#fff"
            fillOpacity={0.35}
            stroke={ink}
            strokeWidth={2.5 * perScreen}
          />
          <circle cx={xPx} cy={yPx} r={1.2 * perScreen} fill={ink} />
        </g>
      ))}
    </g>
  );
}

/** A picture with the places tapped on two rims, to be added, dragged or moved by keys, and the rims through them. */
export function RimBoard({
  photo,
  url,
  rims,
  outlines,
  laying,
  onChange,
}: {
  photo: PictureSize;
  url: string;
  rims: Rims;
  /** The rims as they were found; null while there are none. */
  outlines: Rims | null;
  laying: RimName;
  onChange: (name: RimName, points: readonly PicturePoint[]) => void;
}) {
  const { ref, width } = useWidth<HTMLDivElement>(600);
  const svg = useRef<SVGSVGElement>(null);
  const { widthPx, heightPx } = photo;
  const { view, perScreen, mayCloser, closer, whole, lookFrom } = useView(photo, width);
  const [held, setHeld] = useState<Held | null>(null);
  const at = (event: PointerEvent): PicturePoint => {
    const box = svg.current?.getBoundingClientRect();
    if (!box) return { xPx: 0, yPx: 0 };
    return {
      xPx: within(view.xPx + (event.clientX - box.left) * perScreen, widthPx),
      yPx: within(view.yPx + (event.clientY - box.top) * perScreen, heightPx),
    };
  };
  const moved = (name: RimName, index: number, to: PicturePoint) =>
    onChange(
      name,
      rims[name].map((one, i) => (i === index ? to : one)),
    );
  const down = (event: PointerEvent<SVGSVGElement>) => {
    const to = at(event);
    event.currentTarget.setPointerCapture(event.pointerId);
    const near = (['known', 'spread'] as const).flatMap((name) =>
      rims[name].map((one, index) => ({
        ...{ name, index },
        far: Math.hypot(one.xPx - to.xPx, one.yPx - to.yPx),
      })),
    );
    const [nearest] = near.sort((one, other) => one.far - other.far);
    const place = nearest && nearest.far < reach * perScreen ? nearest : null;
    setHeld({ place, from: [event.clientX, event.clientY], view, drawn: false });
  };
  const move = (event: PointerEvent<SVGSVGElement>) => {
    if (!held) return;
    const [dx, dy] = [event.clientX - held.from[0], event.clientY - held.from[1]];
    if (!held.drawn && Math.hypot(dx, dy) < leastDrag) return;
    if (!held.drawn) setHeld({ ...held, drawn: true });
    if (held.place) moved(held.place.name, held.place.index, at(event));
    else {
      const { zoom, xPx, yPx } = held.view;
      lookFrom({ zoom, xPx: xPx - dx * perScreen, yPx: yPx - dy * perScreen });
    }
  };
  const up = (event: PointerEvent<SVGSVGElement>) => {
    if (held && !held.drawn && !held.place) onChange(laying, [...rims[laying], at(event)]);
    setHeld(null);
  };
  const keys = (name: RimName, index: number) => (event: KeyboardEvent) => {
    const [dx, dy] = keySteps[event.key] ?? [];
    const point = rims[name][index];
    if ((event.key === 'Delete' || event.key === 'Backspace') && point) {
      event.preventDefault();
      return onChange(
        name,
        rims[name].filter((_, i) => i !== index),
      );
    }
    if (dx === undefined || dy === undefined || !point) return undefined;
    event.preventDefault();
    const by = event.shiftKey ? 10 : 1;
    return moved(name, index, { xPx: point.xPx + by * dx, yPx: point.yPx + by * dy });
  };
  /** A place in the middle, for who can't point. */
  const addByKey = (event: KeyboardEvent<SVGSVGElement>) => {
    if (event.target !== event.currentTarget || (event.key !== 'Enter' && event.key !== ' '))
      return;
    event.preventDefault();
    onChange(laying, [...rims[laying], { xPx: widthPx / 2, yPx: heightPx / 2 }]);
  };
  return (
    <Box
      ref={ref}
      sx={{
        minWidth: 0,
        mx: 'auto',
        width: '100%',
        maxWidth: `calc(62vh * ${widthPx / heightPx})`,
      }}
    >
      <svg
        ref={svg}
        viewBox={`${view.xPx} ${view.yPx} ${widthPx / view.zoom} ${heightPx / view.zoom}`}
        width="100%"
        role="group"
        tabIndex={0}
        aria-label={`The picture. Tap places on the rim of ${names[laying]}; Enter puts one in the middle, arrows move it`}
        onKeyDown={addByKey}
        onPointerDown={down}
        onPointerMove={move}
        onPointerUp={up}
        onPointerCancel={() => setHeld(null)}
        style={{ display: 'block', touchAction: 'none', cursor: 'crosshair' }}
      >
        <image href={url} width={widthPx} height={heightPx} />
        {(['known', 'spread'] as const).map((name) => (
          <Rim
            key={name}
            name={name}
            points={rims[name]}
            outline={outlines?.[name]}
            perScreen={perScreen}
            onKey={(index) => keys(name, index)}
          />
        ))}
      </svg>
      <Box sx={{ display: 'flex', gap: 1, alignItems: 'center' }}>
        <Button size="small" disabled={!mayCloser} onClick={() => closer(rims[laying].at(-1))}>
          Closer
        </Button>
        <Button size="small" disabled={view.zoom === 1} onClick={whole}>
          The whole picture
        </Button>
        {view.zoom > 1 && (
          <Box sx={{ fontSize: typeScale.small, color: colour.muted }}>drag to move it</Box>
        )}
      </Box>
    </Box>
  );
}
