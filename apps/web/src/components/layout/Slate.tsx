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
      padding={{ base: '14px 16px', md: '14px 20px' }}
      marginInline={{ base: '-8px', md: '0' }}
    >
      <Flex gap="4px 24px" align={{ md: 'center' }} direction={{ base: 'column', md: 'row' }}>
        <Flex gap="16px" flex="1" minWidth="0" align="center">
          {drawing && (
            <Box flexShrink={0} display={{ base: 'none', md: 'block' }} aria-hidden="true">
              {drawing}
            </Box>
          )}
          <Box flex="1" minWidth="0">
            <Flex gap="2px 10px" align="baseline" wrap="wrap">
              <Box color="slateLabel" fontFamily="heading" fontWeight={650} fontSize="18px">
                {label}
              </Box>
              <Box color="slateSoft" fontSize="16px" flex={{ base: '1', md: 'initial' }}>
                {aside}
              </Box>
              {why}
            </Flex>
            {guards.map((guard) => (
              <Box
                key={guard}
                paddingBlock="2px"
                fontSize={{ base: '18px', md: '17px' }}
                fontWeight={650}
                lineHeight="1.4"
              >
                {guard}
              </Box>
            ))}
            <Flex gap="12px" align="center">
              <Box flex="1" minWidth="0">
                {verb}
              </Box>
              {drawing && (
                <Box
                  flexShrink={0}
                  display={{ base: 'block', md: 'none' }}
                  css={{ '@media (max-width: 359px)': { display: 'none' } }}
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
                fontSize={{ base: '18px', md: loud ? '20px' : '17px' }}
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
      verb: { fontSize: { base: '27px', md: '28px' } },
      lines: { fontSize: { base: '22px', md: '23px' }, lineHeight: 1.3 },
      loud: { fontSize: { base: '48px', md: '52px' }, lineHeight: 1.12 },
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
      gap="8px"
      listStyleType="none"
      flex={{ md: '0 1 300px' }}
      marginTop={{ base: '10px', md: '0' }}
    >
      {bans.map((ban) => (
        <Flex
          as="li"
          key={ban}
          gap="8px"
          align="center"
          color="slateNo"
          border="1.5px dashed"
          borderColor="slateNo"
          borderRadius="sm"
          padding="5px 10px"
          minHeight={{ base: '40px', md: '34px' }}
          fontWeight={600}
          fontSize={{ base: '16px', md: '15px' }}
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
    gap: '10px',
    minHeight: { base: '56px', md: '52px' },
    paddingInline: '22px',
    borderRadius: 'md',
    border: '1.5px solid',
    fontWeight: 700,
    fontSize: '18px',
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
    fontSize: '16px',
    minHeight: { base: '44px', md: '30px' },
    minWidth: '44px',
    marginBlock: { base: '-10px', md: '0' },
    textAlign: 'end',
    marginInlineStart: { base: 'auto', md: '0' },
    _hover: { textDecoration: 'underline' },
    _focusVisible: { outlineColor: 'slateLabel' },
  },
});
