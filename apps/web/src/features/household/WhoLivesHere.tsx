import { YesNoField } from './fields';

/** People and animals that some products are kept from, and where the drain goes; each in a word. */
export const WHO_LIVES_HERE = [
  { key: 'asthma', label: 'Someone with asthma', word: 'asthma' },
  { key: 'pregnancy', label: 'Someone pregnant', word: 'a pregnancy' },
  { key: 'baby', label: 'A baby or small child', word: 'a small child' },
  { key: 'pets', label: 'Pets', word: 'pets' },
  { key: 'septicTank', label: 'A septic tank instead of a sewer', word: 'a septic tank' },
] as const;

/** One yes or no for each. */
export function WhoLivesHere() {
  return WHO_LIVES_HERE.map(({ key, label }) => (
    <YesNoField key={key} name={`household.${key}`} label={label} />
  ));
}
