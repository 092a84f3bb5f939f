import { Box, Flex, Grid } from '@chakra-ui/react';
import { type ComparedPosition, type Lexicon, lowerFirst, recipeWords } from '@feverfew/contracts';
import { Disc } from './ComparedRows';

interface Way {
  readonly name: string;
  readonly of: ComparedPosition;
}

/** The two ways as a loop of thread: what both do at its ends, what only one does on its side. */
export function ComparedLoop({ a, b, say }: { a: Way; b: Way; say: Lexicon }) {
  const [before, after] = sharedSteps(a.of, b.of);
  const both = (ids: readonly string[]) =>
    ids.map((id, at) => (at === 0 ? say.name(id) : lowerFirst(say.name(id)))).join(', then ');
  return (
    <Grid
      templateColumns={{ base: '1fr 1fr', md: 'minmax(0, 1fr) 13rem minmax(0, 1fr)' }}
      gap={{ base: '3', md: '5' }}
      marginTop="3"
    >
      <Side way={a} other={b} sign="A" say={say} />
      <Flex
        direction="column"
        align="center"
        gap="1"
        order={{ base: -1, md: 0 }}
        gridColumn={{ base: '1 / -1', md: 'auto' }}
        fontSize="note"
        textAlign="center"
      >
        <Box>{before.length > 0 && <Both text={both(before)} />}</Box>
        <Loop />
        <Box>{after.length > 0 && <Both text={both(after)} />}</Box>
      </Flex>
      <Side way={b} other={a} sign="B" say={say} />
    </Grid>
  );
}

const Both = ({ text }: { text: string }) => (
  <>
    <strong>Both:</strong> {text}
  </>
);

/** Methods both begin with, and both end with. */
function sharedSteps(a: ComparedPosition, b: ComparedPosition): [string[], string[]] {
  const idsOf = ({ plan }: ComparedPosition) => [...new Set(plan.passes.map(({ methodId }) => methodId))];
  const [ofA, ofB] = [idsOf(a), idsOf(b)];
  const parts = ofA.findIndex((id, at) => id !== ofB[at]);
  const before = parts < 0 ? ofA : ofA.slice(0, parts);
  return [before, ofA.slice(before.length).filter((id) => ofB.slice(before.length).includes(id))];
}

function Side({ way, other, sign, say }: { way: Way; other: Way; sign: 'A' | 'B'; say: Lexicon }) {
  const theirs = new Set(other.of.plan.passes.map(({ methodId }) => methodId));
  const own = way.of.plan.passes.filter(({ methodId }, at, all) => {
    const isFirst = all.findIndex((one) => one.methodId === methodId) === at;
    return isFirst && !theirs.has(methodId);
  });
  return (
    <Box as="section" aria-label={`${sign}: ${way.name}`} data-school={way.of.positionId}>
      <Flex gap="2" align="center">
        <Disc name={sign} isFilled={sign === 'A'} size="1.75rem" />
        <Box as="h3" fontSize={{ base: 'large', md: 'title' }} lineHeight="1.2">
          {way.name}
        </Box>
      </Flex>
      {way.of.isFollowed && (
        <Box color="leaf" fontWeight={650} fontSize="note">
          ✓ this plan follows it
        </Box>
      )}
      {way.of.plan.passes.length === 0 && <Box color="brick">Nothing at home this way.</Box>}
      {own.map(({ methodId, actions, passId }) => (
        <Box key={passId ?? methodId} marginTop="1">
          <strong>{say.name(methodId)}</strong>: {recipeWords({ actions, methodId }, say)}
        </Box>
      ))}
      {own.length === 0 && way.of.plan.passes.length > 0 && (
        <Box color="soft">Nothing that the other does not do too.</Box>
      )}
    </Box>
  );
}

/** A drawn through, B in dots. */
function Loop() {
  return (
    <Box width={{ base: '7rem', md: '11rem' }}>
      <svg viewBox="0 0 176 128" width="100%" fill="none" strokeWidth="4" aria-hidden="true">
        <path d="M88 6c0 26-62 18-62 58s62 32 62 58" stroke="var(--ff-colors-leaf)" />
        <path
          d="M88 6c0 26 62 18 62 58s-62 32-62 58"
          stroke="var(--ff-colors-ink)"
          strokeDasharray="1 8"
          strokeLinecap="round"
        />
        <circle cx="88" cy="6" r="5" fill="var(--ff-colors-ink)" stroke="none" />
        <circle cx="88" cy="122" r="5" fill="var(--ff-colors-ink)" stroke="none" />
        <circle cx="26" cy="64" r="14" fill="var(--ff-colors-leaf)" stroke="none" />
        <circle
          cx="150"
          cy="64"
          r="14"
          fill="var(--ff-colors-card)"
          stroke="var(--ff-colors-ink)"
          strokeWidth="2"
        />
        <text
          x="26"
          y="69"
          textAnchor="middle"
          fill="var(--ff-colors-on-leaf)"
          fontSize="15"
          fontWeight="700"
        >
          A
        </text>
        <text x="150" y="69" textAnchor="middle" fill="var(--ff-colors-ink)" fontSize="15" fontWeight="700">
          B
        </text>
        <text x="88" y="70" textAnchor="middle" fill="var(--ff-colors-soft)" fontSize="17">
          or
        </text>
      </svg>
    </Box>
  );
}
