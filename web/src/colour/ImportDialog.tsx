import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import {
  Alert,
  Box,
  Button,
  Dialog,
  DialogActions,
  DialogContent,
  DialogTitle,
  LinearProgress,
  MenuItem,
  Stack,
  Table,
  TableBody,
  TableCell,
  TableHead,
  TableRow,
  TextField,
  Typography,
} from '@mui/material';
import { useMutation } from '@tanstack/react-query';
import { useState } from 'react';
import { ApiProblem } from '../api/client';
import type { ColourDesk, ReadingImport } from '../api/types';
import { bringIn, takeIn } from './importing';
import { firstInstrument } from './instruments';
import { ReadWith } from './ReadWith';

const KINDS = [
  ['', t`leave out`],
  ['car', t`the car`],
  ['card', t`a card`],
  ['variant', t`a variant`],
] as const;

/** A file of readings: first what is in it and what is wrong with it, then what its samples are, then all of it or nothing. */
export function ImportDialog({
  jobId,
  file,
  desk,
  onClose,
  onTaken,
}: {
  jobId: string;
  file: File;
  desk: ColourDesk;
  onClose: () => void;
  onTaken: () => Promise<void>;
}) {
  const hasCar = desk.samples.some((s) => s.kind === 'car' && !s.struck);
  const [instrument, setInstrument] = useState(firstInstrument(desk)?.name ?? '');
  const [as, setAs] = useState<Record<string, string>>({});
  const [progress, setProgress] = useState<number | null>(null);
  const [failure, setFailure] = useState<string | null>(null);
  const look = useMutation({
    mutationFn: () => bringIn(jobId, file),
    onSuccess: (found) =>
      setAs(
        Object.fromEntries(
          found.samples.map((s, i) => [s.name, s.kind !== '' ? s.kind : !hasCar && i === 0 ? 'car' : 'variant']),
        ),
      ),
  });
  const started = look.isPending || look.isSuccess || look.isError;
  const take = async (found: ReadingImport) => {
    setFailure(null);
    setProgress(0);
    const said = await takeIn(jobId, found.id ?? '', as, instrument, setProgress);
    if (said === null) {
      await onTaken();
      onClose();
    } else {
      setProgress(null);
      setFailure(said);
    }
  };
  const problem = look.error instanceof ApiProblem ? look.error : null;
  return (
    <Dialog
      open
      onClose={onClose}
      maxWidth="md"
      fullWidth
      aria-labelledby="import-title"
      slotProps={{
        transition: {
          onEnter: () => {
            if (!started) {
              look.mutate();
            }
          },
        },
      }}
    >
      <DialogTitle id="import-title">
        <Trans>Readings from {file.name}</Trans>
      </DialogTitle>
      <DialogContent onKeyDown={(e) => e.stopPropagation()}>
        {look.isPending && (
          <Box role="status">
            <Typography sx={{ mb: 1 }}>
              <Trans>Looking through the file</Trans>
            </Typography>
            <LinearProgress />
          </Box>
        )}
        {look.isError && (
          <Alert severity="error" variant="outlined">
            {problem?.message ?? t`The file could not be read.`} {problem?.problem?.detail}
          </Alert>
        )}
        {failure !== null && (
          <Alert severity="error" variant="outlined" sx={{ mb: 2 }}>
            {failure}
          </Alert>
        )}
        {look.data !== undefined && (
          <Stack sx={{ gap: 2 }}>
            <Typography>
              <Trans>
                <strong>{look.data.rows} readings</strong> of {look.data.samples.length}{' '}
                {look.data.samples.length === 1 ? t`sample` : t`samples`} can be taken
              </Trans>
              {look.data.leftOut > 0 && (
                <>
                  <Trans>
                    ; <strong>{look.data.leftOut} lines</strong> cannot
                  </Trans>
                </>
              )}
              .
            </Typography>
            <ReadWith instruments={desk.instruments} value={instrument} onChange={setInstrument} />
            {look.data.samples.length > 0 && (
              <Box
                sx={{ maxHeight: 300, overflowY: 'auto' }}
                tabIndex={0}
                role="region"
                aria-label={t`Samples in the file`}
              >
                <Table size="small" stickyHeader>
                  <TableHead>
                    <TableRow>
                      <TableCell>
                        <Trans>Sample</Trans>
                      </TableCell>
                      <TableCell align="right">
                        <Trans>Shots</Trans>
                      </TableCell>
                      <TableCell>
                        <Trans>Angles</Trans>
                      </TableCell>
                      <TableCell>
                        <Trans>Light</Trans>
                      </TableCell>
                      <TableCell>
                        <Trans>Take it as</Trans>
                      </TableCell>
                    </TableRow>
                  </TableHead>
                  <TableBody>
                    {look.data.samples.slice(0, 300).map((s) => (
                      <TableRow key={s.name}>
                        <TableCell>{s.name}</TableCell>
                        <TableCell align="right">{s.shots}</TableCell>
                        <TableCell>
                          {s.geometry}
                          {s.spectral ? t`, spectra` : ''}
                        </TableCell>
                        <TableCell>{s.viewing}</TableCell>
                        <TableCell>
                          <TextField
                            select
                            size="small"
                            value={as[s.name] ?? ''}
                            onChange={(e) => setAs({ ...as, [s.name]: e.target.value })}
                            slotProps={{ select: { SelectDisplayProps: { 'aria-label': t`${s.name} is` } } }}
                            sx={{ minWidth: 132 }}
                          >
                            {KINDS.map(([key, name]) => (
                              <MenuItem key={key} value={key}>
                                {name}
                              </MenuItem>
                            ))}
                          </TextField>
                        </TableCell>
                      </TableRow>
                    ))}
                  </TableBody>
                </Table>
              </Box>
            )}
            {look.data.faults.length > 0 && (
              <Box
                component="ul"
                aria-label={t`What is wrong with the file`}
                sx={{ m: 0, pl: 2.5, maxHeight: 180, overflowY: 'auto' }}
                tabIndex={0}
              >
                {look.data.faults.map((f, i) => (
                  <li key={i}>
                    <strong>
                      <Trans>Line {f.line}</Trans>
                    </strong>
                    , {f.mended ? t`mended` : t`left out`}: {f.reason}
                  </li>
                ))}
              </Box>
            )}
            {progress !== null && (
              <Box role="status" aria-label={t`Taking the readings`}>
                <LinearProgress variant="determinate" value={progress * 100} />
              </Box>
            )}
          </Stack>
        )}
      </DialogContent>
      <DialogActions>
        <Button onClick={onClose}>{look.isError ? t`Close` : t`Take nothing`}</Button>
        {look.data !== undefined && look.data.id !== null && (
          <Button
            variant="contained"
            disabled={progress !== null || Object.values(as).every((k) => k === '')}
            onClick={() => void take(look.data)}
          >
            <Trans>Take them</Trans>
          </Button>
        )}
      </DialogActions>
    </Dialog>
  );
}
