import { Flex, Stack } from '@chakra-ui/react';
import { type CareLabel, WASH_TEMPS_C } from '@feverfew/contracts';
import { BleachSign, DrySign, TumbleSign, WashSign } from '../../../components/CareSign';
import { Button } from '../../../components/controls';
import { ChipRow } from './ChipRow';

const BLANK_LABEL: CareLabel = {
  wash: null,
  bleach: null,
  tumble: null,
  natural: null,
  shade: false,
  iron: null,
  dryClean: null,
};

const WASHES: readonly NonNullable<CareLabel['wash']>[] = [
  ...WASH_TEMPS_C.map((maxC) => ({ kind: 'machine', maxC, bars: 0 }) as const),
  { kind: 'hand' },
  { kind: 'never' },
];
const washKey = (wash: CareLabel['wash']): string | null =>
  wash === null ? null : wash.kind === 'machine' ? String(wash.maxC) : wash.kind;

/** Tap the signs you see on the tag; a second tap takes a sign back. */
export function TagPicker({
  label,
  onChange,
  onDone,
}: {
  label: CareLabel | null;
  onChange: (label: CareLabel | null) => void;
  onDone: () => void;
}) {
  const tag = label ?? BLANK_LABEL;
  const set = (change: Partial<CareLabel>) => onChange({ ...tag, ...change });
  const toggle = <K extends 'bleach' | 'tumble' | 'natural'>(key: K, value: CareLabel[K]) =>
    set({ [key]: tag[key] === value ? null : value } as Partial<CareLabel>);
  const bars = tag.wash?.kind === 'machine' ? tag.wash.bars : 0;
  return (
    <Stack gap="12px">
      <ChipRow
        label="Tub"
        chosen={washKey(tag.wash)}
        options={WASHES.map((wash) => ({
          value: washKey(wash) ?? '',
          text: <WashSign wash={wash} />,
          name:
            wash.kind === 'machine'
              ? `wash ${wash.maxC}`
              : wash.kind === 'hand'
                ? 'hand wash'
                : 'do not wash',
        }))}
        onChoose={(key) =>
          set({
            wash: washKey(tag.wash) === key ? null : (WASHES.find((wash) => washKey(wash) === key) ?? null),
          })
        }
      />
      {tag.wash?.kind === 'machine' && (
        <ChipRow
          label="Bars under the tub"
          chosen={bars}
          options={[
            { value: 0, text: 'none' },
            { value: 1, text: 'one: mild' },
            { value: 2, text: 'two: very mild' },
          ]}
          onChoose={(next) =>
            tag.wash?.kind === 'machine' && set({ wash: { ...tag.wash, bars: next as 0 | 1 | 2 } })
          }
        />
      )}
      <ChipRow
        label="Triangle"
        chosen={tag.bleach}
        options={(['any', 'oxygenOnly', 'never'] as const).map((bleach) => ({
          value: bleach,
          text: <BleachSign bleach={bleach} />,
          name: { any: 'any bleach', oxygenOnly: 'oxygen only', never: 'no bleach' }[bleach],
        }))}
        onChoose={(bleach) => toggle('bleach', bleach)}
      />
      <ChipRow
        label="Dryer"
        chosen={tag.tumble}
        options={(['normal', 'low', 'never'] as const).map((tumble) => ({
          value: tumble,
          text: <TumbleSign tumble={tumble} />,
          name: { normal: 'tumble normal', low: 'tumble low', never: 'no tumble' }[tumble],
        }))}
        onChoose={(tumble) => toggle('tumble', tumble)}
      />
      <ChipRow
        label="Drying"
        chosen={tag.natural}
        options={(['line', 'drip', 'flat'] as const).map((natural) => ({
          value: natural,
          text: <DrySign natural={natural} />,
          name: { line: 'line dry', drip: 'drip dry', flat: 'dry flat' }[natural],
        }))}
        onChoose={(natural) => toggle('natural', natural)}
      />
      <Flex gap="8px">
        <Button variant="action" onClick={onDone}>
          Done
        </Button>
        <Button
          onClick={() => {
            onChange(null);
            onDone();
          }}
        >
          No tag
        </Button>
      </Flex>
    </Stack>
  );
}
