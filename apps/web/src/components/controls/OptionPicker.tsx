import { createListCollection, Listbox } from '@chakra-ui/react';
import { useMemo, useRef, useState } from 'react';
import { findOptions, type Option } from '../../search/searchOptions';
import { Input } from './controls';

export interface OptionGroup {
  readonly title: string;
  readonly options: readonly Option[];
}

/** Said above what only comes near. */
const NEAREST = 'Nothing like that; nearest:';

/** Search first, then groups; arrow keys and Enter choose. */
export function OptionPicker({
  label,
  groups,
  chosenId,
  searchable = true,
  leadFor,
  onChoose,
}: {
  label: string;
  groups: readonly OptionGroup[];
  chosenId: string | null;
  searchable?: boolean;
  /** An option of its own for what was typed, put before all others, or in their place. */
  leadFor?: (query: string) => (Option & { readonly isOnly?: boolean }) | null;
  onChoose: (id: string) => void;
}) {
  const [query, setQuery] = useState('');
  const all = useMemo(() => onceEach(groups.flatMap((group) => group.options)), [groups]);
  const shown = useMemo(() => {
    if (query.trim() === '') return groups.filter((group) => group.options.length > 0);
    const lead = leadFor?.(query) ?? null;
    if (lead?.isOnly) return [{ title: '', options: [lead] }];
    const { answers, nearest } = findOptions(all, query);
    const found = [...(lead ? [lead] : []), ...answers];
    if (found.length > 0) return [{ title: '', options: found }];
    return nearest.length > 0 ? [{ title: NEAREST, options: nearest }] : [];
  }, [groups, all, query, leadFor]);
  const collection = useMemo(
    () =>
      createListCollection({
        items: shown.flatMap((group) => group.options),
        itemToValue: (option: Option) => option.id,
        itemToString: (option: Option) => option.name,
      }),
    [shown],
  );
  const highlighted = useRef<string | null>(null);
  // The list highlights its first row a moment after the words have changed: until then a row may be gone already.
  const choose = (id: string | undefined) => {
    if (id !== undefined && collection.has(id)) onChoose(id);
  };
  return (
    <Listbox.Root
      collection={collection}
      value={chosenId ? [chosenId] : []}
      onSelect={({ value }) => choose(value)}
      onHighlightChange={({ highlightedValue }) => {
        highlighted.current = highlightedValue;
      }}
      autoFocus={!searchable}
    >
      <Listbox.Label>{label}</Listbox.Label>
      {searchable && (
        <Listbox.Input asChild autoHighlight>
          <Input
            value={query}
            onChange={(event) => setQuery(event.currentTarget.value)}
            onKeyDown={(event) => {
              if (event.key === 'Enter' && !collection.has(highlighted.current))
                choose(collection.firstValue ?? undefined);
            }}
            placeholder="Type any word for it"
            aria-label={`Search: ${label}`}
            autoFocus
          />
        </Listbox.Input>
      )}
      <Listbox.Content aria-label={label}>
        {shown.map((group) => (
          <Listbox.ItemGroup key={group.title}>
            {group.title && <Listbox.ItemGroupLabel>{group.title}</Listbox.ItemGroupLabel>}
            {group.options.map((option) => (
              <Listbox.Item item={option} key={option.id}>
                <Listbox.ItemText>
                  {option.name}
                  {option.hint && (
                    <span style={{ opacity: 0.75, fontSize: '0.875rem' }}> · {option.hint}</span>
                  )}
                </Listbox.ItemText>
                <Listbox.ItemIndicator>✓</Listbox.ItemIndicator>
              </Listbox.Item>
            ))}
          </Listbox.ItemGroup>
        ))}
        {shown.length === 0 && (
          <Listbox.Empty>Nothing by that word. Try another, or what it looks like.</Listbox.Empty>
        )}
      </Listbox.Content>
    </Listbox.Root>
  );
}

const onceEach = (options: readonly Option[]): Option[] => [
  ...new Map(options.map((option) => [option.id, option])).values(),
];
