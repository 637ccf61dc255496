import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import {
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
import { useMutation } from '@tanstack/react-query';
import { useState } from 'react';
import { api, ApiProblem, unwrap } from '../api/client';
import type { CoatStep, SchoolFile, ShopSchool } from '../api/types';
import { QuantityField } from '../kit/QuantityField';

/** A school as a recipe: its coats in order, each with its reach and fade as shares of the blend. */
export function RecipeDialog({
  school,
  onClose,
  onSaved,
}: {
  school: ShopSchool;
  onClose: () => void;
  onSaved: () => Promise<unknown>;
}) {
  const [recipe, setRecipe] = useState<SchoolFile>(school.school);
  const save = useMutation({
    mutationFn: () => unwrap(api.PUT('/api/shop-schools/{id}', { params: { path: { id: school.id } }, body: recipe })),
    onSuccess: async () => {
      await onSaved();
      onClose();
    },
  });
  const faults =
    save.error instanceof ApiProblem
      ? (save.error.problem?.errors ?? [{ field: '', code: '', detail: save.error.message }])
      : [];
  const step = (at: number, part: Partial<CoatStep>) =>
    setRecipe((r) => ({ ...r, steps: r.steps.map((s, i) => (i === at ? { ...s, ...part } : s)) }));
  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="md" aria-labelledby="recipe-title">
      <DialogTitle id="recipe-title">{school.name}</DialogTitle>
      <DialogContent>
        <Stack sx={{ gap: 2, pt: 1 }}>
          <TextField
            label={t`Name`}
            value={recipe.name}
            onChange={(e) => setRecipe((r) => ({ ...r, name: e.target.value }))}
          />
          <TextField
            label={t`How it is done`}
            value={recipe.how ?? ''}
            multiline
            onChange={(e) => setRecipe((r) => ({ ...r, how: e.target.value }))}
          />
          <TextField
            label={t`What goes wrong with it first`}
            value={recipe.risk ?? ''}
            multiline
            onChange={(e) => setRecipe((r) => ({ ...r, risk: e.target.value }))}
          />
          <QuantityField
            label={t`Usual length, of the trade’s blend`}
            value={100 * (recipe.usual ?? 1)}
            unit="%"
            width={240}
            onCommit={(v) => setRecipe((r) => ({ ...r, usual: v / 100 }))}
          />
          <Box sx={{ overflowX: 'auto' }}>
            <Table size="small" aria-label={t`Coats of the recipe`}>
              <TableHead>
                <TableRow>
                  <TableCell>
                    <Trans>Coat</Trans>
                  </TableCell>
                  <TableCell>
                    <Trans>Reach, of the blend</Trans>
                  </TableCell>
                  <TableCell>
                    <Trans>Fade, of the blend</Trans>
                  </TableCell>
                  <TableCell>
                    <Trans>Film, of a full coat</Trans>
                  </TableCell>
                </TableRow>
              </TableHead>
              <TableBody>
                {recipe.steps.map((s, i) => (
                  <RecipeRow key={`${s.id}${i}`} step={s} onChange={(part) => step(i, part)} />
                ))}
              </TableBody>
            </Table>
          </Box>
          {faults.map((f) => (
            <Typography key={f.field} role="alert" color="error">
              {f.detail}
            </Typography>
          ))}
        </Stack>
      </DialogContent>
      <DialogActions>
        <Button onClick={onClose}>
          <Trans>Leave it</Trans>
        </Button>
        <Button variant="contained" disabled={save.isPending} onClick={() => save.mutate()}>
          <Trans>Save the recipe</Trans>
        </Button>
      </DialogActions>
    </Dialog>
  );
}

function RecipeRow({ step, onChange }: { step: CoatStep; onChange: (part: Partial<CoatStep>) => void }) {
  const { extent } = step;
  const share = (label: string, key: 'reach' | 'fade') => (
    <QuantityField
      label={t`${label} of ${step.name}`}
      value={100 * (extent[key] ?? 0)}
      unit="%"
      width={150}
      onCommit={(v) => onChange({ extent: { ...extent, [key]: v / 100 } })}
    />
  );
  return (
    <TableRow>
      <TableCell>{step.name}</TableCell>
      <TableCell>{extent.kind === 'whole-panel' ? t`whole panel` : share(t`Reach`, 'reach')}</TableCell>
      <TableCell>{extent.kind === 'whole-panel' ? '' : share(t`Fade`, 'fade')}</TableCell>
      <TableCell>
        <QuantityField
          label={t`Film of ${step.name}`}
          value={100 * (step.film ?? 1)}
          unit="%"
          width={150}
          onCommit={(v) => onChange({ film: v / 100 })}
        />
      </TableCell>
    </TableRow>
  );
}
