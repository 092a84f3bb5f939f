import { Box, Stack } from '@chakra-ui/react';
import { type AtOnce, banWords, effectRange, firstHand, type Plan } from '@feverfew/contracts';
import { useState } from 'react';
import { useLexicon, useMeasures } from '../../../app/useLexicon';
import { Slate, SlateVerb, SlateWord } from '../../../components/Slate';
import { verbDrawing } from '../../../components/VerbDrawing';
import { emptyTitle } from '../passView';
import { minutesText } from './planTimes';
import { recipeText } from './stepView';

interface PlanSlateProps {
  readonly plan: Plan | undefined;
  /** While little is told: what holds for every answer still open. */
  readonly first: AtOnce | null;
}

/** What the hand does now: the first seconds, else the first step, else whom to take it to. */
export function PlanSlate({ plan, first }: PlanSlateProps) {
  const say = useLexicon();
  const measures = useMeasures();
  const [why, setWhy] = useState(false);
  const atOnce = first ?? plan?.atOnce;
  if (!atOnce) return null;
  const bans = atOnce.donts.map(banWords);
  const reasons = plan && plan.verdict.length > 0 ? plan.verdict : [];
  const door =
    reasons.length + atOnce.donts.length > 0 ? (
      <SlateWord type="button" aria-expanded={why} aria-label="Why this first" onClick={() => setWhy(!why)}>
        Why
      </SlateWord>
    ) : undefined;
  const below = why && (
    <Stack gap="4px" paddingTop="10px" fontSize="16px" color="slateText">
      {reasons.map(({ courseId, is, cause, causeActions }) => (
        <Box key={courseId}>
          <strong>{is}</strong> {[cause, ...causeActions].join(' ')}
        </Box>
      ))}
      {atOnce.donts.map((dont) => (
        <Box key={dont} color="slateSoft">
          {dont}
        </Box>
      ))}
    </Stack>
  );
  const hand = firstHand(atOnce);
  if (hand && atOnce.actions.length > 0) {
    const sentences = atOnce.actions.map(({ text }) => text);
    const main =
      atOnce.actions.find(({ verbs }) => firstHand({ actions: [{ text: '', verbs }] })) ?? atOnce.actions[0];
    const guard = sentences.slice(0, sentences.indexOf(main?.text ?? ''));
    const loud = first !== null;
    const [verb, rest] = loud ? [upper(hand), [main?.text ?? '']] : firstSentence(main?.text ?? '');
    return (
      <Slate
        name="At once"
        label={`At once${loud ? '' : `, ${minutesText(Math.max(1, atOnce.handsOnMin))}`}`}
        aside={
          atOnce.gone && atOnce.gone.all.high >= LEAST_SAID
            ? `${effectRange(atOnce.gone.all)} gone by it`
            : undefined
        }
        why={door}
        verb={<SlateVerb size={loud ? 'loud' : verb.length > SHORT ? 'lines' : 'verb'}>{verb}</SlateVerb>}
        lines={[...guard, ...rest, ...sentences.slice(sentences.indexOf(main?.text ?? '') + 1)].filter(
          (line) => line !== '',
        )}
        bans={bans.slice(0, loud ? MOST_BANS : MOST_BANS)}
        drawing={verbDrawing(main?.verbs ?? [])}
        loud={loud}
      >
        {below}
      </Slate>
    );
  }
  const [round] = plan?.rounds ?? [];
  const [step] = round?.passes ?? [];
  if (!plan || (plan.facts.piece.itemId === null && !step))
    return atOnce.donts.length > 0 ? (
      <Slate
        name="At once"
        label="At once"
        verb={<SlateVerb>Nothing is urgent. Leave it as it is</SlateVerb>}
        bans={bans.slice(0, MOST_BANS)}
        why={door}
      >
        {below}
      </Slate>
    ) : null;
  if (!step)
    return (
      <Slate
        name="Not at home"
        label="Not at home"
        verb={<SlateVerb>{emptyTitle(plan)}</SlateVerb>}
        bans={bans.slice(0, MOST_BANS)}
        why={door}
      >
        {below}
      </Slate>
    );
  const recipe = recipeText(step.actions, say, measures);
  return (
    <Slate
      name="First"
      label={`First, ${minutesText(step.handsOnMin)}`}
      aside="nothing is urgent"
      why={door}
      verb={
        <SlateVerb size={say.name(step.methodId).length > SHORT ? 'lines' : 'verb'}>
          {say.name(step.methodId)}
        </SlateVerb>
      }
      lines={recipe ? [upper(`${recipe}.`)] : []}
      bans={bans.slice(0, MOST_BANS)}
    >
      {below}
    </Slate>
  );
}

const MOST_BANS = 4;
/** A verb longer than this is set a size smaller, letters. */
const SHORT = 60;
/** A share gone by the first seconds worth saying. */
const LEAST_SAID = 0.15;

const upper = (words: string): string => words.charAt(0).toUpperCase() + words.slice(1);

/** What is read large, and what follows it. */
function firstSentence(text: string): [string, string[]] {
  const end = text.search(/[.;:] /);
  if (end < 0 || text.length <= SHORT) return [text.replace(/\.$/, ''), []];
  return [text.slice(0, end), [upper(text.slice(end + 2))]];
}
