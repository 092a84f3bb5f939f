import { Box, Flex, Stack } from '@chakra-ui/react';
import type { Catalogue } from '@feverfew/contracts';
import { useState } from 'react';
import { useController, useFieldArray } from 'react-hook-form';
import { Button, ChipButton, Input } from '../../components/controls/controls';
import { useFaultAt, useSettingsForm } from './fields';

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
  const { control } = useSettingsForm();
  const path = `household.cupboard.${index}.strengthPct` as const;
  const {
    field: { value: strengthPct, onChange },
  } = useController({ control, name: path });
  const error = useFaultAt(path);
  return (
    <Flex gap="2" alignItems="center" wrap="wrap">
      <ChipButton size="touch" state="chosen" aria-pressed onClick={onAway}>
        ✓ {agent.name}
      </ChipButton>
      {agent.strengthUnit && (
        <Flex as="label" gap="1.5" alignItems="center" fontSize="small">
          <Input
            width="5.125rem"
            type="number"
            step="any"
            inputMode="decimal"
            aria-label={`Strength of ${agent.name}, ${agent.strengthUnit}`}
            aria-invalid={error ? true : undefined}
            value={strengthPct ?? ''}
            onChange={(event) =>
              onChange(event.currentTarget.value === '' ? null : event.currentTarget.valueAsNumber)
            }
          />
          {/* A bottle says 3 %: by weight or by volume is for the recipe. */}
          {agent.strengthUnit?.replace(/ [wv]\/v$/, '')}
          {agent.needsStrength && strengthPct === null && (
            <Box color="brick">⚠ not known: kept out of recipes</Box>
          )}
        </Flex>
      )}
      {error && (
        <Box color="brick" role="alert">
          ⚠ {error}
        </Box>
      )}
    </Flex>
  );
}
