import { Box } from '@chakra-ui/react';
import type { WorksRowView } from '@feverfew/contracts';
import { pct } from './whatWorksView';

/** The book's range as an outlined bar, the household's as a filled one, each use as a tick: 0 to 100 % a round. */
export function WorksChart({ row }: { row: WorksRowView }) {
  const x = (share: number) => 4 + 292 * Math.min(1, Math.max(0, share));
  const removed = (one: WorksRowView['cases'][number]) => 1 - (one.leftPct / 100) ** (1 / one.rounds);
  const label =
    `Usual: ${pct(row.book.low)} to ${pct(row.book.high)} % a round. Here: ${pct(row.now.low)} to ` +
    `${pct(row.now.high)} %, middle ${pct(row.mean)} %, from ${row.uses} uses.`;
  return (
    <Box
      as="svg"
      role="img"
      aria-label={label}
      width="100%"
      height="3.375rem"
      {...{ viewBox: '0 0 300 54', preserveAspectRatio: 'none' }}
    >
      {[0, 0.25, 0.5, 0.75, 1].map((share) => (
        <path
          key={share}
          d={`M${x(share)} 2 V52`}
          stroke="var(--ff-colors-line)"
          strokeWidth="1"
          vectorEffect="non-scaling-stroke"
        />
      ))}
      <rect
        x={x(row.book.low)}
        y="8"
        width={Math.max(3, x(row.book.high) - x(row.book.low))}
        height="11"
        fill="none"
        stroke="var(--ff-colors-soft)"
        strokeWidth="1.6"
        strokeDasharray="4 3"
        vectorEffect="non-scaling-stroke"
      />
      <rect
        x={x(row.now.low)}
        y="23"
        width={Math.max(3, x(row.now.high) - x(row.now.low))}
        height="13"
        fill="var(--ff-colors-leaf)"
        opacity="0.55"
      />
      <path
        d={`M${x(row.mean)} 21 V38`}
        stroke="var(--ff-colors-ink)"
        strokeWidth="2.4"
        vectorEffect="non-scaling-stroke"
      />
      {row.cases.map((one) => (
        <path
          key={one.id}
          d={`M${x(removed(one))} 41 V51`}
          stroke="var(--ff-colors-water)"
          strokeWidth="3"
          opacity={0.35 + 0.65 * one.weight}
          vectorEffect="non-scaling-stroke"
        />
      ))}
    </Box>
  );
}
