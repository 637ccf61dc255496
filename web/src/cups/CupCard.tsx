import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import ScaleIcon from '@mui/icons-material/ScaleOutlined';
import { Box, Button, Stack, Typography } from '@mui/material';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import type { Cup } from '../api/types';
import type { BenchHandle } from '../bench/useBench';
import { CupDrawing } from '../kit/CupDrawing';
import { useUnits } from '../kit/preferences';
import { formatQuantity } from '../kit/units';
import { WhyFigure } from '../kit/Why';
import { tell } from '../language/tell';
import { CupWishes } from './CupWishes';
import { FormulaPanel } from './FormulaPanel';
import { money } from '../kit/money';
import { Pours } from './Pours';
import { Thinning } from './Thinning';

type Open = 'thinning' | 'formula' | null;

const BASES = ['base-effect', 'base-solid'];

/** One mix: the cup to scale, what goes into it, what it is for; thinning and toners open below. */
export function CupCard({ cup, place, handle }: { cup: Cup; place: number; handle: BenchHandle }) {
  const units = useUnits();
  const navigate = useNavigate();
  const [open, setOpen] = useState<Open>(null);
  const toggle = (what: Open) => setOpen((was) => (was === what ? null : what));
  const hasToners = BASES.includes(cup.role) && cup.restOf === null;
  const each = formatQuantity({ value: cup.total.value / cup.count, unit: 'ml' }, units);
  return (
    <Box
      component="section"
      aria-label={cup.name}
      sx={{
        border: (theme) => `1px solid ${theme.tokens.line}`,
        borderRadius: 1.5,
        backgroundColor: (theme) => theme.tokens.surface,
        p: 2,
      }}
    >
      <Stack direction="row" sx={{ alignItems: 'baseline', gap: 1.5, flexWrap: 'wrap', mb: 1 }}>
        <Typography variant="h2" component="h3">
          {place}. {tell(cup.name)}
        </Typography>
        <Box sx={{ fontSize: '1.35rem' }}>
          <WhyFigure figure={cup.total} label={t`${tell(cup.name)} to mix`} strong />
        </Box>
        {cup.count > 1 && (
          <Typography>
            <Trans>
              in {cup.count} cups of {each}
            </Trans>
          </Typography>
        )}
        <Typography variant="body2" color="text.secondary" sx={{ flexGrow: 1 }}>
          {cup.product}
          {cup.cost !== null && handle.plan.currency !== null && <>, {money(cup.cost, handle.plan.currency)}</>}
        </Typography>
        <Button
          variant="contained"
          startIcon={<ScaleIcon />}
          aria-label={t`Weigh ${tell(cup.name)}`}
          onClick={() => void navigate(`/jobs/${handle.bench.id}/weigh?cup=${cup.id}`)}
        >
          <Trans>Weigh</Trans>
        </Button>
      </Stack>
      <Stack direction={{ xs: 'column', sm: 'row' }} sx={{ gap: 2, alignItems: { sm: 'flex-end' } }}>
        <CupDrawing cup={cup} />
        <Box sx={{ flexGrow: 1, minWidth: 0 }}>
          <Pours cup={cup} />
          <Typography variant="body2" sx={{ mt: 1.25 }}>
            {cup.coats.map((c, i) => (
              <span key={c.coat}>
                {i > 0 && ', '}
                {tell(c.name)} <WhyFigure figure={c.volume} label={t`Paint for ${tell(c.name)}`} />
              </span>
            ))}
            {cup.forRest.value > 0 && (
              <>
                {'; '}
                <Trans>{formatQuantity(cup.forRest, units)} stay for the mix made from the rest</Trans>
              </>
            )}
          </Typography>
          <Facts cup={cup} />
        </Box>
      </Stack>
      <CupWishes cup={cup} handle={handle}>
        <Button
          aria-expanded={open === 'thinning'}
          aria-label={t`Thin ${tell(cup.name)}`}
          variant={open === 'thinning' ? 'contained' : 'outlined'}
          onClick={() => toggle('thinning')}
          sx={{ minHeight: (theme) => Math.max(56, theme.target) }}
        >
          <Trans>How it is thinned</Trans>
        </Button>
        {hasToners && (
          <Button
            aria-expanded={open === 'formula'}
            aria-label={t`Toners of ${tell(cup.name)}`}
            variant={open === 'formula' ? 'contained' : 'outlined'}
            onClick={() => toggle('formula')}
            sx={{ minHeight: (theme) => Math.max(56, theme.target) }}
          >
            <Trans>Toner by toner</Trans>
          </Button>
        )}
      </CupWishes>
      {open === 'thinning' && <Thinning cup={cup} handle={handle} />}
      {open === 'formula' && <FormulaPanel cup={cup} handle={handle} />}
    </Box>
  );
}

/** How thick, how long it lives, what the law asks about. */
function Facts({ cup }: { cup: Cup }) {
  const units = useUnits();
  const v = cup.viscosity;
  return (
    <Typography variant="body2" color="text.secondary" sx={{ mt: 0.5 }}>
      {v !== null && (
        <Trans>
          About {v.seconds} s, {v.cup}; the sheet wants {v.from} to {v.to}.
        </Trans>
      )}{' '}
      {cup.potLife !== null && <Trans>Lives {formatQuantity(cup.potLife, units)} once the hardener is in.</Trans>}{' '}
      {cup.restOf !== null && <Trans>Pour off what is left first; only the amount above goes into this mix.</Trans>}
    </Typography>
  );
}
