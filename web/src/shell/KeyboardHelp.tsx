import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import {
  Box,
  Button,
  Dialog,
  DialogActions,
  DialogContent,
  DialogTitle,
  FormControlLabel,
  Switch,
  Typography,
} from '@mui/material';
import { useUnits } from '../kit/preferences';
import { setSingleKeys, useSingleKeys } from '../kit/shortcuts';
import { formatMm } from '../kit/units';

declare const __VERSION__: string;

const keyMap = (mm: (value: number) => string): { where: string; keys: [string, string][] }[] => [
  {
    where: t`Everywhere`,
    keys: [
      [t`Ctrl K`, t`Find a car, a station, an action`],
      ['?', t`This map`],
      ['Tab', t`Next thing that can be pressed`],
      [t`Esc`, t`Close, or let go of what is being typed`],
    ],
  },
  {
    where: t`On a job`,
    keys: [
      ['1 – 6', t`Go to a station`],
      [t`Ctrl Z`, t`Undo`],
      [t`Ctrl Shift Z, Ctrl Y`, t`Redo`],
      ['P', t`Booth sheet`],
    ],
  },
  {
    where: t`Car`,
    keys: [
      [t`Tab, Enter`, t`Choose a panel`],
      ['S', t`Spot in the middle of the chosen panel`],
      ['N', t`Chosen panel is a new part`],
      [t`Arrow keys`, t`Move the chosen repair by ${mm(10)} (Shift: ${mm(1)})`],
      ['+  −', t`Larger, smaller by ${mm(5)}`],
      [t`Delete`, t`Take the chosen repair away`],
    ],
  },
  {
    where: 'Blend',
    keys: [
      ['Tab', t`Next coat or contour`],
      [t`Arrow keys`, t`Its reach by ${mm(10)} (Shift: ${mm(1)})`],
      [t`Delete`, t`Give the reach back to the computation`],
    ],
  },
  {
    where: t`Light walk, on the picture`,
    keys: [
      ['← →', t`Walk along the car`],
      ['↑ ↓', t`Nearer, farther`],
      [t`Page up, down`, t`Stand taller, crouch`],
      ['[  ]', t`Move the lamp`],
    ],
  },
];

export function KeyboardHelp({ open, onClose }: { open: boolean; onClose: () => void }) {
  const single = useSingleKeys();
  const units = useUnits();
  return (
    <Dialog open={open} onClose={onClose} maxWidth="sm" fullWidth aria-labelledby="keys-title">
      <DialogTitle id="keys-title">
        <Trans>Keys</Trans>
      </DialogTitle>
      <DialogContent>
        <FormControlLabel
          sx={{ minHeight: 44, mb: 1 }}
          control={<Switch checked={single} onChange={(_, on) => setSingleKeys(on)} />}
          label={t`Single keys (1 to 6, P, ?, and S and N on the map) do something`}
        />
        {keyMap((mm) => formatMm(mm, units)).map(({ where, keys }) => (
          <Box key={where} sx={{ mb: 2 }}>
            <Typography variant="h3" sx={{ mb: 0.5 }}>
              {where}
            </Typography>
            <Box component="dl" sx={{ m: 0, display: 'grid', gridTemplateColumns: '11rem 1fr', rowGap: 0.5 }}>
              {keys.map(([key, does]) => (
                <Box key={key} sx={{ display: 'contents' }}>
                  <Typography component="dt" sx={{ fontWeight: 600 }}>
                    {key}
                  </Typography>
                  <Typography component="dd" sx={{ m: 0 }}>
                    {does}
                  </Typography>
                </Box>
              ))}
            </Box>
          </Box>
        ))}
      </DialogContent>
      <DialogActions>
        <Typography variant="caption" color="text.secondary" sx={{ flexGrow: 1, pl: 2 }}>
          <Trans>Kalopsis {__VERSION__}</Trans>
        </Typography>
        <Button onClick={onClose} variant="contained" autoFocus>
          <Trans>Close</Trans>
        </Button>
      </DialogActions>
    </Dialog>
  );
}
