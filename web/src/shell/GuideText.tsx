import { Trans } from '@lingui/react/macro';
import { Box, Typography } from '@mui/material';
import type { GuidePage } from '../kit/guide';

/** What, why, and how a painter does it. */
export function GuideText({ page }: { page: GuidePage }) {
  return (
    <Box component="dl" sx={{ m: 0, '& dt': { fontWeight: 680 }, '& dd': { m: 0, mb: 1 } }}>
      <Typography component="dt">
        <Trans>What</Trans>
      </Typography>
      <Typography component="dd">{page.what}</Typography>
      <Typography component="dt">
        <Trans>Why</Trans>
      </Typography>
      <Typography component="dd">{page.why}</Typography>
      <Typography component="dt">
        <Trans>How a painter does it</Trans>
      </Typography>
      <Typography component="dd">{page.how}</Typography>
    </Box>
  );
}
