'use client';
/** MUI under the workshop's tokens: no shadows, small radii, borders of inputs at 3:1. */
import { createTheme } from '@mui/material/styles';
import { rem } from '../tokens/rem';

/** A width given as a number grows with the browser's text, like the words that must fit in it. */
const grows = {
  transform: (width: unknown): string | number =>
    typeof width === 'number' && width > 1 ? rem(width) : (width as string),
};

export const theme = createTheme({
  unstable_sxConfig: { width: grows, minWidth: grows },
  cssVariables: { colorSchemeSelector: '[data-theme="%s"]' },
  // The palette MUI computes from; everything drawn by hand takes the tokens of pellucid.css.
  colorSchemes: {
    light: {
      palette: {
        primary: { main: '#0B5D66', dark: '#08464D', contrastText: '#FFFFFF' },
        warning: { main: '#D9962B', contrastText: '#1B2422' },
        error: { main: '#B23A2E' },
        success: { main: '#4C7A3A' },
        background: { default: '#EEF0EC', paper: '#FBFCFA' },
        text: { primary: '#1B2422', secondary: '#44504C' },
        divider: '#C6CEC6',
      },
    },
    dark: {
      palette: {
        primary: { main: '#62BAC3', dark: '#93D6DC', contrastText: '#05262A' },
        warning: { main: '#DFA548', contrastText: '#141A19' },
        error: { main: '#E37F72' },
        success: { main: '#86B673' },
        background: { default: '#141A19', paper: '#1C2423' },
        text: { primary: '#E8EEEA', secondary: '#BBC6C0' },
        divider: '#3C4945',
      },
    },
  },
  shape: { borderRadius: 5 },
  typography: {
    fontFamily: 'var(--font), sans-serif',
    fontSize: 14,
    body1: { fontSize: rem(14) },
    body2: { fontSize: rem(13) },
    button: { textTransform: 'none', fontWeight: 600 },
  },
  transitions: { create: () => 'none' },
  components: {
    MuiButton: {
      defaultProps: { disableElevation: true, disableRipple: true },
      styleOverrides: {
        root: { minHeight: rem(34), lineHeight: 1.25 },
        outlined: { borderColor: 'var(--ink-3)', color: 'var(--ink)', backgroundColor: 'var(--panel)' },
      },
    },
    MuiButtonBase: {
      defaultProps: { disableRipple: true },
      styleOverrides: {
        root: {
          '&.Mui-focusVisible': {
            outline: '3px solid var(--ink)',
            outlineOffset: 2,
            boxShadow: '0 0 0 2px var(--panel)',
          },
        },
      },
    },
    MuiInputBase: { styleOverrides: { root: { fontSize: rem(14) } } },
    MuiMenuItem: { styleOverrides: { root: { fontSize: rem(14) } } },
    MuiOutlinedInput: {
      styleOverrides: {
        root: { backgroundColor: 'var(--panel)' },
        notchedOutline: { borderColor: 'var(--ink-3)', '& legend': { fontSize: rem(12) } },
        input: { padding: '7px 10px' },
      },
    },
    MuiInputLabel: {
      styleOverrides: {
        root: { color: 'var(--ink-2)', fontSize: rem(14), '&.MuiInputLabel-shrink': { fontSize: rem(16) } },
      },
    },
    MuiSelect: { styleOverrides: { select: { padding: '7px 32px 7px 10px' } } },
    MuiToggleButton: {
      styleOverrides: {
        root: {
          borderColor: 'var(--ink-3)',
          color: 'var(--ink)',
          padding: '4px 12px',
          minHeight: rem(34),
          lineHeight: 1.2,
          '&.Mui-selected': { backgroundColor: 'var(--lagoon)', color: 'var(--on-lagoon)' },
          '&.Mui-selected:hover': { backgroundColor: 'var(--lagoon-deep)' },
        },
      },
    },
    MuiToggleButtonGroup: {
      // One that wraps begins a row of its own: it has its left edge too.
      styleOverrides: {
        middleButton: { borderLeft: '1px solid var(--ink-3)' },
        lastButton: { borderLeft: '1px solid var(--ink-3)' },
      },
    },
    MuiPaper: {
      styleOverrides: {
        root: { boxShadow: 'none', backgroundImage: 'none', border: '1px solid var(--line)' },
      },
    },
    MuiAccordion: {
      defaultProps: {
        disableGutters: true,
        square: true,
        slotProps: { transition: { timeout: 0 }, region: { role: 'presentation' } },
      },
      styleOverrides: { root: { borderRadius: 2, '&::before': { display: 'none' } } },
    },
    MuiAccordionSummary: {
      styleOverrides: {
        root: { minHeight: rem(46), padding: '0 16px', fontFamily: 'inherit', width: '100%' },
        content: {
          margin: '10px 0',
          fontSize: rem(15),
          fontWeight: 650,
          alignItems: 'baseline',
          gap: 10,
          minWidth: 0,
          flexWrap: 'wrap',
          '& small': { fontSize: rem(13), fontWeight: 400, color: 'var(--ink-2)' },
        },
        expandIconWrapper: { color: 'var(--ink-2)' },
      },
    },
    MuiAccordionDetails: { styleOverrides: { root: { padding: '0 16px 14px' } } },
    MuiAlert: {
      styleOverrides: {
        root: { color: 'var(--ink)', backgroundColor: 'transparent', border: 0 },
        icon: { padding: 0, margin: 0, opacity: 1, alignItems: 'flex-start' },
        message: { padding: 0, minWidth: 0 },
      },
    },
    MuiTableCell: { styleOverrides: { root: { color: 'inherit', lineHeight: 'inherit', letterSpacing: 0 } } },
    MuiSkeleton: { styleOverrides: { root: { backgroundColor: 'var(--well)' } } },
    MuiDialog: { styleOverrides: { paper: { borderRadius: 2 } } },
    MuiCheckbox: { styleOverrides: { root: { padding: 4, color: 'var(--ink-3)' } } },
    MuiIconButton: { styleOverrides: { root: { color: 'var(--ink)' } } },
  },
});
