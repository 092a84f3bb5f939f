import { Flex, Stack } from '@chakra-ui/react';
import { type Catalogue, NO_CHOICES, type Plan, type TroubleFacts } from '@feverfew/contracts';
import { ChipRow } from '../../../components/controls/ChipRow';
import { StartTrial } from '../../trial/StartTrial';
import { CupboardLine } from '../CupboardLine';
import { PositionsPanel } from './PositionsPanel';

interface OtherWaysProps {
  readonly plan: Plan;
  readonly troubleId: string | undefined;
  readonly catalogue: Catalogue;
  readonly onFacts: (change: Partial<TroubleFacts>) => void;
}

/** By when it is wanted, in minutes from now. */
const WANTED = [
  { value: 'any', text: 'whenever it is' },
  { value: '240', text: 'in 4 hours' },
  { value: '720', text: 'in 12 hours' },
  { value: '1440', text: 'by tomorrow' },
] as const;

/** The same done otherwise: with something bought, sooner, by another school, or two ways side by side. */
export function OtherWays({ plan, troubleId, catalogue, onFacts }: OtherWaysProps) {
  const choices = plan.facts.choices ?? NO_CHOICES;
  return (
    <Stack gap="2.5">
      <CupboardLine plan={plan} onReach={(reach) => onFacts({ reach })} />
      <ChipRow
        label="It is wanted"
        chosen={choices.readyInMin === null ? 'any' : String(choices.readyInMin)}
        options={WANTED}
        onChoose={(value) =>
          onFacts({ choices: { ...choices, readyInMin: value === 'any' ? null : Number(value) } })
        }
      />
      <PositionsPanel
        positions={plan.positions}
        facts={plan.facts}
        catalogue={catalogue}
        onChoose={(positions) => onFacts({ positions })}
      />
      {troubleId && (
        <Flex>
          <StartTrial plan={plan} troubleId={troubleId} />
        </Flex>
      )}
    </Stack>
  );
}
