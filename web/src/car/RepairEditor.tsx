import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import DeleteIcon from '@mui/icons-material/DeleteOutlined';
import {
  Button,
  Chip,
  MenuItem,
  Stack,
  TextField,
  ToggleButton,
  ToggleButtonGroup,
  Typography,
  useTheme,
} from '@mui/material';
import { useShelf } from '../api/queries';
import type { BodyShape, RepairPart } from '../api/types';
import { updateRepair } from '../bench/document';
import type { BenchHandle } from '../bench/useBench';
import { useUnits } from '../kit/preferences';
import { QuantityField } from '../kit/QuantityField';
import { formatMm } from '../kit/units';
import { tell } from '../language/tell';
import { pair } from '../map/geometry';

interface Props {
  handle: BenchHandle;
  body: BodyShape;
  repair: RepairPart | null;
  onChoose: (repair: RepairPart) => void;
  onRemove: () => void;
}

/** The chosen repair in numbers, and what lies under it. */
export function RepairEditor({ handle, body, repair, onChoose, onRemove }: Props) {
  const shelf = useShelf();
  const units = useUnits();
  const { document } = handle;
  const name = (id: string) => body.panels.find((p) => p.id === id)?.name ?? id;
  const kinds: Record<RepairPart['shape']['kind'], string> = {
    spot: t`spot`,
    outline: t`outline`,
    'new-part': t`new part`,
  };
  const at = repair === null ? -1 : document.repairs.findIndex((r) => r.id === repair.id);
  const fault = (field: string) => handle.fault(`repairs.${at}.${field}`);
  const unders = shelf.data?.unders ?? [];
  // Typed places count from the panel's corner on the map, where a tape measure would start.
  const corner = pair(body.panels.find((p) => p.id === repair?.panel)?.box);
  return (
    <Stack
      sx={{
        p: 2,
        gap: 1.5,
        minHeight: { md: document.repairs.length > 0 ? 212 : 0 },
        borderTop: (t) => `1px solid ${t.tokens.line}`,
        backgroundColor: (t) => t.tokens.surface,
      }}
    >
      {document.repairs.length === 0 && (
        <Typography>
          <Trans>
            No repair yet. Tap the panel that was hit, then press <strong>Spot</strong>, <strong>Outline</strong> or{' '}
            <strong>
              <Trans>New part</Trans>
            </strong>
            .
          </Trans>
        </Typography>
      )}
      {document.repairs.length > 0 && (
        <Stack direction="row" sx={{ gap: 1, flexWrap: 'wrap' }} role="group" aria-label={t`Repairs`}>
          {document.repairs.map((r) => (
            <Chip
              key={r.id}
              clickable
              onClick={() => onChoose(r)}
              variant={r.id === repair?.id ? 'filled' : 'outlined'}
              aria-pressed={r.id === repair?.id}
              label={`${name(r.panel)}, ${r.shape.kind === 'spot' ? `${kinds.spot} ${formatMm(r.shape.radiusMm ?? 0, units)}` : kinds[r.shape.kind]}`}
              sx={{
                height: 'auto',
                '& .MuiChip-label': { whiteSpace: 'normal' },
                borderRadius: 1,
                fontSize: '0.95rem',
                ...(r.id === repair?.id && {
                  backgroundColor: (t) => t.tokens.press,
                  color: (t) => t.tokens.pressInk,
                  '&:hover': { backgroundColor: (t) => t.tokens.press },
                }),
              }}
            />
          ))}
        </Stack>
      )}
      {repair !== null && (
        <Stack direction="row" sx={{ gap: 1.5, flexWrap: 'wrap', alignItems: 'flex-start' }}>
          {repair.shape.kind === 'spot' && (
            <>
              <QuantityField
                label={t`Radius`}
                value={repair.shape.radiusMm ?? 0}
                unit="mm"
                width={128}
                error={fault('shape.radiusMm')}
                onCommit={(radiusMm) =>
                  handle.change(
                    updateRepair(
                      document,
                      repair.id,
                      { shape: { ...repair.shape, radiusMm } },
                      t`Radius on ${name(repair.panel)}`,
                    ),
                  )
                }
              />
              <QuantityField
                label={t`Across the panel`}
                value={(repair.shape.xMm ?? 0) - corner[0]}
                unit="mm"
                width={144}
                error={fault('shape.xMm')}
                onCommit={(mm) =>
                  handle.change(
                    updateRepair(
                      document,
                      repair.id,
                      { shape: { ...repair.shape, xMm: corner[0] + mm } },
                      t`Moved the repair on ${name(repair.panel)}`,
                    ),
                  )
                }
              />
              <QuantityField
                label={t`Down the panel`}
                value={(repair.shape.yMm ?? 0) - corner[1]}
                unit="mm"
                width={144}
                error={fault('shape.yMm')}
                onCommit={(mm) =>
                  handle.change(
                    updateRepair(
                      document,
                      repair.id,
                      { shape: { ...repair.shape, yMm: corner[1] + mm } },
                      t`Moved the repair on ${name(repair.panel)}`,
                    ),
                  )
                }
              />
            </>
          )}
          {repair.shape.kind === 'outline' && (
            <Typography sx={{ alignSelf: 'center' }} color={fault('shape.points') ? 'error' : 'text.primary'}>
              {fault('shape.points') ??
                t`Drawn by hand. Drag it to move it. Another outline is one more repair: take this one away to replace it.`}
            </Typography>
          )}
          <TextField
            select
            label={t`What lies under it`}
            value={unders.length === 0 ? '' : repair.under.kind}
            error={fault('under.kind') !== undefined}
            helperText={fault('under.kind')}
            sx={{ minWidth: 230 }}
            onChange={(event) =>
              handle.change(
                updateRepair(
                  document,
                  repair.id,
                  { under: { ...repair.under, kind: event.target.value as RepairPart['under']['kind'] } },
                  t`Under it: ${unders.find((u) => u.key === event.target.value)?.name ?? event.target.value}`,
                ),
              )
            }
          >
            {unders.map((u) => (
              <MenuItem key={u.key} value={u.key}>
                {tell(u.name)}
              </MenuItem>
            ))}
          </TextField>
          {repair.under.kind === 'old-untested' && (
            <RagTest
              onAnswer={(kind) =>
                handle.change(
                  updateRepair(
                    document,
                    repair.id,
                    { under: { ...repair.under, kind } },
                    kind === 'old-two-pack' ? t`Rag test: stays hard` : t`Rag test: softens`,
                  ),
                )
              }
            />
          )}
          {unders.find((u) => u.key === repair.under.kind)?.hasGreyShade === true && (
            <GreyShades
              value={repair.under.greyShade ?? null}
              onChange={(greyShade) =>
                handle.change(
                  updateRepair(
                    document,
                    repair.id,
                    { under: { ...repair.under, greyShade } },
                    t`Grey shade ${greyShade}`,
                  ),
                )
              }
            />
          )}
          <Button variant="outlined" color="error" startIcon={<DeleteIcon />} onClick={onRemove}>
            <Trans>Take away</Trans>
          </Button>
        </Stack>
      )}
    </Stack>
  );
}

