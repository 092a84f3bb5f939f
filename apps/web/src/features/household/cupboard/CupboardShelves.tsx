import { Box, chakra, Grid } from '@chakra-ui/react';
import type { Bottle, Catalogue, Meeting } from '@feverfew/contracts';
import { format } from 'date-fns';
import { type ReactNode, useRef } from 'react';
import { useLexicon } from '../../../app/useLexicon';
import { stepTo } from '../../../components/controls/stepTo';
import { Board } from '../../../components/layout/Board';
import { boardGrid, pageColumns } from '../../../components/layout/boardGrid';
import { BottleDrawing } from './BottleDrawing';
import {
  ANSWER_WORDS,
  type Answer,
  FAMILY_NAMES,
  familyOf,
  isLow,
  LEVEL_SHARES,
  LEVEL_WORDS,
  SHOWN,
  type Wanted,
} from './cupboardView';

type Agent = Catalogue['agents'][number];

/** Bottles next to each other on one board, by the width of the window. */
const ABREAST = { base: 3, md: 5, lg: 4, xl: 6 } as const;

export interface Kept {
  readonly agent: Agent;
  readonly strengthPct: number | null;
  readonly bottle: Bottle | undefined;
}

interface CupboardShelvesProps {
  readonly kept: readonly Kept[];
  readonly wanted: readonly Wanted[];
  readonly liftedId: string | null;
  readonly answers: readonly Answer[];
  readonly onLift: (agentId: string | null) => void;
}

/** Products by their family. One is lifted, and the others answer whether they may meet it. */
export function CupboardShelves({ kept, wanted, liftedId, answers, onLift }: CupboardShelvesProps) {
  const say = useLexicon();
  const place = useRef<HTMLDivElement>(null);
  const answerOf = (id: string) => answers.find(({ agent }) => agent.id === id)?.meeting.kind ?? null;
  return (
    <Grid
      ref={place}
      onKeyDown={(event) => stepTo(event, place.current)}
      gap="1rem 0.5rem"
      gridAutoFlow="row dense"
      gridTemplateColumns={pageColumns(ABREAST)}
    >
      {SHOWN.map((family) => {
        const here = kept.filter(({ agent }) => familyOf(agent) === family);
        return here.length === 0 ? null : (
          <Shelf key={family} name={FAMILY_NAMES[family]} count={here.length}>
            {here.map(({ agent, strengthPct, bottle }, at) => (
              <OnShelf
                key={agent.id}
                name={at === 0 ? FAMILY_NAMES[family] : null}
                agent={agent}
                share={bottle?.left ? LEVEL_SHARES[bottle.left] : null}
                isLifted={liftedId === agent.id}
                answer={answerOf(agent.id)}
                onLift={() => onLift(liftedId === agent.id ? null : agent.id)}
              >
                <Box color="soft">
                  {strengthPct !== null && `${strengthPct} %`}
                  {strengthPct !== null && bottle?.left && ', '}
                  {bottle?.left && (
                    <Box
                      as="span"
                      {...(isLow(bottle)
                        ? { color: 'ink', fontWeight: 650, borderBottom: '3px solid', borderColor: 'disc' }
                        : {})}
                    >
                      {LEVEL_WORDS[bottle.left]}
                    </Box>
                  )}
                </Box>
                {agent.needsStrength && strengthPct === null && <Box color="brick">strength not known</Box>}
                {bottle?.openedOn && (
                  <Box color="soft">opened {format(new Date(bottle.openedOn), 'd MMM')}</Box>
                )}
              </OnShelf>
            ))}
          </Shelf>
        );
      })}
      {wanted.length > 0 && (
        <Shelf name="Not here yet" count={wanted.length}>
          {wanted.map(({ agent, markIds }, at) => (
            <OnShelf
              key={agent.id}
              name={at === 0 ? 'Not here yet' : null}
              agent={agent}
              share={null}
              isAbsent
              isLifted={liftedId === agent.id}
              answer={answerOf(agent.id)}
              onLift={() => onLift(liftedId === agent.id ? null : agent.id)}
            >
              <Box>
                <strong>to buy:</strong> {markIds.map(say.name).join(', ')}
              </Box>
            </OnShelf>
          ))}
        </Shelf>
      )}
    </Grid>
  );
}

interface ShelfProps {
  readonly name: string;
  readonly count: number;
  readonly children: ReactNode;
}

function Shelf({ name, count, children }: ShelfProps) {
  const { gridColumn, inside } = boardGrid(count, ABREAST);
  return (
    <Box as="section" aria-label={name} minWidth="0" gridColumn={gridColumn}>
      <Box as="ul" listStyleType="none" display="grid" rowGap="3" gridTemplateColumns={inside}>
        {children}
      </Box>
    </Box>
  );
}

const Lift = chakra('button', {
  base: {
    display: 'flex',
    flexDirection: 'column',
    width: '100%',
    height: '100%',
    textAlign: 'center',
    fontSize: 'caption',
    lineHeight: '1.3',
    cursor: 'pointer',
    border: '2px solid transparent',
    borderRadius: 'md',
    paddingBottom: '1',
    _hover: { bg: 'leafTint' },
  },
  variants: {
    looks: {
      plain: {},
      lifted: { bg: 'leafTint', borderColor: 'leaf' },
      hurts: { bg: 'brickTint', borderStyle: 'dashed', borderColor: 'brick' },
      apart: { borderStyle: 'dashed', borderColor: 'brick' },
      cancel: { borderStyle: 'dotted', borderColor: 'soft' },
    },
  },
});

interface OnShelfProps {
  /** Of the shelf, on its first bottle. */
  readonly name: string | null;
  readonly agent: Agent;
  readonly share: number | null;
  readonly isAbsent?: boolean;
  readonly isLifted: boolean;
  readonly answer: Meeting['kind'] | null;
  readonly onLift: () => void;
  readonly children: ReactNode;
}

function OnShelf({ name, agent, share, isAbsent = false, isLifted, answer, onLift, children }: OnShelfProps) {
  const word = isLifted ? 'lifted' : answer && `${answer === 'cancel' ? '–' : '✕'} ${ANSWER_WORDS[answer]}`;
  return (
    <li style={{ minWidth: 0 }}>
      <Lift
        type="button"
        looks={isLifted ? 'lifted' : (answer ?? 'plain')}
        aria-pressed={isLifted}
        onClick={onLift}
        data-on-shelf
      >
        <Box
          width="100%"
          minHeight="1.25rem"
          fontWeight={650}
          color={isLifted ? 'leaf' : answer === 'cancel' ? 'ink' : 'brick'}
          aria-hidden={word ? undefined : true}
        >
          {word}
        </Box>
        <Box borderBottom="3px solid" borderColor="ink" width="100%">
          <BottleDrawing form={agent.form} family={familyOf(agent)} share={share} isAbsent={isAbsent} />
        </Box>
        <Board name={name} />
        <Box paddingInline="1" marginTop="1" width="100%">
          <Box fontWeight={650} fontSize="small" overflowWrap="anywhere">
            {agent.name.replace(/ \(.*\)$/, '')}
          </Box>
          {children}
        </Box>
      </Lift>
    </li>
  );
}
