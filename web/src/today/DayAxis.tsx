import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Box, ButtonBase, Stack, Typography, useTheme } from '@mui/material';
import { visuallyHidden } from '@mui/utils';
import { useEffect, useRef, useState, type KeyboardEvent, type PointerEvent } from 'react';
import { Link } from 'react-router';
import type { DayBlock, DayCar, DayLaid, JobRow } from '../api/types';
import { useUnits } from '../kit/preferences';
import { SeverityMark } from '../kit/SeverityMark';
import { STATIONS } from '../kit/stations';
import { phraseText } from '../kit/units';
import { Words } from '../kit/Words';
import { tell } from '../language/tell';
import { clockWords, DAY_MIN } from './clock';
import { dueWords } from './due';

const ROW = 30;
const NAME = 190;
/** A block snaps to this when it is pulled, min. */
const SNAP = 5;
const STEP = 10;

export interface Chosen {
  car: DayCar;
  block: DayBlock;
}

/** All cars on one axis of hours: booths black, hands grey, waits hatched, now as a line. */
export function DayAxis({
  day,
  rows,
  at,
  shownDay,
  onMove,
  onChoose,
}: {
  day: DayLaid;
  rows: readonly JobRow[];
  at: string;
  /** 0 today, 1 tomorrow */
  shownDay: number;
  onMove: (chosen: Chosen, start: number) => void;
  onChoose: (chosen: Chosen) => void;
}) {
  const { tokens } = useTheme();
  const offset = shownDay * DAY_MIN;
  const inDay = day.cars.flatMap((car) => car.blocks).filter((b) => b.start < offset + DAY_MIN && b.end > offset);
  // What lies over night is cut off at closing time; what is sprayed or baked later is not.
  const tail = inDay.filter((b) => b.end - b.start < DAY_MIN / 2 && b.end - offset <= DAY_MIN);
  const from = Math.min(day.opens, ...inDay.map((b) => Math.floor((Math.max(b.start, offset) - offset) / 60) * 60));
  const to = Math.max(day.closes + 30, ...tail.map((b) => b.end - offset));
  const span = to - from;
  const left = (minute: number) => (100 * (minute - offset - from)) / span;
  const hours = Array.from(
    { length: Math.floor(to / 60) - Math.ceil(from / 60) + 1 },
    (_, i) => (Math.ceil(from / 60) + i) * 60,
  );
  const area = useRef<HTMLDivElement>(null);
  const [width, setWidth] = useState(0);
  useEffect(() => {
    const box = area.current;
    if (box === null) {
      return;
    }
    const watch = new ResizeObserver(() => setWidth(box.clientWidth));
    watch.observe(box);
    return () => watch.disconnect();
  }, []);
  const perMinute = width / span;
  return (
    <Box
      sx={{ overflowX: 'auto', position: 'relative' }}
      tabIndex={0}
      role="group"
      aria-label={t`The day, a row for each car`}
    >
      <Box sx={{ minWidth: 860 }}>
        <Box sx={{ display: 'flex' }} aria-hidden="true">
          <Box sx={{ width: NAME, flexShrink: 0 }} />
          <Box ref={area} sx={{ flexGrow: 1, position: 'relative', height: 24 }}>
            {hours
              .filter((h) => h < to - 20)
              .map((h) => (
                <Typography
                  key={h}
                  variant="caption"
                  sx={{
                    position: 'absolute',
                    left: `${left(h + offset)}%`,
                    transform: 'translateX(-50%)',
                    color: 'text.secondary',
                  }}
                >
                  {`${Math.floor(h / 60)}:00`}
                </Typography>
              ))}
            {shownDay === 0 && day.now >= from && day.now <= to && (
              <Typography
                variant="caption"
                sx={{
                  position: 'absolute',
                  left: `${left(day.now)}%`,
                  top: 12,
                  pl: 0.5,
                  fontWeight: 700,
                  color: tokens.stop,
                }}
              >
                <Trans>now</Trans>
              </Typography>
            )}
          </Box>
        </Box>
        <Box component="ul" sx={{ m: 0, p: 0, listStyle: 'none' }}>
          {day.cars.map((car) => {
            const row = rows.find((r) => r.id === car.id);
            return row === undefined ? null : (
              <Box
                component="li"
                key={car.id}
                sx={{ display: 'flex', borderTop: `1px solid ${tokens.line}`, minHeight: 92 }}
                data-testid={`car-${row.plate}`}
              >
                <CarName row={row} at={at} />
                <Box sx={{ flexGrow: 1, position: 'relative', pt: 0.75 }}>
                  {hours.map((h) => (
                    <Box
                      key={h}
                      aria-hidden="true"
                      sx={{
                        position: 'absolute',
                        top: 0,
                        bottom: 0,
                        left: `${left(h + offset)}%`,
                        width: '1px',
                        backgroundColor: tokens.line,
                      }}
                    />
                  ))}
                  {shownDay === 0 && (
                    <Box
                      aria-hidden="true"
                      sx={{
                        position: 'absolute',
                        top: 0,
                        bottom: 0,
                        left: `${left(day.now)}%`,
                        width: '2px',
                        backgroundColor: tokens.stop,
                        zIndex: 1,
                      }}
                    />
                  )}
                  <Box sx={{ position: 'relative', height: 2 * ROW }}>
                    {car.blocks
                      .filter((b) => b.start < offset + DAY_MIN && b.end > offset)
                      .map((block) => (
                        <Piece
                          key={block.kind}
                          chosen={{ car, block }}
                          at={at}
                          leftOf={left}
                          perMinute={perMinute}
                          bounds={[offset + from, offset + to]}
                          onMove={onMove}
                          onChoose={onChoose}
                        />
                      ))}
                  </Box>
                  <WaitsFor row={row} car={car} at={at} shownDay={shownDay} />
                </Box>
              </Box>
            );
          })}
        </Box>
      </Box>
    </Box>
  );
}

