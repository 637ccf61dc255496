import { t } from '@lingui/core/macro';
import { Box } from '@mui/material';
import type { Severity } from '../api/types';

const WORDS: Record<Severity, string> = { note: t`Note`, 'look-out': t`Look out`, stop: t`Stop` };

/** A shape and a word for each grade, so that colour is never the only sign. */
export function SeverityMark({ severity, size = 18 }: { severity: Severity; size?: number }) {
  return (
    <Box
      component="svg"
      viewBox="0 0 20 20"
      role="img"
      aria-label={WORDS[severity]}
      sx={{
        width: size,
        height: size,
        flexShrink: 0,
        color: (t) =>
          severity === 'stop' ? t.tokens.stop : severity === 'look-out' ? t.tokens.lookOut : t.tokens.inkSoft,
      }}
    >
      {severity === 'note' && <circle cx="10" cy="10" r="6" fill="none" stroke="currentColor" strokeWidth="2.5" />}
      {severity === 'look-out' && <path d="M10 2.5 18.5 17.5H1.5Z" fill="currentColor" />}
      {severity === 'stop' && <path d="M6 1.5h8L18.5 6v8L14 18.5H6L1.5 14V6Z" fill="currentColor" />}
    </Box>
  );
}
