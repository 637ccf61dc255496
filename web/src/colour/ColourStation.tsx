import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import AddIcon from '@mui/icons-material/Add';
import ColorizeIcon from '@mui/icons-material/ColorizeOutlined';
import DownloadIcon from '@mui/icons-material/FileDownloadOutlined';
import UploadIcon from '@mui/icons-material/FileUploadOutlined';
import { Box, Button, Menu, MenuItem, Snackbar, Stack, Typography } from '@mui/material';
import { useRef, useState } from 'react';
import { useSearchParams } from 'react-router';
import { api, unwrap } from '../api/client';
import type { ColourDesk, ColourSample } from '../api/types';
import { Meaning } from '../bench/Meaning';
import type { BenchHandle } from '../bench/useBench';
import { useUnits } from '../kit/preferences';
import { Empty, Failed, Loading } from '../kit/States';
import { phraseText } from '../kit/units';
import { Bars } from './Bars';
import { CardDialog } from './CardDialog';
import { HowSprayed, ReadingsTable, VariantTable } from './Details';
import { EyeChecks } from './EyeChecks';
import { GatePanel, Lines } from './GatePanel';
import { ImportDialog } from './ImportDialog';
import { LastTimes } from './LastTimes';
import { OnShelf } from './OnShelf';
import { LooksLike } from './LooksLike';
import { LetDownPanel } from './LetDownPanel';
import { MeasureDialog } from './MeasureDialog';
import { Ribbon } from './Ribbon';
import { nearest, ordered, SampleRail } from './SampleRail';
import { TintPanel } from './TintPanel';
import { samplePath, useDesk, useDeskDoer, type DeskDoer } from './useDesk';

export function ColourStation({ handle }: { handle: BenchHandle }) {
  const desk = useDesk(handle.bench.id, handle.bench.version);
  const doer = useDeskDoer(handle.bench.id, handle.bench.version);
  if (desk.data === undefined) {
    return desk.isError ? (
      <Failed error={desk.error} retry={() => void desk.refetch()} />
    ) : (
      <Loading what={t`the colour desk`} />
    );
  }
  return <Desk handle={handle} desk={desk.data} doer={doer} />;
}

type Open =
  | { kind: 'none' }
  | { kind: 'measure'; id: string }
  | { kind: 'card'; id: string | null }
  | { kind: 'file'; file: File };

