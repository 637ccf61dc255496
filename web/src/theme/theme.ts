import { createTheme, type Theme } from '@mui/material/styles';
import type { ThemeName } from '../api/types';
import { BOOTH, DARK, LIGHT, type Tokens } from './tokens';

declare module '@mui/material/styles' {
  interface Theme {
    tokens: Tokens;
    /** Smallest side of anything pressed, px: 48, and 72 where gloves are worn. */
    target: number;
  }
  interface ThemeOptions {
    tokens?: Tokens;
    target?: number;
  }
}

const TOKENS: Record<ThemeName, Tokens> = { light: LIGHT, dark: DARK, booth: BOOTH };

export function kalopsisTheme(name: ThemeName): Theme {
  const t = TOKENS[name];
  const booth = name === 'booth';
  const target = booth ? 72 : 48;
  const rem = booth ? 1.2 : 1;
  // Two rings, so that one of them stands out whatever is behind; components bring rules of their own, so each says it.
  const ring = {
    outline: `3px solid ${t.press}`,
    outlineOffset: 2,
    boxShadow: `0 0 0 2px ${t.raised}`,
    zIndex: 2,
  };
  return createTheme({
    tokens: t,
    target,
    palette: {
      mode: name === 'light' ? 'light' : 'dark',
      primary: { main: t.press, contrastText: t.pressInk },
      warning: { main: t.lookOut },
      error: { main: t.stop },
      background: { default: t.ground, paper: t.surface },
      text: { primary: t.ink, secondary: t.inkSoft },
      divider: t.line,
    },
    shape: { borderRadius: 6 },
    typography: {
      fontFamily: '"Atkinson Hyperlegible Next Variable", system-ui, sans-serif',
      fontSize: 16 * rem,
      htmlFontSize: 16,
      h1: { fontSize: `${2.1 * rem}rem`, fontWeight: 640, lineHeight: 1.15, letterSpacing: '-0.01em' },
      h2: { fontSize: `${1.35 * rem}rem`, fontWeight: 640, lineHeight: 1.25 },
      h3: { fontSize: `${1.08 * rem}rem`, fontWeight: 640, lineHeight: 1.3 },
      body1: { fontSize: `${1.02 * rem}rem`, lineHeight: 1.5 },
      body2: { fontSize: `${0.93 * rem}rem`, lineHeight: 1.45 },
      button: { textTransform: 'none', fontWeight: 600, fontSize: `${1 * rem}rem` },
      caption: { fontSize: `${0.86 * rem}rem`, lineHeight: 1.4 },
    },
    components: {
      MuiCssBaseline: {
        styleOverrides: {
          body: { fontVariantNumeric: 'tabular-nums', backgroundColor: t.ground },
          // A sheet's paper ends where its words do.
          '@media print': { body: { backgroundColor: '#fff' } },
          '*:focus-visible': ring,
          summary: { minHeight: target, alignContent: 'center', cursor: 'pointer' },
          '@media (prefers-reduced-motion: reduce)': {
            '*': { animation: 'none !important', transition: 'none !important' },
          },
        },
      },
      MuiButtonBase: {
        defaultProps: { disableRipple: true },
        styleOverrides: { root: { '&.Mui-focusVisible, &:focus-visible': { ...ring, position: 'relative' } } },
      },
      MuiSlider: {
        styleOverrides: {
          root: { paddingBlock: (target - 4) / 2, '@media (pointer: coarse)': { paddingBlock: (target - 4) / 2 } },
          thumb: { width: 22, height: 22, '&.Mui-focusVisible': ring, '&::after': { width: target, height: target } },
        },
      },
      MuiSwitch: {
        styleOverrides: {
          switchBase: { '&.Mui-focusVisible, &:has(input:focus-visible)': { '& .MuiSwitch-thumb': ring } },
        },
      },
      MuiCheckbox: { styleOverrides: { root: { minWidth: target, minHeight: target } } },
      MuiRadio: { styleOverrides: { root: { minWidth: target, minHeight: target } } },
      MuiButton: {
        defaultProps: { disableElevation: true },
        styleOverrides: {
          root: { minHeight: target, paddingInline: 18 },
          outlined: { borderColor: t.line, color: t.ink },
        },
      },
      MuiIconButton: {
        styleOverrides: { root: { minWidth: target, minHeight: target, color: t.ink, borderRadius: 6 } },
      },
      MuiToggleButton: {
        styleOverrides: {
          root: {
            minHeight: target,
            minWidth: target,
            textTransform: 'none',
            color: t.ink,
            borderColor: t.line,
            paddingInline: 14,
            '&.Mui-selected, &.Mui-selected:hover': {
              backgroundColor: t.press,
              color: t.pressInk,
              borderColor: t.press,
            },
          },
        },
      },
      MuiPaper: { defaultProps: { elevation: 0 }, styleOverrides: { root: { backgroundImage: 'none' } } },
      MuiDialog: { styleOverrides: { paper: { backgroundColor: t.raised, border: `1px solid ${t.line}` } } },
      MuiDialogActions: { styleOverrides: { root: { padding: '12px 24px 20px' } } },
      MuiPopover: { styleOverrides: { paper: { backgroundColor: t.raised, border: `1px solid ${t.line}` } } },
      MuiMenuItem: { styleOverrides: { root: { minHeight: target, whiteSpace: 'normal' } } },
      MuiChip: { styleOverrides: { clickable: { minHeight: target } } },
      MuiFormControlLabel: { styleOverrides: { root: { minHeight: target } } },
      // Names of schools and colours are long: they wrap instead of being cut off.
      MuiSelect: { styleOverrides: { select: { whiteSpace: 'normal', lineHeight: 1.2, minHeight: 0 } } },
      MuiOutlinedInput: {
        styleOverrides: {
          root: {
            minHeight: target,
            backgroundColor: t.raised,
            '&.Mui-focused': { outline: `3px solid ${t.press}`, outlineOffset: 1 },
          },
          notchedOutline: { borderColor: t.inkSoft },
        },
      },
      MuiInputLabel: {
        styleOverrides: {
          // The ring of a focused field runs behind its label, not through it.
          root: {
            '&.MuiInputLabel-outlined.MuiInputLabel-shrink.Mui-focused': {
              backgroundColor: t.raised,
              paddingInline: 5,
              marginLeft: -5,
              borderRadius: 3,
            },
          },
        },
      },
      MuiTooltip: { defaultProps: { enterDelay: 500 } },
      MuiTableCell: {
        styleOverrides: {
          root: { borderColor: t.line, padding: '8px 10px', fontSize: `${0.95 * rem}rem` },
          head: { color: t.inkSoft, fontWeight: 600 },
        },
      },
      MuiLink: { defaultProps: { underline: 'always' } },
    },
  });
}
