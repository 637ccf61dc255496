import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Box, Button, ButtonBase, Stack, Typography } from '@mui/material';
import type { LookBack } from '../api/types';
import { DefectPicture } from '../kit/DefectPicture';
import { useUnits } from '../kit/preferences';
import { tell } from '../language/tell';
import { metres } from './metres';
import { useLooked } from './useLookBack';

/** Everything that was seen, numbered as on the map; what was taken back can come again. */
export function Findings({
  job,
  look,
  names,
  panelName,
  chosen,
  onChoose,
}: {
  job: string;
  look: LookBack;
  names: ReadonlyMap<string, string>;
  panelName: (id: string) => string;
  chosen: string | null;
  onChoose: (key: string) => void;
}) {
  const units = useUnits();
  const looked = useLooked(job);
  const send = (kind: 'strike' | 'restore', finding: string) =>
    looked.mutate({ key: crypto.randomUUID(), kind, finding });
  return (
    <Box component="section" aria-label={t`What was seen`}>
      <Typography variant="h2" sx={{ mb: 1 }}>
        <Trans>What was seen</Trans>
      </Typography>
      <Stack component="ol" sx={{ listStyle: 'none', p: 0, m: 0, gap: 1 }}>
        {look.findings.map((finding, i) => {
          const light = tell(look.lights.find((l) => l.key === finding.light)?.words ?? finding.light);
          const from = metres(finding.distanceM, units);
          return (
            <Stack
              component="li"
              key={finding.key}
              direction="row"
              sx={{
                border: (th) => `2px solid ${finding.key === chosen ? th.tokens.press : th.tokens.line}`,
                alignItems: 'center',
              }}
            >
              <ButtonBase
                aria-pressed={finding.key === chosen}
                onClick={() => onChoose(finding.key)}
                sx={{ flexGrow: 1, justifyContent: 'flex-start', textAlign: 'left', gap: 1.5, p: 1, minWidth: 0 }}
              >
                <DefectPicture of={look.defects.find((d) => d.key === finding.defect)?.picture ?? ''} />
                <Box sx={{ minWidth: 0 }}>
                  <Typography sx={{ fontWeight: 680 }}>
                    {i + 1}. {names.get(finding.defect)}
                  </Typography>
                  <Typography variant="body2">
                    {finding.panel !== null && `${panelName(finding.panel)}; `}
                    <Trans>
                      {light}, from {from}
                    </Trans>
                  </Typography>
                  {finding.note !== '' && <Typography variant="body2">{finding.note}</Typography>}
                  <Typography variant="body2" color="text.secondary">
                    {finding.by}
                  </Typography>
                </Box>
              </ButtonBase>
              <Button
                onClick={() => send('strike', finding.key)}
                aria-label={t`Take back ${i + 1}: ${names.get(finding.defect) ?? ''}`}
              >
                <Trans>Take back</Trans>
              </Button>
            </Stack>
          );
        })}
        {look.struck.map((finding) => (
          <Stack component="li" key={finding.key} direction="row" sx={{ alignItems: 'center', gap: 1 }}>
            <Typography sx={{ flexGrow: 1, textDecoration: 'line-through' }} color="text.secondary">
              {names.get(finding.defect)}
            </Typography>
            <Button
              onClick={() => send('restore', finding.key)}
              aria-label={t`Bring back: ${names.get(finding.defect) ?? ''}`}
            >
              <Trans>Bring back</Trans>
            </Button>
          </Stack>
        ))}
      </Stack>
    </Box>
  );
}
