import type { Catalogue, Lexicon as CoreLexicon, Measures } from '@feverfew/contracts';
import { useMemo } from 'react';
import { massText, tempText, volumeText } from '../components/text/measureText';
import { useCatalogue } from '../queries/catalogueQueries';
import { useHousehold } from '../queries/householdQueries';

export const METRIC: Measures = { temperature: 'C', system: 'metric' };

export type MarkNumber = Catalogue['marks'][number]['number'];

/** What sentences about a trouble need besides the words of the core. */
export interface Lexicon extends CoreLexicon {
  /** How a trouble is counted: ink, a scorch, sweets. */
  readonly numberOf: (markId: string) => MarkNumber;
}

/** Names and measures for the words, from the catalogue and the household's choice. */
function lexiconOf(catalogue: Catalogue | undefined, measures: Measures): Lexicon {
  const names = new Map<string, string>();
  const numbers = new Map(catalogue?.marks.map(({ id, number }) => [id, number]));
  if (catalogue) {
    for (const family of [
      catalogue.fibres,
      catalogue.items,
      catalogue.marks,
      catalogue.components,
      catalogue.agents,
      catalogue.methods,
      catalogue.positions,
      catalogue.parts,
      catalogue.clothKinds,
      catalogue.hygienes,
    ]) {
      for (const { id, name } of family) names.set(id, name);
    }
    for (const { id, happens } of catalogue.pairs) names.set(id, happens);
    for (const { id, note } of catalogue.substitutions) names.set(id, note);
    for (const { id, advice } of catalogue.marks) names.set(`advice:${id}`, advice);
    for (const { id, note } of catalogue.items) names.set(`note:${id}`, note);
  }
  return {
    name: (id) => names.get(id) ?? id,
    numberOf: (id) => numbers.get(id) ?? 'mass',
    temp: (tempC) => tempText(tempC, measures),
    volume: (volumeML) => volumeText(volumeML, measures),
    mass: (massG) => massText(massG, measures),
  };
}

export function useMeasures(): Measures {
  return useHousehold().data?.measures ?? METRIC;
}

export function useLexicon(): Lexicon {
  const { data: catalogue } = useCatalogue();
  const measures = useMeasures();
  return useMemo(() => lexiconOf(catalogue, measures), [catalogue, measures]);
}
