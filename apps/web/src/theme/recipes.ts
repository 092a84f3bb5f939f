import { defineRecipe } from '@chakra-ui/react';

const button = defineRecipe({
  className: 'ff-button',
  base: {
    display: 'inline-flex',
    alignItems: 'center',
    justifyContent: 'center',
    gap: '2',
    fontWeight: 600,
    borderRadius: 'md',
    border: '1.5px solid transparent',
    minHeight: '2.75rem',
    paddingInline: '4',
    lineHeight: 1.2,
    textAlign: 'center',
    _disabled: { opacity: 0.55, cursor: 'not-allowed' },
  },
  variants: {
    variant: {
      action: { bg: 'leaf', color: 'onLeaf', _hover: { filter: 'brightness(1.08)' } },
      outline: { borderColor: 'leaf', color: 'leaf', bg: 'card', _hover: { bg: 'leafTint' } },
      plain: {
        color: 'leaf',
        bg: 'transparent',
        paddingInline: '2',
        _hover: { textDecoration: 'underline' },
      },
      danger: {
        bg: 'card',
        color: 'brick',
        border: '1.5px dashed',
        borderColor: 'brick',
        _hover: { bg: 'brickTint' },
      },
    },
    size: {
      small: { minHeight: { base: '2.75rem', md: '2rem' }, paddingInline: '2.5', fontSize: 'small' },
      medium: { fontSize: 'body' },
      large: { minHeight: '3.25rem', fontSize: 'large', paddingInline: '5.5' },
      tub: { minHeight: '4rem', fontSize: 'heading', width: '100%' },
    },
  },
  defaultVariants: { variant: 'outline', size: 'medium' },
});

const input = defineRecipe({
  className: 'ff-input',
  base: {
    width: '100%',
    bg: 'card',
    color: 'ink',
    border: '1.5px solid',
    borderColor: 'soft',
    borderRadius: 'sm',
    minHeight: '2.75rem',
    fontSize: 'body',
    paddingInline: '2.5',
    _invalid: { borderColor: 'brick', borderStyle: 'dashed' },
    _placeholder: { color: 'soft' },
  },
});

/** An underlined blank in the sentence of facts. */
const blank = defineRecipe({
  className: 'ff-blank',
  base: {
    display: 'inline',
    fontWeight: 700,
    fontFamily: 'heading',
    textAlign: 'start',
    textDecorationLine: 'underline',
    textDecorationStyle: 'dotted',
    textDecorationThickness: '2px',
    textUnderlineOffset: '6px',
    paddingInline: '1px',
    lineHeight: 1.5,
    background: 'none',
    _hover: { bg: 'leafTint' },
  },
  variants: {
    state: {
      told: { color: 'leaf' },
      open: { color: 'soft', fontWeight: 500, fontStyle: 'italic' },
      wrong: { color: 'brick', textDecorationStyle: 'dashed' },
    },
    /** In the line of facts on a desk: trouble and piece are its title, the rest are tags of it. */
    look: {
      word: {},
      title: {
        md: {
          color: 'ink',
          fontSize: 'title',
          textDecorationColor: 'transparent',
          _hover: { textDecorationColor: 'soft' },
          '&[data-blank=mark]': { display: 'inline-block', _firstLetter: { textTransform: 'uppercase' } },
        },
      },
      tag: {
        md: {
          display: 'inline-block',
          fontFamily: 'body',
          fontSize: 'body',
          fontStyle: 'normal',
          fontWeight: 650,
          lineHeight: '2rem',
          textDecorationLine: 'none',
          border: '1.5px solid',
          borderColor: 'edge',
          borderRadius: 'full',
          paddingInline: '2.5',
          marginInlineStart: '2',
        },
      },
    },
  },
  compoundVariants: [
    { look: 'tag', state: 'open', css: { md: { borderStyle: 'dotted', color: 'ink' } } },
    { look: 'tag', state: 'wrong', css: { md: { borderStyle: 'dashed', borderColor: 'brick' } } },
  ],
  defaultVariants: { state: 'open', look: 'word' },
});

/** Allowed = solid, forbidden = dashed and a word, unknown = dotted. */
const chip = defineRecipe({
  className: 'ff-chip',
  base: {
    display: 'inline-flex',
    alignItems: 'center',
    gap: '0.3125rem',
    minHeight: '1.75rem',
    paddingInline: '0.5625rem',
    borderRadius: 'sm',
    border: '1.5px solid',
    fontSize: 'small',
    lineHeight: 1.2,
    textAlign: 'start',
  },
  variants: {
    state: {
      allowed: { bg: 'leaf', borderColor: 'leaf', color: 'onLeaf' },
      plain: { bg: 'card', borderColor: 'line', color: 'ink' },
      chosen: { bg: 'leafTint', borderColor: 'leaf', color: 'ink', fontWeight: 650 },
      test: { bg: 'card', borderColor: 'water', borderStyle: 'dotted', color: 'water' },
      forbidden: { bg: 'card', borderColor: 'brick', borderStyle: 'dashed', color: 'brick' },
    },
    size: { small: {}, touch: { minHeight: '2.75rem', paddingInline: '3', fontSize: 'body' } },
    /** Something to tap, not only to read: as large as a thumb on a phone. */
    tapped: { true: {}, false: {} },
  },
  compoundVariants: [{ size: 'small', tapped: true, css: { minHeight: { base: '2.75rem', md: '1.75rem' } } }],
  defaultVariants: { state: 'plain', size: 'small', tapped: false },
});

/** A quiet block for cautions, notes and errors, each with its own edge shape. */
const notice = defineRecipe({
  className: 'ff-notice',
  base: {
    borderRadius: 'sm',
    paddingBlock: '2.5',
    paddingInline: '3.5',
    borderInlineStart: '5px solid',
    fontSize: 'note',
  },
  variants: {
    kind: {
      note: { bg: 'waterTint', borderColor: 'water' },
      warning: { bg: 'discTint', borderColor: 'disc' },
      danger: {
        bg: 'brickTint',
        borderColor: 'brick',
        borderInlineStartStyle: 'double',
        borderInlineStartWidth: '8px',
      },
      good: { bg: 'leafTint', borderColor: 'leaf' },
    },
  },
  defaultVariants: { kind: 'note' },
});

export const recipes = { button, input, blank, chip, notice };
