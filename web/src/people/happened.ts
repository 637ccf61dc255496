import { t } from '@lingui/core/macro';

/** What was done, by its key; a key of another version stands for itself. */
export function happened(kind: string): string {
  const words: Record<string, string> = {
    'person-added': t`added`,
    'person-role': t`changed the role of`,
    'person-put-away': t`put away`,
    'person-back': t`brought back`,
    'person-password': t`gave a new first password to`,
    'person-signed-out': t`signed out`,
    'colour-added': t`put on the shelf:`,
    'colour-changed': t`changed on the shelf:`,
    'colours-read': t`read colours of the shelf from`,
    'colour-put-away': t`put away from the shelf:`,
    'colour-back': t`brought back to the shelf:`,
    'body-added': t`drew by tape`,
    'body-changed': t`corrected by tape`,
    'person-forgotten': t`deleted what was personal of`,
    'archive-made': t`took out the whole workshop`,
    'archive-taken': t`brought in the workshop`,
    'equipment-changed': t`said what the shop works with:`,
    'paint-added': t`put on the shelf:`,
    'toner-added': t`put on the bench:`,
    'toner-changed': t`changed on the bench:`,
    'toner-put-away': t`put away from the bench:`,
    'toner-back': t`brought back to the bench:`,
    'paint-changed': t`typed a newer data sheet of`,
    'paint-put-away': t`put away from the shelf:`,
    'paint-back': t`brought back to the shelf:`,
  };
  return words[kind] ?? kind;
}
