import { Trans } from '@lingui/react/macro';
import { Box, Button, Typography, useTheme } from '@mui/material';
import { Link as RouterLink } from 'react-router';
import type { Simulation } from '../api/types';

/** Twice what is just noticed is seen by everybody. */
const MOST = 2;
const WIDTH = 220;

const x = (index: number): number => (WIDTH * Math.min(MOST, index)) / MOST;

/** Where the verdict may really lie: what the model does not know of this paint, this booth and these eyes. */
export function HowSure({ simulation }: { simulation: Simulation }) {
  const { tokens } = useTheme();
  const [low, high] = [simulation.low.toFixed(2), simulation.high.toFixed(2)];
  return (
    <Box sx={{ mb: 1.25 }}>
      <svg viewBox={`0 0 ${WIDTH} 18`} width="100%" style={{ maxWidth: 420 }} aria-hidden="true">
        <path d={`M0 9H${WIDTH}`} stroke={tokens.line} strokeWidth="6" />
        <path d={`M${x(simulation.low)} 9H${x(simulation.high)}`} stroke={tokens.ink} strokeWidth="6" opacity="0.35" />
        <path d={`M${x(1)} 2V16`} stroke={tokens.ink} strokeWidth="1" strokeDasharray="2 1.5" />
        <circle cx={x(simulation.index)} cy="9" r="4" fill={simulation.seen ? tokens.lookOut : tokens.ink} />
      </svg>
      <Typography variant="body2" color="text.secondary" data-testid="how-sure">
        <Trans>
          Eight in ten such jobs: {low} to {high} of what is just noticed.
        </Trans>
      </Typography>
      <Button component={RouterLink} to="/calibration" sx={{ px: 0 }}>
        <Trans>Your own tests narrow it</Trans>
      </Button>
    </Box>
  );
}
