import { chakra } from '@chakra-ui/react';

/** A strip of sewn linen: what is written on a thing itself, its tag above all. */
export const Tape = chakra('div', {
  base: {
    bg: 'tape',
    borderBlock: '2px dashed',
    borderColor: 'stitch',
    paddingBlock: '1.5',
    paddingInline: { base: '3', md: '4' },
  },
});
