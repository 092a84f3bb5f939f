import { Box, Flex, Stack } from '@chakra-ui/react';
import { WEATHER_WORDS, WEATHERS } from '@feverfew/contracts';
import { ChipButton } from '../../../components/controls/controls';
import { FileButton } from '../../../components/controls/FileButton';
import { Notice } from '../../../components/notices/Notice';
import { useChangeWash, useReadForecast } from '../../../queries/washQueries';

/** The weather as it is here: by hand, from a file, or the made-up one that ships. */
export function WeatherPicker({ onDone }: { onDone: () => void }) {
  const change = useChangeWash();
  const read = useReadForecast();
  const error = change.error ?? read.error;
  return (
    <Stack
      as="section"
      aria-label="Weather"
      gap="2"
      bg="card"
      border="1px solid"
      borderColor="line"
      borderRadius="md"
      padding="0.75rem 0.875rem"
      marginBlock="2"
    >
      <Flex gap="1.5" wrap="wrap" align="center">
        <Box fontWeight={650}>It is</Box>
        {WEATHERS.map((weather) => (
          <ChipButton
            key={weather}
            onClick={() => change.mutate({ weather: { origin: 'byHand', weather } }, { onSuccess: onDone })}
          >
            {WEATHER_WORDS[weather]}
          </ChipButton>
        ))}
      </Flex>
      <Flex gap="2" wrap="wrap" align="center">
        <FileButton
          label="Forecast by the hour, CSV"
          accept=".csv,text/csv"
          onFile={(file) => void file.text().then((csv) => read.mutate(csv, { onSuccess: onDone }))}
        >
          A forecast by the hour, CSV
        </FileButton>
        <Box fontSize="small" color="soft">
          time, temp_c, humidity_pct, wind_ms, sun_wm2, rain_pct; one line an hour
        </Box>
      </Flex>
      <Flex>
        <ChipButton onClick={() => change.mutate({ weather: { origin: 'madeUp' } }, { onSuccess: onDone })}>
          the example forecast
        </ChipButton>
      </Flex>
      {error && (
        <Notice kind="danger" role="alert" word="Not read">
          {error.message}
        </Notice>
      )}
    </Stack>
  );
}
