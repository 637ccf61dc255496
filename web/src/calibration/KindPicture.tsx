import { useTheme } from '@mui/material';
import type { ModelTestKind } from '../api/types';

/** A small drawing of each test: what lies on the bench. */
export function KindPicture({ kind }: { kind: ModelTestKind }) {
  const { tokens } = useTheme();
  const ink = tokens.ink;
  const thin = { stroke: ink, strokeWidth: 1.2, fill: 'none' } as const;
  return (
    <svg viewBox="0 0 64 40" width="64" height="40" aria-hidden="true">
      {kind === 'hiding-card' && (
        <>
          <path d="M6 4h26v32H6z" fill="#fff" stroke={ink} />
          <path d="M32 4h26v32H32z" fill="#111" stroke={ink} />
          {[0, 1, 2].map((n) => (
            <path key={n} d={`M6 ${12 + 8 * n}h52v8H6z`} fill={tokens.plate} opacity={0.35 + 0.3 * n} />
          ))}
        </>
      )}
      {kind === 'fade-panel' && (
        <>
          {Array.from({ length: 13 }, (_, i) => (
            <path key={i} d={`M${4 + 4.3 * i} 8h4.4v24h-4.4z`} fill={ink} opacity={Math.max(0.06, 0.6 - 0.05 * i)} />
          ))}
          {[8, 20, 32, 44, 56].map((cx) => (
            <circle key={cx} cx={cx} cy="20" r="2.6" {...thin} />
          ))}
        </>
      )}
      {kind === 'fade-sheet' &&
        [0, 1, 2, 3, 4].map((n) => (
          <g key={n}>
            <path d={`M${4 + 12 * n} 8h9v12h-9z`} fill={ink} opacity={0.22} />
            <path d={`M${4 + 12 * n} 20h9v12h-9z`} fill={ink} opacity={0.22 + 0.1 * n} />
          </g>
        ))}
      {kind === 'cup-left' && (
        <>
          <path d="M20 5h24l-3 30H23z" {...thin} />
          <path d="M22.2 24h19.6l-1.1 11H23.4z" fill={ink} opacity="0.5" />
          <path d="M47 14h8M47 24h8" {...thin} />
        </>
      )}
      {kind === 'flash-time' && (
        <>
          <circle cx="32" cy="22" r="14" {...thin} />
          <path d="M32 22V12M32 22l6 5M29 4h6M32 4v4" {...thin} />
        </>
      )}
      {kind === 'toner-card' && (
        <>
          <path d="M8 6h20v28H8z" fill={ink} opacity="0.45" stroke={ink} />
          <path d="M38 14h6v20h-6zM47 22h6v12h-6zM56 8h4v26h-4z" fill={ink} opacity="0.7" />
        </>
      )}
    </svg>
  );
}
