/** "x1,y1,x2,y2" in the address, in mm; null for anything else. */
export function lineFrom(text: string | null): readonly [readonly [number, number], readonly [number, number]] | null {
  const n = (text ?? '').split(',').map(Number);
  const [a, b, c, d] = n;
  return n.length === 4 &&
    a !== undefined &&
    b !== undefined &&
    c !== undefined &&
    d !== undefined &&
    n.every(Number.isFinite)
    ? [
        [a, b],
        [c, d],
      ]
    : null;
}
