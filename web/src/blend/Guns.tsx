import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Box, Button, LinearProgress, Stack, Typography } from '@mui/material';
import { useState } from 'react';
import type { GunOutlook } from '../api/types';
import { setGun } from '../bench/document';
import type { BenchHandle } from '../bench/useBench';
import { SeverityMark } from '../kit/SeverityMark';
import { Failed } from '../kit/States';
import { listed } from '../kit/units';
import { WhyFigure } from '../kit/Why';
import { Measure, Words } from '../kit/Words';
import { useGuns } from './useSimulation';

/** A standard gun and a small one on this repair, side by side: what each needs, pulls in and takes. */
export function Guns({ handle }: { handle: BenchHandle }) {
  const [asked, setAsked] = useState(false);
  const guns = useGuns(handle.bench.id, handle.document, asked);
  const chosen = handle.document.plan.gun ?? 'standard';
  return (
    <Box component="section" aria-label={t`Which gun`}>
      <Stack direction="row" sx={{ alignItems: 'center', gap: 2, mb: 1, flexWrap: 'wrap' }}>
        <Typography variant="h2" sx={{ flexGrow: 1 }}>
          <Trans>Which gun</Trans>
        </Typography>
        {!asked && (
          <Button variant="outlined" onClick={() => setAsked(true)}>
            <Trans>Compare the guns</Trans>
          </Button>
        )}
      </Stack>
      {!asked && (
        <Typography color="text.secondary">
          <Trans>On a tiny repair a standard gun makes the work grow: see what each of them would pull in.</Trans>
        </Typography>
      )}
      {asked && guns.isPending && <LinearProgress aria-label={t`Comparing the guns`} />}
      {guns.isError && <Failed error={guns.error} retry={() => void guns.refetch()} />}
      {guns.data !== undefined && asked && (
        <Box sx={{ display: 'grid', gridTemplateColumns: { xs: '1fr', sm: '1fr 1fr' }, gap: 3 }}>
          {guns.data.map((gun) => (
            <GunColumn
              key={gun.gun}
              gun={gun}
              chosen={gun.gun === chosen}
              onTake={() => handle.change(setGun(handle.document, gun.gun))}
            />
          ))}
        </Box>
      )}
    </Box>
  );
}

function GunColumn({ gun, chosen, onTake }: { gun: GunOutlook; chosen: boolean; onTake: () => void }) {
  const name = gun.gun === 'small' ? t`Small gun` : t`Standard gun`;
  return (
    <Box role="group" aria-label={name}>
      <Stack direction="row" sx={{ alignItems: 'center', gap: 1, minHeight: 48 }}>
        <Typography variant="h3" sx={{ flexGrow: 1 }}>
          {name}
        </Typography>
        {chosen ? (
          <Typography color="text.secondary">
            <Trans>chosen</Trans>
          </Typography>
        ) : (
          <Button variant="outlined" aria-label={t`Take the ${name}`} onClick={onTake}>
            <Trans>Take it</Trans>
          </Button>
        )}
      </Stack>
      <Stack direction="row" sx={{ gap: 1, alignItems: 'flex-start' }}>
        <Box sx={{ pt: 0.25 }}>
          <SeverityMark severity={gun.seen || gun.joins.length > 0 ? 'look-out' : 'note'} size={16} />
        </Box>
        <Typography sx={{ fontWeight: 640 }}>
          {gun.joins.length === 0 ? t`Stays on the panel.` : t`Pulls in: ${listed(gun.joins)}.`}{' '}
          <Words phrase={gun.says} />
        </Typography>
      </Stack>
      <Typography sx={{ mt: 0.5 }}>
        {gun.need !== null && (
          <>
            <Trans>
              Needs <WhyFigure figure={gun.need} label={t`Need with the ${name}`} />,
            </Trans>{' '}
          </>
        )}
        <Measure of={gun.paint} />, <Measure of={gun.minutes} />.{' '}
        {gun.largest === null ? (
          <Trans>No spot stays on this panel here.</Trans>
        ) : (
          <Trans>
            Stays on the panel up to a spot of{' '}
            <WhyFigure figure={gun.largest} label={t`Largest spot with the ${name}`} /> radius.
          </Trans>
        )}
      </Typography>
      <Typography variant="body2" color="text.secondary" sx={{ mt: 0.5 }}>
        <Words phrase={gun.held} />
      </Typography>
    </Box>
  );
}
