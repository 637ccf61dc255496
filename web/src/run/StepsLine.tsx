import { t } from '@lingui/core/macro';
import { Box, Stack } from '@mui/material';
import { visuallyHidden } from '@mui/utils';
import { useEffect, useRef } from 'react';
import { Words } from '../kit/Words';
import type { Replayed } from './replay';

/** Where we are: every step as a bar, done ones ticked. It scrolls on its own where it is long. */
export function StepsLine({ state }: { state: Replayed }) {
  const here = useRef<HTMLDivElement>(null);
  useEffect(() => {
    here.current?.scrollIntoView({ inline: 'center', block: 'nearest' });
  }, [state.at]);
  return (
    <Stack
      direction="row"
      role="list"
      aria-label={t`Steps of the run`}
      tabIndex={0}
      sx={{ gap: 1, overflowX: 'auto', flexShrink: 0, pb: 0.5 }}
    >
      {state.steps.map((step, i) => {
        const done = i < state.at;
        const now = i === state.at;
        return (
          <Box
            key={step.id}
            role="listitem"
            ref={now ? here : undefined}
            aria-current={now ? 'step' : undefined}
            sx={{ flex: '1 1 0', minWidth: 62 }}
          >
            <Box
              sx={{
                height: 8,
                borderRadius: 4,
                mb: 0.5,
                backgroundColor: (th) => (now ? th.tokens.ink : done ? th.tokens.press : th.tokens.line),
              }}
            />
            <Box
              sx={{
                fontSize: '0.8rem',
                lineHeight: 1.2,
                fontWeight: now ? 720 : 400,
                color: (th) => (now ? th.tokens.ink : th.tokens.inkSoft),
              }}
            >
              {step.name !== undefined && <Words phrase={step.name} />}
              {done && ' \u2713'}
              <Box component="span" sx={visuallyHidden}>
                {done ? t`, done` : now ? t`, now` : ''}
              </Box>
            </Box>
          </Box>
        );
      })}
    </Stack>
  );
}
