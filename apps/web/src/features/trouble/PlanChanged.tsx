import type { Plan, Trouble } from '@feverfew/contracts';
import { useLexicon } from '../../app/useLexicon';
import { Notice } from '../../components/notices/Notice';
import { useKeptPlan } from '../../queries/planQueries';
import { planDifference } from './planDifference';

/** A saved plan is made again on each view: the differences, if no other fact was entered. */
export function PlanChanged({ kept, plan }: { kept: Trouble; plan: Plan }) {
  const words = useLexicon();
  const before = useKeptPlan(kept.planId).data;
  const difference = before ? planDifference(before, plan) : null;
  if (!difference) return null;
  const { added, gone } = difference;
  const names = (ids: readonly string[]) => ids.map((id) => words.name(id)).join(', ');
  return (
    <Notice kind="note" word="Planned again">
      {[
        'By what is known today it is otherwise than when it was kept.',
        added.length > 0 ? `New: ${names(added)}.` : '',
        gone.length > 0 ? `No longer: ${names(gone)}.` : '',
        added.length + gone.length === 0 ? 'The same steps, in another order.' : '',
      ]
        .filter((line) => line !== '')
        .join(' ')}
    </Notice>
  );
}
