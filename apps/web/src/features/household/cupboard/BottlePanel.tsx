import { Box, Flex, Stack } from '@chakra-ui/react';
import { BOTTLE_LEVELS, type Catalogue, lowerFirst } from '@feverfew/contracts';
import { useController } from 'react-hook-form';
import { ChipRow } from '../../../components/controls/ChipRow';
import { Button, Input } from '../../../components/controls/controls';
import { useSettingsForm } from '../fields';
import { StrengthField } from '../StrengthField';
import { BottleDrawing } from './BottleDrawing';
import { ANSWER_WORDS, type Answer, familyOf, LEVEL_SHARES, LEVEL_WORDS } from './cupboardView';

type Agent = Catalogue['agents'][number];

interface BottlePanelProps {
  readonly agent: Agent;
  /** Where it is in the list of the cupboard; null = not in the house. */
  readonly index: number | null;
  readonly answers: readonly Answer[];
  readonly onPutIn: () => void;
  readonly onTakeOut: () => void;
}

/** The product that is lifted: what is on its label, how much is left, and what it must never meet. */
export function BottlePanel({ agent, index, answers, onPutIn, onTakeOut }: BottlePanelProps) {
  return (
    <Stack as="section" aria-label={agent.name} gap="3">
      <Box as="h2" fontSize="heading">
        {agent.name}
      </Box>
      {index === null ? (
        <Button variant="action" alignSelf="start" onClick={onPutIn}>
          It is here: put it in
        </Button>
      ) : (
        <Entered agent={agent} index={index} />
      )}
      <Box fontSize="note" color="soft">
        Keeps: {lowerFirst(agent.shelfLife)}
      </Box>
      <Answers answers={answers} />
      {index !== null && (
        <Button variant="plain" alignSelf="start" onClick={onTakeOut}>
          Not in the house any more
        </Button>
      )}
    </Stack>
  );
}

function Entered({ agent, index }: { readonly agent: Agent; readonly index: number }) {
  const { control } = useSettingsForm();
  const { field: bottle } = useController({ control, name: `bottles.${agent.id}` });
  const { left = null, openedOn = null } = bottle.value ?? {};
  const set = (change: Partial<NonNullable<typeof bottle.value>>) =>
    bottle.onChange({ left, openedOn, ...change });
  const today = new Date().toISOString().slice(0, 10);
  return (
    <>
      <Flex gap="4" alignItems="center">
        <BottleDrawing form={agent.form} family={familyOf(agent)} share={left ? LEVEL_SHARES[left] : null} />
        <Stack gap="2" flex="1">
          <StrengthField agent={agent} index={index} />
          <Box as="label" fontSize="note" color="soft">
            Opened on
            <Input
              type="date"
              value={openedOn ?? ''}
              max={today}
              onChange={(event) => set({ openedOn: event.currentTarget.value || null })}
            />
          </Box>
        </Stack>
      </Flex>
      <ChipRow
        label="How much is left, by eye"
        chosen={left}
        size="small"
        options={BOTTLE_LEVELS.map((value) => ({ value, text: LEVEL_WORDS[value] }))}
        onChoose={(value) => set({ left: left === value ? null : value })}
      />
      <Button alignSelf="start" onClick={() => set({ left: 'full', openedOn: today })}>
        A new one, opened today
      </Button>
    </>
  );
}

function Answers({ answers }: { readonly answers: readonly Answer[] }) {
  return (
    <Box>
      <Box as="h3" fontSize="subhead">
        Never in one vessel with
      </Box>
      {answers.length === 0 && <Box>It may meet everything that is here.</Box>}
      <Box as="ul" listStyleType="none">
        {answers.map(({ agent, meeting }) => (
          <Box as="li" key={agent.id} borderTop="1px solid" borderColor="line" paddingBlock="2">
            <Box fontWeight={650}>{agent.name}</Box>
            <Box color={meeting.kind === 'cancel' ? 'soft' : 'brick'} fontSize="note">
              {ANSWER_WORDS[meeting.kind]}: {meeting.happens ?? 'they foam and use each other up'}
            </Box>
          </Box>
        ))}
      </Box>
      {answers.length > 0 && (
        <Box borderTop="1px solid" borderColor="line" paddingTop="2" fontSize="note" color="soft">
          It may meet the rest. A full rinse between two products is never wrong.
        </Box>
      )}
    </Box>
  );
}
