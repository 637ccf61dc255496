import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import {
  Alert,
  Button,
  Dialog,
  DialogActions,
  DialogContent,
  DialogTitle,
  MenuItem,
  Stack,
  TextField,
  Typography,
} from '@mui/material';
import { useState } from 'react';
import { ApiProblem } from '../api/client';
import type { DayLaid, DayMove } from '../api/types';
import { Words } from '../kit/Words';
import { tell } from '../language/tell';
import { clockWords, wallAt } from './clock';
import type { Chosen } from './DayAxis';

/** One block: when, in which booth, by whom; ticked off, or given back to the computation. */
export function MoveDialog({
  chosen,
  name,
  day,
  at,
  problem,
  busy,
  onMove,
  onClose,
}: {
  chosen: Chosen;
  name: string;
  day: DayLaid;
  at: string;
  problem: unknown;
  busy: boolean;
  onMove: (body: DayMove) => void;
  onClose: () => void;
}) {
  const { block } = chosen;
  const [starts, setStarts] = useState(wallAt(at, block.start));
  const [booth, setBooth] = useState(block.booth ?? '');
  const [person, setPerson] = useState(block.person ?? '');
  const waits = block.kind === 'dries' || block.kind === 'cool';
  const says = problem instanceof ApiProblem ? (problem.problem?.detail ?? problem.message) : null;
  const may = day.people.filter((p) => p.paints || (block.kind !== 'booth' && block.kind !== 'card'));
  return (
    <Dialog open onClose={onClose} maxWidth="xs" fullWidth aria-labelledby="move-title">
      <DialogTitle id="move-title">
        {name}: {tell(block.words)}
      </DialogTitle>
      <DialogContent onKeyDown={(e) => e.stopPropagation()}>
        <Stack sx={{ gap: 2, pt: 0.5 }}>
          <Typography>
            {clockWords(at, block.start)} {'\u2013'} {clockWords(at, block.end)}
            {block.pinned ? t`, put there by hand` : t`, as computed`}
          </Typography>
          {block.conflicts.map((c) => (
            <Alert key={c.plain} severity="error" variant="outlined">
              <Words phrase={c} />
            </Alert>
          ))}
          {says !== null && (
            <Alert severity="error" variant="outlined">
              {tell(says)}
            </Alert>
          )}
          {!waits && (
            <>
              <TextField
                type="datetime-local"
                label={t`Begins`}
                value={starts}
                onChange={(e) => setStarts(e.target.value)}
                slotProps={{ inputLabel: { shrink: true } }}
              />
              {block.kind === 'booth' && (
                <TextField select label={t`Booth`} value={booth} onChange={(e) => setBooth(e.target.value)}>
                  {day.booths.map((b) => (
                    <MenuItem key={b.name} value={b.name}>
                      {b.name}
                    </MenuItem>
                  ))}
                </TextField>
              )}
              <TextField select label={t`Who`} value={person} onChange={(e) => setPerson(e.target.value)}>
                {may.map((p) => (
                  <MenuItem key={p.name} value={p.name}>
                    {p.name}
                  </MenuItem>
                ))}
              </TextField>
            </>
          )}
        </Stack>
      </DialogContent>
      <DialogActions sx={{ flexWrap: 'wrap' }}>
        <Button onClick={() => onMove({ block: block.kind, done: true })} disabled={busy}>
          <Trans>It is done</Trans>
        </Button>
        {block.pinned && (
          <Button onClick={() => onMove({ block: block.kind, starts: null })} disabled={busy}>
            <Trans>Give it back</Trans>
          </Button>
        )}
        <Button onClick={onClose}>
          <Trans>Close</Trans>
        </Button>
        {!waits && (
          <Button
            variant="contained"
            disabled={busy || starts === ''}
            onClick={() =>
              onMove({
                block: block.kind,
                starts,
                ...(booth === '' ? {} : { booth }),
                ...(person === '' ? {} : { person }),
              })
            }
          >
            <Trans>Put it there</Trans>
          </Button>
        )}
      </DialogActions>
    </Dialog>
  );
}
