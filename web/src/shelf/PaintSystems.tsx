import { t } from '@lingui/core/macro';
import { Plural, Trans } from '@lingui/react/macro';
import {
  Alert,
  Box,
  Button,
  Dialog,
  DialogActions,
  DialogContent,
  DialogTitle,
  Stack,
  Table,
  TableBody,
  TableCell,
  TableHead,
  TableRow,
  TextField,
  Typography,
} from '@mui/material';
import { useState } from 'react';
import { Link as RouterLink } from 'react-router';
import { ApiProblem } from '../api/client';
import type { PaintFileRead, Shelf, ShelfSheet } from '../api/types';
import { FileButton } from '../kit/FileButton';
import { usePreferences, useUnits } from '../kit/preferences';
import { SheetChanges } from '../kit/SheetChanges';
import { faultText, formatQuantity } from '../kit/units';
import { Measure } from '../kit/Words';
import { tell } from '../language/tell';
import { keyFor } from './figures';
import { useKeepPaint, useReadPaint } from './usePaint';

/** The shop's paint systems: what each product is, its data sheet, and the way in from a file. */
export function PaintSystems({ shelf }: { shelf: Shelf }) {
  const { me } = usePreferences();
  const units = useUnits();
  const read = useReadPaint();
  const may = me.role !== 'apprentice';
  const faults = read.error instanceof ApiProblem ? (read.error.problem?.errors ?? []) : [];
  return (
    <Stack sx={{ gap: 3 }}>
      {may && (
        <Stack direction="row" sx={{ gap: 1, flexWrap: 'wrap' }}>
          <FileButton
            label={t`Paint system`}
            accept=".json,.csv,application/json,text/csv"
            onFile={(file) => read.mutate(file)}
          >
            <Trans>A paint system from a file</Trans>
          </FileButton>
          {shelf.paintAway.map((s) => (
            <Button key={s.key} component={RouterLink} to={`/shelf/paint/${s.key}`}>
              <Trans>{s.name}, put away</Trans>
            </Button>
          ))}
        </Stack>
      )}
      {read.isError && (
        <Alert severity="error" variant="outlined" onClose={() => read.reset()}>
          {faults.length === 0
            ? (read.error instanceof ApiProblem && read.error.problem?.detail) || read.error.message
            : null}
          {faults.slice(0, 8).map((f) => (
            <div key={`${f.field} ${f.detail}`}>
              <strong>{f.field}</strong> {faultText(f, units)}
            </div>
          ))}
        </Alert>
      )}
      {read.data !== undefined && <TakeIn file={read.data} onClose={() => read.reset()} />}
      {shelf.paintSystems.map((system) => (
        <Box key={system.key}>
          <Stack direction="row" sx={{ gap: 2, alignItems: 'center', flexWrap: 'wrap', mb: 1 }}>
            <Typography variant="h3">{system.name}</Typography>
            <Button component={RouterLink} to={`/shelf/paint/${system.key}`} variant="outlined">
              {may ? <Trans>Data sheets of {system.name}</Trans> : <Trans>Look at its data sheets</Trans>}
            </Button>
          </Stack>
          <Typography variant="body2" color="text.secondary" sx={{ mb: 1 }}>
            {system.carrier === 'solvent' ? t`Solvent` : t`Waterborne`}
            {system.edition > 1 && <>, {t`edition ${system.edition}`}</>}. {system.note}
          </Typography>
          <Box sx={{ overflowX: 'auto' }} tabIndex={0} role="region" aria-label={t`Products of ${system.name}`}>
            <Table size="small">
              <TableHead>
                <TableRow>
                  <TableCell>
                    <Trans>Product</Trans>
                  </TableCell>
                  <TableCell>
                    <Trans>Ratio</Trans>
                  </TableCell>
                  <TableCell>
                    <Trans>Its data sheet</Trans>
                  </TableCell>
                  <TableCell>
                    <Trans>Mixed from</Trans>
                  </TableCell>
                  <TableCell align="right">
                    <Trans>Dry film a coat</Trans>
                  </TableCell>
                  <TableCell align="right">
                    <Trans>Pressure</Trans>
                  </TableCell>
                  <TableCell align="right">
                    <Trans>Distance</Trans>
                  </TableCell>
                </TableRow>
              </TableHead>
              <TableBody>
                {system.products.map((p) => (
                  <TableRow key={`${p.role} ${p.name}`}>
                    <TableCell>
                      {p.name}
                      {p.sheet.grade !== null && <>, {tell(p.sheet.grade)}</>}
                    </TableCell>
                    <TableCell>{p.ratio}</TableCell>
                    <TableCell>
                      <SheetSays sheet={p.sheet} />
                    </TableCell>
                    <TableCell>
                      {p.components.map((c) => t`${c.name} (${Math.round(c.volumeSolids * 100)}% solids)`).join(', ')}
                    </TableCell>
                    <TableCell align="right">
                      <Measure of={p.dryFilm} />
                    </TableCell>
                    <TableCell align="right">
                      <Measure of={p.pressure} />
                    </TableCell>
                    <TableCell align="right">
                      <Measure of={p.distance} />
                    </TableCell>
                  </TableRow>
                ))}
              </TableBody>
            </Table>
          </Box>
        </Box>
      ))}
    </Stack>
  );
}