function CarName({ row, at }: { row: JobRow; at: string }) {
  const next = row.stations.find((s) => !s.ready);
  return (
    <ButtonBase
      component={Link}
      to={`/jobs/${row.id}/${next?.id ?? 'blend'}`}
      sx={{
        width: NAME,
        flexShrink: 0,
        justifyContent: 'flex-start',
        alignItems: 'stretch',
        textAlign: 'left',
        gap: 1.25,
        py: 1,
        pr: 1,
        '&:hover': { backgroundColor: (th) => th.tokens.raised },
      }}
    >
      <Box
        aria-hidden="true"
        sx={{
          width: 10,
          flexShrink: 0,
          border: (th) => `1px solid ${th.tokens.inkSoft}`,
          background: (th) =>
            row.paint ?? `repeating-linear-gradient(135deg, ${th.tokens.line} 0 2px, ${th.tokens.surface} 2px 7px)`,
        }}
      />
      <Box>
        <Typography sx={{ fontWeight: 680, lineHeight: 1.25 }} component="h2">
          {row.label}
        </Typography>
        <Typography variant="body2" color="text.secondary" sx={{ lineHeight: 1.25 }}>
          {row.plate}, {row.colour}
        </Typography>
        <Typography variant="body2" sx={{ fontWeight: 640, lineHeight: 1.25 }}>
          {row.due === null ? '' : t`due ${dueWords(row.due, new Date(at))}`}
          {row.due !== null && row.painter !== '' && ', '}
          {row.painter}
        </Typography>
      </Box>
    </ButtonBase>
  );
}

