import {
  Box,
  Button,
  LinearProgress,
  Stack,
  Table,
  TableBody,
  TableCell,
  TableHead,
  TableRow,
  TextField,
  Typography,
} from '@mui/material';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useEffect, useRef, useState } from 'react';
import { api, ApiProblem, unwrap } from '../api/client';
import { BEHIND } from '../api/behind';
import { keys, useShelf, useShopSchools } from '../api/queries';
import { adoptBlend, setSchool } from '../bench/document';
import type { BenchHandle } from '../bench/useBench';
import { SeverityMark } from '../kit/SeverityMark';
import { WhyNote } from '../kit/Why';
import { Measure, Words } from '../kit/Words';
import { LimitsDialog } from './LimitsDialog';
import { useWays } from './useSimulation';

/** Every school simulated for this very repair, best first; one tap adopts it. */
export function Schools({ handle }: { handle: BenchHandle }) {
  const document = handle.bench.document;
  const own = useShopSchools().data ?? [];
  const [comparing, setComparing] = useState(false);
  const shelf = useShelf().data;
  const ways = useWays(handle.bench.id, document, shelf?.schools.map((s) => s.key) ?? [], comparing);
  const rows = ways.rows;
  const client = useQueryClient();
  const [limiting, setLimiting] = useState(false);
  const [keeping, setKeeping] = useState<string | null>(null);
  const renewed = () =>
    Promise.all([
      client.invalidateQueries({ queryKey: keys.shopSchools }),
      client.invalidateQueries({ queryKey: keys.shelf }),
      client.invalidateQueries({ queryKey: ['ways'] }),
    ]);
  const keep = useMutation({
    mutationFn: (name: string) =>
      unwrap(
        api.POST('/api/jobs/{job}/shop-schools', {
          params: { path: { job: handle.bench.id } },
          body: { name, document },
        }),
      ),
    onSuccess: () => {
      setKeeping(null);
      return renewed();
    },
  });
  const putAway = useMutation({
    mutationFn: (id: string) => unwrap(api.POST('/api/shop-schools/{id}/put-away', { params: { path: { id } } })),
    onSuccess: renewed,
  });
  const given = useRef<AbortController | null>(null);
  const smallest = useMutation({
    mutationFn: () => {
      given.current = new AbortController();
      return unwrap(
        api.POST('/api/jobs/{job}/smallest', {
          params: { path: { job: handle.bench.id } },
          body: { document },
          headers: BEHIND,
          signal: given.current.signal,
        }),
      );
    },
  });
  // A search for a plan that has changed since answers nobody: it ends, on the server too.
  const asked = JSON.stringify(document);
  const { reset } = smallest;
  useEffect(
    () => () => {
      given.current?.abort();
      reset();
    },
    [asked, reset],
  );
  const found = smallest.data?.found;
  return (
    <Box component="section" aria-label="Schools side by side">
      <Stack direction="row" sx={{ alignItems: 'center', gap: 2, mb: 1, flexWrap: 'wrap' }}>
        <Typography variant="h2" sx={{ flexGrow: 1 }}>
          Schools side by side
        </Typography>
        {!comparing && (
          <Button variant="contained" onClick={() => setComparing(true)}>
            Compare ways
          </Button>
        )}
        <Button
          onClick={() => {
            keep.reset();
            setKeeping('');
          }}
        >
          Keep this plan as our school
        </Button>
        <Button onClick={() => setLimiting(true)}>What it may do</Button>
        <Button variant="outlined" disabled={smallest.isPending} onClick={() => smallest.mutate()}>
          {smallest.isPending ? 'Searching' : 'Find the smallest blend'}
        </Button>
      </Stack>
      {limiting && <LimitsDialog onClose={() => setLimiting(false)} />}
      {smallest.isPending && (
        <Box role="status" sx={{ mb: 1.5 }}>
          <LinearProgress aria-label="Searching for the smallest blend" sx={{ mb: 0.5 }} />
          <Stack direction="row" sx={{ alignItems: 'center', gap: 1 }}>
            <Typography color="text.secondary">
              Every way is drawn in, and the best of them changed one thing at a time.
            </Typography>
            <Button
              onClick={() => {
                given.current?.abort();
                reset();
              }}
            >
              Stop
            </Button>
          </Stack>
        </Box>
      )}
      {keeping !== null && (
        <Stack
          direction="row"
          component="form"
          sx={{ gap: 1.5, mb: 2, alignItems: 'flex-start', flexWrap: 'wrap' }}
          onSubmit={(e) => {
            e.preventDefault();
            keep.mutate(keeping.trim());
          }}
        >
          <TextField
            label="Name of our school"
            value={keeping}
            onChange={(e) => setKeeping(e.target.value)}
            onKeyDown={(e) => e.stopPropagation()}
            error={keep.isError}
            helperText={
              keep.error instanceof ApiProblem
                ? (keep.error.problem?.errors?.[0]?.detail ?? keep.error.message)
                : 'The coats of this plan as a recipe: reaches as shares of the blend'
            }
            autoFocus
            sx={{ minWidth: 280 }}
          />
          <Button type="submit" variant="contained" disabled={keep.isPending}>
            Keep it
          </Button>
          <Button onClick={() => setKeeping(null)}>Leave it</Button>
        </Stack>
      )}
      {smallest.isSuccess && found === null && (
        <Typography role="status" sx={{ mb: 1.5 }}>
          Nothing the shop lets it do hides this difference. Tint first.
        </Typography>
      )}
      {found != null && (
        <Stack direction="row" role="status" sx={{ gap: 2, alignItems: 'center', mb: 1.5, flexWrap: 'wrap' }}>
          <Typography sx={{ flexGrow: 1 }}>
            <strong>{found.name}</strong>, drawn in to <Measure of={found.need} />: {found.panels}{' '}
            {found.panels === 1 ? 'panel' : 'panels'}, <Measure of={found.paint} />, <Measure of={found.minutes} />.{' '}
            <Words phrase={found.says} /> {found.givesUp.length === 0 ? 'It gives up nothing.' : 'It gives up '}
            {found.givesUp.map((g, i) => (
              <span key={i}>
                {i > 0 && (i === found.givesUp.length - 1 ? ' and ' : ', ')}
                <Words phrase={g} />
              </span>
            ))}
            {found.givesUp.length > 0 && '.'}
            <Typography component="span" variant="body2" color="text.secondary" sx={{ display: 'block' }}>
              The smallest of {found.tried} plans that were sprayed in the model.
            </Typography>
          </Typography>
          <Button
            variant="contained"
            onClick={() => {
              handle.change(adoptBlend(document, found));
              smallest.reset();
            }}
          >
            Adopt it
          </Button>
        </Stack>
      )}
      {comparing && ways.done < ways.of && (
        <LinearProgress
          variant="determinate"
          value={(100 * ways.done) / Math.max(1, ways.of)}
          aria-label="Schools simulated"
          sx={{ mb: 1 }}
        />
      )}
      {!comparing && (
        <Typography color="text.secondary">
          Each way is sprayed on this repair in the model: what is seen of it, and what it takes.
        </Typography>
      )}
      {comparing && (
        <Box sx={{ overflowX: 'auto' }} tabIndex={0} role="region" aria-label="Table of schools">
          <Table size="small">
            <TableHead>
              <TableRow>
                <TableCell>School</TableCell>
                <TableCell>
                  <WhyNote of="seen">What is seen of it</WhyNote>
                </TableCell>
                <TableCell align="right">
                  <WhyNote of="panels">Panels</WhyNote>
                </TableCell>
                <TableCell align="right">
                  <WhyNote of="paint">Paint</WhyNote>
                </TableCell>
                <TableCell align="right">
                  <WhyNote of="minutes">In the booth</WhyNote>
                </TableCell>
                <TableCell />
              </TableRow>
            </TableHead>
            <TableBody>
              {rows.map((s) => {
                const ours = own.find((o) => o.key === s.key);
                const mine = s.key === document.plan.school;
                return (
                  <TableRow
                    key={s.key}
                    sx={{ backgroundColor: mine ? (t) => t.tokens.raised : undefined }}
                    aria-current={mine}
                  >
                    <TableCell sx={{ minWidth: 190 }}>
                      <strong>{s.name}</strong>
                      {ours !== undefined && (
                        <Button
                          aria-label={`Put ${s.name} away`}
                          disabled={putAway.isPending}
                          onClick={() => putAway.mutate(ours.id)}
                          sx={{ ml: 1 }}
                        >
                          Put away
                        </Button>
                      )}
                      <Typography variant="body2" color="text.secondary">
                        Main risk: {s.risk}.
                      </Typography>
                    </TableCell>
                    <TableCell sx={{ minWidth: 210 }}>
                      <Stack direction="row" sx={{ gap: 1, alignItems: 'flex-start' }}>
                        {s.seen && (
                          <Box sx={{ mt: 0.25 }}>
                            <SeverityMark severity="look-out" size={15} />
                          </Box>
                        )}
                        <span>
                          <Words phrase={s.says} />{' '}
                          <Box component="span" sx={{ color: 'text.secondary' }}>
                            <Words phrase={s.thumb} />
                          </Box>
                        </span>
                      </Stack>
                    </TableCell>
                    <TableCell align="right">{s.panels}</TableCell>
                    <TableCell align="right">
                      <Measure of={s.paint} />
                    </TableCell>
                    <TableCell align="right">
                      <Measure of={s.minutes} />
                    </TableCell>
                    <TableCell align="right">
                      {mine && document.plan.sequence === undefined ? (
                        'chosen'
                      ) : (
                        <Button
                          variant="outlined"
                          aria-label={`Adopt ${s.name}`}
                          onClick={() => handle.change(setSchool(document, s.key, s.name))}
                        >
                          Adopt
                        </Button>
                      )}
                    </TableCell>
                  </TableRow>
                );
              })}
            </TableBody>
          </Table>
        </Box>
      )}
    </Box>
  );
}
