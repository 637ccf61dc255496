import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import {
  Box,
  Button,
  FormHelperText,
  Stack,
  TextField,
  ToggleButton,
  ToggleButtonGroup,
  Typography,
} from '@mui/material';
import { useState } from 'react';
import type { LookBack } from '../api/types';
import { longDay } from '../kit/dates';
import { useLooked } from './useLookBack';

type Customer = NonNullable<LookBack['asked']>['customer'];

const CUSTOMERS: readonly { key: Customer; words: string }[] = [
  { key: 'happy', words: t`happy` },
  { key: 'noticed', words: t`noticed it` },
  { key: 'complained', words: t`complained` },
  { key: 'not-reached', words: t`not reached` },
];

/** The car has left; some days later it is asked whether it was seen again. And what was learned. */
export function Delivered({ job, look }: { job: string; look: LookBack }) {
  const looked = useLooked(job);
  const [customer, setCustomer] = useState<Customer>('happy');
  const [note, setNote] = useState('');
  const [lesson, setLesson] = useState('');
  const ask = (again: boolean) =>
    looked.mutate({ key: crypto.randomUUID(), kind: 'asked', again, customer, note }, { onSuccess: () => setNote('') });
  return (
    <Box component="section" aria-label={t`After it left`}>
      <Typography variant="h2" sx={{ mb: 1 }}>
        <Trans>After it left</Trans>
      </Typography>
      {look.delivered === null ? (
        <Button
          variant="outlined"
          disabled={looked.isPending}
          onClick={() => looked.mutate({ key: crypto.randomUUID(), kind: 'delivered' })}
        >
          <Trans>The car was delivered</Trans>
        </Button>
      ) : look.asked !== null ? (
        <Typography>
          {look.asked.again ? <Trans>It was seen again.</Trans> : <Trans>It was not seen again.</Trans>}{' '}
          <Trans>The owner: {CUSTOMERS.find((c) => c.key === look.asked?.customer)?.words ?? ''}.</Trans>{' '}
          {look.asked.note} {look.asked.by}, {longDay(look.asked.at)}.
        </Typography>
      ) : (
        <Stack sx={{ gap: 1.5 }}>
          <Typography>
            <Trans>Delivered {longDay(look.delivered)}.</Trans>{' '}
            {look.askNow ? (
              <strong>
                <Trans>Ask now: was anything seen again?</Trans>
              </strong>
            ) : (
              <Trans>Ask again from {longDay(look.askAt ?? look.delivered)} on.</Trans>
            )}
          </Typography>
          <ToggleButtonGroup
            exclusive
            value={customer}
            aria-label={t`The owner is`}
            onChange={(_, next: Customer | null) => next !== null && setCustomer(next)}
            sx={{ flexWrap: 'wrap' }}
          >
            {CUSTOMERS.map((c) => (
              <ToggleButton key={c.key} value={c.key}>
                {c.words}
              </ToggleButton>
            ))}
          </ToggleButtonGroup>
          <TextField
            label={t`What was said`}
            value={note}
            onChange={(event) => setNote(event.target.value)}
            slotProps={{ htmlInput: { maxLength: 500 } }}
            multiline
          />
          <Stack direction="row" sx={{ gap: 1, flexWrap: 'wrap' }}>
            <Button variant="outlined" disabled={looked.isPending} onClick={() => ask(false)}>
              <Trans>Not seen again</Trans>
            </Button>
            <Button variant="outlined" disabled={looked.isPending} onClick={() => ask(true)}>
              <Trans>Seen again</Trans>
            </Button>
          </Stack>
        </Stack>
      )}
      <Stack sx={{ gap: 1, mt: 2 }}>
        {look.lessons.map((l) => (
          <Typography key={l.at}>
            {l.lesson}{' '}
            <Typography component="span" variant="body2" color="text.secondary">
              {l.by}, {longDay(l.at)}
            </Typography>
          </Typography>
        ))}
        <TextField
          label={t`What did we learn?`}
          value={lesson}
          onChange={(event) => setLesson(event.target.value)}
          slotProps={{ htmlInput: { maxLength: 500 } }}
          multiline
        />
        {lesson.trim() !== '' && (
          <Button
            variant="outlined"
            disabled={looked.isPending}
            sx={{ alignSelf: 'flex-start' }}
            onClick={() =>
              looked.mutate(
                { key: crypto.randomUUID(), kind: 'lesson', text: lesson.trim() },
                { onSuccess: () => setLesson('') },
              )
            }
          >
            <Trans>Keep it with this colour</Trans>
          </Button>
        )}
      </Stack>
      {looked.isError && (
        <FormHelperText error role="alert">
          {looked.error.message}
        </FormHelperText>
      )}
    </Box>
  );
}