/** Under each car in words: late and what would cure it, or what it waits for. */
function WaitsFor({ row, car, at, shownDay }: { row: JobRow; car: DayCar; at: string; shownDay: number }) {
  const units = useUnits();
  const next = row.stations.find((s) => !s.ready);
  const station = STATIONS.find((s) => s.id === next?.id);
  const conflict = car.blocks.flatMap((b) => b.conflicts.map((c) => ({ b, c })))[0];
  const booth = car.blocks.find((b) => b.kind === 'booth');
  const elsewhere = booth !== undefined && Math.floor(booth.start / DAY_MIN) !== shownDay;
  return (
    <Stack
      direction="row"
      sx={{
        gap: 0.75,
        alignItems: 'center',
        pb: 0.75,
        pr: 1,
        position: 'relative',
        zIndex: 2,
        width: 'fit-content',
        backgroundColor: (th) => th.tokens.ground,
      }}
    >
      {conflict !== undefined ? (
        <>
          <SeverityMark severity="stop" size={15} />
          <Typography variant="body2" sx={{ fontWeight: 680, color: (th) => th.tokens.stop }}>
            {tell(conflict.b.words)}: <Words phrase={conflict.c} />
          </Typography>
        </>
      ) : car.cure !== null ? (
        <>
          <SeverityMark severity="look-out" size={15} />
          <Typography variant="body2" sx={{ fontWeight: 680, color: (th) => th.tokens.lookOut }}>
            <Words phrase={car.cure} />
          </Typography>
        </>
      ) : (
        <Typography variant="body2">
          {'\u2192 '}
          {next === undefined || station === undefined ? t`ready` : `${station.name}: ${phraseText(next.state, units)}`}
          {elsewhere && t`; ${booth.booth ?? ''} ${clockWords(at, booth.start)}`}
          {car.ready !== null && t`; ready ${clockWords(at, car.ready)}`}
        </Typography>
      )}
    </Stack>
  );
}

const hatch = (ink: string, ground: string): string =>
  `repeating-linear-gradient(135deg, ${ink} 0 1.5px, ${ground} 1.5px 6px)`;

const SHORT: Partial<Record<DayBlock['kind'], string>> = {
  card: t`card`,
  dries: t`dries`,
  prep: t`prep`,
  finish: t`polish`,
};

/** px of a letter, and around the words. */
const LETTER = 7;
const AROUND = 14;

/** The first of the words that there is room for; none rather than half a word. */
const fitting = (words: readonly string[], px: number): string =>
  words.find((word) => word.length * LETTER + AROUND <= px) ?? '';

