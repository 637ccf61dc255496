import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Box, Button, Stack, Typography } from '@mui/material';
import { useEffect, useRef } from 'react';
import type { ScaleHand } from '../api/types';
import { isTyping } from '../kit/shortcuts';
import { hand } from './useMix';

/** The hands of somebody who practises: hold to pour, let go to stop; and what scales do to people. */
export function Hands({ job, mix, silent }: { job: string; mix: string; silent: boolean }) {
  const holding = useRef(false);
  // Stop goes after pour even when both are on their way.
  const last = useRef<Promise<unknown>>(Promise.resolve());
  const act = useRef((does: ScaleHand) => {
    last.current = last.current.then(() => hand(job, mix, does)).catch(() => undefined);
  });
  const start = (does: ScaleHand) => {
    holding.current = true;
    act.current(does);
  };
  const stop = () => {
    if (holding.current) {
      holding.current = false;
      act.current('stop');
    }
  };
  useEffect(() => {
    const down = (event: KeyboardEvent) => {
      if (event.key === ' ' && !event.repeat && !isTyping(event) && !(event.target instanceof HTMLButtonElement)) {
        event.preventDefault();
        start('pour');
      }
    };
    const up = (event: KeyboardEvent) => {
      if (event.key === ' ') {
        stop();
      }
    };
    window.addEventListener('keydown', down);
    window.addEventListener('keyup', up);
    window.addEventListener('blur', stop);
    return () => {
      window.removeEventListener('keydown', down);
      window.removeEventListener('keyup', up);
      window.removeEventListener('blur', stop);
      stop();
    };
  }, []);
  const hold = (does: ScaleHand) => ({
    onPointerDown: () => start(does),
    onPointerUp: stop,
    onPointerLeave: stop,
    onPointerCancel: stop,
    onKeyDown: (event: React.KeyboardEvent) => {
      if ((event.key === ' ' || event.key === 'Enter') && !event.repeat) {
        event.preventDefault();
        start(does);
      }
    },
    onKeyUp: stop,
  });
  return (
    <Box
      role="group"
      aria-label={t`Hands, for practice`}
      sx={{ borderTop: (theme) => `1px solid ${theme.tokens.line}`, pt: 1.5 }}
    >
      <Stack direction="row" sx={{ gap: 1.5, flexWrap: 'wrap', alignItems: 'center' }}>
        <Button variant="outlined" {...hold('pour')} sx={{ minHeight: 72, minWidth: 150, touchAction: 'none' }}>
          <Trans>Hold to pour</Trans>
        </Button>
        <Button variant="outlined" {...hold('trickle')} sx={{ minHeight: 72, minWidth: 130, touchAction: 'none' }}>
          <Trans>Hold to trickle</Trans>
        </Button>
        <Button variant="outlined" onClick={() => act.current('drop')} sx={{ minHeight: 72 }}>
          <Trans>One drop</Trans>
        </Button>
        <Box sx={{ flexGrow: 1 }} />
        {silent ? (
          <Button onClick={() => act.current('right')}>
            <Trans>Put the scale right</Trans>
          </Button>
        ) : (
          <>
            <Button onClick={() => act.current('silent')}>
              <Trans>Scale goes silent</Trans>
            </Button>
            <Button onClick={() => act.current('jump')}>
              <Trans>Somebody leans on the table</Trans>
            </Button>
          </>
        )}
      </Stack>
      <Typography variant="body2" color="text.secondary" sx={{ mt: 0.5 }}>
        <Trans>A made-up tin on a made-up scale. A real scale sends its readings, and these hands are gone.</Trans>
      </Typography>
    </Box>
  );
}
