import { Box, Flex, Grid, Stack } from '@chakra-ui/react';
import { LEVELS, type Look, leftOf, levelOf } from '@feverfew/contracts';
import { useState } from 'react';
import { useLexicon } from '../../../app/useLexicon';
import { Button } from '../../../components/controls/controls';
import { LevelPicture } from '../../../components/drawings/LevelPicture';
import { LEVEL_WORDS } from '../../../components/text/runWords';
import type { Say } from '../useSay';
import { LookAnswerButton } from './LookAnswerButton';

interface MarkLevelsProps {
  readonly looks: readonly Look[];
  readonly markIds: readonly string[];
  readonly say: Say;
}

/** How much of each trouble is left: one tap each, then one for all of it. null = cannot tell. */
export function MarkLevels({ looks, markIds, say }: MarkLevelsProps) {
  const words = useLexicon();
  const [told, setTold] = useState<Readonly<Record<string, number | null>>>({});
  const marks = markIds.flatMap((markId) => {
    const leftPct = told[markId];
    return leftPct === undefined ? [] : [{ markId, leftPct }];
  });
  const open = markIds.filter((id) => told[id] === undefined);
  const seenBefore = looks.some((look) => look.leftPct !== null);
  return (
    <Stack gap="3.5">
      {markIds.map((markId) => (
        <Box key={markId} role="group" aria-label={words.name(markId)}>
          <Flex fontSize="large" fontWeight={650} gap="2" marginBottom="1.5" wrap="wrap">
            <span>{words.name(markId)}: how much is left?</span>
            {seenBefore && (
              <Box as="span" fontWeight={400} color="soft">
                Last time: {LEVEL_WORDS[levelOf(leftOf(looks, markId)).id].title.toLowerCase()}.
              </Box>
            )}
          </Flex>
          <Grid templateColumns={{ base: '1fr 1fr', md: '1fr 1fr 1fr' }} gap="1.5">
            {LEVELS.map(({ id, leftPct }) => (
              <LookAnswerButton
                key={id}
                type="button"
                grave={false}
                compact
                aria-pressed={told[markId] === leftPct}
                onClick={() => setTold({ ...told, [markId]: leftPct })}
                data-level={id}
              >
                <LevelPicture leftPct={leftPct} size={44} />
                <span>{LEVEL_WORDS[id].title}</span>
              </LookAnswerButton>
            ))}
          </Grid>
          <Button
            size="tub"
            variant="plain"
            aria-pressed={told[markId] === null}
            onClick={() => setTold({ ...told, [markId]: null })}
          >
            {told[markId] === null ? 'Cannot tell: noted' : 'Cannot tell'}
          </Button>
        </Box>
      ))}
      <Button
        size="tub"
        variant="action"
        disabled={say.pending || open.length > 0}
        onClick={() => say.send({ kind: 'looked', answer: null, leftPct: null, marks })}
      >
        {open.length > 0
          ? `Still to tell: ${open.map((id) => words.name(id).toLowerCase()).join(', ')}`
          : 'That is what I see'}
      </Button>
    </Stack>
  );
}