function Desk({ handle, desk, doer }: { handle: BenchHandle; desk: ColourDesk; doer: DeskDoer }) {
  const units = useUnits();
  const jobId = handle.bench.id;
  const [params, setParams] = useSearchParams();
  const [open, setOpen] = useState<Open>({ kind: 'none' });
  const [struck, setStruck] = useState<ColourSample | null>(null);
  const car = desk.samples.find((s) => s.id === desk.carId) ?? desk.samples.find((s) => s.kind === 'car') ?? null;
  const rail = ordered(desk.samples);
  const chosen =
    rail.find((s) => s.id === params.get('card')) ?? (desk.isLetDownColour ? nearest(rail) : rail[0]) ?? null;
  // At once, not when React finds the time: else "Read this card" still means the card before.
  const choose = (id: string) =>
    setParams(
      (p) => {
        p.set('card', id);
        return p;
      },
      { replace: true, flushSync: true },
    );
  const close = () => {
    doer.forget();
    setOpen({ kind: 'none' });
  };
  const readCar = async () => {
    const answer =
      car === null
        ? await doer.run(() =>
            unwrap(
              api.POST('/api/jobs/{job}/colour/samples', {
                params: { path: { job: jobId } },
                body: { kind: 'car', name: t`The car` },
              }),
            ),
          )
        : desk;
    const there = answer?.samples.find((s) => s.kind === 'car');
    if (there !== undefined) {
      setOpen({ kind: 'measure', id: there.id });
    }
  };
  const strike = (s: ColourSample, to: boolean) => {
    void doer.run(() =>
      unwrap(
        to
          ? api.POST('/api/jobs/{job}/colour/samples/{sample}/strike', samplePath(jobId, s.id))
          : api.POST('/api/jobs/{job}/colour/samples/{sample}/restore', samplePath(jobId, s.id)),
      ),
    );
    setStruck(to ? s : null);
  };
  const card = chosen?.kind === 'card' ? chosen : null;
  const verdict = chosen?.verdict ?? null;
  const measured = open.kind === 'measure' ? desk.samples.find((s) => s.id === open.id) : undefined;
  return (
    <Box sx={{ display: 'flex', flexGrow: 1, minHeight: 0, flexDirection: { xs: 'column', lg: 'row' } }}>
      <Box sx={{ flexGrow: 1, minWidth: 0, overflowY: { lg: 'auto' } }} tabIndex={-1}>
        <Toolbar
          jobId={jobId}
          desk={desk}
          car={car}
          busy={doer.busy}
          onReadCar={() => void readCar()}
          onNewCard={() => setOpen({ kind: 'card', id: null })}
          onFile={(file) => setOpen({ kind: 'file', file })}
          onVariants={() =>
            void doer.run(() =>
              unwrap(api.POST('/api/jobs/{job}/colour/variants', { params: { path: { job: jobId } } })),
            )
          }
        />
        <OnShelf handle={handle} jobId={jobId} read={car?.reading != null} />
        <LooksLike handle={handle} looks={desk.looksLike} />
        <LastTimes job={jobId} colour={handle.document.colour.name} code={handle.document.colour.code ?? ''} />
        {desk.samples.length === 0 ? (
          <Empty title={t`The card against the car`}>
            <Trans>
              Wash and polish a spot near the repair and read the car before sanding dulls it. Then spray a card the way
              the car will be sprayed, and hold it to the car here.
            </Trans>
          </Empty>
        ) : (
          <>
            <SampleRail samples={rail} chosen={chosen?.id ?? null} onChoose={choose} />
            <Ribbon
              car={car?.reading?.angles ?? null}
              card={chosen?.reading?.angles ?? null}
              carName={t`The car`}
              cardName={chosen?.name ?? ''}
              note={
                (car?.simulated === true || chosen?.simulated === true ? t`Simulated, for practice.` + ' ' : '') +
                phraseText(desk.note, units)
              }
            />
            <Stack sx={{ p: { xs: 2, md: 2.5 }, gap: 4 }}>
              {chosen !== null && (
                <Box component="section" aria-label={t`The difference`}>
                  <Stack direction="row" sx={{ alignItems: 'center', gap: 1, flexWrap: 'wrap', mb: 1 }}>
                    <Typography variant="h2" component="p" data-testid="sentence" sx={{ flexGrow: 1 }}>
                      {chosen.comparison !== null
                        ? `${chosen.name}: ${phraseText(chosen.comparison.sentence, units)}`
                        : chosen.reading === null
                          ? t`${chosen.name} is not read yet.`
                          : car?.reading == null
                            ? t`Read the car to compare.`
                            : t`These readings have no angle or light in common.`}
                    </Typography>
                    <Button
                      variant={chosen.reading === null ? 'contained' : 'outlined'}
                      startIcon={<ColorizeIcon />}
                      onClick={() => setOpen({ kind: 'measure', id: chosen.id })}
                    >
                      <Trans>Read {chosen.kind === 'card' ? t`this card` : t`it`}</Trans>
                    </Button>
                    <Button disabled={doer.busy} onClick={() => strike(chosen, !chosen.struck)}>
                      {chosen.struck ? t`Bring back` : t`Put aside`}
                    </Button>
                  </Stack>
                  {chosen.comparison !== null && (
                    <Bars
                      angles={chosen.comparison.angles}
                      flop={chosen.comparison.flop}
                      lamp={chosen.comparison.inLampLight}
                    />
                  )}
                </Box>
              )}
              <LetDownPanel desk={desk} handle={handle} />
              {card !== null && car?.reading != null && card.reading !== null && !desk.isLetDownColour && (
                <TintPanel
                  key={card.id}
                  jobId={jobId}
                  card={card}
                  car={car}
                  doer={doer}
                  onShoot={(id) => {
                    choose(id);
                    setOpen({ kind: 'measure', id });
                  }}
                />
              )}
              {card !== null && (
                <HowSprayed desk={desk} card={card} onEdit={() => setOpen({ kind: 'card', id: card.id })} />
              )}
              <VariantTable
                variants={rail.filter((s) => s.kind === 'variant')}
                busy={doer.busy}
                onStrike={(s) => strike(s, !s.struck)}
                onChoose={choose}
              />
              {card !== null && <EyeChecks jobId={jobId} desk={desk} card={card} doer={doer} />}
              {chosen !== null && <ReadingsTable jobId={jobId} sample={chosen} doer={doer} />}
              {car !== null && <ReadingsTable jobId={jobId} sample={car} doer={doer} />}
            </Stack>
          </>
        )}
      </Box>
      <Meaning
        plan={handle.plan}
        where={(at) => at === 'coat:base-1'}
        instead={
          verdict !== null
            ? { says: verdict.says, severity: verdict.grade === 'not-yet' ? 'look-out' : 'note' }
            : {
                says: {
                  text: desk.carId === null ? t`Read the car first.` : t`Spray a card and read it.`,
                  values: {},
                  plain: '',
                },
                severity: 'note',
              }
        }
      >
        <Box sx={{ mt: 1.5 }}>
          {car !== null && <Lines phrases={car.questions} severity="look-out" />}
          {chosen !== null && <Lines phrases={chosen.questions} severity="look-out" />}
        </Box>
        <GatePanel jobId={jobId} desk={desk} card={card} doer={doer} />
      </Meaning>
      {measured !== undefined && (
        <MeasureDialog jobId={jobId} desk={desk} sample={measured} doer={doer} onClose={close} />
      )}
      {open.kind === 'card' && (
        <CardDialog
          jobId={jobId}
          desk={desk}
          card={desk.samples.find((s) => s.id === open.id) ?? null}
          doer={doer}
          onClose={close}
          onDone={(id) => {
            close();
            choose(id);
          }}
        />
      )}
      {open.kind === 'file' && (
        <ImportDialog jobId={jobId} file={open.file} desk={desk} onClose={close} onTaken={doer.reload} />
      )}
      <Snackbar
        open={struck !== null}
        autoHideDuration={8000}
        onClose={(_, why) => {
          if (why !== 'clickaway') {
            setStruck(null);
          }
        }}
        message={t`${struck?.name ?? ''} was put aside.`}
        action={
          <Button
            sx={{ color: 'inherit' }}
            onClick={() => {
              if (struck !== null) {
                strike(struck, false);
              }
            }}
          >
            <Trans>Undo</Trans>
          </Button>
        }
      />
    </Box>
  );
}

