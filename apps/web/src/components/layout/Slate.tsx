import { Box, chakra, Flex } from '@chakra-ui/react';
import { X } from 'lucide-react';
import type { ReactNode } from 'react';

interface SlateProps {
  /** What the panel is called when it is heard. */
  readonly name: string;
  /** "At once, 3 min", "Now". */
  readonly label: ReactNode;
  /** Next to the label, quieter. */
  readonly aside?: ReactNode;
  /** A door to the reasons, at the end of the first line. */
  readonly why?: ReactNode;
  /** What guards a person, before the verb: gloves, mask, plug, window. */
  readonly guards?: readonly string[];
  readonly verb: ReactNode;
  readonly lines?: readonly string[];
  /** Where the same words are on the screen just below. */
  readonly linesOn?: 'phone' | 'all';
  readonly bans?: readonly string[];
  readonly drawing?: ReactNode;
  /** The button, or whatever answers it. */
  readonly children?: ReactNode;
  /** The first seconds: one word, very large. */
  readonly loud?: boolean;
}

/** Content of the panel has colours of its own. */
const ON_SLATE = {
  '--ff-colors-ink': 'var(--ff-colors-slate-text)',
  '--ff-colors-soft': 'var(--ff-colors-slate-soft)',
  '--ff-colors-leaf': 'var(--ff-colors-slate-action)',
  '--ff-colors-brick': 'var(--ff-colors-slate-no)',
  '--ff-colors-water': 'var(--ff-colors-slate-water)',
  '--ff-colors-water-tint': 'color-mix(in srgb, var(--ff-colors-slate-water) 30%, transparent)',
  '--ff-colors-card': 'var(--ff-colors-slate)',
  '--ff-colors-track': 'color-mix(in srgb, var(--ff-colors-slate-soft) 35%, transparent)',
} as const;

/** The one dark panel of a screen: what the hand does now. */
export function Slate({
  name,
  label,
  aside,
  why,
  guards = [],
  verb,
  lines = [],
  linesOn = 'all',
  bans = [],
  drawing,
  children,
  loud = false,
}: SlateProps) {
  return (
    <Box
      as="section"
      aria-label={name}
      data-slate=""
      css={ON_SLATE}
      bg="slate"
      color="slateText"
      borderRadius="md"
      padding={{ base: '0.875rem 1rem', md: '0.875rem 1.25rem' }}
      marginInline={{ base: '-0.5rem', md: '0' }}
    >
      <Flex gap="0.25rem 1.5rem" align={{ md: 'center' }} direction={{ base: 'column', md: 'row' }}>
        <Flex gap="4" flex="1" minWidth="0" align="center">
          {drawing && (
            <Box flexShrink={0} display={{ base: 'none', md: 'block' }} aria-hidden="true">
              {drawing}
            </Box>
          )}
          <Box flex="1" minWidth="0">
            <Flex gap="2px 0.625rem" align="baseline" wrap="wrap">
              <Box color="slateLabel" fontFamily="heading" fontWeight={650} fontSize="large">
                {label}
              </Box>
              <Box color="slateSoft" fontSize="body" flex={{ base: '1', md: 'initial' }}>
                {aside}
              </Box>
              {why}
            </Flex>
            {guards.map((guard) => (
              <Box
                key={guard}
                paddingBlock="0.5"
                fontSize={{ base: 'large', md: 'lead' }}
                fontWeight={650}
                lineHeight="1.4"
              >
                {guard}
              </Box>
            ))}
            <Flex gap="3" align="center">
              <Box flex="1" minWidth="0">
                {verb}
              </Box>
              {drawing && (
                <Box
                  flexShrink={0}
                  display={{ base: 'block', md: 'none' }}
                  css={{ '@media (max-width: 22.4em)': { display: 'none' } }}
                  aria-hidden="true"
                >
                  {drawing}
                </Box>
              )}
            </Flex>
            {lines.map((line) => (
              <Box
                key={line}
                display={linesOn === 'phone' ? { md: 'none' } : undefined}
                fontSize={{ base: 'large', md: loud ? 'heading' : 'lead' }}
                lineHeight="1.4"
              >
                {line}
              </Box>
            ))}
          </Box>
        </Flex>
        {bans.length > 0 && <Bans bans={bans} />}
      </Flex>
      {children}
    </Box>
  );
}

