import { Box, Stack } from '@chakra-ui/react';
import { Link, useSearchParams } from 'react-router';
import { useLexicon } from '../../../app/useLexicon';
import { useServerNow } from '../../../clock/useServerNow';
import { addressOf } from '../../../facts/draftAddress';
import { readDraft } from '../../../facts/factsDraft';
import { marksText, pieceText } from '../../../facts/sentenceView';
import { useToday } from '../../../queries/todayQueries';
import { TroubleRow } from '../../today/TroubleRow';
import { AGAIN } from '../said/againAddress';
import { isTold } from '../useTroubleDesk';
import { WhatHappened } from './WhatHappened';

/** Words a trouble often begins with. */
const EXAMPLES = [
  'wine',
  'grease',
  'blood',
  'grass',
  'ink',
  'yellowed',
  'smell',
  'dye run',
  'wax',
  'coffee',
  'sweat',
  'rust',
] as const;

/** Before any fact is entered: one field, and unfinished work. */
export function TroubleStart() {
  const say = useLexicon();
  const draft = readDraft();
  const [params] = useSearchParams();
  const again = params.get(AGAIN) ?? '';
  return (
    <Stack gap="2.5" paddingTop={{ base: '2', md: '5' }}>
      <Box as="h2" fontSize={{ base: 'display.medium', md: 'display.large' }} aria-hidden="true">
        What happened?
      </Box>
      <Box maxWidth="42.5rem">
        <WhatHappened key={again} unnamed examples={EXAMPLES} words={again} />
      </Box>
      {isTold(draft) && (
        <Box>
          Started and not kept:{' '}
          <Link to={addressOf(draft)} style={{ textDecoration: 'underline', fontWeight: 650 }}>
            {marksText(draft.facts.markIds, say) || 'some trouble'} on {pieceText(draft.facts, say)}
          </Link>
        </Box>
      )}
      <Box as="h2" fontSize="large" paddingTop="2.5">
        Or tell it blank by blank
      </Box>
    </Stack>
  );
}

/** The plans that wait, below the open sentence. */
export function OpenPlans() {
  const say = useLexicon();
  const today = useToday();
  const nowMs = useServerNow(today.data?.now, today.dataUpdatedAt);
  const waiting = today.data?.waiting ?? [];
  if (waiting.length === 0) return null;
  return (
    <Box as="section" aria-label="Plans" paddingTop="2.5">
      <Box as="h2" fontSize="heading">
        To do
      </Box>
      <Box as="ul" listStyleType="none" maxWidth="42.5rem">
        {waiting.map((trouble) => (
          <TroubleRow
            key={trouble.id}
            trouble={trouble}
            say={say}
            to={`/trouble/${trouble.id}`}
            nowMs={nowMs}
          />
        ))}
      </Box>
    </Box>
  );
}
