import { PRESSED_HOURS, type PressedHours } from '../../core/classes/deskRules';

interface PressedHoursSelectProps {
  readonly value: PressedHours;
  /** The longest that is offered. */
  readonly most: PressedHours;
  readonly disabled: boolean;
  /** So many hours in words. */
  readonly inWords: (hours: PressedHours) => string;
  readonly onChoose: (hours: PressedHours) => void;
}

/** How long a press without a line counts. */
export function PressedHoursSelect({ value, most, disabled, inWords, onChoose }: PressedHoursSelectProps) {
  const offered = PRESSED_HOURS.filter((hours) => hours <= most);
  return (
    <select
      className="field !w-auto justify-self-start"
      value={Math.min(value, most)}
      disabled={disabled}
      onChange={({ target }) => onChoose(offered.find((hours) => String(hours) === target.value) ?? 0)}
    >
      {offered.map((hours) => (
        <option key={hours} value={hours}>
          {inWords(hours)}
        </option>
      ))}
    </select>
  );
}
