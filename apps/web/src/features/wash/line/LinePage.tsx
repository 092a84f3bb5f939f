import { Box, Flex, Stack, useBreakpointValue } from '@chakra-ui/react';
import { heldByWords, INDOOR_RULE, type LineView, ORIGIN_WORDS, PLACE_WORDS } from '@feverfew/contracts';
import { useEffect, useState } from 'react';
import { useLexicon } from '../../../app/useLexicon';
import { Button, Input } from '../../../components/controls';
import { LinkButton } from '../../../components/LinkButton';
import { Notice } from '../../../components/Notice';
import { PageHeading } from '../../../components/PageHeading';
import { Failed, Loading } from '../../../components/States';
import { useMay } from '../../../queries/deviceQueries';
import { useChangeWash, useHang, useLine, useWasDry } from '../../../queries/washQueries';
import { pieceTitle } from '../washView';
import { LineDrawing } from './LineDrawing';
import { airText, hourText, isWell, needsHelp, rangeText, stateText, todayAt } from './lineView';
import { PieceOnLine } from './PieceOnLine';
import { WeatherPicker } from './WeatherPicker';

/** What is wet, and when it will be dry. */
export function LinePage() {
  const line = useLine();
  if (line.isError) return <Failed error={line.error} onRetry={() => void line.refetch()} />;
  if (!line.data) return <Loading what="the line" />;
  return <Line line={line.data} />;
}

/** The server reckons dusk by the clock of whoever looks: told once where it stands otherwise. */
function useOwnClock(offsetMin: number, may: boolean): void {
  const { mutate } = useChangeWash();
  useEffect(() => {
    const own = -new Date().getTimezoneOffset();
    if (may && own !== offsetMin) mutate({ offsetMin: own });
  }, [mutate, offsetMin, may]);
}

function Line({ line }: { line: LineView }) {
  const say = useLexicon();
  const may = useMay('tub');
  useOwnClock(line.offsetMin, may);
  const [chosenId, setChosen] = useState<string | null>(null);
  const [weather, setWeather] = useState(false);
  const onDesk = useBreakpointValue({ base: false, lg: true }, { ssr: false });
  const hang = useHang();
  const chosen = line.lines.find(({ lineId }) => lineId === chosenId) ?? null;
  const toHang = line.lines.filter(({ hungAt }) => hungAt === null);
  const head = (
    <Flex align="baseline" gap="12px" wrap="wrap">
      <PageHeading title="The line" />
      <Box fontSize="17px">{airText(line, say.temp)}</Box>
      <Box color="soft" fontSize="15px">
        {ORIGIN_WORDS[line.origin]}
        {may && (
          <>
            {' · '}
            <Button
              variant="plain"
              minHeight={{ base: '44px', md: '32px' }}
              aria-expanded={weather}
              onClick={() => setWeather(!weather)}
            >
              your own
            </Button>
          </>
        )}
      </Box>
    </Flex>
  );
  if (line.lines.length === 0)
    return (
      <Stack padding={{ base: '8px 16px 40px', lg: '12px 24px' }} gap="12px">
        {head}
        {weather && <WeatherPicker onDone={() => setWeather(false)} />}
        <Box maxWidth="60ch">Nothing is wet. What comes out of a drum hangs here until it is dry.</Box>
        <Flex>
          <LinkButton to="/wash" variant="outline">
            To the loads
          </LinkButton>
        </Flex>
      </Stack>
    );
  const groups = toHang.map(({ lineId, place }) => ({ lineId, place }));
  const hangAll = () => {
    for (const place of new Set(groups.map((one) => one.place)))
      hang.mutate({
        lineIds: groups.filter((one) => one.place === place).map(({ lineId }) => lineId),
        place,
      });
  };
  return (
    <Flex direction={{ base: 'column', lg: 'row' }} minHeight={{ lg: '100dvh' }}>
      <Box flex="1" minWidth="0" padding={{ base: '8px 16px 0', lg: '12px 8px 0 16px' }}>
        {head}
        {weather && <WeatherPicker onDone={() => setWeather(false)} />}
        {onDesk ? (
          <LineDrawing line={line} chosenId={chosenId} onChoose={setChosen} />
        ) : (
          <Rows line={line} chosenId={chosenId} onChoose={setChosen} />
        )}
      </Box>
      <Stack
        as="aside"
        aria-label="What needs help"
        gap="14px"
        width={{ base: '100%', lg: '250px' }}
        padding={{ base: '14px 16px 40px', lg: '20px' }}
        borderInlineStart={{ lg: '1px solid' }}
        borderColor={{ lg: 'line' }}
      >
        {chosen && <PieceOnLine line={chosen} now={line.now} may={may} onDone={() => setChosen(null)} />}
        <Help line={line} />
        <NotInDryer line={line} />
        <Rope line={line} />
        {line.lines.some(({ place }) => place === 'rack' || place === 'flat') && (
          <Box fontSize="14px" color="soft">
            {INDOOR_RULE}
          </Box>
        )}
        {hang.error && (
          <Notice kind="danger" word="Not done">
            {hang.error.message}
          </Notice>
        )}
        {may && toHang.length > 0 && (
          <Button variant="action" size="large" disabled={hang.isPending} onClick={hangAll}>
            {toHang.length === 1 ? 'Hung' : `Hung, all ${toHang.length}`}
          </Button>
        )}
        {may && toHang.length === 0 && <DryAll line={line} />}
      </Stack>
    </Flex>
  );
}

