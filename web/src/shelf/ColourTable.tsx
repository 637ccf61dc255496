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
  TextField,
} from '@mui/material';
import { useState } from 'react';
import { Link as RouterLink } from 'react-router';
import { ApiProblem } from '../api/client';
import { useShelf } from '../api/queries';
import type { ShopColour } from '../api/types';
import { FileButton } from '../kit/FileButton';
import { usePreferences, useUnits } from '../kit/preferences';
import { Empty, Failed, Loading } from '../kit/States';
import { faultText } from '../kit/units';
import { tell } from '../language/tell';
import { useColoursRead } from './ColoursRead';
import { useColours, useKeepColours } from './useColours';

/** The shop's colours: what is known of each, changed and put away by who may. */
export function ColourTable() {
  const { me } = usePreferences();
  const found = useColours();
  const { away, take } = useKeepColours();
  const { button, told } = useColoursRead();
  const [all, setAll] = useState(false);
  const [search, setSearch] = useState('');
  const units = useUnits();
  const finishes = useShelf().data?.finishes ?? [];
  if (found.isError) {
    return <Failed error={found.error} retry={() => void found.refetch()} />;
  }
  if (found.data === undefined) {
    return <Loading what={t`the colours`} />;
  }
  const may = me.role !== 'apprentice';
  const words = search.toLowerCase().split(/\s+/u).filter(Boolean);
  const shown = found.data.colours.filter(
    (c) => (all || !c.putAway) && words.every((word) => `${c.name} ${c.code} ${c.note}`.toLowerCase().includes(word)),
  );
  const faults = take.error instanceof ApiProblem ? (take.error.problem?.errors ?? []) : [];
  return (
    <>
      <Stack direction="row" sx={{ gap: 2, flexWrap: 'wrap', mb: 1 }}>
        {may && (
          <Button component={RouterLink} to="/shelf/colours/new" variant="contained">
            <Trans>Add a colour</Trans>
          </Button>
        )}
        {may && (
          <FileButton
            label={t`Table of colours to take in`}
            accept=".csv,text/csv"
            onFile={(file) => take.mutate(file)}
          >
            <Trans>Colours from a table</Trans>
          </FileButton>
        )}
        {may && button}
        <Button component="a" href="/api/colours.csv" download>
          <Trans>All as a table</Trans>
        </Button>
        {found.data.colours.some((c) => c.reading != null) && (
          <Button component="a" href="/api/colours/readings" download>
            <Trans>Their readings</Trans>
          </Button>
        )}
        <TextField
          type="search"
          label={t`Find a colour`}
          value={search}
          onChange={(e) => setSearch(e.target.value)}
          sx={{ width: 220 }}
        />
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
      {take.isError && (
        <Alert severity="error" variant="outlined" sx={{ mb: 1 }}>
          {faults.length === 0 &&
            ((take.error instanceof ApiProblem && take.error.problem?.detail) || take.error.message)}
          {faults.slice(0, 6).map((f) => (
            <div key={`${f.field} ${f.detail}`}>
              <strong>{f.field}</strong> {faultText(f, units)}
            </div>
          ))}
        </Alert>
      )}
      {told}
      {take.isSuccess && (
        <Alert severity="success" variant="outlined" sx={{ mb: 1 }}>
          <Trans>
            Added {take.data.added ?? 0}, changed {take.data.changed ?? 0}; {take.data.toners ?? 0} toners named.
          </Trans>
        </Alert>
      )}
      {shown.length === 0 && words.length > 0 ? (
        <Empty title={t`No such colour`}>
          <Trans>Nothing on the shelf has these words in name, code or note.</Trans>
        </Empty>
      ) : shown.length === 0 ? (
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
                  <Trans>Reading</Trans>
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
                    <ReadSwatch colour={c} />
                  </TableCell>
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

/** The colour's own reading from face to flop; nothing where it has none. */
function ReadSwatch({ colour }: { colour: ShopColour }) {
  const { reading } = colour;
  if (reading == null) {
    return <Trans>none</Trans>;
  }
  return (
    <Box
      role="img"
      aria-label={t`Read at ${reading.angles.map((a) => `${a.angle}°`).join(', ')}`}
      sx={{ display: 'flex', width: 88, height: 24, border: (th) => `1px solid ${th.tokens.line}` }}
    >
      {reading.angles.map((a) => (
        <Box key={a.angle} sx={{ flex: 1, bgcolor: a.hex }} />
      ))}
    </Box>
  );
}
