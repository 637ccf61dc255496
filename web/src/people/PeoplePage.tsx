import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Alert, Box, Button, MenuItem, Stack, TextField, Typography } from '@mui/material';
import { useState } from 'react';
import { ApiProblem } from '../api/client';
import type { Person, Role } from '../api/types';
import { moment } from '../kit/dates';
import { usePreferences } from '../kit/preferences';
import { Failed, Loading } from '../kit/States';
import { DeviceList } from './DeviceList';
import { PersonDialog } from './PersonDialog';
import { ForgetDialog } from './ForgetDialog';
import { happened } from './happened';
import { ROLES } from './roles';
import { WholeWorkshop } from './WholeWorkshop';
import { useHappenings, usePeople } from './usePeople';

/** The people of the workshop, for its lead: who may do what, who is signed in where, and what was done. */
export function PeoplePage() {
  const { me } = usePreferences();
  const people = usePeople();
  const [adding, setAdding] = useState(false);
  const [forgetting, setForgetting] = useState<Person | null>(null);
  const [resetting, setResetting] = useState<Person | null>(null);
  if (me.role !== 'lead') {
    return (
      <Typography sx={{ p: 3 }}>
        <Trans>Only a lead looks after people.</Trans>
      </Typography>
    );
  }
  if (people.all.isError) {
    return <Failed error={people.all.error} retry={() => void people.all.refetch()} />;
  }
  if (people.all.data === undefined) {
    return <Loading what={t`the people`} />;
  }
  const error = people.change.error ?? people.signOut.error;
  return (
    <Stack sx={{ p: { xs: 2, md: 3 }, gap: 3, maxWidth: 1080 }}>
      <title>{t`People, Kalopsis`}</title>
      <Stack direction="row" sx={{ justifyContent: 'space-between', gap: 2, flexWrap: 'wrap' }}>
        <Typography variant="h1">
          <Trans>People</Trans>
        </Typography>
        <Button variant="contained" onClick={() => setAdding(true)}>
          <Trans>Add somebody</Trans>
        </Button>
      </Stack>
      {error !== null && (
        <Alert severity="error" variant="outlined">
          {error instanceof ApiProblem ? (error.problem?.errors?.[0]?.detail ?? error.message) : error.message}
        </Alert>
      )}
      <Box component="ul" aria-label={t`People`} sx={{ listStyle: 'none', p: 0, m: 0 }}>
        {people.all.data.map((person) => (
          <Line
            key={person.id}
            person={person}
            own={person.email === me.email}
            onRole={(role) => people.change.mutate({ id: person.id, role })}
            onAway={() => people.change.mutate({ id: person.id, putAway: !person.putAway })}
            onReset={() => setResetting(person)}
            onSignOut={() => people.signOut.mutate(person.id)}
            onForget={() => setForgetting(person)}
          />
        ))}
      </Box>
      <WholeWorkshop />
      <Done />
      {forgetting !== null && <ForgetDialog person={forgetting} onClose={() => setForgetting(null)} />}
      {adding && <PersonDialog onClose={() => setAdding(false)} />}
      {resetting !== null && <PersonDialog person={resetting} onClose={() => setResetting(null)} />}
    </Stack>
  );
}

function Line({
  person,
  own,
  onRole,
  onAway,
  onReset,
  onSignOut,
  onForget,
}: {
  person: Person;
  own: boolean;
  onRole: (role: Role) => void;
  onAway: () => void;
  onReset: () => void;
  onSignOut: () => void;
  onForget: () => void;
}) {
  return (
    <Box
      component="li"
      sx={{
        display: 'grid',
        gridTemplateColumns: { xs: '1fr', md: '3fr 170px 5fr' },
        gap: 2,
        alignItems: 'start',
        py: 1.5,
        borderBottom: (th) => `1px solid ${th.tokens.line}`,
      }}
    >
      <Box>
        <Typography sx={{ fontWeight: 680 }}>{person.name}</Typography>
        <Typography variant="body2" color="text.secondary" sx={{ overflowWrap: 'anywhere' }}>
          {person.email}
        </Typography>
        {person.putAway && (
          <Typography variant="body2">
            <Trans>put away; records keep the name</Trans>
          </Typography>
        )}
        {person.mustChange && !person.putAway && (
          <Typography variant="body2">
            <Trans>has a first password, not changed yet</Trans>
          </Typography>
        )}
      </Box>
      <TextField
        select
        size="small"
        label={t`Role of ${person.name}`}
        value={person.role}
        disabled={person.putAway}
        onChange={(event) => onRole(event.target.value as Role)}
      >
        {ROLES.map((role) => (
          <MenuItem key={role.key} value={role.key}>
            {role.name}
          </MenuItem>
        ))}
      </TextField>
      <Box>
        <DeviceList devices={person.devices} />
        <Stack direction="row" sx={{ gap: 1, flexWrap: 'wrap' }}>
          {!person.putAway && !own && (
            <Button variant="outlined" onClick={onReset} aria-label={t`New first password for ${person.name}`}>
              <Trans>New first password</Trans>
            </Button>
          )}
          {person.devices.some((d) => !d.here) && (
            <Button variant="outlined" onClick={onSignOut} aria-label={t`Sign ${person.name} out`}>
              <Trans>Sign out</Trans>
            </Button>
          )}
          <Button
            variant="outlined"
            onClick={onAway}
            aria-label={person.putAway ? t`Bring ${person.name} back` : t`Put ${person.name} away`}
          >
            {person.putAway ? <Trans>Bring back</Trans> : <Trans>Put away</Trans>}
          </Button>
          {person.putAway && (
            <Button onClick={onForget} aria-label={t`Delete what is personal of ${person.name}`}>
              <Trans>Delete what is personal</Trans>
            </Button>
          )}
        </Stack>
      </Box>
    </Box>
  );
}

/** What was done beside the cars, the newest first. */
function Done() {
  const done = useHappenings();
  if (done.data === undefined || done.data.length === 0) {
    return null;
  }
  return (
    <Box component="section" aria-label={t`What was done`}>
      <Typography variant="h2" sx={{ mb: 1 }}>
        <Trans>What was done</Trans>
      </Typography>
      <Box component="ul" sx={{ listStyle: 'none', p: 0, m: 0 }}>
        {done.data.map((h) => (
          <Typography component="li" variant="body2" key={`${h.at} ${h.kind} ${h.about}`} sx={{ py: 0.4 }}>
            {moment(h.at)}, {h.by}: {happened(h.kind)} {h.about}
          </Typography>
        ))}
      </Box>
    </Box>
  );
}
