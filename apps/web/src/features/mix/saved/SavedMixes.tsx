import { Box, Flex, Stack } from '@chakra-ui/react';
import { findingWords, type SavedMix } from '@feverfew/contracts';
import { useState } from 'react';
import { useLexicon } from '../../../app/useLexicon';
import { Button } from '../../../components/controls/controls';
import { Empty, Failed, Loading } from '../../../components/notices/States';
import { useMay } from '../../../queries/deviceQueries';
import { useDropMix, useKeepMix, useSavedMixes } from '../../../queries/mixQueries';
import { EMPTY_MIX_DRAFT, type MixDraft } from '../../../recipe/mixDraft';
import { pHText, strengthText } from '../table/mixView';

/** Saved mixes, judged by the current household. */
export function SavedMixes({ onOpen }: { onOpen: (draft: MixDraft) => void }) {
  const saved = useSavedMixes();
  const drop = useDropMix();
  const keep = useKeepMix();
  const [gone, setGone] = useState<SavedMix | null>(null);
  return (
    <Box as="section" aria-label="On the shelf">
      <Box as="h2" fontSize="heading" marginBottom="1.5">
        On the shelf
      </Box>
      {saved.isPending && <Loading what="the shelf" />}
      {saved.isError && <Failed error={saved.error} onRetry={() => void saved.refetch()} />}
      {saved.data?.length === 0 && <Empty>Nothing kept yet. Name a mix and put it on the shelf.</Empty>}
      <Stack gap="0" as="ul" listStyleType="none">
        {saved.data?.map((one) => (
          <SavedMixRow
            key={one.id}
            saved={one}
            onOpen={onOpen}
            onDrop={() => drop.mutate(one.id, { onSuccess: () => setGone(one) })}
          />
        ))}
      </Stack>
      {gone && (
        <Flex role="status" gap="2" alignItems="center">
          “{gone.name}” is off the shelf.
          <Button
            variant="plain"
            onClick={() =>
              keep.mutate({ name: gone.name, mix: gone.mix }, { onSuccess: () => setGone(null) })
            }
          >
            Put it back
          </Button>
        </Flex>
      )}
    </Box>
  );
}

function SavedMixRow({
  saved,
  onOpen,
  onDrop,
}: {
  saved: SavedMix;
  onOpen: (draft: MixDraft) => void;
  onDrop: () => void;
}) {
  const say = useLexicon();
  const may = useMay('all');
  const { name, mix, verdict } = saved;
  const refused = verdict.refused[0];
  const { on: _on, ...poured } = mix;
  return (
    <Flex as="li" gap="2.5" alignItems="center" borderBottom="1px solid" borderColor="line" paddingBlock="2">
      <Box flex="1" minWidth="0">
        <Box fontWeight={650}>{name}</Box>
        {refused ? (
          <Box color="brick" fontSize="small">
            ⚠ {findingWords(refused, say)}
          </Box>
        ) : (
          <Box color="soft" fontSize="small">
            {verdict.bath?.pours.map((pour) => `${say.name(pour.agentId)} ${strengthText(pour)}`).join(', ')}
            {verdict.bath?.pH ? ` · ${pHText(verdict.bath.pH).split(',')[0]}` : ''}
          </Box>
        )}
      </Box>
      <Button onClick={() => onOpen({ ...EMPTY_MIX_DRAFT, ...poured, name })}>Use this mix</Button>
      {may && (
        <Button variant="plain" aria-label={`Take ${name} off the shelf`} onClick={onDrop}>
          ✕
        </Button>
      )}
    </Flex>
  );
}
