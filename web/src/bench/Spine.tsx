import { t } from '@lingui/core/macro';
import { Box, ButtonBase, Stack, Typography } from '@mui/material';
import { NavLink } from 'react-router';
import type { Station } from '../api/types';
import { SeverityMark } from '../kit/SeverityMark';
import { STATIONS } from '../kit/stations';
import { Words } from '../kit/Words';

/** The six stations in the order of the work, each with its state in a word. */
export function Spine({ jobId, states }: { jobId: string; states: readonly Station[] }) {
  return (
    <Stack
      component="nav"
      aria-label={t`Stations`}
      className="no-print"
      sx={{
        position: 'relative',
        zIndex: 1,
        flexDirection: { xs: 'row', md: 'column' },
        width: { md: 176 },
        flexShrink: 0,
        overflowX: 'auto',
        borderRight: { md: (t) => `1px solid ${t.tokens.line}` },
        borderBottom: { xs: (t) => `1px solid ${t.tokens.line}`, md: 'none' },
        backgroundColor: (t) => t.tokens.surface,
      }}
    >
      {STATIONS.map(({ id, key, name }) => {
        const state = states.find((s) => s.id === id);
        return (
          <ButtonBase
            key={id}
            component={NavLink}
            to={`/jobs/${jobId}/${id}`}
            sx={{
              justifyContent: 'flex-start',
              alignItems: 'flex-start',
              textAlign: 'left',
              gap: 1.25,
              px: 1.75,
              py: 1.5,
              minHeight: (t) => Math.max(68, t.target),
              minWidth: { xs: 132, md: 0 },
              color: 'text.primary',
              borderLeft: { md: '4px solid transparent' },
              borderBottom: { xs: '4px solid transparent', md: 'none' },
              '&.active': {
                backgroundColor: (t) => t.tokens.raised,
                borderColor: (t) => t.tokens.press,
                '& .name': { fontWeight: 700 },
              },
              '&:hover': { backgroundColor: (t) => t.tokens.raised },
            }}
          >
            <Typography
              component="span"
              aria-hidden="true"
              sx={{ fontSize: '1.5rem', lineHeight: 1.05, fontWeight: 300, color: 'text.secondary', width: 18 }}
            >
              {key}
            </Typography>
            <Box>
              <Typography
                component="span"
                className="name"
                sx={{ display: 'block', lineHeight: 1.25, fontWeight: 520 }}
              >
                {name}
              </Typography>
              {state !== undefined && (
                <Stack component="span" direction="row" sx={{ alignItems: 'center', gap: 0.5, mt: 0.25 }}>
                  {state.severity !== 'note' && <SeverityMark severity={state.severity} size={13} />}
                  <Typography component="span" variant="caption" color="text.secondary" sx={{ lineHeight: 1.25 }}>
                    <Words phrase={state.state} />
                  </Typography>
                </Stack>
              )}
            </Box>
          </ButtonBase>
        );
      })}
    </Stack>
  );
}
