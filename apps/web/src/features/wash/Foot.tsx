import { Box, Flex } from '@chakra-ui/react';
import type { LoadView, PieceNames, WashView } from '@feverfew/contracts';
import { useEffect, useState } from 'react';
import { Link } from 'react-router';
import { useLexicon } from '../../app/useLexicon';
import { timeOfDay } from '../../clock/timeOfDay';
import { Button } from '../../components/controls/controls';
import { WashMark } from './drawings/Marks';
import type { Arranging } from './useArranging';
import { handMinutes, sumText } from './washView';

/** Marks that are worked on by hand before any drum is filled. */
export function ByHandFirst({ wash, name }: { wash: WashView; name: PieceNames }) {
  const say = useLexicon();
  const { byHandFirst } = wash;
  const minutes = handMinutes(byHandFirst);
  return (
    <Box>
      <Flex align="center" gap="2" fontFamily="heading" fontWeight={700}>
        <WashMark of="hand" />
        {byHandFirst.length === 0
          ? 'Nothing by hand first'
          : `By hand first${minutes > 0 ? `, ${minutes} min of yours` : ''}`}
      </Flex>
      {byHandFirst.slice(0, 3).map(({ pieceId, troubleId, markIds, handsOnMin }) => (
        <Box key={troubleId} fontSize="note">
          <Link to={`/trouble/${troubleId}`}>
            <b>{name(pieceId)}</b>
          </Link>
          , {markIds.map(say.name).join(', ')}
          {handsOnMin ? `: ${handsOnMin} min` : ''}
        </Box>
      ))}
      {byHandFirst.length > 3 && (
        <Box fontSize="note" color="soft">
          and {byHandFirst.length - 3} more
        </Box>
      )}
    </Box>
  );
}

/** Few loads, or each at its best. */
export function Wish({ wash, arranging, money }: { wash: WashView; arranging: Arranging; money: string }) {
  const [value, setValue] = useState(wash.settings.best);
  useEffect(() => setValue(wash.settings.best), [wash.settings.best]);
  const send = () => {
    if (value !== wash.settings.best || wash.arranged) arranging.sort(value);
  };
  return (
    <Box>
      <Flex justify="space-between" fontSize="note" gap="3">
        <span>fewest drums</span>
        <span>each at its best</span>
      </Flex>
      <input
        type="range"
        min={0}
        max={1}
        step={0.1}
        value={value}
        aria-label="From fewest drums to each at its best"
        aria-valuetext={
          value === 0
            ? 'fewest drums'
            : value === 1
              ? 'each at its best'
              : `${Math.round(value * 10)} of 10 towards each at its best`
        }
        style={{ width: '100%', accentColor: 'var(--ff-colors-leaf)', minHeight: '2.75rem' }}
        onChange={(event) => setValue(Number(event.target.value))}
        onPointerUp={send}
        onKeyUp={send}
        onBlur={send}
      />
      <Box fontSize="note">
        {wash.loads.length > 0 && (
          <>
            All {wash.loads.length > 1 ? 'together' : 'of it'}: <b>{sumText(wash.loads, money)}</b>
          </>
        )}
      </Box>
      {wash.arranged && (
        <Button
          variant="plain"
          minHeight={{ base: '2.75rem', md: '2.125rem' }}
          onClick={() => arranging.sort(value)}
        >
          Sort it again
        </Button>
      )}
    </Box>
  );
}

/** The one action: fill the drum that is next. While the machine runs it may wait, or another machine be taken. */
export function FillButton({
  load,
  number,
  machineFreeAt,
  isBusy,
  onFill,
}: {
  load: LoadView | undefined;
  number: number;
  machineFreeAt: string | null;
  isBusy: boolean;
  onFill: (load: LoadView) => void;
}) {
  if (!load) return null;
  return (
    <Box>
      {machineFreeAt && <Box fontSize="note">The machine is busy till {timeOfDay(machineFreeAt)}.</Box>}
      <Button
        variant={machineFreeAt ? 'outline' : 'action'}
        size="large"
        disabled={isBusy}
        width={{ base: '100%', md: 'auto' }}
        onClick={() => onFill(load)}
      >
        Fill drum {number}
      </Button>
    </Box>
  );
}
