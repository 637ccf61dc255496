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
import { formatMm } from '../kit/units';
import { setSingleKeys, useSingleKeys } from '../kit/shortcuts';

declare const __VERSION__: string;

const keyMap = (mm: (value: number) => string): { where: string; keys: [string, string][] }[] => [
  {
    where: 'Everywhere',
    keys: [
      ['Ctrl K', 'Find a car, a station, an action'],
      ['?', 'This map'],
      ['Tab', 'Next thing that can be pressed'],
      ['Esc', 'Close, or let go of what is being typed'],
    ],
  },
  {
    where: 'On a job',
    keys: [
      ['1 – 6', 'Go to a station'],
      ['Ctrl Z', 'Undo'],
      ['Ctrl Shift Z, Ctrl Y', 'Redo'],
      ['P', 'Booth sheet'],
    ],
  },
  {
    where: 'Car',
    keys: [
      ['Tab, Enter', 'Choose a panel'],
      ['S', 'Spot in the middle of the chosen panel'],
      ['N', 'Chosen panel is a new part'],
      ['Arrow keys', `Move the chosen repair by ${mm(10)} (Shift: ${mm(1)})`],
      ['+  −', `Larger, smaller by ${mm(5)}`],
      ['Delete', 'Take the chosen repair away'],
    ],
  },
  {
    where: 'Blend',
    keys: [
      ['Tab', 'Next coat or contour'],
      ['Arrow keys', `Its reach by ${mm(10)} (Shift: ${mm(1)})`],
      ['Delete', 'Give the reach back to the computation'],
    ],
  },
  {
    where: 'Light walk, on the picture',
    keys: [
      ['← →', 'Walk along the car'],
      ['↑ ↓', 'Nearer, farther'],
      ['Page up, down', 'Stand taller, crouch'],
      ['[  ]', 'Move the lamp'],
    ],
  },
];

export function KeyboardHelp({ open, onClose }: { open: boolean; onClose: () => void }) {
  const single = useSingleKeys();
  const units = useUnits();
  return (
    <Dialog open={open} onClose={onClose} maxWidth="sm" fullWidth aria-labelledby="keys-title">
      <DialogTitle id="keys-title">Keys</DialogTitle>
      <DialogContent>
        <FormControlLabel
          sx={{ minHeight: 44, mb: 1 }}
          control={<Switch checked={single} onChange={(_, on) => setSingleKeys(on)} />}
          label="Single keys (1 to 6, P, ?, and S and N on the map) do something"
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
          Kalopsis {__VERSION__}
        </Typography>
        <Button onClick={onClose} variant="contained" autoFocus>
          Close
        </Button>
      </DialogActions>
    </Dialog>
  );
}
