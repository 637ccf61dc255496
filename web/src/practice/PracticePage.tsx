import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Typography } from '@mui/material';
import { Empty } from '../kit/States';

export function PracticePage() {
  return (
    <>
      <title>{t`Practice bay, Kalopsis`}</title>
      <Typography variant="h1" sx={{ p: 3, pb: 0 }}>
        <Trans>Practice bay</Trans>
      </Typography>
      <Empty title={t`Not built yet`}>
        <Trans>
          Apprentices will plan made-up repairs here and see what the eye would make of them, before any paint is mixed.
        </Trans>
      </Empty>
    </>
  );
}
