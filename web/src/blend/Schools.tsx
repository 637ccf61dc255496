import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
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
import { BEHIND } from '../api/behind';
import { api, ApiProblem, unwrap } from '../api/client';
import { keys, useShelf, useShopSchools } from '../api/queries';
import { adoptBlend, setSchool } from '../bench/document';
import type { BenchHandle } from '../bench/useBench';
import { SchoolPicture } from '../kit/SchoolPicture';
import { SeverityMark } from '../kit/SeverityMark';
import { WhyNote } from '../kit/Why';
import { Measure, Words } from '../kit/Words';
import { tell } from '../language/tell';
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
    <Box component="section" aria-label={t`Schools side by side`}>
      <Stack direction="row" sx={{ alignItems: 'center', gap: 2, mb: 1, flexWrap: 'wrap' }}>
        <Typography variant="h2" sx={{ flexGrow: 1 }}>
          <Trans>Schools side by side</Trans>
        </Typography>
        {!comparing && (
          <Button variant="contained" onClick={() => setComparing(true)}>
            <Trans>Compare ways</Trans>
          </Button>
        )}
        <Button
          onClick={() => {
            keep.reset();
            setKeeping('');
          }}
        >
          <Trans>Keep this plan as our school</Trans>
        </Button>
        <Button onClick={() => setLimiting(true)}>
          <Trans>What it may do</Trans>
        </Button>
        <Button variant="outlined" disabled={smallest.isPending} onClick={() => smallest.mutate()}>
          {smallest.isPending ? t`Searching` : t`Find the smallest blend`}
        </Button>
      </Stack>
      {limiting && <LimitsDialog onClose={() => setLimiting(false)} />}
      {smallest.isPending && (
        <Box role="status" sx={{ mb: 1.5 }}>
          <LinearProgress aria-label={t`Searching for the smallest blend`} sx={{ mb: 0.5 }} />
          <Stack direction="row" sx={{ alignItems: 'center', gap: 1 }}>
            <Typography color="text.secondary">
              <Trans>Every way is drawn in, and the best of them changed one thing at a time.</Trans>
            </Typography>
            <Button
              onClick={() => {
                given.current?.abort();
                reset();
              }}
            >
              <Trans>Stop</Trans>
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
            label={t`Name of our school`}
            value={keeping}
            onChange={(e) => setKeeping(e.target.value)}
            onKeyDown={(e) => e.stopPropagation()}
            error={keep.isError}
            helperText={
              keep.error instanceof ApiProblem
                ? (keep.error.problem?.errors?.[0]?.detail ?? keep.error.message)
                : t`The coats of this plan as a recipe: reaches as shares of the blend`
            }
            autoFocus
            sx={{ minWidth: 280 }}
          />
          <Button type="submit" variant="contained" disabled={keep.isPending}>
            <Trans>Keep it</Trans>
          </Button>
          <Button onClick={() => setKeeping(null)}>
            <Trans>Leave it</Trans>
          </Button>
        </Stack>
      )}
      {smallest.isSuccess && found === null && (
        <Typography role="status" sx={{ mb: 1.5 }}>
          <Trans>Nothing the shop lets it do hides this difference. Tint first.</Trans>
        </Typography>
      )}
      {found != null && (
        <Stack direction="row" role="status" sx={{ gap: 2, alignItems: 'center', mb: 1.5, flexWrap: 'wrap' }}>
          <Typography sx={{ flexGrow: 1 }}>
            <Trans>
              <strong>{tell(found.name)}</strong>, drawn in to <Measure of={found.need} />: {found.panels}{' '}
              {found.panels === 1 ? t`panel` : t`panels`}, <Measure of={found.paint} />, <Measure of={found.minutes} />.{' '}
              <Words phrase={found.says} /> {found.givesUp.length === 0 ? t`It gives up nothing.` : t`It gives up `}
            </Trans>
            {found.givesUp.map((g, i) => (
              <span key={i}>
                {i > 0 && (i === found.givesUp.length - 1 ? t` and ` : ', ')}
                <Words phrase={g} />
              </span>
            ))}
            {found.givesUp.length > 0 && '.'}
            <Typography component="span" variant="body2" color="text.secondary" sx={{ display: 'block' }}>
              <Trans>The smallest of {found.tried} plans that were sprayed in the model.</Trans>{' '}
              {!found.complete && <Trans>There was no time for all it wanted to try.</Trans>}
            </Typography>
          </Typography>
          <Button
            variant="contained"
            onClick={() => {
              handle.change(adoptBlend(document, found));
              smallest.reset();
            }}
          >
            <Trans>Adopt it</Trans>
          </Button>
        </Stack>
      )}
      {comparing && ways.done < ways.of && (
        <LinearProgress
          variant="determinate"
          value={(100 * ways.done) / Math.max(1, ways.of)}
          aria-label={t`Schools simulated`}
          sx={{ mb: 1 }}
        />
      )}
      {!comparing && (
        <Typography color="text.secondary">
          <Trans>Each way is sprayed on this repair in the model: what is seen of it, and what it takes.</Trans>
        </Typography>
      )}
      {comparing && (
        <Box sx={{ overflowX: 'auto' }} tabIndex={0} role="region" aria-label={t`Table of schools`}>
          <Table size="small">
            <TableHead>
              <TableRow>
                <TableCell>
                  <Trans>School</Trans>
                </TableCell>
                <TableCell>
                  <WhyNote of="seen">
                    <Trans>What is seen of it</Trans>
                  </WhyNote>
                </TableCell>
                <TableCell align="right">
                  <WhyNote of="panels">
                    <Trans>Panels</Trans>
                  </WhyNote>
                </TableCell>
                <TableCell align="right">
                  <WhyNote of="paint">
                    <Trans>Paint</Trans>
                  </WhyNote>
                </TableCell>
                <TableCell align="right">
                  <WhyNote of="minutes">
                    <Trans>In the booth</Trans>
                  </WhyNote>
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
                      <strong>{tell(s.name)}</strong>
                      <Box sx={{ my: 0.5 }}>
                        <SchoolPicture coats={shelf?.schools.find((k) => k.key === s.key)?.coats ?? []} />
                      </Box>
                      {ours !== undefined && (
                        <Button
                          aria-label={t`Put ${tell(s.name)} away`}
                          disabled={putAway.isPending}
                          onClick={() => putAway.mutate(ours.id)}
                          sx={{ ml: 1 }}
                        >
                          <Trans>Put away</Trans>
                        </Button>
                      )}
                      <Typography variant="body2" color="text.secondary">
                        <Trans>Main risk: {tell(s.risk)}.</Trans>
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
                        t`chosen`
                      ) : (
                        <Button
                          variant="outlined"
                          aria-label={t`Adopt ${tell(s.name)}`}
                          onClick={() => handle.change(setSchool(document, s.key, s.name))}
                        >
                          <Trans>Adopt</Trans>
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
