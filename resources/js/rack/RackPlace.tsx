import { Button } from '@mantine/core';
import { useSearchParams } from 'react-router';
import { useFillers } from '../api/queries';
import { Empty } from '../parts/Empty';
import page from '../parts/parts.module.css';
import { Waiting } from '../parts/Waiting';
import { AddFiller } from './AddFiller';
import { FillerEntry } from './FillerEntry';

/** Filler spools as tapes: how much was on each, and how much is left. */
export function RackPlace() {
  const fillers = useFillers();
  const [params, setParams] = useSearchParams();
  const adding = params.get('add') === 'filler';
  const add = (on: boolean) => setParams(on ? { add: 'filler' } : {}, { replace: true });
  return (
    <div className={page.page}>
      <title>Rack · Undro</title>
      <div className={page.head}>
        <h1>Rack</h1>
        <span className={page.soft}>filler spools and what is left on them</span>
        <span className={page.grow} />
        {!adding && <Button onClick={() => add(true)}>Add a filler</Button>}
      </div>
      {adding && <AddFiller onDone={() => add(false)} />}
      <Waiting query={fillers} what="the rack" />
      {fillers.data?.length === 0 && !adding && (
        <Empty title="The rack is empty">
          <p>Put in the line you have, new or part used: what its label says and how much is left.</p>
          <Button mt="sm" onClick={() => add(true)}>
            Add the first filler
          </Button>
        </Empty>
      )}
      {fillers.data && fillers.data.length > 0 && (
        <ul className={page.entries} aria-label="Fillers">
          {fillers.data.map((filler) => (
            <FillerEntry key={filler.id} filler={filler} />
          ))}
        </ul>
      )}
    </div>
  );
}
