import { Box, useTheme } from '@mui/material';
import { useQuery } from '@tanstack/react-query';
import { useId, type ReactNode } from 'react';
import { api, unwrap } from '../api/client';
import type { DefectLook } from '../api/types';

/** Places of a drawing that look strewn and are always the same. */
const STREWN = Array.from(
  { length: 26 },
  (_, i) => [8 + ((i * 37) % 86), 8 + ((i * 53) % 60), 1 + ((i * 7) % 3)] as const,
);

/** A cloud's place, and whether it is lighter or darker; as far apart as clouds are large, none beside its like. */
const CLOUDS = [
  [16, 14, 0],
  [34, 30, 1],
  [58, 12, 1],
  [76, 30, 0],
  [92, 12, 1],
  [12, 48, 1],
  [32, 64, 0],
  [54, 48, 0],
  [74, 64, 1],
  [92, 52, 0],
] as const;

/** How the model sprays it: shape and size from there, drawn stronger so that a thumbnail shows it. */
function Sprayed({ look }: { look: DefectLook }) {
  const id = useId();
  const size = (100 * look.sizeMm) / look.acrossMm;
  const [light = look.car, dark = look.car] = look.hex;
  return (
    <>
      <defs>
        {look.form === 'round' ? (
          <radialGradient id={id} gradientUnits="userSpaceOnUse" cx="50" cy="38" r="50">
            {look.hex.map((colour, i) => (
              <stop key={i} offset={i / (look.hex.length - 1)} stopColor={colour} />
            ))}
          </radialGradient>
        ) : look.form === 'rows' ? (
          <linearGradient
            id={id}
            gradientUnits="userSpaceOnUse"
            x1="0"
            y1="0"
            x2="0"
            y2={size / 2}
            spreadMethod="reflect"
          >
            <stop offset="0" stopColor={light} />
            <stop offset="1" stopColor={dark} />
          </linearGradient>
        ) : (
          <filter id={id} x="-50%" y="-50%" width="200%" height="200%">
            <feGaussianBlur stdDeviation={size / 3} />
          </filter>
        )}
        <clipPath id={`${id}-clip`}>
          <rect x="1" y="1" width="98" height="74" rx="4" />
        </clipPath>
      </defs>
      <g clipPath={`url(#${id}-clip)`}>
        <rect width="100" height="76" fill={look.form === 'clouds' ? look.car : `url(#${id})`} />
        {look.form === 'clouds' && (
          <g filter={`url(#${id})`}>
            {CLOUDS.map(([x, y, which]) => (
              <ellipse key={x} cx={x} cy={y} rx={size * 0.8} ry={size * 0.6} fill={which === 0 ? light : dark} />
            ))}
          </g>
        )}
      </g>
    </>
  );
}

/** What the model can show of defects, asked for once. */
const useLooks = () =>
  useQuery({
    queryKey: ['defects'],
    queryFn: ({ signal }) => unwrap(api.GET('/api/defects', { signal })),
    staleTime: Infinity,
  });

