import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Box, Stack, Typography, useTheme } from '@mui/material';
import { useMemo, type ReactNode } from 'react';
import { useShelf } from '../api/queries';
import type { Bench, BodyShape } from '../api/types';
import { useSimulation } from '../bench/useSimulation';
import { useGrams, useUnits } from '../kit/preferences';
import { SeverityMark } from '../kit/SeverityMark';
import { formatMm, formatQuantity, phraseText } from '../kit/units';
import { tell } from '../language/tell';
import { chartScale, fadePath, type ChartScale } from '../map/chart';
import { Trim } from '../map/BodyMap';
import { ringsPath, scaleBar, viewAround, linePath } from '../map/geometry';
import { planCentre, PlanLayers } from '../map/PlanLayers';
import { turnedBox, turnOf } from '../map/turn';
import { useWalk } from '../walk/useWalk';
import { WalkPicture } from '../walk/WalkPicture';

interface Props {
  bench: Bench;
  body: BodyShape;
  /** All on one page, or the coats on the first and the rest on the second. */
  part: 'all' | 'coats' | 'rest';
}

const SMALL = { fontSize: '8.6pt', lineHeight: 1.32 };

const TABLES = {
  '& table': { borderCollapse: 'collapse', width: '100%' },
  '& th': {
    textAlign: 'left',
    fontSize: '7.6pt',
    fontWeight: 600,
    color: '#444',
    borderBottom: '0.3mm solid #000',
    p: '0.4mm 1.2mm 0.4mm 0',
  },
  '& td': { ...SMALL, borderBottom: '0.15mm solid #999', p: '0.7mm 1.2mm 0.7mm 0', verticalAlign: 'top' },
};

/**
 * The sequence, printed: the one sentence, the map, the coats with their waits, the cups, the preparation and what to
 * look out for.
 */
export function SheetContent({ bench, body, part }: Props) {
  const { plan } = bench;
  return (
    <Stack sx={{ height: '100%', gap: '2.6mm', ...TABLES }}>
      <SheetHead bench={bench} />
      {part !== 'rest' && (
        <>
          <Stack direction="row" sx={{ flexGrow: 1, minHeight: '48mm', gap: '3mm', alignItems: 'stretch' }}>
            <Box sx={{ flex: '1.7 1 0', minWidth: 0, border: '0.3mm solid #000' }}>
              <SheetMap bench={bench} body={body} />
            </Box>
            <SheetPicture bench={bench} body={body} />
          </Stack>
          <SheetCoats plan={plan} />
        </>
      )}
      {part !== 'coats' && (
        <>
          <SheetCups bench={bench} />
          <SheetRemarks plan={plan} />
        </>
      )}
      <Typography
        sx={{ fontSize: '7.6pt', borderTop: '0.3mm solid #000', pt: '1mm', mt: part === 'rest' ? 'auto' : 0 }}
      >
        {tell(plan.always)}
      </Typography>
    </Stack>
  );
}

function SheetHead({ bench }: { bench: Bench }) {
  const units = useUnits();
  const schools = useShelf().data?.schools ?? [];
  const { document, plan } = bench;
  const { car, colour, booth } = document;
  const way = schools.find((s) => s.key === plan.school)?.name ?? plan.school;
  const card = plan.stations.find((s) => s.id === 'booth');
  return (
    <>
      <Stack direction="row" sx={{ alignItems: 'flex-end', borderBottom: '0.6mm solid #000', pb: '1.2mm', gap: 2 }}>
        <Box sx={{ flexGrow: 1 }}>
          <Typography component="h1" sx={{ fontSize: '19pt', fontWeight: 700, lineHeight: 1.1 }}>
            {car.label} {car.plate}
            {(car.order ?? '') !== '' && (
              <Box component="span" sx={{ fontSize: '11pt', fontWeight: 400 }}>
                {' '}
                <Trans>order {car.order}</Trans>
              </Box>
            )}
          </Typography>
          <Typography sx={{ fontSize: '11pt', lineHeight: 1.3 }}>
            <Trans>
              {colour.name}
              {colour.code ? `, ${colour.code}` : ''}. Booth{' '}
              {formatQuantity({ value: booth.temperatureC, unit: 'degC' }, units)},{' '}
              {formatQuantity({ value: booth.humidityPercent, unit: '%' }, units)}. Reducer: {tell(plan.reducer.words)}.
            </Trans>
          </Typography>
          <Typography sx={{ fontSize: '9.6pt', lineHeight: 1.3 }}>
            {way}
            {plan.edited ? t`, changed for this car` : ''}.
            {colour.undercoatShade == null ? '' : t` Grey shade ${colour.undercoatShade} under it.`}{' '}
            {card === undefined ? t`Card not passed` : t`Booth ${phraseText(card.state, units)}`}.
            {(plan.simulated || plan.practice) && (
              <strong>
                <Trans> Simulated, for practice: paint no car by this sheet.</Trans>
              </strong>
            )}
          </Typography>
        </Box>
        <Typography sx={{ fontSize: '8pt', textAlign: 'right' }}>
          <Trans>
            Booth sheet, plan version {bench.version}
            <br />
            {new Intl.DateTimeFormat(undefined, { dateStyle: 'medium', timeStyle: 'short' }).format(
              new Date(bench.changedAt),
            )}
          </Trans>
        </Typography>
      </Stack>
      <Stack direction="row" sx={{ gap: '2mm', alignItems: 'center' }}>
        <SeverityMark severity={plan.severity} size={22} />
        <Typography sx={{ fontSize: '13pt', fontWeight: 680, lineHeight: 1.2 }}>
          {phraseText(plan.verdict, units)}
        </Typography>
      </Stack>
    </>
  );
}

