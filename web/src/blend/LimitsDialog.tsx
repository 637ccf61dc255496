import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import {
  Button,
  Checkbox,
  Dialog,
  DialogActions,
  DialogContent,
  DialogTitle,
  FormControlLabel,
  MenuItem,
  Stack,
  TextField,
  Typography,
} from '@mui/material';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { api, unwrap } from '../api/client';
import { keys, meQuery, useShelf } from '../api/queries';
import type { BlendLimits } from '../api/types';

const MAY: { key: Exclude<keyof BlendLimits, 'leastCoats'>; words: string }[] = [
  { key: 'smallGun', words: t`use the small gun` },
  { key: 'blendingClear', words: t`let the last coat down with blending clear` },
  { key: 'stopAtLines', words: t`stop colour at a body line or a gap` },
  { key: 'wetBed', words: t`keep the wet bed under light metallics and pearls` },
];

/** What the search for the smallest blend may do in this shop. A lead sets it; everybody sees it. */
export function LimitsDialog({ onClose }: { onClose: () => void }) {
  const kept = useShelf().data?.blendLimits;
  const lead = useQuery(meQuery).data?.role === 'lead';
  const client = useQueryClient();
  const [limits, setLimits] = useState<BlendLimits | undefined>(kept);
  const save = useMutation({
    mutationFn: (body: BlendLimits) => unwrap(api.PUT('/api/shelf/blend-limits', { body })),
    onSuccess: async () => {
      await client.invalidateQueries({ queryKey: keys.shelf });
      onClose();
    },
  });
  return (
    <Dialog open onClose={onClose} aria-labelledby="limits-title">
      <DialogTitle id="limits-title">
        <Trans>What the search may do here</Trans>
      </DialogTitle>
      <DialogContent>
        {limits !== undefined && (
          <Stack sx={{ pt: 1 }}>
            <TextField
              select
              label={t`Full coats of colour, at least`}
              value={limits.leastCoats}
              disabled={!lead}
              onChange={(e) => setLimits({ ...limits, leastCoats: Number(e.target.value) })}
              sx={{ mb: 1.5, minWidth: 240 }}
            >
              {[1, 2, 3, 4].map((n) => (
                <MenuItem key={n} value={n}>
                  {n}
                </MenuItem>
              ))}
            </TextField>
            {MAY.map((m) => (
              <FormControlLabel
                key={m.key}
                label={m.words}
                control={
                  <Checkbox
                    checked={limits[m.key]}
                    disabled={!lead}
                    onChange={(e) => setLimits({ ...limits, [m.key]: e.target.checked })}
                  />
                }
              />
            ))}
            {!lead && (
              <Typography color="text.secondary">
                <Trans>A lead sets this for the shop.</Trans>
              </Typography>
            )}
            {save.isError && (
              <Typography role="alert" color="error">
                {save.error.message}
              </Typography>
            )}
          </Stack>
        )}
      </DialogContent>
      <DialogActions>
        <Button onClick={onClose}>{lead ? t`Cancel` : t`Close`}</Button>
        {lead && (
          <Button
            variant="contained"
            disabled={limits === undefined || save.isPending}
            onClick={() => limits !== undefined && save.mutate(limits)}
          >
            <Trans>Save</Trans>
          </Button>
        )}
      </DialogActions>
    </Dialog>
  );
}
