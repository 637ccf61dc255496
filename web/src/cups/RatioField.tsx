import { t } from '@lingui/core/macro';
import { TextField } from '@mui/material';
import { useState } from 'react';
import type { Cup } from '../api/types';
import { tell } from '../language/tell';

export function RatioField({
  cup,
  error,
  onCommit,
  typedRatio,
}: {
  cup: Cup;
  error: string | undefined;
  onCommit: (ratio: string) => void;
  typedRatio: string | undefined;
}) {
  const [typed, setTyped] = useState<string | null>(null);
  const shown = typedRatio ?? cup.ratio;
  const commit = () => {
    if (typed !== null && typed.trim() !== shown) {
      onCommit(typed.trim());
    }
    setTyped(null);
  };
  return (
    <TextField
      label={t`Ratio of ${tell(cup.name).toLowerCase()}`}
      value={typed ?? shown}
      error={error !== undefined}
      helperText={error ?? (shown === cup.standardRatio ? t`as the data sheet` : t`data sheet: ${cup.standardRatio}`)}
      onChange={(event) => setTyped(event.target.value)}
      onBlur={commit}
      onKeyDown={(event) => {
        if (event.key === 'Enter') {
          commit();
        } else if (event.key === 'Escape') {
          setTyped(null);
        }
        event.stopPropagation();
      }}
      sx={{ width: { xs: '100%', sm: 168 }, flexShrink: 0, alignSelf: { sm: 'flex-start' } }}
    />
  );
}
