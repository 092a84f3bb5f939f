import { Box, Grid, Stack } from '@chakra-ui/react';
import { againstBook, type WhatWorksView, type WorksRowView } from '@feverfew/contracts';
import { useState } from 'react';
import { Link } from 'react-router';
import { useLexicon } from '../../app/useLexicon';
import { Button } from '../../components/controls/controls';
import { LinkButton } from '../../components/controls/LinkButton';
import { Fold } from '../../components/layout/Fold';
import { PageHeading } from '../../components/layout/PageHeading';
import { Notice } from '../../components/notices/Notice';
import { Empty, Failed, Loading } from '../../components/notices/States';
import { useWhatWorks } from '../../queries/whatWorksQueries';
import { WorksChart } from './WorksChart';
import { caseGroups, moveGroups, pct } from './whatWorksView';

/** What the household's own log has taught: effect by effect, what it changed, what to find out next. */
export function WhatWorksPage() {
  const works = useWhatWorks();
  if (works.isPending) return <Loading what="the log" />;
  if (works.isError) return <Failed error={works.error} onRetry={() => void works.refetch()} />;
  return <Learned works={works.data} />;
}

function Learned({ works }: { works: WhatWorksView }) {
  return (
    <Box maxWidth="73.75rem" marginInline="auto" padding={{ base: '4', md: '1.5rem 1.75rem' }}>
      <PageHeading title="What works here" />
      <Box color="soft" marginBottom="4" maxWidth="70ch">
        {works.uses === 0
          ? 'Every result you save teaches the plans. So far they go by the usual figures alone.'
          : `Plans count ${works.uses} uses of your own.`}
      </Box>
      <Grid
        templateColumns={{ base: 'minmax(0,1fr)', lg: 'minmax(0, 1.7fr) minmax(0, 1fr)' }}
        gap="1.625rem 2.5rem"
      >
        <Stack gap="2.5" minWidth="0">
          <Rows rows={works.rows} />
        </Stack>
        <Stack gap="5.5" order={{ base: -1, lg: 0 }}>
          <Changed works={works} />
          <Next works={works} />
        </Stack>
      </Grid>
      {works.rows.length === 0 && works.uses > 0 && (
        <Empty>The log has nothing yet on the troubles in this book.</Empty>
      )}
    </Box>
  );
}

function Changed({ works }: { works: WhatWorksView }) {
  const say = useLexicon();
  const groups = moveGroups(works.moves, say);
  return (
    <Box as="section" aria-label="What it changed">
      <Box as="h2" fontSize="heading">
        What it changed
      </Box>
      {groups.length === 0 && <Empty>Nothing yet that changes a plan.</Empty>}
      {groups.map((group) => (
        <Box key={group.troubleId} data-moves={group.troubleId}>
          <Fold title={group.title} purpose={group.summary}>
            <Box as="ul" paddingInlineStart="4.5" fontSize="note" listStyleType="disc">
              {group.lines.map((line) => (
                <li key={line}>{line}</li>
              ))}
            </Box>
            <LinkButton to={`/trouble/${group.troubleId}`}>To its plan</LinkButton>
          </Fold>
        </Box>
      ))}
    </Box>
  );
}

function Next({ works }: { works: WhatWorksView }) {
  const say = useLexicon();
  const { nextTrial } = works;
  if (!nextTrial) return null;
  const [first, second] = nextTrial.methodIds;
  return (
    <Box as="section" aria-label="Worth finding out">
      <Box as="h2" fontSize="heading" marginBottom="1.5">
        Worth finding out
      </Box>
      <Notice kind="note" word={say.name(nextTrial.markId)}>
        “{say.name(first)}” or “{say.name(second)}”? The first is better with odds of{' '}
        {pct(nextTrial.chanceFirst)} in 100.{' '}
        <Link to={`/trouble/${nextTrial.troubleId}`} style={{ textDecoration: 'underline' }}>
          Try both side by side
        </Link>
        .
      </Notice>
    </Box>
  );
}

