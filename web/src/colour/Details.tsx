import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Box, Button, Stack, Table, TableBody, TableCell, TableHead, TableRow, Typography } from '@mui/material';
import { useQuery } from '@tanstack/react-query';
import { api, unwrap } from '../api/client';
import { keys } from '../api/queries';
import type { ColourDesk, ColourSample } from '../api/types';
import { useUnits } from '../kit/preferences';
import { SeverityMark } from '../kit/SeverityMark';
import { formatQuantity } from '../kit/units';
import { Words } from '../kit/Words';
import { tell } from '../language/tell';
import { signed } from './numbers';
import { samplePath, type DeskDoer } from './useDesk';

/** What was sprayed and how, and where that is not how the plan sprays. */
export function HowSprayed({ desk, card, onEdit }: { desk: ColourDesk; card: ColourSample; onEdit: () => void }) {
  const units = useUnits();
  const s = card.spraying;
  const name = (list: keyof ColourDesk['choices'], key: string | null | undefined) =>
    tell(desk.choices[list].find((c) => c.key === key)?.name ?? key ?? '');
  return (
    <Box component="section" aria-label={t`How it was sprayed`}>
      <Stack direction="row" sx={{ alignItems: 'center', gap: 2, mb: 0.5 }}>
        <Typography variant="h2">
          <Trans>How it was sprayed</Trans>
        </Typography>
        <Button onClick={onEdit}>
          <Trans>Change</Trans>
        </Button>
      </Stack>
      {s === null ? (
        <Typography>
          <Trans>Nobody wrote it down. A formula sprayed in two ways is two colours.</Trans>
        </Typography>
      ) : (
        <Typography>
          {card.formula !== null && card.formula.number !== null && (
            <>
              <Trans>Formula {card.formula.number}. </Trans>
            </>
          )}
          <Trans>
            {s.fullCoats} full {s.fullCoats === 1 ? t`coat` : t`coats`}
            {s.halfCoats > 0 && t`, ${s.halfCoats} half`}
            {s.controlCoat ? t`, control coat` : t`, no control coat`};{' '}
            {formatQuantity({ value: s.bar, unit: 'bar' }, units)} at{' '}
            {formatQuantity({ value: s.distanceMm, unit: 'mm' }, units)}, overlap {s.overlapPercent}%; {s.ratio},{' '}
            {name('reducers', s.reducer)} reducer; under {name('clear', s.clear)}
            {card.dried != null && `, ${name('dried', card.dried)}`}
            {s.undercoatShade != null && t`, over grey ${s.undercoatShade}`}. {card.by}
            {card.sprayedAt !== null &&
              `, ${new Date(card.sprayedAt).toLocaleDateString(undefined, { dateStyle: 'medium' })}`}
            .
          </Trans>
        </Typography>
      )}
      {card.against !== null && (
        <Box sx={{ mt: 1 }}>
          {card.against.differences.map((d) => (
            <Stack key={d.field} direction="row" sx={{ gap: 1, alignItems: 'center' }}>
              <SeverityMark severity="look-out" size={16} />
              <Typography>
                <Words phrase={d.says} />
              </Typography>
            </Stack>
          ))}
          <Typography sx={{ mt: 0.5 }}>
            <strong>
              <Words phrase={card.against.says} />
            </strong>
            {card.against.differences.length > 0 && (
              <>
                <Trans> Lightness shifts: </Trans>
                {card.against.shift.map((x) => `${x.angle}° ${signed(x.dL)}`).join(', ')}.
              </>
            )}
          </Typography>
        </Box>
      )}
      {card.prediction !== null && (
        <Typography sx={{ mt: 1 }}>
          <Trans>
            <Words phrase={card.prediction.sentence} /> ({card.prediction.overall.toFixed(1)} between advice and card.)
          </Trans>
        </Typography>
      )}
    </Box>
  );
}

