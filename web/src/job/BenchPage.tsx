import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import EditIcon from '@mui/icons-material/EditOutlined';
import DownloadIcon from '@mui/icons-material/FileDownloadOutlined';
import PrintIcon from '@mui/icons-material/PrintOutlined';
import RedoIcon from '@mui/icons-material/Redo';
import UndoIcon from '@mui/icons-material/Undo';
import { Box, Button, IconButton, Stack, Tooltip, Typography } from '@mui/material';
import { useEffect, useState } from 'react';
import { Navigate, useNavigate, useParams } from 'react-router';
import { useBody } from '../api/queries';
import { JobDetails } from '../bench/JobDetails';
import { Spine } from '../bench/Spine';
import { useBench, type BenchHandle, type SaveState } from '../bench/useBench';
import { BoothStation } from '../booth/BoothStation';
import { BlendStation } from '../blend/BlendStation';
import { CarStation } from '../car/CarStation';
import { ColourStation } from '../colour/ColourStation';
import { CupsStation } from '../cups/CupsStation';
import { LookBackStation } from '../lookback/LookBackStation';
import { useUnits } from '../kit/preferences';
import { SeverityMark } from '../kit/SeverityMark';
import { isTyping, singleKeys } from '../kit/shortcuts';
import { Failed, Loading } from '../kit/States';
import { isStation, STATIONS, type StationId } from '../kit/stations';
import { faultText } from '../kit/units';

export function BenchPage() {
  const { id = '', station } = useParams();
  const loaded = useBench(id);
  if (!isStation(station)) {
    return <Navigate to={`/jobs/${id}/car`} replace />;
  }
  switch (loaded.state) {
    case 'loading':
      return <Loading what={t`the job`} />;
    case 'failed':
      return <Failed error={loaded.error} retry={loaded.retry} />;
    case 'ready':
      return <Bench id={id} station={station} handle={loaded.handle} />;
  }
}

function Bench({ id, station, handle }: { id: string; station: StationId; handle: BenchHandle }) {
  const navigate = useNavigate();
  const body = useBody(handle.document.car);
  const [details, setDetails] = useState(false);
  const { undo, redo } = handle;
  useEffect(() => {
    const keys = (event: KeyboardEvent) => {
      if (isTyping(event)) {
        return;
      }
      const key = event.key.toLowerCase();
      if (event.ctrlKey || event.metaKey) {
        if (key === 'z' || key === 'y') {
          event.preventDefault();
          (key === 'y' || event.shiftKey ? redo : undo)();
        }
        return;
      }
      if (!singleKeys()) {
        return;
      }
      const to = STATIONS.find((s) => s.key === key);
      if (to !== undefined) {
        void navigate(`/jobs/${id}/${to.id}`);
      } else if (key === 'p') {
        void navigate(`/jobs/${id}/sheet`);
      }
    };
    window.addEventListener('keydown', keys);
    return () => window.removeEventListener('keydown', keys);
  }, [id, navigate, undo, redo]);
  const { car, colour } = handle.document;
  return (
    <Box
      sx={{
        display: 'flex',
        flexDirection: { xs: 'column', md: 'row' },
        flexGrow: 1,
        minHeight: 0,
        height: { lg: '100%' },
      }}
    >
      <title>{t`${STATIONS.find((s) => s.id === station)?.name ?? ''}, ${car.label} ${car.plate ?? ''}, Kalopsis`}</title>
      <Spine jobId={id} states={handle.plan.stations} />
      <Box sx={{ flexGrow: 1, minWidth: 0, minHeight: 0, display: 'flex', flexDirection: 'column' }}>
        <Stack
          direction="row"
          className="no-print"
          sx={{
            alignItems: 'center',
            gap: 1,
            px: 2,
            py: 0.5,
            borderBottom: (t) => `1px solid ${t.tokens.line}`,
            backgroundColor: (t) => t.tokens.surface,
            flexWrap: 'wrap',
          }}
        >
          <Typography component="h1" variant="h2" noWrap>
            {car.label}{' '}
            <Box component="span" sx={{ fontWeight: 400, color: 'text.secondary' }}>
              {car.plate}
              {(car.order ?? '') !== '' && <>, {car.order}</>}
            </Box>
          </Typography>
          <Button
            onClick={() => setDetails(true)}
            startIcon={<EditIcon />}
            aria-label={t`${colour.name}: change car, colour and paint`}
            sx={{ color: 'text.secondary', fontWeight: 400, whiteSpace: 'nowrap' }}
          >
            {colour.name}
          </Button>
          {details && <JobDetails handle={handle} onClose={() => setDetails(false)} />}
          <Box sx={{ flexGrow: 1 }} />
          <SavedSign save={handle.save} />
          <Tooltip title={t`Undo (Ctrl Z)`}>
            <span>
              <IconButton
                aria-label={t`Undo`}
                disabled={!handle.bench.canUndo && handle.save.kind !== 'refused'}
                onClick={undo}
              >
                <UndoIcon />
              </IconButton>
            </span>
          </Tooltip>
          <Tooltip title={t`Redo (Ctrl Shift Z)`}>
            <span>
              <IconButton aria-label={t`Redo`} disabled={!handle.bench.canRedo} onClick={redo}>
                <RedoIcon />
              </IconButton>
            </span>
          </Tooltip>
          <Tooltip title={t`Download this job as a file`}>
            <IconButton aria-label={t`Download this job`} component="a" href={`/api/jobs/${id}/file`} download>
              <DownloadIcon />
            </IconButton>
          </Tooltip>
          <Button startIcon={<PrintIcon />} variant="outlined" onClick={() => void navigate(`/jobs/${id}/sheet`)}>
            <Trans>Booth sheet</Trans>
          </Button>
        </Stack>
        <SaveTrouble handle={handle} />
        <Box sx={{ flexGrow: 1, minHeight: 0, display: 'flex', flexDirection: 'column' }}>
          {station === 'colour' ? (
            <ColourStation handle={handle} />
          ) : station === 'booth' ? (
            <BoothStation handle={handle} />
          ) : station === 'cups' ? (
            <CupsStation handle={handle} />
          ) : body.data === undefined ? (
            body.isError ? (
              <Failed error={body.error} retry={() => void body.refetch()} />
            ) : (
              <Loading what={t`the body shape`} />
            )
          ) : station === 'look-back' ? (
            <LookBackStation handle={handle} body={body.data} />
          ) : station === 'car' ? (
            <CarStation handle={handle} body={body.data} />
          ) : (
            <BlendStation handle={handle} body={body.data} />
          )}
        </Box>
      </Box>
    </Box>
  );
}

