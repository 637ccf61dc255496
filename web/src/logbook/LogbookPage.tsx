import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import DownloadIcon from '@mui/icons-material/FileDownloadOutlined';
import {
  Box,
  Button,
  LinearProgress,
  Stack,
  TextField,
  ToggleButton,
  ToggleButtonGroup,
  Typography,
} from '@mui/material';
import { useState } from 'react';
import { useSearchParams } from 'react-router';
import { useShelf } from '../api/queries';
import { Empty, Failed, Loading } from '../kit/States';
import { useCalm } from '../kit/useCalm';
import { tell } from '../language/tell';
import { LogLine } from './LogLine';
import { PutAway } from './PutAway';
import { Sums } from './Sums';
import { useFound, type Which } from './useLogbook';

const WHICH: readonly { key: Which; words: string }[] = [
  { key: 'all', words: t`All` },
  { key: 'ask', words: t`To ask` },
  { key: 'seen', words: t`Something seen` },
  { key: 'redo', words: t`Done again` },
];

const isWhich = (text: string | null): text is Which => WHICH.some((w) => w.key === text);

/** The shop's memory: every car it painted, what became of it, and how often work was done again. */
export function LogbookPage() {
  const [query, setQuery] = useSearchParams();
  const [words, setWords] = useState(query.get('q') ?? '');
  const asked = query.get('which');
  const which = isWhich(asked) ? asked : 'all';
  const calm = useCalm(words.trim());
  const found = useFound(calm, which);
  const shelf = useShelf().data;
  const school = (key: string) => {
    const name = shelf?.schools.find((s) => s.key === key)?.name;
    return name === undefined ? key : tell(name);
  };
  const look = (q: string, w: Which) => {
    setWords(q);
    setQuery({ ...(q === '' ? {} : { q }), ...(w === 'all' ? {} : { which: w }) }, { replace: true });
  };
  const rows = found.data?.pages.flatMap((p) => p.jobs) ?? [];
  const searched = calm !== '' || which !== 'all';
  return (
    <Stack direction={{ xs: 'column', lg: 'row' }} sx={{ p: { xs: 2, md: 3 }, gap: 4, alignItems: 'flex-start' }}>
      <title>{t`Logbook, Kalopsis`}</title>
      <Stack sx={{ gap: 2, flexGrow: 1, minWidth: 0, width: '100%' }}>
        <Typography variant="h1">
          <Trans>Logbook</Trans>
        </Typography>
        <Stack direction="row" className="no-print" sx={{ gap: 1.5, flexWrap: 'wrap', alignItems: 'center' }}>
          <TextField
            type="search"
            label={t`Search`}
            value={words}
            onChange={(event) => look(event.target.value, which)}
            sx={{ flex: '1 1 260px' }}
          />
          <ToggleButtonGroup
            exclusive
            value={which}
            aria-label={t`Which cars`}
            onChange={(_, next: Which | null) => next !== null && look(words, next)}
            sx={{ flexWrap: 'wrap' }}
          >
            {WHICH.map((w) => (
              <ToggleButton key={w.key} value={w.key}>
                {w.words}
              </ToggleButton>
            ))}
          </ToggleButtonGroup>
          <Button
            component="a"
            href={`/api/logbook.csv?${new URLSearchParams({ q: calm, which }).toString()}`}
            download
            startIcon={<DownloadIcon />}
          >
            <Trans>As a table (CSV)</Trans>
          </Button>
        </Stack>
        <Box sx={{ height: 4 }}>{found.isFetching && <LinearProgress aria-label={t`Searching`} />}</Box>
        {found.isError ? (
          <Failed error={found.error} retry={() => void found.refetch()} />
        ) : found.data === undefined ? (
          <Loading what={t`the logbook`} />
        ) : rows.length === 0 ? (
          <Empty title={searched ? t`Nothing found` : t`No car yet`}>
            {which === 'ask' ? (
              <Trans>No car left a fortnight ago that nobody asked about.</Trans>
            ) : searched ? (
              <Trans>Fewer or other words find more.</Trans>
            ) : (
              <Trans>Every car of this shop comes in here by itself.</Trans>
            )}
          </Empty>
        ) : (
          <>
            <Box component="ul" aria-label={t`Cars`} sx={{ listStyle: 'none', p: 0, m: 0 }}>
              {rows.map((row) => (
                <LogLine key={row.job} row={row} school={school(row.school)} />
              ))}
            </Box>
            {found.hasNextPage && (
              <Button
                variant="outlined"
                disabled={found.isFetchingNextPage}
                onClick={() => void found.fetchNextPage()}
                sx={{ alignSelf: 'flex-start' }}
              >
                <Trans>Older ones</Trans>
              </Button>
            )}
          </>
        )}
        <PutAway />
      </Stack>
      <Box component="aside" aria-label={t`What it comes to`} sx={{ width: { xs: '100%', lg: 380 }, flexShrink: 0 }}>
        <Sums />
      </Box>
    </Stack>
  );
}
