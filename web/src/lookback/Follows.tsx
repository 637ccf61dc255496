import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Box, Button, Typography } from '@mui/material';
import { Link as RouterLink } from 'react-router';
import type { LookBack } from '../api/types';
import { Words } from '../kit/Words';

/** That this job makes another good, and what is otherwise in it. */
export function Follows({ follows }: { follows: NonNullable<LookBack['follows']> }) {
  return (
    <Box component="section" aria-label={t`What this job makes good`}>
      <Typography variant="h2" sx={{ mb: 0.5 }}>
        <Trans>This job makes another good</Trans>
      </Typography>
      {follows.says.map((says) => (
        <Typography key={says.plain}>
          <Words phrase={says} />
        </Typography>
      ))}
      {follows.job !== null && (
        <Button component={RouterLink} to={`/jobs/${follows.job}/look-back`} sx={{ px: 0 }}>
          <Trans>To the job before</Trans>
        </Button>
      )}
    </Box>
  );
}
