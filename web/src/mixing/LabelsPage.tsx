import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Box, ToggleButton, ToggleButtonGroup, Typography } from '@mui/material';
import { useParams, useSearchParams } from 'react-router';
import { useMixes } from '../api/queries';
import type { Mix } from '../api/types';
import { useBench } from '../bench/useBench';
import { useGrams, useUnits } from '../kit/preferences';
import { Empty, Failed, Loading } from '../kit/States';
import { formatQuantity } from '../kit/units';
import { tell } from '../language/tell';
import { Paper } from '../kit/Paper';

/** Labels for cups: one of a roll, or a grid on a sheet. */
export function LabelsPage() {
  const { id = '' } = useParams();
  const [search, setSearch] = useSearchParams();
  const loaded = useBench(id);
  const mixes = useMixes(id);
  const roll = search.get('on') === 'roll';
  const one = search.get('mix');
  if (loaded.state === 'failed' || mixes.isError) {
    const failed = loaded.state === 'failed' ? loaded : { error: mixes.error, retry: () => void mixes.refetch() };
    return <Failed error={failed.error} retry={failed.retry} />;
  }
  if (loaded.state === 'loading' || mixes.data === undefined) {
    return <Loading what={t`the labels`} />;
  }
  const { car } = loaded.handle.document;
  const shown = mixes.data.filter((mix) => mix.finishedAt !== null && (one === null || mix.id === one));
  return (
    <Paper
      css={roll ? '62mm 40mm' : 'A4 portrait'}
      margin={roll ? '2mm' : '8mm'}
      back={`/jobs/${id}/cups`}
      title={t`Labels`}
      choices={
        <ToggleButtonGroup
          exclusive
          value={roll ? 'roll' : 'a4'}
          aria-label={t`Paper`}
          onChange={(_, value: string | null) =>
            value !== null &&
            setSearch(
              (was) => {
                was.set('on', value);
                return was;
              },
              { replace: true },
            )
          }
        >
          <ToggleButton value="a4">
            <Trans>A4, eighteen to a sheet</Trans>
          </ToggleButton>
          <ToggleButton value="roll">
            <Trans>Roll, 62 mm</Trans>
          </ToggleButton>
        </ToggleButtonGroup>
      }
    >
      {shown.length === 0 ? (
        <Empty title={t`No finished mix yet`}>
          <Trans>A mix that was weighed to its end gets a label.</Trans>
        </Empty>
      ) : (
        <Box
          sx={{
            display: 'grid',
            gap: '3mm',
            gridTemplateColumns: roll ? '58mm' : 'repeat(3, 62mm)',
            '@media print': { gap: roll ? 0 : '3mm' },
          }}
        >
          {shown.map((mix) => (
            <Label key={mix.id} mix={mix} car={[car.label, car.plate].filter(Boolean).join(', ')} roll={roll} />
          ))}
        </Box>
      )}
    </Paper>
  );
}

function Label({ mix, car, roll }: { mix: Mix; car: string; roll: boolean }) {
  const weight = useGrams();
  const units = useUnits();
  const at = new Date(mix.finishedAt ?? mix.at).toLocaleString(undefined, { dateStyle: 'short', timeStyle: 'short' });
  const until =
    mix.potLifeUntil === null ? null : new Date(mix.potLifeUntil).toLocaleTimeString(undefined, { timeStyle: 'short' });
  return (
    <Box
      component="article"
      aria-label={t`Label of ${tell(mix.name)}`}
      sx={{
        border: '0.3mm solid #000',
        p: roll ? '1mm' : '2mm',
        height: roll ? '35mm' : '44mm',
        overflow: 'hidden',
        breakInside: 'avoid',
        fontSize: roll ? '7.5pt' : '8pt',
        lineHeight: 1.22,
        '@media print': roll ? { border: 0, breakAfter: 'page', '&:last-child': { breakAfter: 'auto' } } : {},
      }}
    >
      <Typography sx={{ fontSize: '12pt', fontWeight: 700, lineHeight: 1.1 }}>{tell(mix.name)}</Typography>
      <Box sx={{ fontWeight: 640 }}>
        {mix.colour} {mix.code}
        {mix.formula !== null && <>, {t`formula ${mix.formula}`}</>}
      </Box>
      <div>{car}</div>
      <div>
        {mix.product}, {mix.mixture}
      </div>
      <div>
        {weight(mix.sum)}; {at}; {mix.by}; {formatQuantity(mix.roomC, units)}
      </div>
      {mix.batch !== '' && <div>{t`batch ${mix.batch}`}</div>}
      {until !== null && (
        <Box sx={{ fontSize: '11pt', fontWeight: 700 }}>
          <Trans>Spray before {until}</Trans>
        </Box>
      )}
      <div>
        <Trans>Flammable; vapours. Hazards: see the safety data sheet.</Trans>
      </div>
    </Box>
  );
}
