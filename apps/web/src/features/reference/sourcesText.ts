import type { Catalogue } from '@feverfew/contracts';

/** "common practice", "from memory", "ISO 3758, recalled". */
export function sourcesText({ kind, short, consulted }: Catalogue['sources'][number]): string {
  const needsNoPaper = kind === 'commonPractice' || kind === 'memory' || kind === 'label';
  return consulted || needsNoPaper ? short : `${short}, recalled`;
}
