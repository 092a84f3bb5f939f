import { createSystem, defaultBaseConfig, defineConfig } from '@chakra-ui/react';
import { NARROW, PHONE } from './media';
import { slotRecipes } from './slotRecipes';

/** [light, dark] of the look: paper, ink, leaf, disc yellow, brick, water. */
const COLOURS = {
  paper: ['#f6f5ee', '#141b17'],
  card: ['#fffefb', '#1c2520'],
  ink: ['#1e2a24', '#e9efe8'],
  soft: ['#56645b', '#a9b6ad'],
  line: ['#d9dacd', '#37443c'],
  track: ['#e4e4da', '#2b3730'],
  leaf: ['#2c6648', '#7cc29a'],
  leafTint: ['#e3eee4', '#22382c'],
  onLeaf: ['#fffefb', '#10201a'],
  disc: ['#e7b91e', '#f0cb57'],
  discTint: ['#fbf0cd', '#3a3318'],
  brick: ['#a23b1d', '#f0a07f'],
  brickTint: ['#fbe9e2', '#3d241b'],
  onBrick: ['#fffefb', '#2a120a'],
  water: ['#2a6a8c', '#8cc3de'],
  waterTint: ['#e2eef4', '#1c333f'],
  /** Sewn linen, and its stitches. */
  tape: ['#f2ead6', '#332e21'],
  stitch: ['#b09c68', '#8a7a50'],
  /** Line on light cloth. */
  clothLine: ['#1e2a24', '#56645b'],
  /** Outline of what can be tapped. */
  edge: ['#7b887f', '#7f8d84'],
  /** Line on the yellow of a warning sign. */
  warningLine: ['#1e2a24', '#3a3318'],
  /** The one dark panel a screen, that says what the hand does now; light where all else is dark. */
  slate: ['#1e2a24', '#e9efe8'],
  slateText: ['#fffefb', '#141b17'],
  slateSoft: ['#b9c6bc', '#46544b'],
  slateLabel: ['#f0cb57', '#6a5200'],
  slateNo: ['#f3aa8c', '#8f3216'],
  slateWater: ['#8cc3de', '#2a6a8c'],
  slateAction: ['#8fd0ab', '#2c6648'],
  onSlateAction: ['#10201a', '#fffefb'],
} as const;

const semanticColours = Object.fromEntries(
  Object.entries(COLOURS).map(([name, [light, dark]]) => [name, { value: { _light: light, _dark: dark } }]),
);

/** Steps of an eighth of a rem, named by fours of a rem: `2` is 0.5rem, 8 px at the usual text size. */
const SPACING = Object.fromEntries(
  Array.from({ length: 24 }, (_, at) => [`${(at + 1) / 2}`, { value: `${(at + 1) / 8}rem` }]),
);

/** Text by its part on the page, in rem: it grows with the text size of the browser. */
const FONT_SIZES = {
  fine: { value: '0.75rem' },
  caption: { value: '0.8125rem' },
  small: { value: '0.875rem' },
  note: { value: '0.9375rem' },
  body: { value: '1rem' },
  lead: { value: '1.0625rem' },
  large: { value: '1.125rem' },
  subhead: { value: '1.1875rem' },
  heading: { value: '1.25rem' },
  title: { value: '1.375rem' },
  display: {
    small: { value: '1.6875rem' },
    medium: { value: '1.9375rem' },
    large: { value: '2.25rem' },
    huge: { value: '3rem' },
  },
};

const config = defineConfig({
  cssVarsPrefix: 'ff',
  preflight: true,
  theme: {
    breakpoints: { sm: '30em', md: '48em', lg: '68.75em', xl: '80em' },
    tokens: {
      fonts: {
        heading: { value: "'Bitter Variable', Georgia, serif" },
        body: { value: "'Atkinson Hyperlegible Next Variable', system-ui, sans-serif" },
      },
      fontSizes: FONT_SIZES,
      spacing: SPACING,
      radii: { sm: { value: '6px' }, md: { value: '8px' }, full: { value: '999px' } },
    },
    semanticTokens: { colors: semanticColours },
    keyframes: { appear: { from: { opacity: '0' }, to: { opacity: '1' } } },
    slotRecipes,
  },
  globalCss: {
    html: { fontSize: '100%' },
    'html, body': { bg: 'paper', color: 'ink', fontFamily: 'body', lineHeight: 1.45 },
    body: { fontSize: 'body', fontVariantNumeric: 'tabular-nums', minHeight: '100dvh' },
    'h1, h2, h3': { fontFamily: 'heading', fontWeight: 650, lineHeight: 1.25 },
    'button, [role=button], summary': { cursor: 'pointer' },
    '[data-print=hide]': { '@media print': { display: 'none !important' } },
    '[data-print=only]': { display: 'none', '@media print': { display: 'block !important', color: '#000' } },
    'body[data-printing=sheet] #root': { '@media print': { display: 'none' } },
    '[tabindex="-1"]:focus': { outline: 'none' },
    '*, *::before, *::after': {
      // No transition at all: even a short one on every element hands a change of colour down one level a frame.
      _motionReduce: { animationDuration: '0.01ms !important', transition: 'none !important' },
    },
    // Every tap target is as large as a thumb on a phone.
    'button, select, textarea, summary, input:not([type=checkbox], [type=radio]), a[class]': {
      // In px: a thumb does not grow with the text.
      [PHONE]: { minHeight: '44px', minWidth: '44px !important' },
    },
    // Text twice as large on a phone: words break rather than run out of the window.
    'main *': {
      [NARROW]: {
        minWidth: '0 !important',
        flexShrink: '1 !important',
        whiteSpace: 'normal !important',
        overflowWrap: 'anywhere',
      },
    },
    // A link in running text keeps its line and is only touched more easily.
    'a:not([class])': { [PHONE]: { paddingBlock: '3', paddingInline: '1.5', marginInline: '-0.375rem' } },
    '[data-blank]': {
      [PHONE]: {
        paddingBlock: '0.6875rem !important',
        paddingInline: '0.4375rem !important',
        marginInline: '-0.375rem !important',
      },
    },
    '*:focus-visible': {
      outline: '3px solid',
      outlineColor: 'water',
      outlineOffset: '2px',
      borderRadius: 'sm',
    },
  },
});

export const system = createSystem(defaultBaseConfig, config);
