import { Box, Flex, Stack } from '@chakra-ui/react';
import {
  BLANK_LABEL,
  type HeapPiece,
  type NewHeapLine,
  PLAIN_USE,
  SOIL_LEVELS,
  SOIL_WORDS,
} from '@feverfew/contracts';
import { type ReactNode, useState } from 'react';
import { Button, ChipButton, Input } from '../../components/controls/controls';
import { Swatch } from '../../components/drawings/Swatch';
import { Notice } from '../../components/notices/Notice';
import { useCatalogue } from '../../queries/catalogueQueries';
import { useChangeLine, useDropLine } from '../../queries/washQueries';
import { SIGN_WORDS, signsOf, WashSign } from './drawings/Signs';
import { pieceTitle } from './washView';

const COLOURS = ['white', 'natural', 'pale', 'mid', 'dark', 'multicoloured'] as const;
const TAGS = [30, 40, 60, 95] as const;
const COLOUR_WORDS: Partial<Record<HeapPiece['colour'], string>> = { multicoloured: 'patterned' };

/** All facts of one line of the heap, with its signs in words. */
export function EditLine({
  piece,
  onDone,
  onDropped,
}: {
  piece: HeapPiece;
  onDone: () => void;
  onDropped: () => void;
}) {
  const [line, setConnection] = useState<NewHeapLine>(piece.told);
  const { data: catalogue } = useCatalogue();
  const change = useChangeLine();
  const drop = useDropLine();
  const set = (told: Partial<NewHeapLine>) => setConnection((before) => ({ ...before, ...told }));
  const isHandful = line.pieceId === null;
  const tag = line.label?.wash?.kind === 'machine' ? line.label.wash : null;
  return (
    <Stack
      as="section"
      aria-label={`Of ${piece.name}`}
      gap="3"
      bg="card"
      border="1px solid"
      borderColor="line"
      borderRadius="md"
      padding="0.875rem 1rem"
    >
      <Flex justify="space-between" align="center" gap="2.5" wrap="wrap">
        <Box as="h2" fontSize="heading">
          {pieceTitle(piece)}
        </Box>
        <Flex gap="2.5" wrap="wrap" fontSize="small" color="soft">
          {signsOf(piece).map((id) => (
            <Flex key={id} gap="1" align="center">
              <WashSign of={id} />
              {SIGN_WORDS.find(([one]) => one === id)?.[1]}
            </Flex>
          ))}
        </Flex>
      </Flex>
      {isHandful && (
        <Row title="How many">
          <Button
            variant="outline"
            size="small"
            aria-label="One less"
            onClick={() => set({ count: Math.max(1, line.count - 1) })}
          >
            −
          </Button>
          <Box as="output" minWidth="1.875rem" textAlign="center" fontWeight={700}>
            {line.count}
          </Box>
          <Button
            variant="outline"
            size="small"
            aria-label="One more"
            onClick={() => set({ count: Math.min(99, line.count + 1) })}
          >
            +
          </Button>
        </Row>
      )}
      {isHandful && (
        <Row title="Colour">
          {COLOURS.map((colour) => (
            <ChipButton key={colour} aria-pressed={line.colour === colour} onClick={() => set({ colour })}>
              <Swatch colour={colour} /> {COLOUR_WORDS[colour] ?? colour}
            </ChipButton>
          ))}
        </Row>
      )}
      {isHandful && (
        <Row title="Does it run?">
          {(
            [
              ['proven', 'washed often, never ran'],
              ['unknown', 'new, not tested'],
              ['failed', 'has run'],
            ] as const
          ).map(([fastness, word]) => (
            <ChipButton
              key={fastness}
              aria-pressed={line.fastness === fastness}
              onClick={() => set({ fastness })}
            >
              {word}
            </ChipButton>
          ))}
        </Row>
      )}
      {isHandful && (
        <Row title="Its tag">
          <ChipButton aria-pressed={line.label === null} onClick={() => set({ label: null })}>
            not read, as usual
          </ChipButton>
          {TAGS.map((maxC) => (
            <ChipButton
              key={maxC}
              aria-pressed={tag?.maxC === maxC}
              onClick={() =>
                set({ label: { ...BLANK_LABEL, wash: { kind: 'machine', maxC, bars: tag?.bars ?? 0 } } })
              }
            >
              {maxC} °C
            </ChipButton>
          ))}
          <ChipButton
            aria-pressed={line.label?.wash?.kind === 'hand'}
            onClick={() => set({ label: { ...BLANK_LABEL, wash: { kind: 'hand' } } })}
          >
            hand
          </ChipButton>
          {tag &&
            ([1, 2] as const).map((bars) => (
              <ChipButton
                key={bars}
                aria-pressed={tag.bars === bars}
                onClick={() =>
                  set({ label: { ...BLANK_LABEL, wash: { ...tag, bars: tag.bars === bars ? 0 : bars } } })
                }
              >
                {bars === 1 ? 'one bar below' : 'two bars below'}
              </ChipButton>
            ))}
        </Row>
      )}
      <Row title="How dirty">
        {SOIL_LEVELS.map((soil) => (
          <ChipButton key={soil} aria-pressed={line.soil === soil} onClick={() => set({ soil })}>
            {SOIL_WORDS[soil]}
          </ChipButton>
        ))}
      </Row>
      <Row title="Used for">
        <ChipButton aria-pressed={line.use === null} onClick={() => set({ use: null })}>
          as usual
        </ChipButton>
        {catalogue?.hygienes.map(({ id, name }) => (
          <ChipButton key={id} aria-pressed={line.use === id} onClick={() => set({ use: id })}>
            {name}
          </ChipButton>
        ))}
        <ChipButton aria-pressed={line.use === PLAIN_USE} onClick={() => set({ use: PLAIN_USE })}>
          nothing of these
        </ChipButton>
      </Row>
      <Row title="On it">
        {(
          [
            ['none', 'no solvent'],
            ['smells', 'solvent, still smells'],
            ['aired', 'solvent, aired out'],
          ] as const
        ).map(([solvent, word]) => (
          <ChipButton key={solvent} aria-pressed={line.solvent === solvent} onClick={() => set({ solvent })}>
            {word}
          </ChipButton>
        ))}
        <ChipButton aria-pressed={line.fuel} onClick={() => set({ fuel: !line.fuel })}>
          soaked with fuel, thinner or drying oil
        </ChipButton>
      </Row>
      <Row title="All of it weighs, g">
        <Input
          type="number"
          inputMode="numeric"
          width="6.875rem"
          min={5}
          max={60000}
          value={line.massG ?? ''}
          placeholder={`about ${Math.round(piece.massG)}`}
          aria-label="Mass of all of it, g"
          onChange={(event) => set({ massG: event.target.value === '' ? null : Number(event.target.value) })}
        />
      </Row>
      {change.error && (
        <Notice kind="danger" role="alert" word="Not kept">
          {change.error.message}
        </Notice>
      )}
      <Flex gap="2" wrap="wrap">
        <Button
          variant="action"
          disabled={change.isPending}
          onClick={() => change.mutate({ id: piece.lineId, line }, { onSuccess: onDone })}
        >
          Keep
        </Button>
        <Button variant="outline" onClick={onDone}>
          Leave it
        </Button>
        <Button variant="danger" onClick={() => drop.mutate(piece.lineId, { onSuccess: onDropped })}>
          Out of the heap
        </Button>
      </Flex>
    </Stack>
  );
}

function Row({ title, children }: { title: string; children: ReactNode }) {
  return (
    <Flex as="fieldset" gap="1.5" wrap="wrap" align="center" border="none">
      <Box as="legend" fontWeight={650} fontSize="note" marginBottom="0.5">
        {title}
      </Box>
      {children}
    </Flex>
  );
}
