import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Box, Button, FormHelperText, Skeleton, Stack, Typography } from '@mui/material';
import { useState } from 'react';
import { Link as RouterLink, useNavigate } from 'react-router';
import type { LookBack, LookCauses, LookFinding } from '../api/types';
import { Failed } from '../kit/States';
import { WhyFigure } from '../kit/Why';
import { useUnits } from '../kit/preferences';
import { formatQuantity, phraseText } from '../kit/units';
import { Words } from '../kit/Words';
import { useCauses, useFollowUp, type FollowUpHow } from './useLookBack';

/** What likely caused it, the likeliest first, each with its evidence; what to do now, and otherwise next time. */
export function Causes({ job, finding, look }: { job: string; finding: LookFinding; look: LookBack }) {
  const causes = useCauses(job, finding.key);
  const defect = look.defects.find((d) => d.key === finding.defect);
  return (
    <>
      <Box component="section" aria-label={t`What likely caused it`}>
        <Typography variant="h2" sx={{ mb: 0.5 }}>
          <Trans>What likely caused it</Trans>
        </Typography>
        {causes.isError ? (
          <Failed error={causes.error} retry={() => void causes.refetch()} />
        ) : causes.data === undefined ? (
          <Stack role="status" aria-label={t`Spraying it again in the model`} sx={{ gap: 1 }}>
            <Skeleton variant="rounded" height={56} />
            <Skeleton variant="rounded" height={56} />
          </Stack>
        ) : (
          <Ranked causes={causes.data} />
        )}
      </Box>
      {defect !== undefined && (
        <Box component="section" aria-label={t`What to do`}>
          <Typography variant="h2" sx={{ mb: 0.5 }}>
            <Trans>What to do</Trans>
          </Typography>
          {defect.after !== null && (
            <Typography sx={{ mb: 1 }}>
              <Words phrase={defect.after} />
            </Typography>
          )}
          {defect.polish.length > 0 && (
            <Box component="ol" aria-label={t`Polishing plan`} sx={{ pl: 3, my: 1 }}>
              {defect.polish.map((step) => (
                <Typography component="li" key={step.plain}>
                  <Words phrase={step} />
                </Typography>
              ))}
            </Box>
          )}
          {defect.reblend && <MakeGood job={job} finding={finding} look={look} />}
          <Typography variant="body2" color="text.secondary">
            <Trans>
              Sanding clear makes dust that does harm: mask, extraction, and what the safety data sheet and local rules
              ask for.
            </Trans>
          </Typography>
        </Box>
      )}
    </>
  );
}

function Ranked({ causes }: { causes: LookCauses }) {
  const units = useUnits();
  const most = Math.max(1, ...causes.causes.map((c) => c.share.value));
  const likely = causes.causes[0];
  return (
    <>
      <Typography sx={{ mb: 1 }}>
        <strong>
          <Words phrase={causes.how} />.
        </strong>{' '}
        <Words phrase={causes.says} />
      </Typography>
      {causes.causes.length === 0 && (
        <Typography>
          <Trans>
            Plan and run rule out everything in the list. Look at the place closely, and write down what you find.
          </Trans>
        </Typography>
      )}
      <Stack component="ol" sx={{ listStyle: 'none', p: 0, m: 0, gap: 1.25 }}>
        {causes.causes.map((cause) => (
          <Box component="li" key={cause.key}>
            <Stack direction="row" sx={{ justifyContent: 'space-between', gap: 1, alignItems: 'baseline' }}>
              <Typography sx={{ fontWeight: 680 }}>
                <Words phrase={cause.name} />
              </Typography>
              <WhyFigure figure={cause.share} label={phraseText(cause.name, units)} />
            </Stack>
            <Box sx={{ height: 8, backgroundColor: (th) => th.tokens.raised }} aria-hidden="true">
              <Box
                sx={{
                  height: 8,
                  width: `${(100 * cause.share.value) / most}%`,
                  backgroundColor: (th) => th.tokens.ink,
                  opacity: cause.recorded ? 1 : 0.45,
                }}
              />
            </Box>
            <Typography variant="body2">
              {cause.recorded ? <Trans>On record:</Trans> : <Trans>Not on record:</Trans>}{' '}
              <Words phrase={cause.evidence} />
            </Typography>
          </Box>
        ))}
      </Stack>
      <Typography variant="body2" color="text.secondary" sx={{ mt: 1 }}>
        <Trans>
          Something in no list: {formatQuantity({ value: Math.round(100 * causes.else), unit: '%' }, units)}.
        </Trans>
      </Typography>
      {likely !== undefined && (
        <Typography sx={{ mt: 1.5 }}>
          <strong>
            <Trans>Next time:</Trans>
          </strong>{' '}
          <Words phrase={likely.cure} />
        </Typography>
      )}
    </>
  );
}

function MakeGood({ job, finding, look }: { job: string; finding: LookFinding; look: LookBack }) {
  const follow = useFollowUp(job);
  const navigate = useNavigate();
  const [ids] = useState(() => ({ wider: crypto.randomUUID(), 'next-panel': crypto.randomUUID() }));
  const open = (how: FollowUpHow) =>
    follow.mutate(
      { id: ids[how], finding: finding.key, how },
      { onSuccess: (opened) => void navigate(`/jobs/${opened.id}/blend`) },
    );
  const there = look.followUps.findLast((made) => made.job !== null);
  return (
    <Stack sx={{ gap: 1, my: 1.5, alignItems: 'flex-start' }}>
      {there !== undefined && (
        <Button component={RouterLink} to={`/jobs/${there.job}/blend`} variant="outlined">
          <Trans>To the job that makes it good</Trans>
        </Button>
      )}
      <Stack direction="row" sx={{ gap: 1, flexWrap: 'wrap' }}>
        <Button
          variant={there === undefined ? 'contained' : 'outlined'}
          disabled={follow.isPending}
          onClick={() => open('wider')}
        >
          <Trans>Make it good: blend wider</Trans>
        </Button>
        <Button variant="outlined" disabled={follow.isPending} onClick={() => open('next-panel')}>
          <Trans>And into the next panel</Trans>
        </Button>
      </Stack>
      {follow.isPending && (
        <Typography role="status">
          <Trans>Planning the job that makes it good …</Trans>
        </Typography>
      )}
      {follow.isError && (
        <FormHelperText error role="alert">
          {follow.error.message}
        </FormHelperText>
      )}
    </Stack>
  );
}