/** The shots behind a mean; those that stand out are said, and any can be left out or counted again. */
export function ReadingsTable({ jobId, sample, doer }: { jobId: string; sample: ColourSample; doer: DeskDoer }) {
  const readings = useQuery({
    queryKey: [
      ...keys.colour(jobId),
      'readings',
      sample.id,
      sample.reading?.shots,
      sample.reading?.outliers,
      sample.reading?.spread,
    ],
    queryFn: () => unwrap(api.GET('/api/jobs/{job}/colour/samples/{sample}/readings', samplePath(jobId, sample.id))),
    enabled: sample.reading !== null,
  });
  if (sample.reading === null || readings.data === undefined) {
    return null;
  }
  const path = (reading: number) => ({ params: { path: { job: jobId, sample: sample.id, reading } } });
  return (
    <Box component="section" aria-label={t`Readings of ${sample.name}`}>
      <Typography variant="h2" sx={{ mb: 0.5 }}>
        <Trans>Readings of {sample.kind === 'car' ? t`the car` : sample.name}</Trans>
      </Typography>
      <Typography variant="body2" color="text.secondary" sx={{ mb: 1 }}>
        <Trans>
          {sample.reading.shots} shots on {sample.reading.spots} {sample.reading.spots === 1 ? t`spot` : t`spots`},{' '}
          {sample.reading.spread.toFixed(2)} apart on average.
        </Trans>
      </Typography>
      <Box component="details" sx={{ mb: 1 }}>
        <summary>
          <Trans>How it was read</Trans>
        </summary>
        <Typography variant="body2" color="text.secondary">
          {sample.reading.instruments.length > 0 && `${sample.reading.instruments.join(', ')}: `}
          {sample.reading.viewing}, {tell(sample.reading.geometryWords)}
          {sample.reading.spectral ? t`, with spectra` : t`, Lab only`}
          {sample.reading.flopIndex !== null && t`; flop index ${sample.reading.flopIndex.toFixed(1)}`}.
        </Typography>
      </Box>
      <Box
        sx={{ overflowX: 'auto', maxHeight: 420 }}
        tabIndex={0}
        role="region"
        aria-label={t`Shots of ${sample.name}`}
      >
        <Table size="small" stickyHeader>
          <TableHead>
            <TableRow>
              <TableCell>
                <Trans>Spot</Trans>
              </TableCell>
              {readings.data[0]?.angles.map((a) => (
                <TableCell key={a} align="right">
                  <Trans>Lightness {a}°</Trans>
                </TableCell>
              ))}
              <TableCell align="right">
                <Trans>From the middle</Trans>
              </TableCell>
              <TableCell>
                <Trans>Counts</Trans>
              </TableCell>
            </TableRow>
          </TableHead>
          <TableBody>
            {readings.data.map((r) => (
              <TableRow key={r.id} sx={{ '& td': { color: r.excluded || r.standsOut ? 'text.secondary' : undefined } }}>
                <TableCell>
                  {r.spot}
                  {r.surface !== 'polished' && `, ${r.surface}`}
                </TableCell>
                {r.labs.map((lab, i) => (
                  <TableCell key={i} align="right">
                    {lab[0]?.toFixed(1)}
                  </TableCell>
                ))}
                <TableCell align="right">
                  {r.excluded ? (
                    t`left out`
                  ) : r.standsOut ? (
                    <strong>
                      <Trans>{r.away.toFixed(1)}, stands out</Trans>
                    </strong>
                  ) : (
                    r.away.toFixed(1)
                  )}
                </TableCell>
                <TableCell align="right">
                  <Button
                    disabled={doer.busy}
                    aria-label={t`${r.excluded ? t`Count` : t`Leave out`} shot ${r.id}`}
                    onClick={() =>
                      void doer.run(() =>
                        unwrap(
                          r.excluded
                            ? api.POST('/api/jobs/{job}/colour/samples/{sample}/readings/{reading}/include', path(r.id))
                            : api.POST(
                                '/api/jobs/{job}/colour/samples/{sample}/readings/{reading}/exclude',
                                path(r.id),
                              ),
                        ),
                      )
                    }
                  >
                    {r.excluded ? t`Count it` : t`Leave out`}
                  </Button>
                </TableCell>
              </TableRow>
            ))}
          </TableBody>
        </Table>
      </Box>
    </Box>
  );
}

/** Variants, nearest first, with the reason for each place; those clearly off can be struck, and brought back. */
export function VariantTable({
  variants,
  busy,
  onStrike,
  onChoose,
}: {
  variants: readonly ColourSample[];
  busy: boolean;
  onStrike: (sample: ColourSample) => void;
  onChoose: (id: string) => void;
}) {
  if (variants.length === 0) {
    return null;
  }
  return (
    <Box component="section" aria-label={t`Variants, nearest first`}>
      <Typography variant="h2" sx={{ mb: 0.5 }}>
        <Trans>Variants, nearest first</Trans>
      </Typography>
      <Box sx={{ overflowX: 'auto' }} tabIndex={0} role="region" aria-label={t`Variants in order`}>
        <Table size="small">
          <TableBody>
            {variants.map((v) => (
              <TableRow key={v.id}>
                <TableCell sx={{ width: 36, fontSize: '1.3rem' }}>{v.place ?? ''}</TableCell>
                <TableCell sx={{ whiteSpace: 'nowrap' }}>
                  <Button onClick={() => onChoose(v.id)} sx={{ textDecoration: v.struck ? 'line-through' : 'none' }}>
                    {v.name}
                  </Button>
                </TableCell>
                <TableCell>
                  {v.struck ? t`Put aside.` : v.why !== null && <Words phrase={v.why} />}
                  {!v.struck && v.clearlyOff && (
                    <strong>
                      <Trans> Clearly off.</Trans>
                    </strong>
                  )}
                </TableCell>
                <TableCell align="right">
                  <Button
                    disabled={busy}
                    aria-label={`${v.struck ? t`Bring back` : t`Put aside`} ${v.name}`}
                    onClick={() => onStrike(v)}
                  >
                    {v.struck ? t`Bring back` : t`Put aside`}
                  </Button>
                </TableCell>
              </TableRow>
            ))}
          </TableBody>
        </Table>
      </Box>
    </Box>
  );
}
