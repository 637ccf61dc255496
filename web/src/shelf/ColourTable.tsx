import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import {
  Alert,
  Box,
  Button,
  FormControlLabel,
  Stack,
  Switch,
  Table,
  TableBody,
  TableCell,
  TableHead,
  TableRow,
} from '@mui/material';
import { useState } from 'react';
import { Link as RouterLink } from 'react-router';
import { useShelf } from '../api/queries';
import { usePreferences } from '../kit/preferences';
import { Empty, Failed, Loading } from '../kit/States';
import { tell } from '../language/tell';
import { useColours, useKeepColours } from './useColours';

/** The shop's colours: what is known of each, changed and put away by who may. */
export function ColourTable() {
  const { me } = usePreferences();
  const found = useColours();
  const { away } = useKeepColours();
  const [all, setAll] = useState(false);
  const finishes = useShelf().data?.finishes ?? [];
  if (found.isError) {
    return <Failed error={found.error} retry={() => void found.refetch()} />;
  }
  if (found.data === undefined) {
    return <Loading what={t`the colours`} />;
  }
  const may = me.role !== 'apprentice';
  const shown = found.data.colours.filter((c) => all || !c.putAway);
  return (
    <>
      <Stack direction="row" sx={{ gap: 2, flexWrap: 'wrap', mb: 1 }}>
        {may && (
          <Button component={RouterLink} to="/shelf/colours/new" variant="contained">
            <Trans>Add a colour</Trans>
          </Button>
        )}
        {found.data.colours.some((c) => c.putAway) && (
          <FormControlLabel
            control={<Switch checked={all} onChange={(_, on) => setAll(on)} />}
            label={t`Those put away too`}
          />
        )}
      </Stack>
      {away.isError && (
        <Alert severity="error" variant="outlined">
          {away.error.message}
        </Alert>
      )}
      {shown.length === 0 ? (
        <Empty title={t`No colour yet`}>
          <Trans>Type the first from the mixer’s printout, or name it when a car comes in.</Trans>
        </Empty>
      ) : (
        <Box sx={{ overflowX: 'auto' }} tabIndex={0} role="region" aria-label={t`Table of colours`}>
          <Table size="small">
            <TableHead>
              <TableRow>
                <TableCell>
                  <Trans>Colour</Trans>
                </TableCell>
                <TableCell>
                  <Trans>Code</Trans>
                </TableCell>
                <TableCell>
                  <Trans>Finish</Trans>
                </TableCell>
                <TableCell align="right">
                  <Trans>Grey shade under it</Trans>
                </TableCell>
                <TableCell>
                  <Trans>Formula</Trans>
                </TableCell>
                <TableCell>
                  <Trans>What to do</Trans>
                </TableCell>
              </TableRow>
            </TableHead>
            <TableBody>
              {shown.map((c) => (
                <TableRow key={c.id}>
                  <TableCell>
                    {c.name}
                    {c.putAway && (
                      <>
                        {', '}
                        <Trans>put away</Trans>
                      </>
                    )}
                  </TableCell>
                  <TableCell>{c.code}</TableCell>
                  <TableCell>{tell(finishes.find((f) => f.key === c.finish)?.name ?? c.finish)}</TableCell>
                  <TableCell align="right">{c.undercoatShade ?? t`any`}</TableCell>
                  <TableCell>
                    {c.toners.length === 0 ? <Trans>none</Trans> : <Trans>{c.toners.length} toners</Trans>}
                    {c.variants.length > 0 && (
                      <>
                        {', '}
                        <Trans>{c.variants.length} variants</Trans>
                      </>
                    )}
                  </TableCell>
                  <TableCell sx={{ whiteSpace: 'nowrap' }}>
                    <Button
                      component={RouterLink}
                      to={`/logbook/colour?${new URLSearchParams({ name: c.name, code: c.code }).toString()}`}
                      aria-label={t`History of ${c.name} ${c.code}`}
                    >
                      <Trans>History</Trans>
                    </Button>
                    {may && (
                      <>
                        <Button
                          component={RouterLink}
                          to={`/shelf/colours/${c.id}`}
                          aria-label={t`Change ${c.name} ${c.code}`}
                        >
                          <Trans>Change</Trans>
                        </Button>
                        <Button
                          onClick={() => away.mutate({ id: c.id, back: c.putAway })}
                          aria-label={c.putAway ? t`Bring ${c.name} ${c.code} back` : t`Put ${c.name} ${c.code} away`}
                        >
                          {c.putAway ? <Trans>Bring back</Trans> : <Trans>Put away</Trans>}
                        </Button>
                      </>
                    )}
                  </TableCell>
                </TableRow>
              ))}
            </TableBody>
          </Table>
        </Box>
      )}
    </>
  );
}
