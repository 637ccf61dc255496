import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Box, Button, FormHelperText, Link, Stack, Typography } from '@mui/material';
import { useState } from 'react';
import type { LookBack } from '../api/types';
import { FileButton } from '../kit/FileButton';
import { usePhotos } from './useLookBack';

/** Pictures of the car, kept with the job. */
export function Photos({ job, look, finding }: { job: string; look: LookBack; finding: string | null }) {
  const { add, strike, restore } = usePhotos(job);
  const [gone, setGone] = useState<string | null>(null);
  return (
    <Box component="section" aria-label={t`Photos`}>
      <Typography variant="h2" sx={{ mb: 1 }}>
        <Trans>Photos</Trans>
      </Typography>
      <Stack direction="row" sx={{ gap: 1.5, flexWrap: 'wrap' }}>
        {look.photos.map((photo) => {
          const at = `/api/jobs/${job}/photos/${photo.id}`;
          return (
            <Stack key={photo.id} sx={{ width: 128, gap: 0.5 }}>
              <Link href={at} target="_blank" rel="noreferrer">
                <Box
                  component="img"
                  src={at}
                  alt={photo.name}
                  loading="lazy"
                  sx={{ width: 128, height: 96, objectFit: 'cover', display: 'block' }}
                />
              </Link>
              <Typography variant="caption" noWrap>
                {photo.by}
              </Typography>
              <Button
                size="small"
                aria-label={t`Take away ${photo.name}`}
                onClick={() => {
                  strike.mutate(photo.id);
                  setGone(photo.id);
                }}
              >
                <Trans>Take away</Trans>
              </Button>
            </Stack>
          );
        })}
      </Stack>
      <Stack direction="row" sx={{ gap: 1, mt: 1, flexWrap: 'wrap' }}>
        <FileButton
          label={t`Photo of the car`}
          accept="image/jpeg,image/png,image/webp"
          disabled={add.isPending}
          onFile={(file) => add.mutate({ id: crypto.randomUUID(), file, finding })}
        >
          <Trans>Add a photo</Trans>
        </FileButton>
        {gone !== null && (
          <Button
            onClick={() => {
              restore.mutate(gone);
              setGone(null);
            }}
          >
            <Trans>Bring the photo back</Trans>
          </Button>
        )}
      </Stack>
      {add.isError && (
        <FormHelperText error role="alert">
          {add.error.message}
        </FormHelperText>
      )}
    </Box>
  );
}
