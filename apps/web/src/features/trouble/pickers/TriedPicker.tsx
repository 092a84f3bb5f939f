import { Flex, Stack } from '@chakra-ui/react';
import type { Catalogue } from '@feverfew/contracts';
import { useState } from 'react';
import { Button, Input } from '../../../components/controls';
import { searchOptions } from '../searchOptions';
import { ChipRow } from './ChipRow';

/** What has been put on it already; several may be named. */
export function TriedPicker({
  triedIds,
  agents,
  onChange,
  onDone,
}: {
  triedIds: readonly string[];
  agents: Catalogue['agents'];
  onChange: (ids: string[]) => void;
  onDone: () => void;
}) {
  const [query, setQuery] = useState('');
  const found = searchOptions(agents, query).slice(0, query ? 6 : 8);
  const toggle = (id: string) =>
    onChange(triedIds.includes(id) ? triedIds.filter((other) => other !== id) : [...triedIds, id]);
  return (
    <Stack gap="10px">
      <Input
        value={query}
        autoFocus
        placeholder="Type any product"
        aria-label="Search: what was tried"
        onChange={(event) => setQuery(event.currentTarget.value)}
      />
      {triedIds.length > 0 && (
        <ChipRow
          label="Tried"
          chosen={null}
          options={triedIds.map((id) => ({
            value: id,
            text: `✕ ${agents.find((agent) => agent.id === id)?.name ?? id}`,
            name: `take back ${id}`,
          }))}
          onChoose={toggle}
        />
      )}
      <ChipRow
        label="Add"
        chosen={null}
        options={found
          .filter((agent) => !triedIds.includes(agent.id))
          .map((agent) => ({ value: agent.id, text: agent.name }))}
        onChoose={toggle}
      />
      <Flex gap="8px">
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
