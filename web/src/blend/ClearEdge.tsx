import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Box, Button, Stack, Typography, useTheme } from '@mui/material';
import type { JobPlan, UnitSystem } from '../api/types';
import { adoptSteps } from '../bench/document';
import type { BenchHandle } from '../bench/useBench';
import { useUnits } from '../kit/preferences';
import { SeverityMark } from '../kit/SeverityMark';
import { formatQuantity } from '../kit/units';
import { WhyFigure } from '../kit/Why';
import { Words } from '../kit/Words';

type Edge = NonNullable<JobPlan['clear']['edge']>;

const W = 760;
const H = 150;
const LEFT = 40;
const FOOT = 26;

/** Where the clear ends: over the whole panel, or faded inside it with its edge, what is done about it and after it. */
export function ClearEdge({ handle }: { handle: BenchHandle }) {
  const { fades, other, edge } = handle.plan.clear;
  const change = () =>
    other !== null &&
    handle.change(adoptSteps(handle.document, other, fades ? t`Clear over the whole panel` : t`Clear faded out`));
  return (
    <Box component="section" aria-label={t`The clear`}>
      <Stack direction="row" sx={{ alignItems: 'center', gap: 2, mb: 1, flexWrap: 'wrap' }}>
        <Typography variant="h2" sx={{ flexGrow: 1 }}>
          <Trans>The clear</Trans>
        </Typography>
        <Button variant="outlined" disabled={other === null} onClick={change}>
          {fades ? t`Clear the whole panel` : t`Fade it inside the panel`}
        </Button>
      </Stack>
      {edge === null ? (
        <Typography color="text.secondary">
          <Trans>Over the whole panel, edge to edge: it lasts longest and nobody finds where it ends.</Trans>{' '}
          {other === null && t`This paint system has no fade-out solvent.`}
        </Typography>
      ) : (
        <Faded edge={edge} colourMm={handle.plan.need.limit?.value ?? null} />
      )}
    </Box>
  );
}

function Faded({ edge, colourMm }: { edge: Edge; colourMm: number | null }) {
  const units = useUnits();
  return (
    <>
      <Profile edge={edge} colourMm={colourMm} units={units} />
      <Stack direction="row" sx={{ gap: 1, alignItems: 'center', mt: 1 }}>
        <SeverityMark severity={edge.polishesOut ? 'note' : 'look-out'} size={18} />
        <Typography sx={{ fontWeight: 640 }}>
          <Words phrase={edge.says} />
        </Typography>
      </Stack>
      <Typography color="text.secondary" sx={{ mt: 0.5 }}>
        <Trans>
          Full film <WhyFigure figure={edge.full} label={t`Full film of clear`} />, the edge rises{' '}
          <WhyFigure figure={edge.step} label={t`Step at the end of the clear`} />; over a hard tape line it would be{' '}
          <WhyFigure figure={edge.hardStep} label={t`Step over a hard tape line`} />. It ends{' '}
          <WhyFigure figure={edge.ends} label={t`Where the clear ends`} /> past the primer, the scuffed area{' '}
          <WhyFigure figure={edge.scuffed} label={t`Where the scuffed area ends`} />.
        </Trans>
      </Typography>
      {edge.break !== null && (
        <Typography sx={{ mt: 0.5 }}>
          <Trans>
            The next break is {edge.break.name}, {formatQuantity(edge.break.away, units)} from the primer.
          </Trans>
        </Typography>
      )}
      <Box component="ol" aria-label={t`After the clear`} sx={{ pl: 2.5, my: 1.5, maxWidth: 760 }}>
        {edge.after.map((step) => (
          <Typography component="li" key={step.text} sx={{ mb: 0.5 }}>
            <Words phrase={step} />
          </Typography>
        ))}
      </Box>
      <Typography sx={{ maxWidth: 760 }}>
        <strong>
          <Trans>For the customer:</Trans>
        </strong>{' '}
        <Words phrase={edge.customer} />
      </Typography>
    </>
  );
}

/** Dry clear by distance from the primer; the scuffed area below it. */
function Profile({ edge, colourMm, units }: { edge: Edge; colourMm: number | null; units: UnitSystem }) {
  const { tokens } = useTheme();
  const far = edge.scuffed.value * 1.04;
  const x = (mm: number) => LEFT + (mm / far) * (W - LEFT - 8);
  const most = edge.full.value * 1.12;
  const y = (um: number) => H - FOOT - (um / most) * (H - FOOT - 14);
  const floor = y(0);
  const top = edge.mm.map((mm, i) => `${x(mm).toFixed(1)},${y(edge.um[i] ?? 0).toFixed(1)}`);
  const mark = (mm: number, text: string, end = false) => (
    <g>
      <line x1={x(mm)} x2={x(mm)} y1={14} y2={floor + 5} stroke={tokens.ink} strokeDasharray="5 4" />
      <text x={x(mm) + (end ? -5 : 5)} y={24} fontSize={12.5} textAnchor={end ? 'end' : 'start'} fill={tokens.ink}>
        {text}
      </text>
    </g>
  );
  const full = formatQuantity({ value: edge.full.value, unit: 'um' }, units);
  const ends = formatQuantity({ value: edge.ends.value, unit: 'mm' }, units);
  return (
    <Box
      component="svg"
      viewBox={`0 0 ${W} ${H}`}
      role="img"
      aria-label={t`Film of the clear: ${full} over the colour, tapering to nothing ${ends} past the primer`}
      sx={{ width: '100%', maxWidth: W, display: 'block', backgroundColor: tokens.surface, mt: 0.5 }}
    >
      <path
        d={`M${x(0)},${floor}L${top.join('L')}L${x(edge.mm.at(-1) ?? 0)},${floor}Z`}
        fill={tokens.ink}
        fillOpacity={0.28}
        stroke={tokens.ink}
        strokeWidth={1.6}
      />
      <line x1={LEFT} x2={W - 8} y1={floor} y2={floor} stroke={tokens.ink} strokeWidth={1.5} />
      <line x1={x(0)} x2={x(edge.scuffed.value)} y1={floor + 3} y2={floor + 3} stroke={tokens.primer} strokeWidth={4} />
      <text x={2} y={y(edge.full.value) + 4} fontSize={12.5} fill={tokens.inkSoft}>
        {full}
      </text>
      {colourMm !== null && mark(colourMm, t`colour ends`, true)}
      {mark(edge.ends.value, t`clear ends`)}
      <text x={x(edge.scuffed.value)} y={H - 6} fontSize={12.5} textAnchor="end" fill={tokens.inkSoft}>
        <Trans>scuffed to here</Trans>
      </text>
      <text x={x(0)} y={H - 6} fontSize={12.5} fill={tokens.inkSoft}>
        <Trans>primer</Trans>
      </text>
    </Box>
  );
}
