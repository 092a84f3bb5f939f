import { Box } from '@chakra-ui/react';
import type { Catalogue, PieceSummary } from '@feverfew/contracts';
import { Fragment, memo, useEffect, useRef, useState } from 'react';
import { useLexicon } from '../app/useLexicon';
import { Blank } from './Blank';
import { BlankPicker } from './BlankPicker';
import type { Draft } from './factsDraft';
import { type BlankId, type BlankView, isCoded, sentenceView } from './sentenceView';

interface FactSentenceProps {
  readonly draft: Draft;
  readonly catalogue: Catalogue;
  readonly pieces: readonly PieceSummary[];
  readonly errors: Readonly<Record<string, string>>;
  readonly onChange: (draft: Draft) => void;
}

/** The facts as a sentence; each blank opens a picker, and choosing moves on to the next blank. */
export const FactSentence = memo(function FactSentence({
  draft,
  catalogue,
  pieces,
  errors,
  onChange,
}: FactSentenceProps) {
  const say = useLexicon();
  const [openId, setOpenId] = useState<BlankId | null>(null);
  const coded = isCoded(draft.facts, catalogue);
  const parts = sentenceView(draft.facts, coded, say);
  const next = useRef<BlankId | null>(null);
  const done = (id: BlankId) => {
    const blanks = parts.flatMap((part) => (typeof part === 'string' ? [] : part.id));
    next.current = blanks[blanks.indexOf(id) + 1] ?? null;
    setOpenId(null);
  };
  // Moves on at once when a picker closes: a later focus would close the picker a quick hand opens meanwhile.
  useEffect(() => {
    if (openId !== null || next.current === null) return;
    document.querySelector<HTMLElement>(`[data-blank="${next.current}"]`)?.focus();
    next.current = null;
  }, [openId]);
  return (
    <Box
      as="p"
      fontFamily="heading"
      fontSize={{ base: '19px', xl: '21px' }}
      lineHeight="1.6"
      aria-label="The facts"
    >
      {parts.map((part, index) =>
        typeof part === 'string' ? (
          // biome-ignore lint/suspicious/noArrayIndexKey: words of a fixed sentence, no identity of their own
          <Fragment key={`w${index}`}>{part}</Fragment>
        ) : (
          <Blank
            key={part.id}
            view={part}
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
    </Box>
  );
});

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
