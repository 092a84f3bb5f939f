import { Box, chakra, Flex } from '@chakra-ui/react';
import type { SentenceReading, TroubleFacts } from '@feverfew/contracts';
import { Link } from 'react-router';
import { useLexicon } from '../../../app/useLexicon';
import type { BlankId } from '../../../facts/sentenceView';
import { againAddress } from './againAddress';
import { type SaidPart, saidView } from './saidView';

const Stretch = chakra('button', {
  base: {
    textAlign: 'start',
    fontFamily: 'heading',
    fontSize: 'large',
    lineHeight: '1.5rem',
    minHeight: '2.75rem',
    color: 'ink',
    borderBottom: '2px solid transparent',
    _disabled: { cursor: 'default' },
  },
  variants: {
    state: {
      held: { borderBottomColor: 'leaf', fontWeight: 700 },
      changed: {
        color: 'soft',
        borderBottomStyle: 'dotted',
        borderBottomColor: 'soft',
        textDecoration: 'line-through',
      },
      unread: { color: 'soft', borderBottomStyle: 'dotted', borderBottomColor: 'soft' },
      plain: { color: 'soft', minHeight: '0' },
    },
  },
});

interface SaidWordsProps {
  readonly said: string;
  readonly reading: SentenceReading;
  readonly facts: TroubleFacts;
  readonly onBlank: (id: BlankId) => void;
}

/**
 * The sentence as it was typed: under each word what it was taken for, and one tap to change it. On a desk the line of
 * facts says the same: there it shows only where a word was not used.
 */
export function SaidWords({ said, reading, facts, onBlank }: SaidWordsProps) {
  const say = useLexicon();
  const parts = saidView(said, reading, facts, say.name);
  return (
    <Box
      as="section"
      aria-label="What we understood"
      paddingTop="1.5"
      display={{ md: parts.some(({ state }) => state === 'unread') ? 'block' : 'none' }}
    >
      <Flex wrap="wrap" columnGap="2.5" rowGap="0.5" align="flex-start">
        {parts.map((part) => (
          <Part key={part.from} part={part} onTap={() => onBlank(part.blank ?? blankFor(facts))} />
        ))}
      </Flex>
      <Box display={{ md: 'none' }}>
        <Link
          to={againAddress(said)}
          style={{ textDecoration: 'underline', fontWeight: 650, fontSize: '0.9375rem' }}
        >
          Type it again
        </Link>
      </Box>
    </Box>
  );
}

/** Words that were not understood may name the trouble, the piece or the fibre: the first that is open. */
const blankFor = ({ markIds, piece }: TroubleFacts): BlankId =>
  markIds.length === 0 ? 'mark' : piece.itemId === null ? 'piece' : 'fibres';

function Part({ part, onTap }: { readonly part: SaidPart; readonly onTap: () => void }) {
  const { text, caption, state, blank } = part;
  if (state === 'plain')
    return (
      <Box as="span" fontFamily="heading" fontSize="large" lineHeight="1.5rem" color="soft">
        {text}
      </Box>
    );
  const isOpen = blank !== null || state === 'unread';
  return (
    <Stretch
      type="button"
      state={state}
      disabled={!isOpen}
      aria-label={`${text}: ${state === 'changed' ? 'changed since' : caption}`}
      onClick={onTap}
    >
      {text}
      <Box
        as="span"
        display="block"
        fontFamily="body"
        fontSize="small"
        lineHeight="1.125rem"
        fontWeight={600}
        color={state === 'held' ? 'leaf' : 'soft'}
      >
        {state === 'changed' ? 'changed' : caption}
      </Box>
    </Stretch>
  );
}
