import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Box, Stack, Typography } from '@mui/material';
import type { CalibrationState, TestedGroup } from '../api/types';
import { useUnits } from '../kit/preferences';
import { SeverityMark } from '../kit/SeverityMark';
import { phraseText } from '../kit/units';
import { tell } from '../language/tell';
import { Lens } from './Lens';

/** What the tests say of each number of the model; the workshop's own numbers also while nobody has tested them. */
export function Found({ state, colours }: { state: CalibrationState; colours: (subject: string) => string }) {
  const units = useUnits();
  const toner = (key: string) => state.toners.find((t) => t.key === key)?.name ?? key;
  const tested = state.groups.flatMap((g) => g.constants.map((c) => c.constant));
  const rest = state.constants.filter((c) => !tested.includes(c.constant));
  const name = (c: TestedGroup['constants'][number]) => {
    const of = c.subject === '' ? '' : c.constant === 'toner' ? toner(c.subject) : colours(c.subject);
    return of === '' ? phraseText(c.text, units) : `${phraseText(c.text, units)}, ${of}`;
  };
  return (
    <Stack component="section" aria-label={t`What they say`} sx={{ gap: 2.5 }}>
      <Typography variant="h2">
        <Trans>What they say</Trans>
      </Typography>
      <Typography variant="body2" color="text.secondary" sx={{ mt: -2 }}>
        <Trans>In per cent of what the model takes: pale before, dark with your tests.</Trans>
      </Typography>
      {state.groups.map((group) => (
        <Stack key={group.group} sx={{ gap: 1 }}>
          {group.constants.map((c) => (
            <Lens
              key={c.constant + c.subject}
              name={name(c)}
              model={c.model}
              tested={group.refused === null ? c.tested : null}
            />
          ))}
          <HeldOut group={group} />
        </Stack>
      ))}
      {rest.length > 0 && (
        <Stack sx={{ gap: 1 }}>
          {rest.map((c) => (
            <Lens key={c.constant} name={tell(c.text.text)} model={c.model} tested={null} />
          ))}
        </Stack>
      )}
    </Stack>
  );
}

/** How well a test that was kept back is foretold, or why the group does not count. */
function HeldOut({ group }: { group: TestedGroup }) {
  const units = useUnits();
  const { model, tested, readings } = group.heldOut;
  if (group.refused !== null) {
    return (
      <Stack direction="row" sx={{ gap: 1, alignItems: 'flex-start' }} role="status">
        <SeverityMark severity="look-out" size={20} />
        <Typography>
          <Trans>Not used.</Trans> {phraseText(group.refused, units)}
        </Typography>
      </Stack>
    );
  }
  return (
    <Box>
      <Typography variant="body2" color="text.secondary">
        {readings === 0 ? (
          <Trans>
            One reading, and nothing to check it by: it counts by its own noise. A second test makes it surer.
          </Trans>
        ) : (
          <Trans>
            Each foretold from the others: off by {tested.toFixed(1)} times its noise; the model alone{' '}
            {model.toFixed(1)} times.
          </Trans>
        )}
      </Typography>
    </Box>
  );
}
