import { t } from '@lingui/core/macro';
import { CssBaseline, ThemeProvider } from '@mui/material';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { lazy, Suspense, useMemo } from 'react';
import { Navigate, Route, Routes } from 'react-router';
import { api, unwrap } from './api/client';
import { keys, meQuery } from './api/queries';
import type { Me } from './api/types';
import { PreferencesContext, type Preferences } from './kit/preferences';
import { Failed, Loading } from './kit/States';
import { LoginPage } from './login/LoginPage';
import { Shell } from './shell/Shell';
import { kalopsisTheme } from './theme/theme';
import { TodayPage } from './today/TodayPage';

const BenchPage = lazy(() => import('./job/BenchPage').then((m) => ({ default: m.BenchPage })));
const BoothSheet = lazy(() => import('./sheet/BoothSheet').then((m) => ({ default: m.BoothSheet })));
const WeighPage = lazy(() => import('./mixing/WeighPage').then((m) => ({ default: m.WeighPage })));
const LabelsPage = lazy(() => import('./mixing/LabelsPage').then((m) => ({ default: m.LabelsPage })));
const CupListPage = lazy(() => import('./mixing/CupListPage').then((m) => ({ default: m.CupListPage })));
const RunPage = lazy(() => import('./run/RunPage').then((m) => ({ default: m.RunPage })));
const RecordPage = lazy(() => import('./run/RecordPage').then((m) => ({ default: m.RecordPage })));
const PocketGuide = lazy(() => import('./shelf/PocketGuide').then((m) => ({ default: m.PocketGuide })));
const ColourFormPage = lazy(() => import('./shelf/ColourFormPage').then((m) => ({ default: m.ColourFormPage })));
const PaintPage = lazy(() => import('./shelf/PaintPage').then((m) => ({ default: m.PaintPage })));
const TonerPage = lazy(() => import('./shelf/TonerPage').then((m) => ({ default: m.TonerPage })));
const TapePage = lazy(() => import('./shelf/TapePage').then((m) => ({ default: m.TapePage })));
const ShelfPage = lazy(() => import('./shelf/ShelfPage').then((m) => ({ default: m.ShelfPage })));
const CalibrationPage = lazy(() =>
  import('./calibration/CalibrationPage').then((m) => ({ default: m.CalibrationPage })),
);
const CardsPage = lazy(() => import('./calibration/CardsPage').then((m) => ({ default: m.CardsPage })));
const ColourPage = lazy(() => import('./logbook/ColourPage').then((m) => ({ default: m.ColourPage })));
const LogbookPage = lazy(() => import('./logbook/LogbookPage').then((m) => ({ default: m.LogbookPage })));
const AccountPage = lazy(() => import('./people/AccountPage').then((m) => ({ default: m.AccountPage })));
const PeoplePage = lazy(() => import('./people/PeoplePage').then((m) => ({ default: m.PeoplePage })));
const FirstPassword = lazy(() => import('./people/FirstPassword').then((m) => ({ default: m.FirstPassword })));
const PracticePage = lazy(() => import('./practice/PracticePage').then((m) => ({ default: m.PracticePage })));
const ScenarioPage = lazy(() => import('./practice/ScenarioPage').then((m) => ({ default: m.ScenarioPage })));
const SandboxPage = lazy(() => import('./practice/SandboxPage').then((m) => ({ default: m.SandboxPage })));

const NIGHT = '(prefers-color-scheme: dark)';

export function App() {
  const me = useQuery(meQuery);
  const themeName = me.data?.theme ?? (window.matchMedia(NIGHT).matches ? 'dark' : 'light');
  const theme = useMemo(() => kalopsisTheme(themeName), [themeName]);
  return (
    <ThemeProvider theme={theme}>
      <CssBaseline enableColorScheme />
      {me.isPending ? (
        <Loading what="Kalopsis" />
      ) : me.data != null && !me.isError ? (
        me.data.mustChange ? (
          <Suspense fallback={<Loading what="Kalopsis" />}>
            <FirstPassword name={me.data.name} />
          </Suspense>
        ) : (
          <SignedIn me={me.data} />
        )
      ) : me.data === null ? (
        <LoginPage />
      ) : (
        <Failed error={me.error} retry={() => void me.refetch()} />
      )}
    </ThemeProvider>
  );
}

function SignedIn({ me }: { me: Me }) {
  const client = useQueryClient();
  const save = useMutation({
    mutationFn: (wish: Partial<Pick<Me, 'units' | 'theme' | 'weights'>>) =>
      unwrap(api.PATCH('/api/me', { body: wish })),
    // The switch answers at once; the server only keeps it.
    onMutate: (wish) => client.setQueryData(keys.me, { ...me, ...wish }),
  });
  const preferences = useMemo<Preferences>(
    () => ({
      me,
      units: me.units,
      theme: me.theme,
      setUnits: (units) => save.mutate({ units }),
      setTheme: (theme) => save.mutate({ theme }),
      weights: me.weights,
      setWeights: (weights) => save.mutate({ weights }),
    }),
    [me, save],
  );
  return (
    <PreferencesContext value={preferences}>
      <Suspense fallback={<Loading what={t`the page`} />}>
        <Routes>
          <Route path="jobs/:id/sheet" element={<BoothSheet />} />
          <Route path="jobs/:id/weigh" element={<WeighPage />} />
          <Route path="jobs/:id/weigh/:mix" element={<WeighPage />} />
          <Route path="jobs/:id/labels" element={<LabelsPage />} />
          <Route path="jobs/:id/cup-list" element={<CupListPage />} />
          <Route path="jobs/:id/runs/:run" element={<RunPage />} />
          <Route path="jobs/:id/runs/:run/record" element={<RecordPage />} />
          <Route path="guide" element={<PocketGuide />} />
          <Route path="calibration/cards" element={<CardsPage />} />
          <Route element={<Shell />}>
            <Route index element={<TodayPage />} />
            <Route path="jobs/:id" element={<Navigate to="car" replace />} />
            <Route path="jobs/:id/:station" element={<BenchPage />} />
            <Route path="shelf" element={<ShelfPage />} />
            <Route path="shelf/colours/new" element={<ColourFormPage />} />
            <Route path="shelf/colours/:id" element={<ColourFormPage />} />
            <Route path="shelf/paint/new" element={<PaintPage />} />
            <Route path="shelf/paint/:key" element={<PaintPage />} />
            <Route path="shelf/toners/new" element={<TonerPage />} />
            <Route path="shelf/toners/:key" element={<TonerPage />} />
            <Route path="shelf/tape" element={<TapePage />} />
            <Route path="shelf/tape/:key" element={<TapePage />} />
            <Route path="calibration" element={<CalibrationPage />} />
            <Route path="logbook" element={<LogbookPage />} />
            <Route path="logbook/colour" element={<ColourPage />} />
            <Route path="people" element={<PeoplePage />} />
            <Route path="account" element={<AccountPage />} />
            <Route path="practice" element={<PracticePage />} />
            <Route path="practice/sandbox" element={<SandboxPage />} />
            <Route path="practice/:key" element={<ScenarioPage />} />
            <Route path="*" element={<Navigate to="/" replace />} />
          </Route>
        </Routes>
      </Suspense>
    </PreferencesContext>
  );
}
