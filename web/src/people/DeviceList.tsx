import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Box, Button, Typography } from '@mui/material';
import type { Device } from '../api/types';
import { moment } from '../kit/dates';

interface Props {
  devices: readonly Device[];
  /** Signs one of them out; left out: they are only shown. */
  onEnd?: (device: Device) => void;
}

/** Devices with an open session, the newest first. */
export function DeviceList({ devices, onEnd }: Props) {
  return (
    <Box component="ul" sx={{ listStyle: 'none', p: 0, m: 0 }}>
      {devices.map((d) => (
        <Typography
          component="li"
          key={d.key}
          variant="body2"
          sx={{ py: 0.5, display: 'flex', alignItems: 'center', gap: 1 }}
        >
          <span>
            {d.device === '' ? <Trans>A device that does not say what it is</Trans> : d.device}, {moment(d.at)}
            {d.here && (
              <strong>
                {', '}
                <Trans>this one</Trans>
              </strong>
            )}
          </span>
          {onEnd !== undefined && !d.here && (
            <Button aria-label={t`Sign out ${d.device}, ${moment(d.at)}`} onClick={() => onEnd(d)}>
              <Trans>Sign out</Trans>
            </Button>
          )}
        </Typography>
      ))}
    </Box>
  );
}
