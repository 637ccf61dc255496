import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Alert, Box, Button, MenuItem, Stack, TextField, Typography } from '@mui/material';
import { useState } from 'react';
import { Link as RouterLink, useNavigate, useParams, useSearchParams } from 'react-router';
import { ApiProblem } from '../api/client';
import { useShelf } from '../api/queries';
import type { ColourWish, ShopColour } from '../api/types';
import { MaybeQuantity } from '../kit/MaybeQuantity';
import { usePreferences, useUnits } from '../kit/preferences';
import { Failed, Loading } from '../kit/States';
import { faultText } from '../kit/units';
import { tell } from '../language/tell';
import { OwnReading } from './OwnReading';
import { TonerLines } from './TonerLines';
import { linesOf, wishOf, type Line } from './toners';
import { useColours, useKeepColours } from './useColours';

/** A colour of the shop's own: what it is called, how it looks, what lies below, and its formula from the mixer's printout. */
export function ColourFormPage() {
  const { id } = useParams();
  const [search] = useSearchParams();
  const found = useColours();
  if (found.isError) {
    return <Failed error={found.error} retry={() => void found.refetch()} />;
  }
  if (found.data === undefined) {
    return <Loading what={t`the colours`} />;
  }
  const copied = search.get('copy');
  const known = found.data.colours.find((c) => String(c.id) === (id ?? copied));
  return (
    <ColourForm
      key={`${id ?? ''} ${copied ?? ''}`}
      id={id === undefined ? null : (known?.id ?? null)}
      known={known}
      toners={found.data.toners}
    />
  );
}

interface Variant {
  name: string;
  lines: Line[];
}

