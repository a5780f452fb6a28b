'use client';

interface NumberInputProps {
  readonly label: string;
  readonly value: number;
  readonly most: number;
  /** Whether decimals make sense. */
  readonly decimals?: boolean;
  readonly onChange: (value: number) => void;
}

/** A number from 0 with what it is in the same line; nothing typed is 0. */
export function NumberInput({ label, value, most, decimals = false, onChange }: NumberInputProps) {
  return (
    <label className="flex items-center gap-2">
      {label}
      <input
        className="field !w-18"
        type="number"
        min={0}
        max={most}
        step={decimals ? 'any' : 1}
        value={value}
        onChange={({ target }) => onChange(target.valueAsNumber || 0)}
      />
    </label>
  );
}
