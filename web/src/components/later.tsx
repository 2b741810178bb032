'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { type ComponentType, type ReactNode, useCallback, useEffect, useState } from 'react';
import { colour } from '@/theme/colour';

/** A page that never rests is not waited for longer, ms. */
const restsWithin = 2000;

/** Once the page has nothing more urgent to do; what it gives takes it back. */
function atRest(then: () => void): () => void {
  if (typeof requestIdleCallback === 'function') {
    const asked = requestIdleCallback(then, { timeout: restsWithin });
    return () => cancelIdleCallback(asked);
  }
  const timer = setTimeout(then, 200);
  return () => clearTimeout(timer);
}

/**
 * A piece of a room that is fetched when it is first shown, to keep it out of the first load. Where it can't be fetched
 * the room stands, and says so in the piece's place.
 *
 * @param load fetches the piece; asked again after a failure
 * @param rested waits until the room stands and the page rests
 * @param meanwhile stands in the piece's place until it has come, as large as it
 * @returns the piece, which can be fetched ahead: then it stands at once where it is shown
 */
export function later<Props extends object>(
  load: () => Promise<ComponentType<Props>>,
  {
    rested = false,
    meanwhile = () => null,
  }: { rested?: boolean; meanwhile?: (props: Props) => ReactNode } = {},
) {
  let kept: { Piece: ComponentType<Props> } | null = null;
  const fetchKept = async () => {
    kept = { Piece: await load() };
    return kept;
  };
  function Later(props: Props) {
    const [piece, setPiece] = useState(() => kept);
    const [failed, setFailed] = useState(false);
    const fetchPiece = useCallback((shown: () => boolean) => {
      fetchKept().then(
        (fetched) => {
          if (shown()) setPiece(fetched);
        },
        () => {
          if (shown()) setFailed(true);
        },
      );
    }, []);
    useEffect(() => {
      let shown = true;
      const fetchShown = () => fetchPiece(() => shown);
      const leave = piece || failed ? undefined : rested ? atRest(fetchShown) : fetchShown();
      return () => {
        shown = false;
        leave?.();
      };
    }, [piece, failed, fetchPiece]);
    if (piece) return <piece.Piece {...props} />;
    if (!failed) return meanwhile(props);
    return (
      <Box role="alert" sx={{ color: colour.caution }}>
        This part could not be fetched. <Button onClick={() => setFailed(false)}>Try again</Button>
      </Box>
    );
  }
  return Object.assign(Later, {
    /**
     * Fetches it before it is shown, once the page rests; where that fails it is asked for again when it is shown.
     *
     * @returns what takes that back
     */
    ahead: () => atRest(() => void fetchKept().catch(() => undefined)),
  });
}
