import { Stack } from '@chakra-ui/react';
import { useWatch } from 'react-hook-form';
import { setColourMode, useColourMode } from '../../app/shell/colourMode';
import { ChipRow } from '../../components/controls/ChipRow';
import { useSettingsForm } from './fields';

/** Degrees, measures and light: taken at once. */
export function HowShown({ onChosen }: { onChosen: () => void }) {
  const { control, setValue } = useSettingsForm();
  const measures = useWatch({ control, name: 'measures' });
  const mode = useColourMode();
  return (
    <Stack gap="3.5">
      <ChipRow
        label="Degrees"
        chosen={measures.temperature}
        options={[
          { value: 'C', text: '°C' },
          { value: 'F', text: '°F' },
        ]}
        onChoose={(temperature) => {
          setValue('measures.temperature', temperature);
          onChosen();
        }}
      />
      <ChipRow
        label="Volumes and weights"
        chosen={measures.system}
        options={[
          { value: 'metric', text: 'litres and grams' },
          { value: 'us', text: 'US quarts and ounces' },
        ]}
        onChoose={(system) => {
          setValue('measures.system', system);
          onChosen();
        }}
      />
      <ChipRow
        label="Light"
        chosen={mode}
        options={[
          { value: 'system', text: 'as the device' },
          { value: 'light', text: 'light' },
          { value: 'dark', text: 'dark' },
        ]}
        onChoose={setColourMode}
      />
    </Stack>
  );
}
