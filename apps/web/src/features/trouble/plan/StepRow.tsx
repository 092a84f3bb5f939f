import { Box, chakra, Flex } from '@chakra-ui/react';
import { isClaim, type Pass, type RoundPass, type TroubleFacts } from '@feverfew/contracts';
import { useState } from 'react';
import { useLexicon, useMeasures } from '../../../app/useLexicon';
import { Claims } from '../../../components/Claims';
import type { OnTable } from '../../../recipe/mixDraft';
import { passRemarks } from '../passView';
import type { ClockTime } from './planTimes';
import type { Progress } from './progress';
import { Rung, Waterline } from './Rung';
import { StepCautions } from './StepCautions';
import { StepWhy } from './StepWhy';
import { recipeStretches, stepLines, waterOf } from './stepView';
import { VesselChoice } from './VesselChoice';

export const Disc = chakra('span', {
  base: {
    display: 'inline-flex',
    alignItems: 'center',
    justifyContent: 'center',
    width: '27px',
    height: '27px',
    borderRadius: 'full',
    border: '1.5px solid',
    borderColor: 'leaf',
    color: 'leaf',
    fontFamily: 'heading',
    fontWeight: 650,
    fontSize: '15px',
    flexShrink: 0,
  },
});

export const WhyButton = chakra('button', {
  base: {
    color: 'leaf',
    fontWeight: 650,
    fontSize: '15px',
    minHeight: '44px',
    minWidth: '44px',
    textAlign: 'end',
    _hover: { textDecoration: 'underline' },
  },
});

/** Clock, ladder and text of a row; on a phone the page itself is the ladder. */
export const ROW = {
  base: 'minmax(0, 1fr)',
  md: '52px clamp(150px, 19vw, 220px) minmax(0, 1fr)',
} as const;

interface StepRowProps {
  readonly laid: RoundPass;
  /** The same as a run goes through it; undefined where only a passed water test opens it. */
  readonly pass: Pass | undefined;
  readonly number: number;
  /** The last of its round: there is no next for it to make way for. */
  readonly isLast: boolean;
  readonly at: ClockTime;
  readonly progress: Progress;
  readonly cautionIds: readonly string[];
  readonly facts: TroubleFacts;
  /** What the mix is held against on the table. */
  readonly on: OnTable;
  readonly onFacts: (change: Partial<TroubleFacts>) => void;
}

/** One step: when, what, with how much, what to mind, and how much is gone after it. */
export function StepRow(props: StepRowProps) {
  const { laid, pass, number, at, isLast, progress } = props;
  const say = useLexicon();
  const water = waterOf(laid, say);
  const isOutline = !pass || laid.missingAgentIds.length > 0;
  const rung = (
    <Rung gone={laid.gone} prepares={laid.prepares && !isLast} isOutline={isOutline} seen={progress.seen} />
  );
  return (
    <Box
      as="li"
      display="grid"
      gridTemplateColumns={ROW}
      columnGap={{ md: '0' }}
      listStyleType="none"
      data-rung={laid.methodId}
      color={pass ? undefined : 'soft'}
      borderInline={{ base: '4px solid', md: 'none' }}
      borderColor="ink"
      bg={{ base: water ? 'waterTint' : undefined, md: 'transparent' }}
    >
      <Clock at={at} beside />
      <Flex
        direction="column"
        display={{ base: 'none', md: 'flex' }}
        borderInline="4px solid"
        borderColor="ink"
        paddingTop="14px"
        minHeight="58px"
        aria-hidden="true"
      >
        {rung}
        {water && (
          <Flex direction="column" flex="1" minHeight="74px" marginTop="4px">
            <Waterline />
            <Box bg="waterTint" flex="1" color="water" padding="4px 10px">
              <Box fontFamily="heading" fontWeight={650} fontSize="19px" lineHeight="1.2">
                {water.warmth}
              </Box>
              <Box fontWeight={650} fontSize="14px">
                {water.time}
              </Box>
            </Box>
          </Flex>
        )}
      </Flex>
      {water && (
        <Box display={{ base: 'block', md: 'none' }} bg="card">
          <Waterline />
        </Box>
      )}
      <StepText {...props} isOutline={isOutline} number={number} />
      <Box display={{ base: 'block', md: 'none' }} bg="card" paddingBottom="8px">
        {rung}
      </Box>
    </Box>
  );
}

