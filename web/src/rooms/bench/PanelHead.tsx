import Close from '@mui/icons-material/Close';
import Box from '@mui/material/Box';
import IconButton from '@mui/material/IconButton';
import Typography from '@mui/material/Typography';
import { type ReactNode, useEffect, useRef } from 'react';

/** The heading of a panel beside the line, with the way out of it; brought into sight where it stands under the line, on a phone. */
export function PanelHead({
  close,
  onClose,
  children,
}: {
  /** What closing it is called. */
  close: string;
  onClose: () => void;
  children: ReactNode;
}) {
  const head = useRef<HTMLDivElement>(null);
  useEffect(() => {
    // newer browsers answer with a promise, which is nothing an effect may return
    void head.current?.scrollIntoView({ block: 'nearest' });
  }, []);
  return (
    <Box
      ref={head}
      sx={{
        scrollMarginBottom: '60vh',
        display: 'flex',
        alignItems: 'flex-start',
        gap: 0.5,
        mb: 0.5,
      }}
    >
      <Typography variant="h2" sx={{ flex: 1, minWidth: 0, overflowWrap: 'anywhere' }}>
        {children}
      </Typography>
      <IconButton size="small" aria-label={close} onClick={onClose}>
        <Close fontSize="small" />
      </IconButton>
    </Box>
  );
}