/** The words of the panel that one reads from an arm's length. */
export const SlateVerb = chakra('div', {
  base: {
    fontFamily: 'heading',
    fontWeight: 650,
    lineHeight: 1.25,
    color: 'slateText',
    overflowWrap: 'break-word',
  },
  variants: {
    size: {
      verb: { fontSize: { base: 'display.small', md: 'display.small' } },
      lines: { fontSize: { base: 'title', md: 'title' }, lineHeight: 1.3 },
      loud: { fontSize: { base: 'display.huge', md: 'display.huge' }, lineHeight: 1.12 },
    },
  },
  defaultVariants: { size: 'verb' },
});

function Bans({ bans }: { bans: readonly string[] }) {
  return (
    <Box
      as="ul"
      aria-label="Leave alone"
      display="grid"
      gridTemplateColumns="repeat(2, minmax(0, 1fr))"
      gap="2"
      listStyleType="none"
      flex={{ md: '0 1 18.75rem' }}
      marginTop={{ base: '2.5', md: '0' }}
    >
      {bans.map((ban) => (
        <Flex
          as="li"
          key={ban}
          gap="2"
          align="center"
          color="slateNo"
          border="1.5px dashed"
          borderColor="slateNo"
          borderRadius="sm"
          padding="0.3125rem 0.625rem"
          minHeight={{ base: '2.5rem', md: '2.125rem' }}
          fontWeight={600}
          fontSize={{ base: 'body', md: 'note' }}
          lineHeight="1.2"
          gridColumn={bans.length === 1 || ban.length > LONG ? '1 / -1' : undefined}
        >
          <X size={16} strokeWidth={2.2} aria-hidden="true" style={{ flexShrink: 0 }} />
          <span>
            {ban.startsWith(NO) && (
              <Box as="span" srOnly>
                {NO}
              </Box>
            )}
            {ban.replace(/^no /, '').replace(', no ', ', ')}
          </span>
        </Flex>
      ))}
    </Box>
  );
}

/** The cross of a sign says it to the eye. */
const NO = 'no ';
/** Letters of a sign that needs the whole width. */
const LONG = 24;

/** A button on the slate; the one that is meant is filled. */
export const SlateButton = chakra('button', {
  base: {
    display: 'inline-flex',
    alignItems: 'center',
    justifyContent: 'center',
    gap: '2.5',
    minHeight: { base: '3.5rem', md: '3.25rem' },
    paddingInline: '5.5',
    borderRadius: 'md',
    border: '1.5px solid',
    fontWeight: 700,
    fontSize: 'large',
    width: { base: '100%', md: 'auto' },
    _disabled: { opacity: 0.6, cursor: 'not-allowed' },
    _focusVisible: { outlineColor: 'slateLabel' },
  },
  variants: {
    filled: {
      true: { bg: 'slateAction', borderColor: 'slateAction', color: 'onSlateAction' },
      false: { bg: 'transparent', borderColor: 'slateAction', color: 'slateAction' },
    },
  },
  defaultVariants: { filled: true },
});

/** A quiet word on the slate that opens something. */
export const SlateWord = chakra('button', {
  base: {
    color: 'slateAction',
    fontWeight: 650,
    fontSize: 'body',
    minHeight: { base: '2.75rem', md: '1.875rem' },
    minWidth: '2.75rem',
    marginBlock: { base: '-0.625rem', md: '0' },
    textAlign: 'end',
    marginInlineStart: { base: 'auto', md: '0' },
    _hover: { textDecoration: 'underline' },
    _focusVisible: { outlineColor: 'slateLabel' },
  },
});
