import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Alert, Box, MenuItem, Stack, TextField, Typography } from '@mui/material';
import type { ReactNode } from 'react';
import { useShelf } from '../api/queries';
import type { ProductFollows, Sheet } from '../api/types';
import { MaybeNumber } from '../kit/MaybeNumber';
import { MaybeQuantity } from '../kit/MaybeQuantity';
import { QuantityField } from '../kit/QuantityField';
import { Measure } from '../kit/Words';
import { tell } from '../language/tell';
import { ComponentTable } from './ComponentTable';
import { at, roleName } from './figures';

export interface SheetFields {
  sheet: Sheet;
  may: boolean;
  fault: (path: string) => string | undefined;
  set: (path: string, value: unknown) => void;
}

interface Props extends SheetFields {
  index: number;
  follows: readonly ProductFollows[];
}

/** Every figure of one product, in the order a data sheet has them. */
export function ProductForm({ sheet, index, may, follows, fault, set }: Props) {
  const cups = useShelf().data?.flowCups ?? [];
  const product = sheet.products[index];
  if (product === undefined) {
    return null;
  }
  const path = (rest: string) => `products.${index}.${rest}`;
  const number = (rest: string): number | null => (at(sheet, path(rest)) as number | undefined) ?? null;
  const said = (rest: string): string => (at(sheet, path(rest)) as string | undefined) ?? '';
  const follow = follows.find((f) => f.role === product.role && f.name === product.name);
  const quantity = (rest: string, label: string, unit: string) => (
    <MaybeQuantity
      label={label}
      value={number(rest)}
      unit={unit}
      disabled={!may}
      error={fault(path(rest))}
      onCommit={(value) => set(path(rest), value)}
    />
  );
  const plain = (rest: string, label: string, unit: string) => (
    <MaybeNumber
      label={label}
      value={number(rest)}
      unit={unit}
      disabled={!may}
      error={fault(path(rest))}
      onCommit={(value) => set(path(rest), value)}
    />
  );
  const has = said('sheet.source.document') !== '';
  return (
    <Stack sx={{ gap: 2.5, minWidth: 0 }}>
      <Typography variant="h2">{product.name}</Typography>
      <Part title={t`Which data sheet this is`}>
        <TextField
          label={t`Sheet and edition`}
          value={said('sheet.source.document')}
          disabled={!may}
          placeholder={t`as it stands on it`}
          error={fault(path('sheet.source.document')) !== undefined}
          helperText={fault(path('sheet.source.document'))}
          onChange={(e) => set(path('sheet.source.document'), e.target.value)}
          slotProps={{ inputLabel: { shrink: true } }}
          sx={{ flexGrow: 1, minWidth: 220 }}
        />
        <TextField
          label={t`Its date`}
          type="date"
          value={said('sheet.source.date')}
          disabled={!may}
          error={fault(path('sheet.source.date')) !== undefined}
          helperText={fault(path('sheet.source.date'))}
          onChange={(e) => set(path('sheet.source.date'), e.target.value)}
          slotProps={{ inputLabel: { shrink: true } }}
        />
      </Part>
      {!has && (
        <Alert severity="info" variant="outlined">
          <Trans>No data sheet is named: why? says that these are usual values.</Trans>
        </Alert>
      )}
      <Part title={t`What it is`}>
        <TextField
          label={t`Name`}
          value={product.name}
          disabled={!may}
          error={fault(path('name')) !== undefined}
          helperText={fault(path('name')) ?? roleName(product.role)}
          onChange={(e) => set(path('name'), e.target.value)}
          sx={{ flexGrow: 1, minWidth: 220 }}
        />
        {product.role === 'clear' && (
          <TextField
            select
            label={t`Grade`}
            value={said('sheet.grade')}
            disabled={!may}
            onChange={(e) => set(path('sheet.grade'), e.target.value)}
            slotProps={{ select: { displayEmpty: true }, inputLabel: { shrink: true } }}
            sx={{ minWidth: 160 }}
          >
            <MenuItem value="">{t`not said`}</MenuItem>
            <MenuItem value="production">{t`production`}</MenuItem>
            <MenuItem value="premium">{t`premium`}</MenuItem>
          </TextField>
        )}
      </Part>
      <Part title={t`Mix`}>
        <TextField
          label={t`Ratio, as on the can`}
          value={product.ratio}
          disabled={!may}
          error={fault(path('ratio')) !== undefined}
          helperText={fault(path('ratio')) ?? t`4:1:2, 100:50:20, 3:1:10 %, 2:1 + 5 %; by weight if you write so`}
          onChange={(e) => set(path('ratio'), e.target.value)}
          sx={{ minWidth: 260 }}
        />
        <Typography role="status" sx={{ alignSelf: 'center' }}>
          {follow !== undefined && product.components.map((c, i) => `${follow.shares[i] ?? 0} % ${c.name}`).join(' · ')}
        </Typography>
      </Part>
      <ComponentTable sheet={sheet} index={index} may={may} fault={fault} set={set} />
      {follow !== undefined && (
        <Typography variant="body2" color="text.secondary">
          <Trans>
            Ready to spray: <Measure of={follow.solids} /> solids by volume, {follow.densityGPerMl} g/ml, VOC{' '}
            {follow.vocGPerL} g/l; a full coat is <Measure of={follow.wetFilm} /> wet.
          </Trans>
        </Typography>
      )}
      <Part title={t`Film and gun`}>
        <QuantityField
          label={t`Full coat, dry`}
          value={product.dryFilmUm}
          unit="um"
          disabled={!may}
          error={fault(path('dryFilmUm'))}
          onCommit={(value) => set(path('dryFilmUm'), value)}
        />
        {quantity('gun.bar', t`Pressure`, 'bar')}
        {quantity('gun.distanceMm', t`Distance`, 'mm')}
        {quantity('gun.overlapPercent', t`Overlap`, '%')}
        {plain('sheet.coats', t`Coats`, '')}
      </Part>
      <Part title={t`Reducer and viscosity`}>
        {plain('sheet.reducerPercent.0', t`Reducer from`, '%')}
        {plain('sheet.reducerPercent.1', t`to`, '%')}
        <TextField
          select
          label={t`Flow cup`}
          value={said('sheet.viscosity.cup')}
          disabled={!may}
          error={fault(path('sheet.viscosity.cup')) !== undefined}
          helperText={fault(path('sheet.viscosity.cup'))}
          onChange={(e) => set(path('sheet.viscosity.cup'), e.target.value)}
          slotProps={{ select: { displayEmpty: true }, inputLabel: { shrink: true } }}
          sx={{ minWidth: 150 }}
        >
          <MenuItem value="">{t`not said`}</MenuItem>
          {cups.map((cup) => (
            <MenuItem key={cup.key} value={cup.key}>
              {tell(cup.name)}
            </MenuItem>
          ))}
        </TextField>
        {plain('sheet.viscosity.seconds.0', t`Seconds from`, 's')}
        {plain('sheet.viscosity.seconds.1', t`Seconds to`, 's')}
        {quantity('sheet.viscosity.celsius', t`Measured at`, 'degC')}
      </Part>
      {[fault(path('sheet.reducerPercent')), fault(path('sheet.viscosity.seconds'))]
        .filter((text) => text !== undefined)
        .map((text) => (
          <Alert key={text} severity="error" variant="outlined">
            {text}
          </Alert>
        ))}
      <Part title={t`Times`}>
        {plain('sheet.potLifeMin', t`Pot life at 20 °C`, 'min')}
        {plain('sheet.flash.minutes', t`Flash`, 'min')}
        {quantity('sheet.flash.celsius', t`Flash at`, 'degC')}
        {plain('sheet.flash.humidityPercent', t`and humidity`, '%')}
        {product.role === 'clear' && plain('sheet.bakeMin', t`Bake at 60 °C`, 'min')}
        {product.role === 'clear' && plain('sheet.polishHours', t`Polish after`, 'h')}
      </Part>
    </Stack>
  );
}

function Part({ title, children }: { title: string; children: ReactNode }) {
  return (
    <Box component="section" aria-label={title}>
      <Typography variant="h3" sx={{ mb: 1.25 }}>
        {title}
      </Typography>
      <Stack direction="row" sx={{ gap: 2, flexWrap: 'wrap', alignItems: 'flex-start' }}>
        {children}
      </Stack>
    </Box>
  );
}
