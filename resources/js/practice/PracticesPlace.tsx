import '@mantine/core/styles/Table.css';
import { Anchor, Button, Table, Title, VisuallyHidden } from '@mantine/core';
import { useCalculator } from '../api/calculators';
import type { Schemas } from '../api/client';
import { useForgetPractised, usePractised } from '../api/practice';
import { moment } from '../parts/day';
import page from '../parts/parts.module.css';
import { Sideways } from '../parts/Sideways';
import { failed } from '../parts/undo';
import { Waiting } from '../parts/Waiting';
import { useBench } from '../shell/bench';
import { Link } from '../shell/route';
import { Motif } from './Motif';
import { movesWords, offWords } from './off';
import classes from './Practice.module.css';

type Lessons = Schemas['LessonsResult'];

/** The lessons in the order of the work, a whole reel to practise on, and what was practised so far. */
export function PracticesPlace() {
  const { angler } = useBench();
  const lessons = useCalculator('lessons', {});
  const practised = usePractised(angler?.id);
  if (!lessons.data) return <Waiting query={lessons} what="the lessons" />;
  const kept = practised.data ?? [];
  return (
    <div className={page.page}>
      <title>Practice · Undro</title>
      <div className={page.head}>
        <Title order={1}>Practice</Title>
        <span className={page.soft}>
          Practise on simulated reels and see how close you came. You use no line, and nothing goes into the log.
        </span>
      </div>
      <ol className={classes.lessons}>
        {lessons.data.lessons.map((lesson) => {
          const latest = kept.find((each) => each.lesson === lesson.id);
          return (
            <li key={lesson.id}>
              <Motif of={lesson.id} />
              <Anchor component={Link} to={`/practice/${lesson.id}`}>
                {lesson.title}
              </Anchor>
              <p className={page.facts}>
                {lesson.about} About {lesson.minutes} minutes.
              </p>
              {latest && <Latest entry={latest} />}
            </li>
          );
        })}
      </ol>
      <p className={classes.whole}>
        <b>A whole reel:</b> open a plan and press “Practise first”. You wind a practice reel step by step, slack test
        included. At the end Undro shows what is really on it.{' '}
        <Anchor component={Link} to="/plan">
          Go to Plan
        </Anchor>
      </p>
      {angler && <Record angler={angler} kept={kept} lessons={lessons.data} />}
    </div>
  );
}

function Latest({ entry }: { entry: Schemas['Practised'] }) {
  const { units } = useBench();
  return (
    <p className={page.facts}>
      Last time: {offWords(entry.off, entry.unit, units)} in {movesWords(entry.moves)}.
    </p>
  );
}

interface RecordProps {
  angler: Schemas['Angler'];
  kept: Schemas['Practised'][];
  lessons: Lessons;
}

/** What was practised: how near, in how many moves, and what Undro would have done with the same thing. */
function Record({ angler, kept, lessons }: RecordProps) {
  const { units } = useBench();
  const forget = useForgetPractised();
  const drop = (uuid: string | null) => {
    const what = uuid === null ? `Delete all ${kept.length} results of ${angler.name}?` : 'Delete this result?';
    if (window.confirm(`${what} You can’t undo this.`)) {
      forget.mutateAsync({ angler: angler.id, uuid }).catch((error) => failed(error));
    }
  };
  return (
    <section id="record" aria-label="Practice results">
      <h2>Practice results of {angler.name}</h2>
      {kept.length === 0 ? (
        <p className={page.facts}>
          No results yet. Save a result at the end of a lesson to see it here. It is exported with your data, and you
          can delete it.
        </p>
      ) : (
        <>
          <Sideways label="Results">
            <Table>
              <Table.Thead>
                <Table.Tr>
                  <Table.Th>When</Table.Th>
                  <Table.Th>Lesson</Table.Th>
                  <Table.Th>Result</Table.Th>
                  <Table.Th>Moves</Table.Th>
                  <Table.Th>Undro’s result</Table.Th>
                  <Table.Th>Mistakes</Table.Th>
                  <Table.Th>
                    <VisuallyHidden>Delete</VisuallyHidden>
                  </Table.Th>
                </Table.Tr>
              </Table.Thead>
              <Table.Tbody>
                {kept.map((each) => {
                  const title = lessons.lessons.find((lesson) => lesson.id === each.lesson)?.title ?? each.lesson;
                  return (
                    <Table.Tr key={each.id}>
                      <Table.Td>{moment(each.happened_at)}</Table.Td>
                      <Table.Td>{title}</Table.Td>
                      <Table.Td>
                        {offWords(each.off, each.unit, units)}
                        {each.good ? '' : ', not close enough yet'}
                      </Table.Td>
                      <Table.Td>{each.moves}</Table.Td>
                      <Table.Td>
                        {offWords(each.rule_off, each.unit, units)} in {movesWords(each.rule_moves)}
                      </Table.Td>
                      <Table.Td>{each.slips.map((slip) => lessons.slips[slip] ?? slip).join(', ') || 'none'}</Table.Td>
                      <Table.Td>
                        <Button
                          size="compact-xs"
                          variant="subtle"
                          aria-label={`Delete ${title}, ${moment(each.happened_at)}`}
                          onClick={() => drop(each.id)}
                        >
                          Delete
                        </Button>
                      </Table.Td>
                    </Table.Tr>
                  );
                })}
              </Table.Tbody>
            </Table>
          </Sideways>
          <p className={classes.noted}>
            <Button
              size="compact-sm"
              variant="default"
              component="a"
              href={`/api/anglers/${angler.id}/practice`}
              download={`practice of ${angler.name}.json`}
            >
              Export results
            </Button>
            <Button size="compact-sm" variant="default" color="gray" onClick={() => drop(null)}>
              Delete all results
            </Button>
          </p>
        </>
      )}
    </section>
  );
}
