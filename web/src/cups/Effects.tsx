import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Box, Typography } from '@mui/material';
import type { ReactNode } from 'react';
import type { Reduction, ReductionWay } from '../api/types';
import { useUnits } from '../kit/preferences';
import { SeverityMark } from '../kit/SeverityMark';
import { formatQuantity } from '../kit/units';
import { WhyFigure, WhyNote } from '../kit/Why';
import { Words } from '../kit/Words';
import { tell } from '../language/tell';
import { formatVoc } from './voc';

type Effect = Reduction['now'] | ReductionWay;

/** What a coat of this mix is like, and beside it one mixed as the data sheet says, where that is another. */
export function Effects({ found, stale }: { found: Reduction; stale: boolean }) {
  const { now } = found;
  const standard = found.strategies.find((way) => way.key === 'standard');
  const sheet = standard === undefined || standard.chosen ? null : standard;
  return (
    <Box sx={{ mt: 2, opacity: stale ? 0.6 : 1 }} aria-busy={stale}>
      <Typography sx={{ display: 'flex', alignItems: 'center', gap: 1, fontWeight: 640 }} role="status">
        <SeverityMark severity={now.seen ? 'look-out' : 'note'} size={18} />
        <span>
          <Words phrase={now.says} />{' '}
          <Trans>
            <WhyNote of="seen">Visibility index</WhyNote> {now.index.toFixed(2)}
          </Trans>
        </span>
      </Typography>
      <Box
        component="dl"
        aria-label={t`What thinning does to a coat`}
        sx={{ m: 0, mt: 1, display: 'grid', gap: 1.5, gridTemplateColumns: 'repeat(auto-fill, minmax(148px, 1fr))' }}
      >
        <Tile name={t`hides in`} now={now} sheet={sheet} of={(e) => <Coats effect={e} />} />
        <Tile name={t`wet film`} now={now} sheet={sheet} of={(e) => <Amount of={e.wet} />} />
        <Tile name={t`dry film`} now={now} sheet={sheet} of={(e) => <Amount of={e.dry} />} />
        <Tile
          name={t`wetness at landing`}
          now={now}
          sheet={sheet}
          of={(e) => <WhyFigure figure={e.wetness} label={t`Wetness at landing`} />}
        />
        <Tile name={t`flash`} now={now} sheet={sheet} of={(e) => <Amount of={e.flash} />} />
        <Tile name={t`viscosity`} now={now} sheet={sheet} of={(e) => <Thickness effect={e} />} />
        <Tile name={t`VOC, less water`} now={now} sheet={sheet} of={(e) => <VocFigure gPerL={e.voc} />} />
        <Tile name={t`solvent pop`} now={now} sheet={sheet} of={(e) => tell(e.popWords)} />
        <Tile name={t`mottle, index`} now={now} sheet={null} of={() => now.mottle.toFixed(2)} />
      </Box>
    </Box>
  );
}

function Tile({
  name,
  now,
  sheet,
  of,
}: {
  name: string;
  now: Effect;
  sheet: Effect | null;
  of: (effect: Effect) => ReactNode;
}) {
  return (
    <Box sx={{ borderTop: (theme) => `1px solid ${theme.tokens.line}`, pt: 0.75 }}>
      <Typography component="dt" variant="body2" color="text.secondary">
        {name}
      </Typography>
      <Typography component="dd" sx={{ m: 0, fontWeight: 680 }}>
        {of(now)}
      </Typography>
      {sheet !== null && (
        <Typography component="dd" variant="body2" color="text.secondary" sx={{ m: 0 }}>
          <Trans>sheet: {of(sheet)}</Trans>
        </Typography>
      )}
    </Box>
  );
}

function Amount({ of }: { of: Effect['wet'] }) {
  return <>{formatQuantity(of, useUnits())}</>;
}

function VocFigure({ gPerL }: { gPerL: number }) {
  return <>{formatVoc(gPerL, useUnits())}</>;
}

function Coats({ effect }: { effect: Effect }) {
  if (!effect.hides) {
    return <Trans>does not hide</Trans>;
  }
  return effect.coats === null ? <Trans>more than 8 coats</Trans> : <Trans>{effect.coats.toFixed(1)} coats</Trans>;
}

function Thickness({ effect }: { effect: Effect }) {
  const v = effect.viscosity;
  if (v === null) {
    return <>–</>;
  }
  return (
    <>
      {v.seconds.toFixed(0)} s {v.cup}
      {v.fits < 0 && t`, thin`}
      {v.fits > 0 && t`, thick`}
    </>
  );
}
