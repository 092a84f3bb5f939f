import { Box, chakra, Flex } from '@chakra-ui/react';
import type { Catalogue, PieceSummary } from '@feverfew/contracts';
import { lowerFirst, upperFirst } from '@feverfew/contracts';
import { ChevronDown } from 'lucide-react';
import { Fragment, memo, type ReactNode, useEffect, useRef, useState } from 'react';
import { useLexicon } from '../app/useLexicon';
import { Button } from '../components/controls/controls';
import { Blank } from './Blank';
import { BlankPicker } from './BlankPicker';
import type { Draft } from './factsDraft';
import { type BlankId, type BlankView, isCoded, sentenceView } from './sentenceView';

interface FactSentenceProps {
  readonly draft: Draft;
  readonly catalogue: Catalogue;
  readonly pieces: readonly PieceSummary[];
  readonly errors: Readonly<Record<string, string>>;
  /** A line of the facts until it is tapped: a title with tags on a desk, two lines on a phone. */
  readonly isFolded: boolean;
  /** The typed words are shown above: on a phone the two lines are left out. */
  readonly isSaid?: boolean;
  /** A blank to open; a new object each time it is asked for. */
  readonly opens?: { readonly id: BlankId } | null;
  /** At the end of the line, on a desk. */
  readonly after?: ReactNode;
  /** Below the whole sentence, on a desk. */
  readonly whenOpen?: ReactNode;
  readonly onChange: (draft: Draft) => void;
}

/**
 * The facts as a sentence; each blank opens a picker, and choosing moves on to the next blank. As a line on a desk it
 * reads the same: the words between are heard, not seen.
 */
export const FactSentence = memo(function FactSentence({
  draft,
  catalogue,
  pieces,
  errors,
  isFolded,
  isSaid = false,
  opens = null,
  after,
  whenOpen,
  onChange,
}: FactSentenceProps) {
  const say = useLexicon();
  const [openId, setOpenId] = useState<BlankId | null>(null);
  const [unfolded, setUnfolded] = useState(false);
  const folded = isFolded && !unfolded && Object.keys(errors).length === 0;
  const coded = isCoded(draft.facts, catalogue);
  const isShort = isFolded && !unfolded;
  const parts = sentenceView(draft.facts, coded, say, !isShort);
  const whole = sentenceView(draft.facts, coded, say);
  const next = useRef<BlankId | null>(null);
  const done = (id: BlankId) => {
    const blanks = parts.flatMap((part) => (typeof part === 'string' ? [] : part.id));
    next.current = blanks[blanks.indexOf(id) + 1] ?? null;
    setOpenId(null);
  };
  useEffect(() => {
    if (!opens) return;
    setUnfolded(true);
    setOpenId(opens.id);
  }, [opens]);
  // Moves on at once when a picker closes: a later focus would close the picker a quick hand opens meanwhile.
  useEffect(() => {
    if (openId !== null || next.current === null) return;
    document.querySelector<HTMLElement>(`[data-blank="${next.current}"]`)?.focus();
    next.current = null;
  }, [openId]);
  return (
    <>
      {folded && !isSaid && <Folded parts={parts} onOpen={() => setUnfolded(true)} />}
      <Box
        as="p"
        display={{ base: folded ? 'none' : 'block', md: 'block' }}
        fontFamily="heading"
        fontSize={{ base: 'subhead', md: 'heading' }}
        lineHeight={{ base: '2.75rem', md: isShort ? '2.75rem' : '2.25rem' }}
        aria-label="The facts"
      >
        {parts.map((part, index) =>
          typeof part === 'string' ? (
            <Box
              as="span"
              // biome-ignore lint/suspicious/noArrayIndexKey: words of a fixed sentence, no identity of their own
              key={`w${index}`}
              css={isShort && !SEEN.includes(part) ? HEARD_ON_A_DESK : undefined}
            >
              {part}
            </Box>
          ) : (
            <Blank
              key={part.id}
              view={isShort ? inLine(part) : part}
              look={isShort ? (TITLE.includes(part.id) ? 'title' : 'tag') : 'word'}
              error={errorOf(part, errors)}
              open={openId === part.id}
              onOpen={(open) => setOpenId(open ? part.id : null)}
            >
              <BlankPicker
                id={part.id}
                draft={draft}
                catalogue={catalogue}
                pieces={pieces}
                error={errorOf(part, errors)}
                onChange={onChange}
                onDone={() => done(part.id)}
              />
            </Blank>
          ),
        )}
        {isShort && parts.length < whole.length && (
          <MoreFacts type="button" onClick={() => setUnfolded(true)}>
            more
          </MoreFacts>
        )}
        {isShort && after && (
          <Box as="span" display={{ base: 'none', md: 'inline' }} fontFamily="body" marginInlineStart="2">
            {after}
          </Box>
        )}
      </Box>
      {isFolded && unfolded && (
        <Flex gap="4" align="center">
          <Button variant="plain" paddingInline="0" size="small" onClick={() => setUnfolded(false)}>
            Hide details
          </Button>
          <Box display={{ base: 'none', md: 'block' }} fontSize="note">
            {whenOpen}
          </Box>
        </Flex>
      )}
    </>
  );
});

