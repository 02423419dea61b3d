import { type ReactNode, useId } from 'react';
import classes from './Segmented.module.css';

interface SegmentedProps<V extends string> {
  'aria-label': string;
  value: V;
  data: { value: V; label: ReactNode; disabled?: boolean }[];
  onChange: (value: V) => void;
  size?: 'xs' | 'sm';
  /** as wide as its room */
  fullWidth?: boolean;
  disabled?: boolean;
  className?: string | undefined;
}

/** A few choices side by side, of which one holds: radio buttons in a row, drawn without measuring anything. */
export function Segmented<V extends string>({
  value,
  data,
  onChange,
  size = 'sm',
  fullWidth,
  disabled,
  className,
  ...rest
}: SegmentedProps<V>) {
  const name = useId();
  return (
    <div
      role="radiogroup"
      {...rest}
      className={`${classes.row} ${className ?? ''}`}
      data-size={size}
      data-full={fullWidth}
    >
      {data.map((each) => (
        <label key={each.value} className={classes.choice}>
          <input
            type="radio"
            name={name}
            value={each.value}
            checked={each.value === value}
            disabled={disabled === true || each.disabled === true}
            onChange={() => onChange(each.value)}
          />
          <span>{each.label}</span>
        </label>
      ))}
    </div>
  );
}
