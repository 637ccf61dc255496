/** Numbers as typed, a decimal comma for a point; null for anything else. */
export function typedNumber(text: string): number | null {
  const clean = text.trim().replace('\u2212', '-').replace(',', '.');
  return /^[-+]?(\d+\.?\d*|\.\d+)$/u.test(clean) ? Number(clean) : null;
}
