import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import ScaleIcon from '@mui/icons-material/ScaleOutlined';
import {
  Box,
  Button,
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
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { api, unwrap } from '../api/client';
import { keys, useShelf } from '../api/queries';
import type { Cup, FormulaForCup } from '../api/types';
import type { BenchHandle } from '../bench/useBench';
import { useGrams, usePreferences } from '../kit/preferences';
import { QuantityField } from '../kit/QuantityField';
import { Failed } from '../kit/States';
import { tell } from '../language/tell';
import { useFormula } from './useCups';

/** The colour's formula for this cup, toner by toner, and what the scale can make of it. */
export function FormulaPanel({ cup, handle }: { cup: Cup; handle: BenchHandle }) {
  const navigate = useNavigate();
  const [cards, setCards] = useState(0);
  const query = useFormula(handle.bench.id, handle.bench.version, cup.id, cards);
  return (
    <Box
      role="group"
      aria-label={t`Toners of ${tell(cup.name)}`}
      sx={{ mt: 2, pt: 2, borderTop: (theme) => `1px solid ${theme.tokens.line}` }}
    >
      {query.isPending && <LinearProgress aria-label={t`Scaling the formula`} />}
      {query.isError && <Failed error={query.error} retry={() => void query.refetch()} />}
      {query.data !== undefined && (
        <>
          <Stack direction="row" sx={{ gap: 2, mb: 1.5, flexWrap: 'wrap', alignItems: 'flex-start' }}>
            <QuantityField label={t`More for cards`} value={cards} unit="ml" onCommit={setCards} />
            <ScaleField />
            <Button
              variant="contained"
              startIcon={<ScaleIcon />}
              onClick={() =>
                void navigate(`/jobs/${handle.bench.id}/weigh?cup=${cup.id}&kind=formula&cards=${Math.round(cards)}`)
              }
            >
              <Trans>Weigh the toners</Trans>
            </Button>
          </Stack>
          <Toners found={query.data} />
        </>
      )}
    </Box>
  );
}

function Toners({ found }: { found: FormulaForCup }) {
  const weight = useGrams();
  return (
    <>
      <Table size="small" aria-label={t`Toners in mixing order`} sx={{ maxWidth: 560 }}>
        <TableHead>
          <TableRow>
            <TableCell>
              <Trans>Toner</Trans>
            </TableCell>
            <TableCell align="right">
              <Trans>Amount</Trans>
            </TableCell>
            <TableCell align="right">
              <Trans>Scale shows</Trans>
            </TableCell>
          </TableRow>
        </TableHead>
        <TableBody>
          {found.rows.map((row) => (
            <TableRow key={row.key}>
              <TableCell>{row.name}</TableCell>
              <TableCell align="right">
                {weight(row.grams)}
                {row.drops !== null && <> ({t`${row.drops} drops`})</>}
              </TableCell>
              <TableCell align="right">
                <strong>{weight(row.cumulativeGrams)}</strong>
                {!row.weighable && <> {t`below the least load`}</>}
              </TableCell>
            </TableRow>
          ))}
        </TableBody>
      </Table>
      <Typography sx={{ mt: 1 }}>
        {found.scaleError === null ? (
          <Trans>What the scale’s error does to the colour is not known: a toner of it has no drawdowns yet.</Trans>
        ) : (
          <Trans>
            The scale’s own error may move the colour by <strong>ΔE00 {found.scaleError.toFixed(2)}</strong>, the mean
            of the angles.
          </Trans>
        )}{' '}
        {found.rows.some((row) => !row.weighable) && (
          <Trans>
            It weighs from {weight(found.leastG)} on: {weight(found.leastBatchG)} of colour brings every toner above
            that; less is counted in drops.
          </Trans>
        )}{' '}
        {found.tooLittle && (
          <strong>
            <Trans>The least toner is less than a drop: mix more.</Trans>
          </strong>
        )}
      </Typography>
      <Typography variant="body2" color="text.secondary" sx={{ mt: 0.5 }}>
        <Trans>Formula {found.number}.</Trans>{' '}
        {found.steps
          .filter((step) => step.note !== '')
          .map((step) => `${step.number}: ${step.note}`)
          .join('; ')}
      </Typography>
    </>
  );
}

/** Which scale stands on the bench; a lead says. */
function ScaleField() {
  const shelf = useShelf();
  const client = useQueryClient();
  const { me } = usePreferences();
  const save = useMutation({
    mutationFn: (readabilityG: number) => unwrap(api.PUT('/api/shelf/scale', { body: { readabilityG } })),
    onSuccess: () =>
      Promise.all([
        client.invalidateQueries({ queryKey: keys.shelf }),
        client.invalidateQueries({ queryKey: ['formula'] }),
      ]),
  });
  const scale = shelf.data?.scale;
  return (
    <TextField
      select
      label={t`The scale reads to`}
      value={scale === undefined ? '' : String(scale.readabilityG)}
      disabled={me.role !== 'lead' || scale === undefined}
      helperText={me.role === 'lead' ? undefined : t`A lead says which scale the shop has.`}
      error={save.isError}
      onChange={(event) => save.mutate(Number(event.target.value))}
      sx={{ width: 170 }}
    >
      {(scale?.choices ?? []).map((grams) => (
        <MenuItem key={grams} value={String(grams)}>
          {grams} g
        </MenuItem>
      ))}
    </TextField>
  );
}
