import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Button, Dialog, DialogActions, DialogContent, DialogTitle, LinearProgress, Typography } from '@mui/material';
import type { BestDay, Day } from '../api/types';
import { Measure, Words } from '../kit/Words';

/** The best order that was found, and why; taken by a press. */
export function BestDialog({
  best,
  now,
  busy,
  failed,
  onTake,
  onClose,
}: {
  best: BestDay | undefined;
  now: Day;
  busy: boolean;
  failed: boolean;
  onTake: (order: string[]) => void;
  onClose: () => void;
}) {
  const changes = best !== undefined && best.order.join() !== now.order.join();
  return (
    <Dialog open onClose={onClose} maxWidth="sm" fullWidth aria-labelledby="best-title">
      <DialogTitle id="best-title">
        <Trans>Best order</Trans>
      </DialogTitle>
      <DialogContent>
        {best === undefined ? (
          failed ? (
            <Typography role="alert">
              <Trans>The shop computer does not answer. Nothing was changed.</Trans>
            </Typography>
          ) : (
            <LinearProgress aria-label={t`Trying orders`} />
          )
        ) : (
          <>
            <Typography sx={{ mb: 1.5 }}>
              <Trans>
                Late in all:{' '}
                <strong>
                  <Measure of={best.day.lateness} />
                </strong>{' '}
                instead of <Measure of={now.lateness} />. Booths empty between cars:{' '}
                <strong>
                  <Measure of={best.day.idle} />
                </strong>{' '}
                instead of <Measure of={now.idle} />.
              </Trans>
            </Typography>
            {best.explains.map((says) => (
              <Typography key={says.plain} sx={{ mb: 0.5 }}>
                <Words phrase={says} />
              </Typography>
            ))}
            <Typography variant="body2" color="text.secondary" sx={{ mt: 1.5 }}>
              <Trans>Least late first, then the busiest booths. What was put somewhere by hand stays there.</Trans>
            </Typography>
          </>
        )}
      </DialogContent>
      <DialogActions>
        <Button onClick={onClose}>
          <Trans>Leave it</Trans>
        </Button>
        <Button variant="contained" disabled={!changes || busy} onClick={() => onTake(best?.order ?? [])}>
          <Trans>Take this order</Trans>
        </Button>
      </DialogActions>
    </Dialog>
  );
}
