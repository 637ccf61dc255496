import { t } from '@lingui/core/macro';
import { Plural, Trans } from '@lingui/react/macro';
import PrintIcon from '@mui/icons-material/PrintOutlined';
import WaterIcon from '@mui/icons-material/WaterDropOutlined';
import { Box, Button, Stack, Typography } from '@mui/material';
import { useState } from 'react';
import { Link } from 'react-router';
import { Meaning } from '../bench/Meaning';
import type { BenchHandle } from '../bench/useBench';
import { Empty } from '../kit/States';
import { Measure } from '../kit/Words';
import { Choices } from './Choices';
import { CupCard } from './CupCard';
import { Mixes } from './Mixes';
import { NewerSheet } from './NewerSheet';
import { money } from '../kit/money';
import { ViscosityDialog } from './ViscosityDialog';

export function CupsStation({ handle }: { handle: BenchHandle }) {
  const { plan } = handle;
  const [checking, setChecking] = useState(false);
  return (
    <Box sx={{ display: 'flex', flexGrow: 1, minHeight: 0, flexDirection: { xs: 'column', lg: 'row' } }}>
      <Box sx={{ flexGrow: 1, minWidth: 0, overflowY: { lg: 'auto' }, p: { xs: 2, md: 2.5 } }}>
        {plan.cups.length === 0 ? (
          <Empty title={t`Nothing to mix yet`}>
            <Trans>Place a repair in station 1, Car; the cups follow from the areas of the coats.</Trans>
          </Empty>
        ) : (
          <Stack sx={{ gap: 2 }}>
            <NewerSheet handle={handle} />
            <Head handle={handle} onCheck={() => setChecking(true)} />
            <Choices handle={handle} />
            {plan.cups.map((cup, i) => (
              <CupCard key={cup.id} cup={cup} place={i + 1} handle={handle} />
            ))}
            <Mixes handle={handle} />
          </Stack>
        )}
      </Box>
      <Meaning plan={plan} where={(at) => at.startsWith('product:')} />
      {checking && <ViscosityDialog handle={handle} onClose={() => setChecking(false)} />}
    </Box>
  );
}

/** What all of it comes to, and what can be done with all of it. */
function Head({ handle, onCheck }: { handle: BenchHandle; onCheck: () => void }) {
  const { plan, bench } = handle;
  const ml = plan.cups.reduce((sum, cup) => sum + cup.total.value, 0);
  const wasted = plan.cups.reduce((sum, cup) => sum + cup.wasted.value, 0);
  const charged = handle.document.car.paintPrice;
  const prices = plan.cups.map((cup) => cup.cost);
  const cost = prices.includes(null) ? null : prices.reduce<number>((sum, price) => sum + (price ?? 0), 0);
  return (
    <Stack direction="row" sx={{ gap: 2, flexWrap: 'wrap', alignItems: 'flex-end' }}>
      <Box sx={{ flexGrow: 1, flexBasis: 280 }}>
        <Typography variant="h2" component="h2">
          <Trans>What to mix, in spraying order</Trans>
        </Typography>
        <Typography>
          <strong>
            <Plural value={plan.cups.length} one="# mix" other="# mixes" />, <Measure of={{ value: ml, unit: 'ml' }} />
          </strong>
          <Trans>
            , of which <Measure of={{ value: wasted, unit: 'ml' }} /> stay in guns, filters and cups.
          </Trans>
          {cost !== null && plan.currency !== null && <> {money(cost, plan.currency)}</>}
          {charged != null && plan.currency !== null && (
            <>
              {' '}
              <Trans>Charged at {money(charged, plan.currency)}.</Trans>
            </>
          )}
        </Typography>
      </Box>
      <Button variant="outlined" data-testid="check-viscosity" startIcon={<WaterIcon />} onClick={onCheck}>
        <Trans>Check viscosity</Trans>
      </Button>
      <Button
        variant="outlined"
        startIcon={<PrintIcon />}
        component={Link}
        to={`/jobs/${bench.id}/cup-list`}
        aria-label={t`Print the cup list`}
      >
        <Trans>Cup list</Trans>
      </Button>
    </Stack>
  );
}
