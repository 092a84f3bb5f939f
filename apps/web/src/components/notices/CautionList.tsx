import { Stack } from '@chakra-ui/react';
import type { Catalogue } from '@feverfew/contracts';
import { useCatalogue } from '../../queries/catalogueQueries';
import { Notice } from './Notice';

const RANK = { danger: 0, warning: 1, note: 2 } as const;

/** Cautions by id, gravest first. */
export function cautionsById(
  ids: readonly string[],
  catalogue: Catalogue | undefined,
): Catalogue['cautions'] {
  const found = ids.flatMap((id) => catalogue?.cautions.filter((caution) => caution.id === id) ?? []);
  return found.sort((a, b) => RANK[a.severity] - RANK[b.severity]);
}

export function CautionList({ ids }: { ids: readonly string[] }) {
  const { data } = useCatalogue();
  const cautions = cautionsById(ids, data);
  if (cautions.length === 0) return null;
  const notes = cautions.filter((caution) => caution.severity === 'note');
  return (
    <Stack gap="1.5" aria-label="Cautions" role="group">
      {cautions
        .filter((caution) => caution.severity !== 'note')
        .map((caution) => (
          <Notice key={caution.id} kind={caution.severity}>
            {caution.text}
          </Notice>
        ))}
      {notes.length > 0 && <Notice kind="note">{notes.map((caution) => caution.text).join(' ')}</Notice>}
    </Stack>
  );
}
