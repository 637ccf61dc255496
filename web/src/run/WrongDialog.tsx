import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import {
  Box,
  Button,
  ButtonBase,
  Dialog,
  DialogActions,
  DialogContent,
  DialogTitle,
  Stack,
  Typography,
} from '@mui/material';
import { useState } from 'react';
import type { RunDefect } from '../api/types';
import { DefectPicture } from '../kit/DefectPicture';
import { Words } from '../kit/Words';

/** What is seen, chosen by its picture; then what to do about it, and the steps that follow from that. */
export function WrongDialog({
  defects,
  seen,
  onClear,
  onChoose,
  onClose,
}: {
  defects: readonly RunDefect[];
  /** Already answered what is seen: its remedies at once. */
  seen?: string | undefined;
  /** Is clear on the car already? What belongs to the base only is not offered then. */
  onClear: boolean;
  onChoose: (defect: string, remedy: string) => void;
  onClose: () => void;
}) {
  const [key, setKey] = useState(seen);
  const defect = defects.find((d) => d.key === key);
  return (
    <Dialog open onClose={onClose} maxWidth="md" fullWidth aria-labelledby="wrong-title">
      <DialogTitle id="wrong-title">
        {defect === undefined ? <Trans>What do you see?</Trans> : <Words phrase={defect.name} />}
      </DialogTitle>
      <DialogContent onKeyDown={(e) => e.stopPropagation()}>
        {defect === undefined ? (
          <Box sx={{ display: 'grid', gridTemplateColumns: { xs: '1fr', sm: '1fr 1fr' }, gap: 1.5 }}>
            {defects
              .filter((d) => !onClear || d.when !== 'base')
              .map((d) => (
                <ButtonBase
                  key={d.key}
                  onClick={() => setKey(d.key)}
                  sx={{
                    justifyContent: 'flex-start',
                    textAlign: 'left',
                    gap: 2,
                    p: 1.25,
                    border: (th) => `1px solid ${th.tokens.line}`,
                    '&:hover': { backgroundColor: (th) => th.tokens.raised },
                  }}
                >
                  <DefectPicture of={d.picture} />
                  <Box>
                    <Typography sx={{ fontWeight: 680 }}>
                      <Words phrase={d.name} />
                    </Typography>
                    <Typography variant="body2">
                      <Words phrase={d.looks} />
                    </Typography>
                  </Box>
                </ButtonBase>
              ))}
          </Box>
        ) : (
          <Stack sx={{ gap: 2 }}>
            <Stack direction="row" sx={{ gap: 2, alignItems: 'center' }}>
              <DefectPicture of={defect.picture} />
              <Typography>
                <Words phrase={defect.looks} />
              </Typography>
            </Stack>
            {defect.remedies.map((remedy) => (
              <Box key={remedy.key} sx={{ borderTop: (th) => `1px solid ${th.tokens.line}`, pt: 1.5 }}>
                <Typography sx={{ mb: 1 }}>
                  <Words phrase={remedy.says} />
                </Typography>
                <Button variant="contained" onClick={() => onChoose(defect.key, remedy.key)}>
                  <Words phrase={remedy.name} />
                </Button>
              </Box>
            ))}
          </Stack>
        )}
      </DialogContent>
      <DialogActions>
        {defect !== undefined && seen === undefined && (
          <Button onClick={() => setKey(undefined)}>{t`Something else`}</Button>
        )}
        <Button onClick={onClose}>
          <Trans>Nothing is wrong</Trans>
        </Button>
      </DialogActions>
    </Dialog>
  );
}
