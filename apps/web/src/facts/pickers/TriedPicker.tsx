import { Box, Flex, Stack } from '@chakra-ui/react';
import type { Catalogue, TriedProduct } from '@feverfew/contracts';
import { useState } from 'react';
import { ChipRow } from '../../components/controls/ChipRow';
import { Button, Input } from '../../components/controls/controls';
import { searchOptions } from '../../search/searchOptions';

const EFFECTS = [
  { value: 'unknown', text: 'not sure' },
  { value: 'some', text: 'did something' },
  { value: 'nothing', text: 'did nothing' },
] as const;
const TIMES = [1, 2, 3, 4] as const;
const WASHED = [
  { value: 'yes', text: 'yes' },
  { value: 'no', text: 'no' },
  { value: 'unknown', text: 'not sure' },
] as const;

/** What has been put on it already, how often, how hot, and what it did. */
export function TriedPicker({
  tried,
  agents,
  onChange,
  onDone,
}: {
  tried: readonly TriedProduct[];
  agents: Catalogue['agents'];
  onChange: (tried: TriedProduct[]) => void;
  onDone: () => void;
}) {
  const [query, setQuery] = useState('');
  const free = agents.filter((agent) => !tried.some((product) => product.agentId === agent.id));
  const found = searchOptions(free, query).slice(0, query ? 6 : 8);
  const set = (agentId: string, change: Partial<TriedProduct>) =>
    onChange(tried.map((product) => (product.agentId === agentId ? { ...product, ...change } : product)));
  return (
    <Stack gap="3">
      {tried.map((product) => (
        <Tried
          key={product.agentId}
          product={product}
          name={agents.find((agent) => agent.id === product.agentId)?.name ?? product.agentId}
          onChange={(change) => set(product.agentId, change)}
          onBack={() => onChange(tried.filter((other) => other !== product))}
        />
      ))}
      <Input
        value={query}
        autoFocus
        placeholder="Type any product"
        aria-label="Search: what was tried"
        onChange={(event) => setQuery(event.currentTarget.value)}
      />
      <ChipRow
        label="Add"
        chosen={null}
        options={found.map((agent) => ({ value: agent.id, text: agent.name }))}
        onChoose={(agentId) => {
          onChange([...tried, { agentId, times: 1, effect: 'unknown', hot: false, washedOut: 'unknown' }]);
          setQuery('');
        }}
      />
      <Flex gap="2">
        <Button variant="action" onClick={onDone}>
          Done
        </Button>
        <Button
          onClick={() => {
            onChange([]);
            onDone();
          }}
        >
          Nothing
        </Button>
      </Flex>
    </Stack>
  );
}

interface TriedProps {
  readonly product: TriedProduct;
  readonly name: string;
  readonly onChange: (change: Partial<TriedProduct>) => void;
  readonly onBack: () => void;
}

function Tried({ product, name, onChange, onBack }: TriedProps) {
  return (
    <Stack
      as="section"
      aria-label={name}
      gap="1.5"
      paddingBottom="2.5"
      borderBottom="1px solid"
      borderColor="line"
    >
      <Flex justifyContent="space-between" alignItems="center">
        <Box fontWeight={650}>{name}</Box>
        <Button size="small" variant="plain" aria-label={`take ${name} back`} onClick={onBack}>
          ✕
        </Button>
      </Flex>
      <ChipRow
        label="What did it do?"
        chosen={product.effect}
        options={EFFECTS}
        onChoose={(effect) => onChange({ effect })}
      />
      <ChipRow
        label="Washed, or rinsed in two waters, since?"
        chosen={product.washedOut}
        options={WASHED}
        onChoose={(washedOut) => onChange({ washedOut })}
      />
      <Flex gap="3.5" wrap="wrap">
        <ChipRow
          label="How often?"
          chosen={product.times}
          options={TIMES.map((value) => ({ value, text: value === 4 ? '4+' : String(value) }))}
          onChoose={(times) => onChange({ times })}
        />
        <ChipRow
          label="Hot?"
          chosen={product.hot ? 'hot' : 'cool'}
          options={[
            { value: 'cool', text: 'cool' },
            { value: 'hot', text: 'hot' },
          ]}
          onChoose={(heat) => onChange({ hot: heat === 'hot' })}
        />
      </Flex>
    </Stack>
  );
}
