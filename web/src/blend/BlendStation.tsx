import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Box, FormControlLabel, Switch, ToggleButton, ToggleButtonGroup, Typography, useTheme } from '@mui/material';
import { useEffect, useMemo, useRef, useState } from 'react';
import { useSearchParams } from 'react-router';
import type { JobPlan, BodyShape } from '../api/types';
import { Meaning } from '../bench/Meaning';
import type { BenchHandle } from '../bench/useBench';
import { useSimulation } from '../bench/useSimulation';
import { CareSteps } from '../kit/CareSteps';
import { useUnits } from '../kit/preferences';
import { Empty } from '../kit/States';
import { BodyMap } from '../map/BodyMap';
import type { Pair } from '../map/geometry';
import { planCentre, PlanLayers } from '../map/PlanLayers';
import { FlatWalkLayer, LookPanel } from '../walk/FlatWalk';
import { LightWalk } from '../walk/LightWalk';
import type { Look } from '../walk/paint';
import { standFrom, standText, type Stand } from '../walk/stand';
import { useWalk } from '../walk/useWalk';
import { BlendToolbar } from './BlendToolbar';
import { ClearEdge } from './ClearEdge';
import { CoatCard } from './CoatCard';
import { CutChart } from './CutChart';
import { CutLine } from './CutLine';
import { Guns } from './Guns';
import { Handles } from './Handles';
import { NeedLine } from './NeedLine';
import { lineFrom } from './picture';
import { CoatTable, PanelTable, ZoneTable } from './PlanTables';
import { ReachChart } from './ReachChart';
import { Schools } from './Schools';
import { LayerCoats } from './LayerCoats';
import { Offers } from './Offers';
import { PeelScale } from './PeelScale';
import { SeenBanner } from './SeenBanner';
import { Sides } from './Sides';
import { useCut } from './useSimulation';

type Mode = 'contours' | 'walk' | 'cut';

const MODES: readonly { key: Mode; name: string }[] = [
  { key: 'contours', name: t`Contours` },
  { key: 'walk', name: t`Light walk` },
  { key: 'cut', name: t`Cross-cut` },
];

interface View {
  mode: Mode;
  look: Look;
  cut: readonly [Pair, Pair] | null;
  /** where one stands in the light walk; null: where the most is seen */
  stand: Stand | null;
  flat: boolean;
}

/** Sliders and drags come faster than an address can follow. */
const ADDRESS_MS = 150;

/** What is looked at; the address follows, so that it can be sent to somebody. */
function useView() {
  const [params, setParams] = useSearchParams();
  const [view, setView] = useState<View>(() => {
    const asked = params.get('view');
    return {
      mode: asked === 'walk' || asked === 'cut' ? asked : 'contours',
      look: {
        angle: Math.round(Number(params.get('angle') ?? 45)) || 45,
        distance: Number(params.get('from') ?? 5) || 5,
        times: params.get('times') === '4' ? 4 : 1,
      },
      cut: lineFrom(params.get('cut')),
      stand: standFrom(params.get('stand')),
      flat: params.get('flat') === '1',
    };
  });
  const { mode, look, cut, stand, flat } = view;
  const address =
    mode === 'contours'
      ? ''
      : new URLSearchParams({
          view: mode,
          angle: String(look.angle),
          from: String(look.distance),
          times: String(look.times),
          ...(cut === null
            ? {}
            : {
                cut: cut
                  .flat()
                  .map((v) => Math.round(v))
                  .join(','),
              }),
          ...(stand === null ? {} : { stand: standText(stand) }),
          ...(flat ? { flat: '1' } : {}),
        }).toString();
  const latest = useRef({ setParams, now: params.toString() });
  useEffect(() => {
    latest.current = { setParams, now: params.toString() };
  });
  useEffect(() => {
    // An address that says so already is left alone: somebody may just be on the way to another page.
    if (latest.current.now === address) {
      return undefined;
    }
    const timer = setTimeout(
      () => latest.current.setParams(new URLSearchParams(address), { replace: true }),
      ADDRESS_MS,
    );
    return () => clearTimeout(timer);
  }, [address]);
  return {
    ...view,
    setMode: (to: Mode) => setView((v) => ({ ...v, mode: to })),
    setLook: (to: Look) => setView((v) => ({ ...v, look: to })),
    setStand: (to: Stand) => setView((v) => ({ ...v, stand: to })),
    setFlat: (to: boolean) => setView((v) => ({ ...v, flat: to })),
    setCut: (to: readonly [Pair, Pair]) => setView((v) => ({ ...v, cut: to })),
  };
}

