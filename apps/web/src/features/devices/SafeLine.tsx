import { Box, Stack } from '@chakra-ui/react';
import { addressOf, type HouseNetwork } from '@feverfew/contracts';
import { Button } from '../../components/controls/controls';

/** What https brings, and how a device is brought to trust it. */
export function SafeLine({ network }: { network: HouseNetwork }) {
  const safe = network.addresses.filter(({ isSafe }) => isSafe);
  if (safe.length === 0)
    return <Box color="soft">This computer has no address that can be vouched for. Plain http works.</Box>;
  return (
    <Stack gap="3" maxWidth="68ch">
      <Box>
        Plain http works at once. With https, others in your network cannot read along. The device keeps the
        plan and what runs without a connection. The screen stays on at the tub, and Feverfew can be installed
        as an app. For that, the device has to trust this household’s own certificate, once.
      </Box>
      <RootCertificate />
      <TrustSteps />
      {network.rootFingerprint && (
        <Box>
          Compare before you trust it. SHA-256:
          <Box fontSize="small" overflowWrap="anywhere">
            {network.rootFingerprint}
          </Box>
        </Box>
      )}
      <Box>
        Then open{' '}
        {safe.map(({ url }, index) => (
          <span key={url}>
            {index > 0 && ' or '}
            <a href={url} style={{ textDecoration: 'underline' }}>
              {url}
            </a>
          </span>
        ))}
        . There the device needs a code of its own: what it shows on the plain line could have been read.
      </Box>
      <Box color="soft" fontSize="note">
        It vouches for addresses and names inside a house alone. Who gets hold of its key can read along in
        this house, and nowhere else. Without this house, take it off the device again.
      </Box>
    </Stack>
  );
}

export function RootCertificate() {
  return (
    <a
      href={addressOf('downloadRootCertificate')}
      download="feverfew-household.crt"
      style={{ alignSelf: 'flex-start' }}
    >
      <Button as="span">The household’s certificate</Button>
    </a>
  );
}

/** Common practice, no source: where the settings of phones and computers keep it. */
export function TrustSteps() {
  return (
    <Box as="ul" listStyleType="disc" paddingInlineStart="5">
      <li>
        A phone that asks what the file is for: Settings, then search for “CA certificate”, install it from
        the file.
      </li>
      <li>
        A phone that loads a profile: Settings, the profile that was loaded, install it. Then General, About,
        Certificate trust, and turn it on.
      </li>
      <li>A computer: open the file, and put it among the root authorities that are trusted.</li>
    </Box>
  );
}
