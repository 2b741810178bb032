'use client';

import Box from '@mui/material/Box';
import { type ReactNode, useEffect, useRef } from 'react';
import { PanelHead } from './PanelHead';

/** A form about a dip beside its line, which stays in sight: Escape leaves it, and the hand comes back to where it was. */
export function SidePanel({
  label,
  onClose,
  children,
}: {
  label: string;
  onClose: () => void;
  children: ReactNode;
}) {
  const panel = useRef<HTMLDivElement>(null);
  useEffect(() => {
    const before = document.activeElement;
    const own = panel.current;
    own?.focus({ preventScroll: true });
    return () => {
      const inside =
        document.activeElement === document.body || own?.contains(document.activeElement);
      if (inside && before instanceof HTMLElement && before.isConnected) before.focus();
    };
  }, []);
  return (
    <Box
      component="section"
      ref={panel}
      data-side-panel
      tabIndex={-1}
      aria-label={label}
      onKeyDown={(event) => event.key === 'Escape' && onClose()}
      sx={{ outline: 'none', minWidth: 0 }}
    >
      <PanelHead
        close={`Leave ${label.charAt(0).toLowerCase()}${label.slice(1)}`}
        onClose={onClose}
      >
        {label}
      </PanelHead>
      {children}
    </Box>
  );
}
