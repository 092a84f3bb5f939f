import { Stack } from '@chakra-ui/react';
import { Notice } from '../../../components/notices/Notice';
import { useCatalogue } from '../../../queries/catalogueQueries';

/** What is normal here, and what means stop. */
export function SignList({
  expectedIds,
  alarmIds,
}: {
  expectedIds: readonly string[];
  alarmIds: readonly string[];
}) {
  const signs = useCatalogue().data?.signs ?? [];
  const text = (ids: readonly string[]) =>
    ids.flatMap((id) => signs.filter((sign) => sign.id === id).map((sign) => sign.text)).join(' ');
  return (
    <Stack gap="1.5">
      {expectedIds.length > 0 && (
        <Notice kind="good" word="Normal here">
          {text(expectedIds)}
        </Notice>
      )}
      {alarmIds.length > 0 && (
        <Notice kind="danger" word="Stop signs">
          {text(alarmIds)}
        </Notice>
      )}
    </Stack>
  );
}
