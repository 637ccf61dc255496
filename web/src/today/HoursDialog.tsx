import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import {
  Alert,
  Button,
  Dialog,
  DialogActions,
  DialogContent,
  DialogTitle,
  Stack,
  TextField,
  ToggleButton,
  ToggleButtonGroup,
} from '@mui/material';
import { useState } from 'react';
import { ApiProblem } from '../api/client';
import type { ShopHours } from '../api/types';
import { tell } from '../language/tell';

/** 2024-01-01 was a Monday. */
const DAYS = ['1', '2', '3', '4', '5', '6', '7'].map((day) => ({
  day,
  name: new Intl.DateTimeFormat(undefined, { weekday: 'short' }).format(new Date(2024, 0, Number(day))),
}));

/** When the shop works and what its booths are called: a lead sets it. */
export function HoursDialog({
  hours,
  problem,
  busy,
  onSave,
  onClose,
}: {
  hours: ShopHours;
  problem: unknown;
  busy: boolean;
  onSave: (hours: ShopHours) => void;
  onClose: () => void;
}) {
  const [opens, setOpens] = useState(hours.opens);
  const [closes, setCloses] = useState(hours.closes);
  const [days, setDays] = useState<string[]>(hours.days);
  const [booths, setBooths] = useState(hours.booths.join(', '));
  const faults = problem instanceof ApiProblem ? (problem.problem?.errors ?? []) : [];
  const at = (field: string) => {
    const detail = faults.find((f) => f.field.startsWith(field))?.detail;
    return detail === undefined ? undefined : tell(detail);
  };
  return (
    <Dialog open onClose={onClose} maxWidth="xs" fullWidth aria-labelledby="hours-title">
      <DialogTitle id="hours-title">
        <Trans>Hours and booths</Trans>
      </DialogTitle>
      <DialogContent onKeyDown={(e) => e.stopPropagation()}>
        <Stack sx={{ gap: 2, pt: 0.5 }}>
          {problem !== null && faults.length === 0 && problem instanceof Error && (
            <Alert severity="error" variant="outlined">
              {problem instanceof ApiProblem ? tell(problem.problem?.detail ?? problem.message) : problem.message}
            </Alert>
          )}
          <Stack direction="row" sx={{ gap: 2 }}>
            <TextField
              type="time"
              label={t`Opens`}
              value={opens}
              onChange={(e) => setOpens(e.target.value)}
              error={at('opens') !== undefined}
              helperText={at('opens')}
              slotProps={{ inputLabel: { shrink: true } }}
              fullWidth
            />
            <TextField
              type="time"
              label={t`Closes`}
              value={closes}
              onChange={(e) => setCloses(e.target.value)}
              error={at('closes') !== undefined}
              helperText={at('closes')}
              slotProps={{ inputLabel: { shrink: true } }}
              fullWidth
            />
          </Stack>
          <ToggleButtonGroup
            value={days}
            onChange={(_, next: string[]) => setDays(next)}
            aria-label={t`Days worked`}
            sx={{ flexWrap: 'wrap' }}
          >
            {DAYS.map(({ day, name }) => (
              <ToggleButton key={day} value={day} sx={{ px: 1.2 }}>
                {name}
              </ToggleButton>
            ))}
          </ToggleButtonGroup>
          {at('days') !== undefined && (
            <Alert severity="error" variant="outlined">
              {at('days')}
            </Alert>
          )}
          <TextField
            label={t`Booths, with a comma between`}
            value={booths}
            onChange={(e) => setBooths(e.target.value)}
            error={at('booths') !== undefined}
            helperText={at('booths')}
          />
        </Stack>
      </DialogContent>
      <DialogActions>
        <Button onClick={onClose}>
          <Trans>Leave it</Trans>
        </Button>
        <Button
          variant="contained"
          disabled={busy}
          onClick={() =>
            onSave({
              opens,
              closes,
              days,
              booths: booths
                .split(',')
                .map((b) => b.trim())
                .filter((b) => b !== ''),
            })
          }
        >
          <Trans>Keep it</Trans>
        </Button>
      </DialogActions>
    </Dialog>
  );
}
