import { Box, Flex, Stack } from '@chakra-ui/react';
import { HANGING_PLACES, heldByWords, PLACE_WORDS, type WetLine } from '@feverfew/contracts';
import { useState } from 'react';
import { useLexicon } from '../../../app/useLexicon';
import { Button, ChipButton, Input } from '../../../components/controls/controls';
import { Notice } from '../../../components/notices/Notice';
import { useHang, useRolled, useWasDry } from '../../../queries/washQueries';
import { pieceTitle } from '../washView';
import { mustyText, rangeText, stateText, todayAt } from './lineView';

/** One wet piece: where it hangs, and when it was dry. */
export function PieceOnLine({
  line,
  now,
  may,
  onDone,
}: {
  line: WetLine;
  now: string;
  may: boolean;
  onDone: () => void;
}) {
  const say = useLexicon();
  const hang = useHang();
  const dry = useWasDry();
  const roll = useRolled();
  const [at, setAt] = useState('');
  const error = hang.error ?? dry.error ?? roll.error;
  return (
    <Stack
      as="section"
      aria-label={`Of ${line.name}`}
      gap="2"
      bg="leafTint"
      borderRadius="md"
      padding="0.625rem 0.75rem"
    >
      <Box fontFamily="heading" fontWeight={700} fontSize="large">
        {pieceTitle(line)}
      </Box>
      <Box fontSize="note">
        {rangeText(line, now)}, {stateText(line)}
      </Box>
      {line.sun.value === 'never' && (
        <Box fontSize="note">
          Keep out of the sun{line.sun.by ? `: ${heldByWords(line.sun.by, say)}` : ''}.
        </Box>
      )}
      {line.flat && <Box fontSize="note">Laid flat, not hung.</Box>}
      {line.turning && <Box fontSize="note">{line.turning}</Box>}
      {line.mustyBy && (
        <Box fontSize="note">Still damp {mustyText(line.mustyBy, now)}? Wash it again, or it smells.</Box>
      )}
      {may && (
        <>
          <Flex gap="1.5" wrap="wrap">
            {HANGING_PLACES.map((place) => (
              <ChipButton
                key={place}
                aria-pressed={line.hungAt !== null && line.place === place}
                disabled={!line.places.includes(place)}
                onClick={() => hang.mutate({ lineIds: [line.lineId], place })}
              >
                {PLACE_WORDS[place]}
              </ChipButton>
            ))}
          </Flex>
          {(line.rollHelps || line.rolled) && (
            <Flex>
              <ChipButton
                aria-pressed={line.rolled}
                onClick={() => roll.mutate({ lineIds: [line.lineId], rolled: !line.rolled })}
              >
                rolled in a towel
              </ChipButton>
            </Flex>
          )}
          {line.hungAt && (
            <Flex gap="1.5" align="center" wrap="wrap">
              <Input
                type="time"
                width="7rem"
                aria-label="It was dry at"
                value={at}
                onChange={(event) => setAt(event.target.value)}
              />
              <Button
                variant="outline"
                onClick={() =>
                  dry.mutate(
                    { lineIds: [line.lineId], at: at ? todayAt(at, now) : now },
                    { onSuccess: onDone },
                  )
                }
              >
                {at ? 'It was dry then' : 'It is dry'}
              </Button>
              <Button variant="plain" onClick={() => hang.mutate({ lineIds: [line.lineId], place: null })}>
                Not hung after all
              </Button>
            </Flex>
          )}
        </>
      )}
      {error && (
        <Notice kind="danger" role="alert" word="Not kept">
          {error.message}
        </Notice>
      )}
    </Stack>
  );
}
