'use client';

import { createTheme } from '@mui/material/styles';
import { tokens } from './tokens';

type Tokens = { [K in keyof (typeof tokens)['light']]: string };

declare module '@mui/material/styles' {
  interface Palette {
    cobbet: Tokens;
  }
  interface PaletteOptions {
    cobbet?: Tokens;
  }
}

const palette = (mode: 'light' | 'dark') => {
  const colours = tokens[mode];
  return {
    mode,
    primary: { main: colours.accent, dark: colours.accentPressed, contrastText: colours.onAccent },
    error: { main: colours.caution },
    background: { default: colours.paper, paper: colours.paper },
    text: { primary: colours.ink, secondary: colours.muted },
    divider: colours.line,
    cobbet: colours,
  };
};

const textFace = "Figures, 'Atkinson Hyperlegible Next Variable', sans-serif";
export const headingFace = "'Bricolage Grotesque Variable', sans-serif";

/** Around what has the keys. */
const focusLine = '2px solid var(--mui-palette-cobbet-accent)';

export const theme = createTheme({
  cssVariables: { colorSchemeSelector: 'data-theme' },
  colorSchemes: { light: { palette: palette('light') }, dark: { palette: palette('dark') } },
  shape: { borderRadius: 6 },
  typography: {
    fontFamily: textFace,
    fontSize: 14,
    h1: { fontFamily: headingFace, fontSize: '1.85rem', fontWeight: 650, lineHeight: 1.15 },
    h2: { fontFamily: headingFace, fontSize: '1.15rem', fontWeight: 650, lineHeight: 1.25 },
    h3: { fontFamily: headingFace, fontSize: '1rem', fontWeight: 650, lineHeight: 1.3 },
    button: { textTransform: 'none', fontWeight: 600 },
  },
  components: {
    MuiButtonBase: {
      defaultProps: { disableRipple: true },
      // its own style takes the page's outline away, and without a ripple nothing would show where the keys are
      styleOverrides: {
        root: { '&.Mui-focusVisible, &:focus-visible': { outline: focusLine, outlineOffset: -2 } },
      },
    },
    MuiButton: {
      defaultProps: { disableElevation: true },
      styleOverrides: {
        contained: {
          // on a fill of the same colour a line inside would not be seen
          '&.Mui-focusVisible, &:focus-visible': { outlineOffset: 2 },
          '@media (forced-colors: active)': { border: '1px solid ButtonText' },
        },
      },
    },
    // a menu that grows moves under the finger that taps it
    MuiMenu: { defaultProps: { transitionDuration: 0 } },
    MuiToggleButton: {
      styleOverrides: {
        root: {
          color: 'var(--mui-palette-text-secondary)',
          '&.Mui-selected, &.Mui-selected:hover': {
            color: 'var(--mui-palette-text-primary)',
            backgroundColor: 'var(--mui-palette-cobbet-accentWash)',
          },
        },
      },
    },
    MuiCssBaseline: {
      styleOverrides: {
        ':focus-visible': {
          outline: focusLine,
          outlineOffset: 2,
        },
        '@media (prefers-reduced-motion: reduce)': {
          '*, *::before, *::after': {
            // none, and not very short ones: those run one after the other down the page, and leave colours of the other theme behind
            transition: 'none !important',
            animation: 'none !important',
          },
        },
        // a system’s own colours take fills away: what is chosen and what is pressed is told by edges
        '@media (forced-colors: active)': {
          // twice, so that it outweighs the style of the button it is on
          '[aria-pressed="true"][aria-pressed], [aria-selected="true"][aria-selected], [aria-checked="true"][aria-checked], [aria-current][aria-current]:not([aria-current="false"])':
            { outline: '2px solid Highlight', outlineOffset: -2 },
        },
        '@media print': { body: { background: '#fff' } },
      },
    },
  },
});
