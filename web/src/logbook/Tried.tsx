import { Trans } from '@lingui/react/macro';
import { Box, Typography } from '@mui/material';
import type { TriedSample } from '../api/types';
import { Words } from '../kit/Words';

/** The cards and variants of one car: how far each was off where it is most, and which passed. */
export function Tried({ samples }: { samples: readonly TriedSample[] }) {
  if (samples.length === 0) {
    return null;
  }
  return (
    <Box component="ul" sx={{ pl: 2.5, my: 0.5, gridColumn: '1 / -1' }}>
      {samples.map((s) => (
        <Typography component="li" variant="body2" key={s.number}>
          {s.name}
          {s.formula !== null && (
            <>
              {', '}
              <Trans>formula {s.formula}</Trans>
            </>
          )}
          {': '}
          {s.dE === null ? (
            <Trans>not read</Trans>
          ) : (
            <Trans>
              {s.dE.toFixed(1)} off the car at {s.angle}°
            </Trans>
          )}
          {s.passed && (
            <strong>
              {', '}
              <Trans>passed</Trans>
            </strong>
          )}
          {s.says !== null && (
            <>
              {' ('}
              <Words phrase={s.says} />
              {')'}
            </>
          )}
          {s.by !== null && `, ${s.by}`}
        </Typography>
      ))}
    </Box>
  );
}