/** A cured two-pack stays hard; solvent softens a lacquer at any age. */
function RagTest({ onAnswer }: { onAnswer: (kind: 'old-two-pack' | 'thermoplastic-lacquer') => void }) {
  return (
    <Stack role="group" aria-label={t`Rag test`} sx={{ gap: 0.5 }}>
      <Typography>
        <Trans>Hold a rag with solvent to it, on an edge that is covered later. Does it soften?</Trans>
      </Typography>
      <Stack direction="row" sx={{ gap: 1 }}>
        <Button variant="outlined" onClick={() => onAnswer('old-two-pack')}>
          <Trans>Stays hard</Trans>
        </Button>
        <Button variant="outlined" onClick={() => onAnswer('thermoplastic-lacquer')}>
          <Trans>It softens</Trans>
        </Button>
      </Stack>
    </Stack>
  );
}

const GREYS = [1, 2, 3, 4, 5, 6, 7];

/** Shade 1 is near white, 7 near black; the number is on each, since a screen is no grey card. */
function GreyShades({ value, onChange }: { value: number | null; onChange: (shade: number) => void }) {
  const { tokens } = useTheme();
  return (
    <ToggleButtonGroup
      exclusive
      value={value}
      aria-label={t`Grey shade of the primer`}
      onChange={(_, shade: number | null) => shade !== null && onChange(shade)}
    >
      {GREYS.map((shade) => {
        const level = 246 - (shade - 1) * 35;
        const ink = shade < 4 ? '#000' : '#fff';
        return (
          <ToggleButton
            key={shade}
            value={shade}
            aria-label={t`Grey shade ${shade}`}
            sx={{
              '&&, &&:hover, &&.Mui-selected, &&.Mui-selected:hover': {
                backgroundColor: `rgb(${level} ${level} ${level})`,
                color: ink,
                minWidth: 44,
                fontWeight: 700,
              },
              '&&.Mui-selected': { outline: `3px solid ${tokens.press}`, outlineOffset: -3 },
            }}
          >
            {shade}
          </ToggleButton>
        );
      })}
    </ToggleButtonGroup>
  );
}
