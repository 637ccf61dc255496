import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import {
  Box,
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
import { useState } from 'react';
import { useShelf } from '../api/queries';
import type { Cup } from '../api/types';
import { setRatio, setReducer, setRemainder } from '../bench/document';
import { Meaning } from '../bench/Meaning';
import type { BenchHandle } from '../bench/useBench';
import { useGrams, useUnits } from '../kit/preferences';
import { QuantityField } from '../kit/QuantityField';
import { Empty } from '../kit/States';
import { formatQuantity } from '../kit/units';
import { Why, WhyFigure } from '../kit/Why';
import { tell } from '../language/tell';
import { CupDrawing } from './CupDrawing';

export function CupsStation({ handle }: { handle: BenchHandle }) {
  const { plan, document } = handle;
  return (
    <Box sx={{ display: 'flex', flexGrow: 1, minHeight: 0, flexDirection: { xs: 'column', lg: 'row' } }}>
      <Box sx={{ flexGrow: 1, minWidth: 0, overflowY: { lg: 'auto' }, p: { xs: 2, md: 2.5 } }}>
        {plan.cups.length === 0 ? (
          <Empty title={t`Nothing to mix yet`}>
            <Trans>Place a repair in station 1, Car; the cups follow from the areas of the coats.</Trans>
          </Empty>
        ) : (
          <>
            <Stack direction="row" sx={{ gap: 2, mb: 2, flexWrap: 'wrap', alignItems: 'center' }}>
              <Box sx={{ flexGrow: 1 }}>
                <Typography variant="h2" component="h2">
                  <Trans>What to mix, in spraying order</Trans>
                </Typography>
                <Typography color="text.secondary">
                  <Trans>Reducer: </Trans>
                  <Why reasons={[plan.reducer.choice.reason]} label={t`Reducer`}>
                    <strong>{tell(plan.reducer.words)}</strong>
                  </Why>
                  {plan.reducer.key !== plan.reducer.advised &&
                    t`, by your hand; advised: ${tell(plan.reducer.advisedWords)}`}
                </Typography>
              </Box>
              <ReducerField handle={handle} />
              <QuantityField
                label={t`Left in gun and filter`}
                value={plan.remainder.value}
                unit="ml"
                width={176}
                error={handle.fault('plan.remainderMl')}
                onCommit={(ml) => handle.change(setRemainder(document, ml))}
              />
            </Stack>
            <Box
              sx={{
                display: 'grid',
                gap: 2,
                gridTemplateColumns: { xs: 'minmax(0, 1fr)', xl: 'repeat(2, minmax(0, 1fr))' },
              }}
            >
              {plan.cups.map((cup) => (
                <CupCard key={cup.id} cup={cup} handle={handle} />
              ))}
            </Box>
          </>
        )}
      </Box>
      <Meaning plan={plan} where={(at) => at.startsWith('product:')} />
    </Box>
  );
}

/** The advised reducer, or another grade by hand. */
function ReducerField({ handle }: { handle: BenchHandle }) {
  const shelf = useShelf();
  const { plan, document } = handle;
  const chosen = document.plan.reducer ?? '';
  const choices = shelf.data?.limits.reducers ?? [];
  const offered =
    chosen === '' || choices.some((c) => c.key === chosen)
      ? choices
      : [{ key: chosen, name: plan.reducer.words }, ...choices];
  return (
    <TextField
      select
      label={t`Reducer in the mix`}
      value={shelf.data === undefined ? '' : chosen}
      error={handle.fault('plan.reducer') !== undefined}
      helperText={handle.fault('plan.reducer')}
      onChange={(event) => {
        const key = event.target.value === '' ? null : event.target.value;
        const words = offered.find((c) => c.key === key)?.name ?? t`as advised`;
        handle.change(setReducer(document, key, words));
      }}
      slotProps={{ select: { displayEmpty: true }, inputLabel: { shrink: true } }}
      sx={{ width: 230 }}
    >
      <MenuItem value="">
        <Trans>as advised: {tell(plan.reducer.advisedWords)}</Trans>
      </MenuItem>
      {offered.map((c) => (
        <MenuItem key={c.key} value={c.key}>
          {tell(c.name)}
        </MenuItem>
      ))}
    </TextField>
  );
}

function CupCard({ cup, handle }: { cup: Cup; handle: BenchHandle }) {
  const units = useUnits();
  const weight = useGrams();
  return (
    <Box
      component="section"
      aria-label={cup.name}
      sx={{
        border: (t) => `1px solid ${t.tokens.line}`,
        borderRadius: 1.5,
        backgroundColor: (t) => t.tokens.surface,
        p: 2,
      }}
    >
      <Stack direction="row" sx={{ alignItems: 'baseline', gap: 1.5, flexWrap: 'wrap', mb: 1 }}>
        <Typography variant="h2" component="h3">
          {cup.name}
        </Typography>
        <Box sx={{ fontSize: '1.35rem' }}>
          <WhyFigure figure={cup.total} label={t`${cup.name} to mix`} strong />
        </Box>
        {cup.count > 1 && (
          <Typography>
            <Trans>
              in {cup.count} cups of {formatQuantity({ value: cup.total.value / cup.count, unit: 'ml' }, units)}
            </Trans>
          </Typography>
        )}
        <Typography variant="body2" color="text.secondary" sx={{ flexGrow: 1 }}>
          {cup.product}
        </Typography>
      </Stack>
      <Stack direction={{ xs: 'column', sm: 'row' }} sx={{ gap: 2, alignItems: { sm: 'flex-end' } }}>
        <CupDrawing cup={cup} />
        <Box sx={{ flexGrow: 1, minWidth: 0 }}>
          <Box sx={{ overflowX: 'auto' }} tabIndex={0} role="group" aria-label={t`Pours for ${cup.name}`}>
            <Table size="small" aria-label={t`Pour into each ${cup.name} cup`}>
              <TableHead>
                <TableRow>
                  <TableCell>
                    <Trans>Pour</Trans>
                  </TableCell>
                  <TableCell align="right">
                    <Trans>Parts</Trans>
                  </TableCell>
                  <TableCell align="right">
                    <Trans>Volume</Trans>
                  </TableCell>
                  <TableCell align="right" sx={{ whiteSpace: 'nowrap' }}>
                    <Trans>Scale shows</Trans>
                  </TableCell>
                </TableRow>
              </TableHead>
              <TableBody>
                {cup.pours.map((p) => (
                  <TableRow key={p.component}>
                    <TableCell>{p.component}</TableCell>
                    <TableCell align="right">{p.parts}</TableCell>
                    <TableCell align="right">{formatQuantity({ value: p.ml, unit: 'ml' }, units)}</TableCell>
                    <TableCell align="right">
                      <strong>{weight(p.cumulativeGrams)}</strong>
                    </TableCell>
                  </TableRow>
                ))}
              </TableBody>
            </Table>
          </Box>
          <Typography variant="body2" sx={{ mt: 1.25 }}>
            {cup.coats.map((c, i) => (
              <span key={c.coat}>
                {i > 0 && ', '}
                {tell(c.name)} <WhyFigure figure={c.volume} label={t`Paint for ${tell(c.name)}`} />
              </span>
            ))}
          </Typography>
        </Box>
        <RatioField
          cup={cup}
          error={handle.fault(`plan.ratios.${cup.role}`)}
          onCommit={(ratio) => handle.change(setRatio(handle.document, cup.role, ratio, cup.standardRatio))}
          typedRatio={handle.document.plan.ratios?.[cup.role]}
        />
      </Stack>
    </Box>
  );
}

function RatioField({
  cup,
  error,
  onCommit,
  typedRatio,
}: {
  cup: Cup;
  error: string | undefined;
  onCommit: (ratio: string) => void;
  typedRatio: string | undefined;
}) {
  const [typed, setTyped] = useState<string | null>(null);
  const shown = typedRatio ?? cup.ratio;
  const commit = () => {
    if (typed !== null && typed.trim() !== shown) {
      onCommit(typed.trim());
    }
    setTyped(null);
  };
  return (
    <TextField
      label={t`Ratio of ${cup.name.toLowerCase()}`}
      value={typed ?? shown}
      error={error !== undefined}
      helperText={error ?? (shown === cup.standardRatio ? t`as the data sheet` : t`data sheet: ${cup.standardRatio}`)}
      onChange={(event) => setTyped(event.target.value)}
      onBlur={commit}
      onKeyDown={(event) => {
        if (event.key === 'Enter') {
          commit();
        } else if (event.key === 'Escape') {
          setTyped(null);
        }
        event.stopPropagation();
      }}
      sx={{ width: { xs: '100%', sm: 168 }, flexShrink: 0, alignSelf: { sm: 'flex-start' } }}
    />
  );
}
