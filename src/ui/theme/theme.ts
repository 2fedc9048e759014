'use client';
/** MUI under the workshop's tokens: no shadows, small radii, borders of inputs at 3:1. */
import { createTheme } from '@mui/material/styles';

export const theme = createTheme({
  cssVariables: true,
  palette: {
    primary: { main: '#0B5D66', dark: '#08464D', contrastText: '#FFFFFF' },
    warning: { main: '#D9962B', contrastText: '#1B2422' },
    error: { main: '#B23A2E' },
    success: { main: '#4C7A3A' },
    background: { default: '#EEF0EC', paper: '#FBFCFA' },
    text: { primary: '#1B2422', secondary: '#44504C' },
    divider: '#C6CEC6',
  },
  shape: { borderRadius: 5 },
  typography: { fontFamily: 'var(--font), sans-serif', fontSize: 14, body1: { fontSize: 14 }, body2: { fontSize: 13 }, button: { textTransform: 'none', fontWeight: 600 } },
  transitions: { create: () => 'none' },
  components: {
    MuiButton: { defaultProps: { disableElevation: true, disableRipple: true }, styleOverrides: { root: { minHeight: 34, lineHeight: 1.25 }, outlined: { borderColor: '#586460', color: '#1B2422', backgroundColor: '#FBFCFA' } } },
    MuiButtonBase: { defaultProps: { disableRipple: true }, styleOverrides: { root: { '&.Mui-focusVisible': { outline: '3px solid #1B2422', outlineOffset: 2, boxShadow: '0 0 0 2px #FBFCFA' } } } },
    MuiInputBase: { styleOverrides: { root: { fontSize: 14 } } },
    MuiMenuItem: { styleOverrides: { root: { fontSize: 14 } } },
    MuiOutlinedInput: { styleOverrides: { root: { backgroundColor: '#FBFCFA' }, notchedOutline: { borderColor: '#586460', '& legend': { fontSize: 12 } }, input: { padding: '7px 10px' } } },
    MuiInputLabel: { styleOverrides: { root: { color: '#44504C', fontSize: 14, '&.MuiInputLabel-shrink': { fontSize: 16 } } } },
    MuiSelect: { styleOverrides: { select: { padding: '7px 32px 7px 10px' } } },
    MuiToggleButton: { styleOverrides: { root: { borderColor: '#586460', color: '#1B2422', padding: '4px 12px', minHeight: 34, lineHeight: 1.2, '&.Mui-selected': { backgroundColor: '#0B5D66', color: '#fff' }, '&.Mui-selected:hover': { backgroundColor: '#08464D' } } } },
    MuiPaper: { styleOverrides: { root: { boxShadow: 'none', border: '1px solid #C6CEC6' } } },
    MuiDialog: { styleOverrides: { paper: { borderRadius: 2 } } },
    MuiCheckbox: { styleOverrides: { root: { padding: 4, color: '#586460' } } },
    MuiIconButton: { styleOverrides: { root: { color: '#1B2422' } } },
  },
});
