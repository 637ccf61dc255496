import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { MenuItem, Stack, TextField, ToggleButton, ToggleButtonGroup } from '@mui/material';
import { useShelf } from '../api/queries';
import { setBooth, setGun, setSchool, setWetBed } from '../bench/document';
import type { BenchHandle } from '../bench/useBench';
import { QuantityField } from '../kit/QuantityField';
import { SchoolPicture } from '../kit/SchoolPicture';
import { tell } from '../language/tell';

export function BlendToolbar({ handle }: { handle: BenchHandle }) {
  const { document, plan } = handle;
  const shelf = useShelf();
  const schools = shelf.data?.schools ?? [];
  return (
    <Stack
      direction="row"
      sx={{
        gap: 1.5,
        px: 2,
        py: 1,
        alignItems: 'flex-start',
        flexWrap: 'wrap',
        borderBottom: (t) => `1px solid ${t.tokens.line}`,
      }}
    >
      <TextField
        select
        label={plan.edited ? t`School, changed` : t`School`}
        value={schools.length === 0 ? '' : document.plan.school}
        sx={{ width: { xs: '100%', sm: 184 } }}
        slotProps={{ select: { renderValue: (key) => tell(schools.find((s) => s.key === key)?.name ?? '') } }}
        onChange={(event) =>
          handle.change(
            setSchool(document, event.target.value, schools.find((s) => s.key === event.target.value)?.name ?? ''),
          )
        }
      >
        {schools.map((s) => (
          <MenuItem key={s.key} value={s.key}>
            <Stack
              direction="row"
              sx={{ gap: 3, alignItems: 'center', justifyContent: 'space-between', width: '100%' }}
            >
              {tell(s.name)}
              <SchoolPicture coats={s.coats} />
            </Stack>
          </MenuItem>
        ))}
      </TextField>
      <ToggleButtonGroup
        exclusive
        value={document.plan.gun ?? 'standard'}
        aria-label={t`Gun`}
        onChange={(_, gun: 'standard' | 'small' | null) => gun !== null && handle.change(setGun(document, gun))}
      >
        <ToggleButton value="standard">
          <Trans>Standard</Trans>
        </ToggleButton>
        <ToggleButton value="small">
          <Trans>Small gun</Trans>
        </ToggleButton>
      </ToggleButtonGroup>
      <ToggleButton
        value="bed"
        selected={plan.wetBed}
        onChange={() => handle.change(setWetBed(document, plan.sequence, !plan.wetBed))}
      >
        <Trans>Wet bed {plan.wetBed ? t`on` : t`off`}</Trans>
      </ToggleButton>
      <QuantityField
        label={t`Booth`}
        value={document.booth.temperatureC}
        unit="degC"
        width={90}
        error={handle.fault('booth.temperatureC')}
        onCommit={(temperatureC) => handle.change(setBooth(document, { temperatureC }))}
      />
      <QuantityField
        label={t`Humidity`}
        value={document.booth.humidityPercent}
        unit="%"
        width={90}
        error={handle.fault('booth.humidityPercent')}
        onCommit={(humidityPercent) => handle.change(setBooth(document, { humidityPercent }))}
      />
    </Stack>
  );
}
