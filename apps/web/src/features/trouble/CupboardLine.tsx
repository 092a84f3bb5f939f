import { Box, Flex } from '@chakra-ui/react';
import { effectRange, type Plan, type TroubleFacts } from '@feverfew/contracts';
import { useLexicon } from '../../app/useLexicon';
import { ChipButton } from '../../components/controls/controls';

const REACHES = [
  ['house', 'What is in the house'],
  ['shop', 'Also what could be bought'],
] as const;

/** Best with what is here against best if something were bought, and the switch between the two. */
export function CupboardLine({
  plan,
  onReach,
}: {
  plan: Plan;
  onReach: (reach: TroubleFacts['reach']) => void;
}) {
  const say = useLexicon();
  const { now, ifBought } = plan.cupboard;
  return (
    <Flex
      gap="0.375rem 0.75rem"
      wrap="wrap"
      alignItems="center"
      fontSize="small"
      paddingBlock="0.25rem 0.375rem"
    >
      <Flex gap="1" role="group" aria-label="What the plan may count on">
        {REACHES.map(([reach, name]) => (
          <ChipButton
            key={reach}
            state={plan.facts.reach === reach ? 'chosen' : 'plain'}
            aria-pressed={plan.facts.reach === reach}
            onClick={() => onReach(reach)}
          >
            {name}
          </ChipButton>
        ))}
      </Flex>
      {ifBought && (
        <Box color="soft" flex="1 1 16.25rem">
          Best here: {now ? `${say.name(now.methodId)}, ${effectRange(now.effect)}` : 'nothing'}. With{' '}
          {ifBought.agentIds.map(say.name).join(' and ')} bought:{' '}
          <strong>
            {say.name(ifBought.methodId)}, {effectRange(ifBought.effect)}
          </strong>
          .
        </Box>
      )}
    </Flex>
  );
}
