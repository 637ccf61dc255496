import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Alert, Box, Button, MenuItem, Stack, TextField, Typography } from '@mui/material';
import { useState } from 'react';
import { Link as RouterLink, useNavigate, useParams, useSearchParams } from 'react-router';
import { ApiProblem } from '../api/client';
import type { PaintSystemSheet, Sheet } from '../api/types';
import { longDay } from '../kit/dates';
import { MaybeQuantity } from '../kit/MaybeQuantity';
import { usePreferences, useUnits } from '../kit/preferences';
import { Failed, Loading } from '../kit/States';
import { faultText } from '../kit/units';
import { ProductForm } from './ProductForm';
import { ProductList } from './ProductList';
import { at, keyFor, put } from './figures';
import { forget, remembered, remember } from './sheetDraft';
import { useKeepPaint, usePaintSystem, useSheetCheck } from './usePaint';

/** A paint system with every figure of its data sheets, to be typed in from the sheet's own window. */
export function PaintPage() {
  const { key = '' } = useParams();
  const [search] = useSearchParams();
  const asked = search.get('edition');
  const copied = search.get('copy');
  const edition = asked === null ? null : Number(asked);
  const found = usePaintSystem(copied ?? key, edition);
  if (found.isError) {
    return <Failed error={found.error} retry={() => void found.refetch()} />;
  }
  if (found.data === undefined) {
    return <Loading what={t`the data sheet`} />;
  }
  return (
    <SheetForm
      // A newer edition that came in from elsewhere does not throw away what is being typed.
      key={`${copied ?? key} ${asked ?? ''}`}
      system={found.data}
      isCopy={copied !== null}
      isOld={edition !== null && edition !== found.data.newest}
    />
  );
}

