import { Box, Stack } from '@chakra-ui/react';
import { type Pass, PURPOSE_WORDS, passWords, type RoundPass, type TroubleFacts } from '@feverfew/contracts';
import { useLexicon } from '../../../app/useLexicon';
import { Terms } from '../../../components/text/Terms';
import { useCatalogue } from '../../../queries/catalogueQueries';
import { ActionRecipe } from '../../../recipe/ActionRecipe';
import type { OnTable } from '../../../recipe/mixDraft';
import { PassWhy } from '../alternatives/PassWhy';
import { durationLine, quietRemarks } from '../alternatives/passView';
import { StepInstead } from './StepInstead';

interface StepWhyProps {
  readonly laid: RoundPass;
  readonly pass: Pass | undefined;
  /** Its position in the run; -1 if only a passed water test opens it. */
  readonly passIndex: number;
  readonly facts: TroubleFacts;
  readonly on: OnTable;
  readonly onFacts: (change: Partial<TroubleFacts>) => void;
}

/** Behind Why, in its place under the step: what for, what is normal, what it does to each part, each action, and the way out. */
export function StepWhy({ laid, pass, passIndex, facts, on, onFacts }: StepWhyProps) {
  const say = useLexicon();
  const reason = useCatalogue().data?.methods.find((method) => method.id === laid.methodId)?.reason;
  const { how } = passWords(laid, say);
  const name = say.name(laid.methodId);
  return (
    <Stack gap="1.5" fontSize="note" paddingBlock="0.375rem 0.625rem">
      <Box color="soft">
        <Terms>
          {[
            how ?? '',
            laid.purpose ? `For ${PURPOSE_WORDS[laid.purpose]}.` : '',
            laid.origin === 'workedOut' ? 'Worked out from what moves the soil, not common practice.' : '',
            reason ?? '',
            ...quietRemarks(laid, say),
            durationLine(laid.minutes, laid.risk),
          ]
            .filter((line) => line !== '')
            .join(' ')}
        </Terms>
      </Box>
      {pass && <PassWhy pass={pass} />}
      {pass && (
        <Stack as="ol" gap="2" paddingInlineStart="5" listStyleType="decimal" aria-label="Each action">
          {pass.actions.map((action) => (
            <li key={action.id}>
              <ActionRecipe action={action} on={on} name={name} />
            </li>
          ))}
        </Stack>
      )}
      {passIndex >= 0 && <StepInstead laid={laid} passIndex={passIndex} facts={facts} onFacts={onFacts} />}
    </Stack>
  );
}
