import { Box, Flex } from '@chakra-ui/react';
import { addressOf, type RunView } from '@feverfew/contracts';
import { Camera } from 'lucide-react';
import { useEffect, useState } from 'react';
import { Button } from '../../../components/controls/controls';
import { FileButton } from '../../../components/controls/FileButton';
import { base64Of, shrinkPhoto } from '../../../components/files/shrinkPhoto';
import { Notice } from '../../../components/notices/Notice';
import { useKeepPhoto } from '../../../queries/runQueries';
import { type DevicePhoto, useDevicePhotos } from './usePhotos';

/** Pictures of the mark: on this device unless saved with the run. */
export function PhotoPanel({ run }: { run: RunView }) {
  const device = useDevicePhotos(run.id);
  const keep = useKeepPhoto(run.id);
  const [fault, setFault] = useState<string | null>(null);
  const take = async (file: File) => {
    setFault(null);
    try {
      await device.add(await shrinkPhoto(file));
    } catch (error) {
      setFault((error as Error).message);
    }
  };
  const save = async (photo: DevicePhoto) => {
    await keep.mutateAsync({ key: photo.id, jpeg: await base64Of(photo.blob) });
    await device.drop(photo.id);
  };
  return (
    <Box as="section" aria-label="Pictures">
      <Flex gap="2.5" wrap="wrap" alignItems="flex-start">
        <FileButton
          accept="image/*"
          label="Take a picture"
          capture="environment"
          onFile={(file) => void take(file)}
        >
          <Camera size={20} aria-hidden="true" /> Picture
        </FileButton>
        <FileButton accept="image/*" label="Choose a picture" onFile={(file) => void take(file)}>
          From a file
        </FileButton>
        {run.state.photos.map((photo) => (
          <Box key={photo.photoId} as="figure" fontSize="small" color="soft">
            <img
              src={addressOf('downloadPhoto', { id: photo.photoId })}
              alt={`Round ${photo.round}`}
              width={112}
              style={{ borderRadius: 6 }}
            />
            <figcaption>round {photo.round}, saved</figcaption>
          </Box>
        ))}
        {device.photos.map((photo) => (
          <Held
            key={photo.id}
            photo={photo}
            onSave={() => void save(photo).catch(() => undefined)}
            onDrop={() => void device.drop(photo.id)}
          />
        ))}
      </Flex>
      {(fault ?? keep.error) && (
        <Notice kind="danger" role="alert" word="Not kept">
          {fault ?? keep.error?.message}
        </Notice>
      )}
    </Box>
  );
}

function Held({ photo, onSave, onDrop }: { photo: DevicePhoto; onSave: () => void; onDrop: () => void }) {
  const [url, setUrl] = useState('');
  useEffect(() => {
    const made = URL.createObjectURL(photo.blob);
    setUrl(made);
    return () => URL.revokeObjectURL(made);
  }, [photo.blob]);
  return (
    <Box as="figure" fontSize="small" color="soft">
      {url && <img src={url} alt="On this device" width={112} style={{ borderRadius: 6 }} />}
      <figcaption>on this device only</figcaption>
      <Flex gap="1.5">
        <Button onClick={onSave}>Save</Button>
        <Button variant="plain" onClick={onDrop}>
          Drop
        </Button>
      </Flex>
    </Box>
  );
}