function SheetForm({ system, isCopy, isOld }: { system: PaintSystemSheet; isCopy: boolean; isOld: boolean }) {
  const units = useUnits();
  const { me } = usePreferences();
  const navigate = useNavigate();
  const { keep, away } = useKeepPaint();
  const place = isCopy ? `copy ${system.key}` : system.key;
  const [base, setBase] = useState(system);
  const [begun] = useState(() => (isOld ? null : remembered(place)));
  const [sheet, setSheet] = useState<Sheet>(
    () =>
      begun?.sheet ??
      (isCopy ? { ...system.sheet, name: t`${system.name} copy`, key: `${system.key}-copy` } : system.sheet),
  );
  const [chosen, setChosen] = useState(0);
  const check = useSheetCheck(sheet);
  const may = me.role !== 'apprentice' && !isOld;
  const changed = isCopy || JSON.stringify(sheet) !== JSON.stringify(base.sheet);
  const faults = [keep.error, check.error].flatMap((e) => (e instanceof ApiProblem ? (e.problem?.errors ?? []) : []));
  const fault = (path: string): string | undefined => {
    const found = faults.find((f) => f.field === path);
    return found === undefined ? undefined : faultText(found, units);
  };
  const set = (path: string, value: unknown) => {
    const next = put(sheet, path, value);
    setSheet(next);
    remember(place, { edition: begun?.edition ?? base.newest, sheet: next });
  };
  const save = () =>
    keep.mutate(
      { key: isCopy ? null : system.key, edition: base.newest, sheet },
      {
        onSuccess: (kept) => {
          forget(place);
          if (isCopy) {
            void navigate(`/shelf/paint/${kept.key}`);
          } else {
            setBase(kept);
            setSheet(kept.sheet);
          }
        },
      },
    );
  const stale = keep.error instanceof ApiProblem && keep.error.status === 412;
  const elsewhere = faults.filter((f) => !f.field.startsWith(`products.${chosen}.`) && f.field.startsWith('products.'));
  return (
    <Stack sx={{ p: { xs: 2, md: 3 }, gap: 2.5, maxWidth: 1180 }}>
      <title>{t`${sheet.name}, Kalopsis`}</title>
      <Box>
        <Button component={RouterLink} to="/shelf#paint" sx={{ px: 0 }}>
          <Trans>Shelf</Trans>
        </Button>
        <Typography variant="h1">{isCopy ? <Trans>A copy of {system.name}</Trans> : system.name}</Typography>
        {!isCopy && <Editions system={base} shown={system.edition} />}
      </Box>
      {isOld && (
        <Alert severity="info" variant="outlined">
          <Trans>This edition is kept for the cars that were planned with it. It is not changed any more.</Trans>
        </Alert>
      )}
      {base.cars.length > 0 && may && !isCopy && (
        <Typography variant="body2" color="text.secondary">
          <Trans>
            On the bench with it: {base.cars.join(', ')}. They keep the edition they were planned with until a painter
            takes the newer one.
          </Trans>
        </Typography>
      )}
      {begun !== null && changed && (
        <Alert
          severity="info"
          variant="outlined"
          action={
            <Button
              color="inherit"
              onClick={() => {
                forget(place);
                setSheet(base.sheet);
              }}
            >
              <Trans>Begin again</Trans>
            </Button>
          }
        >
          <Trans>What was typed here and not kept yet is still there.</Trans>
        </Alert>
      )}
      {keep.isError && (
        <Alert severity="error" variant="outlined">
          {keep.error.message}{' '}
          {stale && <Trans>Yours is still here; look at the newest edition, then keep it again.</Trans>}
        </Alert>
      )}
      {away.isError && (
        <Alert severity="error" variant="outlined">
          {away.error instanceof ApiProblem
            ? (away.error.problem?.errors?.[0]?.detail ?? away.error.message)
            : away.error.message}
        </Alert>
      )}
      <Box sx={{ display: 'grid', gridTemplateColumns: { xs: '1fr', sm: '2fr 1fr 1fr' }, gap: 2, alignItems: 'start' }}>
        <TextField
          label={t`Name`}
          value={sheet.name}
          disabled={!may}
          error={fault('name') !== undefined}
          helperText={fault('name')}
          onChange={(e) => {
            const next = { ...sheet, name: e.target.value };
            setSheet(isCopy ? { ...next, key: keyFor(e.target.value) } : next);
          }}
          onBlur={() => remember(place, { edition: base.newest, sheet })}
        />
        <TextField
          select
          label={t`Carrier`}
          value={sheet.carrier}
          disabled={!may}
          onChange={(e) => set('carrier', e.target.value)}
        >
          <MenuItem value="solvent">{t`Solvent`}</MenuItem>
          <MenuItem value="waterborne">{t`Waterborne`}</MenuItem>
        </TextField>
        <TextField
          label={t`Currency of prices`}
          value={sheet.currency ?? ''}
          disabled={!may}
          placeholder="EUR"
          error={fault('currency') !== undefined}
          helperText={fault('currency')}
          onChange={(e) => set('currency', e.target.value.toUpperCase())}
          slotProps={{ inputLabel: { shrink: true } }}
        />
      </Box>
      {sheet.carrier === 'solvent' && (
        <Box>
          <Typography variant="h3" component="h2" sx={{ mb: 1 }}>
            <Trans>Reducer grades hand over to the next slower one around</Trans>
          </Typography>
          <Stack direction="row" sx={{ gap: 2, flexWrap: 'wrap' }}>
            {[
              { grade: 'fast', name: t`Fast` },
              { grade: 'standard', name: t`Standard` },
              { grade: 'slow', name: t`Slow` },
            ].map(({ grade, name }) => (
              <MaybeQuantity
                key={grade}
                label={name}
                unit="degC"
                disabled={!may}
                value={(at(sheet, `reducers.${grade}`) as number | undefined) ?? null}
                error={fault(`reducers.${grade}`)}
                onCommit={(value) => set(`reducers.${grade}`, value)}
              />
            ))}
          </Stack>
        </Box>
      )}
      <Box sx={{ display: 'grid', gridTemplateColumns: { xs: '1fr', md: '260px 1fr' }, gap: 3, alignItems: 'start' }}>
        <ProductList
          sheet={sheet}
          chosen={chosen}
          may={may}
          faulty={(i) => faults.some((f) => f.field.startsWith(`products.${i}.`))}
          onChoose={setChosen}
          onSheet={(next, choose) => {
            setSheet(next);
            setChosen(choose);
            remember(place, { edition: base.newest, sheet: next });
          }}
        />
        <ProductForm
          key={`${chosen} ${sheet.products.length}`}
          sheet={sheet}
          index={Math.min(chosen, sheet.products.length - 1)}
          may={may}
          follows={check.data ?? []}
          fault={fault}
          set={set}
        />
      </Box>
      <TextField
        label={t`Note`}
        value={sheet.note ?? ''}
        disabled={!may}
        multiline
        error={fault('note') !== undefined}
        helperText={fault('note')}
        onChange={(e) => set('note', e.target.value)}
      />
      {elsewhere.length > 0 && (
        <Alert severity="error" variant="outlined">
          <Trans>Something needs another look in: {elsewhere.map((f) => productOf(sheet, f.field)).join(', ')}</Trans>
        </Alert>
      )}
      <Stack direction="row" sx={{ gap: 1.5, flexWrap: 'wrap' }}>
        {may && (
          <Button
            variant="contained"
            loading={keep.isPending}
            disabled={!changed || (check.isError && faults.length > 0)}
            onClick={save}
          >
            {isCopy ? <Trans>Keep it on the shelf</Trans> : <Trans>Keep as the next edition</Trans>}
          </Button>
        )}
        {!isCopy && (
          <>
            <Button
              component="a"
              href={`/api/paint-systems/${system.key}/file?as=csv&edition=${system.edition}`}
              download
            >
              <Trans>As a table (CSV)</Trans>
            </Button>
            <Button
              component="a"
              href={`/api/paint-systems/${system.key}/file?as=json&edition=${system.edition}`}
              download
            >
              <Trans>As a file (JSON)</Trans>
            </Button>
          </>
        )}
        {may && !isCopy && (
          <>
            <Button component={RouterLink} to={`/shelf/paint/new?copy=${system.key}`}>
              <Trans>A copy of it</Trans>
            </Button>
            <Button
              loading={away.isPending}
              onClick={() =>
                away.mutate(
                  { key: system.key, back: system.putAway },
                  { onSuccess: () => void navigate('/shelf#paint') },
                )
              }
            >
              {system.putAway ? <Trans>Bring it back</Trans> : <Trans>Put it away</Trans>}
            </Button>
          </>
        )}
      </Stack>
    </Stack>
  );
}

const productOf = (sheet: Sheet, field: string): string => sheet.products[Number(field.split('.')[1])]?.name ?? field;

/** Which edition is looked at, by whom and when; those before are one press away. */
function Editions({ system, shown }: { system: PaintSystemSheet; shown: number }) {
  return (
    <Stack direction="row" sx={{ gap: 1, flexWrap: 'wrap', alignItems: 'center' }}>
      {system.editions.map((edition) => (
        <Button
          key={edition.number}
          component={RouterLink}
          size="small"
          variant={edition.number === shown ? 'outlined' : 'text'}
          aria-current={edition.number === shown ? 'page' : undefined}
          to={`/shelf/paint/${system.key}${edition.number === system.newest ? '' : `?edition=${edition.number}`}`}
        >
          <Trans>Edition {edition.number}</Trans>
          {edition.by === null ? '' : `, ${edition.by}`}, {longDay(edition.at)}
        </Button>
      ))}
    </Stack>
  );
}
