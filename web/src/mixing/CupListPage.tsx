import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Box, Typography } from '@mui/material';
import { useParams } from 'react-router';
import type { Cup, JobPlan } from '../api/types';
import { useBench } from '../bench/useBench';
import { CupDrawing } from '../kit/CupDrawing';
import { useGrams, useUnits } from '../kit/preferences';
import { Failed, Loading } from '../kit/States';
import { formatQuantity, phraseText } from '../kit/units';
import { tell } from '../language/tell';
import { Paper } from '../kit/Paper';

const DRAWN = 0.62;

/** Everything to mix for a job, in spraying order, on one sheet beside the scale. */
export function CupListPage() {
  const { id = '' } = useParams();
  const loaded = useBench(id);
  if (loaded.state === 'failed') {
    return <Failed error={loaded.error} retry={loaded.retry} />;
  }
  if (loaded.state === 'loading') {
    return <Loading what={t`the cup list`} />;
  }
  const { plan, document } = loaded.handle;
  return (
    <Paper back={`/jobs/${id}/cups`}>
      <Typography variant="h1" sx={{ fontSize: '18pt' }}>
        <Trans>Cups</Trans>: {document.car.label}
        {document.car.plate !== undefined && document.car.plate !== '' && <>, {document.car.plate}</>}
      </Typography>
      <Typography sx={{ fontWeight: 640, mb: 1 }}>
        {document.colour.name} {document.colour.code}; <Trans>reducer</Trans> {tell(plan.reducer.words)}
      </Typography>
      {plan.cups.map((cup, i) => (
        <Line key={cup.id} cup={cup} place={i + 1} />
      ))}
      <Outside plan={plan} />
      <Typography sx={{ mt: 1.5, fontSize: '9pt' }}>
        <Trans>
          Planned by calculation. Data sheets, safety data sheets and local rules decide. Gloves, mask or supplied air,
          and extraction on before a tin is opened.
        </Trans>
      </Typography>
    </Paper>
  );
}

function Line({ cup, place }: { cup: Cup; place: number }) {
  const weight = useGrams();
  const units = useUnits();
  return (
    <Box
      component="section"
      aria-label={tell(cup.name)}
      sx={{ display: 'flex', gap: 2, py: 1, borderTop: '1px solid #999', breakInside: 'avoid', alignItems: 'flex-end' }}
    >
      <CupDrawing cup={cup} scale={DRAWN} />
      <Box sx={{ flexGrow: 1 }}>
        <Typography variant="h2" sx={{ fontSize: '13pt' }}>
          {place}. {tell(cup.name)}, {cup.count > 1 ? `${cup.count} × ` : ''}
          {formatQuantity({ value: cup.total.value / cup.count, unit: 'ml' }, units)}
        </Typography>
        <div>
          {cup.product}, {cup.mixture}; {cup.coats.map((c) => tell(c.name)).join(', ')}
        </div>
        <Box component="table" sx={{ borderCollapse: 'collapse', '& td': { pr: 3 } }}>
          <tbody>
            {cup.pours.map((pour) => (
              <tr key={pour.component}>
                <td>{tell(pour.component)}</td>
                <td>{formatQuantity({ value: pour.ml, unit: 'ml' }, units)}</td>
                <td>
                  <Trans>
                    scale at <strong>{weight(pour.cumulativeGrams)}</strong>
                  </Trans>
                </td>
              </tr>
            ))}
          </tbody>
        </Box>
        {cup.follows !== null && (
          <div>
            <Trans>What the coat before really took, and a tenth more: ______ ml</Trans>
          </div>
        )}
        {cup.potLife !== null && (
          <div>
            <Trans>Lives {formatQuantity(cup.potLife, units)}; hardener in at ______</Trans>
          </div>
        )}
      </Box>
    </Box>
  );
}

/** Mixtures that leave their sheet's window, with the reasons that were kept. */
function Outside({ plan }: { plan: JobPlan }) {
  const units = useUnits();
  return (
    <>
      {plan.warnings
        .filter((warning) => warning.code === 'outside-window')
        .map((warning) => (
          <Typography key={warning.about + warning.says.plain} sx={{ fontWeight: 640, mt: 1 }}>
            {phraseText(warning.says, units)}
          </Typography>
        ))}
    </>
  );
}
