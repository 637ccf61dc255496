import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Box, Button, Stack, Typography, useTheme } from '@mui/material';
import type { ColourDesk } from '../api/types';
import { adoptEffectCoats } from '../bench/document';
import type { BenchHandle } from '../bench/useBench';
import { tell } from '../language/tell';

const W = 640;
const H = 190;

/** The colour's way through the number of coats: how far from the car at each, and where it passes nearest. */
export function LetDownPanel({ desk, handle }: { desk: ColourDesk; handle: BenchHandle }) {
  const { tokens } = useTheme();
  const fit = desk.letDown;
  if (!desk.isLetDownColour) {
    return null;
  }
  if (fit === null) {
    return (
      <Box component="section" aria-label={t`Let-down set`}>
        <Typography variant="h2" sx={{ mb: 0.5 }}>
          <Trans>Let-down set</Trans>
        </Typography>
        <Typography>
          <Trans>
            The number of coats is part of this colour. Shoot cards with 1, 1.5, 2, 2.5 and 3 effect coats over the same
            ground, and read the car: three cards are the least.
          </Trans>
        </Typography>
      </Box>
    );
  }
  const sprays = handle.plan.effectCoats;
  // A coat is laid in twentieths at the finest.
  const taken = sprays !== null && Math.abs(sprays - fit.coats) <= 0.026;
  const first = fit.path[0]?.coats ?? 1;
  const last = fit.path.at(-1)?.coats ?? 3;
  const from = Math.min(first, fit.coats) - 0.15;
  const to = Math.max(last, fit.coats) + 0.15;
  const top = Math.max(3, ...fit.path.map((p) => p.overall)) * 1.08;
  const x = (c: number) => 44 + ((c - from) / (to - from)) * (W - 60);
  const y = (d: number) => H - 34 - (d / top) * (H - 52);
  const cards = desk.samples.filter((s) => s.letDownCoats !== null && !s.struck && s.comparison !== null);
  return (
    <Box component="section" aria-label={t`Let-down set`}>
      <Typography variant="h2" sx={{ mb: 0.5 }}>
        <Trans>Let-down set</Trans>
      </Typography>
      <Typography sx={{ fontSize: '1.15rem' }}>
        <Trans>
          <strong>{fit.coats.toFixed(1)} coats</strong> come nearest: {fit.overall.toFixed(1)} off over all angles,
          worst at {fit.worstAngle}° ({fit.worst.toFixed(1)}). {tell(fit.says)}
        </Trans>
      </Typography>
      <Stack direction="row" sx={{ gap: 1.5, alignItems: 'center', my: 1, flexWrap: 'wrap' }}>
        <Button
          variant="contained"
          disabled={taken}
          onClick={() => handle.change(adoptEffectCoats(handle.document, fit.sequence, fit.coats))}
        >
          {taken
            ? t`The plan sprays ${fit.coats.toFixed(1)} coats`
            : t`Spray ${fit.coats.toFixed(1)} coats in the plan`}
        </Button>
        {sprays !== null && (
          <Typography variant="body2">
            <Trans>
              {taken ? '' : t`The plan sprays ${sprays.toFixed(1)} coats. `}The verdict judges the colour at that
              number, on the fitted path.
            </Trans>
          </Typography>
        )}
      </Stack>
      <Typography sx={{ mb: 1 }}>
        <Trans>
          Hiding sticker beside the repair: spray until black and grey differ by{' '}
          <strong>{fit.stickerPercent.toFixed(0)}%</strong> of what they did bare.
        </Trans>
      </Typography>
      <Box
        component="svg"
        viewBox={`0 0 ${W} ${H}`}
        role="img"
        aria-label={t`Difference from the car by number of coats: ${fit.path
          .filter((_, i) => i % 5 === 0)
          .map((p) => t`${p.coats} coats ${p.overall.toFixed(1)}`)
          .join(', ')}; nearest at ${fit.coats.toFixed(1)}`}
        sx={{ width: '100%', maxWidth: 760, display: 'block', fontSize: 13 }}
      >
        <line x1={40} x2={W - 8} y1={y(0)} y2={y(0)} stroke={tokens.ink} />
        <text x={W - 8} y={H - 2} textAnchor="end" fill={tokens.inkSoft}>
          <Trans>effect coats</Trans>
        </text>
        <text x={2} y={14} fill={tokens.inkSoft}>
          <Trans>off the car</Trans>
        </text>
        {[1, 2, 3, 4, 6, 8, 10]
          .filter((d) => d < top)
          .map((d) => (
            <g key={d}>
              <line x1={40} x2={W - 8} y1={y(d)} y2={y(d)} stroke={tokens.line} />
              <text x={34} y={y(d) + 4} textAnchor="end" fill={tokens.inkSoft}>
                {d}
              </text>
            </g>
          ))}
        <path
          d={`M${fit.path.map((p) => `${x(p.coats).toFixed(1)},${y(p.overall).toFixed(1)}`).join('L')}`}
          fill="none"
          stroke={tokens.ink}
          strokeWidth={2.5}
        />
        {cards.map((s) => (
          <g key={s.id}>
            <circle
              cx={x(s.letDownCoats ?? 0)}
              cy={y(s.comparison?.overall ?? 0)}
              r={6}
              fill={tokens.raised}
              stroke={tokens.ink}
              strokeWidth={2}
            />
            <text x={x(s.letDownCoats ?? 0)} y={y(0) + 18} textAnchor="middle" fill={tokens.ink}>
              {s.letDownCoats}
            </text>
          </g>
        ))}
        <line
          x1={x(fit.coats)}
          x2={x(fit.coats)}
          y1={18}
          y2={y(0)}
          stroke={tokens.press}
          strokeWidth={3}
          strokeDasharray="7 4"
        />
        <text x={x(fit.coats)} y={13} textAnchor="middle" fill={tokens.press} fontWeight={700}>
          {fit.coats.toFixed(1)}
        </text>
      </Box>
      <Typography variant="caption" component="p" color="text.secondary">
        <Trans>
          Fitted path: light crosses the layer twice (Bouguer, Lambert, Beer); the cards lie {fit.fit.toFixed(2)} from
          it. Estimate, model notes, section 7.
        </Trans>
      </Typography>
    </Box>
  );
}
