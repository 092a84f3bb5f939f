import { Box, Flex, Stack } from '@chakra-ui/react';
import {
  ACTION_WORDS,
  DRYING_WORDS,
  type Envelope,
  type Lexicon,
  type Limit,
  MECHANICAL_ACTIONS,
  ownerWords,
  PROGRAMME_WORDS,
  PROGRAMMES,
  WETTING_WORDS,
  WETTINGS,
} from '@feverfew/contracts';
import { memo, type ReactNode } from 'react';
import { useLexicon } from '../../../app/useLexicon';
import { Chip, ChipButton } from '../../../components/controls/controls';
import { Why } from '../../../components/layout/Why';
import { Terms } from '../../../components/text/Terms';
import { useHousehold } from '../../../queries/householdQueries';
import { type ChemistryGroup, chemistryView, pHFlags, tempFlags, upTo } from './envelopeView';
import { Strip } from './Strip';

/** What the piece can stand, each limit with its owner. */
export const EnvelopePanel = memo(function EnvelopePanel({ envelope }: { envelope: Envelope }) {
  const say = useLexicon();
  const tap = useHousehold().data?.household.taps.hotC;
  return (
    <Stack as="section" gap="0.3125rem" aria-label="What it can stand">
      <Box as="h2" fontSize="body" color="soft">
        What it can stand
      </Box>
      <Strip
        name="Water"
        scale={{ from: 0, to: 95 }}
        fill={{ from: 5, to: envelope.tempC.max }}
        colour="water"
        flags={tempFlags(envelope, say)}
        format={say.temp}
        mark={tap ? { value: tap, text: `your tap ${say.temp(tap)}` } : null}
      />
      <Strip
        name="pH"
        scale={{ from: 1.5, to: 12 }}
        fill={{ from: envelope.pH.min, to: envelope.pH.max }}
        colour="leaf"
        flags={[...pHFlags(envelope, 'min', say), ...pHFlags(envelope, 'max', say)]}
        format={(value) => String(value)}
      />
      <Segments
        name="Wetting"
        steps={upTo(WETTINGS, envelope.wetting.most)}
        words={WETTING_WORDS}
        limits={envelope.wetting.limits}
        say={say}
      />
      <Segments
        name="Action"
        steps={upTo(MECHANICAL_ACTIONS, envelope.action.most)}
        words={ACTION_WORDS}
        limits={envelope.action.limits}
        say={say}
      />
      <Segments
        name="Wash"
        steps={upTo(PROGRAMMES, envelope.programme.most).slice(1)}
        words={PROGRAMME_WORDS}
        limits={envelope.programme.limits}
        say={say}
      />
      <ChemistryRows envelope={envelope} say={say} />
      <Segments
        name="Drying"
        steps={envelope.drying.map((window) => ({ id: window.way, allowed: window.allowed }))}
        words={DRYING_WORDS}
        limits={envelope.drying.flatMap((window) => window.limits)}
        say={say}
      />
    </Stack>
  );
});

function Row({ name, children }: { name: string; children: ReactNode }) {
  return (
    <Flex gap="2.5" alignItems="flex-start">
      <Box width="4.875rem" flexShrink={0} fontSize="note" paddingTop="3px">
        {name}
      </Box>
      <Flex flex="1" gap="0.3125rem" wrap="wrap" alignItems="center">
        {children}
      </Flex>
    </Flex>
  );
}

function Segments({
  name,
  steps,
  words,
  limits,
  say,
}: {
  name: string;
  steps: readonly { id: string; allowed: boolean }[];
  words: Readonly<Record<string, string>>;
  limits: readonly Limit[];
  say: Lexicon;
}) {
  const owners = [...new Set(limits.map((limit) => ownerWords(limit.owner, say)))];
  return (
    <Row name={name}>
      {steps.map(({ id, allowed }) =>
        allowed ? (
          <Chip key={id} state="allowed">
            {words[id]}
          </Chip>
        ) : (
          <Why
            key={id}
            label={`Why no ${words[id]}?`}
            title={`No ${words[id]}`}
            sourceIds={[...new Set(limits.flatMap((limit) => limit.sourceIds))]}
            trigger={<ChipButton state="forbidden">✕ {words[id]}</ChipButton>}
          >
            Set by {owners.slice(0, 4).join('; ')}.
          </Why>
        ),
      )}
    </Row>
  );
}

function ChemistryRows({ envelope, say }: { envelope: Envelope; say: Lexicon }) {
  const view = chemistryView(envelope, say);
  const group = (state: 'test' | 'forbidden', word: string) => (entry: ChemistryGroup) => (
    <Why
      key={word + entry.owner}
      label={`Why ${word} ${entry.names.join(', ')}?`}
      title={`${word}: ${entry.names.join(', ')}`}
      sourceIds={entry.sourceIds}
      trigger={
        <ChipButton state={state} paddingBlock="3px">
          {word} {entry.names.join(', ')} — {entry.owner}
        </ChipButton>
      }
    >
      Set by {entry.owner}.
    </Why>
  );
  return (
    <Row name="Chemistry">
      {view.allowed.length > 0 && (
        <Box fontSize="small" width="100%">
          <Terms>{`✓ ${view.allowed.join(', ')}`}</Terms>
        </Box>
      )}
      {view.limited.map(group('test', 'for a limited time:'))}
      {view.test.map(group('test', 'test first:'))}
      {view.never.map(group('forbidden', 'no'))}
    </Row>
  );
}
