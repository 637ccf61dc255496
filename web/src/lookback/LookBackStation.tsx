import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Box, Stack, Typography } from '@mui/material';
import { useState } from 'react';
import { useSearchParams } from 'react-router';
import type { BodyShape } from '../api/types';
import type { BenchHandle } from '../bench/useBench';
import { usePreferences, useUnits } from '../kit/preferences';
import { Empty, Failed, Loading } from '../kit/States';
import { phraseText } from '../kit/units';
import { Causes } from './Causes';
import { Delivered } from './Delivered';
import { FindingForm } from './FindingForm';
import { Findings } from './Findings';
import { Follows } from './Follows';
import { LookMap, type Spot } from './LookMap';
import { MakeScenario } from './MakeScenario';
import { Photos } from './Photos';
import { useLookBack } from './useLookBack';

/** Station 6: what is seen of the finished car and where, what likely caused it, and what follows from it. */
export function LookBackStation({ handle, body }: { handle: BenchHandle; body: BodyShape }) {
  const job = handle.bench.id;
  const looked = useLookBack(job);
  const units = useUnits();
  const { me } = usePreferences();
  const [query, setQuery] = useSearchParams();
  const [spot, setSpot] = useState<Spot | null>(null);
  const look = looked.data;
  if (look === undefined) {
    return looked.isError ? (
      <Failed error={looked.error} retry={() => void looked.refetch()} />
    ) : (
      <Loading what={t`what was seen`} />
    );
  }
  if (handle.plan.coats.length === 0) {
    return (
      <Empty title={t`Nothing was sprayed yet`}>
        <Trans>Place a repair in station 1, Car. When it is sprayed, come back and say what is seen.</Trans>
      </Empty>
    );
  }
  const asked = query.get('finding');
  const chosen = look.findings.find((f) => f.key === asked) ?? look.findings.at(-1) ?? null;
  const choose = (key: string) => setQuery({ finding: key }, { replace: true });
  const names = new Map(look.defects.map((d) => [d.key, phraseText(d.name, units)]));
  return (
    <Box sx={{ display: 'flex', flexGrow: 1, minHeight: 0, flexDirection: { xs: 'column', lg: 'row' } }}>
      <Box sx={{ flexGrow: 1, minWidth: 0, display: 'flex', flexDirection: 'column' }}>
        <Typography sx={{ px: 2, py: 1 }}>
          <strong>
            {look.findings.length === 0 ? (
              <Trans>Walk round it in every light. Press where something is seen.</Trans>
            ) : (
              phraseText(look.says, units)
            )}
          </strong>
        </Typography>
        <Box
          sx={{
            flexGrow: 1,
            minHeight: { xs: 320, lg: 0 },
            position: 'relative',
            '& > *': { position: 'absolute !important', inset: 0 },
          }}
        >
          <LookMap
            handle={handle}
            body={body}
            findings={look.findings}
            names={names}
            chosen={chosen?.key ?? null}
            onFinding={choose}
            spot={spot}
            onSpot={setSpot}
          />
        </Box>
      </Box>
      <Box
        component="aside"
        aria-label={t`What is seen`}
        tabIndex={0}
        sx={{
          width: { lg: 460 },
          flexShrink: 0,
          overflowY: { lg: 'auto' },
          borderLeft: { lg: (th) => `1px solid ${th.tokens.line}` },
          backgroundColor: (th) => th.tokens.surface,
          p: 2.25,
        }}
      >
        <Stack sx={{ gap: 3 }}>
          {look.follows !== null && <Follows follows={look.follows} />}
          <FindingForm
            job={job}
            look={look}
            spot={spot}
            panelName={(id) => body.panels.find((p) => p.id === id)?.name ?? id}
            onKept={(key) => {
              setSpot(null);
              if (key !== null) {
                choose(key);
              }
            }}
          />
          {(look.findings.length > 0 || look.struck.length > 0) && (
            <Findings
              job={job}
              look={look}
              names={names}
              panelName={(id) => body.panels.find((p) => p.id === id)?.name ?? id}
              chosen={chosen?.key ?? null}
              onChoose={choose}
            />
          )}
          {chosen !== null && <Causes job={job} finding={chosen} look={look} />}
          <Photos job={job} look={look} finding={chosen?.key ?? null} />
          <Delivered job={job} look={look} />
          {me.role === 'lead' && <MakeScenario job={job} title={handle.document.car.label} />}
        </Stack>
      </Box>
    </Box>
  );
}
