import { Radio, Switch, VisuallyHidden } from '@mantine/core';
import { useState } from 'react';
import { useSchools } from '../api/calculators';
import type { Schemas } from '../api/client';
import { useChangeAngler } from '../api/records';
import page from '../parts/parts.module.css';
import { TypedField } from '../parts/TypedField';
import { done, failed } from '../parts/undo';
import { Waiting } from '../parts/Waiting';
import { useBench } from '../shell/bench';
import classes from './Habits.module.css';
import { Lasts } from './Lasts';

type Question = Schemas['SchoolsResult']['questions'][number];

/** What anglers do not agree on: every school fairly put, Undro's pick and why, and the choice that drives the plans. */
export function HabitsPlace() {
  const schools = useSchools();
  const { angler } = useBench();
  const change = useChangeAngler();
  if (!angler) return <Waiting query={schools} what="the preferences" />;
  const { habits } = angler;
  // a choice shows at once, while it is being kept
  const coming = change.isPending ? change.variables.body.habits : undefined;
  const keep = async (what: string, next: Schemas['AnglerChange'], before: Schemas['AnglerChange']) => {
    try {
      await change.mutateAsync({ id: angler.id, body: next });
      done(what, () => change.mutateAsync({ id: angler.id, body: before }));
    } catch (error) {
      failed(error);
    }
  };
  const choose = (question: Question, school: string) =>
    keep(
      `Saved for ${angler.name}: ${question.schools.find((each) => each.id === school)?.words}.`,
      { habits: { schools: { [question.id]: school } } },
      { habits: { schools: { [question.id]: habits.schools[question.id] ?? question.pick } } },
    );
  const turn = (key: 'long_cast' | 'beginner') =>
    keep('Saved.', { habits: { [key]: !habits[key] } }, { habits: { [key]: habits[key] } });
  return (
    <div className={page.page}>
      <title>Preferences · Undro</title>
      <div className={page.head}>
        <h1>Preferences</h1>
        <span className={page.soft}>
          of {angler.name}. Experienced anglers disagree on these points. Every plan starts from your answers and says
          where it can’t follow them.
        </span>
      </div>
      <div className={classes.plain}>
        <Switch
          label="Casts for distance"
          checked={coming?.long_cast ?? habits.long_cast}
          onChange={() => turn('long_cast')}
        />
        <Switch label="Beginner" checked={coming?.beginner ?? habits.beginner} onChange={() => turn('beginner')} />
        <Pace key={angler.id} />
      </div>
      <Lasts key={`lasts-${angler.id}`} />
      <Waiting query={schools} what="the questions" />
      <ol className={classes.questions}>
        {schools.data?.questions.map((question) => (
          <QuestionEntry
            key={question.id}
            question={question}
            chosen={coming?.schools?.[question.id] ?? habits.schools[question.id] ?? question.pick}
            onChoose={(school) => choose(question, school)}
          />
        ))}
      </ol>
    </div>
  );
}

interface QuestionEntryProps {
  question: Question;
  chosen: string;
  onChoose: (school: string) => void;
}

function QuestionEntry({ question, chosen, onChoose }: QuestionEntryProps) {
  const pick = question.schools.find((each) => each.id === question.pick);
  return (
    <li className={classes.question}>
      <div>
        <h2>{question.words}</h2>
        <p className={page.facts}>
          <strong>Undro: {pick?.words}.</strong> {question.why}
        </p>
        <p className={page.facts}>Used for: {question.drives}.</p>
      </div>
      <Radio.Group label={<VisuallyHidden>{question.words}</VisuallyHidden>} value={chosen} onChange={onChoose}>
        <div className={classes.schools}>
          {question.schools.map((school) => (
            <Radio
              key={school.id}
              value={school.id}
              label={
                <>
                  <span data-printed>{school.words}</span>
                  {school.id === question.pick && <span className={page.pick}>Undro’s default</span>}
                </>
              }
              description={school.says}
            />
          ))}
        </div>
      </Radio.Group>
    </li>
  );
}

/** How fast the handle is turned; times of work rest on it. */
function Pace() {
  const { angler } = useBench();
  const change = useChangeAngler();
  const [typed, setTyped] = useState(String(angler?.pace_turns_per_min ?? ''));
  const value = Number(typed.replace(',', '.'));
  const wrong = !(value >= 5 && value <= 300);
  return (
    <TypedField
      className={classes.pace}
      label="Handle turns per minute"
      value={typed}
      onChange={setTyped}
      error={wrong ? 'Between 5 and 300, such as 60.' : undefined}
      onKeyDown={(event) => event.key === 'Enter' && event.currentTarget.blur()}
      onBlur={() => {
        if (!angler || wrong || value === angler.pace_turns_per_min) return;
        const before = angler.pace_turns_per_min;
        change
          .mutateAsync({ id: angler.id, body: { pace_turns_per_min: value } })
          .then(
            () =>
              done(`${angler.name} : ${value} handle turns per minute.`, () =>
                change.mutateAsync({ id: angler.id, body: { pace_turns_per_min: before } }),
              ),
            failed,
          );
      }}
    />
  );
}
