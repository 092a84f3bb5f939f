import { Box, Flex } from '@chakra-ui/react';
import type { Catalogue, PieceFacts } from '@feverfew/contracts';
import { Button, Input, Select } from '../../../components/controls';

type Parts = PieceFacts['parts'];

interface BlendPickerProps {
  readonly parts: Parts;
  readonly usual: readonly { fibreId: string; sharePct: number }[];
  readonly fibres: Catalogue['fibres'];
  readonly error: string | null;
  readonly onChange: (parts: Parts) => void;
  readonly onDone: () => void;
}

/** Fibres and shares of each part, as the tag gives them. */
export function BlendPicker({ parts, usual, fibres, error, onChange, onDone }: BlendPickerProps) {
  const shown: Parts = parts.length > 0 ? parts : [{ name: 'whole piece', fibres: [] }];
  const setFibres = (partIndex: number, next: Parts[number]['fibres']) =>
    onChange(shown.map((part, index) => (index === partIndex ? { ...part, fibres: next } : part)));
  const usualText = usual
    .map((share) => `${fibres.find((fibre) => fibre.id === share.fibreId)?.name} ${share.sharePct} %`)
    .join(' + ');
  return (
    <Box>
      {shown.map((part, partIndex) => (
        <Box key={part.name} marginBottom="10px">
          {shown.length > 1 && <Box fontWeight={650}>{part.name}</Box>}
          {part.fibres.map((share, index) => (
            <Flex key={share.fibreId + String(index)} gap="6px" alignItems="center" marginBottom="6px">
              <FibreSelect
                fibres={fibres}
                value={share.fibreId}
                label={`Fibre ${index + 1} of ${part.name}`}
                onChange={(fibreId) =>
                  setFibres(
                    partIndex,
                    part.fibres.map((old, at) => (at === index ? { ...old, fibreId } : old)),
                  )
                }
              />
              <Input
                width="84px"
                type="number"
                inputMode="numeric"
                aria-label={`Share of fibre ${index + 1} of ${part.name} in %`}
                value={Number.isFinite(share.sharePct) ? share.sharePct : ''}
                onChange={(event) => {
                  const sharePct = Number(event.currentTarget.value);
                  setFibres(
                    partIndex,
                    part.fibres.map((old, at) => (at === index ? { ...old, sharePct } : old)),
                  );
                }}
              />
              <Box>%</Box>
              <Button
                size="small"
                variant="plain"
                aria-label={`Remove fibre ${index + 1} of ${part.name}`}
                onClick={() =>
                  setFibres(
                    partIndex,
                    part.fibres.filter((_, at) => at !== index),
                  )
                }
              >
                ✕
              </Button>
            </Flex>
          ))}
          <Flex gap="6px" alignItems="center">
            <FibreSelect
              fibres={fibres.filter((fibre) => !part.fibres.some((share) => share.fibreId === fibre.id))}
              value=""
              label={`Add a fibre to ${part.name}`}
              onChange={(fibreId) =>
                setFibres(partIndex, [
                  ...part.fibres,
                  {
                    fibreId,
                    sharePct: Math.max(1, 100 - part.fibres.reduce((sum, share) => sum + share.sharePct, 0)),
                  },
                ])
              }
            />
          </Flex>
        </Box>
      ))}
      {error && (
        <Box color="brick" role="alert" fontSize="15px" marginBottom="8px">
          ⚠ {error}
        </Box>
      )}
      <Flex gap="8px" wrap="wrap">
        <Button variant="action" onClick={onDone}>
          Done
        </Button>
        {usualText && shown.every((part) => part.fibres.length === 0) && (
          <Button
            onClick={() => {
              onChange(shown.map((part) => ({ ...part, fibres: usual })));
              onDone();
            }}
          >
            As usual: {usualText}
          </Button>
        )}
        <Button
          onClick={() => {
            onChange(shown.map((part) => ({ ...part, fibres: [] })));
            onDone();
          }}
        >
          Not known
        </Button>
      </Flex>
    </Box>
  );
}

function FibreSelect({
  fibres,
  value,
  label,
  onChange,
}: {
  fibres: Catalogue['fibres'];
  value: string;
  label: string;
  onChange: (fibreId: string) => void;
}) {
  return (
    <Select
      flex="1"
      aria-label={label}
      value={value}
      onChange={(event) => event.currentTarget.value && onChange(event.currentTarget.value)}
    >
      {value === '' && <option value="">Add a fibre …</option>}
      {fibres.map((fibre) => (
        <option key={fibre.id} value={fibre.id}>
          {fibre.name}
        </option>
      ))}
    </Select>
  );
}
