import { Box, Stack } from '@chakra-ui/react';
import type { Catalogue } from '@feverfew/contracts';
import { get, useWatch } from 'react-hook-form';
import { Fold } from '../../components/layout/Fold';
import { useSettingsForm, YesNoField } from './fields';
import { HowShown } from './HowShown';
import { houseSummary, OFFERED } from './houseSummary';
import { PositionsEditor } from './PositionsEditor';
import { ToolsEditor } from './ToolsEditor';
import { VesselEditor } from './VesselEditor';
import { WaterEditor } from './WaterEditor';
import { WhoLivesHere } from './WhoLivesHere';

interface HouseFoldsProps {
  readonly catalogue: Catalogue;
  /** Degrees and measures are taken at once. */
  readonly onShown: () => void;
}

/** All facts of a house, grouped by what they change in a plan. Each part opens in place. */
export function HouseFolds({ catalogue, onShown }: HouseFoldsProps) {
  const { control, formState } = useSettingsForm();
  const settings = useWatch({ control }) as Parameters<typeof houseSummary>[0];
  const said = houseSummary(settings, catalogue);
  const isAtFault = (...paths: string[]) =>
    paths.some((path) => get(formState.errors, `household.${path}`) !== undefined);
  return (
    <Box borderBottom="1px solid" borderColor="line">
      <Fold
        title="Water"
        summary={said.water}
        purpose="How warm a bath gets, how much detergent"
        wanted={isAtFault('taps', 'roomC', 'hardnessMgL')}
      >
        <WaterEditor />
      </Fold>
      <Fold
        title="Vessels"
        summary={said.vessels}
        purpose="What soaks are made in"
        wanted={isAtFault('vessels')}
      >
        <Stack gap="3.5">
          <YesNoField name="household.hasMachine" label="A washing machine" />
          <VesselEditor />
        </Stack>
      </Fold>
      <Fold
        title="Measures"
        summary={said.measures}
        purpose="Spoons, caps or grams"
        wanted={isAtFault('tools', 'ownMeasures')}
      >
        <ToolsEditor />
      </Fold>
      <Fold title="Who lives here" summary={said.lives} purpose="What is kept out">
        <Stack gap="3.5">
          <WhoLivesHere />
        </Stack>
      </Fold>
      <Fold title="Strong products" summary={said.offered} purpose="What a plan may use">
        <Stack gap="3.5">
          {OFFERED.map(({ key, label }) => (
            <YesNoField key={key} name={`household.${key}`} label={label} />
          ))}
        </Stack>
      </Fold>
      <Fold title="Where opinions differ" summary={said.views} purpose="Which way a plan follows">
        <PositionsEditor catalogue={catalogue} />
      </Fold>
      <Fold title="How it is shown" summary={said.shown} purpose="Degrees, measures, light or dark">
        <HowShown onChosen={onShown} />
      </Fold>
    </Box>
  );
}
