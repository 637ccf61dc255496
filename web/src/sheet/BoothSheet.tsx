import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import {
  Box,
  Button,
  GlobalStyles,
  Stack,
  ThemeProvider,
  ToggleButton,
  ToggleButtonGroup,
  Typography,
} from '@mui/material';
import { useCallback, useEffect, useMemo, useState, type ReactNode } from 'react';
import { Link, useParams, useSearchParams } from 'react-router';
import { useBody } from '../api/queries';
import type { Bench, BodyShape } from '../api/types';
import { useBench } from '../bench/useBench';
import { usePreferences, useUnits } from '../kit/preferences';
import { Failed, Loading } from '../kit/States';
import { kalopsisTheme } from '../theme/theme';
import { Fitted } from './Fitted';
import { SheetContent } from './SheetContent';

const PAPERS = {
  a4: { css: 'A4 portrait', w: 210, h: 297, name: 'A4' },
  letter: { css: 'letter portrait', w: 215.9, h: 279.4, name: 'Letter' },
} as const;
type Paper = keyof typeof PAPERS;

const MARGIN_MM = 9;

/** Set smaller than this nobody reads it two metres away: then it takes a second page. */
const READABLE = 0.7;

function Page({ w, h, children }: { w: number; h: number; children: ReactNode }) {
  return (
    <Box
      sx={{
        width: `${w}mm`,
        height: `${h}mm`,
        mx: 'auto',
        backgroundColor: '#fff',
        color: '#000',
        boxShadow: `0 0 0 ${MARGIN_MM}mm #fff`,
        my: `${MARGIN_MM + 4}mm`,
        overflow: 'hidden',
        '@media print': { boxShadow: 'none', m: 0, breakAfter: 'page', '&:last-child': { breakAfter: 'auto' } },
      }}
    >
      {children}
    </Box>
  );
}

/** One page to tape to the wall, two when the plan is long. Always black on white, whatever the screen's theme. */
export function BoothSheet() {
  const { id = '' } = useParams();
  const loaded = useBench(id);
  const bench = loaded.state === 'ready' ? loaded.handle.bench : undefined;
  const body = useBody(bench?.document.car);
  if (loaded.state === 'failed') {
    return <Failed error={loaded.error} retry={loaded.retry} />;
  }
  if (bench === undefined || body.data === undefined) {
    return body.isError ? (
      <Failed error={body.error} retry={() => void body.refetch()} />
    ) : (
      <Loading what={t`the booth sheet`} />
    );
  }
  return <Sheet bench={bench} body={body.data} />;
}

function Sheet({ bench, body }: { bench: Bench; body: BodyShape }) {
  const [search, setSearch] = useSearchParams();
  const { me } = usePreferences();
  const usual = me.paper === 'letter' ? 'letter' : 'a4';
  const asked = search.get('paper');
  const paper: Paper = asked === 'letter' || asked === 'a4' ? asked : usual;
  const size = PAPERS[paper];
  const units = useUnits();
  const fitFor = `${paper} ${bench.version} ${units}`;
  const [tooLong, setTooLong] = useState('');
  const two = tooLong === fitFor;
  const split = useCallback(() => setTooLong(fitFor), [fitFor]);
  const theme = useMemo(() => kalopsisTheme('light'), []);
  useEffect(() => {
    const before = document.title;
    document.title = t`Booth sheet, ${bench.document.car.label} ${bench.document.car.plate ?? ''}`;
    return () => {
      document.title = before;
    };
  }, [bench]);
  return (
    <>
      <GlobalStyles
        styles={{
          '@page': { size: size.css, margin: `${MARGIN_MM}mm` },
          '@media print': { body: { backgroundColor: '#fff !important' }, '.no-print': { display: 'none !important' } },
        }}
      />
      <Stack
        direction="row"
        component="header"
        className="no-print"
        sx={{
          gap: 1.5,
          p: 1.5,
          alignItems: 'center',
          flexWrap: 'wrap',
          borderBottom: (t) => `1px solid ${t.tokens.line}`,
        }}
      >
        <Button component={Link} to={`/jobs/${bench.id}/blend`} variant="outlined">
          <Trans>Back to the job</Trans>
        </Button>
        <Typography sx={{ flexGrow: 1 }}>
          <Trans>Booth sheet</Trans>
        </Typography>
        <ToggleButtonGroup
          exclusive
          value={paper}
          aria-label={t`Paper`}
          onChange={(_, value: Paper | null) => value !== null && setSearch({ paper: value }, { replace: true })}
        >
          {(Object.keys(PAPERS) as Paper[]).map((key) => (
            <ToggleButton key={key} value={key}>
              {PAPERS[key].name}
            </ToggleButton>
          ))}
        </ToggleButtonGroup>
        <Button variant="contained" onClick={() => window.print()}>
          <Trans>Print</Trans>
        </Button>
      </Stack>
      <ThemeProvider theme={theme}>
        <Box
          component="main"
          sx={{ overflowX: 'auto', p: { xs: 0, sm: 2 }, '@media print': { p: 0, overflow: 'visible' } }}
        >
          {(two ? (['coats', 'rest'] as const) : (['all'] as const)).map((part) => (
            <Page key={part} w={size.w - 2 * MARGIN_MM} h={size.h - 2 * MARGIN_MM - 1}>
              <Fitted
                widthMm={size.w - 2 * MARGIN_MM}
                heightMm={size.h - 2 * MARGIN_MM - 1}
                fitFor={`${fitFor} ${part}`}
                {...(part === 'all' ? { smallest: READABLE, onTooSmall: split } : {})}
              >
                <SheetContent bench={bench} body={body} part={part} />
              </Fitted>
            </Page>
          ))}
        </Box>
      </ThemeProvider>
    </>
  );
}
