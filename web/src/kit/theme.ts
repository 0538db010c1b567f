import { createTheme } from '@mui/material/styles';

const FACE = '"Atkinson Hyperlegible Next Variable", system-ui, sans-serif';

/** What is pressed: words with a line under them, strong where it is on. */
const pressed = {
  minHeight: 40,
  minWidth: 0,
  padding: '8px 8px 6px',
  fontSize: 16,
  fontWeight: 600,
  lineHeight: 'normal',
  whiteSpace: 'nowrap',
  textTransform: 'none',
  color: 'var(--touch)',
  background: 'none',
  border: 0,
  borderBottom: '2px solid transparent',
  borderRadius: 0,
  '&:hover': { background: 'none', borderBottomColor: 'var(--touch)' },
  '&.Mui-disabled': {
    color: 'var(--ink-soft)',
    opacity: 0.75,
    border: 0,
    borderBottom: '2px solid transparent',
  },
} as const;

const DAY = {
  paper: '#f4f0e7',
  mat: '#fbf8f1',
  line: '#e6dfd0',
  'line-strong': '#d3cab7',
  ink: '#20302f',
  'ink-soft': '#56625e',
  touch: '#1e6b64',
  'touch-soft': '#1e6b6426',
  mind: '#855600',
  'mind-ground': '#f7ebcb',
  stop: '#9b2d22',
  'stop-ground': '#f7ddd7',
  'note-ground': '#e3ede8',
  shadow: '#20180f',
};

const LAMP: typeof DAY = {
  paper: '#172120',
  mat: '#1c2827',
  line: '#273534',
  'line-strong': '#3a4746',
  ink: '#f0ebdf',
  'ink-soft': '#a9b5b0',
  touch: '#5fb8a6',
  'touch-soft': '#5fb8a633',
  mind: '#e8b75b',
  'mind-ground': '#3a3018',
  stop: '#f0a497',
  'stop-ground': '#43211c',
  'note-ground': '#21332f',
  shadow: '#000',
};

const palette = (of: typeof DAY, onTouch: string) => ({
  primary: { main: of.touch, contrastText: onTouch },
  background: { default: of.paper, paper: of.mat },
  text: { primary: of.ink, secondary: of['ink-soft'] },
  divider: of['line-strong'],
  error: { main: of.stop },
});

/** What is drawn takes the same colours, as `--mat`, `--ink` and so on. */
const variables = (of: typeof DAY) => Object.fromEntries(Object.entries(of).map(([k, v]) => [`--${k}`, v]));

/** Paper and ink by day, lamp light in the evening. MUI supplies behaviour, this supplies the look. */
export const theme = createTheme({
  cssVariables: { colorSchemeSelector: 'data-color-scheme' },
  colorSchemes: {
    light: { palette: palette(DAY, DAY.mat) },
    dark: { palette: palette(LAMP, LAMP.paper) },
  },
  typography: { fontFamily: FACE, fontSize: 15, button: { textTransform: 'none', fontWeight: 600 } },
  shape: { borderRadius: 3 },
  components: {
    MuiCssBaseline: {
      styleOverrides: {
        ":root, [data-color-scheme='light']": variables(DAY),
        "[data-color-scheme='dark']": variables(LAMP),
      },
    },
    MuiButtonBase: {
      defaultProps: { disableRipple: true },
      styleOverrides: {
        root: { '&:focus-visible': { outline: '3px solid var(--touch)', outlineOffset: 2 } },
      },
    },
    MuiButton: {
      defaultProps: { disableElevation: true },
      styleOverrides: {
        root: {
          minHeight: 40,
          paddingInline: 14,
          fontSize: 15,
          variants: [{ props: { variant: 'text' }, style: pressed }],
        },
      },
    },
    MuiToggleButton: {
      styleOverrides: {
        root: {
          ...pressed,
          '&.Mui-selected, &.Mui-selected:hover': {
            color: 'var(--ink)',
            background: 'none',
            borderBottomColor: 'var(--touch)',
          },
        },
      },
    },
    MuiTabs: {
      styleOverrides: { root: { minHeight: 40 }, indicator: { height: 2, background: 'var(--touch)' } },
    },
    MuiTab: {
      styleOverrides: {
        root: {
          minHeight: 40,
          minWidth: 0,
          padding: '8px 8px 6px',
          fontSize: 16,
          fontWeight: 600,
          textTransform: 'none',
          color: 'var(--touch)',
          '&.Mui-selected': { color: 'var(--ink)' },
        },
      },
    },
    MuiInputBase: { styleOverrides: { root: { fontSize: 16, fontVariantNumeric: 'tabular-nums' } } },
    MuiInput: {
      styleOverrides: {
        root: {
          fontSize: 17,
          fontWeight: 650,
          '&::before, &:hover:not(.Mui-disabled, .Mui-error)::before': {
            borderBottom: '2px solid var(--touch)',
          },
        },
        input: { height: 'auto', padding: '3px 2px', textAlign: 'right' },
      },
    },
    MuiNativeSelect: {
      styleOverrides: {
        select: {
          textAlign: 'right',
          maxWidth: 190,
          '&&': { paddingRight: 24 },
          '& option': { color: 'var(--ink)', background: 'var(--mat)' },
        },
        icon: { color: 'var(--touch)' },
      },
    },
    MuiSlider: {
      styleOverrides: {
        root: { width: 'calc(100% - 18px)', margin: '0 9px', height: 4, padding: '12px 0', borderRadius: 0 },
        rail: { opacity: 1, background: 'var(--line-strong)' },
        track: { border: 0 },
        thumb: { width: 18, height: 18, boxShadow: 'none', '&::before': { boxShadow: 'none' } },
      },
    },
    MuiTable: {
      styleOverrides: {
        root: {
          '& caption': {
            captionSide: 'top',
            padding: '8px 0',
            fontSize: 20,
            fontWeight: 650,
            color: 'var(--ink)',
          },
        },
      },
    },
    MuiTableCell: {
      styleOverrides: {
        root: {
          padding: '7px 12px 7px 0',
          fontSize: 16,
          lineHeight: 'inherit',
          color: 'var(--ink)',
          borderBottom: '1px solid var(--line)',
          verticalAlign: 'top',
          '.MuiTableCell-root + &': { paddingLeft: 16 },
        },
        head: {
          fontWeight: 400,
          color: 'var(--ink-soft)',
          borderBottomColor: 'var(--line-strong)',
          whiteSpace: 'nowrap',
          paddingBlock: 6,
        },
        body: { '&[scope=row]': { width: 220, verticalAlign: 'top', fontWeight: 650 } },
        alignRight: { fontVariantNumeric: 'tabular-nums', whiteSpace: 'nowrap', 'td&': { fontWeight: 650 } },
      },
    },
    MuiDialog: {
      styleOverrides: {
        paper: { backgroundImage: 'none', border: '1px solid var(--line-strong)', boxShadow: 'none' },
      },
    },
    MuiTooltip: { styleOverrides: { tooltip: { fontSize: 14 } } },
  },
});
