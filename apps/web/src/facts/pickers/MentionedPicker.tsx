import { Box, Flex, Stack } from '@chakra-ui/react';
import type { TroubleFacts } from '@feverfew/contracts';
import { useLexicon } from '../../app/useLexicon';
import { Button, ChipButton } from '../../components/controls/controls';
import { PEOPLE_NAMES } from '../sentenceView';

type Mentioned = Pick<TroubleFacts, 'people' | 'inHouse'>;

/** Who and what the typed sentence mentioned of the house: each can be taken out of this plan. */
export function MentionedPicker({
  facts: { people = [], inHouse = [] },
  onChange,
  onDone,
}: {
  readonly facts: Mentioned;
  readonly onChange: (mentioned: Mentioned) => void;
  readonly onDone: () => void;
}) {
  const say = useLexicon();
  const chips: readonly { readonly id: string; readonly name: string; readonly without: Mentioned }[] = [
    ...people.map((who) => ({
      id: who,
      name: PEOPLE_NAMES[who],
      without: { people: people.filter((one) => one !== who) },
    })),
    ...inHouse.map((id) => ({
      id,
      name: say.name(id),
      without: { inHouse: inHouse.filter((one) => one !== id) },
    })),
  ];
  return (
    <Stack gap="3">
      <Box fontSize="note">This plan goes by what you wrote. Tap what is not so.</Box>
      <Flex gap="1.5" wrap="wrap">
        {chips.map(({ id, name, without }) => (
          <ChipButton key={id} size="touch" state="chosen" onClick={() => onChange(without)}>
            Not so: {name}
          </ChipButton>
        ))}
      </Flex>
      <Flex>
        <Button variant="action" onClick={onDone}>
          Done
        </Button>
      </Flex>
    </Stack>
  );
}
