import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import ErrorIcon from '@mui/icons-material/ErrorOutlineOutlined';
import { Box, Button, List, ListItemButton, ListItemText, MenuItem, Stack, TextField } from '@mui/material';
import type { Sheet } from '../api/types';
import { addProduct, mayGo, removeProduct, roleName, ROLES } from './figures';

interface Props {
  sheet: Sheet;
  chosen: number;
  may: boolean;
  faulty: (index: number) => boolean;
  onChoose: (index: number) => void;
  onSheet: (sheet: Sheet, choose: number) => void;
}

/** The products of a system, one of which is looked at. */
export function ProductList({ sheet, chosen, may, faulty, onChoose, onSheet }: Props) {
  const addable = ROLES.filter((r) => r.several || !sheet.products.some((p) => p.role === r.role));
  return (
    <Stack sx={{ gap: 1 }}>
      <TextField
        select
        label={t`Product`}
        value={chosen}
        onChange={(e) => onChoose(Number(e.target.value))}
        sx={{ display: { md: 'none' } }}
      >
        {sheet.products.map((p, i) => (
          <MenuItem key={i} value={i}>
            {p.name}
          </MenuItem>
        ))}
      </TextField>
      <Box component="nav" aria-label={t`Products`} sx={{ display: { xs: 'none', md: 'block' } }}>
        <List component="div" disablePadding>
          {sheet.products.map((p, i) => (
            <ListItemButton
              key={i}
              selected={i === chosen}
              aria-current={i === chosen ? 'true' : undefined}
              onClick={() => onChoose(i)}
              sx={{ borderRadius: 1, minHeight: 44 }}
            >
              <ListItemText primary={p.name} secondary={roleName(p.role)} />
              {faulty(i) && <ErrorIcon color="error" titleAccess={t`Needs another look`} />}
            </ListItemButton>
          ))}
        </List>
      </Box>
      {may && (
        <Stack direction="row" sx={{ gap: 1, flexWrap: 'wrap' }}>
          {addable.map((r) => (
            <Button
              key={r.role}
              variant="outlined"
              onClick={() => onSheet(addProduct(sheet, r.role), sheet.products.length)}
            >
              {r.role === 'clear' ? <Trans>Another clear</Trans> : <Trans>Add {r.name.toLowerCase()}</Trans>}
            </Button>
          ))}
          {mayGo(sheet, chosen) && (
            <Button onClick={() => onSheet(removeProduct(sheet, chosen), Math.max(0, chosen - 1))}>
              <Trans>Take {sheet.products[chosen]?.name} out</Trans>
            </Button>
          )}
        </Stack>
      )}
    </Stack>
  );
}