/** What a defect looks like: as the model sprays it where it can, else in a few strokes. Chosen by eye, with the words beside. */
export function DefectPicture({ of }: { of: string }) {
  const { tokens } = useTheme();
  const look = useLooks().data?.find((known) => known.key === of);
  const draw: Record<string, ReactNode> = {
    streaks: [10, 24, 38, 52, 66].map((y, i) => (
      <rect
        key={y}
        x="4"
        y={y}
        width="92"
        height={i % 2 === 0 ? 7 : 4}
        fill={tokens.ink}
        opacity={i % 2 === 0 ? 0.55 : 0.3}
      />
    )),
    halo: (
      <>
        <circle cx="50" cy="38" r="27" fill="none" stroke={tokens.ink} strokeWidth="7" opacity="0.75" />
        <circle cx="50" cy="38" r="9" fill={tokens.primer} />
      </>
    ),
    mottle: [
      [24, 24, 15],
      [62, 20, 19],
      [42, 52, 17],
      [78, 54, 13],
    ].map(([x, y, r]) => <ellipse key={x} cx={x} cy={y} rx={r} ry={(r ?? 0) * 0.7} fill={tokens.ink} opacity="0.35" />),
    'see-through': (
      <>
        <path d="M20 18h60v40H20Z" fill={tokens.primer} opacity="0.75" />
        <path d="M4 62 96 10" stroke={tokens.ink} strokeWidth="3" strokeDasharray="3 5" />
      </>
    ),
    frying: [18, 30, 42, 54].map((y) => (
      <path
        key={y}
        d={`M10 ${y}q5-9 10 0t10 0 10 0 10 0 10 0 10 0 10 0 10 0`}
        fill="none"
        stroke={tokens.ink}
        strokeWidth="3"
      />
    )),
    fisheye: [
      [28, 28, 9],
      [62, 22, 7],
      [48, 52, 10],
      [80, 50, 6],
    ].map(([x, y, r]) => (
      <g key={x}>
        <circle cx={x} cy={y} r={r} fill="none" stroke={tokens.ink} strokeWidth="3" />
        <circle cx={x} cy={y} r="1.8" fill={tokens.ink} />
      </g>
    )),
    lint: (
      <>
        <path d="M26 56c10-30 16 8 28-20s10 2 22-18" fill="none" stroke={tokens.ink} strokeWidth="2.5" />
        <circle cx="76" cy="56" r="3.5" fill={tokens.ink} />
      </>
    ),
    rough: STREWN.map(([x, y, r]) => <circle key={`${x} ${y}`} cx={x} cy={y} r={r} fill={tokens.ink} opacity="0.8" />),
    run: (
      <path
        d="M8 20h84M28 20v22a5 5 0 0 0 10 0V20M58 20v34a6 6 0 0 0 12 0V20"
        fill="none"
        stroke={tokens.ink}
        strokeWidth="4"
        strokeLinecap="round"
      />
    ),
    wet: (
      <>
        <path d="M14 60 60 10M30 66 84 12M54 68 92 28" stroke={tokens.ink} strokeWidth="6" opacity="0.7" />
        <path d="M50 22c9 14 13 18 13 25a13 13 0 0 1-26 0c0-7 4-11 13-25Z" fill={tokens.ink} />
      </>
    ),
    'edge-mapping': (
      <>
        <path
          d="M22 20c20-9 42-6 58 6s2 34-22 36-44-2-48-18 2-19 12-24Z"
          fill="none"
          stroke={tokens.ink}
          strokeWidth="2.5"
        />
        <path d="M26 24c18-8 38-5 50 5" fill="none" stroke={tokens.ink} strokeWidth="1.2" opacity="0.6" />
      </>
    ),
    'die-back': (
      <>
        <path d="M4 8h92v60H4Z" fill={tokens.ink} opacity="0.14" />
        <path d="M16 62 58 14M34 66 70 24" stroke={tokens.panel} strokeWidth="9" opacity="0.8" />
        {STREWN.map(([x, y]) => (
          <circle key={`${x} ${y}`} cx={x} cy={y} r="1" fill={tokens.ink} opacity="0.5" />
        ))}
      </>
    ),
    pop: STREWN.map(([x, y, r]) => (
      <circle key={`${x} ${y}`} cx={x} cy={y} r={1.2 + r * 0.7} fill="none" stroke={tokens.ink} strokeWidth="1.4" />
    )),
    'soft-clear': (
      <>
        <path d="M6 56h88" stroke={tokens.ink} strokeWidth="3" />
        <path d="M6 50c22 0 24-26 44-26s20 26 44 26" fill="none" stroke={tokens.ink} strokeWidth="3" />
        <path d="M50 34c5 7 7 9 7 13a7 7 0 0 1-14 0c0-4 2-6 7-13Z" fill={tokens.ink} />
      </>
    ),
    'colour-off': (
      <>
        <path d="M4 8h46v60H4Z" fill={tokens.primer} />
        <path d="M50 8h46v60H50Z" fill={tokens.bed} />
        <path d="M50 4v68" stroke={tokens.ink} strokeWidth="2" />
      </>
    ),
  };
  return (
    <Box component="svg" viewBox="0 0 100 76" aria-hidden="true" sx={{ width: 100, flexShrink: 0, display: 'block' }}>
      <rect x="1" y="1" width="98" height="74" rx="4" fill={tokens.panel} stroke={tokens.line} />
      {look === undefined ? (draw[of] ?? null) : <Sprayed look={look} />}
    </Box>
  );
}
