import { t } from '@lingui/core/macro';
import { Box, Typography } from '@mui/material';
import type { Mix, MixPortion } from '../api/types';
import { useGrams } from '../kit/preferences';
import { tell } from '../language/tell';

const MARKS: Record<MixPortion['state'], string> = { done: '✓', now: '▸', over: '!', waits: '·' };

/** What goes in, one after the other, with where it stands; in words for who does not see the marks. */
export function Portions({ mix }: { mix: Mix }) {
  const weight = useGrams();
  const words: Record<MixPortion['state'], string> = {
    done: t`in`,
    now: t`now`,
    over: t`too much`,
    waits: t`waits`,
  };
  return (
    <Box
      component="ol"
      aria-label={t`What goes in`}
      sx={{ listStyle: 'none', m: 0, p: 0, width: { md: 300 }, flexShrink: 0 }}
    >
      {mix.portions.map((portion, i) => (
        <Box
          component="li"
          key={`${i} ${portion.name}`}
          aria-current={portion.state === 'now' ? 'step' : undefined}
          sx={{
            display: 'flex',
            gap: 1.5,
            py: 1.25,
            borderBottom: (theme) => `1px solid ${theme.tokens.line}`,
            fontWeight: portion.state === 'now' || portion.state === 'over' ? 680 : 440,
            color: (theme) => (portion.state === 'over' ? theme.tokens.stop : theme.tokens.ink),
          }}
        >
          <span aria-hidden style={{ width: '1em' }}>
            {MARKS[portion.state]}
          </span>
          <Box sx={{ flexGrow: 1 }}>
            <Typography sx={{ fontWeight: 'inherit', color: 'inherit' }}>{tell(portion.name)}</Typography>
            <Typography variant="body2" sx={{ color: 'inherit' }}>
              {weight(portion.grams)}, {words[portion.state]}
              {portion.poured > 0 && portion.state !== 'done' && <> ({t`${weight(portion.poured)} in`})</>}
            </Typography>
          </Box>
          <Typography sx={{ fontVariantNumeric: 'tabular-nums', fontWeight: 'inherit', color: 'inherit' }}>
            {weight(portion.cumulative)}
          </Typography>
        </Box>
      ))}
    </Box>
  );
}
