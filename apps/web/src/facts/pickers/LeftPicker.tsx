import { Box, Flex, Stack } from '@chakra-ui/react';
import { Button, ChipButton } from '../../components/controls/controls';

/** What the trouble is made of: tap what is seen to be gone, and the plan is for the rest. */
export function LeftPicker({
  components,
  goneIds,
  onChange,
  onDone,
}: {
  components: readonly { readonly id: string; readonly name: string }[];
  goneIds: readonly string[];
  onChange: (goneIds: string[]) => void;
  onDone: () => void;
}) {
  const toggle = (id: string) =>
    onChange(goneIds.includes(id) ? goneIds.filter((other) => other !== id) : [...goneIds, id]);
  return (
    <Stack gap="3">
      <Box fontSize="note">
        {components.length > 0
          ? 'Tap what is gone. The plan is for what is left.'
          : 'Say what the trouble is first; then its parts stand here.'}
      </Box>
      <Flex gap="1.5" wrap="wrap">
        {components.map(({ id, name }) => {
          const gone = goneIds.includes(id);
          return (
            <ChipButton
              key={id}
              size="touch"
              state={gone ? 'forbidden' : 'chosen'}
              aria-pressed={gone}
              onClick={() => toggle(id)}
            >
              {gone ? `gone: ${name}` : name}
            </ChipButton>
          );
        })}
      </Flex>
      <Flex gap="2">
        <Button variant="action" onClick={onDone}>
          Done
        </Button>
        <Button
          onClick={() => {
            onChange([]);
            onDone();
          }}
        >
          All of it is left
        </Button>
      </Flex>
    </Stack>
  );
}
