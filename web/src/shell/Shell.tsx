import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import HelpIcon from '@mui/icons-material/HelpOutlineOutlined';
import KeyboardIcon from '@mui/icons-material/KeyboardOutlined';
import SearchIcon from '@mui/icons-material/Search';
import {
  Box,
  Button,
  IconButton,
  ListSubheader,
  Menu,
  MenuItem,
  Stack,
  ToggleButton,
  ToggleButtonGroup,
  Tooltip,
  Typography,
} from '@mui/material';
import { useQueryClient } from '@tanstack/react-query';
import { lazy, Suspense, useEffect, useState } from 'react';
import { NavLink, Outlet, Link as RouterLink, useLocation, useNavigate } from 'react-router';
import { api } from '../api/client';
import type { ThemeName, Weights } from '../api/types';
import { usePreferences } from '../kit/preferences';
import { isTyping, singleKeys } from '../kit/shortcuts';
import { tell } from '../language/tell';
import { CommandPalette } from './CommandPalette';
import { TourOffer } from './TourOffer';
import { keepTour, keptTour, type TourState } from './tourSteps';

// What nobody has asked for yet does not keep the first page waiting.
const HelpHere = lazy(() => import('./HelpHere').then((m) => ({ default: m.HelpHere })));
const KeyboardHelp = lazy(() => import('./KeyboardHelp').then((m) => ({ default: m.KeyboardHelp })));
const Tour = lazy(() => import('./Tour').then((m) => ({ default: m.Tour })));

const PLACES = [
  { to: '/', label: t`Today` },
  { to: '/shelf', label: t`Shelf` },
  { to: '/logbook', label: t`Logbook` },
  { to: '/practice', label: t`Practice bay` },
];

const WEIGHTS: { name: Weights; label: string }[] = [
  { name: 'g', label: t`Weights in g` },
  { name: 'oz', label: t`Weights in oz` },
];

const THEMES: { name: ThemeName; label: string }[] = [
  { name: 'light', label: t`Light` },
  { name: 'dark', label: t`Dark` },
  { name: 'booth', label: t`Booth (dark, large)` },
];

