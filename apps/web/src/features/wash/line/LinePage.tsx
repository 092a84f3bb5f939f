import { Box, Flex, Stack, useBreakpointValue } from '@chakra-ui/react';
import { INDOOR_RULE, type LineView, ORIGIN_WORDS, PLACE_WORDS } from '@feverfew/contracts';
import { useEffect, useState } from 'react';
import { useLexicon } from '../../../app/useLexicon';
import { Button } from '../../../components/controls/controls';
import { LinkButton } from '../../../components/controls/LinkButton';
import { PageHeading } from '../../../components/layout/PageHeading';
import { Notice } from '../../../components/notices/Notice';
import { Failed, Loading } from '../../../components/notices/States';
import { decimal } from '../../../components/text/numbers';
import { useMay } from '../../../queries/deviceQueries';
import { useChangeWash, useClothesline, useHang } from '../../../queries/washQueries';
import { pieceTitle } from '../washView';
import { DryAll } from './DryAll';
import { LineDrawing } from './LineDrawing';
import { Help, NotInDryer, Rope } from './LineSide';
import { airText, isWell, rangeText, stateText } from './lineView';
import { PieceOnLine } from './PieceOnLine';
import { WeatherPicker } from './WeatherPicker';

/** What is wet, and when it will be dry. */
export function LinePage() {
  const line = useClothesline();
  if (line.isError) return <Failed error={line.error} onRetry={() => void line.refetch()} />;
  if (!line.data) return <Loading what="the line" />;
  return <Line line={line.data} />;
}

/** The server calculates dusk by the user's time zone, which is sent once if it differs. */
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
  const maySetWeather = useMay('all');
  useOwnClock(line.offsetMin, may);
  const [chosenId, setChosen] = useState<string | null>(null);
  const [weather, setWeather] = useState(false);
  const onDesk = useBreakpointValue({ base: false, lg: true }, { ssr: false });
  const hang = useHang();
  const chosen = line.lines.find(({ lineId }) => lineId === chosenId) ?? null;
  const toHang = line.lines.filter(({ hungAt }) => hungAt === null);
  const head = (
    <Flex align="baseline" gap="3" wrap="wrap">
      <PageHeading title="The line" />
      <Box fontSize="lead">{airText(line, say.temp)}</Box>
      <Box color="soft" fontSize="note">
        {ORIGIN_WORDS[line.origin]}
        {maySetWeather && (
          <>
            {' · '}
            <Button
              variant="plain"
              minHeight={{ base: '2.75rem', md: '2rem' }}
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
      <Stack padding={{ base: '0.5rem 1rem 2.5rem', lg: '0.75rem 1.5rem' }} gap="3">
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
      <Box flex="1" minWidth="0" padding={{ base: '0.5rem 1rem 0', lg: '0.75rem 0.5rem 0 1rem' }}>
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
        gap="3.5"
        width={{ base: '100%', lg: '15.625rem' }}
        padding={{ base: '0.875rem 1rem 2.5rem', lg: '5' }}
        borderInlineStart={{ lg: '1px solid' }}
        borderColor={{ lg: 'line' }}
      >
        {chosen && <PieceOnLine line={chosen} now={line.now} may={may} onDone={() => setChosen(null)} />}
        <Help line={line} />
        <NotInDryer line={line} />
        <Rope line={line} />
        {line.lines.some(({ place }) => place === 'rack' || place === 'flat') && (
          <Box fontSize="small" color="soft">
            {INDOOR_RULE}
          </Box>
        )}
        {hang.error && (
          <Notice kind="danger" role="alert" word="Not done">
            {hang.error.message}
          </Notice>
        )}
        {may && toHang.length > 0 && (
          <Button variant="action" size="large" disabled={hang.isPending} onClick={hangAll}>
            {toHang.length === 1 ? 'Hung up' : `All ${toHang.length} hung up`}
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
    <Stack as="ul" listStyleType="none" gap="0" marginTop="2">
      {line.lines.map((one) => (
        <Box as="li" key={one.lineId} borderTop="1px solid" borderColor="line">
          <Box
            as="button"
            width="100%"
            textAlign="start"
            paddingBlock="2"
            aria-pressed={chosenId === one.lineId}
            onClick={() => onChoose(chosenId === one.lineId ? null : one.lineId)}
          >
            <Flex justify="space-between" gap="2.5">
              <Box fontWeight={700}>
                {one.order > 0 && `${one.order}. `}
                {pieceTitle(one)}
              </Box>
              <Box fontWeight={700} color={isWell(one) ? 'leaf' : 'brick'} whiteSpace="nowrap">
                {rangeText(one, line.now)}
              </Box>
            </Flex>
            <Flex justify="space-between" gap="2.5" fontSize="small" color="soft">
              <span>
                {decimal(one.waterL)} L to lose · {PLACE_WORDS[one.place]}
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
