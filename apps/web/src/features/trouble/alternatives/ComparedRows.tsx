import { Box, Flex, Grid } from '@chakra-ui/react';
import { Check } from 'lucide-react';
import type { ComparedRow, ComparedSide } from './comparedView';

/** Each thing that differs on a line of its own: A filled, B outlined, the better side bold with its word. */
export function ComparedRows({ rows }: { rows: readonly ComparedRow[] }) {
  return (
    <Box as="ul" padding="0" listStyleType="none" marginTop="2">
      {rows.map((row) => (
        <Grid
          as="li"
          key={row.id}
          data-compared={row.id}
          templateColumns={{ base: '1fr 1fr', md: 'minmax(0, 1fr) minmax(0, 24.5rem) minmax(0, 1fr)' }}
          gap={{ base: '1', md: '5' }}
          paddingBlock="2"
          borderTop="1px solid"
          borderColor="line"
          alignItems="center"
        >
          <Box order={{ base: 2, md: 0 }} textAlign={{ md: 'end' }}>
            <Side name="A" side={row.a} word={row.better === 'a' ? row.word : null} />
          </Box>
          <Lines row={row} />
          <Box order={{ base: 3, md: 0 }}>
            <Side name="B" side={row.b} word={row.better === 'b' ? row.word : null} />
          </Box>
        </Grid>
      ))}
    </Box>
  );
}

function Side({ name, side, word }: { name: string; side: ComparedSide; word: string | null }) {
  return (
    <>
      <Box
        fontFamily="heading"
        fontSize={{ base: 'large', md: 'title' }}
        lineHeight="1.25"
        fontWeight={word ? 700 : 400}
      >
        <Box as="span" srOnly>
          {name}:{' '}
        </Box>
        {side.text}
        {word && (
          <Flex
            as="span"
            display="inline-flex"
            align="center"
            gap="1"
            color="leaf"
            fontFamily="body"
            fontSize="small"
            fontWeight={700}
            marginInlineStart="2"
          >
            <Check size={16} strokeWidth={2.4} aria-hidden="true" />
            {word}
          </Flex>
        )}
      </Box>
      {side.below && (
        <Box color="soft" fontSize="note">
          {side.below}
        </Box>
      )}
    </>
  );
}

function Lines({ row: { title, ends, a, b } }: { row: ComparedRow }) {
  return (
    <Box order={{ base: 1, md: 0 }} gridColumn={{ base: '1 / -1', md: 'auto' }}>
      <Flex justify="space-between" fontSize="small" color="soft" gap="2" aria-hidden="true">
        <span>{ends[0]}</span>
        <Box as="strong" color="ink">
          {title}
        </Box>
        <span>{ends[1]}</span>
      </Flex>
      <Box as="h3" srOnly>
        {title}
      </Box>
      <Line name="A" side={a} isFilled />
      <Line name="B" side={b} />
    </Box>
  );
}

function Line({
  name,
  side: { span },
  isFilled = false,
}: {
  name: string;
  side: ComparedSide;
  isFilled?: boolean;
}) {
  return (
    <Flex align="center" gap="2" height="1.375rem" aria-hidden="true">
      <Disc name={name} isFilled={isFilled} />
      <Box position="relative" flex="1" height="0.1875rem" bg="track">
        {span && (
          <Box
            position="absolute"
            top="-0.3125rem"
            height="0.8125rem"
            left={`${span.from * 100}%`}
            width={`${Math.max(1.5, (span.to - span.from) * 100)}%`}
            bg={isFilled ? 'leaf' : 'card'}
            border="2px solid"
            borderColor={isFilled ? 'leaf' : 'ink'}
            borderRadius="0.1875rem"
          />
        )}
      </Box>
    </Flex>
  );
}

/** The sign of a way: A filled, B outlined. */
export function Disc({
  name,
  isFilled,
  size = '1.25rem',
}: {
  name: string;
  isFilled: boolean;
  size?: string;
}) {
  return (
    <Flex
      as="span"
      align="center"
      justify="center"
      width={size}
      height={size}
      borderRadius="full"
      border="1.5px solid"
      borderColor={isFilled ? 'leaf' : 'ink'}
      bg={isFilled ? 'leaf' : 'card'}
      color={isFilled ? 'onLeaf' : 'ink'}
      fontFamily="heading"
      fontWeight={700}
      fontSize="caption"
      flexShrink={0}
    >
      {name}
    </Flex>
  );
}