export function Shell() {
  const { me, units, setUnits, theme, setTheme, weights, setWeights } = usePreferences();
  const client = useQueryClient();
  const [palette, setPalette] = useState(false);
  const [help, setHelp] = useState(false);
  const [here, setHere] = useState(false);
  const [tour, setTour] = useState(keptTour);
  const { pathname } = useLocation();
  const navigate = useNavigate();
  const goOn = (state: TourState) => {
    keepTour(state);
    setTour(state);
  };
  const beginTour = () => {
    goOn({ step: 0, open: true });
    void navigate('/');
  };
  const [menu, setMenu] = useState<HTMLElement | null>(null);
  useEffect(() => {
    const keys = (event: KeyboardEvent) => {
      if ((event.ctrlKey || event.metaKey) && event.key.toLowerCase() === 'k') {
        event.preventDefault();
        setPalette(true);
      } else if (event.key === '?' && singleKeys() && !isTyping(event)) {
        setHelp(true);
      }
    };
    window.addEventListener('keydown', keys);
    return () => window.removeEventListener('keydown', keys);
  }, []);
  const signOut = async () => {
    await api.POST('/api/logout');
    client.clear();
    // What the next one at this tablet must not find.
    if ('caches' in window) {
      await window.caches.delete('kalopsis-run');
    }
    window.location.assign('/');
  };
  return (
    <Box sx={{ minHeight: '100dvh', height: { lg: '100dvh' }, display: 'flex', flexDirection: 'column' }}>
      <Box
        component="a"
        href="#main"
        sx={{
          position: 'absolute',
          left: -9999,
          '&:focus': { left: 8, top: 8, zIndex: 10, p: 1.5, minHeight: 44, backgroundColor: (t) => t.tokens.raised },
        }}
      >
        <Trans>Skip to the work</Trans>
      </Box>
      <Stack
        component="header"
        direction="row"
        className="no-print"
        sx={{
          alignItems: 'center',
          gap: { xs: 0.5, md: 2 },
          px: { xs: 1, md: 2 },
          py: 0.25,
          borderBottom: (t) => `1px solid ${t.tokens.line}`,
          backgroundColor: (t) => t.tokens.surface,
          flexWrap: { xs: 'wrap', sm: 'nowrap' },
        }}
      >
        <Typography component="span" sx={{ fontWeight: 700, letterSpacing: '-0.02em', fontSize: '1.15rem', pr: 1 }}>
          <Trans>Kalopsis</Trans>
        </Typography>
        <Stack
          component="nav"
          aria-label={t`Places`}
          direction="row"
          sx={{ flexGrow: 1, order: { xs: 3, sm: 0 }, flexBasis: { xs: '100%', sm: 'auto' }, overflowX: 'auto' }}
        >
          {PLACES.map(({ to, label }) => (
            <Button
              key={to}
              component={NavLink}
              to={to}
              end={to === '/'}
              sx={{
                color: 'text.primary',
                fontWeight: 500,
                borderRadius: 0,
                px: { xs: 1.25, md: 2 },
                whiteSpace: 'nowrap',
                borderBottom: '3px solid transparent',
                '&.active': { fontWeight: 700, borderBottomColor: (t) => t.tokens.press },
              }}
            >
              {label}
            </Button>
          ))}
        </Stack>
        <Box sx={{ flexGrow: { xs: 1, sm: 0 } }} />
        <Tooltip title={t`Find a car, a station, an action (Ctrl K)`}>
          <IconButton aria-label={t`Find anything`} onClick={() => setPalette(true)}>
            <SearchIcon />
          </IconButton>
        </Tooltip>
        <ToggleButtonGroup
          exclusive
          size="small"
          value={units}
          aria-label={t`Units`}
          onChange={(_, value: 'metric' | 'us' | null) => value !== null && setUnits(value)}
        >
          <ToggleButton value="metric">
            <Trans>mm</Trans>
          </ToggleButton>
          <ToggleButton value="us">
            <Trans>inch</Trans>
          </ToggleButton>
        </ToggleButtonGroup>
        <Tooltip title={t`Help for this place`}>
          <IconButton
            aria-label={t`Help`}
            onClick={() => setHere(true)}
            sx={{ display: { xs: 'none', sm: 'inline-flex' } }}
          >
            <HelpIcon />
          </IconButton>
        </Tooltip>
        <Tooltip title={t`Keys (?)`}>
          <IconButton
            aria-label={t`Keyboard map`}
            onClick={() => setHelp(true)}
            sx={{ display: { xs: 'none', md: 'inline-flex' } }}
          >
            <KeyboardIcon />
          </IconButton>
        </Tooltip>
        <Button
          onClick={(event) => setMenu(event.currentTarget)}
          aria-haspopup="menu"
          aria-label={t`${me.name}, settings`}
          sx={{ color: 'text.primary', whiteSpace: 'nowrap' }}
        >
          {me.name.split(' ')[0]}
        </Button>
        <Menu anchorEl={menu} open={menu !== null} onClose={() => setMenu(null)}>
          <ListSubheader sx={{ backgroundColor: 'transparent', lineHeight: 1.5, py: 1 }}>
            {me.name}, {tell(me.role)}
            <br />
            {me.workshop.name}, {me.workshop.town}
          </ListSubheader>
          {THEMES.map(({ name, label }) => (
            <MenuItem key={name} selected={name === theme} onClick={() => setTheme(name)}>
              {label}
            </MenuItem>
          ))}
          <MenuItem divider sx={{ p: 0, minHeight: 0 }} aria-hidden="true" disabled />
          {WEIGHTS.map(({ name, label }) => (
            <MenuItem key={name} selected={name === weights} onClick={() => setWeights(name)}>
              {label}
            </MenuItem>
          ))}
          <MenuItem divider sx={{ p: 0, minHeight: 0 }} aria-hidden="true" disabled />
          {/* On a phone there is no room for it above. */}
          <MenuItem
            sx={{ display: { sm: 'none' } }}
            onClick={() => {
              setMenu(null);
              setHere(true);
            }}
          >
            <Trans>Help for this place</Trans>
          </MenuItem>
          <MenuItem component={RouterLink} to="/account" onClick={() => setMenu(null)}>
            <Trans>My account</Trans>
          </MenuItem>
          {me.role === 'lead' && (
            <MenuItem component={RouterLink} to="/people" onClick={() => setMenu(null)}>
              <Trans>People</Trans>
            </MenuItem>
          )}
          <MenuItem onClick={() => void signOut()}>
            <Trans>Sign out</Trans>
          </MenuItem>
        </Menu>
      </Stack>
      {tour === null && pathname === '/' && (
        <TourOffer onBegin={beginTour} onNo={() => goOn({ step: 0, open: false })} />
      )}
      <Box
        component="main"
        id="main"
        tabIndex={-1}
        sx={{
          flexGrow: 1,
          minHeight: 0,
          overflowY: { lg: 'auto' },
          display: 'flex',
          flexDirection: 'column',
          outline: 'none',
        }}
      >
        <Outlet />
      </Box>
      <Suspense fallback={null}>
        {tour?.open === true && <Tour state={tour} onState={goOn} />}
        {here && (
          <HelpHere
            onClose={() => setHere(false)}
            onTour={() => (tour !== null && tour.step > 0 ? goOn({ ...tour, open: true }) : beginTour())}
          />
        )}
        {help && <KeyboardHelp open onClose={() => setHelp(false)} />}
      </Suspense>
      {/* At once: who presses Ctrl K types on. */}
      {palette && <CommandPalette onClose={() => setPalette(false)} onHelp={() => setHelp(true)} />}
    </Box>
  );
}
