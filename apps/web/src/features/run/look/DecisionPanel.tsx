import { Box, Stack } from '@chakra-ui/react';
import {
  type Action,
  levelOf,
  looksForCurve,
  markToRepeat,
  type NextOption,
  nextOptions,
  type Pass,
  type RunView,
  stallView,
} from '@feverfew/contracts';
import { lazy, Suspense } from 'react';
import { useLexicon } from '../../../app/useLexicon';
import { Button } from '../../../components/controls/controls';
import { Notice } from '../../../components/notices/Notice';
import {
  ANSWER_WORDS,
  adviceWords,
  choiceWords,
  LEVEL_WORDS,
  wayOutOf,
} from '../../../components/text/runWords';
import type { Say } from '../useSay';
import { wayLine } from './nextOptionView';
import { stallWords } from './stallWords';

/** The chart comes when there is something to draw. */
const StallCurve = lazy(() => import('./StallCurve').then((file) => ({ default: file.StallCurve })));

interface DecisionPanelProps {
  readonly run: RunView;
  readonly pass: Pass;
  readonly action: Action;
  readonly say: Say;
}

/** What the answer opens, each way with its cost, time and odds; the recommended one first and filled. */
export function DecisionPanel({ run, pass, action, say }: DecisionPanelProps) {
  const words = useLexicon();
  const { decision } = run.state;
  if (!decision) return null;
  const ways = nextOptions(run.state, run.plan, run.prices).filter(isChoice);
  const restKinds = pass.actions.slice(run.state.actionIndex).map((one) => one.kind);
  const wayOut = wayOutOf(pass);
  const told = run.state.looks.at(-1)?.byMark ?? [];
  const isDry = action.kind === 'finalLook';
  const { looks } = run.state;
  const passIndex = looks.at(-1)?.passIndex ?? 0;
  const curve = stallView({ looks: looksForCurve(looks, passIndex, run.plan) }, passIndex);
  const judged = decision.answer !== 'wrong' && curve.points.length > 1;
  return (
    <Stack gap="2.5" role="group" aria-label="What next?">
      <Notice
        kind={decision.answer === 'wrong' ? 'danger' : decision.answer === 'gone' ? 'good' : 'note'}
        word={ANSWER_WORDS[decision.answer]}
      >
        <Box as="span" fontSize="large">
          {adviceWords(decision.answer, wayOut)}
        </Box>
      </Notice>
      {told.length > 1 && (
        <Box as="ul" paddingInlineStart="4.5" listStyleType="disc" fontSize="lead">
          {told.map(({ markId, leftPct, answer }) => (
            <li key={markId}>
              {words.name(markId)}: {LEVEL_WORDS[levelOf(leftPct).id].title.toLowerCase()}
              {answer === 'gone' ? '' : `, ${ANSWER_WORDS[answer].toLowerCase()}`}
            </li>
          ))}
        </Box>
      )}
      {judged && (
        <Box fontSize="lead">
          {told.length > 1 && `Of ${words.name(markToRepeat(looks, run.markIds) ?? '')}: `}
          {stallWords(curve)}
        </Box>
      )}
      {ways.map((way, index) => (
        <Button
          key={way.way}
          size="tub"
          variant={way.way === 'stop' && index > 0 ? 'danger' : index === 0 ? 'action' : 'outline'}
          disabled={say.pending}
          flexDirection="column"
          gap="0.5"
          paddingBlock="2"
          onClick={() => say.send({ kind: 'decided', choice: way.way })}
        >
          <span>
            {choiceWords(way.way, action, restKinds, wayOut)}
            {(way.way === 'nextPass' || (way.way === 'repeat' && isDry)) && way.methodId
              ? `: ${words.name(way.methodId)}`
              : ''}
          </span>
          {wayLine(way, run.prices.money) && (
            <Box as="span" fontSize="note" fontWeight={400}>
              {wayLine(way, run.prices.money)}
            </Box>
          )}
        </Button>
      ))}
      {judged && (
        <Suspense fallback={null}>
          <StallCurve view={curve} />
        </Suspense>
      )}
    </Stack>
  );
}

type ChoiceWay = NextOption & { way: Parameters<typeof choiceWords>[0] };
const CHOICE_IDS: readonly string[] = ['continue', 'takeOut', 'wait', 'repeat', 'nextPass', 'stop'];
const isChoice = (way: NextOption): way is ChoiceWay => CHOICE_IDS.includes(way.way);
