import type { Knowledge, School } from '@feverfew/knowledge';
import type { Household } from './household.js';
import type { TroubleFacts } from './troubleFacts.js';

/** A view followed in one dispute, and who chose it. */
export interface FollowedSchool {
  readonly school: School;
  readonly chosenBy: 'plan' | 'household' | 'default';
}

/** The view followed in every dispute: this plan's choice, else the household's, else the default. */
export function followedSchools(
  facts: Pick<TroubleFacts, 'schools'>,
  household: Pick<Household, 'schools'>,
  knowledge: Knowledge,
): ReadonlyMap<string, FollowedSchool> {
  return new Map(
    knowledge.disputes.flatMap(({ id: dispute }) => {
      const views = knowledge.schools.filter((school) => school.dispute === dispute);
      const find = (schoolId: string | undefined) => views.find((school) => school.id === schoolId);
      const own = find(facts.schools[dispute]);
      const house = find(household.schools[dispute]);
      const usual = views.find((school) => school.isDefault);
      const school = own ?? house ?? usual;
      return school
        ? [[dispute, { school, chosenBy: own ? 'plan' : house ? 'household' : 'default' }] as const]
        : [];
    }),
  );
}
