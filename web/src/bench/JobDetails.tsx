import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import {
  Button,
  Checkbox,
  Dialog,
  DialogActions,
  DialogContent,
  DialogTitle,
  FormControlLabel,
  MenuItem,
  Stack,
  TextField,
} from '@mui/material';
import { useState } from 'react';
import { useShelf } from '../api/queries';
import type { JobDocument } from '../api/types';
import { MaybeNumber } from '../kit/MaybeNumber';
import { useUnits } from '../kit/preferences';
import { numberFor, parseQuantity, unitSymbol } from '../kit/units';
import { tell } from '../language/tell';
import { setDetails } from './document';
import type { BenchHandle } from './useBench';

/** Plate, colour and paint system of a job that is already open. The server checks; a fault comes back at the top. */
export function JobDetails({ handle, onClose }: { handle: BenchHandle; onClose: () => void }) {
  const shelf = useShelf();
  const units = useUnits();
  const { car, colour, paintSystem } = handle.document;
  const [plate, setPlate] = useState(car.plate ?? '');
  const [due, setDue] = useState(car.due ?? '');
  const [painter, setPainter] = useState(car.painter ?? '');
  const [label, setLabel] = useState(car.label);
  const [order, setOrder] = useState(car.order ?? '');
  const [owner, setOwner] = useState(car.owner ?? '');
  const [price, setPrice] = useState(car.paintPrice ?? null);
  const [wish, setWish] = useState(colour);
  const [practice, setPractice] = useState(handle.document.practice ?? false);
  const [hiding, setHiding] = useState(colour.hidingUm == null ? '' : numberFor(colour.hidingUm, 'um', units));
  const [system, setSystem] = useState(paintSystem);
  const known = shelf.data?.colours.find((c) => c.name === wish.name && c.code === (wish.code ?? ''));
  const finishes = shelf.data?.finishes ?? [];
  const { currency } = handle.plan;
  const [least = 5, most = 80] = shelf.data?.limits.hidingUm ?? [];
  const hidingUm = hiding.trim() === '' ? null : parseQuantity(hiding, 'um', units);
  const hidingFits = hiding.trim() === '' || (hidingUm !== null && hidingUm >= least && hidingUm <= most);
  const save = () => {
    const head = {
      label: label.trim(),
      order: order.trim(),
      owner: owner.trim(),
      due: due === '' ? null : due,
      painter: painter.trim(),
      paintPrice: price,
    };
    handle.change(setDetails(handle.document, plate.trim(), { ...wish, hidingUm }, system, practice, head));
    onClose();
  };
  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="sm" aria-labelledby="details-title">
      <DialogTitle id="details-title">
        <Trans>Car, colour and paint</Trans>
      </DialogTitle>
      <DialogContent>
        <Stack sx={{ gap: 2, pt: 1 }}>
          <Stack direction={{ xs: 'column', sm: 'row' }} sx={{ gap: 2 }}>
            <TextField
              fullWidth
              label={t`Make and model`}
              value={label}
              onChange={(event) => setLabel(event.target.value)}
              slotProps={{ htmlInput: { maxLength: 80 } }}
            />
            <TextField
              fullWidth
              label={t`Plate`}
              value={plate}
              onChange={(event) => setPlate(event.target.value)}
              slotProps={{ htmlInput: { maxLength: 20 } }}
            />
          </Stack>
          <Stack direction={{ xs: 'column', sm: 'row' }} sx={{ gap: 2 }}>
            <TextField
              fullWidth
              label={t`Order number`}
              value={order}
              onChange={(event) => setOrder(event.target.value)}
              slotProps={{ htmlInput: { maxLength: 40 } }}
            />
            <TextField
              fullWidth
              label={t`Owner’s initials`}
              value={owner}
              onChange={(event) => setOwner(event.target.value)}
              slotProps={{ htmlInput: { maxLength: 6 } }}
            />
            <MaybeNumber
              label={t`Paint charged at`}
              {...(currency === null ? {} : { unit: currency })}
              value={price}
              onCommit={setPrice}
              width="100%"
            />
          </Stack>
          <Stack direction={{ xs: 'column', sm: 'row' }} sx={{ gap: 2 }}>
            <TextField
              fullWidth
              label={t`Due`}
              type="datetime-local"
              value={due}
              onChange={(event) => setDue(event.target.value.slice(0, 16))}
              slotProps={{ inputLabel: { shrink: true } }}
            />
            <TextField
              fullWidth
              label={t`Painter`}
              value={painter}
              onChange={(event) => setPainter(event.target.value)}
              slotProps={{ htmlInput: { maxLength: 80 } }}
            />
          </Stack>
          <TextField
            select
            label={t`Colour from the shelf`}
            value={known === undefined ? '' : `${known.name} ${known.code}`}
            onChange={(event) => {
              const to = shelf.data?.colours.find((c) => `${c.name} ${c.code}` === event.target.value);
              if (to !== undefined) {
                setWish({
                  name: to.name,
                  code: to.code,
                  finish: to.finish as JobDocument['colour']['finish'],
                  undercoatShade: to.undercoatShade,
                });
                setHiding(to.hidingUm === null ? '' : numberFor(to.hidingUm, 'um', units));
              }
            }}
          >
            {(shelf.data?.colours ?? []).map((c) => (
              <MenuItem key={c.name + c.code} value={`${c.name} ${c.code}`}>
                {c.name}, {c.code}
              </MenuItem>
            ))}
          </TextField>
          <Stack direction={{ xs: 'column', sm: 'row' }} sx={{ gap: 2 }}>
            <TextField
              fullWidth
              label={t`Name of the colour`}
              value={wish.name}
              onChange={(event) => setWish({ ...wish, name: event.target.value })}
              slotProps={{ htmlInput: { maxLength: 80 } }}
            />
            <TextField
              fullWidth
              select
              label={t`Finish`}
              value={finishes.length === 0 ? '' : wish.finish}
              onChange={(event) => setWish({ ...wish, finish: event.target.value as JobDocument['colour']['finish'] })}
            >
              {finishes.map((f) => (
                <MenuItem key={f.key} value={f.key}>
                  {tell(f.name)}
                </MenuItem>
              ))}
            </TextField>
          </Stack>
          <TextField
            label={t`Dry film that hides, ${unitSymbol('um', units)}`}
            value={hiding}
            onChange={(event) => setHiding(event.target.value)}
            error={!hidingFits}
            helperText={
              hidingFits
                ? t`From the data sheet or a card over black and white; empty: usual for the finish.`
                : t`From ${numberFor(least, 'um', units)} to ${numberFor(most, 'um', units)}, or empty.`
            }
            slotProps={{ htmlInput: { inputMode: 'decimal', maxLength: 8 } }}
          />
          <TextField
            select
            label={t`Paint system`}
            value={shelf.data === undefined ? '' : system}
            onChange={(event) => setSystem(event.target.value)}
          >
            {(shelf.data?.paintSystems ?? []).map((s) => (
              <MenuItem key={s.key} value={s.key}>
                {s.name}
              </MenuItem>
            ))}
          </TextField>
          <FormControlLabel
            label={t`A practice job: nothing is painted by it, so simulated readings may pass`}
            control={<Checkbox checked={practice} onChange={(event) => setPractice(event.target.checked)} />}
          />
        </Stack>
      </DialogContent>
      <DialogActions>
        <Button onClick={onClose}>
          <Trans>Cancel</Trans>
        </Button>
        <Button
          variant="contained"
          onClick={save}
          disabled={wish.name.trim() === '' || label.trim() === '' || !hidingFits}
        >
          <Trans>Save</Trans>
        </Button>
      </DialogActions>
    </Dialog>
  );
}
