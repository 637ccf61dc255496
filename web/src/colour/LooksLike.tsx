import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Alert, Button } from '@mui/material';
import { useShelf } from '../api/queries';
import type { ColourDesk } from '../api/types';
import { setFinish } from '../bench/document';
import type { BenchHandle } from '../bench/useBench';
import { useUnits } from '../kit/preferences';
import { phraseText } from '../kit/units';
import { tell } from '../language/tell';

/** What the car reads like, where the job was opened as another kind of colour. */
export function LooksLike({ handle, looks }: { handle: BenchHandle; looks: ColourDesk['looksLike'] }) {
  const units = useUnits();
  const finish = useShelf().data?.finishes.find((f) => f.key === looks?.finish);
  if (looks === null || finish === undefined) {
    return null;
  }
  const name = tell(finish.name);
  return (
    <Alert
      severity="info"
      variant="outlined"
      sx={{ mx: 2, mt: 1.5 }}
      action={
        <Button
          color="inherit"
          aria-label={t`Plan it as ${name}`}
          onClick={() => handle.change(setFinish(handle.document, looks.finish, name))}
        >
          <Trans>Plan it as {name}</Trans>
        </Button>
      }
    >
      {phraseText(looks.says, units)}
    </Alert>
  );
}
