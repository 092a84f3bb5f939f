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
import { resultReason, resultTitle } from './resultWords';
import { StallCurve } from './StallCurve';

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
  const advice = adviceWords(decision.answer, wayOut);
  const told = run.state.looks.at(-1)?.byMark ?? [];
  const isDry = action.kind === 'finalLook';
  const { looks } = run.state;
  const passIndex = looks.at(-1)?.passIndex ?? 0;
  const curve = stallView({ looks: looksForCurve(looks, passIndex, run.plan) }, passIndex);
  const judged = decision.answer !== 'wrong' && curve.points.length > 1;
  return (
    <Stack gap="2.5" role="group" aria-label="What next?">
      {decision.answer === 'wrong' ? (
        <Notice kind="danger" word={ANSWER_WORDS.wrong}>
          <Box as="span" fontSize="large">
            {advice}
          </Box>
        </Notice>
      ) : (
        <Box>
          <Box as="h2" fontSize="display.small" lineHeight="1.2">
            {resultTitle(decision.answer, curve)}
          </Box>
          <Box fontSize="lead" paddingTop="1">
            {told.length > 1 && judged && `Of ${words.name(markToRepeat(looks, run.markIds) ?? '')}: `}
            {(judged && resultReason(curve)) || advice}
          </Box>
        </Box>
      )}
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
      {judged && <StallCurve view={curve} />}
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
    </Stack>
  );
}

type ChoiceWay = NextOption & { way: Parameters<typeof choiceWords>[0] };
const CHOICE_IDS: readonly string[] = ['continue', 'takeOut', 'wait', 'repeat', 'nextPass', 'stop'];
const isChoice = (way: NextOption): way is ChoiceWay => CHOICE_IDS.includes(way.way);
