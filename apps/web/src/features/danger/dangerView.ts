import type { Catalogue, HouseholdSettings } from '@feverfew/contracts';

type Danger = Catalogue['dangers'][number];
type Household = Pick<HouseholdSettings['household'], 'asthma' | 'pregnancy' | 'baby' | 'pets'>;

const AT_RISK: Readonly<Record<Danger['risks'][number], string>> = {
  child: 'small children',
  pregnancy: 'anybody who is pregnant',
  asthma: 'anybody with asthma',
  pets: 'pets',
  weakImmunity: 'anybody with a weak immune system',
};

const inHouse: Readonly<Record<Danger['risks'][number], ((house: Household) => boolean) | null>> = {
  child: (house) => house.baby,
  pregnancy: (house) => house.pregnancy,
  asthma: (house) => house.asthma,
  pets: (house) => house.pets,
  weakImmunity: null,
};

const HERE: Readonly<Record<Exclude<Danger['risks'][number], 'weakImmunity'>, string>> = {
  child: 'a baby',
  pregnancy: 'a pregnant person',
  asthma: 'a person with asthma',
  pets: 'pets',
};

/** Whom it harms most, and who of them lives in this house as far as the house has said. */
export function riskText({ risks }: Danger, house: Household | null): { most: string; here: string } {
  const list = new Intl.ListFormat('en-GB', { type: 'conjunction' });
  const here = risks.flatMap((risk) =>
    house && risk !== 'weakImmunity' && inHouse[risk]?.(house) ? [HERE[risk]] : [],
  );
  return {
    most: risks.length > 0 ? `Keep away: ${list.format(risks.map((risk) => AT_RISK[risk]))}.` : '',
    here: here.length > 0 ? `In your house: ${list.format(here)}.` : '',
  };
}

/** What heads its parts: a poison is cleaned or not, a piece is in use or not, an infection is washed. */
const TITLES: Readonly<Record<Danger['kind'], { readonly home: string; readonly where: string }>> = {
  contaminant: { home: 'At home, after these steps', where: 'Where it goes' },
  piece: { home: 'Out of use when', where: 'Then' },
  hygiene: { home: 'The wash', where: 'What cannot be washed' },
};

export const homeTitle = ({ home, kind }: Danger): string =>
  kind === 'contaminant' && home.may === 'no' ? 'At home: no' : TITLES[kind].home;
export const whereTitle = ({ kind }: Danger): string => TITLES[kind].where;

/** Signs for the emergency number: those of every poison, and its own. */
const POISONED = 'Short of breath, collapsed, in fits, or a burnt eye.';
export const emergencyText = ({ kind, emergency }: Danger): string =>
  [kind === 'contaminant' ? POISONED : '', emergency ?? ''].filter((text) => text !== '').join(' ');
