import { Box, chakra, Grid, Stack } from '@chakra-ui/react';
import {
  type Action,
  LEVELS,
  levelOf,
  lookQuestions,
  lookQuestionWords,
  type Pass,
  type RunView,
  type TroubleKind,
} from '@feverfew/contracts';
import { CircleHelp, OctagonAlert } from 'lucide-react';
import { useState } from 'react';
import { Button } from '../../../components/controls';
import { LevelPicture } from '../../../components/LevelPicture';
import { LEVEL_WORDS } from '../../../components/runWords';
import { useCatalogue } from '../../../queries/catalogueQueries';
import type { Say } from '../useSay';

const Answer = chakra('button', {
  base: {
    display: 'flex',
    gap: '12px',
    alignItems: 'center',
    textAlign: 'start',
    minHeight: '72px',
    padding: '8px 12px',
    borderRadius: 'md',
    border: '2px solid',
    borderColor: 'leaf',
    bg: 'card',
    color: 'ink',
    fontSize: '19px',
    fontWeight: 650,
    lineHeight: 1.2,
    _hover: { bg: 'leafTint' },
    _disabled: { opacity: 0.5 },
  },
  variants: {
    grave: {
      true: { borderColor: 'brick', borderStyle: 'dashed', color: 'brick', fontSize: '17px' },
      false: {},
    },
  },
});

interface LookPanelProps {
  readonly run: RunView;
  readonly pass: Pass;
  readonly action: Action;
  readonly say: Say;
}

/** A guided look: what to check, how much is left by eye, or which stop sign was seen. Large, no typing. */
export function LookPanel({ run, pass, action, say }: LookPanelProps) {
  const [seesWrong, setSeesWrong] = useState(false);
  const catalogue = useCatalogue().data;
  const kinds = run.markIds.flatMap(
    (id) => catalogue?.marks.find((mark) => mark.id === id)?.kind ?? ([] as TroubleKind[]),
  );
  const isSmell = kinds.length > 0 && kinds.every((kind) => kind === 'odour');
  const before = run.state.looks.filter((look) => look.leftPct !== null).at(-1)?.leftPct ?? null;
  if (seesWrong) return <StopSigns action={action} say={say} onBack={() => setSeesWrong(false)} />;
  const look = (leftPct: number | null) =>
    say.send({ kind: 'looked', answer: leftPct === null ? 'unsure' : null, leftPct });
  return (
    <Stack gap="10px" role="group" aria-label="What do you see?">
      <Box as="ol" paddingInlineStart="22px" fontSize="18px" listStyleType="decimal" lineHeight="1.35">
        {lookQuestions(pass, action, kinds).map((question) => (
          <li key={question}>{lookQuestionWords(question)}</li>
        ))}
      </Box>
      <Box fontSize="18px" fontWeight={650}>
        How much {isSmell ? 'of the smell' : 'of it'} is left?
        {before !== null && (
          <Box as="span" fontWeight={400} color="soft">
            {' '}
            Last time: {LEVEL_WORDS[levelOf(before).id].title.toLowerCase()}.
          </Box>
        )}
      </Box>
      <Grid templateColumns={{ base: '1fr 1fr', md: '1fr 1fr 1fr' }} gap="10px">
        {LEVELS.map((level) => (
          <Answer
            key={level.id}
            type="button"
            grave={false}
            disabled={say.pending}
            onClick={() => look(level.leftPct)}
            data-level={level.id}
          >
            <LevelPicture leftPct={level.leftPct} size={64} />
            <span>{LEVEL_WORDS[level.id].title}</span>
          </Answer>
        ))}
      </Grid>
      <Grid templateColumns={{ base: '1fr', md: '1fr 1fr' }} gap="10px">
        <Answer type="button" grave={false} disabled={say.pending} onClick={() => look(null)}>
          <CircleHelp size={28} strokeWidth={1.8} aria-hidden="true" />
          <span>Cannot tell</span>
        </Answer>
        <Answer type="button" grave disabled={say.pending} onClick={() => setSeesWrong(true)}>
          <OctagonAlert size={28} strokeWidth={1.8} aria-hidden="true" />
          <span>Something is wrong</span>
        </Answer>
      </Grid>
    </Stack>
  );
}

/** Which stop sign: one tap, and the stop rule holds at once. */
function StopSigns({ action, say, onBack }: { action: Action; say: Say; onBack: () => void }) {
  const signs = useCatalogue().data?.signs ?? [];
  const alarms = action.alarmSignIds.flatMap((id) => signs.find((sign) => sign.id === id) ?? []);
  return (
    <Stack gap="10px" role="group" aria-label="Which stop sign?">
      {alarms.map((sign) => (
        <Answer
          key={sign.id}
          type="button"
          grave
          disabled={say.pending}
          onClick={() => say.send({ kind: 'looked', answer: 'wrong', leftPct: null, signIds: [sign.id] })}
        >
          <OctagonAlert size={26} strokeWidth={1.8} aria-hidden="true" />
          <span>{sign.text}</span>
        </Answer>
      ))}
      <Answer
        type="button"
        grave
        disabled={say.pending}
        onClick={() => say.send({ kind: 'looked', answer: 'wrong', leftPct: null })}
      >
        <OctagonAlert size={26} strokeWidth={1.8} aria-hidden="true" />
        <span>Something else is wrong</span>
      </Answer>
      <Button size="tub" onClick={onBack}>
        No, all is well
      </Button>
    </Stack>
  );
}
