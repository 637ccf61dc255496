import { MaybeQuantity } from './MaybeQuantity';

interface Props {
  label: string;
  /** in the base unit */
  value: number;
  unit: string;
  error?: string | undefined;
  onCommit: (value: number) => void;
  width?: number;
  disabled?: boolean;
}

/** A measure that is always there: what is empty or unreadable is said, and nothing is committed. */
export function QuantityField({ onCommit, ...field }: Props) {
  return (
    <MaybeQuantity
      {...field}
      required
      onCommit={(value) => {
        if (value !== null) {
          onCommit(value);
        }
      }}
    />
  );
}
