import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Alert, Button, Dialog, DialogActions, DialogContent, DialogTitle, Stack, Typography } from '@mui/material';
import { useMutation } from '@tanstack/react-query';
import { useState } from 'react';
import { api, ApiProblem, unwrap } from '../api/client';
import type { BodyPanel, JobDocument } from '../api/types';
import type { BenchHandle } from '../bench/useBench';
import { MaybeQuantity } from '../kit/MaybeQuantity';
import { useUnits } from '../kit/preferences';
import { faultText, formatMm } from '../kit/units';

type Sizes = NonNullable<JobDocument['car']['sizes']>;
type Size = Sizes[string];

interface Props {
  handle: BenchHandle;
  panel: BodyPanel;
  onClose: () => void;
}

/** A panel as a tape says it: the car follows, its repairs keep their size, and the plan is made again. */
export function PanelSizeDialog({ handle, panel, onClose }: Props) {
  const units = useUnits();
  const { document } = handle;
  const sizes = document.car.sizes ?? {};
  const [typed, setTyped] = useState<Size>(sizes[panel.id] ?? {});
  const take = useMutation({
    mutationFn: ({ size }: { size: Size; change: string }) => {
      const others = Object.entries(sizes).filter(([id]) => id !== panel.id);
      const own: [string, Size][] = Object.keys(size).length === 0 ? [] : [[panel.id, size]];
      const asked: Sizes = Object.fromEntries([...others, ...own]);
      return unwrap(
        api.POST('/api/jobs/{job}/panel-sizes', {
          params: { path: { job: handle.bench.id } },
          body: { document, sizes: asked },
        }),
      );
    },
    onSuccess: (measured, { change }) => {
      handle.change({ document: measured, change });
      onClose();
    },
  });
  const faults = take.error instanceof ApiProblem ? (take.error.problem?.errors ?? []) : [];
  const fault = (way: keyof Size) => {
    const found = faults.find((f) => f.field === `car.sizes.${panel.id}.${way}`);
    return found === undefined ? undefined : faultText(found, units);
  };
  const elsewhere = faults.find((f) => !f.field.startsWith(`car.sizes.${panel.id}.`));
  const set = (way: keyof Size, mm: number | null) => {
    const others = Object.entries(typed).filter(([key]) => key !== way);
    setTyped(Object.fromEntries(mm === null ? others : [...others, [way, mm]]));
  };
  const { along, across } = spans(panel);
  return (
    <Dialog open onClose={onClose} aria-labelledby="panel-size-title">
      <DialogTitle id="panel-size-title">
        <Trans>{panel.name} by tape</Trans>
      </DialogTitle>
      <DialogContent>
        <Stack sx={{ gap: 2, pt: 1 }}>
          <Typography>
            <Trans>
              On the drawing it is {formatMm(along, units)} from front to rear and {formatMm(across, units)} across.
              Hold the tape from edge to edge, along the curve.
            </Trans>
          </Typography>
          <Stack direction="row" sx={{ gap: 1.5, flexWrap: 'wrap' }}>
            <MaybeQuantity
              label={t`Front to rear`}
              unit="mm"
              value={typed.alongMm ?? null}
              error={fault('alongMm')}
              onCommit={(mm) => set('alongMm', mm)}
              width={190}
            />
            <MaybeQuantity
              label={panel.orientation === 'upright' ? t`Top to bottom` : t`Side to side`}
              unit="mm"
              value={typed.acrossMm ?? null}
              error={fault('acrossMm')}
              onCommit={(mm) => set('acrossMm', mm)}
              width={190}
            />
          </Stack>
          <Typography variant="body2" color="text.secondary">
            <Trans>
              What lies beside it goes along, the other side of the car too; the rest stays as drawn. Repairs keep their
              size. The drawing on the shelf is not changed.
            </Trans>
          </Typography>
          {take.isError && (elsewhere !== undefined || faults.length === 0) && (
            <Alert severity="error" variant="outlined">
              {elsewhere === undefined ? take.error.message : faultText(elsewhere, units)}
            </Alert>
          )}
        </Stack>
      </DialogContent>
      <DialogActions>
        <Button onClick={onClose}>
          <Trans>Cancel</Trans>
        </Button>
        {sizes[panel.id] !== undefined && (
          <Button onClick={() => take.mutate({ size: {}, change: t`${panel.name}: as drawn` })}>
            <Trans>As drawn</Trans>
          </Button>
        )}
        <Button
          variant="contained"
          loading={take.isPending}
          onClick={() => take.mutate({ size: typed, change: t`${panel.name} measured by tape` })}
        >
          <Trans>Plan on these sizes</Trans>
        </Button>
      </DialogActions>
    </Dialog>
  );
}

/** How long a panel is on the drawing, along the car and across it. */
export function spans(panel: BodyPanel): { along: number; across: number } {
  const [x0 = 0, y0 = 0, x1 = 0, y1 = 0] = panel.box;
  return { along: x1 - x0, across: y1 - y0 };
}
