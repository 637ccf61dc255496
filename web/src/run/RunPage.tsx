import { t } from '@lingui/core/macro';
import { CssBaseline, ThemeProvider } from '@mui/material';
import { useMemo } from 'react';
import { useParams } from 'react-router';
import { usePreferences } from '../kit/preferences';
import { Failed, Loading } from '../kit/States';
import { kalopsisTheme } from '../theme/theme';
import { RunScreen } from './RunScreen';
import { useRun } from './useRun';

/** The run, full screen and dark: one step at a time. */
export function RunPage() {
  const { id = '', run = '' } = useParams();
  const { me } = usePreferences();
  const loaded = useRun(id, run, me.name);
  const theme = useMemo(() => kalopsisTheme('booth'), []);
  return (
    <ThemeProvider theme={theme}>
      <CssBaseline enableColorScheme />
      {loaded.state === 'loading' ? (
        <Loading what={t`the run`} />
      ) : loaded.state === 'failed' ? (
        <Failed error={loaded.error} retry={() => window.location.reload()} />
      ) : (
        <RunScreen handle={loaded.handle} />
      )}
    </ThemeProvider>
  );
}
