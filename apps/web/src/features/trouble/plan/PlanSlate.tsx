import { Box, Stack } from '@chakra-ui/react';
import type { AtOnce, Plan } from '@feverfew/contracts';
import { useState } from 'react';
import { useLexicon } from '../../../app/useLexicon';
import { verbDrawing } from '../../../components/drawings/VerbDrawing';
import { Slate, SlateVerb, SlateWord } from '../../../components/layout/Slate';
import { SHORT, slateView } from './slateView';

interface PlanSlateProps {
  readonly plan: Plan | undefined;
  /** While few facts are known: what holds for every answer still open. */
  readonly first: AtOnce | null;
}

/** What the hand does now; behind Why what it most likely is, how to tell, and each ban with its reason. */
export function PlanSlate({ plan, first }: PlanSlateProps) {
  const say = useLexicon();
  const [open, setOpen] = useState(false);
  const view = slateView(plan, first, say);
  if (!view) return null;
  const { name, label, aside, guards, verb, line, bans, verbs, isLoud } = view;
  const verdict = plan?.verdict ?? [];
  const donts = (first ?? plan?.atOnce)?.donts ?? [];
  const size = isLoud ? 'loud' : verb.length > SHORT ? 'lines' : 'verb';
  return (
    <Slate
      name={name}
      label={label}
      aside={aside}
      why={
        verdict.length + donts.length > 0 && (
          <SlateWord
            type="button"
            aria-expanded={open}
            aria-label="Why this first"
            onClick={() => setOpen(!open)}
          >
            Why
          </SlateWord>
        )
      }
      guards={guards}
      verb={<SlateVerb size={size}>{verb}</SlateVerb>}
      lines={line === '' ? [] : [line]}
      linesOn={name === 'First' ? 'phone' : 'all'}
      bans={bans}
      drawing={verbDrawing(verbs)}
      loud={isLoud}
    >
      {open && (
        <Stack gap="1" paddingTop="2.5" fontSize="body">
          {verdict.map(({ courseId, is, tells, cause, causeActions }) => (
            <Box key={courseId}>
              <strong>{is}</strong> {[cause, ...causeActions].join(' ')}
              {tells.map(({ see, means }) => (
                <Box key={see} color="slateSoft">
                  {see}: {means}
                </Box>
              ))}
            </Box>
          ))}
          {donts.map((dont) => (
            <Box key={dont} color="slateSoft">
              {dont}
            </Box>
          ))}
        </Stack>
      )}
    </Slate>
  );
}
