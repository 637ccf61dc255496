import { Box, Typography } from '@mui/material';
import { useMemo, useState } from 'react';
import type { BodyShape } from '../api/types';
import { Meaning } from '../bench/Meaning';
import type { BenchHandle } from '../bench/useBench';
import { Empty } from '../kit/States';
import { useUnits } from '../kit/preferences';
import { WhyFigure } from '../kit/Why';
import { BodyMap } from '../map/BodyMap';
import { PlanLayers } from '../map/PlanLayers';
import { BlendToolbar } from './BlendToolbar';
import { CoatStrip } from './CoatStrip';
import { Handles } from './Handles';
import { CoatTable, PanelTable, ZoneTable } from './PlanTables';
import { Sides } from './Sides';

export function BlendStation({ handle, body }: { handle: BenchHandle; body: BodyShape }) {
  const { document, plan } = handle;
  const units = useUnits();
  const [chosen, setChosen] = useState<string | null>(null);
  const inPlay = useMemo(() => new Set(plan.panels.map((p) => p.id)), [plan.panels]);
  // The view belongs to the saved plan: it must not jump while a contour is being dragged.
  const focus = useMemo(() => handle.bench.plan.panels.map((p) => p.id).sort(), [handle.bench.plan.panels]);
  return (
    <Box sx={{ display: 'flex', flexGrow: 1, flexDirection: { xs: 'column', lg: 'row' }, minHeight: 0 }}>
      <Box sx={{ flexGrow: 1, minWidth: 0, overflowY: { lg: 'auto' } }} tabIndex={-1}>
        <BlendToolbar handle={handle} />
        {document.repairs.length === 0 ? (
          <Empty title="No repair yet">Place a repair in station 1, Car. The blend is computed at once.</Empty>
        ) : (
          <>
            <Box sx={{ position: 'relative', height: { xs: 360, md: 'max(360px, calc(100dvh - 322px))' } }}>
              <BodyMap body={body} label="Blend map: reach of each coat as contour lines" inPlay={inPlay} focus={focus}>
                {({ mmPerPx: px, toMm }) => (
                  <>
                    <PlanLayers plan={plan} document={document} body={body} px={px} units={units} chosen={chosen} />
                    <Handles handle={handle} body={body} px={px} toMm={toMm} chosen={chosen} onChoose={setChosen} />
                  </>
                )}
              </BodyMap>
              <Box sx={{ position: 'absolute', top: 10, left: 16, pointerEvents: 'none', '& button': { pointerEvents: 'auto' } }}>
                <Typography variant="body2" component="span">Blend room needed </Typography>
                <WhyFigure figure={plan.roomNeeded} label="Blend room needed" strong />
              </Box>
            </Box>
            <CoatStrip handle={handle} chosen={chosen} onChoose={setChosen} />
            <Box sx={{ p: { xs: 2, md: 3 }, display: 'flex', flexDirection: 'column', gap: 4 }}>
              <Sides handle={handle} body={body} />
              <PanelTable plan={plan} />
              <ZoneTable plan={plan} body={body} />
              <CoatTable plan={plan} />
            </Box>
          </>
        )}
      </Box>
      <Meaning plan={plan} where={(at) => at.startsWith('zone:') || at.startsWith('coat:')} />
    </Box>
  );
}