/** The reach chart, a row of it in each coat's line: how far it goes and how it fades. */
function ReachBar({ coat, scale }: { coat: Bench['plan']['coats'][number]; scale: ChartScale }) {
  return (
    <svg viewBox="0 0 100 12" width="24mm" height="2.9mm" preserveAspectRatio="none" aria-hidden="true">
      {coat.reach === null ? (
        <path d="M0 6H100" stroke="#000" strokeWidth={1.2} strokeDasharray="4 3" />
      ) : (
        <path d={fadePath(coat, scale, 11, 10)} fill="#000" fillOpacity={coat.colour ? 0.75 : 0.35} />
      )}
      <path d="M0 11.5H100" stroke="#000" strokeWidth={0.8} />
    </svg>
  );
}

function SheetCoats({ plan }: { plan: Bench['plan'] }) {
  const units = useUnits();
  const scale = chartScale(plan, 0, 100);
  return (
    <>
      <table>
        <thead>
          <tr>
            <th>
              <Trans>Coat</Trans>
            </th>
            <th>
              <Trans>In the gun</Trans>
            </th>
            <th colSpan={2}>
              <Trans>Reach past primer</Trans>
            </th>
            <th>
              <Trans>Gun</Trans>
            </th>
            <th>
              <Trans>Cup</Trans>
            </th>
            <th>
              <Trans>Then wait</Trans>
            </th>
            <th style={{ width: '8mm' }}>
              <Trans>Done</Trans>
            </th>
          </tr>
        </thead>
        <tbody>
          {plan.coats.map((c) => {
            const amount = plan.cups.flatMap((k) => k.coats).find((a) => a.coat === c.id);
            return (
              <tr key={c.id}>
                <td>
                  <strong style={{ fontSize: '10.5pt' }}>{c.name}</strong>
                </td>
                <td>{c.mixture}</td>
                <td>
                  <strong style={{ fontSize: '10.5pt' }}>
                    {c.reach === null ? t`whole panel` : formatQuantity(c.reach, units)}
                  </strong>
                  {c.moved ? t`, by hand` : ''}
                </td>
                <td style={{ width: '25mm' }}>
                  <ReachBar coat={c} scale={scale} />
                </td>
                <td>
                  {[c.gun.pressure, c.gun.distance, c.gun.overlap].map((q) => formatQuantity(q, units)).join(', ')}
                </td>
                <td>{amount === undefined ? '–' : formatQuantity(amount.volume, units)}</td>
                <td>
                  {tell(c.drying)}, {formatQuantity(c.wait, units)}
                </td>
                <td>☐</td>
              </tr>
            );
          })}
        </tbody>
      </table>
      <Typography sx={{ fontSize: '9.6pt', fontWeight: 640 }}>
        {phraseText(plan.flash.rule, units)}{' '}
        <Box component="span" sx={{ fontWeight: 400 }}>
          <Trans>Between base coats; look, do not count. The card is held to the car once more before clear.</Trans>
        </Box>
      </Typography>
    </>
  );
}