function ColourForm({
  id,
  known,
  toners,
}: {
  id: number | null;
  known: ShopColour | undefined;
  toners: readonly { key: string; name: string }[];
}) {
  const units = useUnits();
  const { weights } = usePreferences();
  const navigate = useNavigate();
  const [search] = useSearchParams();
  const { keep } = useKeepColours();
  const finishes = useShelf().data?.finishes ?? [];
  const job = search.get('job');
  const [name, setName] = useState(known?.name ?? search.get('name') ?? '');
  const [code, setCode] = useState(known === undefined ? (search.get('code') ?? '') : id === null ? '' : known.code);
  const [finish, setFinish] = useState(known?.finish ?? search.get('finish') ?? 'metallic-dark');
  const [shade, setShade] = useState(known?.undercoatShade ?? null);
  const [hidingUm, setHiding] = useState(known?.hidingUm ?? null);
  const [note, setNote] = useState(known?.note ?? '');
  const [lines, setLines] = useState<Line[]>(() => linesOf(known?.toners ?? [], weights));
  const [layer, setLayer] = useState<Line[]>(() => linesOf(known?.layer ?? [], weights));
  const [variants, setVariants] = useState<Variant[]>(() =>
    (known?.variants ?? []).map((v) => ({ name: v.name, lines: linesOf(v.toners, weights) })),
  );
  const faults = keep.error instanceof ApiProblem ? (keep.error.problem?.errors ?? []) : [];
  const at = (field: string) => {
    const fault = faults.find((f) => f.field === field);
    return { error: fault !== undefined, helperText: fault === undefined ? undefined : faultText(fault, units) };
  };
  const formula = wishOf(lines, weights);
  const effect = wishOf(layer, weights);
  const others = variants.map((v) => ({ name: v.name, toners: wishOf(v.lines, weights) }));
  const unreadable = formula === null || effect === null || others.some((v) => v.toners === null);
  const save = () => {
    if (formula === null || effect === null) {
      return;
    }
    const wish: ColourWish = {
      name,
      code,
      finish,
      undercoatShade: shade,
      hidingUm,
      note,
      toners: formula,
      layer: effect,
      variants: others.map((v) => ({ name: v.name, toners: v.toners ?? {} })),
    };
    keep.mutate(
      { id, wish },
      { onSuccess: () => void navigate(job === null ? '/shelf#colours' : `/jobs/${job}/colour`) },
    );
  };
  return (
    <Stack sx={{ p: { xs: 2, md: 3 }, gap: 3, maxWidth: 860 }}>
      <title>{t`A colour, Kalopsis`}</title>
      <Box>
        <Button component={RouterLink} to={job === null ? '/shelf' : `/jobs/${job}/colour`} sx={{ px: 0 }}>
          {job === null ? <Trans>Shelf</Trans> : <Trans>Back to the car</Trans>}
        </Button>
        <Typography variant="h1">{id === null ? <Trans>A new colour</Trans> : name}</Typography>
      </Box>
      {keep.isError && faults.length === 0 && (
        <Alert severity="error" variant="outlined">
          {keep.error.message}
        </Alert>
      )}
      <Box sx={{ display: 'grid', gridTemplateColumns: { xs: '1fr', sm: '2fr 1fr' }, gap: 2 }}>
        <TextField label={t`Name`} value={name} onChange={(e) => setName(e.target.value)} {...at('name')} />
        <TextField label={t`Code`} value={code} onChange={(e) => setCode(e.target.value)} {...at('code')} />
        <TextField
          select
          label={t`Finish`}
          value={finish}
          onChange={(e) => setFinish(e.target.value)}
          {...at('finish')}
        >
          {finishes.map((f) => (
            <MenuItem key={f.key} value={f.key}>
              {tell(f.name)}
            </MenuItem>
          ))}
        </TextField>
        <TextField
          select
          label={t`Grey shade under it`}
          value={shade ?? ''}
          onChange={(e) => setShade(e.target.value === '' ? null : Number(e.target.value))}
          slotProps={{ select: { displayEmpty: true }, inputLabel: { shrink: true } }}
          {...at('undercoatShade')}
        >
          <MenuItem value="">{t`any`}</MenuItem>
          {[1, 2, 3, 4, 5, 6, 7].map((n) => (
            <MenuItem key={n} value={n}>
              {n}
            </MenuItem>
          ))}
        </TextField>
        <MaybeQuantity
          label={t`Dry film that hides`}
          unit="um"
          value={hidingUm}
          error={at('hidingUm').helperText}
          onCommit={setHiding}
          width={220}
        />
      </Box>
      {id !== null && known?.reading?.looksLike != null && finish === known.finish && (
        <Alert
          severity="info"
          variant="outlined"
          action={
            <Button color="inherit" onClick={() => setFinish(known.reading?.looksLike ?? finish)}>
              <Trans>Take that</Trans>
            </Button>
          }
        >
          <Trans>
            By its reading it is a{' '}
            {tell(finishes.find((f) => f.key === known.reading?.looksLike)?.name ?? known.reading.looksLike)}.
          </Trans>
        </Alert>
      )}
      {id !== null && known !== undefined && <OwnReading colour={known} may />}
      <TonerLines
        title={t`Formula, toner by toner`}
        help={t`As the mixer’s printout has it, for any batch size; it is scaled to what is needed.`}
        lines={lines}
        toners={toners}
        onLines={setLines}
        fault={faults.find((f) => f.field === 'toners' || f.field.startsWith('toners.'))?.detail}
      />
      {(layer.length > 0 || finish === 'pearl' || finish.startsWith('metallic')) && (
        <TonerLines
          title={t`Effect coat over it`}
          help={t`For three-stage colours and tinted clears: what lies over the ground.`}
          lines={layer}
          toners={toners}
          onLines={setLayer}
          fault={faults.find((f) => f.field.startsWith('layer'))?.detail}
        />
      )}
      {variants.map((variant, i) => (
        <Box key={i}>
          <Stack direction="row" sx={{ gap: 2, mb: 1, flexWrap: 'wrap' }}>
            <TextField
              label={t`Name of the variant`}
              value={variant.name}
              onChange={(e) => setVariants((was) => was.map((v, k) => (k === i ? { ...v, name: e.target.value } : v)))}
              {...at(`variants.${i}.name`)}
            />
            <Button onClick={() => setVariants((was) => was.filter((_, k) => k !== i))}>
              <Trans>Take this variant out</Trans>
            </Button>
          </Stack>
          <TonerLines
            title={t`Variant ${variant.name}`}
            lines={variant.lines}
            toners={toners}
            onLines={(next) => setVariants((was) => was.map((v, k) => (k === i ? { ...v, lines: next } : v)))}
            fault={faults.find((f) => f.field.startsWith(`variants.${i}.toners`))?.detail}
          />
        </Box>
      ))}
      <Button
        variant="outlined"
        sx={{ alignSelf: 'flex-start' }}
        onClick={() => setVariants((was) => [...was, { name: '', lines: lines.map((line) => ({ ...line })) }])}
      >
        <Trans>Add a variant</Trans>
      </Button>
      <TextField
        label={t`Note`}
        value={note}
        multiline
        minRows={2}
        onChange={(e) => setNote(e.target.value)}
        {...at('note')}
      />
      <Stack direction="row" sx={{ gap: 2, flexWrap: 'wrap' }}>
        <Button variant="contained" loading={keep.isPending} disabled={unreadable} onClick={save}>
          <Trans>Keep the colour</Trans>
        </Button>
        {id !== null && (
          <Button component={RouterLink} to={`/shelf/colours/new?copy=${id}`}>
            <Trans>A copy of it</Trans>
          </Button>
        )}
      </Stack>
    </Stack>
  );
}
