import { t } from '@lingui/core/macro';
import { Plural, Trans } from '@lingui/react/macro';
import { Box, Button, Stack, Typography } from '@mui/material';
import { useQuery } from '@tanstack/react-query';
import { Link as RouterLink, useSearchParams } from 'react-router';
import { api, unwrap } from '../api/client';
import { useShelf } from '../api/queries';
import { Empty, Failed, Loading } from '../kit/States';
import { tell } from '../language/tell';
import { FormulaVersions } from './FormulaVersions';
import { LogLine } from './LogLine';
import { Tried } from './Tried';
import { TriedChart } from './TriedChart';

/** All that the shop knows of one colour: cars, what was tried, how the formula went, how far it was blended, what was seen. */
export function ColourPage() {
  const [query] = useSearchParams();
  const name = query.get('name') ?? '';
  const code = query.get('code') ?? '';
  const found = useQuery({
    queryKey: ['logbook', 'colour', name, code],
    queryFn: ({ signal }) => unwrap(api.GET('/api/logbook/colour', { params: { query: { name, code } }, signal })),
  });
  const schools = useShelf().data?.schools ?? [];
  const school = (key: string) => {
    const known = schools.find((s) => s.key === key)?.name;
    return known === undefined ? key : tell(known);
  };
  const title = `${name} ${code}`.trim();
  const history = found.data;
  return (
    <Stack sx={{ p: { xs: 2, md: 3 }, gap: 3 }}>
      <title>{t`${title}, Kalopsis`}</title>
      <Box>
        <Button component={RouterLink} to="/logbook" className="no-print" sx={{ px: 0 }}>
          <Trans>Logbook</Trans>
        </Button>
        <Stack direction="row" sx={{ gap: 2, alignItems: 'center' }}>
          {history?.paint !== null && history?.paint !== undefined && (
            <Box
              role="img"
              aria-label={t`About this colour; a screen is no colour reference`}
              sx={{ width: 56, height: 56, bgcolor: history.paint, border: (th) => `1px solid ${th.tokens.line}` }}
            />
          )}
          <Typography variant="h1">{title}</Typography>
        </Stack>
      </Box>
      {found.isError ? (
        <Failed error={found.error} retry={() => void found.refetch()} />
      ) : history === undefined ? (
        <Loading what={t`what is known of this colour`} />
      ) : history.jobs.length === 0 && history.formulas.length === 0 ? (
        <Empty title={t`Nothing of this colour yet`}>
          <Trans>The first car in it brings it in here.</Trans>
        </Empty>
      ) : (
        <>
          <Typography>
            <Plural value={history.jobs.length} one="# car" other="# cars" />,{' '}
            <Plural
              value={history.samples.length}
              _0="no card yet"
              one="# card or variant"
              other="# cards and variants"
            />
            , <Plural value={history.steps.length} _0="never tinted" one="tinted once" other="tinted # times" />.
          </Typography>
          <Stack direction="row" sx={{ gap: 5, flexWrap: 'wrap', '& > *': { minWidth: 0, maxWidth: '100%' } }}>
            {history.jobs.length > 0 && <TriedChart history={history} />}
            {history.formulas.length > 0 && <FormulaVersions history={history} />}
          </Stack>
          <Box component="section" aria-label={t`Cars in this colour`}>
            <Typography variant="h2">
              <Trans>Cars in this colour</Trans>
            </Typography>
            <Box component="ul" sx={{ listStyle: 'none', p: 0, m: 0 }}>
              {history.jobs.map((row) => (
                <LogLine key={row.job} row={row} school={school(row.school)}>
                  <Tried samples={history.samples.filter((s) => s.job === row.job)} />
                </LogLine>
              ))}
            </Box>
          </Box>
        </>
      )}
    </Stack>
  );
}
