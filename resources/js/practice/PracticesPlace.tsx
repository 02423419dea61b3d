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
          On made-up reels, whose truth is told when you are done. No line is used up, and no log is written.
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
        <b>A whole reel:</b> open a plan and press “Practise it first”. The made-up reel is wound step by step, slack
        test and all, and says at the end what really lies on it.{' '}
        <Anchor component={Link} to="/plan">
          To the plan
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
      Last time {offWords(entry.off, entry.unit, units)} in {movesWords(entry.moves)}.
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
    const what = uuid === null ? `Forget all ${kept.length} lessons of ${angler.name}?` : 'Forget this lesson?';
    if (window.confirm(`${what} This cannot be had back.`)) {
      forget.mutateAsync({ angler: angler.id, uuid }).catch((error) => failed(error));
    }
  };
  return (
    <section id="record" aria-label="What was practised">
      <h2>What {angler.name} has practised</h2>
      {kept.length === 0 ? (
        <p className={page.facts}>
          Nothing is noted yet. A lesson that is over is noted where you say so; it stays with you, goes along with your
          data, and can be forgotten.
        </p>
      ) : (
        <>
          <Sideways label="The record">
            <Table>
              <Table.Thead>
                <Table.Tr>
                  <Table.Th>When</Table.Th>
                  <Table.Th>What</Table.Th>
                  <Table.Th>How near</Table.Th>
                  <Table.Th>Moves</Table.Th>
                  <Table.Th>Undro, with the same</Table.Th>
                  <Table.Th>What went wrong</Table.Th>
                  <Table.Th>
                    <VisuallyHidden>Forget it</VisuallyHidden>
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
                        {each.good ? '' : ', not yet near enough'}
                      </Table.Td>
                      <Table.Td>{each.moves}</Table.Td>
                      <Table.Td>
                        {offWords(each.rule_off, each.unit, units)} in {movesWords(each.rule_moves)}
                      </Table.Td>
                      <Table.Td>
                        {each.slips.map((slip) => lessons.slips[slip] ?? slip).join(', ') || 'nothing'}
                      </Table.Td>
                      <Table.Td>
                        <Button
                          size="compact-xs"
                          variant="subtle"
                          aria-label={`Forget ${title}, ${moment(each.happened_at)}`}
                          onClick={() => drop(each.id)}
                        >
                          Forget
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
              Save as a file
            </Button>
            <Button size="compact-sm" variant="default" color="gray" onClick={() => drop(null)}>
              Forget all of it
            </Button>
          </p>
        </>
      )}
    </section>
  );
}
