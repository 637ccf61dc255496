import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Button, Stack, Table, TableBody, TableCell, TableHead, TableRow, Typography } from '@mui/material';
import { Link as RouterLink } from 'react-router';
import { usePreferences } from '../kit/preferences';
import { Failed, Loading } from '../kit/States';
import { kindName } from './tonerKinds';
import { useKeepToner, useToners } from './useToners';

/** The mixing bench: which toners can be poured, and which of them can be reckoned with. */
export function TonerBench() {
  const bench = useToners();
  const { me } = usePreferences();
  const { away } = useKeepToner();
  const may = me.role !== 'apprentice';
  if (bench.isError) {
    return <Failed error={bench.error} retry={() => void bench.refetch()} />;
  }
  if (bench.data === undefined) {
    return <Loading what={t`the toners`} />;
  }
  const { toners, shipped } = bench.data;
  return (
    <Stack sx={{ gap: 2 }}>
      <Typography variant="body2" color="text.secondary">
        {shipped ? (
          <Trans>The demo’s paint systems are mixed from invented toners. Your own stand here.</Trans>
        ) : (
          <Trans>
            A toner can be poured by its name alone. With drawdowns, read by an instrument, tint advice reckons with it.
          </Trans>
        )}
      </Typography>
      {may && (
        <Button component={RouterLink} to="/shelf/toners/new" variant="contained" sx={{ alignSelf: 'flex-start' }}>
          <Trans>Add a toner</Trans>
        </Button>
      )}
      {toners.length > 0 && (
        <Table size="small">
          <TableHead>
            <TableRow>
              <TableCell>
                <Trans>Toner</Trans>
              </TableCell>
              <TableCell>
                <Trans>Kind</Trans>
              </TableCell>
              <TableCell>
                <Trans>What is known of it</Trans>
              </TableCell>
              <TableCell>
                <Trans>What to do</Trans>
              </TableCell>
            </TableRow>
          </TableHead>
          <TableBody>
            {toners.map((toner) => (
              <TableRow key={toner.key} sx={{ opacity: toner.putAway ? 0.6 : 1 }}>
                <TableCell>{toner.name}</TableCell>
                <TableCell>{kindName(toner.kind)}</TableCell>
                <TableCell>
                  {toner.putAway ? (
                    <Trans>put away</Trans>
                  ) : toner.fit === null ? (
                    <Trans>its name</Trans>
                  ) : (
                    <Trans>
                      {toner.cards.length} cards, met within ΔE00 {toner.fit.worst.toFixed(1)}
                    </Trans>
                  )}
                </TableCell>
                <TableCell>
                  {may && (
                    <>
                      <Button component={RouterLink} to={`/shelf/toners/${toner.key}`}>
                        <Trans>Change {toner.name}</Trans>
                      </Button>
                      <Button onClick={() => away.mutate({ key: toner.key, back: toner.putAway })}>
                        {toner.putAway ? <Trans>Bring back</Trans> : <Trans>Put away</Trans>}
                      </Button>
                    </>
                  )}
                </TableCell>
              </TableRow>
            ))}
          </TableBody>
        </Table>
      )}
    </Stack>
  );
}
