import { Trans } from '@lingui/react/macro';
import { Box, Typography } from '@mui/material';
import type { Device } from '../api/types';
import { moment } from '../kit/dates';

/** Devices with an open session, the newest first. */
export function DeviceList({ devices }: { devices: readonly Device[] }) {
  return (
    <Box component="ul" sx={{ listStyle: 'none', p: 0, m: 0 }}>
      {devices.map((d) => (
        <Typography component="li" key={d.key} variant="body2" sx={{ py: 0.5 }}>
          {d.device === '' ? <Trans>A device that does not say what it is</Trans> : d.device}, {moment(d.at)}
          {d.here && (
            <strong>
              {', '}
              <Trans>this one</Trans>
            </strong>
          )}
        </Typography>
      ))}
    </Box>
  );
}
