import { Box, Flex } from '@chakra-ui/react';
import type { HeapPiece } from '@feverfew/contracts';
import { useLexicon } from '../../../app/useLexicon';

/** Our own signs in 1.6 px line on 20 × 20, each with its word. */
const SIGNS = {
  oxygen: {
    line: 'M7 12.5a3 3 0 1 0 .01 0M13 14a2.4 2.4 0 1 0 .01 0M12 4.5a2.6 2.6 0 1 0 .01 0',
    word: 'oxygen bleach may go in',
  },
  noOxygen: { line: 'M7 12.5a3 3 0 1 0 .01 0M12 4.5a2.6 2.6 0 1 0 .01 0M3 17L17 3', word: 'no bleach' },
  givesLint: {
    line: 'M4 11a4 4 0 0 1 3-6 4 4 0 0 1 7 1 3 3 0 0 1 1 6H5M7 15v2M10 14v3M13 15v2',
    word: 'sheds lint',
  },
  takesLint: { line: 'M10 2v7M7 6.5l3 3 3-3M3 11c1 5 13 5 14 0', word: 'takes lint' },
  bleeds: { line: 'M3 4h14M6 4v5M10 4v9M14 4v6M6 13v.1M10 17v.1M14 14v.1', word: 'runs' },
  slow: { line: 'M4 15A7 7 0 1 1 16 15M16 15v-4M16 15h-4', word: 'slow spin' },
  flat: { line: 'M3 8h14M3 13h14', word: 'laid flat' },
  air: { line: 'M3 7c2-3 4 3 6 0s4 3 6 0M3 13c2-3 4 3 6 0s4 3 6 0', word: 'solvent: aired first' },
} as const;
export type SignId = keyof typeof SIGNS;
export const SIGN_WORDS: readonly (readonly [SignId, string])[] = (Object.keys(SIGNS) as SignId[]).map(
  (id) => [id, SIGNS[id].word],
);

export function WashSign({ of }: { of: SignId }) {
  const { line, word } = SIGNS[of];
  return (
    <Box as="span" title={word} color={of === 'noOxygen' || of === 'bleeds' ? 'brick' : 'ink'} lineHeight="0">
      <svg
        width="20"
        height="20"
        viewBox="0 0 20 20"
        fill="none"
        stroke="currentColor"
        strokeWidth="1.6"
        strokeLinecap="round"
        strokeLinejoin="round"
        strokeDasharray={of === 'noOxygen' ? '3 2.5' : undefined}
        role="img"
        aria-label={word}
      >
        <path d={line} />
      </svg>
    </Box>
  );
}

/** The signs a piece carries, the most telling first. */
export function signsOf(piece: HeapPiece): SignId[] {
  return [
    ...(piece.solvent === 'none' ? [] : (['air'] as const)),
    ...(piece.bleeds ? (['bleeds'] as const) : []),
    ...(piece.lint === 'gives'
      ? (['givesLint'] as const)
      : piece.lint === 'takes'
        ? (['takesLint'] as const)
        : []),
    ...(piece.flat ? (['flat'] as const) : piece.slow ? (['slow'] as const) : []),
    ...(piece.oxygen === 'may' ? (['oxygen'] as const) : (['noOxygen'] as const)),
  ];
}

/** No hotter than, and at most two signs more. */
export function PieceSigns({ piece }: { piece: HeapPiece }) {
  const say = useLexicon();
  const degrees = piece.maxC && say.temp(piece.maxC.value).replace(/[^\d]/g, '');
  return (
    <Flex align="center" gap="3px" flexShrink={0}>
      {degrees && (
        <Box
          as="span"
          color="water"
          fontWeight={700}
          fontSize="caption"
          display="inline-flex"
          alignItems="center"
          gap="1px"
          title="no hotter than"
        >
          <svg
            width="11"
            height="15"
            viewBox="0 0 11 15"
            fill="none"
            stroke="currentColor"
            strokeWidth="1.6"
            role="img"
            aria-label="no hotter than"
          >
            <path d="M5.5 1.5C8 5 9.5 7 9.5 9.5a4 4 0 0 1-8 0C1.5 7 3 5 5.5 1.5Z" />
          </svg>
          {degrees}
        </Box>
      )}
      {piece.maxC &&
        signsOf(piece)
          .slice(0, 2)
          .map((id) => <WashSign key={id} of={id} />)}
    </Flex>
  );
}

/** Every sign with its word. */
export function SignWords() {
  return (
    <Flex as="ul" listStyleType="none" gap="0.375rem 1.125rem" wrap="wrap" fontSize="note" paddingBlock="1.5">
      <li>
        <Box as="span" color="water" fontWeight={700}>
          60
        </Box>{' '}
        no hotter than
      </li>
      {SIGN_WORDS.map(([id, word]) => (
        <Flex as="li" key={id} gap="1.5" align="center">
          <WashSign of={id} />
          {word}
        </Flex>
      ))}
    </Flex>
  );
}
