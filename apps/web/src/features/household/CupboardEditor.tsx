import { Box, Flex, Stack } from '@chakra-ui/react';
import type { Catalogue } from '@feverfew/contracts';
import { useState } from 'react';
import { useFieldArray } from 'react-hook-form';
import { Button, ChipButton } from '../../components/controls/controls';
import { useSettingsForm } from './fields';
import { StrengthField } from './StrengthField';

/** The agents stand in the order a house is likely to have them: the others on tap. */
const FIRST = 12;

/** What is in the house; strength only where it matters. */
export function CupboardEditor({ agents }: { agents: Catalogue['agents'] }) {
  const { control } = useSettingsForm();
  const {
    fields: cupboard,
    append,
    remove,
  } = useFieldArray({ control, name: 'household.cupboard', keyName: 'key' });
  const absent = agents.filter((agent) => cupboard.every((entry) => entry.agentId !== agent.id));
  const [isWhole, setWhole] = useState(false);
  return (
    <Stack gap="2" as="section" aria-label="Cupboard">
      <Flex gap="0.375rem 1rem" wrap="wrap">
        {cupboard.map((entry, index) => {
          const agent = agents.find((candidate) => candidate.id === entry.agentId);
          return agent ? (
            <Bottle key={entry.key} agent={agent} index={index} onAway={() => remove(index)} />
          ) : null;
        })}
      </Flex>
      <Box as="h3" fontSize="note" color="soft" marginTop="2">
        Tap what else there is
      </Box>
      <Flex gap="1.5" wrap="wrap">
        {(isWhole ? absent : absent.slice(0, FIRST)).map((agent) => (
          <ChipButton
            key={agent.id}
            size="touch"
            aria-pressed={false}
            onClick={() => append({ agentId: agent.id, strengthPct: null })}
          >
            {agent.name}
          </ChipButton>
        ))}
        {!isWhole && absent.length > FIRST && (
          <Button variant="plain" onClick={() => setWhole(true)}>
            {absent.length - FIRST} more
          </Button>
        )}
      </Flex>
    </Stack>
  );
}

interface BottleProps {
  readonly agent: Catalogue['agents'][number];
  readonly index: number;
  readonly onAway: () => void;
}

function Bottle({ agent, index, onAway }: BottleProps) {
  return (
    <Flex gap="2" alignItems="center" wrap="wrap">
      <ChipButton size="touch" state="chosen" aria-pressed onClick={onAway}>
        ✓ {agent.name}
      </ChipButton>
      <StrengthField agent={agent} index={index} />
    </Flex>
  );
}
