import { createTheme } from '@mui/material/styles';

const FACE = '"Atkinson Hyperlegible Next Variable", system-ui, sans-serif';

/** Paper and ink by day, lamp light in the evening. MUI supplies behaviour, this supplies the look. */
export const theme = createTheme({
  cssVariables: { colorSchemeSelector: 'data-color-scheme' },
  colorSchemes: {
    light: {
      palette: {
        primary: { main: '#1E6B64', contrastText: '#FBF8F1' },
        background: { default: '#F4F0E7', paper: '#FBF8F1' },
        text: { primary: '#20302F', secondary: '#56625E' },
        divider: '#D3CAB7',
        error: { main: '#9B2D22' },
      },
    },
    dark: {
      palette: {
        primary: { main: '#5FB8A6', contrastText: '#172120' },
        background: { default: '#172120', paper: '#1E2A29' },
        text: { primary: '#F0EBDF', secondary: '#A9B5B0' },
        divider: '#3A4746',
        error: { main: '#F0A497' },
      },
    },
  },
  typography: { fontFamily: FACE, fontSize: 15, button: { textTransform: 'none', fontWeight: 600 } },
  shape: { borderRadius: 3 },
  components: {
    MuiButtonBase: { defaultProps: { disableRipple: true } },
    MuiButton: {
      defaultProps: { disableElevation: true },
      styleOverrides: { root: { minHeight: 40, paddingInline: 14, fontSize: 15 } },
    },
    MuiInputBase: { styleOverrides: { root: { fontSize: 16, fontVariantNumeric: 'tabular-nums' } } },
    MuiDialog: {
      styleOverrides: {
        paper: { backgroundImage: 'none', border: '1px solid var(--line-strong)', boxShadow: 'none' },
      },
    },
    MuiTooltip: { styleOverrides: { tooltip: { fontSize: 14 } } },
  },
});
