import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Box, Button, Stack, Typography, useTheme } from '@mui/material';
import { Link as RouterLink } from 'react-router';
import type { PracticeLadder, PracticeSkill } from '../api/types';
import { useUnits } from '../kit/preferences';
import { phraseText } from '../kit/units';

/** Good tries in a row that are drawn; more only count. */
const STREAK = 5;

/** A row for each skill, its scenarios from easy to nasty, and how far one has come. */
export function Ladder({
  ladder,
  mayPutAway,
  onPutAway,
}: {
  ladder: PracticeLadder;
  mayPutAway: boolean;
  onPutAway: (key: string) => void;
}) {
  const units = useUnits();
  return (
    <Box component="ul" aria-label={t`Skills`} sx={{ listStyle: 'none', m: 0, p: 0 }}>
      {ladder.skills.map((skill) => (
        <Box
          component="li"
          key={skill.skill}
          sx={{
            display: 'grid',
            gridTemplateColumns: { xs: '1fr', md: '260px 1fr' },
            gap: { xs: 1, md: 2 },
            py: 1.25,
            borderBottom: (th) => `1px solid ${th.tokens.line}`,
          }}
        >
          <Box>
            <Typography sx={{ fontWeight: 680 }}>{phraseText(skill.words, units)}</Typography>
            <Streak skill={skill} />
          </Box>
          <Stack direction="row" sx={{ gap: 1, flexWrap: 'wrap' }}>
            {ladder.scenarios
              .filter((s) => s.skill === skill.skill)
              .map((s) => (
                <Stack key={s.key} sx={{ alignItems: 'flex-start' }}>
                  <Button
                    component={RouterLink}
                    to={`/practice/${s.key}`}
                    variant="outlined"
                    sx={{ display: 'block', textAlign: 'left', width: { xs: '100%', sm: 220 }, minHeight: 76 }}
                  >
                    <Box component="span" sx={{ display: 'block' }}>
                      {phraseText(s.title, units)}
                    </Box>
                    <Box component="span" sx={{ display: 'flex', gap: 1, alignItems: 'center', fontWeight: 400 }}>
                      <Level level={s.level} />
                      {s.best !== null && <Trans>best {s.best}</Trans>}
                      {s.best !== null && s.best >= ladder.good && <span aria-hidden="true">✓</span>}
                    </Box>
                  </Button>
                  {s.own && mayPutAway && (
                    <Button onClick={() => onPutAway(s.key)} aria-label={t`Put ${phraseText(s.title, units)} away`}>
                      <Trans>Put away</Trans>
                    </Button>
                  )}
                </Stack>
              ))}
          </Stack>
        </Box>
      ))}
    </Box>
  );
}

export function Streak({ skill }: { skill: PracticeSkill }) {
  const { tokens } = useTheme();
  return (
    <Stack direction="row" sx={{ gap: 1, alignItems: 'center' }}>
      <svg viewBox={`0 0 ${14 * STREAK} 12`} width={14 * STREAK} height="12" aria-hidden="true">
        {Array.from({ length: STREAK }, (_, i) => (
          <circle
            key={i}
            cx={6 + 14 * i}
            cy="6"
            r="4.5"
            fill={i < skill.streak ? tokens.ink : 'none'}
            stroke={i < skill.streak ? tokens.ink : tokens.line}
            strokeWidth="1.5"
          />
        ))}
      </svg>
      <Typography variant="body2" color="text.secondary">
        {skill.tries === 0 ? <Trans>not tried</Trans> : <Trans>{skill.streak} good in a row</Trans>}
      </Typography>
    </Stack>
  );
}

/** How nasty it is, in rungs. */
function Level({ level }: { level: number }) {
  const { tokens } = useTheme();
  return (
    <svg viewBox="0 0 38 14" width="38" height="14" role="img" aria-label={t`level ${level}`}>
      {Array.from({ length: 6 }, (_, i) => (
        <path
          key={i}
          d={`M${1 + 6.2 * i} 13v-${3 + 2 * i}h4v${3 + 2 * i}z`}
          fill={i < level ? tokens.ink : tokens.line}
        />
      ))}
    </svg>
  );
}
