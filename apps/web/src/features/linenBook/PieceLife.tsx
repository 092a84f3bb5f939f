import { Box, Flex, Grid, Stack } from '@chakra-ui/react';
import type { NewCare, PieceHistory } from '@feverfew/contracts';
import { format } from 'date-fns';
import { v4 as newKey } from 'uuid';
import { dueText } from '../../clock/dueText';
import { Button } from '../../components/controls/controls';
import { Notice } from '../../components/notices/Notice';
import { decimal, moneyText } from '../../components/text/numbers';
import { useMay } from '../../queries/deviceQueries';
import { useNoteCare } from '../../queries/pieceQueries';

/** What a piece went through, what is due on it, what its care cost. */
export function PieceLife({ history }: { history: PieceHistory }) {
  const note = useNoteCare(history.piece.id);
  const may = useMay('all');
  const tell = (care: Pick<NewCare, 'what' | 'upkeepId'>) =>
    note.mutate({ key: newKey(), times: 1, ...care });
  const { exposure, wear, upkeep, now } = history;
  const strains = [
    ['rounds of treatment', String(exposure.rounds)],
    ['hours in oxygen bleach', hours(exposure.oxygenHours)],
    ['hours soaked in all', hours(exposure.soakHours)],
    ['machine washes', String(exposure.machineWashes)],
    ['of these at 60 °C or more', String(exposure.hotWashes)],
  ] as const;
  return (
    <Stack gap="4.5">
      {wear.map((one) => (
        <Notice key={one.ruleId} kind="warning" word={`Worn: ${one.name}`}>
          {Math.round(one.value)} of {one.warnAt}. {one.note}
        </Notice>
      ))}
      <Grid templateColumns={{ base: '1fr', md: '1fr 1fr' }} gap="1.125rem 2.5rem">
        <Box as="section" aria-label="What it went through">
          <Box as="h2" fontSize="heading">
            What it went through
          </Box>
          <Box as="dl" display="grid" gridTemplateColumns="1fr auto" gap="3px 0.875rem">
            {strains.map(([name, value]) => (
              <Box key={name} display="contents">
                <Box as="dt" color="soft">
                  {name}
                </Box>
                <Box as="dd" fontWeight={650}>
                  {value}
                </Box>
              </Box>
            ))}
          </Box>
          {may && (
            <Flex gap="2" wrap="wrap" marginTop="2">
              <Button disabled={note.isPending} onClick={() => tell({ what: 'machineWash', upkeepId: null })}>
                Washed once more
              </Button>
              <Button disabled={note.isPending} onClick={() => tell({ what: 'hotWash', upkeepId: null })}>
                At 60 °C or more
              </Button>
            </Flex>
          )}
          <Box marginTop="2.5">{costText(history)}</Box>
        </Box>
        <Box as="section" aria-label="Upkeep">
          <Box as="h2" fontSize="heading">
            Upkeep
          </Box>
          {upkeep.length === 0 && <Box color="soft">This kind of piece has no rhythm of its own.</Box>}
          {upkeep.map((one) => (
            <Flex
              key={one.upkeepId}
              gap="3"
              alignItems="center"
              paddingBlock="1.5"
              borderBottom="1px solid"
              borderColor="line"
            >
              <Box flex="1">
                <Box fontWeight={one.isDue && !one.atMost ? 700 : 400}>{one.name}</Box>
                <Box fontSize="note" color="soft">
                  {one.atMost
                    ? one.isDue
                      ? 'may be done again'
                      : `not again before ${format(new Date(one.dueAt), 'd MMMM')}`
                    : dueText(one.dueAt, now)}
                  {one.lastAt ? `, last ${format(new Date(one.lastAt), 'd MMM yyyy')}` : ''}
                </Box>
                {one.note && <Box fontSize="note">{one.note}</Box>}
              </Box>
              {may && (
                <Button
                  disabled={note.isPending}
                  onClick={() => tell({ what: 'upkeep', upkeepId: one.upkeepId })}
                >
                  Done
                </Button>
              )}
            </Flex>
          ))}
        </Box>
      </Grid>
    </Stack>
  );
}

const hours = (value: number): string => decimal(value, value >= 10 ? 0 : 1);

/** Cost of care against a new piece, if its prices are entered. */
function costText({ cost, piece, money }: PieceHistory): string {
  const sum = (amount: number) => moneyText(amount, money);
  const anew = piece.replacementCost === null ? '' : ` A new one: ${sum(piece.replacementCost)}.`;
  if (cost.isUnknown) return `What care cost is not known: tell prices in the Cupboard.${anew}`;
  const spent = `Care so far cost ${cost.isAtLeast ? 'at least ' : ''}${sum(cost.spent)}.`;
  const tries = cost.breakEvenTries === null ? '' : ` About ${cost.breakEvenTries} such rounds cost as much.`;
  return `${spent}${anew}${tries}`;
}
