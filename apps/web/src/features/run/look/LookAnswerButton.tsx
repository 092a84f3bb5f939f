import { chakra } from '@chakra-ui/react';

/** A large answer to a look. */
export const LookAnswerButton = chakra('button', {
  base: {
    display: 'flex',
    gap: '12px',
    alignItems: 'center',
    textAlign: 'start',
    minHeight: '72px',
    padding: '8px 12px',
    borderRadius: 'md',
    border: '2px solid',
    borderColor: 'leaf',
    bg: 'card',
    color: 'ink',
    fontSize: '19px',
    fontWeight: 650,
    lineHeight: 1.2,
    _hover: { bg: 'leafTint' },
    _disabled: { opacity: 0.5 },
    _pressed: { bg: 'discTint', borderColor: 'ink', _hover: { bg: 'discTint' } },
  },
  variants: {
    grave: {
      true: { borderColor: 'brick', borderStyle: 'dashed', color: 'brick', fontSize: '17px' },
      false: {},
    },
    /** One of many on the screen. */
    compact: { true: { minHeight: '52px', padding: '4px 10px', fontSize: '17px' }, false: {} },
  },
});
