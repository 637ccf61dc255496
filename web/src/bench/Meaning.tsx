import { Box, Divider, Stack, Typography } from '@mui/material';
import type { ReactNode } from 'react';
import type { CautionAt, JobPlan, Phrase, Severity } from '../api/types';
import { SeverityMark } from '../kit/SeverityMark';
import { Words } from '../kit/Words';

/** The right column: verdict first, then what to look out for, then the cautions of the station. */
interface Props {
  plan: JobPlan;
  where: (at: string) => boolean;
  /** What this station has to say first, instead of the plan's own verdict and warnings. */
  instead?: { says: Phrase; severity: Severity } | undefined;
  /** The station shows the verdict itself. */
  headless?: boolean;
  children?: ReactNode;
}

export function Meaning({ plan, where, instead, headless = false, children }: Props) {
  const seen = new Map<string, CautionAt>();
  for (const caution of plan.cautions) {
    if (where(caution.where)) {
      seen.set(caution.id, caution);
    }
  }
  const rest = (instead === undefined ? plan.warnings : []).filter((w) => w.says.plain !== plan.verdict.plain);
  return (
    <Box
      component="aside"
      aria-label="What it means"
      // It scrolls on its own, so the keyboard has to get to it.
      tabIndex={0}
      className="no-print"
      sx={{
        width: { lg: 320 },
        flexShrink: 0,
        p: 2.25,
        borderLeft: { lg: (t) => `1px solid ${t.tokens.line}` },
        borderTop: { xs: (t) => `1px solid ${t.tokens.line}`, lg: 'none' },
        backgroundColor: (t) => t.tokens.surface,
        overflowY: { lg: 'auto' },
      }}
    >
      <Typography variant="caption" component="h2" color="text.secondary" sx={{ fontWeight: 600 }}>
        What it means
      </Typography>
      {!headless && (
        <Stack direction="row" sx={{ gap: 1, mt: 0.75, alignItems: 'flex-start' }} role="status" aria-live="polite">
          <Box sx={{ mt: 0.5 }}>
            <SeverityMark severity={instead?.severity ?? plan.severity} size={20} />
          </Box>
          <Typography variant="h2" component="p" data-testid="verdict">
            <Words phrase={instead?.says ?? plan.verdict} />
          </Typography>
        </Stack>
      )}
      {headless && children}
      {rest.length > 0 && (
        <Stack component="ul" sx={{ gap: 1.25, p: 0, m: 0, mt: 2, listStyle: 'none' }}>
          {rest.map((warning, i) => (
            <Stack component="li" direction="row" key={`${warning.code}${i}`} sx={{ gap: 1, alignItems: 'flex-start' }}>
              <Box sx={{ mt: 0.25 }}>
                <SeverityMark severity={warning.severity} size={16} />
              </Box>
              <Typography variant="body2">
                <Words phrase={warning.says} />
              </Typography>
            </Stack>
          ))}
        </Stack>
      )}
      {!headless && children}
      {seen.size > 0 && (
        <>
          <Divider sx={{ my: 2 }} />
          <Typography variant="h3" sx={{ mb: 0.75 }}>
            Cautions
          </Typography>
          {[...seen.values()].map((caution) => (
            <Typography key={caution.id} variant="body2" sx={{ mb: 1 }}>
              <strong>{caution.title}.</strong> {caution.says}
            </Typography>
          ))}
        </>
      )}
      <Typography variant="caption" component="p" color="text.secondary" sx={{ mt: 1.5 }}>
        {plan.always}
      </Typography>
    </Box>
  );
}