function SheetCups({ bench }: { bench: Bench }) {
  const units = useUnits();
  const weight = useGrams();
  const { plan } = bench;
  const preparation = [...new Map(plan.zones.map((z) => [z.kind, z])).values()];
  return (
    <Box sx={{ display: 'grid', gridTemplateColumns: '1.15fr 1fr', gap: '5mm' }}>
      <Part title={t`Cups`}>
        <table>
          <thead>
            <tr>
              <th>
                <Trans>Cup</Trans>
              </th>
              <th>
                <Trans>Pour, in order (what the scale shows)</Trans>
              </th>
            </tr>
          </thead>
          <tbody>
            {plan.cups.map((cup) => (
              <tr key={cup.id}>
                <td>
                  <strong>{cup.name}</strong>
                  <br />
                  {cup.count > 1 ? `${cup.count} × ` : ''}
                  {formatQuantity({ value: cup.total.value / cup.count, unit: 'ml' }, units)}, {cup.mixture}
                </td>
                <td>{cup.pours.map((p) => t`${p.component} to ${weight(p.cumulativeGrams)}`).join(', ')}</td>
              </tr>
            ))}
          </tbody>
        </table>
        {bench.formula !== null && (
          <Typography sx={{ ...SMALL, mt: '0.8mm' }}>
            <strong>
              <Trans>Formula {bench.formula.number}:</Trans>
            </strong>{' '}
            {bench.formula.toners.map((t) => `${t.name} ${weight(t.grams)}`).join(', ')}
            {bench.formula.layer.length > 0 &&
              t`; effect layer ${bench.formula.layer.map((t) => `${t.name} ${weight(t.grams)}`).join(', ')}`}
            <Trans>. For {bench.formula.totalGrams.toFixed(0)} g.</Trans>
          </Typography>
        )}
      </Part>
      <Part title={t`Preparation`}>
        <table>
          <tbody>
            {preparation.map((z) => (
              <tr key={z.kind}>
                <td>
                  <strong>{tell(z.words)}</strong>
                </td>
                <td>{tell(z.preparation)}</td>
              </tr>
            ))}
          </tbody>
        </table>
      </Part>
    </Box>
  );
}

function SheetRemarks({ plan }: { plan: Bench['plan'] }) {
  const units = useUnits();
  const cautions = [...new Map(plan.cautions.map((c) => [c.id, c])).values()];
  return (
    <>
      {plan.clear.edge !== null && (
        <Part title={t`The edge of the clear`}>
          <Box component="ol" sx={{ m: 0, mb: '1mm', pl: '5mm', ...SMALL }}>
            {plan.clear.edge.after.map((step) => (
              <li key={step.text}>{phraseText(step, units)}</li>
            ))}
            <li>
              <Trans>For the customer:</Trans> {phraseText(plan.clear.edge.customer, units)}
            </li>
          </Box>
        </Part>
      )}
      {plan.care.length > 0 && (
        <Part title={t`For this repair`}>
          <Box sx={{ columnCount: 2, columnGap: '5mm', ...SMALL }}>
            {plan.care.map((c) => (
              <Box key={c.key} component="p" sx={{ m: 0, mb: '1mm', breakInside: 'avoid' }}>
                <strong>{phraseText(c.title, units)}:</strong> {c.steps.map((s) => phraseText(s, units)).join(' ')}
              </Box>
            ))}
          </Box>
        </Part>
      )}
      <Part title={t`Look out`}>
        <Box component="ul" sx={{ m: 0, pl: '4mm', columnCount: 2, columnGap: '5mm', ...SMALL }}>
          {plan.warnings.map((w, i) => (
            <li key={i}>{phraseText(w.says, units)}</li>
          ))}
          {cautions.map((c) => (
            <li key={c.id}>
              <strong>{tell(c.title)}:</strong> {tell(c.says)}
            </li>
          ))}
        </Box>
      </Part>
    </>
  );
}

function Part({ title, children }: { title: string; children: ReactNode }) {
  return (
    <Box>
      <Typography component="h2" sx={{ fontSize: '10pt', fontWeight: 700, lineHeight: 1.2, mb: '0.6mm' }}>
        {title}
      </Typography>
      {children}
    </Box>
  );
}

