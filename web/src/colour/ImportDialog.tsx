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
import type { ReadingImport } from '../api/types';
import { bringIn, takeIn } from './importing';

const KINDS = [
  ['', 'leave out'],
  ['car', 'the car'],
  ['card', 'a card'],
  ['variant', 'a variant'],
] as const;

/** A file of readings: first what is in it and what is wrong with it, then what its samples are, then all of it or nothing. */
export function ImportDialog({
  jobId,
  file,
  hasCar,
  onClose,
  onTaken,
}: {
  jobId: string;
  file: File;
  hasCar: boolean;
  onClose: () => void;
  onTaken: () => Promise<void>;
}) {
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
    const said = await takeIn(jobId, found.id ?? '', as, setProgress);
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
      <DialogTitle id="import-title">Readings from {file.name}</DialogTitle>
      <DialogContent onKeyDown={(e) => e.stopPropagation()}>
        {look.isPending && (
          <Box role="status">
            <Typography sx={{ mb: 1 }}>Looking through the file</Typography>
            <LinearProgress />
          </Box>
        )}
        {look.isError && (
          <Alert severity="error" variant="outlined">
            {problem?.message ?? 'The file could not be read.'} {problem?.problem?.detail}
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
              <strong>{look.data.rows} readings</strong> of {look.data.samples.length}{' '}
              {look.data.samples.length === 1 ? 'sample' : 'samples'} can be taken
              {look.data.leftOut > 0 && (
                <>
                  ; <strong>{look.data.leftOut} lines</strong> cannot
                </>
              )}
              .
            </Typography>
            {look.data.samples.length > 0 && (
              <Box
                sx={{ maxHeight: 300, overflowY: 'auto' }}
                tabIndex={0}
                role="region"
                aria-label="Samples in the file"
              >
                <Table size="small" stickyHeader>
                  <TableHead>
                    <TableRow>
                      <TableCell>Sample</TableCell>
                      <TableCell align="right">Shots</TableCell>
                      <TableCell>Angles</TableCell>
                      <TableCell>Light</TableCell>
                      <TableCell>Take it as</TableCell>
                    </TableRow>
                  </TableHead>
                  <TableBody>
                    {look.data.samples.slice(0, 300).map((s) => (
                      <TableRow key={s.name}>
                        <TableCell>{s.name}</TableCell>
                        <TableCell align="right">{s.shots}</TableCell>
                        <TableCell>
                          {s.geometry}
                          {s.spectral ? ', spectra' : ''}
                        </TableCell>
                        <TableCell>{s.viewing}</TableCell>
                        <TableCell>
                          <TextField
                            select
                            size="small"
                            value={as[s.name] ?? ''}
                            onChange={(e) => setAs({ ...as, [s.name]: e.target.value })}
                            slotProps={{ select: { SelectDisplayProps: { 'aria-label': `${s.name} is` } } }}
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
                aria-label="What is wrong with the file"
                sx={{ m: 0, pl: 2.5, maxHeight: 180, overflowY: 'auto' }}
                tabIndex={0}
              >
                {look.data.faults.map((f, i) => (
                  <li key={i}>
                    <strong>Line {f.line}</strong>, {f.mended ? 'mended' : 'left out'}: {f.reason}
                  </li>
                ))}
              </Box>
            )}
            {progress !== null && (
              <Box role="status" aria-label="Taking the readings">
                <LinearProgress variant="determinate" value={progress * 100} />
              </Box>
            )}
          </Stack>
        )}
      </DialogContent>
      <DialogActions>
        <Button onClick={onClose}>{look.isError ? 'Close' : 'Take nothing'}</Button>
        {look.data !== undefined && look.data.id !== null && (
          <Button
            variant="contained"
            disabled={progress !== null || Object.values(as).every((k) => k === '')}
            onClick={() => void take(look.data)}
          >
            Take them
          </Button>
        )}
      </DialogActions>
    </Dialog>
  );
}
