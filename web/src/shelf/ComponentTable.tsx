import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import DeleteIcon from '@mui/icons-material/DeleteOutlined';
import { Box, Button, IconButton, MenuItem, Stack, TextField } from '@mui/material';
import type { Sheet } from '../api/types';
import { MaybeNumber } from '../kit/MaybeNumber';
import type { SheetFields } from './ProductForm';
import { KINDS } from './figures';

const MOST = 4;

/** What is poured, in the order it is poured. */
export function ComponentTable({ sheet, index, may, fault, set }: SheetFields & { index: number }) {
  const components = sheet.products[index]?.components ?? [];
  const currency = sheet.currency ?? t`price`;
  const path = (i: number, rest: string) => `products.${index}.components.${i}.${rest}`;
  type Part = Sheet['products'][number]['components'][number];
  const all = (next: readonly Part[]) => set(`products.${index}.components`, next);
  return (
    <Stack sx={{ gap: 1.5 }}>
      {components.map((c, i) => (
        <Box
          key={i}
          role="group"
          aria-label={t`Component ${i + 1}`}
          sx={{
            display: 'grid',
            gap: 1.5,
            alignItems: 'start',
            gridTemplateColumns: { xs: '1fr 1fr', sm: 'repeat(4, 1fr)', lg: '2fr 1.5fr repeat(5, 1fr) 44px' },
          }}
        >
          <TextField
            label={t`Poured`}
            value={c.name}
            disabled={!may}
            error={fault(path(i, 'name')) !== undefined}
            helperText={fault(path(i, 'name'))}
            onChange={(e) => set(path(i, 'name'), e.target.value)}
          />
          <TextField
            select
            label={t`Kind`}
            value={c.kind ?? ''}
            disabled={!may}
            onChange={(e) => set(path(i, 'kind'), e.target.value)}
            slotProps={{ select: { displayEmpty: true }, inputLabel: { shrink: true } }}
          >
            <MenuItem value="">{t`by its place`}</MenuItem>
            {KINDS.map((k) => (
              <MenuItem key={k.kind} value={k.kind}>
                {k.name}
              </MenuItem>
            ))}
          </TextField>
          {[
            {
              field: 'densityGPerMl',
              label: t`g/ml`,
              of: t`Density of ${c.name}, g/ml`,
              value: c.densityGPerMl,
              times: 1,
            },
            {
              field: 'volumeSolids',
              label: t`Solids %`,
              of: t`Solids of ${c.name}, % by volume`,
              value: c.volumeSolids,
              times: 100,
            },
            { field: 'water', label: t`Water %`, of: t`Water in ${c.name}, %`, value: c.water ?? null, times: 100 },
            {
              field: 'exempt',
              label: t`Exempt %`,
              of: t`Exempt solvent in ${c.name}, %`,
              value: c.exempt ?? null,
              times: 100,
            },
            {
              field: 'pricePerL',
              label: t`${currency} a litre`,
              of: t`Price of ${c.name}, ${currency} a litre`,
              value: c.pricePerL ?? null,
              times: 1,
            },
          ].map((f) => (
            <MaybeNumber
              key={f.field}
              label={f.label}
              value={f.value}
              times={f.times}
              of={f.of}
              width="100%"
              disabled={!may}
              error={fault(path(i, f.field))}
              onCommit={(value) => set(path(i, f.field), value)}
            />
          ))}
          {may && components.length > 1 ? (
            <IconButton
              aria-label={t`Take ${c.name} out`}
              onClick={() => all(components.filter((_, k) => k !== i))}
              sx={{ mt: 0.5 }}
            >
              <DeleteIcon />
            </IconButton>
          ) : (
            <span />
          )}
        </Box>
      ))}
      {may && components.length < MOST && (
        <Button
          variant="outlined"
          sx={{ alignSelf: 'flex-start' }}
          onClick={() =>
            all([...components, { name: t`reducer`, kind: 'reducer', densityGPerMl: 0.87, volumeSolids: 0 }])
          }
        >
          <Trans>Add a component</Trans>
        </Button>
      )}
    </Stack>
  );
}
