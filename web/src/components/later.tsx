'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { type ComponentType, useCallback, useEffect, useState } from 'react';
import { colour } from '@/theme/colour';

/**
 * A piece of a room that is fetched when it is first shown, to keep it out of the first load. Where it can't be fetched
 * the room stands, and says so in the piece's place.
 *
 * @param load fetches the piece; asked again after a failure
 */
export function later<Props extends object>(load: () => Promise<ComponentType<Props>>) {
  let kept: { Piece: ComponentType<Props> } | null = null;
  return function Later(props: Props) {
    const [piece, setPiece] = useState(() => kept);
    const [failed, setFailed] = useState(false);
    const fetchPiece = useCallback((shown: () => boolean) => {
      load().then(
        (Piece) => {
          kept = { Piece };
          if (shown()) setPiece(kept);
        },
        () => {
          if (shown()) setFailed(true);
        },
      );
    }, []);
    useEffect(() => {
      let shown = true;
      if (!piece && !failed) fetchPiece(() => shown);
      return () => {
        shown = false;
      };
    }, [piece, failed, fetchPiece]);
    if (piece) return <piece.Piece {...props} />;
    if (!failed) return null;
    return (
      <Box role="alert" sx={{ color: colour.caution }}>
        This part could not be fetched. <Button onClick={() => setFailed(false)}>Try again</Button>
      </Box>
    );
  };
}
