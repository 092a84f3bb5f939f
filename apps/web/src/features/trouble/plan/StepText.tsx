import { Box, Flex } from '@chakra-ui/react';
import {
  type EarlierSteps,
  type Finding,
  isClaim,
  type Pass,
  passWords,
  type RoundPass,
  recipeStretches,
  type TroubleFacts,
  USUAL_CHECK_ID,
} from '@feverfew/contracts';
import { useState } from 'react';
import { useLexicon } from '../../../app/useLexicon';
import { BriefCautions } from '../../../components/notices/BriefCautions';
import { Claims } from '../../../components/notices/Claims';
import type { OnTable } from '../../../recipe/mixDraft';
import { passRemarks } from '../alternatives/passView';
import { AssumedSize } from './AssumedSize';
import { HaveInstead } from './HaveInstead';
import type { ClockTime } from './planTimes';
import type { Progress } from './progress';
import { Disc, WhyButton } from './rowParts';
import { StepWhy } from './StepWhy';
import { stepLines } from './stepView';
import { VesselPicker } from './VesselPicker';

export interface StepRowProps {
  readonly laid: RoundPass;
  /** The same as a run goes through it; undefined where only a passed water test opens it. */
  readonly pass: Pass | undefined;
  readonly passIndex: number;
  readonly number: number;
  readonly earlier: EarlierSteps;
  /** The last of its round: there is no next for it to make way for. */
  readonly isLast: boolean;
  /** A hidden spot comes first, and has not been tried. */
  readonly waitsForTest: boolean;
  /** What is taken as usual is asked above the round: no second time here. */
  readonly isUsualAsked: boolean;
  /** Where its amounts rest on an assumed size. */
  readonly assumed: Extract<Finding, { code: 'sizeAssumed' }> | undefined;
  readonly at: ClockTime;
  readonly progress: Progress;
  readonly cautionIds: readonly string[];
  readonly facts: TroubleFacts;
  /** What the mix is held against on the table. */
  readonly on: OnTable;
  readonly onFacts: (change: Partial<TroubleFacts>) => void;
}

/** What a step says: its name, its figures, how, the vessel, what can hurt; behind Why all the rest. */
export function StepText({
  laid,
  pass,
  passIndex,
  number,
  earlier,
  cautionIds,
  facts,
  on,
  onFacts,
  isOutline,
  waitsForTest,
  isUsualAsked,
  assumed,
  progress,
}: StepRowProps & { isOutline: boolean }) {
  const say = useLexicon();
  const [open, setOpen] = useState(false);
  const name = say.name(laid.methodId);
  const ownLog = pass?.ownLog;
  const recipe = recipeStretches(laid, say);
  const lines = stepLines(laid, say, earlier);
  const asked = isUsualAsked ? laid.checks.find(({ id }) => id === USUAL_CHECK_ID)?.text : undefined;
  const conditions = passWords(laid, say).conditions.filter((one) => !asked || !one.includes(asked));
  return (
    <Box
      padding={{ base: '0.5rem 0.875rem 0.25rem', md: '0.375rem 0 0.5rem 1.5rem' }}
      borderBottom={{ md: '1px solid' }}
      borderColor={{ md: 'line' }}
      minWidth="0"
    >
      <Flex gap="2.5" align="center" minHeight="2.25rem">
        <Disc
          borderStyle={isOutline ? 'dotted' : 'solid'}
          bg={progress.isDone ? 'leaf' : undefined}
          color={progress.isDone ? 'onLeaf' : undefined}
          aria-hidden="true"
        >
          {number}
        </Disc>
        <Box
          as="h3"
          flex="1"
          fontSize={{ base: 'subhead', md: 'large' }}
          lineHeight="1.3"
          color={waitsForTest ? 'soft' : undefined}
        >
          <Box as="span" srOnly>
            Step {number}
            {progress.isDone && ', done'}:{' '}
          </Box>
          {name}
          {laid.missingAgentIds.length > 0 && (
            <Box as="span" color="brick" fontFamily="body" fontWeight={600} fontSize="note">
              {' '}
              · to buy: {laid.missingAgentIds.map(say.name).join(', ')}
            </Box>
          )}
        </Box>
        <Box width={{ md: '3.25rem' }} textAlign="end" flexShrink={0} fontSize={{ base: 'body', md: 'note' }}>
          <strong>{Math.round(laid.handsOnMin)}</strong>
          <Box as="span" color="soft">
            {'\u00a0'}min
          </Box>
        </Box>
        <WhyButton
          type="button"
          marginBlock="-0.375rem"
          aria-expanded={open}
          aria-label={`Why step ${number}: ${name}`}
          onClick={() => setOpen(!open)}
        >
          Why
        </WhyButton>
      </Flex>
      <Box paddingInlineStart={{ md: '2.3125rem' }} fontSize={{ base: 'lead', md: 'body' }} lineHeight="1.5">
        {conditions.map((condition) => (
          <Box key={condition} fontWeight={600}>
            {condition}
          </Box>
        ))}
        {recipe.map(({ text, strong }, index) =>
          strong ? (
            // biome-ignore lint/suspicious/noArrayIndexKey: stretches of one line, no identity of their own
            <Box as="strong" key={index} whiteSpace="nowrap">
              {text}
            </Box>
          ) : (
            // biome-ignore lint/suspicious/noArrayIndexKey: stretches of one line, no identity of their own
            <span key={index}>{text}</span>
          ),
        )}
        {recipe.length > 0 && '. '}
        {lines}
        {assumed && <AssumedSize assumed={assumed} facts={facts} onFacts={onFacts} />}
        {laid.missingAgentIds.length > 0 && passIndex >= 0 && (
          <HaveInstead laid={laid} passIndex={passIndex} facts={facts} onFacts={onFacts} />
        )}
        <VesselPicker laid={laid} facts={facts} onFacts={onFacts} />
        <BriefCautions ids={cautionIds} />
        {passRemarks(laid, say).map((remark) => (
          <Box key={remark} color="water" fontSize="note">
            {remark}
          </Box>
        ))}
        <Claims findings={laid.findings.filter((finding) => isClaim(finding.code))} />
        {ownLog && (
          <Box fontSize="note" fontWeight={650} color="leaf" data-own-log>
            from your own results: {ownLog.worked} of {ownLog.uses}
          </Box>
        )}
        {open && (
          <StepWhy laid={laid} pass={pass} passIndex={passIndex} facts={facts} on={on} onFacts={onFacts} />
        )}
      </Box>
    </Box>
  );
}