/** What would be seen of it from where the most is, for the wall and for the customer. */
function SheetPicture({ bench, body }: { bench: Bench; body: BodyShape }) {
  const { tokens } = useTheme();
  const units = useUnits();
  const some = bench.document.repairs.length > 0;
  const seen = useSimulation(bench.id, bench.document, some).data;
  const walk = useWalk(bench.id, bench.document, some).data;
  const inPlay = useMemo(() => bench.plan.panels.map((p) => p.id), [bench.plan.panels]);
  const middle = useMemo(() => planCentre(bench.document, body), [bench.document, body]);
  if (seen === undefined || walk === undefined) {
    return null;
  }
  const from = `${formatMm(seen.worst.distanceM * 1000, units)}, ${seen.worst.from}`;
  return (
    <Stack sx={{ flex: '1 1 0', minWidth: 0, gap: '0.8mm', '&:not(:has(img))': { display: 'none' } }}>
      <Box sx={{ flexGrow: 1, minHeight: 0, position: 'relative', '& img': { position: 'absolute', inset: 0 } }}>
        <WalkPicture
          walk={walk}
          body={body}
          inPlay={inPlay}
          middle={middle}
          worst={seen.worst}
          surround={tokens.plate}
          floor={tokens.floor}
          alt={t`What you would see from ${from}`}
        />
      </Box>
      <Typography sx={SMALL}>
        <Trans>
          What you would see from {from}: {phraseText(seen.says, units)} A print is no colour reference.
        </Trans>
      </Typography>
    </Stack>
  );
}

/** The blend map without anything to press, drawn for paper: 1000 units across whatever it shows. */
function SheetMap({ bench, body }: { bench: Bench; body: BodyShape }) {
  const { tokens } = useTheme();
  const units = useUnits();
  const inPlay = new Set(bench.plan.panels.map((p) => p.id));
  const first = body.panels.find((p) => p.id === bench.document.repairs[0]?.panel);
  const turn = first === undefined ? 0 : turnOf(first, body);
  const boxes = body.panels.filter((p) => inPlay.has(p.id)).map((p) => turnedBox(p.box, turn));
  const view = viewAround(boxes.length > 0 ? boxes : [body.box], 70, 1.7);
  const px = view.w / 470;
  const bar = scaleBar(view.w * 0.2, units === 'us');
  return (
    <svg
      viewBox={`${view.x} ${view.y} ${view.w} ${view.h}`}
      style={{ width: '100%', height: '100%', display: 'block' }}
      role="img"
      aria-label={t`Blend map`}
    >
      <defs>
        <pattern id="bed" width={9 * px} height={9 * px} patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
          <line x1="0" y1="0" x2="0" y2={9 * px} stroke="#999" strokeWidth={px} />
        </pattern>
      </defs>
      <g transform={`rotate(${turn})`}>
        <Trim
          trim={body.trim.filter((t) => t.kind !== 'handle' && t.kind !== 'lamp')}
          px={px}
          ink="#777"
          fill="#f2f2f2"
        />
        {body.panels.map((p) => (
          <path
            key={p.id}
            d={ringsPath([p.outline])}
            fill={inPlay.has(p.id) ? '#fff' : '#e6e6e6'}
            stroke="#555"
            strokeWidth={px}
          />
        ))}
        {body.panels.flatMap((p) =>
          p.bodyLines.map((l) => (
            <path key={p.id + l.name} d={linePath(l.points)} fill="none" stroke="#999" strokeWidth={px} />
          )),
        )}
        <PlanLayers plan={bench.plan} document={bench.document} body={body} px={px} units={units} turn={turn} print />
      </g>
      {body.panels
        .filter((p) => inPlay.has(p.id))
        .map((p) => (
          <text
            key={p.id}
            x={((turnedBox(p.box, turn)[0] ?? 0) + (turnedBox(p.box, turn)[2] ?? 0)) / 2}
            y={(turnedBox(p.box, turn)[3] ?? 0) - 16 * px}
            fontSize={13 * px}
            fontWeight="640"
            textAnchor="middle"
            fill={tokens.ink}
            stroke="#fff"
            strokeWidth={4 * px}
            paintOrder="stroke"
          >
            {p.name}
          </text>
        ))}
      <g transform={`translate(${view.x + 14 * px} ${view.y + view.h - 14 * px})`}>
        <path d={`M0 ${-6 * px} V0 H${bar} V${-6 * px}`} fill="none" stroke="#000" strokeWidth={1.5 * px} />
        <text x={bar / 2} y={-6 * px} fontSize={12 * px} textAnchor="middle">
          {formatMm(bar, units)}
        </text>
      </g>
    </svg>
  );
}
