import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Box, Button, Stack, Typography } from '@mui/material';
import type { ModelTest } from '../api/types';
import { longDay } from '../kit/dates';

/** Tests that were taken in, the newest first; one that was made or typed wrong is put away, and comes back. */
export function TestList({
  tests,
  mayChange,
  busy,
  onCount,
}: {
  tests: readonly ModelTest[];
  mayChange: boolean;
  busy: boolean;
  onCount: (id: string, counts: boolean) => void;
}) {
  return (
    <Box component="section" aria-label={t`Tests taken in`}>
      <Typography variant="h2" sx={{ mb: 1 }}>
        <Trans>Tests taken in</Trans>
      </Typography>
      {tests.length === 0 && (
        <Typography color="text.secondary">
          <Trans>
            None yet. Until then plans take what the trade usually sees, and doubt it as much as the pale lenses show.
          </Trans>
        </Typography>
      )}
      <Box component="ul" sx={{ listStyle: 'none', p: 0, m: 0 }}>
        {tests.map((test) => (
          <Stack
            component="li"
            direction="row"
            key={test.id}
            sx={{ gap: 1, alignItems: 'center', borderBottom: (th) => `1px solid ${th.tokens.line}` }}
          >
            <Box sx={{ flexGrow: 1, minWidth: 0 }}>
              <Typography sx={{ textDecoration: test.putAway ? 'line-through' : 'none' }}>{test.name}</Typography>
              <Typography variant="body2" color="text.secondary">
                {longDay(test.at)}
                {test.by !== '' && `, ${test.by}`}
              </Typography>
            </Box>
            {mayChange && (
              <Button
                disabled={busy}
                aria-label={test.putAway ? t`Count ${test.name} again` : t`Put ${test.name} away`}
                onClick={() => onCount(test.id, test.putAway)}
              >
                {test.putAway ? <Trans>Count it again</Trans> : <Trans>Put away</Trans>}
              </Button>
            )}
          </Stack>
        ))}
      </Box>
    </Box>
  );
}
