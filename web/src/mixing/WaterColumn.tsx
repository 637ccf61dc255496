import { t } from '@lingui/core/macro';
import { useTheme } from '@mui/material';

interface Props {
  /** How much of the portion is in, 1 at the line. */
  share: number;
  /** Too much of it. */
  over: boolean;
  label: string;
}

const W = 180;
const H = 420;
const LINE = 90;
const FLOOR = H - 8;

/** Water rising to the line: the current portion, empty at the foot, full at the line, too much above it. */
export function WaterColumn({ share, over, label }: Props) {
  const { tokens } = useTheme();
  const height = Math.min(share * (FLOOR - LINE), FLOOR - 10);
  const top = FLOOR - height;
  return (
    <svg viewBox={`0 0 ${W + 70} ${H}`} role="img" aria-label={label} style={{ width: '100%', height: '100%' }}>
      <rect
        x="8"
        y={top}
        width={W - 16}
        height={Math.max(0, height)}
        fill={over ? tokens.stop : tokens.ink}
        opacity={over ? 0.85 : 0.55}
      />
      <path d={`M8 8 V${FLOOR} H${W - 8} V8`} fill="none" stroke={tokens.ink} strokeWidth="4" strokeLinejoin="round" />
      <path d={`M0 ${LINE} H${W + 14}`} stroke={tokens.ink} strokeWidth="4" strokeDasharray="10 6" />
      <text x={W + 20} y={LINE + 7} fontSize="22" fontWeight="680" fill={tokens.ink}>
        {t`line`}
      </text>
    </svg>
  );
}
