import { Box, Flex, Stack } from '@chakra-ui/react';
import { type WashSettings, type WashView } from '@feverfew/contracts';
import { useState } from 'react';
import { Button, Input } from '../../components/controls/controls';
import { PageHeading } from '../../components/layout/PageHeading';
import { Notice } from '../../components/notices/Notice';
import { Failed, Loading } from '../../components/notices/States';
import { useMay } from '../../queries/deviceQueries';
import { useChangeWash, useWash } from '../../queries/washQueries';

/** The household's own machine, dryer and line: the inputs of every load. */
export function MachinePage() {
  const wash = useWash();
  if (wash.isError) return <Failed error={wash.error} onRetry={() => void wash.refetch()} />;
  if (!wash.data) return <Loading what="the machine" />;
  return <Machine wash={wash.data} />;
}

type OwnMachine = WashView['machine'];

function Machine({ wash }: { wash: WashView }) {
  const [machine, setMachine] = useState<OwnMachine>(wash.machine);
  const [house, setHouse] = useState<Pick<WashSettings, 'dryerG' | 'ropeM'>>({
    dryerG: wash.settings.dryerG,
    ropeM: wash.settings.ropeM,
  });
  const change = useChangeWash();
  const may = useMay('all');
  const setProgramme = (id: string, told: Partial<OwnMachine['programmes'][number]>) =>
    setMachine((before) => ({
      ...before,
      programmes: before.programmes.map((one) => (one.id === id ? { ...one, ...told } : one)),
    }));
  return (
    <Stack
      gap="3.5"
      padding={{ base: '0.5rem 1rem 5.625rem', lg: '0.75rem 1.5rem 2.5rem' }}
      maxWidth="53.75rem"
    >
      <PageHeading title="Machine, dryer and rope" />
      {machine.guessed && (
        <Box color="soft">
          A common 8 kg machine, until you say what yours has: its booklet names the kilograms of each
          programme.
        </Box>
      )}
      {!may && <Box color="soft">This device shows the machine and does not change it.</Box>}
      <fieldset disabled={!may} style={{ display: 'contents' }}>
        <Flex gap="4" wrap="wrap">
          <Figure
            name="Machine, kg"
            value={machine.ratedG / 1000}
            min={1}
            max={30}
            step={0.5}
            onChange={(kg) => setMachine({ ...machine, ratedG: kg * 1000 })}
          />
          <Figure
            name="Drum, L"
            value={machine.drumL}
            min={10}
            max={300}
            step={1}
            onChange={(drumL) => setMachine({ ...machine, drumL })}
          />
          <Figure
            name="Dryer, kg"
            value={house.dryerG / 1000}
            min={0.5}
            max={30}
            step={0.5}
            onChange={(kg) => setHouse({ ...house, dryerG: kg * 1000 })}
          />
          <Figure
            name="Clothes line, m"
            value={house.ropeM}
            min={0}
            max={200}
            step={0.5}
            onChange={(ropeM) => setHouse({ ...house, ropeM })}
          />
        </Flex>
        {machine.programmes.map((programme) => (
          <Box as="fieldset" key={programme.id} borderTop="1px solid" borderColor="line" paddingTop="2">
            <Box as="legend" fontFamily="heading" fontWeight={700}>
              {programme.name}
            </Box>
            <Flex gap="4" wrap="wrap">
              <Box as="label" fontSize="note">
                Its name on the machine
                <Input
                  value={programme.name}
                  maxLength={40}
                  width="10.625rem"
                  display="block"
                  onChange={(event) => setProgramme(programme.id, { name: event.target.value })}
                />
              </Box>
              <Figure
                name="Holds, kg"
                value={programme.capacityG / 1000}
                min={0.2}
                max={30}
                step={0.1}
                onChange={(kg) => setProgramme(programme.id, { capacityG: Math.round(kg * 1000) })}
              />
              <Figure
                name="Spin, rpm"
                value={programme.spinRpm}
                min={0}
                max={2000}
                step={100}
                onChange={(spinRpm) => setProgramme(programme.id, { spinRpm })}
              />
              <Figure
                name="Length at 40 °C, min"
                value={programme.minutes}
                min={5}
                max={600}
                step={1}
                onChange={(minutes) => setProgramme(programme.id, { minutes })}
              />
              <Figure
                name="Water, L"
                value={programme.waterL}
                min={5}
                max={300}
                step={1}
                onChange={(waterL) => setProgramme(programme.id, { waterL })}
              />
            </Flex>
          </Box>
        ))}
      </fieldset>
      {change.error && (
        <Notice kind="danger" role="alert" word="Not kept">
          {change.error.message}
        </Notice>
      )}
      {change.isSuccess && <Box role="status">Kept. Every load is worked out from it.</Box>}
      {may && (
        <Flex>
          <Button
            variant="action"
            disabled={change.isPending}
            onClick={() => change.mutate({ machine: { ...machine, guessed: false }, ...house })}
          >
            Keep
          </Button>
        </Flex>
      )}
    </Stack>
  );
}

interface FigureProps {
  readonly name: string;
  readonly value: number;
  readonly min: number;
  readonly max: number;
  readonly step: number;
  readonly onChange: (value: number) => void;
}

/** A number that is entered once it is complete. */
function Figure({ name, value, min, max, step, onChange }: FigureProps) {
  const [text, setText] = useState(String(value));
  return (
    <Box as="label" fontSize="note">
      {name}
      <Input
        type="number"
        inputMode="decimal"
        display="block"
        width="6.875rem"
        min={min}
        max={max}
        step={step}
        value={text}
        onChange={(event) => {
          setText(event.target.value);
          const told = Number(event.target.value);
          if (event.target.value !== '' && told >= min && told <= max) onChange(told);
        }}
      />
    </Box>
  );
}
