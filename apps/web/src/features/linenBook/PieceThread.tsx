import { Box, Flex } from '@chakra-ui/react';
import type { PieceHistory } from '@feverfew/contracts';
import { Link } from 'react-router';
import { useLexicon } from '../../app/useLexicon';
import { AHEAD_PCT, type Knot, TODAY_PCT, threadView } from './threadView';

/** Height of the whole, and of the thread in it, rem. */
const HEIGHT_REM = 8.5;
const LINE_REM = 4;

/** The life of a piece on one thread: what happened, today, and what is due. Its list is below. */
export function PieceThread({ history }: { readonly history: PieceHistory }) {
  const { start, isCoiled, knots, ahead } = threadView(history, useLexicon());
  return (
    <Box as="section" aria-label="Its thread">
      <Flex gap="0.25rem 1.25rem" wrap="wrap" alignItems="baseline">
        <Box as="h2" fontSize="heading">
          Its thread
        </Box>
        <Box color="soft" fontSize="small">
          knot: gone or nearly · open loop: still there ·{' '}
          <Box as="span" color="water">
            stroke: a wash
          </Box>
        </Box>
      </Flex>
      <Box position="relative" height={`${HEIGHT_REM}rem`} fontSize="small" lineHeight="1.2">
        <Line from={isCoiled ? 13 : 0} to={TODAY_PCT} />
        {isCoiled && <Coil />}
        <Label atPct={0} side="below" title={start.title} note={start.note} align="start" />
        {knots.map((knot) => (
          <OnThread key={knot.key} knot={knot} />
        ))}
        <Today />
        <Line from={TODAY_PCT} to={100} isDotted />
        {ahead && (
          <>
            <At atPct={AHEAD_PCT}>
              <circle cx="12" cy="12" r="8" strokeDasharray="2.5 3" fill="var(--ff-colors-card)" />
            </At>
            <Label atPct={AHEAD_PCT} side="above" title={ahead.title} note={ahead.note} />
          </>
        )}
      </Box>
    </Box>
  );
}

interface LineProps {
  readonly from: number;
  readonly to: number;
  readonly isDotted?: boolean;
}

const Line = ({ from, to, isDotted = false }: LineProps) => (
  <Box
    position="absolute"
    left={`${from}%`}
    width={`${to - from}%`}
    top={`${LINE_REM}rem`}
    borderTop={isDotted ? '3px dotted' : '3px solid'}
    borderColor="ink"
    transform="translateY(-50%)"
  />
);

/** Its first time in the house, of which nothing was noted. */
const Coil = () => (
  <Box position="absolute" left="0" width="13%" top={`${LINE_REM - 1}rem`} height="2rem" color="ink">
    <svg
      viewBox="0 0 130 32"
      width="100%"
      height="100%"
      preserveAspectRatio="none"
      fill="none"
      aria-hidden="true"
    >
      <path
        d="M1 2V30 M1 16Q10 -8 22 16T44 16T66 16T88 16T110 16L130 16"
        stroke="currentColor"
        strokeWidth="3"
        vectorEffect="non-scaling-stroke"
      />
    </svg>
  </Box>
);

interface AtProps {
  readonly atPct: number;
  readonly children: React.ReactNode;
}

/** A sign on the thread, 24 px. */
const At = ({ atPct, children }: AtProps) => (
  <Box
    position="absolute"
    left={`${atPct}%`}
    top={`${LINE_REM}rem`}
    transform="translate(-50%, -50%)"
    color="ink"
  >
    <svg
      width="24"
      height="24"
      viewBox="0 0 24 24"
      fill="none"
      stroke="currentColor"
      strokeWidth="2.2"
      overflow="visible"
      aria-hidden="true"
    >
      {children}
    </svg>
  </Box>
);

function Sign({ kind }: { readonly kind: Knot['kind'] }) {
  switch (kind) {
    case 'gone':
      return (
        <>
          <circle cx="12" cy="12" r="9" fill="var(--ff-colors-leaf)" stroke="var(--ff-colors-leaf)" />
          <path d="M7.5 12.5l3 3 6-6.5" stroke="var(--ff-colors-on-leaf)" strokeLinecap="round" />
        </>
      );
    case 'still':
      return <path d="M8 12C3 20 3 29 12 29S21 20 16 12" fill="var(--ff-colors-card)" />;
    case 'wash':
      return <path d="M12 5V19" stroke="var(--ff-colors-water)" strokeWidth="3" />;
    case 'care':
      return <path d="M12 4l8 8-8 8-8-8Z" fill="var(--ff-colors-card)" />;
  }
}

function OnThread({ knot }: { readonly knot: Knot }) {
  const words = `${knot.title}: ${knot.note}`;
  const sign = (
    <At atPct={knot.atPct}>
      <title>{words}</title>
      <Sign kind={knot.kind} />
    </At>
  );
  return (
    <>
      {sign}
      {knot.label && (
        <Label atPct={knot.atPct} side={knot.label} title={knot.title} note={knot.note} to={knot.to} />
      )}
    </>
  );
}

interface LabelProps {
  readonly atPct: number;
  readonly side: 'above' | 'below';
  readonly title: string;
  readonly note: string;
  readonly align?: 'start' | 'center';
  readonly to?: string | null;
}

/** Words at the thread. On a phone there is no room for them: the list below has them. */
const Label = ({ atPct, side, title, note, align = 'center', to = null }: LabelProps) => (
  <Box
    position="absolute"
    left={`${atPct}%`}
    {...(side === 'above'
      ? { bottom: `${HEIGHT_REM - LINE_REM + 1}rem` }
      : { top: `${LINE_REM + (align === 'start' ? 0.75 : 1.25)}rem` })}
    transform={align === 'center' ? 'translateX(-50%)' : undefined}
    textAlign={align}
    width={align === 'start' ? '9rem' : '7.5rem'}
    display={{ base: 'none', md: 'block' }}
  >
    <Box fontWeight={650} lineClamp={2}>
      {to ? <Link to={to}>{title}</Link> : title}
    </Box>
    <Box color="soft" overflow="hidden" textOverflow="ellipsis" whiteSpace="nowrap">
      {note}
    </Box>
  </Box>
);

const Today = () => (
  <>
    <Box
      position="absolute"
      left={`${TODAY_PCT}%`}
      top={`${LINE_REM - 1.375}rem`}
      height="2.75rem"
      borderInlineStart="3px solid"
      borderColor="ink"
      transform="translateX(-50%)"
    />
    <Box
      position="absolute"
      left={`${TODAY_PCT}%`}
      top={`${LINE_REM - 1.75}rem`}
      transform="translateX(-50%)"
      width="0.75rem"
      height="0.75rem"
      borderRadius="full"
      bg="disc"
      border="2px solid"
      borderColor="ink"
    />
    <Box
      position="absolute"
      left={`${TODAY_PCT}%`}
      top={`${LINE_REM + 1.5}rem`}
      transform="translateX(-50%)"
      fontWeight={650}
    >
      today
    </Box>
  </>
);
