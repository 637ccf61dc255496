import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Box, Button, Stack, Typography } from '@mui/material';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link as RouterLink } from 'react-router';
import { api, unwrap } from '../api/client';
import { useShelf } from '../api/queries';
import type { JobDocument, NearColour } from '../api/types';
import { setDetails } from '../bench/document';
import type { BenchHandle } from '../bench/useBench';
import { usePreferences } from '../kit/preferences';
import { Failed } from '../kit/States';

/** Whether this car's colour is on the shelf; where not, which of ours is nearest, and the way to put it there. */
export function OnShelf({ handle, jobId, read }: { handle: BenchHandle; jobId: string; read: boolean }) {
  const { me } = usePreferences();
  const shelf = useShelf().data;
  const [asked, setAsked] = useState(false);
  const { colour } = handle.document;
  const known = shelf?.colours.some((c) => c.name === colour.name && c.code === (colour.code ?? ''));
  const near = useQuery({
    queryKey: ['job', jobId, 'nearest', handle.bench.version],
    queryFn: ({ signal }) =>
      unwrap(api.GET('/api/jobs/{job}/colour/nearest', { params: { path: { job: jobId } }, signal })),
    enabled: asked,
  });
  if (shelf === undefined || known === true) {
    return null;
  }
  const take = (one: Pick<NearColour, 'name' | 'code'>) => {
    const found = shelf.colours.find((c) => c.name === one.name && c.code === one.code);
    if (found !== undefined) {
      const next: JobDocument['colour'] = {
        ...colour,
        name: found.name,
        code: found.code,
        finish: found.finish as JobDocument['colour']['finish'],
        undercoatShade: found.undercoatShade,
        hidingUm: found.hidingUm,
      };
      handle.change(setDetails(handle.document, handle.document.car.plate ?? '', next, handle.document.paintSystem));
    }
  };
  return (
    <Box
      component="section"
      aria-label={t`This colour and the shelf`}
      sx={{ px: { xs: 2, md: 2.5 }, py: 1.25, borderBottom: (th) => `1px solid ${th.tokens.line}` }}
    >
      <Typography>
        <Trans>{colour.name} is not on the shelf: without a formula it can be neither tinted nor poured.</Trans>
      </Typography>
      <Stack direction="row" sx={{ gap: 1, flexWrap: 'wrap' }}>
        {me.role !== 'apprentice' && (
          <Button
            component={RouterLink}
            to={`/shelf/colours/new?${new URLSearchParams({ name: colour.name, code: colour.code ?? '', finish: colour.finish, job: jobId }).toString()}`}
          >
            <Trans>Type its formula</Trans>
          </Button>
        )}
        {shelf.colours
          .filter((c) => c.name === colour.name)
          .map((c) => (
            <Button key={c.code} variant="contained" onClick={() => take(c)}>
              <Trans>
                Take {c.name} {c.code} from the shelf
              </Trans>
            </Button>
          ))}
        {read && (
          <Button onClick={() => setAsked(true)}>
            <Trans>Which of ours is nearest?</Trans>
          </Button>
        )}
      </Stack>
      {near.isError && <Failed error={near.error} retry={() => void near.refetch()} />}
      {near.data !== undefined && (
        <Box component="ul" aria-label={t`Nearest colours`} sx={{ listStyle: 'none', p: 0, m: 0 }}>
          {near.data.length === 0 && (
            <Typography component="li">
              <Trans>None of ours was read or has a formula.</Trans>
            </Typography>
          )}
          {near.data.slice(0, 5).map((one) => (
            <Stack
              component="li"
              key={one.id}
              direction="row"
              sx={{ gap: 1.5, alignItems: 'center', flexWrap: 'wrap' }}
            >
              <Typography>
                {one.name} {one.code}: <Trans>{one.dE.toFixed(1)} off where it is most</Trans>,{' '}
                {one.from === 'reading' ? (
                  <Trans>by its own reading</Trans>
                ) : one.from === 'car' ? (
                  <Trans>by a car read before</Trans>
                ) : (
                  <Trans>by its formula in the model</Trans>
                )}
              </Typography>
              <Button onClick={() => take(one)} aria-label={t`Take ${one.name} ${one.code}`}>
                <Trans>Take it</Trans>
              </Button>
            </Stack>
          ))}
        </Box>
      )}
    </Box>
  );
}
