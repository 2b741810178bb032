'use client';

import type { PicturePoint, PictureSize } from '@cobbet/core/picture/picturePoint';
import { useState } from 'react';

/** What part of a picture is looked at: how large, and its upper left. */
export interface View {
  zoom: number;
  xPx: number;
  yPx: number;
}

const mostZoom = 8;
const wholeView: View = { zoom: 1, xPx: 0, yPx: 0 };

/** A value kept between 0 and what is most. */
export const within = (value: number, most: number): number => Math.min(most, Math.max(0, value));

/**
 * A picture looked at closely, in part.
 *
 * @param width of the screen's part it has, px
 */
export function useView({ widthPx, heightPx }: PictureSize, width: number) {
  const [view, setView] = useState(wholeView);
  /** Looks from there, as far as the picture goes. */
  const lookFrom = ({ zoom, xPx, yPx }: View) =>
    setView({
      zoom,
      xPx: within(xPx, widthPx * (1 - 1 / zoom)),
      yPx: within(yPx, heightPx * (1 - 1 / zoom)),
    });
  /** Twice as close, about a place; about what is in the middle where there is none. */
  const closer = (about?: PicturePoint) => {
    const zoom = view.zoom * 2;
    const middle = about ?? {
      xPx: view.xPx + widthPx / view.zoom / 2,
      yPx: view.yPx + heightPx / view.zoom / 2,
    };
    lookFrom({
      zoom,
      xPx: middle.xPx - widthPx / zoom / 2,
      yPx: middle.yPx - heightPx / zoom / 2,
    });
  };
  return {
    view,
    /** Pixels of the picture for one of the screen. */
    perScreen: widthPx / Math.max(width, 1) / view.zoom,
    mayCloser: view.zoom < mostZoom,
    ...{ closer, lookFrom, whole: () => setView(wholeView) },
  };
}
