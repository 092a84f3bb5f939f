import { Box, chakra } from '@chakra-ui/react';
import type { RunningEntry } from '@feverfew/contracts';
import { Link } from 'react-router';
import { hourOfDay, timeOfDay } from '../../clock/timeOfDay';
import { VesselGlyph } from '../../components/drawings/VesselGlyph';
import { type Axis, axisOf, type Lane, laneOf } from './laneView';
import { nextActionView } from './nextActionView';
import { RunPlace } from './RunningRow';
import { useWorkplace } from './useWorkplace';

const Row = chakra(Link, {
  base: {
    display: 'grid',
    gridTemplateColumns: '3.25rem 11.875rem minmax(0, 1fr) 9.375rem',
    gap: '0 0.75rem',
    alignItems: 'center',
    height: '4.25rem',
    borderBottom: '1px solid',
    borderColor: 'line',
  },
});

/** What runs, each in its vessel stretched through the day: filled what is past, pale what is to come, dotted what is still safe. */
export function Lanes({ running, nowMs }: { running: readonly RunningEntry[]; nowMs: number }) {
  if (running.length === 0) return null;
  const axis = axisOf(running, nowMs);
  return (
    <Box display={{ base: 'none', md: 'block' }} position="relative">
      <Box
        display="grid"
        gridTemplateColumns="3.25rem 11.875rem minmax(0, 1fr) 9.375rem"
        gap="0 0.75rem"
        aria-hidden="true"
      >
        <Box gridColumn="3" position="relative" height="1.75rem">
          {axis.hours.map((hour) => (
            <Box
              key={hour}
              position="absolute"
              left={`${axis.place(hour)}%`}
              transform="translateX(-50%)"
              whiteSpace="nowrap"
              fontSize="small"
              color="soft"
              display={Math.abs(axis.place(hour) - axis.place(nowMs)) < NEAR_NOW ? 'none' : 'block'}
            >
              {hourOfDay(hour)}
            </Box>
          ))}
          <Box
            position="absolute"
            left={`${axis.place(nowMs)}%`}
            transform="translateX(-50%)"
            whiteSpace="nowrap"
            bg="ink"
            color="card"
            fontWeight={700}
            fontSize="small"
            borderRadius="sm"
            paddingInline="2"
          >
            {timeOfDay(nowMs)}
          </Box>
        </Box>
      </Box>
      <Box as="ul" listStyleType="none" borderTop="1px solid" borderColor="line">
        {running.map((run) => (
          <LaneRow key={run.id} run={run} axis={axis} nowMs={nowMs} />
        ))}
      </Box>
    </Box>
  );
}

/** An hour this near to now would stand under its mark, %. */
const NEAR_NOW = 6;

function LaneRow({ run, axis, nowMs }: { run: RunningEntry; axis: Axis; nowMs: number }) {
  const place = useWorkplace(run);
  const { headline, next, isNow, short } = nextActionView(run, nowMs);
  const lane = laneOf(run, axis, nowMs);
  return (
    <li>
      <Row to={`/runs/${run.id}`} data-run={run.id} data-hand={run.hand.what}>
        <VesselGlyph of={place.form} full={place.full} width={46} />
        <Box minWidth="0">
          <Box
            fontWeight={650}
            overflow="hidden"
            textOverflow="ellipsis"
            whiteSpace="nowrap"
            _firstLetter={{ textTransform: 'uppercase' }}
          >
            {run.pieceName}
          </Box>
          <Box color="soft" fontSize="small" overflow="hidden" textOverflow="ellipsis" whiteSpace="nowrap">
            <RunPlace run={run} next={next} />
          </Box>
        </Box>
        <Box position="relative" height="100%">
          <Box
            position="absolute"
            insetBlock="0"
            left={`${axis.place(nowMs)}%`}
            width="2px"
            bg="ink"
            aria-hidden="true"
          />
          {lane && <Drawn lane={lane} />}
        </Box>
        <Box textAlign="end">
          <Box fontFamily="heading" fontWeight={650} fontSize="heading" lineHeight="1.2">
            {headline}
          </Box>
          <Box fontSize="small" color={isNow ? 'ink' : 'soft'} fontWeight={isNow ? 700 : 400}>
            {isNow ? short : next}
          </Box>
        </Box>
      </Row>
    </li>
  );
}

/** Walls at in and out, water between, looks as discs; past ready the dotted part is still safe. */
function Drawn({ lane: { from, past, ready, latest, looks } }: { lane: Lane }) {
  return (
    <Box position="absolute" insetInline="0" top="1.1875rem" height="1.875rem" aria-hidden="true">
      <Box
        position="absolute"
        left={`${from}%`}
        width={`${ready - from}%`}
        insetBlock="0"
        bg="waterTint"
        borderInline="2px solid"
        borderBottom="2px solid"
        borderColor="ink"
        borderBottomRadius="6px"
        overflow="hidden"
      >
        <Box position="absolute" insetBlock="0.3125rem 0" left="0" width={`${past * 100}%`} bg="water" />
      </Box>
      {latest > ready && (
        <Box
          position="absolute"
          left={`${ready}%`}
          width={`${latest - ready}%`}
          insetBlock="0"
          borderBottom="2px dotted"
          borderInlineEnd="2px dotted"
          borderColor="soft"
        />
      )}
      {looks.map((look) => (
        <Box
          key={look}
          position="absolute"
          left={`${look}%`}
          top="0.5625rem"
          width="0.75rem"
          height="0.75rem"
          marginInlineStart="-0.375rem"
          borderRadius="full"
          bg="disc"
          border="1.5px solid"
          borderColor="ink"
        />
      ))}
    </Box>
  );
}
