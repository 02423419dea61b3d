import { Checkbox, TextInput, UnstyledButton } from '@mantine/core';
import { useState } from 'react';
import type { KnotId } from '../api/types';
import classes from './Knots.module.css';
import type { KnotChoice } from './useKnotChoice';

interface RankedProps {
  choice: KnotChoice;
  picked: KnotId | null;
  onPick: (knot: KnotId) => void;
}

/** Every knot of a place, the best first, each with its reasons; those that do not fit stay in sight. */
export function Ranked({ choice: { knots, well, tested, turnWell, keepTest }, picked, onPick }: RankedProps) {
  return (
    <ol className={classes.ranked}>
      {knots.map((knot, index) => (
        <li key={knot.id} data-fits={knot.fits} data-picked={knot.id === picked || undefined}>
          <UnstyledButton className={classes.pick} onClick={() => onPick(knot.id)} aria-pressed={knot.id === picked}>
            <b>{knot.word}</b>
            <span>
              {[
                index === 0 && knot.fits && 'first choice',
                !knot.fits && 'doesn’t suit',
                knot.keeps &&
                  (knot.tested
                    ? `kept ${share(knot.keeps.low)} in your tests`
                    : `keeps ${share(knot.keeps.low)} to ${share(knot.keeps.high)} of the strength; Undro counts ${share(knot.keeps.low)}`),
                knot.turns,
              ]
                .filter(Boolean)
                .join(' · ')}
            </span>
          </UnstyledButton>
          <p className={classes.why}>
            {[...knot.for, ...knot.against.map((why) => `but ${why}`)].join(' · ') || knot.says}
          </p>
          {knot.id === picked && (
            <div className={classes.own}>
              <Checkbox label="I tie it well" checked={well.includes(knot.id)} onChange={() => turnWell(knot.id)} />
              {knot.keeps && (
                <PullTest
                  key={tested[knot.id] ?? ''}
                  label={`My own pull test: ${knot.word}`}
                  kept={tested[knot.id] ?? ''}
                  onKeep={(share) => keepTest(knot.id, share)}
                />
              )}
            </div>
          )}
        </li>
      ))}
    </ol>
  );
}

const share = (value: number) => `${Math.round(value * 100)}\u00a0%`;

/** Kept when the field is left. */
function PullTest({ label, kept, onKeep }: { label: string; kept: string; onKeep: (share: string) => void }) {
  const [typed, setTyped] = useState(kept);
  return (
    <TextInput
      size="xs"
      aria-label={label}
      placeholder="own pull test, such as 88 %"
      value={typed}
      maxLength={12}
      onChange={(event) => setTyped(event.currentTarget.value)}
      onBlur={() => typed !== kept && onKeep(typed)}
      onKeyDown={(event) => event.key === 'Enter' && typed !== kept && onKeep(typed)}
    />
  );
}
