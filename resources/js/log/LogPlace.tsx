import { Button, NativeSelect, TextInput } from '@mantine/core';
import { useReels } from '../api/records';
import { useUpkeep } from '../api/upkeep';
import { BenchTools } from '../parts/BenchTools';
import beside from '../parts/Beside.module.css';
import { Empty } from '../parts/Empty';
import { withoutMain } from '../parts/onSpool';
import { Segmented } from '../parts/Segmented';
import { useLinked } from '../parts/useLinked';
import { Waiting } from '../parts/Waiting';
import { useBench } from '../shell/bench';
import { Link } from '../shell/route';
import { useArriveAt } from '../shell/useArrival';
import { minutes } from '../units/units';
import { Calendar } from './Calendar';
import { DueList, minutesOf } from './DueList';
import { Entries } from './Entries';
import { Learnt } from './Learnt';
import classes from './Log.module.css';
import { SpoolLog } from './SpoolLog';
import { DID } from './words';

const START = { spool: '', at: 'needs', say: '', all: 'find', q: '', kind: '', from: '', to: '' };

/** The log: what every spool needs, one spool through time, and everything that was ever written. */
export function LogPlace() {
  const { angler } = useBench();
  const [at, set] = useLinked(START);
  // another spool opens at its top, as a place does
  useArriveAt(at.spool);
  const reels = useReels();
  const upkeep = useUpkeep(angler?.id);
  if (!reels.data || !upkeep.data) return <Waiting query={reels.data ? upkeep : reels} what="the log" />;
  const reel = reels.data.find((each) => each.spools.some((spool) => String(spool.id) === at.spool));
  const spool = reel?.spools.find((each) => String(each.id) === at.spool);
  const calls = upkeep.data.filter((care) => care.calls);
  const bare = withoutMain(reels.data);
  return (
    <div className={beside.place}>
      <title>Log · Undro</title>
      <aside className={beside.side}>
        <Button variant={spool ? 'default' : 'filled'} fullWidth onClick={() => set({ spool: '' })}>
          All entries
        </Button>
        {upkeep.data.length > 0 && (
          <p className={classes.weekend} data-testid="weekend">
            {calls.length === 0
              ? 'Nothing needs doing this weekend.'
              : `This weekend: ${calls.length} ${calls.length === 1 ? 'spool' : 'spools'}, about ${minutes(calls.reduce((sum, care) => sum + minutesOf(care), 0))} of winding.`}{' '}
            {calls.length > 0 && (
              <Link to={`/day?spools=${calls.map((care) => care.spool).join(',')}`}>Plan a bench day</Link>
            )}
          </p>
        )}
        <DueList cares={upkeep.data} chosen={spool?.id} />
        {bare.length > 0 && (
          <ul className={classes.due}>
            {bare.map((each) => (
              <li key={`${each.reel.id}-${each.spool.id}`}>
                <Link
                  to={`/log?spool=${each.spool.id}`}
                  aria-current={spool?.id === each.spool.id ? 'true' : undefined}
                >
                  <span className={classes.name}>{each.reel.name}</span>
                  <span className={classes.state}>{each.spool.contents.length > 0 ? 'backing only' : 'empty'}</span>
                  <span className={classes.soft}>{each.spool.name}</span>
                </Link>
              </li>
            ))}
          </ul>
        )}
        <BenchTools />
      </aside>
      <div className={spool || at.all !== 'find' ? `${beside.main} ${classes.first}` : beside.main}>
        {reel && spool ? (
          <SpoolLog reel={reel} spool={spool} at={at.at} onAt={(next) => set({ at: next })} say={at.say} />
        ) : (
          <>
            <div className={classes.tabs}>
              <h1>Log</h1>
              <Segmented
                value={at.all}
                onChange={(all) => set({ all })}
                aria-label="Views of the log"
                data={[
                  { value: 'find', label: 'Entries' },
                  { value: 'learnt', label: 'Learned' },
                  { value: 'calendar', label: 'Calendar' },
                ]}
              />
            </div>
            {reels.data.length === 0 && (
              <Empty title="No entries yet">
                <p>Add a reel, enter the line that is on it or wind it, and its history starts here.</p>
                <Button mt="sm" component={Link} to="/locker?add=reel">
                  Add the first reel
                </Button>
              </Empty>
            )}
            {at.all === 'find' && reels.data.length > 0 && (
              <>
                <div className={classes.find}>
                  <TextInput
                    label="Search"
                    placeholder="a reel, a line, a note"
                    value={at.q}
                    onChange={(event) => set({ q: event.currentTarget.value })}
                  />
                  <NativeSelect
                    label="Kind"
                    value={at.kind}
                    onChange={(event) => set({ kind: event.currentTarget.value })}
                    data={[
                      { value: '', label: 'all' },
                      ...Object.entries(DID)
                        .filter(([kind]) => kind !== 'voided' && kind !== 'retired')
                        .map(([value, label]) => ({ value, label: label.toLowerCase() })),
                    ]}
                  />
                  <TextInput
                    label="From"
                    type="date"
                    value={at.from}
                    onChange={(event) => set({ from: event.currentTarget.value })}
                  />
                  <TextInput
                    label="To"
                    type="date"
                    value={at.to}
                    onChange={(event) => set({ to: event.currentTarget.value })}
                  />
                </div>
                <Entries
                  wish={{
                    ...(at.q.trim() ? { q: at.q.trim() } : {}),
                    ...(at.kind ? { kind: at.kind } : {}),
                    ...(at.from ? { from: at.from } : {}),
                    ...(at.to ? { to: at.to } : {}),
                  }}
                />
              </>
            )}
            {at.all === 'learnt' && <Learnt />}
            {at.all === 'calendar' && <Calendar />}
          </>
        )}
      </div>
    </div>
  );
}