/** When a row begins: on a desk beside the ladder, on a phone at the end of its name. */
export function Clock({ at: { time, day }, beside = false }: { at: ClockTime; beside?: boolean }) {
  return (
    <Box
      as="time"
      display={beside ? { base: 'none', md: 'block' } : { base: 'block', md: 'none' }}
      color="soft"
      fontSize={beside ? '15px' : '16px'}
      paddingTop={beside ? '9px' : undefined}
      lineHeight="1.3"
      textAlign={beside ? undefined : 'end'}
      flexShrink={0}
    >
      {time}
      {day && (
        <Box as="span" display="block" fontSize="14px">
          {day}
        </Box>
      )}
    </Box>
  );
}

function StepText({
  laid,
  pass,
  number,
  at,
  cautionIds,
  facts,
  on,
  onFacts,
  isOutline,
  progress,
}: StepRowProps & { isOutline: boolean }) {
  const say = useLexicon();
  const measures = useMeasures();
  const [open, setOpen] = useState(false);
  const name = say.name(laid.methodId);
  const ownLog = pass?.ownLog;
  const recipe = recipeStretches(laid.actions, say, measures);
  const lines = stepLines(laid, say);
  return (
    <Box
      padding={{ base: '8px 14px 4px', md: '6px 0 8px 24px' }}
      borderBottom={{ md: '1px solid' }}
      borderColor={{ md: 'line' }}
      minWidth="0"
    >
      <Flex gap="10px" align="center" minHeight="36px">
        <Disc
          borderStyle={isOutline ? 'dotted' : 'solid'}
          bg={progress.isDone ? 'leaf' : undefined}
          color={progress.isDone ? 'onLeaf' : undefined}
          aria-hidden="true"
        >
          {number}
        </Disc>
        <Box as="h3" flex="1" fontSize={{ base: '19px', md: '18px' }} lineHeight="1.3">
          <Box as="span" srOnly>
            Step {number}
            {progress.isDone && ', done'}:{' '}
          </Box>
          {name}
          {laid.missingAgentIds.length > 0 && (
            <Box as="span" color="brick" fontFamily="body" fontWeight={600} fontSize="15px">
              {' '}
              · to buy: {laid.missingAgentIds.map(say.name).join(', ')}
            </Box>
          )}
        </Box>
        <Clock at={at} />
        <Box
          display={{ base: 'none', md: 'block' }}
          width="52px"
          textAlign="end"
          flexShrink={0}
          fontSize="15px"
        >
          <strong>{Math.round(laid.handsOnMin)}</strong>{' '}
          <Box as="span" color="soft">
            min
          </Box>
        </Box>
        <WhyButton
          type="button"
          display={{ base: 'none', md: 'block' }}
          marginBlock="-6px"
          aria-expanded={open}
          aria-label={`Why step ${number}: ${name}`}
          onClick={() => setOpen(!open)}
        >
          Why
        </WhyButton>
      </Flex>
      <Box paddingInlineStart={{ md: '37px' }} fontSize={{ base: '17px', md: '16px' }} lineHeight="1.5">
        {recipe.map(({ text, strong }, index) =>
          strong ? (
            // biome-ignore lint/suspicious/noArrayIndexKey: stretches of one line, no identity of their own
            <strong key={index}>{text}</strong>
          ) : (
            // biome-ignore lint/suspicious/noArrayIndexKey: stretches of one line, no identity of their own
            <span key={index}>{text}</span>
          ),
        )}
        {recipe.length > 0 && '. '}
        {lines}
        <VesselChoice laid={laid} facts={facts} onFacts={onFacts} />
        <StepCautions ids={cautionIds} />
        {passRemarks(laid, say).map((remark) => (
          <Box key={remark} color="water" fontSize="15px">
            {remark}
          </Box>
        ))}
        <Claims findings={laid.findings.filter((finding) => isClaim(finding.code))} />
        {ownLog && (
          <Box fontSize="15px" fontWeight={650} color="leaf" data-own-log>
            from your own results: {ownLog.worked} of {ownLog.uses}
          </Box>
        )}
        <Flex display={{ base: 'flex', md: 'none' }} justify="space-between" align="center">
          <Box fontSize="16px" color="soft">
            <Box as="strong" color="ink">
              {Math.round(laid.handsOnMin)}
            </Box>{' '}
            min of yours
          </Box>
          <WhyButton
            type="button"
            aria-expanded={open}
            aria-label={`Why step ${number}: ${name}`}
            onClick={() => setOpen(!open)}
          >
            Why
          </WhyButton>
        </Flex>
        {open && <StepWhy laid={laid} pass={pass} facts={facts} on={on} onFacts={onFacts} />}
      </Box>
    </Box>
  );
}
