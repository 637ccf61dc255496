import { Autocomplete, Dialog, TextField, Typography } from '@mui/material';
import { useMemo } from 'react';
import { useLocation, useNavigate } from 'react-router';
import { useJobs, useShelf } from '../api/queries';
import { STATIONS } from '../kit/stations';
import { usePreferences } from '../kit/preferences';

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
  const { units, setUnits, setTheme } = usePreferences();
  const here = /^\/jobs\/([^/]+)/.exec(pathname)?.[1];
  const commands = useMemo<Command[]>(() => {
    const go = (to: string) => () => void navigate(to);
    return [
      ...(here === undefined
        ? []
        : STATIONS.map((s) => ({ group: 'This job', label: s.name, hint: s.key, run: go(`/jobs/${here}/${s.id}`) }))),
      ...(here === undefined
        ? []
        : [{ group: 'This job', label: 'Booth sheet', hint: 'print', run: go(`/jobs/${here}/sheet`) }]),
      ...(jobs.data ?? []).map((job) => ({
        group: 'Cars',
        label: `${job.label} ${job.plate}`,
        hint: job.colour,
        run: go(`/jobs/${job.id}/car`),
      })),
      ...(shelf.data?.colours ?? []).map((c) => ({
        group: 'Colours',
        label: c.name,
        hint: c.code,
        run: go('/shelf#colours'),
      })),
      { group: 'Places', label: 'Today', hint: '', run: go('/') },
      { group: 'Places', label: 'Open a new job', hint: '', run: go('/?new') },
      { group: 'Places', label: 'Shelf', hint: '', run: go('/shelf') },
      { group: 'Places', label: 'Logbook', hint: '', run: go('/logbook') },
      { group: 'Places', label: 'Practice bay', hint: '', run: go('/practice') },
      {
        group: 'Settings',
        label: units === 'metric' ? 'Show inches and °F' : 'Show millimetres and °C',
        hint: 'units',
        run: () => setUnits(units === 'metric' ? 'us' : 'metric'),
      },
      { group: 'Settings', label: 'Light theme', hint: 'theme', run: () => setTheme('light') },
      { group: 'Settings', label: 'Dark theme', hint: 'theme', run: () => setTheme('dark') },
      { group: 'Settings', label: 'Booth theme', hint: 'theme', run: () => setTheme('booth') },
      { group: 'Settings', label: 'Keyboard map', hint: '?', run: onHelp },
    ];
  }, [here, jobs.data, shelf.data, navigate, units, setUnits, setTheme, onHelp]);
  return (
    <Dialog
      open
      onClose={onClose}
      fullWidth
      maxWidth="sm"
      aria-label="Find anything"
      slotProps={{ paper: { sx: { position: 'absolute', top: '12vh', m: 2, overflow: 'visible' } } }}
    >
      <Autocomplete
        open
        autoHighlight
        options={commands}
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
        noOptionsText="Nothing of that name."
        renderInput={(params) => (
          <TextField
            {...params}
            autoFocus
            placeholder="A car, a station, a colour, an action"
            aria-label="Find anything"
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
