import { type CSSVariablesResolver, createTheme, type MantineColorsTuple } from '@mantine/core';

/** "Do this next": the green of kelp under water. */
const kelp: MantineColorsTuple = [
  '#e6f4ef',
  '#cfe7dd',
  '#a3d2c0',
  '#72bba0',
  '#4aa584',
  '#2c8d6c',
  '#12705a',
  '#0d5d4a',
  '#094a3b',
  '#05372b',
];
/** "Stop": rust, used only from a limit on. */
const rust: MantineColorsTuple = [
  '#fdece7',
  '#f8d5ca',
  '#f0ab98',
  '#e87f64',
  '#e15d3b',
  '#c8472a',
  '#ac3419',
  '#8c2812',
  '#6d1e0d',
  '#4f1407',
];

export const text = "'Atkinson Hyperlegible Next Variable', system-ui, sans-serif";
export const display = "'Bricolage Grotesque Variable', 'Atkinson Hyperlegible Next Variable', system-ui, sans-serif";

export const theme = createTheme({
  primaryColor: 'kelp',
  primaryShade: 6,
  colors: { kelp, rust },
  fontFamily: text,
  headings: { fontFamily: display, fontWeight: '650' },
  fontSizes: { xs: '0.78rem', sm: '0.875rem', md: '1rem', lg: '1.2rem', xl: '1.6rem' },
  spacing: { xs: '0.4rem', sm: '0.65rem', md: '1rem', lg: '1.5rem', xl: '2.25rem' },
  defaultRadius: 2,
  radius: { xs: '1px', sm: '2px', md: '3px', lg: '5px', xl: '8px' },
  cursorType: 'pointer',
  respectReducedMotion: true,
  autoContrast: true,
  components: {
    Anchor: { defaultProps: { underline: 'always' } },
    InputWrapper: { defaultProps: { labelProps: { fw: 500 } } },
    Tooltip: { defaultProps: { openDelay: 300, withArrow: true } },
    Button: { defaultProps: { size: 'sm' } },
  },
});

/** Paper and ink by day, a dim garage by night. */
export const variables: CSSVariablesResolver = () => ({
  variables: {},
  light: {
    '--paper': '#f5f2ea',
    '--paper-sunk': '#eae5d8',
    '--paper-raised': '#fffdf6',
    '--ink': '#1b2830',
    '--ink-soft': '#55626a',
    '--rule': '#1b2830',
    '--rule-soft': '#c9c2b0',
    '--next': '#0d5d4a',
    '--next-wash': '#d3e8df',
    '--stop': '#a02f15',
    '--metal': '#fffdf6',
    '--mantine-color-body': '#f5f2ea',
    '--mantine-color-text': '#1b2830',
    '--mantine-color-dimmed': '#55626a',
    '--mantine-color-error': '#a02f15',
    '--mantine-color-placeholder': '#6b7379',
    '--mantine-color-default': '#fffdf6',
    '--mantine-color-default-border': '#b5ad9a',
  },
  dark: {
    '--paper': '#14181a',
    '--paper-sunk': '#1c2224',
    '--paper-raised': '#22292c',
    '--ink': '#ece4d2',
    '--ink-soft': '#a9a696',
    '--rule': '#d8cfb9',
    '--rule-soft': '#3f474a',
    '--next': '#72c9ac',
    '--next-wash': '#1f3d35',
    '--stop': '#ff9277',
    '--metal': '#2b3437',
    '--mantine-color-kelp-light': '#1f3d35',
    '--mantine-color-kelp-light-hover': '#28493f',
    '--mantine-color-kelp-light-color': '#bfe8d9',
    '--mantine-color-body': '#14181a',
    '--mantine-color-text': '#ece4d2',
    '--mantine-color-dimmed': '#a9a696',
    '--mantine-color-error': '#ff9277',
    '--mantine-color-placeholder': '#918f82',
    '--mantine-color-default': '#22292c',
    '--mantine-color-default-border': '#50585b',
  },
});
