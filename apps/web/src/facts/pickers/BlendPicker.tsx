import { Box, Flex } from '@chakra-ui/react';
import { type Catalogue, type PieceFacts, parseBlend } from '@feverfew/contracts';
import { useState } from 'react';
import { Button, Input, Select } from '../../components/controls/controls';
import { rebalance } from './rebalance';

type Parts = PieceFacts['parts'];
type Fibres = Parts[number]['fibres'];

interface BlendPickerProps {
  readonly parts: Parts;
  readonly usual: readonly { fibreId: string; sharePct: number }[];
  readonly fibres: Catalogue['fibres'];
  /** Finishes and trims that may be on any piece. */
  readonly finishes: Catalogue['parts'];
  readonly error: string | null;
  readonly onChange: (parts: Parts) => void;
  readonly onDone: () => void;
}

/** Fibres and shares of each part: typed as on the tag ("60 co 35 pes 5 el"), or chosen and slid. */
export function BlendPicker({ parts, usual, fibres, finishes, error, onChange, onDone }: BlendPickerProps) {
  const shown: Parts = parts.length > 0 ? parts : [{ name: 'whole piece', fibres: [] }];
  const isFinish = ({ name }: Parts[number]) => finishes.some((finish) => finish.name === name);
  const cloth = shown.filter((part) => !isFinish(part));
  const onIt = shown.filter(isFinish);
  // A finish is on the first part's cloth, and goes with it.
  const tell = (told: Parts, on: Parts) =>
    onChange([...told, ...on.map((part) => ({ ...part, fibres: told[0]?.fibres ?? [] }))]);
  const setFibres = (partIndex: number, next: Fibres) =>
    tell(
      cloth.map((part, index) => (index === partIndex ? { ...part, fibres: next } : part)),
      onIt,
    );
  const usualText = usual
    .map((share) => `${fibres.find((fibre) => fibre.id === share.fibreId)?.name} ${share.sharePct} %`)
    .join(' + ');
  return (
    <form
      onSubmit={(event) => {
        event.preventDefault();
        onDone();
      }}
    >
      {cloth.map((part, partIndex) => (
        <PartBlend
          key={part.name}
          part={part}
          named={cloth.length > 1}
          first={partIndex === 0}
          fibres={fibres}
          onChange={(next) => setFibres(partIndex, next)}
        />
      ))}
      <Finishes
        on={onIt}
        finishes={finishes}
        onAdd={(name) => tell(cloth, [...onIt, { name, fibres: [] }])}
        onRemove={(name) =>
          tell(
            cloth,
            onIt.filter((part) => part.name !== name),
          )
        }
      />
      {error && (
        <Box color="brick" role="alert" fontSize="note" marginBottom="2">
          ⚠ {error}
        </Box>
      )}
      <Flex gap="2" wrap="wrap">
        <Button type="submit" variant="action">
          Done
        </Button>
        {usualText && cloth.every((part) => part.fibres.length === 0) && (
          <Button
            onClick={() => {
              tell(
                cloth.map((part) => ({ ...part, fibres: usual })),
                onIt,
              );
              onDone();
            }}
          >
            As usual: {usualText}
          </Button>
        )}
        <Button
          onClick={() => {
            tell(
              cloth.map((part) => ({ ...part, fibres: [] })),
              onIt,
            );
            onDone();
          }}
        >
          Not known
        </Button>
      </Flex>
    </form>
  );
}

interface FinishesProps {
  readonly on: Parts;
  readonly finishes: Catalogue['parts'];
  readonly onAdd: (name: string) => void;
  readonly onRemove: (name: string) => void;
}

/** Prints, glued trim, pleats and the like: each sets limits of its own. */
function Finishes({ on, finishes, onAdd, onRemove }: FinishesProps) {
  const free = finishes.filter((finish) => !on.some((part) => part.name === finish.name));
  return (
    <Box marginBottom="3">
      {on.map(({ name }) => (
        <Flex key={name} gap="2" alignItems="center" marginTop="1.5">
          <Box flex="1" fontSize="note">
            {name}
            <Box as="span" color="soft" fontSize="small">
              {' '}
              · {finishes.find((finish) => finish.name === name)?.note}
            </Box>
          </Box>
          <Button size="small" variant="plain" aria-label={`Remove ${name}`} onClick={() => onRemove(name)}>
            ✕
          </Button>
        </Flex>
      ))}
      <Select
        marginTop="2"
        aria-label="What else is on it"
        value=""
        onChange={(event) => {
          if (event.currentTarget.value) onAdd(event.currentTarget.value);
        }}
      >
        <option value="">What else is on it: print, glued trim, pleats …</option>
        {free.map((finish) => (
          <option key={finish.id} value={finish.name}>
            {finish.name}
          </option>
        ))}
      </Select>
    </Box>
  );
}

