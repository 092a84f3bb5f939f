import { Stack } from '@chakra-ui/react';
import { useCatalogue } from '../queries/catalogueQueries';
import { cautionsById } from './CautionList';
import { Notice } from './Notice';

/** All cautions of a recipe in at most two blocks: what can hurt, then what to mind. Nothing is hidden behind a tap. */
export function CautionDigest({
  ids,
  lead,
  said = [],
}: {
  ids: readonly string[];
  lead: string;
  /** Said a step before: of these only what can hurt is said again. */
  said?: readonly string[];
}) {
  const { data } = useCatalogue();
  const cautions = cautionsById(ids, data).filter(
    ({ id, severity }) => severity !== 'note' || !said.includes(id),
  );
  const text = (...severities: string[]) =>
    cautions
      .filter((caution) => severities.includes(caution.severity))
      .map((caution) => caution.text)
      .join(' ');
  const danger = text('danger');
  const mind = text('warning', 'note');
  return (
    <Stack gap="6px" role="group" aria-label="Cautions">
      {danger && (
        <Notice kind="danger" word={`${lead}, danger`}>
          {danger}
        </Notice>
      )}
      {mind && (
        <Notice kind="warning" word={`${lead}, mind`}>
          {mind}
        </Notice>
      )}
    </Stack>
  );
}
