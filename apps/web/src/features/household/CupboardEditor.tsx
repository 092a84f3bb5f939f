import { Box, Flex, Stack } from '@chakra-ui/react';
import type { Catalogue, Household } from '@feverfew/contracts';
import { ChipButton, Input } from '../../components/controls';

type Cupboard = Household['cupboard'];

/** What is in the house; strength only where it matters. */
export function CupboardEditor({
  cupboard,
  agents,
  errors,
  onChange,
}: {
  cupboard: Cupboard;
  agents: Catalogue['agents'];
  errors: Readonly<Record<string, string>>;
  onChange: (cupboard: Cupboard) => void;
}) {
  const toggle = (agentId: string) =>
    onChange(
      cupboard.some((entry) => entry.agentId === agentId)
        ? cupboard.filter((entry) => entry.agentId !== agentId)
        : [...cupboard, { agentId, strengthPct: null }],
    );
  const strength = (agentId: string, strengthPct: number | null) =>
    onChange(cupboard.map((entry) => (entry.agentId === agentId ? { ...entry, strengthPct } : entry)));
  return (
    <Stack gap="8px" as="section" aria-label="Cupboard">
      <Box as="h2" fontSize="20px">
        In the cupboard
      </Box>
      <Flex gap="6px 16px" wrap="wrap">
        {cupboard.map((entry, index) => {
          const agent = agents.find((candidate) => candidate.id === entry.agentId);
          return agent ? (
            <Bottle
              key={agent.id}
              agent={agent}
              strengthPct={entry.strengthPct}
              error={errors[`household.cupboard.${index}.strengthPct`]}
              onStrength={(strengthPct) => strength(agent.id, strengthPct)}
              onAway={() => toggle(agent.id)}
            />
          ) : null;
        })}
      </Flex>
      <Box as="h3" fontSize="15px" color="soft" marginTop="8px">
        Tap what else there is
      </Box>
      <Flex gap="6px" wrap="wrap">
        {agents
          .filter((agent) => cupboard.every((entry) => entry.agentId !== agent.id))
          .map((agent) => (
            <ChipButton key={agent.id} size="touch" aria-pressed={false} onClick={() => toggle(agent.id)}>
              {agent.name}
            </ChipButton>
          ))}
      </Flex>
    </Stack>
  );
}

function Bottle({
  agent,
  strengthPct,
  error,
  onStrength,
  onAway,
}: {
  agent: Catalogue['agents'][number];
  strengthPct: number | null;
  error: string | undefined;
  onStrength: (strengthPct: number | null) => void;
  onAway: () => void;
}) {
  return (
    <Flex gap="8px" alignItems="center" wrap="wrap">
      <ChipButton size="touch" state="chosen" aria-pressed onClick={onAway}>
        ✓ {agent.name}
      </ChipButton>
      {agent.strengthUnit && (
        <Flex as="label" gap="6px" alignItems="center" fontSize="14px">
          <Input
            width="82px"
            type="number"
            step="any"
            inputMode="decimal"
            aria-label={`Strength of ${agent.name}, ${agent.strengthUnit}`}
            aria-invalid={error ? true : undefined}
            value={strengthPct ?? ''}
            onChange={(event) =>
              onStrength(event.currentTarget.value === '' ? null : event.currentTarget.valueAsNumber)
            }
          />
          {agent.strengthUnit}
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