/** A block: pressed it opens, pulled or moved by arrow keys it goes somewhere else. */
function Piece({
  chosen,
  at,
  leftOf,
  perMinute,
  bounds,
  onMove,
  onChoose,
}: {
  chosen: Chosen;
  at: string;
  leftOf: (minute: number) => number;
  perMinute: number;
  bounds: [number, number];
  onMove: (chosen: Chosen, start: number) => void;
  onChoose: (chosen: Chosen) => void;
}) {
  const { tokens } = useTheme();
  const { car, block } = chosen;
  const [pulled, setPulled] = useState<number | null>(null);
  const from = useRef<{ x: number; moved: boolean } | null>(null);
  const waits = block.kind === 'dries' || block.kind === 'cool';
  const start = pulled ?? block.start;
  const length = block.end - block.start;
  const a = Math.max(start, bounds[0]);
  const b = Math.min(start + length, bounds[1]);
  // What was pulled lies where the answer puts it as soon as that is there.
  useEffect(() => setPulled(null), [block.start]);
  const snapped = (minute: number) => Math.round(minute / SNAP) * SNAP;
  const pull = (event: PointerEvent) => {
    if (from.current !== null && !waits) {
      const by = event.clientX - from.current.x;
      from.current.moved ||= Math.abs(by) > 5;
      if (from.current.moved) {
        setPulled(snapped(block.start + by / Math.max(0.01, perMinute)));
      }
    }
  };
  const drop = () => {
    const was = from.current;
    from.current = null;
    if (was?.moved === true && pulled !== null && pulled !== block.start) {
      onMove(chosen, pulled);
    } else {
      setPulled(null);
      onChoose(chosen);
    }
  };
  const keys = (event: KeyboardEvent) => {
    const way = event.key === 'ArrowLeft' ? -1 : event.key === 'ArrowRight' ? 1 : 0;
    if (way !== 0 && !waits) {
      event.preventDefault();
      onMove(chosen, Math.round(block.start / STEP) * STEP + way * STEP);
    }
  };
  const name =
    block.kind === 'booth'
      ? `${block.booth ?? ''}: ${tell(block.words)}`
      : `${tell(block.words)}${block.person === null ? '' : `, ${block.person}`}`;
  const short = block.kind === 'booth' ? (block.booth ?? '') : (SHORT[block.kind] ?? '');
  const bakes = block.kind === 'booth' && block.end > block.handsEnd;
  const room = (bakes ? block.handsEnd - block.start : b - a) * perMinute;
  const look =
    block.kind === 'booth'
      ? { backgroundColor: tokens.ink, color: tokens.surface, top: 0 }
      : waits
        ? {
            background: hatch(tokens.line, tokens.surface),
            color: tokens.ink,
            border: `1px solid ${tokens.inkSoft}`,
            top: ROW,
          }
        : { backgroundColor: tokens.panel, color: tokens.ink, border: `1px solid ${tokens.inkSoft}`, top: 0 };
  return (
    <ButtonBase
      onPointerDown={(e) => {
        from.current = { x: e.clientX, moved: false };
        e.currentTarget.setPointerCapture(e.pointerId);
      }}
      onPointerMove={pull}
      onPointerUp={drop}
      onPointerCancel={() => {
        from.current = null;
        setPulled(null);
      }}
      onKeyDown={keys}
      onClick={(e) => e.detail === 0 && onChoose(chosen)}
      data-kind={block.kind}
      sx={{
        position: 'absolute',
        left: `${leftOf(a)}%`,
        width: `calc(${leftOf(b) - leftOf(a)}% - 2px)`,
        height: ROW - 4,
        justifyContent: 'flex-start',
        px: 0.75,
        // A gloved finger needs more than the bar is high.
        '&::after': { content: '""', position: 'absolute', left: 0, right: 0, top: -10, height: (th) => th.target },
        borderRadius: '3px',
        fontSize: '0.82rem',
        fontWeight: block.kind === 'booth' ? 680 : 500,
        whiteSpace: 'nowrap',
        fontFamily: 'inherit',
        touchAction: 'pan-y',
        zIndex: pulled === null ? 2 : 3,
        ...look,
        ...(block.pinned ? { boxShadow: `inset 4px 0 0 ${tokens.press}` } : {}),
        ...(block.conflicts.length > 0 ? { outline: `3px solid ${tokens.stop}` } : {}),
        ...(car.late !== null && block.kind === 'finish' ? { outline: `2px solid ${tokens.lookOut}` } : {}),
      }}
    >
      {pulled !== null ? clockWords(at, pulled) : fitting([name, short], room)}
      <Box component="span" sx={visuallyHidden}>
        {`${name}, ${clockWords(at, block.start)} \u2013 ${clockWords(at, block.end)}`}
        {block.pinned && t`, put there by hand`}
      </Box>
      {bakes && (
        // The bake: the booth is full, and nobody's hands are.
        <Box
          aria-hidden="true"
          sx={{
            position: 'absolute',
            top: 0,
            bottom: 0,
            right: 0,
            width: `${(100 * (block.end - block.handsEnd)) / length}%`,
            backgroundColor: tokens.inkSoft,
            color: tokens.surface,
            pl: 0.5,
            display: 'flex',
            alignItems: 'center',
            fontWeight: 500,
          }}
        >
          {fitting([t`bake`], length * perMinute - room)}
        </Box>
      )}
    </ButtonBase>
  );
}
