import { Stack } from '@chakra-ui/react';
import { useCatalogue } from '../../queries/catalogueQueries';
import { cautionsById } from './CautionList';
import { Notice } from './Notice';

/** All cautions of a recipe in at most two blocks: what can hurt, then what to mind. Nothing is hidden behind a tap. */
export function CautionDigest({
  ids,
  lead,
  said = [],
  inBrief = false,
}: {
  ids: readonly string[];
  /** Of what they are, where nothing above says so. */
  lead?: string;
  /** Said a step before: of these only what can hurt is said again. */
  said?: readonly string[];
  /** Each in a few words: where the step that follows says them whole. */
  inBrief?: boolean;
}) {
  const { data } = useCatalogue();
  const cautions = cautionsById(ids, data).filter(
    ({ id, severity }) => severity !== 'note' || !said.includes(id),
  );
  const textOf = (...severities: string[]) =>
    cautions
      .filter((caution) => severities.includes(caution.severity))
      .map(({ brief, text }) => (inBrief ? brief : text))
      .join(' ');
  const danger = textOf('danger');
  const careful = textOf('warning', 'note');
  return (
    <Stack gap="1.5" role="group" aria-label="Cautions">
      {danger && (
        <Notice kind="danger" {...wordOf(lead, 'danger')}>
          {danger}
        </Notice>
      )}
      {careful && (
        <Notice kind="warning" {...wordOf(lead, 'careful')}>
          {careful}
        </Notice>
      )}
    </Stack>
  );
}

const wordOf = (lead: string | undefined, kind: string) => (lead ? { word: `${lead}, ${kind}` } : {});
