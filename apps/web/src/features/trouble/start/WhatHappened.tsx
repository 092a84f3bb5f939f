import { Box, chakra, Flex } from '@chakra-ui/react';
import { type Catalogue, MAX_CHARACTERS, type PieceSummary } from '@feverfew/contracts';
import { ArrowRight } from 'lucide-react';
import { useDeferredValue, useEffect, useId, useLayoutEffect, useMemo, useRef, useState } from 'react';
import { useNavigate } from 'react-router';
import { readEarlyWords, removeEarlyField } from '../../../app/early/earlyField';
import { useLexicon } from '../../../app/useLexicon';
import { Button, ChipButton } from '../../../components/controls/controls';
import { addressOf } from '../../../facts/draftAddress';
import { useCatalogue } from '../../../queries/catalogueQueries';
import { usePieces } from '../../../queries/pieceQueries';
import type { SearchHit } from '../../find/findView';
import { type Find, useFind } from '../../find/useFind';

const Field = chakra('input', {
  base: {
    flex: 1,
    minWidth: 0,
    width: '100%',
    height: '3.25rem',
    paddingInline: '3.5',
    bg: 'transparent',
    fontSize: 'large',
    color: 'ink',
    outline: 'none',
    _placeholder: { color: 'soft' },
  },
});

interface WhatHappenedProps {
  /** Words one tap away, each a beginning. */
  readonly examples?: readonly string[];
  readonly autoFocus?: boolean;
  /** Words that stand in it to begin with. */
  readonly words?: string;
  /** Its name is above it already. */
  readonly unnamed?: boolean;
  /** At the foot of a phone: the facts read are above the field. */
  readonly opensUp?: boolean;
}

const NO_PIECES: readonly PieceSummary[] = [];
const SHOWN = 4;

