import { t } from '@lingui/core/macro';
import type { Sheet, SheetProduct } from '../api/types';

type Tree = Record<string, unknown> | unknown[];

const isTree = (value: unknown): value is Tree => typeof value === 'object' && value !== null;

/** What stands at a path of a sheet: "products.2.gun.bar". */
export function at(sheet: Sheet, path: string): unknown {
  return path
    .split('.')
    .reduce<unknown>((tree, part) => (isTree(tree) ? (tree as Record<string, unknown>)[part] : undefined), sheet);
}

/** The sheet with something else at a path; null takes it away, and what is left empty by that. */
export function put(sheet: Sheet, path: string, value: unknown): Sheet {
  return placed(sheet, path.split('.'), value) as Sheet;
}

function placed(tree: unknown, [part, ...rest]: string[], value: unknown): unknown {
  if (part === undefined) {
    return value;
  }
  const list = Array.isArray(tree) || (tree === undefined && /^\d+$/u.test(part));
  const copy: Record<string, unknown> = isTree(tree) ? { ...(tree as Record<string, unknown>) } : {};
  const next = rest.length === 0 ? value : placed(copy[part], rest, value);
  const empty = next === null || next === '' || (isTree(next) && Object.keys(next).length === 0);
  if (empty && !(list && next !== null)) {
    const left = Object.entries(copy).filter(([key]) => key !== part);
    return list ? left.map(([, each]) => each) : Object.fromEntries(left);
  }
  copy[part] = next;
  return list ? Object.values(copy) : copy;
}

/** Products that a system can have, in the order they are sprayed. */
export const ROLES: readonly { role: string; name: string; optional: boolean; several: boolean }[] = [
  { role: 'sealer', name: t`Sealer`, optional: false, several: false },
  { role: 'wet-bed', name: t`Wet bed`, optional: false, several: false },
  { role: 'base-effect', name: t`Base coat, effect`, optional: false, several: false },
  { role: 'base-solid', name: t`Base coat, solid`, optional: false, several: false },
  { role: 'clear', name: t`Clear coat`, optional: false, several: true },
  { role: 'fade-solvent', name: t`Fade-out solvent`, optional: true, several: false },
  { role: 'clear-tint', name: t`Tint for clear`, optional: true, several: false },
];

export const roleName = (role: string): string => ROLES.find((r) => r.role === role)?.name ?? role;

export const KINDS: readonly { kind: string; name: string }[] = [
  { kind: 'binder', name: t`paint` },
  { kind: 'hardener', name: t`hardener` },
  { kind: 'reducer', name: t`reducer` },
  { kind: 'blending-clear', name: t`blending clear` },
  { kind: 'tint', name: t`tint` },
  { kind: 'fade-solvent', name: t`fade-out solvent` },
  { kind: 'additive', name: t`additive` },
];

/** A product that is added begins as a copy of its neighbour's: nothing of a sheet is guessed but what can be seen. */
export function addProduct(sheet: Sheet, role: string): Sheet {
  const like = sheet.products.find((p) => p.role === role) ?? sheet.products.find((p) => p.role === 'clear');
  if (like === undefined) {
    return sheet;
  }
  const others = Object.fromEntries(Object.entries(like).filter(([key]) => key !== 'sheet')) as SheetProduct;
  return { ...sheet, products: [...sheet.products, { ...others, role, name: t`New ${roleName(role).toLowerCase()}` }] };
}

export const removeProduct = (sheet: Sheet, index: number): Sheet => ({
  ...sheet,
  products: sheet.products.filter((_, i) => i !== index),
});

/** May this product be taken out? A system needs one of each that is not optional. */
export function mayGo(sheet: Sheet, index: number): boolean {
  const product = sheet.products[index];
  const known = ROLES.find((r) => r.role === product?.role);
  return known?.optional === true || sheet.products.filter((p) => p.role === product?.role).length > 1;
}

/** "northlight-w" for "Northlight W". */
export const keyFor = (name: string): string =>
  name
    .toLowerCase()
    .replace(/[^a-z0-9]+/gu, '-')
    .replace(/^-+|-+$/gu, '')
    .slice(0, 50);