function SavedSign({ save }: { save: SaveState }) {
  const words: Record<SaveState['kind'], string> = {
    saved: t`saved`,
    saving: 'saving',
    offline: t`not saved yet`,
    refused: t`not saved`,
    stale: t`not saved`,
  };
  return (
    <Typography
      variant="body2"
      color="text.secondary"
      role="status"
      data-testid="save-state"
      sx={{ minWidth: 84, textAlign: 'right' }}
    >
      {words[save.kind]}
    </Typography>
  );
}

function SaveTrouble({ handle }: { handle: BenchHandle }) {
  const { save } = handle;
  const units = useUnits();
  if (save.kind === 'saved' || save.kind === 'saving') {
    return null;
  }
  return (
    <Stack
      direction="row"
      role="alert"
      sx={{
        alignItems: 'center',
        gap: 1.5,
        px: 2,
        py: 0.75,
        flexWrap: 'wrap',
        borderBottom: (t) => `1px solid ${t.tokens.line}`,
        backgroundColor: (t) => t.tokens.raised,
      }}
    >
      <SeverityMark severity={save.kind === 'offline' ? 'look-out' : 'stop'} size={20} />
      {save.kind === 'offline' && (
        <Typography>
          <Trans>
            No answer from the shop computer. Your change is kept on this device and sent as soon as it answers.
          </Trans>
        </Typography>
      )}
      {save.kind === 'refused' && (
        <>
          <Typography sx={{ flexGrow: 1 }}>
            {save.faults[0] === undefined ? save.words : faultText(save.faults[0], units)}
          </Typography>
          <Button variant="outlined" onClick={handle.takeBack}>
            <Trans>Take it back</Trans>
          </Button>
        </>
      )}
      {save.kind === 'stale' && (
        <>
          <Typography sx={{ flexGrow: 1 }}>
            <Trans>{save.words} Yours is not lost.</Trans>
          </Typography>
          <Button variant="outlined" onClick={handle.takeTheirs}>
            <Trans>Show the newer one</Trans>
          </Button>
          <Button variant="contained" onClick={handle.keepMine}>
            <Trans>Put mine on top</Trans>
          </Button>
        </>
      )}
    </Stack>
  );
}
