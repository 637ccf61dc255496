import { t } from '@lingui/core/macro';
import type { Role } from '../api/types';

/** Roles as the shop says them. */
export const ROLES: readonly { key: Role; name: string }[] = [
  { key: 'lead', name: t`Lead` },
  { key: 'painter', name: t`Painter` },
  { key: 'apprentice', name: t`Apprentice` },
];
