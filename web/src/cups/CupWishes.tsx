import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Box, MenuItem, Stack, TextField, Typography } from '@mui/material';
import type { ReactNode } from 'react';
import type { Cup } from '../api/types';
import { setRatio, wishOfCup } from '../bench/document';
import type { BenchHandle } from '../bench/useBench';
import { MaybeQuantity } from '../kit/MaybeQuantity';
import { useUnits } from '../kit/preferences';
import { formatQuantity } from '../kit/units';
import { tell } from '../language/tell';
import { RatioField } from './RatioField';

/** What the painter says of a cup: the ratio, the vessel, what is on hand already, and what was left of it. */
export function CupWishes({ cup, handle, children }: { cup: Cup; handle: BenchHandle; children: ReactNode }) {
  const units = useUnits();
  const { document } = handle;
  const name = tell(cup.name);
  const ml = (value: number) => formatQuantity({ value, unit: 'ml' }, units);
  const wish = (part: Parameters<typeof wishOfCup>[2], change: string) =>
    handle.change(wishOfCup(document, cup.id, part, change));
  const isLast = !handle.plan.cups.some((other) => other.follows === cup.id || other.restOf === cup.id);
  return (
    <Box sx={{ mt: 1.5 }}>
      <Stack direction="row" sx={{ gap: 1.5, flexWrap: 'wrap', alignItems: 'flex-start' }}>
        {cup.restOf === null && (
          <RatioField
            cup={cup}
            error={handle.fault(`plan.ratios.${cup.role}`)}
            onCommit={(ratio) => handle.change(setRatio(document, cup.role, ratio, cup.standardRatio))}
            typedRatio={document.plan.ratios?.[cup.role]}
          />
        )}
        <TextField
          select
          label={t`Cup`}
          value={cup.chosenVessel ?? ''}
          onChange={(event) => {
            const vessel = event.target.value === '' ? null : event.target.value;
            wish(
              { vessel },
              vessel === null ? t`${name} in the cup that fits` : t`${name} in cups of ${ml(Number(vessel))}`,
            );
          }}
          slotProps={{ select: { displayEmpty: true }, inputLabel: { shrink: true } }}
          sx={{ width: 172 }}
        >
          <MenuItem value="">
            <Trans>the one that fits</Trans>
          </MenuItem>
          {cup.splits.map((split) => (
            <MenuItem key={split.vessel} value={split.vessel}>
              {split.count} × {ml(Number(split.vessel))}
            </MenuItem>
          ))}
        </TextField>
        <MaybeQuantity
          label={t`On hand`}
          of={t`On hand of ${name}`}
          value={cup.onHand?.ml.value ?? null}
          unit="ml"
          error={handle.fault(`plan.cups.${cup.id}.onHandMl`)}
          onCommit={(onHandMl) =>
            wish(
              { onHandMl },
              onHandMl === null ? t`${name}: nothing said of what is on hand` : t`${name}: ${ml(onHandMl)} on hand`,
            )
          }
        />
        {!isLast && (
          <MaybeQuantity
            label={t`Left`}
            of={t`Left of ${name}`}
            value={cup.left?.value ?? null}
            unit="ml"
            error={handle.fault(`plan.cups.${cup.id}.leftMl`)}
            onCommit={(leftMl) =>
              wish({ leftMl }, leftMl === null ? t`${name}: not sprayed yet` : t`${name}: ${ml(leftMl)} left`)
            }
          />
        )}
        {children}
      </Stack>
      <OnHand cup={cup} />
      <Rest cup={cup} />
    </Box>
  );
}

/** Enough or not, in coats. */
function OnHand({ cup }: { cup: Cup }) {
  const units = useUnits();
  const has = cup.onHand;
  if (has === null) {
    return null;
  }
  return (
    <Typography role="status" sx={{ mt: 0.75, fontWeight: 600 }}>
      {has.enough ? (
        <Trans>Enough: all of its coats are in it.</Trans>
      ) : (
        <Trans>
          Not enough: it reaches for {has.coats} of {cup.coats.length} coats. Mix {formatQuantity(has.short, units)}{' '}
          more.
        </Trans>
      )}
    </Typography>
  );
}

/** What is left against what the mix made from it takes. */
function Rest({ cup }: { cup: Cup }) {
  const units = useUnits();
  if (cup.pourOff === null || cup.missing === null) {
    return null;
  }
  return (
    <Typography role="status" sx={{ mt: 0.75, fontWeight: 600 }}>
      {cup.missing.value > 0 ? (
        <Trans>
          Too little is left: {formatQuantity(cup.missing, units)} more of this mix are wanted for the mix made from it.
        </Trans>
      ) : (
        <Trans>Pour {formatQuantity(cup.pourOff, units)} off before anything is added to the rest.</Trans>
      )}
    </Typography>
  );
}
