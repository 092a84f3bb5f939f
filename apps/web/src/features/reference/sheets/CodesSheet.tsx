import { Box, Grid, Stack } from '@chakra-ui/react';
import type { Reference } from '@feverfew/contracts';
import type { ReactNode } from 'react';
import {
  BleachSign,
  CircleSign,
  DrySign,
  IronSign,
  ShadeSign,
  TumbleSign,
  WashSign,
} from '../../../components/drawings/CareSign';
import { Sources } from '../Fact';

const GROUPS = {
  washing: 'Tub',
  bleaching: 'Triangle',
  tumbleDrying: 'Dryer',
  naturalDrying: 'Drying in air',
  ironing: 'Iron',
  professionalCare: 'Circle: for professionals',
} as const;

const machine = (maxC: 30 | 40 | 50 | 60 | 70 | 95, bars: 0 | 1 | 2 = 0) => (
  <WashSign wash={{ kind: 'machine', maxC, bars }} />
);
const DRAWN: Readonly<Record<string, ReactNode>> = {
  signWash30: machine(30),
  signWash40: machine(40),
  signWash50: machine(50),
  signWash60: machine(60),
  signWash70: machine(70),
  signWash95: machine(95),
  signBar: machine(40, 1),
  signBars: machine(40, 2),
  signHand: <WashSign wash={{ kind: 'hand' }} />,
  signNoWash: <WashSign wash={{ kind: 'never' }} />,
  signAnyBleach: <BleachSign bleach="any" />,
  signOxygen: <BleachSign bleach="oxygenOnly" />,
  signNoBleach: <BleachSign bleach="never" />,
  signTumble: <TumbleSign tumble="normal" />,
  signTumbleLow: <TumbleSign tumble="low" />,
  signNoTumble: <TumbleSign tumble="never" />,
  signLine: <DrySign natural="line" />,
  signDrip: <DrySign natural="drip" />,
  signDripFlat: <DrySign natural="dripFlat" />,
  signFlat: <DrySign natural="flat" />,
  signShade: <ShadeSign />,
  signIron3: <IronSign iron="high" />,
  signIron2: <IronSign iron="medium" />,
  signIron1: <IronSign iron="low" />,
  signNoIron: <IronSign iron="never" />,
  signP: <CircleSign letter="P" crossed={false} />,
  signF: <CircleSign letter="F" crossed={false} />,
  signNoDryClean: <CircleSign letter="" crossed />,
  signW: <CircleSign letter="W" crossed={false} />,
  signNoWet: <CircleSign letter="W" crossed />,
};

/** Every sign on a tag with what it forbids, and the letters under a cushion. */
export function CodesSheet({ reference }: { reference: Reference }) {
  return (
    <>
      {Object.entries(GROUPS).map(([group, title]) => (
        <Box as="section" key={group} aria-label={title} marginBottom="3.5">
          <Box as="h2" fontSize="lead">
            {title}
          </Box>
          <Grid templateColumns={{ base: '1fr', md: '1fr 1fr' }} gap="0 1.75rem">
            {reference.careSignFacts
              .filter((sign) => sign.group === group)
              .map((sign) => (
                <Grid
                  key={sign.id}
                  templateColumns="2.75rem 1fr"
                  gap="2.5"
                  paddingBlock="1.5"
                  borderBottom="1px solid"
                  borderColor="line"
                >
                  <Box>{DRAWN[sign.id]}</Box>
                  <Box>
                    <strong>{sign.means}</strong>{' '}
                    {sign.forbids !== '—' && <span>Forbids: {sign.forbids}</span>}
                    <Box fontSize="small" color="soft">
                      {sign.name}; dotted system: {sign.dotted}. <Sources ids={sign.sourceIds} />
                    </Box>
                  </Box>
                </Grid>
              ))}
          </Grid>
        </Box>
      ))}
      <Box as="section" aria-label="Letters under a cushion">
        <Box as="h2" fontSize="lead">
          Letters under a cushion or on a carpet, for cleaning in place
        </Box>
        <Stack gap="0">
          {reference.codes.map((code) => (
            <Grid
              key={code.id}
              templateColumns="5.375rem 1fr"
              gap="2.5"
              paddingBlock="1.5"
              borderBottom="1px solid"
              borderColor="line"
            >
              <Box fontFamily="heading" fontWeight={700} fontSize="subhead">
                {code.code}
              </Box>
              <Box>
                <strong>{code.means}</strong> At home: {code.atHome} <Sources ids={code.sourceIds} />
              </Box>
            </Grid>
          ))}
        </Stack>
      </Box>
    </>
  );
}