const VERDICTS = {
  better: '▲ more than usual',
  worse: '▼ less than usual',
  alike: '= as usual',
  few: '· one use: too few to tell',
} as const;

const VERDICT_COLOURS = { better: 'leaf', worse: 'brick', alike: 'soft', few: 'soft' } as const;

function Rows({ rows }: { rows: readonly WorksRowView[] }) {
  const say = useLexicon();
  const [isWhole, setWhole] = useState(false);
  // A single use tells too little to be read among the others.
  const told = rows.filter((row) => row.uses > 1);
  const shown = isWhole || told.length === 0 ? rows : told;
  if (rows.length === 0)
    return (
      <Empty>Nothing to show yet. Finish a run with its looks, or read a log in, under Your house.</Empty>
    );
  return (
    <Box as="section" aria-label="Method by method">
      <Box fontSize="small" color="soft">
        Taken out in one round: ┄ usual · filled: here · ┃ middle · ticks: each use
      </Box>
      <Box as="table" width="100%" style={{ borderCollapse: 'collapse' }}>
        <Box as="thead" fontSize="small" color="soft" textAlign="start">
          <tr>
            <Box as="th" textAlign="start" fontWeight={400} width={{ base: 'auto', md: '34%' }}>
              Method
            </Box>
            <Box as="th" textAlign="start" fontWeight={400}>
              0 – 100 % a round
            </Box>
            <Box as="th" textAlign="end" fontWeight={400} display={{ base: 'none', md: 'table-cell' }}>
              worked
            </Box>
            <Box as="th" textAlign="end" fontWeight={400} display={{ base: 'none', md: 'table-cell' }}>
              usual → here
            </Box>
          </tr>
        </Box>
        {caseGroups(shown, say).map((group) => (
          <tbody key={group.title}>
            <tr>
              <Box
                as="th"
                {...{ colSpan: 4, scope: 'rowgroup' }}
                textAlign="start"
                paddingTop="3.5"
                fontFamily="heading"
                fontWeight={650}
                fontSize="lead"
              >
                {group.title}
              </Box>
            </tr>
            {group.rows.map((row) => (
              <Box
                as="tr"
                key={row.methodId + row.markId + row.fibres + row.age}
                borderTop="1px solid"
                borderColor="line"
                data-works={`${row.methodId} ${row.markId}`}
              >
                <Box as="td" paddingBlock="2" paddingInlineEnd="3">
                  <Box fontWeight={650}>{say.name(row.methodId)}</Box>
                  <Box fontSize="small" display={{ base: 'block', md: 'none' }}>
                    {figures(row)}
                  </Box>
                  <Box fontSize="small" color={VERDICT_COLOURS[againstBook(row.book, row.mean, row.uses)]}>
                    {VERDICTS[againstBook(row.book, row.mean, row.uses)]}
                  </Box>
                </Box>
                <Box as="td" minWidth="7.5rem">
                  <WorksChart row={row} />
                </Box>
                <Box
                  as="td"
                  textAlign="end"
                  paddingInlineStart="3"
                  whiteSpace="nowrap"
                  display={{ base: 'none', md: 'table-cell' }}
                >
                  {row.worked} of {row.uses}
                </Box>
                <Box
                  as="td"
                  textAlign="end"
                  paddingInlineStart="3"
                  whiteSpace="nowrap"
                  display={{ base: 'none', md: 'table-cell' }}
                >
                  {pct(row.book.low)}–{pct(row.book.high)} % → {pct(row.now.low)}–{pct(row.now.high)} %
                </Box>
              </Box>
            ))}
          </tbody>
        ))}
      </Box>
      {shown.length < rows.length && (
        <Button variant="plain" onClick={() => setWhole(true)}>
          {rows.length - shown.length} used only once
        </Button>
      )}
    </Box>
  );
}

const figures = (row: WorksRowView): string =>
  `${row.worked} of ${row.uses} worked, ${pct(row.book.low)}–${pct(row.book.high)} % → ` +
  `${pct(row.now.low)}–${pct(row.now.high)} %`;
