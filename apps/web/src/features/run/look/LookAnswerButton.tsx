import { chakra } from '@chakra-ui/react';

/** A large answer to a look. */
export const LookAnswerButton = chakra('button', {
  base: {
    display: 'flex',
    gap: '3',
    alignItems: 'center',
    textAlign: 'start',
    minHeight: '4.5rem',
    padding: '0.5rem 0.75rem',
    borderRadius: 'md',
    border: '2px solid',
    borderColor: 'leaf',
    bg: 'card',
    color: 'ink',
    fontSize: 'subhead',
    fontWeight: 650,
    lineHeight: 1.2,
    _hover: { bg: 'leafTint' },
    _disabled: { opacity: 0.5 },
    _pressed: { bg: 'discTint', borderColor: 'ink', _hover: { bg: 'discTint' } },
  },
  variants: {
    grave: {
      true: { borderColor: 'brick', borderStyle: 'dashed', color: 'brick', fontSize: 'lead' },
      false: {},
    },
    /** One of many on the screen. */
    compact: { true: { minHeight: '3.25rem', padding: '0.25rem 0.625rem', fontSize: 'lead' }, false: {} },
  },
});
