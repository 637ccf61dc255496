import AddIcon from '@mui/icons-material/Add';
import RemoveIcon from '@mui/icons-material/Remove';
import RestartAltIcon from '@mui/icons-material/RestartAlt';
import { Box, IconButton, Stack, Tooltip, Typography } from '@mui/material';
import type { PlannedCoat } from '../api/types';
import { moveReach, resetReach } from '../bench/document';
import type { BenchHandle } from '../bench/useBench';
import { WhyFigure } from '../kit/Why';

interface Props {
  handle: BenchHandle;
  chosen: string | null;
  onChoose: (coat: string | null) => void;
}

/** The coats in spraying order, each with its reach: big figures, and plus and minus for gloves. */
export function CoatStrip({ handle, chosen, onChoose }: Props) {
  const { document, plan } = handle;
  const step = (coat: PlannedCoat, mm: number) => handle.change(moveReach(document, coat.id, coat.name, (coat.reach?.value ?? 0) + mm));
  return (
    <Stack component="ol" direction="row" aria-label="Coats in spraying order" sx={{ m: 0, p: 0, listStyle: 'none', overflowX: 'auto', borderBlock: (t) => `1px solid ${t.tokens.line}`, backgroundColor: (t) => t.tokens.surface }} tabIndex={-1}>
      {plan.coats.map((coat) => (
        <Box
          component="li"
          key={coat.id}
          onPointerEnter={() => coat.movable && onChoose(coat.id)}
          onPointerLeave={() => onChoose(null)}
          sx={{ flex: '1 0 auto', minWidth: 97, px: 1, py: 1, borderRight: (t) => `1px solid ${t.tokens.line}`, backgroundColor: (t) => (coat.id === chosen ? t.tokens.raised : 'transparent') }}
        >
          <Typography variant="body2" component="div" sx={{ fontWeight: 640, whiteSpace: 'nowrap' }}>{coat.name}</Typography>
          {coat.reach === null ? (
            <Typography variant="body2" color="text.secondary" sx={{ mt: 0.5 }}>{coat.wholePanels.length === 0 ? 'not needed' : 'whole panel'}</Typography>
          ) : (
            <>
              <Box sx={{ fontSize: '1.3rem', lineHeight: 1.3 }}><WhyFigure figure={coat.reach} label={`Reach of ${coat.name}`} strong /></Box>
              {coat.movable && (
                <Stack direction="row" sx={{ ml: -1 }}>
                  <IconButton aria-label={`${coat.name} nearer`} onClick={() => step(coat, -10)}><RemoveIcon /></IconButton>
                  <IconButton aria-label={`${coat.name} further`} onClick={() => step(coat, 10)}><AddIcon /></IconButton>
                  {coat.moved && (
                    <Tooltip title="As the school says"><IconButton aria-label={`${coat.name} as the school says`} onClick={() => handle.change(resetReach(document, coat.id, coat.name))}><RestartAltIcon /></IconButton></Tooltip>
                  )}
                </Stack>
              )}
            </>
          )}
        </Box>
      ))}
    </Stack>
  );
}
