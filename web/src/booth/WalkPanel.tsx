import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import ArrowDownIcon from '@mui/icons-material/ArrowDownward';
import ArrowUpIcon from '@mui/icons-material/ArrowUpward';
import { Box, Button, IconButton, Stack, ToggleButton, ToggleButtonGroup, Typography } from '@mui/material';
import type { BoothWalk } from '../api/types';
import { SeverityMark } from '../kit/SeverityMark';
import { WhyFigure } from '../kit/Why';
import { Words } from '../kit/Words';
import { tell } from '../language/tell';
import type { Hardener } from './useBooth';

/** Which way around, how long each panel takes, and whether its edge is still open when the next is there. */
export function WalkPanel({
  walk,
  chosen,
  hardener,
  onWalk,
  onHardener,
}: {
  walk: BoothWalk;
  chosen: readonly string[];
  hardener: Hardener | null;
  onWalk: (panels: readonly string[]) => void;
  onHardener: (hardener: Hardener | null) => void;
}) {
  const order = walk.walk.map((w) => w.panel);
  const move = (i: number, by: number) => {
    const next = [...order];
    const [moved] = next.splice(i, 1);
    if (moved !== undefined) {
      next.splice(i + by, 0, moved);
    }
    onWalk(next);
  };
  return (
    <Box component="section" aria-label={t`The wet edge`}>
      <Typography variant="h2" sx={{ mb: 0.5 }}>
        <Trans>The wet edge</Trans>
      </Typography>
      <Stack direction="row" sx={{ gap: 1, alignItems: 'flex-start' }}>
        {!walk.holds && <SeverityMark severity="look-out" />}
        <Typography>
          <Words phrase={walk.says} /> <Trans>Open for</Trans> <WhyFigure figure={walk.open} label={t`Open time`} />
        </Typography>
      </Stack>
      {walk.cures.map((cure) => (
        <Typography key={cure.plain}>
          <Words phrase={cure} />
        </Typography>
      ))}
      <Stack direction="row" sx={{ gap: 1.5, alignItems: 'center', flexWrap: 'wrap', mt: 1 }}>
        <ToggleButtonGroup
          exclusive
          value={walk.hardener}
          onChange={(_, value: Hardener | null) => onHardener(value ?? null)}
          aria-label={t`Hardener of the clear`}
        >
          {walk.hardeners.map((h) => (
            <ToggleButton key={h.key} value={h.key}>
              {tell(h.name)}
            </ToggleButton>
          ))}
        </ToggleButtonGroup>
        {(chosen.length > 0 || hardener !== null) && (
          <Button
            onClick={() => {
              onWalk([]);
              onHardener(null);
            }}
          >
            <Trans>Best order again</Trans>
          </Button>
        )}
      </Stack>
      <Box component="ol" sx={{ m: 0, mt: 1, pl: 3, maxWidth: 620 }}>
        {walk.walk.map((panel, i) => (
          <li key={panel.panel}>
            <Stack direction="row" sx={{ alignItems: 'center', gap: 1 }}>
              <Typography sx={{ flexGrow: 1 }}>
                {tell(panel.name)}, {t`${panel.seconds} s a coat`}
                <Seam walk={walk} name={panel.name} />
              </Typography>
              {walk.walk.length > 1 && (
                <>
                  <IconButton
                    aria-label={t`${tell(panel.name)} earlier`}
                    disabled={i === 0}
                    onClick={() => move(i, -1)}
                  >
                    <ArrowUpIcon />
                  </IconButton>
                  <IconButton
                    aria-label={t`${tell(panel.name)} later`}
                    disabled={i === walk.walk.length - 1}
                    onClick={() => move(i, 1)}
                  >
                    <ArrowDownIcon />
                  </IconButton>
                </>
              )}
            </Stack>
          </li>
        ))}
      </Box>
    </Box>
  );
}

/** Edges that are met when a panel is done, with their age. */
function Seam({ walk, name }: { walk: BoothWalk; name: string }) {
  const met = walk.seams.filter((seam) => seam.then === name);
  return (
    <>
      {met.map((seam) => {
        const age = Math.max(1, Math.round(seam.age.value));
        const first = tell(seam.first);
        return (
          <Box key={seam.first} component="span" sx={{ color: 'text.secondary' }}>
            {seam.open ? t`; meets ${first} after ${age} min, open` : t`; meets ${first} after ${age} min, closed`}
          </Box>
        );
      })}
    </>
  );
}
