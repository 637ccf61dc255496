import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Box, Table, TableBody, TableCell, TableHead, TableRow, Typography, useTheme } from '@mui/material';
import { visuallyHidden } from '@mui/utils';
import type { CutSection } from '../api/types';
import { useUnits } from '../kit/preferences';
import { formatMm } from '../kit/units';
import { WhyNote } from '../kit/Why';

const W = 760;
const FILM = 120;
const EYE = 110;
const LEFT = 46;

const LINES: Record<CutSection['lines'][number]['kind'], string> = {
  gap: t`gap`,
  fold: t`fold`,
  'body-line': t`body line`,
};

/**
 * The section along the cut: film coat by coat, what still shines through, and what the eye is left with from the light
 * walk's place.
 */
export function CutChart({ cut, busy }: { cut: CutSection; busy: boolean }) {
  const { tokens } = useTheme();
  const units = useUnits();
  const n = cut.mm.length;
  const x = (i: number) => LEFT + (i / Math.max(1, n - 1)) * (W - LEFT - 8);
  const total = cut.mm.map((_, i) => cut.films.reduce((s, f) => s + (f[i] ?? 0), 0));
  const most = Math.max(5, ...total) * 1.1;
  const y = (um: number) => FILM - (um / most) * (FILM - 14);
  const halved = cut.dE.map((d) => (d === null ? null : d * 0.5));
  const known = [...cut.index, ...halved].filter((v) => v !== null);
  const worst = Math.max(1.3, ...known, ...cut.lines.map((l) => l.index));
  const ey = (v: number) => EYE - 8 - (v / worst) * (EYE - 26);
  const stack = cut.films.map((film, k) => {
    const below = (i: number) => cut.films.slice(0, k).reduce((s, f) => s + (f[i] ?? 0), 0);
    const top = film.map((f, i) => `${x(i).toFixed(1)},${y(below(i) + f).toFixed(1)}`);
    const base = film.map((_, i) => `${x(i).toFixed(1)},${y(below(i)).toFixed(1)}`).reverse();
    return `M${[...top, ...base].join('L')}Z`;
  });
  const shades = [0.28, 0.42, 0.56, 0.7, 0.84, 0.95];
  const atMm = (mm: number) => x(mm / Math.max(1e-6, cut.stepMm));
  // Off the car there is nothing to look at: the line is broken there.
  const line = (values: readonly (number | null)[]) =>
    values
      .map((v, i) =>
        v === null ? '' : `${(values[i - 1] ?? null) === null ? 'M' : 'L'}${x(i).toFixed(1)},${ey(v).toFixed(1)}`,
      )
      .join('');
  const inner = cut.mm.reduce<number>((best, mm, i) => ((mm ?? Infinity) < (cut.mm[best] ?? Infinity) ? i : best), 0);
  const every = Math.max(1, Math.floor(n / 10));
  return (
    <Box
      component="section"
      aria-label={t`Cross-cut`}
      sx={{
        px: 2.5,
        py: 1.5,
        opacity: busy ? 0.75 : 1,
        backgroundColor: (t) => t.tokens.surface,
        borderBottom: (t) => `1px solid ${t.tokens.line}`,
      }}
    >
      <Box
        component="svg"
        viewBox={`0 0 ${W} ${FILM + EYE + 18}`}
        role="img"
        aria-label={t`Film, coat by coat, and the difference the eye is left with, along the cut; as a table below`}
        sx={{ width: '100%', display: 'block', fontSize: 12.5 }}
      >
        <text x={0} y={12} fill={tokens.inkSoft}>
          <Trans>film, µm</Trans>
        </text>
        {[0, 5, 10, 15, 20, 30]
          .filter((v) => v < most)
          .map((v) => (
            <g key={v}>
              <line x1={LEFT} x2={W - 8} y1={y(v)} y2={y(v)} stroke={tokens.line} />
              <text x={LEFT - 6} y={y(v) + 4} textAnchor="end" fill={tokens.inkSoft}>
                {v}
              </text>
            </g>
          ))}
        {stack.map((d, k) => (
          <path
            key={k}
            d={d}
            fill={tokens.ink}
            fillOpacity={shades[k] ?? 1}
            stroke={tokens.surface}
            strokeWidth={0.7}
          />
        ))}
        {cut.films.map((film, k) => {
          // Named where the cut is nearest to the primer's middle: there every coat has its full film.
          const mid = y(cut.films.slice(0, k).reduce((s, f) => s + (f[inner] ?? 0), 0) + (film[inner] ?? 0) / 2);
          return (film[inner] ?? 0) > most * 0.09 ? (
            <text key={k} x={x(inner)} y={mid + 4} textAnchor="middle" fill={k > 1 ? tokens.surface : tokens.ink}>
              {cut.coats[k]?.name}
            </text>
          ) : null;
        })}
        <g transform={`translate(0 ${FILM + 12})`}>
          <text x={0} y={10} fill={tokens.inkSoft}>
            <Trans>seen</Trans>
          </text>
          <line x1={LEFT} x2={W - 8} y1={ey(0)} y2={ey(0)} stroke={tokens.ink} />
          <line x1={LEFT} x2={W - 8} y1={ey(1)} y2={ey(1)} stroke={tokens.stop} strokeDasharray="6 4" />
          <text x={W - 10} y={ey(1) - 4} textAnchor="end" fill={tokens.stop}>
            <Trans>just noticed</Trans>
          </text>
          {cut.lines.map((l) => (
            <g key={l.atMm}>
              <line
                x1={atMm(l.atMm)}
                x2={atMm(l.atMm)}
                y1={-FILM + 4}
                y2={ey(0)}
                stroke={tokens.inkSoft}
                strokeDasharray="1 4"
              />
              <text x={atMm(l.atMm) + 5} y={16 - FILM} fill={tokens.inkSoft}>
                {LINES[l.kind]}
              </text>
              {l.index > 0.05 && <circle cx={atMm(l.atMm)} cy={ey(l.index)} r={4} fill={tokens.ink} />}
            </g>
          ))}
          <path d={line(halved)} fill="none" stroke={tokens.inkSoft} strokeWidth={1.5} strokeDasharray="2 3" />
          <path d={line(cut.index)} fill="none" stroke={tokens.ink} strokeWidth={2.5} />
        </g>
      </Box>
      <Typography variant="body2">
        <Trans>
          {formatMm(cut.lengthMm, units)} long, looked at from {cut.angle}° and {formatMm(cut.distanceM * 1000, units)}.
          <WhyNote of="film">Film</WhyNote> above. Heavy line: <WhyNote of="seen">what the eye is left with</WhyNote>,
          off the car nothing; a dot: what is seen of the step at a gap, fold or body line; dotted: the colour
          difference, at half its size.
        </Trans>
      </Typography>
      <Box sx={visuallyHidden}>
        <Table aria-label={t`Cross-cut as a table`}>
          <TableHead>
            <TableRow>
              <TableCell>
                <Trans>Along the cut</Trans>
              </TableCell>
              <TableCell>
                <Trans>From the primer</Trans>
              </TableCell>
              {cut.coats.map((c) => (
                <TableCell key={c.id}>{c.name}</TableCell>
              ))}
              <TableCell>
                <Trans>Shines through</Trans>
              </TableCell>
              <TableCell>
                <Trans>Flakes dry</Trans>
              </TableCell>
              <TableCell>
                <Trans>Colour difference</Trans>
              </TableCell>
              <TableCell>
                <Trans>What is seen</Trans>
              </TableCell>
            </TableRow>
          </TableHead>
          <TableBody>
            {cut.mm.map(
              (mm, i) =>
                i % every === 0 && (
                  <TableRow key={i}>
                    <TableCell>{formatMm(i * cut.stepMm, units)}</TableCell>
                    <TableCell>{mm === null ? t`no colour` : formatMm(mm, units)}</TableCell>
                    {cut.films.map((f, k) => (
                      <TableCell key={k}>{(f[i] ?? 0).toFixed(1)}</TableCell>
                    ))}
                    <TableCell>{Math.round(100 * (cut.uncovered[i] ?? 1))}%</TableCell>
                    <TableCell>{cut.dryPercent[i] ?? '-'}%</TableCell>
                    <TableCell>{cut.dE[i]?.toFixed(1) ?? t`off the car`}</TableCell>
                    <TableCell>{cut.index[i]?.toFixed(2) ?? t`off the car`}</TableCell>
                  </TableRow>
                ),
            )}
          </TableBody>
        </Table>
      </Box>
    </Box>
  );
}
