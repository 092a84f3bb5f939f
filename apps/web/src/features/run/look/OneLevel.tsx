import { Box, Grid } from '@chakra-ui/react';
import { LEVELS, leftOf, levelOf, type RunView } from '@feverfew/contracts';
import { CircleHelp } from 'lucide-react';
import { useLexicon } from '../../../app/useLexicon';
import { LevelPicture } from '../../../components/drawings/LevelPicture';
import { LEVEL_WORDS } from '../../../components/text/runWords';
import type { Say } from '../useSay';
import { LookAnswerButton } from './LookAnswerButton';

interface OneLevelProps {
  readonly run: RunView;
  readonly markId: string;
  readonly isSmell: boolean;
  readonly say: Say;
}

/** How much of one trouble is left: one tap on a picture. */
export function OneLevel({ run, markId, isSmell, say }: OneLevelProps) {
  const words = useLexicon();
  const { looks } = run.state;
  const isOneOfSeveral = run.markIds.length > 1;
  const before = looks.some((look) => look.leftPct !== null) ? leftOf(looks, markId) : null;
  const look = (leftPct: number | null) =>
    say.send(
      isOneOfSeveral
        ? { kind: 'looked', answer: null, leftPct: null, marks: [{ markId, leftPct }] }
        : { kind: 'looked', answer: leftPct === null ? 'unsure' : null, leftPct },
    );
  const what = isOneOfSeveral
    ? `of the ${words.name(markId).toLowerCase()}`
    : isSmell
      ? 'of the smell'
      : 'of it';
  return (
    <>
      <Box fontSize="large" fontWeight={650}>
        How much {what} is left?
        {before !== null && (
          <Box as="span" fontWeight={400} color="soft">
            {' '}
            Last time: {LEVEL_WORDS[levelOf(before).id].title.toLowerCase()}.
          </Box>
        )}
      </Box>
      <Grid templateColumns={{ base: '1fr 1fr', md: '1fr 1fr 1fr' }} gap="2.5">
        {LEVELS.map((level) => (
          <LookAnswerButton
            key={level.id}
            type="button"
            grave={false}
            disabled={say.pending}
            onClick={() => look(level.leftPct)}
            data-level={level.id}
          >
            <LevelPicture leftPct={level.leftPct} size={64} />
            <span>{LEVEL_WORDS[level.id].title}</span>
          </LookAnswerButton>
        ))}
      </Grid>
      <LookAnswerButton type="button" grave={false} disabled={say.pending} onClick={() => look(null)}>
        <CircleHelp size={28} strokeWidth={1.8} aria-hidden="true" />
        <span>Cannot tell</span>
      </LookAnswerButton>
    </>
  );
}
