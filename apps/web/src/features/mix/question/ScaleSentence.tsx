import { Box, Flex, Stack } from '@chakra-ui/react';
import type { Catalogue, Household, TableQuestion } from '@feverfew/contracts';
import { Button, Select } from '../../../components/controls/controls';
import { NumberBox } from '../../../components/controls/NumberBox';
import { CurveLine } from '../table/CurveLine';
import { firstUnit, unitOptions } from '../table/unitOptions';

export interface SentenceProps {
  readonly question: TableQuestion;
  readonly household: Household;
  readonly catalogue: Catalogue;
  readonly onChange: (question: TableQuestion) => void;
}

/** A recipe written for one vessel, poured into another. */
export function ScaleSentence({
  question,
  household,
  catalogue,
  onChange,
}: Omit<SentenceProps, 'question'> & { question: Extract<TableQuestion, { kind: 'scale' }> }) {
  const { items } = question;
  const poured = catalogue.agents.filter((agent) => agent.offered);
  const set = (place: number, change: Partial<(typeof items)[number]>) =>
    onChange({
      ...question,
      items: items.map((item, index) => (index === place ? { ...item, ...change } : item)),
    });
  const unused =
    poured.find((agent) => agent.id === 'borax' && items.every((item) => item.agentId !== agent.id)) ??
    poured.find((agent) => items.every((item) => item.agentId !== agent.id));
  return (
    <Stack gap="2">
      {items.map((item, place) => (
        <ScaledItem
          key={item.agentId}
          item={item}
          household={household}
          agents={poured.filter(
            (one) => one.id === item.agentId || items.every((other) => other.agentId !== one.id),
          )}
          onChange={(change) => set(place, change)}
          onLeaveOut={
            items.length > 1
              ? () => onChange({ ...question, items: items.filter((_, index) => index !== place) })
              : null
          }
        />
      ))}
      <CurveLine>
        {unused && items.length < 8 && (
          <Button
            size="small"
            onClick={() =>
              onChange({
                ...question,
                items: [
                  ...items,
                  {
                    agentId: unused.id,
                    amount: 0.25,
                    unit: items[0]?.unit ?? firstUnit(unused),
                    strengthPct: null,
                  },
                ],
              })
            }
          >
            One more product
          </Button>
        )}
        written for
        <NumberBox
          label="litres"
          width="5.625rem"
          value={question.fromL}
          onChange={(fromL) => fromL !== null && onChange({ ...question, fromL })}
        />
        into
        <NumberBox
          label="litres"
          width="5.625rem"
          value={question.toL}
          onChange={(toL) => toL !== null && onChange({ ...question, toL })}
        />
      </CurveLine>
    </Stack>
  );
}

interface ScaledItemProps {
  readonly item: Extract<TableQuestion, { kind: 'scale' }>['items'][number];
  readonly household: Household;
  readonly agents: Catalogue['agents'];
  readonly onChange: (change: Partial<ScaledItemProps['item']>) => void;
  /** null for the only one. */
  readonly onLeaveOut: (() => void) | null;
}

function ScaledItem({ item, household, agents, onChange, onLeaveOut }: ScaledItemProps) {
  const agent = agents.find((candidate) => candidate.id === item.agentId);
  return (
    <Flex gap="2" wrap="wrap" alignItems="flex-end">
      <NumberBox
        label="amount"
        width="5.25rem"
        value={item.amount}
        onChange={(amount) => amount !== null && onChange({ amount })}
      />
      <Box as="label" fontSize="small" color="soft" width="8.125rem">
        of
        <Select value={item.unit} onChange={(event) => onChange({ unit: event.currentTarget.value })}>
          {agent &&
            unitOptions(agent, household).map(({ unit, word }) => (
              <option key={unit} value={unit}>
                {word}
              </option>
            ))}
        </Select>
      </Box>
      <Box as="label" fontSize="small" color="soft" flex="1" minWidth="9.375rem">
        product
        <Select value={item.agentId} onChange={(event) => onChange({ agentId: event.currentTarget.value })}>
          {agents.map((one) => (
            <option key={one.id} value={one.id}>
              {one.name}
            </option>
          ))}
        </Select>
      </Box>
      {onLeaveOut && (
        <Button variant="plain" aria-label={`Leave out ${agent?.name ?? item.agentId}`} onClick={onLeaveOut}>
          ✕
        </Button>
      )}
    </Flex>
  );
}
