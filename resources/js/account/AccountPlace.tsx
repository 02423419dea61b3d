import { type Household, useHousehold } from '../api/account';
import { Problem } from '../api/client';
import { household } from '../api/served';
import { Empty } from '../parts/Empty';
import page from '../parts/parts.module.css';
import { Waiting } from '../parts/Waiting';
import classes from './Account.module.css';
import { GiveUp } from './GiveUp';
import { Keys } from './Keys';
import { Name } from './Name';
import { Password } from './Password';
import { People } from './People';
import { SignedIn } from './SignedIn';
import { SignOut } from './SignOut';

/** The household that is signed in to: who is in it, where one is signed in, and what lets others and scripts in. */
export function AccountPlace() {
  const query = useHousehold();
  if (household === null) {
    return (
      <Empty order={1} title="No sign-in here">
        Undro runs on this computer only. Use “./undro serve” to share it with a household or a club, where each person
        signs in.
      </Empty>
    );
  }
  if (!query.data) {
    // whoever hands the device on can take everything off it also where nobody answers
    return (
      <>
        {query.error instanceof Problem && query.error.status === 0 ? (
          <Empty order={1} title="The server can’t be reached">
            The household’s people, sign-ins and keys are shown when the server answers again. If you sign out now,
            everything of the household is removed from this device. The server ends your session later.
          </Empty>
        ) : (
          <Waiting query={query} what="the household" />
        )}
        <div className={page.page}>
          <SignOut />
        </div>
      </>
    );
  }
  return <Whole of={query.data} />;
}

function Whole({ of }: { of: Household }) {
  return (
    <div className={page.page}>
      <title>Household · Undro</title>
      <div className={page.head}>
        <h1>{of.household}</h1>
        <span className={page.soft}>everybody in it shares reels, lines, plans and the log; nobody else sees them</span>
      </div>
      {of.nearly_full && (
        <p role="status" className={classes.room}>
          This household uses {Math.round(of.used_MB)} of {of.most_MB} MB. When it is full, nothing more can be saved.
          Ask whoever runs this server for more room.
        </p>
      )}
      <div className={classes.parts}>
        <People of={of} />
        <SignedIn of={of} />
        <Keys of={of} />
        <Password />
        {of.keeper && <Name of={of} />}
        {of.keeper && <GiveUp of={of} />}
      </div>
    </div>
  );
}
