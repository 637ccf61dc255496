import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import {
  Box,
  Table,
  TableBody,
  TableCell,
  TableHead,
  TableRow,
  ToggleButton,
  ToggleButtonGroup,
  Typography,
} from '@mui/material';
import { useState } from 'react';
import { api, unwrap } from '../api/client';
import type { ColourDesk, ColourSample } from '../api/types';
import { tell } from '../language/tell';
import { samplePath, type DeskDoer } from './useDesk';

/** What somebody saw, light by light and from face to flop: one tap for each look. */
export function EyeChecks({
  jobId,
  desk,
  card,
  doer,
}: {
  jobId: string;
  desk: ColourDesk;
  card: ColourSample;
  doer: DeskDoer;
}) {
  // Shown as pressed at once: somebody stands at the car and goes on to the next light.
  const [pressed, setPressed] = useState<Record<string, string>>({});
  const look = async (light: string, from: string, verdict: string) => {
    const key = `${light} ${from}`;
    setPressed((p) => ({ ...p, [key]: verdict }));
    await doer.run(() =>
      unwrap(
        api.POST('/api/jobs/{job}/colour/samples/{sample}/eye', {
          ...samplePath(jobId, card.id),
          body: { light, from, verdict },
        }),
      ),
    );
    setPressed((p) => (p[key] === verdict ? Object.fromEntries(Object.entries(p).filter(([k]) => k !== key)) : p));
  };
  return (
    <Box component="section" aria-label={t`What the eye says`} id="looks">
      <Typography variant="h2" sx={{ mb: 1 }}>
        <Trans>What the eye says</Trans>
      </Typography>
      <Box sx={{ overflowX: 'auto' }} tabIndex={0} role="region" aria-label={t`Looks`}>
        <Box sx={{ overflowX: 'auto' }} tabIndex={0} role="region" aria-label={t`Looks, as a table`}>
          <Table size="small" sx={{ '& td, & th': { px: 0.5 } }}>
            <TableHead>
              <TableRow>
                <TableCell>
                  <Trans>Light</Trans>
                </TableCell>
                {desk.choices.from.map((f) => (
                  <TableCell key={f.key}>{tell(f.name)}</TableCell>
                ))}
              </TableRow>
            </TableHead>
            <TableBody>
              {desk.choices.lights.map((light) => (
                <TableRow key={light.key}>
                  <TableCell component="th" scope="row" sx={{ maxWidth: 92 }}>
                    {tell(light.name)}
                    {light.lamp !== null && (
                      <Typography component="span" variant="body2" color="text.secondary" sx={{ display: 'block' }}>
                        {light.lamp}
                      </Typography>
                    )}
                  </TableCell>
                  {desk.choices.from.map((from) => {
                    const seen = card.eyes.find((e) => e.light === light.key && e.from === from.key);
                    return (
                      <TableCell key={from.key}>
                        <ToggleButtonGroup
                          exclusive
                          value={pressed[`${light.key} ${from.key}`] ?? seen?.verdict ?? null}
                          aria-label={`${tell(light.name)}, ${tell(from.name)}`}
                          onChange={(_, verdict: string | null) => {
                            if (verdict !== null) {
                              void look(light.key, from.key, verdict);
                            }
                          }}
                        >
                          {desk.choices.eyes.map((eye) => (
                            <ToggleButton
                              key={eye.key}
                              value={eye.key}
                              sx={{ px: 0.75, lineHeight: 1.15, minWidth: 50, fontSize: '0.875rem' }}
                            >
                              {tell(eye.name)}
                            </ToggleButton>
                          ))}
                        </ToggleButtonGroup>
                      </TableCell>
                    );
                  })}
                </TableRow>
              ))}
            </TableBody>
          </Table>
        </Box>
      </Box>
    </Box>
  );
}
