import { Box, Flex } from '@chakra-ui/react';
import type { PieceHistory } from '@feverfew/contracts';
import { Notice } from '../../components/notices/Notice';
import { decimal, moneyText } from '../../components/text/numbers';

type Strain = PieceHistory['strains'][number];

const UNITS: Readonly<Record<Strain['counts'], (value: string) => string>> = {
  oxygenHours: (value) => `${value} h in oxygen bleach`,
  hotWashes: (value) => `${value} hot washes`,
  machineWashes: (value) => `${value} machine washes`,
};

/** How far a piece is worn by what it went through, and what its care has cost. */
export function PieceWear({ history }: { readonly history: PieceHistory }) {
  const { wear, strains, exposure } = history;
  const [nearest] = strains;
  return (
    <Box as="section" aria-label="Wear">
      <Flex alignItems="baseline" gap="2">
        <Box as="h2" fontSize="heading">
          Wear
        </Box>
        <Box fontWeight={650} fontSize="note" color={wear.length > 0 ? 'brick' : 'leaf'}>
          {wear.length > 0 ? 'look at it' : 'none to expect'}
        </Box>
      </Flex>
      {nearest && <Strained strain={nearest} />}
      {wear.map((one) => (
        <Notice key={one.ruleId} kind="warning" word={`Worn: ${one.name}`}>
          {one.note}
        </Notice>
      ))}
      <Box fontSize="note" marginTop="2">
        <strong>{exposure.rounds}</strong> {exposure.rounds === 1 ? 'round' : 'rounds'} ·{' '}
        <strong>{hours(exposure.soakHours)} h</strong> soaked · <strong>{exposure.machineWashes}</strong>{' '}
        {exposure.machineWashes === 1 ? 'wash' : 'washes'} noted
        {exposure.hotWashes > 0 && `, ${exposure.hotWashes} at 60 °C or more`}
      </Box>
      <Box fontSize="note">{costText(history)}</Box>
    </Box>
  );
}

/** The figure nearest to its limit, as a bar whose mark is the limit. */
function Strained({ strain }: { readonly strain: Strain }) {
  const share = strain.value / strain.warnAt;
  // The mark is at five sixths. A figure over it grows past it, to the end at most.
  const width = `${Math.min(1, share * (5 / 6)) * 100}%`;
  return (
    <Box marginTop="2">
      <Box position="relative" height="0.5rem" bg="track" aria-hidden="true">
        <Box height="100%" width={width} bg={share >= 1 ? 'brick' : 'ink'} />
        <Box
          position="absolute"
          left={`${(5 / 6) * 100}%`}
          top="-0.375rem"
          height="1.25rem"
          borderInlineStart="2px dashed"
          borderColor="brick"
        />
      </Box>
      <Flex justifyContent="space-between" fontSize="small" marginTop="1">
        <Box fontWeight={650}>{UNITS[strain.counts](hours(strain.value))}</Box>
        <Box color="soft">look at {strain.warnAt}</Box>
      </Flex>
    </Box>
  );
}

const hours = (value: number): string => decimal(value, value >= 10 || Number.isInteger(value) ? 0 : 1);

/** Cost of care against a new piece, if its prices are entered. */
function costText({ cost, piece, money }: PieceHistory): string {
  const sum = (amount: number) => moneyText(amount, money);
  const ofNew = piece.replacementCost === null ? '' : ` A new one: ${sum(piece.replacementCost)}.`;
  if (cost.isUnknown) return `What care cost is not known: enter prices in the Cupboard.${ofNew}`;
  const spent = `Care so far cost ${cost.isAtLeast ? 'at least ' : ''}${sum(cost.spent)}.`;
  const tries = cost.breakEvenTries === null ? '' : ` About ${cost.breakEvenTries} such rounds cost as much.`;
  return `${spent}${ofNew}${tries}`;
}