/** The title of the line: the trouble, on the piece, on the part of it. */
const TITLE: readonly BlankId[] = ['mark', 'piece', 'part'];
const SEEN = [' on ', ', on the '];
/** A fact as it is in the line: what is open is asked for. */
function inLine(view: BlankView): BlankView {
  const isOpen = !view.given && !TITLE.includes(view.id);
  return isOpen ? { ...view, text: `${lowerFirst(view.name)}?`, full: view.full ?? view.text } : view;
}

/** Out of sight from the width of a desk on. */
const HEARD_ON_A_DESK = {
  md: {
    position: 'absolute',
    width: '1px',
    height: '1px',
    overflow: 'hidden',
    clipPath: 'inset(50%)',
    whiteSpace: 'nowrap',
  },
} as const;

const MoreFacts = chakra('button', {
  base: {
    fontFamily: 'body',
    fontSize: 'note',
    color: 'soft',
    minWidth: '2.75rem',
    marginInlineStart: '1.5',
    textDecoration: 'underline dotted',
  },
});

const TwoLines = chakra('button', {
  base: {
    display: { base: 'flex', md: 'none' },
    alignItems: 'center',
    gap: '2',
    width: '100%',
    minHeight: '3.875rem',
    textAlign: 'start',
    fontFamily: 'heading',
    fontSize: 'subhead',
    lineHeight: '1.75rem',
  },
});

/** "Beetroot on the damask cloth, since …" as one target. */
function Folded({ parts, onOpen }: { parts: ReturnType<typeof sentenceView>; onOpen: () => void }) {
  return (
    <TwoLines type="button" aria-expanded={false} aria-label="Change the facts" onClick={onOpen}>
      <Box as="span" flex="1" lineClamp={2}>
        {parts.slice(1).map((part, index) =>
          typeof part === 'string' ? (
            // biome-ignore lint/suspicious/noArrayIndexKey: words of a fixed sentence, no identity of their own
            <Fragment key={`w${index}`}>{part}</Fragment>
          ) : (
            <Box
              as="span"
              key={part.id}
              color={part.given ? 'leaf' : 'soft'}
              fontWeight={part.given ? 700 : 400}
              display="inline"
            >
              {index === 0 ? upperFirst(part.text) : part.text}
            </Box>
          ),
        )}
      </Box>
      <Box as="span" color="leaf" flexShrink={0} aria-hidden="true">
        <ChevronDown size={22} strokeWidth={1.8} />
      </Box>
    </TwoLines>
  );
}

function errorOf(view: BlankView, errors: Readonly<Record<string, string>>): string | null {
  const hit = Object.entries(errors).find(([path]) =>
    view.paths.some(
      (own) =>
        path === own ||
        path.startsWith(`${own}.`) ||
        path === `facts.${own}` ||
        path.startsWith(`facts.${own}.`),
    ),
  );
  return hit?.[1] ?? null;
}
