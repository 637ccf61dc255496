import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Box, Button, MenuItem, Stack, TextField, ToggleButton, ToggleButtonGroup, Typography } from '@mui/material';
import type { ReactNode } from 'react';
import type { BodyPanel, BodyShape } from '../api/types';
import { useUnits } from '../kit/preferences';
import { formatMm } from '../kit/units';
import { Measure } from '../kit/Words';
import { tell } from '../language/tell';
import { spans } from './PanelSizeDialog';

export type Tool = 'choose' | 'spot' | 'outline';

interface Props {
  tool: Tool;
  setTool: (tool: Tool) => void;
  body: BodyShape;
  panel: BodyPanel | null;
  onPanel: (panel: BodyPanel) => void;
  onSpot: () => void;
  onNewPart: () => void;
  onMeasure: () => void;
  /** was the chosen panel measured on this car? */
  measured: boolean;
  /** What is asked about the whole car. */
  children?: ReactNode;
}

const HINTS: Record<Tool, string> = {
  choose: t`Tap a panel or a repair. Drag a repair to move it.`,
  spot: t`Tap the middle of the damage, or press and pull to its edge.`,
  outline: t`Draw around the primed area in one loop.`,
};

export function CarToolbar({
  tool,
  setTool,
  body,
  panel,
  onPanel,
  onSpot,
  onNewPart,
  onMeasure,
  measured,
  children,
}: Props) {
  const units = useUnits();
  const { along, across } = panel === null ? { along: 0, across: 0 } : spans(panel);
  return (
    <Stack
      direction="row"
      sx={{
        gap: 1.25,
        px: 2,
        py: 1,
        alignItems: 'center',
        flexWrap: 'wrap',
        borderBottom: (t) => `1px solid ${t.tokens.line}`,
      }}
    >
      <TextField
        select
        label={t`Panel`}
        value={panel?.id ?? ''}
        onChange={(event) => {
          const to = body.panels.find((p) => p.id === event.target.value);
          if (to !== undefined) {
            onPanel(to);
          }
        }}
        sx={{ minWidth: 190 }}
      >
        {body.panels.map((p) => (
          <MenuItem key={p.id} value={p.id}>
            {p.name}
          </MenuItem>
        ))}
      </TextField>
      <ToggleButtonGroup
        exclusive
        value={tool}
        aria-label={t`What a press on the car does`}
        onChange={(_, value: Tool | null) => value !== null && setTool(value)}
      >
        <ToggleButton value="choose">
          <Trans>Choose</Trans>
        </ToggleButton>
        <ToggleButton value="spot">
          <Trans>Spot</Trans>
        </ToggleButton>
        <ToggleButton value="outline">
          <Trans>Outline</Trans>
        </ToggleButton>
      </ToggleButtonGroup>
      <Button variant="outlined" disabled={panel === null} onClick={onSpot}>
        <Trans>Spot in its middle</Trans>
      </Button>
      <Button variant="outlined" disabled={panel === null} onClick={onNewPart}>
        <Trans>New part</Trans>
      </Button>
      <Button variant="outlined" disabled={panel === null} onClick={onMeasure}>
        <Trans>Measure it</Trans>
      </Button>
      <Box sx={{ flex: '1 1 260px', minWidth: 160 }}>
        <Typography variant="body2">{HINTS[tool]}</Typography>
        {panel !== null && (
          <Typography variant="caption" color="text.secondary">
            <Trans>
              {panel.name}: {formatMm(along, units)} by {formatMm(across, units)}, <Measure of={panel.area} />,{' '}
              {tell(panel.material)}, lies {tell(panel.orientation)}.
            </Trans>{' '}
            {measured && <Trans>Measured on this car.</Trans>}
          </Typography>
        )}
      </Box>
      {children}
    </Stack>
  );
}
