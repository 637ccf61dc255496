import { describe, expect, it } from 'vitest';
import { BOOTH, DARK, LIGHT, type Tokens } from './tokens';

const channels = (hex: string): number[] => [1, 3, 5].map((i) => parseInt(hex.slice(i, i + 2), 16));

/** Relative luminance and contrast ratio: WCAG 2.2, definitions. */
function luminance(hex: string): number {
  const [r = 0, g = 0, b = 0] = channels(hex).map((c) =>
    c / 255 <= 0.04045 ? c / 255 / 12.92 : ((c / 255 + 0.055) / 1.055) ** 2.4,
  );
  return 0.2126 * r + 0.7152 * g + 0.0722 * b;
}

function contrast(a: string, b: string): number {
  const [light, dark] = [luminance(a), luminance(b)].sort((x, y) => y - x) as [number, number];
  return (light + 0.05) / (dark + 0.05);
}

const THEMES: [string, Tokens][] = [
  ['light', LIGHT],
  ['dark', DARK],
  ['booth', BOOTH],
];

describe.each(THEMES)('the %s theme', (_, t) => {
  it('can be read on every ground (WCAG 2.2 AA: 4.5 to 1)', () => {
    for (const ground of [t.ground, t.surface, t.raised]) {
      for (const ink of [t.ink, t.inkSoft, t.press, t.lookOut, t.stop]) {
        expect(contrast(ink, ground)).toBeGreaterThanOrEqual(4.5);
      }
    }
    expect(contrast(t.plateInk, t.plate)).toBeGreaterThanOrEqual(4.5);
    expect(contrast(t.pressInk, t.press)).toBeGreaterThanOrEqual(4.5);
    expect(contrast(t.ink, t.panel)).toBeGreaterThanOrEqual(4.5);
  });

  it('sets lines and shapes off from what they lie on (3 to 1)', () => {
    expect(contrast(t.panelLine, t.panelInPlay)).toBeGreaterThanOrEqual(2.5);
    expect(contrast(t.ink, t.panelInPlay)).toBeGreaterThanOrEqual(3);
    expect(contrast(t.primer, t.panelInPlay)).toBeGreaterThanOrEqual(3);
  });

  it('has no hue but in what is pressed and what warns', () => {
    const hued = new Set<keyof Tokens>(['press', 'lookOut', 'stop']);
    for (const [name, hex] of Object.entries(t) as [keyof Tokens, string][]) {
      const [r, g, b] = channels(hex);
      expect(r === g && g === b, name).toBe(!hued.has(name));
    }
  });
});
