import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Box, ButtonBase, Divider, Popover, Typography } from '@mui/material';
import { visuallyHidden } from '@mui/utils';
import { useId, useState, type ReactNode } from 'react';
import type { Figure, Reason } from '../api/types';
import { tell } from '../language/tell';
import { NOTES, noteReasons, type NoteName } from './notes';
import { useUnits } from './preferences';
import { formatQuantity, phraseText } from './units';

const SOURCES: Record<Reason['source'], string> = {
  'data-sheet': t`Data sheet`,
  published: t`Published`,
  practice: t`Common practice`,
  'shop-calibration': t`This shop’s calibration`,
  estimate: t`Estimate`,
  geometry: t`Measured on the body shape`,
  'your-choice': t`Your choice`,
};

/** A figure that can be asked "why?": press it and the chain of inputs, rule and source opens. */
export function WhyFigure({ figure, label, strong = false }: { figure: Figure; label: string; strong?: boolean }) {
  const units = useUnits();
  return (
    <Why reasons={figure.reasons} label={label}>
      <Box component="span" sx={{ fontWeight: strong ? 680 : 560, whiteSpace: 'nowrap' }}>
        {formatQuantity(figure, units)}
      </Box>
    </Why>
  );
}

/** The same for a figure whose reason is the same wherever it stands. */
export function WhyNote({ of, children }: { of: NoteName; children: ReactNode }) {
  return (
    <Why reasons={noteReasons(of)} label={NOTES[of].title}>
      {children}
    </Why>
  );
}

export function Why({ reasons, label, children }: { reasons: readonly Reason[]; label: string; children: ReactNode }) {
  const [anchor, setAnchor] = useState<HTMLElement | null>(null);
  const units = useUnits();
  const id = useId();
  return (
    <>
      <ButtonBase
        onClick={(event) => setAnchor(event.currentTarget)}
        aria-haspopup="dialog"
        aria-expanded={anchor !== null}
        sx={{
          font: 'inherit',
          color: 'inherit',
          minHeight: 32,
          px: 0.5,
          mx: -0.5,
          borderRadius: 1,
          verticalAlign: 'baseline',
          position: 'relative',
          // In a line of words it is pressed where a gloved finger lands, without pushing the lines apart.
          '&::after': {
            content: '""',
            position: 'absolute',
            top: '50%',
            left: '50%',
            width: '100%',
            minWidth: 44,
            height: (t) => t.target,
            transform: 'translate(-50%, -50%)',
          },
          textDecoration: 'underline dotted',
          textDecorationColor: (t) => t.tokens.inkSoft,
          textUnderlineOffset: '0.22em',
          '&:hover': { backgroundColor: (t) => t.tokens.line },
          '@media print': { textDecoration: 'none' },
        }}
      >
        {children}
        <Box component="span" sx={visuallyHidden}>
          <Trans>, {label}: why?</Trans>
        </Box>
      </ButtonBase>
      <Popover
        open={anchor !== null}
        anchorEl={anchor}
        onClose={() => setAnchor(null)}
        anchorOrigin={{ vertical: 'bottom', horizontal: 'left' }}
        slotProps={{ paper: { sx: { p: 2.5, maxWidth: 400 }, role: 'dialog', 'aria-labelledby': id } }}
      >
        <Typography id={id} variant="h3" sx={{ mb: 1 }}>
          <Trans>{label}: why?</Trans>
        </Typography>
        {reasons.map((reason, i) => (
          <Box key={i}>
            {i > 0 && <Divider sx={{ my: 1.5 }} />}
            <Typography>{phraseText(reason.rule, units)}</Typography>
            {reason.inputs.length > 0 && (
              <Box
                component="dl"
                sx={{ display: 'grid', gridTemplateColumns: '1fr auto', columnGap: 2, rowGap: 0.25, my: 1 }}
              >
                {reason.inputs.map((input) => (
                  <Box key={input.name} sx={{ display: 'contents' }}>
                    <Typography component="dt" variant="body2" color="text.secondary">
                      {tell(input.name)}
                    </Typography>
                    <Typography component="dd" variant="body2" sx={{ m: 0, textAlign: 'right' }}>
                      {typeof input.value === 'object' ? formatQuantity(input.value, units) : input.value}
                    </Typography>
                  </Box>
                ))}
              </Box>
            )}
            <Typography variant="caption" color="text.secondary">
              <strong>{SOURCES[reason.source]}.</strong> {tell(reason.citation)}
            </Typography>
          </Box>
        ))}
      </Popover>
    </>
  );
}
