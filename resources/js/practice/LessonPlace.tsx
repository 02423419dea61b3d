import { Anchor, Button, Title } from '@mantine/core';
import { useState } from 'react';
import { useCalculator } from '../api/calculators';
import type { Schemas } from '../api/client';
import page from '../parts/parts.module.css';
import { TypedField } from '../parts/TypedField';
import { useLinked } from '../parts/useLinked';
import { Waiting } from '../parts/Waiting';
import { useBench } from '../shell/bench';
import { Lost } from '../shell/Lost';
import { Link, Navigate, useParams } from '../shell/route';
import { sentence } from '../units/sentence';
import { withUnit } from '../units/units';
import { Noted } from './Noted';
import { movesWords, offWords } from './off';
import classes from './Practice.module.css';
import { Scene } from './Scene';

type Lesson = Schemas['LessonResult'];
type Choice = Lesson['can'][number];
type Moves = Schemas['LessonMoves'];

/** Those that are played here; the drag has a place of its own. */
const LESSONS = ['gap', 'filler', 'mark', 'memory', 'ease'] as const satisfies Schemas['LessonId'][];
const MOST_SEED = 100_000;
const drawn = () => `${1 + Math.floor(Math.random() * MOST_SEED)}`;
const START = { seed: '' };

/** One lesson: what is given, what there is to see, what can be done, and what came of it. */
export function LessonPlace() {
  const { lesson } = useParams();
  const id = LESSONS.find((each) => each === lesson);
  if (lesson === 'drag') return <Navigate to="/drag/practice" replace />;
  return id ? <OneLesson key={id} id={id} /> : <Lost />;
}

function OneLesson({ id }: { id: (typeof LESSONS)[number] }) {
  const { units } = useBench();
  const [at, set] = useLinked(START);
  const [own] = useState(drawn);
  const seed = Number(at.seed || own) || 1;
  const [moves, setMoves] = useState<Moves>([]);
  const [over, setOver] = useState(false);
  const asked = useCalculator('lesson', { lesson: id, seed, moves, over }, `${id} ${seed}`);
  const there = asked.data;
  if (!there) return <Waiting query={asked} what="the lesson" />;
  const anew = (next: string) => {
    set({ seed: next });
    setMoves([]);
    setOver(false);
  };
  // as fast as it is pressed; after a move that cannot be made, that one is taken back first
  const go = (move: Moves[number]) => {
    if (!asked.error) setMoves((before) => [...before, move]);
  };
  const last = there.seen.length - 1;
  return (
    <div className={classes.place}>
      <title>{`${there.title} · Undro`}</title>
      <div className={page.head}>
        <Title order={1}>{there.title}</Title>
        <span className={page.grow} />
        <Anchor component={Link} to="/practice" data-alone>
          All lessons
        </Anchor>
      </div>
      <div className={classes.lesson}>
        <div className={classes.given}>
          {there.given.map((each) => (
            <p key={each.sentence}>{sentence(each, units)}</p>
          ))}
        </div>
        <Scene scene={there.scene} />
        <div className={classes.doing}>
          {there.end ? (
            <End
              lesson={there}
              end={there.end}
              seed={seed}
              moves={moves}
              onAgain={() => anew(`${seed}`)}
              onAnother={() => anew(drawn())}
            />
          ) : (
            <>
              <Choices can={there.can} onDo={go} />
              {there.can_be_left && (
                <Button variant={there.can.length === 0 ? 'filled' : 'default'} onClick={() => setOver(true)}>
                  I’m done, show my result
                </Button>
              )}
            </>
          )}
          {asked.error && (
            <div role="alert" className={classes.wrong}>
              <p>{asked.error.message}</p>
              <Button size="compact-sm" variant="default" onClick={() => setMoves((before) => before.slice(0, -1))}>
                Undo this move
              </Button>
            </div>
          )}
          <ol className={classes.seen} aria-label="Result of each move" aria-live="polite">
            {there.seen
              .map((each, index) => (
                // biome-ignore lint/suspicious/noArrayIndexKey: moves have no name but their number
                <li key={index} data-last={index === last || undefined}>
                  <span>{sentence(each.says, units)}</span>
                  {each.slips.map((slip) => (
                    <strong key={slip.id}>{slip.says}</strong>
                  ))}
                </li>
              ))
              .reverse()}
          </ol>
        </div>
      </div>
    </div>
  );
}

/** What can be done now; what a beginner would do stands apart, and is as easy to press. */
function Choices({ can, onDo }: { can: Choice[]; onDo: (move: Moves[number]) => void }) {
  const plain = can.filter((each) => each.unit === '');
  return (
    <>
      <div className={classes.choices}>
        {plain.map((each) => (
          <Button
            key={each.do}
            variant={each.careless ? 'default' : 'light'}
            color={each.careless ? 'gray' : undefined}
            onClick={() => onDo({ do: each.do })}
          >
            {each.says}
          </Button>
        ))}
      </div>
      {can
        .filter((each) => each.unit !== '')
        .map((each) => (
          <Amount key={each.do} choice={each} onDo={onDo} />
        ))}
    </>
  );
}

/** A move that wants a figure. */
function Amount({ choice, onDo }: { choice: Choice; onDo: (move: Moves[number]) => void }) {
  const { units } = useBench();
  const [typed, setTyped] = useState(choice.start === null ? '' : `${choice.start}`);
  const small = choice.unit === 'mm';
  return (
    <form
      className={classes.amount}
      onSubmit={(event) => {
        event.preventDefault();
        if (typed.trim() !== '') onDo({ do: choice.do, amount: small ? withUnit(typed, units.small) : typed });
      }}
    >
      <TypedField
        label={small ? `${choice.says}, ${units.small} below the lip` : choice.says}
        unit={small ? units.small : undefined}
        value={typed}
        onChange={setTyped}
      />
      <Button type="submit" variant="light" color={choice.careless ? 'gray' : undefined}>
        {small ? 'Answer' : choice.do === 'wind' ? 'Wind' : 'Turn'}
      </Button>
    </form>
  );
}

interface EndProps {
  lesson: Lesson;
  end: NonNullable<Lesson['end']>;
  seed: number;
  moves: Moves;
  onAgain: () => void;
  onAnother: () => void;
}

/** How near it came, beside what Undro would have done with the same thing. */
function End({ lesson, end, seed, moves, onAgain, onAnother }: EndProps) {
  const { units } = useBench();
  const { by_rule: rule } = end;
  return (
    <section className={classes.end} aria-label="Your result" data-testid="lesson-end">
      <p className={classes.figure} data-good={end.good}>
        {offWords(end.off, end.unit, units)} <small>in {movesWords(end.moves)}</small>
      </p>
      <p>
        {end.good ? 'That’s close enough.' : 'That’s not close enough yet.'} Undro’s own result:{' '}
        {offWords(rule.off, rule.unit, units)} in {movesWords(rule.moves)}.
      </p>
      <p>{sentence(end.says, units)}</p>
      {end.slips.map((slip) => (
        <p key={slip.id} className={classes.slip}>
          {slip.says}
        </p>
      ))}
      <Noted lesson={lesson.lesson} seed={seed} moves={moves} />
      <div className={classes.choices}>
        <Button onClick={onAnother}>Try a new one</Button>
        <Button variant="default" onClick={onAgain}>
          Try the same again
        </Button>
      </div>
    </section>
  );
}
