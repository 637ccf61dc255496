import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import DownloadIcon from '@mui/icons-material/FileDownloadOutlined';
import { Alert, Box, Button, Stack, Typography } from '@mui/material';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import type { ReactNode } from 'react';
import { Link as RouterLink } from 'react-router';
import { api, unwrap } from '../api/client';
import { keys, useShelf } from '../api/queries';
import { FileButton } from '../kit/FileButton';
import { usePreferences } from '../kit/preferences';
import { SchoolPicture } from '../kit/SchoolPicture';
import { Failed, Loading } from '../kit/States';
import { tell } from '../language/tell';
import { ColourTable } from './ColourTable';
import { EquipmentForm } from './EquipmentForm';
import { OwnSchools } from './OwnSchools';
import { PaintSystems } from './PaintSystems';
import { TonerBench } from './TonerBench';

export function ShelfPage() {
  const shelf = useShelf();
  const { me } = usePreferences();
  const client = useQueryClient();
  const upload = useMutation({
    mutationFn: async (file: File) => unwrap(api.POST('/api/bodies', { body: { svg: await file.text() } })),
    onSuccess: () => client.invalidateQueries({ queryKey: keys.shelf }),
  });
  if (shelf.isPending) {
    return <Loading what={t`the shelf`} />;
  }
  if (shelf.isError) {
    return <Failed error={shelf.error} retry={() => void shelf.refetch()} />;
  }
  const { bodyShapes, schools } = shelf.data;
  return (
    <Stack sx={{ p: { xs: 2, md: 3 }, gap: 4, maxWidth: 1080 }}>
      <title>{t`Shelf, Kalopsis`}</title>
      <Typography variant="h1">
        <Trans>Shelf</Trans>
      </Typography>
      <Box component="nav" aria-label={t`On this shelf`} sx={{ display: 'flex', gap: 1, flexWrap: 'wrap' }}>
        {[
          { id: 'bodies', name: t`Body shapes` },
          { id: 'colours', name: t`Colours` },
          { id: 'paint', name: t`Paint systems` },
          { id: 'toners', name: t`Toners of our own` },
          { id: 'equipment', name: t`What we work with` },
          { id: 'schools', name: t`Blending schools` },
        ].map((part) => (
          <Button key={part.id} component="a" href={`#${part.id}`} variant="outlined" size="small">
            {part.name}
          </Button>
        ))}
      </Box>
      <Section title={t`Body shapes`} id="bodies">
        {upload.isError && (
          <Alert severity="error" variant="outlined" sx={{ mb: 1 }}>
            {upload.error.message}{' '}
            {'problem' in upload.error ? (upload.error as { problem: { detail?: string } | null }).problem?.detail : ''}
          </Alert>
        )}
        <Stack direction="row" sx={{ gap: 1, flexWrap: 'wrap' }}>
          {bodyShapes.map((body) => (
            <Button
              key={body.key}
              variant="outlined"
              startIcon={<DownloadIcon />}
              component="a"
              href={`/api/bodies/${body.key}/svg`}
              download
              aria-label={t`Download the drawing of ${body.name}`}
            >
              {body.name}, {tell(body.style)}
            </Button>
          ))}
          {bodyShapes
            .filter((body) => body.taped && me.role !== 'apprentice')
            .map((body) => (
              <Button key={`tape ${body.key}`} component={RouterLink} to={`/shelf/tape/${body.key}`} variant="outlined">
                <Trans>Tape of {body.name}</Trans>
              </Button>
            ))}
          {me.role !== 'apprentice' && (
            <Button component={RouterLink} to="/shelf/tape" variant="contained">
              <Trans>A car by tape measure</Trans>
            </Button>
          )}
          {me.role === 'lead' && (
            <FileButton
              label={t`Drawing`}
              accept=".svg,image/svg+xml"
              variant="contained"
              onFile={(file) => upload.mutate(file)}
            >
              <Trans>Add a drawing</Trans>
            </FileButton>
          )}
        </Stack>
      </Section>
      <Section title={t`Tests of the model`}>
        <Button component={RouterLink} to="/calibration" variant="outlined">
          <Trans>What your paint, booth and eyes really do</Trans>
        </Button>
      </Section>
      <Section title={t`Colours`} id="colours">
        <ColourTable />
      </Section>
      <Section title={t`Paint systems`} id="paint">
        <PaintSystems shelf={shelf.data} />
      </Section>
      <Section title={t`Toners of our own`} id="toners">
        <TonerBench />
      </Section>
      <Section title={t`What we work with`} id="equipment">
        <EquipmentForm shelf={shelf.data} />
      </Section>
      <Section title={t`Our own schools`}>
        <OwnSchools />
      </Section>
      <Section title={t`Blending schools`} id="schools">
        {schools.map((s) => (
          <Stack key={s.key} direction="row" sx={{ mb: 2, gap: 2, alignItems: 'flex-start' }}>
            <SchoolPicture coats={s.coats} />
            <Typography>
              <strong>{tell(s.name)}.</strong> {tell(s.how)}
            </Typography>
          </Stack>
        ))}
      </Section>
    </Stack>
  );
}

function Section({ title, id, children }: { title: string; id?: string; children: ReactNode }) {
  return (
    <Box component="section" id={id}>
      <Typography variant="h2" sx={{ mb: 1.5 }}>
        {title}
      </Typography>
      {children}
    </Box>
  );
}
