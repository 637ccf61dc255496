import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import ExpandLessIcon from '@mui/icons-material/ExpandLess';
import ExpandMoreIcon from '@mui/icons-material/ExpandMore';
import { Box, ButtonBase, Divider, Stack, Typography, useMediaQuery, type Theme } from '@mui/material';
import { useState, type ReactNode } from 'react';
import type { CautionAt, JobPlan, Phrase, Severity } from '../api/types';
import { SeverityMark } from '../kit/SeverityMark';
import { Words } from '../kit/Words';
import { tell } from '../language/tell';

interface Props {
  plan: JobPlan;
  where: (at: string) => boolean;
  /** What this station has to say first, instead of the plan's own verdict and warnings. */
  instead?: { says: Phrase; severity: Severity } | undefined;
  /** The station shows the verdict itself. */
  headless?: boolean;
  /** Said below the verdict where that is only a bar. */
  glance?: Phrase | undefined;
  children?: ReactNode;
}

/**
 * Verdict first, then what to look out for, then the cautions of the station: a column on the right, or on a tablet and
 * a phone a bar at the foot that opens.
 */
export function Meaning({ plan, where, instead, headless = false, glance, children }: Props) {
  const beside = useMediaQuery((t: Theme) => t.breakpoints.up('lg'));
  const [open, setOpen] = useState(false);
  const seen = new Map<string, CautionAt>();
  for (const caution of plan.cautions) {
    if (where(caution.where)) {
      seen.set(caution.id, caution);
    }
  }
  const rest = (instead === undefined ? plan.warnings : []).filter((w) => w.says.plain !== plan.verdict.plain);
  const says = instead?.says ?? plan.verdict;
  const severity = instead?.severity ?? plan.severity;
  return (
    <Box
      component="aside"
      aria-label={t`What it means`}
      // It scrolls on its own, so the keyboard has to get to it.
      tabIndex={beside ? 0 : -1}
      className="no-print"
      sx={
        beside
          ? {
              width: 320,
              flexShrink: 0,
              p: 2.25,
              borderLeft: (t) => `1px solid ${t.tokens.line}`,
              backgroundColor: (t) => t.tokens.surface,
              overflowY: 'auto',
            }
          : {
              // Where there is no room beside the map the verdict stays in sight below it, whatever is scrolled or pulled.
              position: 'sticky',
              bottom: 0,
              zIndex: 4,
              borderTop: (t) => `2px solid ${t.tokens.ink}`,
              backgroundColor: (t) => t.tokens.raised,
            }
      }
    >
      {!beside && (
        <ButtonBase
          aria-expanded={open}
          onClick={() => setOpen(!open)}
          sx={{
            width: '100%',
            minHeight: (t) => t.target + 8,
            px: 2,
            py: 0.75,
            gap: 1.25,
            textAlign: 'left',
            justifyContent: 'flex-start',
          }}
        >
          <SeverityMark severity={severity} size={20} />
          <Typography
            component="span"
            data-testid="verdict-bar"
            sx={{ fontWeight: 640, lineHeight: 1.25, flexGrow: 1, minWidth: 0 }}
          >
            <Words phrase={says} />
            {glance !== undefined && (
              <Typography component="span" variant="body2" color="text.secondary" sx={{ display: 'block' }}>
                <Words phrase={glance} />
              </Typography>
            )}
          </Typography>
          <Typography component="span" variant="body2" sx={{ whiteSpace: 'nowrap', fontWeight: 640 }}>
            {open ? t`Close` : t`What it means`}
          </Typography>
          {open ? <ExpandMoreIcon /> : <ExpandLessIcon />}
        </ButtonBase>
      )}
      {(beside || open) && (
        <Box
          tabIndex={beside ? undefined : 0}
          sx={beside ? {} : { maxHeight: '55dvh', overflowY: 'auto', px: 2.25, pb: 2, pt: 0.5 }}
        >
          {beside && (
            <Typography variant="caption" component="h2" color="text.secondary" sx={{ fontWeight: 600 }}>
              <Trans>What it means</Trans>
            </Typography>
          )}
          {!headless && beside && (
            <Stack direction="row" sx={{ gap: 1, mt: 0.75, alignItems: 'flex-start' }} role="status" aria-live="polite">
              <Box sx={{ mt: 0.5 }}>
                <SeverityMark severity={severity} size={20} />
              </Box>
              <Typography variant="h2" component="p" data-testid="verdict">
                <Words phrase={says} />
              </Typography>
            </Stack>
          )}
          {headless && children}
          {rest.length > 0 && (
            <Stack component="ul" sx={{ gap: 1.25, p: 0, m: 0, mt: 2, listStyle: 'none' }}>
              {rest.map((warning, i) => (
                <Stack
                  component="li"
                  direction="row"
                  key={`${warning.code}${i}`}
                  sx={{ gap: 1, alignItems: 'flex-start' }}
                >
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
                <Trans>Cautions</Trans>
              </Typography>
              {[...seen.values()].map((caution) => (
                <Typography key={caution.id} variant="body2" sx={{ mb: 1 }}>
                  <strong>{tell(caution.title)}.</strong> {tell(caution.says)}
                </Typography>
              ))}
            </>
          )}
          <Typography variant="caption" component="p" color="text.secondary" sx={{ mt: 1.5 }}>
            {tell(plan.always)}
          </Typography>
        </Box>
      )}
    </Box>
  );
}
