import { t } from '@lingui/core/macro';
import { Autocomplete, Dialog, TextField, Typography } from '@mui/material';
import { useMemo } from 'react';
import { useLocation, useNavigate } from 'react-router';
import { useJobs, useShelf } from '../api/queries';
import { usePreferences } from '../kit/preferences';
import { STATIONS } from '../kit/stations';

interface Command {
  group: string;
  label: string;
  hint: string;
  run: () => void;
}

/** Reaches any car, station, colour or action by typing a few letters of it. */
export function CommandPalette({ onClose, onHelp }: { onClose: () => void; onHelp: () => void }) {
  const navigate = useNavigate();
  const { pathname } = useLocation();
  const jobs = useJobs();
  const shelf = useShelf();
  const { me, units, setUnits, setTheme, weights, setWeights } = usePreferences();
  const here = /^\/jobs\/([^/]+)/.exec(pathname)?.[1];
  const commands = useMemo<Command[]>(() => {
    const go = (to: string) => () => void navigate(to);
    return [
      ...(here === undefined
        ? []
        : STATIONS.map((s) => ({ group: t`This job`, label: s.name, hint: s.key, run: go(`/jobs/${here}/${s.id}`) }))),
      ...(here === undefined
        ? []
        : [{ group: t`This job`, label: t`Booth sheet`, hint: t`print`, run: go(`/jobs/${here}/sheet`) }]),
      ...(jobs.data ?? []).map((job) => ({
        group: t`Cars`,
        label: [job.label, job.plate, job.order, job.owner].filter((word) => word !== '').join(' '),
        hint: job.colour,
        run: go(`/jobs/${job.id}/car`),
      })),
      ...(shelf.data?.colours ?? []).map((c) => ({
        group: t`Colours`,
        label: c.name,
        hint: c.code,
        run: go('/shelf#colours'),
      })),
      { group: t`Places`, label: t`Today`, hint: '', run: go('/') },
      { group: t`Places`, label: t`Open a new job`, hint: '', run: go('/?new') },
      { group: t`Places`, label: t`Shelf`, hint: '', run: go('/shelf') },
      { group: t`Places`, label: t`Logbook`, hint: '', run: go('/logbook') },
      { group: t`Places`, label: t`Practice bay`, hint: '', run: go('/practice') },
      { group: t`Places`, label: t`My account`, hint: t`password`, run: go('/account') },
      ...(me.role === 'lead' ? [{ group: t`Places`, label: t`People`, hint: '', run: go('/people') }] : []),
      {
        group: t`Settings`,
        label: units === 'metric' ? t`Show inches and °F` : t`Show millimetres and °C`,
        hint: t`units`,
        run: () => setUnits(units === 'metric' ? 'us' : 'metric'),
      },
      {
        group: t`Settings`,
        label: weights === 'g' ? t`Weights in oz` : t`Weights in g`,
        hint: t`scale`,
        run: () => setWeights(weights === 'g' ? 'oz' : 'g'),
      },
      { group: t`Settings`, label: t`Light theme`, hint: t`theme`, run: () => setTheme('light') },
      { group: t`Settings`, label: t`Dark theme`, hint: t`theme`, run: () => setTheme('dark') },
      { group: t`Settings`, label: t`Booth theme`, hint: t`theme`, run: () => setTheme('booth') },
      { group: t`Settings`, label: t`Keyboard map`, hint: '?', run: onHelp },
    ];
  }, [me.role, here, jobs.data, shelf.data, navigate, units, setUnits, setTheme, weights, setWeights, onHelp]);
  return (
    <Dialog
      open
      onClose={onClose}
      fullWidth
      maxWidth="sm"
      aria-label={t`Find anything`}
      slotProps={{ paper: { sx: { position: 'absolute', top: '12vh', m: 2, overflow: 'visible' } } }}
    >
      <Autocomplete
        open
        autoHighlight
        options={commands}
        openText={t`Open`}
        closeText={t`Close`}
        clearText={t`Clear`}
        groupBy={(c) => c.group}
        getOptionLabel={(c) => c.label}
        getOptionKey={(c) => c.group + c.label + c.hint}
        filterOptions={(options, { inputValue }) => {
          const words = inputValue
            .toLowerCase()
            .split(/\s+/)
            .filter((w) => w !== '');
          return options.filter((o) => words.every((w) => `${o.label} ${o.hint} ${o.group}`.toLowerCase().includes(w)));
        }}
        onChange={(_, command) => {
          if (command !== null) {
            onClose();
            command.run();
          }
        }}
        onKeyDown={(event) => event.key === 'Escape' && onClose()}
        noOptionsText={t`Nothing of that name.`}
        renderInput={(params) => (
          <TextField
            {...params}
            autoFocus
            placeholder={t`A car, a station, a colour, an action`}
            aria-label={t`Find anything`}
          />
        )}
        renderOption={({ key, ...props }, c) => (
          <li key={key} {...props}>
            <Typography sx={{ flexGrow: 1 }}>{c.label}</Typography>
            <Typography variant="body2" color="text.secondary">
              {c.hint}
            </Typography>
          </li>
        )}
        sx={{ m: 1 }}
      />
    </Dialog>
  );
}
