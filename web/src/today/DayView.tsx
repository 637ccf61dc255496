import { t } from '@lingui/core/macro';
import { Plural, Trans } from '@lingui/react/macro';
import { Box, Button, Snackbar, Stack, Typography } from '@mui/material';
import { lazy, Suspense, useState } from 'react';
import { useSearchParams } from 'react-router';
import type { DayMove, JobRow } from '../api/types';
import { usePreferences } from '../kit/preferences';
import { Failed, Loading } from '../kit/States';
import { Words } from '../kit/Words';
import { clockWords, DAY_MIN, wallAt } from './clock';
import { DayAxis, type Chosen } from './DayAxis';
import { useAt, useDay, useDayChanges } from './useDay';

// What is asked for now and then does not keep the day waiting.
const BestDialog = lazy(() => import('./BestDialog').then((m) => ({ default: m.BestDialog })));
const MoveDialog = lazy(() => import('./MoveDialog').then((m) => ({ default: m.MoveDialog })));
const HoursDialog = lazy(() => import('./HoursDialog').then((m) => ({ default: m.HoursDialog })));

/** So far ahead the axis goes. */
const DAYS = 7;

/** The shop's day across the room: booths in words, then every car on one axis of hours. */
export function DayView({ rows }: { rows: readonly JobRow[] }) {
  const at = useAt();
  const { me } = usePreferences();
  const [search, setSearch] = useSearchParams();
  const day = useDay(at);
  const { move, order, best, hours } = useDayChanges(at);
  const [chosen, setChosen] = useState<Chosen | null>(null);
  const [open, setOpen] = useState<'best' | 'hours' | null>(null);
  const [undo, setUndo] = useState<{ job: string; body: DayMove; says: string } | null>(null);
  if (day.data === undefined) {
    return day.isError ? <Failed error={day.error} retry={() => void day.refetch()} /> : <Loading what={t`the day`} />;
  }
  const shown = day.data;
  const shownDay = Math.min(DAYS - 1, Math.max(0, Number(search.get('day') ?? 0) || 0));
  const to = (n: number) =>
    setSearch(
      (p) => {
        if (n === 0) {
          p.delete('day');
        } else {
          p.set('day', String(n));
        }
        return p;
      },
      { replace: true },
    );
  const nameOf = (id: string) => {
    const row = rows.find((r) => r.id === id);
    return row === undefined ? '' : `${row.label} ${row.plate}`;
  };
  const put = (from: Chosen, body: DayMove) => {
    const { block, car } = from;
    // Where it was before: by hand, or by the computation.
    const was: DayMove = block.pinned
      ? {
          block: block.kind,
          starts: wallAt(at, block.start),
          ...(block.booth === null ? {} : { booth: block.booth }),
          ...(block.person === null ? {} : { person: block.person }),
        }
      : { block: block.kind, starts: null };
    move.mutate(
      { job: car.id, ...body },
      {
        onSuccess: () => {
          setChosen(null);
          setUndo({
            job: car.id,
            body: was,
            says:
              body.done === true
                ? t`${nameOf(car.id)}: ticked off.`
                : t`${nameOf(car.id)}: moved, the rest planned again.`,
          });
        },
      },
    );
  };
  const moved = (from: Chosen, start: number) =>
    put(from, {
      block: from.block.kind,
      starts: wallAt(at, Math.max(0, start)),
      ...(from.block.booth === null ? {} : { booth: from.block.booth }),
      ...(from.block.person === null ? {} : { person: from.block.person }),
    });
  const midnight = new Date(`${wallAt(at, shownDay * DAY_MIN).slice(0, 10)}T12:00`);
  return (
    <Box>
      <Stack direction="row" sx={{ columnGap: 3, rowGap: 1, flexWrap: 'wrap', alignItems: 'center', mb: 1.5 }}>
        <Box>
          <Typography sx={{ fontSize: '1.5rem', fontWeight: 720, lineHeight: 1.15 }}>
            {new Intl.DateTimeFormat(undefined, { weekday: 'long' }).format(new Date(at))}, {clockWords(at, shown.now)}
          </Typography>
          <Typography color="text.secondary">
            <Plural value={rows.length} one="one car" other="# cars" />
            {shown.late > 0 && (
              <>
                , <Plural value={shown.late} one="one will be late" other="# will be late" />
              </>
            )}
          </Typography>
        </Box>
        {shown.booths.map((booth) => (
          <Box
            key={booth.name}
            sx={{ borderLeft: (th) => `4px solid ${booth.busy ? th.tokens.ink : th.tokens.line}`, pl: 1.5 }}
          >
            <Typography variant="body2" color="text.secondary">
              {booth.name}
            </Typography>
            <Typography sx={{ fontSize: '1.15rem', fontWeight: 680, lineHeight: 1.25 }}>
              <Words phrase={booth.says} />
            </Typography>
          </Box>
        ))}
        <Stack direction="row" sx={{ alignItems: 'center' }}>
          <Button disabled={shownDay === 0} onClick={() => to(shownDay - 1)} aria-label={t`The day before`}>
            {'\u2190'}
          </Button>
          <Typography sx={{ fontWeight: 640, minWidth: 96, textAlign: 'center' }}>
            {shownDay === 0
              ? t`Today`
              : new Intl.DateTimeFormat(undefined, { weekday: 'long', day: 'numeric', month: 'short' }).format(
                  midnight,
                )}
            {shown.worked[shownDay] === false && t`, closed`}
          </Typography>
          <Button disabled={shownDay === DAYS - 1} onClick={() => to(shownDay + 1)} aria-label={t`The day after`}>
            {'\u2192'}
          </Button>
        </Stack>
        <Stack direction="row" sx={{ ml: 'auto', gap: 1, flexWrap: 'wrap' }}>
          <Button component="a" href={`/api/day/booths.ics?at=${at}`} download aria-label={t`Booth hours as iCalendar`}>
            <Trans>iCalendar</Trans>
          </Button>
          {me.role === 'lead' && (
            <Button
              onClick={() => {
                hours.reset();
                setOpen('hours');
              }}
            >
              <Trans>Hours, booths</Trans>
            </Button>
          )}
          <Button
            variant="outlined"
            onClick={() => {
              best.mutate();
              setOpen('best');
            }}
          >
            <Trans>Best order</Trans>
          </Button>
        </Stack>
      </Stack>
      <DayAxis
        day={shown}
        rows={rows}
        at={at}
        shownDay={shownDay}
        onMove={moved}
        onChoose={(next) => {
          move.reset();
          setChosen(next);
        }}
      />
      <Suspense fallback={null}>
        {chosen !== null && (
          <MoveDialog
            chosen={chosen}
            name={nameOf(chosen.car.id)}
            day={shown}
            at={at}
            problem={move.error}
            busy={move.isPending}
            onMove={(body) => put(chosen, body)}
            onClose={() => setChosen(null)}
          />
        )}
        {open === 'best' && (
          <BestDialog
            best={best.data}
            now={shown}
            busy={order.isPending}
            failed={best.isError}
            onTake={(keys) => order.mutate(keys, { onSuccess: () => setOpen(null) })}
            onClose={() => {
              setOpen(null);
              best.reset();
            }}
          />
        )}
        {open === 'hours' && (
          <HoursDialog
            hours={shown.hours}
            problem={hours.error}
            busy={hours.isPending}
            onSave={(next) => hours.mutate(next, { onSuccess: () => setOpen(null) })}
            onClose={() => setOpen(null)}
          />
        )}
      </Suspense>
      <Snackbar
        open={undo !== null}
        autoHideDuration={8000}
        onClose={(_, reason) => reason !== 'clickaway' && setUndo(null)}
        message={undo?.says ?? ''}
        action={
          <Button
            color="inherit"
            onClick={() => {
              if (undo !== null) {
                move.mutate({ job: undo.job, ...undo.body });
              }
              setUndo(null);
            }}
          >
            <Trans>Undo</Trans>
          </Button>
        }
      />
    </Box>
  );
}
