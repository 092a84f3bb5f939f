import { Stack } from '@chakra-ui/react';
import { COLOURS, FASTNESSES, type PieceFacts } from '@feverfew/contracts';
import { ChipRow } from '../../components/controls/ChipRow';
import { Button } from '../../components/controls/controls';
import { COLOUR_WORDS, FASTNESS_WORDS } from '../sentenceView';

type ColourFacts = Pick<PieceFacts, 'colour' | 'fastness'>;

export function ColourPicker({
  facts,
  onChange,
  onDone,
}: {
  facts: ColourFacts;
  onChange: (facts: ColourFacts) => void;
  onDone: () => void;
}) {
  return (
    <Stack gap="3">
      <ChipRow
        label="Colour"
        chosen={facts.colour}
        options={COLOURS.map((colour) => ({
          value: colour,
          text: colour === 'unknown' ? 'not sure' : COLOUR_WORDS[colour],
        }))}
        onChoose={(colour) => onChange({ ...facts, colour })}
      />
      {facts.colour !== 'white' && (
        <ChipRow
          label="Does it hold? (damp white cloth on a hidden seam)"
          chosen={facts.fastness}
          options={FASTNESSES.map((fastness) => ({ value: fastness, text: FASTNESS_WORDS[fastness] }))}
          onChoose={(fastness) => onChange({ ...facts, fastness })}
        />
      )}
      <Button variant="action" alignSelf="start" onClick={onDone}>
        Done
      </Button>
    </Stack>
  );
}
