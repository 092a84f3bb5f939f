import { Box, Flex } from '@chakra-ui/react';
import {
  BLANK_LABEL,
  type CareLabel,
  type Plan,
  type Round,
  type TroubleFacts,
  USUAL_CHECK_ID,
} from '@feverfew/contracts';
import { useState } from 'react';
import { useLexicon } from '../../../app/useLexicon';
import { Button } from '../../../components/controls/controls';
import { Tape } from '../../../components/layout/Tape';

interface AssumedUsualProps {
  readonly plan: Plan;
  readonly onFacts: (change: Partial<TroubleFacts>) => void;
}

const BY_HAND: CareLabel = { ...BLANK_LABEL, wash: { kind: 'hand' } };
/** More fibres than these are found under the blank for fibres. */
const MAX_FIBRES = 5;

/** What a plan takes as usual where nothing was given, and one tap for each thing that is otherwise. */
export function AssumedUsual({ plan: { facts, findings, rounds }, onFacts }: AssumedUsualProps) {
  const say = useLexicon();
  const [isOpen, setOpen] = useState(false);
  const taken = findings.find((one) => one.code === 'usualTaken')?.facts;
  if (!taken) return null;
  const { piece, seen } = facts;
  const fibres = [...new Set(taken.fibres.map(({ fibreId }) => say.name(fibreId)))].join(' and ');
  const tag = taken.washC === null ? '' : `a tag of ${say.temp(taken.washC)}`;
  const what = [[taken.colour, fibres].filter(Boolean).join(' '), tag].filter(Boolean).join(', ');
  const read = seen?.[USUAL_CHECK_ID] === true;
  const [part, ...others] = taken.parts ?? [];
  // Of several parts a tap would not say which one it means.
  const rarer = part && others.length === 0 ? taken.unlessFibreIds.slice(0, MAX_FIBRES) : [];
  const madeOf = (fibreId: string) =>
    onFacts({
      piece: { ...piece, parts: [{ name: part?.name ?? '', fibres: [{ fibreId, sharePct: 100 }] }] },
    });
  const answer = (isSo: boolean) => onFacts({ seen: { ...seen, [USUAL_CHECK_ID]: isSo } });
  const check = usualCheckOf(rounds);
  return (
    <Box paddingTop="2" data-assumed-usual="">
      {read || !check ? (
        <Button aria-expanded={isOpen} borderStyle="dotted" onClick={() => setOpen(!isOpen)}>
          {read ? 'You read' : 'Assuming'} {what}
        </Button>
      ) : (
        <Tape role="group" aria-label={`Assuming ${what}`}>
          <Flex gap="0.375rem 0.75rem" wrap="wrap" align="center">
            <Box flex="1 1 14rem">
              <strong>Look first:</strong> {check}?
            </Box>
            <Flex gap="2">
              <Button size="small" onClick={() => answer(true)}>
                Yes
              </Button>
              <Button size="small" aria-expanded={isOpen} onClick={() => setOpen(!isOpen)}>
                No
              </Button>
              {taken.washC !== null && (
                <Button size="small" borderStyle="dotted" onClick={() => answer(false)}>
                  No tag
                </Button>
              )}
            </Flex>
          </Flex>
        </Tape>
      )}
      {isOpen && (
        <Flex gap="2" wrap="wrap" paddingTop="2">
          {!read && !check && <Button onClick={() => answer(true)}>The tag says so</Button>}
          {rarer.map((id) => (
            <Button key={id} onClick={() => madeOf(id)}>
              It is {say.name(id)}
            </Button>
          ))}
          {taken.colour !== null && (
            <Button onClick={() => onFacts({ piece: { ...piece, colour: 'mid' } })}>It is coloured</Button>
          )}
          {taken.washC !== null && (
            <Button onClick={() => onFacts({ piece: { ...piece, label: BY_HAND } })}>Hand wash only</Button>
          )}
          <Button onClick={() => answer(false)}>Something else: be careful</Button>
        </Flex>
      )}
    </Box>
  );
}

/** What a plan that takes something as usual asks to be looked at first. */
const usualCheckOf = (rounds: readonly Round[]): string | undefined =>
  rounds
    .flatMap(({ passes }) => passes)
    .flatMap(({ checks }) => checks)
    .find(({ id }) => id === USUAL_CHECK_ID)?.text;
