import { type Catalogue, type PieceSummary, readSentence } from '@feverfew/contracts';
import { useMemo, useState } from 'react';
import type { Draft } from '../../../facts/factsDraft';
import type { BlankId } from '../../../facts/sentenceView';
import { DoubtQuestion } from './DoubtQuestion';
import { SaidWords } from './SaidWords';
import { WhatIsOnIt } from './WhatIsOnIt';

interface SaidProps {
  readonly said: string;
  readonly draft: Draft;
  readonly catalogue: Catalogue;
  readonly pieces: readonly PieceSummary[];
  readonly onChange: (draft: Draft) => void;
  readonly onBlank: (id: BlankId) => void;
}

/** What was typed and how it was understood, and the first thing that could be meant in two ways. */
export function Said({ said, draft, catalogue, pieces, onChange, onBlank }: SaidProps) {
  const reading = useMemo(() => readSentence(said, catalogue, pieces), [said, catalogue, pieces]);
  const [answered, setAnswered] = useState<readonly string[]>([]);
  const doubt = reading.doubts.find(({ kind }) => !answered.includes(kind) && draft.pieceId === null);
  return (
    <>
      <SaidWords said={said} reading={reading} facts={draft.facts} onBlank={onBlank} />
      {draft.facts.markIds.length === 0 && (
        <WhatIsOnIt
          catalogue={catalogue}
          words={reading.unread.map(({ text }) => text).join(' ')}
          onMark={(markId) => onChange({ ...draft, facts: { ...draft.facts, markIds: [markId] } })}
          onElse={() => onBlank('mark')}
        />
      )}
      {doubt && (
        <DoubtQuestion
          doubt={doubt}
          draft={draft}
          catalogue={catalogue}
          pieces={pieces}
          onAnswer={(next) => {
            setAnswered([...answered, doubt.kind]);
            if (next) onChange(next);
          }}
        />
      )}
    </>
  );
}
