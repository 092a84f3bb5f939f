import { YesNoField } from './fields';

const HERE = [
  { key: 'asthma', label: 'Someone with asthma' },
  { key: 'pregnancy', label: 'Someone pregnant' },
  { key: 'baby', label: 'A baby or small child' },
  { key: 'pets', label: 'Pets' },
  { key: 'septicTank', label: 'A septic tank instead of a sewer' },
] as const;

/** People and animals that some products are kept from, and where the drain goes. */
export function WhoLivesHere() {
  return HERE.map(({ key, label }) => <YesNoField key={key} name={`household.${key}`} label={label} />);
}
