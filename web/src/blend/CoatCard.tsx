import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Box, Button, Menu, MenuItem, Stack, Typography } from '@mui/material';
import { useState } from 'react';
import type { CoatStep, PlannedCoat } from '../api/types';
import { addStep, copyStep, moveReach, NEW_STEPS, removeStep, resetReach, shiftStep, stepsOf } from '../bench/document';
import type { BenchHandle } from '../bench/useBench';
import { useUnits } from '../kit/preferences';
import { formatQuantity } from '../kit/units';
import { WhyFigure, WhyNote } from '../kit/Why';
import { tell } from '../language/tell';
import { CoatDialog } from './CoatDialog';

/** The chosen coat: what is in the gun, how it is held, how far it goes, what it lands in and what comes then. */
export function CoatCard({
  handle,
  coat,
  onChoose,
}: {
  handle: BenchHandle;
  coat: PlannedCoat | null;
  onChoose: (id: string | null) => void;
}) {
  const { document, plan } = handle;
  const [editing, setEditing] = useState(false);
  const steps = stepsOf(document, plan.sequence);
  const step = steps.find((s) => s.id === coat?.id);
  return (
    <Box component="section" aria-label={t`The chosen coat`} sx={{ mt: 2 }}>
      {coat !== null && (
        <Box
          sx={{
            border: (t) => `2px solid ${t.tokens.ink}`,
            borderRadius: 1.5,
            p: 1.5,
            backgroundColor: (t) => t.tokens.raised,
          }}
        >
          <Stack direction="row" sx={{ alignItems: 'baseline', gap: 1 }}>
            <Typography variant="h3" sx={{ flexGrow: 1 }}>
              {coat.name}
            </Typography>
            <Typography variant="body2" color="text.secondary">
              <Trans>
                coat {plan.coats.findIndex((c) => c.id === coat.id) + 1} of {plan.coats.length}
              </Trans>
            </Typography>
          </Stack>
          <CoatFacts coat={coat} />
          {step === undefined ? (
            <Typography variant="body2" color="text.secondary" sx={{ mt: 1 }}>
              <Trans>Comes with the repair; nothing to set.</Trans>
            </Typography>
          ) : (
            <CoatButtons handle={handle} coat={coat} step={step} onEdit={() => setEditing(true)} onChoose={onChoose} />
          )}
        </Box>
      )}
      <AddCoat handle={handle} after={coat?.id ?? null} onChoose={onChoose} />
      {editing && step !== undefined && coat !== null && (
        <CoatDialog handle={handle} coat={coat} step={step} onClose={() => setEditing(false)} />
      )}
    </Box>
  );
}

function CoatFacts({ coat }: { coat: PlannedCoat }) {
  const units = useUnits();
  const facts: [string, React.ReactNode][] = [
    [t`In the gun`, coat.mixture],
    [
      t`Gun`,
      <WhyNote of="bar">
        {[coat.gun.pressure, coat.gun.distance, coat.gun.overlap].map((q) => formatQuantity(q, units)).join(', ')}
      </WhyNote>,
    ],
    [
      t`Reach`,
      coat.reach === null ? (
        t`whole panel`
      ) : (
        <>
          <WhyFigure figure={coat.reach} label={t`Reach of ${coat.name}`} strong />
          {coat.moved ? t`, by hand` : t`, computed`}
        </>
      ),
    ],
    [t`Lands in`, coat.landsIn],
    [
      t`Then`,
      <>
        <Trans>
          {tell(coat.drying)}, about <WhyNote of="wait">{formatQuantity(coat.wait, units)}</WhyNote>
        </Trans>
      </>,
    ],
  ];
  return (
    <Box
      component="dl"
      sx={{ display: 'grid', gridTemplateColumns: '84px 1fr', columnGap: 1, rowGap: 0.5, m: 0, mt: 1 }}
    >
      {facts.map(([name, value]) => (
        <Box key={name} sx={{ display: 'contents' }}>
          <Typography component="dt" variant="body2" color="text.secondary">
            {name}
          </Typography>
          <Typography component="dd" variant="body2" sx={{ m: 0, fontWeight: 620 }}>
            {value}
          </Typography>
        </Box>
      ))}
    </Box>
  );
}

