import { Box, Typography } from '@mui/material';
import type { ReactNode } from 'react';
import type { Care } from '../api/types';
import { Words } from './Words';

/** What a repair asks for beside its coats, in the order of the work. */
export function CareSteps({ care, below }: { care: readonly Care[]; below?: (key: string) => ReactNode }) {
  return (
    <Box sx={{ display: 'grid', gridTemplateColumns: 'repeat(auto-fill, minmax(300px, 1fr))', gap: 3 }}>
      {care.map((c) => (
        <Box key={c.key} role="group" aria-label={c.title.text}>
          <Typography variant="h3">
            <Words phrase={c.title} />
          </Typography>
          <Box component="ul" sx={{ m: 0, pl: 2.5 }}>
            {c.steps.map((step) => (
              <li key={step.text}>
                <Words phrase={step} />
              </li>
            ))}
          </Box>
          {below?.(c.key)}
        </Box>
      ))}
    </Box>
  );
}