interface ToolbarProps {
  jobId: string;
  desk: ColourDesk;
  car: ColourSample | null;
  busy: boolean;
  onReadCar: () => void;
  onNewCard: () => void;
  onVariants: () => void;
  onFile: (file: File) => void;
}

function Toolbar({ jobId, desk, car, busy, onReadCar, onNewCard, onVariants, onFile }: ToolbarProps) {
  const input = useRef<HTMLInputElement>(null);
  const [menu, setMenu] = useState<HTMLElement | null>(null);
  const unread = car?.reading == null;
  return (
    <Stack
      direction="row"
      className="no-print"
      sx={{ gap: 1, p: 1.25, flexWrap: 'wrap', borderBottom: (t) => `1px solid ${t.tokens.line}` }}
    >
      <Button
        variant={unread ? 'contained' : 'outlined'}
        startIcon={<ColorizeIcon />}
        disabled={busy}
        onClick={onReadCar}
      >
        <Trans>Read the car</Trans>
      </Button>
      <Button variant={unread ? 'outlined' : 'contained'} startIcon={<AddIcon />} onClick={onNewCard}>
        <Trans>New card</Trans>
      </Button>
      {desk.hasVariants && (
        <Button variant="outlined" disabled={busy} onClick={onVariants}>
          <Trans>Lay out the variants</Trans>
        </Button>
      )}
      <Box sx={{ flexGrow: 1 }} />
      <Button startIcon={<UploadIcon />} onClick={() => input.current?.click()}>
        <Trans>From a file</Trans>
      </Button>
      <input
        ref={input}
        hidden
        type="file"
        aria-label={t`Readings file`}
        accept=".csv,.txt,.cxf,.xml,.cgats,text/csv,text/plain,application/xml"
        onChange={(event) => {
          const file = event.target.files?.[0];
          if (file !== undefined) {
            onFile(file);
          }
          event.target.value = '';
        }}
      />
      {desk.samples.some((s) => s.reading !== null) && (
        <>
          <Button startIcon={<DownloadIcon />} aria-haspopup="menu" onClick={(e) => setMenu(e.currentTarget)}>
            <Trans>To a file</Trans>
          </Button>
          <Menu anchorEl={menu} open={menu !== null} onClose={() => setMenu(null)}>
            {(
              [
                ['csv', 'CSV'],
                ['cgats', t`CGATS text`],
                ['cxf', 'CxF'],
              ] as const
            ).map(([format, name]) => (
              <MenuItem
                key={format}
                component="a"
                href={`/api/jobs/${jobId}/colour/file?format=${format}`}
                download
                onClick={() => setMenu(null)}
              >
                {name}
              </MenuItem>
            ))}
          </Menu>
        </>
      )}
    </Stack>
  );
}
