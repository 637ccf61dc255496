import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Box, Button, Skeleton, Stack, Typography } from '@mui/material';
import { Link as RouterLink } from 'react-router';
import { useShelf } from '../api/queries';
import { Failed } from '../kit/States';
import { Measure } from '../kit/Words';
import { tell } from '../language/tell';
import { Months } from './Months';
import { Rates } from './Rates';
import { useSums } from './useLogbook';

/** What the shop's work comes to: how often it was done again, booth time, and its colours. */
export function Sums() {
  const sums = useSums();
  const schools = useShelf().data?.schools ?? [];
  if (sums.data === undefined) {
    return sums.isError ? (
      <Failed error={sums.error} retry={() => void sums.refetch()} />
    ) : (
      <Skeleton variant="rounded" height={320} role="status" aria-label={t`Adding up`} />
    );
  }
  const { redo, planned, real } = sums.data;
  const school = (key: string) => {
    const name = schools.find((s) => s.key === key)?.name;
    return name === undefined ? key : tell(name);
  };
  return (
    <Stack sx={{ gap: 2.5 }}>
      <Box component="section" aria-label={t`Done again`}>
        <Typography variant="h2">
          <Trans>Done again</Trans>
        </Typography>
        <Typography>
          {redo.of === 0 ? (
            <Trans>No car was delivered yet. Say so in station 6, Look-back, and ask a fortnight later.</Trans>
          ) : (
            <Trans>
              <strong>
                {redo.hits} of {redo.of}
              </strong>{' '}
              delivered; with so many cars, really {Math.round(100 * redo.low)} to {Math.round(100 * redo.high)}
              {'\u00a0'}%.
            </Trans>
          )}
        </Typography>
      </Box>
      <Rates title={t`By school`} rates={sums.data.schools} name={school} />
      <Rates title={t`By colour`} rates={sums.data.byColour} />
      <Rates title={t`By painter`} rates={sums.data.painters} />
      {real.value > 0 && (
        <Box component="section" aria-label={t`Booth time`}>
          <Typography variant="h3">
            <Trans>Booth time</Trans>
          </Typography>
          <Typography>
            <Trans>
              Planned <Measure of={planned} />, really <Measure of={real} />:{' '}
              {Math.round((100 * real.value) / planned.value)} %.
            </Trans>
          </Typography>
        </Box>
      )}
      <Months months={sums.data.months} currency={sums.data.currency} />
      {sums.data.colours.length > 0 && (
        <Box component="section" aria-label={t`Colours`}>
          <Typography variant="h3">
            <Trans>Colours</Trans>
          </Typography>
          <Stack direction="row" sx={{ flexWrap: 'wrap', gap: 0.5 }}>
            {sums.data.colours.slice(0, 16).map((c) => (
              <Button
                key={`${c.colour} ${c.code}`}
                variant="outlined"
                component={RouterLink}
                to={`/logbook/colour?${new URLSearchParams({ name: c.colour, code: c.code }).toString()}`}
              >
                {c.colour} {c.code} ({c.jobs})
              </Button>
            ))}
          </Stack>
        </Box>
      )}
    </Stack>
  );
}
