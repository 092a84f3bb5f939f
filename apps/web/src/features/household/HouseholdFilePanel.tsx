import { Box, Flex } from '@chakra-ui/react';
import { addressOf } from '@feverfew/contracts';
import { type ReactNode, useState } from 'react';
import { ApiProblem } from '../../app/api/api';
import { Button } from '../../components/controls/controls';
import { FileButton } from '../../components/controls/FileButton';
import { LinkButton } from '../../components/controls/LinkButton';
import { Notice } from '../../components/notices/Notice';
import { useImportHousehold, useReadLog } from '../../queries/householdQueries';

/** The household as files: whole as JSON, the log as CSV, what is to come as a calendar. All of a file or nothing. */
export function HouseholdFilePanel({ onRead }: { onRead: () => void }) {
  const read = useImportHousehold();
  const readLog = useReadLog();
  const [fault, setFault] = useState<string | null>(null);
  const take = async (file: File) => {
    setFault(null);
    read.reset();
    try {
      read.mutate(JSON.parse(await file.text()), { onSuccess: onRead });
    } catch {
      setFault(
        `“${file.name}” does not read as JSON: it is cut off or another kind of file. Nothing was changed.`,
      );
    }
  };
  return (
    <Box>
      <Part
        what={
          'Everything: settings, shelf, linen, plans, runs with every tap, trials, saved pictures. ' +
          'JSON, with a published schema. Reading one in takes the place of what is here.'
        }
      >
        <a href={addressOf('exportHousehold')} download="household.feverfew.json">
          <Button as="span">Export the household</Button>
        </a>
        <FileButton
          label="Household file"
          accept="application/json,.json"
          disabled={read.isPending}
          onFile={(file) => void take(file)}
        >
          {read.isPending ? 'Reading …' : 'Import a household'}
        </FileButton>
        <LinkButton to={addressOf('readHouseholdFileSchema')} reloadDocument variant="plain">
          Its JSON Schema
        </LinkButton>
      </Part>
      {read.isSuccess && (
        <Box role="status" marginTop="2">
          Read in: {read.data.pieces} pieces, {read.data.troubles} troubles, {read.data.runs} runs,{' '}
          {read.data.vessels} vessels, {read.data.mixes} kept mixes.{' '}
          {read.data.plansToRead > 0 && toReadOnly(read.data.plansToRead)}
        </Box>
      )}
      {(fault ?? read.error) && (
        <Notice kind="danger" role="alert" word="Not read in">
          {fault ?? read.error?.message} {placesOf(read.error)}
        </Notice>
      )}
      <Part
        what={
          'The log as a table: one line per method used, with what was left. ' +
          'A log kept elsewhere with the same columns is added, line by line, to what the plans learn from.'
        }
      >
        <a href={addressOf('exportLog')} download="feverfew-log.csv">
          <Button as="span">Log as CSV</Button>
        </a>
        <FileButton
          label="Log file"
          accept="text/csv,.csv"
          disabled={readLog.isPending}
          onFile={(file) => void file.text().then((csv) => readLog.mutate(csv))}
        >
          Read a log in
        </FileButton>
        <a href={addressOf('exportLoads')} download="feverfew-loads.csv">
          <Button as="span">Loads as CSV</Button>
        </a>
        <a href={addressOf('exportCalendar')} download="feverfew.ics">
          <Button as="span">Soak ends and upkeep as a calendar</Button>
        </a>
      </Part>
      {readLog.isSuccess && (
        <Box role="status" marginTop="2">
          {readLog.data.added} lines added, {readLog.data.known} were there already.
        </Box>
      )}
      {readLog.error && (
        <Notice kind="danger" role="alert" word="Not read in">
          {placesOf(readLog.error) || readLog.error.message} Nothing was added.
        </Notice>
      )}
    </Box>
  );
}

const toReadOnly = (plans: number): string =>
  `${plans === 1 ? 'One plan' : `${plans} plans`} from another house or an earlier version can be read only. ` +
  'Open the trouble: it is planned again there.';

/** Places at fault shown at most. */
const PLACES = 3;

const placesOf = (error: Error | null): string =>
  error instanceof ApiProblem
    ? Object.entries(error.fields)
        .slice(0, PLACES)
        .map(([path, message]) => `${path.replace(/^line\./, 'Line ')}: ${message}`)
        .join(' ')
    : '';

function Part({ what, children }: { what: string; children: ReactNode }) {
  return (
    <Box marginTop="2.5">
      <Box color="soft" fontSize="note" marginBottom="2" maxWidth="80ch">
        {what}
      </Box>
      <Flex gap="2.5" wrap="wrap" alignItems="center">
        {children}
      </Flex>
    </Box>
  );
}
