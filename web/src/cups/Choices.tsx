import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Box, Button, LinearProgress, MenuItem, Stack, TextField, Typography } from '@mui/material';
import { useState, type ReactNode } from 'react';
import { useShelf } from '../api/queries';
import type { BinderChoice, ClearChoice, MixChoices, Phrase } from '../api/types';
import { chooseClear, chooseSystem, setReducer, setRemainder } from '../bench/document';
import type { BenchHandle } from '../bench/useBench';
import { useUnits } from '../kit/preferences';
import { QuantityField } from '../kit/QuantityField';
import { Failed } from '../kit/States';
import { formatQuantity } from '../kit/units';
import { Why, WhyFigure } from '../kit/Why';
import { Measure, Words } from '../kit/Words';
import { tell } from '../language/tell';
import { money } from '../kit/money';
import { useMixChoices } from './useCups';

/** What a shop picks between before it mixes; each with the second best and what would turn the choice. */
export function Choices({ handle }: { handle: BenchHandle }) {
  const [open, setOpen] = useState(false);
  const { plan } = handle;
  const query = useMixChoices(handle.bench.id, handle.document, open);
  const byHand = plan.reducer.key !== plan.reducer.advised;
  return (
    <Box
      component="section"
      aria-label={t`What goes with it`}
      sx={{ borderBlock: (theme) => `1px solid ${theme.tokens.line}`, py: 1.5 }}
    >
      <Stack direction="row" sx={{ gap: 2, alignItems: 'center', flexWrap: 'wrap' }}>
        <Box sx={{ flexGrow: 1, flexBasis: 300 }}>
          <Typography>
            <Trans>Reducer: </Trans>
            <Why reasons={[plan.reducer.choice.reason]} label={t`Reducer`}>
              <strong>{tell(plan.reducer.words)}</strong>
            </Why>
            {byHand && t`, by your hand; advised: ${tell(plan.reducer.advisedWords)}`}
          </Typography>
          <Typography variant="body2" color="text.secondary">
            <Trans>
              Second best: <Words phrase={plan.reducer.choice.second.words} />
            </Trans>
            <Turns turns={plan.reducer.choice.turns} />.
          </Typography>
        </Box>
        <ReducerField handle={handle} />
        <QuantityField
          label={t`Left in gun and filter`}
          value={plan.remainder.value}
          unit="ml"
          width={200}
          error={handle.fault('plan.remainderMl')}
          onCommit={(ml) => handle.change(setRemainder(handle.document, ml))}
        />
        <Button variant="outlined" aria-expanded={open} onClick={() => setOpen(!open)}>
          <Trans>Hardener, binder, clear, guns</Trans>
        </Button>
      </Stack>
      {open && query.isPending && <LinearProgress sx={{ mt: 2 }} aria-label={t`Looking at what the shop has`} />}
      {open && query.isError && <Failed error={query.error} retry={() => void query.refetch()} />}
      {open && query.data !== undefined && <Tiles choices={query.data} handle={handle} />}
    </Box>
  );
}

/** What would turn a choice, behind the second best. */
function Turns({ turns }: { turns: readonly Phrase[] }) {
  return (
    <>
      {turns.map((turn) => (
        <span key={turn.plain}>
          {'; '}
          <Words phrase={turn} />
        </span>
      ))}
    </>
  );
}

function Tiles({ choices, handle }: { choices: MixChoices; handle: BenchHandle }) {
  const { hardener } = choices;
  return (
    <Box
      sx={{
        mt: 2,
        display: 'grid',
        gap: 2.5,
        gridTemplateColumns: { xs: 'minmax(0, 1fr)', md: 'repeat(2, minmax(0, 1fr))' },
      }}
    >
      <Tile title={t`Hardener of the clear`}>
        <Typography>
          <strong>{tell(hardener.words)}</strong>
          <Trans>
            : once around takes <Measure of={hardener.round} />, its edge stays open{' '}
            <WhyFigure figure={hardener.open} label={t`Open time`} />.
          </Trans>
        </Typography>
        {!hardener.holds && (
          <Typography sx={{ fontWeight: 640 }}>
            <Trans>Even the slowest closes too soon: fewer panels at once, or two painters.</Trans>
          </Typography>
        )}
        <Typography color="text.secondary">
          <Trans>Second best: {tell(hardener.second)}</Trans>
          <Turns turns={hardener.turns} />.
        </Typography>
      </Tile>
      <Tile title={t`Guns`}>
        {choices.guns.length === 0 && (
          <Typography>
            <Trans>One gun does: every mix waits for the one before it.</Trans>
          </Typography>
        )}
        {choices.guns.map((pair) => (
          <Typography key={`${pair.first.cup} ${pair.second.cup}`}>
            <Trans>
              Two ready: <strong>{tell(pair.first.name)}</strong> and <strong>{tell(pair.second.name)}</strong>.
            </Trans>{' '}
            <Words phrase={pair.when} />
          </Typography>
        ))}
      </Tile>
      <Tile title={t`Clear`}>
        {choices.clears.map((clear) => (
          <Clear key={clear.grade} clear={clear} handle={handle} />
        ))}
      </Tile>
      <Tile title={t`Binder today`}>
        {choices.binders.map((binder) => (
          <Binder key={binder.system} binder={binder} handle={handle} />
        ))}
        <Typography variant="body2" color="text.secondary">
          <Trans>Minutes of colour in the booth. One binder for the whole job, never both in one build-up.</Trans>
        </Typography>
      </Tile>
    </Box>
  );
}

