import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Box, Typography } from '@mui/material';
import type { Reduction } from '../api/types';
import { useUnits } from '../kit/preferences';
import { tell } from '../language/tell';
import { formatVoc } from './voc';

/** What two laws ask of this mix ready to spray. Information: local rules decide. */
export function VocLaws({ laws }: { laws: Reduction['voc'] }) {
  const units = useUnits();
  return (
    <Box component="section" aria-label={t`Volatile organic compounds`} sx={{ mt: 2 }}>
      {laws.map((law) => (
        <Typography key={law.key}>
          {tell(law.words)}, {tell(law.category)}: <strong>{formatVoc(law.has, units)}</strong>{' '}
          {law.within ? (
            <Trans>of {formatVoc(law.limit, units)}: within.</Trans>
          ) : (
            <Trans>of {formatVoc(law.limit, units)}: above.</Trans>
          )}
        </Typography>
      ))}
      <Typography variant="body2" color="text.secondary">
        <Trans>
          By mass balance of the data sheet, less water and exempt solvents. For information: local rules decide.
        </Trans>
      </Typography>
    </Box>
  );
}