/** "Red wine on carpet" and Enter: the shortest way from a mishap to the first move. */
export function WhatHappened({
  examples = [],
  autoFocus = false,
  unnamed = false,
  opensUp = false,
  words: before = '',
}: WhatHappenedProps) {
  const [words, setWords] = useState(() => before || readEarlyWords().words);
  const field = useRef<HTMLInputElement>(null);
  const catalogue = useCatalogue().data;
  const own = usePieces();
  const pieces = own.data ?? NO_PIECES;
  const navigate = useNavigate();
  const find = useFind(words !== '', catalogue);
  const found = useTold(useDeferredValue(words), catalogue, pieces, find);
  const now = useTold(words, catalogue, pieces, find);
  const id = useId();
  // Sent before the words can be read: gone on with as soon as they can.
  const [isSent, setSent] = useState(false);
  // In the same turn as the page is drawn: between the two, a key would go nowhere.
  useLayoutEffect(() => {
    // Of two fields, one for a desk and one for a phone, one is not shown: it takes nothing over.
    if (!field.current?.checkVisibility?.()) return;
    // Read once more: a key may have been pressed since the page was drawn.
    const early = readEarlyWords();
    removeEarlyField();
    if (early.words !== '') setWords(early.words);
    if (early.hasFocus) field.current.focus();
    if (early.isSent) setSent(true);
  }, []);
  const { hits } = now;
  const isReady = catalogue !== undefined && !own.isPending && find !== null;
  useEffect(() => {
    if (!isSent || !isReady) return;
    setSent(false);
    const [first] = hits;
    // What only comes nearest is offered, and never opened by itself.
    if (first && !now.isNear) void navigate(toOf(first));
  }, [isSent, isReady, hits, now.isNear, navigate]);
  const isUnknown =
    words.trim() !== '' && found.hits.length === 0 && catalogue !== undefined && find !== null;
  return (
    <Flex direction={opensUp ? 'column-reverse' : 'column'}>
      <Flex
        as="form"
        align="center"
        gap="2"
        border="2px solid"
        borderColor="leaf"
        borderRadius="md"
        bg="card"
        paddingInlineEnd="1.5"
        _focusWithin={{ outline: '3px solid', outlineColor: 'water', outlineOffset: '2px' }}
        onSubmit={(event: React.FormEvent) => {
          event.preventDefault();
          setSent(true);
        }}
      >
        {!unnamed && !opensUp && (
          <chakra.label
            htmlFor={id}
            fontFamily="heading"
            fontWeight={650}
            fontSize="lead"
            paddingInlineStart="3.5"
            whiteSpace="nowrap"
          >
            What happened?
          </chakra.label>
        )}
        <Field
          ref={field}
          id={id}
          value={words}
          aria-label="What happened?"
          placeholder={opensUp ? 'What happened?' : 'red wine on carpet …'}
          autoComplete="off"
          maxLength={MAX_CHARACTERS}
          enterKeyHint="go"
          autoFocus={autoFocus}
          onChange={(event) => setWords(event.currentTarget.value)}
        />
        <Button
          type="submit"
          variant="action"
          width="2.75rem"
          paddingInline="0"
          flexShrink={0}
          aria-label="Go"
        >
          <ArrowRight size={22} aria-hidden="true" />
        </Button>
      </Flex>
      {examples.length > 0 && words === '' && (
        <Flex gap="2" wrap="wrap" paddingTop="3" role="group" aria-label="For example">
          {examples.map((example) => (
            <ChipButton
              key={example}
              size="touch"
              color="leaf"
              borderColor="leaf"
              fontWeight={600}
              onClick={() => {
                setWords(example);
                setSent(true);
              }}
            >
              {example}
            </ChipButton>
          ))}
        </Flex>
      )}
      {words.trim() !== '' && found.hits.length > 0 && (
        <Box as="ul" listStyleType="none" aria-label="Understood as" role="list" paddingTop="1">
          {found.isNear && (
            <Box as="li" color="soft" fontSize="note" role="status">
              Nothing like that; nearest:
            </Box>
          )}
          {found.hits.slice(0, SHOWN).map((hit) => (
            <li key={hit.id}>
              <Button
                variant="plain"
                width="100%"
                justifyContent="flex-start"
                fontWeight={hit.draft || hit.isDanger ? 700 : 400}
                onClick={() => void navigate(toOf(hit))}
              >
                {hit.name}
                <Box as="span" color="soft" fontWeight={400} fontSize="note">
                  {hit.draft ? '' : hit.kind}
                </Box>
              </Button>
            </li>
          ))}
        </Box>
      )}
      {words.length >= MAX_CHARACTERS && (
        <Box color="soft" paddingTop="2" role="status">
          {MAX_CHARACTERS} characters are read, no more.
        </Box>
      )}
      {isUnknown && (
        <Box color="soft" paddingTop="2" role="status">
          Nothing by that word. Try another, or what it looks like.
        </Box>
      )}
    </Flex>
  );
}

const toOf = (hit: SearchHit): string => (hit.draft ? addressOf(hit.draft) : hit.to);

type Say = ReturnType<typeof useLexicon>;

function useTold(
  words: string,
  catalogue: Catalogue | undefined,
  pieces: readonly PieceSummary[],
  find: Find | null,
) {
  const say = useLexicon();
  return useMemo(
    () => (catalogue && find ? told(words, catalogue, pieces, say, find) : { hits: [], isNear: false }),
    [words, catalogue, pieces, say, find],
  );
}

/** Possible meanings of the words, a trouble first: this is not the search. */
function told(words: string, catalogue: Catalogue, pieces: readonly PieceSummary[], say: Say, find: Find) {
  const { told: trouble, answers, nearest } = find(words, catalogue, pieces, say);
  const hits = answers.length > 0 ? answers : nearest;
  const dangers = hits.filter(({ isDanger }) => isDanger);
  return {
    hits: [
      ...dangers,
      ...(trouble ? [trouble] : []),
      ...(dangers.length > 0 ? [] : hits.filter(({ draft, isDanger }) => !draft && !isDanger)),
    ],
    isNear: answers.length === 0 && trouble === null,
  };
}
