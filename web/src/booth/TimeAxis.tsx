import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Box, Button, Stack, Typography, useTheme } from '@mui/material';
import { visuallyHidden } from '@mui/utils';
import { useState } from 'react';
import type { BoothTask } from '../api/types';
import { useUnits } from '../kit/preferences';
import { formatQuantity, phraseText } from '../kit/units';
import { Why } from '../kit/Why';
import { tell } from '../language/tell';

const ROW = 24;

const hours = (minutes: number): string =>
  `${Math.floor(minutes / 60)}:${String(Math.round(minutes % 60)).padStart(2, '0')}`;

/** Flashes between coats are short: told with their coat until they are asked for. */
const isSmall = (task: BoothTask): boolean => task.id.startsWith('flash:');

/** Every task on one axis of hours: solid for hands, hatched for waits, heavy where there is no time to lose. */
export function TimeAxis({ tasks }: { tasks: readonly BoothTask[] }) {
  const { tokens } = useTheme();
  const units = useUnits();
  const [all, setAll] = useState(false);
  const rows = [...tasks].filter((task) => all || !isSmall(task)).sort((a, b) => a.start - b.start || a.end - b.end);
  const end = Math.max(60, ...tasks.map((task) => task.end));
  const marks = Array.from({ length: Math.floor(end / 60) + 1 }, (_, i) => i * 60);
  return (
    <Box>
      <Box
        sx={{ overflowX: 'auto', position: 'relative' }}
        tabIndex={0}
        role="group"
        aria-label={t`Time axis of the job`}
      >
        <Box
          component="table"
          sx={{
            borderCollapse: 'collapse',
            width: '100%',
            minWidth: 720,
            tableLayout: 'fixed',
            '& td, & th': { p: 0, textAlign: 'left', verticalAlign: 'middle', fontWeight: 400 },
          }}
        >
          <Box component="caption" sx={visuallyHidden}>
            {t`Tasks in the order of their beginning, with the minutes each takes`}
          </Box>
          <colgroup>
            <col style={{ width: 300 }} />
            <col style={{ width: 76 }} />
            <col />
          </colgroup>
          <thead>
            <tr>
              <th scope="col">
                <Trans>Task</Trans>
              </th>
              <th scope="col">
                <Trans>takes</Trans>
              </th>
              <th scope="col">
                <Box component="span" sx={visuallyHidden}>{t`when`}</Box>
                <Box sx={{ position: 'relative', height: 22 }} aria-hidden="true">
                  {marks.map((m) => (
                    <Typography
                      key={m}
                      component="span"
                      variant="caption"
                      sx={{ position: 'absolute', left: `${(100 * m) / end}%`, color: 'text.secondary' }}
                    >
                      {hours(m)}
                    </Typography>
                  ))}
                </Box>
              </th>
            </tr>
          </thead>
          <tbody>
            {rows.map((task) => {
              const name = phraseText(task.name, units);
              return (
                <Box component="tr" key={task.id} sx={{ borderTop: `1px solid ${tokens.line}`, height: ROW + 6 }}>
                  <Box component="th" scope="row" sx={{ pr: 1 }}>
                    <Box component="span" sx={{ fontWeight: task.critical ? 680 : 400 }}>
                      {name}
                    </Box>
                    <Box component="span" sx={visuallyHidden}>
                      {`, ${tell(task.placeWords)}, ${t`from ${hours(task.start)} to ${hours(task.end)}`}`}
                      {task.critical ? t`, no time to lose` : t`, can wait ${formatQuantity(task.slack, units)}`}
                    </Box>
                  </Box>
                  <td>
                    <Why reasons={task.minutes.reasons} label={name}>
                      <span>{formatQuantity({ value: Math.max(1, task.minutes.value), unit: 'min' }, units)}</span>
                    </Why>
                  </td>
                  <Box component="td" sx={{ position: 'relative' }} aria-hidden="true">
                    {marks.map((m) => (
                      <Box
                        key={m}
                        sx={{
                          position: 'absolute',
                          top: 0,
                          bottom: 0,
                          left: `${(100 * m) / end}%`,
                          width: '1px',
                          backgroundColor: tokens.line,
                        }}
                      />
                    ))}
                    <Bar task={task} end={end} />
                  </Box>
                </Box>
              );
            })}
          </tbody>
        </Box>
      </Box>
      <Stack direction="row" sx={{ gap: 2.5, flexWrap: 'wrap', alignItems: 'center', mt: 1 }}>
        <Key>
          <Swatch sx={{ backgroundColor: tokens.ink }} />
          <Trans>booth, hands on</Trans>
        </Key>
        <Key>
          <Swatch sx={{ backgroundColor: tokens.bed }} />
          <Trans>bench, hands on</Trans>
        </Key>
        <Key>
          <Swatch sx={{ background: hatch(tokens.inkSoft, tokens.surface), border: `1px solid ${tokens.inkSoft}` }} />
          <Trans>goes by itself</Trans>
        </Key>
        <Key>
          <strong>
            <Trans>bold: no time to lose</Trans>
          </strong>
        </Key>
        <Button onClick={() => setAll(!all)}>{all ? t`Without the flashes` : t`With each flash`}</Button>
      </Stack>
      <Waits tasks={tasks} />
    </Box>
  );
}

const hatch = (ink: string, ground: string): string =>
  `repeating-linear-gradient(135deg, ${ink} 0 1.5px, ${ground} 1.5px 6px)`;

function Bar({ task, end }: { task: BoothTask; end: number }) {
  const { tokens } = useTheme();
  const fill = task.hands
    ? { backgroundColor: task.place === 'booth' ? tokens.ink : tokens.bed }
    : { background: hatch(tokens.inkSoft, tokens.surface), border: `1px solid ${tokens.inkSoft}` };
  return (
    <Box
      sx={{
        position: 'absolute',
        top: `calc(50% - ${ROW / 2 - 3}px)`,
        height: ROW - 6,
        left: `${(100 * task.start) / end}%`,
        width: `max(3px, ${(100 * (task.end - task.start)) / end}%)`,
        borderRadius: '2px',
        ...fill,
      }}
    />
  );
}

const Key = ({ children }: { children: React.ReactNode }) => (
  <Stack direction="row" component="span" sx={{ gap: 0.75, alignItems: 'center' }}>
    {children}
  </Stack>
);

const Swatch = ({ sx }: { sx: object }) => (
  <Box component="span" sx={{ width: 26, height: 14, borderRadius: '2px', ...sx }} />
);

/** What to do in the waits. */
function Waits({ tasks }: { tasks: readonly BoothTask[] }) {
  const units = useUnits();
  const waits = tasks.filter((task) => !task.hands && task.during.length > 0);
  return (
    <>
      {waits.map((task) => (
        <Typography key={task.id} sx={{ mt: 0.75 }}>
          <Trans>
            While <strong>{phraseText(task.name, units).toLowerCase()}</strong>:{' '}
            {task.during.map((p) => phraseText(p, units).toLowerCase()).join('; ')}.
          </Trans>
        </Typography>
      ))}
    </>
  );
}