/** On a phone: one row a piece, its water running out to the right. */
function Rows({
  line,
  chosenId,
  onChoose,
}: {
  line: LineView;
  chosenId: string | null;
  onChoose: (id: string | null) => void;
}) {
  return (
    <Stack as="ul" listStyleType="none" gap="0" marginTop="8px">
      {line.lines.map((one) => (
        <Box as="li" key={one.lineId} borderTop="1px solid" borderColor="line">
          <Box
            as="button"
            width="100%"
            textAlign="start"
            paddingBlock="8px"
            aria-pressed={chosenId === one.lineId}
            onClick={() => onChoose(chosenId === one.lineId ? null : one.lineId)}
          >
            <Flex justify="space-between" gap="10px">
              <Box fontWeight={700}>
                {one.order > 0 && `${one.order}. `}
                {pieceTitle(one)}
              </Box>
              <Box fontWeight={700} color={isWell(one) ? 'leaf' : 'brick'} whiteSpace="nowrap">
                {rangeText(one, line.now)}
              </Box>
            </Flex>
            <Flex justify="space-between" gap="10px" fontSize="14px" color="soft">
              <span>
                {one.waterL.toFixed(1)} L to lose · {PLACE_WORDS[one.place]}
                {one.hungAt ? '' : ' · not hung yet'}
              </span>
              <span>{stateText(one)}</span>
            </Flex>
          </Box>
        </Box>
      ))}
    </Stack>
  );
}

function Help({ line }: { line: LineView }) {
  const help = line.lines.filter(needsHelp);
  if (help.length === 0) return null;
  return (
    <Box>
      <Box as="h2" fontSize="20px">
        {help.length === 1 ? 'One needs help' : `${help.length} need help`}
      </Box>
      {help.map((one) => (
        <Box key={one.lineId} fontSize="15px" paddingBlock="6px" borderBottom="1px solid" borderColor="line">
          <b>{pieceTitle(one)}</b>: {stateText(one)}.{' '}
          {one.state === 'cannotTell'
            ? 'No weather reaches so far: give your own.'
            : line.hasDryer && one.tumble.value !== 'none' && one.openMarkIds.length === 0
              ? `Its rest in the dryer, ${one.tumble.value}; or indoors.`
              : 'In the porch or indoors; out of the dryer.'}
        </Box>
      ))}
    </Box>
  );
}

function NotInDryer({ line }: { line: LineView }) {
  const say = useLexicon();
  const out = line.lines.filter(
    ({ tumble, openMarkIds }) => tumble.value === 'none' || openMarkIds.length > 0,
  );
  if (!line.hasDryer || out.length === 0) return null;
  return (
    <Box>
      <Box as="h2" fontSize="20px">
        Not in the dryer
      </Box>
      {out.map((one) => (
        <Box key={one.lineId} fontSize="15px">
          <Box as="span" fontWeight={650} borderBottom="1.5px dashed" borderColor="brick">
            {one.name}
          </Box>{' '}
          {one.openMarkIds.length > 0 ? 'still marked' : one.tumble.by ? heldByWords(one.tumble.by, say) : ''}
        </Box>
      ))}
    </Box>
  );
}

function Rope({ line }: { line: LineView }) {
  const over = line.usedM > line.ropeM;
  return (
    <Box>
      <Box as="h2" fontSize="20px">
        Line used
      </Box>
      <Box height="6px" bg="track" borderRadius="full" marginBlock="4px">
        <Box
          height="6px"
          borderRadius="full"
          bg={over ? 'brick' : 'leaf'}
          width={`${Math.min(100, (line.usedM / Math.max(0.1, line.ropeM)) * 100)}%`}
        />
      </Box>
      <Box fontSize="15px">
        <b>
          {line.usedM.toFixed(1)} of {line.ropeM} m
        </b>
        {over && ': hang what takes longest first, the rest indoors'}
      </Box>
    </Box>
  );
}

/** All that hangs was dry at a time. */
function DryAll({ line }: { line: LineView }) {
  const [at, setAt] = useState('');
  const dry = useWasDry();
  const hanging = line.lines.filter(({ hungAt }) => hungAt !== null);
  const send = () =>
    dry.mutate({ lineIds: hanging.map(({ lineId }) => lineId), at: at ? todayAt(at, line.now) : line.now });
  return (
    <Stack gap="6px">
      <Flex align="center" gap="8px">
        <Box as="label" fontSize="15px">
          It was dry at{' '}
          <Input type="time" width="120px" value={at} onChange={(event) => setAt(event.target.value)} />
        </Box>
      </Flex>
      <Button variant="action" disabled={dry.isPending} onClick={send}>
        {at ? `All was dry at ${at}` : `All is dry, ${hourText(line.now)}`}
      </Button>
      {dry.error && (
        <Notice kind="danger" word="Not kept">
          {dry.error.message}
        </Notice>
      )}
    </Stack>
  );
}
