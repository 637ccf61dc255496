import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Box, Typography, useTheme } from '@mui/material';
import type { LogMonth } from '../api/types';
import { money } from '../kit/money';
import { useUnits } from '../kit/preferences';
import { formatQuantity } from '../kit/units';

const HEIGHT = 70;

const short = (month: string) =>
  new Intl.DateTimeFormat(undefined, { month: 'narrow', timeZone: 'UTC' }).format(new Date(`${month}-01T00:00:00Z`));

const long = (month: string) =>
  new Intl.DateTimeFormat(undefined, { month: 'long', year: 'numeric', timeZone: 'UTC' }).format(
    new Date(`${month}-01T00:00:00Z`),
  );

/** The twelve months up to now, also those without work. */
function yearUpTo(now: Date): string[] {
  return Array.from({ length: 12 }, (_, i) => {
    const month = new Date(Date.UTC(now.getUTCFullYear(), now.getUTCMonth() - 11 + i, 1));
    return month.toISOString().slice(0, 7);
  });
}

/** One chart of the year: a column each month, a darker part of it below where there is one. */
function Columns({
  label,
  months,
  whole,
  part,
}: {
  label: string;
  months: readonly LogMonth[];
  whole: (month: LogMonth) => number;
  part?: (month: LogMonth) => number;
}) {
  const { tokens } = useTheme();
  const most = Math.max(1e-9, ...months.map(whole));
  return (
    <svg viewBox={`0 0 360 ${HEIGHT + 18}`} style={{ width: '100%', display: 'block' }} role="img" aria-label={label}>
      {yearUpTo(new Date()).map((key, i) => {
        const month = months.find((m) => m.month === key);
        const tall = month === undefined ? 0 : (HEIGHT * whole(month)) / most;
        const left = month === undefined || part === undefined ? 0 : (HEIGHT * part(month)) / most;
        return (
          <g key={key} transform={`translate(${i * 30} 0)`}>
            <rect x="4" y={HEIGHT - tall} width="22" height={tall} fill={tokens.ink} opacity="0.3" />
            <rect x="4" y={HEIGHT - left} width="22" height={left} fill={tokens.ink} opacity="0.8" />
            <text x="15" y={HEIGHT + 15} textAnchor="middle" fontSize="13" fill={tokens.inkSoft}>
              {short(key)}
            </text>
          </g>
        );
      })}
      <path d={`M0 ${HEIGHT}H360`} stroke={tokens.inkSoft} />
    </svg>
  );
}

/** A year of paint: what was mixed, what was left over of it, what it cost, and minutes in the booth against the plan. */
export function Months({ months, currency }: { months: readonly LogMonth[]; currency: string | null }) {
  const units = useUnits();
  const last = months.at(-1);
  if (last === undefined) {
    return null;
  }
  const sum = (of: (month: LogMonth) => number) => months.reduce((all, month) => all + of(month), 0);
  const ml = (value: number) => formatQuantity({ value, unit: 'ml' }, units);
  const mixed = sum((m) => m.ml.value);
  const wasted = sum((m) => m.wasted.value);
  const cost = sum((m) => m.cost);
  const real = sum((m) => m.real.value);
  return (
    <Box component="section" aria-label={t`Paint, month by month`}>
      <Typography variant="h3">
        <Trans>Paint, month by month</Trans>
      </Typography>
      <Typography>
        <Trans>
          Mixed <strong>{ml(mixed)}</strong> in a year, {ml(wasted)} of it left over
        </Trans>
        {cost > 0 && currency !== null && (
          <>
            ;{' '}
            <Trans>
              {money(cost, currency)} in all, {money((cost * wasted) / Math.max(mixed, 1), currency)} of it left over
            </Trans>
          </>
        )}
        .
      </Typography>
      <Columns
        label={t`Paint mixed each month, what was left over darker; ${long(last.month)}: ${ml(last.ml.value)}, ${ml(last.wasted.value)} left over`}
        months={months}
        whole={(m) => m.ml.value}
        part={(m) => m.wasted.value}
      />
      {real > 0 && (
        <>
          <Typography variant="h3" sx={{ mt: 1.5 }}>
            <Trans>Booth time over the plan, month by month</Trans>
          </Typography>
          <Columns
            label={t`Minutes in the booth each month, those over the plan darker`}
            months={months}
            whole={(m) => m.real.value}
            part={(m) => Math.max(0, m.real.value - m.planned.value)}
          />
        </>
      )}
    </Box>
  );
}