function Tile({ title, children }: { title: string; children: ReactNode }) {
  return (
    <Box role="group" aria-label={title}>
      <Typography variant="h3" sx={{ mb: 0.5 }}>
        {title}
      </Typography>
      <Stack sx={{ gap: 1 }}>{children}</Stack>
    </Box>
  );
}

function Pick({
  title,
  own,
  onTake,
  children,
}: {
  title: string;
  own: boolean;
  onTake: () => void;
  children: ReactNode;
}) {
  return (
    <Stack direction="row" sx={{ gap: 1.5, alignItems: 'flex-start' }}>
      <Box sx={{ flexGrow: 1 }}>
        <Typography sx={{ fontWeight: own ? 680 : 560 }}>{title}</Typography>
        <Typography variant="body2">{children}</Typography>
      </Box>
      {own ? (
        <Typography sx={{ whiteSpace: 'nowrap', fontWeight: 680 }}>
          <Trans>in this plan</Trans>
        </Typography>
      ) : (
        <Button variant="outlined" aria-label={t`Take ${title}`} onClick={onTake}>
          <Trans>Take</Trans>
        </Button>
      )}
    </Stack>
  );
}

function Clear({ clear, handle }: { clear: ClearChoice; handle: BenchHandle }) {
  const units = useUnits();
  return (
    <Pick
      title={tell(clear.words)}
      own={clear.own}
      onTake={() => handle.change(chooseClear(handle.document, clear.grade, tell(clear.words)))}
    >
      <Trans>
        {formatQuantity(clear.build, units)} of build, {formatQuantity(clear.minutes, units)} with its bake,{' '}
        {formatQuantity(clear.paint, units)}
      </Trans>
      {clear.polish !== null && <Trans>, polished after {Math.round(clear.polish.value / 60)} h</Trans>}
      {clear.cost !== null && handle.plan.currency !== null && <>, {money(clear.cost, handle.plan.currency)}</>}.{' '}
      {tell(clear.suits)}
    </Pick>
  );
}

function Binder({ binder, handle }: { binder: BinderChoice; handle: BenchHandle }) {
  const units = useUnits();
  return (
    <Pick
      title={binder.name}
      own={binder.own}
      onTake={() => handle.change(chooseSystem(handle.document, binder.system, binder.name))}
    >
      <strong>{formatQuantity(binder.minutes, units)}</strong> <Trans>as planned</Trans>
      {binder.air.map((air) => (
        <span key={air.movement}>
          , {air.minutes === null ? t`never` : formatQuantity(air.minutes, units)} {tell(air.words)}
        </span>
      ))}
      . <Words phrase={binder.says} />
    </Pick>
  );
}

/** The advised reducer, or another grade by hand. */
function ReducerField({ handle }: { handle: BenchHandle }) {
  const shelf = useShelf();
  const { plan, document } = handle;
  const chosen = document.plan.reducer ?? '';
  const choices = shelf.data?.limits.reducers ?? [];
  const offered =
    chosen === '' || choices.some((c) => c.key === chosen)
      ? choices
      : [{ key: chosen, name: plan.reducer.words }, ...choices];
  return (
    <TextField
      select
      label={t`Reducer in the mix`}
      value={shelf.data === undefined ? '' : chosen}
      error={handle.fault('plan.reducer') !== undefined}
      helperText={handle.fault('plan.reducer')}
      onChange={(event) => {
        const key = event.target.value === '' ? null : event.target.value;
        const words = offered.find((c) => c.key === key)?.name ?? t`as advised`;
        handle.change(setReducer(document, key, words));
      }}
      slotProps={{ select: { displayEmpty: true }, inputLabel: { shrink: true } }}
      sx={{ width: 200 }}
    >
      <MenuItem value="">
        <Trans>as advised: {tell(plan.reducer.advisedWords)}</Trans>
      </MenuItem>
      {offered.map((c) => (
        <MenuItem key={c.key} value={c.key}>
          {tell(c.name)}
        </MenuItem>
      ))}
    </TextField>
  );
}
