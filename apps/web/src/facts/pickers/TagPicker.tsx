import { Box, Flex, Stack } from '@chakra-ui/react';
import { BLANK_LABEL, type CareLabel, parseLabel, WASH_TEMPS_C } from '@feverfew/contracts';
import { type ReactNode, useState } from 'react';
import { ChipRow } from '../../components/controls/ChipRow';
import { Button, Input } from '../../components/controls/controls';
import {
  BleachSign,
  CircleSign,
  DrySign,
  IronSign,
  ShadeSign,
  TumbleSign,
  WashSign,
} from '../../components/drawings/CareSign';

const WASHES: readonly NonNullable<CareLabel['wash']>[] = [
  ...WASH_TEMPS_C.map((maxC) => ({ kind: 'machine', maxC, bars: 0 }) as const),
  { kind: 'hand' },
  { kind: 'never' },
];
const washKey = (wash: CareLabel['wash']): string | null =>
  wash === null ? null : wash.kind === 'machine' ? String(wash.maxC) : wash.kind;
const BARS = [
  { value: 0, text: 'none' },
  { value: 1, text: 'one: mild' },
  { value: 2, text: 'two: very mild' },
] as const;

interface TagPickerProps {
  readonly label: CareLabel | null;
  readonly onChange: (label: CareLabel | null) => void;
  readonly onDone: () => void;
}

/** Type what the tag says, or tap the signs on it; a second tap takes a sign back. */
export function TagPicker({ label, onChange, onDone }: TagPickerProps) {
  const tag = label ?? BLANK_LABEL;
  const set = (change: Partial<CareLabel>) => onChange({ ...tag, ...change });
  return (
    <form
      onSubmit={(event) => {
        event.preventDefault();
        onDone();
      }}
    >
      <Stack gap="3">
        <TypedLabel onRead={onChange} />
        <WashRows tag={tag} set={set} />
        <SignRow
          label="Triangle"
          tag={tag}
          field="bleach"
          set={set}
          names={{ any: 'any bleach', oxygenOnly: 'oxygen only', never: 'no bleach' }}
          draw={(bleach) => <BleachSign bleach={bleach} />}
        />
        <SignRow
          label="Dryer"
          tag={tag}
          field="tumble"
          set={set}
          names={{ normal: 'tumble normal', low: 'tumble low', never: 'no tumble' }}
          draw={(tumble) => <TumbleSign tumble={tumble} />}
        />
        <Flex gap="3" wrap="wrap" alignItems="flex-end">
          <SignRow
            label="Drying"
            tag={tag}
            field="natural"
            set={set}
            names={{ line: 'line dry', drip: 'drip dry', flat: 'dry flat', dripFlat: 'drip dry, flat' }}
            draw={(natural) => <DrySign natural={natural} />}
          />
          <ChipRow
            label="In shade"
            chosen={tag.shade ? 'shade' : null}
            options={[{ value: 'shade', text: <ShadeSign />, name: 'dry in shade' }]}
            onChoose={() => set({ shade: !tag.shade })}
          />
        </Flex>
        <SignRow
          label="Iron"
          tag={tag}
          field="iron"
          set={set}
          names={{ high: 'iron hot', medium: 'iron medium', low: 'iron cool, no steam', never: 'no iron' }}
          draw={(iron) => <IronSign iron={iron} />}
        />
        <SignRow
          label="Circle: professional dry cleaning"
          tag={tag}
          field="dryClean"
          set={set}
          names={{ P: 'circle P', F: 'circle F', never: 'no dry cleaning' }}
          draw={(sign) => <CircleSign letter={sign === 'never' ? '' : sign} crossed={sign === 'never'} />}
        />
        <SignRow
          label="Circle: professional wet cleaning"
          tag={tag}
          field="wetClean"
          set={set}
          names={{ W: 'circle W', never: 'no wet cleaning' }}
          draw={(sign) => <CircleSign letter="W" crossed={sign === 'never'} />}
        />
        <Flex
          gap="2"
          position="sticky"
          bottom="-0.875rem"
          marginBottom="-0.875rem"
          bg="card"
          paddingBlock="0.625rem 0.875rem"
          borderTop="1px solid"
          borderColor="line"
        >
          <Button type="submit" variant="action">
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
    </form>
  );
}

function TypedLabel({ onRead }: { onRead: (label: CareLabel) => void }) {
  const [typed, setTyped] = useState('');
  const [unread, setUnread] = useState<readonly string[]>([]);
  return (
    <Box>
      <Input
        value={typed}
        autoFocus
        placeholder="40 no bleach tumble low"
        aria-label="What the tag says"
        onChange={(event) => {
          const text = event.currentTarget.value;
          setTyped(text);
          const read = parseLabel(text);
          setUnread(read.unread);
          if (text.trim() !== '') onRead(read.label);
        }}
      />
      {unread.length > 0 && (
        <Box color="brick" fontSize="small" role="status">
          ⚠ not read: {unread.join(', ')}
        </Box>
      )}
    </Box>
  );
}

interface RowProps {
  readonly tag: CareLabel;
  readonly set: (change: Partial<CareLabel>) => void;
}

function WashRows({ tag, set }: RowProps) {
  const { wash } = tag;
  const nameOf = (one: NonNullable<CareLabel['wash']>) =>
    one.kind === 'machine' ? `wash ${one.maxC}` : one.kind === 'hand' ? 'hand wash' : 'do not wash';
  return (
    <>
      <ChipRow
        label="Tub"
        chosen={washKey(wash)}
        options={WASHES.map((one) => ({
          value: washKey(one) ?? '',
          text: <WashSign wash={one} />,
          name: nameOf(one),
        }))}
        onChoose={(key) =>
          set({ wash: washKey(wash) === key ? null : (WASHES.find((one) => washKey(one) === key) ?? null) })
        }
      />
      {wash?.kind === 'hand' && (
        <ChipRow
          label="It says cold next to the hand"
          chosen={wash.maxC === undefined ? null : 'cold'}
          options={[{ value: 'cold', text: 'yes: 30° at most' }]}
          onChoose={() =>
            set({ wash: wash.maxC === undefined ? { kind: 'hand', maxC: 30 } : { kind: 'hand' } })
          }
        />
      )}
      {wash?.kind === 'machine' && (
        <ChipRow
          label="Bars under the tub"
          chosen={wash.bars}
          options={BARS}
          onChoose={(bars) => set({ wash: { ...wash, bars } })}
        />
      )}
    </>
  );
}

function SignRow<K extends 'bleach' | 'tumble' | 'natural' | 'iron' | 'dryClean' | 'wetClean'>({
  label,
  tag,
  field,
  set,
  names,
  draw,
}: RowProps & {
  label: string;
  field: K;
  names: Readonly<Record<NonNullable<CareLabel[K]>, string>>;
  draw: (sign: NonNullable<CareLabel[K]>) => ReactNode;
}) {
  const signs = Object.keys(names) as NonNullable<CareLabel[K]>[];
  return (
    <ChipRow
      label={label}
      chosen={tag[field]}
      options={signs.map((sign) => ({ value: sign, text: draw(sign), name: names[sign] }))}
      onChoose={(sign) => set({ [field]: tag[field] === sign ? null : sign } as Partial<CareLabel>)}
    />
  );
}
