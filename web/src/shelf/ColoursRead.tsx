import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Alert, Box, Button } from '@mui/material';
import { useState } from 'react';
import { ApiProblem } from '../api/client';
import { FileButton } from '../kit/FileButton';
import { useReadColours } from './useColours';

/** Readings of the shop's colours out of a file; samples that are none of ours can become colours. */
export function useColoursRead() {
  const read = useReadColours();
  const [file, setFile] = useState<File | null>(null);
  const button = (
    <FileButton
      label={t`File of readings to take in`}
      accept=".csv,.txt,.cgats,.it8,.cxf,.xml,text/csv,text/plain,text/xml"
      onFile={(chosen) => {
        setFile(chosen);
        read.mutate({ file: chosen, add: false });
      }}
    >
      <Trans>Readings from a file</Trans>
    </FileButton>
  );
  const found = read.data;
  const told = (
    <>
      {read.isError && (
        <Alert severity="error" variant="outlined" sx={{ mb: 1 }}>
          {read.error.message} {read.error instanceof ApiProblem && read.error.problem?.detail}
        </Alert>
      )}
      {read.isPending && (
        <Alert severity="info" variant="outlined" sx={{ mb: 1 }}>
          <Trans>Looking through the file</Trans>
        </Alert>
      )}
      {found !== undefined && (
        <Alert
          severity={found.unknown.length > 0 || found.faults.length > 0 ? 'warning' : 'success'}
          variant="outlined"
          sx={{ mb: 1 }}
          action={
            found.unknown.length > 0 &&
            file !== null && (
              <Button color="inherit" onClick={() => read.mutate({ file, add: true })}>
                <Trans>Add them as colours</Trans>
              </Button>
            )
          }
        >
          <Trans>
            Read {found.taken.length} of our colours; {found.added.length} added.
          </Trans>
          {found.unknown.length > 0 && (
            <Box>
              <Trans>None of ours: {found.unknown.slice(0, 12).join(', ')}</Trans>
              {found.unknown.length > 12 && t` and ${found.unknown.length - 12} more`}.
            </Box>
          )}
          {found.faults.slice(0, 8).map((f) => (
            <Box key={`${f.line} ${f.reason}`}>
              <Trans>Line {f.line}</Trans>, {f.mended ? t`mended` : t`left out`}: {f.reason}
            </Box>
          ))}
        </Alert>
      )}
    </>
  );
  return { button, told };
}