function PartBlend({
  part,
  named,
  first,
  fibres,
  onChange,
}: {
  part: Parts[number];
  named: boolean;
  first: boolean;
  fibres: Catalogue['fibres'];
  onChange: (fibres: Fibres) => void;
}) {
  const [typed, setTyped] = useState('');
  const [unread, setUnread] = useState<readonly string[]>([]);
  // Half a blend is not sent while it is typed; leaving the field sends its value.
  const [half, setHalf] = useState<Fibres | null>(null);
  const shown = half ?? part.fibres;
  const take = (next: Fibres) => {
    setHalf(null);
    onChange(next);
  };
  const nameOf = (fibreId: string) => fibres.find((fibre) => fibre.id === fibreId)?.name ?? fibreId;
  const type = (text: string) => {
    setTyped(text);
    const read = parseBlend(text, fibres);
    setUnread(read.unread);
    if (read.fibres.length === 0) return;
    if (isWhole(read.fibres)) take(read.fibres);
    else setHalf(read.fibres);
  };
  const sum = sumOf(shown);
  return (
    <Box marginBottom="3">
      {named && <Box fontWeight={650}>{part.name}</Box>}
      <Input
        value={typed}
        autoFocus={first}
        placeholder="60 co 35 pes 5 el"
        aria-label={named ? `Blend of the ${part.name}, as on the tag` : 'Blend, as on the tag'}
        onChange={(event) => type(event.currentTarget.value)}
        onBlur={() => half && take(half)}
      />
      {unread.length > 0 && (
        <Box color="brick" fontSize="small" role="status">
          ⚠ not read: {unread.join(', ')}
        </Box>
      )}
      {shown.map((share, index) => (
        <ShareRow
          key={share.fibreId}
          share={share}
          name={nameOf(share.fibreId)}
          onSlide={(sharePct) => take(rebalance(shown, index, sharePct))}
          onShare={(sharePct) =>
            take(shown.map((old, place) => (place === index ? { ...old, sharePct } : old)))
          }
          onRemove={() => take(shown.filter((_, place) => place !== index))}
        />
      ))}
      {shown.length > 0 && (
        <Box fontSize="small" color={isWhole(shown) ? 'soft' : 'brick'} marginTop="0.5">
          makes {Math.round(sum * 10) / 10} %
        </Box>
      )}
      <AddFibre
        label={`Add a fibre to ${part.name}`}
        fibres={fibres.filter((fibre) => !shown.some((share) => share.fibreId === fibre.id))}
        onAdd={(fibreId) => take([...shown, { fibreId, sharePct: Math.max(1, 100 - sum) }])}
      />
    </Box>
  );
}

interface ShareRowProps {
  readonly share: Fibres[number];
  readonly name: string;
  /** The others give way. */
  readonly onSlide: (sharePct: number) => void;
  readonly onShare: (sharePct: number) => void;
  readonly onRemove: () => void;
}

function ShareRow({ share, name, onSlide, onShare, onRemove }: ShareRowProps) {
  return (
    <Flex gap="2" alignItems="center" marginTop="2">
      <Box flex="1 1 5.625rem" fontSize="note">
        {name}
      </Box>
      <input
        type="range"
        min={1}
        max={100}
        value={share.sharePct}
        style={{ flex: '1 1 6.875rem', accentColor: 'var(--ff-colors-leaf)', minHeight: 44 }}
        aria-label={`Slide the share of ${name}`}
        onChange={(event) => onSlide(event.currentTarget.valueAsNumber)}
      />
      <Input
        width="4.375rem"
        type="number"
        inputMode="decimal"
        step="any"
        aria-label={`Share of ${name} in %`}
        value={Number.isFinite(share.sharePct) ? share.sharePct : ''}
        onChange={(event) => onShare(Number(event.currentTarget.value))}
      />
      <Button size="small" variant="plain" aria-label={`Remove ${name}`} onClick={onRemove}>
        ✕
      </Button>
    </Flex>
  );
}

interface AddFibreProps {
  readonly label: string;
  readonly fibres: Catalogue['fibres'];
  readonly onAdd: (fibreId: string) => void;
}

function AddFibre({ label, fibres, onAdd }: AddFibreProps) {
  return (
    <Select
      marginTop="2"
      aria-label={label}
      value=""
      onChange={(event) => {
        if (event.currentTarget.value) onAdd(event.currentTarget.value);
      }}
    >
      <option value="">Add a fibre …</option>
      {fibres.map((fibre) => (
        <option key={fibre.id} value={fibre.id}>
          {fibre.name}
        </option>
      ))}
    </Select>
  );
}

const sumOf = (fibres: Fibres): number => fibres.reduce((sum, share) => sum + share.sharePct, 0);
const isWhole = (fibres: Fibres): boolean => Math.abs(sumOf(fibres) - 100) <= 1;
