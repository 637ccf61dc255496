import type { Tokens } from '../theme/tokens';

/** What the panels in play are drawn with: the car's own colour as read, and an ink that can be read on it. */
export interface Paint {
  fill: string;
  ink: string;
  /** Behind figures, and laid thinly over each coat: away from the ink, so that figures gain by it. */
  halo: string;
}

const BLACK = '#000000';
const WHITE = '#ffffff';

function channels(hex: string): readonly [number, number, number] {
  const n = Number.parseInt(hex.slice(1), 16);
  return [(n >> 16) & 255, (n >> 8) & 255, n & 255];
}

/** Relative luminance (WCAG 2.2). */
export function luminance(hex: string): number {
  const [r, g, b] = channels(hex).map((v) => {
    const c = v / 255;
    return c <= 0.04045 ? c / 12.92 : ((c + 0.055) / 1.055) ** 2.4;
  }) as [number, number, number];
  return 0.2126 * r + 0.7152 * g + 0.0722 * b;
}

export function contrast(a: string, b: string): number {
  const [x, y] = [luminance(a), luminance(b)];
  return (Math.max(x, y) + 0.05) / (Math.min(x, y) + 0.05);
}

/** The ink that stands out most; without a reading the panels stay plain. */
export function paintOf(hex: string | null, tokens: Tokens): Paint {
  if (hex === null) {
    return { fill: tokens.panelInPlay, ink: tokens.ink, halo: tokens.panelInPlay };
  }
  const ink = contrast(hex, BLACK) >= contrast(hex, WHITE) ? BLACK : WHITE;
  return { fill: hex, ink, halo: ink === BLACK ? WHITE : BLACK };
}