interface ButtonsProps {
  handle: BenchHandle;
  coat: PlannedCoat;
  step: CoatStep;
  onEdit: () => void;
  onChoose: (id: string | null) => void;
}

function CoatButtons({ handle, coat, step, onEdit, onChoose }: ButtonsProps) {
  const { document, plan } = handle;
  const steps = stepsOf(document, plan.sequence);
  const at = steps.findIndex((s) => s.id === step.id);
  const nudge = (mm: number) =>
    handle.change(moveReach(document, plan.sequence, coat.id, coat.name, (coat.reach?.value ?? 0) + mm));
  return (
    <Stack direction="row" sx={{ mt: 1.25, gap: 0.75, flexWrap: 'wrap' }}>
      <Button variant="contained" onClick={onEdit}>
        <Trans>Change</Trans>
      </Button>
      {coat.movable && (
        <>
          <Button variant="outlined" aria-label={t`${coat.name} nearer`} onClick={() => nudge(-10)}>
            −10
          </Button>
          <Button variant="outlined" aria-label={t`${coat.name} further`} onClick={() => nudge(10)}>
            +10
          </Button>
        </>
      )}
      {coat.moved && (
        <Button
          variant="outlined"
          onClick={() => handle.change(resetReach(document, plan.sequence, coat.id, coat.name))}
        >
          <Trans>Computed</Trans>
        </Button>
      )}
      <Button
        disabled={at <= 0}
        aria-label={t`${coat.name} earlier`}
        onClick={() => handle.change(shiftStep(document, plan.sequence, step.id, -1))}
      >
        <Trans>Earlier</Trans>
      </Button>
      <Button
        disabled={at >= steps.length - 1}
        aria-label={t`${coat.name} later`}
        onClick={() => handle.change(shiftStep(document, plan.sequence, step.id, 1))}
      >
        <Trans>Later</Trans>
      </Button>
      <Button
        aria-label={t`Copy ${coat.name}`}
        onClick={() => handle.change(copyStep(document, plan.sequence, step.id))}
      >
        <Trans>Copy</Trans>
      </Button>
      <Button
        aria-label={t`Take ${coat.name} away`}
        disabled={steps.length <= 1}
        onClick={() => {
          handle.change(removeStep(document, plan.sequence, step.id));
          onChoose(null);
        }}
      >
        <Trans>Take away</Trans>
      </Button>
    </Stack>
  );
}

function AddCoat({
  handle,
  after,
  onChoose,
}: {
  handle: BenchHandle;
  after: string | null;
  onChoose: (id: string | null) => void;
}) {
  const [menu, setMenu] = useState<HTMLElement | null>(null);
  const { document, plan } = handle;
  const add = (what: keyof typeof NEW_STEPS) => {
    const change = addStep(document, plan.sequence, what, after);
    const before = new Set(stepsOf(document, plan.sequence).map((s) => s.id));
    handle.change(change);
    onChoose(change.document.plan.sequence?.find((s) => !before.has(s.id))?.id ?? null);
    setMenu(null);
  };
  return (
    <>
      <Button variant="outlined" sx={{ mt: 1 }} aria-haspopup="menu" onClick={(event) => setMenu(event.currentTarget)}>
        <Trans>Add a coat</Trans>
      </Button>
      <Menu anchorEl={menu} open={menu !== null} onClose={() => setMenu(null)}>
        {(Object.keys(NEW_STEPS) as (keyof typeof NEW_STEPS)[]).map((key) => (
          <MenuItem key={key} onClick={() => add(key)}>
            {NEW_STEPS[key].name}
          </MenuItem>
        ))}
      </Menu>
    </>
  );
}