/** A file was read and is good: the next edition of what is there, or another system beside it. */
function TakeIn({ file, onClose }: { file: PaintFileRead; onClose: () => void }) {
  const units = useUnits();
  const { keep } = useKeepPaint();
  const { sheet, known, changes } = file;
  const [name, setName] = useState(known === null ? sheet.name : t`${sheet.name} 2`);
  const faults = keep.error instanceof ApiProblem ? (keep.error.problem?.errors ?? []) : [];
  const fault = faults.find((f) => f.field === 'name' || f.field === 'key');
  const beside = () =>
    keep.mutate(
      { key: null, edition: 0, sheet: { ...sheet, name, key: known === null ? sheet.key : keyFor(name) } },
      { onSuccess: onClose },
    );
  return (
    <Dialog open onClose={onClose} maxWidth="md" fullWidth>
      <DialogTitle>
        <Trans>{sheet.name} from a file</Trans>
      </DialogTitle>
      <DialogContent>
        <Stack sx={{ gap: 2, pt: 1 }}>
          <Typography>
            <Plural value={sheet.products.length} one="# product" other="# products" />:{' '}
            {sheet.products.map((p) => p.name).join(', ')}
          </Typography>
          {known !== null && changes.length === 0 && (
            <Typography>
              <Trans>It says the same as {known.name} on the shelf.</Trans>
            </Typography>
          )}
          {changes.length > 0 && <SheetChanges changes={changes.slice(0, 30)} />}
          <TextField
            label={known === null ? t`Name` : t`Or beside it, under the name`}
            value={name}
            error={fault !== undefined}
            helperText={fault === undefined ? undefined : faultText(fault, units)}
            onChange={(e) => setName(e.target.value)}
          />
          {keep.isError && fault === undefined && (
            <Alert severity="error" variant="outlined">
              {faults[0]?.detail ?? keep.error.message}
            </Alert>
          )}
        </Stack>
      </DialogContent>
      <DialogActions>
        <Button onClick={onClose}>
          <Trans>Leave it</Trans>
        </Button>
        <Button variant={known === null ? 'contained' : 'outlined'} disabled={name.trim() === ''} onClick={beside}>
          <Trans>Put it on the shelf as {name}</Trans>
        </Button>
        {known !== null && changes.length > 0 && (
          <Button
            variant="contained"
            loading={keep.isPending}
            onClick={() => keep.mutate({ key: known.key, edition: known.edition, sheet }, { onSuccess: onClose })}
          >
            <Trans>Next edition of {known.name}</Trans>
          </Button>
        )}
      </DialogActions>
    </Dialog>
  );
}

/** What a data sheet says beside the mix, in a few words; what it leaves out is not said. */
function SheetSays({ sheet }: { sheet: ShelfSheet }) {
  const units = useUnits();
  const window = sheet.reducerPercent ?? [];
  return (
    <>
      {[
        sheet.named,
        window.length === 2 ? t`reducer ${window[0] ?? 0} to ${window[1] ?? 0}%` : null,
        sheet.viscosity === null ? null : t`${sheet.viscosity.from} to ${sheet.viscosity.to} s ${sheet.viscosity.cup}`,
        sheet.potLife === null ? null : t`lives ${formatQuantity(sheet.potLife, units)}`,
      ]
        .filter((text) => text !== null)
        .join(', ')}
    </>
  );
}
