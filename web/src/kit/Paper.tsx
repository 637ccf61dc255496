import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Box, Button, GlobalStyles, Stack, ThemeProvider, Typography } from '@mui/material';
import { useMemo, type ReactNode } from 'react';
import { Link } from 'react-router';
import { kalopsisTheme } from '../theme/theme';
import { usePreferences } from './preferences';

/** A page for paper: black on white whatever the screen's theme, with what can be chosen above it. */
export function Paper({
  css,
  margin = '8mm',
  back,
  backWords = t`Back to Cups`,
  title,
  choices,
  children,
}: {
  /** size of a label; else the shop's sheet */
  css?: string;
  margin?: string;
  back: string;
  backWords?: string;
  title?: string;
  choices?: ReactNode;
  children: ReactNode;
}) {
  const { me } = usePreferences();
  const light = useMemo(() => kalopsisTheme('light'), []);
  return (
    <ThemeProvider theme={light}>
      <GlobalStyles
        styles={{
          '@page': { size: css ?? `${me.paper} portrait`, margin },
          '@media print': { '.no-print': { display: 'none !important' } },
        }}
      />
      <Box sx={{ backgroundColor: '#fff', color: '#000', minHeight: '100dvh', '@media print': { minHeight: 0 } }}>
        <Stack
          direction="row"
          className="no-print"
          component="nav"
          aria-label={t`Print`}
          sx={{ gap: 1.5, p: 1.5, flexWrap: 'wrap', alignItems: 'center', borderBottom: '1px solid #ccc' }}
        >
          <Button component={Link} to={back}>
            {backWords}
          </Button>
          <Button variant="contained" onClick={() => window.print()}>
            <Trans>Print</Trans>
          </Button>
          {choices}
          {title !== undefined && (
            <Typography variant="h2" component="h1">
              {title}
            </Typography>
          )}
        </Stack>
        <Box component="main" sx={{ p: 2, '@media print': { p: 0 } }}>
          {children}
        </Box>
      </Box>
    </ThemeProvider>
  );
}
