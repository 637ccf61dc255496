import { t } from '@lingui/core/macro';
import { useTheme } from '@mui/material';
import type { KeyboardEvent } from 'react';
import type { BodyShape, LookFinding } from '../api/types';
import type { BenchHandle } from '../bench/useBench';
import { useUnits } from '../kit/preferences';
import { BodyMap } from '../map/BodyMap';
import { pair } from '../map/geometry';
import { PlanLayers } from '../map/PlanLayers';
import { turnedBack, type Turn } from '../map/turn';

export interface Spot {
  panel: string;
  xMm: number;
  yMm: number;
}

/** The car as it was sprayed, with everything that was seen where it was seen. */
export function LookMap({
  handle,
  body,
  findings,
  names,
  chosen,
  onFinding,
  spot,
  onSpot,
}: {
  handle: BenchHandle;
  body: BodyShape;
  findings: readonly LookFinding[];
  /** what each is called, by its key */
  names: ReadonlyMap<string, string>;
  chosen: string | null;
  onFinding: (key: string) => void;
  spot: Spot | null;
  onSpot: (spot: Spot) => void;
}) {
  const { tokens } = useTheme();
  const units = useUnits();
  const { plan, document } = handle;
  const panels = plan.panels.map((p) => p.id);
  const keys = (event: KeyboardEvent, turn: Turn) => {
    const step = event.shiftKey ? 1 : 10;
    const by: Record<string, readonly [number, number]> = {
      ArrowLeft: [-step, 0],
      ArrowRight: [step, 0],
      ArrowUp: [0, -step],
      ArrowDown: [0, step],
    };
    const move = by[event.key];
    if (move !== undefined && spot !== null) {
      event.preventDefault();
      event.stopPropagation();
      const [dx, dy] = turnedBack([move[0], move[1]], turn);
      onSpot({ ...spot, xMm: spot.xMm + dx, yMm: spot.yMm + dy });
    }
  };
  return (
    <BodyMap
      body={body}
      label={t`${body.name} as it was sprayed. Press where something is seen.`}
      inPlay={new Set(panels)}
      onPanel={(panel, at) => {
        // By keyboard a panel is marked in its middle, and the mark moved from there.
        const [x, y] = at ?? pair(panel.centre);
        onSpot({ panel: panel.id, xMm: Math.round(x), yMm: Math.round(y) });
      }}
      focus={panels}
      onKey={keys}
      paint={handle.bench.paint}
      upright={document.repairs[0]?.panel ?? null}
    >
      {({ mmPerPx: px, turn }) => (
        <>
          <PlanLayers
            plan={plan}
            document={document}
            body={body}
            px={px}
            units={units}
            turn={turn}
            paint={handle.bench.paint}
          />
          {findings.map((finding, i) =>
            finding.xMm === null || finding.yMm === null ? null : (
              <g
                key={finding.key}
                role="button"
                tabIndex={0}
                aria-label={t`${i + 1}: ${names.get(finding.defect) ?? ''}`}
                aria-pressed={finding.key === chosen}
                style={{ cursor: 'pointer' }}
                transform={`translate(${finding.xMm} ${finding.yMm}) rotate(${-turn}) scale(${px})`}
                onPointerUp={(event) => {
                  event.stopPropagation();
                  onFinding(finding.key);
                }}
                onKeyDown={(event) => {
                  if (event.key === 'Enter' || event.key === ' ') {
                    event.preventDefault();
                    event.stopPropagation();
                    onFinding(finding.key);
                  }
                }}
              >
                <circle r={22} fill="transparent" />
                <circle
                  r={finding.key === chosen ? 15 : 12}
                  fill={finding.key === chosen ? tokens.press : tokens.surface}
                  stroke={tokens.ink}
                  strokeWidth={2.2}
                />
                <text
                  textAnchor="middle"
                  dy="0.36em"
                  fontSize={13}
                  fontWeight={700}
                  fill={finding.key === chosen ? tokens.pressInk : tokens.ink}
                >
                  {i + 1}
                </text>
              </g>
            ),
          )}
          {spot !== null && (
            <g
              transform={`translate(${spot.xMm} ${spot.yMm}) rotate(${-turn}) scale(${px})`}
              pointerEvents="none"
              data-testid="look-spot"
            >
              <circle r={14} fill="none" stroke={tokens.surface} strokeWidth={6} />
              <circle r={14} fill="none" stroke={tokens.press} strokeWidth={3} />
              <path d="M-24 0H-8M24 0H8M0-24V-8M0 24V8" stroke={tokens.press} strokeWidth={3} />
            </g>
          )}
        </>
      )}
    </BodyMap>
  );
}
