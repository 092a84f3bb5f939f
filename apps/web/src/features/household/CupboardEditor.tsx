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
      {agents.map((agent) => {
        const index = cupboard.findIndex((entry) => entry.agentId === agent.id);
        const entry = cupboard[index];
        const error = errors[`household.cupboard.${index}.strengthPct`];
        return (
          <Flex key={agent.id} gap="10px" alignItems="center" wrap="wrap">
            <ChipButton
              size="touch"
              state={entry ? 'chosen' : 'plain'}
              aria-pressed={entry !== undefined}
              onClick={() => toggle(agent.id)}
            >
              {entry ? '✓ ' : ''}
              {agent.name}
            </ChipButton>
            {entry && agent.strengthUnit && (
              <Flex as="label" gap="6px" alignItems="center" fontSize="14px">
                <Input
                  width="82px"
                  type="number"
                  step="any"
                  inputMode="decimal"
                  aria-label={`Strength of ${agent.name}, ${agent.strengthUnit}`}
                  aria-invalid={error ? true : undefined}
                  value={entry.strengthPct ?? ''}
                  onChange={(event) =>
                    strength(
                      agent.id,
                      event.currentTarget.value === '' ? null : event.currentTarget.valueAsNumber,
                    )
                  }
                />
                {agent.strengthUnit}
                {agent.needsStrength && entry.strengthPct === null && (
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
      })}
    </Stack>
  );
}
