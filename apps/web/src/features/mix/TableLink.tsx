import type { Step } from '@feverfew/contracts';
import { LinkButton } from '../../components/LinkButton';
import { addressOf, draftOfStep, type OnTable } from './mixDraft';

/** Opens the mixing table filled in from a step; only where something is measured. */
export function TableLink({ step, on, name }: { step: Step; on: OnTable; name: string }) {
  const draft = draftOfStep(step, on, name);
  if (step.kind !== 'mix' || draft.pours.length === 0) return null;
  return (
    <LinkButton data-print="hide" to={addressOf(draft)} variant="plain" paddingInline="0">
      On the mixing table
    </LinkButton>
  );
}
