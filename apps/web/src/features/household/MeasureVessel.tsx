import { Box, Flex, Popover, Portal, Stack } from '@chakra-ui/react';
import { type Household, litresOf, USUAL_SHAPES, type VesselShape } from '@feverfew/contracts';
import { useState } from 'react';
import { ChipRow } from '../../components/controls/ChipRow';
import { Button } from '../../components/controls/controls';
import { RequiredNumberBox } from './RequiredNumberBox';

type Vessel = Household['vessels'][number];

const SIDES: Readonly<Record<string, string>> = {
  topCm: 'Across the top, cm',
  bottomCm: 'Across the floor, cm',
  depthCm: 'Depth, cm',
  topLengthCm: 'Length at the top, cm',
  topWidthCm: 'Width at the top, cm',
  bottomLengthCm: 'Length of the floor, cm',
  bottomWidthCm: 'Width of the floor, cm',
};

/** Litres by filling with a jug, or by shape and depth. */
export function MeasureVessel({
  vessel,
  onMeasured,
}: {
  vessel: Vessel;
  onMeasured: (change: Pick<Vessel, 'volumeL' | 'shape'>) => void;
}) {
  const [open, setOpen] = useState(false);
  const [way, setWay] = useState<'jugs' | 'sides'>('jugs');
  return (
    <Popover.Root open={open} onOpenChange={(details) => setOpen(details.open)} lazyMount unmountOnExit>
      <Popover.Trigger asChild>
        <Button aria-label={`Measure ${vessel.name}`}>Measure it</Button>
      </Popover.Trigger>
      <Portal>
        <Popover.Positioner>
          <Popover.Content>
            <Popover.Body>
              <Popover.Title>{vessel.name}</Popover.Title>
              <Stack gap="3">
                <ChipRow
                  label="How?"
                  options={[
                    { value: 'jugs', text: 'fill it with a jug' },
                    { value: 'sides', text: 'measure its sides' },
                  ]}
                  chosen={way}
                  onChoose={setWay}
                />
                {way === 'jugs' ? (
                  <ByJugs
                    onMeasured={(volumeL) => {
                      onMeasured({ volumeL, shape: null });
                      setOpen(false);
                    }}
                  />
                ) : (
                  <BySides
                    start={vessel.shape ?? USUAL_SHAPES[vessel.form]}
                    onMeasured={(shape) => {
                      onMeasured({ volumeL: tenth(litresOf(shape)), shape });
                      setOpen(false);
                    }}
                  />
                )}
              </Stack>
            </Popover.Body>
          </Popover.Content>
        </Popover.Positioner>
      </Portal>
    </Popover.Root>
  );
}

function ByJugs({ onMeasured }: { onMeasured: (volumeL: number) => void }) {
  const [jugL, setJugL] = useState(1);
  const [count, setCount] = useState(0);
  const litres = tenth(jugL * count);
  return (
    <Stack gap="2.5">
      <RequiredNumberBox label="One jug holds, L" value={jugL} error={undefined} onChange={setJugL} />
      <Flex gap="2.5" alignItems="center">
        <Button variant="action" onClick={() => setCount(count + 1)}>
          One jug in
        </Button>
        <Button disabled={count === 0} onClick={() => setCount(count - 1)}>
          One back
        </Button>
        <Box aria-live="polite">
          {count} {count === 1 ? 'jug' : 'jugs'}, {Number.isFinite(litres) ? litres : '—'} L
        </Box>
      </Flex>
      <Button disabled={!(litres >= 0.5 && litres <= 400)} onClick={() => onMeasured(litres)}>
        It is full: {Number.isFinite(litres) ? litres : '—'} L
      </Button>
    </Stack>
  );
}

function BySides({ start, onMeasured }: { start: VesselShape; onMeasured: (shape: VesselShape) => void }) {
  const [shape, setShape] = useState<VesselShape>(start);
  const sides = Object.entries(shape).filter(([key]) => key in SIDES);
  const sound = sides.every(([, value]) => Number(value) >= 2 && Number(value) <= 250);
  const litres = sound ? tenth(litresOf(shape)) : null;
  return (
    <Stack gap="2.5">
      <ChipRow
        label="Its shape"
        options={[
          { value: 'round', text: 'round' },
          { value: 'box', text: 'with corners' },
        ]}
        chosen={shape.kind}
        onChoose={(kind) => setShape(kind === 'round' ? USUAL_SHAPES.bucket : USUAL_SHAPES.sink)}
      />
      {sides.map(([key, value]) => (
        <RequiredNumberBox
          key={`${shape.kind}-${key}`}
          label={SIDES[key] ?? key}
          value={Number(value)}
          error={Number(value) >= 2 && Number(value) <= 250 ? undefined : 'Between 2 and 250 cm.'}
          onChange={(length) => setShape({ ...shape, [key]: length } as VesselShape)}
        />
      ))}
      <Button
        variant="action"
        disabled={litres === null || litres < 0.5 || litres > 400}
        onClick={() => onMeasured(shape)}
      >
        {litres === null ? 'Every side first' : `Take ${litres} L`}
      </Button>
    </Stack>
  );
}

const tenth = (value: number): number => Math.round(value * 10) / 10;
