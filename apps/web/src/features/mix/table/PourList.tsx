import { Box, Flex, Stack } from '@chakra-ui/react';
import type { Catalogue, Household, MixPour } from '@feverfew/contracts';
import { MAX_POURS } from '@feverfew/contracts';
import { ButtonPicker } from '../../../components/controls/ButtonPicker';
import { Button, Select } from '../../../components/controls/controls';
import { NumberBox } from '../../../components/controls/NumberBox';
import { firstUnit, unitOptions } from './unitOptions';

interface PourListProps {
  readonly pours: readonly MixPour[];
  readonly household: Household;
  readonly catalogue: Catalogue;
  readonly fields: Readonly<Record<string, string>>;
  readonly onChange: (pours: readonly MixPour[]) => void;
}

/** Things that are not poured out of a bottle or box. */
const NOT_POURED: readonly string[] = [
  'water',
  'sunAir',
  'steam',
  'stickyTape',
  'dryerBalls',
  'scentedSachet',
  'dyeCatcher',
];

/** What is poured in, in the household's own measures; their order does not matter. */
export function PourList({ pours, household, catalogue, fields, onChange }: PourListProps) {
  const set = (index: number, change: Partial<MixPour>) =>
    onChange(pours.map((pour, place) => (place === index ? { ...pour, ...change } : pour)));
  const here = (id: string) => household.cupboard.some((entry) => entry.agentId === id);
  const free = catalogue.agents.filter(
    (agent) => !NOT_POURED.includes(agent.id) && pours.every((pour) => pour.agentId !== agent.id),
  );
  return (
    <Stack gap="2.5" as="section" aria-label="Poured in">
      <Box fontSize="small" color="soft">
        Poured in
      </Box>
      {pours.map((pour, index) => {
        const agent = catalogue.agents.find((candidate) => candidate.id === pour.agentId);
        return agent ? (
          <PourRow
            key={agent.id}
            pour={pour}
            agent={agent}
            household={household}
            faultOf={(field) => fields[`pours.${index}.${field}`]}
            onChange={(change) => set(index, change)}
            onOut={() => onChange(pours.filter((_, place) => place !== index))}
          />
        ) : null;
      })}
      {pours.length < MAX_POURS && (
        <ButtonPicker
          text="Pour something in"
          question="What is poured in?"
          groups={[
            { title: 'In your cupboard', options: free.filter((agent) => here(agent.id)) },
            { title: 'Others', options: free.filter((agent) => !here(agent.id)) },
          ]}
          onChoose={(agentId) => {
            const agent = catalogue.agents.find((candidate) => candidate.id === agentId);
            if (agent)
              onChange([
                ...pours,
                { agentId, amount: agent.isLiquid ? 50 : 10, unit: firstUnit(agent), strengthPct: null },
              ]);
          }}
        />
      )}
    </Stack>
  );
}

interface PourRowProps {
  readonly pour: MixPour;
  readonly agent: Catalogue['agents'][number];
  readonly household: Household;
  readonly faultOf: (field: 'amount' | 'strengthPct') => string | undefined;
  readonly onChange: (change: Partial<MixPour>) => void;
  readonly onOut: () => void;
}

function PourRow({ pour, agent, household, faultOf, onChange, onOut }: PourRowProps) {
  const known = household.cupboard.find((entry) => entry.agentId === agent.id)?.strengthPct ?? null;
  const usual = known !== null ? String(known) : agent.needsStrength ? 'not known' : String(agent.recipePct);
  return (
    <Box borderBottom="1px solid" borderColor="line" paddingBottom="2" data-pour={agent.id}>
      <Flex justifyContent="space-between" alignItems="center">
        <Box fontWeight={650}>{agent.name}</Box>
        <Button variant="plain" aria-label={`Take out ${agent.name}`} onClick={onOut}>
          ✕
        </Button>
      </Flex>
      <Flex gap="2" alignItems="flex-end" wrap="wrap">
        <NumberBox
          label="How much"
          width="5.75rem"
          value={pour.amount}
          error={faultOf('amount')}
          onChange={(amount) => amount !== null && onChange({ amount })}
        />
        <Box as="label" fontSize="small" color="soft" flex="1" minWidth="6.875rem">
          of
          <Select
            aria-label={`Measure for ${agent.name}`}
            value={pour.unit}
            onChange={(event) => onChange({ unit: event.currentTarget.value })}
          >
            {unitOptions(agent, household).map(({ unit, word }) => (
              <option key={unit} value={unit}>
                {word}
              </option>
            ))}
          </Select>
        </Box>
        {agent.strengthUnit && (
          <NumberBox
            label={agent.strengthUnit}
            width="7rem"
            value={pour.strengthPct}
            placeholder={usual}
            error={faultOf('strengthPct')}
            onChange={(strengthPct) => onChange({ strengthPct })}
          />
        )}
      </Flex>
    </Box>
  );
}
