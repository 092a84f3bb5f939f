import type { RunningEntry } from '@feverfew/contracts';
import type { WorkplaceGlyph } from '../../components/drawings/VesselGlyph';
import { useHousehold } from '../../queries/householdQueries';

/** How a run's place is drawn: which outline, and how full. */
export function useWorkplace({ place }: Pick<RunningEntry, 'place'>): { form: WorkplaceGlyph; full: number } {
  const vessels = useHousehold().data?.household.vessels;
  if (place.kind !== 'vessel') return { form: place.kind, full: 0 };
  return {
    form: vessels?.find(({ id }) => id === place.vesselId)?.form ?? 'basin',
    full: place.full,
  };
}
