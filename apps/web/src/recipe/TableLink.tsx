import type { Action } from '@feverfew/contracts';
import { LinkButton } from '../components/controls/LinkButton';
import { draftOfAction, mixAddressOf, type OnTable } from './mixDraft';

/** Opens the mixing table filled in from a step; only where something is measured. */
export function TableLink({ action, on, name }: { action: Action; on: OnTable; name: string }) {
  const draft = draftOfAction(action, on, name);
  if (action.kind !== 'mix' || draft.pours.length === 0) return null;
  return (
    <LinkButton data-print="hide" to={mixAddressOf(draft)} variant="plain" paddingInline="0">
      On the mixing table
    </LinkButton>
  );
}