function ModeButtons({ mode, onMode }: { mode: Mode; onMode: (mode: Mode) => void }) {
  return (
    <ToggleButtonGroup
      exclusive
      value={mode}
      aria-label={t`What the map shows`}
      onChange={(_, to: Mode | null) => to !== null && onMode(to)}
      sx={{ py: 0.5 }}
    >
      {MODES.map((m) => (
        <ToggleButton key={m.key} value={m.key}>
          {m.name}
        </ToggleButton>
      ))}
    </ToggleButtonGroup>
  );
}

function FlatSwitch({ flat, onFlat }: { flat: boolean; onFlat: (flat: boolean) => void }) {
  return (
    <FormControlLabel
      sx={{ minHeight: 44, m: 0, alignSelf: 'center' }}
      control={<Switch checked={flat} onChange={(_, on) => onFlat(on)} />}
      label={t`Flat map`}
    />
  );
}

export function BlendStation({ handle, body }: { handle: BenchHandle; body: BodyShape }) {
  const { document, plan } = handle;
  const { tokens } = useTheme();
  const units = useUnits();
  const [chosen, setChosen] = useState<string | null>(null);
  const view = useView();
  const inPlay = useMemo(() => new Set(plan.panels.map((p) => p.id)), [plan.panels]);
  // The view belongs to the saved plan: it must not jump while a contour is being dragged.
  const nearby = useMemo(() => spotBox(handle.bench.plan), [handle.bench.plan]);
  const focus = useMemo(() => handle.bench.plan.panels.map((p) => p.id).sort(), [handle.bench.plan.panels]);
  const empty = document.repairs.length === 0;
  const simulation = useSimulation(handle.bench.id, document, !empty);
  const seen = simulation.data;
  const walk = useWalk(handle.bench.id, document, view.mode === 'walk' && !empty);
  const [missing, setMissing] = useState(false);
  const flat = view.flat || missing;
  const [cx, cy] = planCentre(document, body);
  const across = plan.need.blend.value + 120;
  const coat = plan.coats.find((c) => c.id === chosen) ?? null;
  const line =
    view.cut ??
    ([
      [cx - across, cy],
      [cx + across, cy],
    ] as const);
  const cut = useCut(handle.bench.id, document, view.mode === 'cut' && !empty ? line : null, view.look);
  return (
    <Box sx={{ display: 'flex', flexGrow: 1, flexDirection: { xs: 'column', lg: 'row' }, minHeight: 0 }}>
      <Box sx={{ flexGrow: 1, minWidth: 0, overflowY: { lg: 'auto' } }} tabIndex={-1}>
        <BlendToolbar handle={handle} />
        {!empty && <NeedLine handle={handle} />}
        {empty ? (
          <Empty title={t`No repair yet`}>
            <Trans>Place a repair in station 1, Car. The blend is computed at once.</Trans>
          </Empty>
        ) : (
          <>
            <Box
              sx={{
                position: 'relative',
                display: 'flex',
                flexDirection: 'column',
                height:
                  view.mode === 'walk' && !flat
                    ? { xs: 'auto', md: 'max(440px, calc(100dvh - 330px))' }
                    : { xs: 380, md: 'max(300px, calc(100dvh - 500px))' },
              }}
            >
              {view.mode === 'walk' && !flat ? (
                <Box sx={{ height: { xs: 460, md: '100%' }, display: 'flex', flexDirection: 'column' }}>
                  {walk.data !== undefined && seen !== undefined && (
                    <LightWalk
                      walk={walk.data}
                      body={body}
                      inPlay={focus}
                      middle={[cx, cy]}
                      worst={seen.worst}
                      stand={view.stand}
                      times={view.look.times}
                      busy={walk.isPlaceholderData || simulation.isPlaceholderData}
                      onStand={view.setStand}
                      onTimes={(times) => view.setLook({ ...view.look, times })}
                      onMissing={() => setMissing(true)}
                      extra={<FlatSwitch flat={flat} onFlat={view.setFlat} />}
                    >
                      <ModeButtons mode={view.mode} onMode={view.setMode} />
                    </LightWalk>
                  )}
                </Box>
              ) : (
                <BodyMap
                  body={body}
                  label={t`Blend map: reach of each coat as contour lines`}
                  inPlay={inPlay}
                  focus={focus}
                  nearby={nearby}
                  paint={handle.bench.paint}
                  upright={document.repairs[0]?.panel ?? null}
                  controls={<ModeButtons mode={view.mode} onMode={view.setMode} />}
                >
                  {({ mmPerPx: px, toMm, turn }) => (
                    <>
                      {view.mode === 'walk' && walk.data !== undefined ? (
                        <FlatWalkLayer
                          walk={walk.data}
                          look={view.look}
                          body={body}
                          repairs={document.repairs}
                          px={px}
                          turn={turn}
                          ink={tokens.ink}
                        />
                      ) : (
                        <PlanLayers
                          plan={plan}
                          document={document}
                          body={body}
                          px={px}
                          units={units}
                          turn={turn}
                          paint={handle.bench.paint}
                          chosen={chosen}
                        />
                      )}
                      {view.mode === 'contours' && (
                        <Handles
                          handle={handle}
                          body={body}
                          px={px}
                          toMm={toMm}
                          turn={turn}
                          chosen={chosen}
                          onChoose={setChosen}
                        />
                      )}
                      {view.mode === 'cut' && (
                        <CutLine line={line} px={px} toMm={toMm} turn={turn} onChange={view.setCut} />
                      )}
                    </>
                  )}
                </BodyMap>
              )}
            </Box>
            {view.mode === 'walk' && flat && seen !== undefined && (
              <LookPanel simulation={seen} look={view.look} onLook={view.setLook} busy={simulation.isPlaceholderData}>
                {missing ? (
                  <Typography variant="body2">
                    <Trans>This browser draws no perspective.</Trans>
                  </Typography>
                ) : (
                  <FlatSwitch flat={flat} onFlat={view.setFlat} />
                )}
              </LookPanel>
            )}
            {view.mode === 'cut' && cut.data !== undefined && seen !== undefined && (
              <>
                <LookPanel
                  simulation={seen}
                  look={view.look}
                  onLook={view.setLook}
                  busy={simulation.isPlaceholderData}
                />
                <CutChart cut={cut.data} busy={cut.isPlaceholderData} />
              </>
            )}
            <ReachChart handle={handle} chosen={chosen} onChoose={setChosen} />
            <Box sx={{ p: { xs: 2, md: 3 }, display: 'flex', flexDirection: 'column', gap: 4 }}>
              <Schools handle={handle} />
              {seen !== undefined && seen.layer !== null && <LayerCoats layer={seen.layer} />}
              <Offers handle={handle} />
              <Guns handle={handle} />
              <ClearEdge handle={handle} />
              <Sides handle={handle} body={body} />
              {plan.care.length > 0 && (
                <Box component="section" aria-label={t`For this repair`}>
                  <Typography variant="h2" sx={{ mb: 1 }}>
                    <Trans>For this repair</Trans>
                  </Typography>
                  <CareSteps care={plan.care} below={(key) => key === 'texture' && <PeelScale handle={handle} />} />
                </Box>
              )}
              <PanelTable plan={plan} />
              <ZoneTable plan={plan} body={body} />
              <CoatTable plan={plan} />
            </Box>
          </>
        )}
      </Box>
      <Meaning
        plan={plan}
        headless={!empty}
        glance={seen?.says}
        where={(at) => at.startsWith('zone:') || at.startsWith('coat:')}
      >
        {!empty && <CoatCard handle={handle} coat={coat} onChoose={setChosen} />}
        {seen !== undefined && !empty && (
          <SeenBanner handle={handle} simulation={seen} busy={simulation.isPlaceholderData} />
        )}
      </Meaning>
    </Box>
  );
}

/** Around all that is sprayed where the clear ends inside a panel; null where panels are cleared whole. */
function spotBox(plan: JobPlan): number[] | null {
  const points = plan.clear.fades ? plan.coats.flatMap((c) => c.limits.flatMap((l) => l.rings.flat())) : [];
  if (points.length === 0) {
    return null;
  }
  const xs = points.map(([x = 0]) => x);
  const ys = points.map(([, y = 0]) => y);
  return [Math.min(...xs), Math.min(...ys), Math.max(...xs), Math.max(...ys)];
}
